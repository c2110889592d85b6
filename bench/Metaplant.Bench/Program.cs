using System.Diagnostics;
using Metaplant.Bench;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Data;
using Metaplant.Data.Demonstration;
using Metaplant.Data.Files;
using Microsoft.EntityFrameworkCore;

// Measures the core and the data against the budgets and prints a table. Nothing is asserted: a busy machine is no defect.
var folder = Directory.CreateTempSubdirectory("metaplant-bench-");
try
{
    var file = new GardenFile(folder.FullName);
    await Opening.OfAsync(file, new(file), DateTime.UtcNow);
    using var gate = new WriteGate();
    await using var garden = new GardenContext(file.Options);
    await SlipwayYard.PlantAsync(garden);
    var demo = await garden.HeapAsync(HouseRules.Default);
    var brief = Brief.Default;
    var table = new Table("core and data");

    foreach (var (design, lead) in Boards(demo, brief))
    {
        var settings = Matcher.BestSettings(design, lead, demo, brief, Aim.MostSoil)!;
        table.Add($"draw {design.Name.ToLowerInvariant()}: draft, assess, sliders", "10 ms", Measure.Percentiles(200, () =>
        {
            var board = DrawingBoard.Open(design, lead, settings, brief, demo).OrThrow();
            if (board.Views.Count == 0 || board.Sliders.Count == 0) throw new InvalidOperationException("Nothing was drawn.");
        }));
    }

    var stockroom = Metaplant.Core.Stock.Stockroom.Of(demo);
    foreach (var (design, lead) in Boards(demo, brief))
    {
        var settings = Matcher.BestSettings(design, lead, demo, brief, Aim.MostSoil)!;
        var needs = design.Ask(new(lead, settings, brief)).OrThrow().Needs;
        table.Add($"quick cast of {design.Name.ToLowerInvariant()}", "5 ms", Measure.Percentiles(200, () => Metaplant.Core.Casting.Caster.Cast(needs, lead, stockroom, Grown.Food, brief.Handbook)));
    }

    foreach (var design in Catalogue.All) table.Add($"match {design.Name.ToLowerInvariant()} alone", "", Measure.Percentiles(10, () => Matcher.Match(design, new Heap(demo.Things), brief, Aim.MostSoil)));
    table.Add($"match the demonstration heap ({demo.Things.Count} kinds)", "", Measure.Percentiles(30, () => Matcher.Match(new Heap(demo.Things), brief, Aim.MostSoil)));
    foreach (var (kinds, budget, runs) in ((int, string, int)[])[(200, "300 ms", 10), (2000, "3 s", 3)])
    {
        var heap = Repeat(demo, kinds);
        table.Add($"match {kinds} kinds", budget, Measure.Percentiles(runs, () => Matcher.Match(new Heap(heap.Things), brief, Aim.MostSoil)));
    }

    table.Add($"60 pieces from 30 boards of a few kinds: {Cutting.Unproven} of {Cutting.Instances} not proven in {Cutting.Seconds} s", "1 s, 5 s", Cutting.Measured());
    table.Add($"hours of sun over {Sunlit.Grid.Count} points on {Sunlit.Dates} days, every ten minutes, past {Sunlit.Obstacles} obstacles", "1 s", Measure.Percentiles(10, () => Sunlit.Hours()));
    table.Add("read and judge the demonstration heap", "", await Measure.PercentilesAsync(100, async () => await garden.HeapAsync(HouseRules.Default)));
    const int Writes = 300;
    for (var i = 0; i < 20; i++) await Remark(file, gate, i);
    var writes = Stopwatch.StartNew();
    for (var i = 0; i < Writes; i++) await Remark(file, gate, i);

    table.Add($"durable, journalled writes: {Writes / writes.Elapsed.TotalSeconds:0} a second", "200 a second", null);
    table.Print();
}
finally
{
    Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
    folder.Delete(recursive: true);
}

// One write as the server does it: a garden of its own for each request.
static async Task Remark(GardenFile file, WriteGate gate, int i)
{
    await using var garden = new GardenContext(new DbContextOptionsBuilder<GardenContext>(file.Options).AddInterceptors(gate).Options);
    await using var turn = await gate.EnterAsync(garden);
    (await garden.Things.FirstAsync()).Remark = $"{i}";
    await garden.SaveAsync("bench", DateTime.UtcNow);
}

static IEnumerable<(Design Design, Lead Lead)> Boards(Heap heap, Brief brief)
    => Catalogue.All.Select(d => (d, Matcher.Match(d, heap, brief, Aim.MostSoil).Best)).Where(m => m.Best is not null).Select(m => (m.d, m.Best!.Lead));

// The demonstration heap over and over, each copy a little different so that nothing groups together.
static Heap Repeat(Heap heap, int kinds) => Heap.Of(
    Enumerable.Range(0, kinds).Select(i =>
    {
        var t = heap.Things[i % heap.Things.Count].Thing;
        var values = t.Values.ToDictionary(v => v.Key, v => v.Key is "slatLength" or "topLength" or "topDiameter" or "diameter" or "longest" ? v.Value * (1 + i / heap.Things.Count * 1e-3) : v.Value);
        return Thing.Create(i + 1, i + 1, t.Name, t.Kind.Id, t.Count, values, t.Substance, t.Findings, t.Faults).OrThrow();
    }),
    HouseRules.Default);
