namespace Metaplant.Core.Cutting;

/// <summary>A bad stretch of a bar, from and to in m along it.</summary>
public sealed record BadPlace(double From, double To);

/// <summary>One piece of sawn wood that may be cut. Metres.</summary>
/// <param name="Piece">Which unit of its batch it is, or is got out of, from 1.</param>
public sealed record Bar(int ThingId, int Piece, double Length, double Width, double Thickness, IReadOnlyList<BadPlace> Bad)
{
    /// <summary>Where a saw has been through it amiss, m along it: nothing is cut across.</summary>
    public IReadOnlyList<double> Sawn { get; init; } = [];
}

/// <summary>One piece laid out on a bar, from and to in m along it.</summary>
public sealed record Cut(string WantedId, double From, double To);

/// <summary>A bar with its cuts in order and what is left over worth keeping, from and to in m.</summary>
public sealed record CutBar(Bar Bar, IReadOnlyList<Cut> Cuts, IReadOnlyList<Cut> Offcuts)
{
    public double Used => Cuts.Sum(c => c.To - c.From);

    /// <summary>The same bar and cuts, its offcuts worked out again.</summary>
    public CutBar Anew() => With(_ => null)!;

    /// <summary>
    /// The same bar with some of its pieces of another length: those that keep theirs stay where they are, the others are laid into the first sound stretch between them that takes them, the longest first. Null where they do not go in.
    /// </summary>
    /// <param name="length">By what is cut, the length it has now, m; null where it stays.</param>
    public CutBar? With(Func<string, double?> length)
    {
        var stay = Cuts.Where(c => length(c.WantedId) is null).OrderBy(c => c.From).ToList();
        List<BadPlace> free = [.. Beside(stay)];
        List<Cut> cuts = [.. stay];
        foreach (var (id, long_) in Cuts.Select(c => (c.WantedId, Length: length(c.WantedId))).Where(c => c.Length is not null).Select(c => (c.WantedId, c.Length!.Value)).OrderByDescending(c => c.Value))
        {
            var at = free.FindIndex(f => f.To - f.From >= long_ - 1e-9);
            if (at < 0) return null;
            cuts.Add(new(id, free[at].From, free[at].From + long_));
            free[at] = new(Math.Min(free[at].To, free[at].From + long_ + CutPlan.Kerf), free[at].To);
        }

        return new(Bar, [.. cuts.OrderBy(c => c.From)], [.. free.Where(f => f.To - f.From >= CutPlan.WorthKeeping).Select(f => new Cut("", f.From, f.To))]);
    }

    /// <summary>One more piece in the least stretch left over that takes it; null where none does.</summary>
    public CutBar? And(string id, double length)
        => Beside(Cuts).Where(f => f.To - f.From >= length - 1e-9).MinBy(f => f.To - f.From) is { } rest ? (this with { Cuts = [.. Cuts.Append(new(id, rest.From, rest.From + length)).OrderBy(c => c.From)] }).Anew() : null;

    /// <summary>
    /// The same bar after one of its pieces was sawn off too short, m: what was cut before it stays, and all that was to follow is laid out again in what is left, the longest first.
    /// </summary>
    /// <param name="at">Which of its cuts, in order along it.</param>
    /// <returns>The bar, and what no longer comes out of it.</returns>
    public (CutBar Left, IReadOnlyList<Cut> Lost) Broken(int at, double length)
    {
        var left = (this with { Bar = Bar with { Sawn = [.. Bar.Sawn.Append(Cuts[at].From + length).Order()] }, Cuts = [.. Cuts.Take(at)] }).Anew();
        List<Cut> lost = [];
        foreach (var cut in Cuts.Skip(at).OrderByDescending(c => c.To - c.From))
        {
            if (left.And(cut.WantedId, cut.To - cut.From) is { } more) left = more;
            else lost.Add(cut);
        }

        return (left, lost);
    }

    /// <summary>Stretches that are sound, whole and not cut into pieces.</summary>
    private IEnumerable<BadPlace> Beside(IEnumerable<Cut> cuts)
        => CutPlan.Sound(Bar.Length, [.. Bar.Bad, .. cuts.Select(c => new BadPlace(c.From - CutPlan.Kerf + CutPlan.BadMargin, c.To + CutPlan.Kerf - CutPlan.BadMargin))]).SelectMany(Whole);

    private IEnumerable<BadPlace> Whole(BadPlace stretch)
    {
        var from = stretch.From;
        foreach (var x in Bar.Sawn.Where(x => x > stretch.From && x < stretch.To))
        {
            if (x > from) yield return new(from, x);
            from = x + CutPlan.Kerf;
        }

        if (stretch.To > from) yield return new(from, stretch.To);
    }
}

/// <summary>Where every piece is cut, and which could not be. Nothing is cut out of a bad place and no bar gives more than it has.</summary>
public sealed record CutPlan(IReadOnlyList<CutBar> Bars, IReadOnlyDictionary<string, int> Missing)
{
    public const double Kerf = .003;

    /// <summary>Taken off each end of every bar, where it is split or dirty.</summary>
    public const double Trim = .005;

    /// <summary>How long a bar must be for a piece to come out of it, both ends trimmed, m.</summary>
    public static double Untrimmed(double piece) => piece + 2 * Trim;

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

    public static CutPlan Empty { get; } = new([], new Dictionary<string, int>());

    /// <summary>Stretches of a bar so long that are sound: its ends trimmed, bad places left out with a margin.</summary>
    /// <param name="narrowest">What is sawn out for a bad place at least, m.</param>
    public static IReadOnlyList<BadPlace> Sound(double length, IReadOnlyList<BadPlace> bad, double trim = Trim, double margin = BadMargin, double narrowest = 0)
    {
        var free = new List<BadPlace>();
        var from = trim;
        foreach (var place in bad.OrderBy(b => b.From))
        {
            if (Math.Min(place.From - margin, length - trim) is var to && to > from) free.Add(new(from, to));
            from = Math.Max(from, Math.Max(place.To, place.From + narrowest) + margin);
        }

        if (length - trim > from) free.Add(new(from, length - trim));
        return free;
    }
}
