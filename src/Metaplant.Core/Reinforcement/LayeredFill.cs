using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>One layer of a fill behind a wall: its thickness in m and what it weighs and how it leans.</summary>
public sealed record SoilLayer(double Thickness, double UnitWeight, double FrictionAngleDegrees);

/// <summary>
/// The sideways pressure of a fill in level layers: at each depth the weight of all above it, times the coefficient of the layer it is in, so that pressure jumps where one layer meets the next.
/// </summary>
/// <param name="Layers">From the top down.</param>
public sealed record LayeredFill(IReadOnlyList<SoilLayer> Layers, WallKind Wall, double Surcharge)
{
    /// <summary>Pressure in Pa at the top and at the foot of each layer, from the top down.</summary>
    public IReadOnlyList<(double Top, double Foot)> Pressures
    {
        get
        {
            var above = Surcharge;
            List<(double, double)> all = [];
            foreach (var layer in Layers)
            {
                double k = EarthPressure.Coefficient(Wall, layer.FrictionAngleDegrees), below = above + layer.UnitWeight * layer.Thickness;
                all.Add((k * above, k * below));
                above = below;
            }

            return all;
        }
    }

    public double Depth => Layers.Sum(l => l.Thickness);

    /// <summary>The whole push in N on each metre of wall.</summary>
    public double Resultant => Layers.Zip(Pressures).Sum(p => (p.Second.Top + p.Second.Foot) / 2 * p.First.Thickness);

    /// <summary>How high above the foot it acts, m.</summary>
    public double Height
    {
        get
        {
            double moment = 0, foot = Depth;
            foreach (var (layer, (top, bottom)) in Layers.Zip(Pressures))
            {
                foot -= layer.Thickness;
                var t = layer.Thickness;
                moment += top * t * (foot + t / 2) + (bottom - top) * t / 2 * (foot + t / 3);
            }

            return moment / Resultant;
        }
    }
}
