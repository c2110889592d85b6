using Metaplant.Core.Salvage;

namespace Metaplant.Core.Designs;

/// <summary>What a blueprint needs of one sort. A closed hierarchy: things whole, pieces cut from sawn wood, sheeting by area, line by length, bought goods by count.</summary>
/// <param name="BuyId">The row of the price list that stands in when the heap has none; null when nothing bought will do.</param>
public abstract record Need(string Id, string Name, string? BuyId)
{
    /// <summary>How much to buy when the heap has none, in the unit of the price list row.</summary>
    public abstract double Amount { get; }
}

/// <summary>So many of named things, whole: the pallets of a bed, the tub itself.</summary>
public sealed record ThingsNeeded(string Id, string Name, IReadOnlyList<(int ThingId, int Count)> Things, string? BuyId = null) : Need(Id, Name, BuyId)
{
    public override double Amount => Things.Sum(t => t.Count);
}

/// <summary>So many pieces of a length, from sawn wood at least this wide and thick. Metres.</summary>
/// <param name="AgainstSoil">True when it touches soil and so must be fit for what is grown.</param>
public sealed record PiecesNeeded(string Id, string Name, int Count, double Length, double LeastWidth, double LeastThickness, bool AgainstSoil, string? BuyId) : Need(Id, Name, BuyId)
{
    public override double Amount => Count * Length;
}

/// <summary>A sheet of cloth or film of this size, in m; <see cref="Film"/> null when either will do.</summary>
public sealed record SheetNeeded(string Id, string Name, double Length, double Width, bool? Film, string? BuyId) : Need(Id, Name, BuyId)
{
    public override double Amount => Length * Width;
}

/// <summary>So much line, in m, between two thicknesses; <see cref="Wire"/> true for wire only, false for fibre only.</summary>
public sealed record LineNeeded(string Id, string Name, double Length, double LeastDiameter, double GreatestDiameter, bool Wire, bool AgainstSoil, string? BuyId) : Need(Id, Name, BuyId)
{
    public override double Amount => Length;
}

/// <summary>Straight sticks for pegs: so many, of a length and thickness in m.</summary>
public sealed record SticksNeeded(string Id, string Name, int Count, double Length, double LeastThickness, string? BuyId) : Need(Id, Name, BuyId)
{
    public override double Amount => Count;
}

/// <summary>Goods from the shop only: screws, washers.</summary>
public sealed record GoodsNeeded(string Id, string Name, int Count, string Buy) : Need(Id, Name, Buy)
{
    public override double Amount => Count;
}
