using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// Any vessel with a closed foot, drilled between packers and stood on them: a tub or basin, a drum cut down upright, a lined crate.
/// </summary>
public sealed class DrilledTub : IDesign
{
    private const double UsualPacker = .045;
    private const double HeadSpace = .03;
    private const int MostPackers = 10;

    /// <summary>Clear floor between two packers, m: half of it, beyond the last one, still takes the largest hole and its webs.</summary>
    private const double LeastBay = .070;

    /// <summary>A foot smaller than this is a pot's, m: there is no room for holes beside packers.</summary>
    private const double LeastFoot = .12;

    /// <summary>Width of a packer under a foot too small for two usual ones and the holes between them, over the length of the foot.</summary>
    private const double NarrowPacker = .15;

    /// <summary>Thinnest packer worth cutting, m.</summary>
    private const double ThinnestPacker = .01;

    public string Id => "drilled-tub";

    public string Name => "Drilled tub";

    public string Summary => "One vessel, drilled all over its foot and raised on packers: tub, cut-down drum or lined crate.";

    public (IReadOnlyList<Source> Sources, IReadOnlyList<NoSource> Others) Find(Heap heap)
    {
        var vessels = heap.Things.Where(t => t.Thing.Measures is IVessel).Select(t => (Thing: t, Why: WhyNot(t))).ToList();
        return (
            [.. vessels.Where(v => v.Why is null).Select(v => new Source([v.Thing]))],
            [.. vessels.Where(v => v.Why is not null).Select(v => new NoSource(v.Thing, v.Why!, false))]);
    }

    public IReadOnlyList<Parameter> Parameters(Source source)
    {
        var vessel = Of(source);
        var height = vessel.Inside.Height;
        var foot = vessel.Inside.SectionAt(0).Length;
        var most = MostFor(foot);
        // No larger than what goes in beside the outer packers.
        List<Stop> holes = [.. new[] { .008, .010, .012, .016, .020, .025 }.Where(d => d + 2 * ClosedFloor.EdgeWeb <= (foot / most - WidthFor(foot)) / 2 + 1e-9).Select(d => new Stop(d))];
        var first = vessel.CutDownTo is { } least
            ? new Parameter("height", "Cut down to", Unit.Metre, WithLast(Parameter.Range(least, height, .05), height), Math.Min(height, .45), "Deep enough for most roots, low enough to fill cheaply")
            : new Parameter("soil", "Soil level", Unit.Metre, WithLast(Parameter.Range(Math.Min(.08, height / 2), height - Head(height), .02), height - Head(height)), height - Head(height), "As full as leaves room to water");
        return
        [
            first,
            new("hole", "Hole", Unit.Metre, holes, holes.Any(h => h.Value == .010) ? .010 : holes[^1].Value, "A bit most people own"),
            new("pad", "Coarse pad over each hole", Unit.Metre, [new(0, "none"), new(.060), new(.100)], .060, "A handful of crock or stone saves half the holes"),
            new("packers", "Packers under it", Unit.Count, Parameter.Range(2, most, 1), Math.Min(3, most), "Two carry it; thin floors want more"),
            new("raise", "Raised off the ground", Unit.Metre, [new(0, "flat on the ground"), new(.02), new(.04), new(.05), new(.06), new(.075), new(.10)], .05, "Water must run away freely below"),
            new("wall", "Where it stands", Unit.Count, [new(0, "by itself"), new(1, "against a wall")], 0, "What is narrow and light tips when somebody leans on it"),
        ];
    }

    public IEnumerable<Settings> Sizes(Source source, Brief brief)
    {
        var parameters = Parameters(source);
        var defaults = Settings.Defaults(parameters);
        if (parameters[0].Id == "height") return parameters[0].Stops.Select(s => Stood(source, defaults.With("height", s.Value), brief));
        // Full, and the highest level at which the walls need no test, where that is not much less.
        var full = parameters[0].Stops[^1].Value;
        var certain = parameters[0].Stops.Reverse().FirstOrDefault(s => Verdicts.Worst([.. Wall(new(source.Main, Of(source), defaults.With("soil", s.Value), brief)).Work(brief)]) <= Verdict.Tight);
        return (certain is { } c && c.Value < full && c.Value >= full / 2 ? [full, c.Value] : new[] { full }).Select(soil => Stood(source, defaults.With("soil", soil), brief));
    }

    public Outcome<Blueprint> Draft(Source source, Settings settings, Brief brief)
    {
        var tub = new Plan(source.Main, Of(source), settings, brief);
        if (tub.Soil < .05) return new Problem(tub.Vessel.CutDownTo is null ? "soil" : "height", "Too shallow to hold soil.");
        var level = tub.Inside.SectionAt(tub.Soil);
        return new Blueprint
        {
            DesignId = Id,
            Size = tub.Vessel.CutDownTo is null ? $"{tub.Inside.VolumeTo(tub.Soil) * 1000:0} litres" : $"cut down to {tub.Inside.Height * 1000:0} mm",
            Parts = Parts(tub),
            Needs = Needs(tub),
            Fill = [new("Soil", tub.Inside, tub.Soil)],
            Planting = level,
            Foot = tub.Floor,
            LoadPaths = Shells(tub),
            Handling = new(tub.EmptyMass, BuiltInPlace: false),
            Stance = tub.Stance,
            Draw = () => TubDrawing.Views(tub),
            Section = new(-tub.Inside.SectionAt(tub.Soil / 2).Length / 2, tub.Inside.SectionAt(tub.Soil / 2).Length / 2, tub.Raise, tub.Soil),
            Operations = () => TubSteps.Of(tub),
            Reach = Math.Min(level.Length, level.Width) / 2,
        };
    }

    /// <summary>The tub fixed in all its measures.</summary>
    internal sealed record Plan(HeapThing Source, IVessel Vessel, Settings Settings, Brief Brief)
    {
        public Vessel Inside { get; } = Vessel.CutDownTo is null ? Vessel.Inside : Vessel.CutAt(Settings["height"]);

        public double Soil => Vessel.CutDownTo is null ? Settings["soil"] : Inside.Height - Head(Inside.Height);

        public double Raise => Settings["raise"];

        public double Hole => Settings["hole"];

        public Outline Foot => field ??= Inside.SectionAt(0);

        /// <summary>Where the packers lie across the length: evenly, half as far from the ends as from each other. Flat on the ground there are none.</summary>
        public IReadOnlyList<double> Packers => field ??= Raise == 0 ? [] : [.. Enumerable.Range(0, Settings.Whole("packers")).Select(i => ((i + .5) / Settings.Whole("packers") - .5) * Foot.Length)];

        public double PackerLength => Foot.Width;

        public double PackerWidth => WidthFor(Foot.Length);

        /// <summary>Height of a packer, m.</summary>
        public double PackerHeight => Math.Max(Raise, ThinnestPacker);

        /// <summary>The widest stretch of floor between two packers, middle to middle. Beyond the last the wall holds the edge up.</summary>
        public double FloorSpan => Foot.Length / Settings.Whole("packers");

        /// <summary>The radius in m that with the pressure at the foot gives the greatest stretch of the wall at any height: a tub that flares is wider where the pressure is less.</summary>
        public double HoopRadius => Enumerable.Range(0, 8).Max(i => (1 - i / 8.0) * Inside.SectionAt(Soil * i / 8).Length / 2);

        public ClosedFloor Floor => field ??= new(Foot, Hole, Settings["pad"], Raise, Inside.AreaAt(Soil) / Inside.BaseArea, Vessel.NeedsLiner, Packers, PackerWidth);

        public HoleGrid Holes => field ??= Floor.Holes(Brief);

        public Shell? Shell => field ??= Shell.Of(Source.Thing, Vessel.Wall, Inside.Height, Brief.Handbook);

        public bool Lined => Vessel.NeedsLiner || Source.Judgement.MustLine;

        public double EmptyMass
        {
            get
            {
                var density = Source.Thing.Substance.Shell() is { } shell ? Brief.Handbook[shell + ".density"] : 500;
                var sides = (Foot.Perimeter + Inside.SectionAt(Inside.Height).Perimeter) / 2 * Inside.Height;
                return (sides + Inside.BaseArea) * Vessel.Wall * density;
            }
        }

        public OnFeet Stance
        {
            get
            {
                var rim = Inside.SectionAt(Inside.Height);
                var body = (Math.Max(rim.Length, Foot.Length), Math.Max(rim.Width, Foot.Width), Inside.Height + Raise);
                return Packers.Count == 0
                    ? new(Foot.Length, Foot.Width, body, Inside.BaseArea, "vessel", Settings.Whole("wall") == 1)
                    : new(Packers[^1] - Packers[0] + PackerWidth, PackerLength, body, Packers.Count * PackerWidth * PackerLength, "packer", Settings.Whole("wall") == 1);
            }
        }
    }

    private static IVessel Of(Source source) => (IVessel)source.Main.Thing.Measures;

    private static double Head(double height) => Math.Min(HeadSpace, height / 4);

    private static int MostFor(double length) => Math.Clamp((int)(length / (UsualPacker + LeastBay) + 1e-9), 2, MostPackers);

    private static double WidthFor(double length) => length >= 2 * (UsualPacker + LeastBay) - 1e-9 ? UsualPacker : NarrowPacker * length;

    private static IReadOnlyList<Stop> WithLast(IReadOnlyList<Stop> stops, double last) => stops[^1].Value < last - 1e-6 ? [.. stops, new(last)] : stops;

    private static string? WhyNot(HeapThing vessel)
    {
        if (vessel.Judgement.Fitness >= Fitness.StructureOnly) return vessel.Judgement.Reasons[0].Sentence;
        if (!vessel.Judgement.MayCut) return "It may not be drilled or cut.";
        if (vessel.Thing.Measures is IVessel { WallKind: not VesselWall.Boards } && vessel.Thing.Substance.Shell() is null) return $"Nobody knows how strong {vessel.Thing.Substance.Name()} is when it stays wet.";
        if (vessel.Thing.Measures is IVessel { WallKind: VesselWall.Boards } && vessel.Thing.Substance.Grade() is null) return "Nothing is known of the strength of its boards.";
        if (((IVessel)vessel.Thing.Measures).Inside.SectionAt(0) is var foot && Math.Min(foot.Length, foot.Width) < LeastFoot) return "A pot, too small to be drilled and stood on packers.";
        return vessel.Free == 0 ? vessel.SpokenFor : null;
    }

    /// <summary>On the fewest packers that do, and against a wall where it would tip by itself.</summary>
    private static Settings Stood(Source source, Settings settings, Brief brief)
    {
        var packed = WithPackers(source, settings, brief);
        var free = new DrilledTub().Draft(source, packed, brief);
        return free.Ok && Assessing.HoldAssessor.Assess(free.Value, brief).Checks.Any(c => c.Id == "tipping" && c.Verdict == Verdict.Fails) ? packed.With("wall", 1) : packed;
    }

    /// <summary>The fewest packers on which the floor holds and that the ground carries; where no sum tells of the floor, as close as practice has them under a thin one.</summary>
    private static Settings WithPackers(Source source, Settings settings, Brief brief)
    {
        var most = MostFor(Of(source).Inside.SectionAt(0).Length);
        Plan At(int n) => new(source.Main, Of(source), settings.With("packers", n), brief);
        var all = Enumerable.Range(2, most - 1).Select(At).ToList();
        var least = all.FindIndex(p => Verdicts.Worst([.. Bottom(p).Work(brief)]) <= Verdict.Tight);
        if (least < 0) least = all.FindIndex(p => p.FloorSpan <= brief.Handbook[Practice.ThinFloorSpan]);
        if (least < 0) least = all.Count - 1;
        var one = all[0];
        var weight = (brief.Medium.SaturatedDensity * one.Inside.VolumeTo(one.Soil) + one.EmptyMass) * Medium.Gravity;
        var carried = (int)Math.Ceiling(weight / (one.PackerWidth * one.PackerLength * brief.Handbook[brief.BearingId]));
        return settings.With("packers", Math.Clamp(Math.Max(least + 2, carried), 2, most));
    }

    /// <summary>The ways in which the vessel itself carries the soil. Flat on the ground its floor carries nothing.</summary>
    internal static IReadOnlyList<LoadPath> Shells(Plan tub) => tub.Packers.Count == 0 ? [Wall(tub)] : [Wall(tub), Bottom(tub)];

    private static FloorOnPackers Bottom(Plan tub)
    {
        var spans = tub.Settings.Whole("packers") - 1;
        var net = tub.Floor.Pierced ? 1 : tub.Floor.Net(tub.Brief);
        return tub.Shell is { } shell
            ? new ShellFloor("floor", tub.FloorSpan, spans, tub.Soil, net, shell)
            : new BoardFloor("floor", tub.FloorSpan, spans, tub.Vessel.Wall, tub.Soil, net, tub.Source.Thing.Substance.Grade()!, tub.Source.Thing.Condition);
    }

    private static LoadPath Wall(Plan tub)
    {
        var middle = tub.Inside.SectionAt(tub.Soil / 2);
        return tub.Vessel.WallKind switch
        {
            VesselWall.Hoop => new HoopWall("vessel", tub.HoopRadius, tub.Soil, tub.Shell!),
            VesselWall.Plate => new PlateWall("vessel", tub.Vessel.LongestSide(tub.Soil / 2), tub.Inside.Height, tub.Soil, tub.Shell!),
            VesselWall.Boards => new SlattedWall("vessel", "Lowest side board", new(((CrateMeasures)tub.Vessel).BoardHeight, tub.Vessel.Wall), middle.Length, 1, tub.Source.Thing.Substance.Grade()!, tub.Source.Thing.Condition, tub.Soil),
            _ => throw new InvalidOperationException($"Unknown wall {tub.Vessel.WallKind}."),
        };
    }

    private static List<Part> Parts(Plan tub)
    {
        var rim = tub.Inside.SectionAt(tub.Inside.Height);
        List<Part> parts = [new("vessel", tub.Source.Thing.Kind.Name, Form.Vessel, 1, rim.Length, rim.Width, tub.Inside.Height)];
        if (tub.Packers.Count > 0) parts.Add(new("packer", "Packer", Form.Timber, tub.Packers.Count, tub.PackerLength, tub.PackerWidth, tub.PackerHeight));
        return parts;
    }

    private static List<Need> Needs(Plan tub)
    {
        List<Need> needs = [new ThingsNeeded("vessel", tub.Source.Thing.Name, Seat.InSoil, [(tub.Source.Thing.Id, 1)])];
        if (tub.Packers.Count > 0) needs.Add(new PiecesNeeded("packers", "Packers", tub.Packers.Count, tub.PackerLength, Math.Min(.04, tub.PackerWidth), tub.PackerHeight, Seat.Clear, "timber") { Exact = tub.PackerHeight });
        if (tub.Lined)
        {
            var rim = tub.Inside.SectionAt(tub.Inside.Height);
            needs.Add(new SheetNeeded("liner", tub.Source.Judgement.MustLine ? "Liner of film, folded up the sides" : "Liner, folded up the sides", rim.Length + 2 * tub.Inside.Height + .1, rim.Width + 2 * tub.Inside.Height + .1, tub.Source.Judgement.MustLine ? Sheeting.Film : Sheeting.Either, "film"));
        }

        if (tub.Source.Thing.Shows(Findings.Cracked)) needs.Add(new GoodsNeeded("plates", "Repair plates with bolts", 2, "plate"));
        needs.Add(new SoilNeeded("soil", $"{tub.Brief.Medium.Name}, with what it settles", tub.Inside.VolumeTo(tub.Soil) * tub.Brief.Handbook[Practice.SoilOverPlaced], tub.Brief.Medium.Id));
        return needs;
    }
}
