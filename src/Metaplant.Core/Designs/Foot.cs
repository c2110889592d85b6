using Metaplant.Core.Drainage;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Designs;

/// <summary>What is under the soil.</summary>
public abstract record Foot;

/// <summary>Open to the ground: no wet layer forms.</summary>
public sealed record OpenGround : Foot;

/// <summary>Nothing holds soil here: a support stands over plants in the ground.</summary>
public sealed record NoSoil : Foot;

/// <summary>Cloth that water comes out of all over, hung above the ground: it drains and keeps a wet layer.</summary>
public sealed record ClothFoot : Foot;

/// <summary>A closed floor to be drilled, or a liner to be pierced.</summary>
/// <param name="Outline">The floor, centred.</param>
/// <param name="HoleDiameter">m.</param>
/// <param name="PadDiameter">A coarse pad over each hole, m; 0 for none.</param>
/// <param name="Raise">How high it stands over the ground, m.</param>
/// <param name="TopToBase">Top area over base area.</param>
/// <param name="Pierced">True when a liner is pierced rather than a floor drilled.</param>
/// <param name="Packers">Where the packers lie across the length, in m from the middle; laid before the holes, which dodge them.</param>
public sealed record ClosedFloor(Outline Outline, double HoleDiameter, double PadDiameter, double Raise, double TopToBase, bool Pierced, IReadOnlyList<double> Packers, double PackerWidth) : Foot
{
    /// <summary>How many vessels have such a floor.</summary>
    public int Alike { get; init; } = 1;

    /// <summary>The trough whose lowest line this floor is, where it drains to one row of holes: its inside, and how wide the soil is on top, m; null for a floor that is flat.</summary>
    public (Vessel Inside, double Top)? Line { get; init; }

    /// <summary>An outlet that it has already: where it is, m from the middle, and how far across; null where none is counted.</summary>
    public (Point At, double Across)? Outlet { get; init; }

    /// <summary>Holes that rust has made, each as wide as one that is drilled. They count half, and for what runs out only: nobody drew where they are.</summary>
    public int Rusty { get; init; }

    /// <summary>How far apart the holes may be for this medium, rain and thirst.</summary>
    public HoleSpacing Spacing(Brief brief)
    {
        double k = brief.Medium.Conductivity, rain = brief.Handbook[Practice.RainRate], wet = HoleSpacing.ToleratedWetDepth(brief.Handbook, brief.Thirst);
        return Line is { } line
            ? HoleSpacing.AlongLine(k, rain, HoleDiameter, wet, PadDiameter, line.Top, line.Inside.SectionAt(Math.Min(wet, line.Inside.Height)).Width)
            : HoleSpacing.Work(k, rain, HoleDiameter, wet, PadDiameter, Math.Max(1, TopToBase));
    }

    /// <summary>Where the holes go, clear of the wall and of the packers.</summary>
    public HoleGrid Holes(Brief brief)
    {
        var spacing = Spacing(brief).Spacing;
        var grid = HoleGrid.Between(Outline, spacing, HoleDiameter, Packers, PackerWidth, HoleGrid.EdgeWeb);
        return Outlet is { } own ? grid.Beside(own.At, own.Across, Outline, spacing, HoleDiameter) : grid;
    }

    /// <summary>What the holes leave of the floor along a packer, 1 − d/pitch, with the pitch that is drawn or the width of the floor, whichever is less.</summary>
    public double Net(Brief brief) => 1 - HoleDiameter / Math.Min(Holes(brief).RowsApart, Outline.Width);
}

/// <summary>The floor of a long vessel that falls to one outlet of its own at its lower end. Lengths in m.</summary>
/// <param name="Inside">Of one vessel.</param>
/// <param name="Soil">Filled so deep.</param>
/// <param name="Slope">Fall, part of the way.</param>
/// <param name="Outlet">Across.</param>
/// <param name="Strip">Width of the stones that lead along the floor to it; 0 for none.</param>
/// <param name="Raise">Clear below the outlet.</param>
/// <param name="Alike">How many vessels there are.</param>
public sealed record OutletFloor(Vessel Inside, double Soil, double Slope, double Outlet, double Strip, double Raise, int Alike) : Foot
{
    /// <summary>Height of the stones.</summary>
    public const double StonesHigh = .05;

    /// <summary>From the far end to the outlet.</summary>
    public double Way => Inside.SectionAt(0).Length;

    /// <summary>Rain for each area of its foot, m/s, before the soil holds it up.</summary>
    public double Reaching(Brief brief) => brief.Handbook[Practice.RainRate] * Math.Max(1, Inside.AreaAt(Soil) / Inside.BaseArea);
}

/// <summary>
/// A closed floor that is not drilled: a ring of holes in the wall lets the water out a little above it, and stones on the floor, higher than the holes, lead it there. It may stand flat on the ground; what is below the holes stays in it. Lengths in m.
/// </summary>
/// <param name="Outline">Of the vessel where the holes are.</param>
/// <param name="Lip">The middle of the holes over the floor.</param>
/// <param name="TopToBase">Top area over base area.</param>
public sealed record SideHoles(Outline Outline, double HoleDiameter, double Lip, double TopToBase) : Foot
{
    /// <summary>Stones above the middle of the holes, in which the water runs to them.</summary>
    private const double StonesOver = .02;

    /// <summary>From hole to hole round the wall at most, so that each side of what does not stand quite level has some.</summary>
    private const double MostApart = .30;

    private const int Fewest = 4;

    /// <summary>Of the stones, from the floor up.</summary>
    public double Stones => Lip + StonesOver;

    /// <summary>How far through the stones water finds its way to a hole.</summary>
    public HoleSpacing Spacing(Brief brief)
        => HoleSpacing.Work(brief.Handbook[Practice.StonesConductivity], brief.Handbook[Practice.RainRate], HoleDiameter, StonesOver, 0, Math.Max(1, TopToBase));

    /// <summary>Round the wall, evenly.</summary>
    public int Holes => Math.Max(Fewest, (int)Math.Ceiling(Outline.Perimeter / MostApart - 1e-9));

    public double Apart => Outline.Perimeter / Holes;

    /// <summary>From the middle of the floor, half its width from the wall and half way from hole to hole.</summary>
    public double Farthest => Math.Sqrt(Math.Pow(Math.Min(Outline.Length, Outline.Width) / 2, 2) + Apart * Apart / 4);
}
