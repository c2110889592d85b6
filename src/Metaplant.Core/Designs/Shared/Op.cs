using Metaplant.Core.Building;
using Metaplant.Core.Casting;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Designs.Shared;

/// <summary>Steps that many designs share: each brings its own words, tools, minutes by quantity, protection and cautions, and knows which parts it places. The measures in them are quantities; the edge tells them.</summary>
internal static class Op
{
    public static readonly string[] Gloves = ["Gloves"];
    public static readonly string[] EyesAndGloves = ["Gloves", "Eye protection"];
    public static readonly string[] Saw = ["Gloves", "Eye protection", "Ear protection"];

    /// <summary>A drill with a bit of so much across, m.</summary>
    public static ToolNeed Bit(double diameter) => new("Drill", diameter);

    public static Operation Wash(string id = "wash") => new(id, "Wash it out", "Hot water and soap, rinsed three times. If a smell stays, stop: it is not for plants.", 12, ["Brush", "Bucket"], Gloves, false, "contents") { SlowerWithSalvage = true };

    public static Operation SetOut(double length, double width, string words = "") => new(
        "ground", "Set out and level the ground", $"Peg out {Amount.Length(length)} by {Amount.Length(width)} outside. Square when both diagonals agree. Level it; leave worms their way down and lay card over weeds.{words}", 30, ["Tape", "Line and pegs", "Spade"], Gloves, false, "services");

    public static Operation Denail(int pieces) => new(
        "denail", "Draw or sink loose nails", "Go over every piece; draw what stands proud, hammer in what does not come.", 4 * pieces, ["Hammer", "Nail pincers"], EyesAndGloves, false, "nails")
    { SlowerWithSalvage = true };

    /// <summary>Cuts all pieces of a need to length, as the cut plan has them.</summary>
    public static Operation Cut(string id, string what, int count, double length, double minutesEach = 3) => new(
        id, $"Cut {count} {what}", $"{Amount.Length(length)} long, as the cut plan has them; bad places stay out.", minutesEach * count, ["Hand saw or jigsaw", "Square"], ["Eye protection"], false, "saw")
    { SlowerWithSalvage = true, Cuts = [id] };

    public static Operation DrivePegs(string id, string part, int count, double depth, Sentence where) => Drive(id, part, new(count, "peg", "pegs"), depth, where);

    public static Operation DrivePosts(string id, string part, int count, double depth, Sentence where) => Drive(id, part, new(count, "post", "posts"), depth, where);

    public static Operation DriveStakes(string id, string part, int count, double depth, Sentence where) => Drive(id, part, new(count, "stake", "stakes"), depth, where);

    private static Operation Drive(string id, string part, Count pegs, double depth, Sentence where) => new(
        id, $"Drive {pegs}", $"{Amount.Length(depth)} deep, {where}", 5 * pegs.Number, ["Mallet", "Dibber bar"], EyesAndGloves, false, "services")
    { Places = [part] };

    public static Operation Line(bool film, Sentence? words = null) => new(
        "liner", film ? "Line the walls with film" : "Line the walls", words ?? "Staple it to the inside, over the gaps, folded under the lower edge. The foot stays open.", 25, ["Stapler", "Scissors"], [])
    { Places = ["liner"] };

    /// <summary>Fills by layers; <paramref name="look"/> is what to look at after each.</summary>
    public static Operation Fill(double volume, double below, string look = "") => new(
        "fill", "Fill it", $"{Amount.Volume(volume)}, in three layers, each firmed and watered, to {Amount.Length(below)} below the rim.{look}", Math.Max(5, volume * 1000 / 8), ["Barrow", "Shovel"], Gloves, false, "lift")
    { Places = [Parts.Soil] };

    public static Operation FirstWater() => new("first-water", "First water", "Pour in a can before filling: it should all be gone in a minute or two.", 5, ["Watering can"], []);

    /// <summary>Minutes it takes to drive screws or bolts, pilot holes and all.</summary>
    public static double Screws(int count) => 1.2 * count;

    public static string LowerName(Piece piece) => piece.Of?.Thing.Name.ToLowerInvariant() ?? "bought";
}
