using System.Security.Cryptography;
using SkiaSharp;

namespace Metaplant.Data.Photos;

/// <summary>A photograph made fit to keep: upright, no larger than a screen, drawn anew so that nothing of its file is left, the place it was taken least of all.</summary>
public sealed record Picture(byte[] Jpeg, byte[] Thumbnail, int Width, int Height);

/// <summary>The photographs of a garden, as files beside it.</summary>
public sealed class PhotoFolder(string folder)
{
    /// <summary>Largest file taken in, bytes.</summary>
    public const int LargestFile = 10 * 1024 * 1024;

    private const int LongestSide = 1600;
    private const int ThumbnailSide = 240;
    private const int Quality = 85;

    /// <summary>More than this many pixels is no photograph of a pallet but a trap.</summary>
    private const long MostPixels = 120_000_000;

    /// <summary>Reads a picture, or says in a sentence why it cannot.</summary>
    public static (Picture? Picture, string? Why) Read(byte[] file)
    {
        using var data = SKData.CreateCopy(file);
        using var codec = SKCodec.Create(data);
        if (codec is null) return (null, "This is no picture that can be read. JPEG, PNG and WebP can.");
        if ((long)codec.Info.Width * codec.Info.Height > MostPixels) return (null, "The picture has more than 120 million points.");
        using var decoded = SKBitmap.Decode(codec);
        if (decoded is null) return (null, "The picture is damaged.");
        using var upright = Upright(decoded, codec.EncodedOrigin);
        using var kept = Within(upright, LongestSide);
        using var small = Within(upright, ThumbnailSide);
        return (new(Jpeg(kept), Jpeg(small), kept.Width, kept.Height), null);
    }

    /// <summary>Writes both files under a new name that nobody can guess, and returns it.</summary>
    public async Task<string> KeepAsync(Picture picture, CancellationToken cancel = default)
    {
        Directory.CreateDirectory(folder);
        var name = Convert.ToHexStringLower(RandomNumberGenerator.GetBytes(16));
        await File.WriteAllBytesAsync(PathOf(name, thumbnail: false), picture.Jpeg, cancel);
        await File.WriteAllBytesAsync(PathOf(name, thumbnail: true), picture.Thumbnail, cancel);
        return name;
    }

    /// <summary>Where a picture lies; null when its file is gone.</summary>
    public string? Find(string name, bool thumbnail) => File.Exists(PathOf(name, thumbnail)) ? PathOf(name, thumbnail) : null;

    private string PathOf(string name, bool thumbnail) => Path.Combine(folder, name + (thumbnail ? ".small.jpg" : ".jpg"));

    private static byte[] Jpeg(SKBitmap bitmap)
    {
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(SKEncodedImageFormat.Jpeg, Quality);
        return data.ToArray();
    }

    private static SKBitmap Within(SKBitmap bitmap, int side)
    {
        var scale = Math.Min(1, (double)side / Math.Max(bitmap.Width, bitmap.Height));
        return bitmap.Resize(new SKImageInfo(Math.Max(1, (int)(bitmap.Width * scale)), Math.Max(1, (int)(bitmap.Height * scale))), new SKSamplingOptions(SKCubicResampler.Mitchell));
    }

    /// <summary>Turned as the camera says it was held; the note itself is not kept.</summary>
    private static SKBitmap Upright(SKBitmap bitmap, SKEncodedOrigin origin)
    {
        var degrees = origin switch { SKEncodedOrigin.RightTop => 90, SKEncodedOrigin.BottomRight => 180, SKEncodedOrigin.LeftBottom => 270, _ => 0 };
        var turned = degrees % 180 == 0 ? new SKBitmap(bitmap.Width, bitmap.Height) : new SKBitmap(bitmap.Height, bitmap.Width);
        using var canvas = new SKCanvas(turned);
        canvas.Translate(turned.Width / 2f, turned.Height / 2f);
        canvas.RotateDegrees(degrees);
        canvas.Translate(-bitmap.Width / 2f, -bitmap.Height / 2f);
        canvas.DrawBitmap(bitmap, 0, 0);
        return turned;
    }
}
