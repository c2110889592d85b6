using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Designs;

/// <summary>Front, plan of the foot and section of a drilled tub.</summary>
internal static class TubDrawing
{
    public static IReadOnlyList<View> Views(DrilledTub.Plan tub) => [Front(tub), Plan(tub), Section(tub)];

    private static Ink Stuff(DrilledTub.Plan tub) => tub.Source.Thing.Substance switch
    {
        var s when s.IsPlastic() => Ink.Plastic,
        Substance.Softwood or Substance.Hardwood => Ink.Wood,
        _ => Ink.Metal,
    };

    private static View Front(DrilledTub.Plan tub)
    {
        var shapes = new List<Shape>(Packers(tub)) { new Polygon(Profile(tub, tub.Inside.Height), Stuff(tub), "vessel") };
        var cutDown = tub.Vessel.CutDownTo is not null;
        if (cutDown && tub.Vessel.Inside.Height - tub.Inside.Height > .01)
        {
            var half = tub.Inside.SectionAt(tub.Inside.Height).Length / 2;
            shapes.Add(View.Box(-half, tub.Raise + tub.Inside.Height, half, tub.Raise + tub.Vessel.Inside.Height, Ink.Hidden));
        }

        double top = tub.Inside.SectionAt(tub.Inside.Height).Length, foot = tub.Inside.SectionAt(0).Length, widest = Math.Max(top, foot);
        shapes.Add(View.GroundLine(-widest / 2, widest / 2));
        return new("front", "Front", shapes,
        [
            new(new(-widest / 2, tub.Raise), new(-widest / 2, tub.Raise + tub.Inside.Height), .08, tub.Inside.Height, cutDown ? "height" : null),
            new(new(-top / 2, tub.Raise + tub.Inside.Height), new(top / 2, tub.Raise + tub.Inside.Height), .05, top),
            new(new(widest / 2, tub.Raise), new(widest / 2, 0), .08, tub.Raise, "raise"),
        ]);
    }

    private static View Plan(DrilledTub.Plan tub)
    {
        var foot = tub.Inside.SectionAt(0);
        var rim = tub.Inside.SectionAt(tub.Inside.Height);
        var shapes = new List<Shape> { new Polygon(rim.ToPolygon(), Stuff(tub), "vessel"), new Polygon(foot.ToPolygon(), Ink.Soil, "floor") };
        shapes.AddRange(tub.Packers.Select(x => View.Box(x - tub.PackerWidth / 2, -foot.HalfChordSpan(x), x + tub.PackerWidth / 2, foot.HalfChordSpan(x), Ink.Hidden, "packer")));
        double l = foot.Length / 2, w = foot.Width / 2;
        var below = Math.Max(rim.Width, foot.Width) / 2;
        return new("plan", "Plan of the foot", shapes,
        [
            new(new(l, -below), new(-l, -below), .06, foot.Length),
            new(new(-Math.Max(rim.Length, foot.Length) / 2, -w), new(-Math.Max(rim.Length, foot.Length) / 2, w), .06, foot.Width),
        ]);
    }

    private static View Section(DrilledTub.Plan tub)
    {
        var shapes = new List<Shape>(Packers(tub))
        {
            new Polygon(Profile(tub, tub.Inside.Height), Stuff(tub), "vessel"),
            new Polygon(Profile(tub, tub.Soil), Ink.Soil, "floor"),
        };
        var widest = Math.Max(tub.Inside.SectionAt(tub.Inside.Height).Length, tub.Inside.SectionAt(0).Length) / 2;
        shapes.Add(View.GroundLine(-widest, widest));
        return new("section", "Section", shapes, [new(new(-widest, tub.Raise), new(-widest, tub.Raise + tub.Soil), .08, tub.Soil, tub.Vessel.CutDownTo is null ? "soil" : null)]);
    }

    private static IEnumerable<Shape> Packers(DrilledTub.Plan tub) => tub.Raise == 0 ? [] : tub.Packers.Select(x => View.Box(x - tub.PackerWidth / 2, 0, x + tub.PackerWidth / 2, tub.Raise, Ink.WoodEnd, "packer"));

    private static List<Point> Profile(DrilledTub.Plan tub, double to)
    {
        var right = Enumerable.Range(0, 9).Select(i => (Y: to * i / 8, X: tub.Inside.SectionAt(to * i / 8).Length / 2)).ToList();
        return [.. right.Select(p => new Point(p.X, p.Y + tub.Raise)), .. right.AsEnumerable().Reverse().Select(p => new Point(-p.X, p.Y + tub.Raise))];
    }

    /// <summary>Half the width of an outline at a distance along its length.</summary>
    private static double HalfChordSpan(this Outline outline, double x) => Math.Max(0, outline.Turned().HalfChordAt(x));
}
