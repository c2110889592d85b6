using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A bundle of sticks, m.</summary>
public sealed record BundleMeasures(int Sticks, double Shortest, double Longest, double Butt, double Tip) : Measures, ISticks
{
    public override Bulk? Bulk => new(Longest, Math.Ceiling(Math.Sqrt(Sticks)) * Butt, Math.Ceiling(Math.Sqrt(Sticks)) * Butt);

    public IReadOnlyList<double> Lengths { get; init; } = [];
}

/// <summary>What bundles share: counted, spread between a shortest and a longest, thick end and thin end.</summary>
public abstract class BundleKind(string id, string name, int sticks, double shortest, double longest, double butt, double tip, IReadOnlyList<Substance> substances) : ListedKind<BundleMeasures>(
    id, name, "Sticks",
    [
        Field.Count("sticks", "Sticks in the bundle", 1, 500, sticks, "Count them"),
        Field.Length("shortest", "Shortest", .2, 8, shortest, "The shortest one, end to end"),
        Field.Length("longest", "Longest", .2, 8, longest, "The longest one, end to end"),
        Field.Length("butt", "Thickness at the butt", .003, .15, butt, "A middling one, at its thick end", quick: false),
        Field.Length("tip", "Thickness at the tip", .002, .15, tip, "The same one, at its thin end", quick: false),
    ],
    substances, [.. Signs.Sticks])
{
    /// <summary>The lowest support that stands by itself, m: what is shorter is brush.</summary>
    private const double LeastToStand = .6;

    protected override void Cross(MeasureReader r)
    {
        r.Refuse(r["shortest"] > r["longest"], "shortest", "The shortest cannot be longer than the longest.");
        r.Refuse(r["tip"] > r["butt"], "tip", "The tip cannot be thicker than the butt.");
    }

    protected override BundleMeasures Make(MeasureReader r) => new(r.Whole("sticks"), r["shortest"], r["longest"], r["butt"], r["tip"]);

    protected override View Draw(BundleMeasures m)
    {
        var shown = Sticks(m, .09).ToList();
        var right = shown.Max(p => p.Points.Max(q => q.X));
        return new("measure", "Stood in order of length", [.. shown, View.GroundLine(0, right)],
        [
            new(new(0, 0), new(0, m.Longest), .12, m.Longest, "longest"),
            new(new(right, m.Shortest), new(right, 0), .12, m.Shortest, "shortest"),
            new(new(.045 + m.Butt / 2, 0), new(.045 - m.Butt / 2, 0), .10, m.Butt, "butt"),
            new(new(.045 - m.Tip / 2, m.Longest), new(.045 + m.Tip / 2, m.Longest), .08, m.Tip, "tip"),
        ]);
    }

    protected override IReadOnlyList<Shape> Silhouette(BundleMeasures m) => [.. Sticks(m, .05)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, BundleMeasures m)
    {
        var standing = ((ISticks)m).CountOver(LeastToStand);
        var frame = m.Butt >= .018;
        return
        [
            frame
                ? new("frame", "Sticks to stand", [new(Form.Pole, "Stick", standing, standing, m.Longest, m.Butt, m.Butt)], 1.5 * m.Sticks, ["Pruning saw", "Knife"], $"Those over {Amount.Length(LeastToStand)}, trimmed of side shoots; thick end down.")
                : new("weave", "Rods to weave", [new(Form.Twig, "Rod", m.Sticks, m.Sticks * .9, m.Longest, m.Butt, m.Butt)], 1.0 * m.Sticks, ["Pruning knife"], "Green ones weave at once, dry ones soak first."),
        ];
    }

    private static IEnumerable<Polygon> Sticks(BundleMeasures m, double step)
    {
        var shown = Math.Min(m.Sticks, 9);
        for (var i = 0; i < shown; i++)
        {
            var length = shown == 1 ? m.Longest : m.Longest - (m.Longest - m.Shortest) * i / (shown - 1);
            double x = step * (i + .5), lean = .02 * ((i * 37 % 5) - 2);
            yield return new([new(x - m.Butt / 2, 0), new(x + m.Butt / 2, 0), new(x + lean + m.Tip / 2, length * .55), new(x + m.Tip / 2, length), new(x - m.Tip / 2, length), new(x + lean - m.Tip / 2, length * .55)], Ink.Stick);
        }
    }
}

public sealed class Bundle() : BundleKind("branches", "Bundle of branches", 20, 1.6, 2.4, .028, .010, [Substance.DryWood, Substance.GreenWood]);

public sealed class Canes() : BundleKind("canes", "Canes", 12, 1.8, 1.8, .014, .010, [Substance.Bamboo, Substance.DryWood]);

public sealed class Rods() : BundleKind("rods", "Bundle of rods", 30, 1.4, 2.2, .014, .005, [Substance.GreenWood, Substance.DryWood]);

public sealed class Twigs() : BundleKind("twigs", "Bundle of twigs", 40, .6, 1.2, .008, .002, [Substance.DryWood, Substance.GreenWood]);
