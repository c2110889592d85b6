using Metaplant.Core.Casting;
using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Building;

/// <summary>Which side of a piece was measured.</summary>
public enum Side
{
    Width,
    Thickness,
}

/// <summary>One measure as it really came out.</summary>
/// <param name="Of">The setting that was measured, or, with a side, the need whose pieces were.</param>
/// <param name="Side">Of pieces, of which the smallest counts; null for a setting.</param>
/// <param name="Value">m.</param>
public sealed record Taped(string Of, Side? Side, double Value);

/// <summary>Something that can be measured on what is being made.</summary>
/// <param name="Planned">What it was drawn with, m.</param>
public sealed record Tapeable(string Of, Side? Side, string Name, double Planned);

/// <summary>
/// Measures typed after making take the planned ones' place. What is cut already stays as it was cut; what is still to cut is laid out again in the same bars where it goes in, and found anew where it does not; soil, liner, checks and shopping follow.
/// </summary>
public static class AsBuilt
{
    /// <summary>A measure farther from what was drawn than this part of it is a slip of the pen, or another project.</summary>
    public const double Farthest = .25;

    /// <summary>Every length that is set and every side of sawn pieces and sticks.</summary>
    public static IReadOnlyList<Tapeable> Of(Fit planned)
        =>
        [
            .. planned.Design.Settings(planned.Lead).Where(s => s is { Unit: Unit.Metre, LeastThatHolds: false } && planned.Set[s.Id] > 0).Select(s => new Tapeable(s.Id, null, s.Name, planned.Set[s.Id])),
            .. planned.Cast.Asked.Where(n => n is PiecesNeeded or PanelsNeeded or SticksNeeded && planned.Cast[n.Id].Count > 0).SelectMany(n => Sides(planned.Cast, n, planned.Blueprint.NameOf(n))),
        ];

    private static IEnumerable<Tapeable> Sides(Cast cast, Need need, string name)
    {
        var least = cast.Weakest(need.Id);
        if (need is PiecesNeeded && least.Wide > 0) yield return new(need.Id, Side.Width, name, least.Wide);
        if (least.Thin > 0) yield return new(need.Id, Side.Thickness, name, least.Thin);
    }

    /// <summary>The fit as it really comes out, or which measure cannot be. With nothing measured, the fit itself.</summary>
    /// <param name="cut">Ids of the needs that are cut already.</param>
    public static Outcome<Fit> Apply(Fit planned, IReadOnlyList<Taped> measured, IReadOnlySet<string> cut, Stockroom room)
    {
        if (measured.Count == 0) return planned;
        if (Wrong(planned, measured) is { } wrong) return wrong;
        var set = Measured(planned.Set, measured);
        return planned.Design.Ask(set).Then(asked =>
        {
            if (OtherNumber(planned.Cast.Asked, asked.Needs, cut) is { } other) return other;
            var cast = Follow(planned.Cast, asked.Needs, cut, set.Lead, room, Draft.GrownIn(set.Lead, set.Brief), set.Brief);
            cast = measured.Where(m => m.Side is not null).Aggregate(cast, WithSide);
            return Made(planned.Design, set, asked, cast, room);
        });
    }

    /// <summary>What a design comes to of a cast that is given, supplied with all that follows from it.</summary>
    internal static Outcome<Fit> Made(Design design, Chosen set, Demand asked, Cast cast, Stockroom room)
        => design.Complete(set, cast).Then<Fit>(made => Fit.Of(new(design, set, asked, cast, made, Draft.GrownIn(set.Lead, set.Brief)), room));

    /// <summary>Settings with those that were measured in their place, at no stop of any slider.</summary>
    public static Chosen Measured(Chosen set, IReadOnlyList<Taped> measured) => measured.Where(m => m.Side is null && set.Values.ContainsKey(m.Of)).Aggregate(set, (s, m) => s.With(m.Of, m.Value));

    private static Problem? Wrong(Fit planned, IReadOnlyList<Taped> measured)
    {
        var may = Of(planned).ToDictionary(t => (t.Of, t.Side));
        for (var i = 0; i < measured.Count; i++)
        {
            var m = measured[i];
            if (!may.TryGetValue((m.Of, m.Side), out var t)) return new($"measured[{i}]", "There is no such measure on it.");
            if (!double.IsFinite(m.Value) || Math.Abs(m.Value - t.Planned) > Farthest * t.Planned) return new($"measured[{i}]", $"{t.Name} is too far from what was drawn to be the same thing: look at the tape again, or draw it anew.");
        }

        return measured.DistinctBy(m => (m.Of, m.Side)).Count() < measured.Count ? new("measured", "The same is measured twice.") : null;
    }

    /// <summary>What is cut, and what only the lead gives, stays as many as it was drawn with: with another number of them it is another project.</summary>
    private static Problem? OtherNumber(IReadOnlyList<Need> planned, IReadOnlyList<Need> asked, IReadOnlySet<string> cut)
    {
        var was = planned.ToDictionary(n => n.Id, Number, StringComparer.Ordinal);
        var other = asked.FirstOrDefault(n => (cut.Contains(n.Id) || n is SectionsNeeded or WholeNeeded or FoundNeeded or SheetsNeeded or RollNeeded) && was.GetValueOrDefault(n.Id) != Number(n))
            ?? planned.FirstOrDefault(n => cut.Contains(n.Id) && asked.All(a => a.Id != n.Id));
        return other is null ? null : new("measured", $"With that it would take another number of {other.Name.ToLowerInvariant()} than it was drawn with: look at the tape again, or draw it anew.");
    }

    private static int Number(Need need) => need switch
    {
        WholeNeeded n => n.Count,
        FoundNeeded n => n.Count,
        SectionsNeeded n => n.Count,
        PiecesNeeded n => n.Count,
        SticksNeeded n => n.Count,
        RollNeeded n => n.Count,
        PanelsNeeded n => n.Widths.Count,
        CoursesNeeded n => n.Lengths.Count,
        // Sheets lap by more or less; one strip more there is none.
        SheetsNeeded n => n.Runs.Count,
        _ => 0,
    };

    private static Cast Follow(Cast planned, IReadOnlyList<Need> asked, IReadOnlySet<string> cut, Lead lead, Stockroom room, Grown grown, Brief brief)
    {
        var was = planned.Asked.ToDictionary(n => n.Id, StringComparer.Ordinal);
        var (stays, moves) = (new List<Need>(), new List<Need>());
        foreach (var need in asked)
        {
            var known = was.TryGetValue(need.Id, out var before);
            (known && (cut.Contains(need.Id) || SameNeed.Instance.Equals(before, need)) ? stays : moves).Add(need);
        }

        var laid = Lay(planned, moves);
        if (laid is not null) stays.AddRange(moves.Where(n => laid.Value.Lengths.ContainsKey(n.Id)));
        var bars = laid?.Bars ?? planned.Cuts.Bars;
        moves.RemoveAll(stays.Contains);
        var kept = Keep(planned, stays, moves, bars, laid?.Lengths ?? new());
        return Caster.Recast(kept, moves, lead, room, grown, brief.Handbook) with { Asked = asked };
    }

    /// <summary>Pieces of another length than was planned, laid into the bars they were to come from; null where not all go in, or some were to be bought.</summary>
    private static (IReadOnlyList<CutBar> Bars, Dictionary<string, double> Lengths)? Lay(Cast planned, IReadOnlyList<Need> moves)
    {
        var was = planned.Asked.OfType<PiecesNeeded>().ToDictionary(n => n.Id, StringComparer.Ordinal);
        var lengths = moves.OfType<PiecesNeeded>().Where(n => was.TryGetValue(n.Id, out var b) && SameNeed.Instance.Equals(b, n with { Length = b.Length }) && planned[n.Id].All(p => p.Of is not null)).ToDictionary(n => n.Id, n => n.Length, StringComparer.Ordinal);
        if (lengths.Count == 0) return null;
        var bars = planned.Cuts.Bars.Select(b => b.With(id => lengths.TryGetValue(id, out var l) ? l : null)).ToList();
        return bars.Contains(null) ? null : (bars!, lengths);
    }

    /// <summary>The cast without what follows from what is made, such as screws and soil.</summary>
    internal static Cast Firm(Cast cast, IReadOnlyList<Need> asked) => Keep(cast, [.. asked], [], cast.Cuts.Bars, new(StringComparer.Ordinal));

    /// <summary>The cast with only what stays; what was to be cut for the rest goes back.</summary>
    private static Cast Keep(Cast planned, List<Need> stays, List<Need> moves, IReadOnlyList<CutBar> bars, Dictionary<string, double> lengths)
    {
        var ids = stays.Select(n => n.Id).ToHashSet(StringComparer.Ordinal);
        var left = moves.Count == 0 ? bars : [.. bars.Select(b => b with { Cuts = [.. b.Cuts.Where(c => ids.Contains(c.WantedId))] }).Where(b => b.Cuts.Count > 0 || b.Bar.Sawn.Count > 0).Select(b => b.Anew())];
        var inUse = left.Select(b => (b.Bar.ThingId, b.Bar.Piece)).ToHashSet();
        var sawn = planned.Cuts.Bars.Select(b => (b.Bar.ThingId, b.Bar.Piece)).ToHashSet();
        var pieces = stays.Where(n => planned.Pieces.ContainsKey(n.Id)).ToDictionary(n => n.Id, IReadOnlyList<Piece> (n) => [.. planned[n.Id].Select(p => lengths.TryGetValue(n.Id, out var l) ? p with { Length = l } : p)], StringComparer.Ordinal);
        List<Take> takes = [.. planned.Takes.Where(t => sawn.Contains((t.ThingId, t.Taken.Unit)) ? inUse.Contains((t.ThingId, t.Taken.Unit)) : ids.Contains(t.NeedId))];
        var apart = planned.TakenApart.Select(a => (a.Thing, a.Way, Units: takes.Where(t => t.ThingId == a.Thing.Thing.Id && t.WayId == a.Way.Id).Select(t => t.Taken.Unit).Distinct().Count())).Where(a => a.Units > 0).ToList();
        var released = planned.TakenApart.Sum(a => a.Way.Minutes * a.Units) - apart.Sum(a => a.Way.Minutes * a.Units);
        return planned with
        {
            TakenApart = apart,
            TakingApart = Math.Max(0, planned.TakingApart - released),
            TakingApartToSaw = Math.Max(0, planned.TakingApartToSaw - released),
            Pieces = pieces,
            Panels = planned.Panels.Where(p => ids.Contains(p.Key)).ToDictionary(p => p.Key, p => Stretched(p.Value, (PanelsNeeded)stays.First(n => n.Id == p.Key), pieces), StringComparer.Ordinal),
            Courses = planned.Courses.Where(c => ids.Contains(c.Key)).ToDictionary(StringComparer.Ordinal),
            Takes = takes,
            Buys = [.. planned.Buys.Where(b => ids.Contains(b.NeedId))],
            Short = [.. planned.Short.Where(s => ids.Contains(s.Need.Id))],
            Cuts = new(left, planned.Cuts.Missing.Where(m => ids.Contains(m.Key)).ToDictionary()),
            Asked = stays,
        };
    }

    /// <summary>Panels as wide as they were measured, their boards sharing what they came out over or under.</summary>
    private static IReadOnlyList<Panel> Stretched(IReadOnlyList<Panel> panels, PanelsNeeded need, Dictionary<string, IReadOnlyList<Piece>> pieces)
    {
        var wide = new Dictionary<Piece, Piece>(ReferenceEqualityComparer.Instance);
        var made = panels.Zip(need.Widths, (p, width) =>
        {
            if (Math.Abs(width - p.Width) < 1e-9) return p;
            var by = width / p.Width;
            foreach (var b in p.Boards.Where(b => !wide.ContainsKey(b))) wide[b] = b with { Width = b.Wide * by, Thickness = b.Thin };
            return new Panel(width, [.. p.Boards.Select(b => wide[b])], p.Ripped is { } r ? (r.Index, r.To * by) : null);
        }).ToList();
        pieces[need.Id] = [.. pieces[need.Id].Select(p => wide.GetValueOrDefault(p, p))];
        return made;
    }

    private static Cast WithSide(Cast cast, Taped m)
    {
        var changed = new Dictionary<Piece, Piece>(ReferenceEqualityComparer.Instance);
        foreach (var p in cast[m.Of].Where(p => !changed.ContainsKey(p))) changed[p] = m.Side == Side.Width ? p with { Width = m.Value, Thickness = p.Thin } : p with { Width = p.Wide, Thickness = m.Value };
        return cast with
        {
            Pieces = cast.Pieces.ToDictionary(p => p.Key, IReadOnlyList<Piece> (p) => p.Key == m.Of ? [.. p.Value.Select(x => changed[x])] : p.Value, StringComparer.Ordinal),
            Panels = cast.Panels.ToDictionary(p => p.Key, IReadOnlyList<Panel> (p) => p.Key == m.Of ? [.. p.Value.Select(x => x with { Boards = [.. x.Boards.Select(b => changed[b])] })] : p.Value, StringComparer.Ordinal),
        };
    }
}
