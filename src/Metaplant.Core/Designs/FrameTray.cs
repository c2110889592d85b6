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
public sealed class FrameTray : Design
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
    private static readonly Role Stones = new("stones", "Stones along the floor", Seat.InSoil, Form.Fill) { Buy = "soil-coarse-gravel", Worked = false };

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
        new("fall", "Fall to the outlet", Unit.One, [new(0, "level"), new(.01, "one in 100"), new(.015, "one in 66"), new(.02, "one in 50")], .015, "Its far legs are packed up by so much"),
        new Setting("stones", "Stones along the floor, wide", Unit.Metre, [new(0, "none"), .. Setting.Range(.10, Math.Max(.10, Math.Min(.60, Of(lead).Width - .2)), .05)], .10, "Soil alone does not let water through to one end").Least(),
        new("outlet", "Outlet", Unit.Metre, [new(.020), new(.025), new(.032), new(.040)], .025, "Wide enough that a finger clears it"),
        new("water", "Water goes", Unit.Count, [new(0, "on the ground"), new(1, "into a pail")], 1, "What is caught is used again; on a deck it must be"),
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
            tray.Props * tray.Runners > 0 ? new PiecesNeeded("runner-props", Timber, tray.Props * tray.Runners, tray.High - RunnerDeep, PropWide, PropThick) { Name = "Props under the runner" } : null,
            tray.Braced ? new PiecesNeeded("braces-along", Braces, 2, tray.BraceAlong, BraceWide, BraceThick) { Name = "Braces along" } : null,
            tray.Braced ? new PiecesNeeded("braces-across", Braces, 2, tray.BraceAcross, BraceWide, BraceThick) { Name = "Braces across" } : null,
            tray.Padded ? new PiecesNeeded("pads", Braces, tray.Feet, PadSide, PadSide, PadThick) { Name = "Pads" } : null,
            new CoverNeeded("liner", Stuff.Lining(film: true), tray.Length + 2 * set["height"], tray.Width + 2 * set["height"]),
            tray.Stones > 0 ? new FillNeeded("stones", Stones, tray.Length * tray.Stones * OutletFloor.StonesHigh, [("grit", 1)]) : null);
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
                .. tray.Props * tray.Runners > 0 ? [new("Props to runner", "runner-prop", "runner", WoodScrew.All[^1].Goods, 2 * tray.Props * tray.Runners)] : (Joint[])[],
                new("Sides to corner blocks", SideId(0), "corner", WoodScrew.For(tray.SideThick).Goods, CornersEach * 8 * tray.Sides.Count),
                new("Uprights to rails", "upright", "frame", WoodScrew.For(set["rail"]).Goods, 4 * tray.Uprights), new("Sides to uprights", SideId(0), "upright", WoodScrew.For(tray.SideThick).Goods, 2 * tray.Sides.Count * (tray.Uprights + 2 * (tray.Pieces - 1))),
                .. tray.Braced ? [new("Braces along to the frame", "brace-along", "frame", WoodScrew.Outdoor.Goods, 8, LetIn: true), new("Braces across to the frame", "brace-across", "frame", WoodScrew.Outdoor.Goods, 8, LetIn: true)] : (Joint[])[],
            ],
            Bays = [new("Soil", tray.Space, tray.Soil, new(0, 0, tray.FloorUp)) { Less = tray.StonesVolume + 4 * Upright * Upright * Math.Min(tray.Soil, set["height"]) }],
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
        if (tray.Props * tray.Runners > 0) parts.Add(new("runner-prop", "Prop of the runner", Form.Timber, tray.Props * tray.Runners, tray.High - RunnerDeep, PropWide, PropThick, "runner-props"));
        if (tray.Padded) parts.Add(new("pad", "Pad", Form.Board, tray.Feet, PadSide, PadSide, PadThick, "pads"));
        if (tray.Rise > 0) parts.Add(new("pack", "Packing under a foot", Form.Board, tray.FeetAt.Count(f => f.X > -tray.Length / 2 + LegDrawn), PadSide, PadSide, tray.Rise));
        if (tray.Braced) parts.AddRange([new("brace-along", "Brace along", Form.Board, 2, tray.BraceAlong, BraceWide, BraceThick, "braces-along"), new("brace-across", "Brace across", Form.Board, 2, tray.BraceAcross, BraceWide, BraceThick, "braces-across")]);
        return parts;
    }

    private static List<LoadPath> Loads(Plan tray, Chosen set, Cast cast)
    {
        var thing = set.Lead.Thing.Thing;
        Burden all = new(tray.Volume, tray.Empty);
        var (thinnest, lowest) = (tray.Floor.SelectMany(c => c.Pieces).MinBy(p => p.Thin)!, tray.Sides[0]);
        var weakest = lowest.Pieces.MaxBy(p => p.Condition)!;
        List<LoadPath> paths =
        [
            new BoardFloor(FloorId(0), tray.Width / (tray.Runners + 1), tray.Runners + 1, thinnest.Thin, tray.Soil, 1 - set["outlet"] / tray.Floor.Min(c => c.Height), thinnest.Grade, cast.Worn("floor")) { Name = "Floor boards across the frame" },
            Beam("rails", "frame", "Long rails under the floor", set["rail"], RailDeep, tray.Runners == 0 ? .5 : (1 - OnRunner) / 2, thing.Condition),
            .. tray.Runners > 0 ? [Beam("runner", "runner", "Runner under the floor", RunnerThick, RunnerDeep, OnRunner, cast.Worn("runners"))] : (LoadPath[])[],
            new SlattedWall(SideId(0), "Lowest side board between uprights", new(lowest.Height, lowest.Thickness), Math.Max(tray.Length / (tray.Along + 1), tray.InsideWidth), tray.Pieces == 1 ? tray.Along + 1 : 1, weakest.Grade, weakest.Condition, tray.Soil),
            new CornerScrews(SideId(0), tray.Soil, tray.Length / (tray.Along + 1), tray.InsideWidth, CornersEach * tray.Sides.Count, tray.SideThick, Upright, Piece.BoughtGrade),
            new TrayUprights("upright", tray.Soil, tray.Length / (tray.Along + 1), Upright, tray.Overlaps - .03, set["rail"], cast.Worn("uprights")),
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

    private static Scene Stand(Plan tray)
    {
        var level = new List<Solid>();
        double l = tray.Length / 2, w = tray.Width / 2, top = tray.High, rail = tray.Set["rail"], slope = tray.Set["fall"], up = tray.PadHigh + tray.Rise / 2;
        foreach (var (sx, sy) in ((int, int)[])[(-1, -1), (1, -1), (1, 1), (-1, 1)]) level.Add(Prism.Box("frame", Ink.WoodEnd, new(sx * l, sy * w, 0), new(sx * (l - LegDrawn), sy * (w - LegDrawn), top)));
        foreach (var side in (int[])[-1, 1])
        {
            level.Add(Prism.Box("frame", Ink.Wood, new(-l + LegDrawn, side * w, top - RailDeep), new(l - LegDrawn, side * (w - rail), top)));
            level.Add(Prism.Box("frame", Ink.Wood, new(side * l, -w + LegDrawn, top - RailDeep), new(side * (l - rail), w - LegDrawn, top)));
        }

        var at = -l;
        foreach (var board in tray.Floor)
        {
            // What the boards come to more than the frame is long is ripped off the last. Under the rails the outer ones are notched round the legs.
            var (to, id, leg) = (Math.Min(at + board.Height, l), FloorId(tray.FloorSorts.ToList().IndexOf((board.Height, board.Thickness))), l - LegDrawn);
            double[] stops = [.. new[] { at, -leg, leg, to }.Where(x => x >= at && x <= to).Distinct().Order()];
            foreach (var (a, b) in stops.Zip(stops.Skip(1)).Where(s => s.Second - s.First > .0005))
            {
                var y = tray.Hung && Math.Abs(a + b) / 2 > leg ? w - LegDrawn : w;
                level.Add(Prism.Box(id, Ink.Wood, new(a, -y, tray.FloorInFrame - board.Thickness), new(b, y, tray.FloorInFrame)));
            }

            at = to;
        }

        var z = tray.SidesUp;
        foreach (var (course, i) in tray.Sides.Select((c, i) => (c, i)))
        {
            var (t, id) = (course.Thickness, SideId(i));
            foreach (var side in (int[])[-1, 1])
            {
                for (var p = 0; p < tray.Pieces; p++) level.Add(Prism.Box(id, Ink.Wood, new(-l + p * tray.SidePiece, side * w, z), new(-l + (p + 1) * tray.SidePiece, side * (w - t), z + course.Height)));
                level.Add(Prism.Box(id, Ink.Wood, new(side * l, -w + t, z), new(side * (l - t), w - t, z + course.Height)));
            }

            z += course.Height;
        }

        foreach (var (sx, sy) in ((int, int)[])[(-1, -1), (1, -1), (1, 1), (-1, 1)])
        {
            double cx = l - tray.SideThick, cy = w - tray.SideThick;
            level.Add(Prism.Box("corner", Ink.WoodEnd, new(sx * cx, sy * cy, tray.SidesUp), new(sx * (cx - Upright), sy * (cy - Upright), tray.SidesUp + tray.Set["height"])));
        }

        foreach (var side in (int[])[-1, 1])
        {
            foreach (var x in tray.UprightsAt)
            {
                level.Add(Prism.Box("upright", Ink.WoodEnd, new(x - Upright / 2, side * w, tray.SidesUp + tray.Set["height"] - tray.UprightLong), new(x + Upright / 2, side * (w + Upright), tray.SidesUp + tray.Set["height"])));
            }
        }

        for (var r = 0; r < tray.Runners; r++) level.Add(Prism.Box("runner", Ink.WoodEnd, new(-tray.RunnerLong / 2, -RunnerThick / 2, tray.FloorBase - RunnerDeep), new(tray.RunnerLong / 2, RunnerThick / 2, tray.FloorBase)));
        foreach (var x in tray.PropsAt)
        {
            foreach (var side in (int[])[-1, 1]) level.Add(Prism.Box("prop", Ink.WoodEnd, new(x - PropWide / 2, side * w, 0), new(x + PropWide / 2, side * (w - PropThick), top - RailDeep)));
            if (tray.Runners > 0) level.Add(Prism.Box("runner-prop", Ink.WoodEnd, new(x - PropWide / 2, -PropThick / 2, 0), new(x + PropWide / 2, PropThick / 2, top - RunnerDeep)));
        }

        if (tray.Braced)
        {
            double t = BraceThick / 2, low = BraceWide / 2 + .05, knee = tray.Knee;
            foreach (var side in (int[])[-1, 1])
            {
                level.Add(Prism.Bar("brace-along", Ink.Wood, new(side * (l - LegDrawn / 2), w + t, top - RailDeep / 2 - knee), new(side * (l - LegDrawn / 2 - knee), w + t, top - RailDeep / 2), BraceThick, BraceWide, new(0, 1, 0)));
                level.Add(Prism.Bar("brace-across", Ink.Wood, new(side * (l + t), -w + LegDrawn / 2, low), new(side * (l + t), w - LegDrawn / 2, top - BraceWide), BraceThick, BraceWide, new(1, 0, 0)));
            }
        }

        level.Add(new Skin("liner", Ink.Plastic, [.. Stuff.Around(tray.InsideLength / 2 + .002, tray.InsideWidth / 2 + .002, tray.FloorInFrame + .001, tray.SidesUp + tray.Set["height"] - .01)], .0005));
        List<Solid> solids = [.. level.Select(s => (Solid)new Tilted(s.Moved(new(0, 0, up)), slope))];
        foreach (var (x, y) in tray.FeetAt)
        {
            double half = PadSide / 2, pack = slope * (x + l - LegDrawn / 2);
            if (tray.Padded) solids.Add(Prism.Box("pad", Ink.Wood, new(x - half, y - half, 0), new(x + half, y + half, PadThick)));
            if (pack > .001) solids.Add(Prism.Box("pack", Ink.WoodEnd, new(x - half, y - half, tray.PadHigh), new(x + half, y + half, tray.PadHigh + pack)));
        }

        double ix = tray.InsideLength / 2 - .004, iy = tray.InsideWidth / 2 - .004, foot = tray.FloorUp + tray.Rise / 2 + .003;
        solids.Add(Prism.Box(Parts.Soil, Ink.Soil, new(-ix, -iy, foot), new(ix, iy, tray.FloorUp + tray.Soil)));
        return new(solids,
        [
            new("front", new(-l, -w, 0), new(-l, -w, tray.RimUp), .16), new("plan", new(-l, w, 0), new(l, w, 0), .14), new("plan", new(-l, -w, 0), new(-l, w, 0), .12), new("section", new(0, -w, tray.FloorUp), new(0, -w, tray.FloorUp + tray.Soil), .12),
        ], SectionAt: 0);
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
            string[] cuts = [.. tray.Runners > 0 ? ["runners"] : (string[])[], .. tray.Props > 0 ? ["props"] : (string[])[], .. tray.Props * tray.Runners > 0 ? ["runner-props"] : (string[])[]], places = [.. tray.Runners > 0 ? ["runner"] : (string[])[], .. tray.Props > 0 ? ["prop"] : (string[])[], .. tray.Props * tray.Runners > 0 ? ["runner-prop"] : (string[])[]];
            steps.Add(Op.Cut("props", "props and runners", tray.Runners + tray.Props * (2 + tray.Runners), tray.High - RailDeep) with { Words = "As the cut plan has them.", Cuts = cuts });
            steps.Add(new("props-in", "Carry the rails", $"{(tray.Runners > 0 ? (Sentence)$"A runner on edge from end rail to end rail, in the middle. " : "")}{(tray.Props > 0 ? (Sentence)$"{new Count(tray.Props, "prop", "props")} under each, evenly, tight, two screws at the top of each." : "")}", Op.Screws(4 * tray.Runners + 2 * tray.Props * (2 + tray.Runners)), [Op.Bit(.004), "Screwdriver", "Square"], Op.EyesAndGloves, false, "drill") { Places = places });
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
            new("filter", tray.Stones > 0 ? "Lay the filter and the stones" : "Lay the filter", $"Over the outlet mesh and stones, the coarsest innermost, {Amount.Length(3 * set["outlet"])} wide at least.{(tray.Stones > 0 ? (Sentence)$" Then washed stones from end to end, {Amount.Length(tray.Stones)} wide and {Amount.Length(OutletFloor.StonesHigh)} high, cloth over them." : "")}", 15, ["Bucket", "Scissors"], Op.Gloves),
        ]);
        if (set.Whole("water") == 1) steps.Add(new("catch", "Stand a pail under the outlet", "Where a can gets at it; emptied after rain.", 3, [], []));
        return [.. steps, Op.FirstWater(), VesselSteps.Fill(tray.Volume - tray.StonesVolume, 1, " Level on top, though the floor falls.")];
    }

    private sealed record Plan(Chosen Set)
    {
        public FrameMeasures Frame { get; } = Of(Set.Lead);

        public IReadOnlyList<Course> Floor { get; init; } = [];

        public IReadOnlyList<Course> Sides { get; init; } = [];

        /// <summary>Of the frame, from the floor to the top of its rails, as it is cut.</summary>
        public double High => Frame.Height - Set["cut"];

        public double Length => Math.Max(Frame.Length, Frame.Width);

        public double Width => Math.Min(Frame.Length, Frame.Width);

        public bool Hung => Set.Whole("floor") == 1;

        public bool Braced => Set.Whole("brace") == 1;

        public bool Padded => Set.Whole("pads") == 1;

        public double PadHigh => Padded ? PadThick : 0;

        /// <summary>Along one long side, between its corners.</summary>
        public int Along => Set.Whole("uprights");

        public int Uprights => 2 * Along;

        /// <summary>Of a long side in each course.</summary>
        public int Pieces => Set.Whole("pieces");

        public double SidePiece => Length / Pieces;

        public int Runners => Hung ? 0 : Set.Whole("runners");

        public double RunnerLong => Length - 2 * Set["rail"];

        /// <summary>Under each rail and runner; none under a floor that hangs, which is in their way.</summary>
        public int Props => Hung ? 0 : Set.Whole("props");

        public IEnumerable<double> PropsAt => Enumerable.Range(1, Props).Select(i => -Length / 2 + i * Length / (Props + 1));

        /// <summary>Middles of all feet on the plan: the four legs, and props.</summary>
        public IReadOnlyList<Point> FeetAt => field ??=
        [
            .. from x in (double[])[-1, 1] from y in (double[])[-1, 1] select new Point(x * (Length - LegDrawn) / 2, y * (Width - LegDrawn) / 2),
            .. from x in PropsAt from y in (double[])[-1, 1] select new Point(x, y * (Width - PropThick) / 2),
            .. from x in PropsAt from r in Enumerable.Range(0, Runners) select new Point(x, 0),
        ];

        public int Feet => FeetAt.Count;

        /// <summary>From below the upper edge of its rail up to the rim, beside a floor that may be thick.</summary>
        public double UprightLong => Overlap + ThickestFloor + Set["height"];

        /// <summary>How far it does reach down its rail.</summary>
        public double Overlaps => UprightLong - Set["height"] - (Hung ? 0 : FloorThick);

        /// <summary>Boards of the floor by their sorts, as they lie.</summary>
        public IReadOnlyList<(double Height, double Thickness)> FloorSorts => field ??= [.. Floor.Select(c => (c.Height, c.Thickness)).Distinct()];

        public double FloorThick => Floor.Select(c => c.Thickness).DefaultIfEmpty(LeastThick).Max();

        public double SideThick => Sides.Select(c => c.Thickness).DefaultIfEmpty(LeastSide).Max();

        public int FloorScrews => Floor.Count * (Hung ? ToHang : ToLie);

        public double InsideLength => Length - 2 * Math.Max(SideThick, Hung ? Set["rail"] : 0);

        public double InsideWidth => Width - 2 * Math.Max(SideThick, Hung ? Set["rail"] : 0);

        /// <summary>How much higher its far end stands.</summary>
        public double Rise => Set["fall"] * Length;

        /// <summary>In the middle, between a floor that falls and soil that is level on top, with room to water at the low end.</summary>
        public double Soil => Set["height"] + (Hung ? RailDeep : 0) - HeadSpace - Rise / 2;

        /// <summary>Underside of the floor, in the frame before it is stood sloping.</summary>
        public double FloorBase => Hung ? High - RailDeep - FloorThick : High;

        public double FloorInFrame => FloorBase + FloorThick;

        public double SidesUp => Hung ? High : FloorInFrame;

        /// <summary>Height of the floor in its middle.</summary>
        public double FloorUp => PadHigh + Rise / 2 + FloorInFrame;

        public double RimUp => PadHigh + Rise / 2 + SidesUp + Set["height"];

        public TaperedBox Space => new(InsideLength, InsideWidth, InsideLength, InsideWidth, Set["height"] + (Hung ? RailDeep : 0));

        public double Volume => Space.VolumeTo(Soil);

        public double Stones => Math.Min(Set["stones"], InsideWidth);

        public double StonesVolume => InsideLength * Stones * OutletFloor.StonesHigh;

        public OutletFloor Outlet => field ??= new(Space, Soil, Set["fall"], Set["outlet"], Stones, PadHigh + FloorBase, 1);

        public double FloorMass => Length * Width * FloorThick * Stuff.WoodDensity;

        public double Empty => FloorMass + (2 * (Length + Width) * (Set["height"] * SideThick + RailDeep * Set["rail"]) + 4 * LegDrawn * LegDrawn * High) * Stuff.WoodDensity;

        public IEnumerable<double> UprightsAt => Enumerable.Range(1, Along).Select(i => -Length / 2 + i * Length / (Along + 1));

        /// <summary>How far down a leg and along a rail a brace reaches, clear of the uprights.</summary>
        public double Knee => Math.Max(.10, Math.Min(High - RailDeep - .10, Math.Min((Length - LegDrawn) / 2 - .15, Length / (Along + 1) - LegDrawn / 2 - Upright - .03)));

        public double BraceAlong => Knee * Math.Sqrt(2);

        public double BraceAcross => Math.Sqrt(Math.Pow(Width - LegDrawn, 2) + Math.Pow(High - 1.5 * BraceWide - .05, 2));
    }
}
