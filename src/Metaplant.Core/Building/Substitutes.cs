namespace Metaplant.Core.Building;

/// <summary>What does a job when the tool for it is lacking.</summary>
public static class Substitutes
{
    /// <summary>A tool, what to do without it, and the tools that this wants in its turn.</summary>
    private static readonly (string Tool, string Words, string[] Wants)[] Table =
    [
        ("Reciprocating saw", "Saw by hand, the blade flat against the slat; three times the minutes.", ["Hand saw"]),
        ("Hand saw", "Use the jigsaw, from both sides where the wood is thick.", ["Jigsaw"]),
        ("Jigsaw", "Drill a starting hole and saw with a keyhole blade by hand.", ["Hand saw"]),
        ("Jigsaw with a metal blade", "Cut a slot with the hacksaw and go on with tin snips.", ["Hacksaw", "Tin snips"]),
        ("Tin snips", "Use the jigsaw with a metal blade, the sheet clamped between boards.", ["Jigsaw with a metal blade"]),
        ("Circular saw", "Saw by hand along a board clamped on as a fence.", ["Hand saw"]),
        ("Hacksaw", "Use the jigsaw with a metal blade.", ["Jigsaw with a metal blade"]),
        ("Fine saw", "Use the hacksaw.", ["Hacksaw"]),
        ("Pruning saw", "Use the hand saw; it clogs in green wood, so clean it now and then.", ["Hand saw"]),
        ("Pruning knife", "Use a sharp knife.", ["Knife"]),
        ("Drill", "Bore with a hand brace, or ask somebody with a drill for this one step.", []),
        ("Hole cutter", "Drill a ring of small holes, knock the middle out and file the edge.", ["Drill", "File"]),
        ("Pry bar", "Saw through the nails between slat and bearer, and leave the points in.", ["Hacksaw"]),
        ("Nail pincers", "Draw nails with the hammer’s claw over a scrap of wood.", ["Hammer"]),
        ("Club hammer and bolster", "Look for a shorter piece, or let the last joint overlap the next wall.", []),
        ("Hammer", "Drive with a mallet or a stone against a hardwood block.", []),
        ("Mallet", "Drive with the hammer on a scrap of wood, so that the head does not split.", ["Hammer"]),
        ("Screwdriver", "Use a driver bit in the drill, slowly.", ["Drill"]),
        ("Spanner", "Hold the nut with pliers and turn the other end.", ["Pliers"]),
        ("Pliers", "Twist with the side cutter, gently.", ["Side cutter"]),
        ("Side cutter", "Bend the wire to and fro with pliers until it breaks.", ["Pliers"]),
        ("Bolt cutter", "Cut wire by wire with the side cutter.", ["Side cutter"]),
        ("Stapler", "Tack through a strip of card with short nails.", ["Hammer"]),
        ("Scissors", "Cut along a board with a knife.", ["Knife"]),
        ("Knife", "Use scissors.", ["Scissors"]),
        ("File", "Sand with coarse paper round a block.", []),
        ("Punch", "Drive a clean nail through and draw it.", ["Hammer", "Nail pincers"]),
        ("Clamps", "Twist a line tight with a stick, or have a second person hold it.", []),
        ("Level", "Lay a clear, half full bottle on a straight board.", []),
        ("Square", "Measure both diagonals, or 3, 4 and 5 with the tape.", []),
        ("Spade", "Use the shovel and a hoe.", ["Shovel"]),
        ("Shovel", "Fill with a spade, or by the bucket.", []),
        ("Fork", "Tear it apart by hand, gloves on.", []),
        ("Barrow", "Carry it in buckets, two at a time.", []),
        ("Dibber bar", "Drive a steel rod or an offcut first and draw it again.", []),
        ("Step ladder", "Lash the head lying down and stand it up with two people.", []),
    ];

    /// <summary>Every tool that something stands in for.</summary>
    public static IReadOnlyList<string> Tools { get; } = [.. Table.Select(t => t.Tool)];

    /// <summary>What does it without a tool, with what is had; null where nothing on this shelf does.</summary>
    public static string? For(string tool, Func<string, bool> isHad)
        => Table.FirstOrDefault(t => t.Tool == tool && t.Wants.All(isHad)) is { Words: { } words } ? words : null;
}
