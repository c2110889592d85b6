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
}

/// <summary>Names and strengths of what things are made of.</summary>
[Table(70, "Shells")]
public static class Substances
{
    /// <summary>Shells that carry soil by stretching: long-term and short-term strength in Pa, density in kg/m³.</summary>
    private static readonly (string Id, double[] Values, string Source, Evidence Evidence)[] Shells =
    [
        ("plastic", [6.3e6 / 1.25, 18e6, 950], "Long-term: PE 63 by ISO 12162, 6.3 MPa over a coefficient of 1.25; short-term: tensile yield of polyethylene", Evidence.Assumed),
        ("steel", [235e6, 235e6, 7850], "EN 1993-1-1 S235, partial factor 1.0; for sound metal only", Evidence.Defined),
        ("iron", [50e6, 100e6, 7200], "EN 1561 grade 100 grey iron in tension, halved for a load that stays", Evidence.Assumed),
    ];

    public static IReadOnlyList<Constant> Rows { get; } = [.. Shells.SelectMany(Columns)];

    private static IEnumerable<Constant> Columns((string Id, double[] Values, string Source, Evidence Evidence) shell) =>
    [
        new($"shell.{shell.Id}.strength", "f", $"{shell.Id}: strength for a load that stays", shell.Values[0], Unit.Pascal, shell.Evidence, shell.Source),
        new($"shell.{shell.Id}.short-strength", "f_acc", $"{shell.Id}: strength for an accidental load", shell.Values[1], Unit.Pascal, shell.Evidence, shell.Source),
        new($"shell.{shell.Id}.density", "ρ", $"{shell.Id}: density", shell.Values[2], Unit.KilogramPerCubicMetre, shell.Evidence, shell.Source),
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
        _ => throw new ArgumentOutOfRangeException(nameof(substance), substance, "Unknown substance."),
    };

    /// <summary>The row of shell strengths for a substance that can carry soil as a shell; null for one that cannot.</summary>
    public static string? Shell(this Substance substance) => substance switch
    {
        Substance.Polyethylene or Substance.UnknownPlastic or Substance.Pvc => "shell.plastic",
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

    public static bool IsPlastic(this Substance substance) => substance is Substance.Polyethylene or Substance.UnknownPlastic or Substance.Pvc;
}
