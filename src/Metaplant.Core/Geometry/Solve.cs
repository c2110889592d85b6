namespace Metaplant.Core.Geometry;

/// <summary>Root finding for functions that only rise.</summary>
public static class Solve
{
    /// <summary>
    /// The x in [<paramref name="low"/>, <paramref name="high"/>] where a rising function reaches <paramref name="target"/>, by bisection
    /// to a relative width of 1e-13 in at most 200 steps. Returns the end of the range when the target lies beyond it.
    /// </summary>
    public static double Rising(Func<double, double> f, double target, double low, double high)
    {
        for (var i = 0; i < 200 && high - low > 1e-13 * Math.Max(1, Math.Abs(high)); i++)
        {
            var middle = low + (high - low) / 2;
            if (f(middle) < target) low = middle;
            else high = middle;
        }

        return low + (high - low) / 2;
    }
}
