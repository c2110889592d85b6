using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Building;

/// <summary>One step as it will be done here. Minutes include the salvage factor.</summary>
public sealed record Step(string Id, int Number, string Title, string Words, double Minutes, IReadOnlyList<ToolAnswer> Tools, IReadOnlyList<string> Protection, bool TwoPeople, IReadOnlyList<string> Cautions);

/// <summary>Everything needed to make a blueprint: steps, cuts, template, shopping, hours.</summary>
public sealed record BuildPlan(
    IReadOnlyList<Step> Steps, CutPlan Cuts, IReadOnlyList<SectionCut> SectionCuts, HoleTemplate? Template, IReadOnlyList<Purchase> Shopping, IReadOnlyList<ToolAnswer> Tools, double Hours, double Cost)
{
    public static BuildPlan Of(Fit fit, Brief brief, ToolShelf shelf)
    {
        var factor = brief.Handbook[Practice.SalvageFactor];
        List<Step> steps =
        [
            .. fit.Blueprint.Operations().SelectMany(o => Rips(o, fit).Append(o)).Select((o, i) => new Step(o.Id, i + 1, o.Title, o.Words, o.MinutesWith(factor), [.. o.Tools.Select(shelf.Answer)], o.Protection, o.TwoPeople, [.. o.Cautions.Select(Cautions.Sentence)])),
        ];
        return new(
            steps, fit.Supply.Cuts, fit.Blueprint.SectionCuts, HoleTemplate.Of(fit.Blueprint, fit.Assessment), fit.Supply.Buys,
            [.. steps.SelectMany(s => s.Tools).DistinctBy(t => t.Need.Words).OrderBy(t => t.Need.Words, StringComparer.Ordinal)], steps.Sum(s => s.Minutes) / 60, fit.Supply.Cost);
    }

    /// <summary>Ripping before the step of the same name as a need, where a side must come out exactly and the wood taken is thicker both ways.</summary>
    private static IEnumerable<Operation> Rips(Operation before, Fit fit)
    {
        const double NearEnough = .002, MinutesEach = 5;
        if (fit.Blueprint.Needs.OfType<PiecesNeeded>().FirstOrDefault(n => n.Id == before.Id) is not { Exact: { } side } need) yield break;
        var thick = fit.Supply.Cuts.Bars.Where(b => Math.Abs(b.Bar.Width - side) > NearEnough && Math.Abs(b.Bar.Thickness - side) > NearEnough).Sum(b => b.Cuts.Count(c => c.WantedId == need.Id));
        var bought = fit.Supply.Buys.FirstOrDefault(b => b.NeedId == need.Id) is { Row: { } row } buy && Math.Abs(row.Width - side) > NearEnough && Math.Abs(row.Thickness - side) > NearEnough ? (int)buy.Amount : 0;
        var count = thick + bought;
        if (count == 0) yield break;
        yield return new($"rip-{need.Id}", $"Rip {count} to {side * 1000:0} mm", $"{need.Name}: what was taken is thicker both ways. Rip it along a fence, or plane it down.", MinutesEach * count, ["Circular saw or hand saw"], ["Gloves", "Eye protection", "Ear protection"], false, "saw") { SlowerWithSalvage = true };
    }
}
