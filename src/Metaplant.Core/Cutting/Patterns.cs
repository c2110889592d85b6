namespace Metaplant.Core.Cutting;

/// <summary>
/// Ways of filling a stretch of any length up to the longest, by what each piece is worth. Worked out backwards over the kinds of piece for every length at once, so that the best, and all that are nearly as good, can be read off.
/// </summary>
internal sealed class Patterns
{
    private const double Slack = 1e-7;

    /// <summary>For each pattern that may be listed, so many places in the search are looked at before it is given up.</summary>
    private const int LooksForEach = 1_000;

    private readonly IReadOnlyList<int> takes;
    private readonly IReadOnlyList<int> most;
    private readonly IReadOnlyList<double> worth;

    /// <summary>For each kind and those after it, by room, the most they can be worth together.</summary>
    private readonly double[][] best;

    /// <summary>Works out what each room is worth.</summary>
    /// <param name="takes">By kind, what a piece takes with its saw cut; 0 for one that may not come from here.</param>
    /// <param name="most">By kind, how many are wanted.</param>
    /// <param name="worth">By kind, what one is worth; not below 0.</param>
    /// <param name="room">The longest room there is.</param>
    public Patterns(IReadOnlyList<int> takes, IReadOnlyList<int> most, IReadOnlyList<double> worth, int room)
    {
        (this.takes, this.most, this.worth) = (takes, most, worth);
        best = new double[takes.Count + 1][];
        best[^1] = new double[room + 1];
        for (var i = takes.Count - 1; i >= 0; i--)
        {
            var (after, own) = (best[i + 1], (double[])best[i + 1].Clone());
            best[i] = own;
            if (takes[i] == 0) continue;
            for (var r = takes[i]; r <= room; r++)
            {
                for (int k = 1, left = r - takes[i]; k <= most[i] && left >= 0; k++, left -= takes[i]) own[r] = Math.Max(own[r], k * worth[i] + after[left]);
            }
        }
    }

    /// <summary>The most that goes into so much room is worth.</summary>
    public double Worth(int room) => best[0][room];

    /// <summary>How many of each kind, in a pattern that is worth the most.</summary>
    public int[] Best(int room)
    {
        var counts = new int[takes.Count];
        for (var i = 0; i < takes.Count; i++)
        {
            // The most of it that still leads to the best.
            for (var k = takes[i] == 0 ? 0 : Math.Min(most[i], room / takes[i]); k >= 0; k--)
            {
                if (k > 0 && k * worth[i] + best[i + 1][room - k * takes[i]] < best[i][room] - Slack) continue;
                counts[i] = k;
                room -= k * takes[i];
                break;
            }
        }

        return counts;
    }

    /// <summary>Every pattern worth at least so much into which nothing more goes; null where there are more than <paramref name="limit"/>, or too many had to be looked at.</summary>
    public IReadOnlyList<int[]>? WorthAtLeast(int room, double least, int limit)
    {
        var found = new List<int[]>();
        var counts = new int[takes.Count];
        var looks = (long)LooksForEach * Math.Max(1, limit);
        return Next(0, room, 0) ? found : null;

        bool Next(int i, int left, double so)
        {
            if (looks-- <= 0) return false;
            if (so + best[i][left] < least - Slack) return true;
            if (i == takes.Count)
            {
                if (Enumerable.Range(0, counts.Length).Any(k => takes[k] > 0 && takes[k] <= left && counts[k] < most[k])) return true;
                found.Add([.. counts]);
                return found.Count <= limit;
            }

            for (var k = takes[i] == 0 ? 0 : Math.Min(most[i], left / takes[i]); k >= 0; k--)
            {
                counts[i] = k;
                if (!Next(i + 1, left - k * takes[i], so + k * worth[i])) return false;
            }

            return true;
        }
    }
}
