using Metaplant.Core.Geometry;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>One point of the plan as somebody measured it from the base line. Lengths in m.</summary>
public abstract record Mark
{
    /// <summary>The farthest a tape is drawn out, m.</summary>
    public const double Farthest = 200;

    /// <summary>Where it lies: x along the base line from its first end, y to the left of it. Problems name the field of the mark.</summary>
    public abstract Outcome<Place> On(double baseLine, Point? before);

    /// <summary>Where a mark lies on the plan.</summary>
    /// <param name="Out">How far its third tape was out, m; null where there was none.</param>
    public sealed record Place(Point At, double? Out = null);

    private protected static Problem? TooFar(string field, double length) => double.IsFinite(length) && Math.Abs(length) <= Farthest ? null : new(field, $"A tape is at most {Amount.Length(Farthest)} long.");
}

/// <summary>By two tapes from the ends of the base line.</summary>
/// <param name="Right">True where it lies to the right of the base line, seen from its first end.</param>
/// <param name="Back">A third tape, back to the point of the same thing before it; null where it was not drawn.</param>
public sealed record TapeMark(double A, double B, bool Right = false, double? Back = null) : Mark
{
    public override Outcome<Place> On(double baseLine, Point? before)
    {
        if (A <= 0) return new Problem("a", "From the first end of the base line it must be more than nothing.");
        if (B <= 0) return new Problem("b", "From the second end of the base line it must be more than nothing.");
        if ((TooFar("a", A) ?? TooFar("b", B)) is { } far) return far;
        return Tapes.Point(baseLine, A, B).Then(found => Checked(new(found.Along, Right ? -found.Off : found.Off), before));
    }

    /// <summary>Three tapes that nearly agree are believed alike: the point goes a third of what is out along the third.</summary>
    private Outcome<Place> Checked(Point at, Point? before)
    {
        if (Back is not { } back || before is not { } from) return new Place(at);
        if (back <= 0 || TooFar("back", back) is not null) return new Problem("back", "The third tape must be more than nothing, and no longer than a tape.");
        var far = at.DistanceTo(from);
        var astray = far - back;
        if (Math.Abs(astray) > Tapes.Slack + .01 * back) return new Problem("back", $"By the other two tapes it is {Amount.Length(far)} from the point before, and this one says {Amount.Length(back)}: {Amount.Length(Math.Abs(astray))} out. One of the three is wrong.");
        var share = far > 0 ? astray / 3 / far : 0;
        return new Place(new(at.X + (from.X - at.X) * share, at.Y + (from.Y - at.Y) * share), astray);
    }
}

/// <summary>By how far along the base line it lies, and how far square off it to the left; below nothing to the right.</summary>
public sealed record OffsetMark(double Along, double Off) : Mark
{
    public override Outcome<Place> On(double baseLine, Point? before)
        => (TooFar("along", Along) ?? TooFar("off", Off)) is { } far ? far : new Place(new(Along, Off));
}
