using Metaplant.Core.Drainage;

namespace Metaplant.Core.Growing;

/// <summary>How a plant climbs, and so what it can hold on to.</summary>
public enum Climbing
{
    None,
    Tendril,
    Twiner,
    Scrambler,
    Tied,
}

/// <summary>Which half of the day's sun suits it when it gets only one.</summary>
public enum SunHalf
{
    Either,
    Morning,
    Afternoon,
}

/// <summary>How it takes a hot wall or dark sides.</summary>
public enum HeatClass
{
    /// <summary>Bolts or wilts; wants pale sides and afternoon shade.</summary>
    Cool,
    Ordinary,

    /// <summary>Is the better for it.</summary>
    LovesHeat,
}

/// <summary>How rich a soil it wants.</summary>
public enum MediumClass
{
    Lean,
    Ordinary,
    Rich,
}

/// <summary>Whether it grows in the cool of the year or needs the warm months.</summary>
public enum GrowingSeason
{
    Cool,
    Warm,
}

public enum PlantForm
{
    Upright,
    Bushy,
    Trailing,
}

/// <summary>How it is started.</summary>
public enum Raising
{
    /// <summary>Seed, where it is to grow.</summary>
    SowInPlace,

    /// <summary>Seed under cover, planted out later.</summary>
    RaiseUnderCover,

    /// <summary>Young plants, sets, tubers, runners or cuttings.</summary>
    SetOut,
}

/// <summary>How it is picked.</summary>
public enum Picking
{
    /// <summary>All at once, and the place is free.</summary>
    Once,

    /// <summary>Cut, and it grows again.</summary>
    CutAgain,

    /// <summary>A little at a time for as long as it bears.</summary>
    LittleByLittle,
}

/// <summary>
/// A crop. Lengths in m, days counted from sowing and from planting out, temperatures in °C.
/// </summary>
/// <param name="Edible">False for ornamentals.</param>
/// <param name="LeastLitres">Soil one plant wants.</param>
/// <param name="LightHours">Hours of sun in a summer's day.</param>
/// <param name="Thirst">How wet its feet may stand, and how often it wants water.</param>
/// <param name="LeastNight">The coldest night it comes through unharmed.</param>
/// <param name="Spread">How far it reaches across when grown; what is beyond the rim is room gained.</param>
/// <param name="ThickestGrip">The thickest stick it can climb by itself; 0 for a plant that does not climb, and not asked of one that is tied.</param>
/// <param name="DaysToPlant">From sowing to planting out; 0 when it is sown in place or set out.</param>
/// <param name="DaysToHarvest">From planting out, or sowing in place, to the first picking; the first year's for a perennial.</param>
/// <param name="HarvestDays">How long it goes on.</param>
/// <param name="Yield">What one plant gives in a season in kg; 0 for an ornamental.</param>
/// <param name="YieldSpread">Half the range about it as a part of it: .4 for from 0.6 to 1.4 times.</param>
/// <param name="KeepsDays">How long it keeps once picked, in the cool.</param>
/// <param name="Kc">Water it uses over that of grass, in full leaf. FAO-56 table 12.</param>
/// <param name="Depletion">p, the part of the water at hand it takes before it suffers. FAO-56 table 22.</param>
/// <param name="BuryLimit">How far its stem may be buried when soil is topped up or it is set deeper.</param>
/// <param name="GreatestPh">The least sour soil it bears, for a plant that wants sour soil; null for those that grow in ordinary soil.</param>
/// <param name="LeastBlock">Rows and columns it stands in at least, since wind pollinates it; 1 for all others.</param>
/// <param name="EatenBy">What eats it, the worst first.</param>
public sealed record Crop(
    string Id, string Name, string Plural, bool Edible, double Spacing, double RowSpacing, double LeastDepth, double LeastLitres, double LightHours, SunHalf SunHalf,
    ThirstClass Thirst, HeatClass Heat, MediumClass Medium, GrowingSeason Season, double LeastNight, double Height, double Spread, PlantForm Form, Climbing Climbing, double ThickestGrip,
    Raising Raising, double DaysToPlant, double DaysToHarvest, double HarvestDays, Picking Picking, double Yield, double YieldSpread, double KeepsDays, double Kc, double Depletion,
    double BuryLimit, double? GreatestPh, int LeastBlock, IReadOnlyList<string> EatenBy)
{
    /// <summary>What one plant of it is called in a sentence: "lettuce", "spinach plant", "clump of chives", "climbing French bean".</summary>
    public string One => Plural switch
    {
        _ when Plural.Split(' ') is [var head, "of", ..] => head[..^1] + Plural[head.Length..],
        _ when Plural.EndsWith(" bushes", StringComparison.Ordinal) => Plural[..^2],
        _ when Plural.Split(' ')[^1] is "plants" or "bulbs" or "crowns" or "canes" => Plural[..^1],
        _ => Plural[0] + Name[1..],
    };

    /// <summary>The least one plant gives in a poor season, kg.</summary>
    public double LeastYield => Yield * (1 - YieldSpread);

    /// <summary>The most one plant gives in a good season, kg.</summary>
    public double GreatestYield => Yield * (1 + YieldSpread);
}
