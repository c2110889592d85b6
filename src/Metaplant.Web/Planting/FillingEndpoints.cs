using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Planting;
using Metaplant.Core.Salvage;
using Metaplant.Core.Settling;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Web.Drawing;
using Metaplant.Web.Errors;
using Metaplant.Web.Projects;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Planting;

/// <summary>What projects are filled with.</summary>
internal static class FillingEndpoints
{
    /// <summary>Years after filling at which it is told how far it has sunk; at half a year it is the first autumn.</summary>
    private static readonly double[] Looked = [0, .5, 1, 2, 3];

    /// <summary>Levels at which a bay's width is told.</summary>
    private const int Levels = 12;

    private static HouseRule Rule { get; } = HouseRules.All.First(r => r.Id == HouseRules.Filling);

    public static void MapFilling(this IEndpointRouteBuilder api)
    {
        api.MapGet("/projects/{id:int}/filling", One).WithName("filling");
        api.MapPost("/projects/{id:int}/filling/try", Try).WithName("tryFilling");
        api.MapPut("/projects/{id:int}/filling", Put).InTurn().WithName("putFilling");
        api.MapGet("/filling/delivery", Delivery).WithName("delivery");
    }

    private static async Task<Results<Ok<FillingDto>, ValidationProblem, ProblemHttpResult>> One(int id, GardenContext garden, CancellationToken cancel)
    {
        if (await garden.Projects.AsNoTracking().FirstOrDefaultAsync(p => p.Id == id, cancel) is not { } row) return NoProject();
        var opened = await OpenAsync(garden, row, cancel);
        return opened.Ok ? TypedResults.Ok(await ShowAsync(garden, row, opened.Value, KeptOr(row, opened.Value), cancel)) : Problems.Refuse(opened.Problems);
    }

    /// <summary>How it would be filled, while somebody drags a layer; nothing is kept.</summary>
    private static async Task<Results<Ok<FillingDto>, ValidationProblem, ProblemHttpResult>> Try(int id, FillingInput input, GardenContext garden, CancellationToken cancel)
    {
        if (await garden.Projects.AsNoTracking().FirstOrDefaultAsync(p => p.Id == id, cancel) is not { } row) return NoProject();
        var opened = await OpenAsync(garden, row, cancel);
        if (!opened.Ok) return Problems.Refuse(opened.Problems);
        var filled = Filled(input, opened.Value);
        return filled.Ok ? TypedResults.Ok(await ShowAsync(garden, row, opened.Value, (filled.Value, null), cancel)) : Problems.Refuse(filled.Problems);
    }

    private static async Task<Results<Ok<FillingDto>, ValidationProblem, ProblemHttpResult>> Put(int id, FillingInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Projects.FindAsync([id], cancel) is not { } row) return NoProject();
        if (row.Version != input.Version) return Problems.Changed();
        var opened = await OpenAsync(garden, row, cancel);
        if (!opened.Ok) return Problems.Refuse(opened.Problems);
        var filled = Filled(input, opened.Value);
        if (!filled.Ok) return Problems.Refuse(filled.Problems);
        row.Filling = input.Bays is null && input.School is null ? null : KeptFilling.Of(filled.Value).Write();
        await garden.SaveAsync($"What fills {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ShowAsync(garden, row, opened.Value, (filled.Value, null), cancel));
    }

    /// <summary>All planters still to be filled, in one delivery; what lies on the heap is shared out in their order.</summary>
    private static async Task<Ok<DeliveryDto>> Delivery(GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        var settings = await atHand.SettingsAsync(garden, cancel);
        var all = await garden.ToFillAsync(cancel);
        var heap = await garden.HeapToFillFromAsync(settings.HouseRules, all.Select(p => p.Project), cancel);
        var fetched = FillFetch.Of([.. all.Select(p => (p.Filling.Wants, p.Filling.Food))], heap);
        var placed = all.SelectMany(p => p.Filling.Wants).ToLookup(w => w.Fill, w => w.Placed);
        var wants = fetched.SelectMany(f => f).GroupBy(f => f.Fill).Select(g => FillWantDto.Of(FillFetch.Together([.. g]), placed[g.Key].Sum(), heap, settings.Handbook)).ToList();
        return TypedResults.Ok(new DeliveryDto([.. all.Select(p => new DeliveredToDto(p.Project, p.Name, p.Filling.Wants.Sum(w => w.Loose)))], wants, wants.Sum(w => w.Cost)));
    }

    private static ProblemHttpResult NoProject() => Problems.NotHere("There is no such project.");

    private sealed record Opened(ProjectEndpoints.Reading Read, Fit Fit)
    {
        public string School => Read.Settings.HouseRules[HouseRules.Filling];

        public IReadOnlyList<IReadOnlyList<Layer>> Proposed => FilledPlanter.Proposed(Fit, School);
    }

    private static async Task<Outcome<Opened>> OpenAsync(GardenContext garden, ProjectRow row, CancellationToken cancel)
    {
        if (Making.Read(row.Making).Ended) return new Problem("project", "It is no longer there, so that nothing fills it.");
        var read = await ProjectEndpoints.Reading.OfAsync(garden, row, cancel);
        if (read.Drawn.Value is not { } drawn) return Outcome<Opened>.Refuse([.. read.Drawn.Problems.Select(p => p with { Field = "project" })]);
        return drawn.Board.Fit.Blueprint.Bays.Count == 0 ? new Problem("project", "It holds no soil, so that there is nothing to fill.") : new Opened(read, drawn.Board.Fit);
    }

    /// <summary>What was kept; where it no longer fits, say since it was drawn larger, what the house rule proposes, with why.</summary>
    private static (FilledPlanter Filled, Sentence? Anew) KeptOr(ProjectRow row, Opened opened)
    {
        if (KeptFilling.Read(row.Filling) is { } kept)
        {
            var filled = FilledPlanter.Of(opened.Fit, kept.Bays);
            if (filled.Ok) return (filled.Value, null);
            return (FilledPlanter.Of(opened.Fit, opened.Proposed).OrThrow(), $"What was kept no longer fits it: {filled.Problems[0].Sentence} This is what the house rule proposes now.");
        }

        return (FilledPlanter.Of(opened.Fit, opened.Proposed).OrThrow(), opened.Read.Done.Contains(ProjectKeeping.FillStep) ? (Sentence)"It is filled already, and nobody has said with what. This is what the house rule would lay into it: say what is really in there, and keep it." : null);
    }

    private static Outcome<FilledPlanter> Filled(FillingInput input, Opened opened)
    {
        if (input.School is { } school && !Rule.Schools.Any(s => s.Id == school)) return new Problem("school", "There is no such school.");
        if (input.Bays is not { } bays) return FilledPlanter.Of(opened.Fit, FilledPlanter.Proposed(opened.Fit, input.School ?? opened.School));
        List<Problem> problems = [.. from b in bays.Index() from l in b.Item.Index() where l.Item.Fill is null || !Enum.IsDefined(l.Item.Fill.Value) select new Problem($"bays.{b.Index}.layers.{l.Index}.fill", "Say what it is.")];
        return problems.Count > 0 ? Outcome<FilledPlanter>.Refuse(problems) : FilledPlanter.Of(opened.Fit, [.. bays.Select(b => (IReadOnlyList<Layer>)[.. b.Select(l => new Layer(l.Fill!.Value, l.Thickness ?? 0, l.Firmed ?? true))])]);
    }

    private static async Task<FillingDto> ShowAsync(GardenContext garden, ProjectRow row, Opened opened, (FilledPlanter Filled, Sentence? Anew) what, CancellationToken cancel)
    {
        var (filled, handbook) = (what.Filled, opened.Read.Settings.Handbook);
        // Those before it in the list are served first, as in the delivery.
        var all = await garden.ToFillAsync(cancel);
        var heap = await garden.HeapToFillFromAsync(opened.Read.Settings.HouseRules, all.Select(p => p.Project).Append(row.Id), cancel);
        var amounts = filled.Amounts();
        var fetched = FillFetch.Of([.. all.Where(p => p.Project < row.Id).Select(p => (p.Filling.Wants, p.Filling.Food)), (amounts, filled.Food)], heap)[^1];
        List<FillWantDto> wants = [.. fetched.Zip(amounts).Select(f => FillWantDto.Of(f.First, f.Second.Placed, heap, handbook))];
        return new(
            row.Id, row.Name, row.DesignName(), row.Version, row.Filling is not null && what.Anew is null, opened.Read.Done.Contains(ProjectKeeping.FillStep), what.Anew, filled.Volume, filled.Usable(0), filled.NotRooted,
            [.. filled.Bays.Select(b => Bay(b.Bay, b.Count, handbook))], wants, wants.Sum(w => w.Cost), [.. filled.Remarks().Select(r => new FillRemarkDto(r.Verdict, r.Words))],
            [.. filled.Crops().Select(c => new CropByYearDto(c.Crop.Id, c.Crop.Name, c.From, [.. c.Years.Select(y => y.Count)], c.Years[0].WhyNot, c.Years.FirstOrDefault(y => y.Count > 0)?.NotKnown))],
            [.. filled.Sums().Select(SumDto.Of)], opened.School, Rule.Schools, [.. Enum.GetValues<Fill>().Select(f => new FillNameDto(f, f.Words()))]);
    }

    /// <summary>Across it, or along its length where only that way its walls are not upright.</summary>
    private static IReadOnlyList<double> Widths(Vessel space)
    {
        List<Outline> sections = [.. Enumerable.Range(0, Levels + 1).Select(i => space.SectionAt(space.Height * i / Levels))];
        double Leans(Func<Outline, double> way) => sections.Max(way) - sections.Min(way);
        Func<Outline, double> way = Leans(s => s.Width) < 1e-9 && Leans(s => s.Length) > 1e-9 ? s => s.Length : s => s.Width;
        return [.. sections.Select(way)];
    }

    private static FilledBayDto Bay(FilledBay b, int count, Handbook handbook)
    {
        var space = b.Bay.Space;
        return new(
            b.Bay.Name, count, space.Height, b.Bay.Depth, b.Volume, Widths(space),
            [.. b.Layers.Select(l => new LaidLayerDto(l.Layer.Fill, l.Layer.Fill.Words(), l.Layer.Thickness, l.Layer.Firmed, l.From, l.Volume, l.Infill))],
            [.. Looked.Select(y => new SunkDto(y, b.Top - b.Sunk(y, handbook), b.Sunk(y, handbook), b.Rootable(y, handbook)))], FillSteps.Of(b));
    }
}
