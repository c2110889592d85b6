namespace Metaplant.Data;

/// <summary>Which rows of a garden a change touched, so that whoever shows them reads these again and nothing else. What is worked out of several, as matches are of heap, shelf and settings, is for whoever shows it to know.</summary>
[Flags]
public enum GardenParts
{
    None = 0,

    /// <summary>Things, and what projects speak for of them.</summary>
    Heap = 1,

    Photographs = 2,

    /// <summary>Projects and how far they are.</summary>
    Projects = 4,

    /// <summary>The tool shelf.</summary>
    Shelf = 8,

    /// <summary>House rules, constants, units and manner: everything is judged and told by them.</summary>
    Settings = 16,

    /// <summary>What is measured of the garden: where a project is drawn for a spot, it is judged by this.</summary>
    Plan = 32,

    /// <summary>Where on the plan which projects stand, and as what. A tick is none of it.</summary>
    Standing = 64,
}
