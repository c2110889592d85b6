using Metaplant.Core.Materials;
using Metaplant.Core.Planting;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Web.Drawing;

namespace Metaplant.Web.Planting;

/// <summary>A layer as it is asked for, m.</summary>
public sealed record LayerInput(Fill? Fill, double? Thickness, bool? Firmed);

/// <summary>What a project is to be filled with: of each sort of its bays the layers from the foot up. None at all for what a school proposes, or the house rule where none is named.</summary>
public sealed record FillingInput(IReadOnlyList<IReadOnlyList<LayerInput>>? Bays, string? School, int? Version);

/// <summary>A layer where it lies: m, m³.</summary>
public sealed record LaidLayerDto(Fill Fill, string Words, double Thickness, bool Firmed, double From, double Volume, double Infill);

/// <summary>How high it stands after so many years, m above the foot, and how deep roots go then.</summary>
public sealed record SunkDto(double Years, double Level, double Sunk, double Rootable);

/// <summary>A sort of bay.</summary>
/// <param name="Height">m from its foot to its rim.</param>
/// <param name="Drawn">m from its foot to the soil as it was drawn and checked.</param>
/// <param name="Widths">How wide it is inside at levels evenly spaced from foot to rim, m.</param>
public sealed record FilledBayDto(string Name, int Count, double Height, double Drawn, double Volume, IReadOnlyList<double> Widths, IReadOnlyList<LaidLayerDto> Layers, IReadOnlyList<SunkDto> Sinks, IReadOnlyList<Sentence> Steps);

/// <summary>What is taken of a pile, m³.</summary>
public sealed record FillTakeDto(int ThingId, int Number, string Name, double Volume);

/// <summary>A pile of it that is left lying, and why.</summary>
public sealed record PileLeftDto(int ThingId, int Number, string Name, Sentence Why);

/// <summary>How much of a fill, from where, and what is short: m³ in place and as it is fetched.</summary>
/// <param name="Order">What to order of what is short; null where nothing is, or the shop does not sell it.</param>
public sealed record FillWantDto(Fill Fill, string Words, double Placed, double Loose, IReadOnlyList<FillTakeDto> Takes, double Short, IReadOnlyList<PileLeftDto> PassedOver, Sentence? Order, double Cost)
{
    public static FillWantDto Of(FillFetch fetch, double placed, Core.Salvage.Heap heap, Handbook handbook)
    {
        var order = FillOrder.For(fetch.Fill, fetch.Short, handbook);
        return new(
            fetch.Fill, fetch.Fill.Words(), placed, fetch.Wanted, [.. fetch.Takes.Select(t => (Take: t, heap.Find(t.ThingId)!.Thing)).Select(t => new FillTakeDto(t.Thing.Id, t.Thing.Number, t.Thing.Name, t.Take.Volume))], fetch.Short,
            [.. fetch.PassedOver.Select(p => (p.Why, heap.Find(p.ThingId)!.Thing)).Select(p => new PileLeftDto(p.Thing.Id, p.Thing.Number, p.Thing.Name, p.Why))], order is null ? null : (Sentence)$"{order.Packs} × {order.Row.Name}", order?.Cost ?? 0);
    }
}

public sealed record FillRemarkDto(Verdict Verdict, Sentence Words);

/// <summary>A crop with how many go in at once, after a year, two and three; why none where none does at once.</summary>
/// <param name="From">The first year in which one goes in, from 0; null in those that were looked at.</param>
public sealed record CropByYearDto(string Id, string Name, int? From, IReadOnlyList<int> Counts, Sentence? WhyNot, Sentence? NotKnown);

/// <summary>A fill and what it is called.</summary>
public sealed record FillNameDto(Fill Fill, string Words);

/// <summary>A project and what it is filled with.</summary>
/// <param name="Kept">True where somebody has said so; false where the house rule proposes.</param>
/// <param name="Filled">True once the step of filling it is ticked.</param>
/// <param name="Anew">Why what was kept is not shown, where it is not.</param>
/// <param name="School">Of the house rule that is in force.</param>
/// <param name="NotRooted">m above the foot that stay wet or are stones.</param>
/// <param name="Usable">m to root in at once, in its shallowest bay.</param>
public sealed record FillingDto(
    int Project, string Name, string DesignName, int Version, bool Kept, bool Filled, Sentence? Anew, double Volume, double Usable, double NotRooted, IReadOnlyList<FilledBayDto> Bays, IReadOnlyList<FillWantDto> Wants, double Cost, IReadOnlyList<FillRemarkDto> Remarks,
    IReadOnlyList<CropByYearDto> Crops, IReadOnlyList<SumDto> Sums, string School, IReadOnlyList<School> Schools, IReadOnlyList<FillNameDto> Fills);

/// <summary>A project in a delivery, m³ loose.</summary>
public sealed record DeliveredToDto(int Project, string Name, double Loose);

/// <summary>What all planters that are still to be filled want together.</summary>
public sealed record DeliveryDto(IReadOnlyList<DeliveredToDto> Projects, IReadOnlyList<FillWantDto> Wants, double Cost);
