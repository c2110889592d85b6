using Metaplant.Data;

namespace Metaplant.Web;

internal static class Writes
{
    /// <summary>Gives the endpoint its turn to write: its transaction begins before it reads anything, and is forgotten unless it saves. What was sent is read whole before, so that nobody waits for a slow sender.</summary>
    public static RouteHandlerBuilder InTurn(this RouteHandlerBuilder endpoint) => endpoint.AddEndpointFilter(async (context, next) =>
    {
        var http = context.HttpContext;
        await using var turn = await http.RequestServices.GetRequiredService<WriteGate>().EnterAsync(http.RequestServices.GetRequiredService<GardenContext>(), http.RequestAborted);
        return await next(context);
    });
}
