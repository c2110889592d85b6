using System.Globalization;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>What its spot says to it: what that carries, whose it is, who comes in, what its ground is and how far the water is carried.</summary>
internal static class AtItsSpot
{
    public static IEnumerable<PlaceRemark> Of(GardenPlan plan, Spot spot, StandingPlanter planter, Handbook handbook)
        => Load(spot, planter).Concat(ComingIn(spot, planter, handbook)).Concat(Permission(spot)).Concat(Season(spot)).Concat(Looked(spot)).Concat(HotSides(plan, spot, planter, handbook)).Concat(OfGround(spot, planter, handbook)).Concat(Drinks(plan, planter, handbook));

    private static IEnumerable<PlaceRemark> Load(Spot spot, StandingPlanter planter)
    {
        if (spot.Site is not (Site.Deck or Site.Balcony or Site.Roof) || planter is not { Mass: { } mass, Size.Floor: > 0 }) yield break;
        var load = mass * Medium.Gravity / planter.Size.Floor;
        yield return new("load", Verdict.AskAProfessional, spot.LoadLimit is { } limit
            ? $"It brings {Amount.Pressure(load)} on {spot.Name}; {(spot.LoadSaidBy.Length > 0 ? spot.LoadSaidBy : "somebody")} said {Amount.Pressure(limit)}, with everything on it. Ask who knows this floor."
            : (Sentence)$"It brings {Amount.Pressure(load)} on {spot.Name}, and nobody has said what that carries. Ask who knows this floor.");
    }

    private static IEnumerable<PlaceRemark> ComingIn(Spot spot, StandingPlanter planter, Handbook handbook)
        => spot.ComesIn.Select(Visitors.Find).OfType<Visitor>().Select(v => v.StoppedBelow(planter.Size, spot.Site) is { } below
            ? new PlaceRemark("visitors", Verdict.Sound, below)
            : new PlaceRemark("visitors", planter.Size.Soil is { } soil && v.Stopped(soil, handbook) ? Verdict.Sound : Verdict.Tight, v.Against(planter.Size.Soil, handbook)));

    /// <summary>Whose place it is.</summary>
    private static IEnumerable<PlaceRemark> Permission(Spot spot)
    {
        if (spot is { Owner.Length: > 0, Allowed: false }) yield return new("owner", Verdict.Tight, $"{spot.Name} belongs to {spot.Owner}, who has not said yes: ask before you build.");
    }

    /// <summary>How long it may stand there.</summary>
    private static IEnumerable<PlaceRemark> Season(Spot spot)
    {
        if (spot.Free is { Days: < FreeTime.Year } free) yield return new("free", Verdict.Tight, $"{spot.Name} is free from {Day(free.From)} to {Day(free.To)}, {new Count(free.Days, "day", "days")}: before and after, this stands somewhere else.");
    }

    private static string Day(int of) => new DateOnly(2026, 1, 1).AddDays(of - 1).ToString("d MMMM", CultureInfo.InvariantCulture);

    /// <summary>What the afternoon does to its sides.</summary>
    private static IEnumerable<PlaceRemark> HotSides(GardenPlan plan, Spot spot, StandingPlanter planter, Handbook handbook)
    {
        if (planter is not { Mass: not null, Size.Heats: not false } || plan.Report(spot, handbook).Here.Sun.Afternoon is not (>= SpotReport.HotAfternoon and var hours)) yield break;
        yield return planter.Size.Heats == true
            ? new("heat", Verdict.Tight, $"Its sides take up the sun and have {new Amount(hours, Unit.Hour)} of it on a summer’s afternoon: roots at them get too hot. Stand a board before them, or let something trail over, and grow what likes heat.")
            : new("heat", Verdict.Tight, $"Nobody has said how dark its sides are, and they have {new Amount(hours, Unit.Hour)} of sun on a summer’s afternoon: pale ones stay cool, dark ones cook roots.");
    }

    private static IEnumerable<PlaceRemark> Looked(Spot spot)
    {
        if (spot.SeenFrom.Length > 0) yield return new("seen", Verdict.Sound, $"It is seen from {spot.SeenFrom}: its better side goes that way.");
    }

    /// <summary>What the tests of the ground say to it.</summary>
    private static IEnumerable<PlaceRemark> OfGround(Spot spot, StandingPlanter planter, Handbook handbook)
    {
        if (spot.Ground is not { } ground) yield break;
        if (ground.Rod is { Struck: true, Depth: var hard } && !(planter.Size.Deep <= hard))
            yield return planter.Size.Deep is { } known
                ? new("hard", Verdict.Fails, $"It goes {Amount.Length(known)} into the ground, and a rod stopped at {Amount.Length(hard)} here.")
                : new("hard", Verdict.Tight, $"A rod stopped at {Amount.Length(hard)} here, and how deep this goes was not kept: keep it once more to know.");
        if (!ground.Agrees && planter.Size.Deep is not 0) yield return new("ground", Verdict.Tight, $"What the ground of {spot.Name} is was told and tested, and the two are at odds: posts and pegs are held as in ground that nobody knows.");
        // A foot that was not kept is taken as open unless it stands on feet.
        if (planter.Mass is null || planter.Size.OnFeet || planter.Size.Open == false) yield break;
        if (ground.StaysWet(handbook)) yield return new("wet", Verdict.Tight, $"Water in a hole here falls {new Amount(ground.Soaks!.Value, Unit.MetrePerSecond)}: its foot stands wet after rain.");
        if (ground.Weeds == WeedKind.Perennial) yield return new("weeds", Verdict.Tight, $"Weeds with living roots come up through it at {spot.Name}: clear them before you build, card alone does not hold them.");
        else if (ground.Weeds == WeedKind.Annual) yield return new("weeds", Verdict.Sound, "Card under it ends the weeds that grow here.");
    }

    private static IEnumerable<PlaceRemark> Drinks(GardenPlan plan, StandingPlanter planter, Handbook handbook)
    {
        if (planter.Water(plan, handbook) is { } water) yield return new("water", water.Days < 1 || water.Climbs ? Verdict.Tight : Verdict.Sound, water.Way is { } way ? (Sentence)$"{water.Words} {way}" : water.Words);
    }
}
