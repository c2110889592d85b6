using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>How many seasons something that holds soil is asked to last, against how long its stuff lasts outdoors; what has lain out already has used up some of it.</summary>
/// <param name="Stuff">What it is called in a sentence: "the straw".</param>
/// <param name="More">Years that a cover over it adds; 0 for none.</param>
/// <param name="Fine">What is looked at while it is sure to last.</param>
/// <param name="NotSure">What is looked at where it may or may not.</param>
public sealed record Lasting(string Part, string Stuff, Substance Substance, int Seasons, int More, Condition Condition, Sentence Fine, Sentence NotSure) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        var life = Lives.Of(Substance, Condition).First(l => l.Place == Place.Outdoors);
        int from = life.From + More, to = life.To + More;
        Sum lasts = Sum.Of(
            $"Seasons that {Stuff} lasts", More == 0 ? "at most" : "at most + c", [new("from", "years it is sure of", life.From, Unit.Year), new("to", "years at most", life.To, Unit.Year), .. More == 0 ? [] : (Term[])[new("c", "years under its cover", More, Unit.Year)], new("n", "seasons wanted", Seasons, Unit.Count)],
            to, Unit.Year, "Estimate of practice; what you see corrects it");
        yield return Check.Compare(
            "seasons", $"How long {Stuff} holds", LoadCase.Normal, Seasons, to, Unit.Year, Seasons > to ? "It will give way before that." : Seasons > from && Seasons == to ? NotSure : Fine, Part, [lasts], new Remedy("Seasons no more than", to, Unit.Year)).Guarding([Quantity.Wear]);
    }
}
