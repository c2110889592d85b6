using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Places;

/// <summary>A planter where it stands on the plan.</summary>
/// <param name="Project">Its project's id.</param>
/// <param name="At">The middle of its outline.</param>
/// <param name="Turned">Its length against the base line, degrees to the left.</param>
/// <param name="Mass">kg, wet through; null where it holds no soil.</param>
public sealed record StandingPlanter(int Project, string Name, int SpotId, Point At, double Turned, Footprint Size, double? Mass)
{
    /// <summary>What decides how much it drinks; null where it holds no soil, or where that was not kept.</summary>
    public Thirst? Drinks { get; init; }

    /// <summary>Its water where it stands; null where nobody knows.</summary>
    public Watering? Water(GardenPlan plan, Handbook handbook)
    {
        if (Drinks is not { } drinks || plan.Find(SpotId) is not { } spot) return null;
        var tap = plan.Nearest<Tap>(Figures.Area(Corners));
        return Watering.Of(drinks, plan, plan.Report(spot, handbook), tap?.Away, handbook, Size.Heats == true) with { Up = spot.Up ?? 0, Over = tap is { } at ? [.. Figures.Over(plan, at.Of.Points[0], At).Select(s => s.Name)] : [] };
    }

    /// <summary>Its four corners, to the left from the first.</summary>
    public IReadOnlyList<Point> Corners
    {
        get
        {
            var (sin, cos) = Math.SinCos(Turned * Math.PI / 180);
            double l = Size.Length / 2, w = Size.Width / 2;
            return [.. new Point[] { new(-l, -w), new(l, -w), new(l, w), new(-l, w) }.Select(p => new Point(At.X + p.X * cos - p.Y * sin, At.Y + p.X * sin + p.Y * cos))];
        }
    }
}
