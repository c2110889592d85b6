using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;

namespace Metaplant.Core.Matching;

/// <summary>So many of one batch taken for a need.</summary>
public sealed record Take(int ThingId, int Count, string NeedId);

/// <summary>Something to buy because the heap has none: how much of a need, in its own measure, in how many packs. No row when nothing bought will do.</summary>
public sealed record Purchase(Need Need, double Amount, PriceRow? Row, int Packs)
{
    public string NeedId => Need.Id;

    /// <summary>True for growing medium: what is not sold is dug or fetched, and stops nothing.</summary>
    public bool IsSoil => Need is SoilNeeded;

    public double Cost => Row is null ? 0 : Packs * Row.Price;
}

/// <summary>Where everything that a blueprint needs comes from.</summary>
/// <param name="PassedOver">By need, the first thing that would have had the size and was not fit to sit there, with the sentence why.</param>
public sealed record Supply(IReadOnlyList<Take> Takes, IReadOnlyList<Purchase> Buys, CutPlan Cuts, IReadOnlyDictionary<string, PassedOver> PassedOver)
{
    public double Cost => Buys.Sum(b => b.Cost);

    /// <summary>Needs that neither heap nor shop fills.</summary>
    public IEnumerable<Purchase> Unfilled => Buys.Where(b => b.Row is null && !b.IsSoil);

    /// <summary>Things taken, summed by batch.</summary>
    public IReadOnlyDictionary<int, int> Counts => Takes.GroupBy(t => t.ThingId).ToDictionary(g => g.Key, g => g.Sum(t => t.Count));

    /// <summary>
    /// Fills the needs from the heap, best-fitting first, and lists what must be bought. Each part is filled only with what is fit to sit where it sits beside what is grown; nothing refused and nothing spoken for is taken, and no piece twice.
    /// </summary>
    public static Supply Fill(IReadOnlyList<Need> needs, Heap heap, Grown grown)
    {
        var shelf = new Shelf(heap, grown);
        var cuts = shelf.CutAll(needs.OfType<PiecesNeeded>().ToList());
        foreach (var need in needs)
        {
            switch (need)
            {
                case ThingsNeeded n: shelf.TakeThings(n); break;
                case PiecesNeeded n when cuts.Missing.TryGetValue(n.Id, out var count): shelf.Buy(n, count); break;
                case PiecesNeeded: break;
                case SheetNeeded n: shelf.TakeSheet(n); break;
                case LineNeeded n: shelf.TakeLine(n); break;
                case SticksNeeded n: shelf.TakeSticks(n); break;
                case SoilNeeded n: shelf.TakeSoil(n); break;
                case GoodsNeeded n: shelf.Buy(n, n.Count); break;
                default: throw new InvalidOperationException($"Unknown need {need}.");
            }
        }

        return new(shelf.Takes, shelf.Buys, cuts, shelf.PassedOver);
    }

    /// <summary>What is left of the heap while needs are filled.</summary>
    private sealed class Shelf(Heap heap, Grown grown)
    {
        private readonly Dictionary<int, int> left = heap.Things.Where(t => t.Usable).ToDictionary(t => t.Thing.Id, t => t.Free);

        public List<Take> Takes { get; } = [];

        public List<Purchase> Buys { get; } = [];

        public Dictionary<string, PassedOver> PassedOver { get; } = new(StringComparer.Ordinal);

        public void Buy(Need need, double amount)
        {
            var (row, packs) = Prices.Cheapest(need, amount) is { } found ? (found.Row, found.Packs) : (null, 0);
            Buys.Add(new(need, amount, row, packs));
        }

        public void TakeThings(ThingsNeeded need)
        {
            foreach (var (id, count) in need.Things)
            {
                var got = Math.Min(count, left.GetValueOrDefault(id));
                if (got > 0) Put(id, got, need.Id);
                if (got < count) Buys.Add(new(need, count - got, null, 0));
            }
        }

        /// <summary>Lays all pieces out together, each on sawn wood that may be cut and is fit to sit where the piece sits.</summary>
        public CutPlan CutAll(IReadOnlyList<PiecesNeeded> needs)
        {
            if (needs.Count == 0) return CutPlan.Work([], []);
            var wood = heap.Things.Where(t => t.Usable && left[t.Thing.Id] > 0 && t.Judgement.MayCut && t.Thing.Measures is ISawn).ToList();
            var pieces = needs.Sum(n => n.Count);
            var bars =
                from t in wood
                let sawn = (ISawn)t.Thing.Measures
                let bad = t.Thing.Faults.Select(f => new BadPlace(f.From, f.To)).ToList()
                from piece in Enumerable.Range(1, Math.Min(left[t.Thing.Id], pieces))
                select new Bar(t.Thing.Id, piece, sawn.Length, sawn.Width, sawn.Thickness, bad);
            var plan = CutPlan.Work([.. needs.Select(n => new Wanted(n.Id, n.Count, n.Length, n.LeastWidth, n.LeastThickness, wood.Where(t => Fit(t, n, ((ISawn)t.Thing.Measures).Length >= n.Length)).Select(t => t.Thing.Id).ToHashSet()))], [.. bars]);
            foreach (var group in plan.Bars.GroupBy(b => b.Bar.ThingId)) Put(group.Key, group.Count(), group.First().Cuts[0].WantedId);
            return plan;
        }

        /// <summary>One batch whose pieces, joined with laps, cover the sheet; the least area that does.</summary>
        public void TakeSheet(SheetNeeded need)
        {
            var fit =
                from c in Of<ISheeting>(need, IsOf(need.Kind))
                let count = Sheets.Needed(need, c.Is.Length, c.Is.Width)
                where count <= left[c.Thing.Thing.Id] && Fit(c.Thing, need)
                orderby count * c.Is.Length * c.Is.Width
                select (c.Thing, count.Value);
            TakeOrBuy(need, fit.FirstOrDefault());
        }

        public void TakeLine(LineNeeded need)
        {
            var fit =
                from c in Of<ILine>(need, s => s == Substance.Wire == need.Wire)
                where c.Is.Diameter >= need.LeastDiameter - 1e-9 && c.Is.Diameter <= need.GreatestDiameter + 1e-9
                let count = (int)Math.Ceiling(need.Length / c.Is.Length - 1e-9)
                where count <= left[c.Thing.Thing.Id] && Fit(c.Thing, need)
                orderby count * c.Is.Length
                select (c.Thing, count);
            TakeOrBuy(need, fit.FirstOrDefault());
        }

        public void TakeSticks(SticksNeeded need)
        {
            var fit =
                from c in Of<ISticks>(need, _ => true)
                where c.Is.ThicknessAt(need.Length) >= need.LeastThickness - 1e-9 && c.Is.CountOver(need.Length) >= need.Count && Fit(c.Thing, need)
                orderby c.Is.Sticks
                select (c.Thing, 1);
            TakeOrBuy(need, fit.FirstOrDefault());
        }

        /// <summary>
        /// Whole piles that the soil wanted would use up, fit for what is grown: three parts of soil to two of compost where that is the medium, compost for compost. The rest is bought. Of a pile larger than what is wanted nothing is taken, since it would be spoken for whole.
        /// </summary>
        public void TakeSoil(SoilNeeded need)
        {
            var wanted = need.Volume;
            foreach (var (kind, share) in SharesOf(need.MediumId))
            {
                var room = need.Volume * share;
                foreach (var t in heap.Things.Where(t => t.Usable && left[t.Thing.Id] > 0 && t.Thing.Kind.Id == kind))
                {
                    var volume = ((LoadMeasures)t.Thing.Measures).Volume;
                    var count = Math.Min(left[t.Thing.Id], (int)(room / volume + 1e-9));
                    if (count == 0 || !Fit(t, need)) continue;
                    Put(t.Thing.Id, count, need.Id);
                    (room, wanted) = (room - count * volume, wanted - count * volume);
                }
            }

            if (wanted > 1e-6) Buy(need, wanted);
        }

        private static (string Kind, double Share)[] SharesOf(string mediumId) => mediumId switch
        {
            "topsoil-compost" => [("soil", .6), ("compost", .4)],
            "finished-compost" => [("compost", 1)],
            _ => [],
        };

        private static Func<Substance, bool> IsOf(Sheeting kind) => kind switch
        {
            Sheeting.Film => s => s == Substance.Film,
            Sheeting.Cloth => s => s is Substance.WovenCloth or Substance.NaturalFibre or Substance.SyntheticFibre,
            _ => s => s is Substance.Film or Substance.WovenCloth or Substance.NaturalFibre or Substance.SyntheticFibre,
        };

        private IEnumerable<(HeapThing Thing, T Is)> Of<T>(Need need, Func<Substance, bool> stuff)
            => from t in heap.Things
               where t.Usable && left[t.Thing.Id] > 0 && t.Thing.Measures is T && stuff(t.Thing.Substance) && (t.Judgement.MayCut || Over(t, need, "It may not be cut."))
               select (t, (T)(object)t.Thing.Measures);

        /// <summary>True when the thing may sit there; else it is remembered as passed over, with why, where its size would do.</summary>
        private bool Fit(HeapThing thing, Need need, bool sizeWouldDo = true)
        {
            var ruling = Seating.Of(thing.Judgement, need.Seat, grown);
            return ruling.May || (sizeWouldDo && Over(thing, need, ruling.Why));
        }

        private bool Over(HeapThing thing, Need need, string why)
        {
            PassedOver.TryAdd(need.Id, new(need.Name, thing.Thing.Id, thing.Thing.Name, why));
            return false;
        }

        private void TakeOrBuy(Need need, (HeapThing Thing, int Count) fit)
        {
            if (fit.Thing is null) Buy(need, need.Amount);
            else Put(fit.Thing.Thing.Id, fit.Count, need.Id);
        }

        private void Put(int id, int count, string needId)
        {
            left[id] -= count;
            Takes.Add(new(id, count, needId));
        }
    }
}

/// <summary>A thing of the right form that a part was not filled with, and why.</summary>
public sealed record PassedOver(string Part, int ThingId, string ThingName, string Why);
