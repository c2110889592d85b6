namespace Metaplant.Core.Supports;

/// <summary>Sticks driven in the ground.</summary>
public static class Stake
{
    /// <summary>Friction in degrees between wood and soil.</summary>
    public const double ShaftFriction = 20;

    /// <summary>Pull-out of a driven stick in N: its skin π d L times tan 20° times the mean weight of soil beside it, γ L/2.</summary>
    public static double PullOut(double diameter, double embedment, double unitWeight)
        => Math.PI * diameter * embedment * Math.Tan(ShaftFriction * Math.PI / 180) * unitWeight * embedment / 2;

    /// <summary>The embedment in m that gives a pull-out in N, the inverse of <see cref="PullOut"/>.</summary>
    public static double EmbedmentFor(double pull, double diameter, double unitWeight)
        => Math.Sqrt(2 * pull / (Math.PI * diameter * Math.Tan(ShaftFriction * Math.PI / 180) * unitWeight));
}
