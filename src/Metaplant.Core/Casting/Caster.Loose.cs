using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Casting;

/// <content>Sticks, line, cloth and fill, each from what is left.</content>
public sealed partial class Caster
{
    /// <summary>Sticks of one bundle that are long and thick enough, the shortest that do, so that the long ones stay for what needs them; single poles one by one.</summary>
    private void TakeSticks(SticksNeeded need, IEnumerable<(Lot Lot, Words.Sentence? Why)> from)
    {
        var fit = new List<(Lot Lot, IReadOnlyList<LooseStick> Sticks)>();
        foreach (var (lot, why) in from.DistinctBy(l => (l.Lot.ThingId, l.Lot.As<ISticks>() is null ? l.Lot.Way.Id : "")))
        {
            var sticks = Sticks(lot, need);
            if (sticks.Count < (need.Alike ? need.Count : 1)) continue;
            if (why is not null) passedOver.TryAdd(need.Id, new(need.Name, lot.ThingId, lot.Of.Thing.Name, why));
            else fit.Add((lot, sticks));
        }

        var best = fit.Where(f => f.Sticks.Count >= need.Count).OrderBy(f => f.Lot.Way.Minutes / Math.Max(1, f.Lot.FromEach)).ThenBy(f => f.Sticks.Take(need.Count).Sum(s => s.Length)).ThenBy(f => f.Lot.Of.Thing.Number).FirstOrDefault();
        if (best.Lot is null)
        {
            if (need.Role.Buy is null) Missing(need, need.Count, new(need, need.Count - fit.Select(f => f.Sticks.Count).DefaultIfEmpty(0).Max(), need.Length, 0, need.LeastThickness));
            else Buy(need, need.Count);
            var row = buys[^1].Row;
            pieces[need.Id] = [.. Enumerable.Repeat(new Piece(need.Id, null, row?.Id ?? "", 0, row?.Length ?? need.Length, row?.Width ?? need.LeastThickness, row?.Thickness ?? need.LeastThickness) { Missing = row is null }, need.Count)];
            return;
        }

        var taken = best.Sticks.Take(need.Count).ToList();
        Put(best.Lot, need.Id, taken.GroupBy(s => s.Unit).Select(u => best.Lot.As<ISticks>() is null ? new Taken(u.Key) : new(u.Key, Sticks: [.. u.Select(s => s.Stick).Order()])));
        pieces[need.Id] = [.. taken.Select(s => Stick(need, best.Lot, s.Unit, s.Length))];
        // A pipe or rod is cut where it is used, and nothing is taken apart for it.
        if (best.Lot.As<ISticks>() is not null || best.Lot.Form is Form.Pipe or Form.Rod) return;
        // Rungs, legs and the like come of something taken apart: that is work, and a step of its own.
        var units = taken.Select(s => s.Unit).Distinct().Count();
        takingApart += best.Lot.Way.Minutes * units;
        if (!best.Lot.AsItIs) takenApart.Add((best.Lot.Of, best.Lot.Way, units));
    }

    /// <summary>A stick of a bundle is as wide as its butt and no thicker than where it is cut off.</summary>
    private static Piece Stick(SticksNeeded need, Lot lot, int unit, double length)
    {
        var (wide, thin) = lot.As<ISticks>() is { } s ? (s.Butt, s.ThicknessAt(need.Length, length)) : (lot.Thin, lot.Thin);
        return new(need.Id, lot.Of, lot.Way.Id, unit, length, wide, thin);
    }

    /// <summary>Sticks of a lot that do, the shortest first: of one this cast has taken nothing of, as the room knows them.</summary>
    private IReadOnlyList<LooseStick> Sticks(Lot lot, SticksNeeded need)
        => left.TryGetValue(lot.ThingId, out var rest) ? LooseStick.Of(lot, rest, need.Length, need.LeastThickness) : room.Sticks.GetOrAdd((lot, need.Length, need.LeastThickness), key => LooseStick.Of(key.Lot, key.Lot.Of.Left, key.Length, key.Thickness));

    /// <summary>The end of line that is just long enough; where none is, whole ones joined.</summary>
    private void TakeRun(RunNeeded need)
    {
        var ends =
            from l in room.For(need.Role, grown)
            let lot = l.Lot
            where lot.As<ILine>() is { } line && line.Diameter >= need.LeastDiameter - 1e-9 && line.Diameter <= need.GreatestDiameter + 1e-9 && May(need, lot, l.Why)
            from unit in Left(lot.Of)
            where unit.Length > 0
            select (Lot: lot, Unit: unit);
        var all = ends.OrderBy(e => e.Unit.Length).ThenBy(e => e.Lot.Of.Thing.Number).ToList();
        if (all.Find(e => e.Unit.Length >= need.Length - 1e-9) is { Lot: { } one } found)
        {
            Put(one, need.Id, found.Unit.Part(need.Length));
            return;
        }

        foreach (var batch in all.GroupBy(e => e.Lot.ThingId).Select(g => g.ToList()).Where(b => b.Sum(e => e.Unit.Length) >= need.Length - 1e-9).Take(1))
        {
            var wanted = need.Length;
            foreach (var (lot, unit) in batch.AsEnumerable().Reverse())
            {
                if (wanted <= 1e-9) break;
                Put(lot, need.Id, unit.Part(wanted));
                wanted -= Math.Min(wanted, unit.Length);
            }

            return;
        }

        Buy(need, need.Length);
    }

    /// <summary>The cloth that the cover is cut of with the least of it used up.</summary>
    private void TakeCover(CoverNeeded need)
    {
        var fit =
            from l in room.For(need.Role, grown).DistinctBy(l => l.Lot.ThingId)
            let lot = l.Lot
            where lot.As<ISheeting>() is not null
            let cut = Covering.From(need, Left(lot.Of))
            where cut is not null && May(need, lot, l.Why)
            let size = lot.As<ISheeting>()!
            orderby cut.Sum(t => t.Whole ? size.Length * size.Width : t.Amount!.Value * (t.Across ? size.Length : size.Width))
            select (Lot: lot, Cut: cut);
        if (fit.FirstOrDefault() is { Lot: { } lot2 } best)
        {
            foreach (var taken in best.Cut) Put(lot2, need.Id, taken);
            // How worn the cloth is decides how long it lasts.
            pieces[need.Id] = [.. best.Cut.Select(t => new Piece(need.Id, lot2.Of, lot2.Way.Id, t.Unit, lot2.Length, lot2.Width, lot2.Thickness))];
        }
        else
        {
            Buy(need, need.Amount);
        }
    }

    /// <summary>What of the piles is fit for it, each kind up to the part of the whole it may make; the rest is bought.</summary>
    private void TakeFill(FillNeeded need)
    {
        var wanted = need.Volume;
        foreach (var (kind, share) in need.Shares)
        {
            var space = need.Volume * share;
            foreach (var lot in room.Lots(Form.Fill).Where(l => l.Of.Thing.Kind.Id == kind))
            {
                foreach (var unit in Left(lot.Of).ToList())
                {
                    if (space <= 1e-6 || !May(need, lot, need.Role.Refuses(lot, grown))) break;
                    var take = Math.Min(space, unit.Volume);
                    Put(lot, need.Id, unit.Part(take));
                    (space, wanted) = (space - take, wanted - take);
                }
            }
        }

        if (wanted > 1e-6) Buy(need, wanted);
    }

    private bool May(Need need, Lot lot, Words.Sentence? why)
    {
        if (Left(lot.Of).Count == 0) return false;
        if (why is null) return true;
        passedOver.TryAdd(need.Id, new(need.Name, lot.ThingId, lot.Of.Thing.Name, why));
        return false;
    }
}
