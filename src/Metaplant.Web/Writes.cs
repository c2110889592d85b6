using Metaplant.Data;

namespace Metaplant.Web;

internal static class Writes
{
    /// <summary>What of the garden a write changed, by the names of <see cref="GardenParts"/>: the page reads that again and nothing else.</summary>
    public const string ChangedHeader = "X-Metaplant-Changed";

    /// <summary>Gives the endpoint its turn to write: its transaction begins before it reads anything, and is forgotten unless it saves. What was sent is read whole before, so that nobody waits for a slow sender.</summary>
    public static RouteHandlerBuilder InTurn(this RouteHandlerBuilder endpoint) => endpoint.AddEndpointFilter(async (context, next) =>
    {
        var http = context.HttpContext;
        var garden = http.RequestServices.GetRequiredService<GardenContext>();
        await using var turn = await http.RequestServices.GetRequiredService<WriteGate>().EnterAsync(garden, http.RequestAborted);
        var answer = await next(context);
        http.Response.TellChanged(garden);
        return answer;
    });

    public static void TellChanged(this HttpResponse response, GardenContext garden)
    {
        if (garden.Changed != GardenParts.None) response.Headers[ChangedHeader] = garden.Changed.ToString();
    }
}
