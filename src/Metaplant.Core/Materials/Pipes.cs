using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>What a pipe or rod is made of. Modulus and yield in Pa, density in kg/m³.</summary>
public sealed record PipeStuff(string Id, string Name, double Modulus, double Yield, double Density)
{
    /// <summary>True of what keeps on giving while it is bent, so that after weeks little of the stress of bending is left in it.</summary>
    public bool Relaxes => Id is "Polyethylene" or "Pvc" or "GreenRod";
}

/// <summary>What arches are bent of.</summary>
[Table(85, "Pipes and rods for arches")]
public static class Pipes
{
    private const string Makers = "Lower end of makers' figures; sun and frost take more";

    private static readonly (string Id, string Name, double Modulus, double Yield, double Density, string Source)[] Table =
    [
        ("Polyethylene", "Polyethylene water pipe", .8e9, 20e6, 950, Makers),
        ("Pvc", "Stiff PVC conduit", 2.8e9, 45e6, 1400, Makers),
        ("SteelTube", "Steel conduit or tube", 210e9, 220e6, 7850, "EN 1993-1-1 3.2.6; yield of the softest conduit sold"),
        ("SteelRod", "Ribbed steel rod", 200e9, 400e6, 7850, "EN 1992-1-1 annex C, lower end"),
        ("GlassFibre", "Glass-fibre rod", 30e9, 400e6, 1900, Makers),
        ("GreenRod", "Fresh hazel or willow rod", 6e9, 40e6, 800, "Green-wood figures of the Wood Handbook (FPL-GTR-190), low end of hardwoods"),
    ];

    /// <summary>What is left of the stress of bending in plastics and green wood after some weeks.</summary>
    public const string Left = "pipe.stress-left";

    /// <summary>The tightest former over the thickness of what is bent round it cold.</summary>
    public const string Tightest = "pipe.tightest-former";

    /// <summary>What a found pipe, rod or bundle of sticks is reckoned as; null where nobody knows how it bends.</summary>
    public static string? IdOf(Substance substance, bool pipe) => substance switch
    {
        Substance.Polyethylene => "Polyethylene",
        Substance.Pvc => "Pvc",
        Substance.Steel or Substance.ZincCoatedSteel => pipe ? "SteelTube" : "SteelRod",
        Substance.GreenWood => "GreenRod",
        _ => null,
    };

    public static IReadOnlyList<string> Ids { get; } = [.. Table.Select(p => p.Id)];

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(Tightest, "R_i/d", "radius of the tightest former over thickness, bent cold", 5, Unit.One, Evidence.Assumed, "Hand benders for tube are made with 4 to 6; a tube filled with sand") { NeverBelow = 2, NeverAbove = 20 },
        new(Left, "r", "stress of bending left after some weeks in plastics and green wood", .4, Unit.One, Evidence.Assumed, "Creep moduli of makers beside those of a short load; green wood alike") { NeverBelow = .1, NeverAbove = 1 },
        .. Table.SelectMany(p => (Constant[])
        [
            new($"pipe.{p.Id}.modulus", "E", $"{p.Name}: modulus of elasticity", p.Modulus, Unit.Pascal, Evidence.Assumed, p.Source),
            new($"pipe.{p.Id}.yield", "f", $"{p.Name}: stress at which it stays bent", p.Yield, Unit.Pascal, Evidence.Assumed, p.Source),
            new($"pipe.{p.Id}.density", "ρ", $"{p.Name}: density", p.Density, Unit.KilogramPerCubicMetre, Evidence.Assumed, p.Source),
        ]),
    ];

    /// <summary>The stuff with the values in force; an unknown id is a bug and throws.</summary>
    public static PipeStuff Get(Handbook handbook, string id)
    {
        return new(id, Array.Find(Table, p => p.Id == id).Name, Of("modulus"), Of("yield"), Of("density"));

        double Of(string column) => handbook[$"pipe.{id}.{column}"];
    }
}
