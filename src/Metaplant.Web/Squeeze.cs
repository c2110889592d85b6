using System.Net;

namespace Metaplant.Web;

/// <summary>Whether an answer is squeezed before it is sent.</summary>
internal static class Squeeze
{
    /// <summary>False for the numbers of a drawing that go to a browser on the same machine: squeezing and opening them takes longer there than sending them does. What is read once and kept, as script is, is squeezed for everybody.</summary>
    public static bool Pays(HttpContext context) => !context.Request.Path.StartsWithSegments("/api") || context.Connection.RemoteIpAddress is not { } from || !IPAddress.IsLoopback(from);
}
