using Metaplant.Core.Materials;

namespace Metaplant.Core.Supports;

/// <summary>
/// What hangs: the force in each leg of its chain or line, and what that leg must be sold for. Forces in N.
/// </summary>
/// <param name="PerLeg">Force when all legs share.</param>
/// <param name="SizedForPerLeg">Force to choose by: at most three legs are counted on, since four are never of one length.</param>
/// <param name="RequiredMarkedLoad">Least working load marked on the leg, hook or ring.</param>
/// <param name="RequiredBreakingLoad">Least breaking load where no working load is marked.</param>
public sealed record Hanging(double PerLeg, double SizedForPerLeg, double RequiredMarkedLoad, double RequiredBreakingLoad)
{
    /// <summary>From the vertical, degrees; flatter legs pull too hard.</summary>
    public const double GreatestAngle = 60;

    private const int LegsCountedOn = 3;

    /// <summary>m g / (n cos a). Range: 0 ≤ a ≤ 60°, and a single leg hangs straight. Lines and hooks without a mark want a breaking load of so many times the working load; 5 is usual.</summary>
    public static Hanging Of(double mass, int legs, double angleFromVerticalDegrees, double breakingOverMarked)
    {
        ArgumentOutOfRangeException.ThrowIfGreaterThan(angleFromVerticalDegrees, GreatestAngle);
        var pull = mass * Medium.Gravity / Math.Cos(angleFromVerticalDegrees * Math.PI / 180);
        var sized = pull / Math.Min(legs, LegsCountedOn);
        return new(pull / legs, sized, sized, breakingOverMarked * sized);
    }
}
