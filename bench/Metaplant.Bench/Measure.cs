using System.Diagnostics;

namespace Metaplant.Bench;

/// <summary>Median and 95th percentile of so many runs, in ms, after a warm-up.</summary>
internal sealed record Percentiles(double Median, double NinetyFifth);

internal static class Measure
{
    public static Percentiles Percentiles(int runs, Action work)
    {
        for (var i = 0; i < Math.Max(3, runs / 4); i++) work();
        return Of(Enumerable.Range(0, runs).Select(_ =>
        {
            var watch = Stopwatch.GetTimestamp();
            work();
            return Stopwatch.GetElapsedTime(watch).TotalMilliseconds;
        }));
    }

    public static async Task<Percentiles> PercentilesAsync(int runs, Func<Task> work)
    {
        for (var i = 0; i < Math.Max(3, runs / 4); i++) await work();
        var times = new List<double>(runs);
        for (var i = 0; i < runs; i++)
        {
            var watch = Stopwatch.GetTimestamp();
            await work();
            times.Add(Stopwatch.GetElapsedTime(watch).TotalMilliseconds);
        }

        return Of(times);
    }

    public static Percentiles Of(IEnumerable<double> times)
    {
        var sorted = times.Order().ToList();
        return new(sorted[sorted.Count / 2], sorted[Math.Min(sorted.Count - 1, (int)(sorted.Count * .95))]);
    }
}

/// <summary>Rows of measurements beside their budgets.</summary>
internal sealed class Table(string title)
{
    private readonly List<(string What, string Budget, Percentiles? Measured)> rows = [];

    public void Add(string what, string budget, Percentiles? measured) => rows.Add((what, budget, measured));

    public void Print()
    {
        Console.WriteLine($"{title,-66} {"median",10} {"95 %",10}   budget");
        foreach (var (what, budget, measured) in rows)
            Console.WriteLine(measured is null ? $"{what,-88}   {budget}" : $"{what,-66} {measured.Median,7:0.00} ms {measured.NinetyFifth,7:0.00} ms   {budget}");
    }
}
