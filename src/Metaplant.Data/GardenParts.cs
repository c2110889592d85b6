namespace Metaplant.Data;

/// <summary>What of a garden a change touched, so that whoever shows it reads that again and nothing else. What a part is judged by counts as touched with it only where its rows changed: whoever asks for matches asks again after <see cref="Heap"/>, <see cref="Shelf"/> or <see cref="Settings"/>.</summary>
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
}
