using System.Globalization;
using System.Text;
using Metaplant.Core.Designs;
using Metaplant.Core.Fetching;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Data.Settings;
using Metaplant.Web.Drawing;
using Metaplant.Web.Errors;
using Metaplant.Web.Heap;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Fetching;

/// <summary>What is worth fetching: a list of what is wanted, and what something seen elsewhere would be good for.</summary>
internal static class FetchingEndpoints
{
    private const string Gone = "That is no longer among what was seen.";

    public static void MapFetching(this IEndpointRouteBuilder api)
    {
        api.MapPost("/wanted", Wanted).WithName("wanted").WithMetadata(new RequestTimeoutAttribute(120_000));
        api.MapGet("/wanted/page", Page).WithName("wantedPage").WithMetadata(new RequestTimeoutAttribute(120_000)).ExcludeFromDescription();
        api.MapPost("/worth", WorthOf).WithName("worth").WithMetadata(new RequestTimeoutAttribute(120_000));
        api.MapGet("/seen", All).WithName("seen");
        api.MapPost("/seen", Keep).InTurn().WithName("keepSeen");
        api.MapPost("/seen/{id:int}/fetched", Fetched).InTurn().WithName("fetchSeen");
        api.MapPost("/seen/{id:int}/forget", Forget).InTurn().WithName("forgetSeen");
    }

    private static async Task<Results<Ok<List<WantedThingDto>>, ValidationProblem>> Wanted(WantedInput input, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        var list = await ListAsync(input.Brief ?? BriefDto.Nothing, garden, atHand, cancel);
        return list.Ok ? TypedResults.Ok(list.Value.Select(Show).ToList()) : Problems.Refuse(list.Problems);
    }

    private static async Task<Results<FileContentHttpResult, ValidationProblem>> Page(string? medium, string? crop, Exposure? exposure, bool? peopleAtEdge, Site? site, string? ground, GardenContext garden, AtHand atHand, TimeProvider time, CancellationToken cancel)
    {
        var list = await ListAsync(new(medium, crop, exposure, peopleAtEdge, site, ground), garden, atHand, cancel);
        if (!list.Ok) return Problems.Refuse(list.Problems);
        var settings = await atHand.SettingsAsync(garden, cancel);
        var page = WantedPage.Of(settings.Name, list.Value, settings.Teller, Today(time).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture));
        return TypedResults.File(Encoding.UTF8.GetBytes(page), "text/html; charset=utf-8", "worth-fetching.html");
    }

    private static async Task<Outcome<List<WantedThing>>> ListAsync(BriefDto input, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        var (settings, heap) = await atHand.OfAsync(garden, null, cancel);
        return input.ToBrief(settings).Then<List<WantedThing>>(brief => WantedList.Of(heap, settings.HouseRules, brief, Aim.MostSoil, cancel).ToList());
    }

    private static WantedThingDto Show(WantedThing w) => new(
        w.What, w.Count, w.Missing.Length, w.Missing.Width, w.Missing.Thickness, w.Measures, [.. w.Unlocks.Select(u => new UnlockedDto(u.With.Design.Id, u.With.Design.Name, u.Without is null, u.Words))],
        [.. w.Givers.Select(g => new GiverDto(g.Kind.Id, g.Kind.Name, g.Each, g.LeaveIt))]);

    private static DateOnly Today(TimeProvider time) => DateOnly.FromDateTime(time.GetLocalNow().DateTime);

    private static async Task<Results<Ok<WorthDto>, ValidationProblem>> WorthOf(WorthInput input, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        var (settings, heap) = await atHand.OfAsync(garden, null, cancel);
        var brief = (input.Brief ?? BriefDto.Nothing).ToBrief(settings);
        if (!brief.Ok) return Problems.Refuse(brief.Problems);
        var thing = await ThingOf(input, garden, cancel);
        if (!thing.Ok) return Problems.Refuse(thing.Problems);
        return TypedResults.Ok(Show(Worth.Of(heap, thing.Value, settings.HouseRules, brief.Value, input.Aim ?? Aim.MostSoil, cancel: cancel), settings));
    }

    /// <summary>As it was kept, or as it is typed; a name is not needed to look.</summary>
    private static async Task<Outcome<Thing>> ThingOf(WorthInput input, GardenContext garden, CancellationToken cancel)
    {
        if (input.Seen is { } id) return await garden.Things.AsNoTracking().FirstOrDefaultAsync(t => t.Id == id && t.Seen != null, cancel) is { } row ? row.Read() : new Problem("seen", Gone);
        if (input.Thing is not { } typed) return new Problem("thing", "Say what it is.");
        return (string.IsNullOrWhiteSpace(typed.Name) ? typed with { Name = "It" } : typed).ToThing(int.MaxValue, int.MaxValue);
    }

    private static WorthDto Show(Worth worth, GardenSettings settings)
    {
        var (thing, judgement) = (worth.Seen.Thing, worth.Seen.Judgement);
        var loading = settings.Carrier?.For(thing.Measures.Bulk, thing.Count);
        return new(
            [.. worth.Unlocks.Select(Show)], worth.WhyNot, worth.Hoped?.Unlocks.Select(Show).ToList(), judgement.Fitness, judgement.NotLookedAtYet, judgement.Open, loading,
            loading is { Fits: false } ? [.. settings.Carrier!.Apart(thing, judgement).Select(w => new ApartDto(w.Name, w.Words, w.Yields.Max(y => y.Length), w.Minutes, w.Yields.Sum(y => y.Count - y.Expected), w.Tools, settings.ToolShelf.Lacks(w)))] : []);
    }

    private static UnlockDto Show(Unlock u) => new(
        u.With.Design.Id, u.With.Design.Name, u.Gain, u.Words, u.Until, u.With.Assessment.Grow.Litres?.Value, u.With.Assessment.Worst, u.Saves, u.Number,
        ViewDto.Of(Pictures.Draw(u.With.Blueprint.Scene(), Camera.Corner(0))));

    private static async Task<Ok<List<SeenDto>>> All(GardenContext garden, CancellationToken cancel)
        => TypedResults.Ok(await ShowAsync(await garden.Things.AsNoTracking().Where(t => t.Seen != null).OrderByDescending(t => t.Id).ToListAsync(cancel), garden, cancel));

    private static async Task<List<SeenDto>> ShowAsync(List<ThingRow> rows, GardenContext garden, CancellationToken cancel)
    {
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        var byId = rows.ToDictionary(r => r.Id);
        return [.. (await HeapEndpoints.ShowAsync(garden, rows, settings, cancel)).Select(t => new SeenDto(t, byId[t.Id].Seen!.Value, settings.Carrier?.For(byId[t.Id].Read().Value?.Measures.Bulk, t.Count)))];
    }

    private static async Task<Results<Created<SeenDto>, ValidationProblem>> Keep(ThingInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        var made = await HeapEndpoints.NewRowAsync(input, garden, cancel);
        if (!made.Ok) return Problems.Refuse(made.Problems);
        var row = made.Value;
        (row.Retired, row.Seen) = (true, Today(time));
        garden.Things.Add(row);
        await garden.SaveAsync($"Saw {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Created($"/api/seen/{row.Id}", (await ShowAsync([row], garden, cancel))[0]);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Fetched(int id, VersionInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { Seen: not null } row) return Problems.NotHere(Gone);
        if (row.Version != input.Version) return Problems.Changed();
        (row.Retired, row.Seen) = (false, null);
        await garden.SaveAsync($"Fetched {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Forget(int id, VersionInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Things.FindAsync([id], cancel) is not { Seen: not null } row) return Problems.NotHere(Gone);
        if (row.Version != input.Version) return Problems.Changed();
        garden.Photos.RemoveRange(await garden.Photos.Where(p => p.ThingId == id).ToListAsync(cancel));
        garden.Things.Remove(row);
        await garden.SaveAsync($"Forgot {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }
}
