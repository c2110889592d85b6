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
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// Pallet sections stood on edge, slats inwards, round a rectangle on open ground. Long walls run the full length; end walls stand between them.
/// The width goes in half sections, sawn out beside the middle bearer, or half way between two.
/// </summary>
public sealed class PalletSectionBed : Design
{
    internal const double AnchorSide = .038;
    internal const double PegThickness = .04;
    private const double Like = .010;
    private const double WireDiameter = .0025;
    private const double HeadSpace = .03;

    /// <summary>As far as an arm reaches over a wall into a bed, m.</summary>
    private const double ArmReach = .75;

    /// <summary>A wall lower than this holds too little to be worth the sawing, m.</summary>
    private const double LowestWall = .15;

    private static readonly Role Posts = new("corner-posts", "Corner posts", Seat.BehindCloth, Form.Timber, Form.Board) { Buy = "timber", Carries = true };
    private static readonly Role PostsBehindFilm = Posts with { Seat = Seat.BehindFilm };
    private static readonly Role Anchors = new("anchors", "Anchors for the ties", Seat.Clear, Form.Timber, Form.Board) { Buy = "timber", Carries = true };
    private static readonly Role Pegs = new("pegs", "Pegs for the foot", Seat.Clear, Form.Pole) { Buy = "stake" };

    public override string Id => "pallet-bed";

    public override string Name => "Pallet-section bed";

    public override string Summary => "A bed on open ground, walled with pieces sawn out of pallets and stood on edge.";

    public override Role Lead { get; } = new("pallets", "Sections of pallets", Seat.BehindFilm, Form.Section)
    {
        Carries = true,
        Counts = l => l.As<PalletMeasures>() is not null,
        Together = GoTogether,
        Also = l => l.As<PalletMeasures>()!.Sections(1, l.Of.Thing.Faults).Count == 0 ? "No sound slat is left on it." : null,
    };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var m = Of(lead);
        var lowest = Enumerable.Range(1, m.Slats).FirstOrDefault(n => m.SectionHeight(n) >= LowestWall, m.Slats);
        List<Stop> heights = [.. Enumerable.Range(lowest, m.Slats - lowest + 1).Select(n => new Stop(Math.Round(m.SectionHeight(n), 6), n == 1 ? "1 board" : $"{n} boards"))];
        var usual = heights.Find(h => h.Value >= .28) ?? heights[^1];
        var joins = PalletCorner.CanJoin(m);
        List<Stop> lengths = [.. Enumerable.Range(1, joins ? 3 : 1).Select(n => new Stop(Math.Round(n * m.SlatLength, 6), n == 1 ? "1 section" : $"{n} sections"))];
        List<Stop> widths = [.. Plan.Widths(m).Select(w => new Stop(Math.Round(w.Width, 6), w.Across switch { 1 => "1 section", .5 => "half a section", _ => "1½ sections" }))];
        return
        [
            new Setting("height", "Wall height", Unit.Metre, heights, usual.Value, "Enough for most roots and no more soil than that").Try(h => h <= RetainedSoil.Flagged),
            new Setting("length", "Length", Unit.Metre, lengths, lengths[0].Value, joins ? "One section; more sections need more ties" : "Its slats reach beyond the bearers, so that no two sections can be bolted end to end").TryAll(),
            new Setting("width", "Width inside", Unit.Metre, widths, widths[0].Value, $"An arm reaches {Amount.Length(.6)} from each side").Try(w => w / 2 + m.Thickness <= ArmReach),
            Setting.Even("ties", "Tie wires in each section", Unit.Count, 0, 4, 1, 1, "One wire at mid-length stops most bellies").Least(),
            Setting.Even("pegs", "Pegs at the foot, how deep", Unit.Metre, .25, .9, .05, .45, "As deep as the ground asks, so that the walls do not slide").Least(),
        ];
    }

    public override Outcome<Demand> Ask(Chosen set)
    {
        var plan = Plan.Of(set);
        if (plan.InsideLength < .2) return new Problem("length", "The walls would meet in the middle: the pallets are too thick for this length.");
        var film = set.Lead.MustLine;
        var lined = new Role("liner", film ? "Film for the walls" : "Liner for the walls", Seat.InSoil, film ? [Form.Film] : [Form.Fabric]) { Buy = film ? "film" : "cloth", Of = s => film ? s == Substance.Film : s is Substance.WovenCloth or Substance.NaturalFibre or Substance.SyntheticFibre };
        return Demand.Of(
            new SectionsNeeded("pallets", Lead, plan.SectionsNeeded, plan.Boards),
            plan.Posts == 0 ? null : new PiecesNeeded("corner-posts", film ? PostsBehindFilm : Posts, plan.Posts, plan.Height, PalletCorner.PostSide, PalletCorner.PostSide),
            plan.Anchors == 0 ? null : new PiecesNeeded("anchors", Anchors, plan.Anchors, plan.Height, AnchorSide, AnchorSide),
            plan.Anchors == 0 ? null : new RunNeeded("wire", Stuff.Wire, plan.WireLength, .0022, .004),
            new SticksNeeded("pegs", Pegs, plan.Pegs, plan.PegDepth + .15, PegThickness),
            new CoverNeeded("liner", lined, 2 * (plan.InsideLength + plan.InsideWidth) + .15, plan.Height + .10));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var plan = Plan.Of(set);
        var m = plan.Pallet;
        List<Part> parts = [new("long-wall", "Section, long wall", Form.Section, 2 * plan.Along, m.SlatLength, plan.Height, m.Thickness, "pallets")];
        if (plan.Across >= 1) parts.Add(new("end-wall", "Section, end wall", Form.Section, 2 * (int)plan.Across, m.SlatLength, plan.Height, m.Thickness, "pallets"));
        if (plan.Across % 1 > 0) parts.Add(new(plan.HalfPart, "Half section, end wall", Form.Section, 2, PalletCorner.HalfLength(m), plan.Height, m.Thickness, "pallets"));
        if (plan.Posts > 0) parts.Add(new("corner-post", "Corner post", Form.Timber, plan.Posts, plan.Height, PalletCorner.PostSide, PalletCorner.PostSide, "corner-posts"));
        if (plan.Anchors > 0) parts.AddRange([new("tie-anchor", "Anchor of a tie", Form.Timber, plan.Anchors, plan.Height, AnchorSide, AnchorSide, "anchors"), new("tie", "Tie of two strands", Form.Line, plan.Anchors / 2, plan.InsideWidth + 2 * m.Thickness, WireDiameter, WireDiameter, "wire")]);
        parts.AddRange([new("foot-peg", "Peg at the foot", Form.Pole, plan.Pegs, plan.PegDepth + .15, PegThickness, PegThickness, "pegs"), new("liner", "Liner of the walls", set.Lead.MustLine ? Form.Film : Form.Fabric, 1, 2 * (plan.InsideLength + plan.InsideWidth), plan.Height, 0, "liner")]);
        List<Joint> joints = [new("Corner, from outside through the slats", "long-wall", plan.Across < 1 || plan.Posts < 4 ? "end-wall" : "corner-post", WoodScrew.Outdoor.Goods, 4 * plan.ScrewsInCorner)];
        if (plan.Posts > 0) joints.Add(new("End wall to its posts, from inside", plan.Across < 1 ? "end-wall" : plan.HalfOrWhole, "corner-post", WoodScrew.Outdoor.Goods, plan.Posts * plan.ScrewsInCorner));
        if (plan.Bolts > 0) joints.Add(new("Section to section, bearer to bearer", "long-wall", "long-wall", "bolt", plan.Bolts));
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(plan.Boards, "board", "boards")} high, {plan.Along} by {Halves(plan.Across)} sections",
            Parts = parts,
            Joints = joints,
            Bays = [new("Soil", new TaperedBox(plan.InsideLength, plan.InsideWidth, plan.InsideLength, plan.InsideWidth, plan.Height), plan.SoilDepth)],
            Foot = new OpenGround(),
            LoadPaths = Paths(plan, set, cast),
            Handling = new(plan.SectionsNeeded * m.WoodVolume * plan.Boards / m.Slats * 500, BuiltInPlace: true),
            Stance = new BuiltIn(plan.Length * (plan.InsideWidth + 2 * m.Thickness)),
            Scene = () => new(PalletBedScene.Of(plan), PalletBedScene.Measures(plan)),
            Operations = () => Steps(plan, set),
            Reach = plan.InsideWidth / 2 + m.Thickness,
        };
    }

    private static string Halves(double across) => across switch { .5 => "½", 1.5 => "1½", _ => $"{across:0}" };

    private static PalletMeasures Of(Lead lead) => lead.Main.As<PalletMeasures>()!;

    private static bool GoTogether(Lot a, Lot b)
    {
        PalletMeasures p = a.As<PalletMeasures>()!, q = b.As<PalletMeasures>()!;
        var (one, other) = (a.Of, b.Of);
        return Near(p.SlatLength, q.SlatLength) && Math.Abs(p.SlatThickness - q.SlatThickness) <= .002 && Near(p.Thickness, q.Thickness) && Near(p.SlatWidth, q.SlatWidth) && Near(p.Gap, q.Gap) && Near(p.BearerWidth, q.BearerWidth) && Near(p.Wing, q.Wing)
            && p.Bearers == q.Bearers && one.Thing.Substance == other.Thing.Substance && one.Judgement.Fitness == other.Judgement.Fitness && one.Judgement.LookedAt == other.Judgement.LookedAt && one.Judgement.MustLine == other.Judgement.MustLine;

        static bool Near(double x, double y) => Math.Abs(x - y) <= Like;
    }

    private static List<LoadPath> Paths(Plan plan, Chosen set, Cast cast)
    {
        var m = plan.Pallet;
        var grade = set.Lead.Thing.Thing.Substance.Grade()!;
        double depth = plan.SoilDepth, spacing = plan.Spacing, across = plan.InsideWidth / (plan.WiresAlong + 1);
        var spans = plan.Ties + 1;
        var slat = new SlattedWall("long-wall", "Lowest slat between bearers", new(m.SlatWidth, m.SlatThickness), m.BearerSpacing, m.Bearers - 1, grade, set.Lead.Condition, depth);
        List<LoadPath> paths =
        [
            slat,
            new TiedWall("long-wall", "Belly of the long walls", slat, plan.SlatsInAll, spacing, spans, depth),
            new TiedWall("end-wall", "Belly of the end walls", slat, plan.SlatsInAll, across, 1, depth),
            new CornerScrews("long-wall", depth, spacing, across, plan.ScrewsInCorner, m.SlatThickness, plan.Corner.Upright, grade),
            .. plan.Corner.Rooms("long-wall"),
            new FootPegs("foot-peg", depth, plan.PegSpacing, PegThickness, plan.PegDepth, grade) { Worn = cast.Worn("pegs") },
        ];
        if (plan.Anchors > 0)
        {
            paths.Add(new WireTie("tie", Math.Max(spacing, across), spans, depth, WireDiameter, 2));
            paths.Add(new TieAnchor("tie-anchor", Math.Max(spacing, across), spans, depth, plan.Height, plan.TieHeight, AnchorSide, Piece.BoughtGrade) { Worn = cast.Worn("anchors") });
        }

        return paths;
    }

    private static IReadOnlyList<Operation> Steps(Plan plan, Chosen set)
    {
        var m = plan.Pallet;
        var half = Amount.Length(PalletCorner.HalfLength(m));
        List<Operation> steps =
        [
            Op.SetOut(plan.Length, plan.InsideWidth + 2 * m.Thickness), Op.Denail(plan.SectionsNeeded),
            new("saw", $"Saw {new Count(plan.SectionsNeeded, "section", "sections")}, {new Count(plan.Boards, "board", "boards")} high", "Saw every bearer between two slats, close under the upper slat. The bad slats marked on the cut plan stay out.", 4 * m.Bearers * plan.SectionsNeeded, ["Hand saw or reciprocating saw", "Square"], Op.Saw, false, "saw") { SlowerWithSalvage = true, Cuts = ["pallets"] },
        ];
        if (plan.Across % 1 > 0)
        {
            steps.Add(new(
                "halve", "Halve one section for the ends", m.Bearers % 2 == 1 ? (Sentence)$"Saw the slats off on both sides of the middle bearer, so that no saw meets its nails: two halves of {half}, each with its outer bearer." : $"Saw the slats half way between the two middle bearers: two halves of {half}.",
                12, ["Hand saw"], Op.EyesAndGloves, false, "saw")
            { SlowerWithSalvage = true });
        }

        if (plan.Posts > 0)
        {
            steps.Add(new(
                "corner-posts", $"Put {new Count(plan.Posts, "post", "posts")} where an end has no bearer", $"Cut them {Amount.Length(plan.Height)} long. Stand each behind the slats, flush with their ends, in the place of a bearer too thin for a screw; from inside, drill {Amount.Length(.004)} and drive {new Count(plan.Corner.ScrewsInSlat, "screw", "screws")} through every slat into it.",
                10 * plan.Posts, ["Hand saw or jigsaw", Op.Bit(.004), "Screwdriver"], ["Eye protection"], false, "saw", "drill")
            { Places = ["corner-post"], Cuts = ["corner-posts"] });
        }

        steps.AddRange(
        [
            new("raise", "Stand the walls up", $"Slats inwards. Long walls first; end walls between them, {(plan.Corner.SetIn > .0005 ? (Sentence)$"{Amount.Length(plan.Corner.SetIn)} in from the ends of the long ones" : "flush with the ends of the long ones")}, so that a screw goes in beside the long wall's own bearer.{(set.Lead.Lots.Any(l => l.Of.Thing.Shows(Findings.Warped)) ? " Warped sections: one pulls straight, one screws." : "")}", 8 * plan.SectionsNeeded, ["Screwdriver", "Clamps"], Op.Gloves, true, "lift") { SlowerWithSalvage = true, Places = ["long-wall", "end-wall", "end-wall-half"] },
            new("corners", "Screw the corners from outside", $"{Amount.Length(plan.Corner.FromEnd)} from the end of every slat of the long walls: drill {Amount.Length(.004)} through the slat, then {new Count(plan.Corner.ScrewsInSlat, "screw", "screws")} into the upright of the end wall behind it, {plan.ScrewsInCorner} in each corner. Check the diagonals before the last.", 12 * 4, [Op.Bit(.004), "Screwdriver", "Square"], Op.Gloves, false, "drill") { SlowerWithSalvage = true },
        ]);
        if (plan.Bolts > 0) steps.Add(new("joints", "Bolt section to section", $"Bearer to bearer where two sections meet: drill {Amount.Length(.008)} through both, one bolt high and one low, washers on both sides.", 4 * plan.Bolts, [Op.Bit(.008), "Spanner", "Clamps"], Op.Gloves, false, "drill"));
        steps.Add(Op.DrivePegs("pegs", "foot-peg", plan.Pegs, plan.PegDepth, $"hard against the walls: {plan.PegsAlong} along each long wall and {plan.PegsAcross} at each end, beside the ties."));
        if (plan.Anchors > 0)
        {
            steps.Add(new(
                "ties", "Tie the walls across", $"{plan.WiresAcross} across and {plan.WiresAlong} along, {Amount.Length(plan.TieHeight)} up: an anchor, an upright of {Amount.Length(AnchorSide)}, outside the slats at each end, a loop of wire round it, twisted tight in the middle. Pull straight, not inwards.",
                5 * plan.Anchors, ["Hand saw", "Pliers", "Side cutter"], Op.EyesAndGloves, false, "wire")
            { Places = ["tie", "tie-anchor"], Cuts = ["anchors"] });
        }

        return [.. steps, Op.Line(set.Lead.MustLine), Op.Fill(plan.InsideLength * plan.InsideWidth * plan.SoilDepth, plan.Height - plan.SoilDepth, " Look along the long walls after each layer: a belly seen now is still easily tied.")];
    }

    /// <summary>The bed in whole numbers: how many sections make it, and what follows.</summary>
    internal sealed record Plan(PalletMeasures Pallet, double Height, double Length, double InsideWidth, int Ties, double PegDepth)
    {
        private Once<PalletCorner> corner;

        public static Plan Of(Chosen set) => new(PalletSectionBed.Of(set.Lead), set["height"], set["length"], set["width"], set.Whole("ties"), set["pegs"]);

        /// <summary>The widths there are: half a section, one, and where sections can be bolted end to end one and a half.</summary>
        public static IEnumerable<(double Across, double Width)> Widths(PalletMeasures m)
        {
            var half = PalletCorner.HalfLength(m);
            yield return (.5, half);
            yield return (1, m.SlatLength);
            if (PalletCorner.CanJoin(m)) yield return (1.5, m.SlatLength + half);
        }

        public PalletCorner Corner => corner.Of(this, static plan => PalletCorner.Of(plan.Pallet));

        public int Boards => Enumerable.Range(1, Pallet.Slats).MinBy(n => Math.Abs(Pallet.SectionHeight(n) - Height));

        /// <summary>Sections in each long wall.</summary>
        public int Along => (int)Math.Round(Length / Pallet.SlatLength);

        /// <summary>Sections in each end wall, in halves.</summary>
        public double Across => Widths(Pallet).MinBy(w => Math.Abs(w.Width - InsideWidth)).Across;

        public string HalfPart => Across < 1 ? "end-wall" : "end-wall-half";

        public string HalfOrWhole => Across % 1 > 0 && Posts == 2 ? "end-wall-half" : "end-wall";

        public double InsideLength => Length - 2 * (Pallet.Thickness + Corner.SetIn);

        public double SoilDepth => Height - Math.Min(HeadSpace, Height / 4);

        /// <summary>How high the ties are, m: where the push acts.</summary>
        public double TieHeight => SoilDepth / 3;

        public int SectionsNeeded => 2 * Along + 2 * (int)Across + (Across % 1 > 0 ? 1 : 0);

        /// <summary>Posts put in for a bearer where an end wall has none at its end: at the sawn end of a half, and at every end where the bearers stand in or are too thin.</summary>
        public int Posts => Corner.EndsNeedPosts ? 4 : Across % 1 > 0 ? 2 : 0;

        public int ScrewsInCorner => Corner.ScrewsInSlat * Boards;

        /// <summary>Bolts through two bearers side by side, one high and one low, wherever two sections meet.</summary>
        public int Bolts => 2 * (2 * (Along - 1) + 2 * ((int)Math.Ceiling(Across) - 1));

        /// <summary>Slats of both faces over the height: those below are fewer and in proportion, and a part of one does not count.</summary>
        public int SlatsInAll => Boards + (int)Math.Floor((double)Boards * Pallet.BottomSlats / Pallet.Slats + 1e-9);

        public double Spacing => Pallet.SlatLength / (Ties + 1);

        /// <summary>Wires across the bed: so many in each section, and one where two sections meet.</summary>
        public int WiresAcross => Along * Ties + Along - 1;

        /// <summary>Wires along the bed, no farther apart than those across and one at every joint.</summary>
        public int WiresAlong => Math.Max((int)Math.Ceiling(Across - 1e-9), (int)Math.Ceiling(InsideWidth / Spacing - 1e-9)) - 1;

        /// <summary>Where the wires along lie, from the middle of the bed, m: even, but on the joint when there is only that one.</summary>
        public IEnumerable<double> WiresAlongAt => WiresAlong == 1 && Across > 1 ? [Pallet.SlatLength - InsideWidth / 2] : Enumerable.Range(1, WiresAlong).Select(i => InsideWidth * i / (WiresAlong + 1) - InsideWidth / 2);

        public IEnumerable<double> WiresAcrossAt => Enumerable.Range(1, WiresAcross).Select(i => Length * i / (WiresAcross + 1) - Length / 2);

        public int Anchors => 2 * (WiresAcross + WiresAlong);

        /// <summary>Pegs outside each long wall: at every tie, or one to a section where there are none.</summary>
        public int PegsAlong => Math.Max(WiresAcross, Along);

        /// <summary>Pegs outside each end wall.</summary>
        public int PegsAcross => Math.Max(WiresAlong, 1);

        public int Pegs => 2 * (PegsAlong + PegsAcross);

        /// <summary>Wall that one peg holds: from half way to the peg or corner on either side, m.</summary>
        public double PegSpacing => Math.Max(Length / (PegsAlong + 1), InsideWidth / (PegsAcross + 1));

        /// <summary>Two strands with half a metre to twist round an anchor at each end.</summary>
        public double WireLength => WiresAcross * 2 * (InsideWidth + 2 * Pallet.Thickness + .5) + WiresAlong * 2 * (Length + .5);
    }
}
