using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Places;

/// <summary>All that throws a shadow on a plan, laid out so that a hundred million questions are answered in a second.</summary>
public sealed class ShadeCasters
{
    /// <summary>One side of a wall or building: from A to B, so high, and whose it is.</summary>
    private readonly record struct Side(double Ax, double Ay, double Ex, double Ey, double Height, int Of);

    /// <summary>A point nearer to a wall than this, m, stands on its line and not behind it.</summary>
    private const double OnTheLine = 1e-9;

    private readonly record struct Crown(double X, double Y, double Radius, double From, double To, int Of);

    private readonly Side[] sides;
    private readonly Crown[] crowns;
    private readonly GardenPlan plan;

    private ShadeCasters(GardenPlan plan, Side[] sides, Crown[] crowns) => (this.plan, this.sides, this.crowns) = (plan, sides, crowns);

    internal static ShadeCasters Of(GardenPlan plan)
    {
        var walls = new List<Side>();
        var trees = new List<Crown>();
        foreach (var (i, feature) in plan.Features.Index())
        {
            switch (feature)
            {
                case Screen s: walls.AddRange(Figures.Sides(s.Points, false).Select(l => new Side(l.A.X, l.A.Y, l.B.X - l.A.X, l.B.Y - l.A.Y, s.Height, i))); break;
                case House b: walls.AddRange(Figures.Sides(b.Points, true).Select(l => new Side(l.A.X, l.A.Y, l.B.X - l.A.X, l.B.Y - l.A.Y, b.Height, i))); break;
                case Tree t: trees.Add(new(t.Points[0].X, t.Points[0].Y, t.Crown / 2, t.CrownFrom, t.Height, i)); break;
                case Path or Tap or Door or Buried or Clump or Pile or Steps or Power: break;
                default: throw new InvalidOperationException($"Unknown feature {feature}.");
            }
        }

        return new(plan, [.. walls], [.. trees]);
    }

    /// <summary>What of the sun gets past each feature in a month, 0 to 1.</summary>
    public double[] Passing(int month, Handbook handbook) => [.. plan.Features.Select(f => f switch
    {
        Screen s => s.Porosity,
        Tree t => handbook[t.InLeaf(month) ? Shelter.LeafyTree : Shelter.BareTree],
        _ => 0,
    })];

    /// <summary>
    /// The part of the sun that reaches a point, 0 to 1: what all that stands between them lets through, each counted once. The sun is seen along <paramref name="toward"/>, a step of 1 m on the plan, and rises by <paramref name="rise"/> m with it.
    /// </summary>
    /// <param name="at">The point, <paramref name="height"/> m above the ground.</param>
    public double Light(Point at, double height, Point toward, double rise, double[] passing)
    {
        double light = 1;
        // Sides of one feature lie together, so that the last one met is all there is to remember.
        var met = -1;
        foreach (ref readonly var side in sides.AsSpan())
        {
            if (side.Of == met) continue;
            var t = Figures.Meets(at, toward, side.Ax, side.Ay, side.Ex, side.Ey);
            if (!(t > OnTheLine) || height + t * rise > side.Height) continue;
            met = side.Of;
            light *= passing[met];
            if (light <= 0) return 0;
        }

        foreach (ref readonly var crown in crowns.AsSpan())
        {
            double cx = crown.X - at.X, cy = crown.Y - at.Y;
            // Where the ray is within the crown's height, and how near it comes to its stem there.
            double from = Math.Max(0, (crown.From - height) / rise), to = (crown.To - height) / rise;
            if (to <= from) continue;
            var nearest = Math.Clamp(cx * toward.X + cy * toward.Y, from, to);
            double dx = cx - nearest * toward.X, dy = cy - nearest * toward.Y;
            if (dx * dx + dy * dy <= crown.Radius * crown.Radius) light *= passing[crown.Of];
        }

        return light;
    }

    /// <summary>How high what is on the plan stands above level as seen from a point towards a direction, as the tangent; what lets more than half through hides nothing.</summary>
    public double Skyline(Point at, double height, Point toward, double[] passing)
    {
        double highest = 0;
        foreach (ref readonly var side in sides.AsSpan())
        {
            if (passing[side.Of] > .5) continue;
            var t = Figures.Meets(at, toward, side.Ax, side.Ay, side.Ex, side.Ey);
            if (t > OnTheLine) highest = Math.Max(highest, (side.Height - height) / t);
        }

        foreach (ref readonly var crown in crowns.AsSpan())
        {
            if (passing[crown.Of] > .5) continue;
            double cx = crown.X - at.X, cy = crown.Y - at.Y, along = cx * toward.X + cy * toward.Y, off = cx * toward.Y - cy * toward.X;
            var half = crown.Radius * crown.Radius - off * off;
            if (half > 0 && along + Math.Sqrt(half) > 0) highest = Math.Max(highest, (crown.To - height) / Math.Max(.1, along - Math.Sqrt(half)));
        }

        return highest;
    }
}
