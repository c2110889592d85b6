namespace Metaplant.Core.Salvage;

/// <summary>One answer to a question of the walk: the finding it ticks, or none.</summary>
public sealed record WalkAnswer(string? Finding, string Words);

/// <summary>One question of the walk, its answers shown as pictures; one of them is right.</summary>
public sealed record WalkQuestion(string Id, string Words, IReadOnlyList<WalkAnswer> Answers);

/// <summary>
/// The guided walk round a thing: only the questions that matter for its kind, the most decisive first. The table's order is the order asked.
/// </summary>
public static class Walk
{
    private static readonly WalkQuestion[] All =
    [
        new("contents", "What did it hold?",
        [
            new(Findings.HeldFood, "Food, drink, clean water"), new(Findings.HeldGarden, "Soil or plants"), new(Findings.HeldChemical, "Oil, paint, solvent, pesticide"), new(Findings.HeldUnknown, "Nobody knows"),
        ]),
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

    /// <summary>The questions for a kind, with only the answers it can give. Every finding looked for on it has its place in one of them.</summary>
    public static IReadOnlyList<WalkQuestion> For(SalvageKind kind)
        => [.. All.Select(q => q with { Answers = [.. q.Answers.Where(a => a.Finding is null || kind.LookFor.Contains(a.Finding))] }).Where(q => q.Answers.Any(a => a.Finding is not null))];
}
