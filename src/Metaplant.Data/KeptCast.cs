using System.Text.Json;
using Metaplant.Core.Casting;
using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Data;

/// <summary>Every piece that a project was drawn with, as it is kept: things and rows of the price list by id, so that it is drawn from them again and never cast anew behind the gardener's back.</summary>
/// <param name="Measured">What each thing it takes was measured to be then; null where it was kept before that was.</param>
public sealed record KeptCast(
    IReadOnlyList<KeptPiece> Pieces, IReadOnlyList<KeptPanel> Panels, IReadOnlyList<KeptCourse> Courses, IReadOnlyList<Take> Takes, IReadOnlyList<KeptPurchase> Buys, IReadOnlyList<SectionCut> SectionCuts, IReadOnlyList<CutBar> Bars, IReadOnlyList<KeptApart> Apart, double TakingApart, bool Proven,
    IReadOnlyList<KeptMeasures>? Measured = null, double TakingApartToSaw = 0)
{
    private static readonly JsonSerializerOptions Json = new() { RespectNullableAnnotations = true, RespectRequiredConstructorParameters = true };

    public static string Write(Cast cast, Heap heap) => Write(Of(cast, heap));

    public static KeptCast Of(Cast cast, Heap heap)
    {
        // Panels and courses name their pieces by their place among the pieces of the need; those that are missing may be one piece many times.
        var places = new Dictionary<Piece, int>(ReferenceEqualityComparer.Instance);
        foreach (var (piece, i) in cast.Pieces.Values.SelectMany(p => p.Select((x, i) => (x, i)))) places.TryAdd(piece, i);
        return new(
            [.. cast.Pieces.SelectMany(p => p.Value.Select(x => new KeptPiece(p.Key, x.Of?.Thing.Id, x.WayId, x.Unit, x.Length, x.Width, x.Thickness, x.Missing)))],
            [.. cast.Panels.SelectMany(p => p.Value.Select(x => new KeptPanel(p.Key, x.Width, [.. x.Boards.Select(b => places[b])], x.Ripped?.Index, x.Ripped?.To)))],
            [.. cast.Courses.SelectMany(c => c.Value.Select(x => new KeptCourse(c.Key, x.Height, x.Thickness, [.. x.Pieces.Select(b => places[b])])))],
            cast.Takes, [.. cast.Buys.Select(b => new KeptPurchase(b.NeedId, b.Amount, b.Row?.Id, b.Packs))], cast.SectionCuts, cast.Cuts.Bars, [.. cast.TakenApart.Select(a => new KeptApart(a.Thing.Thing.Id, a.Way.Id, a.Units))], cast.TakingApart, cast.Proven,
            [.. cast.Takes.Select(t => t.ThingId).Distinct().Select(heap.Find).OfType<HeapThing>().Select(t => KeptMeasures.Of(t.Thing))], cast.TakingApartToSaw);
    }

    internal static string Write(KeptCast kept) => JsonSerializer.Serialize(kept);

    /// <summary>
    /// The fit drawn from the pieces it was kept with. Refused, with a sentence, where a thing of it is gone, measured anew or taken by another since, and where what was kept cannot be read or is not what the design asks for any more.
    /// </summary>
    /// <param name="gone">By thing, the units that are sawn up: what is measured of the others since is nothing to them.</param>
    public static Outcome<Fit> Open(string json, Design design, Chosen set, Stockroom room, IReadOnlyDictionary<int, IReadOnlyList<int>> gone) => Read(json) is { } kept ? kept.Open(design, set, room, gone) : CannotBeRead;

    internal Outcome<Fit> Open(Design design, Chosen set, Stockroom room, IReadOnlyDictionary<int, IReadOnlyList<int>> gone)
    {
        if (ChangedSince(room.Heap, gone) is { } changed) return changed;
        return design.Ask(set).Then(asked =>
        {
            if (!HoldsTogether(asked.Needs)) return CannotBeRead;
            var cast = ToCast(asked.Needs, room.Heap);
            return design.Complete(set, cast).Then(made =>
            {
                var draft = new Draft(design, set, asked, cast, made, Draft.GrownIn(set.Lead, set.Brief));
                var needs = asked.Needs.Concat(draft.Consumables()).DistinctBy(n => n.Id).ToDictionary(n => n.Id, StringComparer.Ordinal);
                if (Buys.Any(b => !needs.ContainsKey(b.NeedId)) || !asked.Needs.All(Answers)) return new Problem("cast", "The design asks for other parts than it did when this was kept.");
                return (Outcome<Fit>)Fit.With(draft, cast with { Buys = [.. Buys.Select(b => new Purchase(needs[b.NeedId], b.Amount, Prices.In(set.Brief.Handbook).Find(b.Row), b.Packs))], Asked = [.. needs.Values] }, room);
            });
        });
    }

    private static Problem CannotBeRead => new("cast", "What it was made of cannot be read.");

    /// <summary>What has become of a thing it is made of, so that its pieces are no longer what they were; null where nothing has.</summary>
    private Problem? ChangedSince(Heap heap, IReadOnlyDictionary<int, IReadOnlyList<int>> gone)
    {
        var things = Pieces.Select(p => p.ThingId).OfType<int>().Concat(Takes.Select(t => t.ThingId)).Concat(SectionCuts.Select(c => c.ThingId)).Concat(Bars.Select(b => b.Bar.ThingId)).Concat(Apart.Select(a => a.ThingId)).Distinct();
        if (things.Any(id => heap.Find(id) is null)) return new("cast", "A thing it was made of is no longer on the heap.");
        var open = Takes.Where(t => !gone.GetValueOrDefault(t.ThingId, []).Contains(t.Taken.Unit)).Select(t => t.ThingId).ToHashSet();
        if ((Measured ?? []).Where(m => open.Contains(m.ThingId)).Select(m => (Kept: m, Now: heap.Find(m.ThingId)?.Thing)).FirstOrDefault(m => m.Now is { } now && !m.Kept.StillHoldOf(now)).Now is { } other)
            return new("cast", $"{other.Name}, which it was made of, has been measured anew since.");
        return Takes.GroupBy(t => t.ThingId).Select(g => (Thing: heap.Find(g.Key)!, Mine: g.Select(t => t.Taken).Distinct())).FirstOrDefault(g => Remains.Overdrawn(g.Thing.Thing, Remains.Within(g.Thing.Thing, [.. g.Thing.Taken, .. g.Mine]))).Thing is { } over
            ? new("cast", $"{over.Thing.Name}, which it was made of, is spoken for by another project.")
            : null;
    }

    /// <summary>False where it names a part that nobody asked for or a piece that is not there, or a piece has no size: nothing that was ever kept here, but a document may say it.</summary>
    private bool HoldsTogether(IReadOnlyList<Need> asked)
    {
        var ids = asked.Select(n => n.Id).ToHashSet(StringComparer.Ordinal);
        var counts = Pieces.CountBy(p => p.Need).ToDictionary(StringComparer.Ordinal);
        return Pieces.All(p => (ids.Contains(p.Need) || AdditionShelf.IsNeed(p.Need)) && p is { Length: > 0, Width: >= 0, Thickness: >= 0 })
            && Panels.All(p => There(p.Need, p.Boards) && (p.Ripped is null || (p.Ripped >= 0 && p.Ripped < p.Boards.Count && p.To > 0)))
            && Courses.All(c => c.Height > 0 && There(c.Need, c.Pieces))
            && Bars.All(b => b.Cuts.All(c => ids.Contains(c.WantedId)) && b.Bar.Sawn.All(x => x > 0 && x < b.Bar.Length));

        bool There(string need, IReadOnlyList<int> at) => at.Count > 0 && at.All(i => i >= 0 && i < counts.GetValueOrDefault(need));
    }

    internal static KeptCast? Read(string json)
    {
        try
        {
            return JsonSerializer.Deserialize<KeptCast>(json, Json);
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>False where a need that gives pieces has none kept, or another number of them.</summary>
    private bool Answers(Need need) => need switch
    {
        PiecesNeeded n => Pieces.Count(p => p.Need == n.Id) == n.Count,
        SticksNeeded n => Pieces.Count(p => p.Need == n.Id) == n.Count,
        FoundNeeded n => Pieces.Count(p => p.Need == n.Id) == n.Count,
        WholeNeeded n => Pieces.Count(p => p.Need == n.Id) == n.Count,
        SectionsNeeded n => Pieces.Count(p => p.Need == n.Id) == n.Count,
        PanelsNeeded n => Panels.Count(p => p.Need == n.Id) == n.Widths.Count,
        CoursesNeeded n => Courses.Any(c => c.Need == n.Id) && Courses.Where(c => c.Need == n.Id).All(c => c.Pieces.Count == n.Lengths.Count),
        _ => true,
    };

    private Cast ToCast(IReadOnlyList<Need> asked, Heap heap)
    {
        var pieces = Pieces.GroupBy(p => p.Need).ToDictionary(g => g.Key, g => g.Select(p => new Piece(p.Need, p.ThingId is { } id ? heap.Find(id) : null, p.Way, p.Unit, p.Length, p.Width, p.Thickness) { Missing = p.Missing }).ToList(), StringComparer.Ordinal);
        return new(pieces.ToDictionary(p => p.Key, p => (IReadOnlyList<Piece>)p.Value, StringComparer.Ordinal), Takes, [], [], new(Bars, new Dictionary<string, int>()), new Dictionary<string, PassedOver>(), Proven)
        {
            Panels = Panels.GroupBy(p => p.Need).ToDictionary(g => g.Key, IReadOnlyList<Panel> (g) => [.. g.Select(p => new Panel(p.Width, [.. p.Boards.Select(i => pieces[p.Need][i])], p.Ripped is { } at ? (at, p.To!.Value) : null))], StringComparer.Ordinal),
            Courses = Courses.GroupBy(c => c.Need).ToDictionary(g => g.Key, IReadOnlyList<Course> (g) => [.. g.Select(c => new Course(c.Height, c.Thickness, [.. c.Pieces.Select(i => pieces[c.Need][i])]))], StringComparer.Ordinal),
            SectionCuts = SectionCuts,
            TakingApart = TakingApart,
            TakingApartToSaw = TakingApartToSaw,
            Asked = asked,
            TakenApart = [.. Apart.Select(a => (Thing: heap.Find(a.ThingId)!, a)).SelectMany(x => x.Thing.Thing.Kind.BreakDown(x.Thing.Thing).Where(w => w.Id == x.a.Way).Select(w => (x.Thing, w, x.a.Units)))],
        };
    }
}

/// <summary>A piece of a need; a bought one has no thing and names its row of the price list.</summary>
public sealed record KeptPiece(string Need, int? ThingId, string Way, int Unit, double Length, double Width, double Thickness, bool Missing);

/// <summary>A panel by the places of its boards among the pieces of its need, and the board that is ripped.</summary>
public sealed record KeptPanel(string Need, double Width, IReadOnlyList<int> Boards, int? Ripped, double? To);

public sealed record KeptCourse(string Need, double Height, double Thickness, IReadOnlyList<int> Pieces);

public sealed record KeptPurchase(string NeedId, double Amount, string? Row, int Packs);

public sealed record KeptApart(int ThingId, string Way, int Units);

/// <summary>What a thing was measured to be and where it was bad when a project was kept. A pile is not: what is taken of it is all that counts.</summary>
public sealed record KeptMeasures(int ThingId, IReadOnlyDictionary<string, double> Values, IReadOnlyList<Fault> Faults, IReadOnlyList<double>? Lengths = null)
{
    private const double Same = 1e-9;

    public static KeptMeasures Of(Thing thing) => new(thing.Id, thing.Measures is LoadMeasures ? new Dictionary<string, double>() : thing.Values, thing.Faults, LengthsOf(thing) is { Count: > 0 } lengths ? lengths : null);

    public bool StillHoldOf(Thing thing) => Values.All(v => thing.Values.TryGetValue(v.Key, out var now) && Math.Abs(now - v.Value) < Same) && Faults.SequenceEqual(thing.Faults) && (Lengths ?? []).SequenceEqual(LengthsOf(thing));

    private static IReadOnlyList<double> LengthsOf(Thing thing) => thing.Measures is ISticks sticks ? sticks.Lengths : [];
}
