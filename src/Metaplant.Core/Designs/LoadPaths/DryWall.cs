using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>A dry-laid wall against sliding, turning over and pressing on its front edge, full; and against falling inwards while it is empty. Lengths in m.</summary>
/// <param name="WeightRow">The handbook's row of the least that it weighs.</param>
/// <param name="Film">True where film keeps water behind it; through open joints and cloth it goes.</param>
public sealed record DryWall(string Part, double Width, double Height, double Soil, double Batter, string WeightRow, bool Film) : LoadPath
{
    private const string Method = "Coulomb behind a smooth leaning back (Müller-Breslau 1906); EN 1997-1 6.5.3 for the friction";

    /// <summary>Part of its width that the force on the foot may lie before the middle: a sixth, so that all of the foot presses.</summary>
    private const double Sixth = 1.0 / 6;

    public override IEnumerable<Check> Work(Brief brief)
    {
        IEnumerable<Check> full = Film ? [.. Full(brief, LoadCase.Normal), .. Full(brief, LoadCase.BlockedDrain)] : Full(brief, LoadCase.Normal);
        return full.Select(c => c.Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People])).Append(Empty(brief).Guarding([Quantity.Soil]));
    }

    private LeaningWall Wall(Brief brief) => new(Width, Height, Soil, Batter, brief.Handbook[WeightRow], brief.Handbook[Grounds.FootFriction]);

    private IEnumerable<Check> Full(Brief brief, LoadCase loadCase)
    {
        var blocked = loadCase == LoadCase.BlockedDrain;
        var wall = Wall(brief);
        var thrust = wall.Thrust(brief.Soil, blocked);
        // An accident has no safety left over.
        Term wanted = blocked ? new("FS", "safety in an accident", 1, Unit.One) : brief.Handbook.Term(Grounds.GravitySafety), friction = brief.Handbook.Term(Grounds.FootFriction), weighs = brief.Handbook.Term(WeightRow);
        Term b = new("B", "front to back", Width, Unit.Metre), h = new("H", "soil against it", Soil, Unit.Metre), lean = new("tan ω", "leans back for each of height", Batter, Unit.One), all = new("P", "thrust on a metre", thrust.Soil + thrust.OnTop, Unit.NewtonPerMetre), w = new("W", "weight of a metre, dry", wall.Weight, Unit.NewtonPerMetre);
        Sum push = Sum.Of("Thrust of the soil", blocked ? "P = (K_a (γ_sat − γ_w) + γ_w) H²/2 + K_a q H" : "P = K_a (γ H²/2 + q H)", [new("K_a", "active, with its lean", wall.Active(brief.Medium.FrictionAngleDegrees), Unit.One), h, lean, .. brief.PeopleAtEdge ? [new Term("q", "people at the edge", brief.People, Unit.Pascal)] : (Term[])[]], all.Value, Unit.NewtonPerMetre, Method, blocked ? "Water stands behind the film" : "Water goes through its joints");
        double slide = wall.Sliding(thrust), turn = wall.Turning(thrust), before = wall.BeforeMiddle(thrust);
        Sum weight = Sum.Of("Weight of a metre of wall", "W = B h γ_w", [b, new("h", "height of the wall", Height, Unit.Metre), weighs], wall.Weight, Unit.NewtonPerMetre, "The least that it may weigh: weigh one piece and put that in the handbook");
        Sentence Words(Sentence sound) => blocked ? (Sentence)Terms.Blocked : sound;
        yield return Check.Compare(
            Terms.Id("wall-slide", loadCase), "Wall against sliding", loadCase, wanted.Value, slide, Unit.One, Words("Friction under its lowest course, dry."), Part,
            [push, weight, Sum.Of("Safety against sliding", "μ (W − P sin ω) ÷ P cos ω", [friction, w, all, lean, wanted], slide, Unit.One, Method)], new Remedy("Stones at least this wide", Width * wanted.Value / Math.Max(slide, 1e-3), Unit.Metre));
        yield return Check.Compare(
            Terms.Id("wall-turn", loadCase), "Wall against turning over", loadCase, wanted.Value, turn, Unit.One, Words("About the front of its lowest course, dry."), Part,
            [push, weight, Sum.Of("Safety against turning", "W (B + h tan ω)/2 ÷ ΣP (z cos ω + (B + z tan ω) sin ω)", [w, b, all, lean, wanted], turn, Unit.One, Method)], new Remedy("Stones at least this wide", Width * Math.Sqrt(wanted.Value / Math.Max(turn, 1e-3)), Unit.Metre));
        if (blocked) yield break;
        yield return Check.Compare(
            "wall-middle", "Wall pressing on all of its foot", loadCase, Math.Max(0, before), Width * Sixth, Unit.Metre, "What comes down stays within the middle third of its foot.", Part,
            [push, weight, Sum.Of("How far before the middle it presses", "e = B/2 − (M_keeps − M_turns) ÷ (W − P sin ω)", [b, w, all, lean], Math.Max(0, before), Unit.Metre, Method, before < 0 ? "Behind the middle: the soil holds it" : "Towards the front")]);
    }

    /// <summary>Until there is soil behind it nothing holds what leans but its own foot.</summary>
    private Check Empty(Brief brief)
    {
        var safety = brief.Handbook.Term(Grounds.GravitySafety);
        double behind = Height / 2 * Batter, room = Width / 2 / safety.Value;
        return Check.Compare(
            "wall-empty", "Wall standing empty", LoadCase.Normal, behind, room, Unit.Metre, "It leans inwards: fill behind each course as it is laid.", Part,
            [Sum.Of("How far its weight lies behind the middle", "h tan ω/2", [new("h", "height of the wall", Height, Unit.Metre), new("tan ω", "leans back for each of height", Batter, Unit.One), new("B", "front to back", Width, Unit.Metre), safety], behind, Unit.Metre, "Weight over the back of its foot")],
            new Remedy("Height no more than", Batter > 0 ? 2 * room / Batter : Height, Unit.Metre));
    }
}
