using Metaplant.Core.Assessing;
using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Settling;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Planting;

/// <summary>Bays of one planter that are alike, and so are filled alike.</summary>
public sealed record BaysAlike(Bay Bay, int Count)
{
    /// <summary>The bays of a blueprint, those that are alike together, in the order of the blueprint.</summary>
    public static IReadOnlyList<BaysAlike> Of(Blueprint blueprint) => [.. blueprint.Bays.GroupBy(b => (b.Space, b.Depth, b.Less, b.Bend)).Select(g => new BaysAlike(g.First(), g.Count()))];
}

/// <summary>Something to be said of how a planter is filled.</summary>
public sealed record FillRemark(Verdict Verdict, Sentence Words);

/// <summary>How many of a crop go into it when it is planted after so many years, from 0 up, not topped up in between; with the reason where it is none.</summary>
public sealed record CropByYear(Crop Crop, IReadOnlyList<CropFit> Years)
{
    /// <summary>The first year in which one goes in; null in those that were looked at.</summary>
    public int? From => Years.Index().Where(y => y.Item.Count > 0).Select(y => (int?)y.Index).FirstOrDefault();
}

/// <summary>A planter with all of its bays filled, layer by layer.</summary>
public sealed record FilledPlanter(Fit Fit, IReadOnlyList<(FilledBay Bay, int Count)> Bays)
{
    /// <summary>Years after filling that are looked at.</summary>
    public const int Years = 3;

    /// <summary>A fill heavier by this part than what its walls were checked with is no longer the same, as far as estimates of density go.</summary>
    private const double Heavier = 1.05;

    private const double Slack = 1e-6;

    private Handbook Handbook => Fit.Set.Brief.Handbook;

    /// <summary>What a school lays into each of its bays. Behind openings in its sides lies soil, whatever the school.</summary>
    public static IReadOnlyList<IReadOnlyList<Layer>> Proposed(Fit fit, string school)
        => [.. BaysAlike.Of(fit.Blueprint).Select(b => FillSchool.Layers(fit.Blueprint.Pockets.Count > 0 ? "soil" : school, b.Bay.Depth, fit.Set.Brief.Medium))];

    /// <summary>Fills a planter; of each sort of bay its layers. Problems at "bays.1.layers.0.thickness". A planter that holds no soil is not filled.</summary>
    public static Outcome<FilledPlanter> Of(Fit fit, IReadOnlyList<IReadOnlyList<Layer>> layers)
    {
        var bays = BaysAlike.Of(fit.Blueprint);
        if (bays.Count == 0) return new Problem("bays", "It holds no soil, so that there is nothing to fill.");
        if (layers.Count != bays.Count) return new Problem("bays", $"It has {new Count(bays.Count, "sort of bay", "sorts of bays")}, and each is filled by itself.");
        var filled = bays.Select((b, i) => (Bay: FilledBay.Of(b.Bay, layers[i], fit.Set.Brief.Handbook), b.Count, Field: $"bays.{i}.")).ToList();
        List<Problem> problems = [.. filled.SelectMany(f => f.Bay.Problems.Select(p => p with { Field = f.Field + p.Field }))];
        return problems.Count > 0 ? Outcome<FilledPlanter>.Refuse(problems) : new FilledPlanter(fit, [.. filled.Select(f => (f.Bay.Value!, f.Count))]);
    }

    /// <summary>m³ in place, all bays.</summary>
    public double Volume => Bays.Sum(b => b.Count * b.Bay.Volume);

    /// <summary>True where food may grow in it, so that what it is filled with is asked for that too.</summary>
    public bool Food => Fit.Lead.Fitness == Fitness.Food;

    /// <summary>What all bays want together, in the order of the layers.</summary>
    public IReadOnlyList<FillAmount> Amounts()
        => [.. Bays.SelectMany(b => b.Bay.Amounts(Handbook).Select(a => a with { Placed = a.Placed * b.Count, Loose = a.Loose * b.Count })).GroupBy(a => a.Fill).Select(g => new FillAmount(g.Key, g.Sum(a => a.Placed), g.Sum(a => a.Loose)))];

    /// <summary>kg of nitrogen that its wood takes in the first year.</summary>
    public double NitrogenHeld => Bays.Sum(b => b.Count * b.Bay.NitrogenHeld(Handbook));

    /// <summary>m of the foot in which no root finds anything: stones, and the layer that stays wet above them. Coarse fill does not make it drier: water hangs in what lies on it.</summary>
    public double NotRooted => Fit.Assessment.Drain.NotRooted;

    /// <summary>m to root in after so many years, in the shallowest of its bays.</summary>
    public double Usable(double years) => Bays.Min(b => Usable(b.Bay, years));

    private double Usable(FilledBay bay, double years) => Math.Max(0, bay.Rootable(years, Handbook) - NotRooted);

    /// <summary>Every crop with how many go in when planted at once, after a year, two and three; those that go in soonest first.</summary>
    public IReadOnlyList<CropByYear> Crops()
    {
        var places = Enumerable.Range(0, Years + 1).Select(Places).ToList();
        return [.. Growing.Crops.In(Handbook).Select(c => new CropByYear(c, [.. places.Select(p => GrowAssessor.At(Fit.Blueprint, Fit.Set.Brief, c, p, Food))])).OrderBy(c => c.From ?? Years + 1)];
    }

    /// <summary>What there is to plant after so many years. Openings in its sides count only where soil lies behind them.</summary>
    private PlantingPlaces Places(int year) => new(
        [.. Bays.SelectMany(b => Enumerable.Repeat((Area(b.Bay, year), b.Bay.Bay), b.Count))],
        Bays.All(b => b.Bay.Layers.All(l => l.Layer.Fill.IsSoil())) ? Fit.Blueprint.Pockets : []);

    private PlantingArea Area(FilledBay bay, int year)
    {
        double level = Math.Max(0, bay.Top - bay.Sunk(year, Handbook)), depth = Math.Min(level, Usable(bay, year));
        var now = bay.Bay with { Depth = level };
        return new(now.Planting, depth, Math.Max(0, (bay.Bay.Space.VolumeTo(level) - bay.Bay.Space.VolumeTo(level - depth)) * 1000 - PlantingPlaces.BehindOpenings(Fit.Blueprint)));
    }

    /// <summary>What is wrong with how it is filled, or worth knowing, the worst first.</summary>
    public IReadOnlyList<FillRemark> Remarks() => [.. Bays.SelectMany(b => Of(b.Bay)).Concat(OfAll()).Distinct().OrderByDescending(r => r.Verdict)];

    private IEnumerable<FillRemark> Of(FilledBay bay)
    {
        var medium = Fit.Set.Brief.Medium;
        if (bay.Top > bay.Bay.Depth + Slack) yield return new(Verdict.Fails, $"It stands {Amount.Length(bay.Top - bay.Bay.Depth)} higher than it was drawn, and nobody has checked what holds it for that. Draw it higher, or fill it less.");
        if (bay.Top < bay.Bay.Depth - Slack) yield return new(Verdict.Tight, $"It stands {Amount.Length(bay.Bay.Depth - bay.Top)} lower than it was drawn.");
        double mean = bay.Volume > 0 ? bay.Saturated(Handbook) / bay.Volume : 0;
        if (mean > medium.SaturatedDensity * Heavier) yield return new(Verdict.Fails, $"Full of water it is heavier than what it was checked with: {new Amount(mean, Unit.KilogramPerCubicMetre)}, where {medium.Name.ToLowerInvariant()} comes to {new Amount(medium.SaturatedDensity, Unit.KilogramPerCubicMetre)}. Choose a heavier soil in Draw and look at Hold again.");
        foreach (var (lower, upper) in bay.Layers.Zip(bay.Layers.Skip(1)))
            if (Coarseness(upper.Layer.Fill) > Coarseness(lower.Layer.Fill) && !ReferenceEquals(upper, bay.Mulch)) yield return new(Verdict.Tight, $"{upper.Layer.Fill.Words()} on {lower.Layer.Fill.Words().ToLowerInvariant()}: what is fine is laid on what is coarse, so that nothing hollow is left above roots.");
        if (!bay.Layers[^1].Layer.Fill.IsSoil() && bay.Mulch is null) yield return new(Verdict.Fails, $"Nothing is sown or planted into {bay.Layers[^1].Layer.Fill.Words().ToLowerInvariant()}: soil, compost or potting mix lies on top.");
    }

    private IEnumerable<FillRemark> OfAll()
    {
        var fills = Bays.SelectMany(b => b.Bay.Layers).Select(l => l.Layer.Fill).ToHashSet();
        if (Fit.Assessment.Grow.NotYetFood is { } unlooked) yield return new(Verdict.Tight, unlooked);
        if (NitrogenHeld is > 0 and var held) yield return new(Verdict.Tight, $"In its first year its wood takes {Amount.Mass(held)} of nitrogen from the soil. {Amount.Mass(held / Handbook[Fills.FeedNitrogen])} of hoof and horn make it good, or grow beans and peas in it that year.");
        if (fills.Contains(Fill.Manure) && Food) yield return new(Verdict.Tight, "Raw manure carries germs: nothing that touches its soil is eaten within four months of it. Rotted for a year it may be used at once.");
        if (fills.Contains(Fill.Straw)) yield return new(Verdict.Tight, "Straw may carry weedkiller that outlasts rotting: sow beans in a pot of it first.");
        if (Fit.Blueprint.Pockets.Count > 0 && !fills.All(f => f.IsSoil())) yield return new(Verdict.Fails, "Plants in its openings root in what lies behind them: fill it with soil all through.");
        if (Fit.Blueprint.Foot is OpenGround && fills.Any(f => f is Fill.Logs or Fill.Sticks)) yield return new(Verdict.Sound, "Mice and rats like hollows: fill every void between the wood and water it down.");
    }

    private static int Coarseness(Fill fill) => fill switch
    {
        Fill.Logs => 4,
        Fill.Sticks => 3,
        Fill.Woodchip or Fill.Straw or Fill.GreenWaste or Fill.Leaves => 2,
        Fill.Manure => 1,
        _ => 0,
    };

    /// <summary>How it sinks in its first year, and how deep roots go then, worked.</summary>
    public IReadOnlyList<Sum> Sums() => [.. Bays.SelectMany(b => new[] { Sinks(b.Bay), Roots(b.Bay) }).DistinctBy(s => (s.Title, s.Value))];

    private Sum Sinks(FilledBay bay) => Sum.Of(
        "It sinks in its first year", "Σ T (c + (1 − c) f (1 − e^−kt))", [new("t", "years", 1, Unit.Year), .. Terms(bay)], bay.Sunk(1, Handbook), Unit.Metre, "First-order rotting, rates of the handbook", "Estimates that your own log corrects");

    private Sum Roots(FilledBay bay) => Sum.Of(
        "Deep enough to root in after a year", "Σ (T − S) r − s − h_w", [new("t", "years", 1, Unit.Year), .. Terms(bay), new("s + h_w", "stones and wet layer at the foot", NotRooted, Unit.Metre)], Usable(bay, 1), Unit.Metre, "Soil as it is, all else as far as it has rotted, r = 1 − e^−kt; below what has not, no more than came through", "A wet layer is taken off whatever lies at the foot");

    private IEnumerable<Term> Terms(FilledBay bay)
        => bay.Layers.SelectMany(l => (Term[])[new("T", l.Layer.Fill.Words(), l.Layer.Thickness, Unit.Metre), Handbook.Term(Fills.Id(l.Layer.Fill, "lost")), Handbook.Term(Fills.Id(l.Layer.Fill, "rate"))]);
}
