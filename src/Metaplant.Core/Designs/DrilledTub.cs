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
/// Any vessel with a closed foot, drilled between packers and stood on them, or in its wall and stood flat: a tub or basin, a barrow's tray, a boat, a drum cut down upright, a lined crate.
/// An outlet of its own counts, rusty holes by half; a crack is plated; on ground that falls its packers differ.
/// </summary>
public sealed partial class DrilledTub : Design
{
    /// <summary>Thinnest packer worth cutting, m.</summary>
    private const double ThinnestPacker = .01;

    /// <summary>How far from the end of the foot to the middle of an outlet at its end, and across a bolt beside a crack, m.</summary>
    private const double OutletIn = .06, Bolt = .005;

    /// <summary>How much of a crack one plate covers that is sold, m.</summary>
    private const double SoldPlate = .15;

    /// <summary>From bolt to bolt beside a crack, m, farthest first: nearer than three diameters the wall would tear from hole to hole.</summary>
    private static readonly double[] BoltsApart = [.060, .040, .030, .020];

    /// <summary>How far plates reach beyond the ends of a crack, and to each side of it, m.</summary>
    private const double PlateOver = .03;

    public override string Id => "drilled-tub";

    public override string Name => "Drilled tub";

    public override string Summary => "One vessel, drilled all over its foot and raised on packers: tub, cut-down drum or lined crate.";

    public override Role Lead { get; } = new("vessel", "The vessel", Seat.BehindFilm, Form.Vessel) { Counts = l => l.As<IVessel>() is not null, Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var (vessel, thing) = (Of(lead), lead.Thing.Thing);
        double height = vessel.Inside.Height, foot = vessel.Inside.SectionAt(0).Length;
        return
        [
            vessel.CutDownTo is { } least
                ? new Setting("height", "Cut down to", Unit.Metre, Packing.WithLast(Setting.Range(least, height, .05), height), Math.Min(height, .45), "Deep enough for most roots, low enough to fill cheaply").TryAll()
                : Packing.SoilLevel(height),
            Packing.Hole(foot), Packing.Pad, Packing.Under(foot),
            new("raise", "Raised off the ground", Unit.Metre, [new(0, "flat on the ground"), new(.02), new(.04), new(.05), new(.06), new(.075), new(.10)], .05, "Water must run away freely below"),
            .. InTheSide(vessel, height) ? [new("lip", "Holes", Unit.Metre, [new(0, "in its foot"), new(.03), new(.05), new(.08)], 0, "In its wall, so far above the floor, it may stand flat and keeps some water for dry days; others say that roots drown in it")] : (Setting[])[],
            new("slope", "The ground falls along it", Unit.One, [new(0, "level"), new(.02, "one in 50"), new(.05, "one in 20"), new(.10, "one in 10")], 0, "Packers at its low end are so much higher, and it stands level"),
            .. thing.Shows(Findings.HasOutlet)
                ? [new("outlet", "Its own outlet", Unit.Count, [new(0, "not counted"), new(1, "in the middle of its foot"), new(2, "at one end of its foot")], 0, "Tell where it is: then it stands for holes that are not drilled"), Setting.Even("outlet-wide", "Its own outlet, across", Unit.Metre, .015, .050, .005, .020, "Measure it where it is narrowest")]
                : (Setting[])[],
            .. thing.Shows(Findings.RustThrough) ? [Setting.Even("rusty", "Holes that rust has made", Unit.Count, 0, 20, 1, 0, "Those as wide as one that is drilled; they count half")] : (Setting[])[],
            .. thing.Shows(Findings.Cracked)
                ? [Setting.Even("crack", "Length of the crack", Unit.Metre, .05, .60, .05, .15, "Measure it from end to end, hair-thin ends too"), new Setting("bolts", "Bolts beside it", Unit.Count, [new(0, "far apart"), new(1, "usual"), new(2, "close"), new(3, "closest")], 1, "Through a plate inside and one outside").Least()]
                : (Setting[])[],
            Packing.Wall,
        ];
    }

    public override Outcome<Demand> Ask(Chosen set)
    {
        var tub = new Plan(set);
        if (tub.Soil < .05) return new Problem(tub.Vessel.CutDownTo is null ? "soil" : "height", "Too shallow to hold soil.");
        if (tub.Side is { } side && side.Stones > tub.Soil - .05) return new Problem("lip", "So shallow a vessel has no room for soil above the stones: drill its foot.");
        var rim = tub.Inside.SectionAt(tub.Inside.Height);
        return Demand.Of(
        [
            new WholeNeeded("vessel", Lead, 1),
            .. tub.Alike.Select(p => new PiecesNeeded(p.Need, Packing.Packers, p.Count, tub.PackerLength, Math.Min(.04, tub.PackerWidth), p.High) { Exact = p.High, Name = p.Name }),
            tub.Side is null ? null : new FillNeeded("stones", OutletParts.Stones, tub.StonesVolume, [("grit", 1)]),
            tub.Lined ? new CoverNeeded("liner", Packing.Liner(set.Lead), rim.Length + 2 * tub.Inside.Height + .1, rim.Width + 2 * tub.Inside.Height + .1) : null,
        ]);
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var tub = new Plan(set);
        var level = tub.Inside.SectionAt(tub.Soil);
        var rim = tub.Inside.SectionAt(tub.Inside.Height);
        List<Part> parts = [new("vessel", set.Lead.Thing.Thing.Kind.Name, Form.Vessel, 1, rim.Length, rim.Width, tub.Inside.Height, "vessel")];
        parts.AddRange(tub.Alike.Select(p => new Part(p.Part, p.Name, Form.Timber, p.Count, tub.PackerLength, tub.PackerWidth, p.High, p.Need)));
        if (tub.Lined) parts.Add(new("liner", "Liner", set.Lead.MustLine ? Form.Film : Form.Fabric, 1, rim.Length, rim.Width, 0, "liner"));
        return new Blueprint
        {
            DesignId = Id,
            Size = tub.Vessel.CutDownTo is null ? (Sentence)$"{Amount.Volume(tub.Inside.VolumeTo(tub.Soil))}" : $"cut down to {Amount.Length(tub.Inside.Height)}",
            Parts = parts,
            Extras = tub.Crack > 0 ? [new("plates", "Repair plates with bolts", "plate", 2 * (int)Math.Ceiling(tub.Crack / SoldPlate - 1e-9))] : [],
            Bays = [new("Soil", tub.Inside, tub.Soil, new(0, 0, tub.Floor0)) { Less = tub.StonesVolume }],
            Foot = tub.Side is { } side ? side : tub.Floor,
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
        if (HeldSoil.NotKnown(vessel, lot.Of.Thing) is { } unknown) return unknown;
        return vessel.Inside.SectionAt(0) is var foot && Math.Min(foot.Length, foot.Width) < Packing.LeastFoot ? "A pot, too small to be drilled and stood on packers." : null;
    }

    private static IVessel Of(Lead lead) => lead.Main.As<IVessel>()!;

    /// <summary>Only what is of one piece is drilled in its wall, and so deep that soil is left above the stones.</summary>
    private static bool InTheSide(IVessel vessel, double height) => vessel.WallKind != VesselWall.Boards && !vessel.NeedsLiner && height > .2;

    /// <summary>The ways in which the vessel itself carries the soil. Flat on the ground its floor carries nothing.</summary>
    private static IReadOnlyList<LoadPath> Shells(Plan tub)
    {
        var handbook = tub.Set.Brief.Handbook;
        // Wet stones weigh as much as two and a half times their height of the lightest soil.
        var held = tub.Held with { Soil = tub.Soil + 1.5 * (tub.Side?.Stones ?? 0) };
        var net = tub.Side is not null ? 1 : tub.Floor.Pierced ? 1 : tub.Floor.Net(tub.Set.Brief);
        return
        [
            tub.Held.Wall(handbook),
            .. tub.Packers.Count == 0 ? (LoadPath[])[] : [held.Floor(tub.FloorSpan, tub.Packers.Count - 1, net, handbook)],
            .. tub.Crack > 0 ? [tub.Held.Plated(tub.Crack, tub.Bolts, Bolt, handbook)] : (LoadPath[])[],
            .. tub.Slope > 0 ? [new PackersStand("packers-stand", tub.Alike[^1].Part, tub.Alike[^1].High, tub.PackerWidth)] : (LoadPath[])[],
        ];
    }
}
