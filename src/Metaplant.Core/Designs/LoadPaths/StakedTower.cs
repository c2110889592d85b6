using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// A sack or tower that wind, its crop and a hand at its rim may tip: what its own dry weight does not hold, stakes take. Lengths in m.
/// </summary>
/// <param name="Width">D, across its foot.</param>
/// <param name="Mass">Dry, kg.</param>
/// <param name="Stakes">How many; 0 for none.</param>
/// <param name="TiedAt">How high they hold it.</param>
public sealed record StakedTower(string Part, string StakePart, double Width, double Height, double Mass, int Stakes, double StakeDiameter, double StakeDepth, double TiedAt, string Grade) : LoadPath
{
    /// <summary>Outline of a crop nobody has chosen, m: wide and high.</summary>
    private static readonly (double Spread, double Height) UnknownCrop = (.40, .60);

    /// <summary>How worn the worst of the stakes is.</summary>
    public Condition Worn { get; init; } = Condition.Sound;

    public override double InGround => Stakes > 0 ? StakeDepth : 0;

    public override IEnumerable<Check> Work(Brief brief) => Checks(brief).Select(c => c.Guarding([Quantity.Wind], Quantity.Posts));

    /// <summary>What tips it, N m, and what its weight holds, N m.</summary>
    public (double Tips, double Holds) Moments(Brief brief)
    {
        double pressure = Wind.Pressure(brief.Gust.Value), drag = brief.Handbook[Gusts.Drag];
        var (spread, high) = brief.Crop is { } crop ? (crop.Spread, crop.Height) : UnknownCrop;
        double sack = Wind.Force(pressure, Width * Height, drag, 1), leaves = Wind.Force(pressure, spread * high, drag, brief.Handbook[Gusts.Leaves]);
        return (sack * Height / 2 + leaves * (Height + high / 2) + brief.Handbook[People.HandAtRim] * Height, brief.Handbook[CodeFactors.WeightCountedOnId] * Mass * Medium.Gravity * Width / 2);
    }

    /// <summary>Push on one stake, N: what is wanting, over stakes and height.</summary>
    public double OnOneStake(Brief brief) => Moments(brief) is var (tips, holds) && Stakes > 0 ? Math.Max(0, tips - holds) / (Stakes * TiedAt) : 0;

    private IEnumerable<Check> Checks(Brief brief)
    {
        var (tips, holds) = Moments(brief);
        Sum all = Sum.Of("What tips it", "M = ΣF z + F_h h", [brief.Gust, brief.Handbook.Term(People.HandAtRim), new("h", "its height", Height, Unit.Metre), new("D", "across its foot", Width, Unit.Metre)], tips, Unit.NewtonMetre, "EN 1991-1-4 for the wind; drag and solidity assumed", brief.Crop is null ? (Sentence)$"No crop chosen: one {Amount.Length(.4)} wide and {Amount.Length(.6)} high" : "The crop in full leaf");
        Sum keeps = Sum.Of("What its weight keeps", "M = γ m g D/2", [brief.Handbook.Term(CodeFactors.WeightCountedOnId), new("m", "dry weight", Mass, Unit.Kilogram), new("D", "across its foot", Width, Unit.Metre)], holds, Unit.NewtonMetre, "The dry weight over the edge of its foot");
        if (Stakes == 0)
        {
            yield return Check.Compare("tipping", "Tipping over", LoadCase.Normal, tips, holds, Unit.NewtonMetre, "Dry, in a gust and with a hand at its rim.", Part, [all, keeps], new Remedy("Stakes round it", 3, Unit.Count));
            yield break;
        }

        if (brief.Site != Site.Soil)
        {
            yield return Check.AskAProfessional("tipping", "Tipping over", "Stakes cannot be driven here: tie it to something that holds, and ask somebody who knows.", StakePart);
            yield break;
        }

        var push = OnOneStake(brief);
        var need = push <= 0 ? 0 : brief.GroundsToHoldIn.Max(g => Peg(push, g.Ground, brief).Embedment);
        Sum deep = Sum.Of("Depth of a stake", "FS P = γ_g b L³ K_p ÷ 2 (e + L)", [new("P", "push on one stake", push, Unit.Newton), new("e", "how high it holds", TiedAt, Unit.Metre), new("b", "thickness", StakeDiameter, Unit.Metre), brief.Handbook.Term(Grounds.PostSafety)], need, Unit.Metre, "Broms 1964, short free-headed", brief.GroundId is null ? "The worst of all grounds, since nobody has looked" : "Ground as told");
        yield return Check.Enough("tipping", "Stakes against tipping", need, StakeDepth, Unit.Metre, "Driven deep enough.", "Not deep enough for the ground.", StakePart, [all, keeps, deep], new Remedy("Stakes at least this deep", need, Unit.Metre));
        var moment = push <= 0 ? 0 : brief.Factors.Surcharge * brief.GroundsToHoldIn.Max(g => Peg(push, g.Ground, brief).GreatestMoment);
        double stress = 32 * moment / (Math.PI * Math.Pow(StakeDiameter, 3)), strength = Timbers.Get(brief.Handbook, Grade).ShortBending(Worn, brief.Handbook);
        yield return Check.Compare(
            "stakes-bent", "Stakes, bent", LoadCase.Normal, stress, strength, Unit.Pascal, "Bent below the ground line in a gust.", StakePart,
            [Sum.Of("Bending of a stake", "σ = 32 γ_Q M_max ÷ π d³", [new("M_max", "greatest moment, factored", moment, Unit.NewtonMetre), new("d", "thickness", StakeDiameter, Unit.Metre), brief.Handbook.Term(CodeFactors.SurchargeId)], stress, Unit.Pascal, "Broms 1964; EN 1995-1-1 for short loads")],
            new Remedy("Stakes at least this thick", StakeDiameter * Math.Cbrt(stress / strength), Unit.Metre));
    }

    private LateralPeg Peg(double push, Ground ground, Brief brief) => new(push, TiedAt, StakeDiameter, ground, brief.Handbook[Grounds.PostSafety]);
}

/// <summary>The cloth of a sack, stretched like a hoop, T = p r. Lengths in m.</summary>
public sealed record SackCloth(string Part, double Radius, double Depth) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People]));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var push = Push.At(Depth, brief, loadCase);
        double pull = push.Factored(brief.Factors, loadCase) * Radius, holds = brief.Handbook[Metals.SackStrength] / (loadCase == LoadCase.Normal ? 2 : 1);
        var check = Check.Compare(
            Terms.Id("sack", loadCase), "Cloth of the sack at its foot", loadCase, pull, holds, Unit.NewtonPerMetre, loadCase == LoadCase.Normal ? "Sun takes the strength of a sack within a year." : Terms.Blocked, Part,
            [Sum.Of("Stretch of the cloth", $"T = {Terms.Formula(brief, loadCase, "p")} r", [.. Terms.Of(push, brief, "p", "pressure at the foot", "from people", Unit.Pascal), new("r", "radius", Radius, Unit.Metre), brief.Handbook.Term(Metals.SackStrength), .. Terms.Factors(brief, loadCase)], pull, Unit.NewtonPerMetre, "Thin ring; half the strength is kept back for sun and seams")]);
        // Nobody has measured this sack.
        return loadCase == LoadCase.Normal ? check.AtBestTight() : check;
    }
}
