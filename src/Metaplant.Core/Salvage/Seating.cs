namespace Metaplant.Core.Salvage;

/// <summary>Where a part sits, as far as what grows there can be harmed by it.</summary>
public enum Seat
{
    /// <summary>In or against the soil that roots are in, with nothing between.</summary>
    InSoil,

    /// <summary>Behind cloth, which holds soil back but passes water and what is in it.</summary>
    BehindCloth,

    /// <summary>Behind film, which keeps soil, roots and water off it for its years.</summary>
    BehindFilm,

    /// <summary>Above the soil and among the plants: wound line, sticks, a coping that drips into the bed.</summary>
    AmongPlants,

    /// <summary>Outside, below or beside, out of reach of soil, roots and drips: packers, outer posts, legs.</summary>
    Clear,
}

/// <summary>What is grown, as far as it matters for what may touch it.</summary>
public enum Grown
{
    Food,
    Ornamentals,
}

/// <summary>Whether a thing may fill a part, and why.</summary>
/// <param name="May">True where it may be planned with. What has not been looked at yet may be, but nothing grown with it is called food until it is.</param>
/// <param name="LookedAt">False where the decisive questions of the thing are still open.</param>
/// <param name="HouseRule">The house rule that decided, if one did.</param>
public sealed record Ruling(bool May, bool LookedAt, Sentence Why, string? HouseRule);

/// <summary>Fitness by where a part sits: a structure-only leg may carry a tub of food, an ornamentals-only plank may not touch the soil of one.</summary>
public static class Seating
{
    /// <summary>
    /// The ruling for one part. Refused: nowhere. Clear of soil and plants: whatever is not refused. Anywhere else: as fit as what is grown asks, and where it is fit only behind film, behind film.
    /// Cloth never changes anything, since water passes it.
    /// </summary>
    public static Ruling Of(Judgement judgement, Seat seat, Grown grown)
    {
        var worst = judgement.Reasons.Count > 0 ? judgement.Reasons[0] : null;
        if (judgement.Fitness == Fitness.Refused) return No(worst!);
        if (seat == Seat.Clear) return Yes("Out of reach of soil and plants.", null);
        var asked = grown == Grown.Food ? Fitness.Food : Fitness.Ornamentals;
        if (judgement.Fitness > asked) return No(worst!);
        if (grown == Grown.Food && seat != Seat.BehindFilm && judgement.Reasons.FirstOrDefault(r => r.Lined) is { } lined) return No(lined);
        return Yes(worst?.Sentence ?? "Nothing seen that speaks against it.", worst?.HouseRule);

        Ruling No(Reason reason) => new(false, judgement.LookedAt, reason.Sentence, reason.HouseRule);

        Ruling Yes(Sentence why, string? rule) => new(true, judgement.LookedAt, judgement.LookedAt ? why : "Not looked at yet: it may be planned with, and is not called food until it is.", rule);
    }
}
