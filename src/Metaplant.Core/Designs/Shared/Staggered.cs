using Metaplant.Core.Geometry;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Designs.Shared;

/// <summary>An opening in the side of something round, by its angle and its height, m.</summary>
internal sealed record RoundOpening(double Angle, double Z)
{
    /// <summary>Straight out of it, one metre long.</summary>
    public Point3 Out => new(Math.Cos(Angle), Math.Sin(Angle), 0);

    /// <summary>Its middle on a wall so far across.</summary>
    public Point3 On(double across) => (Out * (across / 2)) with { Z = Z };

    /// <summary>The same on the wall rolled out flat.</summary>
    public Point Flat(double across) => new(Angle * across / 2, Z);

    /// <summary>A slit drawn just outside the wall, so wide and so high.</summary>
    public Skin Drawn(string part, double across, double wide, double high)
    {
        Point3 at = On(across) + Out * .003, side = new Point3(-Math.Sin(Angle), Math.Cos(Angle), 0) * (wide / 2), a = at - side, b = at + side;
        return new(part, Drawing.Ink.Hole, [[a with { Z = Z - high / 2 }, b with { Z = Z - high / 2 }, b with { Z = Z + high / 2 }, a with { Z = Z + high / 2 }]], 0);
    }
}

/// <summary>Rows of openings round a sack or drum, each turned by half of its own pitch against the one below.</summary>
internal static class Staggered
{
    /// <summary>From one row up to the next, for openings so far apart in every direction.</summary>
    public static double Rise(double pitch) => pitch * Math.Sqrt(3) / 2;

    /// <summary>From so far over the foot up to no higher than so; none where not even two go round.</summary>
    public static IReadOnlyList<RoundOpening> Round(double across, double from, double to, double pitch)
    {
        var columns = (int)Math.Floor(Math.PI * across / pitch + 1e-9);
        if (columns < 2) return [];
        var openings = new List<RoundOpening>();
        for (var row = 0; from + row * Rise(pitch) <= to + 1e-9; row++)
        {
            for (var c = 0; c < columns; c++) openings.Add(new(2 * Math.PI * (c + (row % 2 == 0 ? .25 : .75)) / columns % (2 * Math.PI), from + row * Rise(pitch)));
        }

        return openings;
    }
}
