using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>How well a constant is known.</summary>
public enum Evidence
{
    /// <summary>Fixed by a definition or prescribed by a code.</summary>
    Defined,

    /// <summary>Measured by the source named.</summary>
    Measured,

    /// <summary>An estimate; the first thing to replace by one's own measurement.</summary>
    Assumed,
}

/// <summary>One row of the tables: a symbol, a value in SI, how well it is known and where it is from.</summary>
public sealed record Constant(string Id, string Symbol, Sentence Meaning, double Value, Unit Unit, Evidence Evidence, string Source)
{
    /// <summary>The least a person may put in its place, where that is not a tenth: a partial factor is never below 1.</summary>
    public double? NeverBelow { get; init; }

    /// <summary>The greatest a person may put in its place, where that is not ten times.</summary>
    public double? NeverAbove { get; init; }

    /// <summary>The least value a person may put in its place: a tenth, unless the row has its own.</summary>
    public double Least => NeverBelow ?? Math.Min(Value / 10, Value * 10);

    /// <summary>The greatest value a person may put in its place: ten times, but never a porosity or factor above what it can be, nor above the row's own.</summary>
    public double Greatest => NeverAbove ?? (Unit == Unit.One && Value <= 1 ? 1 : Unit == Unit.Degree ? 45 : Value * 10);

    /// <summary>The table it stands in: its id up to the first point, "timber".</summary>
    public string Table => Id[..Id.IndexOf('.', StringComparison.Ordinal)];
}
