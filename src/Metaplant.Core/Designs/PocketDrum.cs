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

/// <summary>A whole drum stood upright, its top cut out, with round openings in its side to plant, and a core of stones down its middle that waters it.</summary>
public sealed class PocketDrum : Design
{
    private const double HeadSpace = .04;

    /// <summary>No opening this near to the foot, where the wall is stretched most, nor this near to the soil's top, m.</summary>
    private const double ClearOfFoot = .18, ClearOfTop = .12;

    public override string Id => "pocket-drum";

    public override string Name => "Drum with pockets";

    public override string Summary => "A whole drum, planted on top and through openings all round its side, watered by a core of stones.";

    public override Role Lead { get; } = new("drum", "The drum", Seat.BehindFilm, Form.Vessel) { Counts = l => l.Way.Id == "upright" && l.As<DrumMeasures>() is not null, Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var m = Of(lead);
        return
        [
            new Setting("height", "Cut down to", Unit.Metre, Packing.WithLast(Setting.Range(Math.Min(.40, m.Height), m.Height, .05), m.Height), Math.Min(.60, m.Height), "Higher soil presses harder, and wants to be known what it stands on") { Sizes = [Math.Min(.45, m.Height), Math.Min(.60, m.Height), m.Height] },
            Setting.Even("apart", "From opening to opening", Unit.Metre, .20, .50, .05, .30, "The spacing of strawberries and small salads").TryThese(.25, .30),
            Setting.Even("opening", "Openings, across", Unit.Metre, .04, .10, .01, .06, "A hole saw as wide as the root ball of a young plant"),
            Setting.Even("core", "Core of stones, across", Unit.Metre, .06, Math.Max(.06, Math.Min(.30, m.Diameter - .20)), .02, .12, "Wide enough that water reaches the outside").TryThese(.12, .20),
            Packing.Hole(m.Diameter), Packing.Pad, Packing.Under(m.Diameter),
            new("raise", "Raised off the ground", Unit.Metre, [new(.04), new(.05), new(.06), new(.075), new(.10)], .05, "Water must run away freely below"),
            Packing.Wall,
        ];
    }

    public override double AtMost(Chosen set) => 1000 * Of(set.Lead).Inside.Volume;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var drum = new Plan(set);
        if (drum.Openings.Count == 0) return new Problem("height", "Too low for a row of openings between its foot and its top.");
        if (drum.Core > drum.Across - .1) return new Problem("core", "The core leaves no room for soil.");
        return Demand.Of(
            new WholeNeeded("drum", Lead, 1),
            new PiecesNeeded("packers", Packing.Packers, drum.Packers.Count, drum.Across, Math.Min(.04, drum.PackerWidth), set["raise"]) { Exact = set["raise"] },
            drum.Stones.Needed);
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var drum = new Plan(set);
        var handbook = set.Brief.Handbook;
        var soil = drum.Space.VolumeTo(drum.Soil);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Volume(soil)}, {new Count(drum.Openings.Count, "opening", "openings")} {Amount.Length(set["apart"])} apart",
            Parts =
            [
                new("drum", "Drum", Form.Vessel, 1, drum.Height, drum.Across, drum.Across, "drum"), new("packer", "Packer", Form.Timber, drum.Packers.Count, drum.Across, drum.PackerWidth, set["raise"], "packers"),
                new("core", "Core of stones", Form.Fill, 1, drum.Soil, drum.Core, drum.Core, "stones"),
            ],
            Bays = [new("Soil", drum.Space, drum.Soil, new(0, 0, drum.Floor0))],
            Pockets = drum.Stones.Pockets(drum.Openings, set["opening"], soil),
            Foot = drum.Floor,
            LoadPaths = [.. drum.Shells(set.Brief), drum.Stones.Reach(set.Brief)],
            Figures = [StoneCore.WetsThrough(soil, set.Brief)],
            Handling = new(drum.Held.EmptyMass(handbook), BuiltInPlace: false),
            Stance = new OnFeet(drum.Packers[^1] - drum.Packers[0] + drum.PackerWidth, drum.Across, (drum.Across, drum.Across, drum.Height + set["raise"]), drum.Packers.Count * drum.PackerWidth * drum.Across, "packer", set.Whole("wall") == 1) { Bears = new(soil, drum.Held.EmptyMass(handbook) + drum.Stones.Mass) },
            Scene = () => Stand(drum, set),
            Faces = [new("drum", $"{new Count(drum.Openings.Count, "opening", "openings")} of {Amount.Length(set["opening"])}, the side rolled out flat, its foot below", [new(0, 0), new(Math.PI * drum.Across, 0), new(Math.PI * drum.Across, drum.Height), new(0, drum.Height)], [.. drum.Openings.Select(o => (o.Flat(drum.Across), set["opening"]))])],
            Operations = () => Steps(drum, set),
            Reach = drum.Across / 2,
        };
    }

    private static DrumMeasures Of(Lead lead) => lead.Main.As<DrumMeasures>()!;

    private static Sentence? WhyNot(Lot lot)
    {
        if (lot.Of.Thing.Substance.Shell() is null) return $"Nobody knows how strong {lot.Of.Thing.Substance.Name()} is when it stays wet.";
        if (lot.Of.Thing.Shows(Findings.Cracked)) return "Cracked: openings beside a crack let it run on.";
        return lot.As<DrumMeasures>()!.Diameter < .28 ? (Sentence)$"Too narrow for a core and roots beside it: {Amount.Length(lot.As<DrumMeasures>()!.Diameter)} across." : null;
    }

    private static Scene Stand(Plan drum, Chosen set)
    {
        double r = drum.Across / 2, raise = set["raise"];
        List<Solid> solids =
        [
            Vat.Around("drum", drum.Held.Ink, drum.Vessel, drum.Wall, new(0, 0, raise)), Vat.Filling("core", Ink.Metal, new CoredCylinder(drum.Core, drum.Soil), drum.Soil + .01, new(0, 0, drum.Floor0 + .001)),
            new Vat(Parts.Soil, Ink.Soil, new(0, 0, drum.Floor0 + .0005), [new(Stuff.Round(drum.Across - .004), 0), new(Stuff.Round(drum.Across - .004), drum.Soil)], []),
        ];
        solids.AddRange(drum.Packers.Select(at => Prism.Box("packer", Ink.WoodEnd, new(at - drum.PackerWidth / 2, -r, 0), new(at + drum.PackerWidth / 2, r, raise))));
        solids.AddRange(drum.Openings.Select(o => (o with { Z = o.Z + drum.Floor0 }).Drawn("drum", drum.Across + 2 * drum.Wall, set["opening"], set["opening"])));
        return new(solids,
        [
            new("front", new(-r, 0, drum.Floor0), new(-r, 0, drum.Floor0 + drum.Height), .1, "height"), new("section", new(0, -drum.Core / 2, drum.Floor0 + drum.Height), new(0, drum.Core / 2, drum.Floor0 + drum.Height), .08, "core"), new("section", new(0, r, raise), new(0, r, 0), .08, "raise"), new("plan", new(-r, r, 0), new(r, r, 0), .08),
        ], SectionAt: .0004);
    }

    private static IReadOnlyList<Operation> Steps(Plan drum, Chosen set)
    {
        var metal = set.Lead.Thing.Thing.Substance.IsMetal();
        int n = drum.Openings.Count, holes = drum.Floor.Holes(set.Brief).Count;
        return
        [
            Op.Wash(),
            drum.CutDown
                ? new("top", "Cut it down", $"{Amount.Length(drum.Height)} up from the floor all round: a pencil on a block of that height, the drum turned past it. A starting hole in the waste, then slowly along the line; file the edge and cover it with split hose.", 28, ["Drill", "Jigsaw", "File", "Marker"], Op.Saw, true, "drum", "saw") { SlowerWithSalvage = true }
                : new("top", "Cut the top out", "A starting hole beside the rim, then round it; the rim itself stays, since it keeps the drum round. File the edge and cover it with split hose.", 20, ["Drill", "Jigsaw", "File"], Op.Saw, false, "drum", "saw") { SlowerWithSalvage = true },
            .. VesselSteps.Prove(drum.Shells(set.Brief), set.Brief),
            new("openings", $"Saw {new Count(n, "opening", "openings")} in its side", $"{Amount.Length(set["opening"])} across, by the template: wrap it round, prick every middle through. None nearer to the foot than {Amount.Length(ClearOfFoot)}, none over a seam. Dress every edge.{(metal ? " Slow speed and a drop of oil." : "")}", (metal ? 6 : 3) * n, ["Hole cutter", "File", "Marker"], Op.Saw, false, "drum", "edges") { SlowerWithSalvage = true, Cuts = ["drum"] },
            VesselSteps.Drill(holes, drum.Floor.HoleDiameter, set.Lead.Thing.Thing.Substance, "In its foot, by the template"),
            Op.Cut("packers", "packers", drum.Packers.Count, drum.Across) with { Words = $"{Amount.Length(drum.Across)} long, {Amount.Length(set["raise"])} high.", Places = ["packer"] },
            new("stand", "Stand it level on the packers", "Where it is to stay: nobody moves it full. No hole over a packer; level both ways.", 10, ["Level"], Op.Gloves, true, "lift") { Places = ["drum"] },
            Op.FirstWater(),
            .. VesselSteps.Pads(drum.Floor, holes),
            new("fill", "Fill it round a core, and plant from below", $"A tube of {Amount.Length(drum.Core)} in the middle, stones into it, soil round it up to the lowest openings; plant those from inside, roots level, and go on to the next row. Draw the tube up as it fills. {Amount.Volume(drum.Space.VolumeTo(drum.Soil))} of soil, {Amount.Volume(drum.Stones.Volume)} of stones.", Math.Max(10, drum.Space.VolumeTo(drum.Soil) * 125) + 2 * n, ["Shovel", "Bucket", "Trowel"], Op.Gloves, false, "lift") { Places = ["core", Parts.Soil] },
            new("core-water", "Water into the core", "In thirds, until it shows below; turn it a quarter round each month, so that every side has sun.", 10, ["Watering can"], []),
        ];
    }

    private sealed record Plan(Chosen Set)
    {
        private DrumMeasures Drum { get; } = Of(Set.Lead);

        public double Across => Drum.Diameter;

        public double Height => Set["height"];

        public bool CutDown => Drum.Height - Height > .01;

        public double Wall => Drum.Wall;

        public Vessel Vessel => Drum.CutAt(Height);

        public double Core => Set["core"];

        public double Soil => Height - HeadSpace;

        public double Floor0 => Set["raise"] + Wall;

        public CoredCylinder Space => new(Across, Height, Core);

        public StoneCore Stones => new(Across, Core, Soil);

        public HeldSoil Held => new("drum", Drum, Set.Lead.Thing.Thing, Vessel, Soil);

        public IReadOnlyList<double> Packers => field ??= HoleGrid.PackersUnder(Across, Set.Whole("packers"));

        public double PackerWidth => Packing.WidthFor(Across);

        public ClosedFloor Floor => field ??= new(Vessel.SectionAt(0), Set["hole"], Set["pad"], Set["raise"], 1, false, Packers, PackerWidth);

        /// <summary>Rows from clear of the foot up to clear of the top of the soil.</summary>
        public IReadOnlyList<RoundOpening> Openings => field ??= Staggered.Round(Across, ClearOfFoot, Soil - ClearOfTop, Set["apart"]);

        /// <summary>What openings leave of the wall up its height, in their own row: between two rows less is cut out.</summary>
        private double Left => 1 - Set["opening"] / Staggered.Rise(Set["apart"]);

        /// <summary>The wall with its openings taken out, and the floor over its packers.</summary>
        public IReadOnlyList<LoadPath> Shells(Brief brief)
        {
            var shell = Shell.Of(Set.Lead.Thing.Thing, Wall, Height, brief.Handbook)!;
            return [new HoopWall("drum", Across / 2, Soil, shell.Pierced(Left)), Held.Floor(Across / Packers.Count, Packers.Count - 1, Floor.Net(brief), brief.Handbook)];
        }
    }
}
