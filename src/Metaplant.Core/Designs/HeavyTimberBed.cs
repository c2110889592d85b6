using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// Whole baulks on edge on open ground, in one course or more, their corners butted or halved, held from outside by posts: even a heavy timber slides under wet soil. What was tarred or creosoted is refused wherever it comes from.
/// </summary>
public sealed class HeavyTimberBed : Design
{
    private const double HeadSpace = .03;
    private const double PostThickness = .05;
    private const double PostsRise = .05;
    private const double LeastInside = .30;
    private const double MostHeight = .9;

    /// <summary>Of wet wood, kg/m³, for what has to be lifted.</summary>
    private const double WetDensity = 800;

    public override string Id => "timber-bed";

    public override string Name => "Heavy-timber bed";

    public override string Summary => "A bed of whole baulks, butted or halved at the corners, with posts behind them.";

    public override Role Lead { get; } = new("timbers", "Baulks", Seat.BehindFilm, Form.Timber)
    {
        Carries = true,
        Counts = l => l.AsItIs,
        Together = (a, b) => Math.Abs(a.Thin - b.Thin) < .01 && Math.Abs(a.Wide - b.Wide) < .01 && a.Of.Thing.Substance == b.Of.Thing.Substance && Stuff.AsFit(a, b),
        Also = l => l.Thin < Stuff.Baulk ? (Sentence)$"Too thin for a wall of whole timbers: {Amount.Length(l.Thin)}, and {Amount.Length(Stuff.Baulk)} at least are wanted." : null,
    };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var most = Math.Max(.9, Math.Min(3.6, Math.Floor((lead.Lots.Max(l => l.Length) - .01) / .1) * .1));
        var courses = Setting.Courses(lead.Main.Wide, MostHeight);
        return
        [
            Setting.Even("long", "Long baulks", Unit.Metre, .80, most, .10, Math.Min(1.6, most), "What is left of each gives an end").Try(l => Math.Abs(l / .4 - Math.Round(l / .4)) < 1e-6 || l >= most - 1e-9),
            Setting.Even("short", "Short baulks", Unit.Metre, .50, Math.Min(1.4, most), .10, .70, $"An arm reaches {Amount.Length(.6)} from each side").TryAll(),
            new Setting("height", "Wall height", Unit.Metre, courses, courses[0].Value, "One course is a bed; each more costs as many baulks again").Try(h => h <= RetainedSoil.Flagged),
            new Setting("corner", "Corners", Unit.Count, [new(0, "butted"), new(1, "halved")], 0, "Butted takes two cuts to a baulk; halved ties the corners and takes four more"),
            Setting.Even("posts", "Posts along each long wall", Unit.Count, 2, 6, 1, 3, "Baulks slide: posts take all of the push").Least(),
            Setting.Even("embed", "Posts in the ground", Unit.Metre, .30, 1.00, .05, .55, "As deep as the ground asks").Least(),
        ];
    }

    public override Outcome<Demand> Ask(Chosen set)
    {
        var bed = new Plan(set);
        if (set["short"] > set["long"] + 1e-9) return new Problem("short", "The short ones are longer than the long ones.");
        if (Math.Min(bed.Inside.Length, bed.Inside.Width) < LeastInside) return new Problem("short", $"Baulks so thick leave too little between them: {Amount.Length(LeastInside)} at least are wanted.");
        return Demand.Of(
            Baulks("long", "Long baulks", set["long"]), Baulks("short", "Short baulks", set["short"]),
            new SticksNeeded("posts", Stuff.Posts, bed.Posts, bed.PostLength, PostThickness),
            new CoverNeeded("liner", Stuff.Liner(set.Lead), 2 * (bed.Inside.Length + bed.Inside.Width) + .15, bed.Height + .15));

        // Of the section of the lead, since they lie in one course.
        PiecesNeeded Baulks(string id, string name, double length) => new(id, Lead, 2 * bed.Courses, length, set.Lead.Lots.Min(l => l.Wide), set.Lead.Lots.Min(l => l.Thin)) { Name = name, Most = (set.Lead.Lots.Max(l => l.Wide), bed.Thick) };
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        IReadOnlyList<Piece> pieces = [.. cast["long"], .. cast["short"]];
        var bed = new Plan(set) { Thick = pieces.Max(p => p.Thin) };
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(bed.Inside.Length)} by {Amount.Length(bed.Inside.Width)} inside, {new Count(bed.Courses, "course", "courses")} to {Amount.Length(bed.Height)}",
            Parts =
            [
                new("long", "Long baulk", Form.Timber, 2 * bed.Courses, set["long"], bed.Course, bed.Thick, "long"), new("short", "Short baulk", Form.Timber, 2 * bed.Courses, set["short"], bed.Course, bed.Thick, "short"),
                new("post", "Post", Form.Pole, bed.Posts, bed.PostLength, PostThickness, PostThickness, "posts"), new("liner", "Liner of the walls", Form.Fabric, 1, 2 * (bed.Inside.Length + bed.Inside.Width), bed.Height, 0, "liner"),
            ],
            Joints =
            [
                new("Posts to baulks", "post", "long", WoodScrew.For(PostThickness).Goods, 2 * bed.Posts * bed.Courses),
                .. bed.Halved ? [new("Corners, halved", "long", "short", WoodScrew.All[^1].Goods, 4 * bed.Courses, LetIn: true)] : (Joint[])[],
            ],
            Bays = [new("Soil", new TaperedBox(bed.Inside.Length, bed.Inside.Width, bed.Inside.Length, bed.Inside.Width, bed.Height), bed.Soil)],
            Foot = new OpenGround(),
            LoadPaths =
            [
                // The lowest is pushed hardest.
                new SlattedWall("long", "Baulks on the ground, between posts", new(bed.Course, pieces.Min(p => p.Thin)), bed.Spacing, bed.Spans, pieces[0].Grade, pieces.Max(p => p.Condition), bed.Soil),
                DrivenPosts.OfWall("post", bed.Soil, bed.Spacing, bed.SpansOfPosts, tied: false, PostThickness, set["embed"], Piece.BoughtGrade, cast.Worn("posts")) with { Leans = false },
            ],
            Figures = [Stuff.ByItsWeight(bed.Thick, bed.Soil, Timbers.Get(set.Brief.Handbook, pieces[0].Grade).Density * Medium.Gravity * bed.Thick * bed.Height, "posts", set.Brief)],
            Handling = new(pieces.Sum(p => p.Length * p.Wide * p.Thin) * Stuff.WoodDensity, BuiltInPlace: true),
            Stance = new BuiltIn(bed.Outside.Length * bed.Outside.Width),
            Scene = () => Stand(bed, set),
            Operations = () => Steps(bed, set),
            Reach = bed.Inside.Width / 2 + bed.Thick + PostThickness,
        };
    }

    private static Scene Stand(Plan bed, Chosen set)
    {
        double x = bed.Outside.Length / 2, y = bed.Outside.Width / 2;
        var solids = new List<Solid>();
        for (var c = 0; c < bed.Courses; c++) solids.AddRange(bed.Halved ? HalvedCourse(bed, c * bed.Course) : ButtedCourse(bed, set, c));
        foreach (var side in (int[])[-1, 1])
        {
            solids.AddRange(Stuff.Spread(set.Whole("posts"), bed.Outside.Length, PostThickness / 2).Select(px => Stuff.Post("post", px, side * (y + PostThickness / 2), PostThickness, -set["embed"], bed.Height + PostsRise)));
            solids.AddRange(Stuff.Spread(bed.AtEnd, bed.Outside.Width, PostThickness / 2).Select(py => Stuff.Post("post", side * (x + PostThickness / 2), py, PostThickness, -set["embed"], bed.Height + PostsRise)));
        }

        double inX = bed.Inside.Length / 2, inY = bed.Inside.Width / 2;
        solids.Add(new Skin("liner", Ink.Fabric, [.. Stuff.Around(inX - .002, inY - .002, 0, bed.Height)], .001));
        solids.Add(Prism.Box(Parts.Soil, Ink.Soil, new(-inX + .003, -inY + .003, .001), new(inX - .003, inY - .003, bed.Soil)));
        return new(solids,
        [
            new("front", new(-x, -y, 0), new(-x, -y, bed.Height), .12, "height"), new("plan", new(-x, y, 0), new(x, y, 0), .14), new("plan", new(-x, -y, 0), new(-x, y, 0), .14),
            new("section", new(0, -y, 0), new(0, -y, bed.Height), .12, "height"), new("section", new(0, y + .1, 0), new(0, y + .1, -set["embed"]), .06, "embed"),
        ]);
    }

    private static IEnumerable<Solid> ButtedCourse(Plan bed, Chosen set, int course)
        => Pinwheel.Laid("long", "short", Ink.Wood, Pinwheel.Course(bed.Outside.Length, bed.Outside.Width, bed.Thick, (set["long"], set["short"]), course % 2 == 1), course * bed.Course, (course + 1) * bed.Course);

    /// <summary>Long ones keep the lower half of their ends, short ones the upper.</summary>
    private static IEnumerable<Solid> HalvedCourse(Plan bed, double z)
    {
        double x = bed.Outside.Length / 2, y = bed.Outside.Width / 2, t = bed.Thick, half = z + bed.Course / 2, top = z + bed.Course;
        foreach (var s in (int[])[-1, 1])
        {
            yield return Prism.Box("long", Ink.Wood, new(-x + t, s * y, z), new(x - t, s * (y - t), top));
            yield return Prism.Box("short", Ink.Wood, new(s * x, -y + t, z), new(s * (x - t), y - t, top));
            foreach (var e in (int[])[-1, 1])
            {
                yield return Prism.Box("long", Ink.Wood, new(e * x, s * y, z), new(e * (x - t), s * (y - t), half));
                yield return Prism.Box("short", Ink.Wood, new(s * x, e * y, half), new(s * (x - t), e * (y - t), top));
            }
        }
    }

    private static IReadOnlyList<Operation> Steps(Plan bed, Chosen set)
    {
        const double EachCut = 6, EachHalved = 15, EachLaid = 10;
        var pieces = 4 * bed.Courses;
        var people = Lifting.People(bed.Heaviest, set.Brief.Handbook);
        List<Operation> steps =
        [
            new("look", "Look and smell", "Black, sticky or smelling of tar: creosote, and not for any bed. Probe each end for rot; draw what is driven into it.", 5 * bed.Courses, ["Nail pincers"], Op.Gloves, false, "contents", "nails"),
            Op.SetOut(bed.Outside.Length, bed.Outside.Width, " Cut the ground level where the baulks lie, high places down and not low ones up."),
            Op.Cut("cut", "baulks", pieces, set["long"], EachCut) with { Cuts = ["long", "short"], Words = $"{2 * bed.Courses} of {Amount.Length(set["long"])} and {2 * bed.Courses} of {Amount.Length(set["short"])}, as the cut plan has them, turned over half way where the saw does not reach through." },
        ];
        if (bed.Halved) steps.Add(new("halve", $"Halve {new Count(2 * pieces, "end", "ends")}", $"Half the height, {Amount.Length(bed.Thick)} along: one cut across and one along each, {new Count(4 * pieces, "cut", "cuts")} in all. The long ones keep the lower half, the short ones the upper.", EachHalved * 2 * pieces, ["Hand saw", "Square"], Op.Saw, false, "saw") { SlowerWithSalvage = true });
        steps.Add(new(
            "courses", $"Lay {new Count(pieces, "baulk", "baulks")}",
            bed.Halved ? (Sentence)$"Long ones first, the short ones over their ends. {LiftWords(bed, people)}" : $"Each starts at a corner and butts against the side of the next; every other course the other way about. {LiftWords(bed, people)}",
            EachLaid * pieces, ["Level"], Op.Gloves, people != 1, "lift", "fingers")
        { Places = ["long", "short"] });
        steps.Add(Op.DrivePosts("posts", "post", bed.Posts, set["embed"], "upright, hard against the outer side, the outermost at the ends of each wall; two screws into each baulk."));
        return [.. steps, Op.Line(set.Lead.MustLine, "Hang it down the inside, tacked along the top, so that wet soil does not lie against the wood. The foot stays open."), Op.Fill(bed.Inside.Length * bed.Inside.Width * bed.Soil, HeadSpace, " Look along the long walls after each layer.")];
    }

    private static Sentence LiftWords(Plan bed, int? people) => people switch
    {
        1 => (Sentence)$"The heaviest weighs {Amount.Mass(bed.Heaviest)} wet.",
        { } n => (Sentence)$"The heaviest weighs {Amount.Mass(bed.Heaviest)} wet: {n} lift it.",
        null => (Sentence)$"The heaviest weighs {Amount.Mass(bed.Heaviest)} wet, too much for three: roll it on pipes, and set down one end at a time.",
    };

    private sealed record Plan(Chosen Set)
    {
        /// <summary>Of the thickest, as they lie there or as they were measured, m.</summary>
        public double Thick { get; init; } = Set.Lead.Lots.Max(l => l.Thin);

        public bool Halved => Set.Whole("corner") == 1;

        public int Courses => Math.Max(1, (int)Math.Round(Set["height"] / Set.Lead.Main.Wide));

        public double Height => Set["height"];

        public double Course => Height / Courses;

        public double Soil => Height - HeadSpace;

        public (double Length, double Width) Outside => Halved ? (Set["long"], Set["short"]) : (Set["long"] + Thick, Set["short"] + Thick);

        public (double Length, double Width) Inside => (Outside.Length - 2 * Thick, Outside.Width - 2 * Thick);

        public int AtEnd => Stuff.PostsAtEnd(Outside.Width - PostThickness, Outside.Length - PostThickness, Set.Whole("posts"));

        /// <summary>From post to post where they are farthest apart, m.</summary>
        public double Spacing => Math.Max((Outside.Length - PostThickness) / (Set.Whole("posts") - 1), (Outside.Width - PostThickness) / (AtEnd - 1));

        /// <summary>Spans of a baulk in the wall that has fewest.</summary>
        public int Spans => Math.Min(Set.Whole("posts"), AtEnd) - 1;

        /// <summary>Spans that decide how much more an inner post takes: most where a baulk runs over just two.</summary>
        public int SpansOfPosts => Set.Whole("posts") == 3 || AtEnd == 3 ? 2 : Math.Max(Set.Whole("posts"), AtEnd) - 1;

        public int Posts => 2 * Set.Whole("posts") + 2 * AtEnd;

        public double PostLength => Set["embed"] + Height + PostsRise;

        public double Heaviest => Set["long"] * Thick * Course * WetDensity;
    }
}
