using System.Net;
using Metaplant.Data.Photos;
using SkiaSharp;

namespace Metaplant.Web.Tests;

/// <summary>The files of photographs: none too many, none half there, none that nobody names.</summary>
public sealed class PhotographFileTests : IAsyncLifetime
{
    private readonly GardenServer server = new();

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private string Photos => Path.Combine(server.Folder, "photos");

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task A_file_that_nobody_names_is_swept_and_one_that_undo_can_bring_back_is_not()
    {
        var tub = await server.AddAsync("round-tub", "Tub");
        (await SendAsync((int)tub["id"]!, Encoded(40, 30))).ShouldBe(HttpStatusCode.Created);
        var photo = (int)(await server.GetAsync("/api/things"))[0]!["photos"]![0]!;
        using (var gone = await server.Http.DeleteAsync($"/api/photos/{photo}", Cancel)) gone.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        File.WriteAllBytes(Path.Combine(Photos, new string('a', 32) + ".jpg"), [1, 2, 3]);
        File.WriteAllBytes(Path.Combine(Photos, new string('b', 32) + ".jpg"), [1, 2, 3]);
        foreach (var file in Directory.GetFiles(Photos).Where(f => !Path.GetFileName(f).StartsWith('b'))) File.SetLastWriteTimeUtc(file, DateTime.UtcNow.AddDays(-1));
        await server.RestartAsync();
        // Swept: the old one that nobody names. Kept: what undo needs, and what may be about to be named.
        Directory.GetFiles(Photos).Select(f => Path.GetFileName(f)!).ShouldNotContain(new string('a', 32) + ".jpg");
        Directory.GetFiles(Photos).Length.ShouldBe(3);
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.Http.GetByteArrayAsync($"/api/photos/{photo}", Cancel)).Length.ShouldBeGreaterThan(100);
    }

    [Fact]
    public async Task Taking_a_photograph_is_taken_back_and_done_again()
    {
        var tub = await server.AddAsync("round-tub", "Tub");
        (await SendAsync((int)tub["id"]!, Encoded(40, 30))).ShouldBe(HttpStatusCode.Created);
        await server.RestartAsync();
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync("/api/things"))[0]!["photos"]!.AsArray().ShouldBeEmpty();
        (await server.PostAsync("/api/redo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync("/api/things"))[0]!["photos"]!.AsArray().Count.ShouldBe(1);
    }

    [Theory]
    [InlineData(400, 300, 400, 300)]
    [InlineData(4000, 3000, 1600, 1200)]
    [InlineData(3500, 200, 1600, 91)]
    [InlineData(5000, 5000, 1600, 1600)]
    public async Task A_picture_of_any_size_is_kept_within_a_screen_with_its_colours(int width, int height, int keptWidth, int keptHeight)
    {
        var file = Path.Combine(server.Folder, "picture");
        await File.WriteAllBytesAsync(file, Encoded(width, height), Cancel);
        var (picture, why) = await PictureReading.ReadAsync(file, Cancel);
        why.ShouldBeNull();
        (picture!.Width, picture.Height).ShouldBe((keptWidth, keptHeight));
        using var kept = SKBitmap.Decode(picture.Jpeg);
        // Left red, right green, wherever the points went.
        var (left, right) = (kept.GetPixel(keptWidth / 5, keptHeight / 2), kept.GetPixel(keptWidth * 4 / 5, keptHeight / 2));
        (left.Red > 200 && left.Green < 60, right.Green > 120 && right.Red < 60).ShouldBe((true, true), $"{left} {right}");
        using var small = SKBitmap.Decode(picture.Thumbnail);
        Math.Max(small.Width, small.Height).ShouldBe(240);
    }

    /// <summary>Red on the left and green on the right.</summary>
    private static byte[] Encoded(int width, int height)
    {
        using var bitmap = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Opaque));
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(new(230, 20, 20));
            using var green = new SKPaint { Color = new(20, 160, 30) };
            canvas.DrawRect(width / 2f, 0, width / 2f, height, green);
        }

        using var data = bitmap.Encode(SKEncodedImageFormat.Png, 100);
        return data.ToArray();
    }

    private async Task<HttpStatusCode> SendAsync(int thing, byte[] picture)
    {
        using var content = new ByteArrayContent(picture);
        content.Headers.ContentType = new("image/png");
        using var answer = await server.Http.PostAsync($"/api/things/{thing}/photos", content, Cancel);
        return answer.StatusCode;
    }
}
