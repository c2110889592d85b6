namespace Metaplant.Core.Places;

/// <summary>The twelve classes of soil by what grains it is of.</summary>
public enum TextureClass
{
    Sand,
    LoamySand,
    SandyLoam,
    Loam,
    SiltLoam,
    Silt,
    SandyClayLoam,
    ClayLoam,
    SiltyClayLoam,
    SandyClay,
    SiltyClay,
    Clay,
}

/// <summary>How a wet pinch of soil feels between two fingers.</summary>
public enum HandFeel
{
    /// <summary>Grains are felt more than anything.</summary>
    Gritty,

    /// <summary>Like flour.</summary>
    Smooth,

    /// <summary>Some of both.</summary>
    Neither,
}

/// <summary>Which of the twelve a soil is, by its parts or by hand.</summary>
public static class Texture
{
    /// <summary>A ball of soil that makes no ribbon of this length makes none, m.</summary>
    public const double Least = .005;

    private const double Short = .025, Long = .05;

    /// <summary>
    /// The class of a soil by its parts of sand and clay, the rest silt; each from 0 to 1, together at most 1. On a border the class with more clay, or else more silt. Source: the triangle of the USDA, Soil Survey Manual, chapter 3.
    /// </summary>
    public static TextureClass Of(double sand, double clay)
    {
        // Parts of a jar add up to 1 to the last digit and not beyond it.
        var silt = Math.Round(1 - sand - clay, 9);
        return clay switch
        {
            >= .40 when silt >= .40 => TextureClass.SiltyClay,
            >= .40 when sand <= .45 => TextureClass.Clay,
            >= .35 when sand > .45 => TextureClass.SandyClay,
            >= .27 when sand <= .20 => TextureClass.SiltyClayLoam,
            >= .27 when sand <= .45 => TextureClass.ClayLoam,
            >= .20 when silt < .28 => TextureClass.SandyClayLoam,
            _ => OfLittleClay(sand, silt, clay),
        };
    }

    private static TextureClass OfLittleClay(double sand, double silt, double clay)
    {
        if (silt >= .80 && clay < .12) return TextureClass.Silt;
        if (silt >= .50) return TextureClass.SiltLoam;
        if (silt + 1.5 * clay < .15) return TextureClass.Sand;
        if (silt + 2 * clay < .30) return TextureClass.LoamySand;
        return clay >= .07 && sand <= .52 ? TextureClass.Loam : TextureClass.SandyLoam;
    }

    /// <summary>
    /// The class by a wet ball pressed out between thumb and finger into a ribbon, which breaks at so many m under its own weight. Less than <see cref="Least"/> is none; silt is told from silt loam by no hand. Source: the flow of Thien 1979, Journal of Agronomic Education 8.
    /// </summary>
    public static TextureClass ByHand(double ribbon, HandFeel feel) => (ribbon, feel) switch
    {
        ( < Least, HandFeel.Gritty) => TextureClass.Sand,
        ( < Least, _) => TextureClass.LoamySand,
        ( < Short, HandFeel.Gritty) => TextureClass.SandyLoam,
        ( < Short, HandFeel.Smooth) => TextureClass.SiltLoam,
        ( < Short, _) => TextureClass.Loam,
        ( < Long, HandFeel.Gritty) => TextureClass.SandyClayLoam,
        ( < Long, HandFeel.Smooth) => TextureClass.SiltyClayLoam,
        ( < Long, _) => TextureClass.ClayLoam,
        (_, HandFeel.Gritty) => TextureClass.SandyClay,
        (_, HandFeel.Smooth) => TextureClass.SiltyClay,
        _ => TextureClass.Clay,
    };

    /// <summary>As a gardener calls it: "sandy loam".</summary>
    public static string Name(TextureClass texture) => texture switch
    {
        TextureClass.LoamySand => "loamy sand",
        TextureClass.SandyLoam => "sandy loam",
        TextureClass.SiltLoam => "silt loam",
        TextureClass.SandyClayLoam => "sandy clay loam",
        TextureClass.ClayLoam => "clay loam",
        TextureClass.SiltyClayLoam => "silty clay loam",
        TextureClass.SandyClay => "sandy clay",
        TextureClass.SiltyClay => "silty clay",
        _ => texture.ToString().ToLowerInvariant(),
    };

    /// <summary>True of what holds a post by its grains and in no way as clay does.</summary>
    public static bool IsSandy(TextureClass texture) => texture is TextureClass.Sand or TextureClass.LoamySand or TextureClass.SandyLoam;

    /// <summary>True of what holds a post as clay does, and packs when it is trodden wet.</summary>
    public static bool IsClayey(TextureClass texture) => texture is TextureClass.SandyClay or TextureClass.SiltyClay or TextureClass.Clay or TextureClass.ClayLoam or TextureClass.SiltyClayLoam;
}
