using System.IO.Compression;
using System.Text.Json;
using Metaplant.Data;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Metaplant.Web.Heap;

/// <summary>The heap as it is sent, kept until anything in the garden changes: reading, judging and packing it costs twenty times what sending it does.</summary>
internal sealed class HeapPage(GardenVersion version, IOptions<JsonOptions> json)
{
    private readonly Dictionary<bool, Kept> pages = [];
    private readonly Lock gate = new();

    private sealed record Kept(long Version, byte[] Plain, byte[] Packed);

    /// <summary>The page as it is, or read anew where the garden has changed since; packed where the browser takes that.</summary>
    public async Task<IResult> Send(HttpContext context, bool retired, Func<Task<List<ThingDto>>> read)
    {
        // Asked before reading: what changes meanwhile makes the next request read again.
        var now = version.Now();
        if (Find(retired) is not { } page || page.Version != now)
        {
            var plain = JsonSerializer.SerializeToUtf8Bytes(await read(), json.Value.SerializerOptions);
            page = new(now, plain, Pack(plain));
            lock (gate) pages[retired] = page;
        }

        context.Response.Headers.Vary = "Accept-Encoding";
        if (!context.Request.Headers.AcceptEncoding.ToString().Contains("br", StringComparison.Ordinal)) return TypedResults.Bytes(page.Plain, "application/json; charset=utf-8");
        context.Response.Headers.ContentEncoding = "br";
        return TypedResults.Bytes(page.Packed, "application/json; charset=utf-8");
    }

    private Kept? Find(bool retired)
    {
        lock (gate) return pages.GetValueOrDefault(retired);
    }

    private static byte[] Pack(byte[] plain)
    {
        using var packed = new MemoryStream();
        using (var brotli = new BrotliStream(packed, CompressionLevel.Fastest)) brotli.Write(plain);
        return packed.ToArray();
    }
}
