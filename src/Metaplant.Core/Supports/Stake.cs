namespace Metaplant.Core.Supports;

/// <summary>Sticks driven in the ground. Friction δ between wood and soil in degrees; 20° is usual.</summary>
public static class Stake
{
    /// <summary>Pull-out of a driven stick in N: its skin π d L times tan δ times the mean weight of soil beside it, γ L/2. Lengths in m, γ in N/m³.</summary>
    public static double PullOut(double diameter, double embedment, double unitWeight, double frictionDegrees)
        => Math.PI * diameter * embedment * Math.Tan(frictionDegrees * Math.PI / 180) * unitWeight * embedment / 2;

    /// <summary>The embedment in m that gives a pull-out in N, the inverse of <see cref="PullOut"/>.</summary>
    public static double EmbedmentFor(double pull, double diameter, double unitWeight, double frictionDegrees)
        => Math.Sqrt(2 * pull / (Math.PI * diameter * Math.Tan(frictionDegrees * Math.PI / 180) * unitWeight));
}
