using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Places;

/// <summary>The plan as a drawing, for paper and files.</summary>
public static class PlanView
{
    public static View Of(GardenPlan plan, IReadOnlyList<StandingPlanter> standing)
    {
        var shapes = new List<Shape>();
        foreach (var spot in plan.Spots) shapes.Add(new Polygon(spot.Corners, Ink.Ground, $"spot-{spot.Id}"));
        foreach (var feature in plan.Features) shapes.Add(Drawn(feature));
        foreach (var planter in standing) shapes.Add(new Polygon(planter.Corners, Ink.Wood, $"project-{planter.Project}"));
        shapes.Add(new Polyline([default, new(plan.Site.BaseLine, 0)], Ink.Cut));
        shapes.AddRange([new Note(new(-.25, -.1), "A", Ink.Line), new Note(new(plan.Site.BaseLine + .25, -.1), "B", Ink.Line)]);
        foreach (var spot in plan.Spots) shapes.Add(new Note(Head(spot.Corners), spot.Name, Ink.Line));
        foreach (var planter in standing) shapes.Add(new Note(planter.At, planter.Name, Ink.Line));
        var (least, greatest) = plan.Extent;
        Point north = plan.Site.Toward(0), foot = new(greatest.X + .8, least.Y + .4);
        shapes.Add(new Polyline([foot, new(foot.X + north.X, foot.Y + north.Y)], Ink.Line));
        shapes.Add(new Note(new(foot.X + north.X * 1.2, foot.Y + north.Y * 1.2), "N", Ink.Line));
        return new("plan", "The garden from above", shapes, [new(new(plan.Site.BaseLine, 0), default, .5, plan.Site.BaseLine)]);
    }

    private static Shape Drawn(Feature feature) => feature switch
    {
        House b => new Polygon(b.Points, Ink.Standing, Id(b)),
        Screen s => new Polygon(Figures.Band(s.Points, s.Thickness), s.Kind == ScreenKind.Hedge ? Ink.Plant : Ink.Standing, Id(s)),
        Tree t => new Disc(t.Points[0], t.Crown / 2, Ink.Plant, Id(t)),
        Clump c => new Disc(c.Points[0], c.Across / 2, Ink.Plant, Id(c)),
        Pile p => new Disc(p.Points[0], .2, Ink.Wood, Id(p)),
        Path p => new Polyline(p.Points, Ink.Hidden, Id(p)),
        Buried b => new Polyline(b.Points, Ink.Hidden, Id(b)),
        Tap t => new Disc(t.Points[0], .12, Ink.Water, Id(t)),
        Door d => new Disc(d.Points[0], .12, Ink.Line, Id(d)),
        Steps s => new Polygon(Figures.Band(s.Points, s.Width), Ink.Standing, Id(s)),
        Power p => new Disc(p.Points[0], .12, Ink.Fault, Id(p)),
        _ => throw new InvalidOperationException($"Unknown feature {feature}."),
    };

    private static string Id(Feature feature) => $"place-{feature.Id}";

    /// <summary>Within its upper edge, where no planter's name comes to stand.</summary>
    private static Point Head(IReadOnlyList<Point> corners) => new(corners.Average(c => c.X), corners.Max(c => c.Y) - .42);
}
