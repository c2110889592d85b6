using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs;

/// <summary>
/// A bed whose wall is woven round driven stakes: a ring by itself, or one wall beside a bed that is there, straight, in a step or round a bend, its ends woven too or of planks between posts. Film or cloth behind; a coping to sit on where the wall is straight.
/// </summary>
public sealed class WovenBed : Design
{
    private const double HeadSpace = .04;

    /// <summary>Stakes stand so far out of the weave where no coping lies on them, m.</summary>
    private const double Above = .05;

    private const double LeastLength = .60;
    private const double LeastHeight = .20;
    private const double LeastGap = .20, UsualGap = .25;

    /// <summary>How far a step takes the wall forward, m.</summary>
    private const double Step = .30;

    private const double PostThickness = .05;

    /// <summary>No rod goes round a sharper turn at one stake, in radians.</summary>
    private const double MostTurn = 1.4;

    /// <summary>Liner turned in under the soil, and lapped where its ends meet, m.</summary>
    private const double TurnedIn = .15;

    private const double CopingWide = .12, CopingThick = .022;

    private static readonly Role Ends = new("ends", "Planks of the ends", Seat.BehindCloth, Form.Board, Form.Timber) { Carries = true };
    private static readonly Role EndPosts = new("end-posts", "Posts of the ends", Seat.Clear, Form.Pole) { Buy = "stake" };
    private static readonly Role Coping = new("coping", "Coping", Seat.AmongPlants, Form.Board) { Buy = "plank", Carries = true };

    public override string Id => "woven-bed";

    public override string Name => "Woven bed";

    public override string Summary => "A bed of rods woven round driven stakes, by itself or along a bed that is there, with film behind and a coping if wanted.";

    public override Role Lead { get; } = new("rods", "Rods to weave", Seat.BehindFilm, Form.Twig, Form.Pole) { Counts = l => l.As<ISticks>() is not null, Also = l => Weave.WhyNot(l, LeastGap) };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var longest = Setting.Range(LeastLength, 5, .20).Select(s => s.Value).Where(l => Weave.RodsFor(lead, Weave.Way(lead, l, LeastHeight, UsualGap, Handbook.Default).Value, UsualGap) <= Weave.There(lead)).DefaultIfEmpty(LeastLength).Max();
        return
        [
            Setting.Even("length", "Length", Unit.Metre, LeastLength, longest, .20, Math.Min(1.0, longest), "As far as the rods reach").TryThese(.60, 1.00, 1.60, longest),
            Setting.Even("width", "Width", Unit.Metre, .40, 1.20, .10, .80, "An arm must reach all of it").TryThese(.60, .80),
            Setting.Even("height", "Height of the weave", Unit.Metre, LeastHeight, .60, .05, .25, "As deep as the roots want").TryThese(.25, .35),
            new Setting("shape", "Shape", Unit.Count, [new(0, "a ring"), new(1, "along a bed"), new(2, "along a step"), new(3, "round a bend")], 0, "Beside a bed that is there it takes fewer rods").Try(s => s < 2),
            new("bend", "Round a bend of radius", Unit.Metre, [new(1.5), new(2.0), new(3.0), new(4.0)], 2.0, "As the bed beside it does"),
            new("ends", "Ends", Unit.Count, [new(0, "woven"), new(1, "planks")], 0, "Planks are stiffer and take no rods"),
            Setting.Even("apart", "From stake to stake", Unit.Metre, LeastGap, .45, .05, UsualGap, "Thin rods bend round them; thick ones want more room"),
            new("coping", "Coping", Unit.Count, [new(0, "none"), new(1, "a seat")], 0, "A seat over the stake tops; whoever sits there presses on the wall"),
            new("behind", "Behind the weave", Unit.Count, lead.MustLine ? [new(0, "film")] : [new(0, "film"), new(1, "cloth")], 0, "Film keeps the rods dry and they last longer; cloth lets water through"),
            Setting.Even("seasons", "For how long, years", Unit.Count, 1, 5, 1, 2, "Green rods off the ground are sure for two"),
            Setting.Even("embed", "Stakes in the ground", Unit.Metre, .20, .90, .05, .35, "As deep as the ground asks").Least(),
        ];
    }

    public override double AtMost(Chosen set) => set["length"] * set["width"] * set["height"] * 1000;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var bed = new Plan(set);
        if (bed.Coped && (bed.Shape is 0 or 3)) return new Problem("coping", "Boards to sit on lie on a straight wall; round a bend there are none.");
        if (bed.Line is OvalLine { SharpestTurn: > MostTurn }) return new Problem("apart", "Stakes so far apart do not go round its narrow ends: nearer to each other, or a rounder bed.");
        if (bed.Line is BentLine { Angle: > Math.PI / 2 }) return new Problem("bend", $"{Amount.Length(bed.Length)} is more than a quarter of a circle of {Amount.Length(bed.Radius)}.");
        if (bed.Line is BentLine { Back: < .5 }) return new Problem("width", "Round so tight a bend so wide a bed leaves no room behind it.");
        return Demand.Of(
            new SticksNeeded("rods", Lead, bed.Rods, bed.RodLength, Weave.ThinnestRod, Alike: true),
            new SticksNeeded("stakes", Weave.Stakes, bed.StakeCount, bed.StakeLength, Weave.StakeThickness),
            bed.Planked ? new CoursesNeeded("ends", Ends, bed.Height, [bed.Line.EndLength, bed.Line.EndLength], .07, .018) : null,
            bed.Planked ? new SticksNeeded("end-posts", EndPosts, 4, bed.Height + Above + set["embed"], PostThickness) : null,
            bed.Coped ? new PiecesNeeded("coping", Coping, bed.Copings.Count, bed.CopingLength, CopingWide, CopingThick - .002) : null,
            new CoverNeeded("liner", Stuff.Lining(set.Whole("behind") == 0), bed.Line.Lined + TurnedIn, bed.Height + TurnedIn));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var bed = new Plan(set) { Rod = cast["rods"].Min(p => p.Thin), Courses = CoursesOf(cast), CopingBoard = set.Whole("coping") == 1 ? cast.Weakest("coping") : null };
        List<Part> parts =
        [
            new("rod", "Rod", Form.Twig, bed.Rods, bed.RodLength, Weave.Middle(set.Lead), Weave.Middle(set.Lead), "rods"), new("stake", "Stake", Form.Pole, bed.StakeCount, bed.StakeLength, Weave.StakeThickness, Weave.StakeThickness, "stakes"),
            new("liner", set.Whole("behind") == 0 ? "Film" : "Cloth", set.Whole("behind") == 0 ? Form.Film : Form.Fabric, 1, bed.Line.Lined, bed.Height, 0, "liner"),
            .. bed.Courses.Select((c, i) => new Part($"end-{i + 1}", i == 0 ? "Plank of an end, at the ground" : $"Plank of an end, course {i + 1}", Form.Board, 2, bed.Line.EndLength, c.Height, c.Thickness, "ends")),
        ];
        if (bed.Planked) parts.Add(new("end-post", "Post of an end", Form.Pole, 4, bed.Height + Above + set["embed"], PostThickness, PostThickness, "end-posts"));
        if (bed.CopingBoard is { } board) parts.Add(new("coping", "Coping", Form.Board, bed.Copings.Count, bed.CopingLength, board.Wide, board.Thin, "coping"));
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(bed.Length)} by {Amount.Length(bed.Width)}, {Amount.Length(bed.Height)} high, {(bed.Shape == 0 ? "a ring" : "beside a bed")}, {new Count(bed.Rods, "rod", "rods")}",
            Parts = parts,
            Joints =
            [
                .. bed.Planked ? [new("Planks of the ends to posts", "end-1", "end-post", WoodScrew.For(bed.Courses.Max(c => c.Thickness)).Goods, 8 * bed.Courses.Count)] : (Joint[])[],
                .. bed.CopingBoard is { } c ? [new("Coping to stakes", "coping", "stake", WoodScrew.For(c.Thin).Goods, 2 * bed.UnderCoping)] : (Joint[])[],
            ],
            Bays = bed.Bays,
            Foot = new OpenGround(),
            LoadPaths = Loads(bed, set, cast),
            Figures = [bed.Way],
            Handling = new(bed.Rods * Stuff.MassOfStick(Weave.Of(set.Lead), bed.RodLength), BuiltInPlace: true),
            Stance = new BuiltIn(bed.Bays.Sum(b => b.Space.BaseArea)),
            Scene = () => Stand(bed, set),
            Operations = () => Steps(bed, set),
            Reach = bed.Shape == 0 ? bed.Width / 2 : bed.Width,
        };
    }

    private static IReadOnlyList<Course> CoursesOf(Cast cast) => cast.Courses.TryGetValue("ends", out var courses) ? courses : [];

    private static IReadOnlyList<LoadPath> Loads(Plan bed, Chosen set, Cast cast)
    {
        var film = set.Whole("behind") == 0;
        List<LoadPath> paths =
        [
            new WovenRods("rod", bed.Rod, bed.Line.Gap, bed.Soil, Stuff.StickGrade, set.Lead.Condition) { Lined = film },
            DrivenPosts.OfWall("stake", bed.Soil, bed.Line.Gap, bed.Line.Gaps, false, Weave.StakeThickness, set["embed"], Stuff.StickGrade, cast.Worn("stakes")) with { Called = "Stakes" },
        ];
        if (bed.Planked)
        {
            var from = 0.0;
            foreach (var (course, i) in bed.Courses.Select((c, i) => (c, i)))
            {
                var weakest = course.Pieces.MaxBy(p => p.Condition)!;
                if (bed.Soil - from > .01) paths.Add(new SlattedWall($"end-{i + 1}", i == 0 ? "Planks of the ends, at the ground" : $"Planks of the ends, course {i + 1}", new(course.Height, course.Thickness), (bed.Line.EndLength - PostThickness), 1, weakest.Grade, weakest.Condition, bed.Soil - from) { Id = $"end-{i + 1}" });
                from += course.Height;
            }

            // Each post takes half of its end.
            paths.Add(DrivenPosts.OfWall("end-post", bed.Soil, bed.Line.EndLength / 2, 1, false, PostThickness, set["embed"], Piece.BoughtGrade, cast.Worn("end-posts")) with { Id = "end-posts", Called = "Posts of the ends" });
        }

        if (bed.CopingBoard is { } board) paths = [.. paths.Select(p => new Seated(p)), new SeatBoard("coping", board.Wide, board.Thin, bed.Line.Gap, Piece.BoughtGrade, board.Condition)];
        paths.Add(new Lasting("rod", "the weave", set.Lead.Thing.Thing.Substance, set.Whole("seasons"), set.Lead.Condition, "Look at the lowest rods each spring.", "Not sure: look at the lowest rods each spring, and weave new ones in over those that have gone.") { Where = film ? Place.Outdoors : Place.InGround });
        return paths;
    }

    private static Scene Stand(Plan bed, Chosen set)
    {
        var solids = new List<Solid>();
        var stakes = bed.Line.Stakes;
        solids.AddRange(stakes.Select(s => Stuff.Post("stake", s.At.X, s.At.Y, Weave.StakeThickness, -set["embed"], bed.StakeTop)));
        var (bands, thick) = Weave.Drawn(bed.Height, bed.Weaving.Courses);
        var out_ = Weave.Beside(Weave.StakeThickness, thick, bed.Line.LeastGap - Weave.StakeThickness, bed.Line is OvalLine oval ? oval.SharpestTurn : 0);
        for (var c = 0; c < bands; c++)
        {
            // Round a ring of odd stakes a course comes back on the other side of its first stake, and goes on as the next.
            var z = (c + .5) * thick;
            List<Point3> way = [.. Enumerable.Range(0, stakes.Count + (bed.Line.Closed ? 1 : 0)).SelectMany(i => stakes[i % stakes.Count].Past((i + c) % 2 == 0 ? out_ : -out_)).Select(p => p with { Z = z })];
            solids.Add(new Rod("rod", Ink.Stick, way, thick * .98, thick * .98));
        }

        foreach (var end in bed.Line.EndWalls)
        {
            double z = 0, t = bed.Courses.Count == 0 ? 0 : bed.Courses.Max(c => c.Thickness);
            foreach (var (course, i) in bed.Courses.Select((c, i) => (c, i)))
            {
                Point3 a = end.Front + end.Out * (course.Thickness / 2), b = end.Back + end.Out * (course.Thickness / 2);
                solids.Add(Prism.Bar($"end-{i + 1}", Ink.Wood, a with { Z = z + course.Height / 2 }, b with { Z = z + course.Height / 2 }, course.Height, course.Thickness, new(0, 0, 1)));
                z += course.Height;
            }

            var along = (end.Back - end.Front).Unit();
            foreach (var at in (Point3[])[end.Front + along * (PostThickness / 2), end.Back - along * (PostThickness / 2)])
            {
                var post = at + end.Out * (t + PostThickness / 2);
                solids.Add(Stuff.Post("end-post", post.X, post.Y, PostThickness, -set["embed"], bed.Height + Above));
            }
        }

        if (bed.CopingBoard is { } board) solids.AddRange(bed.Copings.Select(c => Prism.Bar("coping", Ink.Wood, c.From with { Z = bed.Height + board.Thin / 2 }, c.To with { Z = bed.Height + board.Thin / 2 }, board.Thin, board.Wide, new(0, 0, 1))));
        solids.Add(new Skin("liner", Ink.Fabric, [.. bed.Line.Inner.Zip(bed.Line.Inner.Skip(1)).Select(p => (IReadOnlyList<Point3>)[p.First with { Z = 0 }, p.Second with { Z = 0 }, p.Second with { Z = bed.Height }, p.First with { Z = bed.Height }])], .0005));
        solids.AddRange(bed.Line.SoilBlocks.Select(p => new Prism(Parts.Soil, Ink.Soil, p, new(0, 0, .001), new(0, 0, bed.Soil), new(1, 0, 0), new(0, 1, 0))));
        var box = Extent.Of(bed.Line.Inner);
        return new(solids,
        [
            new("front", box.Least with { Z = 0 }, box.Least with { Z = bed.Height }, .14, "height"), new("plan", new(box.Least.X, box.Most.Y, 0), new(box.Most.X, box.Most.Y, 0), .14, bed.Shape is 0 or 1 ? "length" : null),
            new("plan", new(box.Least.X, box.Least.Y, 0), new(box.Least.X, box.Most.Y, 0), .16, bed.Shape is 0 or 1 ? "width" : null), new("section", new(0, box.Most.Y + .12, 0), new(0, box.Most.Y + .12, -set["embed"]), .06, "embed"),
        ]);
    }

    private static IReadOnlyList<Operation> Steps(Plan bed, Chosen set)
    {
        var film = set.Whole("behind") == 0;
        List<Operation> steps =
        [
            Op.SetOut(bed.Length, bed.Width, bed.Shape switch { 0 => " A ring: a cord round two pegs, pulled tight, draws it.", 3 => " Round the bend: a cord from its middle.", _ => " The bed beside it keeps its own wall: look at that first." }) with { Title = "Set out the bed" },
            Weave.Steps.Sort(bed.Rods, bed.RodLength), .. Weave.Steps.Soak(set.Lead), Weave.Steps.Points(bed.StakeCount, bed.StakeLength), Weave.Steps.Drive(bed.StakeCount, set["embed"], bed.StakeTop),
        ];
        if (bed.Planked)
        {
            steps.Add(Op.DrivePegs("end-posts", "end-post", 4, set["embed"], "upright, two outside each end.") with { Title = "Drive the posts of the ends" });
            steps.Add(Op.Cut("ends", "planks", 2 * bed.Courses.Count, bed.Line.EndLength) with { Cuts = ["ends"] });
            steps.Add(new("end-walls", "Screw up the ends", "The stoutest planks at the ground, inside the posts, over the ends of the weave; two screws into each post.", 10 * bed.Courses.Count, [Op.Bit(.004), "Screwdriver"], Op.Gloves, false, "drill") { Places = [.. bed.Courses.Select((_, i) => $"end-{i + 1}")] });
        }

        steps.AddRange([Weave.Steps.Rods(bed.Rods, bed.Weaving.Courses, bed.Shape == 0 ? " An odd number of stakes: a course comes round on the other side and goes on as the next." : ""), Weave.Steps.Trim()]);
        if (bed.Coped)
        {
            steps.Add(new("coping", $"Lay {new Count(bed.Copings.Count, "coping board", "coping boards")}", $"{Amount.Length(bed.CopingLength)} long, edges rounded, flat on the weave and the stake tops, which are sawn level; two screws into each stake, drilled {Amount.Length(.004)} first. Rods shrink as they dry: drive them down and tighten it after a month.", 20 * bed.Copings.Count, ["Hand saw", Op.Bit(.004), "Screwdriver", "File"], Op.EyesAndGloves, false, "saw", "drill") { Places = ["coping"], Cuts = ["coping"] });
        }

        steps.Add(Op.Line(film, film
            ? $"Hang it inside, tied to the topmost rods, {Amount.Length(TurnedIn)} of it turned in under the soil so that none runs out at the foot. It closes neither the foot nor the ends: water goes down there."
            : (Sentence)$"Hang it inside, tied to the topmost rods, {Amount.Length(TurnedIn)} of it turned in under the soil so that none runs out at the foot."));
        return [.. steps, Op.Fill(bed.Bays.Sum(b => b.Volume), HeadSpace, " Look along the wall after each layer. New rods go in over those that have gone, year by year."), .. Weave.Steps.Roots(set.Lead)];
    }

    private sealed record Plan(Chosen Set)
    {
        /// <summary>The thin end of the thinnest rod, m.</summary>
        public double Rod { get; init; } = Weave.ThinnestRod;

        public IReadOnlyList<Course> Courses { get; init; } = [];

        public Piece? CopingBoard { get; init; }

        public double Length => Set["length"];

        public double Width => Set["width"];

        public double Height => Set["height"];

        public double Soil => Height - HeadSpace;

        public int Shape => Set.Whole("shape");

        public double Radius => Set["bend"];

        public bool Planked => Shape > 0 && Set.Whole("ends") == 1;

        public bool Coped => Set.Whole("coping") == 1;

        public double StakeTop => Coped ? Height : Height + Above;

        public double StakeLength => StakeTop + Set["embed"];

        /// <summary>From the soil out to the middle of the stakes: half a stake, and a rod inside it.</summary>
        private double Beside { get; } = Weave.StakeThickness / 2 + Weave.Middle(Set.Lead);

        public WovenLine Line => field ??= Shape switch
        {
            0 => new OvalLine(Length, Width, Set["apart"], Beside),
            3 => new BentLine(Length, Width, Set["apart"], Beside, Planked, Radius),
            _ => new StraightLine(Length, Width, Set["apart"], Beside, Planked, Shape == 2 ? Step : 0),
        };

        public Weaving Weaving => field ??= Weave.Along(Set.Lead, Line.Length, Height, Set["apart"], Set.Brief.Handbook, Line.Closed);

        public Sum Way => field ??= Weave.Way(Set.Lead, Line.Length, Height, Set["apart"], Set.Brief.Handbook, Line.Closed);

        public int Rods => field > 0 ? field : field = Weave.RodsFor(Set.Lead, Way.Value, Set["apart"]);

        public double RodLength => Weave.LengthOf(Set.Lead, Rods, Set["apart"]);

        public int StakeCount => Line.Stakes.Count;

        public IReadOnlyList<Bay> Bays => field ??= Line.Bays(Height, Soil);

        /// <summary>Boards along a straight front: one, or one on each side of a step.</summary>
        public IReadOnlyList<(Point3 From, Point3 To)> Copings => Coped && Line is StraightLine straight ? straight.Copings : [];

        public double CopingLength => Copings.Max(c => (c.To - c.From).Length);

        /// <summary>Stakes that they lie on.</summary>
        public int UnderCoping => Copings.Sum(c => Line.Stakes.Count(s => Math.Abs(s.At.Y - c.From.Y) < 1e-6 && s.At.X >= c.From.X - 1e-6 && s.At.X <= c.To.X + 1e-6));
    }
}
