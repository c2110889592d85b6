namespace Metaplant.Core.Sums;

/// <summary>A quantity that makes a check worse or better whenever there is more of it, all else equal.</summary>
public enum Quantity
{
    /// <summary>Height of soil.</summary>
    Soil,

    /// <summary>Weight of the medium, moist or full of water.</summary>
    Wetness,

    /// <summary>Thickness of the part that carries.</summary>
    Thickness,

    /// <summary>Weathering, rust, cracks: what age does.</summary>
    Wear,

    /// <summary>People at the edge.</summary>
    People,

    /// <summary>Firmness of the ground.</summary>
    Ground,

    /// <summary>Feet or sticks that share the load.</summary>
    Feet,

    /// <summary>Size of the holes in the part.</summary>
    Holes,

    /// <summary>Packers under the floor.</summary>
    Packers,

    /// <summary>Coarse pads over the holes.</summary>
    Pads,

    /// <summary>Tie wires in a wall.</summary>
    Ties,

    /// <summary>Posts or stakes that share the load.</summary>
    Posts,

    /// <summary>How deep posts are driven.</summary>
    Depth,

    /// <summary>Screws that share the load.</summary>
    Screws,

    /// <summary>Strength of the wind.</summary>
    Wind,
}

/// <summary>What a check says of a quantity: that more of it never makes it better, or never makes it worse. A test searches every pair for a case in which it does.</summary>
public readonly record struct Guard(Quantity Quantity, bool MoreIsWorse);

public static class Guards
{
    /// <summary>The check with the quantities it guards.</summary>
    public static Check Guarding(this Check check, IEnumerable<Quantity> worse, params IEnumerable<Quantity> better)
        => check with { Guards = [.. worse.Select(q => new Guard(q, true)), .. better.Select(q => new Guard(q, false))] };
}
