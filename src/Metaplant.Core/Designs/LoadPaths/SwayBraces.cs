using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>A hand at the rim pushes a frame on legs over: two braces each way hold it, at 45°, each by two screws at either end. Lengths in m.</summary>
/// <param name="Thickness">Of a brace.</param>
/// <param name="Behind">Of the leg that its screws go into.</param>
public sealed record SwayBraces(string Part, double Thickness, double Behind) : LoadPath
{
    private const int Screws = 2;
    private const double Angle = 45;

    public override IEnumerable<Check> Work(Brief brief)
    {
        Term hand = brief.Handbook.Term(People.HandAtRim), factor = brief.Handbook.Term(CodeFactors.SurchargeId);
        var force = Force(brief);
        var timber = Timbers.Get(brief.Handbook, Casting.Piece.BoughtGrade);
        var screw = WoodScrew.For(Thickness);
        var joint = new ScrewJoint(Thickness, Math.Min(screw.Length - Thickness, Behind), screw.EffectiveDiameter, timber.Density, timber.Density, Predrilled: true, SteelStrength: brief.Handbook[Metals.ScrewStrength]);
        yield return Check.Compare(
            "sway", "Braces against swaying", LoadCase.Normal, force, Screws * joint.Design(timber, LoadCase.Normal), Unit.Newton, "A leg by itself bends like a reed; its screws pull out of the end grain.", Part,
            [Sum.Of("Force in a brace", "γ_Q F ÷ (2 cos 45°)", [hand, factor], force, Unit.Newton, "Two braces share what leans on the rim"), joint.Worked()]);
    }

    /// <summary>In one brace, N, with the factor on what leans.</summary>
    public static double Force(Brief brief) => brief.Factors.Surcharge * brief.Handbook[People.HandAtRim] / (2 * Math.Cos(Angle * Math.PI / 180));
}

/// <summary>A found frame without braces of ours: how stiff its own joints are nobody can tell by looking.</summary>
/// <param name="Wobbles">True where somebody has seen that it does.</param>
public sealed record OwnJoints(string Part, bool Wobbles) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief) =>
    [
        Wobbles
            ? Check.Enough("sway", "Frame against swaying", 1, 0, Unit.One, "", "It wobbles, and soil makes it worse: brace it.", Part, [])
            : Check.ProveFirst("sway", "Frame against swaying", LoadCase.Normal, "Its joints are old and nobody knows what they hold: push it before it is loaded, or brace it.", Part, [], Test),
    ];

    private static IReadOnlyList<Sentence> Test =>
    [
        "Empty, on level ground: lean on its top rail with all your weight, along it and across it.",
        "Nothing creaks, opens or gives by more than a finger: it will do. Else brace it both ways.",
    ];
}
