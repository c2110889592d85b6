using Metaplant.Core.Building;
using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Data.Settings;
using Metaplant.Web.Drawing;
using Metaplant.Web.Errors;
using Metaplant.Web.Garden;
using Metaplant.Web.Heap;
using Metaplant.Web.Matching;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Projects;

/// <summary>A project in the list.</summary>
public sealed record ProjectSummaryDto(int Id, string Name, string Design, string DesignName, int Version, ProjectState State);

/// <summary>What is kept: a name and what stands on the drawing board.</summary>
public sealed record ProjectInput(string? Name, BoardInput? Board, int? Version);

/// <summary>A stretch of a board, in m along it: a piece, a bad place or what is left over.</summary>
/// <param name="Need">What is cut there, as <see cref="StepDto.Cuts"/> names it; empty of what is no piece.</param>
public sealed record CutDto(string Piece, double From, double To, string Need = "");

/// <summary>A board with its cuts, bad places and offcuts, in m along it.</summary>
/// <param name="Marks">Where to put the pencil.</param>
/// <param name="Sawn">Where a piece was sawn too short.</param>
public sealed record CutBarDto(int ThingId, int Number, string Name, int Piece, double Length, double Width, double Thickness, IReadOnlyList<CutDto> Cuts, IReadOnlyList<CutDto> Bad, IReadOnlyList<CutDto> Offcuts, Sentence Marks, IReadOnlyList<double> Sawn);

/// <summary>A pallet with the slats (from 1) that each section takes, and the bad ones.</summary>
public sealed record PalletCutDto(int ThingId, int Number, string Name, IReadOnlyList<int> Pieces, int Slats, IReadOnlyList<int> FirstSlats, int SlatsHigh, IReadOnlyList<int> BadSlats);

public sealed record TemplateDto(Sentence Title, ViewDto View, IReadOnlyList<TemplateHole> Holes, double Diameter, int Sheets);

/// <summary>A tool that is wanted: had, to be borrowed or lacking, who alone may use it, and what does it instead.</summary>
public sealed record ToolDto(Sentence Words, Having Having, string? Who, Sentence? Instead)
{
    public static ToolDto Of(ToolAnswer a) => new(a.Need.Told, a.Having, a.Who, a.Instead);
}

/// <summary>One step of making it, and whether it is done.</summary>
/// <param name="Timed">How often the gardener timed such a step, so that its minutes are by their own clock; 0 where not often enough.</param>
/// <param name="Cuts">What is cut by it: of a board the <see cref="CutDto.Need"/>.</param>
public sealed record StepDto(string Id, int Number, Sentence Title, Sentence Words, double Minutes, int Timed, IReadOnlyList<ToolDto> Tools, IReadOnlyList<string> Protection, bool TwoPeople, IReadOnlyList<Sentence> Cautions, bool Picture, bool Done, IReadOnlyList<string> Cuts, double? Took);

public sealed record PlanDto(
    IReadOnlyList<StepDto> Steps, IReadOnlyList<CutBarDto> Cuts, double Waste, IReadOnlyList<PalletCutDto> PalletCuts, IReadOnlyList<TemplateDto> Templates, IReadOnlyList<PurchaseDto> Shopping, IReadOnlyList<ToolDto> Tools,
    double Hours, double Cost, string Caution);

/// <summary>Something that can be measured on it: a setting, or a side of the pieces of a need. m.</summary>
/// <param name="Value">As measured; null where it is as planned.</param>
public sealed record TapeDto(string Of, Side? Side, string Name, double Planned, double? Value);

/// <summary>A project opened: its board and how it is made. No board, and a sentence why, when the heap no longer has what it is made of.</summary>
/// <param name="Told">What its measures changed, in a sentence.</param>
/// <param name="LastPicture">True where there is a picture of it as it was last kept.</param>
public sealed record ProjectDto(
    int Id, string Name, string Design, string DesignName, int Version, bool Filled, ProjectState State, string Why, IReadOnlyList<TapeDto> Tapes, Sentence? Told, bool LastPicture,
    BoardDto? Board, PlanDto? Plan, Sentence? WhyNot, Sentence? CastAnew = null);

/// <summary>A step done, or not done after all.</summary>
/// <param name="Minutes">What it really took; null where nobody says.</param>
public sealed record TickInput(string? Step, bool? Done, double? Minutes = null);

internal static class ProjectEndpoints
{
    public static void MapProjects(this IEndpointRouteBuilder api)
    {
        api.MapGet("/projects", All).WithName("projects");
        api.MapGet("/projects/{id:int}", One).WithName("project");
        api.MapPost("/projects", Add).InTurn().WithName("addProject");
        api.MapPut("/projects/{id:int}", Edit).InTurn().WithName("editProject");
        api.MapPost("/projects/{id:int}/drop", Drop).InTurn().WithName("dropProject");
        api.MapPost("/projects/{id:int}/empty", Empty).InTurn().WithName("emptyProject");
    }

    /// <summary>A project read with all it takes to draw it.</summary>
    /// <param name="Done">Ids of the steps that are done.</param>
    internal sealed record Reading(GardenSettings Settings, Core.Salvage.Heap Heap, HashSet<string> Done, Outcome<Brief> Brief, Outcome<Drawn> Drawn)
    {
        public BuildPlan? Plan { get; } = Drawn is { Ok: true, Value: var d } ? BuildPlan.Of(d.Board.Fit, Brief.Value!, Settings.ToolShelf) : null;

        public static async Task<Reading> OfAsync(GardenContext garden, ProjectRow row, CancellationToken cancel)
        {
            var settings = await GardenSettings.ForBriefsAsync(garden, cancel);
            var heap = await garden.HeapAsync(settings.HouseRules, row.Id, cancel);
            var done = await garden.Ticks.Where(t => t.ProjectId == row.Id).Select(t => t.Step).ToHashSetAsync(cancel);
            var brief = row.BriefOf(settings);
            return new(settings, heap, done, brief, brief.Then(b => row.Draw(heap, b)));
        }
    }

    private static async Task<Ok<List<ProjectSummaryDto>>> All(GardenContext garden, CancellationToken cancel)
    {
        var rows = await garden.Projects.AsNoTracking().OrderBy(p => p.Id).ToListAsync(cancel);
        return TypedResults.Ok(rows.ConvertAll(p => new ProjectSummaryDto(p.Id, p.Name, p.Design, p.DesignName(), p.Version, Making.Read(p.Making).State)));
    }

    private static async Task<Results<Ok<ProjectDto>, ProblemHttpResult>> One(int id, GardenContext garden, CancellationToken cancel)
        => await garden.Projects.AsNoTracking().FirstOrDefaultAsync(p => p.Id == id, cancel) is { } row ? TypedResults.Ok(await Show(garden, row, cancel)) : Problems.NotHere("There is no such project.");

    private static async Task<Results<Created<ProjectDto>, ValidationProblem>> Add(ProjectInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        var row = ProjectKeeping.NewProject();
        if (await Keep(garden, row, input, cancel) is { } refused) return refused;
        await garden.SaveAsync($"Kept {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Created($"/api/projects/{row.Id}", await Show(garden, row, cancel));
    }

    private static async Task<Results<Ok<ProjectDto>, ValidationProblem, ProblemHttpResult>> Edit(int id, ProjectInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Projects.FindAsync([id], cancel) is not { } row) return Problems.NotHere("There is no such project.");
        if (row.Version != input.Version) return Problems.Changed();
        if (await Keep(garden, row, input, cancel) is { } refused) return refused;
        await garden.SaveAsync($"Changed {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await Show(garden, row, cancel));
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Drop(int id, VersionInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Projects.FindAsync([id], cancel) is not { } row) return Problems.NotHere("There is no such project.");
        if (row.Version != input.Version) return Problems.Changed();
        if (Making.Read(row.Making) is { Ended: false, Gone.Count: > 0 }) return Problems.Refuse("project", "Its wood is cut already: it can be taken down or given up, and then its pieces come back.");
        garden.Allocations.RemoveRange(await garden.Allocations.Where(a => a.ProjectId == id).ToListAsync(cancel));
        garden.Ticks.RemoveRange(await garden.Ticks.Where(t => t.ProjectId == id).ToListAsync(cancel));
        garden.Projects.Remove(row);
        await garden.SaveAsync($"Dropped {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    /// <summary>Empties a planter: its soil comes back to the heap as used soil that names where it was; what it was built of stays spoken for until the project is dropped.</summary>
    private static async Task<Results<Created<JournalDto>, ValidationProblem, ProblemHttpResult>> Empty(int id, VersionInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Projects.FindAsync([id], cancel) is not { } row) return Problems.NotHere("There is no such project.");
        if (row.Version != input.Version) return Problems.Changed();
        if (await garden.Ticks.FindAsync([id, ProjectKeeping.FillStep], cancel) is not { } filled) return Problems.Refuse("project", "It has not been filled, so there is no soil in it to take out.");
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        var drawnFor = row.BriefOf(settings);
        if (!drawnFor.Ok) return Problems.Refuse([.. drawnFor.Problems.Select(p => p with { Field = "project" })]);
        var brief = drawnFor.Value;
        var board = row.Open(await garden.HeapAsync(settings.HouseRules, id, cancel), brief);
        var volume = board.Value?.Fit.Blueprint.Soil ?? 0;
        if (volume <= 0) return Problems.Refuse("project", "There is no soil in it to take out.");
        var number = await garden.Things.MaxAsync(t => (int?)t.Number, cancel) + 1 ?? 1;
        var day = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        var soil = Core.Salvage.Thing.Create(0, number, $"Used soil from {row.Name}"[..Math.Min(80, 15 + row.Name.Length)], "soil", 1, new Dictionary<string, double> { ["volume"] = Math.Min(volume, 50) }, null, [Core.Salvage.Findings.LookedOver], []).OrThrow();
        garden.Things.Add(ThingMapping.NewRow(soil, new("", $"{brief.Medium.Name}{(brief.Crop is { } crop ? $", grew {crop.Plural}" : "")}; taken out on {day:yyyy-MM-dd}.", row.Name)));
        // Once emptied it is empty until it is filled again.
        garden.Ticks.Remove(filled);
        await garden.SaveAsync($"Emptied {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Created("/api/things", new JournalDto(soil.Name));
    }

    /// <summary>Draws what was asked for once more and writes it into the row, or says what is wrong. What lacks a part that nothing bought can be is not kept.</summary>
    private static async Task<ValidationProblem?> Keep(GardenContext garden, ProjectRow row, ProjectInput input, CancellationToken cancel)
    {
        var name = input.Name?.Trim() ?? "";
        if (name.Length is 0 or > ProjectKeeping.LongestName) return Problems.Refuse("name", name.Length == 0 ? "Give it a name." : $"A name can have at most {ProjectKeeping.LongestName} letters.");
        if (input.Board is null) return Problems.Refuse("board", "There is nothing on the drawing board to keep.");
        var settings = await GardenSettings.ForBriefsAsync(garden, cancel);
        var brief = (input.Board.Brief ?? BriefDto.Nothing).ToBrief(settings);
        if (!brief.Ok) return Problems.Refuse(brief.Problems);
        var making = Making.Read(row.Making);
        if (making.Ended) return Problems.Refuse("board", "It is no longer there: draw it anew.");
        if (making.Gone.Count > 0)
        {
            // What is cut is cut; a new name it may have.
            if (!row.IsDrawnAs(input.Board.Design, input.Board.Source, input.Board.Settings, brief.Value)) return Problems.Refuse("board", "Its wood is cut already. Measure what came out otherwise, in Make, or take the ticks off what is cut.");
            row.Name = name;
            return null;
        }

        var heap = await garden.HeapAsync(settings.HouseRules, row.Id == 0 ? null : row.Id, cancel);
        var board = MatchEndpoints.Find(input.Board, heap, brief.Value, cancel);
        if (!board.Ok) return Problems.Refuse(board.Problems);
        if (board.Value.Fit.Cast.Unfilled.FirstOrDefault() is { } missing) return Problems.Refuse("board", $"The heap is short of {missing.Need.Name.ToLowerInvariant()} by {new Amount(missing.Amount, missing.Need.Unit)}.");
        await garden.KeepAsync(row, name, board.Value.Fit, brief.Value, heap, cancel);
        if (row.Making is not null) row.Making = (making with { Measured = [], Planned = null }).Write();
        return null;
    }

    internal static async Task<ProjectDto> Show(GardenContext garden, ProjectRow row, CancellationToken cancel)
    {
        var making = Making.Read(row.Making);
        var dto = new ProjectDto(row.Id, row.Name, row.Design, row.DesignName(), row.Version, false, making.State, making.Why, [], null, row.Picture is not null, null, null, null);
        if (making.Ended) return dto with { WhyNot = making.State == ProjectState.TakenDown ? "It has been taken down." : "It was given up." };
        var read = await Reading.OfAsync(garden, row, cancel);
        dto = dto with { Filled = read.Done.Contains(ProjectKeeping.FillStep) };
        if (read is not { Plan: { } plan, Drawn.Value: var (board, castAnew) }) return dto with { WhyNot = await WhyNotAsync(garden, row, read.Drawn.Problems, cancel) };
        return dto with
        {
            Tapes = [.. Tapes(making, board.Fit)],
            Told = making.Told(board.Fit, plan.CutBy(read.Done)),
            Board = BoardDto.Of(board, read.Brief.Value!, read.Heap),
            Plan = PlanOf(plan, read.Heap, read.Done, board, making),
            CastAnew = castAnew,
        };
    }

    private static IEnumerable<TapeDto> Tapes(Making making, Fit fit)
    {
        var measured = making.Measured.ToDictionary(m => (m.Of, m.Side), m => m.Value);
        return (making.Planned?.Tapes ?? AsBuilt.Of(fit)).Select(t => new TapeDto(t.Of, t.Side, t.Name, t.Planned, measured.TryGetValue((t.Of, t.Side), out var v) ? v : null));
    }

    /// <summary>Why a project cannot be drawn; where a thing of it can no longer be read, that is why.</summary>
    private static async Task<Sentence> WhyNotAsync(GardenContext garden, ProjectRow row, IReadOnlyList<Problem> problems, CancellationToken cancel)
    {
        var taken = await garden.Things.AsNoTracking().Where(t => garden.Allocations.Any(a => a.ProjectId == row.Id && a.ThingId == t.Id)).ToListAsync(cancel);
        return taken.Find(t => !t.Read().Ok) is { } unread ? (Sentence)$"{unread.Number} {unread.Name}, which it is made of, needs a look first: see Gather." : Sentence.Join(" ", problems.Select(p => p.Sentence));
    }

    private static PlanDto PlanOf(BuildPlan plan, Core.Salvage.Heap heap, HashSet<string> done, Board board, Making making)
    {
        var names = board.Fit.Cast.Asked.DistinctBy(n => n.Id).ToDictionary(n => n.Id, n => n.Name, StringComparer.Ordinal);
        return new(
            [.. plan.Steps.Select(s => new StepDto(s.Id, s.Number, s.Title, s.Words, s.Minutes, s.Timed, [.. s.Tools.Select(ToolDto.Of)], s.Protection, s.TwoPeople, s.Cautions, s.Places.Count > 0, done.Contains(s.Id), s.Cuts, making.Minutes.TryGetValue(s.Id, out var took) ? took : null))],
            [.. plan.Cuts.Bars.Select(b => BarOf(b, heap, names))], plan.Cuts.Waste, PalletCuts(plan, heap), [.. plan.Templates.Select(t => new TemplateDto(t.Title, ViewDto.Of(t.View), t.Holes, t.Diameter, Core.Drawing.TrueSize.Sheets(t.View, Telling.Reader.Paper) is var (across, up) ? across * up : 1))],
            [.. FitDto.Purchases(plan.Shopping)], [.. plan.Tools.Select(ToolDto.Of)], plan.Hours, plan.Cost, Cautions.NotACertificate);
    }

    private static CutBarDto BarOf(CutBar bar, Core.Salvage.Heap heap, Dictionary<string, string> names)
    {
        var thing = heap.Find(bar.Bar.ThingId)!.Thing;
        return new(
            thing.Id, thing.Number, thing.Name, bar.Bar.Piece, bar.Bar.Length, bar.Bar.Width, bar.Bar.Thickness,
            [.. bar.Cuts.Select(c => new CutDto(names[c.WantedId], c.From, c.To, c.WantedId))], [.. bar.Bar.Bad.Select(b => new CutDto("bad", b.From, b.To))], [.. bar.Offcuts.Select(o => new CutDto("offcut", o.From, o.To))], Marks.Words(bar), bar.Bar.Sawn);
    }

    /// <summary>Pallets sawn alike are shown once.</summary>
    private static List<PalletCutDto> PalletCuts(BuildPlan plan, Core.Salvage.Heap heap)
        => [.. plan.SectionCuts.GroupBy(c => (c.ThingId, c.Slats, Starts: string.Join(',', c.FirstSlats))).Select(g =>
        {
            var thing = heap.Find(g.Key.ThingId)!.Thing;
            var bad = thing.Faults.Select(f => int.Parse(f.Part["slat-".Length..])).ToList();
            return new PalletCutDto(thing.Id, thing.Number, thing.Name, [.. g.Select(c => c.Piece)], ((Core.Salvage.Kinds.PalletMeasures)thing.Measures).Slats, g.First().FirstSlats, g.Key.Slats, bad);
        })];
}
