using Metaplant.Core.Assessing;
using Metaplant.Core.Designs;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Matching;

/// <summary>What matters most to the gardener when sizes are compared.</summary>
public enum Aim
{
    MostSoil,
    MostPlants,
    LeastBought,
    LeastWork,
}

/// <summary>One way a design can be made of the heap, assessed and supplied.</summary>
/// <param name="Pending">Things it takes that nobody has looked at yet, and those with measures nobody took, in order of number.</param>
public sealed record Fit(IDesign Design, Source Source, Settings Settings, Blueprint Blueprint, Assessment Assessment, Supply Supply, IReadOnlyList<Pending> Pending)
{
    /// <summary>Working hours, with the salvage factor where salvage costs time.</summary>
    public double Hours(Brief brief) => Blueprint.MinutesWith(brief.Handbook[Materials.Practice.SalvageFactor]) / 60;

    /// <summary>What is grown: the crop chosen, or while none is, food where the main stuff is fit for it.</summary>
    public static Grown GrownIn(Source source, Brief brief) => brief.Crop is { } crop ? crop.Edible ? Grown.Food : Grown.Ornamentals : source.Fitness == Fitness.Food ? Grown.Food : Grown.Ornamentals;

    /// <summary>A blueprint supplied from the heap and assessed with all that it takes: food only where every thing in it has been looked at.</summary>
    public static Fit Of(IDesign design, Source source, Settings settings, Blueprint blueprint, Brief brief, Heap heap)
    {
        var supply = Supply.Fill(blueprint.Needs, heap, GrownIn(source, brief));
        var taken = supply.Counts.Keys.Concat(source.Things.Select(t => t.Thing.Id)).Distinct().Select(heap.Find).OfType<HeapThing>().OrderBy(t => t.Thing.Number).ToList();
        List<Pending> pending = [.. taken.Where(t => !t.Judgement.LookedAt || t.Thing.NotTaken.Any()).Select(t => new Pending(t.Thing, !t.Judgement.LookedAt, [.. t.Thing.NotTaken.Select(f => f.Name)]))];
        // What stays clear of soil and plants does not decide what may be eaten.
        var clear = blueprint.Needs.Where(n => n.Seat == Seat.Clear).Select(n => n.Id).ToHashSet(StringComparer.Ordinal);
        var touching = supply.Takes.Where(t => !clear.Contains(t.NeedId)).Select(t => t.ThingId).Concat(source.Things.Select(t => t.Thing.Id)).ToHashSet();
        var open = taken.Where(t => !t.Judgement.LookedAt && touching.Contains(t.Thing.Id)).Select(t => t.Thing.Name).ToList();
        return new(design, source, settings, blueprint, Assessor.Assess(blueprint, brief, source.Fitness, open), supply, pending);
    }
}

/// <summary>A thing that a fit takes and that is not known well enough: nobody has answered the decisive questions, or some of its measures are typical ones standing in.</summary>
/// <param name="Measures">Names of the measures not taken.</param>
public sealed record Pending(Thing Thing, bool NotLookedAt, IReadOnlyList<string> Measures);

/// <summary>How far a design is from being made.</summary>
public enum Standing
{
    WillDo,
    Nearly,
    WontDo,
}

/// <summary>One design against the heap.</summary>
/// <param name="Best">The best by the aim; for a design that will not do, the one that fails least; null when the heap has nothing for it.</param>
/// <param name="Others">The best of each other source, best first.</param>
/// <param name="Sizes">How many sizes of the best source were tried, and of those how many hold and drain.</param>
/// <param name="Why">One sentence: what is missing, or why not. Null when it will do.</param>
public sealed record DesignMatch(IDesign Design, Standing Standing, Fit? Best, IReadOnlyList<Fit> Others, (int Tried, int Good) Sizes, IReadOnlyList<NoSource> NoSources, string? Why)
{
    /// <summary>What went wrong where some of it could not be worked out, for the log; null as it should be.</summary>
    public Exception? Failure { get; init; }
}

/// <summary>Finds what a heap can make.</summary>
public static class Matcher
{
    private const string NotWorkedOut = "It could not be worked out; what went wrong is told to the log.";

    /// <summary>Every design of the catalogue, those that will do first, then nearly, then not; each with its best size by the aim. Stopped between one source and the next.</summary>
    public static IReadOnlyList<DesignMatch> Match(Heap heap, Brief brief, Aim aim, CancellationToken cancel = default)
        => [.. Catalogue.All.Select(d => Match(d, heap, brief, aim, cancel)).OrderBy(m => m.Standing).ThenBy(m => m.Best is null ? 0 : -Score(m.Best, brief, aim)).ThenBy(m => m.Design.Id, StringComparer.Ordinal)];

    /// <summary>One design against the heap. A source of which something cannot be worked out, which is a fault of ours, costs the design that source and nobody the others.</summary>
    public static DesignMatch Match(IDesign design, Heap heap, Brief brief, Aim aim, CancellationToken cancel = default)
    {
        IReadOnlyList<Source> sources = [];
        IReadOnlyList<NoSource> others = [];
        Exception? failure = null;
        Try(() => (sources, others) = design.Find(heap));
        var fits = new List<(Fit Fit, bool Good, int Tried, int GoodSizes)>();
        foreach (var source in sources)
        {
            cancel.ThrowIfCancellationRequested();
            if (!Try(() => fits.AddRange(BestOf(design, source, heap, brief, aim) is { } best ? [best] : []))) others = [.. others, new NoSource(source.Main, NotWorkedOut, false)];
        }

        return Judge(design, sources, others, fits, brief, aim) with { Failure = failure };

        bool Try(Action work)
        {
            try
            {
                work();
                return true;
            }
            catch (Exception e) when (e is not OperationCanceledException and not OutOfMemoryException)
            {
                failure = e;
                return false;
            }
        }
    }

    private static DesignMatch Judge(IDesign design, IReadOnlyList<Source> sources, IReadOnlyList<NoSource> others, List<(Fit Fit, bool Good, int Tried, int GoodSizes)> fits, Brief brief, Aim aim)
    {
        fits = [.. fits.OrderByDescending(f => f.Good).ThenByDescending(f => Score(f.Fit, brief, aim)).ThenBy(f => f.Fit.Source.Main.Thing.Number)];
        // What could be its main stuff and holds in no size is told with the rest, each with its reason.
        others = [.. others, .. fits.Where(f => !f.Good).Select(f => new NoSource(f.Fit.Source.Main, WhyNot(f.Fit), false))];
        if (fits.Count > 0 && fits[0].Good)
            return new(design, Standing.WillDo, fits[0].Fit, [.. fits.Skip(1).Where(f => f.Good).Select(f => f.Fit)], (fits[0].Tried, fits[0].GoodSizes), others, null);
        if (others.FirstOrDefault(o => o.Nearly) is { } near)
            return new(design, Standing.Nearly, fits.FirstOrDefault().Fit, [], (0, 0), others, $"{near.Thing.Thing.Name}: {near.Why}");
        if (fits.Count > 0) return new(design, Standing.Nearly, fits[0].Fit, [], (fits[0].Tried, 0), others, WhyNot(fits[0].Fit));
        var why = others.Any(o => o.Why == NotWorkedOut) ? NotWorkedOut : sources.Count > 0 ? "No size of it holds." : others.Count > 0 ? $"{others[0].Thing.Thing.Name}: {others[0].Why}" : "Nothing on the heap could be its main part.";
        return new(design, Standing.WontDo, null, [], (0, 0), others, why);
    }

    /// <summary>The settings of the best size of one source; null when no size of it can be drafted.</summary>
    public static IReadOnlyDictionary<string, double>? BestSettings(IDesign design, Source source, Heap heap, Brief brief, Aim aim) => BestOf(design, source, heap, brief, aim)?.Fit.Settings.Values;

    /// <summary>
    /// The best size of one source. Sizes are compared by drafts with their Hold and Drain; only the winner is assessed in full and supplied.
    /// </summary>
    private static (Fit Fit, bool Good, int Tried, int GoodSizes)? BestOf(IDesign design, Source source, Heap heap, Brief brief, Aim aim)
    {
        (Settings Settings, Blueprint Blueprint, bool Good, double Rough)? best = null;
        int tried = 0, good = 0;
        foreach (var settings in design.Sizes(source, brief))
        {
            var draft = design.Draft(source, settings, brief);
            if (!draft.Ok) continue;
            tried++;
            var holds = Assessor.HoldsAndDrains(draft.Value, brief) < Verdict.Fails;
            if (holds) good++;
            var rough = Rough(draft.Value, source, brief, aim);
            if (best is null || (holds, rough).CompareTo((best.Value.Good, best.Value.Rough)) > 0) best = (settings, draft.Value, holds, rough);
        }

        if (best is not { } b) return null;
        var fit = Fit.Of(design, source, b.Settings, b.Blueprint, brief, heap);
        return (fit, b.Good && fit.Assessment.Grow.Verdict < Verdict.Fails && !fit.Supply.Unfilled.Any(), tried, good);
    }

    /// <summary>A score from the draft alone, for comparing the sizes of one source.</summary>
    private static double Rough(Blueprint blueprint, Source source, Brief brief, Aim aim) => aim switch
    {
        Aim.MostSoil => Size(blueprint),
        Aim.MostPlants => brief.Crop is { } crop && blueprint.Planting is not null
            ? Growing.PlantsThatFit.Work(GrowAssessor.Area(blueprint, blueprint.Foot is ClosedFloor ? brief.Medium.WetLayer : 0), crop, source.Fitness == Fitness.Food).Count + Size(blueprint) * 1e-3
            : (blueprint.Planting?.Area ?? 0) + Size(blueprint) * 1e-3,
        Aim.LeastBought => -blueprint.Needs.OfType<GoodsNeeded>().Sum(g => g.Count) + Size(blueprint) * 1e-3,
        Aim.LeastWork => -blueprint.MinutesWith(brief.Handbook[Materials.Practice.SalvageFactor]),
        _ => throw new ArgumentOutOfRangeException(nameof(aim), aim, "Unknown aim."),
    };

    private static double Score(Fit fit, Brief brief, Aim aim) => aim switch
    {
        Aim.MostSoil => Size(fit.Blueprint),
        Aim.MostPlants => fit.Assessment.Grow.Chosen?.Count ?? fit.Blueprint.Planting?.Area ?? 0,
        Aim.LeastBought => -fit.Supply.Cost,
        Aim.LeastWork => -fit.Hours(brief),
        _ => throw new ArgumentOutOfRangeException(nameof(aim), aim, "Unknown aim."),
    };

    /// <summary>Litres for what holds soil, height in metres for a support.</summary>
    private static double Size(Blueprint blueprint) => blueprint.Fill.Count > 0 ? blueprint.Fill.Sum(f => f.Volume) * 1000 : blueprint.Climbing?.Height ?? 0;

    private static string WhyNot(Fit fit)
    {
        var a = fit.Assessment;
        if (fit.Supply.Unfilled.FirstOrDefault() is { } missing)
            return fit.Supply.PassedOver.TryGetValue(missing.NeedId, out var over) ? $"Missing: {missing.Need.Name.ToLowerInvariant()}. {over.ThingName}: {over.Why}" : $"Missing: {missing.Need.Name.ToLowerInvariant()}.";
        if (a.Hold.Verdict >= Verdict.Fails) return a.Hold.Words;
        return a.Drain.Verdict >= Verdict.Fails ? a.Drain.Words : a.Grow.Words;
    }
}
