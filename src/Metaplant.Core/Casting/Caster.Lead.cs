using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Casting;

/// <content>What only the lead can fill: whole things, sections, sheets, rolls, panels.</content>
public sealed partial class Caster
{
    private void TakeLead(Need need)
    {
        switch (need)
        {
            case WholeNeeded n: TakeWhole(n); break;
            case SectionsNeeded n: TakeSections(n); break;
            case PanelsNeeded n: TakePanels(n); break;
            case SheetsNeeded n: TakeSheets(n); break;
            case RollNeeded n: TakeRolls(n); break;
            case SticksNeeded { Alike: true } n when lead is not null: TakeSticks(n, lead.Lots.Select(l => (l, (Words.Sentence?)null))); break;
        }
    }

    private void TakeWhole(WholeNeeded need)
    {
        var got = new List<Piece>();
        foreach (var lot in lead!.Lots)
        {
            var units = Free(lot.Of).Take(need.Count - got.Count).ToList();
            if (units.Count == 0) continue;
            got.AddRange(units.Select(u => new Piece(need.Id, lot.Of, lot.Way.Id, u, lot.Length, lot.Width, lot.Thickness)));
            Put(lot, need.Id, units.Select(u => new Taken(u)));
        }

        if (got.Count < need.Count) Missing(need, need.Count - got.Count, new(need, need.Count - got.Count, lead.Main.Length, lead.Main.Width, 0));
        while (got.Count < need.Count) got.Add(new(need.Id, lead.Thing, lead.Main.Way.Id, 0, lead.Main.Length, lead.Main.Width, lead.Main.Thickness) { Missing = true });
        pieces[need.Id] = got;
    }

    /// <summary>Of what is large enough, so many of the smallest.</summary>
    private void TakeFound(FoundNeeded need)
    {
        var fit = room.For(need.Role, grown).Where(l => Math.Max(l.Lot.Length, l.Lot.Width) >= need.LeastLength - 1e-9 && Math.Min(l.Lot.Length, l.Lot.Width) >= need.LeastWidth - 1e-9 && FreeUnits(l.Lot.Of) >= need.Count).ToList();
        foreach (var (lot, why) in fit.Where(l => l.Why is not null)) passedOver.TryAdd(need.Id, new(need.Name, lot.ThingId, lot.Of.Thing.Name, why!));
        if (fit.Where(l => l.Why is null).Select(l => l.Lot).OrderBy(l => l.Length * l.Width).ThenBy(l => l.Of.Thing.Number).FirstOrDefault() is not { } best)
        {
            Missing(need, need.Count, new(need, need.Count, need.LeastLength, need.LeastWidth, 0));
            pieces[need.Id] = [.. Enumerable.Repeat(new Piece(need.Id, null, "", 0, need.LeastLength, need.LeastWidth, need.LeastWidth) { Missing = true }, need.Count)];
            return;
        }

        var units = Free(best.Of).Take(need.Count).ToList();
        Put(best, need.Id, units.Select(u => new Taken(u)));
        pieces[need.Id] = [.. units.Select(u => new Piece(need.Id, best.Of, best.Way.Id, u, best.Length, best.Width, best.Thickness))];
    }

    /// <summary>Pallets one after another until the sections are enough; the last is sawn only as far as needed.</summary>
    private void TakeSections(SectionsNeeded need)
    {
        var got = new List<Piece>();
        PalletMeasures? any = null;
        foreach (var lot in lead!.Lots)
        {
            var m = lot.As<PalletMeasures>()!;
            any ??= m;
            var starts = m.Sections(need.Slats, lot.Of.Thing.Faults);
            if (starts.Count == 0) continue;
            foreach (var unit in Free(lot.Of).ToList())
            {
                if (got.Count >= need.Count) break;
                List<int> sawn = [.. starts.Take(need.Count - got.Count)];
                sectionCuts.Add(new(lot.ThingId, unit, sawn, need.Slats));
                got.AddRange(sawn.Select(_ => new Piece(need.Id, lot.Of, $"sections-{need.Slats}", unit, m.SlatLength, m.SectionHeight(need.Slats), m.Thickness)));
                takes.Add(new(lot.ThingId, need.Id, $"sections-{need.Slats}", new(unit)));
                Left(lot.Of).RemoveAll(u => u.Unit == unit);
            }
        }

        var more = need.Count - got.Count;
        if (more > 0)
        {
            Missing(need, more, new(need, more, any!.SlatLength, any.SectionHeight(need.Slats), any.Thickness));
            got.AddRange(Enumerable.Repeat(new Piece(need.Id, lead.Thing, "", 0, any.SlatLength, any.SectionHeight(need.Slats), any.Thickness) { Missing = true }, more));
        }

        pieces[need.Id] = got;
    }

    private void TakeSheets(SheetsNeeded need)
    {
        var m = lead!.Main.As<RoofingMeasures>()!;
        var strips = need.Runs.Sum(r => need.StripsFor(r, m.Width));
        var got = new List<Piece>();
        foreach (var lot in lead.Lots)
        {
            var each = (int)Math.Floor((lot.Length + CutPlan.Kerf) / (need.Height + CutPlan.Kerf) + 1e-9);
            if (each == 0) continue;
            foreach (var unit in Free(lot.Of).ToList())
            {
                if (got.Count >= strips) break;
                got.AddRange(Enumerable.Range(0, Math.Min(each, strips - got.Count)).Select(_ => new Piece(need.Id, lot.Of, lot.Way.Id, unit, need.Height, m.Width, m.ProfileDepth)));
                Put(lot, need.Id, new Taken(unit));
            }
        }

        if (strips - got.Count is > 0 and var more)
        {
            Missing(need, more * (m.Width - need.Lap), new(need, more, need.Height, m.Width, 0));
            got.AddRange(Enumerable.Repeat(new Piece(need.Id, lead.Thing, "", 0, need.Height, m.Width, m.ProfileDepth) { Missing = true }, more));
        }

        pieces[need.Id] = got;
    }

    /// <summary>Rolls one after another, the rest of one that was opened before first; of the last only so much as is wanted.</summary>
    private void TakeRolls(RollNeeded need)
    {
        var got = new List<Piece>();
        foreach (var lot in lead!.Lots)
        {
            foreach (var unit in Left(lot.Of).OrderBy(u => u.Untouched).ToList())
            {
                if (Math.Min(need.Count - got.Count, need.From(unit.Length, unit.Width)) is not (> 0 and var some)) continue;
                got.AddRange(Enumerable.Range(0, some).Select(_ => new Piece(need.Id, lot.Of, lot.Way.Id, unit.Unit, need.Length, need.Width, lot.Thickness)));
                Put(lot, need.Id, unit.Part(need.Length * Math.Ceiling((double)some / need.Beside(unit.Width))));
            }
        }

        if (need.Count - got.Count is > 0 and var more)
        {
            Missing(need, more, new(need, more, need.Length, need.Width, 0));
            got.AddRange(Enumerable.Repeat(new Piece(need.Id, lead.Thing, "", 0, need.Length, need.Width, lead.Main.Thickness) { Missing = true }, more));
        }

        pieces[need.Id] = got;
    }

    private void TakePanels(PanelsNeeded need)
    {
        var lots = lead!.Lots.Where(l => BoardsFrom(l, need.Height) > 0).ToList();
        var widths = lots.ConvertAll(l => new BoardWidth(l.Wide, Free(l.Of).Count() * l.FromEach * BoardsFrom(l, need.Height)));
        var thin = lead.Lots.Min(l => l.Thin);
        var chosen = room.Panels.GetOrAdd(
            $"{string.Join(' ', need.Widths)}|{string.Join(' ', widths.Select(w => $"{w.Width}x{w.Count}"))}|{need.LeastStrip}|{need.LeastEnd}", _ => PanelChoice.Choose(need.Widths, widths, need.LeastStrip, need.LeastEnd));
        if (chosen is null)
        {
            // What lacks is found by solving back: the fewest, and of these the narrowest. While nobody looks an estimate does.
            var lacks = Math.Max(need.LeastStrip, need.Amount - widths.Sum(w => w.Width * w.Count));
            var (more, wide) = effort == Effort.Quick ? ((int)Math.Ceiling(lacks / .1), .1) : Enumerable.Range(1, 80).Select(n => (n, PanelChoice.LeastMore(need.Widths, widths, need.LeastStrip, need.LeastEnd, n))).FirstOrDefault(x => x.Item2 is not null);
            Missing(need, lacks, new(need, Math.Max(1, more), CutPlan.Untrimmed(need.Height), wide ?? need.LeastStrip, thin));
            var usual = widths.Select(w => w.Width).DefaultIfEmpty(Math.Max(need.LeastEnd, need.LeastStrip)).Max();
            panels[need.Id] = [.. need.Widths.Select(w => new Panel(w, [.. Enumerable.Repeat(new Piece(need.Id, lead.Thing, "", 0, need.Height, usual, thin) { Missing = true }, (int)Math.Ceiling(w / usual - 1e-9))], null))];
            pieces[need.Id] = [.. panels[need.Id].SelectMany(p => p.Boards)];
            return;
        }

        var given = lots.ConvertAll(l => new Queue<Piece>(Cut(need, l, chosen.Sum(p => p.Counts[lots.IndexOf(l)]))));
        panels[need.Id] =
        [
            .. chosen.Select((p, i) =>
            {
                List<Piece> boards = [.. p.Counts.SelectMany((n, c) => Enumerable.Range(0, n).Select(_ => given[c].Dequeue()))];
                var ripped = p.RippedClass is { } c ? boards.FindIndex(b => Math.Abs(b.Wide - lots[c].Wide) < 1e-9) : -1;
                var stand = PanelChoice.Stand([.. boards.Select((b, k) => k == ripped ? p.RippedTo : b.Wide)]);
                return new Panel(need.Widths[i], [.. stand.Select(k => boards[k])], ripped < 0 ? null : (stand.ToList().IndexOf(ripped), p.RippedTo));
            }),
        ];
        pieces[need.Id] = [.. panels[need.Id].SelectMany(p => p.Boards)];
    }

    private static int BoardsFrom(Lot lot, double length) => SawnSearch.Sound(lot).Sum(s => (int)Math.Floor((s.To - s.From + CutPlan.Kerf) / (length + CutPlan.Kerf) + 1e-9));

    /// <summary>Opens bars of a lot and cuts so many pieces of the height of the panel out of them; what is left of the bars goes into the plan of all.</summary>
    private IEnumerable<Piece> Cut(PanelsNeeded need, Lot lot, int count)
    {
        if (count == 0) return [];
        var free = Free(lot.Of).ToList();
        var stock = stocks.Count;
        stocks.Add(new(lot, free.Count));
        var cut = new List<Piece>();
        for (var b = 0; cut.Count < count; b++)
        {
            var bar = new SawnBar(stock, SawnSearch.Sound(lot));
            for (var s = 0; s < bar.Free.Count; s++)
            {
                while (cut.Count < count && bar.Free[s].To - bar.Free[s].From >= need.Height - 1e-9)
                {
                    var from = bar.Free[s].From;
                    bar.Cuts.Add(new(need.Id, from, from + need.Height));
                    bar.Free[s] = new(Math.Min(bar.Free[s].To, from + need.Height + CutPlan.Kerf), bar.Free[s].To);
                    cut.Add(new(need.Id, lot.Of, lot.Way.Id, free[b / lot.FromEach], need.Height, lot.Wide, lot.Thin));
                }
            }

            opened.Add(bar);
        }

        return cut;
    }
}
