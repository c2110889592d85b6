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

/// <summary>Alike sticks stood in a ring and bowed in to one head, all bending one way, with screwed cross pieces at each storey; each foot pegged against the wind.</summary>
public sealed class TwigObelisk : Design
{
    private const double Embed = .15;
    private const double Above = .10;
    private const double HighestPeg = .15;

    /// <summary>The head of a peg stands so far below the lowest cross piece, which lies outside the sticks as it does.</summary>
    private const double BelowCross = .03;

    /// <summary>What a cross piece reaches over the stick at each end, so that its screw does not split it.</summary>
    private const double Over = .025;

    private const double LeastStick = .014;
    private const double LeastCross = .010;
    private const double LeastProp = .60;

    /// <summary>The steepest a stick is bowed: it stands 45° at the head.</summary>
    private const double SteepestBow = 1;

    private const double EachCut = 2;
    private const double EachJoint = 3;

    private static readonly Role Cross = new("cross", "Rods for cross pieces", Seat.AmongPlants, Form.Twig, Form.Pole)
    {
        Of = Screwed,
        Also = l => l.As<ISticks>() is null ? "A pole is too good to cut up for cross pieces." : null,
    };

    public override string Id => "twig-obelisk";

    public override string Name => "Twig obelisk";

    public override string Summary => "Sticks bowed in to one head, with cross pieces to climb by, in the ground or a deep bed.";

    public override Role Lead { get; } = new("sticks", "Sticks", Seat.InSoil, Form.Pole, Form.Twig) { Counts = l => l.As<ISticks>() is not null, Also = l => WhyNot(l) };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var sticks = Of(lead);
        var tallest = Enumerable.Range(0, 39).Select(i => Math.Round(.6 + i * .05, 6)).Where(h => StickLength(new(h, .25)) <= sticks.LengthOfLongest(3) + 1e-9).DefaultIfEmpty(.6).Max();
        List<Stop> heights = [.. Setting.Range(.6, tallest, .05)];
        return
        [
            new Setting("height", "Height of the head", Unit.Metre, heights, Math.Clamp(1.5, .6, tallest), "As high as an arm reaches to pick") { Sizes = [.. heights.Where((_, i) => i % 4 == 0).Append(heights[^1]).Select(h => h.Value).Distinct()] },
            Setting.Even("legs", "Sticks", Unit.Count, 3, Math.Min(4, sticks.Sticks), 1, 4, "Four make squares that a screw fits into").TryAll(),
            Setting.Even("radius", "Radius of the ring", Unit.Metre, .20, .60, .05, .40, "Wider stands firmer and bows the sticks more").TryThese(.25, .40),
            Setting.Even("rings", "Rings of cross pieces", Unit.Count, 3, 8, 1, 3, "Three are enough to climb by; more where the sticks are thin").Least(),
            Setting.Even("pegs", "Pegs in the ground", Unit.Metre, .20, 1.20, .05, .60, "Deep enough for a gust in full leaf").Least(),
        ];
    }

    public override double AtMost(Chosen set) => set["height"];

    public override Outcome<Demand> Ask(Chosen set)
    {
        var frame = new Plan(set);
        if (frame.Bow.SlopeAtHead > SteepestBow + 1e-9) return new Problem("radius", "So wide and so low the sticks would break before they meet.");
        var longest = frame.Sticks.LengthOfLongest(frame.Legs);
        if (frame.StickLength > longest + 1e-9)
            return new Problem("height", $"The sticks must be {Amount.Length(frame.StickLength)}; of the {frame.Legs} longest, the shortest has {Amount.Length(longest)}.");
        return Demand.Of(
            new SticksNeeded("sticks", Lead, frame.Legs, frame.StickLength, 0, Alike: true),
            new SticksNeeded("cross", Cross, frame.Legs, frame.RodLength, LeastCross) { CutInto = frame.Rings },
            new RunNeeded("twine", Stuff.Twine, frame.Twine, .002, .008),
            new SticksNeeded("pegs", Stuff.FootPegs, frame.Legs, frame.PegDepth + frame.PegAbove, Stuff.FootPeg));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var frame = new Plan(set) { CrossThick = cast["cross"].Max(p => p.Wide) };
        var screw = WoodScrew.For(frame.CrossThick);
        double shortest = cast["sticks"].Min(s => s.Length), spread = LeafyWind.Spread(set.Brief);
        IReadOnlyList<string> crosses = [.. Enumerable.Range(1, frame.Rings).Select(CrossId)];
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(frame.Legs, "stick", "sticks")}, {new Count(frame.Rings, "ring", "rings")} of cross pieces, {Amount.Length(frame.Height)} to the head",
            Parts =
            [
                new("stick", "Stick", Form.Pole, frame.Legs, frame.StickLength, frame.Sticks.Butt, frame.Sticks.Butt, "sticks"),
                .. crosses.Select((id, i) => new Part(id, $"Cross piece, ring {i + 1}", Form.Twig, frame.Legs, frame.CrossLength(i), frame.CrossThick, frame.CrossThick, "cross")),
                new("peg", "Peg", Form.Pole, frame.Legs, frame.PegDepth + frame.PegAbove, Stuff.FootPeg, Stuff.FootPeg, "pegs"),
            ],
            Joints =
            [
                new("Head", "stick", "stick", "lashing", 1, LetIn: true), new("Foot to peg", "stick", "peg", "lashing", frame.Legs),
                .. crosses.Select((id, i) => new Joint($"Ring {i + 1} to sticks", "stick", id, screw.Goods, 2 * frame.Legs, LetIn: true)),
            ],
            Climbing = ClimbingFrame.Ring(frame.Legs, cast["cross"].Max(p => p.Thin), frame.Height, frame.Radius),
            Foot = new NoSoil(),
            LoadPaths =
            [
                new Racking("stick", frame.Legs, frame.Storeys(shortest), spread, set.Lead.Condition, Stuff.StickGrade),
                new PeggedInWind("stick", frame.Legs, frame.Radius, frame.Height, frame.Bow.OutlineAbove(0), Stuff.FootPeg, frame.PegDepth, frame.Mass, spread),
            ],
            Figures = Figures(frame, cast),
            Handling = new(frame.Mass, BuiltInPlace: true),
            Stance = new BuiltIn(Math.PI * frame.Radius * frame.Radius),
            Scene = () => Stand(frame),
            Operations = () => Steps(frame),
            Reach = frame.Radius,
        };
    }

    private static string CrossId(int ring) => $"cross-{ring}";

    private static bool Screwed(Substance s) => s is Substance.DryWood or Substance.GreenWood;

    private static ISticks Of(Lead lead) => lead.Main.As<ISticks>()!;

    private static double StickLength(Bow bow) => bow.Along(bow.Height) + Embed + Above;

    private static Sentence? WhyNot(Stock.Lot lot)
    {
        var sticks = lot.As<ISticks>()!;
        if (!Screwed(lot.Of.Thing.Substance)) return "Bamboo splits where it is screwed, and does not bow: wind a cone of it.";
        if (sticks.Sticks < 3) return $"{new Count(sticks.Sticks, "stick", "sticks")}; three at least are needed.";
        if (sticks.Butt < LeastStick) return $"Too thin to screw: {Amount.Length(sticks.Butt)} at the butt, and {Amount.Length(LeastStick)} at least are needed.";
        var shortest = StickLength(new(.6, .25));
        return sticks.LengthOfLongest(3) < shortest - 1e-9 ? (Sentence)$"Too short: the lowest obelisk takes {Amount.Length(shortest)}." : null;
    }

    private static IReadOnlyList<Sum> Figures(Plan frame, Cast cast)
    {
        // Of the bundle what neither stands nor lies across is left to stand beside single plants.
        var gone = cast.Takes.Where(t => t.ThingId == frame.Set.Lead.Main.ThingId).Sum(t => t.Taken.Sticks?.Count ?? 0);
        var props = Math.Max(0, frame.Sticks.CountOver(LeastProp) - gone);
        return
        [
            Sum.Of(
                "Length of one stick", "H ÷ 2 (√(1 + k²) + asinh k ÷ k) + embed + above",
                [new("H", "height of the head", frame.Height, Unit.Metre), new("k", "slope at the head, 2 r ÷ H", frame.Bow.SlopeAtHead, Unit.One), new("embed", "in the ground", Embed, Unit.Metre), new("above", "over the tie", Above, Unit.Metre)],
                frame.StickLength, Unit.Metre, "Length of a parabola that stands upright at its foot"),
            Sum.Of(
                "Rod for one side of every ring", "Σ (2 r(z) sin(π/n) + over) + saw cuts",
                [new("n", "sticks", frame.Legs, Unit.Count), new("over", "over the sticks at both ends", 2 * Over, Unit.Metre)],
                frame.RodLength, Unit.Metre, "The longest piece out of its thick end"),
            Sum.Of("Props that are left", "sticks − taken", [new("sticks", "long enough in the bundle", frame.Sticks.CountOver(LeastProp), Unit.Count), new("taken", "of them here", gone, Unit.Count)], props, Unit.Count, "To stand beside single plants", $"Those of {Amount.Length(LeastProp)} and more"),
        ];
    }

    private static Scene Stand(Plan frame)
    {
        const int Bends = 8;
        var solids = new List<Solid>();
        List<double> turns = [.. Enumerable.Range(0, frame.Legs).Select(i => Math.PI / 2 + 2 * Math.PI * i / frame.Legs)];
        foreach (var a in turns)
        {
            Point3 away = new(Math.Cos(a), Math.Sin(a), 0), foot = away * frame.Radius;
            var bow = Enumerable.Range(0, Bends + 1).Select(i => frame.Height * i / Bends).Select(z => (away * frame.Bow.At(z)) with { Z = z });
            var over = (away * (-frame.Bow.SlopeAtHead)) with { Z = 1 };
            solids.Add(new Rod("stick", Ink.Stick, [foot with { Z = -Embed }, .. bow, new Point3(0, 0, frame.Height) + over.Unit() * Above], frame.Sticks.Butt, frame.Sticks.Tip));
            // The peg stands outside its foot, clear of it.
            var peg = away * (frame.Radius + (frame.Sticks.Butt + Stuff.FootPeg) / 2 + .005);
            solids.Add(new Rod("peg", Ink.WoodEnd, [peg with { Z = frame.PegAbove }, peg with { Z = -frame.PegDepth }], Stuff.FootPeg, Stuff.FootPeg));
        }

        for (var ring = 0; ring < frame.Rings; ring++)
        {
            for (var i = 0; i < frame.Legs; i++)
            {
                // Every other one lies on the one before, and all outside the sticks.
                var z = frame.RingAt(ring) + (frame.Legs % 2 == 0 ? i % 2 : i) * frame.CrossThick;
                Point3 a = Corner(turns[i], z), b = Corner(turns[(i + 1) % frame.Legs], z), along = (b - a).Unit(), out_ = new Point3(along.Y, -along.X, 0) * ((frame.CrossThick + frame.Sticks.ThicknessAt(Embed + frame.Bow.Along(z), frame.Sticks.Longest)) / 2);
                solids.Add(new Rod(CrossId(ring + 1), Ink.Wood, [a + out_ - along * Over, b + out_ + along * Over], frame.CrossThick, frame.CrossThick));
            }
        }

        var r = frame.Radius;
        return new(solids,
        [
            new("front", new(-r - .05, 0, 0), new(-r - .05, 0, frame.Height), .12, "height"), new("plan", default, new(r, 0, 0), 0, "radius"),
            new("section", new(0, r + .12, 0), new(0, r + .12, -frame.PegDepth), .06, "pegs"),
        ], SectionAt: 0);

        Point3 Corner(double turn, double z) => new(frame.Bow.At(z) * Math.Cos(turn), frame.Bow.At(z) * Math.Sin(turn), z);
    }

    private static IReadOnlyList<Operation> Steps(Plan frame) =>
    [
        new("pick", $"Pick {frame.Legs} alike sticks", $"At least {Amount.Length(frame.StickLength)}, much of a thickness, and all with the same bend. Trim the side shoots; thick end down.", 3 * frame.Legs, ["Pruning saw", "Knife"], Op.Gloves, false, "sticks") { SlowerWithSalvage = true },
        new(
            "cross", $"Cut {new Count(frame.Legs * frame.Rings, "cross piece", "cross pieces")}", $"{new Count(frame.Legs, "rod", "rods")} of {Amount.Length(frame.RodLength)}, each into one side of every ring, the longest out of the thick end: {Lengths(frame)}.", EachCut * frame.Legs * frame.Rings, ["Pruning saw", "Tape"], Op.Gloves, false, "sticks")
        { Cuts = ["cross"], SlowerWithSalvage = true },
        new("ring", "Mark the ring", $"A peg and a cord of {Amount.Length(frame.Radius)}; {frame.Legs} feet, each {Amount.Length(frame.Bow.Side(0, frame.Legs))} from the next.", 6, ["Cord", "Tape"], []),
        Op.DrivePegs("pegs", "peg", frame.Legs, frame.PegDepth, "just outside each foot, upright.") with { Minutes = 6 * frame.Legs },
        new("stand", "Stand the sticks and lash the head", $"Upright, {Amount.Length(Embed)} in the ground, every bend outwards; draw them together slowly and tie at {Amount.Length(frame.Height)} with six turns and frapping turns between.", 15, ["Step ladder"], [], true) { Places = ["stick"] },
        new("feet", "Lash each foot to its peg", "Four turns and two between, pulled tight.", 4 * frame.Legs, ["Knife"], []),
        new(
            "screw", $"Screw on {new Count(frame.Rings, "ring", "rings")}", $"From the ground up, at {Heights(frame)}: outside the sticks, level, every other one on the one before; drill {Amount.Length(.004)} through the cross piece first, one screw at each end.", EachJoint * 2 * frame.Legs * frame.Rings,
            [Op.Bit(.004), "Screwdriver"], Op.EyesAndGloves, false, "drill")
        { Places = [.. Enumerable.Range(1, frame.Rings).Select(CrossId)] },
        new("plant", "Plant at the feet", "One or two plants at each foot, outside the ring. Green sticks dry and loosen: look at the head after three weeks, and file off what stands out of a screw.", 10, ["Trowel"], [], false, "ties"),
    ];

    private static Sentence Lengths(Plan frame) => Sentence.Join(", ", [.. Enumerable.Range(0, frame.Rings).Select(i => (Sentence)$"{Amount.Length(frame.CrossLength(i))}")]);

    private static Sentence Heights(Plan frame) => Sentence.Join(", ", [.. Enumerable.Range(0, frame.Rings).Select(i => (Sentence)$"{Amount.Length(frame.RingAt(i))}")]);

    private sealed record Plan(Chosen Set)
    {
        public ISticks Sticks { get; } = Of(Set.Lead);

        /// <summary>Of the rods for cross pieces at their thickest, m; the least that will do until they are chosen.</summary>
        public double CrossThick { get; init; } = LeastCross;

        public double Height => Set["height"];

        public double Radius => Set["radius"];

        public int Legs => Set.Whole("legs");

        public int Rings => Set.Whole("rings");

        public double PegDepth => Set["pegs"];

        public double PegAbove => Math.Min(HighestPeg, RingAt(0) - BelowCross);

        public Bow Bow => field ??= new(Height, Radius);

        public double StickLength => TwigObelisk.StickLength(Bow);

        /// <summary>One piece of every ring, and a saw cut between two.</summary>
        public double RodLength => Enumerable.Range(0, Rings).Sum(CrossLength) + (Rings - 1) * Cutting.CutPlan.Kerf;

        public double Twine => Cone.Lashing(Legs, Sticks.Butt) + Legs * Stuff.LineForFoot;

        public double Mass => Legs * Stuff.MassOfStick(Sticks, StickLength);

        /// <summary>Rings divide the height evenly, the head taking the place of the last.</summary>
        public double RingAt(int ring) => Height * (ring + 1) / (Rings + 1);

        public double CrossLength(int ring) => Bow.Side(RingAt(ring), Legs) + 2 * Over;

        /// <summary>From the ground to the highest ring; over it the sticks meet and no longer rack.</summary>
        public IReadOnlyList<Storey> Storeys(double shortest) =>
        [
            .. Enumerable.Range(0, Rings).Select(i =>
            {
                double from = Height * i / (Rings + 1), to = RingAt(i);
                return new Storey(to - from, Bow.OutlineAbove(from), Height - from, Sticks.ThicknessAt(Embed + Bow.Along(to), shortest));
            }),
        ];
    }
}
