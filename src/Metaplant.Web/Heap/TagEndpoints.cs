using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using QRCoder;

namespace Metaplant.Web.Heap;

internal static class TagEndpoints
{
    /// <summary>The code on a tag: scanned with a phone that can reach this address, it opens the thing.</summary>
    public static void MapTags(this IEndpointRouteBuilder api) => api.MapGet("/things/{id:int}/code.svg", Code).WithName("thingCode").ExcludeFromDescription();

    private static Results<ContentHttpResult, ProblemHttpResult> Code(int id, HttpRequest request)
    {
        if (id < 1) return Problems.NotHere("There is no such thing.");
        using var code = QRCodeGenerator.GenerateQrCode($"{request.Scheme}://{request.Host}/#/gather/{id}", QRCodeGenerator.ECCLevel.M);
        using var svg = new SvgQRCode(code);
        return TypedResults.Content(svg.GetGraphic(4, "#000000", "#ffffff", drawQuietZones: true, sizingMode: SvgQRCode.SizingMode.ViewBoxAttribute), "image/svg+xml");
    }
}
