namespace Metaplant.Core.Building;

/// <summary>The usual cautions, by id, shown at the step they belong to.</summary>
public static class Cautions
{
    /// <summary>Stands at the foot of every sheet.</summary>
    public const string NotACertificate = "Not a certificate. Local rules and a qualified person come first.";

    private static readonly Dictionary<string, Sentence> Rows = new(StringComparer.Ordinal)
    {
        ["services"] = "Look up pipes and cables before anything is driven or dug.",
        ["nails"] = "Rusty nails: thick gloves and soles, and a jar for every nail that comes out.",
        ["saw"] = "Eyes, ears and hands protected; the piece clamped; no nail in the way of the saw.",
        ["drill"] = "Eye protection; clamp small pieces; let the bit clear its chips.",
        ["lift"] = $"One person lifts {Amount.Mass(25)}, two {Amount.Mass(33)}, three {Amount.Mass(38)}. Bend the knees, or use a barrow or a plank.",
        ["wire"] = "Wire under tension whips when it breaks: eye protection, and stand aside while twisting. Turn the ends in.",
        ["drum"] = "Never cut or heat a drum unless you know it held something harmless and it has been washed: vapour explodes.",
        ["edges"] = "Cut edges are as sharp as knives. File them and cover them before anyone reaches in.",
        ["contents"] = "If you find a smell, a film or a label you do not like, stop and put it aside.",
        ["water"] = "Small children drown in little water: a tub waiting to be filled is turned over.",
        ["straw"] = "Old straw is full of mould: damp it before you move it, and wear a mask. Dry straw burns fast: no fire near it.",
        ["fingers"] = "Fingers out from under before it is let down; stones are rolled or walked, not carried. Eye protection when one is knocked.",
        ["sticks"] = "Cut away from yourself; thorns and sap: gloves.",
        ["ties"] = "Loops stay loose: a tie that fits today chokes the stem in June.",
    };

    /// <summary>The sentence of a caution; an unknown id is a bug and throws.</summary>
    public static Sentence Sentence(string id) => Rows[id];
}
