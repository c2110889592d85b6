using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
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
    ];

    private sealed record Row(string Name, string Kind, int Count, (string, double)[] Measures, Substance Substance, string[] Findings, string Place, string[]? Faults = null);

    /// <summary>Makes the garden in an empty file, outside the journal so that undo does not empty it; does nothing to one that has things already.</summary>
    public static async Task PlantAsync(GardenContext garden, CancellationToken cancel = default)
    {
        if (await garden.Things.AnyAsync(cancel)) return;
        await (GardenSettings.Default with { Name = "Slipway Yard" }).KeepAsync(garden, cancel);
        garden.Things.AddRange(Heap.Select((row, i) => ThingMapping.NewRow(ToThing(row, i + 1), new(row.Place))));
        await garden.SaveChangesAsync(cancel);
        await DrawAsync(garden, "Winch-house bed", "pallet-bed", "Grey pallets, no mark", "viola", cancel);
        await DrawAsync(garden, "Juice-drum tub", "drilled-tub", "Blue juice drums", "tomato", cancel, ("height", .45));
    }

    private static Thing ToThing(Row row, int number) => Thing.Create(
        0, number, row.Name, row.Kind, row.Count, row.Measures.ToDictionary(m => m.Item1, m => m.Item2), row.Substance, row.Findings, [.. (row.Faults ?? []).Select(ToFault)]).OrThrow();

    private static Fault ToFault(string text) => text.Split(':') is [var part, var from, var to] ? new(part, double.Parse(from), double.Parse(to)) : new(text, 0, 0);

    /// <summary>Draws a design from one thing, at the best size for soil but for what is set, and keeps it.</summary>
    private static async Task DrawAsync(GardenContext garden, string name, string designId, string thingName, string crop, CancellationToken cancel, params (string Id, double Value)[] set)
    {
        var heap = await garden.HeapAsync(HouseRules.Default, cancel: cancel);
        var design = Catalogue.Find(designId)!;
        var brief = Brief.Default with { Crop = Crops.Find(crop) };
        var match = Matcher.Match(design, new([.. heap.Things.Where(t => t.Thing.Name == thingName || t.Thing.Measures is not Core.Salvage.Kinds.PalletMeasures and not IVessel)]), brief, Aim.MostSoil);
        var settings = match.Best!.Settings.Values.ToDictionary();
        foreach (var (id, value) in set) settings[id] = value;
        var board = DrawingBoard.Open(design, match.Best.Source, settings, brief, heap).OrThrow();
        await garden.KeepAsync(ProjectKeeping.NewProject(), name, board.Fit, brief, cancel);
        await garden.SaveChangesAsync(cancel);
    }
}
