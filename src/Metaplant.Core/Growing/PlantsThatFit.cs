using Metaplant.Core.Geometry;

namespace Metaplant.Core.Growing;

/// <summary>Somewhere to plant: an outline, the depth in m roots may use, and the litres beneath it.</summary>
public sealed record PlantingArea(Outline Outline, double UsableDepth, double Litres);

/// <summary>How many plants of one crop an area takes, and why not more or none.</summary>
/// <param name="WhyNot">A sentence when the count is zero; null otherwise.</param>
/// <param name="Limit">What set the count: "room" or "soil".</param>
public sealed record CropFit(Crop Crop, int Count, Layout Layout, string Limit, string? WhyNot);

/// <summary>Counts plants in an area by spacing, volume and depth.</summary>
public static class PlantsThatFit
{
    /// <summary>
    /// Centres within the outline inset by <paramref name="edgeMargin"/> m (default half the in-row spacing), by the best lattice. No layout at all when the inset leaves nothing.
    /// </summary>
    public static Layout Layout(Outline outline, double spacing, double rowSpacing, double? edgeMargin = null)
        => outline.InsetBy(edgeMargin ?? Math.Min(spacing, rowSpacing) / 2) is { } inside
            ? Lattice.Fill(inside, spacing, rowSpacing)
            : new Layout(LatticePattern.Square, []);

    /// <summary>The count by room, capped by one plant for each of its least litres, and zero with the reason when the depth or the use forbids it.</summary>
    public static CropFit Work(PlantingArea area, Crop crop, bool foodAllowed)
    {
        if (crop.Edible && !foodAllowed) return None("What it is made of is for ornamentals only.");
        if (area.UsableDepth < crop.LeastDepth - 1e-9) return None($"{area.UsableDepth * 1000:0} mm to root in; it wants {crop.LeastDepth * 1000:0} mm.");
        var bySoil = (int)Math.Floor(area.Litres / crop.LeastLitres + 1e-9);
        if (bySoil == 0) return None($"{area.Litres:0} litres of soil; one wants {crop.LeastLitres:0.#}.");
        var layout = Layout(area.Outline, crop.Spacing, crop.RowSpacing);
        if (layout.Count == 0 && Math.Min(area.Outline.Length, area.Outline.Width) >= crop.Spacing / 2) layout = new(LatticePattern.Square, [default]);
        if (layout.Count == 0) return None($"Too narrow: one wants {crop.Spacing * 1000:0} mm.");
        return layout.Count <= bySoil
            ? new(crop, layout.Count, layout, "room", null)
            : new(crop, bySoil, new(layout.Pattern, Spread(layout.Positions, bySoil)), "soil", null);

        CropFit None(string why) => new(crop, 0, new(LatticePattern.Square, []), "", why);
    }

    /// <summary>So many of the places, evenly taken, when the soil feeds fewer than there is room for.</summary>
    private static List<Point> Spread(IReadOnlyList<Point> places, int count)
        => [.. Enumerable.Range(0, count).Select(i => places[(int)((i + .5) * places.Count / count)])];
}
