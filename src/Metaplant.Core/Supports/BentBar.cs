using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Supports;

/// <summary>A pipe or rod bent to an arch: whether it springs, and on what former it is bent when it does not. Lengths in m.</summary>
public sealed record BentBar(double Diameter, double Radius, PipeStuff Stuff)
{
    /// <summary>Strain on the outside, d/2R.</summary>
    public double Strain => HoopArch.BendingStrain(Diameter, Radius);

    /// <summary>What it takes before it stays bent: f/E.</summary>
    public double GreatestStrain => Stuff.Yield / Stuff.Modulus;

    /// <summary>True when it would straighten if it were let go, and so pushes on its feet and stands flatter there than a circle.</summary>
    public bool Springs => Strain <= GreatestStrain * (1 + 1e-12);

    /// <summary>The tightest arch that it takes and still springs.</summary>
    public double LeastRadius => Diameter * Stuff.Modulus / (2 * Stuff.Yield);

    /// <summary>
    /// The former that leaves an arch of this radius once the bar has sprung back; null where it springs altogether.
    /// Source: Gardner 1957, R_i/R = 4 x³ − 3 x + 1 with x = R_i f/(E d), for a strip that yields without hardening; a round bar springs back a little less.
    /// </summary>
    public double? FormerRadius
    {
        get
        {
            if (Springs) return null;
            // The radius left rises with the former's, and without end as x comes to ½.
            return Solve.Rising(Left, Radius, 0, LeastRadius);

            double Left(double former)
            {
                var x = former * Stuff.Yield / (Stuff.Modulus * Diameter);
                return former / Math.Max(1e-12, 4 * x * x * x - 3 * x + 1);
            }
        }
    }
}
