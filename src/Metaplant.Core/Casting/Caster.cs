using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Casting;

/// <summary>How hard the caster looks for the best way of cutting sawn wood.</summary>
public enum Effort
{
    /// <summary>The first good plan; for matching, and for what the stops of a slider would bring. Looks on only where it would leave something missing.</summary>
    Quick,

    /// <summary>Until no other plan can be better, or a great many were looked at; for what is looked at or kept.</summary>
    Proven,
}

/// <summary>
/// The one search there is: which real piece fills which part. The lead fills first what only it can; then all sawn wood is laid out together over everything that gives boards and timbers, by every way of taking things apart; then sticks,
/// line, cloth and fill, each from what is left. Each part is filled only with what is fit to sit where it sits beside what is grown; nothing refused and nothing spoken for is taken, and no piece, stick, metre or litre twice.
/// </summary>
public sealed partial class Caster
{
    private const int MissingNodes = 400;
    private const int ProvenNodes = 10_000;

    private readonly Lead? lead;
    private readonly Stockroom room;
    private readonly Grown grown;
    private readonly double minuteWorth;
    private readonly PriceList prices;
    private readonly Effort effort;
    private readonly Dictionary<int, List<Remains>> left = [];
    private readonly Dictionary<string, IReadOnlyList<Piece>> pieces = new(StringComparer.Ordinal);
    private readonly Dictionary<string, IReadOnlyList<Panel>> panels = new(StringComparer.Ordinal);
    private readonly Dictionary<string, IReadOnlyList<Course>> courses = new(StringComparer.Ordinal);
    private readonly Dictionary<string, PassedOver> passedOver = new(StringComparer.Ordinal);
    private readonly List<Take> takes = [];

    /// <summary>What the cast that is carried on has taken already.</summary>
    private readonly List<Take> earlier = [];

    private readonly List<Purchase> buys = [];
    private readonly List<Shortage> shorts = [];
    private readonly List<SectionCut> sectionCuts = [];
    private readonly List<SawnStock> stocks = [];
    private readonly List<SawnBar> opened = [];
    private readonly List<(HeapThing Thing, Way Way, int Units)> takenApart = [];
    private readonly Dictionary<string, List<int>> allStocks = new(StringComparer.Ordinal);
    private readonly Dictionary<(int Stock, int Bar), int> barUnits = [];
    private double takingApart;

    private Caster(Lead? lead, Stockroom room, Grown grown, Handbook handbook, Effort effort)
    {
        (this.lead, this.room, this.grown, this.effort) = (lead, room, grown, effort);
        prices = Prices.In(handbook);
        // A minute with salvage is as much longer as the gardener's own factor says.
        minuteWorth = handbook[Practice.HourWorth] / 60 * handbook[Practice.SalvageFactor];
    }

    /// <summary>Fills a demand from a lead and all else there is.</summary>
    public static Cast Cast(IReadOnlyList<Need> needs, Lead? lead, Stockroom room, Grown grown, Handbook handbook, Effort effort = Effort.Quick) => new Caster(lead, room, grown, handbook, effort).Run(needs, null);

    /// <summary>The same cast with more filled from what it leaves: screws and soil, which follow from what is made.</summary>
    public static Cast Add(Cast cast, IReadOnlyList<Need> needs, Stockroom room, Grown grown, Handbook handbook) => cast.And(new Caster(null, room, grown, handbook, Effort.Quick).Run(needs, cast));

    /// <summary>By how much a lead is short of what is asked of it, whatever else there is: m of panel, or pieces; 0 where nothing can be told so cheaply. Above 0 a cast always lacks something.</summary>
    public static double LeadLacks(IReadOnlyList<Need> needs, Lead lead) => needs.Sum(n => n switch
    {
        PanelsNeeded p => Math.Max(0, p.Amount - .001 * p.Widths.Count - lead.Lots.Sum(l => l.Wide * l.Of.Free * l.FromEach * BoardsFrom(l, p.Height))),
        SectionsNeeded s => Math.Max(0, s.Count - lead.Lots.Sum(l => l.Of.Free * l.As<PalletMeasures>()!.Sections(s.Slats, l.Of.Thing.Faults).Count)),
        _ => 0,
    });

    /// <summary>A cast with other loose stuff asked for: what only the lead fills and what is sawn stays, and the rest is taken anew from what these leave, as it would be were all cast again.</summary>
    public static Cast Loose(Cast cast, IReadOnlyList<Need> needs, Lead lead, Stockroom room, Grown grown, Handbook handbook, Effort effort)
    {
        var firm = needs.Where(IsFirm).Select(n => n.Id).ToHashSet(StringComparer.Ordinal);
        var kept = cast with
        {
            Pieces = cast.Pieces.Where(p => firm.Contains(p.Key)).ToDictionary(StringComparer.Ordinal),
            Takes = [.. cast.Takes.Where(t => firm.Contains(t.NeedId))],
            Buys = [.. cast.Buys.Where(b => firm.Contains(b.NeedId))],
            Short = [.. cast.Short.Where(s => firm.Contains(s.Need.Id))],
            PassedOver = cast.PassedOver.Where(p => firm.Contains(p.Key)).ToDictionary(StringComparer.Ordinal),
            Asked = [.. needs.Where(IsFirm)],
            TakenApart = [.. cast.TakenApart.Where(a => cast.Takes.Any(t => firm.Contains(t.NeedId) && t.ThingId == a.Thing.Thing.Id && t.WayId == a.Way.Id))],
            TakingApart = cast.TakingApartToSaw,
        };
        return kept.And(new Caster(lead, room, grown, handbook, effort).Run([.. needs.Where(n => !IsFirm(n))], kept)) with { Asked = needs };
    }

    /// <summary>True of what is filled before all that is loose: by the lead alone, or sawn.</summary>
    public static bool IsFirm(Need need) => need is WholeNeeded or FoundNeeded or PanelsNeeded or SectionsNeeded or SheetsNeeded or RollNeeded or PiecesNeeded or CoursesNeeded or SticksNeeded { Alike: true };

    /// <summary>A cast that is being made of, with more asked for: what it has stays as it is, and the rest is found in what it leaves.</summary>
    public static Cast Recast(Cast kept, IReadOnlyList<Need> needs, Lead lead, Stockroom room, Grown grown, Handbook handbook) => kept.And(More(kept, needs, lead, room, grown, handbook));

    /// <summary>Only what is found for more that is asked for, in what a cast leaves.</summary>
    public static Cast More(Cast kept, IReadOnlyList<Need> needs, Lead lead, Stockroom room, Grown grown, Handbook handbook) => new Caster(lead, room, grown, handbook, Effort.Proven).Run(needs, kept);

    private Cast Run(IReadOnlyList<Need> needs, Cast? before)
    {
        if (before is not null)
        {
            earlier.AddRange(before.Takes);
            foreach (var group in before.Takes.GroupBy(t => t.ThingId))
            {
                if (room.Heap.Find(group.Key) is { } thing) left[group.Key] = After(thing, thing.Left, [.. group.Select(t => t.Taken)]);
            }
        }

        foreach (var need in needs) TakeLead(need);
        foreach (var need in needs.OfType<FoundNeeded>()) TakeFound(need);
        var (plan, items) = CutAll(needs);
        var toSaw = takingApart;
        foreach (var need in needs)
        {
            switch (need)
            {
                case SticksNeeded n when !(lead is not null && n.Alike): TakeSticks(n, room.For(n.Role, grown)); break;
                case RunNeeded n: TakeRun(n); break;
                case CoverNeeded n: TakeCover(n); break;
                case FillNeeded n: TakeFill(n); break;
                case GoodsNeeded n: Buy(n, n.Count); break;
            }
        }

        return new(pieces, takes, buys, shorts, plan, passedOver, items)
        {
            Panels = panels,
            Courses = courses,
            SectionCuts = sectionCuts,
            TakingApart = takingApart,
            TakingApartToSaw = toSaw,
            Asked = needs,
            TakenApart = takenApart,
        };
    }

    private List<Remains> Left(HeapThing thing)
    {
        if (!left.TryGetValue(thing.Thing.Id, out var units)) left[thing.Thing.Id] = units = [.. thing.Left];
        return units;
    }

    private IEnumerable<int> Free(HeapThing thing) => Left(thing).Where(u => u.Untouched).Select(u => u.Unit);

    private int FreeUnits(HeapThing thing) => left.TryGetValue(thing.Thing.Id, out var units) ? units.Count(u => u.Untouched) : thing.Free;

    private void Put(Lot lot, string needId, params IEnumerable<Taken> taken)
    {
        var now = Left(lot.Of);
        takes.AddRange(taken.Select(t => new Take(lot.ThingId, needId, lot.Way.Id, t)));
        left[lot.ThingId] = After(lot.Of, now, [.. earlier.Concat(takes).Where(t => t.ThingId == lot.ThingId).Select(t => t.Taken)]);
    }

    /// <summary>What is left of a thing after what this cast takes of it.</summary>
    private static List<Remains> After(HeapThing thing, IReadOnlyList<Remains> now, IReadOnlyList<Taken> byThis)
        => [.. Remains.After(now, thing.Thing, [.. thing.Taken, .. byThis], byThis.Select(t => t.Unit).ToHashSet())];

    private void Buy(Need need, double amount)
    {
        var (row, packs) = prices.Cheapest(need, amount) is { } found ? (found.Row, found.Packs) : (null, 0);
        buys.Add(new(need, amount, row, packs));
    }

    private void Missing(Need need, double amount, Shortage shortage)
    {
        buys.Add(new(need, amount, null, 0));
        shorts.Add(shortage);
    }
}
