using Metaplant.Data;
using Metaplant.Data.Files;
using Metaplant.Data.Photos;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Photos;

public sealed record PhotoDto(int Id, int ThingId, int Width, int Height);

internal static class PhotoEndpoints
{
    private const int MostOfOne = 12;

    public static void MapPhotos(this IEndpointRouteBuilder api)
    {
        // The picture is the body itself, not a form, so that another site's form cannot send one.
        api.MapPost("/things/{id:int}/photos", Add).WithName("addPhoto").WithMetadata(new RequestSizeLimitAttribute(PhotoFolder.LargestFile + 1024), new RequestTimeoutAttribute(120_000)).Accepts<IFormFile>("image/jpeg", "image/png", "image/webp");
        api.MapDelete("/photos/{id:int}", Remove).InTurn().WithName("removePhoto");
        api.MapGet("/photos/{id:int}", (int id, GardenContext garden, PhotoFolder photos, CancellationToken cancel) => File(id, false, garden, photos, cancel)).WithName("photo").ExcludeFromDescription();
        api.MapGet("/photos/{id:int}/small", (int id, GardenContext garden, PhotoFolder photos, CancellationToken cancel) => File(id, true, garden, photos, cancel)).WithName("smallPhoto").ExcludeFromDescription();
    }

    private static async Task<Results<Created<PhotoDto>, ValidationProblem, ProblemHttpResult>> Add(int id, HttpRequest request, GardenContext garden, GardenFile file, PhotoFolder photos, WriteGate gate, TimeProvider time, CancellationToken cancel)
    {
        if (request.ContentLength > PhotoFolder.LargestFile) return Problems.Refuse("photo", "A photograph may have up to 10 MB.");
        if (!await garden.Things.AnyAsync(t => t.Id == id, cancel)) return Problems.NotHere("That thing is no longer on the heap.");
        await using var body = await file.ReceiveAsync(request.Body, cancel);
        var (picture, why) = await PictureReading.ReadAsync(body.Name, cancel);
        if (picture is null) return Problems.Refuse("photo", why!);
        // Counted in its turn, so that many at once do not become too many.
        await using var turn = await gate.EnterAsync(garden, cancel);
        if (await garden.Things.FindAsync([id], cancel) is not { } thing) return Problems.NotHere("That thing is no longer on the heap.");
        if (await garden.Photos.CountAsync(p => p.ThingId == id, cancel) >= MostOfOne) return Problems.Refuse("photo", $"At most {MostOfOne} photographs of one thing.");
        var row = new PhotoRow { ThingId = id, File = await photos.KeepAsync(picture, cancel), Width = picture.Width, Height = picture.Height, At = time.GetUtcNow().UtcDateTime };
        garden.Photos.Add(row);
        try
        {
            await garden.SaveAsync($"Photographed {thing.Name}", row.At, cancel);
        }
        catch
        {
            photos.Forget(row.File);
            throw;
        }

        request.HttpContext.Response.TellChanged(garden);
        return TypedResults.Created($"/api/photos/{row.Id}", new PhotoDto(row.Id, id, row.Width, row.Height));
    }

    /// <summary>Takes it off the thing. Its file stays, so that undo brings it back.</summary>
    private static async Task<Results<NoContent, ProblemHttpResult>> Remove(int id, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Photos.FindAsync([id], cancel) is not { } row) return Problems.NotHere("That photograph is gone.");
        garden.Photos.Remove(row);
        await garden.SaveAsync("Took a photograph away", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<PhysicalFileHttpResult, ProblemHttpResult>> File(int id, bool small, GardenContext garden, PhotoFolder photos, CancellationToken cancel)
        => await garden.Photos.FindAsync([id], cancel) is { } row && photos.Find(row.File, small) is { } path
            ? TypedResults.PhysicalFile(path, "image/jpeg")
            : Problems.NotHere("That photograph is gone.");
}
