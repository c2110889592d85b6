namespace Metaplant.Core.Salvage;

/// <summary>What is looked for on the usual materials, most decisive first. Kinds put theirs together from these.</summary>
internal static class Signs
{
    /// <summary>On whatever may be wood of a pallet, a packing case or a reel.</summary>
    public static readonly string[] Packing = [Findings.FumigantMark, Findings.HeatMark, Findings.PalletWood];

    public static readonly string[] Wood = ["creosote", "chemical-smell", "rot", "mark-treated", "old-paint", Findings.Nails, Findings.Warped, Findings.Weathered, Findings.Poor];

    public static readonly string[] Vessel =
    [
        Findings.HeldChemical, Findings.HeldUnknown, Findings.HeldFood, Findings.HeldGarden, Findings.PlasticMark, "brittle", "chemical-smell", "old-paint",
        Findings.RustThrough, Findings.RustSurface, Findings.Cracked, Findings.HasOutlet, Findings.HeldWater,
    ];

    public static readonly string[] Metal = ["chemical-smell", "old-paint", Findings.RustThrough, Findings.RustSurface, "bent"];

    public static readonly string[] Pipe = [Findings.PlasticMark, "chemical-smell", "brittle", Findings.RustThrough, Findings.RustSurface, "bent", Findings.Cracked];

    public static readonly string[] Sticks = ["rot", "chemical-smell", "resprouts", Findings.Warped, Findings.Weathered, Findings.Poor];

    public static readonly string[] Soft = ["chemical-smell", "rot", "brittle", "torn", Findings.Weathered, Findings.Poor];

    public static readonly string[] Stone = ["chemical-smell", "old-paint", Findings.Cracked];
}
