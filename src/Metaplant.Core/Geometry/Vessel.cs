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

/// <summary>Upright walls on any outline.</summary>
public sealed record Upright(Outline Outline, double WallHeight) : Vessel
{
    public override double Height => WallHeight;

    public override Outline SectionAt(double y) => Outline;

    public override double VolumeTo(double y)
    {
        MustReach(y);
        return Outline.Area * y;
    }
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

/// <summary>
/// A drum cut in half along its length and laid on its side. A(y) = R² acos((R − y)/R) − (R − y) √(2 R y − y²). It reaches to the cut, y = R.
/// </summary>
public sealed record HalfDrum(double Diameter, double DrumLength) : Vessel
{
    private double R => Diameter / 2;

    public override double Height => R;

    /// <summary>Width of the surface at a level, m.</summary>
    public double WidthAt(double y) => 2 * Math.Sqrt(Math.Max(0, 2 * R * y - y * y));

    public override Outline SectionAt(double y) => new RectangleOutline(DrumLength, WidthAt(y));

    public override double VolumeTo(double y)
    {
        MustReach(y);
        var below = Math.Clamp((R - y) / R, 0, 1);
        return DrumLength * (R * R * Math.Acos(below) - (R - y) * Math.Sqrt(Math.Max(0, 2 * R * y - y * y)));
    }
}

/// <summary>An upright cylinder with a coarse core down its middle that holds no soil: a filled sack, a mesh ring. No core when its diameter is 0.</summary>
public sealed record CoredCylinder(double Diameter, double CylinderHeight, double CoreDiameter = 0) : Vessel
{
    /// <summary>A ring of mesh bent from a sheet: D = (sheet − overlap)/π.</summary>
    public static CoredCylinder MeshRing(double sheetLength, double overlap, double height) => new((sheetLength - overlap) / Math.PI, height);

    /// <summary>A sack by its width laid flat and its height standing filled: D = 2 flat/π.</summary>
    public static CoredCylinder Sack(double flatWidth, double height, double coreDiameter = 0) => new(2 * flatWidth / Math.PI, height, coreDiameter);

    public override double Height => CylinderHeight;

    public override Outline SectionAt(double y) => new CircleOutline(Diameter);

    public override double AreaAt(double y) => Math.PI / 4 * (Diameter * Diameter - CoreDiameter * CoreDiameter);

    public override double VolumeTo(double y)
    {
        MustReach(y);
        return AreaAt(0) * y;
    }
}

/// <summary>A level section of a free-form vessel, measured at a height above its foot, m.</summary>
public sealed record MeasuredSection(double Y, Outline Outline);

/// <summary>
/// A vessel of no regular shape by three or more measured sections, the first at the foot, the last at the rim. The area between is parabolic, piece by piece:
/// each pair of steps through its three sections, and a step left over through the last three.
/// </summary>
public sealed record FreeForm(IReadOnlyList<MeasuredSection> Sections) : Vessel
{
    public const int LeastSections = 3;

    public override double Height => Sections[^1].Y;

    public override double AreaAt(double y)
    {
        var (a, b, c) = Piece(y);
        return Math.Max(0, Lagrange(a, b, c, y));
    }

    /// <summary>The nearest measured outline, scaled to the area here.</summary>
    public override Outline SectionAt(double y)
    {
        var nearest = Sections.MinBy(s => Math.Abs(s.Y - y))!.Outline;
        return nearest.ScaledBy(Math.Sqrt(AreaAt(y) / nearest.Area));
    }

    public override double VolumeTo(double y)
    {
        MustReach(y);
        double volume = 0, from = 0;
        for (var i = 1; i < Sections.Count && from < y; i++)
        {
            var to = Math.Min(Sections[i].Y, y);
            // Simpson's rule is exact for a parabola.
            volume += (to - from) / 6 * (AreaAt(from) + 4 * AreaAt((from + to) / 2) + AreaAt(to));
            from = to;
        }

        return volume;
    }

    private (MeasuredSection A, MeasuredSection B, MeasuredSection C) Piece(double y)
    {
        var step = 0;
        while (step < Sections.Count - 2 && y > Sections[step + 1].Y) step++;
        var first = Math.Min(step - step % 2, Sections.Count - LeastSections);
        return (Sections[first], Sections[first + 1], Sections[first + 2]);
    }

    private static double Lagrange(MeasuredSection a, MeasuredSection b, MeasuredSection c, double y)
        => a.Outline.Area * (y - b.Y) * (y - c.Y) / ((a.Y - b.Y) * (a.Y - c.Y))
        + b.Outline.Area * (y - a.Y) * (y - c.Y) / ((b.Y - a.Y) * (b.Y - c.Y))
        + c.Outline.Area * (y - a.Y) * (y - b.Y) / ((c.Y - a.Y) * (c.Y - b.Y));
}

/// <summary>A vessel known by the buckets of water it took to fill: its volume in m³ and its height; its sides are taken as upright.</summary>
public sealed record PouredVessel(double PouredVolume, double PouredHeight) : Vessel
{
    public override double Height => PouredHeight;

    public override Outline SectionAt(double y) => new CircleOutline(Math.Sqrt(4 * PouredVolume / PouredHeight / Math.PI));

    public override double VolumeTo(double y)
    {
        MustReach(y);
        return PouredVolume * y / PouredHeight;
    }
}

/// <summary>
/// A tyre lying flat: the rim's cylinder, and the hollow of the side walls beyond it. Overall and rim diameter and the width of the section in m.
/// </summary>
public sealed record Tyre(double OverallDiameter, double RimDiameter, double SectionWidth) : Vessel
{
    /// <summary>Thickness of tread and case together, m: a car's, worn.</summary>
    public const double Tread = .015;

    /// <summary>Part of the square hollow that the rounded side walls leave.</summary>
    public const double HollowFullness = .75;

    public override double Height => SectionWidth;

    /// <summary>Across the hollow, from tread to tread.</summary>
    public double InsideTread => Math.Max(RimDiameter, OverallDiameter - 2 * Tread);

    public override Outline SectionAt(double y) => new CircleOutline(RimDiameter);

    public override double AreaAt(double y) => Math.PI / 4 * (RimDiameter * RimDiameter + HollowFullness * (InsideTread * InsideTread - RimDiameter * RimDiameter));

    public override double VolumeTo(double y)
    {
        MustReach(y);
        return AreaAt(0) * y;
    }
}

/// <summary>The inside of tyres lying one on another; of the top one so much of its thickness as is left.</summary>
/// <param name="Left">1, or less where its upper wall is cut out: there is then as much to plant as the tread is wide.</param>
public sealed record TyreStackSpace(Tyre Tyre, int Count, double Left) : Vessel
{
    public override double Height => Tyre.SectionWidth * (Count - 1 + Left);

    public override Outline SectionAt(double y) => new CircleOutline(Left < 1 && y > Tyre.SectionWidth * (Count - .5) ? Tyre.InsideTread : Tyre.RimDiameter);

    public override double AreaAt(double y) => Tyre.AreaAt(0);

    public override double VolumeTo(double y)
    {
        MustReach(y);
        return AreaAt(0) * y;
    }
}
