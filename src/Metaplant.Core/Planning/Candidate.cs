using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Planning;

/// <summary>A project that a plan may hold: one fit for one crop, with what it gives, costs and takes.</summary>
/// <param name="Given">By want, how many of it.</param>
/// <param name="Cost">Its <see cref="PlanCost"/>, what it leaves unmet aside.</param>
/// <param name="Hours">Working hours.</param>
/// <param name="Length">Of boards cut into, m.</param>
/// <param name="Takes">By thing, its <see cref="Share"/>.</param>
/// <param name="Firm">Of these, what is taken for parts that nothing bought would do for.</param>
/// <param name="Spots">Which of the spots it has room on; empty where none are asked.</param>
/// <param name="From">The heap it was cast from.</param>
public sealed record Candidate(Heap From, Fit Fit, IReadOnlyList<long> Given, long Cost, double Money, double Hours, double Length, IReadOnlyDictionary<int, long> Takes, IReadOnlyDictionary<int, long> Firm, IReadOnlyList<int> Spots)
{
    /// <summary>Sizes beside the largest that are tried of each lead.</summary>
    private const int OtherSizes = 3;

    private Once<string> name;

    /// <summary>What tells it from others: design, lead, settings and crop; the same whatever it is cast from.</summary>
    public string Name => name.Of(this, static c => $"{c.Fit.Design.Id}|{c.Fit.Lead.Key}|{string.Join(',', c.Fit.Set.Values.OrderBy(v => v.Key, StringComparer.Ordinal).Select(v => v.Value.ToString("R", System.Globalization.CultureInfo.InvariantCulture)))}|{c.Fit.Set.Brief.Crop?.Id}");

    /// <summary>A fit weighed against what is wanted.</summary>
    public static Candidate Of(Fit fit, IReadOnlyList<Want> wants, Wants asked, Heap heap)
    {
        double hours = fit.Hours(fit.Set.Brief), length = fit.Cast.Cuts.Bars.Sum(b => b.Bar.Length);
        return new(heap, fit, [.. wants.Select(w => w.Given(fit))], PlanCost.OfProject(fit.Cast.Cost, hours, length), fit.Cast.Cost, hours, length, Share.Of(fit.Cast.Takes, heap), Share.Of(FirmOf(fit), heap), asked.Spots is null ? [] : Room(fit, asked.Spots));
    }

    private static IEnumerable<Take> FirmOf(Fit fit)
    {
        var notBought = fit.Cast.Asked.Where(n => n.Role.Buy is null).Select(n => n.Id).ToHashSet(StringComparer.Ordinal);
        return fit.Cast.Takes.Where(t => notBought.Contains(t.NeedId));
    }

    /// <summary>Everything of one design that a heap gives and that does something for what is wanted: of each lead the largest and some sizes below it, without a crop and with each that is wanted.</summary>
    public static IReadOnlyList<Candidate> All(Design design, Heap heap, Wants asked, IReadOnlyList<Want> wants, CancellationToken cancel)
    {
        var room = Stockroom.Of(heap);
        var brief = asked.Brief with { Crop = null };
        var found = new List<Candidate>();
        IReadOnlyList<Fit> fits = Fits(brief, Aim.MostSoil);
        // What holds no soil is worth most to a crop that climbs it where most plants do.
        if (fits.Any(f => f.Blueprint.Climbing is not null)) fits = [.. fits, .. asked.Supports.SelectMany(s => Fits(brief with { Crop = s.Crop }, Aim.MostPlants))];
        foreach (var fit in fits)
        {
            List<Fit> sizes = [fit, .. Smaller(fit, room, cancel)];
            foreach (var size in sizes)
            {
                foreach (var crop in (IEnumerable<Crop?>)[null, .. asked.Wanted])
                {
                    cancel.ThrowIfCancellationRequested();
                    if (crop is not null && size.Assessment.Grow.Crops.All(c => c.Crop.Id != crop.Id || c.Count == 0)) continue;
                    if ((crop is null ? size : Again(size, size.Set.Values, brief with { Crop = crop }, room)) is { Good: true } good && Of(good, wants, asked, heap) is var candidate && candidate.Given.Any(g => g > 0)) found.Add(candidate);
                }
            }
        }

        return [.. found.DistinctBy(c => c.Name)];

        IReadOnlyList<Fit> Fits(Brief of, Aim aim) => Matcher.Match(design, heap, of, aim, cancel: cancel) is { Standing: Matching.Standing.WillDo, Best: { } best } match ? [best, .. match.Others] : [];
    }

    /// <summary>The same project from what another heap gives; null where it cannot be made of it, or gives less than it gave.</summary>
    public Candidate? On(Heap heap, IReadOnlyList<Want> wants, Wants asked)
    {
        var room = Stockroom.Of(heap);
        if (Leads.Of(Fit.Design, room).Found.FirstOrDefault(l => l.Key == Fit.Lead.Key) is not { } lead) return null;
        if (Draft.Of(Fit.Design, Chosen.Snap(Fit.Design, lead, Fit.Set.Brief, Fit.Set.Values), room) is not { Ok: true, Value: var draft }) return null;
        if (draft.Cast.Short.Count > 0 || Matching.Fit.Of(draft, room) is not { Good: true } fit) return null;
        var again = Of(fit, wants, asked, heap);
        return again.Given.Zip(Given).All(g => g.First >= g.Second) ? again : null;
    }

    private static IEnumerable<Fit> Smaller(Fit fit, Stockroom room, CancellationToken cancel)
    {
        var settings = fit.Design.Settings(fit.Lead);
        foreach (var setting in settings.Where(s => s.Sizes.Count > 1))
        {
            List<double> below = [.. setting.Sizes.Where(v => v < fit.Set[setting.Id] - 1e-9).Order()];
            foreach (var value in Enumerable.Range(0, Math.Min(OtherSizes, below.Count)).Select(i => below[i * (below.Count - 1) / Math.Max(1, Math.Min(OtherSizes, below.Count) - 1)]).Distinct())
            {
                cancel.ThrowIfCancellationRequested();
                if (Again(fit, new Dictionary<string, double>(fit.Set.Values, StringComparer.Ordinal) { [setting.Id] = value }, fit.Set.Brief, room) is { } smaller) yield return smaller;
            }
        }
    }

    private static Fit? Again(Fit fit, IReadOnlyDictionary<string, double> values, Brief brief, Stockroom room)
        => Solver.Least(fit.Design, new Chosen(fit.Lead, values, brief), room) is { Cast.Short.Count: 0 } draft && Matching.Fit.Of(draft, room) is { Good: true } good ? good : null;

    private static IReadOnlyList<int> Room(Fit fit, IReadOnlyList<Spot> spots)
    {
        var size = fit.Blueprint.Scene().Extent.Size;
        double longer = Math.Max(size.X, size.Y), shorter = Math.Min(size.X, size.Y);
        return [.. spots.Index().Where(s => longer <= Math.Max(s.Item.Length, s.Item.Width) + 1e-9 && shorter <= Math.Min(s.Item.Length, s.Item.Width) + 1e-9).Select(s => s.Index)];
    }
}
