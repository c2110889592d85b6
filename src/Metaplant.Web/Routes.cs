using Metaplant.Web.Catalogue;
using Metaplant.Web.Door;
using Metaplant.Web.Fetching;
using Metaplant.Web.Files;
using Metaplant.Web.Garden;
using Metaplant.Web.Heap;
using Metaplant.Web.Matching;
using Metaplant.Web.Photos;
using Metaplant.Web.Plan;
using Metaplant.Web.Planning;
using Metaplant.Web.Planting;
using Metaplant.Web.Projects;
using Metaplant.Web.Sums;

namespace Metaplant.Web;

internal static class Routes
{
    public static void MapMetaplant(this WebApplication app)
    {
        var api = app.MapGroup("/api");
        var gardener = api.MapGroup("").RequireAuthorization(Doors.Gardener);
        gardener.MapCatalogue();
        gardener.MapGarden();
        gardener.MapHeap();
        gardener.MapMending();
        gardener.MapHeard();
        gardener.MapCsv();
        gardener.MapTags();
        gardener.MapPhotos();
        gardener.MapMatching();
        gardener.MapCutting();
        gardener.MapPanels();
        gardener.MapSheets();
        gardener.MapWholeHeap();
        gardener.MapFetching();
        gardener.MapPlan();
        gardener.MapProjects();
        gardener.MapPictures();
        gardener.MapMaking();
        gardener.MapFilling();
        gardener.MapSums();
        api.MapSteps();
        api.MapDoor();
        api.MapBackups();
        api.MapDocuments();
        // An empty answer, to measure others against.
        api.MapGet("/nothing", () => Results.NoContent()).AllowAnonymous().AlsoWhileHurt().ExcludeFromDescription();
        api.MapFallback(() => Results.Problem("There is nothing at this address.", statusCode: StatusCodes.Status404NotFound, title: "Not found.")).AllowAnonymous().AlsoWhileHurt().ExcludeFromDescription();
        app.MapFallbackToFile("index.html").AllowAnonymous().AlsoWhileHurt();
    }
}
