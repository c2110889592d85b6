using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>How the base line lies, by the shadow of a stick that stands plumb.</summary>
/// <param name="Bearing">From its first end to its second, degrees from north clockwise, 0 up to 360.</param>
/// <param name="Within">Degrees that it may be out where a tape is out by <see cref="ByTape"/>.</param>
public sealed record NorthByStick(double Bearing, double Within)
{
    /// <summary>A thumb at the blurred end of a shadow, m.</summary>
    public const double ByTape = .02;

    private const double Shortest = .3;

    /// <summary>Nearer to the equator than this the noon sun may stand on either side, degrees.</summary>
    private const double Tropic = 23.44;

    /// <summary>
    /// From where the foot of the stick and the tip of its shadow were measured when that was shortest, which is when the sun stands due south, or due north where the latitude is below nothing. Between the tropics, and by a shadow shorter than 0.3 m, it is refused.
    /// </summary>
    public static Outcome<NorthByStick> Of(MarkDraft foot, MarkDraft tip, double baseLine, double latitude)
    {
        if (Math.Abs(latitude) < Tropic) return new Problem("latitude", "Between the tropics the noon sun may stand north or south: take a compass.");
        var (from, to) = (Placed(foot, baseLine, "foot"), Placed(tip, baseLine, "tip"));
        List<Problem> problems = [.. from.Problems, .. to.Problems];
        if (problems.Count > 0) return Outcome<NorthByStick>.Refuse(problems);
        var (a, b) = (from.OrThrow().At, to.OrThrow().At);
        double x = b.X - a.X, y = b.Y - a.Y, length = double.Hypot(x, y);
        if (length < Shortest) return new Problem("tip", $"A shadow of {Amount.Length(length)} is too short to tell a direction by: take a longer stick, or a month with a lower sun.");
        // On the plan y lies to the left of the base line, and bearings turn to the right.
        var bearing = (latitude > 0 ? 0 : 180) + Math.Atan2(y, x) * 180 / Math.PI;
        return new NorthByStick((bearing + 360) % 360, Math.Atan(ByTape * Math.Sqrt(2) / length) * 180 / Math.PI);
    }

    private static Outcome<Mark.Place> Placed(MarkDraft draft, double baseLine, string name)
    {
        var placed = Survey.MarkOf(draft).Then(m => m.On(baseLine, null));
        return placed.Ok ? placed : Outcome<Mark.Place>.Refuse([.. placed.Problems.Select(p => p with { Field = $"{name}.{p.Field}" })]);
    }
}
