using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Web.Drawing;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;

namespace Metaplant.Web.Matching;

public sealed record NoSourceDto(int ThingId, int Number, string Name, Sentence Why);

/// <summary>What is missing and nothing bought can be: so many more of at least these measures, m; 0 where any will do.</summary>
public sealed record WantedDto(string Part, int Count, double Length, double Width, double Thickness);

/// <summary>The best fit with its drawing, small enough for a strip.</summary>
public sealed record OtherFitDto(string Source, string Name, Sentence Size, double? Litres, Verdict Worst);

public sealed record DesignMatchDto(
    string Design, string Name, string Summary, Standing Standing, FitDto? Best, ViewDto? Drawing, IReadOnlyList<OtherFitDto> Others, int Sizes, IReadOnlyList<NoSourceDto> NoSources, Sentence? Why, WantedDto? Wanted, IReadOnlyList<Beyond> Beyond);

/// <summary>A thing that nothing on offer is made of, and why.</summary>
public sealed record IdleDto(int ThingId, int Number, string Name, Sentence Why);

/// <summary>Every design against the heap, and what of the heap none of them is made of.</summary>
public sealed record MatchesDto(IReadOnlyList<DesignMatchDto> Designs, IReadOnlyList<IdleDto> Idle);

/// <summary>What to put on the drawing board. Settings in SI by parameter; those left out take their default.</summary>
/// <param name="InHand">True while a slider moves: nothing is tried along the sliders, so that the picture comes sooner.</param>
public sealed record BoardInput(string? Design, string? Source, IReadOnlyDictionary<string, double>? Settings, BriefDto? Brief, int? Project, bool? InHand = null);

/// <summary>Names the log that matching tells to.</summary>
internal sealed class Matches;

internal static partial class MatchEndpoints
{
    public static void MapMatching(this IEndpointRouteBuilder api)
    {
        // Everything against everything takes a small computer its time; whoever waits may stop it.
        api.MapPost("/match", Match).WithName("match").WithMetadata(new RequestTimeoutAttribute(120_000));
        api.MapPost("/board", Open).WithName("board");
    }

    private static async Task<Results<Ok<MatchesDto>, ValidationProblem>> Match(BriefDto input, Aim? aim, double? hours, double? money, bool? alone, double? height, bool? tools, GardenContext garden, AtHand atHand, ILogger<Matches> log, CancellationToken cancel)
    {
        var (settings, heap) = await atHand.OfAsync(garden, null, cancel);
        var brief = input.ToBrief(settings);
        if (!brief.Ok) return Problems.Refuse(brief.Problems);
        var means = new Means(hours, money, alone == true, height, tools == true ? settings.ToolShelf : null);
        if (means.Problems().ToList() is { Count: > 0 } problems) return Problems.Refuse(problems);
        var matches = Told(Matcher.Match(heap, brief.Value, aim ?? Aim.MostSoil, means, cancel), log);
        return TypedResults.Ok(new MatchesDto([.. matches.AsParallel().AsOrdered().WithCancellation(cancel).Select(m => Show(m, brief.Value, heap))], [.. Idle.Of(matches, heap).Select(i => new IdleDto(i.Thing.Thing.Id, i.Thing.Thing.Number, i.Thing.Thing.Name, i.Why))]));
    }

    /// <summary>The same matches, once what could not be worked out of them is told to the log.</summary>
    internal static IReadOnlyList<DesignMatch> Told(IReadOnlyList<DesignMatch> matches, ILogger log)
    {
        foreach (var match in matches.Where(m => m.Failure is not null)) NotWorkedOut(log, match.Failure, match.Design.Id);
        return matches;
    }

    private static DesignMatchDto Show(DesignMatch m, Brief brief, Core.Salvage.Heap heap) => new(
        m.Design.Id, m.Design.Name, m.Design.Summary, m.Standing, m.Best is null ? null : FitDto.Of(m.Best, brief, heap), m.Best is null ? null : ViewDto.Of(Core.Scenes.Pictures.Draw(m.Best.Blueprint.Scene(), Core.Scenes.Camera.Corner(0))),
        [.. m.Others.Select(f => new OtherFitDto(f.Lead.Key, f.Lead.Thing.Thing.Name, f.Blueprint.Size, f.Assessment.Grow.Litres?.Value, f.Assessment.Worst))],
        m.Sizes, [.. m.NoLeads.Select(n => new NoSourceDto(n.Thing.Thing.Id, n.Thing.Thing.Number, n.Thing.Thing.Name, n.Why))], m.Why, m.Wanted is { } w ? new(w.Need.Name, w.Count, w.Length, w.Width, w.Thickness) : null, m.Beyond);

    private static async Task<Results<Ok<BoardDto>, ValidationProblem>> Open(BoardInput input, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        var (settings, heap) = await atHand.OfAsync(garden, input.Project, cancel);
        var brief = (input.Brief ?? BriefDto.Nothing).ToBrief(settings);
        if (!brief.Ok) return Problems.Refuse(brief.Problems);
        var board = await FindAsync(garden, input, heap, brief.Value, cancel);
        return board.Ok ? TypedResults.Ok(BoardDto.Of(board.Value, brief.Value, heap, input.InHand != true)) : Problems.Refuse(board.Problems);
    }

    /// <summary>A kept project as it was kept while nothing of it is changed; else what is asked for, cast anew.</summary>
    internal static async Task<Outcome<Board>> FindAsync(GardenContext garden, BoardInput input, Core.Salvage.Heap heap, Brief brief, CancellationToken cancel)
        => input.Project is { } id && await garden.Projects.FindAsync([id], cancel) is { } row && row.IsDrawnAs(input.Design, input.Source, input.Settings, brief) ? row.Open(heap, brief) : Find(input, heap, brief, cancel);

    /// <summary>The design opened on the source asked for, or on the best when none is named.</summary>
    internal static Outcome<Board> Find(BoardInput input, Core.Salvage.Heap heap, Brief brief, CancellationToken cancel)
    {
        if (Core.Designs.Catalogue.Find(input.Design ?? "") is not { } design) return new Problem("design", "There is no such design.");
        if (input.Source is null)
        {
            var best = Matcher.Match(design, heap, brief, Aim.MostSoil, cancel: cancel).Best;
            return best is null ? new Problem("source", "Nothing on the heap could be its main part.") : DrawingBoard.Open(design, best.Lead, input.Settings ?? best.Set.Values, brief, heap, cancel);
        }

        return DrawingBoard.FindLead(design, heap, input.Source).Then(lead =>
        {
            var given = input.Settings ?? Matcher.BestSettings(design, lead, heap, brief, Aim.MostSoil) ?? new Dictionary<string, double>();
            return DrawingBoard.Open(design, lead, given, brief, heap, cancel);
        });
    }

    [LoggerMessage(LogLevel.Error, "The design {Design} could not be worked out for something on the heap.")]
    private static partial void NotWorkedOut(ILogger log, Exception? failure, string design);
}
