namespace Metaplant.Core.Designs;

/// <summary>
/// One step of making. Minutes are for new material and one pair of hands; the plan multiplies them for salvage.
/// </summary>
/// <param name="Cautions">Ids of <see cref="Building.Cautions"/>, shown where the step is.</param>
public sealed record Operation(
    string Id, Sentence Title, Sentence Words, double Minutes, IReadOnlyList<Building.ToolNeed> Tools, IReadOnlyList<string> Protection, bool TwoPeople = false, params IReadOnlyList<string> Cautions)
{
    /// <summary>True where salvage is slower to work than new stuff: taking apart, de-nailing, sorting, squaring. Filling a barrow takes as long either way.</summary>
    public bool SlowerWithSalvage { get; init; }

    /// <summary>Ids of the parts that stand once it is done and did not before; its picture shows them in colour.</summary>
    public IReadOnlyList<string> Places { get; init; } = [];

    /// <summary>Ids of the needs whose pieces it cuts to size: once it is done they are what they are, and what they were cut from is no longer on the heap.</summary>
    public IReadOnlyList<string> Cuts { get; init; } = [];

    public double MinutesWith(double salvageFactor) => SlowerWithSalvage ? Minutes * salvageFactor : Minutes;
}
