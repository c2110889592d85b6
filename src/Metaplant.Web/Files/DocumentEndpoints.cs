using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Data.Documents;
using Metaplant.Data.Files;
using Metaplant.Data.Photos;
using Metaplant.Web.Door;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.AspNetCore.Mvc;

namespace Metaplant.Web.Files;

/// <summary>The whole garden out to a file and in from one.</summary>
internal static class DocumentEndpoints
{
    private static readonly TimeSpan Longest = TimeSpan.FromMinutes(10);

    public static void MapDocuments(this IEndpointRouteBuilder api)
    {
        var files = api.MapGroup("/garden").RequireAuthorization(Doors.Gardener).WithMetadata(new RequestTimeoutAttribute((int)Longest.TotalMilliseconds), new RequestSizeLimitAttribute(GardenArchive.LargestFile));
        files.MapGet("/document", Document).WithName("gardenDocument").ExcludeFromDescription();
        files.MapGet("/archive", Archive).WithName("gardenArchive").ExcludeFromDescription();
        files.MapPost("/in/preview", Preview).WithName("previewGarden").Accepts<IFormFile>("application/zip", "application/octet-stream");
        files.MapPost("/in", Keep).WithName("keepGarden").Accepts<IFormFile>("application/zip", "application/octet-stream");
    }

    private static async Task<FileContentHttpResult> Document(GardenContext garden, CancellationToken cancel)
        => TypedResults.File((await garden.ToDocumentAsync(cancel)).ToJson(), "application/json", "garden.json");

    private static async Task<FileStreamHttpResult> Archive(GardenContext garden, GardenFile file, PhotoFolder photos, CancellationToken cancel)
    {
        // Through a file, so that a large garden needs no large memory and an archive cut short is never sent as one.
        var passing = file.PassingFile();
        try
        {
            await GardenArchive.WriteAsync(garden, photos, passing, cancel);
            passing.Position = 0;
            return TypedResults.File(passing, "application/zip", "garden.zip");
        }
        catch
        {
            await passing.DisposeAsync();
            throw;
        }
    }

    private static async Task<Results<Ok<Differences>, ValidationProblem>> Preview(HttpRequest request, GardenContext garden, GardenFile file, PhotoFolder photos, CancellationToken cancel)
    {
        await using var body = await file.ReceiveAsync(request.Body, cancel);
        var rows = await GardenArchive.ReadAsync(body, cancel);
        if (!rows.Ok) return Problems.Refuse(rows.Problems);
        var brought = await GardenArchive.PhotographsAsync(body, cancel);
        return TypedResults.Ok(await garden.CompareAsync(rows.Value, p => brought.Contains(p) || photos.Find(p, thumbnail: false) is not null, cancel));
    }

    /// <summary>All of it or nothing. The garden as it is now is kept as a backup first; where that fails nothing is taken in, since it could not be taken back.</summary>
    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Keep(HttpRequest request, GardenContext garden, GardenFile file, GardenBackups backups, PhotoFolder photos, WriteGate gate, DoorBook book, TimeProvider time, CancellationToken cancel)
    {
        await using var body = await file.ReceiveAsync(request.Body, cancel);
        var rows = await GardenArchive.ReadAsync(body, cancel);
        if (!rows.Ok) return Problems.Refuse(rows.Problems);
        await GardenArchive.UnpackAsync(body, rows.Value, photos, cancel);
        await using var turn = await gate.EnterAsync(garden, cancel);
        if (!backups.Keep(Occasion.BeforeImport, time.GetUtcNow().UtcDateTime)) return TypedResults.Problem(backups.Warning, statusCode: StatusCodes.Status507InsufficientStorage, title: "Nothing was taken in.");
        await garden.ReplaceAsync(rows.Value, p => photos.Find(p, thumbnail: false) is not null, cancel);
        foreach (var invitation in book.Invitations) book.Withdraw(invitation.Id);
        return TypedResults.NoContent();
    }
}
