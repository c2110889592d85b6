using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.Shared;

/// <summary>Roles and shapes that several designs share.</summary>
internal static class Stuff
{
    public const double WoodDensity = 500;

    /// <summary>From here on a timber is a wall by itself and no plank between posts, m thick.</summary>
    public const double Baulk = .08;

    /// <summary>Frames are not cut out of baulks, which are worth more whole.</summary>
    public static Sentence? TooStout(Lot lot) => lot.Thin > .11 || lot.Wide > .17 ? "Too stout for a frame: rip it first." : null;

    public static readonly Role Posts = new("posts", "Posts", Seat.Clear, Form.Pole) { Buy = "stake" };

    /// <summary>Strength class that sticks are taken for: wood of a sort nobody has graded.</summary>
    public const string StickGrade = "C14";

    /// <summary>Thickness of the pegs that feet of a support are lashed to, m.</summary>
    public const double FootPeg = .035;

    /// <summary>Line that lashes one foot to its peg, m.</summary>
    public const double LineForFoot = .8;

    private const double StickDensity = 600;

    /// <summary>Line to wind and lash with among plants.</summary>
    public static readonly Role Twine = new("twine", "Line to wind and lash", Seat.AmongPlants, Form.Line) { Buy = "twine", Of = s => s != Substance.Wire };

    /// <summary>Pegs that feet of a support are lashed to.</summary>
    public static readonly Role FootPegs = new("pegs", "Pegs", Seat.InSoil, Form.Pole) { Buy = "stake" };

    /// <summary>Thickness of the stakes round a sack or pot, m.</summary>
    public const double StakeThickness = .035;

    /// <summary>Stakes round what may tip.</summary>
    public static readonly Role Stakes = new("stakes", "Stakes", Seat.Clear, Form.Pole) { Buy = "stake" };

    /// <summary>What walls are tied with.</summary>
    public static readonly Role Wire = new("wire", "Tie wire", Seat.InSoil, Form.Line) { Buy = "wire", Of = s => s == Substance.Wire };

    private static readonly Role Cloth = new("liner", "Liner for the walls", Seat.InSoil, Form.Fabric) { Buy = "cloth", Of = s => s is Substance.WovenCloth or Substance.NaturalFibre or Substance.SyntheticFibre };
    private static readonly Role Film = new("liner", "Film for the walls", Seat.InSoil, Form.Film) { Buy = "film", Of = s => s == Substance.Film };

    /// <summary>What lines the walls: cloth, or film where soil must be kept off them.</summary>
    public static Role Liner(Lead lead) => Lining(film: lead.MustLine);

    public static Role Lining(bool film) => film ? Film : Cloth;

    /// <summary>True where two lots may stand in one wall: as fit, as well looked at, lined or not alike.</summary>
    public static bool AsFit(Lot a, Lot b)
    {
        var (one, other) = (a.Of.Judgement, b.Of.Judgement);
        return one.Fitness == other.Fitness && one.LookedAt == other.LookedAt && one.MustLine == other.MustLine;
    }

    /// <summary>kg of an empty vessel, its floor as thick as its wall; density in kg/m³.</summary>
    public static double MassOfVessel(Geometry.Vessel inside, double wall, double density)
        => ((inside.SectionAt(0).Perimeter + inside.SectionAt(inside.Height).Perimeter) / 2 * inside.Height + inside.BaseArea) * wall * density;

    /// <summary>kg of a stick cut to a length, as a cone from butt to tip.</summary>
    public static double MassOfStick(ISticks s, double length) => Math.PI / 12 * (s.Butt * s.Butt + s.Butt * s.Tip + s.Tip * s.Tip) * length * StickDensity;

    /// <summary>kg of a pole as thick all along.</summary>
    public static double MassOfPole(double thick, double length) => Math.PI / 4 * thick * thick * length * StickDensity;

    /// <summary>Middles of so many posts along a wall so long, the outer ones so far from its ends.</summary>
    public static IEnumerable<double> Spread(int count, double length, double inset)
        => count == 1 ? [0] : Enumerable.Range(0, count).Select(i => -length / 2 + inset + i * (length - 2 * inset) / (count - 1));

    /// <summary>A round post from so deep in the ground to so high.</summary>
    public static Rod Post(string part, double x, double y, double thick, double from, double to) => new(part, Drawing.Ink.Stick, [new(x, y, to), new(x, y, from)], thick, thick);

    /// <summary>Stakes evenly round a middle, so far from it, up to nine tenths of what they hold.</summary>
    public static IEnumerable<Rod> StakesRound(string part, int count, Point3 middle, double away, double depth, double height)
        => Enumerable.Range(0, count).Select(i => Math.PI / 4 + 2 * Math.PI * i / count).Select(a => Post(part, middle.X + away * Math.Cos(a), middle.Y + away * Math.Sin(a), StakeThickness, -depth, height * .9));

    /// <summary>Posts along an end wall, so that they stand no farther apart than along the long ones.</summary>
    public static int PostsAtEnd(double width, double length, int along) => Math.Max(2, (int)Math.Ceiling(width / (length / (along - 1)) - 1e-9) + 1);

    /// <summary>A circle with every second corner of the usual, or every so many, which is round enough for tyres and rows of pots and draws faster.</summary>
    public static IReadOnlyList<Geometry.Point> Round(double across, int every = 2) => [.. new Geometry.CircleOutline(across).ToPolygon().Where((_, i) => i % every == 0)];

    /// <summary>Mesh, cloth or card stood in a ring, open above and below, from one level to another.</summary>
    public static Skin Sleeve(string part, Drawing.Ink ink, IReadOnlyList<Geometry.Point> round, Point3 foot, double height, double thick)
    {
        return new(part, ink, [.. round.Select((a, i) => (IReadOnlyList<Point3>)[At(a, 0), At(round[(i + 1) % round.Count], 0), At(round[(i + 1) % round.Count], height), At(a, height)])], thick);

        Point3 At(Geometry.Point on, double z) => new(foot.X + on.X, foot.Y + on.Y, foot.Z + z);
    }

    /// <summary>The four sides of a rectangle about the origin from one level to another, upright or so much nearer to the middle at the upper.</summary>
    public static IEnumerable<IReadOnlyList<Point3>> Around(double x, double y, double z0, double z1, double inwards = 0)
    {
        (double X, double Y)[] corners = [(-1, -1), (1, -1), (1, 1), (-1, 1)];
        for (var i = 0; i < 4; i++)
        {
            var (a, b) = (corners[i], corners[(i + 1) % 4]);
            yield return [At(a, 0, z0), At(b, 0, z0), At(b, inwards, z1), At(a, inwards, z1)];
        }

        Point3 At((double X, double Y) corner, double in_, double z) => new(corner.X * (x - in_), corner.Y * (y - in_), z);
    }

    /// <summary>What a ring of bales or baulks holds by its weight alone, which is why pegs or posts stand outside it: a figure, since they take all of the push.</summary>
    /// <param name="thick">Front to back, m.</param>
    /// <param name="weight">Of a metre of it, dry, N/m.</param>
    /// <param name="held">What holds it: "pegs".</param>
    public static Sum ByItsWeight(double thick, double soil, double weight, string held, Brief brief)
    {
        var wall = new GravityWall(thick, soil, weight / (thick * soil), brief.Handbook[Grounds.FootFriction]);
        return Sum.Of(
            $"Safety against sliding without {held}", "W μ ÷ P", [new("W", "weight of a metre of wall, dry", weight, Unit.NewtonPerMetre), brief.Handbook.Term(Grounds.FootFriction), new("P", "push of the soil on it", LoadPaths.Push.Resultant(soil, brief, LoadCase.Normal).Total, Unit.NewtonPerMetre)],
            wall.Sliding(brief.Soil), Unit.One, "EN 1997-1 6.5.3 for the friction", $"Left out: {held} take all of the push");
    }
}
