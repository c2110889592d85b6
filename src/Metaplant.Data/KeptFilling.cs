using System.Text.Json;
using System.Text.Json.Serialization;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Planting;
using Metaplant.Core.Salvage;
using Metaplant.Core.Settling;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>What a project is to be filled with, as it was kept: of each sort of its bays the layers from the foot up, and what that comes to, so that a heap is shared out without drawing anything.</summary>
/// <param name="Food">True where food may grow in it.</param>
public sealed record KeptFilling(IReadOnlyList<IReadOnlyList<Layer>> Bays, IReadOnlyList<FillAmount> Wants, bool Food)
{
    /// <summary>More sorts of bay, or more litres, than any planter has.</summary>
    private const int Most = 100;

    private static readonly JsonSerializerOptions Json = new() { Converters = { new JsonStringEnumConverter() }, RespectNullableAnnotations = true, RespectRequiredConstructorParameters = true };

    public static KeptFilling Of(FilledPlanter planter) => new([.. planter.Bays.Select(b => (IReadOnlyList<Layer>)[.. b.Bay.Layers.Select(l => l.Layer)])], planter.Amounts(), planter.Food);

    /// <summary>False of what no hand fills, as a document may have it.</summary>
    [JsonIgnore]
    public bool CanBe => Bays.Count is > 0 and <= Most && Bays.All(b => b is { Count: > 0 and <= FilledBay.MostLayers } && b.All(l => l is { Thickness: > 0 and < Most } && Enum.IsDefined(l.Fill)))
        && Wants.Count <= Most && Wants.All(w => w is { Placed: >= 0 and < Most, Loose: >= 0 and < Most } && Enum.IsDefined(w.Fill));

    /// <summary>The same in a planter that is drawn otherwise now. Where it no longer fits it is kept as it was, and wants nothing until somebody has looked.</summary>
    public KeptFilling In(Fit fit) => FilledPlanter.Of(fit, Bays) is { Ok: true, Value: var filled } ? Of(filled) : this with { Wants = [] };

    public string Write() => JsonSerializer.Serialize(this, Json);

    /// <summary>Null where nothing is kept or it cannot be read: then the house rule proposes.</summary>
    public static KeptFilling? Read(string? text)
    {
        try
        {
            return text is not null && JsonSerializer.Deserialize<KeptFilling>(text, Json) is { CanBe: true } kept ? kept : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }
}

/// <summary>A project that is still to be filled, and with what.</summary>
public sealed record StillToFill(int Project, string Name, KeptFilling Filling);

public static class FillingReading
{
    /// <summary>The heap that fillings are fetched from: soil that these projects were drawn with counts as free, since their fillings take the place of it.</summary>
    public static Task<Heap> HeapToFillFromAsync(this GardenContext garden, HouseRules rules, IEnumerable<int> projects, CancellationToken cancel = default)
    {
        var theirs = projects.ToHashSet();
        return garden.HeapAsync(rules, (thing, project) => theirs.Contains(project) && FillFetch.IsSoil(thing), cancel);
    }

    /// <summary>Projects whose filling is kept and that nobody has filled yet, in their order: what lies on the heap is shared out in it.</summary>
    public static async Task<IReadOnlyList<StillToFill>> ToFillAsync(this GardenContext garden, CancellationToken cancel = default)
    {
        var rows = await garden.Projects.AsNoTracking().Where(p => p.Filling != null && !garden.Ticks.Any(t => t.ProjectId == p.Id && t.Step == ProjectKeeping.FillStep)).OrderBy(p => p.Id).Select(p => new { p.Id, p.Name, p.Making, p.Filling }).ToListAsync(cancel);
        return [.. from row in rows where !Making.Read(row.Making).Ended let kept = KeptFilling.Read(row.Filling) where kept is { Wants.Count: > 0 } select new StillToFill(row.Id, row.Name, kept)];
    }
}
