using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Designs.Shared;

/// <summary>
/// A closed ring of bales or stones laid like the sails of a windmill: each wall starts at a corner and butts against the side of the next, so that nothing is cut for a corner, and a course turned the other way about crosses the joints of the one below. Lengths in m.
/// </summary>
internal static class Pinwheel
{
    /// <summary>Pieces of a run, the last one shorter where they do not come out.</summary>
    public static int Pieces(double run, double piece) => (int)Math.Ceiling(run / piece - 1e-9);

    /// <summary>Pieces of a course so long and wide outside.</summary>
    public static int PiecesOf(double length, double width, double thick, double piece) => 2 * (Pieces(length - thick, piece) + Pieces(width - thick, piece));

    /// <summary>How far the joints of a course turned the other way about lie from those below, at least.</summary>
    public static double Bond(double thick, double piece)
    {
        var over = thick % piece;
        return Math.Min(over, piece - over);
    }

    /// <summary>The pieces of a course as they lie from one level to another. Those of the walls along the length may be another part than those across.</summary>
    public static IEnumerable<Solid> Laid(string along, string across, Ink ink, IEnumerable<(Point From, Point To, Point Out)> course, double from, double to)
        => course.Select(p => Prism.Box(p.Out.X == 0 ? along : across, ink, new(p.From.X, p.From.Y, from), new(p.To.X, p.To.Y, to)));

    /// <summary>Two opposite corners of every piece of a course in plan, wall by wall, about the origin; which way out its outer face looks.</summary>
    /// <param name="piece">How long a piece is in the walls along the length, and in those across.</param>
    public static IEnumerable<(Point From, Point To, Point Out)> Course(double length, double width, double thick, (double Long, double Wide) piece, bool turned)
    {
        double x = length / 2, y = width / 2;
        var all = Run(new(-x, -y), new(1, 0), new(0, 1), length - thick, piece.Long).Concat(Run(new(x, -y), new(0, 1), new(-1, 0), width - thick, piece.Wide))
            .Concat(Run(new(x, y), new(-1, 0), new(0, -1), length - thick, piece.Long)).Concat(Run(new(-x, y), new(0, -1), new(1, 0), width - thick, piece.Wide));
        return turned ? all.Select(p => (Mirrored(p.Item1), Mirrored(p.Item2), Mirrored(p.Item3))) : all;

        IEnumerable<(Point, Point, Point)> Run(Point corner, Point along, Point inwards, double run, double each)
        {
            for (var i = 0; i < Pieces(run, each); i++)
            {
                double from = i * each, to = Math.Min(run, from + each);
                yield return (At(from, 0), At(to, thick), new(-inwards.X, -inwards.Y));
            }

            Point At(double a, double b) => new(corner.X + along.X * a + inwards.X * b, corner.Y + along.Y * a + inwards.Y * b);
        }

        static Point Mirrored(Point p) => new(-p.X, p.Y);
    }
}
