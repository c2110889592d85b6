using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage;

/// <summary>A kind whose facts are listed when it is made; it adds how it is drawn and what it gives.</summary>
public abstract class ListedKind<TMeasures>(
    string id, string name, string group, IReadOnlyList<MeasureField> fields, IReadOnlyList<Substance> substances, IReadOnlyList<string> lookFor) : SalvageKind<TMeasures>
    where TMeasures : Measures
{
    public sealed override string Id => id;

    public sealed override string Name => name;

    public sealed override string Group => group;

    public sealed override IReadOnlyList<MeasureField> Fields => fields;

    public sealed override IReadOnlyList<Substance> Substances => substances;

    public sealed override IReadOnlyList<string> LookFor { get; } = [.. lookFor, Findings.LookedOver];
}

/// <summary>Short ways to write measures.</summary>
internal static class Field
{
    /// <summary>A length in m.</summary>
    public static MeasureField Length(string id, string name, double least, double greatest, double typical, Sentence hint, bool quick = true) => new(id, name, Unit.Metre, least, greatest, typical, hint, quick);

    public static MeasureField Count(string id, string name, int least, int greatest, int typical, Sentence hint, bool quick = true) => new(id, name, Unit.Count, least, greatest, typical, hint, quick);

    /// <summary>A load in m³, typed in litres or in the gardener's own measures.</summary>
    public static MeasureField Volume(double typical, double greatest = 50) => new("volume", "How much", Unit.CubicMetre, .001, greatest, typical, "In barrows, buckets, sacks", Quick: true);
}
