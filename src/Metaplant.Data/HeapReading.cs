using Metaplant.Core.Salvage;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>A project's share of a batch.</summary>
public sealed record Share(int ThingId, int ProjectId, string ProjectName, int Count);

/// <summary>Reads the heap whole, in two queries.</summary>
public static class HeapReading
{
    /// <summary>Every thing that is not retired, judged, less what projects have spoken for; the things of <paramref name="exceptProject"/> count as free.</summary>
    public static async Task<Heap> HeapAsync(this GardenContext garden, HouseRules rules, int? exceptProject = null, CancellationToken cancel = default)
    {
        var things = await garden.Things.AsNoTracking().Where(t => !t.Retired).ToListAsync(cancel);
        var spokenFor = await garden.Allocations.AsNoTracking().Where(a => a.ProjectId != exceptProject).GroupBy(a => a.ThingId).Select(g => new { g.Key, Count = g.Sum(a => a.Count) }).ToDictionaryAsync(g => g.Key, g => g.Count, cancel);
        return Heap.Of(things.Select(t => t.ToThing()), rules, spokenFor);
    }

    public static async Task<ILookup<int, Share>> SharesAsync(this GardenContext garden, CancellationToken cancel = default)
    {
        var shares = await garden.Allocations.AsNoTracking()
            .Join(garden.Projects, a => a.ProjectId, p => p.Id, (a, p) => new Share(a.ThingId, p.Id, p.Name, a.Count))
            .ToListAsync(cancel);
        return shares.ToLookup(s => s.ThingId);
    }
}
