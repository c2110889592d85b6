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

    /// <summary>How far apart the holes may be for this medium, rain and thirst.</summary>
    public HoleSpacing Spacing(Brief brief)
    {
        double k = brief.Medium.Conductivity, rain = brief.Handbook[Practice.RainRate], wet = HoleSpacing.ToleratedWetDepth(brief.Handbook, brief.Thirst);
        return Line is { } line
            ? HoleSpacing.AlongLine(k, rain, HoleDiameter, wet, PadDiameter, line.Top, line.Inside.SectionAt(Math.Min(wet, line.Inside.Height)).Width)
            : HoleSpacing.Work(k, rain, HoleDiameter, wet, PadDiameter, Math.Max(1, TopToBase));
    }

    /// <summary>Where the holes go, clear of the wall and of the packers.</summary>
    public HoleGrid Holes(Brief brief) => HoleGrid.Between(Outline, Spacing(brief).Spacing, HoleDiameter, Packers, PackerWidth, HoleGrid.EdgeWeb);

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
