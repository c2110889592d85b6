using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage;

/// <summary>
/// A kind of salvage: what is measured, what is looked for, how it is drawn and what it gives. One file in the folder Kinds is one kind; it is found by being there.
/// </summary>
public abstract class SalvageKind
{
    public abstract string Id { get; }

    public abstract string Name { get; }

    /// <summary>The tray it lies in when the heap is sorted: "Pallets", "Vessels".</summary>
    public abstract string Group { get; }

    public abstract IReadOnlyList<MeasureField> Fields { get; }

    /// <summary>What it may be made of, the likeliest first.</summary>
    public abstract IReadOnlyList<Substance> Substances { get; }

    /// <summary>Ids of the <see cref="Findings"/> asked about, the most decisive first.</summary>
    public abstract IReadOnlyList<string> LookFor { get; }

    /// <summary>Names of the parts a fault may be marked on, when there is more than one ("slat-1"…).</summary>
    public abstract IReadOnlyList<string> FaultParts(Measures measures);

    public abstract Outcome<Measures> Read(IReadOnlyDictionary<string, double> values);

    /// <summary>The dimensioned drawing, on which the measures are typed.</summary>
    public abstract View Draw(Measures measures);

    /// <summary>The outline it shows standing in the heap, foot at y = 0, left edge at x = 0.</summary>
    public abstract IReadOnlyList<Shape> Silhouette(Measures measures);

    public abstract IReadOnlyList<Way> BreakDown(Thing thing);
}

/// <summary>A kind whose measures are of one type.</summary>
public abstract class SalvageKind<TMeasures> : SalvageKind
    where TMeasures : Measures
{
    public sealed override Outcome<Measures> Read(IReadOnlyDictionary<string, double> values)
    {
        var reader = new MeasureReader(Fields, values);
        if (reader.Problems.Count > 0) return Outcome<Measures>.Refuse(reader.Problems);
        Cross(reader);
        return reader.Problems.Count > 0 ? Outcome<Measures>.Refuse(reader.Problems) : Make(reader);
    }

    public sealed override View Draw(Measures measures) => Draw((TMeasures)measures);

    public sealed override IReadOnlyList<Shape> Silhouette(Measures measures) => Silhouette((TMeasures)measures);

    public sealed override IReadOnlyList<Way> BreakDown(Thing thing) => BreakDown(thing, (TMeasures)thing.Measures);

    public sealed override IReadOnlyList<string> FaultParts(Measures measures) => FaultParts((TMeasures)measures);

    /// <summary>Refuses measures that cannot be together; each is already inside its own range.</summary>
    protected virtual void Cross(MeasureReader reader)
    {
    }

    protected virtual IReadOnlyList<string> FaultParts(TMeasures measures) => [];

    protected abstract TMeasures Make(MeasureReader reader);

    protected abstract View Draw(TMeasures measures);

    protected abstract IReadOnlyList<Shape> Silhouette(TMeasures measures);

    protected abstract IReadOnlyList<Way> BreakDown(Thing thing, TMeasures measures);
}

/// <summary>All kinds of salvage there are.</summary>
public static class SalvageKinds
{
    public static IReadOnlyList<SalvageKind> All { get; } =
    [
        .. typeof(SalvageKind).Assembly.GetTypes()
            .Where(t => t.IsSubclassOf(typeof(SalvageKind)) && !t.IsAbstract)
            .Select(t => (SalvageKind)Activator.CreateInstance(t)!)
            .OrderBy(k => k.Group, StringComparer.Ordinal).ThenBy(k => k.Name, StringComparer.Ordinal),
    ];

    private static readonly Dictionary<string, SalvageKind> ById = All.ToDictionary(k => k.Id, StringComparer.Ordinal);

    public static SalvageKind? Find(string id) => ById.GetValueOrDefault(id);
}
