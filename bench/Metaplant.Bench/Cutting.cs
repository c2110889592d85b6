using System.Diagnostics;
using Metaplant.Core.Cutting;
using Metaplant.Core.Optimising;

namespace Metaplant.Bench;

/// <summary>Cutting to the proven best: 60 pieces of 4 to 11 kinds from 30 boards of 3 to 7, a fault in every fourth kind of board.</summary>
internal static class Cutting
{
    public const int Instances = 50;
    public const double Seconds = 10;

    private static readonly List<(double Milliseconds, bool Proven)> Runs = [.. Enumerable.Range(0, Instances).Select(Run)];

    public static int Unproven => Runs.Count(r => !r.Proven);

    public static Percentiles Measured() => Measure.Of(Runs.Select(r => r.Milliseconds));

    private static (double Milliseconds, bool Proven) Run(int seed)
    {
        var order = Order(seed);
        var watch = Stopwatch.GetTimestamp();
        var proven = BarCutting.Answer(order, CpSat.Instance, Patience.OfSeconds(Seconds)).Proven;
        return (Stopwatch.GetElapsedTime(watch).TotalMilliseconds, proven);
    }

    private static CutOrder Order(int seed)
    {
        var random = new Random(seed);
        var boards = Shares(random, 30, random.Next(3, 8));
        var pieces = Shares(random, 60, random.Next(4, 12));
        return new(
            [.. boards.Select((n, i) => new BarStock($"board {i}", n, random.Next(900, 3000) / 1000.0, .095, .018, random.Next(4) == 0 ? [new(.4, .45)] : []))],
            [.. pieces.Select((n, i) => new PieceOrder($"piece {i}", n, random.Next(200, 1100) / 1000.0, .09, .015))], CutPlan.Kerf, CutPlan.Trim);
    }

    private static int[] Shares(Random random, int of, int kinds)
    {
        var shares = Enumerable.Repeat(1, kinds).ToArray();
        for (var i = kinds; i < of; i++) shares[random.Next(kinds)]++;
        return shares;
    }
}
