using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>How a drilled tub is made, in order.</summary>
internal static class TubSteps
{
    public static IReadOnlyList<Operation> Of(DrilledTub.Plan tub)
    {
        var thing = tub.Source.Thing;
        var holes = tub.Holes.Count;
        var metal = !thing.Substance.IsPlastic() && !tub.Vessel.NeedsLiner;
        var steps = new List<Operation>
        {
            new("wash", "Wash it out", "Hot water and soap, rinsed three times. If a smell stays, stop: it is not for plants.", 12, ["Brush", "Bucket"], ["Gloves"], false, "contents") { SlowerWithSalvage = true },
        };
        if (tub.Vessel.CutDownTo is not null && tub.Vessel.Inside.Height - tub.Inside.Height > .01)
        {
            steps.Add(new("mark", "Mark the cut", $"{tub.Inside.Height * 1000:0} mm up from the floor all round: a pencil on a block of that height, the drum turned past it.", 8, ["Block", "Marker"], []));
            steps.Add(new("cut", "Cut it down", "Drill a starting hole in the waste, then saw slowly along the line. Metal: fine blade, and let it cool.", 20, ["Drill", "Jigsaw"], ["Gloves", "Eye protection", "Ear protection"], true, "drum", "saw") { SlowerWithSalvage = true });
            steps.Add(new("edge", "Dress the cut edge", "File off every burr and cover the edge with a split hose.", 15, ["File", "Knife"], ["Gloves"], false, "edges"));
        }

        if (thing.Shows(Findings.Cracked)) steps.Add(new("plates", "Plate the crack", "Drill a 5 mm hole at each end of the crack to stop it, then bolt a plate across inside and out.", 20, ["Drill", "Spanner"], ["Eye protection"], false, "drill") { SlowerWithSalvage = true });
        if (tub.Packers.Count > 0) steps.Add(new("packers", $"Cut {tub.Packers.Count} packers", $"{tub.PackerLength * 1000:0} mm long, {tub.PackerHeight * 1000:0} mm high.", 3 * tub.Packers.Count, ["Hand saw or jigsaw"], ["Eye protection"], false, "saw"));
        if (AsksForWater(tub)) steps.Add(new("water-test", "Prove it with water", string.Join(" ", LoadPaths.WaterTest.Steps(tub.Brief)), 30, ["Watering can", "Tape"], ["Gloves"], true, "water", "lift"));
        if (tub.Lined) steps.Add(new("liner", tub.Source.Judgement.MustLine ? "Line it with film" : "Line it", "Fold the corners like a parcel; staple under the rim.", 15, ["Scissors", "Stapler"], []));
        steps.Add(tub.Floor.Pierced
            ? new("holes", $"Pierce {holes} holes through the liner", $"{tub.Hole * 1000:0} mm, by the template, over the gaps in the floor.", .5 * holes, ["Punch or knife"], ["Gloves"])
            : new("holes", $"Drill {holes} holes of {tub.Hole * 1000:0} mm", $"Turn it over. Mark by the template from two edges, drill from the inside outwards on a block, take off the burrs.{(metal ? " Centre-punch first; slow speed and a drop of oil." : "")}{(tub.Lined ? " Pierce the liner over each." : "")}", (metal ? 3 : 1.2) * holes, [$"Drill, {tub.Hole * 1000:0} mm bit", "Tape", "Marker"], ["Eye protection", "Gloves"], false, "drill", "edges"));
        steps.Add(tub.Packers.Count > 0
            ? new("stand", tub.Settings.Whole("wall") == 1 ? "Stand it level on the packers, against the wall" : "Stand it level on the packers", $"Packers as drawn, no hole over one, {tub.Raise * 1000:0} mm clear below. Level across both ways.", 10, ["Level"], ["Gloves"], tub.EmptyMass > 25, "lift")
            : new("stand", "Stand it level", "Flat on the ground it cannot drain: raise it first.", 10, ["Level"], ["Gloves"], tub.EmptyMass > 25, "lift"));
        steps.Add(new("first-water", "First water", "Pour in a can before filling: it should all be gone in a minute or two.", 5, ["Watering can"], []));
        if (tub.Floor.PadDiameter > 0) steps.Add(new("pads", "Lay a coarse pad over each hole", $"A handful of crock, broken brick or stone, {tub.Floor.PadDiameter * 1000:0} mm across, so that water finds its way in from all round.", .5 * holes, ["Bucket"], ["Gloves"]));
        steps.Add(new("fill", "Fill it where it stands", $"{tub.Inside.VolumeTo(tub.Soil) * 1000:0} litres in three layers, each firmed and watered.", Math.Max(5, tub.Inside.VolumeTo(tub.Soil) * 1000 / 8), ["Shovel"], ["Gloves"], false, "lift", "water"));
        return steps;
    }

    /// <summary>True where a sum cannot tell and the vessel has not yet stood full of water.</summary>
    private static bool AsksForWater(DrilledTub.Plan tub)
        => DrilledTub.Shells(tub).SelectMany(p => p.Work(tub.Brief)).Any(c => c.Case == LoadCase.Normal && c.Verdict == Verdict.ProveFirst);
}
