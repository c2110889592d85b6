using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>One long round thing by itself, m.</summary>
public sealed record PoleMeasures(double Length, double Thickness) : Measures
{
    public override Bulk? Bulk => new(Length, Thickness, Thickness);
}

/// <summary>What poles and bars share: drawn lying, its thickness at the end.</summary>
public abstract class LongKind(string id, string name, string group, double length, double thickness, double thickest, IReadOnlyList<Substance> substances, IReadOnlyList<string> lookFor, Ink ink)
    : ListedKind<PoleMeasures>(
        id, name, group,
        [Field.Length("length", "Length", .2, 60, length, "End to end"), Field.Length("thickness", "Thickness", .002, thickest, thickness, "Across, where it is thinnest and still sound")],
        substances, lookFor)
{
    protected abstract Way Give(Thing thing, PoleMeasures m);

    protected override PoleMeasures Make(MeasureReader r) => new(r["length"], r["thickness"]);

    protected override View Draw(PoleMeasures m)
    {
        // Drawn thicker than life where it would be a hair.
        var t = Math.Max(m.Thickness, m.Length / 60);
        return new("measure", "Lying", [View.Box(0, 0, m.Length, t, ink)],
        [
            new(new(0, t), new(m.Length, t), .07 * m.Length, m.Length, "length"), new(new(m.Length, t), new(m.Length, 0), .05 * m.Length, m.Thickness, "thickness"),
        ]);
    }

    protected override IReadOnlyList<Shape> Silhouette(PoleMeasures m) => [View.Box(0, 0, Math.Max(m.Thickness, .02), m.Length, ink)];

    protected sealed override IReadOnlyList<Way> BreakDown(Thing thing, PoleMeasures m) => [Give(thing, m)];
}

public sealed class Pole() : LongKind("pole", "Oar or pole", "Sticks", 2.4, .045, .3, [Substance.DryWood, Substance.Bamboo, Substance.Aluminium], [.. Signs.Wood], Ink.Stick)
{
    protected override Way Give(Thing thing, PoleMeasures m)
        => new("pole", "As it is", [new(Form.Pole, "Pole", 1, 1, m.Length, m.Thickness, m.Thickness)], 2, [], "A post, a ridge or the leg of a tripod.");
}

public sealed class SteelRod() : LongKind("steel-rod", "Steel rod", "Metal and pipe", 2.0, .010, .05, [Substance.Steel, Substance.ZincCoatedSteel, Substance.Brass, Substance.Bronze, Substance.Copper], [.. Signs.Metal], Ink.Metal)
{
    protected override Way Give(Thing thing, PoleMeasures m)
        => new("rod", "Cut to length", [new(Form.Rod, "Rod", 1, 1, m.Length, m.Thickness, m.Thickness)], 4, ["Hacksaw", "File"], "Pegs and pins. Cap every end that stands up.");
}

public sealed class Conduit() : LongKind("conduit", "Conduit or stiff pipe", "Metal and pipe", 3.0, .020, .2, [Substance.Pvc, Substance.ZincCoatedSteel, Substance.Aluminium, Substance.Copper, Substance.Brass, Substance.Lead], [.. Signs.Pipe], Ink.Plastic)
{
    protected override Way Give(Thing thing, PoleMeasures m)
        => new("pipe", "Cut to length", [new(Form.Pipe, "Pipe", 1, 1, m.Length, m.Thickness, m.Thickness)], 4, ["Fine saw", "File"], "Sleeves, crossbars; bends little without a former.");
}

public sealed class FlexiblePipe() : LongKind("flexible-pipe", "Flexible pipe or hose", "Metal and pipe", 6.0, .025, .2, [Substance.Polyethylene, Substance.UnknownPlastic, Substance.Rubber], [.. Signs.Pipe], Ink.Plastic)
{
    protected override Way Give(Thing thing, PoleMeasures m)
        => new("hoops", "Cut to length", [new(Form.Pipe, "Pipe", 1, 1, m.Length, m.Thickness, m.Thickness) { Coil = true }], 5, ["Knife"], "Hoops over rods driven beside a bed; it springs back to a straight line.");

    // A short one is still a length of pipe.
    protected override void Cross(MeasureReader reader) => reader.Refuse(reader["thickness"] * 4 > reader["length"], "thickness", "Thicker than a quarter of its length it is no pipe.");
}

public sealed class Angle() : LongKind("angle", "Angle, purlin or track", "Metal and pipe", 2.4, .040, .3, [Substance.Steel, Substance.ZincCoatedSteel, Substance.Aluminium], [.. Signs.Metal], Ink.Metal)
{
    protected override Way Give(Thing thing, PoleMeasures m)
        => new("bar", "Cut to length", [new(Form.Rod, "Bar", 1, 1, m.Length, m.Thickness, m.Thickness)], 6, ["Hacksaw", "File"], "Posts and bearers that do not rot; every cut edge filed.");
}

/// <summary>A ladder, m.</summary>
public sealed record LadderMeasures(double Length, double Width, int Rungs) : Measures
{
    public override Bulk? Bulk => null;
}

public sealed class Ladder() : ListedKind<LadderMeasures>(
    "ladder", "Ladder", "Frames",
    [Field.Length("length", "Length", .5, 8, 2.6, "Along one rail"), Field.Length("width", "Width", .2, .8, .42, "Outside to outside of the rails"), Field.Count("rungs", "Rungs", 2, 30, 8, "Those that are sound")],
    [Substance.DryWood, Substance.Aluminium], [.. Signs.Wood, "wobbles"])
{
    protected override void Cross(MeasureReader r) => r.Refuse(r.Whole("rungs") * .05 > r["length"], "rungs", "So many rungs do not fit on so short a ladder.");

    protected override LadderMeasures Make(MeasureReader r) => new(r["length"], r["width"], r.Whole("rungs"));

    protected override View Draw(LadderMeasures m) => new("measure", "Lying", [.. Parts(m, lying: true)],
        [new(new(0, m.Width), new(m.Length, m.Width), .06 * m.Length, m.Length, "length"), new(new(m.Length, m.Width), new(m.Length, 0), .06 * m.Length, m.Width, "width")]);

    protected override IReadOnlyList<Shape> Silhouette(LadderMeasures m) => [.. Parts(m, lying: false)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, LadderMeasures m) =>
    [
        new("frame", "As it is", [new(Form.Frame, "Ladder", 1, 1, m.Length, m.Width, .06)], 2, [], "A shelf for pots or a frame for climbers. Nobody climbs it again."),
        new("parts", "Taken apart", [new(Form.Timber, "Rail", 2, 2, m.Length, .07, .03), new(Form.Pole, "Rung", m.Rungs, m.Rungs * .9, m.Width, .03, .03)], 25, ["Hand saw", "Hammer"], "Rails for bearers, rungs for pegs."),
    ];

    private static IEnumerable<Shape> Parts(LadderMeasures m, bool lying)
    {
        const double Rail = .045;
        Polygon Place(double along0, double across0, double along1, double across1) => lying ? View.Box(along0, across0, along1, across1, Ink.Wood) : View.Box(across0, along0, across1, along1, Ink.Wood);
        yield return Place(0, 0, m.Length, Rail);
        yield return Place(0, m.Width - Rail, m.Length, m.Width);
        for (var i = 0; i < m.Rungs; i++)
        {
            var at = m.Length * (i + .5) / m.Rungs;
            yield return Place(at - .015, Rail, at + .015, m.Width - Rail);
        }
    }
}
