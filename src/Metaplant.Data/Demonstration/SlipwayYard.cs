using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Data.Settings;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data.Demonstration;

/// <summary>
/// Slipway Yard, the demonstration garden: a walled strip behind a closed boat-repair shed that is being cleared. All of it is invented.
/// </summary>
public static class SlipwayYard
{
    private const string Yard = "Yard gate";
    private const string Shed = "Shed";
    private const string Slip = "Slip";
    private const string LookedOver = Findings.LookedOver;
    private const string Clearing = "The shed that is being cleared";
    private const string Engines = "Engine deliveries, Tuesdays";
    private const string Creek = "The creek, after spring tides";

    private static readonly Row[] Heap =
    [
        new("Engine pallets, HT", "pallet", 8, [("slatLength", 1.2), ("depth", 1.0), ("slats", 7), ("slatWidth", .1), ("slatThickness", .020), ("bearers", 3), ("bearerWidth", .045), ("bearerDepth", .095), ("bottomSlats", 4)], Substance.Softwood, [Findings.HeatMark], Yard, ["slat-4"]),
        new("Long crate pallets, HT", "pallet", 5, [("slatLength", 1.6), ("depth", 1.2), ("slats", 9), ("slatWidth", .095), ("slatThickness", .017), ("bearers", 3), ("bearerWidth", .07), ("bearerDepth", .08), ("bottomSlats", 4)], Substance.Softwood, [Findings.HeatMark, Findings.Weathered], Yard),
        new("Grey pallets, no mark", "pallet", 6, [("slatLength", 1.0), ("depth", .8), ("slats", 6), ("slatWidth", .09), ("slatThickness", .016), ("bearers", 3), ("bearerWidth", .04), ("bearerDepth", .09), ("bottomSlats", 3)], Substance.Softwood, [Findings.Weathered, Findings.Nails], Yard),
        new("Export pallet, MB", "pallet", 1, [("slatLength", 1.1), ("depth", 1.1), ("slats", 8)], Substance.Softwood, [Findings.FumigantMark], Yard),
        new("Half pallets, HT", "pallet", 1, [("slatLength", .8), ("depth", .6), ("slats", 5), ("slatWidth", .09)], Substance.Softwood, [Findings.HeatMark], Shed),
        new("Skids, bearers only", "post", 4, [("length", 1.2), ("width", .095), ("thickness", .07)], Substance.Softwood, [Findings.Weathered], Yard),
        new("Blue juice drums", "drum", 2, [("diameter", .57), ("height", .90), ("wall", .004)], Substance.Polyethylene, [Findings.HeldFood, Findings.PlasticMark], Shed),
        new("Varnish drum", "drum", 1, [("diameter", .57), ("height", .88), ("wall", .0012)], Substance.Steel, [Findings.HeldChemical], Shed),
        new("Fish boxes", "tapered-tub", 6, [("topLength", .76), ("topWidth", .43), ("height", .25), ("bottomLength", .68), ("bottomWidth", .37), ("wall", .0045)], Substance.Polyethylene, [Findings.HeldFood, Findings.PlasticMark], Slip),
        new("Bait tub, rinsed", "round-tub", 1, [("topDiameter", .60), ("bottomDiameter", .48), ("height", .42), ("wall", .005)], Substance.Polyethylene, [Findings.HeldFood], Slip),
        new("Rinse trough", "trough", 1, [("topLength", 1.5), ("topWidth", .65), ("topRadius", .25), ("middleLength", 1.35), ("middleWidth", .55), ("middleRadius", .2), ("bottomLength", 1.2), ("bottomWidth", .45), ("bottomRadius", .15), ("height", .38), ("wall", .0015)], Substance.ZincCoatedSteel, [Findings.HeldFood, Findings.RustSurface, Findings.HasOutlet], Slip),
        new("Wash-house copper", "round-tub", 1, [("topDiameter", .62), ("bottomDiameter", .38), ("height", .45), ("wall", .007)], Substance.CastIron, [Findings.HeldFood, "old-paint"], Shed),
        new("Moulded ice bin, cracked", "tapered-tub", 1, [("topLength", 1.1), ("topWidth", .7), ("height", .6), ("bottomLength", 1.0), ("bottomWidth", .6), ("wall", .012)], Substance.Polyethylene, [Findings.HeldFood, Findings.Cracked], Slip),
        new("Deck bucket, who knows", "round-tub", 3, [("topDiameter", .30), ("bottomDiameter", .24), ("height", .29), ("wall", .002)], Substance.UnknownPlastic, [Findings.HeldUnknown], Shed),
        new("Mortar tub", "round-tub", 1, [("topDiameter", .65), ("bottomDiameter", .52), ("height", .35), ("wall", .004)], Substance.UnknownPlastic, [Findings.HeldGarden], Shed),
        new("Apple crates", "crate", 7, [("length", .50), ("width", .35), ("height", .30), ("wall", .012), ("boardHeight", .08)], Substance.Softwood, [], Shed),
        new("Sail-cloth offcuts", "fabric", 3, [("length", 3.2), ("width", 1.4)], Substance.WovenCloth, [], Shed),
        new("Tarpaulin film", "film", 1, [("length", 4), ("width", 3)], Substance.Film, [], Shed),
        new("Mooring rope", "line", 1, [("length", 30), ("diameter", .018)], Substance.SyntheticFibre, [], Slip),
        new("Tarred marlin", "line", 2, [("length", 40), ("diameter", .004)], Substance.NaturalFibre, ["tarred"], Shed),
        new("Fence wire", "line", 1, [("length", 45), ("diameter", .0025)], Substance.Wire, [Findings.RustSurface], Shed),
        new("Oak bearers", "post", 3, [("length", 1.4), ("width", .10), ("thickness", .05)], Substance.Hardwood, [], Yard),
        new("Fender timber, tarred", "post", 2, [("length", 2.4), ("width", .25), ("thickness", .20)], Substance.Hardwood, ["creosote"], Slip),
        new("Deck boards", "board", 11, [("length", 1.9), ("width", .14), ("thickness", .026)], Substance.Softwood, [Findings.Nails], Shed, ["piece:0.62:0.78"]),
        new("Willow prunings", "branches", 1, [("sticks", 34), ("shortest", 1.4), ("longest", 2.9), ("butt", .026), ("tip", .008)], Substance.GreenWood, [], Slip),
        new("Alder poles", "branches", 1, [("sticks", 12), ("shortest", 1.0), ("longest", 2.2), ("butt", .042), ("tip", .024)], Substance.DryWood, [], Slip),
        new("Hazel rods", "branches", 2, [("sticks", 25), ("shortest", 1.2), ("longest", 1.9), ("butt", .011), ("tip", .005)], Substance.GreenWood, [], Slip),
        new("Winged pallets, HT", "winged-pallet", 2, [("slatLength", 1.2), ("depth", 1.0), ("slats", 7), ("slatWidth", .1), ("wing", .12)], Substance.Softwood, [Findings.HeatMark, LookedOver], Yard, Source: Engines),
        new("Engine skid", "skid", 2, [("slatLength", 1.4), ("depth", 1.0)], Substance.Hardwood, [Findings.HeatMark, Findings.OwnerVouches], Yard, Source: Engines),
        new("Half pallets from the chandler, HT", "half-pallet", 3, [], Substance.Softwood, [Findings.HeatMark], Shed, Source: "Chandler’s back door, Fridays"),
        new("Dinghy without a transom", "free-form", 1, [("topLength", 2.7), ("topWidth", 1.15), ("height", .46), ("middleLength", 2.4), ("middleWidth", 1.0), ("bottomLength", 1.7), ("bottomWidth", .5), ("wall", .006)], Substance.UnknownPlastic, [Findings.HeldFood, Findings.Cracked], Slip, Source: Clearing),
        new("Anchor-chain bin, by buckets", "poured", 1, [("volume", .085), ("height", .38), ("wall", .003)], Substance.ZincCoatedSteel, [Findings.HeldFood, Findings.RustSurface], Slip, Source: Clearing),
        new("Broken ladder", "ladder", 1, [("length", 3.1), ("rungs", 7)], Substance.DryWood, [Findings.Weathered, "wobbles"], Shed, Source: Clearing),
        new("Oars, odd ones", "pole", 5, [("length", 2.6), ("thickness", .042)], Substance.DryWood, [LookedOver], Shed, Source: Clearing),
        new("Workbench carcass", "table-frame", 1, [("length", 1.8), ("width", .7), ("height", .82)], Substance.Softwood, [Findings.Nails], Shed, Source: Clearing),
        new("Galley counter with a basin", "table", 1, [("length", 1.4), ("width", .6), ("height", .85)], Substance.Softwood, ["old-paint"], Shed, Source: Clearing),
        new("Fish-wash basin", "pan", 1, [("topDiameter", .46), ("bottomDiameter", .38), ("height", .18)], Substance.EnamelledIron, [Findings.HeldFood, Findings.HasOutlet], Shed, Source: Clearing),
        new("Cable reel", "cable-reel", 1, [("flange", 1.05), ("barrel", .5), ("height", .62)], Substance.Softwood, [Findings.Weathered], Yard, Source: Clearing),
        new("Roofing sheets, zinc", "roofing-sheet", 6, [("length", 2.1), ("width", .76)], Substance.ZincCoatedSteel, [Findings.RustSurface], Yard, Source: Clearing),
        new("Grey sheet off the lean-to", "roofing-sheet", 1, [("length", 1.8), ("width", .9), ("profileDepth", .05), ("pitch", .15), ("thickness", .006)], Substance.FibreCement, ["fibre-cement"], Yard, Source: Clearing),
        new("Angle iron", "angle", 4, [("length", 2.2), ("thickness", .04)], Substance.Steel, [Findings.RustSurface], Yard, Source: Clearing),
        new("Mast track", "angle", 2, [("length", 3.0), ("thickness", .032)], Substance.Aluminium, [], Shed, Source: Clearing),
        new("Stanchions", "conduit", 6, [("length", .75), ("thickness", .025)], Substance.ZincCoatedSteel, [], Shed, Source: Clearing),
        new("Deck-wash hose", "flexible-pipe", 1, [("length", 22), ("thickness", .028)], Substance.Rubber, [Findings.Cracked], Slip, Source: Clearing),
        new("Steel pins", "steel-rod", 9, [("length", .9), ("thickness", .012)], Substance.Steel, [Findings.RustSurface], Shed, Source: Clearing),
        new("Trawl mesh", "mesh", 1, [("length", 14), ("width", 1.8), ("aperture", .08), ("wire", .003)], Substance.SyntheticFibre, ["torn"], Slip, Source: Creek),
        new("Lobster-pot wire", "mesh", 2, [("length", 4.5), ("width", .6), ("aperture", .025), ("wire", .002)], Substance.ZincCoatedSteel, [Findings.RustSurface], Slip, Source: Creek),
        new("Trawl-net end", "sack", 2, [("flatWidth", .5), ("height", .8)], Substance.SyntheticFibre, [], Slip, Source: Creek),
        new("Coffee sacks", "sack", 6, [("flatWidth", .62), ("height", .95)], Substance.NaturalFibre, [Findings.HeldFood], Shed, Source: "Roaster behind the station, first of the month", KeepDry: true),
        new("Feed sacks", "sack", 4, [("flatWidth", .52), ("height", .88)], Substance.SyntheticFibre, [Findings.HeldFood], Shed),
        new("Bricks off the chimney", "bricks", 46, [], Substance.FiredClay, [LookedOver], Yard, Source: Clearing),
        new("Concrete blocks", "blocks", 7, [], Substance.Concrete, [], Yard, Source: Clearing),
        new("Ballast stones", "stones", 9, [("length", .28), ("width", .2), ("height", .16)], Substance.Stone, [], Slip, Source: Creek),
        new("Roof slates", "slates", 11, [], Substance.Stone, [Findings.Cracked], Yard, Source: Clearing),
        new("Straw bales", "straw-bale", 4, [], Substance.Straw, ["weedkiller-unknown"], Shed, Source: "Farm by the ford, after harvest", KeepDry: true),
        new("Bamboo canes", "canes", 1, [("sticks", 16), ("shortest", 1.5), ("longest", 2.1)], Substance.Bamboo, [], Shed),
        new("Pea twigs", "twigs", 2, [], Substance.DryWood, [], Slip, Source: "Alder carr, cut each February"),
        new("Driftwood and logs", "logs", 1, [("volume", .6)], Substance.DryWood, ["salty"], Slip, Source: Creek),
        new("Leaf mould", "leaves", 1, [("volume", .35)], Substance.PlantMatter, [], Yard),
        new("Seaweed", "green-waste", 1, [("volume", .2)], Substance.PlantMatter, ["salty"], Slip, Source: Creek),
        new("Kitchen compost", "compost", 1, [("volume", .3)], Substance.PlantMatter, [LookedOver], Yard),
        new("Woodchip", "woodchip", 1, [("volume", 1.2)], Substance.GreenWood, [], Yard, Source: "Tree man, when he is in the lane"),
        new("Rotted manure", "manure", 1, [("volume", .4)], Substance.Manure, ["bean-test-passed"], Yard, Source: "Stable at the top of the lane"),
        new("Topsoil from the lane", "soil", 1, [("volume", .8)], Substance.Earth, ["unknown-site"], Yard),
        new("Shell grit", "grit", 1, [("volume", .12)], Substance.Stone, ["salty"], Slip, Source: Creek),
        new("Odd screws, a box", "fixings", 1, [("pieces", 140), ("length", .05), ("diameter", .0045)], Substance.ZincCoatedSteel, [Findings.RustSurface], Shed, Source: Clearing),
        new("Mooring chain", "chain", 1, [("length", 6), ("link", .008), ("workingLoad", 500)], Substance.ZincCoatedSteel, [Findings.RustSurface, "mark-load"], Slip, Source: Clearing),
        new("Shackles", "hardware", 5, [("workingLoad", 750), ("size", .028)], Substance.ZincCoatedSteel, ["mark-load"], Shed, Source: Clearing),
        new("Trailer tyres", "tyre", 3, [("overall", .52), ("rim", .254), ("width", .145)], Substance.Rubber, [Findings.Weathered], Yard, Source: Clearing),
        new("Vent duct", "tube", 2, [("diameter", .2), ("length", 1.1)], Substance.ZincCoatedSteel, [], Shed, Source: Clearing),
        new("Engine boxes, card", "card", 6, [("length", 1.1), ("width", .8)], Substance.Paper, ["taped"], Shed, Source: Engines, KeepDry: true),
        new("Sail battens in a frame", "lattice", 1, [("length", 1.6), ("height", 1.1)], Substance.Softwood, [], Shed, Source: Clearing),
        new("Launching cart", "cart", 1, [("length", 1.5), ("width", .8), ("height", .7)], Substance.ZincCoatedSteel, [Findings.RustSurface], Slip, Source: Clearing),
        new("Locker door, ply", "ply", 2, [("length", 1.1), ("width", .6)], Substance.Plywood, [Findings.Weathered], Shed, Source: Clearing),
        new("Bilge buckets", "bucket", 4, [], Substance.Polyethylene, [Findings.HeldFood, Findings.PlasticMark], Shed, Source: Clearing),
        new("Life-jacket tote", "tote", 1, [("topLength", .72), ("topWidth", .48), ("height", .40), ("bottomLength", .64), ("bottomWidth", .40)], Substance.UnknownPlastic, [Findings.HeldGarden], Shed, Source: Clearing),
        new("Crab basket", "basket", 2, [], Substance.DryWood, [Findings.Weathered], Slip, Source: Creek),
        new("Bales from the harvest supper", "straw-bale", 8, [], Substance.Straw, [LookedOver], Shed, Source: "Seats of the harvest supper; the field was never sprayed", KeepDry: true),
        new("Lock-gate baulks", "heavy-timber", 3, [], Substance.Softwood, [LookedOver], Yard, Source: Clearing),
        new("Baulk with a burnt end", "heavy-timber", 1, [("width", .22), ("thickness", .18)], Substance.Softwood, [LookedOver], Yard, Source: Clearing),
        new("Barrow tyres", "tyre", 2, [("overall", .36), ("rim", .20), ("width", .085)], Substance.Rubber, [LookedOver], Yard, Source: Clearing),
        new("Tyre from under the engine", "tyre", 1, [("overall", .63), ("rim", .38), ("width", .185)], Substance.Rubber, ["chemical-smell"], Yard, Source: Clearing),
        new("Short bales off the stage", "straw-bale", 3, [("length", .75)], Substance.Straw, [LookedOver], Shed, Source: "Seats of the harvest supper; the field was never sprayed", KeepDry: true),
        new("Cherry suckers, dead on the tree", "branches", 1, [("sticks", 16), ("shortest", 1.3), ("longest", 1.9), ("butt", .014), ("tip", .004)], Substance.DryWood, [Findings.Poor], Slip),
        new("Rabbit wire, the end of it", "mesh", 1, [("length", .9), ("width", .45), ("aperture", .025), ("wire", .001)], Substance.ZincCoatedSteel, [], Shed, Source: Clearing),
        new("Chart box, long and thin", "crate", 1, [("length", 1.30), ("width", .40), ("height", .36), ("wall", .006), ("boardHeight", .09)], Substance.Softwood, [], Shed, Source: Clearing),
        new("Dogwood cuttings, a handful", "rods", 1, [("sticks", 5), ("shortest", .9), ("longest", 1.3), ("butt", .010), ("tip", .004)], Substance.GreenWood, [], Slip),
        new("Fruit net", "mesh", 1, [("length", 12), ("width", 2.0), ("aperture", .018), ("wire", .0012)], Substance.SyntheticFibre, [], Shed, Source: Clearing),
        new("Float drum, small", "drum", 1, [("diameter", .30), ("height", .32), ("wall", .003)], Substance.Polyethylene, [Findings.HeldFood, Findings.PlasticMark], Slip, Source: Creek),
        new("Bait pails", "bucket", 2, [("topDiameter", .18), ("bottomDiameter", .13), ("height", .28), ("wall", .002)], Substance.Polyethylene, [Findings.HeldFood, Findings.PlasticMark], Shed, Source: Creek),
        new("Awning tubes", "conduit", 4, [("length", 3.0), ("thickness", .022)], Substance.ZincCoatedSteel, [], Shed, Source: Clearing),
        new("Water pipe, a coil", "flexible-pipe", 1, [("length", 12), ("thickness", .032)], Substance.Polyethylene, [], Shed, Source: Creek),
        new("Trellis off the boathouse", "lattice", 2, [("length", 1.8), ("width", .03), ("height", 1.2)], Substance.Softwood, [LookedOver], Shed, Source: Clearing),
        new("Bird-seed pails", "bucket", 8, [("topDiameter", .20), ("bottomDiameter", .16), ("height", .20), ("wall", .0015)], Substance.Polyethylene, [Findings.HeldFood, Findings.PlasticMark], Shed, Source: Creek),
        new("Coal barrow", "cart", 1, [("length", 1.3), ("width", .60), ("height", .60)], Substance.Steel, [Findings.RustThrough], Yard, Source: Clearing),
        new("Tea trolley", "cart", 1, [("length", .80), ("width", .40), ("height", .75)], Substance.Softwood, [LookedOver], Shed, Source: Clearing),
        new("Sewing-machine stand", "table-frame", 1, [("length", .80), ("width", .42), ("height", .72)], Substance.Steel, [], Shed, Source: Clearing),
        new("Sail-loft table, its frame", "table-frame", 1, [("length", 3.4), ("width", 1.2), ("height", .78)], Substance.Softwood, [LookedOver], Shed, Source: Clearing),
        new("Cider drum", "drum", 1, [("diameter", .57), ("height", .90), ("wall", .005)], Substance.Polyethylene, [Findings.HeldFood, Findings.PlasticMark], Slip, Source: Creek),
        new("Rafters of the winch house", "post", 6, [("length", 2.4), ("width", .095), ("thickness", .045)], Substance.Softwood, [LookedOver], Yard, Source: Clearing),
        new("Pram dinghy, stove in", "free-form", 1, [("topLength", 2.3), ("topWidth", 1.05), ("height", .42), ("middleLength", 2.1), ("middleWidth", .95), ("bottomLength", 1.5), ("bottomWidth", .5), ("wall", .005)], Substance.UnknownPlastic, [Findings.HeldGarden, Findings.Cracked], Slip, Source: Clearing),
        new("Orchard crates", "crate", 6, [("length", .52), ("width", .36), ("height", .30), ("wall", .014), ("boardHeight", .09)], Substance.Softwood, [Findings.OwnerVouches], Shed, Source: Clearing),
        new("Chain reel", "cable-reel", 1, [("flange", 1.25), ("barrel", .40), ("height", .70)], Substance.Softwood, [LookedOver], Yard, Source: Clearing),
        new("Galley pails", "bucket", 2, [("topDiameter", .30), ("bottomDiameter", .22), ("height", .28), ("wall", .003)], Substance.Polyethylene, [Findings.HeldFood, Findings.PlasticMark], Shed, Source: Clearing),
        new("Herring net", "mesh", 1, [("length", 14), ("width", 2.4), ("aperture", .018), ("wire", .0012)], Substance.SyntheticFibre, [], Shed, Source: Clearing),
        new("Net poles", "pole", 42, [("length", 2.4), ("thickness", .045)], Substance.DryWood, [LookedOver], Shed, Source: Clearing),
        new("Osier rods", "rods", 3, [("sticks", 40), ("shortest", 1.4), ("longest", 2.2), ("butt", .014), ("tip", .005)], Substance.GreenWood, [LookedOver], Slip),
    ];

    /// <summary>What nobody has walked round yet; everything else has been looked over.</summary>
    private static readonly string[] NotYet =
    [
        "Engine skid", "Mooring rope", "Workbench carcass", "Trawl-net end", "Roof slates", "Tarpaulin film", "Locker door, ply", "Crab basket", "Skids, bearers only", "Half pallets from the chandler, HT", "Launching cart", "Stanchions", "Woodchip",
    ];

    /// <summary>Tubs that stood full of water for a day.</summary>
    private static readonly string[] HeldWater = ["Bait tub, rinsed", "Fish boxes", "Bilge buckets", "Galley pails", "Mortar tub", "Bait pails", "Fish-wash basin"];

    private sealed record Row(string Name, string Kind, int Count, (string, double)[] Measures, Substance Substance, string[] Findings, string Place, string[]? Faults = null, string Source = "", bool KeepDry = false);

    /// <summary>Makes the garden in an empty file, outside the journal so that undo does not empty it; does nothing to one that has things already.</summary>
    public static async Task PlantAsync(GardenContext garden, CancellationToken cancel = default)
    {
        if (await garden.Things.AnyAsync(cancel)) return;
        // All or nothing, so that a start cut short leaves no half of a garden behind.
        await using var transaction = await garden.Database.BeginTransactionAsync(cancel);
        await garden.SetAsync(SettingRows.Name, "Slipway Yard", cancel);
        await garden.SetAsync(SettingRows.Site, SlipwayPlan.Site, cancel);
        garden.Places.AddRange(SlipwayPlan.Places.Select(p => PlanKeeping.Row(p)));
        garden.Things.AddRange(Heap.Select((row, i) => ThingMapping.NewRow(ToThing(row, i + 1), new(row.Place, Source: row.Source, Permission: row.Source == Clearing ? "The owner’s daughter, all of it" : "", KeepDry: row.KeepDry))));
        await garden.SaveChangesAsync(cancel);
        foreach (var project in SlipwayProjects.All) await project.KeepAsync(garden, cancel);
        await transaction.CommitAsync(cancel);
    }

    private static Thing ToThing(Row row, int number) => Thing.Create(
        0, number, row.Name, row.Kind, row.Count, row.Measures.ToDictionary(m => m.Item1, m => m.Item2), row.Substance, [.. row.Findings, .. Seen(row)], [.. (row.Faults ?? []).Select(ToFault)]).OrThrow();

    private static IEnumerable<string> Seen(Row row)
    {
        if (!NotYet.Contains(row.Name) && !row.Findings.Contains(LookedOver)) yield return LookedOver;
        if (HeldWater.Contains(row.Name)) yield return Findings.HeldWater;
    }

    private static Fault ToFault(string text) => text.Split(':') is [var part, var from, var to] ? new(part, double.Parse(from), double.Parse(to)) : new(text, 0, 0);
}
