using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The narrowest wood beside a cut-out that a vessel hangs in: half of its weight lies on it, all along the cut-out, w = W/2a and M = w a²/8. Lengths in m.</summary>
/// <param name="Across">a, of the cut-out.</param>
/// <param name="Wide">Of what is left beside it.</param>
/// <param name="Thick">Of the top.</param>
/// <param name="Held">Soil in it, m³, and kg without.</param>
/// <param name="Level">Area of the soil's surface, m², that people may press on.</param>
public sealed record BarBesideCutOut(string Part, double Across, double Wide, double Thick, Burden Held, double Level, string Grade, Condition Condition) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear]));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var weight = Held.Weight(Level, brief, loadCase);
        var timber = Timbers.Get(brief.Handbook, Grade);
        double line = weight.Factored(brief.Factors, loadCase) / (2 * Across), moment = line * Across * Across / 8, stress = moment / (Wide * Thick * Thick / 6), strength = timber.DesignBending(Condition, loadCase);
        Sum bent = Sum.Of(
            "Bending of the wood beside a cut-out", $"σ = {Terms.Formula(brief, loadCase, "W")} a/16 ÷ (b t²/6)",
            [.. Terms.Of(weight, brief, "W", "weight of what hangs in it", "people on it", Unit.Newton), new("a", "cut-out across", Across, Unit.Metre), new("b", "wood left beside it", Wide, Unit.Metre), new("t", "thickness of the top", Thick, Unit.Metre), .. Terms.Factors(brief, loadCase)],
            stress, Unit.Pascal, "Half of the weight lies on each side, w = W/2a, M = w a²/8; EN 1995-1-1");
        return Check.Compare(
            Terms.Id("bar", loadCase), "Wood left beside the cut-outs", loadCase, stress, strength, Unit.Pascal, loadCase == LoadCase.Normal ? "The narrowest of it carries half of a vessel." : Terms.Blocked, Part, [bent],
            new Remedy("Wood beside a cut-out at least", Wide * stress / strength, Unit.Metre));
    }
}

/// <summary>A place that must be free, or wood that must be there: so much against so much. Enough is as good as more. Lengths in m.</summary>
public sealed record RoomLeft(string Id, string Part, string Name, double Wanted, double There, Sentence Otherwise) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief) =>
        [Check.Enough(Id, Name, Wanted, There, Unit.Metre, "There is enough.", Otherwise, Part, [Sum.Of(Name, "there beside wanted", [new("there", "as drawn", There, Unit.Metre), new("wanted", "at least", Wanted, Unit.Metre)], There, Unit.Metre, "Geometry")])];
}

/// <summary>Whether what drips has somewhere to go.</summary>
/// <param name="Caught">True where a tray or bucket stands under it.</param>
public sealed record Drips(string Part, bool Caught) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        var boards = brief.Site is Site.Deck or Site.Balcony or Site.Roof;
        yield return Check.Enough("drips", "Where the water goes", boards ? 1 : 0, Caught ? 1 : 0, Unit.One, Caught ? "Caught below; empty it after rain." : "It drips on the ground below.", "It drips on boards and on whoever is below them: catch it.", Part, []);
    }
}
