using Metaplant.Core.Building;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Data;
using Metaplant.Data.Settings;
using Metaplant.Web.Drawing;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Heap;

internal static class HeapEndpoints
{
    public static void MapHeap(this IEndpointRouteBuilder api)
    {
        api.MapGet("/things", All).CacheOutput(UntilChanged.Policy).WithName("things");
        api.MapPost("/things/preview", Preview).WithName("previewThing");
        api.MapPost("/things", Add).InTurn().WithName("addThing");
        api.MapPut("/things/{id:int}", Edit).InTurn().WithName("editThing");
        api.MapPost("/things/{id:int}/split", Split).InTurn().WithName("splitThing");
        api.MapPost("/things/{id:int}/retire", Retire).InTurn().WithName("retireThing");
        api.MapPost("/things/{id:int}/restore", Restore).InTurn().WithName("restoreThing");
        api.MapPost("/things/{id:int}/merge", Merge).InTurn().WithName("mergeThing");
        api.MapPost("/things/{id:int}/break", Break).InTurn().WithName("breakThing");
        api.MapPost("/things/{id:int}/cut", Cut).InTurn().WithName("cutThing");
        api.MapPost("/things/{id:int}/saw", Saw).InTurn().WithName("sawThing");
        api.MapPost("/things/bulk", Bulk).InTurn().WithName("bulkThings");
        api.MapGet("/things/alike", Alike).WithName("alikeThings");
        api.MapPost("/things/{id:int}/sticks", SetApart).InTurn().WithName("setSticksApart");
        api.MapPost("/sticks/sort", SortSticks).WithName("sortSticks");
        api.MapPost("/sticks/bundle", BundleOf).WithName("bundleOfSticks");
    }

    private static async Task<Ok<List<ThingDto>>> All(GardenContext garden, bool? retired, CancellationToken cancel)
    {
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        var rows = await garden.Things.AsNoTracking().Where(t => t.Retired == (retired ?? false) && t.Seen == null).OrderBy(t => t.Number).ToListAsync(cancel);
        // What a saw has been into, all of it, lies there no more.
        return TypedResults.Ok((await ShowAsync(garden, rows, settings, cancel)).Where(t => t.Count > 0).ToList());
    }

    private static async Task<Results<Ok<PreviewDto>, ValidationProblem>> Preview(ThingInput input, GardenContext garden, CancellationToken cancel)
    {
        // A name is not needed to look.
        var made = (string.IsNullOrWhiteSpace(input.Name) ? input with { Name = "It" } : input).ToThing(int.MaxValue, int.MaxValue, input.History);
        if (!made.Ok) return Problems.Refuse(made.Problems);
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        var thing = made.Value;
        var judgement = Inspection.Judge(thing, settings.HouseRules);
        var rest = await garden.HeapAsync(settings.HouseRules, cancel: cancel);
        return TypedResults.Ok(new PreviewDto(
            ViewDto.Of(thing.Kind.Draw(thing.Measures)), judgement.Fitness, judgement.NotLookedAtYet, judgement.Open, [.. thing.NotTaken.Select(f => f.Id)], judgement.MayCut, ThingDto.ReasonsOf(judgement),
            judgement.Fitness == Fitness.Refused ? [] : WaysOf(thing, judgement, settings.ToolShelf),
            thing.Kind.FaultParts(thing.Measures), CanMake(thing, judgement, rest, settings, cancel),
            UsablePart.Of(thing), HandlingAdvice.For(thing, judgement), Lives.Of(thing.Substance, thing.Condition)));
    }

    /// <summary>What this one batch could be the main stuff of, with everything else on the heap to help.</summary>
    private static List<CanMakeDto> CanMake(Thing thing, Judgement judgement, Core.Salvage.Heap rest, GardenSettings settings, CancellationToken cancel)
    {
        var alone = new HeapThing(thing, judgement, thing.Count);
        var brief = Brief.Default with { Handbook = settings.Handbook };
        var made = new List<CanMakeDto>();
        foreach (var design in Core.Designs.Catalogue.All)
        {
            if (!IsMain(design, alone)) continue;
            var match = Matcher.Match(design, new([alone, .. rest.Things.Where(t => !IsMain(design, t))]), brief, Aim.MostSoil, cancel: cancel);
            var fit = match.Best;
            made.Add(new(
                design.Id, design.Name, match.Standing, fit?.Blueprint.Size, fit?.Assessment.Grow.Litres?.Value, fit?.Assessment.Drain.Words, fit?.Assessment.Hold.Words, fit?.Assessment.Worst,
                match.Why is null ? null : match.Wanted?.Words ?? (match.NoLeads.Count > 0 ? match.NoLeads[0].Why : null) ?? match.Why));
        }

        return made;
    }

    private static bool IsMain(Design design, HeapThing thing)
    {
        var leads = Leads.Of(design, Core.Stock.Stockroom.Of(new([thing])));
        return leads.Found.Count + leads.Others.Count > 0;
    }

    private static async Task<Results<Created<ThingDto>, ValidationProblem>> Add(ThingInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        var made = await NewRowAsync(input, garden, cancel);
        if (!made.Ok) return Problems.Refuse(made.Problems);
        var row = made.Value;
        garden.Things.Add(row);
        await garden.SaveAsync($"Added {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Created($"/api/things/{row.Id}", await ShowOne(garden, row, cancel));
    }

    /// <summary>The row of a new thing, under the next number; the caller adds it.</summary>
    internal static async Task<Core.Sums.Outcome<ThingRow>> NewRowAsync(ThingInput input, GardenContext garden, CancellationToken cancel)
    {
        var number = await garden.Things.MaxAsync(t => (int?)t.Number, cancel) + 1 ?? 1;
        return input.ToThing(0, number).Then<ThingRow>(made => ThingMapping.NewRow(made, input.Particulars(new())));
    }

    private static async Task<Results<Ok<ThingDto>, ValidationProblem, ProblemHttpResult>> Edit(int id, ThingInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { } row) return Problems.NotHere("That thing is no longer on the heap.");
        if (row.Version != input.Version) return Problems.Changed();
        var made = input.ToThing(id, row.Number, row.ToKept().Past, row.ToKept().Laid);
        if (!made.Ok) return Problems.Refuse(made.Problems);
        // The gardener counts what lies there; the batch counts what was sawn up too.
        var count = made.Value.Count + (await garden.SharesAsync(cancel))[id].Sum(s => s.Gone);
        if (await TooFewLeft(garden, id, count, cancel) is { } sentence) return Problems.Refuse("count", sentence);
        row.Keep(made.Value with { Count = count }, input.Particulars(Particulars.Of(row)));
        await garden.SaveAsync($"Changed {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ShowOne(garden, row, cancel));
    }

    private static async Task<Results<Ok<List<ThingDto>>, ValidationProblem, ProblemHttpResult>> Split(int id, SplitInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { } row) return Problems.NotHere("That thing is no longer on the heap.");
        if (row.Version != input.Version) return Problems.Changed();
        if (input.Count is not { } count || count < 1 || count >= row.Count) return Problems.Refuse("count", row.Count == 1 ? "There is only one; nothing to split." : $"Split off from 1 to {row.Count - 1}.");
        if (await TooFewLeft(garden, id, row.Count - count, cancel) is { } sentence) return Problems.Refuse("count", sentence);
        var read = row.Read();
        if (!read.Ok) return NeedsALook();
        var number = await garden.Things.MaxAsync(t => t.Number, cancel) + 1;
        var part = ThingMapping.NewRow(read.Value with { Number = number, Count = count }, Particulars.Of(row), row.ParentId);
        row.Count -= count;
        garden.Things.Add(part);
        await garden.SaveAsync($"Split {count} off {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ShowAsync(garden, [row, part], await GardenSettings.ReadAsync(garden, cancel), cancel));
    }

    private static Results<Ok<IReadOnlyDictionary<string, double>>, ValidationProblem> BundleOf(BundleInput input)
    {
        var bundle = LaidSticks.Bundle(input.Sticks ?? []);
        return bundle.Ok ? TypedResults.Ok(bundle.Value) : Problems.Refuse(bundle.Problems);
    }

    /// <summary>Sticks that are alike become a bundle of their own, and the one they were in has so many fewer.</summary>
    private static async Task<Results<Ok<List<ThingDto>>, ValidationProblem, ProblemHttpResult>> SetApart(int id, SetApartInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { } row) return Problems.NotHere("That thing is no longer on the heap.");
        if (row.Version != input.Version) return Problems.Changed();
        if (await TooFewLeft(garden, id, 0, cancel) is not null) return Problems.Refuse("sticks", "A project has spoken for some of this bundle.");
        var apart = row.Read().Then(t => t.SetApart(input.Sticks ?? [], input.Name ?? ""));
        if (!apart.Ok) return Problems.Refuse(apart.Problems);
        var (set, left) = apart.Value;
        var number = await garden.Things.MaxAsync(t => t.Number, cancel) + 1;
        var part = ThingMapping.NewRow(set with { Number = number }, Particulars.Of(row), row.Id);
        row.Keep(left, Particulars.Of(row));
        garden.Things.Add(part);
        await garden.SaveAsync($"Set {set.Laid.Count} sticks of {row.Name} apart", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ShowAsync(garden, [row, part], await GardenSettings.ReadAsync(garden, cancel), cancel));
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Retire(int id, VersionInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { } row) return Problems.NotHere("That thing is no longer on the heap.");
        if (row.Version != input.Version) return Problems.Changed();
        if (await TooFewLeft(garden, id, 0, cancel) is { } sentence) return Problems.Refuse("count", sentence);
        row.Retired = true;
        await garden.SaveAsync($"Took {row.Name} off the heap", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Restore(int id, VersionInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { } row) return Problems.NotHere("That thing is nowhere to be found.");
        if (row.Version != input.Version) return Problems.Changed();
        if (row.Seen is not null) return Problems.Refuse("thing", "It lies elsewhere: it is fetched or forgotten.");
        row.Retired = false;
        await garden.SaveAsync($"Put {row.Name} back on the heap", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static ValidationProblem NeedsALook() => Problems.Refuse("thing", "It needs a look first: something of it can no longer be read.");

    internal static async Task<string?> TooFewLeft(GardenContext garden, int thingId, int left, CancellationToken cancel)
    {
        var shares = (await garden.SharesAsync(cancel))[thingId].ToList();
        var spokenFor = shares.SelectMany(s => s.Taken).Select(t => t.Unit).Distinct().Count();
        return left >= spokenFor ? null : $"{string.Join(" and ", shares.Select(s => s.ProjectName))} {(shares.Count == 1 ? "has" : "have")} spoken for {spokenFor} of these.";
    }

    private static async Task<ThingDto> ShowOne(GardenContext garden, ThingRow row, CancellationToken cancel)
        => (await ShowAsync(garden, [row], await GardenSettings.ReadAsync(garden, cancel), cancel))[0];

    internal static async Task<List<ThingDto>> ShowAsync(GardenContext garden, List<ThingRow> rows, GardenSettings settings, CancellationToken cancel)
    {
        var rules = settings.HouseRules;
        var shares = await garden.SharesAsync(cancel);
        var photos = (await garden.Photos.AsNoTracking().Select(p => new { p.ThingId, p.Id }).ToListAsync(cancel)).ToLookup(p => p.ThingId, p => p.Id);
        return [.. rows.Select(row => (row, row.Read().Value)).Where(r => r.Value is not null).Select(r =>
        {
            var (row, thing) = (r.row, r.Value!);
            var own = shares[row.Id].ToList();
            return ThingDto.Of(row, new(thing, Inspection.Judge(thing, rules), Math.Max(0, row.Count - own.SelectMany(s => s.Taken).Select(t => t.Unit).Distinct().Count())), own, photos[row.Id].Order());
        })];
    }

    private static Results<Ok<SortedSticksDto>, ValidationProblem> SortSticks(SortSticksInput input, CancellationToken cancel)
    {
        var sorted = StickSorting.Sort(input.Sticks ?? [], input.Count ?? 0, input.LeastLength ?? 0, input.GreatestSpread ?? .15, cancel);
        if (!sorted.Ok) return Problems.Refuse(sorted.Problems);
        return TypedResults.Ok(new SortedSticksDto(sorted.Value.Sets, [.. sorted.Value.Rest.OrderBy(r => r.Key).Select(r => new RestOfSticksDto(r.Key, r.Value))]));
    }

    /// <summary>Batches that could lie in one, or were entered twice.</summary>
    private static async Task<Ok<List<AlikeDto>>> Alike(GardenContext garden, CancellationToken cancel)
    {
        var rows = await garden.Things.AsNoTracking().Where(t => !t.Retired).ToListAsync(cancel);
        return TypedResults.Ok(Duplicates.Find([.. rows.Select(r => r.Read().Value).OfType<Thing>()]).Select(g => new AlikeDto([.. g.Select(t => t.Id)])).ToList());
    }

    private static async Task<Results<Ok<ThingDto>, ValidationProblem, ProblemHttpResult>> Merge(int id, MergeInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { } row || await garden.Things.FindAsync([input.Into ?? 0], cancel) is not { } into) return Problems.NotHere("One of the two is no longer on the heap.");
        if (id == input.Into) return Problems.Refuse("into", "A batch is already one with itself.");
        if (row.Version != input.Version || into.Version != input.IntoVersion) return Problems.Changed();
        var merged = row.Read().Then(r => into.Read().Then(i => Duplicates.Merge(r, i)));
        if (!merged.Ok) return Problems.Refuse(merged.Problems);
        if (await TooFewLeft(garden, id, 0, cancel) is not null) return Problems.Refuse("into", "A project has spoken for some of it; merge the other one into it instead.");
        into.Count = merged.Value.Count;
        into.Cost = row.Cost is null && into.Cost is null ? null : (row.Cost ?? 0) + (into.Cost ?? 0);
        row.Retired = true;
        await garden.SaveAsync($"Merged {row.Name} into {into.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ShowOne(garden, into, cancel));
    }

    private static Task<Results<Ok<List<ThingDto>>, ValidationProblem, ProblemHttpResult>> Break(int id, BreakInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
        => WorkOn(id, input.Version, "Took apart", t => BreakDown.Apart(t, input.Way ?? "", input.Count ?? 1), garden, time, cancel);

    private static Task<Results<Ok<List<ThingDto>>, ValidationProblem, ProblemHttpResult>> Cut(int id, CutInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
        => WorkOn(id, input.Version, "Cut a length off", t => BreakDown.CutOff(t, input.Length ?? double.NaN), garden, time, cancel);

    private static Task<Results<Ok<List<ThingDto>>, ValidationProblem, ProblemHttpResult>> Saw(int id, SawInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
        => WorkOn(id, input.Version, "Sawed sections out of", t => BreakDown.SawSections(t, input.Boards ?? 0, input.Sections ?? 0), garden, time, cancel);

    /// <summary>Puts what the core made of a thing on the heap, each piece naming its parent; what is left of the batch stays, or the batch is retired. Answers with the batch and the new pieces.</summary>
    private static async Task<Results<Ok<List<ThingDto>>, ValidationProblem, ProblemHttpResult>> WorkOn(int id, int? version, string words, Func<Thing, Core.Sums.Outcome<Broken>> work, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { Retired: false } row) return Problems.NotHere("That thing is no longer on the heap.");
        if (row.Version != version) return Problems.Changed();
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        var read = row.Read();
        if (!read.Ok) return NeedsALook();
        var thing = read.Value;
        var judgement = Inspection.Judge(thing, settings.HouseRules);
        if (judgement.Fitness == Fitness.Refused || !judgement.MayCut) return Problems.Refuse("way", "It may not be cut, drilled or broken.");
        var broken = work(thing);
        if (!broken.Ok) return Problems.Refuse(broken.Problems);
        if (await TooFewLeft(garden, id, broken.Value.Left?.Count ?? 0, cancel) is { } sentence) return Problems.Refuse("count", sentence);
        var number = await garden.Things.MaxAsync(t => t.Number, cancel);
        List<ThingRow> pieces = [.. broken.Value.Pieces.Select(p => ThingMapping.NewRow(p with { Number = ++number }, new(row.Place, Source: row.Source, KeepDry: row.KeepDry), row.Id))];
        if (broken.Value.Left is { } left) row.Count = left.Count;
        else row.Retired = true;
        garden.Things.AddRange(pieces);
        await garden.SaveAsync($"{words} {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ShowAsync(garden, [row, .. pieces], settings, cancel));
    }

    /// <summary>One change to many, all or none.</summary>
    private static async Task<Results<Ok<List<ThingDto>>, ValidationProblem, ProblemHttpResult>> Bulk(BulkInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        const int Most = 5000;
        if (input.Things is not { Count: > 0 and <= Most } chosen) return Problems.Refuse("things", $"Choose from 1 to {Most} things.");
        var ids = chosen.Select(t => t.Id).Distinct().ToList();
        if (ids.Count < chosen.Count) return Problems.Refuse("things", "One of them is named twice.");
        if (new Particulars(input.Place ?? "", Source: input.Source ?? "").Problems().ToList() is { Count: > 0 } tooLong) return Problems.Refuse(tooLong);
        var rows = await garden.Things.Where(t => ids.Contains(t.Id)).ToListAsync(cancel);
        if (rows.Count < chosen.Count) return Problems.NotHere("One of them is no longer on the heap.");
        var versions = chosen.ToDictionary(t => t.Id, t => t.Version);
        if (rows.Exists(r => r.Version != versions[r.Id])) return Problems.Changed();
        var spokenFor = await garden.Allocations.Where(a => ids.Contains(a.ThingId)).Select(a => a.ThingId).ToHashSetAsync(cancel);
        foreach (var row in rows)
        {
            if (Changed(row, input) is not { } made) continue;
            if (!made.Ok) return Problems.Refuse([.. made.Problems.Select(p => p with { Field = "addFindings", Sentence = $"{row.Number} {row.Name}: {p.Sentence}" })]);
            row.Keep(made.Value, Particulars.Of(row) with { Place = input.Place ?? row.Place, Source = input.Source ?? row.Source, KeepDry = input.KeepDry ?? row.KeepDry });
            if (input.Retire != true) continue;
            if (spokenFor.Contains(row.Id)) return Problems.Refuse("retire", $"A project has spoken for {row.Number} {row.Name}.");
            row.Retired = true;
        }

        await garden.SaveAsync(input.Retire == true ? $"Took {rows.Count} things off the heap" : $"Changed {rows.Count} things", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ShowAsync(garden, rows, await GardenSettings.ReadAsync(garden, cancel), cancel));
    }

    private static Core.Sums.Outcome<Thing>? Changed(ThingRow row, BulkInput input)
    {
        var read = row.Read();
        if (!read.Ok) return read;
        var thing = read.Value;
        List<string> findings = [.. thing.Findings.Union(input.AddFindings ?? []).Except(input.RemoveFindings ?? [])];
        return Thing.Create(thing.Id, thing.Number, thing.Name, thing.Kind.Id, thing.Count, thing.Values, thing.Substance, findings, thing.Faults, thing.History, thing.Taken).Then(t => t.Lay(thing.Laid));
    }

    /// <summary>The ways a thing gives; one that wants a tool nobody has says so, and names the first that does not.</summary>
    private static List<WayDto> WaysOf(Thing thing, Judgement judgement, ToolShelf shelf)
    {
        // What may not be cut is offered no way that cuts it.
        var ways = thing.Kind.BreakDown(thing).Where(w => judgement.MayCut || !w.Cuts).ToList();
        var lacks = ways.ToDictionary(w => w.Id, shelf.Lacks, StringComparer.Ordinal);
        var instead = ways.FirstOrDefault(w => lacks[w.Id] is null)?.Name;
        return [.. ways.Select(w => new WayDto(
            w.Id, w.Name, [.. w.Yields.Select(y => new YieldDto(y.Form, y.Name, y.Count, y.Expected, y.Length, y.Width, y.Thickness))], w.Minutes, w.Tools, w.Words,
            lacks[w.Id], lacks[w.Id] is null ? null : instead, shelf.InsteadFor(w), shelf.ToBorrow(w), BreakDown.Apart(thing with { Count = 1 }, w.Id, 1).Ok))];
    }
}
