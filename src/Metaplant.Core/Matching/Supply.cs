using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Matching;

/// <summary>So many of one batch taken for a need.</summary>
public sealed record Take(int ThingId, int Count, string NeedId);

/// <summary>Something to buy because the heap has none: packs and their price. No price when nothing bought will do.</summary>
public sealed record Purchase(string NeedId, string Name, double Amount, PriceRow? Row)
{
    public int Packs => Row is null ? 0 : (int)Math.Ceiling(Amount / Row.Pack - 1e-9);

    public double Cost => Row is null ? 0 : Packs * Row.Price;
}

/// <summary>Where everything that a blueprint needs comes from.</summary>
public sealed record Supply(IReadOnlyList<Take> Takes, IReadOnlyList<Purchase> Buys, CutPlan Cuts)
{
    public double Cost => Buys.Sum(b => b.Cost);

    /// <summary>Needs that neither heap nor shop fills.</summary>
    public IEnumerable<Purchase> Unfilled => Buys.Where(b => b.Row is null);

    /// <summary>Things taken, summed by batch.</summary>
    public IReadOnlyDictionary<int, int> Counts => Takes.GroupBy(t => t.ThingId).ToDictionary(g => g.Key, g => g.Sum(t => t.Count));

    /// <summary>
    /// Fills the needs from the heap, best-fitting first, and lists what must be bought. Nothing refused and nothing spoken for is taken, and no piece twice.
    /// </summary>
    public static Supply Fill(IReadOnlyList<Need> needs, Heap heap)
    {
        var shelf = new Shelf(heap);
        var cuts = shelf.CutAll(needs.OfType<PiecesNeeded>().ToList());
        foreach (var need in needs)
        {
            switch (need)
            {
                case ThingsNeeded n: shelf.TakeThings(n); break;
                case PiecesNeeded n when cuts.Missing.TryGetValue(n.Id, out var count): shelf.Buy(n, count * n.Length); break;
                case PiecesNeeded: break;
                case SheetNeeded n: shelf.TakeSheet(n); break;
                case LineNeeded n: shelf.TakeLine(n); break;
                case SticksNeeded n: shelf.TakeSticks(n); break;
                case GoodsNeeded n: shelf.Buy(n, n.Count); break;
                default: throw new InvalidOperationException($"Unknown need {need}.");
            }
        }

        return new(shelf.Takes, shelf.Buys, cuts);
    }

    /// <summary>What is left of the heap while needs are filled.</summary>
    private sealed class Shelf(Heap heap)
    {
        private const double SeamLap = .10;
        private readonly Dictionary<int, int> left = heap.Things.Where(t => t.Usable).ToDictionary(t => t.Thing.Id, t => t.Free);

        public List<Take> Takes { get; } = [];

        public List<Purchase> Buys { get; } = [];

        public void Buy(Need need, double amount) => Buys.Add(new(need.Id, need.Name, amount, need.BuyId is null ? null : Prices.Find(need.BuyId)));

        public void TakeThings(ThingsNeeded need)
        {
            foreach (var (id, count) in need.Things)
            {
                var got = Math.Min(count, left.GetValueOrDefault(id));
                if (got > 0) Put(id, got, need.Id);
                if (got < count) Buys.Add(new(need.Id, need.Name, count - got, null));
            }
        }

        /// <summary>Lays all pieces out together, on sawn wood that may be cut.</summary>
        public CutPlan CutAll(IReadOnlyList<PiecesNeeded> needs)
        {
            if (needs.Count == 0) return CutPlan.Work([], []);
            var clean = needs.Any(n => n.AgainstSoil);
            var pieces = needs.Sum(n => n.Count);
            var bars =
                from t in heap.Things
                where t.Usable && t.Judgement.MayCut && t.Thing.Measures is ISawn && !(clean && t.Judgement.Fitness > Fitness.Ornamentals)
                let sawn = (ISawn)t.Thing.Measures
                let bad = t.Thing.Faults.Select(f => new BadPlace(f.From, f.To)).ToList()
                from piece in Enumerable.Range(1, Math.Min(t.Free, pieces))
                select new Bar(t.Thing.Id, piece, sawn.Length, sawn.Width, sawn.Thickness, bad);
            var plan = CutPlan.Work([.. needs.Select(n => new Wanted(n.Id, n.Count, n.Length, n.LeastWidth, n.LeastThickness))], [.. bars]);
            foreach (var group in plan.Bars.GroupBy(b => b.Bar.ThingId)) Put(group.Key, group.Count(), group.First().Cuts[0].WantedId);
            return plan;
        }

        /// <summary>One batch whose pieces, in strips joined with a lap, cover the sheet; the least that does.</summary>
        public void TakeSheet(SheetNeeded need)
        {
            var fit = Of<ISheeting>(Fitness.Ornamentals)
                .Where(c => need.Film is null || c.Thing.Thing.Substance == Substance.Film == need.Film)
                .Select(c => (c.Thing, Count: SheetsFor(need, c.Is.Length, c.Is.Width), Area: c.Is.Length * c.Is.Width))
                .Where(c => c.Count <= left[c.Thing.Thing.Id])
                .OrderBy(c => c.Count * c.Area)
                .FirstOrDefault();
            TakeOrBuy(need, fit.Thing, fit.Count);
        }

        public void TakeLine(LineNeeded need)
        {
            var fit = Of<ILine>(need.AgainstSoil ? Fitness.Ornamentals : Fitness.StructureOnly)
                .Where(c => c.Thing.Thing.Substance == Substance.Wire == need.Wire && c.Is.Diameter >= need.LeastDiameter - 1e-9 && c.Is.Diameter <= need.GreatestDiameter + 1e-9)
                .Select(c => (c.Thing, Count: (int)Math.Ceiling(need.Length / c.Is.Length - 1e-9), c.Is.Length))
                .Where(c => c.Count <= left[c.Thing.Thing.Id])
                .OrderBy(c => c.Count * c.Length)
                .FirstOrDefault();
            TakeOrBuy(need, fit.Thing, fit.Count);
        }

        public void TakeSticks(SticksNeeded need)
        {
            var fit = Of<ISticks>(Fitness.StructureOnly)
                .Where(c => c.Is.Butt >= need.LeastThickness - 1e-9 && c.Is.CountOver(need.Length) >= need.Count)
                .OrderBy(c => c.Is.Sticks)
                .FirstOrDefault();
            TakeOrBuy(need, fit.Thing, 1);
        }

        private static int SheetsFor(SheetNeeded need, double length, double width)
        {
            var whole = Math.Max(length, width) >= Math.Max(need.Length, need.Width) && Math.Min(length, width) >= Math.Min(need.Length, need.Width);
            if (whole) return 1;
            var strips = (int)(width / need.Width + 1e-9) * Math.Max(0, length - SeamLap);
            var turned = (int)(length / need.Width + 1e-9) * Math.Max(0, width - SeamLap);
            var most = Math.Max(strips, turned);
            return most <= 0 ? int.MaxValue : (int)Math.Ceiling(need.Length / most);
        }

        private IEnumerable<(HeapThing Thing, T Is)> Of<T>(Fitness atMost)
            => from t in heap.Things
               where t.Usable && left[t.Thing.Id] > 0 && t.Judgement.Fitness <= atMost && t.Judgement.MayCut && t.Thing.Measures is T
               select (t, (T)(object)t.Thing.Measures);

        private void TakeOrBuy(Need need, HeapThing? thing, int count)
        {
            if (thing is null) Buy(need, need.Amount);
            else Put(thing.Thing.Id, count, need.Id);
        }

        private void Put(int id, int count, string needId)
        {
            left[id] -= count;
            Takes.Add(new(id, count, needId));
        }
    }
}
