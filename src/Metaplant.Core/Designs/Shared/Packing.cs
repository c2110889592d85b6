using Metaplant.Core.Drainage;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.Shared;

/// <summary>Packers under the foot of a vessel and the holes beside them, and what lines it. Lengths in m.</summary>
internal static class Packing
{
    /// <summary>A foot smaller than this is a pot's: there is no room for holes beside packers.</summary>
    public const double LeastFoot = .12;

    private const double UsualPacker = .045;
    private const int MostPackers = 10;

    /// <summary>Clear floor between two packers: half of it, beyond the last one, still takes the largest hole and its webs.</summary>
    private const double LeastBay = .070;

    /// <summary>Width of a packer under a foot too small for two usual ones and the holes between them, over the length of the foot.</summary>
    private const double NarrowPacker = .15;

    /// <summary>From the soil up to the rim, to water into.</summary>
    private const double HeadSpace = .03;

    public static readonly Role Packers = new("packers", "Packers", Seat.Clear, Form.Timber, Form.Board) { Buy = "timber" };

    private static readonly Role Film = new("liner", "Liner of film, folded up the sides", Seat.InSoil, Form.Film) { Buy = "film", Of = s => s == Substance.Film };
    private static readonly Role FilmOrCloth = new("liner", "Liner, folded up the sides", Seat.InSoil, Form.Film, Form.Fabric) { Buy = "film", Of = s => s is Substance.Film or Substance.WovenCloth or Substance.NaturalFibre or Substance.SyntheticFibre };

    /// <summary>What a vessel with gaps is lined with: film where soil must be kept off it.</summary>
    public static Role Liner(Lead lead) => lead.MustLine ? Film : FilmOrCloth;

    /// <summary>Left free above the soil in a vessel so high.</summary>
    public static double Head(double height) => Math.Min(HeadSpace, height / 4);

    public static int MostFor(double length) => Math.Clamp((int)(length / (UsualPacker + LeastBay) + 1e-9), 2, MostPackers);

    /// <summary>Width of a packer under a foot so long.</summary>
    public static double WidthFor(double length) => length >= 2 * (UsualPacker + LeastBay) - 1e-9 ? UsualPacker : NarrowPacker * length;

    /// <summary>How full a vessel so high is filled, as full as leaves room to water.</summary>
    public static Setting SoilLevel(double height)
        => new Setting("soil", "Soil level", Unit.Metre, WithLast(Setting.Range(Math.Min(.08, height / 2), height - Head(height), .02), height - Head(height)), height - Head(height), "As full as leaves room to water").TryAll();

    /// <summary>The hole, no larger than what goes in beside the outer packers of a foot so long.</summary>
    public static Setting Hole(double foot)
    {
        var most = MostFor(foot);
        List<Stop> holes = [.. new[] { .008, .010, .012, .016, .020, .025 }.Where(d => d + 2 * HoleGrid.EdgeWeb <= (foot / most - WidthFor(foot)) / 2 + 1e-9).Select(d => new Stop(d))];
        return new("hole", "Hole", Unit.Metre, holes, holes.Any(h => h.Value == .010) ? .010 : holes[^1].Value, "A bit most people own");
    }

    public static Setting Pad { get; } = new("pad", "Coarse pad over each hole", Unit.Metre, [new(0, "none"), new(.060), new(.100)], .060, "A handful of crock or stone saves half the holes");

    public static Setting Under(double foot)
    {
        var most = MostFor(foot);
        return Setting.Even("packers", "Packers under it", Unit.Count, 2, most, 1, Math.Min(3, most), "Two carry it; thin floors want more").Least();
    }

    public static Setting Wall { get; } = new Setting("wall", "Where it stands", Unit.Count, [new(0, "by itself"), new(1, "against a wall")], 0, "What is narrow and light tips when somebody leans on it").Least();

    public static Setting Drips { get; } = new("drips", "Drips go", Unit.Count, [new(0, "on the ground"), new(1, "caught")], 0, "On a deck or balcony it must be caught");

    public static IReadOnlyList<Stop> WithLast(IReadOnlyList<Stop> stops, double last) => stops[^1].Value < last - 1e-6 ? [.. stops, new(last)] : stops;
}
