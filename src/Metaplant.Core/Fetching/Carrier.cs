using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Fetching;

/// <summary>The load space of the gardener's car or trailer, measured once, m. What it may weigh is not asked: its papers say.</summary>
public sealed record Carrier(double Length, double Width, double Height)
{
    /// <summary>The least and the greatest that a side of it can be, m.</summary>
    public const double Least = .1, Greatest = 12;

    /// <summary>What sticks out of a thing and is not measured, m.</summary>
    private const double RimAndHandle = .03;

    /// <summary>What no load space can be, each at its field.</summary>
    public IEnumerable<Problem> Problems()
    {
        foreach (var (field, side) in new[] { ("length", Length), ("width", Width), ("height", Height) })
        {
            if (!(side is >= Least and <= Greatest)) yield return new(field, $"From {Amount.Length(Least)} to {Amount.Length(Greatest)}.");
        }
    }

    /// <summary>Whether one of a thing goes in and how many go in at once, laid square to the sides; leaning or nested more may.</summary>
    public Loading For(Bulk? bulk, int count)
    {
        if (bulk is null) return new(null, 0, "How much room it takes is not known: it folds, rolls up or pours, or nobody measured its shape.");
        var atOnce = Ways(bulk).Max(w => (int)Math.Min(count, Times(Length, w.Length) * Times(Width, w.Width) * Times(Height, w.Height)));
        if (atOnce == 0) return new(false, 0, $"It does not go in square: {Amount.Length(Over(bulk))} too long, however it is turned.");
        // Of the way with the most room to spare.
        if (-Over(bulk) is < RimAndHandle and var spare) return new(true, Math.Min(atOnce, 1), $"It goes in, with {Amount.Length(spare)} to spare: rims and handles stick out, so measure again.");
        return new(true, atOnce, count == 1 ? "It goes in." : atOnce == count ? (Sentence)$"All {count} go in at once." : $"{atOnce} of {count} go in at once, laid square; nested more may.");
    }

    /// <summary>The ways to take it apart or cut it up where it lies that give pieces of which every one goes in; none where nothing may be cut.</summary>
    public IReadOnlyList<Way> Apart(Thing thing, Judgement judgement)
        => [.. thing.Kind.BreakDown(thing).Where(w => w.Yields.Count > 0 && (judgement.MayCut || !w.Cuts) && w.Yields.All(y => For(new(y.Length, y.Width, y.Thickness), 1).Fits == true))];

    private static double Times(double room, double side) => side <= 0 ? Thing.GreatestCount : Math.Floor(room / side + 1e-9);

    /// <summary>By how much the way that comes nearest is too long, m.</summary>
    private double Over(Bulk bulk) => Ways(bulk).Min(w => Math.Max(w.Length - Length, Math.Max(w.Width - Width, w.Height - Height)));

    private static IEnumerable<Bulk> Ways(Bulk b) =>
    [
        b, new(b.Length, b.Height, b.Width), new(b.Width, b.Length, b.Height), new(b.Width, b.Height, b.Length), new(b.Height, b.Length, b.Width), new(b.Height, b.Width, b.Length),
    ];
}

/// <summary>Whether a thing goes into the car.</summary>
/// <param name="Fits">Null where nobody can say.</param>
/// <param name="AtOnce">How many of the batch.</param>
public sealed record Loading(bool? Fits, int AtOnce, Sentence Words);
