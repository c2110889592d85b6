using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>How many seasons straw is asked to hold soil, against how long it lasts outdoors; what has lain out already has used up some of it.</summary>
public sealed record BaleSeasons(string Part, int Seasons, Condition Condition) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        var life = Lives.Of(Substance.Straw, Condition).First(l => l.Place == Place.Outdoors);
        Sum lasts = Sum.Of("Seasons that straw lasts", "at most", [new("from", "years it is sure of", life.From, Unit.Year), new("to", "years at most", life.To, Unit.Year), new("n", "seasons wanted", Seasons, Unit.Count)], life.To, Unit.Year, "Estimate of practice; what you see corrects it");
        yield return Check.Compare(
            "seasons", "How long the straw holds", LoadCase.Normal, Seasons, life.To, Unit.Year,
            Seasons > life.To ? "It has lain out already and will slump before that." : Seasons == life.To ? "Not sure: look at strings and foot in spring, and take it down when a wall slumps." : "Strings are looked at each month; what slumps is mulch.", Part, [lasts], new Remedy("Seasons no more than", life.To, Unit.Year)).Guarding([Quantity.Wear]);
    }
}
