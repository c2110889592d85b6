using Metaplant.Core.Drawing;
using Metaplant.Data;
using Metaplant.Web.Files;

namespace Metaplant.Web.Telling;

/// <summary>
/// Who is read to. As a culture does, the teller of a request goes along with it, so that whatever is written in answer is in the units, decimals and money of the garden. Outside a request it is the metric one.
/// </summary>
internal static class Reader
{
    private static readonly AsyncLocal<(Teller Teller, Paper Paper)?> OfThisRequest = new();

    public static Teller Now => OfThisRequest.Value?.Teller ?? Teller.Metric;

    /// <summary>What the reader prints on.</summary>
    public static Paper Paper => OfThisRequest.Value?.Paper ?? Paper.A4;

    /// <summary>Every question to the garden is answered in its own units from here on; of one that is hurt nothing is read.</summary>
    public static void UseReader(this IApplicationBuilder app) => app.Use(async (http, next) =>
    {
        if (http.Request.Path.StartsWithSegments("/api") && http.User.Identity?.IsAuthenticated == true && http.RequestServices.GetRequiredService<GardenState>().Hurt is null)
        {
            var settings = await http.RequestServices.GetRequiredService<AtHand>().SettingsAsync(http.RequestServices.GetRequiredService<GardenContext>(), http.RequestAborted);
            OfThisRequest.Value = (settings.Teller, settings.Paper);
        }

        await next(http);
    });
}
