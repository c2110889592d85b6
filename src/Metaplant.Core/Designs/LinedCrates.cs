using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>Crates of boards, lined and planted: one, a row, or a stair of them, each step on empty ones turned over. No crate stands on soil.</summary>
public sealed class LinedCrates : Design
{
    /// <summary>Clear between one crate and the next, so that each can be lifted out.</summary>
    private const double Apart = .015;

    private const double AnchorSide = .025;
    private const double BlockSide = .050;
    private const double TieWire = .0025;
    private const double LeastWire = .0022;
    private const double Rope = .008;

    /// <summary>Rope for the two loops and knots of one that goes under a crate.</summary>
    private const double ForLoops = .60;

    private const double EachCrate = 4;
    private const double EachTie = 8;
    private const double EachLined = 10;

    private static readonly Role Anchors = new("anchors", "Uprights for the wires", Seat.Clear, Form.Timber, Form.Board) { Buy = "timber", Carries = true };
    private static readonly Role Blocks = new("blocks", "Corner blocks", Seat.Clear, Form.Timber) { Buy = "timber", Carries = true };
    private static readonly Role Ropes = new("rope", "Rope to carry them by", Seat.Clear, Form.Line) { Buy = "rope", Of = s => s != Substance.Wire };

    public override string Id => "lined-crates";

    public override string Name => "Lined crates";

    public override string Summary => "Crates lined with pierced film: one to carry about, a row, or a stair of them on empty ones.";

    public override Role Lead { get; } = new("crates", "The crates", Seat.BehindFilm, Form.Vessel) { Counts = l => l.Of.Thing.Measures is CrateMeasures or PlasticCrateMeasures or BasketMeasures, Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var crate = Of(lead);
        int there = lead.Lots.Sum(l => l.Of.Free), most = Math.Clamp(there, 1, 6);
        return
        [
            Packing.SoilLevel(crate.Height) with { Sizes = [crate.Height - Packing.Head(crate.Height), Math.Round(crate.Height * .6, 3)] },
            Setting.Even("steps", "Steps of a stair", Unit.Count, 1, there >= 3 ? there >= 6 ? 3 : 2 : 1, 1, 1, "Each step stands on empty crates turned over, one more than the last").TryAll(),
            Setting.Even("wide", "Side by side", Unit.Count, 1, most, 1, 1, "As many as there is wall for").Try(n => n is 1 or 2 || (int)n == most),
            Packing.Hole(crate.Length), Packing.Pad, Packing.Under(crate.Length),
            new("raise", "Raised off what it stands on", Unit.Metre, [new(.04), new(.05), new(.06), new(.075), new(.10)], .05, "Water must run away freely below"),
            Setting.Even("ties", "Wires across each", Unit.Count, 0, 1, 1, 0, "Half way along, where long sides bulge").Least(),
            new("rope", "To carry it by", Unit.Count, [new(0, "nothing"), new(1, "rope under it")], 0, "Old nails do not hold what wet soil weighs"),
            Packing.Wall,
        ];
    }

    public override double AtMost(Chosen set) => new Plan(set).Soil * 1000;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var stair = new Plan(set);
        if (stair.Depth < .05) return new Problem("soil", "Too shallow to hold soil.");
        return Demand.Of(
            new WholeNeeded("crates", Lead, stair.Planted) { Name = "Crates to plant" },
            stair.Empty == 0 ? null : new WholeNeeded("empties", Lead, stair.Empty) { Name = "Empty crates below" },
            new PiecesNeeded("packers", Packing.Packers, stair.Planted * stair.Packers.Count, stair.Crate.Width, Math.Min(.04, stair.PackerWidth), stair.Raise) { Exact = stair.Raise },
            stair.Empty == 0 ? null : new PiecesNeeded("blocks", Blocks, 4 * stair.Empty, stair.Crate.Height, BlockSide, BlockSide),
            !stair.Tied ? null : new PiecesNeeded("anchors", Anchors, 2 * stair.Planted, stair.Crate.Height, AnchorSide, AnchorSide),
            new CoverNeeded("liner", Packing.Liner(set.Lead), stair.Planted * (stair.Crate.Length + 2 * stair.Crate.Height + .1), stair.Crate.Width + 2 * stair.Crate.Height + .1),
            !stair.Tied ? null : new RunNeeded("wire", Stuff.Wire, stair.Planted * stair.WireLength, LeastWire, .004),
            !stair.Roped ? null : new RunNeeded("rope", Ropes, stair.Planted * 2 * stair.RopeLength, Rope, .03));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var stair = new Plan(set);
        var each = new Burden(stair.Inside.VolumeTo(stair.Depth), stair.EmptyMass);
        return new Blueprint
        {
            DesignId = Id,
            Size = stair.Steps == 1 ? (Sentence)$"{new Count(stair.Planted, "crate", "crates")}, {Amount.Volume(each.Soil)} each" : $"{new Count(stair.Planted, "crate", "crates")} on {new Count(stair.Steps, "step", "steps")}, {stair.Empty} empty below, {Amount.Volume(each.Soil)} each",
            Parts = PartsOf(stair),
            Joints = stair.Empty == 0 ? [] : [new("Corners of the empty crates", "empty", "block", WoodScrew.For(stair.Crate.Wall).Goods, 4 * stair.Empty * stair.Screws)],
            Bays = [.. stair.Places.Select((at, i) => new Bay(stair.Planted == 1 ? "Soil" : $"Crate {i + 1}", stair.Inside, stair.Depth, at with { Z = at.Z + stair.Crate.Wall }))],
            Foot = stair.Floor,
            LoadPaths = Paths(stair, each, cast),
            Handling = new((stair.Planted + stair.Empty) * stair.EmptyMass, BuiltInPlace: false) { Each = each },
            Stance = stair.Stance,
            Scene = () => Stand(stair),
            Operations = () => Steps(stair, each),
            Reach = stair.Crate.Width / 2,
        };
    }

    private static CrateMeasures Of(Lead lead) => lead.Main.As<CrateMeasures>()!;

    private static Sentence? WhyNot(Lot lot) => lot.Of.Thing.Measures switch
    {
        BasketMeasures => "Nobody knows what its weave bears when it is wet: stand a pot in it.",
        PlasticCrateMeasures => "What its plastic leaves between the openings is of no known strength.",
        CrateMeasures m when Math.Min(m.Length, m.Width) < Packing.LeastFoot => "Too small to be stood on packers: a pot.",
        _ => null,
    };

    private static List<Part> PartsOf(Plan stair)
    {
        var crate = stair.Crate;
        List<Part> parts =
        [
            new("crate", "Crate", Form.Vessel, stair.Planted, crate.Length, crate.Width, crate.Height, "crates"), new("packer", "Packer", Form.Timber, stair.Planted * stair.Packers.Count, crate.Width, stair.PackerWidth, stair.Raise, "packers"),
            new("liner", "Liner", stair.Set.Lead.MustLine ? Form.Film : Form.Fabric, stair.Planted, crate.Length + 2 * crate.Height, crate.Width + 2 * crate.Height, 0, "liner"),
        ];
        if (stair.Empty > 0) parts.AddRange([new("empty", "Empty crate, turned over", Form.Vessel, stair.Empty, crate.Length, crate.Width, crate.Height, "empties"), new("block", "Corner block", Form.Timber, 4 * stair.Empty, crate.Height, BlockSide, BlockSide, "blocks")]);
        if (stair.Tied) parts.AddRange([new("anchor", "Upright of a wire", Form.Timber, 2 * stair.Planted, crate.Height, AnchorSide, AnchorSide, "anchors"), new("wire", "Wire of two strands", Form.Line, stair.Planted, stair.WireLength / 2, TieWire, TieWire, "wire")]);
        if (stair.Roped) parts.Add(new("rope", "Rope to carry by", Form.Line, 2 * stair.Planted, stair.RopeLength, Rope, Rope, "rope"));
        return parts;
    }

    private static IReadOnlyList<LoadPath> Paths(Plan stair, Burden each, Cast cast)
    {
        var (m, thing) = (stair.Crate, stair.Set.Lead.Thing.Thing);
        string grade = thing.Substance.Grade()!;
        var condition = stair.Set.Lead.Condition;
        BoardSection board = new(m.BoardHeight, m.Wall);
        double half = m.Length / 2;
        List<LoadPath> paths =
        [
            new SlattedWall("crate", "Lowest side board", board, stair.Tied ? half : m.Length, stair.Tied ? 2 : 1, grade, condition, stair.Depth),
            new BoardFloor("crate", m.Length / stair.Packers.Count, stair.Packers.Count - 1, m.Wall, stair.Depth, 1, grade, condition),
        ];
        if (stair.Tied) paths.AddRange([new WireTie("wire", half, 2, stair.Depth, LeastWire, 2), new TieAnchor("anchor", half, 2, stair.Depth, m.Height, stair.TieAt, AnchorSide, Piece.BoughtGrade) { Worn = cast.Worn("anchors") }]);
        if (stair.Empty > 0)
        {
            paths.Add(new CrateBelow("empty", m.Length, stair.Packers.Count, board, stair.Depth, stair.Inside.BaseArea, (stair.Steps - 1) * stair.EmptyMass, stair.Screws, BlockSide, grade, condition));
            paths.Add(new ScrewRoom("below-room", "empty", "Height of a board for its screws", stair.ScrewRoom, m.BoardHeight, $"{stair.Screws} above each other, clear of both edges.", "EN 1995-1-1 table 8.2, drilled first"));
        }

        if (stair.Roped) paths.Add(new RopeUnder("rope", Rope, each));
        return paths;
    }

    private static Scene Stand(Plan stair)
    {
        CrateMeasures m = stair.Crate;
        double x = m.Length / 2, y = m.Width / 2, t = m.Wall, h = m.Height;
        var solids = new List<Solid>();
        // Boards one by one where there are few; many crates are drawn as boxes.
        var boards = stair.Planted + stair.Empty <= 4;
        foreach (var at in stair.Places)
        {
            var floor = at.Z + t;
            solids.AddRange(Box("crate", at, boards));
            solids.Add(Vat.Filling(Parts.Soil, Ink.Soil, stair.Inside, stair.Depth, at with { Z = floor + .0005 }));
            solids.Add(new Skin("liner", Ink.Fabric, [.. Stuff.Around(x * .98, y * .98, 0, h).Select(f => (IReadOnlyList<Point3>)[.. f.Select(p => new Point3(p.X + at.X, p.Y + at.Y, p.Z + floor))])], .0005));
            solids.AddRange(stair.Packers.Select(p => Prism.Box("packer", Ink.WoodEnd, new(at.X + p - stair.PackerWidth / 2, at.Y - y, at.Z - stair.Raise), new(at.X + p + stair.PackerWidth / 2, at.Y + y, at.Z))));
            if (stair.Tied)
            {
                solids.AddRange(((int[])[-1, 1]).Select(side => Prism.Box("anchor", Ink.WoodEnd, new(at.X - AnchorSide / 2, at.Y + side * (y + t + .0005), floor), new(at.X + AnchorSide / 2, at.Y + side * (y + t + AnchorSide), floor + h))));
                solids.Add(new Rod("wire", Ink.Line, [new(at.X, at.Y - y - t - AnchorSide, floor + stair.TieAt), new(at.X, at.Y + y + t + AnchorSide, floor + stair.TieAt)], TieWire, TieWire));
            }

            if (stair.Roped)
            {
                foreach (var side in (int[])[-1, 1])
                {
                    double rx = at.X + side * x * .9, ry = y + t + Rope;
                    Point3[] way = [new(rx, at.Y - ry, floor + h + .12), new(rx, at.Y - ry, at.Z - Rope), new(rx, at.Y + ry, at.Z - Rope), new(rx, at.Y + ry, floor + h + .12)];
                    solids.AddRange(way.Zip(way.Skip(1), (from, to) => new Rod("rope", Ink.Line, [from, to], Rope, Rope)));
                }
            }
        }

        foreach (var at in stair.Below)
        {
            solids.AddRange(Box("empty", at, boards));
            foreach (var (sx, sy) in ((int, int)[])[(-1, -1), (1, -1), (1, 1), (-1, 1)])
                solids.Add(Prism.Box("block", Ink.WoodEnd, new(at.X + sx * (x - .0005), at.Y + sy * (y - .0005), at.Z), new(at.X + sx * (x - BlockSide), at.Y + sy * (y - BlockSide), at.Z + h - .0005)));
        }

        var first = stair.Places[0];
        double left = first.X - x - t, foot = first.Z + t;
        return new(solids,
        [
            new("front", new(left, 0, foot), new(left, 0, foot + stair.Depth), .10, "soil"), new("plan", new(left, first.Y + y + t, 0), new(first.X + x + t, first.Y + y + t, 0), .08),
            new("front", new(first.X + x + t, 0, stair.Raise), new(first.X + x + t, 0, 0), .08, "raise"), new("section", new(0, first.Y - y - t, foot), new(0, first.Y - y - t, foot + stair.Depth), .10, "soil"),
        ], SectionAt: first.X + .1);

        // Of one as it stands, or turned over: its floor from the level given, its sides clear of it.
        IEnumerable<Solid> Box(string part, Point3 at, bool one)
        {
            var over = part == "empty";
            double floor = over ? at.Z + h : at.Z, from = over ? at.Z : at.Z + t;
            yield return Prism.Box(part, Ink.Wood, new(at.X - x - t, at.Y - y - t, floor), new(at.X + x + t, at.Y + y + t, floor + t));
            var n = one ? m.BoardsHigh : 1;
            double high = one ? m.BoardHeight : h, gap = n == 1 ? 0 : (h - n * high) / (n - 1);
            for (var i = 0; i < n; i++)
            {
                var z = from + i * (high + gap);
                foreach (var side in (int[])[-1, 1])
                {
                    yield return Prism.Box(part, Ink.Wood, new(at.X - x - t, at.Y + side * y, z), new(at.X + x + t, at.Y + side * (y + t), z + high));
                    yield return Prism.Box(part, Ink.WoodEnd, new(at.X + side * x, at.Y - y, z), new(at.X + side * (x + t), at.Y + y, z + high));
                }
            }
        }
    }

    private static IReadOnlyList<Operation> Steps(Plan stair, Burden each)
    {
        var holes = stair.Planted * stair.Floor.Holes(stair.Set.Brief).Count;
        Amount hole = Amount.Length(stair.Set["hole"]);
        var some = stair.Planted > 1;
        List<Operation> steps =
        [
            new("sort", "Look every crate over", "Push at each corner and board. What gives is nailed or screwed again; the soundest go below.", EachCrate * (stair.Planted + stair.Empty), ["Hammer"], Op.Gloves, false, "nails") { SlowerWithSalvage = true },
            Op.Cut("packers", "packers", stair.Planted * stair.Packers.Count, stair.Crate.Width) with { Words = $"{Amount.Length(stair.Crate.Width)} long, {Amount.Length(stair.Raise)} high." },
        ];
        if (stair.Empty > 0)
        {
            steps.AddRange(
            [
                Op.Cut("blocks", "corner blocks", 4 * stair.Empty, stair.Crate.Height) with { Words = $"{Amount.Length(stair.Crate.Height)} long, {Amount.Length(BlockSide)} square." },
                new(
                    "corners", "Screw the blocks into the corners of the empty ones", $"The board next to the floor of each long side: {new Count(stair.Screws, "screw", "screws")} at each end, {Amount.Length(ScrewDistances.Of(WoodScrew.Outdoor.Diameter, predrilled: true).UnloadedEnd)} in from it, drilled first.",
                    Op.Screws(4 * stair.Empty * stair.Screws), [Op.Bit(.004), "Screwdriver"], Op.EyesAndGloves, false, "drill")
                { SlowerWithSalvage = true },
                new("below", "Turn the empty ones over and stand them", $"Where the higher steps come, level both ways, {Amount.Length(stair.RowApart - stair.Crate.Width - 2 * stair.Crate.Wall)} clear of the one in front; the higher they stand the more under them.", 6 * stair.Empty, ["Level"], Op.Gloves, false, "lift") { Places = ["empty", "block"] },
            ]);
        }

        steps.Add(new("liner", some ? "Line them" : "Line it", "Fold the corners like a parcel; staple under the rim.", EachLined * stair.Planted, ["Scissors", "Stapler"], []) { Cuts = ["liner"] });
        steps.Add(new("holes", $"Pierce {new Count(holes, "hole", "holes")} through the liner{(some ? "s" : "")}", $"{hole}, by the template, over the gaps in the floor{(some ? $", {holes / stair.Planted} to each" : "")}.", .5 * holes, ["Punch or knife"], Op.Gloves));
        if (stair.Roped) steps.Add(new("rope", "Lay the ropes under", $"Two under each, {Amount.Length(stair.RopeLength)} long, between the ends and the outer packers, up both long sides, a loop over the rim at every end. Two lift by them, never by a board.", 6 * stair.Planted, ["Knife"], []));
        steps.Add(new(
            "stand", some ? "Stand them level on their packers" : "Stand it level on its packers",
            $"No hole over a packer, {Amount.Length(stair.Raise)} clear below.{(stair.Set.Whole("wall") == 1 ? " The highest against the wall." : "")}{(stair.Empty > 0 ? " What runs out of the higher ones goes through the empty ones to the ground behind; on boards or a balcony a tray under each." : "")}", 8 * stair.Planted, ["Level"], Op.Gloves, each.Empty > 25, "lift")
        { Places = stair.Roped ? ["packer", "crate", "liner", "rope"] : ["packer", "crate", "liner"] });
        if (stair.Tied)
        {
            steps.Add(new(
                "ties", $"{new Count(stair.Planted, "wire", "wires")} across", $"Half way along and {Amount.Length(stair.TieAt)} up: an upright of {Amount.Length(AnchorSide)} outside each long side, a loop of wire round both and through the liner, twisted until the sides are straight.", EachTie * stair.Planted, ["Hand saw", "Pliers", "Side cutter"], Op.EyesAndGloves, false, "wire")
            { Places = ["wire", "anchor"], Cuts = ["anchors"] });
        }

        steps.Add(Op.FirstWater());
        steps.AddRange(VesselSteps.Pads(stair.Floor, holes));
        return [.. steps, Op.Fill(stair.Soil, stair.Crate.Height - stair.Depth, stair.Steps > 1 ? " The lowest step first." : "")];
    }

    private sealed record Plan(Chosen Set)
    {
        public CrateMeasures Crate { get; } = Of(Set.Lead);

        public Vessel Inside => field ??= Crate.Inside;

        public double Depth => Set["soil"];

        public int Steps => Set.Whole("steps");

        public int Wide => Set.Whole("wide");

        public int Planted => Steps * Wide;

        /// <summary>None under the first step, one under the second, two under the third.</summary>
        public int Empty => Wide * Steps * (Steps - 1) / 2;

        public double Soil => Planted * Inside.VolumeTo(Depth);

        public bool Tied => Set.Whole("ties") == 1;

        public bool Roped => Set.Whole("rope") == 1;

        public double Raise => Set["raise"];

        public double TieAt => Depth / 3;

        /// <summary>Two strands and what is twisted round an upright at each end.</summary>
        public double WireLength => 2 * (Crate.Width + 2 * Crate.Wall + 2 * AnchorSide) + .5;

        public double RopeLength => Crate.Width + 2 * Crate.Wall + 2 * (Crate.Height + Crate.Wall) + ForLoops;

        public IReadOnlyList<double> Packers => field ??= HoleGrid.PackersUnder(Crate.Length, Set.Whole("packers"));

        public double PackerWidth => Packing.WidthFor(Crate.Length);

        /// <summary>From a step to the next, middle to middle.</summary>
        public double RowApart => Crate.Width + 2 * Crate.Wall + Apart + (Tied ? 2 * AnchorSide : 0);

        /// <summary>The foot of every planted crate, outside, the lowest step first.</summary>
        public IReadOnlyList<Point3> Places => field ??= [.. from s in Enumerable.Range(0, Steps) from w in Enumerable.Range(0, Wide) select new Point3(Across(w), Back(s), s * Level + Raise)];

        /// <summary>The foot of every empty one.</summary>
        public IEnumerable<Point3> Below => from s in Enumerable.Range(1, Steps - 1) from k in Enumerable.Range(0, s) from w in Enumerable.Range(0, Wide) select new Point3(Across(w), Back(s), k * Level);

        public ClosedFloor Floor => field ??= new(Inside.SectionAt(0), Set["hole"], Set["pad"], Raise, Inside.AreaAt(Depth) / Inside.BaseArea, Pierced: true, Packers, PackerWidth) { Alike = Planted };

        /// <summary>kg of one without anything.</summary>
        public double EmptyMass => Stuff.MassOfVessel(Inside, Crate.Wall, Stuff.WoodDensity);

        /// <summary>At each end of a board.</summary>
        public int Screws => Crate.BoardHeight >= RoomFor(2) - 1e-9 ? 2 : 1;

        public double ScrewRoom => RoomFor(Screws);

        /// <summary>The one that tips and presses most: that of the highest step with all that is under it.</summary>
        public OnFeet Stance
        {
            get
            {
                double length = Crate.Length + 2 * Crate.Wall, width = Crate.Width + 2 * Crate.Wall, height = (Steps - 1) * Level + Raise + Crate.Wall + Crate.Height;
                var (x, y, area, part) = Steps == 1
                    ? (Packers[^1] - Packers[0] + PackerWidth, Crate.Width, Packers.Count * PackerWidth * Crate.Width, "packer")
                    : (length, width, length * width - Inside.BaseArea, "empty");
                return new(x, y, (length, width, height), area, part, Set.Whole("wall") == 1) { Bears = new(Inside.VolumeTo(Depth), Steps * EmptyMass) };
            }
        }

        /// <summary>Height of an empty one, turned over.</summary>
        private double Level => Crate.Height + Crate.Wall;

        private double Across(int w) => (w - (Wide - 1) / 2.0) * (Crate.Length + 2 * Crate.Wall + Apart);

        private double Back(int s) => (s - (Steps - 1) / 2.0) * RowApart;

        /// <summary>Height of a board for so many screws above each other: one edge is pressed on, the other not.</summary>
        private static double RoomFor(int screws)
        {
            var d = WoodScrew.Outdoor.Diameter;
            var (edge, other) = (ScrewDistances.Of(d, predrilled: true).LoadedEdge, ScrewDistances.Of(d, predrilled: true).UnloadedEdge);
            return edge + other + (screws - 1) * 3 * d;
        }
    }
}
