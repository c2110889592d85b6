using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// How many seasons something that holds soil is asked to last, against how long its stuff lasts outdoors; what has lain out already has used up some of it. Beyond the years it is sure of it is never better than tight.
/// </summary>
/// <param name="Stuff">What it is called in a sentence: "the straw".</param>
/// <param name="Fine">What is looked at while it is sure to last.</param>
/// <param name="NotSure">What is looked at where it may or may not.</param>
public sealed record Lasting(string Part, string Stuff, Substance Substance, int Seasons, Condition Condition, Sentence Fine, Sentence NotSure) : LoadPath
{
    /// <summary>What keeps the sun off it for as long as it lasts itself, and how worn that is; null where nothing does.</summary>
    public (Substance Substance, Condition Condition)? Cover { get; init; }

    /// <summary>Where it spends its years.</summary>
    public Place Where { get; init; } = Place.Outdoors;

    public override IEnumerable<Check> Work(Brief brief)
    {
        var life = Spent(Substance, Condition);
        var cover = Cover is { } c ? Spent(c.Substance, c.Condition) : null;
        int sure = life.From + (cover?.From ?? 0), most = life.To + (cover?.To ?? 0);
        Sum lasts = Sum.Of(
            $"Seasons that {Stuff} lasts", cover is null ? "at most" : "at most + c",
            [new("from", "years it is sure of", sure, Unit.Year), new("to", "years at most", life.To, Unit.Year), .. cover is null ? [] : (Term[])[new("c", "years at most that its cover keeps the sun off", cover.To, Unit.Year)], new("n", "seasons wanted", Seasons, Unit.Count)],
            most, Unit.Year, "Estimate of practice; what you see corrects it");
        var check = Check.Compare(
            "seasons", $"How long {Stuff} holds", LoadCase.Normal, Seasons, most, Unit.Year, Seasons > most ? "It will give way before that." : Seasons > sure ? NotSure : Fine, Part, [lasts], new Remedy("Seasons no more than", most, Unit.Year)).Guarding([Quantity.Wear]);
        yield return Seasons > sure ? check.AtBestTight() : check;
    }

    private Life Spent(Substance substance, Condition condition) => Lives.Of(substance, condition).First(l => l.Place == Where);
}
