using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage;

/// <summary>Where a tick belongs in the inspection.</summary>
public enum FindingGroup
{
    Marks,
    Contents,
    Faults,
}

/// <summary>Something a gardener may see on a thing and tick.</summary>
/// <param name="Judge">What follows under the house rules; null when the finding changes how the thing is worked but not what it is fit for.</param>
/// <param name="NoCutting">Cutting, drilling or breaking it is a danger.</param>
public sealed record Finding(string Id, FindingGroup Group, string Words, Func<HouseRules, Reason?>? Judge = null, bool NoCutting = false)
{
    /// <summary>The stuff it can be seen on; null where it can be seen on any.</summary>
    public Func<Substance, bool>? On { get; init; }

    /// <summary>True where it decides what a thing is fit for or whether it may be cut, and so must be asked before anything is called food.</summary>
    public bool Decides => Judge is not null || NoCutting || Id is Findings.HeatMark or Findings.HeldFood or Findings.HeldGarden or Findings.PalletWood;

    /// <summary>
    /// True for what belongs to a thing's past and stuff, and so to every piece of it: marks, contents and all that decides. Wear and damage are seen anew on the piece.
    /// </summary>
    public bool GoesWithPieces => Id is not (Findings.LookedOver or Findings.HeldWater) && (Decides || Group != FindingGroup.Faults);

    /// <summary>True for what makes a thing less fit, or less to be cut; never for what speaks for it.</summary>
    public bool CountsAgainst => Judge is not null || NoCutting || Id is Findings.PalletWood;

    public bool CanBeOn(Substance substance) => On?.Invoke(substance) ?? true;
}

/// <summary>The table of findings. A row says what is seen and what follows from it.</summary>
public static class Findings
{
    public const string HeatMark = "mark-heat";
    public const string FumigantMark = "mark-fumigant";
    public const string PlasticMark = "mark-plastic";
    public const string PalletWood = "pallet-wood";
    public const string OwnerVouches = "owner-vouches";
    public const string HeldFood = "held-food";
    public const string HeldGarden = "held-garden";
    public const string HeldChemical = "held-chemical";
    public const string HeldUnknown = "held-unknown";
    public const string Cracked = "cracked";
    public const string Torn = "torn";
    public const string RustSurface = "rust-surface";
    public const string RustThrough = "rust-through";
    public const string HasOutlet = "has-outlet";
    public const string Weathered = "weathered";
    public const string Poor = "poor";
    public const string Nails = "nails";
    public const string Warped = "warped";
    public const string FibreCement = "fibre-cement";
    public const string Treated = "mark-treated";
    public const string Tarred = "tarred";

    /// <summary>A vessel that stood full of water for a day without giving way: what no reckoning of a thin moulded wall can tell.</summary>
    public const string HeldWater = "held-water";

    /// <summary>Ticked at the end of the guided walk, so that a clean thing can be told from one nobody has looked at.</summary>
    public const string LookedOver = "looked-over";

    public const string AsbestosWords = "Old fibre-cement may hold asbestos. Do not cut, drill or break it; ask how your council collects it.";

    public static IReadOnlyList<Finding> All { get; } =
    [
        new(FumigantMark, FindingGroup.Marks, "MB stamp: fumigated", _ => new(Fitness.Refused, "Stamped MB: fumigated with methyl bromide. Leave it.")) { On = Substances.IsWood },
        new(HeatMark, FindingGroup.Marks, "HT, KD or DH stamp: heated") { On = Substances.IsWood },
        new(PalletWood, FindingGroup.Marks, "Was part of a pallet, packing case or reel") { On = Substances.IsWood },
        new(PlasticMark, FindingGroup.Marks, "Triangle with 2, 4 or 5, or a glass and fork") { On = s => s is Substance.UnknownPlastic or Substance.Film },
        new(Treated, FindingGroup.Marks, "Green or brown preservative treatment", rules => rules[HouseRules.TreatedBoards] switch
        {
            "accept" => null,
            "line" => new(Fitness.Food, "Treated wood: for food behind film.", HouseRules.TreatedBoards, Lined: true),
            _ => new(Fitness.StructureOnly, "Treated wood: outside a liner only, not against soil for food.", HouseRules.TreatedBoards),
        }) { On = Substances.IsWood },
        new(LookedOver, FindingGroup.Marks, "Looked for all of these; what is not ticked is not there"),
        new(FibreCement, FindingGroup.Marks, "Old grey fibre-cement", _ => new(Fitness.Refused, AsbestosWords), NoCutting: true),
        new(OwnerVouches, FindingGroup.Contents, "The owner says it carried only clean goods"),
        new(HeldFood, FindingGroup.Contents, "Held food, drink or clean water"),
        new(HeldGarden, FindingGroup.Contents, "Held only soil or plants"),
        new(HeldChemical, FindingGroup.Contents, "Held oil, paint, varnish, solvent, pesticide or another chemical", _ => new(Fitness.Refused, "It held a chemical. It cannot be made clean at home, and its vapour can explode when it is cut."), NoCutting: true),
        new(HeldUnknown, FindingGroup.Contents, "Nobody knows what it held", _ => new(Fitness.StructureOnly, "Unknown contents: nothing to eat or plant in it, and no cutting."), NoCutting: true),
        new("creosote", FindingGroup.Faults, "Tar smell or creosote", _ => new(Fitness.Refused, "Creosote: not where people touch it or food grows."), NoCutting: true) { On = Substances.IsWood },
        new("chemical-smell", FindingGroup.Faults, "Oily or coloured stain, or a chemical smell", _ => new(Fitness.StructureOnly, "A stain or smell nobody can name: not for plants, and no cutting."), NoCutting: true),
        new("weedkiller-unknown", FindingGroup.Contents, "Nobody knows whether the field or lawn was sprayed", _ => new(Fitness.StructureOnly, "It may carry weedkiller that a heap does not break down. Sow beans in a pot of it first: three weeks tell.")),
        new("bean-test-passed", FindingGroup.Contents, "Beans grew straight in a pot of it"),
        new("bean-test-failed", FindingGroup.Contents, "Beans curled or failed in a pot of it", _ => new(Fitness.Refused, "The bean test failed: it carries weedkiller. Not on any bed, and not on the heap.")),
        new("fresh", FindingGroup.Contents, "Fresh, not yet rotted", _ => new(Fitness.Ornamentals, "Fresh: it burns roots and carries germs. Four months before anything is picked that touches soil; rotted down it may grow food.")),
        new("printed", FindingGroup.Marks, "Glossy, waxed or printed in colour", _ => new(Fitness.StructureOnly, "Coatings and coloured inks: not against soil. Plain brown card does.")),
        new("taped", FindingGroup.Faults, "Tape and staples on it"),
        new("resprouts", FindingGroup.Marks, "Willow, poplar or another that strikes root") { On = Substances.IsWood },
        new("suppresses", FindingGroup.Marks, "Walnut, yew or another that harms its neighbours", _ => new(Fitness.StructureOnly, "Its wood and leaves hold other plants back: not in or under a bed.")),
        new("unknown-site", FindingGroup.Contents, "From a yard, a garage or ground nobody knows", _ => new(Fitness.Ornamentals, "Ground of unknown use may hold metals or oil: ornamentals only until it is tested.")),
        new("weed-roots", FindingGroup.Faults, "Roots of perennial weeds in it"),
        new("salty", FindingGroup.Faults, "From the shore, not yet rinsed by rain", _ => new(Fitness.Ornamentals, "Salt: let two months of rain through it before food plants.")),
        new("mark-load", FindingGroup.Marks, "A working load is marked on it"),
        new("bent", FindingGroup.Faults, "Bent or kinked where it must carry", _ => new(Fitness.StructureOnly, "Bent metal has lost strength: nothing hangs from it.")) { On = Substances.IsMetal },
        new(Torn, FindingGroup.Faults, "Torn or holed"),
        new("wire-broken", FindingGroup.Faults, "Broken wires or strands"),
        new("wobbles", FindingGroup.Faults, "Joints work loose when pushed"),
        new(Tarred, FindingGroup.Faults, "Tarred", _ => new(Fitness.StructureOnly, "Tarred line is for guys and fixings out of reach of soil and plants.")) { On = s => s is Substance.NaturalFibre or Substance.SyntheticFibre or Substance.WovenCloth },
        new("rot", FindingGroup.Faults, "Soft with rot where it must carry", _ => new(Fitness.Refused, "Rot in the part that carries. Cut sound lengths out of it and enter those.")) { On = Substances.Rots },
        new("old-paint", FindingGroup.Faults, "Old paint that may hold lead", _ => new(Fitness.Ornamentals, "Old paint may hold lead: ornamentals only until a test says otherwise. Do not sand or burn it.")) { On = s => s.IsWood() || s.IsMetal() || s is Substance.Stone or Substance.Concrete or Substance.FiredClay },
        new("brittle", FindingGroup.Faults, "Chalky or brittle plastic", _ => new(Fitness.StructureOnly, "Sun has made the plastic brittle: it will not hold wet soil.")) { On = Substances.GoesBrittle },
        new(Cracked, FindingGroup.Faults, "A crack that can be plated"),
        new(RustSurface, FindingGroup.Faults, "Rust on the surface") { On = Substances.Rusts },
        new(RustThrough, FindingGroup.Faults, "Rusted through in places") { On = Substances.Rusts },
        new(HasOutlet, FindingGroup.Faults, "Has an outlet of its own"),
        new(HeldWater, FindingGroup.Marks, "Stood a day full of water, weighted as its sheet says, and did not bulge, split or creak"),
        new(Nails, FindingGroup.Faults, "Nails, staples or sharp edges") { On = Substances.IsWood },
        new(Warped, FindingGroup.Faults, "Warped or twisted") { On = Substances.IsWood },
        new(Weathered, FindingGroup.Faults, "Weathered: grey, small splits"),
        new(Poor, FindingGroup.Faults, "Poor: deep splits, worn thin"),
    ];

    private static readonly Dictionary<string, Finding> ById = All.ToDictionary(f => f.Id, StringComparer.Ordinal);

    public static Finding? Find(string id) => ById.GetValueOrDefault(id);
}
