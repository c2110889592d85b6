using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs;

/// <summary>Sticks stood in a ring, lashed near the top, wound with line for climbers to grip, and pegged against the wind.</summary>
public sealed class WoundCone : IDesign
{
    private const double Embed = .15;
    private const double Above = .15;
    private const double LowestRing = .10;
    private const double LineDiameter = .004;
    private const double PegThickness = .035;
    private const double LeastStick = .012;

    /// <summary>Part of the way from foot to tie where the middle of the thinnest third lies.</summary>
    private const double MiddleOfThinThird = 5.0 / 6;

    /// <summary>Strength class that sticks are taken for: wood of a sort nobody has graded.</summary>
    private const string Grade = "C14";

    private const double WoodDensity = 600;
    private static readonly double[] Radii = [.30, .35, .45];

    public string Id => "wound-cone";

    public string Name => "Wound cone";

    public string Summary => "Sticks in a ring, lashed at the top and wound with line, for climbing plants in the ground.";

    public (IReadOnlyList<Source> Sources, IReadOnlyList<NoSource> Others) Find(Heap heap)
    {
        var bundles = heap.Things.Where(t => t.Thing.Measures is ISticks).Select(t => (Thing: t, Why: WhyNot(t))).ToList();
        return (
            [.. bundles.Where(b => b.Why is null).Select(b => new Source([b.Thing]))],
            [.. bundles.Where(b => b.Why is not null).Select(b => new NoSource(b.Thing, b.Why!, b.Thing.Judgement.Fitness != Fitness.Refused && b.Thing.Free > 0))]);
    }

    public IReadOnlyList<Parameter> Parameters(Source source)
    {
        var sticks = Of(source);
        var tallest = Enumerable.Range(12, 37).Select(i => i * .05).Where(h => Cone.StickLength(h, .2, Embed, Above) <= sticks.LengthOfLongest(3)).DefaultIfEmpty(.6).Max();
        return
        [
            new("height", "Height of the tie", Unit.Metre, Parameter.Range(.6, Math.Max(.6, tallest), .05), Math.Clamp(1.7, .6, Math.Max(.6, tallest)), "As high as an arm reaches to pick"),
            new("legs", "Sticks", Unit.Count, Parameter.Range(3, Math.Min(8, sticks.Sticks), 1), Math.Min(4, sticks.Sticks), "Four stand well and leave room between"),
            new("radius", "Radius of the ring", Unit.Metre, Parameter.Range(.2, .6, .05), .35, "Wider stands firmer and wants longer sticks"),
            new("rings", "Rings of line", Unit.Count, Parameter.Range(1, 12, 1), 7, "A hand's length apart is what tendrils find"),
            new("pegs", "Pegs in the ground", Unit.Metre, Parameter.Range(.2, .9, .05), .5, "Deep enough for a gust in full leaf"),
        ];
    }

    public IEnumerable<Settings> Sizes(Source source, Brief brief)
    {
        var parameters = Parameters(source);
        var defaults = Settings.Defaults(parameters);
        return
            from height in parameters[0].Stops.Where((_, i) => i % 4 == 0).Append(parameters[0].Stops[^1])
            from legs in parameters[1].Stops
            from radius in Radii
            let tried = defaults.With("height", height.Value).With("legs", legs.Value).With("radius", radius)
            where Cone.StickLength(height.Value, radius, Embed, Above) <= Of(source).LengthOfLongest((int)legs.Value)
            select WithPegs(source, tried, parameters[4], brief);
    }

    public Outcome<Blueprint> Draft(Source source, Settings settings, Brief brief)
    {
        var cone = new Plan(source.Main, Of(source), settings);
        if (cone.StickLength > cone.Available + 1e-9)
            return new Problem("height", $"The sticks must be {cone.StickLength * 1000:0} mm; of the {cone.Legs} longest, the shortest has {cone.Available * 1000:0} mm.");
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{cone.Legs} sticks, tied at {cone.Height * 1000:0} mm",
            Parts = [new("stick", "Stick", Form.Pole, cone.Legs, cone.StickLength, cone.Sticks.Butt, cone.Sticks.Butt), new("peg", "Peg", Form.Pole, cone.Legs, cone.Pegs + .15, PegThickness, PegThickness)],
            Joints = [new("Head", "stick", "stick", "lashing", 1), new("Foot to peg", "stick", "peg", "lashing", cone.Legs)],
            Needs =
            [
                new ThingsNeeded("sticks", source.Main.Thing.Name, Seat.InSoil, [(source.Main.Thing.Id, 1)]),
                new LineNeeded("twine", "Line to wind and lash", cone.Twine + cone.Legs * .8, .002, .008, Wire: false, Seat.AmongPlants, "twine"),
                new SticksNeeded("pegs", "Pegs", cone.Legs, cone.Pegs + .15, PegThickness, Seat.InSoil, "stake"),
            ],
            Climbing = new(cone.Legs, LineDiameter, cone.Height, 2 * cone.Legs * cone.Radius * Math.Sin(Math.PI / cone.Legs)),
            Foot = new NoSoil(),
            LoadPaths = [InWind(cone, brief)],
            Figures = Figures(cone),
            Handling = new(cone.Mass, BuiltInPlace: true),
            Stance = new BuiltIn(Math.PI * cone.Radius * cone.Radius),
            Draw = () => Views(cone),
            Operations = () => Steps(cone),
            Reach = cone.Radius,
        };
    }

    private sealed record Plan(HeapThing Source, ISticks Sticks, Settings Settings)
    {
        public double Height => Settings["height"];

        public int Legs => Settings.Whole("legs");

        public double Radius => Settings["radius"];

        public int Rings => Settings.Whole("rings");

        public double Pegs => Settings["pegs"];

        public double StickLength => Cone.StickLength(Height, Radius, Embed, Above);

        public double Available => Sticks.LengthOfLongest(Legs);

        public double Thickness => (Sticks.Butt + Sticks.Tip) / 2;

        /// <summary>Thickness in m of the shortest stick taken, in the middle of the thinnest third between foot and tie, its butt in the ground.</summary>
        public double ThinThird
        {
            get
            {
                var along = Math.Sqrt(Height * Height + Radius * Radius) / Height;
                var at = (Embed + MiddleOfThinThird * Height) * along;
                return Sticks.Butt - (Sticks.Butt - Sticks.Tip) * Math.Clamp(at / Available, 0, 1);
            }
        }

        public double Twine => Cone.Twine(Legs, Radius, Height, Rings, LowestRing, 1, Thickness);

        public double Mass => Legs * Math.PI / 12 * (Sticks.Butt * Sticks.Butt + Sticks.Butt * Sticks.Tip + Sticks.Tip * Sticks.Tip) * StickLength * WoodDensity;
    }

    private static ISticks Of(Source source) => (ISticks)source.Main.Thing.Measures;

    private static string? WhyNot(HeapThing bundle)
    {
        var sticks = (ISticks)bundle.Thing.Measures;
        // Feet in the soil among the roots: what is for structures only has no place there.
        if (bundle.Judgement.Fitness >= Fitness.StructureOnly) return bundle.Judgement.Reasons[0].Sentence;
        if (!bundle.Judgement.MayCut) return "It may not be cut.";
        if (bundle.Free == 0) return bundle.SpokenFor;
        if (sticks.Sticks < 3) return $"{sticks.Sticks} sticks; three at least are needed.";
        if (sticks.Butt < LeastStick) return $"Too thin to stand: {sticks.Butt * 1000:0} mm at the butt, and 12 mm at least are needed.";
        var shortest = Cone.StickLength(.6, .2, Embed, Above);
        return sticks.LengthOfLongest(3) < shortest ? $"Too short: the lowest cone takes {shortest * 1000:0} mm." : null;
    }

    private static ConeInWind InWind(Plan cone, Brief brief) => new(
        "stick", cone.Legs, cone.Radius, cone.Height, cone.ThinThird, PegThickness, cone.Pegs, cone.Mass, brief.Crop?.Spread ?? ConeInWind.UnknownSpread, cone.Source.Thing.Condition, Grade);

    /// <summary>Pegs as deep as the gust asks; their pull does not depend on them, so one look finds it.</summary>
    private static Settings WithPegs(Source source, Settings settings, Parameter pegs, Brief brief)
    {
        var wanted = InWind(new(source.Main, Of(source), settings), brief).PegDepthNeeded(brief);
        return settings.With("pegs", (pegs.Stops.FirstOrDefault(s => s.Value >= wanted) ?? pegs.Stops[^1]).Value);
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

    private static IReadOnlyList<View> Views(Plan cone)
    {
        var feet = Enumerable.Range(0, cone.Legs).Select(i => Math.PI / 2 + 2 * Math.PI * i / cone.Legs).Select(a => new Point(cone.Radius * Math.Cos(a), cone.Radius * Math.Sin(a))).ToList();
        var top = (cone.Height + Above) / cone.Height;
        var down = -Embed / cone.Height;
        double b = cone.Sticks.Butt / 2, t = cone.Sticks.Tip / 2;
        var front = new List<Shape>();
        foreach (var f in feet)
        {
            double x0 = f.X * (1 - down), x1 = f.X * (1 - top);
            front.Add(new Polygon([new(x0 - b, -Embed), new(x0 + b, -Embed), new(x1 + t, cone.Height + Above), new(x1 - t, cone.Height + Above)], Ink.Stick, "stick"));
            front.Add(View.Box(f.X + (f.X >= 0 ? .02 : -.02 - PegThickness), -cone.Pegs, f.X + (f.X >= 0 ? .02 + PegThickness : -.02), .15, Ink.WoodEnd, "peg"));
        }

        var spread = feet.Max(f => Math.Abs(f.X));
        foreach (var z in Cone.RingHeights(cone.Rings, LowestRing, cone.Height))
        {
            var half = spread * (1 - z / cone.Height);
            front.Add(View.Segment(-half, z, half, z, Ink.Line, "twine"));
        }

        front.Add(View.GroundLine(-cone.Radius - .1, cone.Radius + .1));
        List<Shape> plan = [new Disc(default, cone.Radius, Ink.Hidden), .. feet.Select(f => (Shape)new Disc(f, Math.Max(b, .012), Ink.Stick, "stick")), .. feet.Select(f => View.Segment(f.X, f.Y, 0, 0, Ink.Line, "twine"))];
        List<Shape> foot =
        [
            new Polygon([new(-b, -Embed), new(b, -Embed), new(b - .06, .35), new(-b - .06, .35)], Ink.Stick, "stick"),
            View.Box(b + .005, -cone.Pegs, b + .005 + PegThickness, .15, Ink.WoodEnd, "peg"),
            View.Segment(-b - .03, .08, b + PegThickness + .01, .08, Ink.Line, "twine"), View.Segment(-b - .03, .10, b + PegThickness + .01, .10, Ink.Line, "twine"), View.GroundLine(-.3, .3),
        ];
        return
        [
            new("front", "Front", front, [new(new(-cone.Radius - .05, 0), new(-cone.Radius - .05, cone.Height), .10, cone.Height, "height")]),
            new("plan", "Plan", plan, [new(default, new(cone.Radius, 0), 0, cone.Radius, "radius")]),
            new("section", "One foot and its peg", foot, [new(new(.15, 0), new(.15, -cone.Pegs), .06, cone.Pegs, "pegs")]),
        ];
    }

    private static IReadOnlyList<Operation> Steps(Plan cone) =>
    [
        new("pick", $"Pick {cone.Legs} alike sticks", $"At least {cone.StickLength * 1000:0} mm, much of a thickness, the straightest of the bundle. Trim the side shoots; thick end down.", 3 * cone.Legs, ["Pruning saw", "Knife"], ["Gloves"], false, "sticks") { SlowerWithSalvage = true },
        new("ring", "Mark the ring", $"A peg and a cord of {cone.Radius * 1000:0} mm; {cone.Legs} feet, each {2 * cone.Radius * Math.Sin(Math.PI / cone.Legs) * 1000:0} mm from the next.", 6, ["Cord", "Tape"], []),
        new("pegs", $"Drive {cone.Legs} pegs {cone.Pegs * 1000:0} mm deep", "Just inside each foot, upright.", 6 * cone.Legs, ["Mallet", "Dibber bar"], ["Gloves", "Eye protection"], false, "services"),
        new("stand", "Stand the sticks and lash the head", $"Feet {Embed * 1000:0} mm in the ground; tie at {cone.Height * 1000:0} mm with six turns and frapping turns between.", 15, ["Step ladder"], [], true),
        new("feet", "Lash each foot to its peg", "Four turns and two between, pulled tight.", 4 * cone.Legs, ["Knife"], []),
        new("wind", $"Wind {cone.Rings} rings", $"Start {LowestRing * 1000:0} mm up, one turn round every stick, evenly to just below the tie. {cone.Twine:0.0} m of line in all.", 5 * cone.Rings, ["Knife"], []),
        new("plant", "Plant at the feet", "One or two plants at each foot, outside the ring. Retighten green sticks after three weeks.", 10, ["Trowel"], [], false, "ties"),
    ];
}
