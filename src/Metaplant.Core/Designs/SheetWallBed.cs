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
/// Roofing sheet stood on end in the ground, corrugations upright, under a ledge that covers its raw edge and is tied across to the opposite wall. Straight, or bent into an L or a U round a path to work from.
/// </summary>
public sealed class SheetWallBed : Design
{
    private const double HeadSpace = .04;
    private const double Lap = .10;
    private const double LedgeSide = .05;
    private const double WireDiameter = .0025;

    private static readonly Role Ledges = new("ledges", "Ledges over the edge", Seat.AmongPlants, Form.Timber, Form.Board) { Carries = true, Buy = "timber" };

    public override string Id => "sheet-bed";

    public override string Name => "Sheet-wall bed";

    public override string Summary => "A bed of roofing sheet let into the ground, straight or round a working path, its walls tied to each other.";

    public override Role Lead { get; } = new("sheets", "Roofing sheets", Seat.BehindFilm, Form.Sheet)
    {
        Counts = l => l.As<RoofingMeasures>() is not null,
        Of = s => s is Substance.ZincCoatedSteel or Substance.Steel,
        Together = (a, b) => a.As<RoofingMeasures>() is { } p && b.As<RoofingMeasures>() is { } q && Math.Abs(p.Pitch - q.Pitch) < .005 && Math.Abs(p.ProfileDepth - q.ProfileDepth) < .005 && Math.Abs(p.Width - q.Width) < .02 && Stuff.AsFit(a, b),
    };

    public override IReadOnlyList<Setting> Settings(Lead lead) =>
    [
        Setting.Even("height", "Wall height", Unit.Metre, .30, .60, .05, .45, "As high as a bed needs, and two lengths to a sheet").Try(h => h is .30 or .45 or .60),
        Setting.Even("length", "Length", Unit.Metre, .90, 3.60, .30, 1.80, "As far as the sheets go").TryAll(),
        Setting.Even("strip", "Width of the bed", Unit.Metre, .40, 1.20, .10, .60, "An arm reaches all of it from one side").Try(w => w is .6 or .9 or 1.2),
        new Setting("shape", "Shape", Unit.Count, [new(0, "straight"), new(1, "an L"), new(2, "a U round a path")], 0, "Straight takes least").TryAll(),
        Setting.Even("arm", "How far the arms reach", Unit.Metre, .60, 1.80, .30, .90, "From the back of the bed"),
        Setting.Even("ties", "Ties along each length", Unit.Count, 1, 6, 1, 2, "The ledge bends between ties").Least(),
        Setting.Even("foot", "Let into the ground", Unit.Metre, .10, .60, .05, .20, "So that the foot is not pushed out").Least(),
    ];

    public override Outcome<Demand> Ask(Chosen set)
    {
        var bed = new Plan(set);
        if (bed.Shape == 2 && bed.Path < .45) return new Problem("length", "The path between the arms would be too narrow to work from: make it longer, or the bed narrower.");
        if (bed.Shape > 0 && bed.Arm <= bed.Strip + .1) return new Problem("arm", "The arms would be no longer than the bed is wide.");
        return Demand.Of(
        [
            new SheetsNeeded("sheets", Lead, [.. bed.Walls.Select(w => w.Length)], bed.Height + set["foot"], Lap),
            .. bed.Walls.Select((w, i) => new PiecesNeeded(Ledge(i), Ledges, 1, w.Length, LedgeSide, LedgeSide)),
            new RunNeeded("wire", Stuff.Wire, bed.Ties.Sum(t => 2 * (t.To - t.From).Length + .5), .0022, .004),
        ]);
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var bed = new Plan(set);
        var sheets = cast["sheets"];
        var ledge = Enumerable.Range(1, bed.Walls.Count).Select(i => cast.Weakest($"ledge-{i}")).MinBy(p => p.Thin)!;
        var m = set.Lead.Main.As<RoofingMeasures>()!;
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(bed.Length)} by {Amount.Length(bed.Strip)}, {Amount.Length(bed.Height)} high, {(bed.Shape == 0 ? "straight" : bed.Shape == 1 ? "an L" : "a U")}",
            Parts =
            [
                new("sheet", "Sheet, stood on end", Form.Sheet, sheets.Count, bed.Height + set["foot"], m.Width, m.ProfileDepth, "sheets"),
                .. bed.Walls.Select((w, i) => new Part($"ledge-{i + 1}", "Ledge", Form.Timber, 1, w.Length, LedgeSide, LedgeSide, $"ledge-{i + 1}")), new("tie", "Tie of two strands", Form.Line, bed.Ties.Count, bed.Strip, WireDiameter, WireDiameter, "wire"),
            ],
            Joints = [new("Ledges to sheets", "ledge-1", "sheet", WoodScrew.Outdoor.Goods, 3 * sheets.Count, LetIn: true)],
            Bays = [.. bed.Rooms.Select(r => new Bay("Soil", new TaperedBox(r.Length, r.Width, r.Length, r.Width, bed.Height), bed.Soil, r.At))],
            Foot = new OpenGround(),
            LoadPaths = [new TiedSheetWall("sheet", "ledge-1", "tie", bed.Soil, set["foot"], bed.Spacing, set.Whole("ties") + 1, new(m.ProfileDepth, m.Pitch, m.Thickness, SheetSteel.Of(set.Brief.Handbook)), (ledge.Thin, ledge.Wide), Piece.BoughtGrade, WireDiameter) { Worn = bed.Walls.Select((_, i) => cast.Worn($"ledge-{i + 1}")).Max() }],
            Handling = new(sheets.Sum(s => s.Length * s.Wide) * m.Thickness * 1.2 * 7850, BuiltInPlace: true),
            Stance = new BuiltIn(bed.Rooms.Sum(r => r.Length * r.Width)),
            Scene = () => Stand(bed, set, m),
            Operations = () => Steps(bed, set, sheets.Count),
            Reach = bed.Shape == 2 ? bed.Strip : bed.Strip / 2,
        };
    }

    private static Scene Stand(Plan bed, Chosen set, RoofingMeasures m)
    {
        var solids = new List<Solid>();
        double top = bed.Height, foot = -set["foot"];
        foreach (var (wall, i) in bed.Walls.Select((w, i) => (w, i)))
        {
            var along = (wall.To - wall.From).Unit();
            Point3 out_ = new(along.Y, -along.X, 0);
            var strips = SheetsNeeded.StripsFor(wall.Length, m.Width, Lap);
            for (var s = 0; s < strips; s++)
            {
                double from = s * (strips == 1 ? 0 : (wall.Length - m.Width) / (strips - 1)), to = Math.Min(wall.Length, from + m.Width);
                solids.Add(new Skin("sheet", Ink.Metal, [.. Waves(wall.From, along, out_, from, to, m, foot, top)], m.Thickness));
            }

            // The ledge sits over the edge, its inner side flush with the soil; it stops short where another meets it.
            Point3 a = wall.From + along * (wall.Inner ? LedgeSide : 0), b = wall.To - along * (wall.Inner ? LedgeSide : 0);
            solids.Add(Prism.Bar($"ledge-{i + 1}", Ink.Wood, (a + out_ * (LedgeSide / 2)) with { Z = top + LedgeSide / 2 }, (b + out_ * (LedgeSide / 2)) with { Z = top + LedgeSide / 2 }, LedgeSide, LedgeSide, new(0, 0, 1)));
        }

        solids.AddRange(bed.Ties.Select(t => new Rod("tie", Ink.Line, [t.From with { Z = top - .02 }, t.To with { Z = top - .02 }], WireDiameter, WireDiameter)));
        solids.AddRange(bed.Rooms.Select(r => Prism.Box(Parts.Soil, Ink.Soil, r.At + new Point3(-r.Length / 2 + .003, -r.Width / 2 + .003, .001), r.At + new Point3(r.Length / 2 - .003, r.Width / 2 - .003, bed.Soil))));
        var box = Extent.Of(bed.Walls.SelectMany(w => (Point3[])[w.From, w.To]));
        var (p, q) = (box.Least, box.Most);
        return new(solids,
        [
            new("front", p, p with { Z = top }, .14, "height"), new("plan", new(p.X, q.Y, 0), q, .14, "length"), new("plan", new(p.X, q.Y - bed.Strip, 0), new(p.X, q.Y, 0), .14, "strip"),
            new("section", new(0, q.Y, 0), new(0, q.Y, foot), .1, "foot"), new("section", new(0, q.Y - bed.Strip, 0), new(0, q.Y - bed.Strip, top), .12, "height"),
        ]);
    }

    /// <summary>A sheet as it is folded, a panel to each half wave.</summary>
    private static IEnumerable<IReadOnlyList<Point3>> Waves(Point3 start, Point3 along, Point3 out_, double from, double to, RoofingMeasures m, double z0, double z1)
    {
        var steps = Math.Max(1, (int)Math.Round((to - from) / (m.Pitch / 2)));
        Point3 At(int k) => start + along * (from + (to - from) * k / steps) + out_ * (k % 2 == 0 ? .001 : m.ProfileDepth);
        for (var k = 0; k < steps; k++) yield return [At(k) with { Z = z0 }, At(k + 1) with { Z = z0 }, At(k + 1) with { Z = z1 }, At(k) with { Z = z1 }];
    }

    private static string Ledge(int wall) => $"ledge-{wall + 1}";

    private static IReadOnlyList<Operation> Steps(Plan bed, Chosen set, int sheets) =>
    [
        Op.SetOut(bed.Length, bed.Strip),
        new("sheets", $"Cut {new Count(sheets, "length", "lengths")} of sheet", $"{Amount.Length(bed.Height + set["foot"])} each, across the corrugations; file every edge. The raw edge goes up, under the ledge.", 8 * sheets, ["Tin snips", "File"], Op.Saw, false, "edges") { SlowerWithSalvage = true, Cuts = ["sheets"] },
        new("trench", "Dig a slot for the foot", $"{Amount.Length(set["foot"])} deep and a spade wide, along every wall.", 12 * bed.Walls.Sum(w => w.Length), ["Spade", "Line and pegs"], Op.Gloves, false, "services"),
        new("stand", "Stand the sheets", $"Corrugations upright, each lapped {Amount.Length(Lap)} over its neighbour, the laps away from where people pass; ram the ground back on both sides.", 10 * sheets, ["Level", "Mallet"], Op.Gloves, true, "edges", "lift") { Places = ["sheet"] },
        Op.Cut("ledges", "ledges", bed.Walls.Count, bed.Length) with { Words = "As long as each wall; corners butted.", Cuts = [.. bed.Walls.Select((_, i) => Ledge(i))] },
        new("ledge", "Screw the ledge over the edge", $"Its inner side flush with the sheet, a screw in every other trough, drilled {Amount.Length(.004)} first. No raw edge may be left to a hand.", 6 * sheets, [Op.Bit(.004), "Screwdriver"], Op.EyesAndGloves, false, "drill", "edges") { Places = [.. bed.Walls.Select((_, i) => Ledge(i))] },
        new("ties", $"Tie the walls across, {new Count(bed.Ties.Count, "tie", "ties")}", "Two strands round both ledges, twisted tight in the middle, under the soil that is to come. Pull straight, not inwards.", 10 * bed.Ties.Count, ["Pliers", "Side cutter"], Op.EyesAndGloves, false, "wire") { Places = ["tie"] },
        Op.Fill(bed.Rooms.Sum(r => r.Length * r.Width) * bed.Soil, HeadSpace, " Look along the walls after each layer."),
    ];

    /// <summary>A straight wall, soil on its left going from one end to the other.</summary>
    /// <param name="Inner">True where both of its ends meet other walls in an inner corner.</param>
    private sealed record Wall(Point3 From, Point3 To, bool Inner)
    {
        public double Length => (To - From).Length;
    }

    private sealed record Room(Point3 At, double Length, double Width);

    private sealed record Plan(Chosen Set)
    {
        public double Height => Set["height"];

        public double Length => Set["length"];

        public double Strip => Set["strip"];

        public int Shape => Set.Whole("shape");

        public double Arm => Set["arm"];

        public double Soil => Height - HeadSpace;

        /// <summary>Between the arms of a U, m; 0 without any.</summary>
        public double Path => Shape == 2 ? Length - 2 * Strip : 0;

        public double Spacing => Walls.Max(w => w.Length) / (Set.Whole("ties") + 1);

        /// <summary>Round the bed, its soil on the left hand: the back is at y = 0, the arms come forward.</summary>
        public IReadOnlyList<Wall> Walls => field ??= Round([.. Corners.Select(c => new Point3(c.X, c.Y, 0))]);

        public IReadOnlyList<Room> Rooms => Shape switch
        {
            0 => [new(new(0, -Strip / 2, 0), Length, Strip)],
            1 => [new(new(0, -Strip / 2, 0), Length, Strip), new(new(-Length / 2 + Strip / 2, -(Strip + Arm) / 2, 0), Strip, Arm - Strip)],
            _ => [new(new(0, -Strip / 2, 0), Length, Strip), new(new(-Length / 2 + Strip / 2, -(Strip + Arm) / 2, 0), Strip, Arm - Strip), new(new(Length / 2 - Strip / 2, -(Strip + Arm) / 2, 0), Strip, Arm - Strip)],
        };

        /// <summary>Across each room, from wall to wall.</summary>
        public IReadOnlyList<(Point3 From, Point3 To)> Ties => field ??=
        [
            .. Rooms.SelectMany((r, i) => Enumerable.Range(1, Set.Whole("ties")).Select(k => k / (Set.Whole("ties") + 1.0) - .5).Select(f => i == 0
                ? (r.At + new Point3(f * r.Length, -r.Width / 2, 0), r.At + new Point3(f * r.Length, r.Width / 2, 0))
                : (r.At + new Point3(-r.Length / 2, f * r.Width, 0), r.At + new Point3(r.Length / 2, f * r.Width, 0)))),
        ];

        private IReadOnlyList<Point> Corners
        {
            get
            {
                double l = Length / 2, s = Strip, a = Arm;
                return Shape switch
                {
                    0 => [new(-l, -s), new(l, -s), new(l, 0), new(-l, 0)],
                    1 => [new(-l, -a), new(-l + s, -a), new(-l + s, -s), new(l, -s), new(l, 0), new(-l, 0)],
                    _ => [new(-l, -a), new(-l + s, -a), new(-l + s, -s), new(l - s, -s), new(l - s, -a), new(l, -a), new(l, 0), new(-l, 0)],
                };
            }
        }

        private static IReadOnlyList<Wall> Round(IReadOnlyList<Point3> c)
        {
            var n = c.Count;
            bool Hollow(int i) => (c[i] - c[(i + n - 1) % n]).Cross(c[(i + 1) % n] - c[i]).Z < 0;
            return [.. Enumerable.Range(0, n).Select(i => new Wall(c[i], c[(i + 1) % n], Hollow(i) || Hollow((i + 1) % n)))];
        }
    }
}
