using Metaplant.Core.Casting;
using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Building;

/// <summary>One step as it will be done here.</summary>
/// <param name="Reckoned">Minutes with the salvage factor.</param>
/// <param name="Minutes">The same by the gardener's own pace.</param>
/// <param name="Timed">How often that was timed; 0 where not often enough to be gone by.</param>
/// <param name="Places">Ids of the parts that stand once it is done, for its picture.</param>
/// <param name="Cuts">Ids of the needs whose pieces are cut to size by it.</param>
public sealed record Step(string Id, int Number, Sentence Title, Sentence Words, double Reckoned, double Minutes, int Timed, IReadOnlyList<ToolAnswer> Tools, IReadOnlyList<string> Protection, bool TwoPeople, IReadOnlyList<Sentence> Cautions, IReadOnlyList<string> Places, IReadOnlyList<string> Cuts);

/// <summary>Everything needed to make a blueprint: steps, cuts, template, shopping, hours.</summary>
public sealed record BuildPlan(
    IReadOnlyList<Step> Steps, CutPlan Cuts, IReadOnlyList<SectionCut> SectionCuts, IReadOnlyList<HoleTemplate> Templates, IReadOnlyList<Purchase> Shopping, IReadOnlyList<ToolAnswer> Tools, double Hours, double Cost)
{
    /// <summary>Ids of the needs cut by the steps that are done.</summary>
    public IReadOnlySet<string> CutBy(IReadOnlySet<string> done) => Steps.Where(s => done.Contains(s.Id)).SelectMany(s => s.Cuts).ToHashSet(StringComparer.Ordinal);

    public static BuildPlan Of(Fit fit, Brief brief, ToolShelf shelf)
    {
        var factor = brief.Handbook[Practice.SalvageFactor];
        List<Operation> operations = [.. LookingOver(fit), .. TakingApart(fit), .. fit.Blueprint.Operations()];
        List<Step> steps =
        [
            .. operations.SelectMany(o => Rips(o, fit).Append(o)).Select((o, i) => StepOf(o, i + 1, o.MinutesWith(factor), brief.Pace, shelf)),
        ];
        return new(
            steps, fit.Cast.Cuts, fit.Cast.SectionCuts, HoleTemplate.Of(fit.Blueprint, fit.Assessment), fit.Cast.Buys,
            [.. steps.SelectMany(s => s.Tools).DistinctBy(t => (t.Need.Words, t.Need.Size)).OrderBy(t => t.Need.Words, StringComparer.Ordinal).ThenBy(t => t.Need.Size)], steps.Sum(s => s.Minutes) / 60, fit.Cast.Cost);
    }

    private static Step StepOf(Operation o, int number, double reckoned, Pace pace, ToolShelf shelf)
        => new(o.Id, number, o.Title, o.Words, reckoned, reckoned * pace.Factor(o.Id), pace.Times(o.Id), [.. o.Tools.Select(shelf.Answer)], o.Protection, o.TwoPeople, [.. o.Cautions.Select(Cautions.Sentence)], o.Places, o.Cuts);

    /// <summary>Wood that lies there as it is used is looked over before a saw meets it, and what nails are in it are drawn: the minutes that its lots say.</summary>
    private static IEnumerable<Operation> LookingOver(Fit fit)
    {
        const double NotWorthAStep = .5;
        var minutes = fit.Cast.TakingApart - fit.Cast.TakenApart.Sum(a => a.Way.Minutes * a.Units);
        if (minutes < NotWorthAStep) yield break;
        yield return new(
            "apart-clean", "Look over the loose wood", "Brush each board, post and stick clean and look along it for splits and nails. Draw every nail there is: a saw must not find one.",
            minutes, ["Nail pincers"], ["Gloves", "Eye protection"], false, "nails")
        {
            SlowerWithSalvage = true,
        };
    }

    /// <summary>What is taken apart for its boards, rails or legs comes first, each with the tools and minutes of its way.</summary>
    private static IEnumerable<Operation> TakingApart(Fit fit)
    {
        foreach (var (thing, way, units) in fit.Cast.TakenApart)
        {
            var id = CutUp.Apart(thing.Thing.Id, way.Id);
            yield return new(
                id, $"Take apart {thing.Thing.Name}", $"{way.Name}: {units} of them. {way.Words}", way.Minutes * units, [.. way.Tools], ["Gloves", "Eye protection"], false, "nails")
            {
                SlowerWithSalvage = true,
                Cuts = [id],
            };
        }
    }

    /// <summary>Ripping before the step of the same name as a need, where a side must come out exactly and the wood taken is thicker both ways.</summary>
    private static IEnumerable<Operation> Rips(Operation before, Fit fit)
    {
        const double NearEnough = .002, MinutesEach = 5;
        if (fit.Cast.Asked.OfType<PiecesNeeded>().FirstOrDefault(n => n.Id == before.Id) is not { Exact: { } side } need) yield break;
        var thick = fit.Cast.Cuts.Bars.Where(b => Math.Abs(b.Bar.Width - side) > NearEnough && Math.Abs(b.Bar.Thickness - side) > NearEnough).Sum(b => b.Cuts.Count(c => c.WantedId == need.Id));
        var bought = fit.Cast.Buys.FirstOrDefault(b => b.NeedId == need.Id) is { Row: { } row } buy && Math.Abs(row.Width - side) > NearEnough && Math.Abs(row.Thickness - side) > NearEnough ? (int)buy.Amount : 0;
        var count = thick + bought;
        if (count == 0) yield break;
        yield return new($"rip-{need.Id}", $"Rip {count} to {Amount.Length(side)}", $"{need.Name}: what was taken is thicker both ways. Rip it along a fence, or plane it down.", MinutesEach * count, ["Circular saw or hand saw"], ["Gloves", "Eye protection", "Ear protection"], false, "saw") { SlowerWithSalvage = true };
    }
}
