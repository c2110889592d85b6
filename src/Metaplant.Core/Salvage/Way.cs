namespace Metaplant.Core.Salvage;

/// <summary>The forms of stock a thing can give.</summary>
public enum Form
{
    Vessel,
    Section,
    Board,
    Timber,
    Pole,
    Twig,
    Fabric,
    Film,
    Line,
    Panel,
    Sheet,
    Weaver,
    Cane,
    Rod,
    Pipe,
    Mesh,
    Card,
    Block,
    Bale,
    Frame,
    Tyre,
    Sack,
    Tube,
    Pan,
    Fill,
    Hardware,
    Fixing,
}

/// <summary>Pieces of one form that a way gives from one thing. Sizes in m; a vessel or cloth gives its largest extents.</summary>
/// <param name="Expected">How many come out whole, by expectation: the count less breakage.</param>
public sealed record Yield(Form Form, string Name, int Count, double Expected, double Length, double Width, double Thickness)
{
    /// <summary>True of what is cut into as many lengths as it gives, such as a coil of pipe, where a pole gives one and the rest is over.</summary>
    public bool Coil { get; init; }
}

/// <summary>One way to use or take apart a thing: what it gives from one, how long it takes and with what.</summary>
/// <param name="Minutes">Working time for one, in minutes, before the salvage factor.</param>
public sealed record Way(string Id, string Name, IReadOnlyList<Yield> Yields, double Minutes, IReadOnlyList<string> Tools, Sentence Words)
{
    private static readonly string[] OnlyMove = ["Shovel", "Barrow", "Fork"];

    /// <summary>True where it is cut, drilled or broken on this way, and not only carried or shovelled.</summary>
    public bool Cuts => Tools.Any(t => !OnlyMove.Contains(t));
}
