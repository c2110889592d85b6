using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Designs;

/// <summary>Heaps for what must hold of every design: one that every design is made of, and any number by chance.</summary>
internal static class Yards
{
    private static readonly string[] Kinds =
    [
        "pallet", "pallet", "winged-pallet", "half-pallet", "skid", "round-tub", "tapered-tub", "drum", "crate", "trough", "bucket", "board", "board", "board", "post", "post", "heavy-timber", "branches", "branches", "canes", "pole", "ladder", "table-frame",
        "roofing-sheet", "roofing-sheet", "sack", "sack", "tube", "tube", "straw-bale", "straw-bale", "bricks", "blocks", "stones", "tyre", "tyre", "fabric", "film", "line", "line", "soil", "compost", "grit", "mesh", "cable-reel", "table", "bucket", "cart", "lattice", "conduit", "flexible-pipe", "steel-rod",
    ];

    /// <summary>Something for every design there is.</summary>
    public static Heap Whole { get; } = A.Heap(
        A.HeatMarkedPallets(12), A.FoodTub(2), A.Sticks(3), A.Thing("post", 6, id: 4), A.Thing("fabric", 3, id: 5, measures: [("length", 4)]),
        A.Thing("line", id: 6, substance: Substance.Wire, measures: [("length", 60), ("diameter", .0025)]), A.Thing("drum", id: 7, findings: [Findings.HeldFood]), A.Thing("crate", 3, id: 8),
        A.Thing("board", 14, id: 9, measures: [("length", 2.4), ("width", .14), ("thickness", .026)]), A.Thing("board", 16, id: 10, measures: [("length", .9), ("width", .095), ("thickness", .025)]), A.Thing("post", 4, id: 11, substance: Substance.Hardwood, measures: [("length", 2.4), ("width", .12), ("thickness", .05)]),
        A.Thing("roofing-sheet", 9, id: 12), A.Thing("sack", 3, id: 13, findings: [Findings.HeldFood], substance: Substance.SyntheticFibre), A.Thing("tube", 2, id: 14, findings: [Findings.HeldFood], measures: [("length", 1.1), ("diameter", .2)]),
        A.Thing("grit", id: 15), A.Thing("soil", id: 16, findings: [Findings.LookedOver]), A.Thing("compost", id: 17, findings: [Findings.LookedOver]), A.Thing("ladder", id: 18), A.Thing("pole", 5, id: 19, measures: [("length", 2.6), ("thickness", .055)]),
        A.Thing("straw-bale", 8, id: 20, findings: [Findings.LookedOver]), A.Thing("bricks", 160, id: 21), A.Thing("stones", 40, id: 22), A.Thing("tyre", 4, id: 23), A.Thing("heavy-timber", 6, id: 24, substance: Substance.Softwood), A.Thing("mesh", 2, id: 25),
        A.Thing("table", 2, id: 26), A.Thing("cable-reel", id: 27, measures: [("flange", 1.05), ("barrel", .45)]), A.Thing("bucket", 6, id: 28, findings: [Findings.HeldFood], substance: Substance.Polyethylene),
        A.Thing("trough", 3, id: 29, findings: [Findings.HeldFood], substance: Substance.ZincCoatedSteel), A.Thing("post", 14, id: 30, measures: [("length", 2.4), ("width", .075), ("thickness", .075)]),
        A.Thing("table-frame", id: 31), A.Thing("cart", id: 32, substance: Substance.ZincCoatedSteel), A.Thing("lattice", 2, id: 33), A.Thing("conduit", 4, id: 34, substance: Substance.ZincCoatedSteel, measures: [("length", 3), ("thickness", .022)]));

    /// <summary>What a design makes of the whole yard as it is first offered.</summary>
    public static Fit First(string design)
    {
        var (wanted, room) = (Catalogue.Find(design)!, Stockroom.Of(Whole));
        return Leads.Of(wanted, room).Found.Select(lead => Draft.Of(wanted, new(lead, wanted.Settings(lead).ToDictionary(s => s.Id, s => s.Default), Brief.Default), room)).Where(d => d.Ok).Select(d => Fit.Of(d.Value!, room)).First();
    }

    /// <summary>From eight to sixteen batches of any kind, measures and state.</summary>
    public static Heap Any(int seed)
    {
        var random = new Random(seed);
        var things = new List<Thing>();
        for (var id = 1; id <= random.Next(8, 17); id++)
        {
            if (Thing_(random, id) is { } thing) things.Add(thing);
        }

        return A.Heap([.. things]);
    }

    private static Thing? Thing_(Random random, int id)
    {
        var kind = SalvageKinds.Find(Kinds[random.Next(Kinds.Length)])!;
        var values = kind.Fields.ToDictionary(f => f.Id, f =>
        {
            var value = Math.Clamp(f.Typical * (.6 + .9 * random.NextDouble()), f.Least, f.Greatest);
            return f.Unit == Unit.Count ? Math.Round(value) : value;
        });
        if (values.TryGetValue("slats", out var slats)) values["depth"] = slats * values["slatWidth"] * (1 + .4 * random.NextDouble());
        List<string> findings = [Findings.LookedOver, Findings.HeldFood, Findings.HeatMark];
        foreach (var maybe in (string[])[Findings.Weathered, Findings.RustSurface, Findings.Nails, Findings.Treated, "creosote", "old-paint"])
        {
            if (random.Next(6) == 0) findings.Add(maybe);
        }

        return Thing.Create(id, id, $"{kind.Name} {id}", kind.Id, random.Next(1, 14), values, kind.Substances[random.Next(kind.Substances.Count)], [.. findings.Where(kind.LookFor.Contains)], []).Value;
    }
}
