namespace Metaplant.Core.Materials;

/// <summary>Where a thing spends its years.</summary>
public enum Place
{
    /// <summary>In or against wet soil.</summary>
    InGround,

    /// <summary>Outdoors, off the ground.</summary>
    Outdoors,

    /// <summary>Under a roof.</summary>
    Sheltered,
}

/// <summary>Years that something may be expected to last, from and to.</summary>
public sealed record Life(Place Place, int From, int To);

/// <summary>
/// Expected years by material and place. Wood in ground: EN 350 durability classes, softwood as class 4 to 5, oak-like hardwood as class 2 to 3; the rest are estimates of practice, the first to be corrected by one's own record.
/// </summary>
public static class Lives
{
    private static readonly Dictionary<Substance, (int, int)[]> Table = new()
    {
        [Substance.Softwood] = [(2, 6), (6, 15), (25, 60)],
        [Substance.Hardwood] = [(8, 20), (15, 35), (40, 100)],
        [Substance.GreenWood] = [(1, 2), (2, 4), (3, 8)],
        [Substance.DryWood] = [(1, 3), (3, 6), (10, 30)],
        [Substance.Bamboo] = [(1, 2), (3, 5), (8, 15)],
        [Substance.Polyethylene] = [(10, 25), (8, 20), (25, 60)],
        [Substance.UnknownPlastic] = [(3, 12), (2, 8), (15, 40)],
        [Substance.Pvc] = [(20, 50), (8, 20), (30, 60)],
        [Substance.Rubber] = [(30, 80), (15, 40), (30, 80)],
        [Substance.Steel] = [(3, 10), (6, 20), (30, 80)],
        [Substance.ZincCoatedSteel] = [(8, 20), (15, 40), (50, 100)],
        [Substance.Aluminium] = [(15, 40), (30, 80), (50, 100)],
        [Substance.CastIron] = [(30, 80), (50, 120), (100, 200)],
        [Substance.EnamelledIron] = [(10, 30), (20, 50), (50, 100)],
        [Substance.WovenCloth] = [(2, 6), (2, 5), (10, 20)],
        [Substance.Film] = [(5, 20), (1, 4), (10, 30)],
        [Substance.NaturalFibre] = [(0, 1), (1, 2), (5, 15)],
        [Substance.SyntheticFibre] = [(10, 30), (2, 6), (15, 40)],
        [Substance.Wire] = [(3, 8), (5, 15), (30, 60)],
        [Substance.Fibreboard] = [(0, 1), (0, 1), (10, 30)],
        [Substance.Plywood] = [(1, 3), (3, 10), (20, 50)],
        [Substance.FibreCement] = [(30, 60), (30, 60), (40, 80)],
        [Substance.FiredClay] = [(50, 200), (30, 100), (100, 300)],
        [Substance.Concrete] = [(50, 100), (40, 100), (80, 200)],
        [Substance.Stone] = [(100, 300), (100, 300), (100, 300)],
        [Substance.Paper] = [(0, 1), (0, 1), (2, 10)],
        [Substance.Straw] = [(0, 1), (1, 2), (3, 10)],
        [Substance.PlantMatter] = [(0, 1), (0, 1), (1, 2)],
        [Substance.Manure] = [(0, 1), (0, 1), (1, 2)],
        [Substance.Earth] = [(100, 300), (100, 300), (100, 300)],
        [Substance.Copper] = [(30, 80), (50, 150), (100, 300)],
        [Substance.Brass] = [(20, 60), (40, 100), (100, 200)],
        [Substance.Bronze] = [(40, 100), (60, 150), (100, 300)],
        [Substance.Lead] = [(50, 150), (50, 150), (100, 300)],
        [Substance.WoodAsh] = [(0, 1), (0, 1), (1, 5)],
        [Substance.TreatedAsh] = [(50, 100), (50, 100), (50, 100)],
    };

    /// <summary>Years in ground, outdoors and sheltered; worn things last about three fifths, poor ones a third.</summary>
    public static IReadOnlyList<Life> Of(Substance substance, Condition condition)
    {
        var left = condition switch { Condition.Sound => 1, Condition.Weathered => .6, _ => .33 };
        return [.. Table[substance].Select((years, i) => new Life((Place)i, (int)(years.Item1 * left), Math.Max(1, (int)Math.Round(years.Item2 * left))))];
    }
}
