using System.Net;
using Microsoft.AspNetCore.StaticFiles;

namespace Metaplant.Web;

/// <summary>How answers are squeezed: files when they were built, numbers when they are sent, and that only where it pays.</summary>
internal static class Squeeze
{
    private const string Ready = ".br";

    /// <summary>Tells a file that was squeezed by what is in it.</summary>
    public static IContentTypeProvider Types { get; } = new OfWhatIsInIt();

    /// <summary>False for numbers that go to a browser on the same machine: squeezing and opening them takes longer there than sending them does. What is read once and kept, as script is, is squeezed for everybody.</summary>
    public static bool Pays(HttpContext context) => !context.Request.Path.StartsWithSegments("/api") || context.Connection.RemoteIpAddress is not { } from || !IPAddress.IsLoopback(from);

    /// <summary>Sends the file that was squeezed when it was built, to whoever can open it.</summary>
    public static void UseSqueezedFiles(this WebApplication app) => app.Use((context, next) =>
    {
        var request = context.Request;
        if (request.Path.StartsWithSegments("/assets") && request.GetTypedHeaders().AcceptEncoding.Any(e => e.Value == "br" && e.Quality != 0) && app.Environment.WebRootFileProvider.GetFileInfo(request.Path + Ready).Exists)
        {
            request.Path += Ready;
            (context.Response.Headers.ContentEncoding, context.Response.Headers.Vary) = ("br", "Accept-Encoding");
        }

        return next(context);
    });

    private sealed class OfWhatIsInIt : IContentTypeProvider
    {
        private readonly FileExtensionContentTypeProvider plain = new();

        public bool TryGetContentType(string subpath, [System.Diagnostics.CodeAnalysis.MaybeNullWhen(false)] out string contentType)
            => plain.TryGetContentType(subpath.EndsWith(Ready, StringComparison.Ordinal) ? subpath[..^Ready.Length] : subpath, out contentType);
    }
}
