using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>Two bearers on legs under a row of vessels: each carries half of all, evenly along it; legs bear on it across its grain, stand without buckling, and are braced against a hand that leans. Lengths in m.</summary>
/// <param name="Along">Of a bearer.</param>
/// <param name="Legs">Under each bearer, evenly. Range: 2 or more.</param>
/// <param name="Wide">Of a bearer, across.</param>
/// <param name="Deep">Of a bearer.</param>
/// <param name="LegLong">From the ground to the bearer.</param>
/// <param name="LegWide">Of a leg's section, both ways its least.</param>
/// <param name="Brace">Thickness of a brace; 0 where legs are so short that there is none.</param>
/// <param name="Held">Soil in all vessels, m³, and kg of all above the legs.</param>
/// <param name="Level">Area of all soil, m², that people may press on.</param>
public sealed record Trestle(
    string BearerPart, string LegPart, string BracePart, double Along, int Legs, double Wide, double Deep, double LegLong, double LegWide, double LegThick, double Brace, Burden Held, double Level, Condition Bearers, Condition LegsWorn) : LoadPath
{
    /// <summary>From leg to leg along a bearer.</summary>
    public double Span => Along / (Legs - 1);

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.SelectMany(c => Case(brief, c)).Concat(Brace == 0 ? [] : new SwayBraces(BracePart, Brace, LegThick).Work(brief));

    private IEnumerable<Check> Case(Brief brief, LoadCase loadCase)
    {
        var weight = Held.Weight(Level, brief, loadCase);
        var timber = Timbers.Get(brief.Handbook, Casting.Piece.BoughtGrade);
        Push line = weight.Times(1 / (2 * Along));
        var bending = new BoardBending(new(Wide, Deep), Span, Legs - 1, timber, Bearers, line.Soil, line.People, loadCase, brief.Factors);
        Sum on = Sum.Of("Load on each metre of a bearer", "w = W ÷ 2 l", [.. Terms.Of(weight, brief, "W", "weight of all", "people on it", Unit.Newton), new("l", "length of a bearer", Along, Unit.Metre)], line.Total, Unit.NewtonPerMetre, "Half of it on each of two");
        // A third leg takes more than each of two did: more of them help the bearers alone.
        IEnumerable<Quantity> worse = [Quantity.Soil, Quantity.Wetness, Quantity.People];
        yield return BoardChecks.Of(Terms.Id("bearers", loadCase), "Bearers between the legs", BearerPart, bending, on, new Remedy("Legs no farther apart than", bending.GreatestSpan, Unit.Metre), new Remedy("Bearers at least this deep", bending.LeastThickness, Unit.Metre)).Guarding(worse, Quantity.Posts);
        // An inner leg of a bearer that runs over takes more than its share; of two each takes half.
        var share = Legs == 2 ? .5 : TieForce.Continuity(Legs - 1) / (Legs - 1);
        var leg = weight.Times(share / 2);
        double force = leg.Factored(brief.Factors, loadCase), across = force / (LegWide * LegThick), strength = brief.Handbook[Timbers.AcrossGrainId] * timber.OnResistance(loadCase);
        Sum load = Sum.Of("Load on one leg", $"N = {Terms.Formula(brief, loadCase, "W")} c ÷ 2", [.. Terms.Of(weight, brief, "W", "weight of all", "people on it", Unit.Newton), new("c", "share of one leg of a bearer", share, Unit.One), .. Terms.Factors(brief, loadCase)], force, Unit.Newton, "Reactions of a beam over its legs");
        yield return Check.Compare(
            Terms.Id("leg-bears", loadCase), "Bearers pressed by their legs", loadCase, across, strength, Unit.Pascal, loadCase == LoadCase.Normal ? "Wood crushes across its grain long before it does along it." : Terms.Blocked, BearerPart,
            [load, Sum.Of("Pressure across the grain", "N ÷ b t", [new("N", "load on one leg, factored", force, Unit.Newton), new("b", "leg, one side", LegWide, Unit.Metre), new("t", "the other", LegThick, Unit.Metre), brief.Handbook.Term(Timbers.AcrossGrainId)], across, Unit.Pascal, "EN 1995-1-1 6.1.5, without any increase")],
            new Remedy("Legs of a section at least", LegWide * LegThick * across / strength, Unit.SquareMetre)).Guarding(worse);
        if (LegLong < 4 * Math.Min(LegWide, LegThick)) yield break;
        var holds = LoadsBelow.LegCapacity(LegWide, LegThick, LegLong, timber.Modulus) * LegsWorn.Factor();
        yield return Check.Compare(
            Terms.Id("leg", loadCase), "Legs under the load", loadCase, force, holds, Unit.Newton, loadCase == LoadCase.Normal ? "Braced so that they cannot sway." : Terms.Blocked, LegPart,
            [load, Sum.Of("What one leg carries", "π² E I ÷ L² ÷ 3", [brief.Handbook.Term($"timber.{Casting.Piece.BoughtGrade}.modulus"), new("b", "leg, one side", LegWide, Unit.Metre), new("t", "the other", LegThick, Unit.Metre), new("L", "its length", LegLong, Unit.Metre)], holds, Unit.Newton, "Euler 1744, over 3 for a leg that is neither straight nor planed")],
            new Remedy("Legs no longer than", LegLong * Math.Sqrt(holds / force), Unit.Metre)).Guarding(worse);
    }
}
