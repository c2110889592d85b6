using Metaplant.Core.Assessing;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Sums;
using Metaplant.Data.Settings;

namespace Metaplant.Web.Drawing;

/// <summary>What the gardener wants and where it stands; every field may be left out.</summary>
public sealed record BriefDto(string? Medium, string? Crop, Exposure? Exposure, bool? PeopleAtEdge, Site? Site, string? Ground, int? Spot = null)
{
    public static BriefDto Nothing { get; } = new(null, null, null, null, null, null);

    /// <summary>By the constants, the pace and the plan of a garden: where a spot is named, wind and ground are those of the spot.</summary>
    public Outcome<Brief> ToBrief(GardenSettings settings)
    {
        if (Spot is not { } id) return Said(settings);
        return settings.Plan.Find(id) is not { } spot ? new Problem("spot", "There is no such spot on the plan.") : Said(settings).Then<Brief>(b => b.At(settings.Plan, spot));
    }

    private Outcome<Brief> Said(GardenSettings settings)
        => Brief.Create(settings.Handbook, Medium, Crop, Exposure ?? Core.Designs.Exposure.Open, PeopleAtEdge ?? false, Site ?? Core.Designs.Site.Soil, Ground).Then<Brief>(b => b with { Pace = settings.Pace });

    public static BriefDto Of(Brief brief) => new(brief.Medium.Id, brief.Crop?.Id, brief.Exposure, brief.PeopleAtEdge, brief.Site, brief.GroundId, brief.Here?.SpotId);
}

/// <summary>How many of a crop find room, or why none.</summary>
/// <param name="Called">What so many of it are called: "lettuces", "lettuce" for one.</param>
public sealed record CropFitDto(string Id, string Name, string Called, int Count, string Limit, Sentence? WhyNot, Sentence? NotKnown);

public sealed record GrowDto(Verdict Verdict, Sentence Words, SumDto? Litres, SumDto? PlanArea, SumDto? UsableDepth, SumDto? Along, IReadOnlyList<CropFitDto> Crops, IReadOnlyList<CheckDto> Checks);

public sealed record DrainDto(Verdict Verdict, Sentence Words, int Holes, SumDto? Counted, double HoleDiameter, double WetLayer, SumDto? DrainDown, IReadOnlyList<SumDto> Sums, IReadOnlyList<CheckDto> Checks);

public sealed record HoldDto(Verdict Verdict, Sentence Words, CheckDto? Weakest, IReadOnlyList<CheckDto> Checks, SumDto? WetMass, Sentence Handling);

public sealed record TakeDto(int ThingId, int Number, string Name, int Count, Sentence? Part);

/// <summary>Something to buy for one need.</summary>
/// <param name="Product">What is bought; null where nothing bought will do.</param>
/// <param name="Soil">Growing medium: what is not sold is dug or fetched, at a price nobody knows.</param>
public sealed record PurchaseDto(string Name, double Amount, Unit Unit, Sentence? Product, int Packs, double Cost, bool Soil);

/// <summary>Something of another form on the heap that can stand in for what would be bought, and what that changes.</summary>
public sealed record StandInDto(string Part, int ThingId, string Name, Sentence Words);

public sealed record NotchDto(double Value, string? Label, Verdict? Verdict);

/// <summary>A setting, where it stands, and what each stop of it would bring.</summary>
/// <param name="IsAddition">True where it adds something to the design that it does without as well.</param>
public sealed record SliderDto(string Id, string Name, Unit Unit, double Value, double Default, Sentence Why, bool IsAddition, IReadOnlyList<NotchDto> Notches);

/// <summary>A thing a design takes that is not known well enough: not looked at, or with measures that nobody took.</summary>
public sealed record PendingDto(int ThingId, int Number, string Name, bool NotLookedAt, IReadOnlyList<string> Measures);

/// <summary>A thing of the right size that a part was not filled with, and why.</summary>
public sealed record PassedOverDto(string Part, int ThingId, string Name, Sentence Why);

/// <summary>A design drawn and assessed.</summary>
public sealed record FitDto(
    string Design, string DesignName, string Source, Sentence Size, Core.Salvage.Fitness Fitness, IReadOnlyDictionary<string, double> Settings, GrowDto Grow, DrainDto Drain, HoldDto Hold,
    IReadOnlyList<SumDto> Figures, IReadOnlyList<TakeDto> Takes, IReadOnlyList<PurchaseDto> Buys, IReadOnlyList<PendingDto> Pending, IReadOnlyList<PassedOverDto> PassedOver, IReadOnlyList<StandInDto> StandIns, double Cost, double Hours, double Reach)
{
    public static FitDto Of(Fit fit, Brief brief, Core.Salvage.Heap heap)
    {
        var (grow, drain, hold) = (fit.Assessment.Grow, fit.Assessment.Drain, fit.Assessment.Hold);
        return new(
            fit.Design.Id, fit.Design.Name, fit.Lead.Key, fit.Blueprint.Size, fit.Lead.Fitness, fit.Set.Values,
            new(grow.Verdict, grow.Words, Sum(grow.Litres), Sum(grow.PlanArea), Sum(grow.UsableDepth), Sum(grow.Along), [.. grow.Crops.Select(c => new CropFitDto(c.Crop.Id, c.Crop.Name, c.Count == 1 ? c.Crop.One : c.Crop.Plural, c.Count, c.Limit, c.WhyNot, c.NotKnown))], Checks(grow.Checks)),
            new(drain.Verdict, drain.Words, drain.InAll, Sum(drain.Counted), drain.HoleDiameter, drain.NotRooted, Sum(drain.DrainDown), [.. drain.Sums.Select(SumDto.Of)], Checks(drain.Checks)),
            new(hold.Verdict, hold.Words, hold.Weakest is null ? null : CheckDto.Of(hold.Weakest), Checks(hold.Checks), Sum(hold.WetMass), hold.Handling),
            [.. fit.Blueprint.Figures.Select(SumDto.Of)],
            TakesOf(fit.Cast, heap),
            [.. Purchases(fit.Cast.Buys)], [.. fit.Pending.Select(p => new PendingDto(p.Thing.Id, p.Thing.Number, p.Thing.Name, p.NotLookedAt, p.Measures))],
            [.. fit.Cast.PassedOver.Values.Select(p => new PassedOverDto(p.Part, p.ThingId, p.ThingName, p.Why))],
            [.. StandIn.For(fit, Core.Stock.Stockroom.Of(heap)).Select(s => new StandInDto(fit.Cast.Asked.First(n => n.Id == s.NeedId).Name, s.Thing.Thing.Id, s.Thing.Thing.Name, s.Words))],
            fit.Cast.Cost, fit.Hours(brief), fit.Blueprint.Reach);
    }

    /// <summary>What is bought, the same of several parts told once: bars are cut for all of them together.</summary>
    public static IEnumerable<PurchaseDto> Purchases(IEnumerable<Purchase> buys)
        => buys.Select(Purchase).GroupBy(b => (b.Product is null ? b.Name : "", b.Product, b.Unit, b.Soil))
            .Select(g => g.First() with { Name = string.Join(", ", g.Select(b => b.Name).Distinct().Select((name, i) => i == 0 ? name : char.ToLowerInvariant(name[0]) + name[1..])), Amount = g.Sum(b => b.Amount), Packs = g.Sum(b => b.Packs), Cost = g.Sum(b => b.Cost) });

    private static PurchaseDto Purchase(Purchase b) => new(b.Need.Name, b.Amount, b.Need.Unit, b.Row?.Packed, b.Packs, b.Cost, b.IsSoil);

    /// <summary>What a cast takes of each thing, in order of their numbers.</summary>
    public static IReadOnlyList<TakeDto> TakesOf(Cast cast, Core.Salvage.Heap heap) => [.. cast.Counts.Select(c => Take(c.Key, c.Value, cast, heap)).OrderBy(t => t.Number)];

    private static TakeDto Take(int thingId, int count, Cast cast, Core.Salvage.Heap heap)
    {
        var thing = heap.Find(thingId)!.Thing;
        return new(thingId, thing.Number, thing.Name, count, Core.Stock.TakenWords.Told(cast.Takes.Where(t => t.ThingId == thingId).Select(t => t.Taken)));
    }

    private static SumDto? Sum(Sum? sum) => sum is null ? null : SumDto.Of(sum);

    private static IReadOnlyList<CheckDto> Checks(IReadOnlyList<Check> checks) => [.. checks.Select(CheckDto.Of)];
}

/// <summary>A design on the drawing board.</summary>
/// <param name="Tried">False where nothing was tried along the sliders, so that no notch of them says anything.</param>
public sealed record BoardDto(FitDto Fit, IReadOnlyList<ViewDto> Views, IReadOnlyList<SliderDto> Sliders, BriefDto Brief, bool Tried)
{
    public static BoardDto Of(Board board, Brief brief, Core.Salvage.Heap heap, bool tried = true) => new(
        FitDto.Of(board.Fit, brief, heap), [.. board.Views.Select(ViewDto.Of)],
        [.. (tried ? board.Sliders : board.Untried).Select(s => new SliderDto(s.Setting.Id, s.Setting.Name, s.Setting.Unit, s.Value, s.Setting.Default, s.Setting.Why, s.Setting.IsAddition, [.. s.Notches.Select(n => new NotchDto(n.Value, n.Label, n.Verdict))]))],
        BriefDto.Of(brief), tried);
}
