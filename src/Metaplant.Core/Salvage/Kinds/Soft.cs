using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A piece of cloth or film, m.</summary>
public sealed record FabricMeasures(double Length, double Width) : Measures, ISheeting
{
    public override Bulk? Bulk => null;
}

/// <summary>What cloth, film and card share.</summary>
public abstract class ClothKind(string id, string name, double length, double width, IReadOnlyList<Substance> substances, IReadOnlyList<string> lookFor, Form form, string use) : ListedKind<FabricMeasures>(
    id, name, "Soft and thin", [Field.Length("length", "Length", .2, 50, length, "Along the longer side of the sound part"), Field.Length("width", "Width", .1, 12, width, "Across the sound part")], substances, lookFor)
{
    protected override FabricMeasures Make(MeasureReader r) => new(Math.Max(r["length"], r["width"]), Math.Min(r["length"], r["width"]));

    protected override View Draw(FabricMeasures m) => new("measure", "Laid flat", [View.Box(0, 0, m.Length, m.Width, Ink.Fabric)],
    [
        new(new(0, m.Width), new(m.Length, m.Width), .06 * m.Length, m.Length, "length"),
        new(new(0, 0), new(0, m.Width), .06 * m.Length, m.Width, "width"),
    ]);

    /// <summary>Folded on the ground.</summary>
    protected override IReadOnlyList<Shape> Silhouette(FabricMeasures m)
    {
        var w = Math.Min(.6, m.Width / 2);
        var h = Math.Clamp(m.Length * m.Width * .02, .06, .3);
        return [View.Box(0, 0, w, h, Ink.Fabric), View.Segment(0, h / 3, w, h / 3, Ink.Hidden), View.Segment(0, h * 2 / 3, w, h * 2 / 3, Ink.Hidden)];
    }

    protected override IReadOnlyList<Way> BreakDown(Thing thing, FabricMeasures m) => [new("cut", "Cut to size", [new(form, form == Form.Card ? "Card" : "Liner", 1, 1, m.Length, m.Width, 0)], 3, ["Scissors"], use)];
}

public sealed class Fabric() : ClothKind("fabric", "Cloth", 2, 1.5, [Substance.WovenCloth, Substance.NaturalFibre, Substance.SyntheticFibre], [Findings.Tarred, .. Signs.Soft], Form.Fabric, "Worn places cut away; lets water through.");

public sealed class PlasticFilm() : ClothKind("film", "Film or tarpaulin", 4, 3, [Substance.Film], [Findings.PlasticMark, .. Signs.Soft], Form.Film, "Lines walls; never closes a foot. Pierced where water must pass.");

public sealed class Card() : ClothKind("card", "Card", 1.2, .9, [Substance.Paper], ["chemical-smell", "printed", "taped", "rot"], Form.Card, "Over open ground under a bed; gone within a season.");

/// <summary>A length of rope, twine or wire, m.</summary>
public sealed record LineMeasures(double Length, double Diameter) : Measures, ILine
{
    public override Bulk? Bulk => null;
}

public sealed class Cordage : SalvageKind<LineMeasures>
{
    public override string Id => "line";

    public override string Name => "Rope, twine or wire";

    public override string Group => "Soft and thin";

    public override IReadOnlyList<MeasureField> Fields { get; } =
    [
        new("length", "Length", Unit.Metre, .5, 2000, 20, "All of it; count arm spans", Quick: true),
        new("diameter", "Thickness", Unit.Metre, .0005, .06, .004, "Ten turns round a stick, over ten", Quick: true),
    ];

    public override IReadOnlyList<Substance> Substances { get; } = [Substance.NaturalFibre, Substance.SyntheticFibre, Substance.Wire];

    public override IReadOnlyList<string> LookFor { get; } = ["tarred", "chemical-smell", "rot", "wire-broken", Findings.RustSurface, Findings.Weathered, Findings.Poor, Findings.LookedOver];

    protected override LineMeasures Make(MeasureReader r) => new(r["length"], r["diameter"]);

    protected override View Draw(LineMeasures m)
    {
        var coil = Coil(.4);
        return new("measure", "Coiled", coil,
        [
            new(new(0, .4), new(.4, .4), .05, m.Length, "length"),
            new(new(.4, .24), new(.4, .16), .05, m.Diameter, "diameter"),
        ]);
    }

    protected override IReadOnlyList<Shape> Silhouette(LineMeasures m) => Coil(Math.Clamp(Math.Sqrt(m.Length * m.Diameter) * .6, .15, .6));

    protected override IReadOnlyList<Way> BreakDown(Thing thing, LineMeasures m)
        => [new("cut", "Cut to length", [new(Form.Line, "Line", 1, 1, m.Length, m.Diameter, m.Diameter)], 1, [thing.Substance == Substance.Wire ? "Pliers" : "Knife"], "Worn places cut out.")];

    private static IReadOnlyList<Shape> Coil(double d)
        => [new Disc(new(d / 2, d / 2), d / 2, Ink.Line), new Disc(new(d / 2, d / 2), d * .36, Ink.Hole), new Disc(new(d / 2, d / 2), d * .27, Ink.Line), new Disc(new(d / 2, d / 2), d * .16, Ink.Hole)];
}
