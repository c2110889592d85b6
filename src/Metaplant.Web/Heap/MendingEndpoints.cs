using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Heap;

/// <summary>A thing of the heap that the present catalogue cannot read as it was kept.</summary>
/// <param name="Wrong">What can no longer be read, in sentences.</param>
/// <param name="Mending">What would change if it were mended as its own kind; null when there is no such kind any more.</param>
public sealed record NeedsALookDto(int Id, int Number, string Name, string Kind, int Count, string Place, int Version, IReadOnlyList<Sentence> Wrong, IReadOnlyList<Sentence>? Mending);

/// <summary>As which kind it is mended; its own when left out.</summary>
public sealed record MendInput(string? Kind, int? Version);

internal static class MendingEndpoints
{
    public static void MapMending(this IEndpointRouteBuilder api)
    {
        api.MapGet("/things/needs-a-look", All).CacheOutput(UntilChanged.Policy).WithName("needsALook");
        api.MapPost("/things/{id:int}/mend", Mend).InTurn().WithName("mendThing");
    }

    private static async Task<Ok<List<NeedsALookDto>>> All(GardenContext garden, CancellationToken cancel)
    {
        var rows = await garden.Things.AsNoTracking().Where(t => !t.Retired).OrderBy(t => t.Number).ToListAsync(cancel);
        return TypedResults.Ok(rows.Select(r => (Row: r, Read: r.Read())).Where(r => !r.Read.Ok).Select(r => Show(r.Row, r.Read.Problems)).ToList());
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Mend(int id, MendInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { Retired: false } row) return Problems.NotHere("That thing is no longer on the heap.");
        if (row.Version != input.Version) return Problems.Changed();
        if (row.Read().Ok) return Problems.Refuse("thing", "There is nothing to mend on it.");
        var mended = Mending.Of(row.ToKept(), input.Kind);
        if (!mended.Ok) return Problems.Refuse(mended.Problems);
        if (await HeapEndpoints.TooFewLeft(garden, id, mended.Value.Thing.Count, cancel) is { } sentence) return Problems.Refuse("count", sentence);
        row.Keep(mended.Value.Thing, Particulars.Of(row));
        await garden.SaveAsync($"Mended {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static NeedsALookDto Show(ThingRow row, IReadOnlyList<Problem> problems)
        => new(row.Id, row.Number, row.Name, row.Kind, row.Count, row.Place, row.Version, [.. problems.Select(p => p.Sentence)], Mending.Of(row.ToKept()).Value?.Changes);
}
