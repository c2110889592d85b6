using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Tests;

/// <summary>Things for tests, with the least said.</summary>
internal static class A
{
    public static Thing Thing(string kind, int count = 1, string? name = null, Metaplant.Core.Materials.Substance? substance = null, string[]? findings = null, Fault[]? faults = null, int id = 1, params (string Id, double Value)[] measures)
        => Core.Salvage.Thing.Create(id, id, name ?? kind, kind, count, measures.ToDictionary(m => m.Id, m => m.Value), substance, findings ?? [], faults ?? []).OrThrow();

    /// <summary>One need filled from a heap.</summary>
    public static Cast Cast(Need need, Heap heap, Grown grown = Grown.Food, Lead? lead = null, Effort effort = Effort.Proven) => Caster.Cast([need], lead, Stockroom.Of(heap), grown, Handbook.Default, effort);

    public static Heap Heap(params Thing[] things) => Core.Salvage.Heap.Of(things, HouseRules.Default);

    public static Thing HeatMarkedPallets(int count = 8, int id = 1) => Thing("pallet", count, id: id, findings: [Findings.HeatMark]);

    public static Thing FoodTub(int id = 1) => Thing("round-tub", id: id, name: "bait tub", findings: [Findings.HeldFood], substance: Metaplant.Core.Materials.Substance.Polyethylene,
        measures: [("topDiameter", .6), ("bottomDiameter", .48), ("height", .42)]);

    public static Thing Sticks(int id = 1, int count = 20) => Thing("branches", id: id, measures: [("sticks", count), ("shortest", 1.6), ("longest", 2.6), ("butt", .03), ("tip", .012)]);

    public static void Near(this double actual, double expected, double relative = 1e-3) => actual.ShouldBe(expected, Math.Abs(expected) * relative + 1e-12);
}
