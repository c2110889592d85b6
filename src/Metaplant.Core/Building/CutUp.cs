using Metaplant.Core.Casting;
using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;

namespace Metaplant.Core.Building;

/// <summary>What became of the heap once some of what a cast asks for has been cut: which units are no longer things of their own, and what of them lies there again.</summary>
/// <param name="Gone">By thing, the units (from 1) that a saw has been into, in order.</param>
/// <param name="Back">Offcuts worth keeping, parts of pallets, boards that were got and not wanted; each with the thing it comes from. Their ids and numbers are still to be given.</param>
/// <param name="Made">The pieces themselves, and what is left of bars that were to give more, as all that would lie there if it were taken down again. Whole things that were cut into are not among them: nobody knows what they are fit for then.</param>
public sealed record CutUp(IReadOnlyDictionary<int, IReadOnlyList<int>> Gone, IReadOnlyList<(int ThingId, Thing Thing)> Back, IReadOnlyList<(int ThingId, Thing Thing)> Made)
{
    public static CutUp Nothing { get; } = new(new Dictionary<int, IReadOnlyList<int>>(), [], []);

    /// <summary>The id of taking a thing apart one way, as a step and as what it cuts.</summary>
    public static string Apart(int thingId, string wayId) => $"apart-{thingId}-{wayId}";

    /// <summary>An offcut comes back with the last piece of its bar: until then it may still be wanted.</summary>
    /// <param name="done">Ids of the needs that have been cut, and of what has been taken apart.</param>
    public static CutUp Of(Cast cast, IReadOnlySet<string> done, Heap heap)
    {
        if (done.Count == 0 && cast.Cuts.Bars.All(b => b.Bar.Sawn.Count == 0)) return Nothing;
        var gone = new HashSet<(int Thing, int Unit)>();
        List<(int ThingId, Thing Thing)> back = [], made = [];
        foreach (var bar in cast.Cuts.Bars) Sawn(cast, bar, done, heap, gone, back, made);
        foreach (var (thing, way, units) in cast.TakenApart.Where(a => done.Contains(Apart(a.Thing.Thing.Id, a.Way.Id))))
        {
            gone.UnionWith(cast.Takes.Where(t => t.ThingId == thing.Thing.Id && t.WayId == way.Id).Select(t => (t.ThingId, t.Taken.Unit)));
            back.AddRange(NotWanted(cast, thing.Thing, way, units).Select(t => (thing.Thing.Id, t)));
            // Got and not yet cut.
            made.AddRange(cast.Cuts.Bars.Where(b => b.Bar.ThingId == thing.Thing.Id && WayOf(cast, b.Bar) == way && !b.Cuts.Any(c => done.Contains(c.WantedId))).Select(b => StockOf(cast, b.Bar, thing.Thing)).OfType<Thing>().Select(t => (thing.Thing.Id, t)));
        }

        foreach (var need in cast.Asked.Where(n => done.Contains(n.Id)))
        {
            gone.UnionWith(cast.Of(need.Id).Where(t => t.Taken.Whole && need is WholeNeeded or FoundNeeded or SectionsNeeded or SheetsNeeded).Select(t => (t.ThingId, t.Taken.Unit)));
            if (need is SectionsNeeded) Sections(cast, need.Id, heap, back, made);
            if (need is SheetsNeeded sheets) Sheets(cast, sheets, heap, back, made);
        }

        return new(gone.GroupBy(g => g.Thing).ToDictionary(g => g.Key, IReadOnlyList<int> (g) => [.. g.Select(u => u.Unit).Order()]), Alike(back), Alike(made));
    }

    private static void Sawn(Cast cast, CutBar bar, IReadOnlySet<string> done, Heap heap, HashSet<(int Thing, int Unit)> gone, List<(int ThingId, Thing Thing)> back, List<(int ThingId, Thing Thing)> made)
    {
        var cut = bar.Cuts.Where(c => done.Contains(c.WantedId)).ToList();
        if ((cut.Count == 0 && bar.Bar.Sawn.Count == 0) || heap.Find(bar.Bar.ThingId)?.Thing is not { } thing) return;
        gone.Add((thing.Id, bar.Bar.Piece));
        if (StockOf(cast, bar.Bar, thing) is not { } stock) return;
        made.AddRange(cut.Select(c => BreakDown.Length(stock, c.From, c.To, "piece")).OfType<Thing>().Select(t => (thing.Id, t)));
        var whole = cut.Count == bar.Cuts.Count;
        (whole ? back : made).AddRange((whole ? bar : (bar with { Cuts = cut }).Anew()).Offcuts.Select(o => BreakDown.Length(stock, o.From, o.To, "offcut")).OfType<Thing>().Select(t => (thing.Id, t)));
    }

    /// <summary>How the unit was taken apart that a bar is got out of; null where the unit is the bar.</summary>
    private static Way? WayOf(Cast cast, Bar bar)
    {
        var id = cast.Takes.FirstOrDefault(t => t.ThingId == bar.ThingId && t.Taken.Unit == bar.Piece)?.WayId;
        return cast.TakenApart.FirstOrDefault(a => a.Thing.Thing.Id == bar.ThingId && a.Way.Id == id).Way;
    }

    /// <summary>What a bar is by itself: the thing, or what taking it apart gives of that size; null where that has no kind of its own.</summary>
    private static Thing? StockOf(Cast cast, Bar bar, Thing thing) => WayOf(cast, bar) is not { } way ? thing : way.Yields.Where(y => Same(y, bar)).Select(y => BreakDown.Piece(thing, y, 1)).FirstOrDefault();

    private static bool Same(Yield y, Bar bar)
        => Math.Abs(y.Length - bar.Length) < 1e-6 && Math.Abs(Math.Max(y.Width, y.Thickness) - Math.Max(bar.Width, bar.Thickness)) < 1e-6 && Math.Abs(Math.Min(y.Width, y.Thickness) - Math.Min(bar.Width, bar.Thickness)) < 1e-6;

    /// <summary>What taking so many apart gives beyond the bars that are cut into.</summary>
    private static IEnumerable<Thing> NotWanted(Cast cast, Thing thing, Way way, int units)
        => way.Yields.Select(y => BreakDown.Piece(thing, y, (int)Math.Floor(y.Expected * units + 1e-9) - cast.Cuts.Bars.Count(b => b.Bar.ThingId == thing.Id && Same(y, b.Bar) && WayOf(cast, b.Bar) == way))).OfType<Thing>();

    private static void Sections(Cast cast, string needId, Heap heap, List<(int ThingId, Thing Thing)> back, List<(int ThingId, Thing Thing)> made)
    {
        var mine = cast.Of(needId).Select(t => (t.ThingId, t.Taken.Unit)).ToHashSet();
        foreach (var cut in cast.SectionCuts.Where(c => mine.Contains((c.ThingId, c.Piece))))
        {
            if (heap.Find(cut.ThingId)?.Thing is not { } thing) continue;
            // All of it high, there was nothing to saw.
            if (BreakDown.SawSections(thing with { Count = 1 }, cut.Slats, cut.FirstSlats.Count) is not { Ok: true, Value: var sawn })
            {
                made.Add((thing.Id, thing with { Count = 1 }));
                continue;
            }

            made.Add((thing.Id, sawn.Pieces[0]));
            back.AddRange(sawn.Pieces.Skip(1).Select(p => (thing.Id, p)));
        }
    }

    private static void Sheets(Cast cast, SheetsNeeded need, Heap heap, List<(int ThingId, Thing Thing)> back, List<(int ThingId, Thing Thing)> made)
    {
        foreach (var unit in cast[need.Id].Where(p => p is { Missing: false, Of: not null }).GroupBy(p => (p.Of!.Thing.Id, p.Unit)))
        {
            if (heap.Find(unit.Key.Id)?.Thing is not { Measures: RoofingMeasures } thing) continue;
            var (each, from) = (need.Height, 0.0);
            foreach (var _ in unit)
            {
                if (BreakDown.Length(thing, from, from + each, "piece") is { } piece) made.Add((thing.Id, piece));
                from += each + CutPlan.Kerf;
            }

            var length = thing.Values["length"];
            if (length - from >= CutPlan.WorthKeeping && BreakDown.Length(thing, from, length, "offcut") is { } rest) back.Add((thing.Id, rest));
        }
    }

    /// <summary>What is alike lies in one batch.</summary>
    private static List<(int ThingId, Thing Thing)> Alike(List<(int ThingId, Thing Thing)> things)
        => [.. things.GroupBy(t => (t.ThingId, t.Thing.Name, t.Thing.Kind.Id, Key(t.Thing))).Select(g => (g.Key.ThingId, g.First().Thing with { Count = Math.Min(Thing.GreatestCount, g.Sum(t => t.Thing.Count)) }))];

    /// <summary>Measures and faults, to a tenth of a millimetre.</summary>
    private static string Key(Thing thing)
        => string.Join(';', thing.Values.OrderBy(v => v.Key, StringComparer.Ordinal).Select(v => $"{v.Key}={Math.Round(v.Value * 1e4)}").Concat(thing.Faults.Select(f => $"{f.Part}:{Math.Round(f.From * 1e4)}-{Math.Round(f.To * 1e4)}")));
}
