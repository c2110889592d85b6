using Metaplant.Web.Catalogue;
using Metaplant.Web.Garden;
using Metaplant.Web.Heap;
using Metaplant.Web.Matching;
using Metaplant.Web.Photos;
using Metaplant.Web.Projects;
using Metaplant.Web.Sums;

namespace Metaplant.Web;

internal static class Routes
{
    public static void MapMetaplant(this WebApplication app)
    {
        var api = app.MapGroup("/api");
        api.MapCatalogue();
        api.MapGarden();
        api.MapHeap();
        api.MapCsv();
        api.MapTags();
        api.MapPhotos();
        api.MapMatching();
        api.MapProjects();
        api.MapSums();
        // An empty answer, to measure others against.
        api.MapGet("/nothing", () => Results.NoContent()).ExcludeFromDescription();
        api.MapFallback(() => Results.Problem("There is nothing at this address.", statusCode: StatusCodes.Status404NotFound, title: "Not found.")).ExcludeFromDescription();
        app.MapFallbackToFile("index.html");
    }
}
