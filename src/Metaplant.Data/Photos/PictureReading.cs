using SkiaSharp;

namespace Metaplant.Data.Photos;

/// <summary>A photograph made fit to keep: upright, no larger than a screen, drawn anew so that nothing of its file is left, the place it was taken least of all.</summary>
public sealed record Picture(byte[] Jpeg, byte[] Thumbnail, int Width, int Height);

/// <summary>Reads pictures that people, or people who wish them ill, send. One at a time, so that many at once need no more memory than one.</summary>
public static class PictureReading
{
    private const int LongestSide = 1600;
    private const int ThumbnailSide = 240;
    private const int Quality = 85;

    /// <summary>More than this many points is no photograph of a pallet but a trap.</summary>
    private const long MostPixels = 40_000_000;

    /// <summary>A PNG that is clear in places, or comes in ever finer passes, needs twice the memory while it is read.</summary>
    private const long MostCostly = 16_000_000;

    private static readonly SemaphoreSlim OneAtATime = new(1, 1);

    /// <summary>Reads the picture in a file, or says in a sentence why it cannot.</summary>
    public static async Task<(Picture? Picture, string? Why)> ReadAsync(string file, CancellationToken cancel = default)
    {
        await OneAtATime.WaitAsync(cancel);
        try
        {
            return Read(file);
        }
        finally
        {
            OneAtATime.Release();
        }
    }

    /// <summary>True for a JPEG no larger than those that are kept.</summary>
    internal static bool IsKeptForm(byte[] file)
    {
        using var data = SKData.CreateCopy(file);
        using var codec = SKCodec.Create(data);
        return codec is { EncodedFormat: SKEncodedImageFormat.Jpeg } && codec.Info.Width <= LongestSide && codec.Info.Height <= LongestSide;
    }

    private static (Picture? Picture, string? Why) Read(string file)
    {
        var head = Head(file);
        if (OtherForm(head) is { } other) return (null, other);
        // From the file, so that what is sent is never held whole beside what is drawn from it.
        using var codec = SKCodec.Create(file);
        if (codec is null || codec.EncodedFormat is not (SKEncodedImageFormat.Jpeg or SKEncodedImageFormat.Png or SKEncodedImageFormat.Webp)) return (null, "This is no picture that can be read. JPEG, PNG and WebP can.");
        var points = (long)codec.Info.Width * codec.Info.Height;
        if (points > MostPixels) return (null, "The picture has more than 40 million points. Send it smaller, or as the camera’s ordinary JPEG.");
        if (points > MostCostly && codec.EncodedFormat == SKEncodedImageFormat.Png && (IsInterlaced(head) || codec.Info.AlphaType != SKAlphaType.Opaque)) return (null, "A PNG that is clear in places, or interlaced, may have up to 16 million points. Send it as JPEG.");
        using var decoded = Decode(codec);
        if (decoded is null) return (null, "The picture is damaged or only half there.");
        using var kept = Upright(decoded, codec.EncodedOrigin, LongestSide);
        using var small = Upright(kept, SKEncodedOrigin.TopLeft, ThumbnailSide);
        return (new(Jpeg(kept), Jpeg(small), kept.Width, kept.Height), null);
    }

    /// <summary>What a picture of a known other form would need, in a sentence.</summary>
    private static string? OtherForm(ReadOnlySpan<byte> file)
    {
        if (file.Length > 12 && file[4..8].SequenceEqual("ftyp"u8)) return "This is a HEIC, AVIF or film from a phone. In the camera’s settings choose “most compatible”, or share it as JPEG.";
        if (file.StartsWith("GIF8"u8)) return "This is a GIF, which moves. Send a still picture: JPEG, PNG or WebP.";
        return file.StartsWith("II*\0"u8) || file.StartsWith("MM\0*"u8) ? "This is a TIFF or a camera’s raw picture. Send it as JPEG." : null;
    }

    /// <summary>As many first bytes as the rules about forms look at.</summary>
    private static byte[] Head(string file)
    {
        using var stream = File.OpenRead(file);
        var head = new byte[32];
        return head[..stream.ReadAtLeast(head, head.Length, throwOnEndOfStream: false)];
    }

    private static bool IsInterlaced(ReadOnlySpan<byte> head) => head.Length > 28 && head[1..4].SequenceEqual("PNG"u8) && head[28] != 0;

    /// <summary>Decoded as small as the form allows while it still fills a screen. Null when any of it is missing.</summary>
    private static SKBitmap? Decode(SKCodec codec)
    {
        var wanted = Math.Min(1f, (float)LongestSide / Math.Max(codec.Info.Width, codec.Info.Height));
        var size = codec.GetScaledDimensions(wanted);
        // A form that scales in steps may offer one step too small.
        if (Math.Max(size.Width, size.Height) < Math.Min(LongestSide, Math.Max(codec.Info.Width, codec.Info.Height))) size = codec.GetScaledDimensions(Math.Min(1, wanted * 2));
        // What is drawn much smaller anyway is read in half the memory.
        var large = Math.Max(size.Width, size.Height) >= 2 * LongestSide && codec.Info.AlphaType == SKAlphaType.Opaque;
        var bitmap = new SKBitmap(large ? new(size.Width, size.Height, SKColorType.Rgb565, SKAlphaType.Opaque) : new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul));
        if (codec.GetPixels(bitmap.Info, bitmap.GetPixels()) == SKCodecResult.Success) return bitmap;
        bitmap.Dispose();
        return null;
    }

    /// <summary>Within so many points a side, and turned as the camera says it was held, in one drawing; the camera's note itself is not kept. What is clear becomes white.</summary>
    private static SKBitmap Upright(SKBitmap bitmap, SKEncodedOrigin origin, int side)
    {
        var degrees = origin switch { SKEncodedOrigin.RightTop => 90, SKEncodedOrigin.BottomRight => 180, SKEncodedOrigin.LeftBottom => 270, _ => 0 };
        var scale = Math.Min(1, (float)side / Math.Max(bitmap.Width, bitmap.Height));
        var (width, height) = (Math.Max(1, (int)(bitmap.Width * scale)), Math.Max(1, (int)(bitmap.Height * scale)));
        var turned = degrees % 180 == 0 ? new SKBitmap(width, height) : new SKBitmap(height, width);
        using var canvas = new SKCanvas(turned);
        canvas.Clear(SKColors.White);
        canvas.Translate(turned.Width / 2f, turned.Height / 2f);
        canvas.RotateDegrees(degrees);
        using var image = SKImage.FromPixels(bitmap.PeekPixels());
        canvas.DrawImage(image, SKRect.Create(-width / 2f, -height / 2f, width, height), new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        return turned;
    }

    private static byte[] Jpeg(SKBitmap bitmap)
    {
        using var image = SKImage.FromPixels(bitmap.PeekPixels());
        using var data = image.Encode(SKEncodedImageFormat.Jpeg, Quality);
        return data.ToArray();
    }
}
