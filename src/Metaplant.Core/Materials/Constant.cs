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
public sealed record Constant(string Id, string Symbol, string Meaning, double Value, Unit Unit, Evidence Evidence, string Source)
{
    /// <summary>The least value a person may put in its place: a tenth.</summary>
    public double Least => Math.Min(Value / 10, Value * 10);

    /// <summary>The greatest value a person may put in its place: ten times, but never a porosity or factor above what it can be.</summary>
    public double Greatest => Unit == Unit.One && Value <= 1 ? 1 : Unit == Unit.Degree ? 45 : Value * 10;
}
