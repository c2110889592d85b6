using Metaplant.Core.Assessing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>How a planter would do at a spot.</summary>
/// <param name="Worst">The worst of its three verdicts there.</param>
/// <param name="Words">What decides it: what is worst, and where all is well what grows there.</param>
public sealed record SpotRank(Spot Spot, Verdict Worst, Sentence Words)
{
    /// <summary>Crops of which at least one goes in, and hours of sun: they decide between spots of one verdict.</summary>
    private (int Crops, double Sun) Then { get; init; }

    /// <summary>What a planter comes to that is drawn for a spot.</summary>
    public static SpotRank Of(Spot spot, Whereabouts here, Fit fit)
    {
        var now = fit.Assessment;
        return new(spot, now.Worst, Deciding(now, here)) { Then = (now.Grow.Crops.Count(c => c.Count > 0), here.Sun.InAll) };
    }

    /// <summary>The one that suits it best first: by the worst of its verdicts, then by the crops that grow there, then by the sun.</summary>
    public static IReadOnlyList<SpotRank> Ordered(IEnumerable<SpotRank> ranks) => [.. ranks.OrderBy(r => r.Worst).ThenByDescending(r => r.Then)];

    /// <summary>What its verdicts say otherwise than before, each under its name.</summary>
    public static IReadOnlyList<Sentence> Differences(Assessment was, Assessment now)
    {
        var told = new List<Sentence>();
        if (!was.Grow.Words.Equals(now.Grow.Words)) told.Add($"Grow: {now.Grow.Words}");
        if (!was.Drain.Words.Equals(now.Drain.Words)) told.Add($"Drain: {now.Drain.Words}");
        if (!was.Hold.Words.Equals(now.Hold.Words) || was.Hold.Verdict != now.Hold.Verdict) told.Add($"Hold: {now.Hold.Words}");
        return told;
    }

    /// <summary>What another place on the plan changes besides its verdicts: sun, gusts, water, and what is above it.</summary>
    public static IReadOnlyList<Sentence> Differences(GardenPlan plan, StandingPlanter was, StandingPlanter now, Handbook handbook)
    {
        if (plan.Find(was.SpotId) is not { } from || plan.Find(now.SpotId) is not { } to) return [];
        var (before, after, told) = (plan.Report(from, handbook), plan.Report(to, handbook), new List<Sentence>());
        if (Math.Abs(after.Here.Sun.InAll - before.Here.Sun.InAll) >= .1) told.Add($"Sun: {new Amount(after.Here.Sun.InAll, Unit.Hour)} a summer’s day instead of {new Amount(before.Here.Sun.InAll, Unit.Hour)}.");
        if (Math.Abs(after.Wind.Speed - before.Wind.Speed) >= .1) told.Add($"Gusts: {new Amount(after.Wind.Speed, Unit.MetrePerSecond)} instead of {new Amount(before.Wind.Speed, Unit.MetrePerSecond)}.");
        if (was.Water(plan, handbook) is { } drank && now.Water(plan, handbook) is { } drinks && Watering.Difference(drank, drinks) is { } water) told.Add(water);
        if (from.Ceiling != to.Ceiling) told.Add(to.Ceiling is { } free ? (Sentence)$"Above: {Amount.Length(free)} free." : "Above: open sky.");
        return told;
    }

    internal static Sentence Deciding(Assessment now, Whereabouts here)
    {
        if (now.Worst > Verdict.Sound && now.Hold.Verdict == now.Worst) return $"Hold: {now.Hold.Words}";
        if (now.Worst > Verdict.Sound && now.Drain.Verdict == now.Worst) return $"Drain: {now.Drain.Words}";
        return $"{new Amount(here.Sun.InAll, Unit.Hour)} of sun. {now.Grow.Words}";
    }
}
