using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>A point found with one tape and no right angle: by its distances from the two ends of a base line.</summary>
public static class Tapes
{
    /// <summary>How far a third tape may be out before the three cannot all be right, m: sag, a knot, a foot on the tape.</summary>
    public const double Slack = .05;

    /// <summary>
    /// How far along the base line from its first end a point lies and how far off it, m, by the law of cosines: along = (a² − b² + base²) ÷ 2 base. Range: base, a, b more than 0. Tapes that do not reach each other, or of which one is too long for the other two, are refused at the tape that is wrong.
    /// </summary>
    /// <returns>Along (may be below 0 or beyond the base) and off (never below 0).</returns>
    public static Outcome<Found> Point(double baseLine, double a, double b)
    {
        const double RoundingOff = 1e-9;
        if (a + b < baseLine - RoundingOff) return new Problem("b", $"The two tapes together are {Amount.Length(baseLine - a - b)} short of the base line: they cannot meet. Measure one again.");
        if (a - b > baseLine + RoundingOff) return new Problem("a", $"From the first end it can be at most {Amount.Length(baseLine + b)} when it is {Amount.Length(b)} from the second.");
        if (b - a > baseLine + RoundingOff) return new Problem("b", $"From the second end it can be at most {Amount.Length(baseLine + a)} when it is {Amount.Length(a)} from the first.");
        var along = (a * a - b * b + baseLine * baseLine) / (2 * baseLine);
        return new Found(along, Math.Sqrt(Math.Max(0, a * a - along * along)));
    }

    /// <summary>A point beside a base line, m.</summary>
    /// <param name="Along">From its first end.</param>
    /// <param name="Off">Square off it.</param>
    public sealed record Found(double Along, double Off);
}
