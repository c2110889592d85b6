using System.Text;
using System.Text.Json;
using Metaplant.Data;
using Metaplant.Data.Csv;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Heap;

/// <summary>What a file would bring, before anything is kept.</summary>
public sealed record CsvPreviewDto(int Things, int Pieces, IReadOnlyList<CsvProblem> Problems, int MoreProblems, IReadOnlyList<string> First);

internal static class CsvEndpoints
{
    private const int LargestFile = 5 * 1024 * 1024;
    private const int MostProblemsShown = 1000;

    public static void MapCsv(this IEndpointRouteBuilder api)
    {
        api.MapGet("/things/csv", Write).WithName("thingsCsv").ExcludeFromDescription();
        api.MapPost("/things/csv/preview", Preview).WithName("previewCsv").WithMetadata(new RequestSizeLimitAttribute(LargestFile), new RequestTimeoutAttribute(120_000)).Accepts<string>("text/csv");
        api.MapPost("/things/csv", Keep).WithName("keepCsv").WithMetadata(new RequestSizeLimitAttribute(LargestFile), new RequestTimeoutAttribute(120_000)).Accepts<string>("text/csv").ExcludeFromDescription();
    }

    private static async Task<ContentHttpResult> Write(GardenContext garden, HttpResponse response, CancellationToken cancel)
    {
        var rows = await garden.Things.AsNoTracking().Where(t => !t.Retired).OrderBy(t => t.Number).ToListAsync(cancel);
        // As many as lie there: what a saw has been into is in the book only.
        var shares = await garden.SharesAsync(cancel);
        foreach (var row in rows) row.Count -= shares[row.Id].Sum(s => s.Gone);
        rows.RemoveAll(r => r.Count < 1);
        await using var text = new StringWriter();
        await ThingCsv.WriteAsync(rows, text);
        response.Headers.ContentDisposition = "attachment; filename=\"heap.csv\"";
        return TypedResults.Content(text.ToString(), "text/csv", Encoding.UTF8);
    }

    private static async Task<Results<Ok<CsvPreviewDto>, ProblemHttpResult>> Preview(HttpRequest request, CancellationToken cancel)
    {
        if (request.ContentLength > LargestFile) return TooLarge();
        using var text = new StreamReader(request.Body, Encoding.UTF8);
        var reading = await ThingCsv.ReadAsync(text, cancel);
        return TypedResults.Ok(new CsvPreviewDto(
            reading.Things.Count, reading.Things.Sum(t => t.Thing.Count), [.. reading.Problems.Take(MostProblemsShown)], Math.Max(0, reading.Problems.Count - MostProblemsShown),
            [.. reading.Things.Take(8).Select(t => t.Thing.Count > 1 ? $"{t.Thing.Name} × {t.Thing.Count}" : t.Thing.Name)]));
    }

    private static ProblemHttpResult TooLarge() => TypedResults.Problem("A file may have up to 5 MB.", statusCode: StatusCodes.Status413PayloadTooLarge, title: "Too large.");

    /// <summary>Keeps a whole file or nothing of it, and tells how far it has come by server-sent events. A file with a problem is refused row by row. To stop it, hang up: nothing is kept then.</summary>
    private static async Task<IResult> Keep(HttpContext http, GardenContext garden, WriteGate gate, TimeProvider time, CancellationToken cancel)
    {
        if (http.Request.ContentLength > LargestFile) return TooLarge();
        using var body = new StreamReader(http.Request.Body, Encoding.UTF8);
        using var text = new StringReader(await body.ReadToEndAsync(cancel));
        var started = false;
        var reading = await ThingCsv.ReadAsync(text, cancel);
        if (reading.Problems.Count > 0)
            return Problems.Refuse([.. reading.Problems.Take(MostProblemsShown).Select(p => new Core.Sums.Problem($"line {p.Line}", p.Column.Length > 0 ? $"{p.Column}: {p.Sentence}" : p.Sentence))]);

        await using var turn = await gate.EnterAsync(garden, cancel);
        await Tell("read", reading.Things.Count);
        var number = await garden.Things.MaxAsync(t => (int?)t.Number, cancel) ?? 0;
        try
        {
            foreach (var (row, i) in reading.Things.Select((row, i) => (row, i)))
            {
                garden.Things.Add(ThingMapping.NewRow(row.Thing with { Number = ++number }, row.Particulars));
                if (i % 200 == 199) await Tell("laid out", i + 1);
            }

            await garden.SaveAsync($"Brought in {reading.Things.Count} things from a file", time.GetUtcNow().UtcDateTime, cancel);
            await Tell("kept", reading.Things.Count);
        }
        catch (Exception e) when (e is DbUpdateException or Microsoft.Data.Sqlite.SqliteException)
        {
            // The answer has begun, so what went wrong is told in it.
            await http.Response.WriteAsync($"event: failed\ndata: {JsonSerializer.Serialize(new { detail = Problems.Of(e, http).Detail })}\n\n", cancel);
        }

        return Results.Empty;

        async Task Tell(string stage, int done)
        {
            if (!started) http.Response.ContentType = "text/event-stream";
            started = true;
            await http.Response.WriteAsync($"event: {stage.Replace(' ', '-')}\ndata: {JsonSerializer.Serialize(new { done, total = reading.Things.Count })}\n\n", cancel);
            await http.Response.Body.FlushAsync(cancel);
        }
    }
}
