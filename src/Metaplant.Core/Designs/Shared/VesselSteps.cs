using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Materials;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Designs.Shared;

/// <summary>Steps that all found vessels share: proved, drilled, padded, filled where they stand.</summary>
internal static class VesselSteps
{
    /// <summary>The test with water, where a sum cannot tell and it has not yet stood full of it.</summary>
    public static IEnumerable<Operation> Prove(IEnumerable<LoadPath> shells, Brief brief) => HeldSoil.AsksForWater(shells, brief)
        ? [new("water-test", "Prove it with water", Sentence.Join(" ", WaterTest.Steps(brief)), 30, ["Watering can", "Tape"], Op.Gloves, true, "water", "lift")]
        : [];

    /// <summary>Holes of so much across, m, in a foot.</summary>
    /// <param name="where">Where and how, up to the burrs: "In its foot, by the template".</param>
    public static Operation Drill(int holes, double across, Substance stuff, Sentence where, string after = "") => new(
        "holes", $"Drill {new Count(holes, "hole", "holes")} of {Amount.Length(across)}", $"{where}, from the inside outwards on a block; take off the burrs.{(stuff.IsMetal() ? " Centre-punch first; slow speed and a drop of oil." : "")}{after}", (stuff.IsMetal() ? 3 : 1.2) * holes,
        [Op.Bit(across), "Tape", "Marker"], Op.EyesAndGloves, false, "drill", "edges");

    public static IEnumerable<Operation> Pads(ClosedFloor floor, int holes) => floor.PadDiameter == 0
        ? []
        : [new("pads", "Lay a coarse pad over each hole", $"A handful of crock, broken brick or stone, {Amount.Length(floor.PadDiameter)} across, so that water finds its way in from all round.", .5 * holes, ["Bucket"], Op.Gloves)];

    /// <summary>So much soil, m³, in so many of them.</summary>
    /// <param name="more">What else is looked to, from a space on.</param>
    public static Operation Fill(double soil, int vessels = 1, string more = "") => new(
        "fill", vessels == 1 ? "Fill it where it stands" : "Fill them where they stand", $"{Amount.Volume(soil)} in three layers, each firmed and watered.{more}", Math.Max(5, soil * 1000 / 8), ["Shovel"], Op.Gloves, false, "lift", "water")
    { Places = [Parts.Soil] };
}
