using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Water;

namespace Metaplant.Core.Places;

/// <summary>The water of a planter at a spot, in a dry week of midsummer with its crop in full leaf.</summary>
/// <param name="Steps">What grass uses in a day, mm, and the part of the light: what <paramref name="Week"/> follows from.</param>
/// <param name="Week">m³.</param>
/// <param name="Days">Days that its soil lasts.</param>
/// <param name="Cans">Whole cans in a week.</param>
/// <param name="Carried">m walked to and fro with them in a week; null where no tap is on the plan.</param>
public sealed record Watering(IReadOnlyList<Sum> Steps, Sum Week, double Days, int Cans, double? Carried)
{
    /// <summary>Names of steps that the straight way from the tap goes over.</summary>
    public IReadOnlyList<string> Over { get; init; } = [];

    /// <summary>How high above the ground it is carried, m.</summary>
    public double Up { get; init; }

    private const int DaysOfAWeek = 7;

    /// <summary>Water in a week: K_c ET₀ A, by the light that reaches the spot and by what dries it there. Its soil lasts RAW ÷ a day's use.</summary>
    /// <param name="heats">True of sides that take up the sun.</param>
    /// <param name="toTap">m from the planter to the nearest tap.</param>
    public static Watering Of(Thirst thirst, GardenPlan plan, SpotReport at, double? toTap, Handbook handbook, bool heats = false)
    {
        var month = SunMap.Midsummer(plan.Site);
        Sum grass = Grass(plan.Site.Latitude, SunMap.Days[month], handbook), light = Light(plan, month, at, handbook);
        List<Term> dries = [];
        if (at.Wind.Exposure != Designs.Exposure.Sheltered) dries.Add(handbook.Term(Drying.OpenWind));
        if (at.Here.Hot || (heats && at.Here.Sun.Afternoon >= SpotReport.HotAfternoon)) dries.Add(handbook.Term(Drying.HotWall));
        var daily = dries.Aggregate(thirst.Kc * grass.Value / 1000 * thirst.Leaves * light.Value, (use, f) => use * f.Value);
        Sum week = Sum.Of(
            "Water in a dry week of midsummer", "V = 7 K_c ET₀ A s × what dries it",
            [new("K_c", "what the crop uses over grass", thirst.Kc, Unit.One), new("ET₀", "what grass uses in a day", grass.Value, Unit.MillimetrePerDay), new("A", "spread of the leaves", thirst.Leaves, Unit.SquareMetre), new("s", "part of the light", light.Value, Unit.One), .. dries],
            DaysOfAWeek * daily, Unit.CubicMetre, "FAO-56 ch. 6, eq. 21 and 52; the factors for containers are estimates",
            thirst.Known ? "The crop in full leaf, no rain" : "No crop chosen: as thirsty as most vegetables in full leaf; no rain", "Sides that breathe, mulch and rain shed by leaves are not counted");
        var cans = (int)Math.Ceiling(week.Value / handbook[Midsummer.Can] - 1e-9);
        return new([grass, light], week, daily > 0 ? thirst.Ready / daily : double.PositiveInfinity, cans, toTap * 2 * cans);
    }

    /// <summary>What grass uses on a midsummer day, mm.</summary>
    private static Sum Grass(double latitude, int day, Handbook handbook)
    {
        Term low = handbook.Term(Midsummer.Low), high = handbook.Term(Midsummer.High);
        var sun = Evapotranspiration.ExtraterrestrialRadiation(latitude, day);
        return Sum.Of(
            "Water that grass uses", "ET₀ = .0023 (T + 17.8) √(T_max − T_min) × .408 R_a", [low, high, new("R_a", "sunlight above the air", sun, Unit.MegajoulePerSquareMetreDay)],
            Evapotranspiration.Hargreaves(sun, low.Value, high.Value), Unit.MillimetrePerDay, "FAO-56 eq. 52, Hargreaves");
    }

    /// <summary>The part of midsummer's light that reaches a spot, 0 to 1: of the sky as much as is open, of the sun as many of its hours.</summary>
    private static Sum Light(GardenPlan plan, int month, SpotReport at, Handbook handbook)
    {
        var diffuse = handbook.Term(Midsummer.Diffuse);
        var all = SunMap.Hours(plan with { Features = [] }, [at.Spot.Corners[0]], SunMap.Days[month], handbook)[0].InAll;
        var hours = Math.Min(at.Months[month].InAll, all);
        return Sum.Of(
            "Part of the light", "s = d k + (1 − d) S ÷ S₀", [diffuse, new("k", "part of the sky that is open", at.OpenSky, Unit.One), new("S", "hours of sun there", hours, Unit.Hour), new("S₀", "hours with nothing in the way", all, Unit.Hour)],
            diffuse.Value * at.OpenSky + (1 - diffuse.Value) * (all > 0 ? hours / all : 0), Unit.One, "Direct and diffuse light apart");
    }

    /// <summary>What it comes to, for whoever carries it.</summary>
    public Sentence Words => Days < 1
        ? (Sentence)$"In a dry week of midsummer it drinks {Amount.Volume(Week.Value)}, and its soil keeps less than a day’s: water it morning and evening."
        : (Sentence)$"In a dry week of midsummer it drinks {Amount.Volume(Week.Value)}; its soil lasts {new Count((int)Math.Min(Math.Floor(Days), 99), "day", "days")}.";

    /// <summary>The way with the cans; null where no tap is on the plan.</summary>
    public Sentence? Way => Carried is { } far ? (Sentence)$"That is {new Count(Cans, "can", "cans")} and {Amount.Length(far)} to and fro from the tap{Climb}" : null;

    private Sentence Climb => (Over.Count, Up) switch
    {
        (0, 0) => (Sentence)".",
        (0, _) => (Sentence)$", and {Amount.Length(Up)} up each time: a barrel up there, or a hose, saves it.",
        _ => (Sentence)$", over {string.Join(" and ", Over)} each time: a barrel on this side, or a hose, saves them.",
    };

    /// <summary>True where the cans are carried up, or over steps.</summary>
    public bool Climbs => Over.Count > 0 || Up > 0;

    /// <summary>What another spot changes; null where it is the same to a twentieth.</summary>
    public static Sentence? Difference(Watering was, Watering now)
        => Math.Abs(now.Week.Value - was.Week.Value) <= .05 * was.Week.Value ? null : (Sentence)$"Water: {Amount.Volume(now.Week.Value)} in a dry week of midsummer instead of {Amount.Volume(was.Week.Value)}.";
}
