using Metaplant.Web.Catalogue;
using Metaplant.Web.Garden;
using Metaplant.Web.Heap;
using Metaplant.Web.Matching;
using Metaplant.Web.Projects;

namespace Metaplant.Web;

internal static class Routes
{
    public static void MapMetaplant(this WebApplication app)
    {
        var api = app.MapGroup("/api");
        api.MapCatalogue();
        api.MapGarden();
        api.MapHeap();
        api.MapMatching();
        api.MapProjects();
        // An empty answer, to measure others against.
        api.MapGet("/nothing", () => Results.NoContent()).ExcludeFromDescription();
        api.MapFallback(() => Results.Problem("There is nothing at this address.", statusCode: StatusCodes.Status404NotFound, title: "Not found.")).ExcludeFromDescription();
        app.MapFallbackToFile("index.html");
    }
}
