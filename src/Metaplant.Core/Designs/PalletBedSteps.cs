namespace Metaplant.Core.Designs;

/// <summary>How a pallet-section bed is made, in order.</summary>
internal static class PalletBedSteps
{
    public static IReadOnlyList<Operation> Of(PalletSectionBed.Plan plan, int ties, bool warped)
    {
        var m = plan.Pallet;
        List<Operation> steps =
        [
            new("ground", "Set out and level the ground", $"Peg out {plan.Length * 1000:0} × {(plan.InsideWidth + 2 * m.Thickness) * 1000:0} mm outside. Square when both diagonals agree. Level it; leave worms their way down and lay card over weeds.", 30, ["Tape", "Line and pegs", "Spade"], ["Gloves"], false, "services"),
            new("denail", "Draw or sink loose nails", "Go over every pallet; draw what stands proud, hammer in what does not come.", 4 * plan.SectionsNeeded, ["Hammer", "Nail pincers"], ["Gloves", "Eye protection"], false, "nails"),
            new("saw", $"Saw {plan.SectionsNeeded} sections, {plan.Boards} boards high", "Saw every bearer between two slats, close under the upper slat. The bad slats marked on the cut plan stay out.", 4 * m.Bearers * plan.SectionsNeeded, ["Hand saw or reciprocating saw", "Square"], ["Gloves", "Eye protection", "Ear protection"], false, "saw"),
        ];
        if (plan.Across % 1 > 0) steps.Add(new("halve", "Halve one section for the ends", "Saw slats and bearer down the middle of the middle bearer, so that each half keeps half of it.", 12, ["Hand saw"], ["Gloves", "Eye protection"], false, "saw"));
        steps.AddRange(
        [
            new("cleats", "Cut four corner cleats", $"Four pieces of {plan.Height * 1000:0} mm, at least 38 × 38. Drill pilot holes of 4 mm through each, two for every board, 42 mm clear of the ends where the board allows.", 16, ["Hand saw or jigsaw", "Drill, 4 mm bit"], ["Eye protection"], false, "drill"),
            new("raise", "Stand the walls up", "Slats inwards. Long walls first, end walls between them." + (warped ? " Warped sections: one pulls straight, one screws." : ""), 8 * plan.SectionsNeeded, ["Screwdriver", "Clamps"], ["Gloves"], true, "lift"),
            new("corners", "Screw the corners from inside", $"A cleat in each corner, {2 * plan.Boards} coach screws into each wall, into the bearers and not the slats. Check the diagonals before the last.", 12 * 4, ["Spanner", "Square"], ["Gloves"]),
        ]);
        if (plan.JointScrews > 0) steps.Add(new("joints", "Screw section to section", $"Bearer to bearer where two sections meet, {2 * plan.Boards} coach screws each.", 8 * plan.Joints, ["Spanner", "Clamps"], ["Gloves"]));
        if (plan.WiresAcross(ties) + plan.WiresAlong(ties) > 0)
            steps.Add(new("ties", "Tie the walls across", $"{plan.WiresAcross(ties)} across and {plan.WiresAlong(ties)} along, at half the height: a loop of wire round a stick laid upright outside the slats on each side, twisted tight in the middle. Pull straight, not inwards.", 10 * (plan.WiresAcross(ties) + plan.WiresAlong(ties)), ["Pliers", "Side cutter"], ["Gloves", "Eye protection"], false, "wire"));
        steps.AddRange(
        [
            new("liner", "Line the walls", "Staple the liner to the inside, over the gaps, 100 mm down under the edge. The foot stays open.", 25, ["Stapler", "Scissors"], []),
            new("fill", "Fill it", $"In three layers, each firmed and watered, to {(plan.Height - plan.SoilDepth) * 1000:0} mm below the rim. Look along the long walls after each layer: a belly seen now is still easily tied.", plan.InsideLength * plan.InsideWidth * plan.SoilDepth * 1000 / 8, ["Barrow", "Shovel"], ["Gloves"], false, "lift"),
        ]);
        return steps;
    }
}
