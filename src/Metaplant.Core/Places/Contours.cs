using Metaplant.Core.Geometry;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.OverlayNG;
using Point = Metaplant.Core.Geometry.Point;

namespace Metaplant.Core.Places;

/// <summary>Where a value over a grid is at least so much, as areas with smooth edges.</summary>
public static class Contours
{
    private static readonly GeometryFactory Factory = new(new PrecisionModel(1e4));

    /// <summary>
    /// Outlines of all that is at least <paramref name="level"/>, each with its holes; between grid points the value is taken as going evenly. None where nothing is.
    /// </summary>
    /// <param name="values">Row by row from the lower left, <paramref name="across"/> to a row, at least two rows and columns.</param>
    /// <param name="from">The first point.</param>
    /// <param name="step">Between points, m, along x and y.</param>
    /// <param name="level">The least value that is within.</param>
    public static IReadOnlyList<IReadOnlyList<IReadOnlyList<Point>>> AtLeast(IReadOnlyList<double> values, int across, Point from, Point step, double level)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(across, 2);
        var pieces = new List<NetTopologySuite.Geometries.Geometry>();
        for (var row = 0; row + 1 < values.Count / across; row++)
        {
            // Cells that are wholly within go together, since joining them one by one is most of the work.
            var whole = 0;
            for (var column = 0; column + 1 < across; column++)
            {
                if (IsWhole(row, column))
                {
                    whole++;
                    if (column + 2 < across) continue;
                    pieces.Add(Run(row, across - 1 - whole, across - 1));
                    continue;
                }

                if (whole > 0) pieces.Add(Run(row, column - whole, column));
                whole = 0;
                var cell = Cell(values, across, from, step, row, column, level);
                if (cell.Count >= 3) pieces.Add(Factory.CreatePolygon([.. cell, cell[0]]));
            }
        }

        var all = pieces.Count == 0 ? Factory.CreatePolygon() : OverlayNGRobust.Union(Factory.BuildGeometry(pieces));
        return [.. Enumerable.Range(0, all.NumGeometries).Select(all.GetGeometryN).OfType<Polygon>().Where(p => !p.IsEmpty).Select(p => (IReadOnlyList<IReadOnlyList<Point>>)[Ring(p.ExteriorRing), .. p.InteriorRings.Select(Ring)])];

        bool IsWhole(int row, int column) => values[row * across + column] >= level && values[row * across + column + 1] >= level && values[(row + 1) * across + column] >= level && values[(row + 1) * across + column + 1] >= level;

        Polygon Run(int row, int left, int right)
        {
            // With a corner at every grid point, so that it meets its neighbours corner to corner.
            IEnumerable<Coordinate> foot = Enumerable.Range(left, right - left + 1).Select(c => At(c, row)), head = Enumerable.Range(left, right - left + 1).Reverse().Select(c => At(c, row + 1));
            return Factory.CreatePolygon([.. foot, .. head, At(left, row)]);
        }

        Coordinate At(double c, double r) => new(from.X + c * step.X, from.Y + r * step.Y);
    }

    /// <summary>What of one cell is within: its corners that are, and where the level crosses its sides.</summary>
    private static List<Coordinate> Cell(IReadOnlyList<double> values, int across, Point from, Point step, int row, int column, double level)
    {
        ReadOnlySpan<(int Column, int Row)> corners = [(column, row), (column + 1, row), (column + 1, row + 1), (column, row + 1)];
        var cell = new List<Coordinate>();
        for (var i = 0; i < 4; i++)
        {
            var (a, b) = (corners[i], corners[(i + 1) % 4]);
            double va = values[a.Row * across + a.Column] - level, vb = values[b.Row * across + b.Column] - level;
            if (va >= 0) cell.Add(At(a.Column, a.Row));
            // A corner on the level itself is there already.
            if (va >= 0 == vb >= 0 || va == 0 || vb == 0) continue;
            var t = va / (va - vb);
            cell.Add(At(a.Column + t * (b.Column - a.Column), a.Row + t * (b.Row - a.Row)));
        }

        return cell;

        Coordinate At(double c, double r) => new(from.X + c * step.X, from.Y + r * step.Y);
    }

    private static IReadOnlyList<Point> Ring(LineString ring) => [.. ring.Coordinates.SkipLast(1).Select(c => new Point(c.X, c.Y))];
}
