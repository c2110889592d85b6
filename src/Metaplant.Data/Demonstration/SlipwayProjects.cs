using Metaplant.Core;
using Metaplant.Core.Building;
using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Planting;
using Metaplant.Core.Salvage;
using Metaplant.Core.Settling;
using Metaplant.Core.Stock;
using Metaplant.Data.Settings;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data.Demonstration;

/// <summary>What is being made at Slipway Yard: finished, half built, drawn, and one that will not do.</summary>
internal static class SlipwayProjects
{
    public static IReadOnlyList<Project> All { get; } =
    [
        new("Winch-house bed", "pallet-bed", "Grey pallets, no mark", "viola", null, 0),
        new("Juice-drum tub", "drilled-tub", "Blue juice drums", "lettuce", null, 1, ("height", .45)),
        new("Half a cider drum", "drum-cradle", "Cider drum", "lettuce", ["Rafters of the winch house"], 1, ("troughs", 1)),
        new("Edge along the slip", "woven-edging", "Osier rods", null, ["Net poles"], 1, ("length", 4)),
        new("Crates up the stair", "lined-crates", "Orchard crates", "lettuce", ["Rafters of the winch house"], .5, ("steps", 2), ("wide", 2)),
        new("Reel table", "let-in-table", "Galley pails", "basil", ["Chain reel"], .5, ("top", 1), ("vessels", 2)),
        new("Net over Slip Edge", "net-frame", "Herring net", null, ["Net poles"], 0, ("length", 4), ("width", 1.2), ("height", .5), ("bays", 4)),
        new("Dinghy bed", "drilled-tub", "Pram dinghy, stove in", null, [], 0, ("crack", .45)),
    ];

    /// <summary>What their gardener fills them with; the others are filled as the house rule has it. Driftwood under violas, soil enough on it.</summary>
    private static readonly Dictionary<string, IReadOnlyList<Layer>> Fillings = new(StringComparer.Ordinal) { ["Winch-house bed"] = [new(Fill.Logs, .12), new(Fill.Leaves, .02), new(Fill.TopsoilCompost, .204)] };

    /// <summary>What lies ready for one of them, and so is taken by no other.</summary>
    private static readonly HashSet<string> SetAside = [.. All.SelectMany(p => (string[])[p.Lead, .. p.From ?? []])];

    /// <summary>One project of the garden.</summary>
    /// <param name="From">What lies ready for it beside its lead; null for all the heap but other pallets and vessels, and what is set aside for another.</param>
    /// <param name="Done">How much of its steps is done, 0..1.</param>
    /// <param name="Set">What the gardener set; all else is at the best size for soil, or at its default where none is good.</param>
    public sealed record Project(string Name, string Design, string Lead, string? Crop, IReadOnlyList<string>? From, double Done, params IReadOnlyList<(string Id, double Value)> Set)
    {
        public async Task KeepAsync(GardenContext garden, CancellationToken cancel)
        {
            var heap = await garden.HeapAsync(HouseRules.Default, cancel: cancel);
            var design = Catalogue.Find(Design)!;
            var settings = await GardenSettings.ForBriefsAsync(garden, cancel);
            var brief = Brief.Default with { Crop = Crop is null ? null : Crops.Find(Handbook.Default, Crop), GroundId = From is null ? null : "firm-sand" };
            if (SlipwayPlan.StandsAt(Name) is { } at) brief = brief.At(settings.Plan, settings.Plan.Spots.Single(s => s.Name == at.Spot));
            var ready = Ready(heap);
            var match = Matcher.Match(design, ready, brief, Aim.MostSoil, cancel: cancel);
            var lead = match.Best?.Lead ?? Leads.Of(design, Stockroom.Of(ready)).Found.Single();
            var values = match.Best?.Set.Values.ToDictionary() ?? [];
            foreach (var (id, value) in Set) values[id] = value;
            var board = DrawingBoard.Open(design, lead, values, brief, ready, cancel).OrThrow();
            var project = ProjectKeeping.NewProject();
            await garden.KeepAsync(project, Name, board.Fit, brief, heap, cancel);
            if (SlipwayPlan.StandsAt(Name) is var (_, x, y, turned)) project.Stands = Stands.Of(x, y, turned, board.Fit).Write();
            if (Fillings.TryGetValue(Name, out var layers)) project.Filling = KeptFilling.Of(FilledPlanter.Of(board.Fit, [layers]).OrThrow()).Write();
            await garden.SaveChangesAsync(cancel);
            if (Done > 0) await TickAsync(garden, cancel);
        }

        private Heap Ready(Heap heap) => new([.. heap.Things.Where(t => t.Thing.Name == Lead || (From?.Contains(t.Thing.Name) ?? (t.Thing.Measures is not Core.Salvage.Kinds.PalletMeasures and not IVessel && !SetAside.Contains(t.Thing.Name))))]);

        /// <summary>Ticks its steps from the first on, all of them where it is finished, the filling too.</summary>
        private async Task TickAsync(GardenContext garden, CancellationToken cancel)
        {
            var project = await garden.Projects.FirstAsync(p => p.Name == Name, cancel);
            var brief = project.BriefOf(await GardenSettings.ForBriefsAsync(garden, cancel)).OrThrow();
            var heap = await garden.HeapAsync(HouseRules.Default, project.Id, cancel);
            var drawn = project.Draw(heap, brief).OrThrow();
            var plan = BuildPlan.Of(drawn.Board.Fit, brief, ToolShelf.Untouched);
            foreach (var step in plan.Steps.Take((int)Math.Round(Done * plan.Steps.Count)))
            {
                if (await garden.TickAsync(project, drawn, plan, step.Id, true, null, heap, cancel) is { } problem) throw new InvalidOperationException(problem.Sentence.ToString());
                await garden.SaveChangesAsync(cancel);
            }
        }
    }
}
