using Metaplant.Core.Geometry;

namespace Metaplant.Core.Growing;

/// <summary>Somewhere to plant: an outline, the depth in m roots may use, and the litres beneath it.</summary>
public sealed record PlantingArea(Outline Outline, double UsableDepth, double Litres);

/// <summary>How many plants of one crop an area takes, and why not more or none.</summary>
/// <param name="WhyNot">A sentence when the count is zero; null otherwise.</param>
/// <param name="Limit">What set the count: "room" or "soil".</param>
public sealed record CropFit(Crop Crop, int Count, Layout Layout, string Limit, Sentence? WhyNot)
{
    /// <summary>What this crop asks of the place that nobody has told, as a sentence; null when nothing special is.</summary>
    public Sentence? NotKnown => (Sour, Here) switch
    {
        ({ } sour, { } here) => (Sentence)$"{sour} {here}",
        var (sour, here) => sour ?? here,
    };

    /// <summary>What is to be said of it at the spot it is for; null where there is nothing, or no spot.</summary>
    public Sentence? Here { get; init; }

    private Sentence? Sour => Crop.GreatestPh is { } ph ? (Sentence)$"It wants sour soil, pH {new Amount(ph, Sums.Unit.One)} at most; nobody has measured this." : null;
}

/// <summary>Counts plants in an area by spacing, volume and depth.</summary>
public static class PlantsThatFit
{
    private const double Slack = 1e-9;

    /// <summary>
    /// Centres within the outline inset by <paramref name="edgeMargin"/> m (default half the in-row spacing), by the best lattice. No layout at all when the inset leaves nothing.
    /// </summary>
    public static Layout Layout(Outline outline, double spacing, double rowSpacing, double? edgeMargin = null)
        => outline.InsetBy(edgeMargin ?? Math.Min(spacing, rowSpacing) / 2) is { } inside
            ? Lattice.Fill(inside, spacing, rowSpacing)
            : new Layout(LatticePattern.Square, []);

    /// <summary>Why not even one plant of a crop goes in, as a sentence; null when one does. Far quicker than <see cref="Work"/>, with the same answer.</summary>
    public static Sentence? WhyNot(PlantingArea area, Crop crop, bool foodAllowed)
    {
        if (crop.Edible && !foodAllowed) return "What it is made of is for ornamentals only.";
        if (area.UsableDepth < crop.LeastDepth - Slack) return $"{Amount.Length(area.UsableDepth)} to root in; it wants {Amount.Length(crop.LeastDepth)}.";
        if (BySoil(area, crop) == 0) return $"{Amount.Volume(area.Litres / 1000)} of soil; one wants {Amount.Volume(crop.LeastLitres / 1000)}.";
        var narrowest = Math.Min(area.Outline.Length, area.Outline.Width);
        if (narrowest < Math.Min(crop.Spacing / 2, Math.Min(crop.Spacing, crop.RowSpacing))) return $"Too narrow: one wants {Amount.Length(crop.Spacing)}.";
        return crop.LeastBlock > 1 && !IsBlock(Layout(area.Outline, crop.Spacing, crop.RowSpacing), BySoil(area, crop), crop) ? $"Wind pollinates it: it stands in a block of at least {crop.LeastBlock} by {crop.LeastBlock}, and there is not room or soil for one." : null;
    }

    /// <summary>True where a layout is a block and not a row: as many plants as the least block has, and as deep both ways.</summary>
    private static bool IsBlock(Layout layout, int bySoil, Crop crop)
    {
        var least = crop.LeastBlock;
        if (Math.Min(layout.Count, bySoil) < least * least) return false;
        double across = layout.Positions.Max(p => p.X) - layout.Positions.Min(p => p.X), up = layout.Positions.Max(p => p.Y) - layout.Positions.Min(p => p.Y);
        // Rows of an offset lattice stand closer than their plants, by the height of the triangle.
        return Math.Min(across, up) >= (least - 1) * Math.Min(crop.Spacing, crop.RowSpacing) * .86 - Slack;
    }

    /// <summary>The count by room, capped by one plant for each of its least litres, and zero with the reason when the depth or the use forbids it.</summary>
    public static CropFit Work(PlantingArea area, Crop crop, bool foodAllowed)
    {
        if (WhyNot(area, crop, foodAllowed) is { } why) return new(crop, 0, new(LatticePattern.Square, []), "", why);
        var layout = Layout(area.Outline, crop.Spacing, crop.RowSpacing);
        // Narrower than its margins, a place still takes one plant in its middle.
        if (layout.Count == 0) layout = new(LatticePattern.Square, [default]);
        var bySoil = BySoil(area, crop);
        return layout.Count <= bySoil
            ? new(crop, layout.Count, layout, "room", null)
            : new(crop, bySoil, new(layout.Pattern, Spread(layout.Positions, bySoil)), "soil", null);
    }

    private static int BySoil(PlantingArea area, Crop crop) => (int)Math.Min(int.MaxValue, Math.Floor(area.Litres / crop.LeastLitres + Slack));

    /// <summary>So many of the places, evenly taken, when the soil feeds fewer than there is room for.</summary>
    private static List<Point> Spread(IReadOnlyList<Point> places, int count)
        => [.. Enumerable.Range(0, count).Select(i => places[(int)((i + .5) * places.Count / count)])];
}
