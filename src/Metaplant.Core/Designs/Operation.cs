namespace Metaplant.Core.Designs;

/// <summary>
/// One step of making. Minutes are for new material and one pair of hands; the plan multiplies them for salvage.
/// </summary>
/// <param name="Cautions">Ids of <see cref="Building.Cautions"/>, shown where the step is.</param>
public sealed record Operation(
    string Id, string Title, string Words, double Minutes, IReadOnlyList<string> Tools, IReadOnlyList<string> Protection, bool TwoPeople = false, params IReadOnlyList<string> Cautions)
{
    /// <summary>True where salvage is slower to work than new stuff: taking apart, de-nailing, sorting, squaring. Filling a barrow takes as long either way.</summary>
    public bool SlowerWithSalvage { get; init; }

    public double MinutesWith(double salvageFactor) => SlowerWithSalvage ? Minutes * salvageFactor : Minutes;
}
