using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// Pegs driven outside the foot of a wall against sliding out under the soil. The ties stand a third of the way up, where the push acts, and take all of it; the pegs take what a tie set at half the height would leave to the foot, a third,
/// since nobody sets a tie to the millimetre. Friction under the wall is ignored. They are judged as short posts pushed at the ground line. Lengths in m.
/// </summary>
/// <param name="Spacing">Wall that one peg holds.</param>
public sealed record FootPegs(string Part, double Height, double Spacing, double Diameter, double Depth, string Grade) : LoadPath
{
    /// <summary>Part of the push that comes to the foot.</summary>
    public const double Share = 1.0 / 3;

    private const double AboveGround = .05;

    /// <summary>How worn the worst of the pegs is.</summary>
    public Condition Worn { get; init; } = Condition.Sound;

    public override double InGround => Depth;

    public override IEnumerable<Check> Work(Brief brief) => Checks(brief).Select(c => c.Guarding([Quantity.Wetness, Quantity.People], Quantity.Ground));

    private IEnumerable<Check> Checks(Brief brief)
    {
        if (brief.Site != Site.Soil)
        {
            yield return Check.AskAProfessional("foot", "Foot of the walls against sliding", "Pegs cannot be driven here: fix its foot some other way, and ask somebody who knows.", Part);
            yield break;
        }

        var (ground, need) = Worst(brief);
        var push = Push.Resultant(Height, brief, LoadCase.Normal).Times(Spacing * Share);
        var safety = brief.Handbook.Term(Grounds.PegSafety);
        Sum deep = Sum.Of(
            "Depth of a peg", "FS P = γ_g b L³ K_p ÷ 2 (e + L), in clay L = 1.5 b + f + g",
            [new("P", "push on one peg", push.Total, Unit.Newton), new("e", "its height over the ground", AboveGround, Unit.Metre), new("b", "thickness of the peg", Diameter, Unit.Metre), safety],
            need, Unit.Metre, "Broms 1964, short free-headed", $"Ground: {Grounds.Names.First(g => g.Id == ground).Name.Split(':')[0].ToLowerInvariant()}{(brief.GroundId is null ? ", the worst of all, since nobody has looked" : "")}");
        // The depth was chosen for the need, with its safety in it.
        yield return Check.Enough("foot", "Foot of the walls against sliding", need, Depth, Unit.Metre, "Pegs outside the foot, driven hard against it.", "Deeper than a mallet drives them.", Part, [deep], new Remedy("Pegs at least this deep", need, Unit.Metre));
        var timber = Timbers.Get(brief.Handbook, Grade);
        var strength = timber.DesignBending(Worn, LoadCase.Normal);
        var factored = push.Factored(brief.Factors, LoadCase.Normal) / push.Total * brief.GroundsToHoldIn.Max(g => Post(g.Ground, brief).GreatestMoment);
        var stress = 32 * factored / (Math.PI * Math.Pow(Diameter, 3));
        yield return Check.Compare(
            "foot-pegs", "Pegs of the foot, bent", LoadCase.Normal, stress, strength, Unit.Pascal, "Bent below the ground line.", Part,
            [Sum.Of("Bending of a peg", "σ = 32 γ M_max ÷ π d³", [new("γ M_max", "greatest moment, factored", factored, Unit.NewtonMetre), new("d", "thickness of the peg", Diameter, Unit.Metre)], stress, Unit.Pascal, "Broms 1964")],
            new Remedy("Pegs at least this thick", Diameter * Math.Cbrt(stress / strength), Unit.Metre));
    }

    /// <summary>The depth in m that a peg needs, in the ground told or in the worst of all.</summary>
    public double DepthNeeded(Brief brief) => Worst(brief).Depth;

    private (string Ground, double Depth) Worst(Brief brief) => brief.GroundsToHoldIn.Select(g => (g.Id, Post(g.Ground, brief).Embedment)).MaxBy(g => g.Item2);

    private LateralPeg Post(Ground ground, Brief brief)
        => new(Push.Resultant(Height, brief, LoadCase.Normal).Times(Spacing * Share).Total, AboveGround, Diameter, ground, brief.Handbook[Grounds.PegSafety]);
}
