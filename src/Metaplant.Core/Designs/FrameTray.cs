using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// The frame of a table, desk or bench with a tray of odd boards on it: a floor across its rails, sides held by uprights, film inside, stood with a fall to one outlet and a pail.
/// </summary>
public sealed partial class FrameTray : Design
{
    private const double LegDrawn = .06, RailDeep = .10;
    private const double LeastBoard = .05, LeastThick = .015, LeastSide = .018;
    private const double Upright = .045;

    /// <summary>A runner under the floor, between the end rails; a prop under a rail or runner.</summary>
    private const double RunnerDeep = .095, RunnerThick = .038, PropWide = .07, PropThick = .045;

    /// <summary>What one runner takes of a floor that runs over it, in its middle; each rail the rest's half.</summary>
    private const double OnRunner = .625;

    /// <summary>How far an upright reaches down outside its rail at least, beside a floor of this thickness at most.</summary>
    private const double Overlap = .07, ThickestFloor = .045;

    /// <summary>The upper screws of an upright are so far below the upper edge of its rail.</summary>
    private const double ScrewsDown = .03;

    /// <summary>Through which the longest screw still has six diameters of thread behind.</summary>
    private const double ThickestSide = .060;

    private const double PadSide = .14, PadThick = .018;
    private const double BraceWide = .07, BraceThick = .018;
    private const double HeadSpace = .03;

    /// <summary>The lowest that a pail goes under, and where a hip is.</summary>
    private const double LeastHigh = .30, Hip = .95;

    /// <summary>Screws that hang one board of a floor, and that hold one where it lies.</summary>
    private const int ToHang = 4, ToLie = 2;

    /// <summary>From each board of the sides into a corner block.</summary>
    private const int CornersEach = 2;

    private static readonly Role Boards = new("boards", "Odd boards for the tray", Seat.BehindFilm, Form.Board, Form.Timber) { Carries = true, Also = l => Stuff.TooStout(l) ?? (l.Thin > ThickestSide ? "So thick that no screw goes through it into a corner." : null) };
    private static readonly Role FloorBoards = Boards with { Also = l => Stuff.TooStout(l) ?? (l.Thin > ThickestFloor ? "So thick that no upright reaches past it to its rail." : null) };
    private static readonly Role Timber = new("uprights", "Uprights of the sides", Seat.BehindFilm, Form.Timber) { Buy = "timber", Also = Stuff.TooStout };
    private static readonly Role Braces = new("braces", "Braces and pads", Seat.Clear, Form.Board, Form.Timber) { Buy = "plank", Also = Stuff.TooStout };

    public override string Id => "frame-tray";

    public override string Name => "Frame tray";

    public override string Summary => "A tray of odd boards on the frame of a table or bench, at the height of a hip, drained into a pail.";

    public override Role Lead { get; } = new("frame", "Frame of a table or bench", Seat.Clear, Form.Frame) { Counts = l => l.Of.Thing.Kind is TableFrame && l.Way.Id == "frame", Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead) =>
    [
        Setting.Even("height", "Height of the sides", Unit.Metre, .10, .35, .05, .20, "Salad takes a hand, roots two").TryAll(),
        Setting.Even("cut", "Legs cut off by", Unit.Metre, 0, Cuts(lead), .05, Math.Min(Cuts(lead), Math.Max(0, Math.Ceiling((Of(lead).Height + .2 - Hip) / .05 - 1e-9) * .05)), $"A rim at {Amount.Length(Hip)} is a hip high; over that nobody weeds with ease"),
        new Setting("floor", "Floor", Unit.Count, [new(0, "laid on the rails"), new(1, "screwed up under them")], 0, "What lies hangs by no thread"),
        new("rail", "Thickness of its rails", Unit.Metre, [new(.016), new(.020), new(.025), new(.030), new(.040), new(.050), new(.060)], .020, "Measure one: the uprights are screwed to it"),
        new Setting("pieces", "Long sides", Unit.Count, [new(1, "in one piece"), new(2, "in two")], 1, "Short boards do, where an upright stands behind the joint").TryAll(),
        Setting.Even("uprights", "Uprights along each long side", Unit.Count, 1, 5, 2, 1, "Sides bulge between them").Least(),
        Setting.Even("runners", "Runners under the floor", Unit.Count, 0, 1, 1, 0, "Thin boards sag from rail to rail").Least(),
        Setting.Even("props", "Props under each rail and runner", Unit.Count, 0, 3, 1, 0, "Rails of a table are made to carry a table").Least(),
        OutletParts.Fall("Its far legs are packed up by so much"), OutletParts.StonesWide(Of(lead).Width - .2), OutletParts.Outlet, OutletParts.Water(),
        new("brace", "Braces", Unit.Count, [new(0, "none"), new(1, "two each way")], 1, "The joints of an old frame are not made for soil"),
        new Setting("pads", "Under each leg", Unit.Count, [new(0, "nothing"), new(1, "a board")], 1, "A thin leg sinks into soil").Least(),
        Packing.Wall,
    ];

    public override double AtMost(Chosen set) => new Plan(set) is var tray && tray.Soil > 0 ? 1000 * tray.Length * tray.Width * tray.Soil : 0;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var tray = new Plan(set);
        if (tray.Soil < .05) return new Problem("height", "Too shallow to hold soil.");
        return Demand.Of(
            new WholeNeeded("frame", Lead, 1),
            new CoursesNeeded("sides", Boards, set["height"], [.. Enumerable.Repeat(tray.SidePiece, 2 * tray.Pieces), tray.Width - 2 * LeastSide, tray.Width - 2 * LeastSide], LeastBoard, LeastSide) { Name = "Boards of the sides" },
            new CoursesNeeded("floor", FloorBoards, tray.Length, [tray.Width], LeastBoard, LeastThick) { Name = "Boards of the floor" },
            new PiecesNeeded("corners", Timber, 4, set["height"], Upright, Upright) { Name = "Corner blocks", Exact = Upright },
            new PiecesNeeded("uprights", Timber, tray.Uprights, tray.UprightLong, Upright, Upright) { Exact = Upright },
            tray.Runners > 0 ? new PiecesNeeded("runners", Timber, tray.Runners, tray.RunnerLong, RunnerDeep, RunnerThick) { Name = "Runners" } : null,
            tray.Props > 0 ? new PiecesNeeded("props", Timber, 2 * tray.Props, tray.High - RailDeep, PropWide, PropThick) { Name = "Props under the rails" } : null,
            tray.RunnerProps > 0 ? new PiecesNeeded("runner-props", Timber, tray.RunnerProps, tray.High - RunnerDeep, PropWide, PropThick) { Name = "Props under the runner" } : null,
            tray.Braced ? new PiecesNeeded("braces-along", Braces, 2, tray.BraceAlong, BraceWide, BraceThick) { Name = "Braces along" } : null,
            tray.Braced ? new PiecesNeeded("braces-across", Braces, 2, tray.BraceAcross, BraceWide, BraceThick) { Name = "Braces across" } : null,
            tray.Padded ? new PiecesNeeded("pads", Braces, tray.Feet, PadSide, PadSide, PadThick) { Name = "Pads" } : null,
            new CoverNeeded("liner", Stuff.Lining(film: true), tray.Length + 2 * set["height"], tray.Width + 2 * set["height"]),
            tray.Stones > 0 ? new FillNeeded("stones", OutletParts.Stones, tray.StonesVolume, [("grit", 1)]) : null);
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var tray = new Plan(set) { Floor = cast.Courses["floor"], Sides = cast.Courses["sides"] };
        if (tray.InsideLength < .2 || tray.InsideWidth < .15) return new Problem("height", "The boards are so thick that nothing is left inside.");
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(tray.Length)} by {Amount.Length(tray.Width)}, {Amount.Length(tray.Soil)} of soil, rim {Amount.Length(tray.RimUp)} up",
            Parts = PartsOf(tray, set),
            Joints =
            [
                new("Floor to rails", FloorId(0), "frame", WoodScrew.For(tray.FloorThick).Goods, tray.FloorScrews),
                .. tray.Runners > 0 ? [new("Runner to the end rails", "runner", "frame", WoodScrew.All[^1].Goods, 4 * tray.Runners), new("Floor to runner", FloorId(0), "runner", WoodScrew.For(tray.FloorThick).Goods, tray.Floor.Count)] : (Joint[])[],
                .. tray.Props > 0 ? [new("Props to rails", "prop", "frame", WoodScrew.All[^1].Goods, 4 * tray.Props)] : (Joint[])[],
                .. tray.RunnerProps > 0 ? [new("Props to runner", "runner-prop", "runner", WoodScrew.All[^1].Goods, 2 * tray.RunnerProps)] : (Joint[])[],
                new("Sides to corner blocks", SideId(0), "corner", WoodScrew.For(tray.SideThick).Goods, CornersEach * 8 * tray.Sides.Count),
                new("Uprights to rails", "upright", "frame", WoodScrew.For(set["rail"]).Goods, 4 * tray.Uprights), new("Sides to uprights", SideId(0), "upright", WoodScrew.For(tray.SideThick).Goods, 2 * tray.Sides.Count * (tray.Uprights + 2 * (tray.Pieces - 1))),
                .. tray.Braced ? [new("Braces along to the frame", "brace-along", "frame", WoodScrew.Outdoor.Goods, 8, LetIn: true), new("Braces across to the frame", "brace-across", "frame", WoodScrew.Outdoor.Goods, 8, LetIn: true)] : (Joint[])[],
            ],
            Bays = [new("Soil", tray.Space, tray.Soil, new(0, 0, tray.FloorUp)) { Less = tray.NoSoil }],
            Foot = tray.Outlet,
            LoadPaths = Loads(tray, set, cast),
            Figures = [Sum.Of("Packing under the far legs", "L × slope", [new("L", "from leg to leg", tray.Length, Unit.Metre), new("slope", "part of the way", set["fall"], Unit.One)], tray.Rise, Unit.Metre, "The whole frame is stood sloping")],
            Handling = new(tray.Empty, BuiltInPlace: false),
            Stance = new OnFeet(tray.Length, tray.Width, (tray.Length, tray.Width, tray.RimUp), tray.Feet * (tray.Padded ? PadSide * PadSide : FoundLegs.Thinnest * FoundLegs.Thinnest), tray.Padded ? "pad" : "frame", set.Whole("wall") == 1),
            Scene = () => Stand(tray),
            Operations = () => Steps(tray, set),
            Reach = tray.Width / 2,
        };
    }

    private static string FloorId(int sort) => $"floor-{sort + 1}";

    private static string SideId(int course) => $"side-{course + 1}";

    private static FrameMeasures Of(Lead lead) => lead.Main.As<FrameMeasures>()!;

    /// <summary>How much of its legs may go, m: a pail still stands below.</summary>
    private static double Cuts(Lead lead) => Math.Max(0, Math.Floor((Of(lead).Height - LeastHigh) / .05 + 1e-9) * .05);

    private static Sentence? WhyNot(Lot lot)
    {
        var m = lot.As<FrameMeasures>()!;
        if (lot.Of.Thing.Substance.Grade() is null) return $"Nobody knows how strong legs of {lot.Of.Thing.Substance.Name()} are by looking at them: their wall is hidden.";
        if (m.Height < LeastHigh) return $"Too low: {Amount.Length(m.Height)}, and no pail goes under it.";
        return Math.Min(m.Length, m.Width) < .3 ? (Sentence)$"Too small: {Amount.Length(m.Length)} by {Amount.Length(m.Width)}." : null;
    }

    private static List<Part> PartsOf(Plan tray, Chosen set)
    {
        List<Part> parts =
        [
            new("frame", set.Lead.Thing.Thing.Kind.Name, Form.Frame, 1, tray.Length, tray.Width, tray.High, "frame"),
            .. tray.FloorSorts.Select((s, i) => new Part(FloorId(i), "Board of the floor", Form.Board, tray.Floor.Count(c => (c.Height, c.Thickness) == s), tray.Width, s.Height, s.Thickness, "floor")),
            .. tray.Sides.Select((c, i) => new Part(SideId(i), i == 0 ? "Board of the sides" : $"Board of the sides, course {i + 1}", Form.Board, 2 * tray.Pieces + 2, tray.SidePiece, c.Height, c.Thickness, "sides")),
            new("corner", "Corner block", Form.Timber, 4, set["height"], Upright, Upright, "corners"), new("upright", "Upright", Form.Timber, tray.Uprights, tray.UprightLong, Upright, Upright, "uprights"), new("liner", "Liner", Form.Film, 1, tray.Length + 2 * set["height"], tray.Width + 2 * set["height"], 0, "liner"),
        ];
        if (tray.Runners > 0) parts.Add(new("runner", "Runner", Form.Timber, tray.Runners, tray.RunnerLong, RunnerDeep, RunnerThick, "runners"));
        if (tray.Props > 0) parts.Add(new("prop", "Prop", Form.Timber, 2 * tray.Props, tray.High - RailDeep, PropWide, PropThick, "props"));
        if (tray.RunnerProps > 0) parts.Add(new("runner-prop", "Prop of the runner", Form.Timber, tray.RunnerProps, tray.High - RunnerDeep, PropWide, PropThick, "runner-props"));
        if (tray.Padded) parts.Add(new("pad", "Pad", Form.Board, tray.Feet, PadSide, PadSide, PadThick, "pads"));
        if (tray.Rise > 0) parts.Add(new("pack", "Packing under a foot", Form.Board, tray.FeetAt.Count(f => f.X > -tray.Length / 2 + LegDrawn), PadSide, PadSide, tray.Rise));
        if (tray.Braced) parts.AddRange([new("brace-along", "Brace along", Form.Board, 2, tray.BraceAlong, BraceWide, BraceThick, "braces-along"), new("brace-across", "Brace across", Form.Board, 2, tray.BraceAcross, BraceWide, BraceThick, "braces-across")]);
        return parts;
    }

    private static List<LoadPath> Loads(Plan tray, Chosen set, Cast cast)
    {
        var thing = set.Lead.Thing.Thing;
        Burden all = new(tray.Volume, tray.Empty);
        var thinnest = tray.Floor.SelectMany(c => c.Pieces).MinBy(p => p.Thin)!;
        List<LoadPath> paths =
        [
            new BoardFloor(FloorId(0), tray.Width / (tray.Runners + 1), tray.Runners + 1, thinnest.Thin, tray.Soil, 1 - set["outlet"] / tray.Floor.Min(c => c.Height), thinnest.Grade, cast.Worn("floor")) { Name = "Floor boards across the frame" },
            Beam("rails", "frame", "Long rails under the floor", set["rail"], RailDeep, tray.Runners == 0 ? .5 : (1 - OnRunner) / 2, thing.Condition),
            .. tray.Runners > 0 ? [Beam("runner", "runner", "Runner under the floor", RunnerThick, RunnerDeep, OnRunner, cast.Worn("runners"))] : (LoadPath[])[],
            .. SlattedWall.OfCourses(tray.Sides, SideId, i => i == 0 ? "Lowest side board between uprights" : $"Side board of course {i + 1} between uprights", tray.Soil, Math.Max(tray.Length / (tray.Along + 1), tray.InsideWidth), tray.Pieces == 1 ? tray.Along + 1 : 1),
            new CornerScrews(SideId(0), tray.Soil, tray.Length / (tray.Along + 1), tray.InsideWidth, CornersEach * tray.Sides.Count, tray.SideThick, Upright, Piece.BoughtGrade),
            new TrayUprights("upright", tray.OverRail, tray.Length / (tray.Along + 1), Upright, tray.Overlaps - ScrewsDown, ScrewsDown + (tray.Hung ? 0 : tray.FloorThick), set["rail"], cast.Worn("uprights")),
            new FoundLegs("frame", tray.High, FoundLegs.Thinnest, all, tray.Space.AreaAt(tray.Soil), thing.Substance.Grade()!, thing.Condition),
            tray.Braced ? new SwayBraces("brace-across", BraceThick, FoundLegs.Thinnest) : new OwnJoints("frame", thing.Shows("wobbles")),
            new Drips(FloorId(0), set.Whole("water") > 0),
        ];
        if (tray.Hung) paths.Add(new HungFloor(FloorId(0), "frame", new(tray.Volume, tray.FloorMass), tray.Space.AreaAt(tray.Soil), tray.FloorScrews, tray.FloorThick, (set["rail"], RailDeep), thing.Substance.Grade()!));
        return paths;

        // A beam that takes so much of all, which is told as one of two.
        CradleBeam Beam(string id, string part, string name, double thick, double deep, double share, Condition worn)
            => new(id, part, name, thick, deep, tray.Length / (tray.Props + 1), tray.Props + 1, tray.Length, new(2 * share * tray.Volume, 2 * share * tray.FloorMass), 2 * share * tray.Space.AreaAt(tray.Soil), worn);
    }

    private static IReadOnlyList<Operation> Steps(Plan tray, Chosen set)
    {
        var boards = tray.Floor.Count + (2 * tray.Pieces + 2) * tray.Sides.Count;
        List<Operation> steps =
        [
            new("look", "Sharp and rusty places first", "Go over the frame with gloves on: draw nails, file what is sharp, brush off rust and flakes. Old paint: test it for lead before it is sanded. Every joint is tried by hand and screwed where it gives.", 25, ["Hammer", "Nail pincers", "File", "Brush"], Op.EyesAndGloves, false, "nails") { SlowerWithSalvage = true, Places = ["frame"] },
            Op.Denail(boards),
        ];
        if (set["cut"] > 0) steps.Add(new("legs", "Saw off its legs", $"{Amount.Length(set["cut"])} off all four, marked round each from the upper end down, so that they stay alike.", 15, ["Hand saw or jigsaw", "Square"], ["Eye protection"], false, "saw") { SlowerWithSalvage = true });
        if (tray.Padded || tray.Braced) steps.Add(Op.Cut("braces", "boards for braces and pads", (tray.Braced ? 4 : 0) + (tray.Padded ? 4 : 0), PadSide) with { Words = "Braces and pads, as the cut plan has them.", Cuts = [.. tray.Braced ? ["braces-along", "braces-across"] : (string[])[], .. tray.Padded ? ["pads"] : (string[])[]] });
        if (tray.Braced) steps.Add(new("brace", "Brace it both ways", "Two braces along the back and one across each end, two screws at either end of each: a frame that carried books does not carry wet soil without.", Op.Screws(16) + 10, [Op.Bit(.004), "Screwdriver"], Op.EyesAndGloves, false, "drill") { Places = ["brace-along", "brace-across"] });
        if (tray.Runners + tray.Props > 0)
        {
            string[] cuts = [.. tray.Runners > 0 ? ["runners"] : (string[])[], .. tray.Props > 0 ? ["props"] : (string[])[], .. tray.RunnerProps > 0 ? ["runner-props"] : (string[])[]], places = [.. tray.Runners > 0 ? ["runner"] : (string[])[], .. tray.Props > 0 ? ["prop"] : (string[])[], .. tray.RunnerProps > 0 ? ["runner-prop"] : (string[])[]];
            steps.Add(Op.Cut("props", "props and runners", tray.Runners + 2 * tray.Props + tray.RunnerProps, tray.High - RailDeep) with { Words = "As the cut plan has them.", Cuts = cuts });
            steps.Add(new("props-in", "Carry the rails", $"{(tray.Runners > 0 ? (Sentence)$"A runner on edge from end rail to end rail, in the middle, a prop under each of its ends: an end rail is not made to carry it. " : "")}{(tray.Props > 0 ? (Sentence)$"{new Count(tray.Props, "prop", "props")} under each, evenly, tight, two screws at the top of each." : "")}", Op.Screws(4 * tray.Runners + 2 * (2 * tray.Props + tray.RunnerProps)), [Op.Bit(.004), "Screwdriver", "Square"], Op.EyesAndGloves, false, "drill") { Places = places });
        }

        steps.AddRange(
        [
            Op.Cut("floor", "boards of the floor", tray.Floor.Count, tray.Width) with { Words = $"{Amount.Length(tray.Width)} long, laid out side by side first, so that the fewest are cut: what is over hangs out at the far end or is ripped off." },
            tray.Hung
                ? new("floor-up", "Screw the floor up under the rails", $"The frame upside down, {new Count(ToHang, "screw", "screws")} through each board into the rails, the outer ones notched round the legs, drilled {Amount.Length(.004)} first. No nail: it slides out.", Op.Screws(tray.FloorScrews), [Op.Bit(.004), "Screwdriver"], Op.EyesAndGloves, true, "drill", "lift") { Places = [.. tray.FloorSorts.Select((_, i) => FloorId(i))] }
                : new("floor-down", "Lay the floor on the rails", $"Side by side, the best side up, thin ones packed so that all are level on top, one screw into each rail, drilled {Amount.Length(.004)} first; a finger of board over every rail.", Op.Screws(tray.FloorScrews), [Op.Bit(.004), "Screwdriver"], Op.EyesAndGloves, false, "drill") { Places = [.. tray.FloorSorts.Select((_, i) => FloorId(i))] },
            Op.Cut("sides", "boards of the sides", (2 * tray.Pieces + 2) * tray.Sides.Count, tray.SidePiece) with { Words = $"{(tray.Pieces == 1 ? "Two" : "Four")} of {Amount.Length(tray.SidePiece)} and two of {Amount.Length(tray.Width - 2 * tray.SideThick)} for each course, the thickest below." },
            Op.Cut("uprights", "uprights and corner blocks", tray.Uprights + 4, tray.UprightLong) with { Words = $"{new Count(tray.Uprights, "upright", "uprights")} of {Amount.Length(tray.UprightLong)}, four blocks of {Amount.Length(set["height"])}.", Cuts = ["uprights", "corners"] },
            new("sides-up", "Screw up the sides", $"Uprights outside, {Amount.Length(tray.Overlaps)} down the rails, four screws from inside into each; then the side boards from below, a block in each corner, two screws from every board into it and into each upright{(tray.Pieces == 2 ? "; the two of a long side meet on the middle of an upright, so that it holds the ends of both" : "")}.", Op.Screws(4 * tray.Uprights + tray.Sides.Count * (2 * tray.Uprights + 8 * CornersEach)), [Op.Bit(.004), "Screwdriver", "Square"], Op.EyesAndGloves, true, "drill") { Places = ["upright", "corner", .. tray.Sides.Select((_, i) => SideId(i))] },
            new("outlet", "Bore the outlet", $"{Amount.Length(set["outlet"])}, in the middle of the low end, in the middle of one board.", 8, [Op.Bit(set["outlet"])], Op.EyesAndGloves, false, "drill"),
            new("stand", "Stand it with a fall", tray.Rise > 0 ? (Sentence)$"Where it is to stay, level across; the far legs packed up by {Amount.Length(tray.Rise)}, what stands between by its share. A marble on the floor runs to the outlet. It must not rock." : "Where it is to stay, level both ways. It must not rock.", 15, ["Level"], Op.Gloves, true, "lift") { Places = [.. tray.Padded ? ["pad"] : (string[])[], .. tray.Rise > 0 ? ["pack"] : (string[])[]] },
            new("liner", "Line it with film", $"In one piece, corners folded like a parcel, stapled under the rim only. Over the outlet a cross is cut and its four tongues are pushed down through.", 20, ["Scissors", "Stapler"], []) { Places = ["liner"] },
            OutletParts.Filter(set["outlet"], tray.Stones),
        ]);
        if (set.Whole("water") == 1) steps.Add(OutletParts.Pail());
        return [.. steps, Op.FirstWater(), VesselSteps.Fill(tray.Volume - tray.NoSoil, 1, " Level on top, though the floor falls.")];
    }
}
