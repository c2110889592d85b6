using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Designs.Shared;

/// <summary>Roles and shapes that several designs share.</summary>
internal static class Stuff
{
    public const double WoodDensity = 500;

    /// <summary>From here on a timber is a wall by itself and no plank between posts, m thick.</summary>
    public const double Baulk = .08;

    public static readonly Role Posts = new("posts", "Posts", Seat.Clear, Form.Pole) { Buy = "stake" };

    /// <summary>What walls are tied with.</summary>
    public static readonly Role Wire = new("wire", "Tie wire", Seat.InSoil, Form.Line) { Buy = "wire", Of = s => s == Substance.Wire };

    private static readonly Role Cloth = new("liner", "Liner for the walls", Seat.InSoil, Form.Fabric) { Buy = "cloth", Of = s => s is Substance.WovenCloth or Substance.NaturalFibre or Substance.SyntheticFibre };
    private static readonly Role Film = new("liner", "Film for the walls", Seat.InSoil, Form.Film) { Buy = "film", Of = s => s == Substance.Film };

    /// <summary>What lines the walls: cloth, or film where soil must be kept off them.</summary>
    public static Role Liner(Lead lead) => lead.MustLine ? Film : Cloth;

    /// <summary>True where two lots may stand in one wall: as fit, as well looked at, lined or not alike.</summary>
    public static bool AsFit(Lot a, Lot b)
    {
        var (one, other) = (a.Of.Judgement, b.Of.Judgement);
        return one.Fitness == other.Fitness && one.LookedAt == other.LookedAt && one.MustLine == other.MustLine;
    }

    /// <summary>Middles of so many posts along a wall so long, the outer ones so far from its ends.</summary>
    public static IEnumerable<double> Spread(int count, double length, double inset)
        => count == 1 ? [0] : Enumerable.Range(0, count).Select(i => -length / 2 + inset + i * (length - 2 * inset) / (count - 1));

    /// <summary>A round post from so deep in the ground to so high.</summary>
    public static Rod Post(string part, double x, double y, double thick, double from, double to) => new(part, Drawing.Ink.Stick, [new(x, y, to), new(x, y, from)], thick, thick);
}
