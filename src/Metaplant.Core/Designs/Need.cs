using Metaplant.Core.Salvage;

namespace Metaplant.Core.Designs;

/// <summary>What a blueprint needs of one sort. A closed hierarchy: things whole, pieces cut from sawn wood, sheeting by area, line by length, sticks, soil by volume, bought goods by count.</summary>
/// <param name="Seat">Where the part sits; what is fit for it follows from that and from what is grown.</param>
/// <param name="Buy">The family of rows of the price list that stands in when the heap has none; null when nothing bought will do.</param>
public abstract record Need(string Id, string Name, Seat Seat, string? Buy)
{
    /// <summary>How much it is in all, for telling what is short: pieces, m, m² or m³.</summary>
    public abstract double Amount { get; }

    /// <summary>What <see cref="Amount"/> is in.</summary>
    public virtual string Per => "pieces";
}

/// <summary>So many of named things, whole: the pallets of a bed, the tub itself. They were found fit when the design took them for its main stuff.</summary>
public sealed record ThingsNeeded(string Id, string Name, Seat Seat, IReadOnlyList<(int ThingId, int Count)> Things) : Need(Id, Name, Seat, null)
{
    public override double Amount => Things.Sum(t => t.Count);
}

/// <summary>So many pieces of a length, from sawn wood at least this wide and thick. Metres.</summary>
public sealed record PiecesNeeded(string Id, string Name, int Count, double Length, double LeastWidth, double LeastThickness, Seat Seat, string? Buy) : Need(Id, Name, Seat, Buy)
{
    /// <summary>The one side that must come out exactly so, m: what is thicker both ways is ripped to it. Null where more does no harm.</summary>
    public double? Exact { get; init; }

    public override double Amount => Count;
}

/// <summary>What a sheet is for.</summary>
public enum Sheeting
{
    /// <summary>Holds soil back and lets water through.</summary>
    Cloth,

    /// <summary>Keeps soil, roots and water off what is behind it.</summary>
    Film,

    /// <summary>Holds soil back; either does.</summary>
    Either,
}

/// <summary>A sheet of cloth or film of this size against the soil, in m. Card and paper are neither.</summary>
public sealed record SheetNeeded(string Id, string Name, double Length, double Width, Sheeting Kind, string? Buy) : Need(Id, Name, Seat.InSoil, Buy)
{
    public override double Amount => Length * Width;

    public override string Per => "m²";
}

/// <summary>So much line, in m, between two thicknesses; <see cref="Wire"/> true for wire only, false for fibre only.</summary>
public sealed record LineNeeded(string Id, string Name, double Length, double LeastDiameter, double GreatestDiameter, bool Wire, Seat Seat, string? Buy) : Need(Id, Name, Seat, Buy)
{
    public override double Amount => Length;

    public override string Per => "m";
}

/// <summary>Straight sticks for pegs: so many, of a length and thickness in m.</summary>
public sealed record SticksNeeded(string Id, string Name, int Count, double Length, double LeastThickness, Seat Seat, string? Buy) : Need(Id, Name, Seat, Buy)
{
    public override double Amount => Count;
}

/// <summary>Growing medium, in m³ as it is ordered: what is placed and what it loses in settling in.</summary>
public sealed record SoilNeeded(string Id, string Name, double Volume, string MediumId) : Need(Id, Name, Seat.InSoil, "soil-" + MediumId)
{
    public override double Amount => Volume;

    public override string Per => "m³";
}

/// <summary>Goods from the shop only: screws, washers.</summary>
public sealed record GoodsNeeded(string Id, string Name, int Count, string Goods) : Need(Id, Name, Seat.Clear, Goods)
{
    public override double Amount => Count;
}
