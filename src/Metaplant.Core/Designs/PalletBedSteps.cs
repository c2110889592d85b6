using Metaplant.Core.Designs.LoadPaths;

namespace Metaplant.Core.Designs;

/// <summary>How a pallet-section bed is made, in order.</summary>
internal static class PalletBedSteps
{
    public static IReadOnlyList<Operation> Of(PalletSectionBed.Plan plan, int ties, double pegs, bool warped, bool film)
    {
        var m = plan.Pallet;
        List<Operation> steps =
        [
            new("ground", "Set out and level the ground", $"Peg out {plan.Length * 1000:0} × {(plan.InsideWidth + 2 * m.Thickness) * 1000:0} mm outside. Square when both diagonals agree. Level it; leave worms their way down and lay card over weeds.", 30, ["Tape", "Line and pegs", "Spade"], ["Gloves"], false, "services"),
            new("denail", "Draw or sink loose nails", "Go over every pallet; draw what stands proud, hammer in what does not come.", 4 * plan.SectionsNeeded, ["Hammer", "Nail pincers"], ["Gloves", "Eye protection"], false, "nails") { SlowerWithSalvage = true },
            new("saw", $"Saw {plan.SectionsNeeded} sections, {plan.Boards} {(plan.Boards == 1 ? "board" : "boards")} high", "Saw every bearer between two slats, close under the upper slat. The bad slats marked on the cut plan stay out.", 4 * m.Bearers * plan.SectionsNeeded, ["Hand saw or reciprocating saw", "Square"], ["Gloves", "Eye protection", "Ear protection"], false, "saw") { SlowerWithSalvage = true },
        ];
        if (plan.Across % 1 > 0)
        {
            steps.Add(new(
                "halve", "Halve one section for the ends",
                m.Bearers % 2 == 1
                    ? $"Saw the slats off on both sides of the middle bearer, so that no saw meets its nails: two halves of {PalletCorner.HalfLength(m) * 1000:0} mm, each with its outer bearer."
                    : $"Saw the slats half way between the two middle bearers: two halves of {PalletCorner.HalfLength(m) * 1000:0} mm.",
                12, ["Hand saw"], ["Gloves", "Eye protection"], false, "saw")
            { SlowerWithSalvage = true });
        }

        if (plan.Posts > 0)
        {
            steps.Add(new(
                "corner-posts", $"Put {plan.Posts} posts where an end has no bearer", $"Cut them {plan.Height * 1000:0} mm long. Stand each behind the slats, flush with their ends; from inside, drill 4 mm and drive {plan.Corner.ScrewsInSlat} screws through every slat into it.",
                10 * plan.Posts, ["Hand saw or jigsaw", "Drill, 4 mm bit", "Screwdriver"], ["Eye protection"], false, "saw", "drill"));
        }

        steps.AddRange(
        [
            new("raise", "Stand the walls up", $"Slats inwards. Long walls first; end walls between them, {(plan.Corner.SetIn > .0005 ? $"{plan.Corner.SetIn * 1000:0} mm in from the ends of the long ones" : "flush with the ends of the long ones")}, so that a screw goes in beside the long wall's own bearer." + (warped ? " Warped sections: one pulls straight, one screws." : ""), 8 * plan.SectionsNeeded, ["Screwdriver", "Clamps"], ["Gloves"], true, "lift") { SlowerWithSalvage = true },
            new("corners", "Screw the corners from outside", $"{plan.Corner.FromEnd * 1000:0} mm from the end of every slat of the long walls: drill 4 mm through the slat, then {plan.Corner.ScrewsInSlat} {(plan.Corner.ScrewsInSlat == 1 ? "screw" : "screws")} into the upright of the end wall behind it, {plan.ScrewsInCorner} in each corner. Check the diagonals before the last.", 12 * 4, ["Drill, 4 mm bit", "Screwdriver", "Square"], ["Gloves"], false, "drill") { SlowerWithSalvage = true },
        ]);
        if (plan.Bolts > 0) steps.Add(new("joints", "Bolt section to section", "Bearer to bearer where two sections meet: drill 8 mm through both, one bolt high and one low, washers on both sides.", 8 * plan.Joints, ["Drill, 8 mm bit", "Spanner", "Clamps"], ["Gloves"], false, "drill"));
        steps.Add(new("pegs", $"Drive {plan.Pegs(ties)} pegs outside the foot", $"{pegs * 1000:0} mm deep, hard against the walls: {plan.PegsAlong(ties)} along each long wall and {plan.PegsAcross(ties)} at each end, where the ties go.", 5 * plan.Pegs(ties), ["Mallet", "Dibber bar"], ["Gloves", "Eye protection"], false, "services"));
        if (plan.Anchors(ties) > 0)
        {
            steps.Add(new(
                "ties", "Tie the walls across", $"{plan.WiresAcross(ties)} across and {plan.WiresAlong(ties)} along, {plan.TieHeight * 1000:0} mm up: an anchor, an upright of {PalletSectionBed.AnchorSide * 1000:0} mm, outside the slats at each end, a loop of wire round it, twisted tight in the middle. Pull straight, not inwards.",
                10 * (plan.WiresAcross(ties) + plan.WiresAlong(ties)), ["Hand saw", "Pliers", "Side cutter"], ["Gloves", "Eye protection"], false, "wire"));
        }

        steps.AddRange(
        [
            new("liner", film ? "Line the walls with film" : "Line the walls", "Staple it to the inside, over the gaps, 100 mm down under the edge. The foot stays open.", 25, ["Stapler", "Scissors"], []),
            new("fill", "Fill it", $"In three layers, each firmed and watered, to {(plan.Height - plan.SoilDepth) * 1000:0} mm below the rim. Look along the long walls after each layer: a belly seen now is still easily tied.", plan.InsideLength * plan.InsideWidth * plan.SoilDepth * 1000 / 8, ["Barrow", "Shovel"], ["Gloves"], false, "lift"),
        ]);
        return steps;
    }
}
