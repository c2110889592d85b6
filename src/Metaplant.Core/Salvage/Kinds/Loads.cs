using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A load lying loose, m³.</summary>
public sealed record LoadMeasures(double Volume) : Measures
{
    public override Bulk? Bulk => null;
}

/// <summary>What loads share: told in the gardener's own measures, drawn as a cone-shaped pile.</summary>
public abstract class LoadKind(string id, string name, double typical, IReadOnlyList<Substance> substances, IReadOnlyList<string> lookFor, Ink ink, string use) : ListedKind<LoadMeasures>(
    id, name, "Loads", [Field.Volume(typical)], substances, lookFor)
{
    /// <summary>Slope of a pile that has been tipped, rise over half its width.</summary>
    private const double Slope = .6;

    protected override LoadMeasures Make(MeasureReader r) => new(r["volume"]);

    protected override View Draw(LoadMeasures m) => new("measure", "As a pile, to scale", [.. Silhouette(m), View.GroundLine(0, 2 * Radius(m))], []);

    protected override IReadOnlyList<Shape> Silhouette(LoadMeasures m)
    {
        double r = Radius(m), h = r * Slope;
        return [new Polygon([.. Enumerable.Range(0, 13).Select(i => i / 12.0).Select(f => new Point(2 * r * f, h * Math.Pow(Math.Sin(Math.PI * f), .8)))], ink)];
    }

    protected override IReadOnlyList<Way> BreakDown(Thing thing, LoadMeasures m)
        => [new("fill", "By the barrow", [new(Form.Fill, Name, 1, 1, Math.Cbrt(m.Volume), Math.Cbrt(m.Volume), Math.Cbrt(m.Volume))], Math.Max(2, m.Volume * 1000 / 20), ["Shovel", "Barrow"], use)];

    private static double Radius(LoadMeasures m) => Math.Cbrt(3 * m.Volume / (Math.PI * Slope));
}

public sealed class LogPile() : LoadKind("logs", "Logs", .5, [Substance.DryWood, Substance.GreenWood], ["creosote", "chemical-smell", "resprouts", "suppresses", "salty"], Ink.WoodEnd, "The foot of a deep bed; soil runs into two fifths of it.");

public sealed class StickPile() : LoadKind("stick-pile", "Sticks", .4, [Substance.DryWood, Substance.GreenWood], ["resprouts", "suppresses", "salty"], Ink.WoodEnd, "Over the logs; soil runs into half of it.");

public sealed class LeafPile() : LoadKind("leaves", "Leaves or leaf mould", .4, [Substance.PlantMatter], ["suppresses", "weed-roots", "salty"], Ink.Wood, "Mulch, or fill that sinks to a fifth.");

public sealed class ChipPile() : LoadKind("woodchip", "Woodchip", .8, [Substance.DryWood, Substance.GreenWood], [.. Signs.Packing, "chemical-smell", "old-paint", "mark-treated", "suppresses"], Ink.Wood, "Paths and mulch; dug in it takes nitrogen.");

public sealed class GreenPile() : LoadKind("green-waste", "Green waste", .4, [Substance.PlantMatter], ["weedkiller-unknown", "bean-test-failed", "bean-test-passed", "weed-roots", "salty"], Ink.Plant, "For the heap, or the warm middle of a deep bed.");

public sealed class CompostPile() : LoadKind("compost", "Compost", .5, [Substance.PlantMatter], ["weedkiller-unknown", "bean-test-failed", "bean-test-passed", "weed-roots"], Ink.Soil, "The upper layers.");

public sealed class ManurePile() : LoadKind("manure", "Manure", .5, [Substance.Manure], ["weedkiller-unknown", "bean-test-failed", "bean-test-passed", "fresh"], Ink.Soil, "Rotted, under the roots.");

public sealed class SoilPile() : LoadKind("soil", "Soil", .6, [Substance.Earth], ["chemical-smell", "unknown-site", "weed-roots", "salty"], Ink.Soil, "With compost, the medium itself.");

public sealed class AshPile() : LoadKind("ash", "Ash", .02, [Substance.WoodAsh, Substance.TreatedAsh], ["chemical-smell", "unknown-site"], Ink.Metal, "A thin dusting in spring sweetens sour soil; never near blueberries, never on seedlings.");

public sealed class GritPile() : LoadKind("grit", "Grit, gravel or shell", .2, [Substance.Stone], ["chemical-smell", "salty"], Ink.Metal, "Pads over holes, filters at outlets.");
