using Metaplant.Core.Cutting;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Stock;

/// <summary>
/// Stock of one form that a batch gives by one way of using it: so many pieces from each unit, their sizes in m, and what it costs in time to get at them. Ways exclude each other unit by unit: a pallet gives sections or boards, and the boards come with its bearers.
/// </summary>
/// <param name="FromEach">Pieces from one unit that are expected to come out whole, rounded down.</param>
public sealed record Lot(HeapThing Of, Way Way, Form Form, string Name, int FromEach, double Length, double Width, double Thickness)
{
    public int ThingId => Of.Thing.Id;

    /// <summary>Units of the batch that nobody has touched.</summary>
    public int Units => Of.Free;

    /// <summary>Pieces from all units that are free.</summary>
    public int Pieces => Units * FromEach;

    /// <summary>Wider side first, whichever way it was measured.</summary>
    public double Wide => Math.Max(Width, Thickness);

    public double Thin => Math.Min(Width, Thickness);

    /// <summary>How many so long one unit gives, m: several of a coil, else one from each piece.</summary>
    public int LengthsOf(double length) => FromEach * (Way.Yields.Any(y => y.Form == Form && y.Coil) ? (int)Math.Floor(Length / length + 1e-9) : 1);

    /// <summary>True where it lies there as it is used; false where something is taken apart for it.</summary>
    public bool AsItIs => Of.Thing.Measures is ISawn;

    /// <summary>Bad places along one piece; what was found on a whole that is taken apart is left out of its count instead.</summary>
    public IReadOnlyList<BadPlace> Bad => AsItIs ? [.. Of.Thing.Faults.Select(f => new BadPlace(f.From, f.To))] : [];

    /// <summary>What one unit measures and was found to be, as a kind of its own has it; null when it is not of that kind.</summary>
    public T? As<T>()
        where T : class
        => Of.Thing.Measures as T;
}
