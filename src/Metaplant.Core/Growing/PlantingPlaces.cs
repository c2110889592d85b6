using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Growing;

/// <summary>All that a planter offers to plant: its bays and its pockets. Plants of all of them count together.</summary>
/// <param name="Bays">Each with the bay it is of, which knows where it lies on the plan.</param>
public sealed record PlantingPlaces(IReadOnlyList<(PlantingArea Area, Bay Of)> Bays, IReadOnlyList<Pocket> Pockets)
{
    private const double Slack = 1e-9;

    private Once<IReadOnlyList<PlantingArea>> unlike;

    /// <summary>Bays that differ: of a dozen pots alike there is one.</summary>
    private IReadOnlyList<PlantingArea> Unlike => unlike.Of(this, static all => [.. all.Bays.Select(b => b.Area).Distinct()]);

    /// <summary>The places of a blueprint, with the wet layer at the foot taken off the depth of every bay.</summary>
    public static PlantingPlaces Of(Blueprint blueprint, double wetLayer)
        => new([.. blueprint.Bays.Select(b => (new PlantingArea(b.Planting, Math.Max(0, b.Depth - wetLayer), b.Volume * 1000 - BehindOpenings(blueprint)), b))], blueprint.Pockets);

    /// <summary>Litres of each bay that lie behind openings and feed what grows out of them.</summary>
    internal static double BehindOpenings(Blueprint blueprint) => blueprint.Pockets.Sum(p => p.Litres) / blueprint.Bays.Count;

    /// <summary>Why not even one plant of a crop goes anywhere, the reason of the first bay; null when one does.</summary>
    public Sentence? WhyNot(Crop crop, bool foodAllowed)
    {
        if (crop.Edible && !foodAllowed) return "What it is made of is for ornamentals only.";
        Sentence? first = null;
        foreach (var area in Unlike)
        {
            if (PlantsThatFit.WhyNot(area, crop, foodAllowed) is not { } why) return null;
            first ??= why;
        }

        return InPockets(crop) > 0 ? null : first;
    }

    /// <summary>How many of a crop in all bays and pockets, with where they stand on the plan.</summary>
    public CropFit Work(Crop crop, bool foodAllowed)
    {
        if (WhyNot(crop, foodAllowed) is { } why) return new(crop, 0, new(LatticePattern.Square, []), "", why);
        var each = Unlike.ToDictionary(a => a, a => PlantsThatFit.Work(a, crop, foodAllowed));
        List<(CropFit Fit, Bay Of)> fits = [.. Bays.Select(b => (each[b.Area], b.Of))];
        var inPockets = InPockets(crop);
        return new(crop, fits.Sum(f => f.Fit.Count) + inPockets, new(fits[0].Fit.Layout.Pattern, [.. fits.SelectMany(f => f.Fit.Layout.Positions.Select(f.Of.OnPlan))]), fits.Exists(f => f.Fit.Limit == "soil") ? "soil" : "room", null);
    }

    /// <summary>Pockets that take one, no two nearer to each other than its spacing. A crop that stands in a block, or is wider than the pocket lets it out, goes in none.</summary>
    private int InPockets(Crop crop)
    {
        if (crop.LeastBlock > 1) return 0;
        var taken = new List<Pocket>();
        foreach (var p in Pockets.Where(p => p.Depth >= crop.LeastDepth - Slack && p.Litres >= crop.LeastLitres - Slack))
        {
            if (taken.All(t => (t.At - p.At).Length >= Math.Min(crop.Spacing, crop.RowSpacing) - Slack)) taken.Add(p);
        }

        return taken.Count;
    }
}
