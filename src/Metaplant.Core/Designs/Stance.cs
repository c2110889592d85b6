using Metaplant.Core.Materials;

namespace Metaplant.Core.Designs;

/// <summary>Part of a blueprint that stands or is carried by itself: m³ of soil in it and its kg without.</summary>
public readonly record struct Burden(double Soil, double Empty)
{
    /// <summary>kg/m³ of stones, their voids full of water: coarse gravel.</summary>
    public const double StonesWet = 2000;

    /// <summary>m³ of stones under the soil, that press and are not counted on where weight keeps it standing.</summary>
    public double Stones { get; init; }

    /// <summary>Moist, or full of water where the drain is blocked, and the people on so much of it, m²; N.</summary>
    public LoadPaths.Push Weight(double level, Brief brief, Sums.LoadCase loadCase)
        => new((loadCase == Sums.LoadCase.Normal ? brief.Medium.MoistUnitWeight : brief.Medium.SaturatedUnitWeight) * Soil + (Empty + StonesWet * Stones) * Medium.Gravity, brief.People * level);

    /// <summary>kg, dry.</summary>
    public double Dry(Medium medium) => medium.DryDensity * Soil + Empty;

    /// <summary>kg, full of water.</summary>
    public double Wet(Medium medium) => medium.SaturatedDensity * Soil + StonesWet * Stones + Empty;
}

/// <summary>How a thing stands. Every design says so, and from it follows whether it can tip and what presses on what is below.</summary>
public abstract record Stance
{
    /// <summary>Area in m² that its weight is spread over, for the load on a floor.</summary>
    public abstract double FloorArea { get; }
}

/// <summary>Built into open ground or standing in it by its own walls or sticks: it does not tip as a whole.</summary>
/// <param name="Area">m² of ground it covers.</param>
public sealed record BuiltIn(double Area) : Stance
{
    public override double FloorArea => Area;
}

/// <summary>Hung up: it neither tips nor stands on anything.</summary>
/// <param name="Area">m² below it.</param>
public sealed record Hung(double Area) : Stance
{
    public override double FloorArea => Area;
}

/// <summary>Stood on feet or flat on its floor, and tipping over the edge of them. Lengths in m, areas in m².</summary>
/// <param name="Length">From the outer edge of one outer foot to that of the other, along the length.</param>
/// <param name="Width">The same across.</param>
/// <param name="Body">Its outline from the side: length, width and height, from the ground up to the rim.</param>
/// <param name="FeetArea">Under all feet together.</param>
/// <param name="FeetPart">The part that its feet are.</param>
/// <param name="AgainstWall">True where a wall or its neighbours keep it from falling when somebody leans on it.</param>
public sealed record OnFeet(double Length, double Width, (double Length, double Width, double Height) Body, double FeetArea, string FeetPart, bool AgainstWall) : Stance
{
    public override double FloorArea => Body.Length * Body.Width;

    /// <summary>What stands on these feet, where a blueprint is several things and this is the one that tips and presses most; null where it is all of it.</summary>
    public Burden? Bears { get; init; }
}
