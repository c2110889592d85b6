using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Matching;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Data.Settings;
using Metaplant.Web.Drawing;
using Metaplant.Web.Errors;
using Metaplant.Web.Matching;
using Metaplant.Web.Projects;
using Metaplant.Web.Telling;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Plan;

internal static class PlanEndpoints
{
    private const int MinutesApart = 10;

    private const string StandsNowhere = "It does not stand on the plan.";

    public static void MapPlan(this IEndpointRouteBuilder api)
    {
        api.MapGet("/plan", Read).WithName("plan");
        api.MapPut("/plan/site", PutSite).WithName("planSite").InTurn();
        api.MapPost("/plan/places", Add).WithName("addPlace").InTurn();
        api.MapPut("/plan/places/{id:int}", Change).WithName("changePlace").InTurn();
        api.MapDelete("/plan/places/{id:int}", Remove).WithName("removePlace").InTurn();
        api.MapPost("/plan/try", Try).WithName("tryPlace");
        api.MapPost("/plan/north", North).WithName("northByStick");
        api.MapGet("/plan/days/{day:int}", Day).WithName("planDay");
        api.MapGet("/plan/spots/{id:int}", Report).WithName("spot");
        // All designs are matched for it, which takes a small computer its time.
        api.MapGet("/plan/spots/{id:int}/designs", Designs).WithName("designsFor").WithMetadata(new RequestTimeoutAttribute(120_000));
        api.MapGet("/plan/file", Out).WithName("planOut");
        api.MapPut("/plan/file", In).WithName("planIn").InTurn();
        api.MapGet("/plan.svg", Drawn).WithName("planDrawn");
        api.MapGet("/plan/sheet.svg", Sheet).WithName("planSheet");
        api.MapGet("/projects/{id:int}/pegs", Pegs).WithName("pegs");
        api.MapGet("/projects/{id:int}/pegs.svg", PegsDrawn).WithName("pegsDrawn");
        api.MapGet("/projects/{id:int}/pegs/bend", Bent).WithName("pegsBent");
        api.MapGet("/projects/{id:int}/fetching", Fetching).WithName("fetching");
        api.MapGet("/projects/{id:int}/spots", Rank).WithName("spotsFor");
        api.MapPut("/projects/{id:int}/stands", Stand).WithName("stand").InTurn();
    }

    private static async Task<GardenPlanDto> Read(GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        var settings = await atHand.SettingsAsync(garden, cancel);
        var kept = await garden.SurveyAsync(settings.Site, cancel);
        var (standing, handbook) = (await garden.StandingAsync(cancel), settings.Handbook);
        var (least, greatest) = kept.Plan.Extent;
        var north = kept.Plan.Site.Toward(0);
        return new(
            kept.Plan.Site, settings.Site is not null, [north.X, north.Y], [least.X, least.Y, greatest.X, greatest.Y], [.. kept.Places.Select(p => PlaceDto.Of(p, kept.Plan.Site))],
            [.. standing.Select(s => StandingDto.Of(s, standing, settings.Plan, handbook))]);
    }

    private static async Task<Results<NoContent, ValidationProblem>> PutSite(PlanSite input, GardenContext garden, TimeProvider clock, CancellationToken cancel)
    {
        if (input.Problems().ToList() is { Count: > 0 } problems) return Problems.Refuse(problems);
        await garden.SetAsync(SettingRows.Site, input, cancel);
        await garden.SaveAsync("Where the garden lies", clock.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<PlaceDto>, ValidationProblem>> Add(PlaceInput input, GardenContext garden, TimeProvider clock, CancellationToken cancel)
    {
        var site = await SiteAsync(garden, cancel);
        var placed = Placed(input, 0, site);
        if (!placed.Ok) return Problems.Refuse(placed.Problems);
        if (await garden.Places.CountAsync(cancel) >= PlanKeeping.MostPlaces) return Problems.Refuse("drawn", $"A plan has at most {PlanKeeping.MostPlaces} things on it.");
        var row = PlanKeeping.Row(input.Drawn!);
        garden.Places.Add(row);
        await garden.SaveAsync($"{row.Name} on the plan", clock.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(PlaceDto.Of(new(row, row.ReadDraft(), placed), site));
    }

    private static async Task<Results<Ok<PlaceDto>, ValidationProblem, NotFound, ProblemHttpResult>> Change(int id, PlaceInput input, GardenContext garden, TimeProvider clock, CancellationToken cancel)
    {
        if (await garden.Places.FindAsync([id], cancel) is not { } row) return TypedResults.NotFound();
        if (row.Version != input.Version) return Problems.Changed();
        var site = await SiteAsync(garden, cancel);
        var placed = Placed(input, id, site);
        if (!placed.Ok) return Problems.Refuse(placed.Problems);
        var draft = input.Drawn!;
        if (draft.Sort != PlaceSort.Spot && await StandsThereAsync(garden, id, cancel) is { } name) return Problems.Refuse("sort", $"{name} is for this spot: it cannot become anything else.");
        (row.Sort, row.Name, row.Drawn) = (draft.Sort.ToString(), draft.Name.Trim(), PlanKeeping.Write(draft));
        await garden.SaveAsync($"{row.Name} on the plan", clock.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(PlaceDto.Of(new(row, row.ReadDraft(), placed), site));
    }

    private static async Task<Results<NoContent, ValidationProblem, NotFound, ProblemHttpResult>> Remove(int id, int version, GardenContext garden, TimeProvider clock, CancellationToken cancel)
    {
        if (await garden.Places.FindAsync([id], cancel) is not { } row) return TypedResults.NotFound();
        if (row.Version != version) return Problems.Changed();
        if (await StandsThereAsync(garden, id, cancel) is { } name) return Problems.Refuse("place", $"{name} is for this spot. Take it to another, or off the plan, first.");
        garden.Places.Remove(row);
        await garden.SaveAsync($"{row.Name} off the plan", clock.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    /// <summary>Where a draft would lie, while it is being typed; nothing is kept.</summary>
    private static async Task<Results<Ok<PlaceDto>, ValidationProblem>> Try(PlaceInput input, GardenContext garden, CancellationToken cancel)
    {
        var site = await SiteAsync(garden, cancel);
        var placed = Placed(input, 0, site);
        return placed.Ok ? TypedResults.Ok(PlaceDto.Of(new(PlanKeeping.Row(input.Drawn!), input.Drawn!, placed), site)) : Problems.Refuse(placed.Problems);
    }

    private static Outcome<Surveyed> Placed(PlaceInput input, int id, PlanSite site)
        => PlaceDraft.Whole(input.Drawn) is not { } draft ? new Problem("drawn", "What goes on the plan has a name and marks.") : Survey.Of(draft, id, site.BaseLine);

    private static async Task<PlanSite> SiteAsync(GardenContext garden, CancellationToken cancel) => (await GardenSettings.ReadAsync(garden, cancel)).Site ?? PlanSite.Nothing;

    /// <summary>How the base line lies, by the shadow of a stick; nothing is kept.</summary>
    private static Results<Ok<NorthByStick>, ValidationProblem> North(StickInput input)
    {
        if (input is not { Foot: { } foot, Tip: { } tip }) return Problems.Refuse(input.Foot is null ? "foot" : "tip", "Measure the foot of the stick and the tip of its shadow.");
        List<Problem> problems = [.. (PlanSite.Nothing with { BaseLine = input.BaseLine, Latitude = input.Latitude }).Problems()];
        if (problems.Count > 0) return Problems.Refuse(problems);
        var north = NorthByStick.Of(foot, tip, input.BaseLine, input.Latitude);
        return north.Ok ? TypedResults.Ok(north.Value) : Problems.Refuse(north.Problems);
    }

    private static Task<string?> StandsThereAsync(GardenContext garden, int spot, CancellationToken cancel) => garden.Projects.Where(p => p.SpotId == spot).OrderBy(p => p.Id).Select(p => p.Name).FirstOrDefaultAsync(cancel);

    private static async Task<Results<Ok<PlanDayDto>, ValidationProblem>> Day(int day, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        if (day is < 1 or > 365) return Problems.Refuse("day", "A year has the days 1 to 365.");
        var settings = await atHand.SettingsAsync(garden, cancel);
        var (plan, handbook) = (settings.Plan, settings.Handbook);
        return TypedResults.Ok(new PlanDayDto(day, [.. Shadows.Day(plan, day, MinutesApart, handbook).Select(PlanContracts.Of)], [.. SunMap.Contoured(plan, day, handbook).Select(l => new SunLevelDto(l.Hours, [.. l.Areas.Select(IReadOnlyList<double[]> (area) => [.. area.Select(PlanContracts.Rounded)])]))]));
    }

    private static async Task<Results<Ok<SpotReportDto>, NotFound>> Report(int id, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        var settings = await atHand.SettingsAsync(garden, cancel);
        return settings.Plan.Find(id) is { } spot ? TypedResults.Ok(SpotReportDto.Of(settings.Plan.Report(spot, settings.Handbook), settings.Plan, settings.Handbook)) : TypedResults.NotFound();
    }

    /// <summary>Every design for a spot, made of the heap there is; the one that suits it best first.</summary>
    private static async Task<Results<Ok<IReadOnlyList<DesignRankDto>>, ValidationProblem, NotFound>> Designs(int id, GardenContext garden, AtHand atHand, ILogger<Matches> log, CancellationToken cancel)
    {
        var (settings, heap) = await atHand.OfAsync(garden, null, cancel);
        if (settings.Plan.Find(id) is null) return TypedResults.NotFound();
        var brief = (BriefDto.Nothing with { Spot = id }).ToBrief(settings);
        if (!brief.Ok) return Problems.Refuse(brief.Problems);
        var ranked = DesignRank.Ordered(MatchEndpoints.Told(Matcher.Match(heap, brief.Value, Aim.MostSoil, cancel: cancel), log), brief.Value.Here!);
        return TypedResults.Ok<IReadOnlyList<DesignRankDto>>([.. ranked.Select(r => new DesignRankDto(r.Design.Id, r.Design.Name, r.Standing, r.Worst, r.Words))]);
    }

    private static async Task<PlanFileDto> Out(GardenContext garden, CancellationToken cancel)
    {
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        return new(settings.Site ?? PlanSite.Nothing, [.. (await garden.SurveyAsync(settings.Site, cancel)).Places.Select(p => p.Draft)]);
    }

    /// <summary>Puts a plan in the place of the one there is; all of it, or nothing.</summary>
    private static async Task<Results<NoContent, ValidationProblem>> In(PlanFileDto input, GardenContext garden, TimeProvider clock, CancellationToken cancel)
    {
        if (input.Site is not { } site || input.Places is not { } places || places.Any(p => PlaceDraft.Whole(p) is null)) return Problems.Refuse("plan", "This is no plan: it has a site, and places with a name and marks each.");
        List<Problem> problems = [.. site.Problems().Select(p => p with { Field = $"site.{p.Field}" }), .. places.Take(PlanKeeping.MostPlaces).SelectMany((d, i) => Survey.Of(d, 0, site.BaseLine).Problems.Select(p => p with { Field = $"places.{i}.{p.Field}" }))];
        if (places.Count > PlanKeeping.MostPlaces) problems.Add(new("places", $"A plan has at most {PlanKeeping.MostPlaces} things on it."));
        if (await garden.Projects.Where(p => p.SpotId != null).OrderBy(p => p.Id).Select(p => p.Name).FirstOrDefaultAsync(cancel) is { } name) problems.Add(new("places", $"{name} is for a spot of the plan there is. Take it off the plan first."));
        if (problems.Count > 0) return Problems.Refuse(problems);
        garden.Places.RemoveRange(await garden.Places.ToListAsync(cancel));
        garden.Places.AddRange(places.Select(p => PlanKeeping.Row(p)));
        await garden.SetAsync(SettingRows.Site, site, cancel);
        await garden.SaveAsync("A plan taken in", clock.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<ContentHttpResult> Drawn(GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        var settings = await atHand.SettingsAsync(garden, cancel);
        return TypedResults.Text(SvgWriter.Write(PlanView.Of(settings.Plan, await garden.StandingAsync(cancel)), Reader.Now), "image/svg+xml");
    }

    /// <summary>The plan on one sheet of the reader's paper, at a round scale.</summary>
    private static async Task<ContentHttpResult> Sheet(GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        var settings = await atHand.SettingsAsync(garden, cancel);
        return TypedResults.Text(ToScale.Sheet(PlanView.Of(settings.Plan, await garden.StandingAsync(cancel)), Reader.Paper, Reader.Now), "image/svg+xml");
    }

    /// <summary>How a project is pegged out where it stands; its posts are left out where it can no longer be drawn.</summary>
    private static async Task<Results<Ok<SettingOutDto>, ProblemHttpResult>> Pegs(int id, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        if (await StandsAsync(id, garden, cancel) is not { } planter) return Problems.NotHere(StandsNowhere);
        var opened = await PictureEndpoints.OpenAsync(garden, id, cancel);
        IReadOnlyList<Point> posts = opened.Value is { } project ? SettingOut.Posts(project.Board.Fit.Blueprint.Scene()) : [];
        var plan = (await atHand.SettingsAsync(garden, cancel)).Plan;
        return TypedResults.Ok(SettingOutDto.Of(SettingOut.Of(plan, planter, posts), opened.Ok, EdgeFollowed.Of(plan, planter)));
    }

    /// <summary>The same length and width round a bend.</summary>
    private static async Task<Results<Ok<Bend>, ValidationProblem, ProblemHttpResult>> Bent(int id, double? rise, GardenContext garden, CancellationToken cancel)
    {
        if (await StandsAsync(id, garden, cancel) is not { } planter) return Problems.NotHere(StandsNowhere);
        var bend = Bend.Of(planter.Size.Length, rise ?? 0, planter.Size.Width);
        return bend.Ok ? TypedResults.Ok(bend.Value) : Problems.Refuse(bend.Problems);
    }

    private static async Task<Results<ContentHttpResult, ProblemHttpResult>> PegsDrawn(int id, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        if (await StandsAsync(id, garden, cancel) is not { } planter) return Problems.NotHere(StandsNowhere);
        var plan = (await atHand.SettingsAsync(garden, cancel)).Plan;
        return TypedResults.Text(SvgWriter.Write(SettingOutView.Of(plan, planter, SettingOut.Of(plan, planter, [])), Reader.Now, 480, 380), "image/svg+xml");
    }

    /// <summary>In which order what a project takes is fetched from where it lies on the plan, to where it is to stand.</summary>
    private static async Task<Results<Ok<FetchWalkDto>, ValidationProblem, ProblemHttpResult>> Fetching(int id, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        if (await StandsAsync(id, garden, cancel) is not { } planter) return Problems.NotHere(StandsNowhere);
        var opened = await PictureEndpoints.OpenAsync(garden, id, cancel);
        if (!opened.Ok) return Problems.Refuse(opened.Problems);
        List<int> takes = [.. opened.Value.Board.Fit.Cast.Counts.Keys];
        var things = await garden.Things.AsNoTracking().Where(t => takes.Contains(t.Id)).OrderBy(t => t.Number).Select(t => new Lying(t.Id, t.Place)).ToListAsync(cancel);
        return TypedResults.Ok(FetchWalkDto.Of(FetchWalk.Of((await atHand.SettingsAsync(garden, cancel)).Plan, planter.At, things)));
    }

    private static async Task<StandingPlanter?> StandsAsync(int project, GardenContext garden, CancellationToken cancel) => (await garden.StandingAsync(cancel)).FirstOrDefault(s => s.Project == project);

    /// <summary>Every spot for a project, the one that suits it best first.</summary>
    private static async Task<Results<Ok<IReadOnlyList<SpotRankDto>>, ValidationProblem, NotFound>> Rank(int id, GardenContext garden, CancellationToken cancel)
    {
        if (await garden.Projects.FindAsync([id], cancel) is not { } row) return TypedResults.NotFound();
        var ranked = await garden.RankAsync(row, await GardenSettings.ForBriefsAsync(garden, cancel), cancel);
        return ranked.Ok ? TypedResults.Ok<IReadOnlyList<SpotRankDto>>([.. ranked.Value.Select(r => new SpotRankDto(r.Spot.Id, r.Spot.Name, r.Worst, r.Words))]) : Problems.Refuse(ranked.Problems);
    }

    /// <summary>Sets a project down, or takes it off the plan; at another spot it is judged by that spot’s sun, wind and ground.</summary>
    private static async Task<Results<Ok<MovedDto>, ValidationProblem, NotFound, ProblemHttpResult>> Stand(int id, StandInput input, GardenContext garden, TimeProvider clock, CancellationToken cancel)
    {
        if (await garden.Projects.FindAsync([id], cancel) is not { } row) return TypedResults.NotFound();
        if (row.Version != input.Version) return Problems.Changed();
        var settings = await GardenSettings.ForBriefsAsync(garden, cancel);
        var changed = await garden.StandAsync(row, settings, input.Spot is { } spot ? new(spot, input.X ?? 0, input.Y ?? 0, input.Turned ?? 0, input.Snap == true) : null, cancel);
        if (!changed.Ok) return Problems.Refuse(changed.Problems);
        await garden.SaveAsync(input.Spot is null ? $"{row.Name} off the plan" : $"{row.Name} set down", clock.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(new MovedDto(changed.Value.Changed));
    }
}
