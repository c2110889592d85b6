using Metaplant.Core.Casting;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Planning;

/// <summary>How much of a thing somebody takes, in whole numbers: units where it is taken whole; sticks, thousandths of a square metre, millimetres or litres where it is taken by parts.</summary>
internal static class Share
{
    /// <summary>What is free of a thing.</summary>
    public static long Free(HeapThing thing) => Remains.ByParts(thing.Thing) ? thing.Left.Sum(Of) : thing.Free;

    /// <summary>By thing, what is taken. Never more than is really taken, so that what is refused by it cannot be.</summary>
    public static IReadOnlyDictionary<int, long> Of(IEnumerable<Take> takes, Heap heap) => takes.GroupBy(t => t.ThingId).ToDictionary(g => g.Key, g => Of(heap.Find(g.Key)!, [.. g.Select(t => t.Taken).Distinct()]));

    private static long Of(HeapThing thing, IReadOnlyList<Taken> taken)
    {
        if (!Remains.ByParts(thing.Thing)) return taken.Select(t => t.Unit).Distinct().Count();
        var left = thing.Left.ToDictionary(r => r.Unit);
        return taken.Where(t => left.ContainsKey(t.Unit)).Sum(t => Of(left[t.Unit], t));
    }

    private static long Of(Remains unit, Taken taken) => taken switch
    {
        { Whole: true } => Of(unit),
        { Sticks: { } sticks } => sticks.Count,
        { OfVolume: true, Amount: { } volume } => (long)(volume * 1000),
        { Across: true, Amount: { } width } => (long)(width * unit.Length * 1000),
        { Amount: { } length } => (long)(length * (unit.Width > 0 ? unit.Width : 1) * 1000),
        _ => 0,
    };

    private static long Of(Remains unit) => unit.Sticks.Count > 0 ? unit.Sticks.Count : unit.Volume > 0 ? (long)(unit.Volume * 1000) : (long)(unit.Length * (unit.Width > 0 ? unit.Width : 1) * 1000);
}
