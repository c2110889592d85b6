using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage;

/// <summary>How well a practice is known.</summary>
public enum Basis
{
    Tested,
    HandedDown,
    Doubtful,
}

/// <summary>One side of a question that practitioners answer differently.</summary>
public sealed record School(string Id, string Name, string Reason, Basis Basis);

/// <summary>A question with its schools, the one we start from first.</summary>
public sealed record HouseRule(string Id, string Question, IReadOnlyList<School> Schools)
{
    public School Default => Schools[0];
}

/// <summary>The schools a garden follows. Immutable; a question not answered keeps its default.</summary>
public sealed class HouseRules
{
    public const string PalletWood = "pallet-wood";
    public const string TreatedBoards = "treated-boards";
    public const string CoatedMetal = "coated-metal";
    public const string DoubtfulPlastic = "doubtful-plastic";

    /// <summary>What a deep bay is filled with at its foot.</summary>
    public const string Filling = "filling";

    private readonly Dictionary<string, string> chosen;

    private HouseRules(Dictionary<string, string> chosen) => this.chosen = chosen;

    public static IReadOnlyList<HouseRule> All { get; } =
    [
        new(PalletWood, "Pallet wood for food plants?",
        [
            new("heat-mark", "With a heat mark and clean", "HT, KD or DH says it was heated, not fumigated; clean says nothing was spilt on it. Unmarked wood is for ornamentals.", Basis.Tested),
            new("never", "Only when the owner vouches for its loads as well", "A mark says how the wood was treated, not what it carried.", Basis.HandedDown),
            new("lined", "Any that is not fumigated, if lined", "A liner keeps soil and wood apart, though not for ever.", Basis.Doubtful),
        ]),
        new(TreatedBoards, "New preservative-treated boards beside food?",
        [
            new("avoid", "Not inside; posts outside a liner", "Copper moves a little into the soil beside it; outside a liner it does not reach roots.", Basis.HandedDown),
            new("line", "Behind a liner", "The liner keeps roots off the wood for some years.", Basis.HandedDown),
            new("accept", "Accept", "Present-day treatments leach little, and plants take little of it up.", Basis.Tested),
        ]),
        new(CoatedMetal, "Zinc-coated metal with food?",
        [
            new("accept", "Accept zinc with near-neutral soil", "Zinc is a plant food in small amounts; only sour soil dissolves much of it.", Basis.Tested),
            new("line", "Behind a liner", "Old coatings are of unknown make.", Basis.HandedDown),
            new("avoid", "Ornamentals only", "No metal, no question.", Basis.HandedDown),
        ]),
        new(DoubtfulPlastic, "Tyres, PVC and plastic without a mark, with food?",
        [
            new("ornamentals", "Ornamentals only", "Without a mark 2, 4 or 5, or a known food content, nobody can say what is in plastic; tyres and PVC hold zinc, oils and softeners.", Basis.HandedDown),
            new("accept", "Accept", "Most thick tubs are polyethylene in fact, and little has been found to pass from tyres into what grows in them.", Basis.Doubtful),
        ]),
        new(Filling, "What lies at the foot of a deep bed?",
        [
            new("wood", "Logs and sticks", "They cost nothing, hold water and turn to soil in years; they sink, and take nitrogen while they rot.", Basis.HandedDown),
            new("green", "Green stuff and leaves", "What the garden throws away feeds what stands on it; it sinks by half in its first year.", Basis.HandedDown),
            new("soil", "Soil all through", "It hardly sinks, and roots find all of it at once; it is the heaviest and the dearest.", Basis.Tested),
        ]),
    ];

    public static HouseRules Default { get; } = new([]);

    public string this[string ruleId] => chosen.GetValueOrDefault(ruleId) ?? All.First(r => r.Id == ruleId).Default.Id;

    /// <summary>The schools chosen, or a problem for each that is no side of a rule.</summary>
    public static Outcome<HouseRules> Choose(IReadOnlyDictionary<string, string> schools)
    {
        var problems = schools
            .Where(c => !IsSide(c.Key, c.Value))
            .Select(c => new Problem(c.Key, $"There is no house rule {c.Key} with a side {c.Value}."))
            .ToList();
        return problems.Count > 0 ? Outcome<HouseRules>.Refuse(problems) : new HouseRules(new(schools, StringComparer.Ordinal));
    }

    /// <summary>The same with those sides there are; one that a later version no longer has is left out, and the others stay in force.</summary>
    public static HouseRules WithWhatCanBe(IReadOnlyDictionary<string, string> schools) => new(schools.Where(c => IsSide(c.Key, c.Value)).ToDictionary(StringComparer.Ordinal));

    private static bool IsSide(string rule, string school) => All.FirstOrDefault(r => r.Id == rule)?.Schools.Any(s => s.Id == school) == true;
}
