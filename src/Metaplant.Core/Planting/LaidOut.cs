using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;

namespace Metaplant.Core.Planting;

/// <summary>So many of one crop that are to go in.</summary>
public sealed record Wanted(Crop Crop, int Count);

/// <summary>One plant where it stands on its bay, m from the middle.</summary>
public sealed record PlantAt(Crop Crop, Point At);

/// <summary>What found no place, and why.</summary>
public sealed record NoPlace(Crop Crop, int Count, Sentence Why);

/// <summary>Several crops on one bay, each plant in its place.</summary>
public sealed record LaidOut(IReadOnlyList<PlantAt> Plants, IReadOnlyList<NoPlace> Left)
{
    private const double Slack = 1e-9;

    /// <summary>How far two plants stand apart at least, m: half of what each wants.</summary>
    public static double Apart(Crop a, Crop b) => (a.Spacing + b.Spacing) / 2;

    /// <summary>
    /// In rows from one side of the outline to the other, the tallest first; <paramref name="tallAtTop"/> says whether they stand at the side of greater y, which is to be the one away from the noon sun. Within a row plants stand as far apart as they want, between rows of unlike ones half of what each wants, and from the edge half of it. What is too much for the room or for the soil is left, with the reason.
    /// </summary>
    public static LaidOut InRows(PlantingArea area, IReadOnlyList<Wanted> wanted, bool foodAllowed, bool tallAtTop = true)
    {
        var (plants, left, litres) = (new List<PlantAt>(), new List<NoPlace>(), area.Litres);
        (double Y, Crop Crop)? before = null;
        foreach (var (crop, count) in wanted.Where(w => w.Count > 0).OrderByDescending(w => w.Crop.Height).ThenBy(w => w.Crop.Id, StringComparer.Ordinal).Select(w => (w.Crop, w.Count)))
        {
            if (PlantsThatFit.WhyNot(area, crop, foodAllowed) is { } why)
            {
                left.Add(new(crop, count, why));
                continue;
            }

            var fed = (int)Math.Min(count, Math.Floor(litres / crop.LeastLitres + Slack));
            var row = Rows(area.Outline, crop, fed, before).ToList();
            plants.AddRange(row.Select(p => new PlantAt(crop, p)));
            if (row.Count > 0) before = (row[^1].Y, crop);
            litres -= row.Count * crop.LeastLitres;
            if (row.Count < count) left.Add(new(crop, count - row.Count, row.Count < fed ? "There is no room for more beside the others." : (Sentence)$"The soil that is left feeds no more: one wants {Amount.Volume(crop.LeastLitres / 1000)}."));
        }

        return new(tallAtTop ? plants : [.. plants.Select(p => p with { At = new(p.At.X, -p.At.Y) })], left);
    }

    /// <summary>Places of one crop from the top down, beginning below the row before.</summary>
    private static IEnumerable<Point> Rows(Outline outline, Crop crop, int count, (double Y, Crop Crop)? before)
    {
        // Narrower than its margins, a place still takes a row along its middle.
        var inside = outline.InsetBy(Math.Min(crop.Spacing, crop.RowSpacing) / 2);
        var top = inside is null ? 0 : inside.Width / 2;
        var y = before is { } row ? row.Y - Math.Max((row.Crop.RowSpacing + crop.RowSpacing) / 2, Apart(row.Crop, crop)) : top;
        y = Math.Min(y, top);
        for (; count > 0 && y >= -top - Slack; y -= Math.Max(crop.RowSpacing, crop.Spacing))
        {
            var half = inside?.HalfChordAt(y) ?? Math.Max(0, outline.HalfChordAt(0) - crop.Spacing / 2);
            if (half < 0) continue;
            var most = (int)Math.Floor(2 * half / crop.Spacing + Slack) + 1;
            var n = Math.Min(most, count);
            for (var i = 0; i < n; i++) yield return new((i - (n - 1) / 2.0) * crop.Spacing, y);
            count -= n;
        }
    }

    /// <summary>Pairs that stand nearer to each other than they may, by their numbers; for what a hand has moved. Only near ones are looked at, so that hundreds cost no more than they are.</summary>
    public static IReadOnlyList<(int One, int Other)> Clashes(IReadOnlyList<PlantAt> plants)
    {
        if (plants.Count == 0) return [];
        var cell = Math.Max(.02, plants.Max(p => p.Crop.Spacing));
        var cells = Enumerable.Range(0, plants.Count).ToLookup(i => Cell(plants[i].At));
        return
        [
            .. from i in Enumerable.Range(0, plants.Count)
               let c = Cell(plants[i].At)
               from dx in Enumerable.Range(-1, 3)
               from dy in Enumerable.Range(-1, 3)
               from j in cells[(c.X + dx, c.Y + dy)]
               where j > i && plants[i].At.DistanceTo(plants[j].At) < Apart(plants[i].Crop, plants[j].Crop) - Slack
               select (i, j),
        ];

        (int X, int Y) Cell(Point p) => ((int)Math.Floor(p.X / cell), (int)Math.Floor(p.Y / cell));
    }
}
