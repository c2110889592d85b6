namespace Metaplant.Core.Scenes;

/// <summary>A measure drawn on the view it is named for, tied to the setting that typing there sets; null where it is only shown.</summary>
/// <param name="View">"front", "plan", "side" or "section".</param>
/// <param name="Offset">How far it stands off to the left of its way, m.</param>
public sealed record SceneMeasure(string View, Point3 From, Point3 To, double Offset, string? Setting = null)
{
    public double Value => (To - From).Length;
}

/// <summary>
/// A design as it stands: every solid with the part it shows, in metres, its plan about the origin and the ground at z = 0. All pictures, true and taken apart, on screen and on paper, are made of it and of nothing else.
/// </summary>
/// <param name="SectionAt">Where the section is cut, x in m.</param>
public sealed record Scene(IReadOnlyList<Solid> Solids, IReadOnlyList<SceneMeasure> Measures, double SectionAt = 0)
{
    public Extent Extent => Extent.Of(Solids.SelectMany(s => (Point3[])[s.Extent.Least, s.Extent.Most]));

    /// <summary>Every part moved out from the middle by so much of its way there, so that what is hidden shows; what is in the ground stays.</summary>
    public Scene TakenApart(double by = .6)
    {
        var middle = Extent.Middle;
        var parts = Solids.GroupBy(s => s.Part, StringComparer.Ordinal).Where(g => Parts.IsMade(g.Key));
        return this with { Measures = [], Solids = [.. parts.SelectMany(g => g).Select(s => s.Moved((s.Extent.Middle - middle with { Z = 0 }) * by))] };
    }

    /// <summary>Only these parts.</summary>
    public Scene Only(IReadOnlySet<string> parts) => this with { Solids = [.. Solids.Where(s => parts.Contains(s.Part))], Measures = [] };
}

/// <summary>Parts that every design may have.</summary>
public static class Parts
{
    /// <summary>Soil, shown in section and never hiding what holds it.</summary>
    public const string Soil = "soil";

    /// <summary>Ground that is not level, drawn where a picture would else show what stands on it in the air.</summary>
    public const string Ground = "ground";

    /// <summary>True for what is made; false for what it stands on and holds.</summary>
    public static bool IsMade(string part) => part is not Soil and not Ground;
}
