using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Stock;

/// <summary>
/// What a heap gives, by every way it can be used. Worked out once for each state of the heap and shared by all designs. What is refused or all spoken for is among it, so that somebody can say why it was passed over.
/// </summary>
public sealed class Stockroom
{
    private static readonly ConditionalWeakTable<Heap, Stockroom> Known = [];

    private readonly ILookup<Form, Lot> byForm;
    private readonly ConcurrentDictionary<(Designs.Role Role, Grown Grown), IReadOnlyList<(Lot Lot, Words.Sentence? Why)>> byRole = new(ByReference.Instance);

    private Stockroom(Heap heap)
    {
        Heap = heap;
        byForm = heap.Things.SelectMany(LotsOf).ToLookup(l => l.Form);
    }

    public Heap Heap { get; }

    /// <summary>Boards chosen for panels, by what there is and what is asked.</summary>
    internal ConcurrentDictionary<string, IReadOnlyList<Casting.PanelBoards>?> Panels { get; } = new(StringComparer.Ordinal);

    /// <summary>Sticks of a lot of which nothing more was taken, by how long and how thick they are wanted.</summary>
    internal ConcurrentDictionary<(Lot Lot, double Length, double Thickness), IReadOnlyList<LooseStick>> Sticks { get; } = new(LotByReference.Instance);

    /// <summary>How many courses of a wall alike boards give, as far as anybody asked; by the lengths of a course and the boards.</summary>
    internal ConcurrentDictionary<string, int> Courses { get; } = new(StringComparer.Ordinal);

    /// <summary>The lots of a heap; worked out anew only for another heap.</summary>
    public static Stockroom Of(Heap heap) => Known.GetValue(heap, h => new(h));

    /// <summary>Lots of a form, in order of the number of their things and then of the ways of each. Those of which nothing is free are among them.</summary>
    public IEnumerable<Lot> Lots(Form form) => byForm[form];

    /// <summary>Lots of the forms a role may be filled from, each with the sentence why it may not be, null where it may; those the role does not count at all are left out. Worked out once for each role that does not change.</summary>
    public IReadOnlyList<(Lot Lot, Words.Sentence? Why)> For(Designs.Role role, Grown grown)
        => byRole.GetOrAdd((role, grown), key => [.. key.Role.Forms.SelectMany(Lots).Where(key.Role.LotCounts).Select(l => (l, key.Role.Refuses(l, key.Grown)))]);

    private static IEnumerable<Lot> LotsOf(HeapThing thing)
        => from way in thing.Thing.Kind.BreakDown(thing.Thing)
           from y in way.Yields
           let each = (int)Math.Floor(y.Expected + 1e-9)
           where each > 0
           select new Lot(thing, way, y.Form, y.Name, each, y.Length, y.Width, y.Thickness);

    /// <summary>Lots are told apart by which they are: to compare all of what they say takes longer than what it saves.</summary>
    private sealed class LotByReference : IEqualityComparer<(Lot Lot, double Length, double Thickness)>
    {
        public static LotByReference Instance { get; } = new();

        public bool Equals((Lot Lot, double Length, double Thickness) x, (Lot Lot, double Length, double Thickness) y) => ReferenceEquals(x.Lot, y.Lot) && x.Length.Equals(y.Length) && x.Thickness.Equals(y.Thickness);

        public int GetHashCode((Lot Lot, double Length, double Thickness) x) => HashCode.Combine(RuntimeHelpers.GetHashCode(x.Lot), x.Length, x.Thickness);
    }

    /// <summary>Roles are told apart by which they are, since what they ask is in functions.</summary>
    private sealed class ByReference : IEqualityComparer<(Designs.Role Role, Grown Grown)>
    {
        public static ByReference Instance { get; } = new();

        public bool Equals((Designs.Role Role, Grown Grown) x, (Designs.Role Role, Grown Grown) y) => ReferenceEquals(x.Role, y.Role) && x.Grown == y.Grown;

        public int GetHashCode((Designs.Role Role, Grown Grown) x) => RuntimeHelpers.GetHashCode(x.Role);
    }
}
