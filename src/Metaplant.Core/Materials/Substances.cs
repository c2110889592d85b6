using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>What something is made of, as far as the rules ask.</summary>
public enum Substance
{
    Softwood,
    Hardwood,
    Polyethylene,
    UnknownPlastic,
    Steel,
    ZincCoatedSteel,
    CastIron,
    EnamelledIron,
    GreenWood,
    DryWood,
    Bamboo,
    WovenCloth,
    Film,
    NaturalFibre,
    SyntheticFibre,
    Wire,
    Fibreboard,
    Plywood,
    Pvc,
    Rubber,
    Aluminium,
    FibreCement,
    FiredClay,
    Concrete,
    Stone,
    Paper,
    Straw,
    PlantMatter,
    Manure,
    Earth,
    Copper,
    Brass,
    Bronze,
    Lead,
    WoodAsh,

    /// <summary>Ash of treated, painted or glued wood, or of coal.</summary>
    TreatedAsh,
}

/// <summary>Names and strengths of what things are made of.</summary>
[Table(70, "Shells")]
public static class Substances
{
    public const string Heat = "shell.heat";
    public const string LeftByRust = "shell.left-rust";
    public const string LeftByDeepRust = "shell.left-deep-rust";
    public const string LeftByCrack = "shell.left-crack";

    /// <summary>Shells that carry soil by stretching or bending: long-term and short-term strength and modulus in Pa, density in kg/m³. A plastic's long-term modulus is that of its creep.</summary>
    private static readonly (string Id, double[] Values, string Source, Evidence Evidence)[] Shells =
    [
        ("plastic", [6.3e6 / 1.25, 18e6, 150e6, 800e6, 950], "Long-term: PE 63 by ISO 12162, 6.3 MPa over a coefficient of 1.25; short-term: tensile yield of polyethylene; modulus after years and at once, low ends for polyethylene", Evidence.Assumed),
        ("unknown-plastic", [6.3e6 / 2.5, 9e6, 75e6, 400e6, 950], "Half of polyethylene, since nobody knows what it is", Evidence.Assumed),
        ("pvc", [10e6, 40e6, 1.2e9, 2.5e9, 1400], "Long-term: PVC-U 250 by ISO 12162, 25 MPa over a coefficient of 2.5; short-term: tensile yield; modulus after years and at once, low ends", Evidence.Assumed),
        ("steel", [235e6, 235e6, 210e9, 210e9, 7850], "EN 1993-1-1 S235, partial factor 1.0; for sound metal only", Evidence.Defined),
        ("iron", [50e6, 100e6, 100e9, 100e9, 7200], "EN 1561 grade 100 grey iron in tension, halved for a load that stays", Evidence.Assumed),
    ];

    private const string Judged = "Judged as weathered and poor wood are; nobody has measured it";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        .. Shells.SelectMany(Columns),
        new(Heat, "k_T", "plastic in the sun: strength left of that in the shade", .74, Unit.One, Evidence.Defined, "EN 12201-1 table A.1, polyethylene at 40 °C") { NeverBelow = .3 },
        new(LeftByRust, "k", "thickness left of a shell rusted on the surface", .8, Unit.One, Evidence.Assumed, Judged) { NeverAbove = 1 },
        new(LeftByDeepRust, "k", "thickness left of a shell rusted through in places", .6, Unit.One, Evidence.Assumed, Judged) { NeverAbove = 1 },
        new(LeftByCrack, "k", "thickness left of a shell with a crack that was plated", .5, Unit.One, Evidence.Assumed, Judged) { NeverAbove = 1 },
    ];

    private static IEnumerable<Constant> Columns((string Id, double[] Values, string Source, Evidence Evidence) shell) =>
    [
        new($"shell.{shell.Id}.strength", "f", $"{shell.Id}: strength for a load that stays", shell.Values[0], Unit.Pascal, shell.Evidence, shell.Source),
        new($"shell.{shell.Id}.short-strength", "f_acc", $"{shell.Id}: strength for an accidental load", shell.Values[1], Unit.Pascal, shell.Evidence, shell.Source),
        new($"shell.{shell.Id}.modulus", "E", $"{shell.Id}: modulus under a load that stays", shell.Values[2], Unit.Pascal, shell.Evidence, shell.Source),
        new($"shell.{shell.Id}.short-modulus", "E_acc", $"{shell.Id}: modulus under a short load", shell.Values[3], Unit.Pascal, shell.Evidence, shell.Source),
        new($"shell.{shell.Id}.density", "ρ", $"{shell.Id}: density", shell.Values[4], Unit.KilogramPerCubicMetre, shell.Evidence, shell.Source),
    ];

    public static string Name(this Substance substance) => substance switch
    {
        Substance.Softwood => "softwood",
        Substance.Hardwood => "hardwood",
        Substance.Polyethylene => "plastic marked 2, 4 or 5",
        Substance.UnknownPlastic => "plastic without a mark",
        Substance.Steel => "steel",
        Substance.ZincCoatedSteel => "zinc-coated steel",
        Substance.CastIron => "cast iron",
        Substance.EnamelledIron => "enamelled or painted iron",
        Substance.GreenWood => "green wood",
        Substance.DryWood => "dry wood",
        Substance.Bamboo => "bamboo",
        Substance.WovenCloth => "woven cloth",
        Substance.Film => "plastic film",
        Substance.NaturalFibre => "natural fibre",
        Substance.SyntheticFibre => "synthetic fibre",
        Substance.Wire => "steel wire",
        Substance.Fibreboard => "fibreboard",
        Substance.Plywood => "plywood",
        Substance.Pvc => "PVC",
        Substance.Rubber => "rubber",
        Substance.Aluminium => "aluminium",
        Substance.FibreCement => "fibre-cement",
        Substance.FiredClay => "fired clay",
        Substance.Concrete => "concrete",
        Substance.Stone => "stone",
        Substance.Paper => "paper or card",
        Substance.Straw => "straw",
        Substance.PlantMatter => "plant matter",
        Substance.Manure => "manure",
        Substance.Earth => "earth",
        Substance.Copper => "copper",
        Substance.Brass => "brass",
        Substance.Bronze => "bronze",
        Substance.Lead => "lead",
        Substance.WoodAsh => "ash of clean wood",
        Substance.TreatedAsh => "ash of treated or painted wood, or of coal",
        _ => throw new ArgumentOutOfRangeException(nameof(substance), substance, "Unknown substance."),
    };

    /// <summary>The row of shell strengths for a substance that can carry soil as a shell; null for one that cannot.</summary>
    public static string? Shell(this Substance substance) => substance switch
    {
        Substance.Polyethylene => "shell.plastic",
        Substance.UnknownPlastic => "shell.unknown-plastic",
        Substance.Pvc => "shell.pvc",
        Substance.Steel or Substance.ZincCoatedSteel => "shell.steel",
        Substance.CastIron or Substance.EnamelledIron => "shell.iron",
        _ => null,
    };

    /// <summary>The strength class wood is taken for when nobody has graded it; null for what is not sawn wood.</summary>
    public static string? Grade(this Substance substance) => substance switch
    {
        Substance.Softwood => "C14",
        Substance.Hardwood => "D30",
        _ => null,
    };

    /// <summary>True for the plastics that vessels and pipes are moulded of.</summary>
    public static bool IsPlastic(this Substance substance) => substance is Substance.Polyethylene or Substance.UnknownPlastic or Substance.Pvc;

    /// <summary>True for wood in any form, glued boards and bamboo too.</summary>
    public static bool IsWood(this Substance substance) => substance is
        Substance.Softwood or Substance.Hardwood or Substance.GreenWood or Substance.DryWood or Substance.Bamboo or Substance.Plywood or Substance.Fibreboard;

    /// <summary>True for metals that rust.</summary>
    public static bool Rusts(this Substance substance) => substance is
        Substance.Steel or Substance.ZincCoatedSteel or Substance.CastIron or Substance.EnamelledIron or Substance.Wire;

    public static bool IsMetal(this Substance substance) => substance.Rusts() || substance is
        Substance.Aluminium or Substance.Copper or Substance.Brass or Substance.Bronze or Substance.Lead;

    /// <summary>True for what grew or is made of what grew and rots: wood, straw, fibre, paper.</summary>
    public static bool Rots(this Substance substance) => substance.IsWood() || substance is Substance.NaturalFibre or Substance.WovenCloth or Substance.Paper or Substance.Straw;

    /// <summary>True for what sunlight makes chalky and brittle: plastics in every form, and rubber.</summary>
    public static bool GoesBrittle(this Substance substance) => substance.IsPlastic() || substance is
        Substance.Film or Substance.Rubber or Substance.SyntheticFibre or Substance.WovenCloth;

    /// <summary>True for what gets hot in the sun: metal, rubber. Null where that hangs on its colour.</summary>
    public static bool? TakesUpSun(this Substance substance)
        => substance.IsMetal() || substance == Substance.Rubber ? true : substance.GoesBrittle() ? null : false;
}
