using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Data;
using Metaplant.Web.Drawing;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Heap;

internal static class HeapEndpoints
{
    public static void MapHeap(this IEndpointRouteBuilder api)
    {
        api.MapGet("/things", All).WithName("things");
        api.MapPost("/things/preview", Preview).WithName("previewThing");
        api.MapPost("/things", Add).WithName("addThing");
        api.MapPut("/things/{id:int}", Edit).WithName("editThing");
        api.MapPost("/things/{id:int}/split", Split).WithName("splitThing");
        api.MapPost("/things/{id:int}/retire", Retire).WithName("retireThing");
        api.MapPost("/things/{id:int}/restore", Restore).WithName("restoreThing");
    }

    private static async Task<Ok<List<ThingDto>>> All(GardenContext garden, bool? retired, CancellationToken cancel)
    {
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        var rows = await garden.Things.AsNoTracking().Where(t => t.Retired == (retired ?? false)).OrderBy(t => t.Number).ToListAsync(cancel);
        return TypedResults.Ok(Show(rows, settings, await garden.SharesAsync(cancel)));
    }

    private static async Task<Results<Ok<PreviewDto>, ValidationProblem>> Preview(ThingInput input, GardenContext garden, CancellationToken cancel)
    {
        // A name is not needed to look.
        var made = (string.IsNullOrWhiteSpace(input.Name) ? input with { Name = "It" } : input).ToThing(int.MaxValue, int.MaxValue);
        if (!made.Ok) return Problems.Refuse(made.Problems);
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        var thing = made.Value;
        var judgement = Inspection.Judge(thing, settings.HouseRules);
        var rest = await garden.HeapAsync(settings.HouseRules, cancel: cancel);
        return TypedResults.Ok(new PreviewDto(
            ViewDto.Of(thing.Kind.Draw(thing.Measures)), judgement.Fitness, judgement.MayCut, ThingDto.ReasonsOf(judgement),
            judgement.Fitness == Fitness.Refused ? [] : [.. thing.Kind.BreakDown(thing).Select(WayOf)],
            thing.Kind.FaultParts(thing.Measures), CanMake(thing, judgement, rest, settings)));
    }

    /// <summary>What this one batch could be the main stuff of, with everything else on the heap to help.</summary>
    private static List<CanMakeDto> CanMake(Thing thing, Judgement judgement, Core.Salvage.Heap rest, GardenSettings settings)
    {
        var alone = new HeapThing(thing, judgement, thing.Count);
        var brief = Brief.Default with { Handbook = settings.Handbook };
        var made = new List<CanMakeDto>();
        foreach (var design in Core.Designs.Catalogue.All)
        {
            var (sources, others) = design.Find(new([alone]));
            if (sources.Count == 0 && others.Count == 0) continue;
            var match = Matcher.Match(design, new([alone, .. rest.Things.Where(t => !IsMain(design, t))]), brief, Aim.MostSoil);
            var fit = match.Best;
            made.Add(new(
                design.Id, design.Name, match.Standing, fit?.Blueprint.Size, fit?.Assessment.Grow.Litres?.Value, fit?.Assessment.Drain.Words, fit?.Assessment.Hold.Words, fit?.Assessment.Worst,
                match.Why?.Replace($"{thing.Name}: ", "", StringComparison.Ordinal)));
        }

        return made;
    }

    private static bool IsMain(IDesign design, HeapThing thing)
    {
        var (sources, others) = design.Find(new([thing]));
        return sources.Count + others.Count > 0;
    }

    private static async Task<Results<Created<ThingDto>, ValidationProblem>> Add(ThingInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        var number = await garden.Things.MaxAsync(t => (int?)t.Number, cancel) + 1 ?? 1;
        var made = input.ToThing(0, number);
        if (!made.Ok) return Problems.Refuse(made.Problems);
        var row = ThingMapping.NewRow(made.Value, input.Place ?? "", input.Remark ?? "");
        garden.Things.Add(row);
        await garden.SaveAsync($"Added {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Created($"/api/things/{row.Id}", await ShowOne(garden, row, cancel));
    }

    private static async Task<Results<Ok<ThingDto>, ValidationProblem, ProblemHttpResult>> Edit(int id, ThingInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { } row) return Problems.NotHere("That thing is no longer on the heap.");
        if (row.Version != input.Version) return Problems.Changed();
        var made = input.ToThing(id, row.Number);
        if (!made.Ok) return Problems.Refuse(made.Problems);
        if (await TooFewLeft(garden, id, made.Value.Count, cancel) is { } sentence) return Problems.Refuse("count", sentence);
        row.Keep(made.Value, input.Place ?? row.Place, input.Remark ?? row.Remark);
        await garden.SaveAsync($"Changed {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ShowOne(garden, row, cancel));
    }

    private static async Task<Results<Ok<List<ThingDto>>, ValidationProblem, ProblemHttpResult>> Split(int id, SplitInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { } row) return Problems.NotHere("That thing is no longer on the heap.");
        if (row.Version != input.Version) return Problems.Changed();
        if (input.Count is not { } count || count < 1 || count >= row.Count) return Problems.Refuse("count", row.Count == 1 ? "There is only one; nothing to split." : $"Split off from 1 to {row.Count - 1}.");
        if (await TooFewLeft(garden, id, row.Count - count, cancel) is { } sentence) return Problems.Refuse("count", sentence);
        var number = await garden.Things.MaxAsync(t => t.Number, cancel) + 1;
        var part = ThingMapping.NewRow(row.ToThing() with { Number = number, Count = count }, row.Place, row.Remark);
        row.Count -= count;
        garden.Things.Add(part);
        await garden.SaveAsync($"Split {count} off {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        return TypedResults.Ok(Show([row, part], settings, await garden.SharesAsync(cancel)));
    }

    private static async Task<Results<Ok<ThingDto>, ValidationProblem, ProblemHttpResult>> Retire(int id, VersionInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { } row) return Problems.NotHere("That thing is no longer on the heap.");
        if (row.Version != input.Version) return Problems.Changed();
        if (await TooFewLeft(garden, id, 0, cancel) is { } sentence) return Problems.Refuse("count", sentence);
        row.Retired = true;
        await garden.SaveAsync($"Took {row.Name} off the heap", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ShowOne(garden, row, cancel));
    }

    private static async Task<Results<Ok<ThingDto>, ProblemHttpResult>> Restore(int id, VersionInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { } row) return Problems.NotHere("That thing is nowhere to be found.");
        if (row.Version != input.Version) return Problems.Changed();
        row.Retired = false;
        await garden.SaveAsync($"Put {row.Name} back on the heap", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ShowOne(garden, row, cancel));
    }

    private static async Task<string?> TooFewLeft(GardenContext garden, int thingId, int left, CancellationToken cancel)
    {
        var spokenFor = await garden.Allocations.Where(a => a.ThingId == thingId).SumAsync(a => a.Count, cancel);
        return left >= spokenFor ? null : $"Projects have spoken for {spokenFor} of these.";
    }

    private static async Task<ThingDto> ShowOne(GardenContext garden, ThingRow row, CancellationToken cancel)
        => Show([row], await GardenSettings.ReadAsync(garden, cancel), await garden.SharesAsync(cancel))[0];

    private static List<ThingDto> Show(List<ThingRow> rows, GardenSettings settings, ILookup<int, Share> shares)
    {
        var rules = settings.HouseRules;
        return rows.ConvertAll(row =>
        {
            var thing = row.ToThing();
            var own = shares[row.Id].ToList();
            return ThingDto.Of(row, new(thing, Inspection.Judge(thing, rules), Math.Max(0, row.Count - own.Sum(s => s.Count))), own);
        });
    }

    private static WayDto WayOf(Way way) => new(way.Id, way.Name, [.. way.Yields.Select(y => new YieldDto(y.Form, y.Name, y.Count, y.Expected, y.Length, y.Width, y.Thickness))], way.Minutes, way.Tools, way.Words);
}
