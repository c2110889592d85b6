using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// An empty crate turned over that others stand on. What is above comes down on packers across its two long sides; on each the board next to its floor carries on edge to the corners, and is screwed there to blocks, since nobody knows what old nails hold. Lengths in m.
/// </summary>
/// <param name="Length">Of a long side, inside: from corner to corner.</param>
/// <param name="Packers">Under what stands on it, evenly along.</param>
/// <param name="Board">Its height on edge and its thickness.</param>
/// <param name="Depth">Of the soil above.</param>
/// <param name="Floor">Area of that soil, m².</param>
/// <param name="Crates">kg of all crates above.</param>
/// <param name="Screws">At each end of a board.</param>
/// <param name="Block">Thickness of a corner block.</param>
public sealed record CrateBelow(string Part, double Length, int Packers, BoardSection Board, double Depth, double Floor, double Crates, int Screws, double Block, string Grade, Condition Condition) : LoadPath
{
    private WoodScrew Screw => WoodScrew.For(Board.Thickness);

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.SelectMany(c => Case(brief, c)).Select(c => c.Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear]));

    private IEnumerable<Check> Case(Brief brief, LoadCase loadCase)
    {
        var above = Push.OnFloor(Depth, brief, loadCase).Times(Floor);
        Push all = above with { Soil = above.Soil + Crates * Medium.Gravity };
        var timber = Timbers.Get(brief.Handbook, Grade);
        double load = all.Factored(brief.Factors, loadCase), share = Share;
        double stress = load * Length * share / (Board.Thickness * Board.Height * Board.Height / 6), strength = timber.DesignBending(Condition, loadCase);
        Sum weight = Sum.Of(
            "Weight on it", brief.PeopleAtEdge ? "W = (γ z + q) A + m g" : "W = γ z A + m g",
            [
                new("γ z", "moist or wet soil on its floor", above.Soil / Floor, Unit.Pascal), .. brief.PeopleAtEdge ? (Term[])[brief.Handbook.Term(People.AtEdge)] : [],
                new("A", "floor of the crate above", Floor, Unit.SquareMetre), new("m", "crates above", Crates, Unit.Kilogram),
            ],
            all.Total, Unit.Newton, "Weight over the floor");
        Sum bent = Sum.Of(
            "Bending of a long side on edge", Packers % 2 == 0 ? "σ = γ W L/16 ÷ (t h²/6)" : "σ = γ W L/16 (1 + 1/n²) ÷ (t h²/6)",
            [new("W", "weight on it", all.Total, Unit.Newton), new("L", "corner to corner", Length, Unit.Metre), new("n", "packers", Packers, Unit.Count), new("t", "thickness of the board", Board.Thickness, Unit.Metre), new("h", "its height", Board.Height, Unit.Metre), .. Terms.Factors(brief, loadCase)],
            stress, Unit.Pascal, "Beam on two supports, half of the load on each long side, at the packers");
        yield return Check.Compare(
            Terms.Id("below", loadCase), "Sides of the empty crate below", loadCase, stress, strength, Unit.Pascal, loadCase == LoadCase.Normal ? "One board of each side carries; those below it are not counted." : Terms.Blocked, Part, [weight, bent],
            new Remedy("Boards at least this high", Board.Height * Math.Sqrt(stress / strength), Unit.Metre));
        double end = load / 4, penetration = Math.Min(Screw.Length - Board.Thickness, Block);
        var joint = new ScrewJoint(Board.Thickness, penetration, Screw.EffectiveDiameter, timber.Density, timber.Density, Predrilled: true, SteelStrength: brief.Handbook[Metals.ScrewStrength]);
        var holds = Screws * joint.Design(timber, loadCase);
        yield return Check.Compare(
            Terms.Id("below-corners", loadCase), "Screws in its corners", loadCase, end, holds, Unit.Newton, loadCase == LoadCase.Normal ? (Sentence)$"{new Count(Screws, "screw", "screws")} at each end of the board, into a block in the corner." : Terms.Blocked, Part,
            [weight, Sum.Of("On one end of a board", "γ W ÷ 4", [new("W", "weight on it", all.Total, Unit.Newton), .. Terms.Factors(brief, loadCase)], end, Unit.Newton, "Two sides, two ends each"), joint.Worked()],
            new Remedy("Screws at each end, at least", Math.Ceiling(Screws * end / holds), Unit.Count));
    }

    /// <summary>M ÷ W L: one sixteenth under packers evenly spread, more where one of them lies in the middle.</summary>
    private double Share => (Packers % 2 == 0 ? 1 : 1 + 1.0 / (Packers * Packers)) / 16;
}
