namespace Metaplant.Core.Salvage;

/// <summary>What a thing may be used for; each includes the ones after it except the last.</summary>
public enum Fitness
{
    Food,
    Ornamentals,

    /// <summary>It may stand in a garden and carry, but nothing grows in or against it.</summary>
    StructureOnly,

    /// <summary>Nothing of it reaches a design by any road.</summary>
    Refused,
}

/// <summary>One reason of a judgement: how far it lowers the thing, in a sentence, and the house rule behind it if there is one.</summary>
/// <param name="Lined">True where it is fit only behind film that keeps soil and roots off it.</param>
/// <param name="Seen">False where the reason is that something has not been seen: no mark, contents not told.</param>
public sealed record Reason(Fitness Fitness, Sentence Sentence, string? HouseRule = null, bool Lined = false, bool Seen = true);

/// <summary>What an inspection comes to.</summary>
/// <param name="Fitness">
/// The best it may be used for by all that is known; never to be told as "may grow food" by itself, since nothing against a thing is known of one that nobody has looked at. Ask <see cref="MayGrowFood"/>.
/// </param>
/// <param name="LookedAt">False until the decisive questions of its kind and stuff are answered.</param>
/// <param name="Open">The decisive questions still open, the most decisive first; empty once it has been looked at.</param>
/// <param name="MayCut">False where cutting, drilling or breaking it is itself a danger.</param>
/// <param name="MustLine">True where soil must be kept off it by film; cloth passes water and what is in it.</param>
public sealed record Judgement(Fitness Fitness, bool LookedAt, IReadOnlyList<string> Open, bool MayCut, bool MustLine, IReadOnlyList<Reason> Reasons)
{
    /// <summary>True once the decisive questions are answered and nothing speaks against food, behind film where <see cref="MustLine"/>.</summary>
    public bool MayGrowFood => LookedAt && Fitness == Fitness.Food;

    /// <summary>
    /// True where the verdict to tell is "not looked at yet": the questions are open and nothing that was seen has lowered it so far. What is known to be worse is told as that.
    /// </summary>
    public bool NotLookedAtYet => !LookedAt && Reasons.All(r => !r.Seen || r.Fitness == Fitness.Food);
}
