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
/// The width goes in half sections, sawn out beside the middle bearer, or half way between two.
/// </summary>
public sealed class PalletSectionBed : IDesign
{
    internal const double AnchorSide = .038;
    internal const double PegThickness = .04;
    private const double LengthTolerance = .010;
    private const double ThicknessTolerance = .002;
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
            others.Add(new(few.Main, $"{few.Free} alike give {have} {(have == 1 ? "section" : "sections")} of {boards} {(boards == 1 ? "board" : "boards")}; the smallest bed takes {SmallestBed}.", true));
        }

        return (sources, others);
    }

    public IReadOnlyList<Parameter> Parameters(Source source)
    {
        var m = Of(source);
        // As high as still leaves sections for the smallest bed.
        var heights = Enumerable.Range(LowestBoards(m), m.Slats - LowestBoards(m) + 1).Where(n => SectionsFrom(source, n) >= SmallestBed).Select(n => new Stop(Math.Round(m.SectionHeight(n), 6), n == 1 ? "1 board" : $"{n} boards")).ToList();
        var wanted = heights.FindIndex(h => h.Value >= .28);
        var joins = PalletCorner.CanJoin(m);
        return
        [
            new("height", "Wall height", Unit.Metre, heights, heights[wanted < 0 ? heights.Count - 1 : wanted].Value, "Enough for most roots and no more soil than that"),
            new("length", "Length", Unit.Metre, [.. Enumerable.Range(1, joins ? 3 : 1).Select(n => new Stop(Math.Round(n * m.SlatLength, 6), n == 1 ? "1 section" : $"{n} sections"))], Math.Round(m.SlatLength, 6), joins ? "One section; more sections need more ties" : "Its slats reach beyond the bearers, so that no two sections can be bolted end to end"),
            new("width", "Width inside", Unit.Metre, [.. Plan.Widths(m).Select(w => new Stop(Math.Round(w.Width, 6), w.Across switch { 1 => "1 section", .5 => "half a section", _ => "1½ sections" }))], Math.Round(Plan.Widths(m).First().Width, 6), "An arm reaches 0.6 m from each side"),
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
        var worst = source.Things.Max(t => t.Thing.Condition);
        var paths = Paths(plan, ties, source.Main.Thing.Substance.Grade()!, worst, brief);
        var pegs = paths.OfType<FootPegs>().Single();
        var (cuts, things) = TakePallets(source, plan);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{plan.Boards} {(plan.Boards == 1 ? "board" : "boards")} high, {plan.Along} by {plan.Across:0.#} sections",
            Parts = Parts(plan, ties, pegs.Depth),
            Joints = Joints(plan),
            Needs = Needs(plan, things, ties, pegs.Depth, source, brief),
            SectionCuts = cuts,
            Fill = [new("Soil", new TaperedBox(plan.InsideLength, plan.InsideWidth, plan.InsideLength, plan.InsideWidth, plan.Height), plan.SoilDepth)],
            Planting = new RectangleOutline(plan.InsideLength, plan.InsideWidth),
            Foot = new OpenGround(),
            LoadPaths = paths,
            Handling = new(plan.SectionsNeeded * m.WoodVolume * plan.Boards / m.Slats * 500, BuiltInPlace: true),
            Stance = new BuiltIn(plan.Length * (plan.InsideWidth + 2 * m.Thickness)),
            Draw = () => PalletBedDrawing.Views(plan, ties, pegs.Depth),
            Section = new(-plan.InsideWidth / 2, plan.InsideWidth / 2, 0, plan.SoilDepth),
            Operations = () => PalletBedSteps.Of(plan, ties, pegs.Depth, source.Things.Any(t => t.Thing.Shows(Findings.Warped)), source.Things.Any(t => t.Judgement.MustLine)),
            Reach = plan.InsideWidth / 2 + m.Thickness,
        };
    }

    /// <summary>The bed in whole numbers: how many sections make it, and what follows.</summary>
    internal sealed record Plan(PalletMeasures Pallet, double Height, double Length, double InsideWidth)
    {
        /// <summary>The widths there are: half a section, one, and where sections can be bolted end to end one and a half.</summary>
        public static IEnumerable<(double Across, double Width)> Widths(PalletMeasures m)
        {
            var half = PalletCorner.HalfLength(m);
            yield return (.5, half);
            yield return (1, m.SlatLength);
            if (PalletCorner.CanJoin(m)) yield return (1.5, m.SlatLength + half);
        }

        public PalletCorner Corner => field ??= PalletCorner.Of(Pallet);

        public int Boards => Enumerable.Range(1, Pallet.Slats).MinBy(n => Math.Abs(Pallet.SectionHeight(n) - Height));

        /// <summary>Sections in each long wall.</summary>
        public int Along => (int)Math.Round(Length / Pallet.SlatLength);

        /// <summary>Sections in each end wall, in halves.</summary>
        public double Across => Widths(Pallet).MinBy(w => Math.Abs(w.Width - InsideWidth)).Across;

        public double InsideLength => Length - 2 * (Pallet.Thickness + Corner.SetIn);

        public double SoilDepth => Height - Math.Min(HeadSpace, Height / 4);

        /// <summary>How high the ties are, m: where the push acts.</summary>
        public double TieHeight => SoilDepth / 3;

        public int SectionsNeeded => 2 * Along + 2 * (int)Across + (Across % 1 > 0 ? 1 : 0);

        /// <summary>Posts put in for a bearer where an end wall has none at its end: at the sawn end of a half, and at every end where the bearers stand in or are too thin.</summary>
        public int Posts => Corner.EndsNeedPosts ? 4 : Across % 1 > 0 ? 2 : 0;

        public int ScrewsInCorner => Corner.ScrewsInSlat * Boards;

        public int CornerScrews => 4 * ScrewsInCorner;

        /// <summary>Slats of the end walls screwed to the posts put in.</summary>
        public int PostScrews => Posts * ScrewsInCorner;

        public int Joints => 2 * (Along - 1) + 2 * ((int)Math.Ceiling(Across) - 1);

        /// <summary>Bolts through two bearers side by side, one high and one low.</summary>
        public int Bolts => 2 * Joints;

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

        public int Anchors(int ties) => 2 * (WiresAcross(ties) + WiresAlong(ties));

        /// <summary>Pegs outside each long wall: at every tie, or one to a section where there are none.</summary>
        public int PegsAlong(int ties) => Math.Max(WiresAcross(ties), Along);

        /// <summary>Pegs outside each end wall.</summary>
        public int PegsAcross(int ties) => Math.Max(WiresAlong(ties), 1);

        public int Pegs(int ties) => 2 * (PegsAlong(ties) + PegsAcross(ties));

        /// <summary>Wall that one peg holds: from half way to the peg or corner on either side, m.</summary>
        public double PegSpacing(int ties) => Math.Max(Length / (PegsAlong(ties) + 1), InsideWidth / (PegsAcross(ties) + 1));

        /// <summary>Two strands across with half a metre to twist round an anchor at each end.</summary>
        public double WireLength(int ties)
            => WiresAcross(ties) * 2 * (InsideWidth + 2 * Pallet.Thickness + .5) + WiresAlong(ties) * 2 * (Length + .5);
    }

    private static PalletMeasures Of(Source source) => (PalletMeasures)source.Main.Thing.Measures;

    private static string? WhyNot(HeapThing pallet)
    {
        var m = (PalletMeasures)pallet.Thing.Measures;
        if (pallet.Judgement.Fitness >= Fitness.StructureOnly) return pallet.Judgement.Reasons[0].Sentence;
        if (!pallet.Judgement.MayCut) return "It may not be cut.";
        if (pallet.Free == 0) return pallet.SpokenFor;
        if (pallet.Thing.Substance.Grade() is null) return "Nothing is known of its strength.";
        return m.Sections(1, pallet.Thing.Faults).Count == 0 ? "No sound slat is left on it." : null;
    }

    private static bool GoTogether(HeapThing a, HeapThing b)
    {
        PalletMeasures p = (PalletMeasures)a.Thing.Measures, q = (PalletMeasures)b.Thing.Measures;
        return Math.Abs(p.SlatLength - q.SlatLength) <= LengthTolerance && Math.Abs(p.SlatThickness - q.SlatThickness) <= ThicknessTolerance
            && Math.Abs(p.Thickness - q.Thickness) <= LengthTolerance && Math.Abs(p.SlatWidth - q.SlatWidth) <= LengthTolerance && Math.Abs(p.Gap - q.Gap) <= LengthTolerance
            && Math.Abs(p.BearerWidth - q.BearerWidth) <= LengthTolerance && Math.Abs(p.Wing - q.Wing) <= LengthTolerance
            && p.Bearers == q.Bearers && a.Thing.Substance == b.Thing.Substance && a.Judgement.Fitness == b.Judgement.Fitness && a.Judgement.LookedAt == b.Judgement.LookedAt && a.Judgement.MustLine == b.Judgement.MustLine;
    }

    private static int LowestBoards(PalletMeasures m) => Enumerable.Range(1, m.Slats).FirstOrDefault(n => m.SectionHeight(n) >= LowestWall, m.Slats);

    private static int SectionsFrom(Source source, int boards)
        => source.Things.Sum(t => t.Free * ((PalletMeasures)t.Thing.Measures).Sections(boards, t.Thing.Faults).Count);

    /// <summary>The fewest ties in each section with which the walls hold; null when the most do not help.</summary>
    private static int? LeastTies(PalletMeasures m, Source source, double height, Brief brief)
    {
        var plan = new Plan(m, height, m.SlatLength, m.SlatLength);
        for (var ties = 0; ties <= GreatestTies; ties++)
        {
            var paths = Paths(plan, ties, source.Main.Thing.Substance.Grade()!, source.Things.Max(t => t.Thing.Condition), brief);
            if (Verdicts.Worst([.. paths.SelectMany(p => p.Work(brief))]) < Verdict.Fails) return ties;
        }

        return null;
    }

    private static List<LoadPath> Paths(Plan plan, int ties, string grade, Condition condition, Brief brief)
    {
        var m = plan.Pallet;
        var depth = plan.SoilDepth;
        var slat = new SlattedWall("slat-1", "Lowest slat between bearers", new(m.SlatWidth, m.SlatThickness), m.BearerSpacing, m.Bearers - 1, grade, condition, depth);
        var spacing = plan.Spacing(ties);
        var across = plan.InsideWidth / (plan.WiresAlong(ties) + 1);
        var spans = ties + 1;
        // Driven as deep as the ground asks, to the next 50 mm: the least that holds, up to what a mallet drives.
        var pegs = new FootPegs("foot-peg", depth, plan.PegSpacing(ties), PegThickness, 0, grade);
        var deep = brief.Site == Site.Soil ? Math.Clamp(Math.Ceiling(pegs.DepthNeeded(brief) / .05 - 1e-9) * .05, .25, .9) : .25;
        List<LoadPath> paths =
        [
            slat,
            new TiedWall("long-wall", "Belly of the long walls", slat, plan.SlatsInAll, spacing, spans, depth),
            new TiedWall("end-wall", "Belly of the end walls", slat, plan.SlatsInAll, across, 1, depth),
            new CornerScrews("corner", depth, spacing, across, plan.ScrewsInCorner, m.SlatThickness, plan.Corner.Upright, grade),
            .. plan.Corner.Rooms(),
            pegs with { Depth = Math.Round(deep, 3) },
        ];
        if (plan.Anchors(ties) > 0)
        {
            paths.Add(new WireTie("tie", Math.Max(spacing, across), spans, depth, WireDiameter, 2));
            paths.Add(new TieAnchor("tie-anchor", Math.Max(spacing, across), spans, depth, plan.Height, plan.TieHeight, AnchorSide, "C14"));
        }

        return paths;
    }

    private static List<Part> Parts(Plan plan, int ties, double pegs)
    {
        var m = plan.Pallet;
        List<Part> parts = [new("long-wall", "Section, long wall", Form.Section, 2 * plan.Along, m.SlatLength, plan.Height, m.Thickness)];
        if (plan.Across >= 1) parts.Add(new("end-wall", "Section, end wall", Form.Section, 2 * (int)plan.Across, m.SlatLength, plan.Height, m.Thickness));
        if (plan.Across % 1 > 0) parts.Add(new(plan.Across < 1 ? "end-wall" : "end-wall-half", "Half section, end wall", Form.Section, 2, PalletCorner.HalfLength(m), plan.Height, m.Thickness));
        if (plan.Posts > 0) parts.Add(new("corner-post", "Corner post", Form.Timber, plan.Posts, plan.Height, PalletCorner.PostSide, PalletCorner.PostSide));
        if (plan.Anchors(ties) > 0)
        {
            parts.Add(new("tie-anchor", "Anchor of a tie", Form.Timber, plan.Anchors(ties), plan.Height, AnchorSide, AnchorSide));
            parts.Add(new("tie", "Tie of two strands", Form.Line, plan.WiresAcross(ties) + plan.WiresAlong(ties), plan.InsideWidth + 2 * m.Thickness, WireDiameter, WireDiameter));
        }

        parts.Add(new("foot-peg", "Peg at the foot", Form.Pole, plan.Pegs(ties), pegs + .15, PegThickness, PegThickness));
        return parts;
    }

    private static List<Joint> Joints(Plan plan)
    {
        var end = plan.Across < 1 || plan.Posts < 4 ? "end-wall" : "corner-post";
        List<Joint> joints = [new("Corner, from outside through the slats", "long-wall", end, WoodScrew.Outdoor.Goods, plan.CornerScrews)];
        if (plan.PostScrews > 0) joints.Add(new("End wall to its posts, from inside", "end-wall", "corner-post", WoodScrew.Outdoor.Goods, plan.PostScrews));
        if (plan.Bolts > 0) joints.Add(new("Section to section, bearer to bearer", "long-wall", "long-wall", "bolt", plan.Bolts));
        return joints;
    }

    private static List<Need> Needs(Plan plan, IReadOnlyList<(int, int)> pallets, int ties, double pegs, Source source, Brief brief)
    {
        var film = source.Things.Any(t => t.Judgement.MustLine);
        List<Need> needs =
        [
            new ThingsNeeded("pallets", "Pallets", film ? Seat.BehindFilm : Seat.InSoil, pallets),
            new SheetNeeded("liner", film ? "Film for the walls" : "Liner for the walls", 2 * (plan.InsideLength + plan.InsideWidth) + .15, plan.Height + .10, film ? Sheeting.Film : Sheeting.Cloth, film ? "film" : "cloth"),
            new GoodsNeeded("screws", WoodScrew.Outdoor.Name, plan.CornerScrews + plan.PostScrews, WoodScrew.Outdoor.Goods),
            new SticksNeeded("pegs", "Pegs for the foot", plan.Pegs(ties), pegs + .15, PegThickness, Seat.Clear, "stake"),
        ];
        if (plan.Posts > 0) needs.Add(new PiecesNeeded("corner-posts", "Corner posts", plan.Posts, plan.Height, PalletCorner.PostSide, PalletCorner.PostSide, film ? Seat.BehindFilm : Seat.BehindCloth, "timber"));
        if (plan.Anchors(ties) > 0)
        {
            needs.Add(new PiecesNeeded("anchors", "Anchors for the ties", plan.Anchors(ties), plan.Height, AnchorSide, AnchorSide, Seat.Clear, "timber"));
            // The wire crosses the soil from wall to wall.
            needs.Add(new LineNeeded("wire", "Tie wire, about 2.5 mm", plan.WireLength(ties), .0022, .004, Wire: true, Seat.InSoil, "wire"));
        }

        if (plan.Bolts > 0) needs.Add(new GoodsNeeded("bolts", $"Bolts of 8 mm with washers, {2 * plan.Pallet.BearerWidth * 1000 + 30:0} mm long", plan.Bolts, "bolt"));
        needs.Add(new SoilNeeded("soil", $"{brief.Medium.Name}, with what it settles", plan.InsideLength * plan.InsideWidth * plan.SoilDepth * brief.Handbook[Practice.SoilOverPlaced], brief.Medium.Id));
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
