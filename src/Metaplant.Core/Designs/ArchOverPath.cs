using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs;

/// <summary>
/// A row of alike arches of pipe, rod or fresh rods over a bed or a path, each lashed to a stake at both feet; slats along it from the crown outwards, strings over it to climb by, a diagonal on each side.
/// </summary>
public sealed class ArchOverPath : Design
{
    private const double Embed = .20;
    private const double StakeThick = .035, StakeAbove = .20;
    private const double SlatThick = .012, SlatOver = .06;
    private const double LineThick = .004, StringsApart = .30;

    /// <summary>Line for one lashing, and for the knots of a string or diagonal, m.</summary>
    private const double ForLashing = .8, ForKnots = .4;

    private const double ShortestArc = 1.4, LongestArc = 6.0;

    /// <summary>Arches lower than this are no use to climb, and a person under one wants so much.</summary>
    private const double LeastRise = .35, Headroom = 1.95;

    private static readonly Role Slats = new("slats", "Slats along it", Seat.AmongPlants, Form.Pole, Form.Cane, Form.Twig) { Buy = "stake" };

    public override string Id => "hoop-arch";

    public override string Name => "Hoop arch";

    public override string Summary => "Arches of pipe or rods over a bed or path, with slats and strings for climbers on both sides.";

    public override Role Lead { get; } = new("hoops", "Pipe or rods to bend", Seat.AmongPlants, Form.Pipe, Form.Rod, Form.Pole, Form.Twig) { Counts = l => l.Of.Thing.Kind is not Angle && (l.Form is Form.Pipe or Form.Rod || l.As<ISticks>() is not null), Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var most = Math.Clamp(Math.Floor((Longest(lead.Main) - 2 * Embed) / .2 + 1e-9) * .2, ShortestArc, LongestArc);
        var tube = lead.Main.Form == Form.Pipe;
        IReadOnlyList<Stop> arcs = Setting.Range(ShortestArc, most, .2), walls = tube ? [new(.001), new(.0015), new(.002), new(.003), new(.004)] : [new(0, "none, it is a rod")];
        return
        [
            new Setting("arc", "Bar above the ground", Unit.Metre, arcs, arcs[^1].Value, "As long as it is, less its feet") { Sizes = [.. arcs.Select(a => a.Value).Where((_, i) => (arcs.Count - 1 - i) % 2 == 0)] },
            Setting.Even("span", "From foot to foot", Unit.Metre, .60, 2.40, .10, 1.20, "The bed or the path below").TryThese(.80, 1.20, 1.60),
            Setting.Even("arches", "Arches", Unit.Count, 2, Math.Clamp(Most(lead, ShortestArc + 2 * Embed), 2, 8), 1, Math.Clamp(Most(lead, ShortestArc + 2 * Embed), 2, 3), "As many as the stuff gives") with { Sizes = [.. new[] { 3.0, 2 }.Where(n => n <= Most(lead, ShortestArc + 2 * Embed))] },
            Setting.Even("bay", "From arch to arch", Unit.Metre, .30, 1.20, .10, .60, "Closer arches share a gust") with { Sizes = [.60, .40] },
            new("level", "One foot stands higher by", Unit.Metre, [new(0, "level"), .. Setting.Range(.05, .40, .05)], 0, "Beside a raised bed; mark all of them alike"),
            new("wall", "Wall of the pipe", Unit.Metre, walls, tube ? lead.Main.Of.Thing.Substance.IsPlastic() ? .002 : .001 : 0, "Measure it at a cut end: it decides how strong it is"),
            new("bent", "Bent", Unit.Count, [new(0, "so that it springs"), new(1, "on a former")], OnFormer(lead.Main) ? 1 : 0, "Metal stays as it is bent; plastic and fresh rods spring"),
            new("slats", "Slats along it", Unit.Count, [new(1, "at the crown"), new(3), new(5), new(7)], 3, "From the crown outwards, alike on both sides"),
            new("walk", "Below it", Unit.Count, [new(0, "a bed"), new(1, "a path to walk under")], 0, $"A path wants {Amount.Length(Headroom)} of headroom"),
            Setting.Even("stakes", "Stakes in the ground", Unit.Metre, .30, 1.20, .05, .60, "Deep enough for a gust in full leaf").Least(),
        ];
    }

    public override double AtMost(Chosen set) => new Plan(set) is { Bends: true } row ? row.Arch.Rise + set["level"] : 0;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var row = new Plan(set);
        if (!row.Bends) return new Problem("span", $"A bar of {Amount.Length(set["arc"])} makes no arch over {Amount.Length(set["span"])}.");
        if (row.Arch.Rise < LeastRise) return new Problem("span", $"So flat it is no arch: {Amount.Length(row.Arch.Rise)} high, and {Amount.Length(LeastRise)} at least are wanted.");
        if (row.Bar.Diameter > set["span"] / 10) return new Problem("span", "So thick for its span it does not bend.");
        if (2 * set["wall"] > row.Bar.Diameter + 1e-9) return new Problem("wall", "The wall cannot be thicker than half of the pipe.");
        return Demand.Of(
            new SticksNeeded("hoops", Lead, row.Arches, row.Long, 0, Alike: true),
            new SticksNeeded("stakes", Stuff.FootPegs, 2 * row.Arches, set["stakes"] + StakeAbove, StakeThick) { Name = "Stakes at the feet" },
            new SticksNeeded("slats", Slats, row.Slats, row.SlatLong, SlatThick),
            new RunNeeded("line", Stuff.Twine, row.Line, LineThick, .008));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var row = new Plan(set) { Slat = cast["slats"].Max(s => s.Thin), Thinnest = cast["hoops"].Where(h => !h.Missing).Select(h => h.Thin).DefaultIfEmpty(Thick(set.Lead.Main)).Min() };
        var loads = new ArchRow("arch", "stake", "line", set["arc"], new(row.Arch, row.Span, row.Bay), row.Bar, row.StuffId, set.Whole("bent") == 1, StakeThick, set["stakes"], LineThick, row.DiagonalAngle, cast.Worn("hoops"));
        List<LoadPath> paths = [loads, new DrivenPosts("stake", b => new(0, loads.OnStake(b).Value), StakeAbove / 2, StakeThick, set["stakes"], Stuff.StickGrade, cast.Worn("stakes")) { Leans = false, Called = "Stakes", Pushed = "wind on the windward one", By = "the wind" }];
        if (set.Whole("walk") == 1) paths.Add(new RoomLeft("headroom", "arch", "Headroom over the path", Headroom, row.Crown, $"{Amount.Length(row.Crown)} under the crown, and leaves hang lower: nobody walks under it."));
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(row.Arches, "arch", "arches")} over {Amount.Length(row.Span)}, {Amount.Length(row.Crown)} high, {Amount.Length(row.RowLong)} long",
            Parts =
            [
                new("arch", "Arch", row.Main.Form, row.Arches, row.Long, row.Bar.Diameter, row.Bar.Diameter, "hoops"), new("stake", "Stake", Form.Pole, 2 * row.Arches, set["stakes"] + StakeAbove, StakeThick, StakeThick, "stakes"),
                new("slat", "Slat", Form.Pole, row.Slats, row.SlatLong, row.Slat, row.Slat, "slats"), new("line", "Strings and diagonals", Form.Line, row.Strings + 2, row.StringLong, LineThick, LineThick, "line"),
            ],
            Joints =
            [
                new("Feet to stakes", "arch", "stake", "lashing", 2 * row.Arches, LetIn: true), new("Slats to arches", "slat", "arch", "lashing", row.Slats * row.Arches, LetIn: true), new("Strings to slats", "line", "slat", "lashing", row.Strings, LetIn: true),
                new("Diagonals to arches", "line", "arch", "lashing", 4, LetIn: true), new("Diagonals to stakes", "line", "stake", "lashing", 0, LetIn: true), new("Strings across diagonals", "line", "line", "lashing", 0, LetIn: true),
            ],
            Climbing = new(2 * row.Strings, LineThick, row.Crown, Sum.Of("Along both sides of it", "2 (n − 1) b", [new("n", "arches", row.Arches, Unit.Count), new("b", "from arch to arch", row.Bay, Unit.Metre)], 2 * row.RowLong, Unit.Metre, "From the first arch to the last, both sides"), 1),
            Foot = new NoSoil(),
            LoadPaths = paths,
            Figures = Figures(row, set),
            Handling = new(row.Arches * ArchFrame.Weight(row.Long, row.Bar, Pipes.Get(set.Brief.Handbook, row.StuffId).Density) / Medium.Gravity, BuiltInPlace: true),
            Stance = new BuiltIn(row.Span * row.RowLong),
            Scene = () => Stand(row, set),
            Operations = () => Steps(row, set),
            Reach = row.Span / 2,
        };
    }

    private static double Thick(Lot lot) => lot.As<ISticks>()?.Butt ?? lot.Thin;

    private static double Longest(Lot lot) => lot.As<ISticks>() is { } s ? s.LengthOfLongest(2) : lot.Length;

    private static bool OnFormer(Lot lot) => lot.Of.Thing.Substance is Substance.Steel or Substance.ZincCoatedSteel;

    /// <summary>How many so long the lead gives.</summary>
    private static int Most(Lead lead, double length) => lead.Main is var lot && lot.As<ISticks>() is { } s ? s.CountOver(length) : lead.Thing.Thing.Count * lot.LengthsOf(length);

    private static Sentence? WhyNot(Lot lot)
    {
        var thing = lot.Of.Thing;
        if (Pipes.IdOf(thing.Substance, lot.Form == Form.Pipe) is null) return $"Nobody knows how {thing.Substance.Name()} bends and what it takes then.";
        if (thing.Shows(Findings.Cracked) || thing.Shows(Findings.RustThrough)) return "Cracked or rusted through, it breaks where it is bent.";
        if (Longest(lot) < ShortestArc + 2 * Embed) return $"Too short: {Amount.Length(Longest(lot))}, and {Amount.Length(ShortestArc + 2 * Embed)} at least make an arch.";
        return Most(new Lead([lot]), ShortestArc + 2 * Embed) < 2 ? (Sentence)$"One arch stands nowhere: two of {Amount.Length(ShortestArc + 2 * Embed)} are the least." : null;
    }

    private static IReadOnlyList<Sum> Figures(Plan row, Chosen set)
    {
        return
        [
            Sum.Of("Rise of an arch", "a = R θ, s = 2 R sin(θ/2), h = R (1 − cos(θ/2))", [new("a", "bar between its feet", set["arc"], Unit.Metre), new("s", "from foot to foot", row.Span, Unit.Metre), new("R", "radius", row.Arch.Radius!.Value, Unit.Metre)], row.Arch.Rise, Unit.Metre, "Circle through both feet", "What springs stands flatter at its feet"),
            Sum.Of("Path with headroom", "2 √(R² − (H − h + R)²)", [new("H", "wanted", Math.Min(Headroom, row.Crown), Unit.Metre), new("h", "rise", row.Arch.Rise, Unit.Metre)], row.Arch.WidthAt(Math.Max(0, Math.Min(Headroom, row.Crown) - set["level"])), Unit.Metre, "Circle through both feet"),
            Sum.Of("Line in all", "strings + diagonals + lashings", [new("strings", "over it", row.Strings * row.StringLong, Unit.Metre), new("diagonals", "one on each side", 2 * row.DiagonalLong, Unit.Metre), new("lashings", "of feet and slats", row.Lashings * ForLashing, Unit.Metre)], row.Line, Unit.Metre, "All of it is cut off in autumn or wound up"),
        ];
    }

    private static Scene Stand(Plan row, Chosen set)
    {
        var solids = new List<Solid>();
        double half = row.Span / 2, level = set["level"], d = row.Bar.Diameter;
        var curve = row.Arch.Curve(row.Span, 24);
        for (var i = 0; i < row.Arches; i++)
        {
            var x = row.ArchAt(i);
            // The lower foot stands straight up to the level of the higher; both go on into the ground.
            solids.Add(new Rod("arch", row.Ink, [new(x, -half, -Embed), .. level > 0 ? [new Point3(x, -half, 0)] : (Point3[])[], .. curve.Select(p => new Point3(x, p.X, level + p.Y)), new(x, half, level - Embed)], d, d));
            foreach (var side in (int[])[-1, 1])
            {
                var ground = side > 0 ? level : 0;
                double y = side * (half - (d + StakeThick) / 2 - .002);
                solids.Add(new Rod("stake", Ink.WoodEnd, [new(x, y, ground + StakeAbove), new(x, y, ground - set["stakes"])], StakeThick, StakeThick));
            }
        }

        var out_ = (d + row.Slat) / 2;
        foreach (var (at, away) in row.SlatsAt)
            solids.Add(new Rod("slat", Ink.Stick, [new(-row.SlatLong / 2, at.X + away.X * out_, level + at.Y + away.Y * out_), new(row.SlatLong / 2, at.X + away.X * out_, level + at.Y + away.Y * out_)], row.Slat, row.Slat));
        for (var k = 0; k < row.Strings; k++)
        {
            var x = -row.RowLong / 2 + row.RowLong * (k + .5) / row.Strings;
            solids.Add(new Rod("line", Ink.Line, [new(x, -half, 0), .. curve.Where((_, i) => i % 3 == 0).Select(p => new Point3(x, p.X * (1 + out_ / row.Arch.Radius!.Value), level + p.Y + out_)), new(x, half, level)], LineThick, LineThick));
        }

        foreach (var side in (int[])[-1, 1])
        {
            var shoulder = curve[side < 0 ? 6 : 18];
            solids.Add(new Rod("line", Ink.Line, [new(row.ArchAt(0), side * half, side > 0 ? level + .02 : .02), new(row.ArchAt(row.Arches - 1), shoulder.X, level + shoulder.Y)], LineThick, LineThick));
        }

        double left = row.ArchAt(0);
        return new(solids,
        [
            new("side", new(left, -half, 0), new(left, half, 0), -.12, "span"), new("side", new(left, half + .1, 0), new(left, half + .1, row.Crown), -.10), new("front", new(row.ArchAt(0), -half, 0), new(row.ArchAt(1), -half, 0), -.10, "bay"),
            new("section", new(0, half, level), new(0, half, level - set["stakes"]), .08, "stakes"),
        ], SectionAt: left);
    }

    private static IReadOnlyList<Operation> Steps(Plan row, Chosen set)
    {
        var sticks = row.Main.As<ISticks>() is not null;
        var former = set.Whole("bent") == 1 ? new BentBar(row.Bar.Diameter, row.Arch.Radius!.Value, Pipes.Get(set.Brief.Handbook, row.StuffId)).FormerRadius : null;
        Sentence mark = $"A mark {Amount.Length(Embed)} from each end{(set["level"] > 0 ? (Sentence)$", {Amount.Length(Embed + set["level"])} at the lower one" : "")}: so deep goes every foot, and all crowns come out level.";
        List<Operation> steps =
        [
            new("cut", $"Cut {new Count(row.Arches, "bar", "bars")} of {Amount.Length(row.Long)}", sticks ? (Sentence)$"The most alike of the bundle, fresh, side shoots off. {mark}" : $"Alike to a finger’s breadth; ends filed smooth. {mark}", 5 * row.Arches, [sticks ? "Pruning saw" : "Fine saw", "Tape", "File"], Op.Gloves, false, sticks ? ["sticks"] : ["edges"]) { Cuts = ["hoops"], SlowerWithSalvage = true },
        ];
        if (former is { } radius) steps.Add(new("bend", "Bend them on a former", $"Blocks screwed to a board in an arc of {Amount.Length(radius)}, round which each is drawn slowly from its middle outwards; let go, it springs back to {Amount.Length(row.Arch.Radius!.Value)}. A pipe is filled with dry sand and stopped at both ends, or it creases. The first is the pattern for the rest.", 12 * row.Arches + 20, ["Drill", "Screwdriver"], Op.EyesAndGloves, true, "wire"));
        steps.AddRange(
        [
            new("mark", "Mark the feet", $"Two lines {Amount.Length(row.Span)} apart, feet every {Amount.Length(row.Bay)} along both, opposite each other; square when the diagonals agree.", 10, ["Line and pegs", "Tape"], []),
            Op.DriveStakes("stakes", "stake", 2 * row.Arches, set["stakes"], $"upright, just inside each foot, {Amount.Length(StakeAbove)} left standing out."),
            new("stand", "Stand the arches", $"One foot in to its mark, bent over slowly, the other in; each lashed to its stake with six turns. {(former is null ? "Hold the free end with both hands, face turned away: it springs." : "They stand by themselves.")}", 8 * row.Arches, ["Dibber bar", "Knife"], Op.EyesAndGloves, true, "ties") { Places = ["arch"] },
            new("slats", $"Lash on {new Count(row.Slats, "slat", "slats")}", $"The crown first, then one on each side at the same distance from it, and so on down: alike, so that nothing pulls it askew. From the top down one person does it alone.", 4 * row.Slats * row.Arches, ["Knife", "Step ladder"], []) { Places = ["slat"] },
            new("lines", $"Tie two diagonals and {new Count(row.Strings, "string", "strings")}", "Diagonals first, one on each side from the foot of the first arch to the shoulder of the last, tight. Strings over the slats from side to side, a loose turn round each.", 3 * row.Strings + 10, ["Knife"], [], false, "ties") { Places = ["line"] },
            new("plant", "Plant on both sides", "One to each string, outside the feet; leaves off and strings down before winter, for snow and gales are not counted.", 3 * row.Strings, ["Trowel"], []),
        ]);
        return steps;
    }

    private sealed record Plan(Chosen Set)
    {
        public Lot Main { get; } = Set.Lead.Main;

        public double Slat { get; init; } = SlatThick;

        /// <summary>The thinnest of its bars, which is what is reckoned with.</summary>
        public double Thinnest { get; init; } = Thick(Set.Lead.Main);

        public RoundBar Bar => new(Thinnest, Set["wall"] > 0 ? Set["wall"] : Thinnest / 2);

        public string StuffId => Pipes.IdOf(Main.Of.Thing.Substance, Main.Form == Form.Pipe)!;

        public Ink Ink => Main.As<ISticks>() is not null ? Ink.Stick : Main.Of.Thing.Substance.IsPlastic() ? Ink.Plastic : Ink.Metal;

        public double Span => Set["span"];

        public double Bay => Set["bay"];

        public int Arches => Set.Whole("arches");

        /// <summary>True where the bar is longer than its span, and not so long that its feet would meet.</summary>
        public bool Bends => Set["arc"] > Span * 1.02 && Span > Set["arc"] * .15;

        public HoopArch Arch => field ??= HoopArch.Of(Set["arc"], Span);

        /// <summary>Over the lower ground.</summary>
        public double Crown => Arch.Rise + Set["level"];

        public double Long => Set["arc"] + Set["level"] + 2 * Embed;

        public double RowLong => (Arches - 1) * Bay;

        public double ArchAt(int arch) => -RowLong / 2 + arch * Bay;

        public int Slats => Set.Whole("slats");

        public double SlatLong => RowLong + 2 * SlatOver;

        /// <summary>The crown, and pairs about it: where on the arch, and which way is out.</summary>
        public IEnumerable<((double X, double Y) At, (double X, double Y) Away)> SlatsAt => Enumerable.Range(0, Slats).Select(i =>
        {
            double r = Arch.Radius!.Value, angle = Arch.AngleDegrees * Math.PI / 180 * ((i + 1.0) / (Slats + 1) - .5);
            return ((r * Math.Sin(angle), Arch.Rise - r + r * Math.Cos(angle)), (Math.Sin(angle), Math.Cos(angle)));
        });

        public int Strings => Math.Max(1, (int)Math.Floor(RowLong / StringsApart + 1e-9));

        public double StringLong => Set["arc"] + Set["level"] + ForKnots;

        public double DiagonalLong => Math.Sqrt(RowLong * RowLong + Arch.Rise * Arch.Rise) + ForKnots;

        /// <summary>Of a diagonal, over the ground.</summary>
        public double DiagonalAngle => Math.Atan2(Arch.Rise * .8, RowLong);

        public int Lashings => 2 * Arches + Slats * Arches;

        public double Line => Strings * StringLong + 2 * DiagonalLong + Lashings * ForLashing;
    }
}
