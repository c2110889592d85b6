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
public sealed record Reason(Fitness Fitness, string Sentence, string? HouseRule = null);

/// <summary>What an inspection comes to.</summary>
/// <param name="MayCut">False where cutting, drilling or breaking it is itself a danger.</param>
/// <param name="MustLine">True where soil must be kept off it by a liner.</param>
public sealed record Judgement(Fitness Fitness, bool MayCut, bool MustLine, IReadOnlyList<Reason> Reasons);
