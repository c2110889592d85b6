using Metaplant.Core.Casting;
using Metaplant.Core.Cutting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// A bed walled with short boards stood on end against two rails, its four panels made equal by the choice and order of boards of mixed width. Long panels run the full length, end panels stand between them; blocks in the corners, rails outside,
/// a coping over boards and rails.
/// </summary>
public sealed class UprightBoardBed : Design
{
    private const double HeadSpace = .03;
    private const double LowerRail = .05;
    private const double RailBelowTop = .06;
    private const double Block = .045;
    private const double PostThickness = .05;

    private static readonly Role Rails = new("rails", "Rails", Seat.Clear, Form.Timber, Form.Board) { Carries = true, Buy = "timber", Also = l => l.Wide > .12 || l.Thin > .075 ? "Too stout for a rail: rip it first." : null };
    private static readonly Role Blocks = new("blocks", "Corner blocks", Seat.BehindCloth, Form.Timber, Form.Board) { Carries = true, Buy = "timber" };
    private static readonly Role BlocksBehindFilm = Blocks with { Seat = Seat.BehindFilm };
    private static readonly Role Coping = new("coping", "Coping", Seat.AmongPlants, Form.Board) { Buy = "plank" };

    public override string Id => "upright-bed";

    public override string Name => "Upright-board bed";

    public override string Summary => "A bed on open ground, walled with short boards of any width stood on end against rails.";

    public override Role Lead { get; } = new("boards", "Upright boards", Seat.BehindFilm, Form.Board)
    {
        Carries = true,
        Also = l => l.Thin < .012 ? (Sentence)$"Too thin to stand against soil: {Amount.Length(l.Thin)}, and {Amount.Length(.012)} at least are wanted." : null,
        Together = (a, b) => Math.Abs(a.Thin - b.Thin) <= .002 && a.Of.Thing.Substance == b.Of.Thing.Substance && Stuff.AsFit(a, b),
    };

    public override IReadOnlyList<Setting> Settings(Lead lead) =>
    [
        Setting.Even("height", "Wall height", Unit.Metre, .25, .60, .05, .40, "Deep enough for most roots, short enough for sawn pallet boards").Try(h => h is .25 or .30 or .40 or .50 or .60),
        Setting.Even("length", "Length", Unit.Metre, .60, 2.40, .10, .90, "As long as the boards reach").Try(l => Math.Abs(l / .3 - Math.Round(l / .3)) < 1e-6),
        Setting.Even("width", "Width inside", Unit.Metre, .60, 1.20, .10, .90, $"An arm reaches {Amount.Length(.6)} from each side").Try(w => Math.Abs(w / .3 - Math.Round(w / .3)) < 1e-6),
        new Setting("coping", "Coping", Unit.Count, [new(0, "none"), new(1, "boards laid flat")], 1, "A hand and a seat find no sawn ends, and rain stays out of them"),
        Setting.Even("posts", "Posts along each long wall", Unit.Count, 0, 5, 1, 1, "Rails bend; posts halve them").Least(),
        Setting.Even("embed", "Posts in the ground", Unit.Metre, .30, .90, .05, .45, "As deep as the ground asks").Least(),
    ];

    public override double AtMost(Chosen set) => set["height"] * set["length"] * set["width"] * 1000;

    public override Outcome<Demand> Ask(Chosen set)
    {
        double h = set["height"], l = set["length"], w = set["width"];
        if (h - LowerRail - RailBelowTop < .1) return new Problem("height", "Too low for two rails.");
        var film = set.Lead.MustLine;
        return Demand.Of(
            new PanelsNeeded("boards", Lead, [l, l, w, w], h, PanelOrder.UsualStrip, PanelOrder.UsualEnd) { Spare = .05 },
            new PiecesNeeded("rails-long", Rails, 4, l, .045, .035), new PiecesNeeded("rails-end", Rails, 4, w + 2 * set.Lead.Main.Thin, .045, .035),
            new PiecesNeeded("blocks", film ? BlocksBehindFilm : Blocks, 4, h, Block, Block),
            set.Whole("coping") == 0 ? null : new PiecesNeeded("coping-long", Coping, 2, l + .10, .09, .015), set.Whole("coping") == 0 ? null : new PiecesNeeded("coping-end", Coping, 2, w + 2 * set.Lead.Main.Thin - .03, .09, .015),
            PostsOf(set) == 0 ? null : new SticksNeeded("posts", Stuff.Posts, PostsOf(set), h + set["embed"], PostThickness),
            new CoverNeeded("liner", Stuff.Liner(set.Lead), 2 * (l + w) + .15, h + .10));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var bed = new Plan(set, cast);
        var boards = cast["boards"];
        List<Part> parts =
        [
            new("board", "Upright board", Form.Board, boards.Count, bed.Height, boards.Max(b => b.Wide), bed.Thin, "boards"),
            new("rail-long", "Rail of a long wall", Form.Timber, 4, bed.Length, bed.LongRail.Wide, bed.LongRail.Thin, "rails-long"), new("rail-end", "Rail of an end wall", Form.Timber, 4, bed.EndRailLength, bed.EndRail.Wide, bed.EndRail.Thin, "rails-end"),
            new("block", "Corner block", Form.Timber, 4, bed.Height, Block, Block, "blocks"), new("liner", "Liner of the walls", Form.Fabric, 1, 2 * (bed.InsideLength + bed.Width), bed.Height, 0, "liner"),
        ];
        if (bed.Coped) parts.AddRange([new("coping-long", "Coping of a long wall", Form.Board, 2, bed.Length + .10, bed.CopingWide, bed.CopingThin, "coping-long"), new("coping-end", "Coping of an end wall", Form.Board, 2, bed.CopingEnd, bed.CopingEndPiece.Wide, bed.CopingEndPiece.Thin, "coping-end")]);
        if (bed.Posts > 0) parts.Add(new("post", "Post", Form.Pole, bed.Posts, bed.Height + set["embed"], PostThickness, PostThickness, "posts"));
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(bed.Length)} by {Amount.Length(bed.Width)}, {Amount.Length(bed.Height)} high, {new Count(boards.Count, "board", "boards")}",
            Parts = parts,
            // Two screws through each board into each rail, and at the corners into the blocks.
            Joints = [new("Boards to rails", "board", "rail-long", WoodScrew.For(bed.Thin).Goods, 4 * boards.Count), new("Corners to blocks", "board", "block", WoodScrew.For(bed.Thin).Goods, 4 * bed.CornerScrews)],
            Bays = [new("Soil", new TaperedBox(bed.InsideLength, bed.Width, bed.InsideLength, bed.Width, bed.Height), bed.Soil)],
            Foot = new OpenGround(),
            LoadPaths = Loads(bed, set, cast),
            Handling = new(Stuff.WoodDensity * (boards.Sum(b => b.Length * b.Wide * b.Thin) + 8 * bed.Length * .045 * .035), BuiltInPlace: true),
            Stance = new BuiltIn(bed.Length * (bed.Width + 2 * bed.Thin)),
            Scene = () => Stand(bed, set),
            Operations = () => Steps(bed, set, cast),
            Reach = bed.Width / 2 + bed.Thin + bed.LongRail.Thin,
        };
    }

    private static int PostsOf(Chosen set) => 2 * set.Whole("posts") + 2 * PostsAtEnd(set);

    /// <summary>At the ends posts stand no farther apart than along the sides.</summary>
    private static int PostsAtEnd(Chosen set) => Math.Max(0, (int)Math.Ceiling(set["width"] / (set["length"] / (set.Whole("posts") + 1)) - 1e-9) - 1);

    private static IReadOnlyList<LoadPath> Loads(Plan bed, Chosen set, Cast cast)
    {
        var load = new UprightLoad(bed.Soil - LowerRail, bed.Rails);
        double along = bed.Length / (set.Whole("posts") + 1), across = bed.Width / (PostsAtEnd(set) + 1), span = Math.Max(along, across);
        var grade = set.Lead.Thing.Thing.Substance.Grade() ?? Piece.BoughtGrade;
        Piece a = bed.LongRail, b = bed.EndRail;
        List<LoadPath> paths =
        [
            new UprightBoards("board", new(.1, bed.Thin), load, grade, set.Lead.Condition),
            new RailOverPosts("rail-foot", "rail-long", "Lower rail of the long walls", a.Thin, a.Wide, along, load, false, Piece.BoughtGrade, a.Condition), new RailOverPosts("rail-top", "rail-long", "Upper rail of the long walls", a.Thin, a.Wide, along, load, true, Piece.BoughtGrade, a.Condition),
            new RailOverPosts("rail-foot-end", "rail-end", "Lower rail of the end walls", b.Thin, b.Wide, across, load, false, Piece.BoughtGrade, b.Condition),
            new CornerScrews("block", bed.Soil, along, across, bed.CornerScrews, bed.Thin, Block, Piece.BoughtGrade),
        ];
        if (bed.Posts > 0)
        {
            // A post takes both rails at the height of what they bring together.
            paths.Add(new DrivenPosts("post", brief => load.Reactions(brief, LoadCase.Normal) is var (top, foot) ? new Push(top.Soil + foot.Soil, top.People + foot.People).Times(span) : default, bed.Soil / 3, PostThickness, set["embed"], Piece.BoughtGrade, cast.Worn("posts")));
        }

        return paths;
    }

    private static Scene Stand(Plan bed, Chosen set)
    {
        double l = bed.Length / 2, w = bed.Width / 2, t = bed.Thin, h = bed.Height, rt = bed.LongRail.Thin, et = bed.EndRail.Thin;
        var solids = new List<Solid>();
        foreach (var (side, i) in ((int[])[-1, 1]).Select((s, i) => (s, i)))
        {
            var x = -l;
            foreach (var wide in bed.Panels[i].Widths)
            {
                solids.Add(Prism.Box("board", Ink.Wood, new(x, side * w, 0), new(Math.Min(l, x + wide), side * (w + t), h)));
                x += wide;
            }

            var y = -w;
            foreach (var wide in bed.Panels[2 + i].Widths)
            {
                solids.Add(Prism.Box("board", Ink.Wood, new(side * (l - t), y, 0), new(side * l, Math.Min(w, y + wide), h)));
                y += wide;
            }

            foreach (var z in (double[])[Math.Max(LowerRail, bed.TallestRail / 2), Math.Min(h - RailBelowTop, h - bed.TallestRail / 2)])
            {
                solids.Add(Prism.Box("rail-long", Ink.WoodEnd, new(-l, side * (w + t), z - bed.LongRail.Wide / 2), new(l, side * (w + t + rt), z + bed.LongRail.Wide / 2)));
                solids.Add(Prism.Box("rail-end", Ink.WoodEnd, new(side * l, -bed.EndRailLength / 2, z - bed.EndRail.Wide / 2), new(side * (l + et), bed.EndRailLength / 2, z + bed.EndRail.Wide / 2)));
            }

            foreach (var end in (int[])[-1, 1]) solids.Add(Prism.Box("block", Ink.WoodEnd, new(end * (l - t - Block), side * (w - Block), 0), new(end * (l - t), side * w, h)));
            foreach (var at in Stuff.Spread(set.Whole("posts") + 2, bed.Length, 0).Skip(1).SkipLast(1)) solids.Add(Stuff.Post("post", at, side * (w + t + rt + PostThickness / 2), PostThickness, -set["embed"], h));
            foreach (var at in Stuff.Spread(PostsAtEnd(set) + 2, bed.Width, 0).Skip(1).SkipLast(1)) solids.Add(Stuff.Post("post", side * (l + et + PostThickness / 2), at, PostThickness, -set["embed"], h));
            if (!bed.Coped) continue;
            var inner = w + t + rt - bed.CopingWide;
            solids.Add(Prism.Box("coping-long", Ink.Wood, new(-l - .05, side * inner, h), new(l + .05, side * (inner + bed.CopingWide), h + bed.CopingThin)));
            solids.Add(Prism.Box("coping-end", Ink.Wood, new(side * (l + .05 - bed.CopingEndPiece.Wide), -inner, h), new(side * (l + .05), inner, h + bed.CopingEndPiece.Thin)));
        }

        solids.Add(new Skin("liner", Ink.Fabric, [.. Stuff.Around(l - t - .002, w - .002, 0, h)], .001));
        solids.Add(Prism.Box(Parts.Soil, Ink.Soil, new(-l + t + .003, -w + .003, .001), new(l - t - .003, w - .003, bed.Soil)));
        var out_ = w + t + rt;
        return new(solids,
        [
            new("front", new(-l, -out_, 0), new(-l, -out_, h), .12, "height"), new("plan", new(-l, out_, 0), new(l, out_, 0), .12, "length"), new("plan", new(-l, -w, 0), new(-l, w, 0), .16, "width"),
            new("section", new(0, -out_, 0), new(0, -out_, h), .12, "height"), new("section", new(0, -w, h), new(0, w, h), .12, "width"),
        ]);
    }

    private static IReadOnlyList<Operation> Steps(Plan bed, Chosen set, Cast cast)
    {
        var boards = cast["boards"].Count;
        var ripped = bed.Panels.Count(p => p.Ripped is not null);
        List<Operation> steps =
        [
            Op.SetOut(bed.Length, bed.Width + 2 * bed.Thin), Op.Denail(boards),
            new("sort", "Sort the boards by width", "Lay them out from wide to narrow; put aside what is split. The cut plan says which go into which panel.", 1.5 * boards, ["Tape"], Op.Gloves) { SlowerWithSalvage = true },
            Op.Cut("boards", "boards", boards, bed.Height, 2),
            new("panels", "Lay the panels", "Against a straight edge, the widest at both ends, wide and narrow in turn between.", 2 * boards, ["Level", "Square"], Op.Gloves) { SlowerWithSalvage = true },
        ];
        if (ripped > 0) steps.Add(new("rip", $"Rip {new Count(ripped, "board", "boards")}", "One wide board of a panel, so that it comes out as wide as its opposite; the cut plan says to what width.", 6 * ripped, ["Circular saw or hand saw"], Op.Saw, false, "saw") { SlowerWithSalvage = true });
        steps.AddRange(
        [
            Op.Cut("rails", "rails", 8, bed.Length) with { Words = $"Four of {Amount.Length(bed.Length)} and four of {Amount.Length(bed.EndRailLength)}; four blocks of {Amount.Length(bed.Height)}.", Cuts = ["rails-long", "rails-end", "blocks"] },
            new("fix", "Screw the rails to the panels", $"The lower rail {Amount.Length(LowerRail)} up, the upper {Amount.Length(RailBelowTop)} below the top, to their middles; two screws through each board into each rail, drilled {Amount.Length(.004)} first.", Op.Screws(4 * boards), [Op.Bit(.004), "Screwdriver", "Square"], Op.Gloves, false, "drill"),
            new("stand", "Stand the walls and screw the corners", $"Long walls first, end walls between them; a block of {Amount.Length(Block)} in each corner, {new Count(bed.CornerScrews, "screw", "screws")} from each wall. Check the diagonals before the last.", 45, ["Screwdriver", "Clamps"], Op.Gloves, true, "lift") { Places = ["board", "rail-long", "rail-end", "block"] },
        ]);
        if (bed.Posts > 0) steps.Add(Op.DrivePosts("posts", "post", bed.Posts, set["embed"], "upright, hard against the rails, outside."));
        if (bed.Coped) steps.Add(new("coping", "Lay the coping", $"Two of {Amount.Length(bed.Length + .10)} over the long walls, two of {Amount.Length(bed.CopingEnd)} between them; round the edges, two screws into each rail.", 30, ["Hand saw or jigsaw", Op.Bit(.004), "Screwdriver", "File"], Op.EyesAndGloves, false, "saw", "drill") { Places = ["coping-long", "coping-end"], Cuts = ["coping-long", "coping-end"] });
        return [.. steps, Op.Line(set.Lead.MustLine), Op.Fill(bed.InsideLength * bed.Width * bed.Soil, HeadSpace)];
    }

    /// <summary>The bed in its measures, from the pieces it is made of.</summary>
    private sealed record Plan(Chosen Set, Cast Cast)
    {
        public double Height => Set["height"];

        public double Length => Set["length"];

        public double Width => Set["width"];

        public IReadOnlyList<Panel> Panels => Cast.Panels["boards"];

        public double Thin { get; } = Cast["boards"].Min(b => b.Thin);

        public Piece LongRail { get; } = Cast.Weakest("rails-long");

        public Piece EndRail { get; } = Cast.Weakest("rails-end");

        public double TallestRail => Math.Max(LongRail.Wide, EndRail.Wide);

        public double EndRailLength => Width + 2 * Thin;

        public double InsideLength => Length - 2 * Thin;

        public double Soil => Height - HeadSpace;

        public double Rails => Height - LowerRail - RailBelowTop;

        public int CornerScrews => 2 * Math.Max(2, (int)Math.Ceiling(Height / .10));

        public int Posts => PostsOf(Set);

        public bool Coped => Set.Whole("coping") == 1;

        public double CopingWide => Cast.Weakest("coping-long").Wide;

        public double CopingThin => Cast.Weakest("coping-long").Thin;

        public Piece CopingEndPiece => Cast.Weakest("coping-end");

        /// <summary>Between the copings of the long walls.</summary>
        public double CopingEnd => 2 * (Width / 2 + Thin + LongRail.Thin - CopingWide);
    }
}
