using Metaplant.Core.Casting;
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
/// Planks laid on edge one above another inside driven posts. Each course may be of other planks and has its own strength and life; the thickest lie on the ground. Corners are butted, or lapped course by course; long walls may be tied across.
/// </summary>
public sealed class PostAndPlankBed : Design
{
    private const double HeadSpace = .03;
    private const double PostThickness = .05;
    private const double LeastThin = .018;
    private const double WireDiameter = .0025;

    public override string Id => "plank-bed";

    public override string Name => "Post-and-plank bed";

    public override string Summary => "A bed on open ground of planks laid on edge inside driven posts, each course of whatever there is.";

    public override Role Lead { get; } = new("planks", "Planks", Seat.BehindFilm, Form.Board, Form.Timber)
    {
        Carries = true,
        Counts = l => l.AsItIs && l.Length >= .6 && l.Thin < Stuff.Baulk,
        Together = Stuff.AsFit,
        Also = l => l.Thin < LeastThin ? (Sentence)$"Too thin: {Amount.Length(l.Thin)}, and {Amount.Length(LeastThin)} at least are wanted between posts." : l.Wide < .07 ? (Sentence)$"Too narrow: {Amount.Length(l.Wide)}." : null,
    };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var longest = lead.Lots.Max(l => l.Length);
        var most = Math.Clamp(Math.Floor((longest - .01) / .1) * .1, .8, 3.0);
        return
        [
            Setting.Even("height", "Wall height, at least", Unit.Metre, .15, .60, .05, .30, "Two or three planks").TryAll(),
            Setting.Even("length", "Length", Unit.Metre, .80, most, .10, Math.Min(1.8, most), "As long as the longest planks").Try(l => l >= most - 1e-9 || Math.Abs(l / .4 - Math.Round(l / .4)) < 1e-6),
            Setting.Even("width", "Width inside", Unit.Metre, .60, 1.20, .10, .90, $"An arm reaches {Amount.Length(.6)} from each side").Try(w => Math.Abs(w / .3 - Math.Round(w / .3)) < 1e-6),
            new Setting("corner", "Corners", Unit.Count, [new(0, "butted"), new(1, "lapped, course by course")], 0, "Butted takes fewer cuts; lapped holds by itself"),
            Setting.Even("posts", "Posts along each long wall", Unit.Count, 2, 6, 1, 3, "Planks bend between posts").Least(),
            Setting.Even("ties", "Ties across", Unit.Count, 0, 4, 1, 0, "A tie takes a third of the push off the posts").Least(),
            Setting.Even("embed", "Posts in the ground", Unit.Metre, .30, .90, .05, .50, "As deep as the ground asks").Least(),
        ];
    }

    public override Outcome<Demand> Ask(Chosen set)
    {
        double l = set["length"], w = set["width"], h = set["height"];
        // Every course has two long and two short pieces. Their outer faces lie in one plane against the posts: where a course is thinner than the thickest, or runs through at the ends, its end planks are longer by as much.
        List<double> lengths = [l, l, w + Over(set), w + Over(set)];
        return Demand.Of(
            new CoursesNeeded("planks", Lead, h, lengths, .07, LeastThin),
            new SticksNeeded("posts", Stuff.Posts, 2 * set.Whole("posts") + 2 * AtEnd(set), h + .05 + set["embed"], PostThickness),
            set.Whole("ties") == 0 ? null : new RunNeeded("wire", Stuff.Wire, set.Whole("ties") * 2 * (w + .8), .0022, .004),
            new CoverNeeded("liner", Stuff.Liner(set.Lead), 2 * (l + w) + .15, h + .15));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var bed = new Plan(set, cast.Courses["planks"]);
        if (bed.InsideLength < .3) return new Problem("length", "The planks are too thick for so short a bed.");
        if (2 * (bed.Thick - (bed.Lapped ? 0 : bed.Courses.Min(c => c.Thickness))) > Over(set) + 1e-9) return new Problem("corner", "Planks so unlike in thickness do not meet in a corner: butt them, or leave the thickest out.");
        List<Part> parts = [.. bed.Courses.Select((c, i) => new Part($"course-{i + 1}", i == 0 ? "Plank of the ground course" : $"Plank of course {i + 1}", Form.Board, 4, bed.Length, c.Height, c.Thickness, "planks"))];
        parts.AddRange([new("post", "Post", Form.Pole, bed.Posts, set["height"] + .05 + set["embed"], PostThickness, PostThickness, "posts"), new("liner", "Liner of the walls", Form.Fabric, 1, 2 * (bed.InsideLength + bed.Width), bed.Height, 0, "liner")]);
        if (bed.Ties > 0) parts.Add(new("tie", "Tie of two strands", Form.Line, bed.Ties, bed.Width + .2, WireDiameter, WireDiameter, "wire"));
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(bed.Length)} by {Amount.Length(bed.Width)}, {new Count(bed.Courses.Count, "course", "courses")} to {Amount.Length(bed.Height)}",
            Parts = parts,
            Joints = [new("Planks to posts", "course-1", "post", WoodScrew.For(bed.Thick).Goods, 2 * bed.Posts * bed.Courses.Count), new("Corners, plank to plank", "course-1", "course-1", WoodScrew.For(bed.Thick).Goods, 8 * bed.Courses.Count)],
            Bays = [new("Soil", new TaperedBox(bed.InsideLength, bed.Width, bed.InsideLength, bed.Width, bed.Height), bed.Soil)],
            Foot = new OpenGround(),
            LoadPaths = Loads(bed, set, cast),
            Handling = new(Stuff.WoodDensity * cast["planks"].Sum(p => p.Length * p.Wide * p.Thin), BuiltInPlace: true),
            Stance = new BuiltIn(bed.Length * (bed.Width + 2 * bed.Thick)),
            Scene = () => Stand(bed, set),
            Operations = () => Steps(bed, set, cast),
            Reach = bed.Width / 2 + bed.Thick + PostThickness,
        };
    }

    /// <summary>How much longer than the bed is wide the end planks are asked for, m: by the thickest plank there is, up to 80 mm, on both sides.</summary>
    private static double Over(Chosen set)
    {
        const double Thickest = .08;
        var thick = Math.Min(set.Lead.Lots.Max(l => l.Thin), Thickest);
        return 2 * (set.Whole("corner") == 1 ? thick : thick - LeastThin);
    }

    private static int AtEnd(Chosen set) => Stuff.PostsAtEnd(set["width"], set["length"], set.Whole("posts"));

    private static List<LoadPath> Loads(Plan bed, Chosen set, Cast cast)
    {
        var n = set.Whole("posts") - 1;
        double spacing = Math.Max((bed.Length - PostThickness) / n, (bed.Width - PostThickness) / (AtEnd(set) - 1));
        var spans = Math.Min(n, AtEnd(set) - 1);
        List<LoadPath> paths = [.. SlattedWall.OfCourses(bed.Courses, i => $"course-{i + 1}", i => i == 0 ? "Planks of the ground course between posts" : $"Planks of course {i + 1} between posts", bed.Soil, spacing, spans)];
        paths.Add(DrivenPosts.OfWall("post", bed.Soil, spacing, spans, bed.Ties >= n - 1 && bed.Ties > 0, PostThickness, set["embed"], Piece.BoughtGrade, cast.Worn("posts")));
        if (bed.Ties > 0) paths.Add(new WireTie("tie", bed.Length / (bed.Ties + 1), bed.Ties + 1, bed.Soil, WireDiameter, 2));
        return paths;
    }

    private static Scene Stand(Plan bed, Chosen set)
    {
        double l = bed.Length / 2, w = bed.Width / 2, z = 0, thick = bed.Thick;
        var solids = new List<Solid>();
        foreach (var (course, i) in bed.Courses.Select((c, i) => (c, i)))
        {
            var (part, t, top) = ($"course-{i + 1}", course.Thickness, z + course.Height);
            // Planks lie against the posts, their outer faces in one plane; a lapped course lets the end planks run through.
            var through = bed.Lapped && i % 2 == 1;
            foreach (var side in (int[])[-1, 1])
            {
                double x = through ? l - thick : l, y = through ? w + thick : w + thick - t;
                solids.Add(Prism.Box(part, Ink.Wood, new(-x, side * (w + thick - t), z), new(x, side * (w + thick), top)));
                solids.Add(Prism.Box(part, Ink.Wood, new(side * (l - t), -y, z), new(side * l, y, top)));
            }

            z = top;
        }

        double high = set["height"] + .05, deep = -set["embed"], out_ = PostThickness / 2;
        foreach (var side in (int[])[-1, 1])
        {
            solids.AddRange(Stuff.Spread(set.Whole("posts"), bed.Length, out_).Select(x => Stuff.Post("post", x, side * (w + thick + out_), PostThickness, deep, high)));
            solids.AddRange(Stuff.Spread(AtEnd(set), bed.Width, out_).Select(y => Stuff.Post("post", side * (l + out_), y, PostThickness, deep, high)));
        }

        var at = bed.Soil / 3;
        solids.AddRange(Stuff.Spread(bed.Ties + 2, bed.Length, 0).Skip(1).SkipLast(1).Select(x => new Rod("tie", Ink.Line, [new(x, -w - thick, at), new(x, w + thick, at)], WireDiameter, WireDiameter)));
        solids.Add(new Skin("liner", Ink.Fabric, [.. Stuff.Around(l - thick - .002, w - .002, 0, z)], .001));
        solids.Add(Prism.Box(Parts.Soil, Ink.Soil, new(-l + thick + .003, -w + .003, .001), new(l - thick - .003, w - .003, bed.Soil)));
        return new(solids,
        [
            new("front", new(-l, -w, 0), new(-l, -w, z), .12, "height"), new("plan", new(-l, w + thick, 0), new(l, w + thick, 0), .14, "length"), new("plan", new(-l, -w, 0), new(-l, w, 0), .16, "width"),
            new("section", new(0, -w - thick, 0), new(0, -w - thick, z), .12, "height"), new("section", new(0, w + thick + .1, 0), new(0, w + thick + .1, deep), .06, "embed"),
        ]);
    }

    private static IReadOnlyList<Operation> Steps(Plan bed, Chosen set, Cast cast)
    {
        var planks = cast["planks"].Count;
        List<Operation> steps =
        [
            Op.SetOut(bed.Length, bed.Width + 2 * bed.Thick), Op.Denail(planks),
            Op.Cut("planks", "planks", planks, bed.Length) with { Words = $"Two of {Amount.Length(bed.Length)} and two of {Amount.Length(bed.Width)} for each course, as the cut plan has them; the thickest for the ground.{(bed.Lapped ? " Every other course runs through at the ends." : "")}" },
            Op.DrivePosts("posts", "post", bed.Posts, set["embed"], "to a line, upright, corner posts first."),
            new("courses", "Lay the courses", $"From the ground up, inside the posts, level; two screws through each plank into each post, drilled {Amount.Length(.004)} first.", 8 * planks, [Op.Bit(.004), "Screwdriver", "Level"], Op.Gloves, true, "drill", "lift") { SlowerWithSalvage = true, Places = [.. bed.Courses.Select((_, i) => $"course-{i + 1}")] },
        ];
        if (bed.Ties > 0) steps.Add(new("ties", "Tie the long walls across", $"{new Count(bed.Ties, "tie", "ties")}, {Amount.Length(bed.Soil / 3)} up: a loop of wire round a post on each side, twisted tight in the middle. Pull straight, not inwards.", 10 * bed.Ties, ["Pliers", "Side cutter"], Op.EyesAndGloves, false, "wire") { Places = ["tie"] });
        return [.. steps, Op.Line(set.Lead.MustLine), Op.Fill(bed.InsideLength * bed.Width * bed.Soil, bed.Height - bed.Soil, " Look along the long walls after each layer.")];
    }

    private sealed record Plan(Chosen Set, IReadOnlyList<Course> Courses)
    {
        public double Length => Set["length"];

        public double Width => Set["width"];

        /// <summary>As high as the courses come to.</summary>
        public double Height { get; } = Courses.Sum(c => c.Height);

        public double Thick { get; } = Courses.Max(c => c.Thickness);

        public double InsideLength => Length - 2 * Thick;

        public double Soil => Height - HeadSpace;

        public bool Lapped => Set.Whole("corner") == 1;

        public int Ties => Set.Whole("ties");

        public int Posts => 2 * Set.Whole("posts") + 2 * AtEnd(Set);
    }
}
