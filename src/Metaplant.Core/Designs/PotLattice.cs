using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// Pots hung in rows before a lattice, or before two bound together, which is fixed to a wall: none within the height of a pot straight above another, so that every plant has its air.
/// </summary>
public sealed class PotLattice : Design
{
    private const double Between = .04, HeadRoom = .06;
    private const double MostAcross = .40, MostHigh = .40;
    /// <summary>Of a lattice that is not there, for the drawing.</summary>
    private const double UsualDeep = .03;

    private const double LathDeep = .025, UprightWide = .025;

    /// <summary>Uprights of a lattice nobody has counted, so far apart at most.</summary>
    private const double UprightsApart = .30;

    private const double WireThick = .0022, WireBeyond = .50;

    private static readonly Role Lattices = new("lattice", "A lattice or old gate", Seat.Clear, Form.Frame) { Counts = l => l.Of.Thing.Kind is Salvage.Kinds.Lattice, Also = WhyNoLattice };
    private static readonly Role Wire = new("wire", "Wire to hang the pots by", Seat.Clear, Form.Line) { Buy = "wire", Of = s => s == Substance.Wire };

    public override string Id => "pot-lattice";

    public override string Name => "Pot lattice";

    public override string Summary => "Pots hung in rows on a lattice that is fixed to a wall, sun lovers above and shade below.";

    public override Role Lead { get; } = new("pots", "Pots or pails", Seat.BehindFilm, Form.Vessel) { Counts = l => l.As<IVessel>() is { CutDownTo: null }, Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var foot = Of(lead).Inside.SectionAt(0);
        return
        [
            Setting.Even("pots", "Pots", Unit.Count, 2, Math.Clamp(lead.Thing.Thing.Count, 2, 24), 1, Math.Clamp(lead.Thing.Thing.Count, 2, 4), "As many as the lattice has room for").TryAll(),
            Packing.SoilLevel(Of(lead).Inside.Height) with { Sizes = [] },
            new Setting("lattices", "Lattices", Unit.Count, [new(1, "one"), new(2, "two bound together")], 1, "Two carry twice as much, and hold a pot between them").TryAll(),
            new Setting("stagger", "Rows", Unit.Count, [new(0, "straight"), new(1, "staggered")], 1, "Straight above each other they leave more room between; staggered they lie closer").TryAll(),
            Setting.Even("up", "Foot of the lattice over the ground", Unit.Metre, .20, 1.20, .10, .40, "The lowest pot clear of splashes, the highest in reach"),
            Packing.Hole(foot.Length), Packing.Pad,
            Packing.Drips,
        ];
    }

    public override double AtMost(Chosen set) => new Plan(set) is var wall ? 1000 * wall.Pots * wall.Inside.VolumeTo(wall.Soil) : 0;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var wall = new Plan(set);
        if (wall.Soil < .05) return new Problem("soil", "Too shallow to hold soil.");
        return Demand.Of(
            new WholeNeeded("pots", Lead, wall.Pots),
            new FoundNeeded("lattice", Lattices, set.Whole("lattices"), Math.Max(wall.RoomAlong, wall.RoomUp), Math.Min(wall.RoomAlong, wall.RoomUp)),
            new RunNeeded("wire", Wire, wall.Pots * wall.WireEach, WireThick, .004));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var wall = new Plan(set) { Lattice = cast["lattice"][0] };
        var handbook = set.Brief.Handbook;
        var thing = wall.Lattice.Of?.Thing;
        Burden one = new(wall.Inside.VolumeTo(wall.Soil), wall.Held.EmptyMass(handbook));
        var empty = wall.Pots * one.Empty + wall.LatticeMass;
        WallFixing fixings = new("lattice", wall.Pots * one.Wet(set.Brief.Medium) + wall.LatticeMass, wall.PotAway, wall.Long, wall.Tall, wall.FixingRows);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(wall.Pots, "pot", "pots")} in {new Count(wall.Rows, "row", "rows")} on a lattice of {Amount.Length(wall.Long)} by {Amount.Length(wall.Tall)}",
            Parts =
            [
                new("pot", set.Lead.Thing.Thing.Kind.Name, Form.Vessel, wall.Pots, wall.Rim.Length, wall.Rim.Width, wall.Inside.Height, "pots"), new("lattice", "Lattice", Form.Frame, set.Whole("lattices"), wall.Long, wall.Tall, wall.Deep, "lattice"),
                new("wire", "Wire of a pot", Form.Line, wall.Pots, wall.WireEach, WireThick, WireThick, "wire"),
            ],
            Joints = [new("Pots to laths", "pot", "lattice", "lashing", wall.Pots), new("Wires to laths", "wire", "lattice", "lashing", 0, LetIn: true), new("Wires to pots", "wire", "pot", "lashing", 0, LetIn: true)],
            Extras = [new("fixings", "Eyes and plugs", "eye", 2 * wall.FixingRows.Count)],
            Bays = [.. wall.Middles.Select((m, i) => new Bay($"Pot {i + 1}", wall.Inside, wall.Soil, m))],
            Foot = wall.Floor,
            LoadPaths =
            [
                .. wall.Held.ByItsRim(handbook), fixings,
                new PotOnLath("lattice", "wire", UprightsApart, LathDeep, wall.Deep / 2, one, WireThick, thing?.Substance.Grade() ?? Piece.BoughtGrade, wall.Lattice.Condition),
                new RoomLeft("pot-air", "pot", "Free above each pot", wall.Inside.Height, wall.Air, $"Only {Amount.Length(Math.Max(0, wall.Air))} is free above a pot before the next hangs straight over it; the height of one, {Amount.Length(wall.Inside.Height)}, is the least."),
                new Drips("pot", set.Whole("drips") == 1),
            ],
            Figures = [.. wall.RowsOf.Select((r, i) => Sum.Of($"Weight of row {i + 1}", "n (ρ_sat V + m₀)", [new("n", "pots in it", r, Unit.Count), new("V", "soil in one", one.Soil, Unit.CubicMetre), new("m₀", "one, empty", one.Empty, Unit.Kilogram)], r * one.Wet(set.Brief.Medium), Unit.Kilogram, "Full of water", i == 0 ? "The top row" : ""))],
            Handling = new(empty, BuiltInPlace: true) { Each = one },
            Stance = new Hung(wall.Long * (wall.Deep + wall.Rim.Width)),
            Scene = () => Stand(wall),
            Operations = () => Steps(wall, set, fixings),
            Reach = wall.Rim.Width + wall.Deep,
        };
    }

    private static IVessel Of(Lead lead) => lead.Main.As<IVessel>()!;

    private static Sentence? WhyNot(Lot lot)
    {
        var (vessel, thing) = (lot.As<IVessel>()!, lot.Of.Thing);
        if (HeldSoil.NotKnown(vessel, thing) is { } unknown) return unknown;
        if (vessel.NeedsLiner) return "It has gaps, and hangs by no rim.";
        var (foot, rim) = (vessel.Inside.SectionAt(0), vessel.Inside.SectionAt(vessel.Inside.Height));
        if (Math.Max(rim.Length, rim.Width) > MostAcross || vessel.Inside.Height > MostHigh) return "Too large and heavy for a wall.";
        if (Math.Min(foot.Length, foot.Width) < Packing.LeastFoot) return "A pot, too small to be drilled.";
        return thing.Count < 2 ? "One pot makes no wall of them." : null;
    }

    private static Sentence? WhyNoLattice(Lot lot)
    {
        var thing = lot.Of.Thing;
        if (thing.Substance.Grade() is null) return $"Nobody knows how strong laths of {thing.Substance.Name()} are.";
        return thing.Shows("wobbles") ? "It wobbles: screw every crossing first, and look at it again." : null;
    }

    private static Scene Stand(Plan wall)
    {
        var solids = new List<Solid>();
        double l = wall.Long / 2, foot = wall.Set["up"], top = foot + wall.Tall, half = wall.Deep / 2;
        // Laths before uprights; of two bound together the second is turned about, uprights before.
        var uprights = Math.Max(2, (int)Math.Ceiling(wall.Long / UprightsApart - 1e-9) + 1);
        for (var i = 0; i < uprights; i++)
        {
            var x = -l + (wall.Long - UprightWide) * i / (uprights - 1);
            solids.Add(Prism.Box("lattice", Ink.WoodEnd, new(x, half, foot), new(x + UprightWide, wall.Deep, top)));
        }

        foreach (var z in wall.LathsAt) solids.Add(Prism.Box("lattice", Ink.Wood, new(-l, 0, z), new(l, half, z + LathDeep)));
        foreach (var m in wall.Middles)
        {
            solids.Add(Vat.Around("pot", wall.Held.Ink, wall.Inside, wall.Vessel.Wall, m with { Z = m.Z - wall.Vessel.Wall }));
            solids.Add(Vat.Filling(Parts.Soil, Ink.Soil, wall.Inside, wall.Soil, m with { Z = m.Z + .0005 }));
            double rim = m.Z + wall.Inside.Height, r = wall.Rim.Length / 2;
            foreach (var side in (int[])[-1, 1]) solids.Add(new Rod("wire", Ink.Line, [new(m.X + side * r, m.Y, rim - .01), new(m.X, -.002, rim + HeadRoom)], WireThick, WireThick));
        }

        var first = wall.Middles[0];
        return new(solids,
        [
            new("front", new(-l, 0, foot), new(l, 0, foot), -.10), new("front", new(-l, 0, foot), new(-l, 0, top), .12), new("front", new(l, 0, 0), new(l, 0, foot), -.12, "up"),
            new("section", new(first.X, first.Y - wall.Rim.Width / 2, first.Z), new(first.X, first.Y - wall.Rim.Width / 2, first.Z + wall.Soil), .08, "soil"),
        ], SectionAt: first.X);
    }

    private static IReadOnlyList<Operation> Steps(Plan wall, Chosen set, WallFixing fixings)
    {
        var n = wall.Pots;
        var holes = wall.Floor.Holes(set.Brief).Count * n;
        List<Operation> steps = [Op.Wash()];
        if (set.Whole("lattices") == 2) steps.Add(new("bind", "Bind the two lattices", "Face to face, the laths of one across those of the other; wire at every second crossing, twisted tight, ends turned in.", 40, ["Pliers", "Side cutter"], Op.EyesAndGloves, false, "wire"));
        steps.AddRange(
        [
            new("test", "Test the fixings", Sentence.Join(" ", fixings.Test(set.Brief)), 15 * wall.FixingRows.Count, [Op.Bit(.008), "Spanner"], Op.EyesAndGloves, true, "drill"),
            new("hang", "Hang the lattice", $"Its foot {Amount.Length(set["up"])} over the ground and resting on a batten or two blocks, {new Count(wall.FixingRows.Count, "row", "rows")} of two fixings; a hand’s breadth of air behind it, or the wall stays wet.", 30, ["Level", "Screwdriver"], Op.Gloves, true, "lift") { Places = ["lattice"] },
        ]);
        steps.AddRange(VesselSteps.Prove(wall.Held.ByItsRim(set.Brief.Handbook), set.Brief));
        steps.AddRange(
        [
            VesselSteps.Drill(holes, wall.Floor.HoleDiameter, set.Lead.Thing.Thing.Substance, "In the foot of each, by the template"),
            .. VesselSteps.Pads(wall.Floor, holes),
            new("wire", "Wire every pot", $"{Amount.Length(wall.WireEach)} each: once round under the rim, twisted, and two ends up to the lath. A handle of its own does where it holds the pot full of water.", 6 * n, ["Pliers", "Side cutter"], Op.EyesAndGloves, false, "wire") { Cuts = ["wire"] },
            new("hang-pots", $"Hang {new Count(n, "pot", "pots")}", $"Empty, from above downwards, {(set.Whole("stagger") == 1 ? "each over the gap between two below" : "in straight rows")}; none within {Amount.Length(wall.Inside.Height)} straight above another.", 4 * n, ["Pliers"], Op.Gloves) { Places = ["pot", "wire"] },
            VesselSteps.Fill(n * wall.Inside.VolumeTo(wall.Soil), n),
            new("plant", "Plant by light", wall.Rows == 1 ? "What bears drought and sun: a pot on a wall dries from all sides." : "Above what wants sun and bears drought, such as thyme and houseleek; below what likes shade and damp, such as mint and parsley; what trails only where nothing hangs under it. Water from above: what drips serves the next. No child climbs it.", 4 * n, ["Trowel"], []),
        ]);
        return steps;
    }

    private sealed record Plan(Chosen Set)
    {
        public IVessel Vessel { get; } = Of(Set.Lead);

        /// <summary>The lattice that was found; a bare size where there is none.</summary>
        public Piece Lattice { get; init; } = new("lattice", null, "", 0, 1, 1, .05);

        public Vessel Inside => Vessel.Inside;

        public Outline Rim => Inside.SectionAt(Inside.Height);

        public double Soil => Set["soil"];

        public int Pots => Set.Whole("pots");

        public bool Staggered => Set.Whole("stagger") == 1;

        public HeldSoil Held => new("pot", Vessel, Set.Lead.Thing.Thing, Inside, Soil) { HungUp = true };

        /// <summary>Stood upright where its pots ask for more height than length.</summary>
        public double Long => RoomUp > RoomAlong ? Math.Min(Lattice.Length, Lattice.Width) : Math.Max(Lattice.Length, Lattice.Width);

        public double Tall => RoomUp > RoomAlong ? Math.Max(Lattice.Length, Lattice.Width) : Math.Min(Lattice.Length, Lattice.Width);

        /// <summary>Of one lattice or of two bound together.</summary>
        public double Deep => (Lattice.Missing ? UsualDeep : Lattice.Thickness) * Set.Whole("lattices");

        /// <summary>A pot may be wider at its foot than at its rim.</summary>
        private Outline Foot => Inside.SectionAt(0);

        public double Across => Math.Max(Rim.Length, Foot.Length) + 2 * Vessel.Wall;

        /// <summary>From its back to its middle.</summary>
        public double Back => Math.Max(Rim.Width, Foot.Width) / 2 + Vessel.Wall;

        /// <summary>What all of them take of a lattice in two rows, or a few in one, either way about.</summary>
        public double RoomAlong => Across + (Columns - 1) * PitchX + (InTwo && Staggered ? PitchX / 2 : 0);

        public double RoomUp => Inside.Height + HeadRoom + (InTwo ? PitchZ : 0);

        private bool InTwo => Pots > 3;

        private int Columns => InTwo ? (Pots + 1) / 2 : Pots;

        /// <summary>From pot to pot along a row, and from row to row: straight rows leave a pot’s height between, staggered ones lie in each other’s gaps.</summary>
        private double PitchX => Staggered ? 2 * (Across + Between) : Across + Between;

        private double PitchZ => Staggered ? Inside.Height + HeadRoom : 2 * Inside.Height;

        /// <summary>Places on the lattice, row by row from above: x of the middle, height of the rim over the foot of the lattice.</summary>
        public IReadOnlyList<(int Row, double X, double Rim)> Places => field ??= [.. Grid()];

        public int Rows => Places.Take(Pots).Select(p => p.Row).DefaultIfEmpty(0).Max() + 1;

        public IReadOnlyList<int> RowsOf => [.. Places.Take(Pots).GroupBy(p => p.Row).Select(g => g.Count())];

        /// <summary>Free above a pot up to the foot of the next straight above it.</summary>
        public double Air => Rows < (Staggered ? 3 : 2) ? Inside.Height : (Staggered ? 2 : 1) * PitchZ - Inside.Height;

        public double PotAway => Back + Deep;

        public IReadOnlyList<Point3> Middles => field ??= [.. Places.Take(Pots).Select(p => new Point3(p.X, -Back - .002, Set["up"] + p.Rim - Inside.Height))];

        /// <summary>One lath above every row that carries, over the foot; and the others of a lattice.</summary>
        public IEnumerable<double> LathsAt => Places.Take(Pots).Select(p => p.Rim).Distinct().Select(r => Set["up"] + r + HeadRoom - LathDeep).Append(Set["up"]);

        public double WireEach => Rim.Perimeter + WireBeyond;

        public IReadOnlyList<double> FixingRows => [.1 * Tall, .5 * Tall, .9 * Tall];

        public double LatticeMass => .35 * Long * Tall * Deep * Stuff.WoodDensity;

        public ClosedFloor Floor => field ??= new(Inside.SectionAt(0), Set["hole"], Set["pad"], Set["up"], Inside.AreaAt(Soil) / Inside.BaseArea, false, [], 0) { Alike = Pots };

        private IEnumerable<(int Row, double X, double Rim)> Grid()
        {
            // As many rows as they need, evenly filled and in the middle. Every other row of a staggered wall stands over the gaps of the one above.
            double aside = Staggered ? PitchX / 2 : 0;
            int InRow(double free) => Math.Max(1, (int)Math.Floor((free + 1e-9) / PitchX) + 1);
            int rows = Pots <= InRow(Long - Across) ? 1 : (int)Math.Ceiling((double)Pots / InRow(Long - Across - aside)), each = (int)Math.Ceiling((double)Pots / rows);
            var left = -((each - 1) * PitchX + (rows > 1 ? aside : 0)) / 2;
            for (var row = 0; row < rows; row++)
            {
                for (var i = 0; i < each; i++) yield return (row, left + (row % 2) * aside + i * PitchX, Tall - HeadRoom - row * PitchZ);
            }
        }
    }
}
