using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Drainage;

/// <summary>A long vessel that drains to an outlet of its own.</summary>
public static class Outlet
{
    /// <summary>How much higher the far end stands, m. The slope is part of the way; .015 is usual.</summary>
    public static double Fall(double length, double slope) => length * slope;

    /// <summary>
    /// Openings of the filter in m, the coarsest over the outlet and the finest against the soil: at most the outlet itself, at most D₈₅ of the medium outside, with one step between when they are more than four times apart.
    /// Source: filter rule of Terzaghi, that openings not above D₈₅ hold the soil back.
    /// </summary>
    public static IReadOnlyList<double> FilterOpenings(double outletDiameter, double d85)
    {
        double coarse = outletDiameter / 2, fine = Math.Min(d85, coarse);
        return coarse / fine > 4 ? [coarse, Math.Sqrt(coarse * fine), fine] : [coarse, fine];
    }
}

/// <summary>How soil gives its water up.</summary>
public static class DrainDown
{
    /// <summary>Seconds until a soaking has drained: depth × (porosity − field capacity)/K.</summary>
    public static double Time(double depth, Medium medium) => depth * (medium.Porosity - medium.FieldCapacity) / medium.Conductivity;

    /// <summary>The same as a worked sum.</summary>
    /// <param name="handbook">The one that the medium is of.</param>
    public static Sum Worked(double depth, Medium medium, Handbook handbook) => Sum.Of(
        "Time to drain a soaking", "t = z (n − FC) ÷ K",
        [new("z", "depth of soil", depth, Unit.Metre), handbook.Term($"medium.{medium.Id}.porosity"), handbook.Term($"medium.{medium.Id}.field-capacity"), handbook.Term($"medium.{medium.Id}.conductivity")],
        Time(depth, medium), Unit.Second, "Drainable water over the saturated conductivity", "What is below lets it out as fast as it comes") with
    {
        Question = new Question("drain-down", ("soilDepth", depth)).Choosing("medium", medium.Id),
    };

    /// <summary>
    /// The conductivity in m/s that a first-water test shows: so much water in m³ on an area in m² gone through a depth of saturated soil in so many seconds, under unit gradient.
    /// Far below the table's value the outlet is blocked or the soil sheds water.
    /// </summary>
    public static double ConductivitySeen(double volume, double area, double seconds) => volume / area / seconds;
}

/// <summary>Cloth or film unfolded to line a box or a round tub, m². Lengths in m; a tenth of a metre is the usual lap.</summary>
public static class Liner
{
    /// <summary>Walls only, turned in at the foot by a lap, overlapped where the ends meet.</summary>
    public static double Walls(double perimeter, double height, double lap) => (perimeter + lap) * (height + lap);

    /// <summary>Walls and foot in one piece, folded at the corners like a parcel.</summary>
    public static double Whole(double length, double width, double height, double lap) => (length + 2 * height + 2 * lap) * (width + 2 * height + 2 * lap);
}

/// <summary>A coarse core down the middle of a sack or tower, through which it is watered.</summary>
public static class WateringCore
{
    /// <summary>Water in m³ that takes dry soil of a volume to field capacity.</summary>
    public static double ToFieldCapacity(double soilVolume, Medium medium) => soilVolume * (medium.FieldCapacity - medium.WiltingPoint);

    /// <summary>How far sideways from the core water goes, m: so many times the wet layer's height, since the suction that draws water up draws it aside as well. 3 is usual.</summary>
    public static double Reach(Medium medium, double timesWetLayer) => timesWetLayer * medium.WetLayer;
}
