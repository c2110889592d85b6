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
/// Any vessel with a closed foot, drilled between packers and stood on them: a tub or basin, a drum cut down upright, a lined crate.
/// </summary>
public sealed class DrilledTub : Design
{
    /// <summary>Thinnest packer worth cutting, m.</summary>
    private const double ThinnestPacker = .01;

    public override string Id => "drilled-tub";

    public override string Name => "Drilled tub";

    public override string Summary => "One vessel, drilled all over its foot and raised on packers: tub, cut-down drum or lined crate.";

    public override Role Lead { get; } = new("vessel", "The vessel", Seat.BehindFilm, Form.Vessel) { Counts = l => l.As<IVessel>() is not null, Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var vessel = Of(lead);
        double height = vessel.Inside.Height, foot = vessel.Inside.SectionAt(0).Length;
        return
        [
            vessel.CutDownTo is { } least
                ? new Setting("height", "Cut down to", Unit.Metre, Packing.WithLast(Setting.Range(least, height, .05), height), Math.Min(height, .45), "Deep enough for most roots, low enough to fill cheaply").TryAll()
                : Packing.SoilLevel(height),
            Packing.Hole(foot), Packing.Pad, Packing.Under(foot),
            new("raise", "Raised off the ground", Unit.Metre, [new(0, "flat on the ground"), new(.02), new(.04), new(.05), new(.06), new(.075), new(.10)], .05, "Water must run away freely below"),
            Packing.Wall,
        ];
    }

    public override Outcome<Demand> Ask(Chosen set)
    {
        var tub = new Plan(set);
        if (tub.Soil < .05) return new Problem(tub.Vessel.CutDownTo is null ? "soil" : "height", "Too shallow to hold soil.");
        var rim = tub.Inside.SectionAt(tub.Inside.Height);
        return Demand.Of(
            new WholeNeeded("vessel", Lead, 1),
            tub.Packers.Count == 0 ? null : new PiecesNeeded("packers", Packing.Packers, tub.Packers.Count, tub.PackerLength, Math.Min(.04, tub.PackerWidth), tub.PackerHeight) { Exact = tub.PackerHeight },
            tub.Lined ? new CoverNeeded("liner", Packing.Liner(set.Lead), rim.Length + 2 * tub.Inside.Height + .1, rim.Width + 2 * tub.Inside.Height + .1) : null);
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var tub = new Plan(set);
        var level = tub.Inside.SectionAt(tub.Soil);
        var rim = tub.Inside.SectionAt(tub.Inside.Height);
        List<Part> parts = [new("vessel", set.Lead.Thing.Thing.Kind.Name, Form.Vessel, 1, rim.Length, rim.Width, tub.Inside.Height, "vessel")];
        if (tub.Packers.Count > 0) parts.Add(new("packer", "Packer", Form.Timber, tub.Packers.Count, tub.PackerLength, tub.PackerWidth, tub.PackerHeight, "packers"));
        if (tub.Lined) parts.Add(new("liner", "Liner", set.Lead.MustLine ? Form.Film : Form.Fabric, 1, rim.Length, rim.Width, 0, "liner"));
        return new Blueprint
        {
            DesignId = Id,
            Size = tub.Vessel.CutDownTo is null ? (Sentence)$"{Amount.Volume(tub.Inside.VolumeTo(tub.Soil))}" : $"cut down to {Amount.Length(tub.Inside.Height)}",
            Parts = parts,
            Extras = set.Lead.Thing.Thing.Shows(Findings.Cracked) ? [new("plates", "Repair plates with bolts", "plate", 2)] : [],
            Bays = [new("Soil", tub.Inside, tub.Soil, new(0, 0, tub.Floor0))],
            Foot = tub.Floor,
            LoadPaths = Shells(tub),
            Handling = new(tub.EmptyMass, BuiltInPlace: false),
            Stance = tub.Stance,
            Scene = () => Stand(tub),
            Operations = () => Steps(tub),
            Reach = Math.Min(level.Length, level.Width) / 2,
        };
    }

    private static Sentence? WhyNot(Lot lot)
    {
        var vessel = lot.As<IVessel>()!;
        if (HeldSoil.NotKnown(vessel, lot.Of.Thing.Substance) is { } unknown) return unknown;
        return vessel.Inside.SectionAt(0) is var foot && Math.Min(foot.Length, foot.Width) < Packing.LeastFoot ? "A pot, too small to be drilled and stood on packers." : null;
    }

    private static IVessel Of(Lead lead) => lead.Main.As<IVessel>()!;

    /// <summary>The ways in which the vessel itself carries the soil. Flat on the ground its floor carries nothing.</summary>
    internal static IReadOnlyList<LoadPath> Shells(Plan tub)
    {
        var handbook = tub.Set.Brief.Handbook;
        var net = tub.Floor.Pierced ? 1 : tub.Floor.Net(tub.Set.Brief);
        return tub.Packers.Count == 0 ? [tub.Held.Wall(handbook)] : [tub.Held.Wall(handbook), tub.Held.Floor(tub.FloorSpan, tub.Packers.Count - 1, net, handbook)];
    }

    private static Scene Stand(Plan tub)
    {
        var rim = tub.Inside.SectionAt(tub.Inside.Height);
        double x = Math.Max(rim.Length, tub.Foot.Length) / 2 + tub.Vessel.Wall, y = Math.Max(rim.Width, tub.Foot.Width) / 2, top = tub.Floor0 + tub.Inside.Height;
        List<Solid> solids = [Vat.Around("vessel", tub.Held.Ink, tub.Inside, tub.Vessel.Wall, new(0, 0, tub.Raise)), Vat.Filling(Parts.Soil, Ink.Soil, tub.Inside, tub.Soil, new(0, 0, tub.Floor0 + .0005))];
        solids.AddRange(tub.Packers.Select(at => Prism.Box("packer", Ink.WoodEnd, new(at - tub.PackerWidth / 2, -tub.PackerLength / 2, tub.Raise - tub.PackerHeight), new(at + tub.PackerWidth / 2, tub.PackerLength / 2, tub.Raise))));
        if (tub.Lined) solids.Add(new Skin("liner", Ink.Fabric, [.. Stuff.Around(tub.Foot.Length / 2 * .98, tub.Foot.Width / 2 * .98, tub.Floor0, top)], .0005));
        var level = tub.Vessel.CutDownTo is null ? (To: tub.Floor0 + tub.Soil, From: tub.Floor0, Id: "soil") : (To: top, From: tub.Raise, Id: "height");
        return new(solids,
        [
            new("front", new(-x, 0, level.From), new(-x, 0, level.To), .10, level.Id),
            new("front", new(x, 0, tub.Raise), new(x, 0, 0), .08, tub.Raise > 0 ? "raise" : null),
            new("plan", new(-x, y, 0), new(x, y, 0), .08),
            new("section", new(0, -y, level.From), new(0, -y, level.To), .10, level.Id),
        ]);
    }

    private static IReadOnlyList<Operation> Steps(Plan tub)
    {
        var thing = tub.Thing;
        var holes = tub.Holes.Count;
        Amount hole = Amount.Length(tub.Hole), soil = Amount.Volume(tub.Inside.VolumeTo(tub.Soil));
        var metal = !thing.Substance.IsPlastic() && !tub.Vessel.NeedsLiner;
        List<Operation> steps = [Op.Wash()];
        if (tub.Vessel.CutDownTo is not null && tub.Vessel.Inside.Height - tub.Inside.Height > .01)
        {
            steps.Add(new("mark", "Mark the cut", $"{Amount.Length(tub.Inside.Height)} up from the floor all round: a pencil on a block of that height, the drum turned past it.", 8, ["Block", "Marker"], []));
            steps.Add(new("cut", "Cut it down", "Drill a starting hole in the waste, then saw slowly along the line. Metal: fine blade, and let it cool.", 20, ["Drill", "Jigsaw"], Op.Saw, true, "drum", "saw") { SlowerWithSalvage = true, Cuts = ["vessel"] });
            steps.Add(new("edge", "Dress the cut edge", "File off every burr and cover the edge with a split hose.", 15, ["File", "Knife"], Op.Gloves, false, "edges"));
        }

        if (thing.Shows(Findings.Cracked)) steps.Add(new("plates", "Plate the crack", $"Drill a hole of {Amount.Length(.005)} at each end of the crack to stop it, then bolt a plate across inside and out.", 20, ["Drill", "Spanner"], ["Eye protection"], false, "drill") { SlowerWithSalvage = true });
        if (tub.Packers.Count > 0) steps.Add(Op.Cut("packers", "packers", tub.Packers.Count, tub.PackerLength) with { Words = $"{Amount.Length(tub.PackerLength)} long, {Amount.Length(tub.PackerHeight)} high.", Places = ["packer"] });
        steps.AddRange(VesselSteps.Prove(Shells(tub), tub.Set.Brief));
        if (tub.Lined) steps.Add(new("liner", tub.Set.Lead.MustLine ? "Line it with film" : "Line it", "Fold the corners like a parcel; staple under the rim.", 15, ["Scissors", "Stapler"], []) { Places = ["liner"] });
        steps.Add(tub.Floor.Pierced
            ? new("holes", $"Pierce {new Count(holes, "hole", "holes")} through the liner", $"{hole}, by the template, over the gaps in the floor.", .5 * holes, ["Punch or knife"], Op.Gloves)
            : VesselSteps.Drill(holes, tub.Hole, thing.Substance, "Turned over, marked by the template from two edges", tub.Lined ? " Pierce the liner over each." : "") with { Cuts = ["vessel"] });
        steps.Add(tub.Packers.Count > 0
            ? new("stand", tub.Set.Whole("wall") == 1 ? "Stand it level on the packers, against the wall" : "Stand it level on the packers", $"Packers as drawn, no hole over one, {Amount.Length(tub.Raise)} clear below. Level across both ways.", 10, ["Level"], Op.Gloves, tub.EmptyMass > 25, "lift") { Places = ["vessel"] }
            : new("stand", "Stand it level", "Flat on the ground it cannot drain: raise it first.", 10, ["Level"], Op.Gloves, tub.EmptyMass > 25, "lift") { Places = ["vessel"] });
        steps.Add(Op.FirstWater());
        return [.. steps, .. VesselSteps.Pads(tub.Floor, holes), VesselSteps.Fill(tub.Inside.VolumeTo(tub.Soil))];
    }

    /// <summary>The tub fixed in all its measures.</summary>
    internal sealed record Plan(Chosen Set)
    {
        public Thing Thing => Set.Lead.Thing.Thing;

        public IVessel Vessel { get; } = Of(Set.Lead);

        public Vessel Inside => field ??= Vessel.CutDownTo is null ? Vessel.Inside : Vessel.CutAt(Set["height"]);

        public double Soil => Vessel.CutDownTo is null ? Set["soil"] : Inside.Height - Packing.Head(Inside.Height);

        public double Raise => Set["raise"];

        /// <summary>How high the floor is inside.</summary>
        public double Floor0 => Raise + Vessel.Wall;

        public double Hole => Set["hole"];

        public Outline Foot => field ??= Inside.SectionAt(0);

        /// <summary>Where the packers lie across the length: evenly, half as far from the ends as from each other. Flat on the ground there are none.</summary>
        public IReadOnlyList<double> Packers => field ??= Raise == 0 ? [] : HoleGrid.PackersUnder(Foot.Length, Set.Whole("packers"));

        public double PackerLength => Foot.Width;

        public double PackerWidth => Packing.WidthFor(Foot.Length);

        /// <summary>Height of a packer, m.</summary>
        public double PackerHeight => Math.Max(Raise, ThinnestPacker);

        /// <summary>The widest stretch of floor between two packers, middle to middle. Beyond the last the wall holds the edge up.</summary>
        public double FloorSpan => Foot.Length / Set.Whole("packers");

        public ClosedFloor Floor => field ??= new(Foot, Hole, Set["pad"], Raise, Inside.AreaAt(Soil) / Inside.BaseArea, Vessel.NeedsLiner, Packers, PackerWidth);

        public HoleGrid Holes => field ??= Floor.Holes(Set.Brief);

        public HeldSoil Held => new("vessel", Vessel, Thing, Inside, Soil);

        public bool Lined => Vessel.NeedsLiner || Set.Lead.MustLine;

        public double EmptyMass => Held.EmptyMass(Set.Brief.Handbook);

        public OnFeet Stance
        {
            get
            {
                var rim = Inside.SectionAt(Inside.Height);
                var body = (Math.Max(rim.Length, Foot.Length), Math.Max(rim.Width, Foot.Width), Inside.Height + Raise);
                return Packers.Count == 0
                    ? new(Foot.Length, Foot.Width, body, Inside.BaseArea, "vessel", Set.Whole("wall") == 1)
                    : new(Packers[^1] - Packers[0] + PackerWidth, PackerLength, body, Packers.Count * PackerWidth * PackerLength, "packer", Set.Whole("wall") == 1);
            }
        }
    }
}
