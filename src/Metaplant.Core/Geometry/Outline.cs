namespace Metaplant.Core.Geometry;

/// <summary>
/// A flat outline in metres, centred on the origin: the foot of a tub, the top of a bed, the area to plant.
/// </summary>
public abstract record Outline
{
    /// <summary>Area in m².</summary>
    public abstract double Area { get; }

    /// <summary>Length around, in m.</summary>
    public abstract double Perimeter { get; }

    /// <summary>Extent along x, in m.</summary>
    public abstract double Length { get; }

    /// <summary>Extent along y, in m.</summary>
    public abstract double Width { get; }

    /// <summary>The outline moved inwards by <paramref name="margin"/> metres on all sides; null when nothing is left of it.</summary>
    public abstract Outline? InsetBy(double margin);

    /// <summary>The half-length of the chord at height <paramref name="y"/>; negative outside the outline.</summary>
    public abstract double HalfChordAt(double y);

    /// <summary>True for a point inside or within a nanometre of the edge.</summary>
    public bool Contains(Point p) => Math.Abs(p.X) <= HalfChordAt(p.Y) + 1e-9;

    /// <summary>The outline with its two directions exchanged.</summary>
    public abstract Outline Turned();

    /// <summary>The outline made larger or smaller about its middle, alike in both directions.</summary>
    public abstract Outline ScaledBy(double factor);

    /// <summary>The outline as a polygon, anticlockwise, for drawing.</summary>
    public abstract IReadOnlyList<Point> ToPolygon();
}

/// <summary>A rectangle, its corners rounded by <see cref="CornerRadius"/> (0 for square ones). 2r may not exceed the least side.</summary>
public sealed record RectangleOutline(double LengthX, double WidthY, double CornerRadius = 0) : Outline
{
    public override double Length => LengthX;

    public override double Width => WidthY;

    public override double Area => LengthX * WidthY - (4 - Math.PI) * CornerRadius * CornerRadius;

    public override double Perimeter => 2 * (LengthX + WidthY) - (8 - 2 * Math.PI) * CornerRadius;

    public override Outline? InsetBy(double margin)
        => LengthX - 2 * margin < 0 || WidthY - 2 * margin < 0
            ? null
            : new RectangleOutline(LengthX - 2 * margin, WidthY - 2 * margin, Math.Max(0, CornerRadius - margin));

    public override double HalfChordAt(double y)
    {
        var beyond = Math.Abs(y) - WidthY / 2;
        if (beyond > 1e-9) return -1;
        var intoCorner = Math.Min(CornerRadius, beyond + CornerRadius);
        return intoCorner <= 0 ? LengthX / 2 : LengthX / 2 - CornerRadius + Math.Sqrt(CornerRadius * CornerRadius - intoCorner * intoCorner);
    }

    public override Outline Turned() => new RectangleOutline(WidthY, LengthX, CornerRadius);

    public override Outline ScaledBy(double factor) => new RectangleOutline(factor * LengthX, factor * WidthY, factor * CornerRadius);

    public override IReadOnlyList<Point> ToPolygon()
    {
        double x = LengthX / 2, y = WidthY / 2, r = CornerRadius;
        if (r == 0) return [new(-x, -y), new(x, -y), new(x, y), new(-x, y)];
        var points = new List<Point>(28);
        Corner(x - r, y - r, 0);
        Corner(-x + r, y - r, 90);
        Corner(-x + r, -y + r, 180);
        Corner(x - r, -y + r, 270);
        return points;

        void Corner(double cx, double cy, double from)
        {
            for (var i = 0; i <= 6; i++)
            {
                var a = (from + 15 * i) * Math.PI / 180;
                points.Add(new(cx + r * Math.Cos(a), cy + r * Math.Sin(a)));
            }
        }
    }
}

/// <summary>A circle by its diameter.</summary>
public sealed record CircleOutline(double Diameter) : Outline
{
    public override double Length => Diameter;

    public override double Width => Diameter;

    public override double Area => Math.PI / 4 * Diameter * Diameter;

    public override double Perimeter => Math.PI * Diameter;

    public override Outline? InsetBy(double margin) => Diameter - 2 * margin < 0 ? null : new CircleOutline(Diameter - 2 * margin);

    public override double HalfChordAt(double y)
    {
        var r = Diameter / 2;
        return Math.Abs(y) > r + 1e-9 ? -1 : Math.Sqrt(Math.Max(0, r * r - y * y));
    }

    public override Outline Turned() => this;

    public override Outline ScaledBy(double factor) => new CircleOutline(factor * Diameter);

    public override IReadOnlyList<Point> ToPolygon()
        => [.. Enumerable.Range(0, 48).Select(i => new Point(Diameter / 2 * Math.Cos(i * Math.PI / 24), Diameter / 2 * Math.Sin(i * Math.PI / 24)))];
}

/// <summary>An ellipse by its two axes. Inset, it is taken as the ellipse with both axes shortened, which lies inside the true one.</summary>
public sealed record EllipseOutline(double LengthX, double WidthY) : Outline
{
    public override double Length => LengthX;

    public override double Width => WidthY;

    public override double Area => Math.PI / 4 * LengthX * WidthY;

    /// <summary>By Ramanujan's second approximation, in error by less than 1e-4 down to axes of 1 to 5.</summary>
    public override double Perimeter
    {
        get
        {
            double a = LengthX / 2, b = WidthY / 2, h = Math.Pow((a - b) / (a + b), 2);
            return Math.PI * (a + b) * (1 + 3 * h / (10 + Math.Sqrt(4 - 3 * h)));
        }
    }

    public override Outline? InsetBy(double margin)
        => LengthX - 2 * margin < 0 || WidthY - 2 * margin < 0 ? null : new EllipseOutline(LengthX - 2 * margin, WidthY - 2 * margin);

    public override double HalfChordAt(double y)
    {
        var b = WidthY / 2;
        return Math.Abs(y) > b + 1e-9 ? -1 : LengthX / 2 * Math.Sqrt(Math.Max(0, 1 - y * y / (b * b)));
    }

    public override Outline Turned() => new EllipseOutline(WidthY, LengthX);

    public override Outline ScaledBy(double factor) => new EllipseOutline(factor * LengthX, factor * WidthY);

    public override IReadOnlyList<Point> ToPolygon()
        => [.. Enumerable.Range(0, 48).Select(i => new Point(LengthX / 2 * Math.Cos(i * Math.PI / 24), WidthY / 2 * Math.Sin(i * Math.PI / 24)))];
}
