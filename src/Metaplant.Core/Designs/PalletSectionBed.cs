using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// Pallet sections stood on edge, slats inwards, round a rectangle on open ground. Long walls run the full length; end walls stand between them.
/// The width goes in half sections, sawn through the middle bearer.
/// </summary>
public sealed class PalletSectionBed : IDesign
{
    private const double LengthTolerance = .010;
    private const double ThicknessTolerance = .002;
    private const double CleatSide = .038;
    private const double WireDiameter = .0025;
    private const double HeadSpace = .03;
    private const int GreatestTies = 4;

    /// <summary>As far as an arm reaches over a wall into a bed, m.</summary>
    private const double ArmReach = .75;

    /// <summary>Two sections, and one halved for the ends.</summary>
    private const int SmallestBed = 3;

    /// <summary>A wall lower than this holds too little to be worth the sawing, m.</summary>
    private const double LowestWall = .15;

    public string Id => "pallet-bed";

    public string Name => "Pallet-section bed";

    public string Summary => "A bed on open ground, walled with pieces sawn out of pallets and stood on edge.";

    public (IReadOnlyList<Source> Sources, IReadOnlyList<NoSource> Others) Find(Heap heap)
    {
        var pallets = heap.Things.Where(t => t.Thing.Measures is PalletMeasures).ToList();
        var sources = new List<Source>();
        var others = new List<NoSource>();
        foreach (var pallet in pallets)
        {
            if (WhyNot(pallet) is { } why) others.Add(new(pallet, why, false));
            else if (sources.FindIndex(s => GoTogether(s.Main, pallet)) is >= 0 and var i) sources[i] = new([.. sources[i].Things, pallet]);
            else sources.Add(new([pallet]));
        }

        foreach (var few in sources.Where(s => SectionsFrom(s, LowestBoards(Of(s))) < SmallestBed).ToList())
        {
            sources.Remove(few);
            var (boards, have) = (LowestBoards(Of(few)), SectionsFrom(few, LowestBoards(Of(few))));
            others.Add(new(few.Main, $"{few.Free} alike give {have} sections of {boards} boards; the smallest bed takes {SmallestBed}.", true));
        }

        return (sources, others);
    }

    public IReadOnlyList<Parameter> Parameters(Source source)
    {
        var m = Of(source);
        // As high as still leaves sections for the smallest bed.
        var heights = Enumerable.Range(LowestBoards(m), m.Slats - LowestBoards(m) + 1).Where(n => SectionsFrom(source, n) >= SmallestBed).Select(n => new Stop(Math.Round(m.SectionHeight(n), 6), n == 1 ? "1 board" : $"{n} boards")).ToList();
        var wanted = heights.FindIndex(h => h.Value >= .28);
        return
        [
            new("height", "Wall height", Unit.Metre, heights, heights[wanted < 0 ? heights.Count - 1 : wanted].Value, "Enough for most roots and no more soil than that"),
            new("length", "Length", Unit.Metre, [.. Enumerable.Range(1, 3).Select(n => new Stop(Math.Round(n * m.SlatLength, 6), n == 1 ? "1 section" : $"{n} sections"))], Math.Round(m.SlatLength, 6), "One section; more sections need more ties"),
            new("width", "Width inside", Unit.Metre, [.. Enumerable.Range(1, 3).Select(n => new Stop(Math.Round(n * m.SlatLength / 2, 6), n == 2 ? "1 section" : n == 1 ? "half a section" : "1½ sections"))], Math.Round(m.SlatLength / 2, 6), "An arm reaches 0.6 m from each side"),
            new("ties", "Tie wires in each section", Unit.Count, Parameter.Range(0, GreatestTies, 1), 1, "One wire at mid-length stops most bellies"),
        ];
    }

    public IEnumerable<Settings> Sizes(Source source, Brief brief)
    {
        var p = Parameters(source);
        var m = Of(source);
        return
            from height in p[0].Stops
            where height.Value <= RetainedSoil.Flagged
            let ties = LeastTies(m, source, height.Value, brief)
            where ties is not null
            from length in p[1].Stops
            from width in p[2].Stops
            let plan = new Plan(m, height.Value, length.Value, width.Value)
            where width.Value / 2 + m.Thickness <= ArmReach || width == p[2].Stops[0]
            where plan.SectionsNeeded <= SectionsFrom(source, plan.Boards)
            select new Settings(new Dictionary<string, double>(StringComparer.Ordinal) { ["height"] = height.Value, ["length"] = length.Value, ["width"] = width.Value, ["ties"] = ties.Value });
    }

    public Outcome<Blueprint> Draft(Source source, Settings settings, Brief brief)
    {
        var m = Of(source);
        var plan = new Plan(m, settings["height"], settings["length"], settings["width"]);
        var have = SectionsFrom(source, plan.Boards);
        if (plan.InsideLength < .2) return new Problem("length", "The walls would meet in the middle: the pallets are too thick for this length.");
        if (have < plan.SectionsNeeded)
            return new Problem("height", $"{plan.SectionsNeeded} sections of {plan.Boards} boards are needed and the heap gives {have}.");
        var ties = settings.Whole("ties");
        var grade = source.Main.Thing.Substance.Grade()!;
        var worst = source.Things.Max(t => t.Thing.Condition);
        var (cuts, things) = TakePallets(source, plan);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{plan.Boards} boards high, {plan.Along} by {plan.Across:0.#} sections",
            Parts = Parts(plan),
            Joints = [new("Corner", "long-wall", "end-wall", "coach-screw", plan.CornerScrews), new("Section to section", "long-wall", "long-wall", "coach-screw", plan.JointScrews)],
            Needs = Needs(plan, things, ties, source),
            SectionCuts = cuts,
            Fill = [new("Soil", new TaperedBox(plan.InsideLength, plan.InsideWidth, plan.InsideLength, plan.InsideWidth, plan.Height), plan.SoilDepth)],
            Planting = new RectangleOutline(plan.InsideLength, plan.InsideWidth),
            Foot = new OpenGround(),
            LoadPaths = Paths(plan, m, ties, grade, worst),
            Handling = new(plan.SectionsNeeded * m.WoodVolume * plan.Boards / m.Slats * 500, BuiltInPlace: true),
            Draw = () => PalletBedDrawing.Views(plan, ties),
            Section = new(-plan.InsideWidth / 2, plan.InsideWidth / 2, 0, plan.SoilDepth),
            Operations = () => PalletBedSteps.Of(plan, ties, source.Things.Any(t => t.Thing.Shows(Findings.Warped))),
            Reach = plan.InsideWidth / 2 + m.Thickness,
        };
    }

    /// <summary>The bed in whole numbers: how many sections make it, and what follows.</summary>
    internal sealed record Plan(PalletMeasures Pallet, double Height, double Length, double InsideWidth)
    {
        public int Boards => Enumerable.Range(1, Pallet.Slats).MinBy(n => Math.Abs(Pallet.SectionHeight(n) - Height));

        /// <summary>Sections in each long wall.</summary>
        public int Along => (int)Math.Round(Length / Pallet.SlatLength);

        /// <summary>Sections in each end wall, in halves.</summary>
        public double Across => Math.Round(2 * InsideWidth / Pallet.SlatLength) / 2;

        public double InsideLength => Length - 2 * Pallet.Thickness;

        public double SoilDepth => Height - Math.Min(HeadSpace, Height / 4);

        public int SectionsNeeded => 2 * Along + 2 * (int)Across + (Across % 1 > 0 ? 1 : 0);

        public int CornerScrews => 4 * 2 * 2 * Boards;

        public int Joints => 2 * (Along - 1) + 2 * ((int)Math.Ceiling(Across) - 1);

        public int JointScrews => Joints * 2 * Boards;

        /// <summary>Slats of both faces over the height: those below are fewer and in proportion, and a part of one does not count.</summary>
        public int SlatsInAll => Boards + (int)Math.Floor((double)Boards * Pallet.BottomSlats / Pallet.Slats + 1e-9);

        public double Spacing(int ties) => Pallet.SlatLength / (ties + 1);

        /// <summary>Wires across the bed: so many in each section, and one where two sections meet.</summary>
        public int WiresAcross(int ties) => Along * ties + Along - 1;

        /// <summary>Wires along the bed, no farther apart than those across and one at every joint.</summary>
        public int WiresAlong(int ties) => Math.Max((int)Math.Ceiling(Across - 1e-9), (int)Math.Ceiling(InsideWidth / Spacing(ties) - 1e-9)) - 1;

        /// <summary>Where the wires along lie, from the middle of the bed, m: even, but on the joint when there is only that one.</summary>
        public IEnumerable<double> WiresAlongAt(int ties)
        {
            var n = WiresAlong(ties);
            if (n == 1 && Across > 1) return [Pallet.SlatLength - InsideWidth / 2];
            return Enumerable.Range(1, n).Select(i => InsideWidth * i / (n + 1) - InsideWidth / 2);
        }

        /// <summary>Two strands across with half a metre to twist round a stick at each end.</summary>
        public double WireLength(int ties)
            => WiresAcross(ties) * 2 * (InsideWidth + 2 * Pallet.Thickness + .5) + WiresAlong(ties) * 2 * (Length + .5);
    }

    private static PalletMeasures Of(Source source) => (PalletMeasures)source.Main.Thing.Measures;

    private static string? WhyNot(HeapThing pallet)
    {
        var m = (PalletMeasures)pallet.Thing.Measures;
        if (pallet.Judgement.Fitness >= Fitness.StructureOnly || !pallet.Judgement.MayCut) return pallet.Judgement.Reasons[0].Sentence;
        if (pallet.Free == 0) return "All spoken for.";
        if (pallet.Thing.Substance.Grade() is null) return "Nothing is known of its strength.";
        return m.Sections(1, pallet.Thing.Faults).Count == 0 ? "No sound slat is left on it." : null;
    }

    private static bool GoTogether(HeapThing a, HeapThing b)
    {
        PalletMeasures p = (PalletMeasures)a.Thing.Measures, q = (PalletMeasures)b.Thing.Measures;
        return Math.Abs(p.SlatLength - q.SlatLength) <= LengthTolerance && Math.Abs(p.SlatThickness - q.SlatThickness) <= ThicknessTolerance
            && Math.Abs(p.Thickness - q.Thickness) <= LengthTolerance && Math.Abs(p.SlatWidth - q.SlatWidth) <= LengthTolerance && Math.Abs(p.Gap - q.Gap) <= LengthTolerance
            && p.Bearers == q.Bearers && a.Thing.Substance == b.Thing.Substance && a.Judgement.Fitness == b.Judgement.Fitness;
    }

    private static int LowestBoards(PalletMeasures m) => Enumerable.Range(1, m.Slats).FirstOrDefault(n => m.SectionHeight(n) >= LowestWall, m.Slats);

    private static int SectionsFrom(Source source, int boards)
        => source.Things.Sum(t => t.Free * ((PalletMeasures)t.Thing.Measures).Sections(boards, t.Thing.Faults).Count);

    /// <summary>The fewest ties in each section with which the long wall holds; null when the most do not help.</summary>
    private static int? LeastTies(PalletMeasures m, Source source, double height, Brief brief)
    {
        var plan = new Plan(m, height, m.SlatLength, m.SlatLength);
        for (var ties = 0; ties <= GreatestTies; ties++)
        {
            var paths = Paths(plan, m, ties, source.Main.Thing.Substance.Grade()!, source.Things.Max(t => t.Thing.Condition));
            if (Verdicts.Worst([.. paths.SelectMany(p => p.Work(brief))]) < Verdict.Fails) return ties;
        }

        return null;
    }

    private static List<LoadPath> Paths(Plan plan, PalletMeasures m, int ties, string grade, Condition condition)
    {
        var depth = plan.SoilDepth;
        var slat = new SlattedWall("slat-1", "Lowest slat between bearers", new(m.SlatWidth, m.SlatThickness), m.BearerSpacing, m.Bearers - 1, grade, condition, depth);
        var spacing = plan.Spacing(ties);
        List<LoadPath> paths =
        [
            slat,
            new TiedWall("long-wall", "Belly of the long walls", slat, plan.SlatsInAll, spacing, ties + 1, depth),
            new TiedWall("end-wall", "Belly of the end walls", slat, plan.SlatsInAll, Math.Min(plan.InsideWidth, spacing), 1, depth),
            new BoxCorner("corner", depth, spacing, 2 * plan.Boards, CleatSide, grade),
            new RetainedHeight(depth),
        ];
        if (plan.WiresAcross(ties) > 0) paths.Add(new WireTie("tie", spacing, depth, WireDiameter, 2));
        return paths;
    }

    private static List<Part> Parts(Plan plan)
    {
        var m = plan.Pallet;
        List<Part> parts =
        [
            new("long-wall", "Section, long wall", Form.Section, 2 * plan.Along, m.SlatLength, plan.Height, m.Thickness),
            new("cleat", "Corner cleat", Form.Timber, 4, plan.Height, CleatSide, CleatSide),
        ];
        if (plan.Across >= 1) parts.Insert(1, new("end-wall", "Section, end wall", Form.Section, 2 * (int)plan.Across, m.SlatLength, plan.Height, m.Thickness));
        if (plan.Across % 1 > 0) parts.Insert(1, new("end-wall-half", "Half section, end wall", Form.Section, 2, m.SlatLength / 2, plan.Height, m.Thickness));
        return parts;
    }

    private static List<Need> Needs(Plan plan, IReadOnlyList<(int, int)> pallets, int ties, Source source)
    {
        List<Need> needs =
        [
            new ThingsNeeded("pallets", "Pallets", pallets),
            new PiecesNeeded("cleats", "Corner cleats", 4, plan.Height, CleatSide, CleatSide, AgainstSoil: false, "batten"),
            new SheetNeeded("liner", "Liner for the walls", 2 * (plan.InsideLength + plan.InsideWidth) + .15, plan.Height + .10, Film: source.Things.Any(t => t.Judgement.MustLine) ? null : false, "cloth"),
            new GoodsNeeded("screws", "Coach screws 6 × 90", plan.CornerScrews + plan.JointScrews, CoachScrew.Six.BuyId),
        ];
        if (plan.WireLength(ties) > 0) needs.Add(new LineNeeded("wire", "Tie wire, about 2.5 mm", plan.WireLength(ties), .0022, .004, Wire: true, AgainstSoil: false, "wire"));
        return needs;
    }

    /// <summary>Pallets one after another until the sections are enough; the last is sawn only as far as needed.</summary>
    private static (List<SectionCut> Cuts, List<(int ThingId, int Count)> Things) TakePallets(Source source, Plan plan)
    {
        var cuts = new List<SectionCut>();
        var things = new List<(int, int)>();
        var left = plan.SectionsNeeded;
        foreach (var t in source.Things)
        {
            var starts = ((PalletMeasures)t.Thing.Measures).Sections(plan.Boards, t.Thing.Faults);
            var used = 0;
            while (left > 0 && used < t.Free && starts.Count > 0)
            {
                used++;
                cuts.Add(new(t.Thing.Id, used, [.. starts.Take(left)], plan.Boards));
                left -= Math.Min(left, starts.Count);
            }

            if (used > 0) things.Add((t.Thing.Id, used));
        }

        return (cuts, things);
    }
}
