namespace Metaplant.Core.Cutting;

/// <summary>A bad stretch of a bar, from and to in m along it.</summary>
public sealed record BadPlace(double From, double To);

/// <summary>One piece of sawn wood that may be cut. Metres.</summary>
/// <param name="Piece">Which of its batch, from 1.</param>
public sealed record Bar(int ThingId, int Piece, double Length, double Width, double Thickness, IReadOnlyList<BadPlace> Bad);

/// <summary>Pieces wanted, all of one length and least section. Metres.</summary>
/// <param name="Things">The things they may be cut from; null for any.</param>
public sealed record Wanted(string Id, int Count, double Length, double LeastWidth, double LeastThickness, IReadOnlySet<int>? Things = null);

/// <summary>One piece laid out on a bar, from and to in m along it.</summary>
public sealed record Cut(string WantedId, double From, double To);

/// <summary>A bar with its cuts in order and what is left over worth keeping, from and to in m.</summary>
public sealed record CutBar(Bar Bar, IReadOnlyList<Cut> Cuts, IReadOnlyList<Cut> Offcuts)
{
    public double Used => Cuts.Sum(c => c.To - c.From);
}

/// <summary>Where every piece is cut, and which could not be. Nothing is cut out of a bad place and no bar gives more than it has.</summary>
public sealed record CutPlan(IReadOnlyList<CutBar> Bars, IReadOnlyDictionary<string, int> Missing)
{
    public const double Kerf = .003;

    /// <summary>Taken off each end of every bar, where it is split or dirty.</summary>
    public const double Trim = .005;

    /// <summary>Kept clear on both sides of a bad place.</summary>
    public const double BadMargin = .010;

    /// <summary>An offcut this long goes back on the heap.</summary>
    public const double WorthKeeping = .300;

    /// <summary>Wood that is cut into and neither used nor worth keeping, as a part of what is cut into, 0..1.</summary>
    public double Waste
    {
        get
        {
            var length = Bars.Sum(b => b.Bar.Length);
            return length == 0 ? 0 : 1 - Bars.Sum(b => b.Used + b.Offcuts.Sum(o => o.To - o.From)) / length;
        }
    }

    /// <summary>
    /// Lays the wanted pieces out, longest first, each into the stretch that it leaves the least of: first among bars already cut into, then opening the bar with the
    /// smallest section that will do. A first-fit-decreasing plan, not proven the best.
    /// </summary>
    public static CutPlan Work(IReadOnlyList<Wanted> wanted, IReadOnlyList<Bar> bars)
    {
        var open = bars.Select(b => new Open(b)).ToList();
        var missing = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var w in wanted.OrderByDescending(w => w.Length).ThenBy(w => w.Id, StringComparer.Ordinal))
        {
            for (var i = 0; i < w.Count; i++)
            {
                if (Best(open, w) is { } place) place.Bar.Take(place.Stretch, w);
                else missing[w.Id] = missing.GetValueOrDefault(w.Id) + 1;
            }
        }

        return new([.. open.Where(o => o.Cuts.Count > 0).Select(o => o.Done())], missing);
    }

    private static (Open Bar, int Stretch)? Best(List<Open> bars, Wanted w)
    {
        (Open Bar, int Stretch)? best = null;
        (bool Fresh, double Section, double Left) least = (true, double.MaxValue, double.MaxValue);
        foreach (var bar in bars)
        {
            if (!bar.Suits(w)) continue;
            for (var i = 0; i < bar.Free.Count; i++)
            {
                var left = bar.Free[i].To - bar.Free[i].From - w.Length;
                if (left < -1e-9) continue;
                var rank = (bar.Cuts.Count == 0, bar.Bar.Width * bar.Bar.Thickness, left);
                if (best is null || rank.CompareTo(least) < 0) (best, least) = ((bar, i), rank);
            }
        }

        return best;
    }

    /// <summary>A bar while it is being laid out.</summary>
    private sealed class Open(Bar bar)
    {
        public Bar Bar { get; } = bar;

        public List<Cut> Cuts { get; } = [];

        public List<BadPlace> Free { get; } = Sound(bar);

        public bool Suits(Wanted w)
            => w.Things?.Contains(Bar.ThingId) != false && ((Bar.Width >= w.LeastWidth - 1e-9 && Bar.Thickness >= w.LeastThickness - 1e-9) || (Bar.Thickness >= w.LeastWidth - 1e-9 && Bar.Width >= w.LeastThickness - 1e-9));

        public void Take(int stretch, Wanted w)
        {
            var from = Free[stretch].From;
            Cuts.Add(new(w.Id, from, from + w.Length));
            Free[stretch] = new(Math.Min(Free[stretch].To, from + w.Length + Kerf), Free[stretch].To);
        }

        public CutBar Done()
            => new(Bar, [.. Cuts.OrderBy(c => c.From)], [.. Free.Where(f => f.To - f.From >= WorthKeeping).Select(f => new Cut("", f.From, f.To))]);

        private static List<BadPlace> Sound(Bar bar)
        {
            var free = new List<BadPlace>();
            var from = Trim;
            foreach (var bad in bar.Bad.OrderBy(b => b.From))
            {
                if (bad.From - BadMargin > from) free.Add(new(from, bad.From - BadMargin));
                from = Math.Max(from, bad.To + BadMargin);
            }

            if (bar.Length - Trim > from) free.Add(new(from, bar.Length - Trim));
            return free;
        }
    }
}
