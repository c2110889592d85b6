using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Planning;

/// <summary>So many plants of a crop.</summary>
public sealed record CropWant(Crop Crop, int Plants);

/// <summary>A thing of which nothing that is free shall be left over, by a day where one is said.</summary>
public sealed record UseUp(int ThingId, DateOnly? By);

/// <summary>A level place that is free for one planter, m.</summary>
public sealed record Spot(string Name, double Length, double Width);

/// <summary>What a gardener wants of the whole heap, and what may be spent on it.</summary>
/// <param name="Brief">What all of it is for and where it stands; its crop does not count.</param>
/// <param name="Crops">To be planted in soil.</param>
/// <param name="Litres">Of soil in all planters together; 0 where nothing is asked.</param>
/// <param name="Supports">To be given something to climb.</param>
/// <param name="MostMoney">In the garden's currency; null where it limits nothing.</param>
/// <param name="Spots">Each for one planter; null where there is room enough.</param>
public sealed record Wants(
    Brief Brief, IReadOnlyList<CropWant> Crops, double Litres, IReadOnlyList<CropWant> Supports, double? MostMoney, double? MostHours, IReadOnlyList<UseUp> UseUp, IReadOnlyList<Spot>? Spots)
{
    /// <summary>More of one kind of want is not planned for at once.</summary>
    public const int Most = 20;

    private const int MostPlants = 10_000;
    private const double MostLitres = 100_000;

    /// <summary>What no wants can be, each at its field.</summary>
    public IEnumerable<Problem> Problems(Heap heap)
    {
        foreach (var (field, crops) in (IEnumerable<(string, IReadOnlyList<CropWant>)>)[("crops", Crops), ("supports", Supports)])
        {
            if (crops.Count > Most) yield return new(field, $"No more than {Most} at once.");
            foreach (var (i, _) in crops.Index().Where(c => c.Item.Plants is < 1 or > MostPlants)) yield return new($"{field}[{i}].plants", $"From 1 to {MostPlants}.");
        }

        foreach (var (i, c) in Supports.Index().Where(c => c.Item.Crop.Climbing == Climbing.None)) yield return new($"supports[{i}].crop", $"{c.Crop.Plural} do not climb.");
        if (!(Litres is >= 0 and <= MostLitres)) yield return new("litres", $"Between nothing and {new Amount(MostLitres / 1000, Unit.CubicMetre)}.");
        if (MostMoney is { } money && !(money is >= 0 and <= PlanCost.MostMoney)) yield return new("mostMoney", "Not less than nothing, and no fortune.");
        if (MostHours is { } hours && !(hours is >= 0 and <= PlanCost.MostHours)) yield return new("mostHours", "Not less than nothing, and no more than a year of weekends.");
        if (UseUp.Count > Most) yield return new("useUp", $"No more than {Most} at once.");
        foreach (var (i, u) in UseUp.Index())
        {
            if (heap.Find(u.ThingId) is not { Usable: true }) yield return new($"useUp[{i}].thing", "Nothing of that is free on the heap.");
        }

        foreach (var p in SpotProblems()) yield return p;
        if (Crops.Count == 0 && Supports.Count == 0 && UseUp.Count == 0 && Litres == 0) yield return new("wants", "Say what is wanted: plants, litres, supports, or what is to be used up.");
    }

    private IEnumerable<Problem> SpotProblems()
    {
        if (Spots is null) yield break;
        if (Spots.Count > Most) yield return new("spots", $"No more than {Most} at once.");
        foreach (var (i, s) in Spots.Index())
        {
            if (!(s.Length is > 0 and <= 100)) yield return new($"spots[{i}].length", "More than nothing and no field.");
            if (!(s.Width is > 0 and <= 100)) yield return new($"spots[{i}].width", "More than nothing and no field.");
        }
    }

    /// <summary>All that is wanted, one after another.</summary>
    public IReadOnlyList<Want> All(Heap heap) =>
    [
        .. Crops.Select(c => new Want($"{new Count(c.Plants, c.Crop.One, c.Crop.Plural)}", c.Plants, f => f.Blueprint.Climbing is null && f.Set.Brief.Crop?.Id == c.Crop.Id ? f.Assessment.Grow.Chosen?.Count ?? 0 : 0)),
        .. Litres > 0 ? [new Want($"{new Amount(Litres / 1000, Unit.CubicMetre)} of soil", (long)Math.Ceiling(Litres - 1e-9), f => (long)Math.Floor(f.Blueprint.Soil * 1000 + 1e-9))] : (Want[])[],
        .. Supports.Select(c => new Want($"{new Count(c.Plants, c.Crop.One, c.Crop.Plural)} with something to climb", c.Plants, f => f.Blueprint.Climbing is not null && f.Set.Brief.Crop?.Id == c.Crop.Id ? f.Assessment.Grow.Chosen?.Count ?? 0 : 0)),
        .. UseUp.Select(u => heap.Find(u.ThingId)!).Select(t => new Want($"{t.Thing.Name} used up", Share.Free(t), f => Share.Of(f.Cast.Takes, heap).GetValueOrDefault(t.Thing.Id))),
    ];

    /// <summary>Crops that planters or supports are to be worked out for.</summary>
    internal IReadOnlyList<Crop> Wanted => [.. Crops.Concat(Supports).Select(c => c.Crop).DistinctBy(c => c.Id)];
}

/// <summary>One thing wanted, so many of it, and how many of it a fit gives.</summary>
/// <param name="Needed">In its own whole measure: plants, litres, or the share of a thing; at least 1.</param>
public sealed record Want(Sentence Words, long Needed, Func<Matching.Fit, long> Given);
