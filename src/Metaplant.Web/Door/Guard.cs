using System.Net.Mime;
using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Net.Http.Headers;

namespace Metaplant.Web.Door;

/// <summary>Lets nothing in that another site's page sends through the gardener's browser.</summary>
internal static class Guard
{
    /// <summary>The header that our own pages send with every request; a form on another site cannot send one, and its script may not.</summary>
    public const string Ours = "X-Metaplant";

    public static IApplicationBuilder UseGuard(this IApplicationBuilder app) => app.Use(async (http, next) =>
    {
        if (WhyNot(http) is { } refused)
        {
            await refused.ExecuteAsync(http);
            return;
        }

        // Nothing of a garden is kept by what lies between it and its gardener.
        if (IsGarden(http.Request)) http.Response.Headers.CacheControl = "no-store";
        await next(http);
    });

    private static ProblemHttpResult? WhyNot(HttpContext http)
    {
        var request = http.Request;
        if (!http.RequestServices.GetRequiredService<Address>().IsOurs(request.Host)) return No(StatusCodes.Status421MisdirectedRequest, "This garden does not go by that name.");
        var reads = HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method) || HttpMethods.IsOptions(request.Method);
        if (reads && !IsGarden(request)) return null;
        // A browser always says where a request comes from; other programs need not and are not the danger.
        if (request.Headers.Origin.ToString() is { Length: > 0 } origin && !string.Equals(origin, $"{request.Scheme}://{request.Host}", StringComparison.OrdinalIgnoreCase)) return No(StatusCodes.Status403Forbidden, "Only Metaplant’s own pages may ask.");
        if (request.Headers["Sec-Fetch-Site"].ToString() is not ("" or "same-origin" or "none")) return No(StatusCodes.Status403Forbidden, "Only Metaplant’s own pages may ask.");
        if (reads) return null;
        if (!IsKnown(request.ContentType, out var json)) return No(StatusCodes.Status415UnsupportedMediaType, "Letters are taken as UTF-8 only.");
        return json || request.Headers.ContainsKey(Ours) ? null : No(StatusCodes.Status403Forbidden, $"A write is sent as JSON, or with the header {Ours}.");
    }

    /// <summary>True for what is no page or script. Capitals make no difference, as they make none to which endpoint answers.</summary>
    private static bool IsGarden(HttpRequest request) => request.Path.StartsWithSegments("/api", StringComparison.OrdinalIgnoreCase);

    private static bool IsKnown(string? contentType, out bool json)
    {
        json = false;
        if (!MediaTypeHeaderValue.TryParse(contentType, out var type)) return true;
        json = type.MediaType.Equals(MediaTypeNames.Application.Json, StringComparison.OrdinalIgnoreCase);
        return type.Charset.Length == 0 || type.Charset.Value!.Trim('"').Equals(Encoding.UTF8.WebName, StringComparison.OrdinalIgnoreCase);
    }

    private static ProblemHttpResult No(int status, string sentence) => TypedResults.Problem(sentence, statusCode: status, title: "Not from here.");
}
