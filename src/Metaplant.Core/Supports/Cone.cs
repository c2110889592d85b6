namespace Metaplant.Core.Supports;

/// <summary>Cones of sticks: how long, how much line, and what the wind does. Lengths in m, forces in N.</summary>
public static class Cone
{
    /// <summary>Length of one stick: the slope from the ring to the tie, with what goes into the ground and stands above, all along the stick.</summary>
    public static double StickLength(double tieHeight, double baseRadius, double embed, double above)
        => (tieHeight + embed + above) * Math.Sqrt(tieHeight * tieHeight + baseRadius * baseRadius) / tieHeight;

    /// <summary>The highest that a ring lies, nine tenths of the tie.</summary>
    public static double HighestRing(double tieHeight) => .9 * tieHeight;

    /// <summary>Where the rings lie: evenly from the lowest to the highest, a single one at the lowest.</summary>
    public static IEnumerable<double> RingHeights(int rings, double lowestRing, double tieHeight)
        => Enumerable.Range(0, rings).Select(i => rings == 1 ? lowestRing : lowestRing + (HighestRing(tieHeight) - lowestRing) * i / (rings - 1));

    /// <summary>
    /// Line to wind a cone. Rings stand as <see cref="RingHeights"/> has them, each the polygon of the sticks there; every ring takes <paramref name="wraps"/> turns about every stick; then a riser along a stick from the lowest ring to the tie, the lashing, and a tail.
    /// </summary>
    public static double Twine(int legs, double baseRadius, double tieHeight, int rings, double lowestRing, double wraps, double stickDiameter, double lashingTurns = 6, double tail = .6)
    {
        var around = RingHeights(rings, lowestRing, tieHeight).Sum(z => legs * 2 * baseRadius * (1 - z / tieHeight) * Math.Sin(Math.PI / legs));
        var turns = rings * legs * wraps * Math.PI * stickDiameter;
        var riser = (tieHeight - lowestRing) * Math.Sqrt(tieHeight * tieHeight + baseRadius * baseRadius) / tieHeight;
        return around + turns + riser + Lashing(legs, stickDiameter, lashingTurns, tail);
    }

    /// <summary>Line that lashes the head: so many turns about all sticks, a third more for crossing them, and a tail.</summary>
    public static double Lashing(int legs, double stickDiameter, double turns = 6, double tail = .6) => turns * legs * stickDiameter * Math.PI / 2 * 1.3 + tail;

    /// <summary>The most rings whose line, as <paramref name="lineFor"/> works it out, is no longer than what there is; 0 when even one is. More rings must take more line.</summary>
    public static int RingsFor(double line, Func<int, double> lineFor)
    {
        const int Most = 10_000;
        int fits = 0, over = Most + 1;
        while (over - fits > 1)
        {
            var middle = (fits + over) / 2;
            if (lineFor(middle) <= line + 1e-9) fits = middle;
            else over = middle;
        }

        return fits;
    }

    /// <summary>From the centre to the edge of the ring of feet, over which it tips: r cos(π/n).</summary>
    public static double Lever(int legs, double baseRadius) => baseRadius * Math.Cos(Math.PI / legs);

    /// <summary>From that edge to the foot farthest from it.</summary>
    public static double FarLeg(int legs, double baseRadius)
    {
        var lever = Lever(legs, baseRadius);
        return lever + Enumerable.Range(0, legs).Max(i => -baseRadius * Math.Cos(Math.PI / legs + 2 * Math.PI * i / legs));
    }

    /// <summary>
    /// What the foot farthest from the tipping edge takes of a moment in N m, in N: d ÷ Σd² over the feet beyond the edge, since the frame turns as a whole and each lifts by its distance from it. In 1/m.
    /// </summary>
    public static double ShareOfFarFoot(int legs, double baseRadius)
    {
        var lever = Lever(legs, baseRadius);
        var from = Enumerable.Range(0, legs).Select(i => lever - baseRadius * Math.Cos(Math.PI / legs + 2 * Math.PI * i / legs)).Where(d => d > 1e-9 * baseRadius).ToList();
        return from.Max() / from.Sum(d => d * d);
    }

    /// <summary>Pull on the far foot, if it took all: wind moment less the weight's over the far distance. Negative where the weight is enough.</summary>
    public static double Uplift(int legs, double baseRadius, double windForce, double windHeight, double weight)
        => (windForce * windHeight - weight * Lever(legs, baseRadius)) / FarLeg(legs, baseRadius);
}
