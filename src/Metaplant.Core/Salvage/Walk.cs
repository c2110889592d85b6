using System.Collections.Concurrent;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage;

/// <summary>One answer to a question of the walk: the finding it ticks, or none.</summary>
public sealed record WalkAnswer(string? Finding, string Words)
{
    /// <summary>True where nothing that is asked after it can matter any more: the thing is refused under every house rule.</summary>
    public bool Ends => Finding is { } id && Findings.Find(id)!.Judge?.Invoke(HouseRules.Default)?.Fitness == Fitness.Refused;
}

/// <summary>One question of the walk, its answers shown as pictures; one of them is right.</summary>
public sealed record WalkQuestion(string Id, string Words, IReadOnlyList<WalkAnswer> Answers)
{
    /// <summary>True where an answer decides what the thing is fit for or whether it may be cut.</summary>
    public bool Decides => Answers.Any(a => a.Finding is { } id && Findings.Find(id)!.Decides);

    /// <summary>True where "none of these" is an answer, so that having looked is enough.</summary>
    public bool HasNone => Answers.Any(a => a.Finding is null);
}

/// <summary>
/// The guided walk round a thing: only the questions that matter for its kind and its stuff, the most decisive first. The table's order is the order asked.
/// </summary>
public static class Walk
{
    private static readonly ConcurrentDictionary<(SalvageKind Kind, Substance? Substance), IReadOnlyList<WalkQuestion>> Made = [];

    private static readonly WalkQuestion[] All =
    [
        new("contents", "What did it hold?",
        [
            new(Findings.HeldFood, "Food, drink, clean water"), new(Findings.HeldGarden, "Soil or plants"), new(Findings.HeldChemical, "Oil, paint, solvent, pesticide"), new(Findings.HeldUnknown, "Nobody knows"),
        ]),
        new("pallet-wood", "Was it part of a pallet, a packing case or a reel?", [new(Findings.PalletWood, "Yes, or it looks like it"), new(null, "No, I know where it is from")]),
        new("stamp", "Which stamp is on it?", [new(Findings.HeatMark, "HT, KD or DH: heated"), new(Findings.FumigantMark, "MB: fumigated"), new(null, "None to be found")]),
        new("fibre-cement", "Is it old grey fibre-cement?", [new("fibre-cement", "Grey, brittle, heavy for its size"), new(null, "No")]),
        new("tar", "Does it smell of tar?", [new("creosote", "Yes, creosote"), new(null, "No")]),
        new("tarred", "Is it tarred?", [new("tarred", "Yes"), new(null, "No")]),
        new("beans", "Could it carry weedkiller?",
            [new("bean-test-passed", "Beans grew straight in it"), new("bean-test-failed", "Beans curled or died in it"), new("weedkiller-unknown", "Nobody knows"), new(null, "Never sprayed, I know the field")]),
        new("smell", "Stains or a smell nobody can name?", [new("chemical-smell", "Oily, coloured, or it smells"), new(null, "Clean")]),
        new("rot", "Push a screwdriver in where it must carry.", [new("rot", "It goes in: soft"), new(null, "It stays out: firm")]),
        new("site", "Where is it from?", [new("unknown-site", "A yard, a garage, who knows"), new(null, "A garden or field I know")]),
        new("fresh", "Is it rotted?", [new("fresh", "Fresh, it smells"), new(null, "Dark and crumbly")]),
        new("printed", "Is it coated or printed?", [new("printed", "Glossy, waxed or coloured"), new(null, "Plain and brown")]),
        new("species", "Does its wood hold others back?", [new("suppresses", "Walnut, yew or the like"), new(null, "No")]),
        new("treated", "Green or brown from treatment?", [new("mark-treated", "Treated"), new(null, "Plain wood")]),
        new("paint", "Old paint on it?", [new("old-paint", "Old, may hold lead"), new(null, "None, or new")]),
        new("brittle", "Press a thumbnail in the plastic.", [new("brittle", "Chalky, it cracks"), new(null, "Tough")]),
        new("plastic", "Look for the triangle.", [new(Findings.PlasticMark, "2, 4 or 5, or glass and fork"), new(null, "No mark, or another")]),
        new("rust", "How far has rust gone?", [new(null, "Bright or coated"), new(Findings.RustSurface, "On the surface"), new(Findings.RustThrough, "Through in places")]),
        new("bent", "Bent where it must carry?", [new("bent", "Bent or kinked"), new(null, "Straight")]),
        new("crack", "Any crack?", [new(Findings.Cracked, "One that can be plated"), new(null, "None")]),
        new("torn", "Torn or holed?", [new("torn", "Torn"), new(null, "Whole")]),
        new("strands", "Broken strands?", [new("wire-broken", "Some broken"), new(null, "All whole")]),
        new("joints", "Push it from the side.", [new("wobbles", "It wobbles"), new(null, "It stands")]),
        new("load", "Is a working load marked?", [new("mark-load", "Yes, stamped or on a tag"), new(null, "No")]),
        new("outlet", "Has it an outlet of its own?", [new(Findings.HasOutlet, "Yes"), new(null, "No")]),
        new("owner", "Does the owner vouch for what it carried?", [new(Findings.OwnerVouches, "Clean goods only"), new(null, "Cannot say")]),
        new("nails", "Nails, staples, sharp edges?", [new(Findings.Nails, "Some"), new(null, "None")]),
        new("warp", "Look along it.", [new(Findings.Warped, "Warped or twisted"), new(null, "Straight enough")]),
        new("roots", "Roots of perennial weeds in it?", [new("weed-roots", "White runners"), new(null, "None seen")]),
        new("shore", "From the shore?", [new("salty", "Not yet rinsed by rain"), new(null, "No, or rinsed")]),
        new("strikes", "Will it strike root?", [new("resprouts", "Willow, poplar or the like"), new(null, "No")]),
        new("tape", "Tape and staples on it?", [new("taped", "Some to pull off"), new(null, "None")]),
        new("condition", "How worn is it?", [new(null, "Sound"), new(Findings.Weathered, "Grey, small splits"), new(Findings.Poor, "Deep splits, worn thin")]),
    ];

    /// <summary>The questions for a kind of whatever stuff, with only the answers it can give. Every finding looked for on it has its place in one of them, but for the two that are the outcome of a look or a test.</summary>
    public static IReadOnlyList<WalkQuestion> For(SalvageKind kind) => Made.GetOrAdd((kind, null), k => Asked(k.Kind.LookFor));

    /// <summary>The questions for a kind of this stuff: nobody presses a thumbnail into a steel drum.</summary>
    public static IReadOnlyList<WalkQuestion> For(SalvageKind kind, Substance substance)
        => Made.GetOrAdd((kind, substance), k => Asked([.. k.Kind.LookFor.Where(f => Findings.Find(f)!.CanBeOn(substance))]));

    /// <summary>
    /// The decisive questions still open, in the order asked. A question is closed by a tick that answers it, its own or of what the thing came from; or, where none of its answers need be so, by having been looked over.
    /// </summary>
    public static IReadOnlyList<WalkQuestion> Open(Thing thing)
        => [.. For(thing.Kind, thing.Substance).Where(q => q.Decides && !q.Answers.Any(a => a.Finding is { } f && thing.Shows(f)) && !(q.HasNone && thing.Shows(Findings.LookedOver)))];

    private static IReadOnlyList<WalkQuestion> Asked(IReadOnlyList<string> lookFor)
        => [.. All.Select(q => q with { Answers = [.. q.Answers.Where(a => a.Finding is null || lookFor.Contains(a.Finding))] }).Where(q => q.Answers.Any(a => a.Finding is not null))];
}
