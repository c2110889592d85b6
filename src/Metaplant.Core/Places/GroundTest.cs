namespace Metaplant.Core.Places;

/// <summary>What grows on the ground before anything is built there.</summary>
public enum WeedKind
{
    None,

    /// <summary>From seed each year: card and darkness end them.</summary>
    Annual,

    /// <summary>From roots that live on: they come through card.</summary>
    Perennial,
}

/// <summary>Something that was found out about the ground of a spot, on a day.</summary>
public abstract record GroundTest(DateOnly Day);

/// <summary>Shaken up with water in a jar, or pressed out by hand.</summary>
/// <param name="ByJar">True for the jar, which knows better than a hand.</param>
public sealed record TextureTest(DateOnly Day, TextureClass Texture, bool ByJar) : GroundTest(Day);

/// <summary>A hole filled with water once and, when that was gone, again, and a watch.</summary>
/// <param name="Soaks">How fast the water fell the second time, m/s.</param>
public sealed record HoleTest(DateOnly Day, double Soaks) : GroundTest(Day);

/// <summary>Its acidity.</summary>
/// <param name="Ph">3 to 10; below 7 is sour.</param>
public sealed record AcidityTest(DateOnly Day, double Ph) : GroundTest(Day);

/// <summary>A rod pushed in by hand.</summary>
/// <param name="Depth">m at which it stopped, or how far it went in.</param>
/// <param name="Struck">True where it stopped at something hard.</param>
public sealed record RodTest(DateOnly Day, double Depth, bool Struck) : GroundTest(Day);

public sealed record WeedTest(DateOnly Day, WeedKind Weeds) : GroundTest(Day);
