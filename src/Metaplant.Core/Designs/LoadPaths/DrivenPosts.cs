using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// Posts driven outside a wall, pushed so hard each at such a height: Broms for short free-headed posts, and the post itself at its greatest moment below the ground. A wall of boards leans with them, so that the active pressure counts; a closed ring of
/// bales does not, and brings pressure at rest. Lengths in m, forces in N.
/// </summary>
/// <param name="Push">On one post, unfactored, at rest; where the wall leans it is brought to the active share here.</param>
/// <param name="Height">How high it acts.</param>
/// <param name="Depth">Driven so deep.</param>
public sealed record DrivenPosts(string Part, Func<Brief, Push> Push, double Height, double Diameter, double Depth, string Grade, Condition Condition) : LoadPath
{
    /// <summary>Id of its check where posts of several sorts stand.</summary>
    public string Id { get; init; } = "posts";

    /// <summary>False where the wall cannot lean with its posts.</summary>
    public bool Leans { get; init; } = true;

    /// <summary>What pushes them where the wall does not lean.</summary>
    public string By { get; init; } = "the push of the soil";

    /// <summary>What the push on one is, where the wall does not lean.</summary>
    public string Pushed { get; init; } = "push on one, at rest";

    /// <summary>What they are called: "Posts".</summary>
    public string Called { get; init; } = "Posts";

    public override double InGround => Depth;

    public override IEnumerable<Check> Work(Brief brief) => Checks(brief).Select(c => c.Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wind], Quantity.Ground, Quantity.Posts, Quantity.Depth));

    /// <summary>Posts of a plank wall: the thrust of the soil between two posts, with what an inner post takes more.</summary>
    /// <param name="tied">True where a tie holds their heads: two thirds of the thrust then come to the foot.</param>
    public static DrivenPosts OfWall(string part, double depthOfSoil, double spacing, int spans, bool tied, double diameter, double depth, string grade, Condition condition)
        => new(part, brief => LoadPaths.Push.Resultant(depthOfSoil, brief, LoadCase.Normal).Times(spacing * (spans < 2 ? 1 : TieForce.Continuity(spans)) * (tied ? 2.0 / 3 : 1)), tied ? 0.02 : depthOfSoil / 3, diameter, depth, grade, condition);

    private IEnumerable<Check> Checks(Brief brief)
    {
        if (brief.Site != Site.Soil)
        {
            yield return Check.AskAProfessional(Id, Against, $"{Called} cannot be driven here: hold the wall some other way, and ask somebody who knows.", Part);
            yield break;
        }

        var push = Leans ? Push(brief).Times(EarthPressure.Active(brief.Medium.FrictionAngleDegrees) / EarthPressure.AtRest(brief.Medium.FrictionAngleDegrees)) : Push(brief);
        var (ground, peg) = brief.GroundsToHoldIn.Select(g => (g.Id, Peg: Peg(push, g.Ground, brief))).MaxBy(g => g.Peg.Embedment);
        var need = peg.Embedment;
        Sum deep = Sum.Of(
            "Depth of a post", "FS P = γ_g b L³ K_p ÷ 2 (e + L), in clay L = 1.5 b + f + g",
            [new("P", Leans ? "push on one post, active" : Pushed, push.Total, Unit.Newton), new("e", "its height over the ground", Height, Unit.Metre), new("b", "thickness of the post", Diameter, Unit.Metre), brief.Handbook.Term(Grounds.PostSafety)],
            need, Unit.Metre, "Broms 1964, short free-headed", $"Ground: {Grounds.Names.First(g => g.Id == ground).Name.Split(':')[0].ToLowerInvariant()}{(brief.GroundId is null ? ", the worst of all, since nobody has looked" : "")}");
        yield return Check.Enough(Id, Against, need, Depth, Unit.Metre, "Driven deep enough for the ground.", "Not deep enough for the ground.", Part, [deep], new Remedy($"{Called} at least this deep", need, Unit.Metre));
        var timber = Timbers.Get(brief.Handbook, Grade);
        var moment = brief.GroundsToHoldIn.Max(g => Peg(push, g.Ground, brief).GreatestMoment) * push.Factored(brief.Factors, LoadCase.Normal) / push.Total;
        double stress = 32 * moment / (Math.PI * Math.Pow(Diameter, 3)), strength = timber.DesignBending(Condition, LoadCase.Normal);
        yield return Check.Compare(
            $"{Id}-bent", $"{Called}, bent", LoadCase.Normal, stress, strength, Unit.Pascal, "Bent below the ground line.", Part,
            [Sum.Of("Bending of a post", "σ = 32 γ M_max ÷ π d³", [new("γ M_max", "greatest moment, factored", moment, Unit.NewtonMetre), new("d", "thickness of the post", Diameter, Unit.Metre)], stress, Unit.Pascal, "Broms 1964")],
            new Remedy($"{Called} at least this thick", Diameter * Math.Cbrt(stress / strength), Unit.Metre));
    }

    private string Against => Leans ? $"{Called} against leaning" : $"{Called} against {By}";

    private LateralPeg Peg(Push push, Ground ground, Brief brief) => new(push.Total, Height, Diameter, ground, brief.Handbook[Grounds.PostSafety]);
}
