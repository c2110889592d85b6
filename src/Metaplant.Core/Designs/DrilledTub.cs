using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// Any vessel with a closed foot, drilled on a grid and stood on packers: a tub or basin, a drum cut down upright, a lined crate.
/// </summary>
public sealed class DrilledTub : IDesign
{
    private const double HeadSpace = .03;
    private const double PackerWidth = .045;

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
        var first = vessel.CutDownTo is { } least
            ? new Parameter("height", "Cut down to", Unit.Metre, WithLast(Parameter.Range(least, height, .05), height), Math.Min(height, .45), "Deep enough for most roots, low enough to fill cheaply")
            : new Parameter("soil", "Soil level", Unit.Metre, WithLast(Parameter.Range(Math.Min(.08, height / 2), height - Head(height), .02), height - Head(height)), height - Head(height), "As full as leaves room to water");
        return
        [
            first,
            new("hole", "Hole", Unit.Metre, [new(.008), new(.010), new(.012), new(.016), new(.020), new(.025)], .010, "A bit most people own"),
            new("pad", "Coarse pad over each hole", Unit.Metre, [new(0, "none"), new(.060), new(.100)], .060, "A handful of crock or stone saves half the holes"),
            new("packers", "Packers under it", Unit.Count, Parameter.Range(2, 10, 1), 3, "Two carry it; thin floors want more"),
            new("raise", "Raised off the ground", Unit.Metre, [new(0, "flat on the ground"), new(.02), new(.04), new(.05), new(.06), new(.075), new(.10)], .05, "Water must run away freely below"),
        ];
    }

    public IEnumerable<Settings> Sizes(Source source, Brief brief)
    {
        var parameters = Parameters(source);
        var defaults = Settings.Defaults(parameters);
        if (parameters[0].Id == "height") return parameters[0].Stops.Select(s => WithPackers(source, defaults.With("height", s.Value), brief));
        // The highest soil level that the walls hold, or else the full tub, to show what fails.
        var holds = parameters[0].Stops.Reverse().FirstOrDefault(s => Verdicts.Worst([.. WallPath(new(source.Main, Of(source), defaults.With("soil", s.Value), brief)).Work(brief)]) < Verdict.Fails);
        return [WithPackers(source, defaults.With("soil", holds?.Value ?? parameters[0].Default), brief)];
    }

    public Outcome<Blueprint> Draft(Source source, Settings settings, Brief brief)
    {
        var tub = new Plan(source.Main, Of(source), settings, brief);
        return tub.Soil < .05
            ? new Problem("height", "Too shallow to hold soil.")
            : new Blueprint
            {
                DesignId = Id,
                Size = tub.Vessel.CutDownTo is null ? $"{tub.Inside.VolumeTo(tub.Soil) * 1000:0} litres" : $"cut down to {tub.Inside.Height * 1000:0} mm",
                Parts =
                [
                    new("vessel", source.Main.Thing.Kind.Name, Form.Vessel, 1, tub.Inside.SectionAt(tub.Inside.Height).Length, tub.Inside.SectionAt(tub.Inside.Height).Width, tub.Inside.Height),
                    new("packer", "Packer", Form.Timber, tub.Packers.Count, tub.PackerLength, PackerWidth, Math.Max(tub.Raise, .01)),
                ],
                Needs = Needs(tub),
                Fill = [new("Soil", tub.Inside, tub.Soil)],
                Planting = tub.Inside.SectionAt(tub.Soil),
                Foot = tub.Floor,
                LoadPaths = Paths(tub),
                Handling = new(tub.EmptyMass, BuiltInPlace: false),
                Draw = () => TubDrawing.Views(tub),
                Section = new(-tub.Inside.SectionAt(tub.Soil / 2).Length / 2, tub.Inside.SectionAt(tub.Soil / 2).Length / 2, tub.Raise, tub.Soil),
                Operations = () => TubSteps.Of(tub),
                Reach = Math.Min(tub.Inside.SectionAt(tub.Soil).Length, tub.Inside.SectionAt(tub.Soil).Width) / 2,
            };
    }

    /// <summary>The tub fixed in all its measures.</summary>
    internal sealed record Plan(HeapThing Source, IVessel Vessel, Settings Settings, Brief Brief)
    {
        public Vessel Inside { get; } = Vessel.CutDownTo is null ? Vessel.Inside : Vessel.CutAt(Settings["height"]);

        public double Soil => Vessel.CutDownTo is null ? Settings["soil"] : Inside.Height - Head(Inside.Height);

        public double Raise => Settings["raise"];

        public double Hole => Settings["hole"];

        public ClosedFloor Floor => new(Inside.SectionAt(0), Hole, Settings["pad"], Raise, Inside.AreaAt(Soil) / Inside.BaseArea, Vessel.NeedsLiner);

        public HoleGrid Holes => field ??= Floor.Holes(Brief);

        /// <summary>Where the packers lie across the length, off the columns of holes so that none is covered.</summary>
        public IReadOnlyList<double> Packers => field ??= PackerLines();

        public double PackerLength => Inside.SectionAt(0).Width;

        /// <summary>The widest stretch of floor without a packer: between two, or from the last to the wall, which holds the edge up.</summary>
        public double FloorSpan
        {
            get
            {
                var edge = Inside.SectionAt(0).Length / 2;
                var gaps = Packers.Zip(Packers.Skip(1), (a, b) => b - a);
                return gaps.Append(edge - Packers[^1]).Append(Packers[0] + edge).Max();
            }
        }

        /// <summary>What rust and wear have left of the wall.</summary>
        public double Left => Source.Thing.Shows(Findings.RustThrough) ? .6 : Source.Thing.Shows(Findings.RustSurface) || Source.Thing.Shows(Findings.Weathered) ? .8 : 1;

        public bool Lined => Vessel.NeedsLiner || Source.Judgement.MustLine;

        public double EmptyMass
        {
            get
            {
                var density = Source.Thing.Substance.Shell() is { } shell ? Brief.Handbook[shell + ".density"] : 500;
                var sides = (Inside.SectionAt(0).Perimeter + Inside.SectionAt(Inside.Height).Perimeter) / 2 * Inside.Height;
                return (sides + Inside.BaseArea) * Vessel.Wall * density;
            }
        }

        /// <summary>Packers spread evenly, each moved off the columns of holes by as little as clears them; left where it is when the holes are too close for any to be clear.</summary>
        private List<double> PackerLines()
        {
            var columns = Holes.Positions.Select(p => Math.Round(p.X, 6)).Distinct().Order().ToList();
            var clear = (PackerWidth + Hole) / 2 + .002;
            var length = Inside.SectionAt(0).Length;
            var reach = length / 2 - PackerWidth / 2;
            var beside = columns.SelectMany(c => (double[])[c - clear, c + clear]).Where(x => Math.Abs(x) <= reach && columns.TrueForAll(c => Math.Abs(x - c) >= clear - 1e-9)).ToList();
            var n = Settings.Whole("packers");
            return [.. Enumerable.Range(0, n).Select(i => Place((i + .5) * length / n - length / 2)).Distinct().Order()];

            double Place(double ideal)
            {
                var within = Math.Clamp(ideal, -reach, reach);
                return columns.TrueForAll(c => Math.Abs(within - c) >= clear) || beside.Count == 0 ? within : beside.MinBy(x => Math.Abs(x - within));
            }
        }
    }

    private static IVessel Of(Source source) => (IVessel)source.Main.Thing.Measures;

    private static double Head(double height) => Math.Min(HeadSpace, height / 4);

    private static IReadOnlyList<Stop> WithLast(IReadOnlyList<Stop> stops, double last) => stops[^1].Value < last - 1e-6 ? [.. stops, new(last)] : stops;

    private static string? WhyNot(HeapThing vessel)
    {
        if (vessel.Judgement.Fitness >= Fitness.StructureOnly) return vessel.Judgement.Reasons[0].Sentence;
        if (!vessel.Judgement.MayCut) return "It may not be drilled or cut.";
        if (vessel.Thing.Measures is IVessel { WallKind: not VesselWall.Boards } && vessel.Thing.Substance.Shell() is null) return $"Nobody knows how strong {vessel.Thing.Substance.Name()} is when it stays wet.";
        return vessel.Free == 0 ? "Spoken for." : null;
    }

    /// <summary>The fewest packers with which the floor holds, or the most there are.</summary>
    private static Settings WithPackers(Source source, Settings settings, Brief brief)
    {
        for (var n = 2; n < 10; n++)
        {
            var tried = settings.With("packers", n);
            if (Verdicts.Worst([.. FloorPath(new(source.Main, Of(source), tried, brief)).Work(brief)]) < Verdict.Fails) return tried;
        }

        return settings.With("packers", 10);
    }

    private static FloorOnPackers FloorPath(Plan tub)
        => new("floor", tub.FloorSpan, tub.Packers.Count - 1, tub.Vessel.Wall, tub.Soil, tub.Source.Thing.Substance.Shell(), tub.Source.Thing.Substance.Grade(), tub.Left);

    private static List<LoadPath> Paths(Plan tub) => [WallPath(tub), FloorPath(tub)];

    private static LoadPath WallPath(Plan tub)
    {
        var foot = tub.Inside.SectionAt(0);
        var middle = tub.Inside.SectionAt(tub.Soil / 2);
        return tub.Vessel.WallKind switch
        {
            VesselWall.Hoop => new HoopWall("vessel", foot.Length / 2, tub.Vessel.Wall, tub.Soil, tub.Source.Thing.Substance.Shell()!, tub.Left),
            VesselWall.Plate => new PlateWall("vessel", middle.Length, tub.Inside.Height, tub.Vessel.Wall, tub.Soil, tub.Source.Thing.Substance.Shell()!, tub.Left),
            VesselWall.Boards => new SlattedWall("vessel", "Lowest side board", new(((CrateMeasures)tub.Vessel).BoardHeight, tub.Vessel.Wall), middle.Length, 1, tub.Source.Thing.Substance.Grade()!, tub.Source.Thing.Condition, tub.Soil),
            _ => throw new InvalidOperationException($"Unknown wall {tub.Vessel.WallKind}."),
        };
    }

    private static List<Need> Needs(Plan tub)
    {
        List<Need> needs = [new ThingsNeeded("vessel", tub.Source.Thing.Name, [(tub.Source.Thing.Id, 1)])];
        if (tub.Raise > 0) needs.Add(new PiecesNeeded("packers", "Packers", tub.Packers.Count, tub.PackerLength, Math.Min(PackerWidth, .04), Math.Min(tub.Raise, .05), AgainstSoil: false, "batten"));
        if (tub.Lined)
        {
            var top = tub.Inside.SectionAt(tub.Inside.Height);
            needs.Add(new SheetNeeded("liner", "Liner, folded up the sides", top.Length + 2 * tub.Inside.Height + .1, top.Width + 2 * tub.Inside.Height + .1, Film: null, "film"));
        }

        if (tub.Source.Thing.Shows(Findings.Cracked)) needs.Add(new GoodsNeeded("plates", "Repair plates with bolts", 2, "plate"));
        return needs;
    }
}
