using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drainage;
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

/// <summary>A drum cut in two along its length, one half or both laid in cradles of their own: a keel of two battens under the lowest line, a rail on each side, bearers across with stops.</summary>
public sealed class DrumCradle : Design
{
    private const double HeadSpace = .03;
    private const double KeelWide = .045, KeelThick = .045;
    private const double BearerThick = .045, BearerWide = .07;
    private const double StopSide = .045, StopLength = .10;
    private const int StopScrews = 3;

    /// <summary>Between the two battens of a keel, for the holes and what comes out of them.</summary>
    private const double KeelGap = .04;

    /// <summary>Width of the strip along the lowest line that holes are drilled in.</summary>
    private const double Strip = .05;

    /// <summary>From the end of the drum to the middle of the last bearer.</summary>
    private const double Inset = .08;

    /// <summary>From one trough to the next.</summary>
    private const double Between = .35;

    private static readonly Role Rails = new("rails", "Rails", Seat.Clear, Form.Timber) { Buy = "timber", Carries = true, Also = Stuff.TooStout };
    private static readonly Role Battens = new("keel", "Keel and bearers", Seat.Clear, Form.Timber, Form.Board) { Buy = "timber", Carries = true, Also = Stuff.TooStout };

    public override string Id => "drum-cradle";

    public override string Name => "Half drum in a cradle";

    public override string Summary => "A drum cut in two along its length, its halves laid in cradles: long troughs, two from one drum.";

    public override Role Lead { get; } = new("drum", "The drum", Seat.BehindFilm, Form.Vessel) { Counts = l => l.Way.Id == "two-troughs", Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead) =>
    [
        new Setting("troughs", "Troughs", Unit.Count, [new(1, "one half"), new(2, "both halves")], 1, "The other half is kept for another place").TryAll(),
        Setting.Even("rail", "Rails, square", Unit.Metre, .075, .10, .025, .075, "Stouter rails reach farther round and keep the edge in").TryAll(),
        Setting.Even("bearers", "Bearers under each", Unit.Count, 2, 4, 1, 2, "Keel and rails bend between them").Least(),
        new("hole", "Hole", Unit.Metre, [new(.008), new(.010), new(.012)], .010, "A bit most people own, and room beside it between the battens"), Packing.Pad, Packing.Wall,
    ];

    public override double AtMost(Chosen set) => 1000 * set["troughs"] * new Plan(set).Space.Volume;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var trough = new Plan(set);
        var n = trough.Troughs;
        return Demand.Of(
            new WholeNeeded("drum", Lead, 1),
            new PiecesNeeded("rails", Rails, 2 * n, trough.Length, trough.Rail, trough.Rail) { Exact = trough.Rail },
            new PiecesNeeded("keel", Battens, 2 * n, trough.Length, KeelWide, KeelThick) { Name = "Keel", Exact = KeelThick },
            new PiecesNeeded("bearers", Battens, n * trough.Bearers, trough.BearerLength, KeelWide, BearerThick) { Name = "Bearers", Exact = BearerThick },
            new PiecesNeeded("stops", Battens, 2 * n * trough.Bearers, StopLength, StopSide, StopSide) { Name = "Stops", Exact = StopSide });
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var trough = new Plan(set) { BearerWidth = Math.Min(BearerWide, cast["bearers"].Min(b => b.Wide)) };
        var (handbook, n) = (set.Brief.Handbook, trough.Troughs);
        Burden each = new(trough.Space.VolumeTo(trough.Soil), trough.Empty(handbook));
        List<Part> parts = [new("trough", "Half drum", Form.Vessel, 1, trough.Length, 2 * trough.Radius, trough.Radius, "drum")];
        if (n > 1) parts.Add(new("trough-2", "Other half", Form.Vessel, 1, trough.Length, 2 * trough.Radius, trough.Radius));
        parts.AddRange(
        [
            new("rail", "Rail", Form.Timber, 2 * n, trough.Length, trough.Rail, trough.Rail, "rails"), new("keel", "Keel batten", Form.Timber, 2 * n, trough.Length, KeelWide, KeelThick, "keel"),
            new("bearer", "Bearer", Form.Timber, n * trough.Bearers, trough.BearerLength, trough.BearerWidth, BearerThick, "bearers"), new("stop", "Stop", Form.Timber, 2 * n * trough.Bearers, StopLength, StopSide, StopSide, "stops"),
        ]);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{(n == 1 ? "one trough" : "two troughs")} of {Amount.Length(trough.Length)} by {Amount.Length(2 * trough.Radius)}, {new Count(trough.Bearers, "bearer", "bearers")} under each",
            Parts = parts,
            Joints =
            [
                new("Stops to bearers", "stop", "bearer", WoodScrew.For(StopSide).Goods, 2 * n * trough.Bearers * StopScrews), new("Rails and keel to bearers", "keel", "bearer", WoodScrew.For(KeelThick).Goods, 2 * n * trough.Bearers),
            ],
            Bays = [.. trough.Rows.Select((y, i) => new Bay(n == 1 ? "Soil" : i == 0 ? "One half" : "The other half", trough.Space, trough.Soil, new(0, y, trough.Floor0)))],
            Foot = trough.Floor,
            LoadPaths =
            [
                new CradledShell("trough", trough.Radius, trough.Angle, trough.Shell(handbook)),
                new CradleStops("stop", trough.Angle, each, trough.Space.AreaAt(trough.Soil), trough.Bearers, StopScrews, StopSide, BearerThick, Piece.BoughtGrade),
                new RollOver("trough", trough.Angle, each),
                new CradleBeam("rail", "rail", "Rails between the bearers", trough.Rail, trough.Rail, trough.Span, trough.Bearers - 1, trough.Length, each, trough.Space.AreaAt(trough.Soil), cast.Worn("rails")),
                new CradleBeam("keel", "keel", "Keel between the bearers", KeelWide, KeelThick, trough.Span, trough.Bearers - 1, trough.Length, each, trough.Space.AreaAt(trough.Soil), cast.Worn("keel")),
            ],
            Handling = new(n * each.Empty + Stuff.WoodDensity * cast["rails"].Concat(cast["keel"]).Concat(cast["bearers"]).Sum(p => p.Length * p.Wide * p.Thin), BuiltInPlace: false) { Each = n == 1 ? null : each },
            Stance = new OnFeet(trough.Length - 2 * Inset + trough.BearerWidth, trough.BearerLength, (trough.Length, 2 * trough.Radius, trough.Floor0 + trough.Radius), trough.Bearers * trough.BearerLength * trough.BearerWidth, "bearer", set.Whole("wall") == 1) { Bears = n == 1 ? null : each },
            Scene = () => Stand(trough, handbook),
            Operations = () => Steps(trough, set),
            Reach = trough.Radius,
        };
    }

    private static DrumMeasures Of(Lead lead) => lead.Main.As<DrumMeasures>()!;

    private static Sentence? WhyNot(Lot lot)
    {
        if (lot.Of.Thing.Substance.Shell() is null) return $"Nobody knows how strong {lot.Of.Thing.Substance.Name()} is when it stays wet.";
        if (lot.Of.Thing.Shows(Findings.RustThrough)) return "Rusted through: cut along its length nothing holds it together.";
        return lot.Of.Thing.Shows(Findings.Cracked) ? "Cracked: half a drum has no hoop to keep the crack shut." : null;
    }

    private static Scene Stand(Plan trough, Handbook handbook)
    {
        const int Staves = 10;
        var solids = new List<Solid>();
        double r = trough.Radius, w = trough.Wall, l = trough.Length / 2;
        var ink = trough.Ink;
        foreach (var (y, i) in trough.Rows.Select((y, i) => (y, i)))
        {
            var part = i == 0 ? "trough" : "trough-2";
            Point On(double radius, double a) => new(y + radius * Math.Sin(a), trough.Middle - radius * Math.Cos(a));
            // The shell by flat staves, and what is left of the drum's ends.
            for (var k = 0; k < Staves; k++)
            {
                double a = Math.PI * ((double)k / Staves - .5), b = Math.PI * ((k + 1.0) / Staves - .5);
                solids.Add(new Prism(part, ink, [On(r + w, a), On(r + w, b), On(r, b), On(r, a)], new(-l, 0, 0), new(2 * l, 0, 0), new(0, 1, 0), new(0, 0, 1)));
            }

            foreach (var end in (double[])[-l - w, l]) solids.Add(new Prism(part, ink, [.. Enumerable.Range(0, Staves + 1).Select(k => On(r + w, Math.PI * ((double)k / Staves - .5)))], new(end, 0, 0), new(w, 0, 0), new(0, 1, 0), new(0, 0, 1)));
            var level = Math.Acos((r - trough.Soil) / r);
            solids.Add(new Prism(Parts.Soil, Ink.Soil, [.. Enumerable.Range(0, Staves + 1).Select(k => On(r * .99, level * (2.0 * k / Staves - 1)))], new(-l + .002, 0, 0), new(2 * l - .004, 0, 0), new(0, 1, 0), new(0, 0, 1)));
            foreach (var side in (int[])[-1, 1])
            {
                double inner = y + side * trough.RailInner;
                solids.Add(Prism.Box("rail", Ink.Wood, new(-l, inner, BearerThick), new(l, inner + side * trough.Rail, BearerThick + trough.Rail)));
                solids.Add(Prism.Box("keel", Ink.Wood, new(-l, y + side * KeelGap / 2, BearerThick), new(l, y + side * (KeelGap / 2 + KeelWide), BearerThick + KeelThick)));
            }

            foreach (var x in trough.BearersAt)
            {
                solids.Add(Prism.Box("bearer", Ink.WoodEnd, new(x - trough.BearerWidth / 2, y - trough.BearerLength / 2, 0), new(x + trough.BearerWidth / 2, y + trough.BearerLength / 2, BearerThick)));
                foreach (var side in (int[])[-1, 1])
                {
                    var from = y + side * (trough.RailInner + trough.Rail);
                    solids.Add(Prism.Box("stop", Ink.WoodEnd, new(x - StopSide / 2, from, BearerThick), new(x + StopSide / 2, from + side * StopLength, BearerThick + StopSide)));
                }
            }
        }

        var first = trough.Rows[0];
        return new(solids,
        [
            new("front", new(-l, first - r, 0), new(-l, first - r, trough.Middle), .12), new("plan", new(-l, trough.Rows[^1] + r + w, 0), new(l, trough.Rows[^1] + r + w, 0), .12),
            new("section", new(0, first - r, trough.Floor0), new(0, first - r, trough.Floor0 + trough.Soil), .12), new("section", new(0, first + trough.RailInner, 0), new(0, first + trough.RailInner + trough.Rail, 0), -.06, "rail"),
        ]);
    }

    private static IReadOnlyList<Operation> Steps(Plan trough, Chosen set)
    {
        var n = trough.Troughs;
        var holes = trough.Floor.Holes(set.Brief).Count;
        var all = n * holes;
        return
        [
            Op.Wash(),
            new("mark", "Mark the cut", "Lay it down. A straight edge along it through the middle of both ends, and one across from it: measure half way round at both ends. Screw the bungs tight; they stay in.", 12, ["Tape", "Marker", "Level"], []),
            new("cut", "Cut it in two", "Wedge it so that it cannot roll. A starting hole on the line, then slowly along it and across both ends. Metal: fine blade, and let it cool. Two hold the halves when they come apart.", 35, ["Drill", "Jigsaw"], Op.Saw, true, "drum", "saw") { SlowerWithSalvage = true, Cuts = ["drum"] },
            new("edge", "Dress the cut edge", "File off every burr and cover all of the edge with split hose: it is at the height of knees and children’s hands.", 20, ["File", "Knife"], Op.Gloves, false, "edges"),
            Op.Cut("pieces", "pieces of the cradle", 4 * n + 3 * n * trough.Bearers, trough.Length) with { Words = $"{new Count(2 * n, "rail", "rails")} and {new Count(2 * n, "keel batten", "keel battens")} of {Amount.Length(trough.Length)}, {new Count(n * trough.Bearers, "bearer", "bearers")} of {Amount.Length(trough.BearerLength)}, {new Count(2 * n * trough.Bearers, "stop", "stops")} of {Amount.Length(StopLength)}.", Cuts = ["rails", "keel", "bearers", "stops"] },
            new("cradle", n == 1 ? "Screw up the cradle" : "Screw up the cradles", $"Bearers level; keel battens {Amount.Length(KeelGap)} apart on their middles, rails so far out that the drum touches both and the keel; a stop outside each rail on every bearer, {new Count(StopScrews, "screw", "screws")} each, drilled {Amount.Length(.004)} first.", Op.Screws(n * trough.Bearers * (2 * StopScrews + 2)), [Op.Bit(.004), "Screwdriver", "Level"], Op.EyesAndGloves, false, "drill") { Places = ["bearer", "keel", "rail", "stop"] },
            .. VesselSteps.Prove([new CradledShell("trough", trough.Radius, trough.Angle, trough.Shell(set.Brief.Handbook))], set.Brief),
            VesselSteps.Drill(all, trough.Floor.HoleDiameter, set.Lead.Thing.Thing.Substance, $"Along the lowest line of {(n == 1 ? "it" : "each")}, between the two battens, by the template"),
            new("lay", n == 1 ? "Lay it in its cradle" : "Lay them in their cradles", "Cut edge up and level, touching both rails and the keel all along; where it does not, a strip of hose under it.", 8 * n, ["Level"], Op.Gloves, true, "lift") { Places = n == 1 ? ["trough"] : ["trough", "trough-2"] },
            Op.FirstWater(),
            .. VesselSteps.Pads(trough.Floor, all),
            VesselSteps.Fill(n * trough.Space.VolumeTo(trough.Soil), n, " From the middle outwards; look along the edge after each: it must stay straight."),
        ];
    }

    private sealed record Plan(Chosen Set)
    {
        private DrumMeasures Drum { get; } = Of(Set.Lead);

        public double BearerWidth { get; init; } = BearerWide;

        public int Troughs => Set.Whole("troughs");

        public int Bearers => Set.Whole("bearers");

        public double Rail => Set["rail"];

        public double Radius => Drum.Diameter / 2;

        public double Wall => Drum.Wall;

        public double Length => Drum.Height;

        public HalfDrum Space => new(Drum.Diameter, Drum.Height);

        public double Soil => Radius - HeadSpace;

        /// <summary>Height of its lowest line inside.</summary>
        public double Floor0 => BearerThick + KeelThick + Wall;

        /// <summary>Height of the middle of the drum that it was.</summary>
        public double Middle => Floor0 + Radius;

        /// <summary>Rails lie on the same bearers as the keel: so far from the lowest line the drum touches their inner edges.</summary>
        public double Angle => Math.Acos(1 - (Rail - KeelThick) / (Radius + Wall));

        /// <summary>From the middle out to the inner edge of a rail.</summary>
        public double RailInner => (Radius + Wall) * Math.Sin(Angle) + .001;

        public double BearerLength => 2 * (RailInner + Rail + StopLength);

        public double Span => (Length - 2 * Inset) / (Bearers - 1);

        public IEnumerable<double> BearersAt => Enumerable.Range(0, Bearers).Select(i => -Length / 2 + Inset + i * Span);

        /// <summary>Middles of the troughs, across.</summary>
        public IReadOnlyList<double> Rows => Troughs == 1 ? [0] : [-(Radius + Between / 2), Radius + Between / 2];

        public ClosedFloor Floor => field ??= new(new RectangleOutline(Length - 2 * Inset, Strip), Set["hole"], Set["pad"], BearerThick + KeelThick, Space.WidthAt(Soil) / Strip, false, [], 0) { Alike = Troughs, Line = (Space, Space.WidthAt(Soil)) };

        public Ink Ink => new HeldSoil("trough", Drum, Set.Lead.Thing.Thing, Space, Soil).Ink;

        /// <summary>What it stood full of water for was the whole drum: of its half that proves nothing.</summary>
        public Shell Shell(Handbook handbook) => LoadPaths.Shell.Of(Set.Lead.Thing.Thing, Wall, Radius, handbook)!.Unproved();

        public double Empty(Handbook handbook) => (Math.PI * Radius * Length + Math.PI * Radius * Radius) * Wall * handbook[Set.Lead.Thing.Thing.Substance.Shell() + ".density"];
    }
}
