namespace Metaplant.Core.Geometry;

/// <summary>
/// The inside of something that holds soil: its level sections from the foot (y = 0) to the rim (y = <see cref="Height"/>), in metres.
/// </summary>
public abstract record Vessel
{
    /// <summary>Inside height, m.</summary>
    public abstract double Height { get; }

    /// <summary>The level section at <paramref name="y"/> above the foot. Range: 0 ≤ y ≤ <see cref="Height"/>.</summary>
    public abstract Outline SectionAt(double y);

    /// <summary>Litres are 1000 times this: the volume in m³ below the level <paramref name="y"/>.</summary>
    public abstract double VolumeTo(double y);

    public virtual double AreaAt(double y) => SectionAt(y).Area;

    public double Volume => VolumeTo(Height);

    public double TopArea => AreaAt(Height);

    public double BaseArea => AreaAt(0);

    /// <summary>
    /// The level in m that a volume in m³ fills to, by bisection to 1 nm. Null when the vessel is too small for it.
    /// </summary>
    public double? HeightFor(double volume)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(volume);
        if (volume > Volume * (1 + 1e-12)) return null;
        double low = 0, high = Height;
        while (high - low > 1e-9)
        {
            var middle = (low + high) / 2;
            if (VolumeTo(middle) < volume) low = middle;
            else high = middle;
        }

        return (low + high) / 2;
    }

    private protected void MustReach(double y)
    {
        if (!(y >= 0 && y <= Height * (1 + 1e-9))) throw new ArgumentOutOfRangeException(nameof(y), y, $"The level must be from 0 to {Height} m.");
    }
}

/// <summary>A round tub, the frustum of a cone; either end may be the wider.</summary>
public sealed record RoundTub(double TopDiameter, double BottomDiameter, double TubHeight) : Vessel
{
    public override double Height => TubHeight;

    public override Outline SectionAt(double y) => new CircleOutline(DiameterAt(y));

    public override double VolumeTo(double y)
    {
        MustReach(y);
        double d = BottomDiameter, D = DiameterAt(y);
        return Math.PI * y / 12 * (D * D + D * d + d * d);
    }

    private double DiameterAt(double y) => BottomDiameter + (TopDiameter - BottomDiameter) * y / TubHeight;
}

/// <summary>A box whose four sides slope evenly; square corners. A straight box has equal top and bottom.</summary>
public sealed record TaperedBox(double TopLength, double TopWidth, double BottomLength, double BottomWidth, double BoxHeight) : Vessel
{
    public override double Height => BoxHeight;

    public override Outline SectionAt(double y)
    {
        var f = y / BoxHeight;
        return new RectangleOutline(BottomLength + (TopLength - BottomLength) * f, BottomWidth + (TopWidth - BottomWidth) * f);
    }

    public override double VolumeTo(double y)
    {
        MustReach(y);
        return y / 6 * (AreaAt(0) + 4 * AreaAt(y / 2) + AreaAt(y));
    }
}

/// <summary>
/// A trough with rounded corners measured at the foot, at exactly half its height and at the rim. The area between is the parabola through the three.
/// </summary>
public sealed record RoundedTrough(RectangleOutline Bottom, RectangleOutline Middle, RectangleOutline Top, double TroughHeight) : Vessel
{
    public override double Height => TroughHeight;

    public override double AreaAt(double y)
    {
        var (a, b, c) = Parabola();
        var f = y / TroughHeight;
        return a + b * f + c * f * f;
    }

    public override Outline SectionAt(double y)
    {
        var f = y / TroughHeight;
        return new RectangleOutline(Through(s => s.LengthX), Through(s => s.WidthY), Math.Max(0, Through(s => s.CornerRadius)));

        double Through(Func<RectangleOutline, double> of)
        {
            double p = of(Bottom), q = of(Middle), r = of(Top);
            return p + (4 * q - 3 * p - r) * f + (2 * p - 4 * q + 2 * r) * f * f;
        }
    }

    public override double VolumeTo(double y)
    {
        MustReach(y);
        var (a, b, c) = Parabola();
        var f = y / TroughHeight;
        return TroughHeight * (a * f + b * f * f / 2 + c * f * f * f / 3);
    }

    private (double A, double B, double C) Parabola()
    {
        double p = Bottom.Area, q = Middle.Area, r = Top.Area;
        return (p, 4 * q - 3 * p - r, 2 * p - 4 * q + 2 * r);
    }
}
