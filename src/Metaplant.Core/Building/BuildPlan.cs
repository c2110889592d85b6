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
            .. fit.Blueprint.Operations().Select((o, i) => new Step(o.Id, i + 1, o.Title, o.Words, o.Minutes * factor, [.. o.Tools.Select(shelf.Answer)], o.Protection, o.TwoPeople, [.. o.Cautions.Select(Cautions.Sentence)])),
        ];
        return new(
            steps, fit.Supply.Cuts, fit.Blueprint.SectionCuts, HoleTemplate.Of(fit.Blueprint, fit.Assessment), fit.Supply.Buys,
            [.. steps.SelectMany(s => s.Tools).DistinctBy(t => t.Need.Words).OrderBy(t => t.Need.Words, StringComparer.Ordinal)], steps.Sum(s => s.Minutes) / 60, fit.Supply.Cost);
    }
}
