namespace Metaplant.Web.Security;

/// <summary>Refuses writes that another site's page sends through the gardener's browser.</summary>
internal static class SameOrigin
{
    public static IApplicationBuilder UseSameOriginWrites(this IApplicationBuilder app) => app.Use(async (http, next) =>
    {
        var safe = HttpMethods.IsGet(http.Request.Method) || HttpMethods.IsHead(http.Request.Method) || HttpMethods.IsOptions(http.Request.Method);
        // Browsers always say where a request comes from; other programs do not and are not the danger.
        var site = http.Request.Headers["Sec-Fetch-Site"].ToString();
        if (!safe && site is not "" and not "same-origin" and not "none")
        {
            await TypedResults.Problem("Writes are taken from Metaplant's own pages only.", statusCode: StatusCodes.Status403Forbidden, title: "Not from here.").ExecuteAsync(http);
            return;
        }

        await next(http);
    });
}
