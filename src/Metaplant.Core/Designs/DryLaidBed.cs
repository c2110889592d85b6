using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// Found bricks, blocks or stones laid dry in courses round a bed, on a strip of gravel, leaning back a little against the soil and held by their weight. Every other course is turned the other way about, so that its joints cross those below.
/// </summary>
public sealed class DryLaidBed : Design
{
    private const double HeadSpace = .03;

    /// <summary>The trench of gravel reaches so far past the wall on each side, m.</summary>
    private const double BasePast = .05;

    private const double MostHeight = .9;
    private const double LeastCourse = .04;
    private const double LeastInside = .25;

    /// <summary>A stone of the coping hangs over no farther than this on each side, m: it must not tip when somebody leans on it.</summary>
    private const double MostOverhang = .06;

    /// <summary>Joints lie at least this part of a piece from those below, or the wall is two walls.</summary>
    private const double LeastBond = .25;

    private static readonly double[] Counts = [2, 3, 4, 5, 7, 9, 12, 16, 22, 30];
    private static readonly Role Gravel = new("base", "Gravel under the wall", Seat.Clear, Form.Fill) { Buy = "soil-coarse-gravel", Worked = false };

    public override string Id => "dry-wall-bed";

    public override string Name => "Dry-laid wall bed";

    public override string Summary => "A bed within a low wall of found bricks, blocks or stones, laid without mortar.";

    public override Role Lead { get; } = new("blocks", "Bricks, blocks or stones", Seat.BehindFilm, Form.Block)
    {
        Of = s => Masonry.Row(s, least: true) is not null,
        Together = (a, b) => Alike(a.As<BlockMeasures>()!, b.As<BlockMeasures>()!) && a.Of.Thing.Substance == b.Of.Thing.Substance && Stuff.AsFit(a, b),
        Also = l => WhyNot(l.As<BlockMeasures>()!),
    };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var m = Of(lead);
        var pieces = lead.Lots.Sum(l => l.Pieces);
        int most = Math.Clamp(pieces / 2 - 2, 3, 30), across = Math.Clamp(most, 2, Math.Max(2, (int)Math.Floor(1.5 / m.Length)));
        var courses = Setting.Courses(m.Height, MostHeight);
        return
        [
            Setting.Even("long", "Pieces along", Unit.Count, 2, most, 1, Math.Min(4, most), "As many as there are").Try(Counts.Contains),
            Setting.Even("wide", "Pieces across", Unit.Count, 2, across, 1, Math.Min(3, across), "An arm must reach the middle").Try(Counts.Contains),
            new Setting("height", "Wall height", Unit.Metre, courses, courses.MinBy(c => Math.Abs(c.Value - .2))!.Value, "Low walls stand; height costs far more than length") { Sizes = [.. Spread(courses)] },
            new Setting("batter", "Leans back", Unit.One, [new(0, "upright"), new(1 / 12.0, "one in 12"), new(1 / 8.0, "one in 8"), new(1 / 6.0, "one in 6")], 1 / 8.0, "What leans back is pushed less"),
            Setting.Even("base", "Gravel under it", Unit.Metre, 0, .15, .05, .05, "Lets water away and comes level; none on firm ground"),
            new Setting("coping", "Coping", Unit.Count, [new(0, "none"), new(1, "a row laid across")], 0, "Ties the top together; it costs another row"),
        ];
    }

    public override double AtMost(Chosen set)
    {
        var m = Of(set.Lead);
        return 1000 * set["long"] * m.Length * set["wide"] * m.Length * set["height"];
    }

    public override Outcome<Demand> Ask(Chosen set)
    {
        var bed = new Plan(set);
        if (bed.Coping && bed.Overhang > MostOverhang) return new Problem("coping", $"Pieces so long hang over by {Amount.Length(bed.Overhang)} on each side and tip: no coping of these.");
        if (Math.Min(bed.Top.Length, bed.Top.Width) < LeastInside) return new Problem("wide", $"Too narrow inside: {Amount.Length(LeastInside)} at least are wanted at the top.");
        return Demand.Of(
            new WholeNeeded("blocks", Lead, bed.Pieces + bed.CopingPieces),
            bed.Base == 0 ? null : new FillNeeded("base", Gravel, bed.GravelVolume, [("grit", 1)]),
            new CoverNeeded("liner", Stuff.Liner(set.Lead), 2 * (bed.Inside.Length + bed.Inside.Width) + .15, bed.Height + .15));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var bed = new Plan(set);
        var substance = set.Lead.Thing.Thing.Substance;
        List<Part> parts = [new("block", "Piece of the wall", Form.Block, bed.Pieces, bed.Stone.Length, bed.Stone.Width, bed.Stone.Height, "blocks"), new("liner", "Liner behind the joints", Form.Fabric, 1, 2 * (bed.Inside.Length + bed.Inside.Width), bed.Height, 0, "liner")];
        if (bed.Coping) parts.Add(new("coping", "Piece of the coping", Form.Block, bed.CopingPieces, bed.Stone.Length, bed.Stone.Width, bed.Stone.Height, "blocks"));
        if (bed.Base > 0) parts.Add(new("base", "Gravel", Form.Fill, 1, bed.Round, bed.Stone.Width + 2 * BasePast, bed.Base, "base"));
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(bed.Inside.Length)} by {Amount.Length(bed.Inside.Width)} inside, {new Count(bed.Courses, "course", "courses")} to {Amount.Length(bed.Height)}",
            Parts = parts,
            Bays = [new("Soil", bed.Space, bed.Soil)],
            Foot = new OpenGround(),
            LoadPaths = [new DryWall("block", bed.Stone.Width, bed.Height, bed.Soil, bed.Batter, Masonry.Row(substance, least: true)!, set.Lead.MustLine)],
            Figures = [bed.Bond],
            Handling = new((bed.Pieces + bed.CopingPieces) * Heavy(set, bed), BuiltInPlace: true),
            Stance = new BuiltIn(bed.Outside(0).Length * bed.Outside(0).Width),
            Scene = () => Stand(bed),
            Operations = () => Steps(bed, set),
            Reach = bed.Inside.Width / 2 + bed.Stone.Width,
        };
    }

    private static Sentence? WhyNot(BlockMeasures block)
    {
        if (block.Height < LeastCourse) return $"Too thin to lay a wall of: {Amount.Length(block.Height)}, and {Amount.Length(LeastCourse)} at least are wanted.";
        return Pinwheel.Bond(block.Width, block.Length) < LeastBond * block.Length - 1e-9 ? "Joints would stand one above another: to cross them a piece is from a quarter to three quarters as wide as it is long." : null;
    }

    private static BlockMeasures Of(Lead lead) => lead.Main.As<BlockMeasures>()!;

    private static bool Alike(BlockMeasures a, BlockMeasures b) => Math.Abs(a.Length - b.Length) < .006 && Math.Abs(a.Width - b.Width) < .006 && Math.Abs(a.Height - b.Height) < .006;

    /// <summary>The most that one piece may weigh, kg.</summary>
    private static double Heavy(Chosen set, Plan bed) => set.Brief.Handbook[Masonry.Row(set.Lead.Thing.Thing.Substance, least: false)!] / Medium.Gravity * bed.Stone.Length * bed.Stone.Width * bed.Stone.Height;

    /// <summary>Heights worth trying: those nearest to 0.15, 0.3, 0.45 and 0.6 m, none over what is flagged where there is one.</summary>
    private static IEnumerable<double> Spread(IReadOnlyList<Stop> courses)
    {
        var low = courses.Where(c => c.Value <= RetainedSoil.Flagged).DefaultIfEmpty(courses[0]).ToList();
        return new[] { .15, .3, .45, .6 }.Select(h => low.MinBy(c => Math.Abs(c.Value - h))!.Value).Distinct();
    }

    private static Scene Stand(Plan bed)
    {
        var solids = new List<Solid>();
        var h = bed.Course;
        for (var c = 0; c < bed.Courses; c++)
        {
            var (length, width) = bed.Outside(c);
            solids.AddRange(Pinwheel.Laid("block", "block", Ink.WoodEnd, Pinwheel.Course(length, width, bed.Stone.Width, (bed.Stone.Length, bed.Stone.Length), c % 2 == 1), c * h, (c + 1) * h));
        }

        if (bed.Coping)
        {
            var (x, y) = bed.CopingRun;
            solids.AddRange(Pinwheel.Laid("coping", "coping", Ink.WoodEnd, Pinwheel.Course(x + bed.Stone.Length, y + bed.Stone.Length, bed.Stone.Length, (x / bed.Across(x), y / bed.Across(y)), false), bed.Height, bed.Height + h));
        }

        if (bed.Base > 0)
        {
            var (length, width) = bed.Outside(0);
            double wide = bed.Stone.Width + 2 * BasePast;
            solids.AddRange(Pinwheel.Laid("base", "base", Ink.Metal, Pinwheel.Course(length + 2 * BasePast, width + 2 * BasePast, wide, (length, width), false), -bed.Base, 0));
        }

        var soil = 2 * bed.Batter * bed.Soil;
        solids.Add(new Skin("liner", Ink.Fabric, [.. Stuff.Around(bed.Inside.Length / 2 - .001, bed.Inside.Width / 2 - .001, 0, bed.Height, bed.Batter * bed.Height)], .001));
        solids.Add(new Vat(Parts.Soil, Ink.Soil, new(0, 0, .001),
            [new(new RectangleOutline(bed.Inside.Length - .006, bed.Inside.Width - .006).ToPolygon(), 0), new(new RectangleOutline(bed.Inside.Length - soil - .006, bed.Inside.Width - soil - .006).ToPolygon(), bed.Soil)], []));
        double outX = bed.Outside(0).Length / 2, outY = bed.Outside(0).Width / 2;
        return new(solids,
        [
            new("front", new(-outX, -outY, 0), new(-outX, -outY, bed.Height), .12, "height"), new("plan", new(-outX, outY, 0), new(outX, outY, 0), .12), new("plan", new(-outX, -outY, 0), new(-outX, outY, 0), .12),
            new("section", new(0, -outY, 0), new(0, -outY, bed.Height), .12, "height"), new("section", new(0, outY + .1, 0), new(0, outY + .1, -bed.Base), .06, bed.Base > 0 ? "base" : null),
        ]);
    }

    private static IReadOnlyList<Operation> Steps(Plan bed, Chosen set)
    {
        var two = Lifting.People(Heavy(set, bed), set.Brief.Handbook) != 1;
        List<Operation> steps =
        [
            new("sort", "Sort them", "Put aside what is cracked through or crumbles; the broadest and heaviest for the ground course, the longest for the corners.", .5 * (bed.Pieces + bed.CopingPieces), [], Op.Gloves, false, "fingers"),
            Op.SetOut(bed.Outside(0).Length, bed.Outside(0).Width),
        ];
        if (bed.Base > 0) steps.Add(new("base", "Dig a strip and fill it with gravel", $"Round the line of the wall, {Amount.Length(bed.Stone.Width + 2 * BasePast)} wide and {Amount.Length(bed.Base)} deep, stamped in and level: {Amount.Volume(bed.GravelVolume)}.", 8 * bed.Round, ["Spade", "Level"], Op.Gloves, false, "services") { Places = ["base"] });
        steps.Add(new(
            "courses", $"Lay {new Count(bed.Courses, "course", "courses")}",
            $"{new Count(bed.PiecesIn(0), "piece", "pieces")} in the ground course. Each wall starts at a corner and butts against the side of the next; every other course the other way about, so that joints are crossed by {Amount.Length(bed.Lap)}.{bed.LeanWords} Pack each piece so that it does not rock.",
            1.5 * bed.Pieces + 3 * bed.Shortened, bed.Shortened > 0 ? ["Level", "Tape", "Club hammer and bolster"] : ["Level", "Tape"], Op.EyesAndGloves, two, "fingers", "lift")
        { Places = ["block"], SlowerWithSalvage = true });
        steps.Add(Op.Line(set.Lead.MustLine, $"Hang it down the inside as the wall rises, its upper edge under the top course{(set.Lead.MustLine ? "" : ", so that soil stays and water goes through the joints")}. The foot stays open."));
        if (bed.Coping) steps.Add(new("coping", $"Lay {new Count(bed.CopingPieces, "piece", "pieces")} across the top", "Side by side across the wall, as close as they go.", 1.5 * bed.CopingPieces, ["Level"], Op.Gloves, two, "fingers", "lift") { Places = ["coping"] });
        return [.. steps, Op.Fill(bed.Space.VolumeTo(bed.Soil), bed.Height - bed.Soil, " Behind each course as it is laid, firmed and not rammed. Look along the walls.")];
    }

    private sealed record Plan(Chosen Set)
    {
        public BlockMeasures Stone { get; } = Of(Set.Lead);

        public double Batter => Set["batter"];

        public double Base => Set["base"];

        public bool Coping => Set.Whole("coping") == 1;

        public int Courses => Math.Max(1, (int)Math.Round(Set["height"] / Stone.Height));

        /// <summary>As it was set, or as it came out with what is packed under the pieces.</summary>
        public double Height => Set["height"];

        /// <summary>From course to course, m.</summary>
        public double Course => Height / Courses;

        public double Soil => Height - HeadSpace;

        public (double Length, double Width) Inside => (Set.Whole("long") * Stone.Length - Stone.Width, Set.Whole("wide") * Stone.Length - Stone.Width);

        public (double Length, double Width) Top => (Inside.Length - 2 * Batter * Height, Inside.Width - 2 * Batter * Height);

        public TaperedBox Space => new(Top.Length, Top.Width, Inside.Length, Inside.Width, Height);

        public double Lap => Pinwheel.Bond(Stone.Width, Stone.Length);

        public double Overhang => (Stone.Length - Stone.Width) / 2;

        /// <summary>Round the wall along the middle of its thickness, m.</summary>
        public double Round => 2 * (Outside(0).Length + Outside(0).Width - 2 * Stone.Width);

        public double GravelVolume => Round * (Stone.Width + 2 * BasePast) * Base;

        public int Pieces => Enumerable.Range(0, Courses).Sum(PiecesIn);

        /// <summary>Pieces knocked shorter so that a course fits that steps in.</summary>
        public int Shortened => Enumerable.Range(0, Courses).Sum(c => Odd(Outside(c).Length) + Odd(Outside(c).Width));

        /// <summary>How long the rows of the coping are along the middle of the top course, m.</summary>
        public (double Long, double Wide) CopingRun => (Outside(Courses - 1).Length - Stone.Width, Outside(Courses - 1).Width - Stone.Width);

        public int CopingPieces => Coping ? 2 * (Across(CopingRun.Long) + Across(CopingRun.Wide)) : 0;

        public Sentence LeanWords => Batter == 0 ? (Sentence)"" : $" Step each in by {Amount.Length(Batter * Course)}; knock the last piece of a wall shorter where it does not come out.";

        public Sum Bond => Sum.Of("How far joints are crossed", "the lesser of b mod l and l − b mod l", [new("l", "length of a piece", Stone.Length, Unit.Metre), new("b", "its width", Stone.Width, Unit.Metre)], Lap, Unit.Metre, "Practice: a quarter of a piece at least");

        /// <summary>Pieces that lie side by side across a run.</summary>
        public int Across(double run) => Math.Max(1, (int)Math.Floor(run / Stone.Width + 1e-9));

        /// <summary>Outside of a course, from 0 at the ground, each stepped in by the batter.</summary>
        public (double Length, double Width) Outside(int course)
        {
            var in_ = 2 * Batter * Course * course;
            return (Set.Whole("long") * Stone.Length + Stone.Width - in_, Set.Whole("wide") * Stone.Length + Stone.Width - in_);
        }

        public int PiecesIn(int course) => Pinwheel.PiecesOf(Outside(course).Length, Outside(course).Width, Stone.Width, Stone.Length);

        private int Odd(double side)
        {
            var pieces = (side - Stone.Width) / Stone.Length;
            return Math.Abs(pieces - Math.Round(pieces)) > 1e-6 ? 2 : 0;
        }
    }
}
