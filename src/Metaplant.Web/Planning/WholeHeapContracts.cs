using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Planning;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;
using Metaplant.Web.Drawing;

namespace Metaplant.Web.Planning;

/// <summary>Plants of a crop: so many, or as many as give so many kilograms a week.</summary>
public sealed record CropWantInput(string? Crop, int? Plants, double? KgPerWeek = null);

/// <summary>A thing, by its id, of which nothing free shall be left, and by when.</summary>
public sealed record UseUpInput(int Thing, DateOnly? By);

/// <summary>A level free place, m.</summary>
public sealed record SpotInput(string? Name, double Length, double Width);

/// <summary>What is wanted of the whole heap; what is left out is not asked for and limits nothing.</summary>
public sealed record WantsInput(
    IReadOnlyList<CropWantInput>? Crops, double? Litres, IReadOnlyList<CropWantInput>? Supports, double? MostMoney, double? MostHours, IReadOnlyList<UseUpInput>? UseUp, IReadOnlyList<SpotInput>? Spots)
{
    /// <summary>The wants for a brief, or what of them is unknown.</summary>
    public Outcome<Wants> ToWants(Brief brief)
    {
        var problems = new List<Problem>();
        var crops = Read("crops", Crops ?? []);
        var supports = Read("supports", Supports ?? []);
        List<Spot>? spots = Spots is null ? null : [.. Spots.Select((s, i) => new Spot(string.IsNullOrWhiteSpace(s.Name) ? $"{i + 1}" : s.Name, s.Length, s.Width))];
        return problems.Count > 0 ? Outcome<Wants>.Refuse(problems) : new Wants(brief, crops, Litres ?? 0, supports, MostMoney, MostHours, [.. (UseUp ?? []).Select(u => new UseUp(u.Thing, u.By))], spots);

        List<CropWant> Read(string field, IReadOnlyList<CropWantInput> given)
        {
            var read = new List<CropWant>();
            foreach (var (i, want) in given.Index())
            {
                if (Core.Growing.Crops.Find(brief.Handbook, want.Crop ?? "") is not { } crop) problems.Add(new($"{field}[{i}].crop", "There is no such crop."));
                else if (want is { Plants: null, KgPerWeek: null }) problems.Add(new($"{field}[{i}].plants", "Say how many plants, or how many kilograms a week."));
                else if (want.KgPerWeek is { } mass && (!(mass is > 0 and <= 1000) || Harvest.EachWeek(crop) <= 0)) problems.Add(new($"{field}[{i}].kgPerWeek", Harvest.EachWeek(crop) <= 0 ? "Nothing of it is eaten: say how many plants." : "More than nothing, and no lorry full."));
                else read.Add(new(crop, want.Plants ?? Harvest.PlantsFor(crop, want.KgPerWeek!.Value)));
            }

            return read;
        }
    }
}

/// <summary>What to plan, for which place, and for how long to look at most, s.</summary>
public sealed record WholeHeapInput(WantsInput? Wants, double? Seconds, BriefDto? Brief = null);

/// <summary>A plan that is being looked for: whoever has its name follows it, stops it and keeps it.</summary>
public sealed record WholeHeapJobDto(string Job);

/// <summary>One thing wanted: how many of it, and how many the plan gives.</summary>
public sealed record MetWantDto(Sentence Words, long Needed, long Given);

/// <summary>A project of the plan with what it takes; kept where it has been.</summary>
/// <param name="Spot">The name of the spot it stands on; null where none were given.</param>
public sealed record PlannedProjectDto(
    string Design, string Name, Sentence Size, string Source, IReadOnlyDictionary<string, double> Settings, BriefDto Brief, double? Litres, int? Plants, string? Crop, double Money, double Hours, Verdict Worst, IReadOnlyList<TakeDto> Takes, ViewDto Drawing, bool Kept, string? Spot)
{
    public static PlannedProjectDto Of(Fit fit, Core.Salvage.Heap heap, bool kept, string? spot) => new(
        fit.Design.Id, fit.Design.Name, fit.Blueprint.Size, fit.Lead.Key, fit.Set.Values, BriefDto.Of(fit.Set.Brief), fit.Assessment.Grow.Litres?.Value, fit.Assessment.Grow.Chosen?.Count, fit.Set.Brief.Crop?.Name,
        fit.Cast.Cost, fit.Hours(fit.Set.Brief), fit.Assessment.Worst, FitDto.TakesOf(fit.Cast, heap), ViewDto.Of(Pictures.Draw(fit.Blueprint.Scene(), Camera.Corner(0))), kept, spot);
}

/// <summary>The best plan so far. Objective and bound are whole numbers that are smaller the better: thousandths of wants unmet first, then money, hours and metres of board cut into.</summary>
public sealed record HeapPlanDto(
    long Objective, long Bound, IReadOnlyList<PlannedProjectDto> Projects, IReadOnlyList<MetWantDto> Wants, double Money, double Hours, double Length, int Tried, bool Ended, bool Proven)
{
    public static HeapPlanDto Of(HeapPlan plan, Core.Salvage.Heap heap, IReadOnlySet<int> kept) => new(
        plan.Objective, plan.Bound, [.. plan.Projects.Select((f, i) => PlannedProjectDto.Of(f, heap, kept.Contains(i), plan.Stands?[i].Name))], [.. plan.Wants.Select(w => new MetWantDto(w.Words, w.Needed, w.Given))], plan.Money, plan.Hours, plan.Length, plan.Tried, plan.Ended, plan.Proven);
}
