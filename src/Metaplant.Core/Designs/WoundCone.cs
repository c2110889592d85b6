using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs;

/// <summary>Sticks stood in a ring, lashed near the top, wound with line for climbers to grip, and pegged against the wind.</summary>
public sealed class WoundCone : Design
{
    private const double Embed = .15;
    private const double Above = .15;
    private const double LowestRing = .10;
    private const double LineDiameter = .004;
    private const double LeastStick = .012;

    /// <summary>Part of the way from foot to tie where the middle of the thinnest third lies.</summary>
    private const double MiddleOfThinThird = 5.0 / 6;

    public override string Id => "wound-cone";

    public override string Name => "Wound cone";

    public override string Summary => "Sticks in a ring, lashed at the top and wound with line, for climbing plants in the ground.";

    /// <summary>Feet in the soil among the roots: what is for structures only has no place there.</summary>
    public override Role Lead { get; } = new("sticks", "Sticks", Seat.InSoil, Form.Pole, Form.Twig) { Counts = l => l.As<ISticks>() is not null, Also = l => WhyNot(l.As<ISticks>()!) };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var sticks = Of(lead);
        var tallest = Enumerable.Range(12, 37).Select(i => i * .05).Where(h => Cone.StickLength(h, .2, Embed, Above) <= sticks.LengthOfLongest(3)).DefaultIfEmpty(.6).Max();
        List<Stop> heights = [.. Setting.Range(.6, tallest, .05)];
        return
        [
            new Setting("height", "Height of the tie", Unit.Metre, heights, Math.Clamp(1.7, .6, tallest), "As high as an arm reaches to pick") { Sizes = [.. heights.Where((_, i) => i % 4 == 0).Append(heights[^1]).Select(h => h.Value).Distinct()] },
            Setting.Even("legs", "Sticks", Unit.Count, 3, Math.Min(8, sticks.Sticks), 1, 4, "Four stand well and leave room between").Try(n => n is 3 or 4 or 6 or 8),
            Setting.Even("radius", "Radius of the ring", Unit.Metre, .2, .6, .05, .35, "Wider stands firmer and wants longer sticks").Try(r => r is > .29 and < .36 or > .44 and < .46),
            Setting.Even("rings", "Rings of line", Unit.Count, 1, 12, 1, 7, "A hand's length apart is what tendrils find"),
            Setting.Even("pegs", "Pegs in the ground", Unit.Metre, .2, .9, .05, .5, "Deep enough for a gust in full leaf").Least(),
        ];
    }

    public override double AtMost(Chosen set) => set["height"];

    public override Outcome<Demand> Ask(Chosen set)
    {
        var cone = new Plan(set);
        var longest = cone.Sticks.LengthOfLongest(cone.Legs);
        if (cone.StickLength > longest + 1e-9)
            return new Problem("height", $"The sticks must be {Amount.Length(cone.StickLength)}; of the {cone.Legs} longest, the shortest has {Amount.Length(longest)}.");
        return Demand.Of(
            new SticksNeeded("sticks", Lead, cone.Legs, cone.StickLength, 0, Alike: true),
            new RunNeeded("twine", Stuff.Twine, cone.Twine + cone.Legs * Stuff.LineForFoot, .002, .008),
            new SticksNeeded("pegs", Stuff.FootPegs, cone.Legs, cone.PegDepth + .15, Stuff.FootPeg));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var cone = new Plan(set);
        var shortest = cast["sticks"].Min(s => s.Length);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(cone.Legs, "stick", "sticks")}, tied at {Amount.Length(cone.Height)}",
            Parts = [new("stick", "Stick", Form.Pole, cone.Legs, cone.StickLength, cone.Sticks.Butt, cone.Sticks.Butt, "sticks"), new("peg", "Peg", Form.Pole, cone.Legs, cone.PegDepth + .15, Stuff.FootPeg, Stuff.FootPeg, "pegs"), new("twine", "Line", Form.Line, cone.Rings, cone.Twine, LineDiameter, LineDiameter, "twine")],
            Joints = [new("Head", "stick", "stick", "lashing", 1, LetIn: true), new("Foot to peg", "stick", "peg", "lashing", cone.Legs)],
            Climbing = ClimbingFrame.Ring(cone.Legs, LineDiameter, cone.Height, cone.Radius),
            Foot = new NoSoil(),
            LoadPaths =
            [
                new PeggedInWind("stick", cone.Legs, cone.Radius, cone.Height, cone.Radius * cone.Height, Stuff.FootPeg, cone.PegDepth, cone.Mass, LeafyWind.Spread(set.Brief)),
                new ConeSticks("stick", cone.Legs, cone.Radius, cone.Height, cone.ThinThird(shortest), LeafyWind.Spread(set.Brief), set.Lead.Condition, Stuff.StickGrade),
            ],
            Figures = Figures(cone),
            Handling = new(cone.Mass, BuiltInPlace: true),
            Stance = new BuiltIn(Math.PI * cone.Radius * cone.Radius),
            Scene = () => Stand(cone),
            Operations = () => Steps(cone),
            Reach = cone.Radius,
        };
    }

    private static ISticks Of(Lead lead) => lead.Main.As<ISticks>()!;

    private static Sentence? WhyNot(ISticks sticks)
    {
        if (sticks.Sticks < 3) return $"{new Count(sticks.Sticks, "stick", "sticks")}; three at least are needed.";
        if (sticks.Butt < LeastStick) return $"Too thin to stand: {Amount.Length(sticks.Butt)} at the butt, and {Amount.Length(LeastStick)} at least are needed.";
        var shortest = Cone.StickLength(.6, .2, Embed, Above);
        return sticks.LengthOfLongest(3) < shortest ? (Sentence)$"Too short: the lowest cone takes {Amount.Length(shortest)}." : null;
    }

    private sealed record Plan(Chosen Set)
    {
        public ISticks Sticks { get; } = Of(Set.Lead);

        public double Height => Set["height"];

        public int Legs => Set.Whole("legs");

        public double Radius => Set["radius"];

        public int Rings => Set.Whole("rings");

        public double PegDepth => Set["pegs"];

        public double StickLength => Cone.StickLength(Height, Radius, Embed, Above);

        public double Thickness => (Sticks.Butt + Sticks.Tip) / 2;

        public double Twine => Cone.Twine(Legs, Radius, Height, Rings, LowestRing, 1, Thickness);

        public double Mass => Legs * Stuff.MassOfStick(Sticks, StickLength);

        public IReadOnlyList<Point3> Feet => [.. Enumerable.Range(0, Legs).Select(i => Math.PI / 2 + 2 * Math.PI * i / Legs).Select(a => new Point3(Radius * Math.Cos(a), Radius * Math.Sin(a), 0))];

        /// <summary>Thickness in m of the shortest stick taken, in the middle of the thinnest third between foot and tie, its butt in the ground.</summary>
        public double ThinThird(double shortest)
        {
            var along = Math.Sqrt(Height * Height + Radius * Radius) / Height;
            var at = (Embed + MiddleOfThinThird * Height) * along;
            return Sticks.ThicknessAt(at, shortest);
        }
    }

    private static IReadOnlyList<Sum> Figures(Plan cone) =>
    [
        Sum.Of(
            "Length of one stick", "(H + embed + above) √(H² + r²) ÷ H",
            [new("H", "height of the tie", cone.Height, Unit.Metre), new("r", "radius of the ring", cone.Radius, Unit.Metre), new("embed", "in the ground", Embed, Unit.Metre), new("above", "above the tie", Above, Unit.Metre)],
            cone.StickLength, Unit.Metre, "Geometry of the slope"),
        Sum.Of(
            "Line to wind and lash it", "rings + turns + riser + lashing + tail",
            [new("n", "sticks", cone.Legs, Unit.Count), new("rings", "rings", cone.Rings, Unit.Count), new("d", "middle thickness of a stick", cone.Thickness, Unit.Metre), new("low", "lowest ring", LowestRing, Unit.Metre)],
            cone.Twine, Unit.Metre, "Polygon at each ring; one turn round every stick; six lashing turns"),
    ];

    private static Scene Stand(Plan cone)
    {
        Point3 head = new(0, 0, cone.Height);
        var solids = new List<Solid>();
        foreach (var foot in cone.Feet)
        {
            var way = (head - foot) * (1 / cone.Height);
            solids.Add(new Rod("stick", Ink.Stick, [foot - way * Embed, foot + way * (cone.Height + Above)], cone.Sticks.Butt, cone.Sticks.Tip));
            // The peg stands outside its foot, clear of the leaning stick.
            var peg = foot * ((cone.Radius + (cone.Sticks.Butt + Stuff.FootPeg) / 2 + Embed * cone.Radius / cone.Height + .01) / cone.Radius);
            solids.Add(new Rod("peg", Ink.WoodEnd, [peg with { Z = .15 }, peg with { Z = -cone.PegDepth }], Stuff.FootPeg, Stuff.FootPeg));
        }

        foreach (var z in Cone.RingHeights(cone.Rings, LowestRing, cone.Height))
        {
            List<Point3> ring = [.. cone.Feet.Select(f => (f * (1 - z / cone.Height)) with { Z = z })];
            solids.Add(new Rod("twine", Ink.Line, [.. ring, ring[0]], LineDiameter, LineDiameter));
        }

        var r = cone.Radius;
        return new(solids,
        [
            new("front", new(-r - .05, 0, 0), new(-r - .05, 0, cone.Height), .10, "height"), new("plan", default, new(r, 0, 0), 0, "radius"),
            new("section", new(0, r + .12, 0), new(0, r + .12, -cone.PegDepth), .06, "pegs"),
        ], SectionAt: 0);
    }

    private static IReadOnlyList<Operation> Steps(Plan cone) =>
    [
        new("pick", $"Pick {cone.Legs} alike sticks", $"At least {Amount.Length(cone.StickLength)}, much of a thickness, the straightest of the bundle. Trim the side shoots; thick end down.", 3 * cone.Legs, ["Pruning saw", "Knife"], Op.Gloves, false, "sticks") { SlowerWithSalvage = true },
        new("ring", "Mark the ring", $"A peg and a cord of {Amount.Length(cone.Radius)}; {cone.Legs} feet, each {Amount.Length(2 * cone.Radius * Math.Sin(Math.PI / cone.Legs))} from the next.", 6, ["Cord", "Tape"], []),
        Op.DrivePegs("pegs", "peg", cone.Legs, cone.PegDepth, "just outside each foot, upright.") with { Minutes = 6 * cone.Legs },
        new("stand", "Stand the sticks and lash the head", $"Feet {Amount.Length(Embed)} in the ground; tie at {Amount.Length(cone.Height)} with six turns and frapping turns between.", 15, ["Step ladder"], [], true) { Places = ["stick"] },
        new("feet", "Lash each foot to its peg", "Four turns and two between, pulled tight.", 4 * cone.Legs, ["Knife"], []),
        new("wind", $"Wind {new Count(cone.Rings, "ring", "rings")}", $"Start {Amount.Length(LowestRing)} up, one turn round every stick, evenly to just below the tie. {Amount.Length(cone.Twine)} of line in all.", 5 * cone.Rings, ["Knife"], []) { Places = ["twine"] },
        new("plant", "Plant at the feet", "One or two plants at each foot, outside the ring. Retighten green sticks after three weeks.", 10, ["Trowel"], [], false, "ties"),
    ];
}
