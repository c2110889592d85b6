using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>How the tub stands, how it is made, and all its measures.</summary>
public sealed partial class DrilledTub
{
    private static Scene Stand(Plan tub)
    {
        var rim = tub.Inside.SectionAt(tub.Inside.Height);
        double x = Math.Max(rim.Length, tub.Foot.Length) / 2 + tub.Vessel.Wall, y = Math.Max(rim.Width, tub.Foot.Width) / 2, top = tub.Floor0 + tub.Inside.Height;
        List<Solid> solids = [Vat.Around("vessel", tub.Held.Ink, tub.Inside, tub.Vessel.Wall, new(0, 0, tub.Under)), Vat.Filling(Parts.Soil, Ink.Soil, tub.Inside, tub.Soil, new(0, 0, tub.Floor0 + .0005))];
        solids.AddRange(tub.Packers.SelectMany(at => Packer(tub, at)));
        if (tub.Lined) solids.Add(new Skin("liner", Ink.Fabric, [.. Stuff.Around(tub.Foot.Length / 2 * .98, tub.Foot.Width / 2 * .98, tub.Floor0, top)], .0005));
        if (tub.Fall > 0) solids.Add(Falling(tub, x, y));
        var level = tub.Vessel.CutDownTo is null ? (To: tub.Floor0 + tub.Soil, From: tub.Floor0, Id: "soil") : (To: top, From: tub.Under, Id: "height");
        return new(solids,
        [
            new("front", new(-x, 0, level.From), new(-x, 0, level.To), .10, level.Id),
            // At the high end of the ground, where it is nearest to it.
            tub.Fall > 0 ? new("front", new(-tub.Foot.Length / 2, 0, tub.Under), new(-tub.Foot.Length / 2, 0, tub.Fall), -.10, "raise") : new("front", new(x, 0, tub.Under), new(x, 0, 0), .08, tub.Raise > 0 ? "raise" : null),
            new("plan", new(-x, y, 0), new(x, y, 0), .08),
            new("section", new(0, -y, level.From), new(0, -y, level.To), .10, level.Id),
        ]);
    }

    /// <summary>A packer across the foot; in two where the outlet would come down on it.</summary>
    private static IEnumerable<Solid> Packer(Plan tub, double at)
    {
        double half = tub.PackerLength / 2, wide = tub.PackerWidth / 2, low = tub.Under - tub.HighAt(at);
        var part = tub.Alike.First(p => Math.Abs(p.High - tub.HighAt(at)) < 1e-9).Part;
        if (!tub.InTwo(at)) return [Block(-half, half)];
        var gap = tub.Floor.Outlet!.Value.Across / 2 + HoleGrid.EdgeWeb;
        return [Block(-half, -gap), Block(gap, half)];

        Prism Block(double from, double to) => Prism.Box(part, Ink.WoodEnd, new(at - wide, from, low), new(at + wide, to, tub.Under));
    }

    /// <summary>The ground that falls to the right, as far up as the middle of each packer stands; no packer is let into it.</summary>
    private static Prism Falling(Plan tub, double x, double y)
    {
        double end = (tub.Foot.Length - tub.PackerWidth) / 2, top = tub.Slope * (end + x);
        return new(Parts.Ground, Ink.Ground, [new(-x, 0), new(end, 0), new(-x, top)], new(0, -y, 0), new(0, 2 * y, 0), new(1, 0, 0), new(0, 0, 1));
    }

    private static IReadOnlyList<Operation> Steps(Plan tub)
    {
        var thing = tub.Thing;
        Amount soil = Amount.Volume(tub.Inside.VolumeTo(tub.Soil));
        List<Operation> steps = [Op.Wash()];
        if (tub.Vessel.CutDownTo is not null && tub.Vessel.Inside.Height - tub.Inside.Height > .01)
        {
            steps.Add(new("mark", "Mark the cut", $"{Amount.Length(tub.Inside.Height)} up from the floor all round: a pencil on a block of that height, the drum turned past it.", 8, ["Block", "Marker"], []));
            steps.Add(new("cut", "Cut it down", "Drill a starting hole in the waste, then saw slowly along the line. Metal: fine blade, and let it cool.", 20, ["Drill", "Jigsaw"], Op.Saw, true, "drum", "saw") { SlowerWithSalvage = true, Cuts = ["vessel"] });
            steps.Add(new("edge", "Dress the cut edge", "File off every burr and cover the edge with a split hose.", 15, ["File", "Knife"], Op.Gloves, false, "edges"));
        }

        if (tub.Crack > 0) steps.AddRange(Plating(tub));
        steps.AddRange(tub.Alike.Select((p, i) => Op.Cut(p.Need, "packers", p.Count, tub.PackerLength) with
        {
            Title = tub.Alike.Count > 1 ? (Sentence)$"Cut a packer of {Amount.Length(p.High)}" : $"Cut {new Count(p.Count, "packer", "packers")}",
            Words = $"{Amount.Length(tub.PackerLength)} long, {Amount.Length(p.High)} high.{(tub.Packers.Any(tub.InTwo) && i == 0 ? " The one under the outlet in two, beside it." : "")}",
            Places = [p.Part],
        }));
        steps.AddRange(VesselSteps.Prove(Shells(tub), tub.Set.Brief));
        if (tub.Lined) steps.Add(new("liner", tub.Set.Lead.MustLine ? "Line it with film" : "Line it", "Fold the corners like a parcel; staple under the rim.", 15, ["Scissors", "Stapler"], []) { Places = ["liner"] });
        steps.AddRange(tub.Side is { } side ? InItsWall(tub, side) : [InItsFoot(tub)]);
        steps.Add(Stood(tub));
        steps.Add(Op.FirstWater());
        if (tub.Side is null) steps.AddRange(VesselSteps.Pads(tub.Floor, tub.Holes.Count));
        if (tub.Side is null && tub.Floor.Rusty > 0) steps.Add(new("rust", "Keep the soil off the holes of rust", "Mesh and a handful of stones over each, or the soil is washed out.", 4, ["Scissors"], Op.Gloves, false, "edges"));
        return [.. steps, VesselSteps.Fill(tub.Inside.VolumeTo(tub.Soil) - tub.StonesVolume)];
    }

    private static IEnumerable<Operation> Plating(Plan tub)
    {
        double long_ = tub.Crack + 2 * PlateOver, pitch = tub.Crack / (tub.Bolts - 1);
        return
        [
            new("stop", "Stop the crack", $"A hole of {Amount.Length(Bolt)} at each end of it, where its last hair ends: wet it, wipe it, and the hair shows.", 6, [Op.Bit(Bolt)], Op.EyesAndGloves, false, "drill") { SlowerWithSalvage = true },
            new(
                "plates", "Plate the crack", $"A plate of {Amount.Length(long_)} by {Amount.Length(2 * PlateOver)} inside and one outside, as thick as the wall or of steel, mastic between. Bolts through both, {tub.Bolts} on each side, {Amount.Length(PlateOver * 2 / 3)} from the crack and {Amount.Length(pitch)} from each other; nuts outside.", 10 + 2 * tub.Bolts, [Op.Bit(Bolt), "Spanner", "Tin snips"], Op.EyesAndGloves, false, "drill", "edges")
            { SlowerWithSalvage = true },
        ];
    }

    private static Operation InItsFoot(Plan tub)
    {
        int holes = tub.Holes.Count;
        if (tub.Floor.Pierced) return new("holes", $"Pierce {new Count(holes, "hole", "holes")} through the liner", $"{Amount.Length(tub.Hole)}, by the template, over the gaps in the floor.", .5 * holes, ["Punch or knife"], Op.Gloves);
        return VesselSteps.Drill(holes, tub.Hole, tub.Thing.Substance, "Turned over, marked by the template from two edges", $"{(tub.Floor.Outlet is null ? "" : " Its own outlet stays open, mesh over it.")}{(tub.Lined ? " Pierce the liner over each." : "")}") with { Cuts = ["vessel"] };
    }

    private static IEnumerable<Operation> InItsWall(Plan tub, SideHoles side) =>
    [
        VesselSteps.Drill(side.Holes, tub.Hole, tub.Thing.Substance, $"{Amount.Length(side.Lip)} above the floor inside, {Amount.Length(side.Apart)} from one to the next all round", tub.Lined ? " Pierce the liner over each." : "") with { Cuts = ["vessel"] },
        new("stones", "Lay stones on its floor", $"{Amount.Length(side.Stones)} of washed stones, {Amount.Volume(tub.StonesVolume)}, over the holes, cloth on them. Where it freezes hard, what stands below the holes bursts thin walls: tip it out before winter.", 8, ["Bucket", "Scissors"], Op.Gloves),
    ];

    private static Operation Stood(Plan tub)
    {
        if (tub.Packers.Count == 0)
            return new("stand", "Stand it level", tub.Side is null ? "Flat on the ground it cannot drain: raise it first." : "Flat on the ground, level both ways, its holes clear of soil and leaves.", 10, ["Level"], Op.Gloves, tub.EmptyMass > 25, "lift") { Places = ["vessel"] };
        var high = tub.Fall > 0 ? (Sentence)$" The lowest packer at the high end of the ground, the highest at its low end, each bedded level." : "";
        return new("stand", tub.Set.Whole("wall") == 1 ? "Stand it level on the packers, against the wall" : "Stand it level on the packers", $"Packers as drawn, no hole over one, {Amount.Length(tub.Raise)} clear below.{high} Level across both ways.", 10 + (tub.Fall > 0 ? 10 : 0), ["Level"], Op.Gloves, tub.EmptyMass > 25, "lift") { Places = ["vessel"] };
    }

    /// <summary>Packers of one height.</summary>
    private sealed record Group(string Need, string Part, string Name, int Count, double High);

    /// <summary>The tub fixed in all its measures.</summary>
    private sealed record Plan(Chosen Set)
    {
        public Thing Thing => Set.Lead.Thing.Thing;

        public IVessel Vessel { get; } = Of(Set.Lead);

        public Vessel Inside => field ??= Vessel.CutDownTo is null ? Vessel.Inside : Vessel.CutAt(Set["height"]);

        /// <summary>What fills it, from its floor up: soil, and stones under it where it is drilled in its wall.</summary>
        public double Soil => Vessel.CutDownTo is null ? Set["soil"] : Inside.Height - Packing.Head(Inside.Height);

        /// <summary>Clear below the foot, at the high end of the ground.</summary>
        public double Raise => Set["raise"];

        /// <summary>How much its ground falls for each metre along it; flat on the ground it lies as the ground does.</summary>
        public double Slope => Packers.Count == 0 ? 0 : Set["slope"];

        /// <summary>How much lower the ground is under one end of the foot than under the other.</summary>
        public double Fall => Slope * Foot.Length;

        /// <summary>The underside of the vessel over the lowest ground.</summary>
        public double Under => Raise + Fall;

        /// <summary>How high the floor is inside.</summary>
        public double Floor0 => Under + Vessel.Wall;

        public double Hole => Set["hole"];

        public double Crack => Set.Values.GetValueOrDefault("crack");

        /// <summary>Bolts on each side of the crack, one at each of its ends.</summary>
        public int Bolts => 1 + (int)Math.Ceiling(Crack / BoltsApart[Set.Whole("bolts")] - 1e-9);

        /// <summary>Its holes, where they are in its wall.</summary>
        public SideHoles? Side => field ??= Set.Values.GetValueOrDefault("lip") is > 0 and var lip ? new(Inside.SectionAt(lip), Hole, lip, Inside.AreaAt(Soil) / Inside.AreaAt(lip)) : null;

        /// <summary>m³.</summary>
        public double StonesVolume => Side is { } side ? Inside.VolumeTo(side.Stones) : 0;

        public Outline Foot => field ??= Inside.SectionAt(0);

        /// <summary>Where the packers lie across the length: evenly, half as far from the ends as from each other. Flat on the ground there are none.</summary>
        public IReadOnlyList<double> Packers => field ??= Raise == 0 ? [] : HoleGrid.PackersUnder(Foot.Length, Set.Whole("packers"));

        /// <summary>The packers by their heights, the lowest first: all alike on level ground.</summary>
        public IReadOnlyList<Group> Alike => field ??= Packers.Count == 0 ? [] : Slope == 0
            ? [new("packers", "packer", "Packer", Packers.Count, HighAt(0))]
            : [.. Packers.Select((at, i) => new Group($"packers-{i + 1}", $"packer-{i + 1}", $"Packer {i + 1} from the high end", 1, HighAt(at)))];

        public double PackerLength => Foot.Width;

        public double PackerWidth => Packing.WidthFor(Foot.Length);

        /// <summary>Height of the packer so far along, m, from the ground under its middle.</summary>
        public double HighAt(double at) => Math.Max(Raise, ThinnestPacker) + Slope * (at + Foot.Length / 2);

        /// <summary>True where a packer would come to lie over the outlet.</summary>
        public bool InTwo(double at) => Side is null && Floor.Outlet is { } own && Math.Abs(own.At.X - at) < (PackerWidth + own.Across) / 2 + HoleGrid.EdgeWeb;

        /// <summary>The widest stretch of floor between two packers, middle to middle. Beyond the last the wall holds the edge up.</summary>
        public double FloorSpan => Foot.Length / Set.Whole("packers");

        public ClosedFloor Floor => field ??= new(Foot, Hole, Set["pad"], Raise, Inside.AreaAt(Soil) / Inside.BaseArea, Vessel.NeedsLiner, Packers, PackerWidth) { Outlet = OwnOutlet, Rusty = (int)Math.Round(Set.Values.GetValueOrDefault("rusty")) };

        public HoleGrid Holes => field ??= Floor.Holes(Set.Brief);

        public HeldSoil Held => new("vessel", Vessel, Thing, Inside, Soil) { Standing = Side?.Lip ?? 0 };

        public bool Lined => Vessel.NeedsLiner || Set.Lead.MustLine;

        public double EmptyMass => Held.EmptyMass(Set.Brief.Handbook);

        public OnFeet Stance
        {
            get
            {
                var rim = Inside.SectionAt(Inside.Height);
                var body = (Math.Max(rim.Length, Foot.Length), Math.Max(rim.Width, Foot.Width), Inside.Height + Under);
                var feet = Packers.Count == 0
                    ? new OnFeet(Foot.Length, Foot.Width, body, Inside.BaseArea, "vessel", Set.Whole("wall") == 1)
                    : new(Packers[^1] - Packers[0] + PackerWidth, PackerLength, body, Packers.Count * PackerWidth * PackerLength, Alike[^1].Part, Set.Whole("wall") == 1);
                return Side is null ? feet : feet with { Bears = new(Inside.VolumeTo(Soil) - StonesVolume, EmptyMass) { Stones = StonesVolume } };
            }
        }

        private (Point, double)? OwnOutlet => Set.Values.GetValueOrDefault("outlet") switch
        {
            1 => (new Point(0, 0), Set["outlet-wide"]),
            2 => (new Point(OutletIn - Foot.Length / 2, 0), Set["outlet-wide"]),
            _ => null,
        };
    }
}
