using Metaplant.Core.Salvage;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>A project's share of a batch.</summary>
public sealed record Share(int ThingId, int ProjectId, string ProjectName, int Count);

/// <summary>Reads the heap whole, in two queries.</summary>
public static class HeapReading
{
    /// <summary>Every thing that is not retired and can be read, judged, less what projects have spoken for; the things of <paramref name="exceptProject"/> count as free.</summary>
    public static async Task<Heap> HeapAsync(this GardenContext garden, HouseRules rules, int? exceptProject = null, CancellationToken cancel = default)
    {
        var things = await garden.Things.AsNoTracking().Where(t => !t.Retired).ToListAsync(cancel);
        var shares = (await garden.SharesAsync(cancel)).Select(g => (g.Key, Shares: g.Where(s => s.ProjectId != exceptProject).OrderBy(s => s.ProjectId).ToList())).Where(g => g.Shares.Count > 0).ToList();
        return Heap.Of(
            things.Select(t => t.Read().Value).OfType<Thing>(), rules, shares.ToDictionary(g => g.Key, g => g.Shares.Sum(s => s.Count)),
            shares.ToDictionary(g => g.Key, IReadOnlyList<string> (g) => [.. g.Shares.Select(s => s.ProjectName)]));
    }

    public static async Task<ILookup<int, Share>> SharesAsync(this GardenContext garden, CancellationToken cancel = default)
    {
        var shares = await garden.Allocations.AsNoTracking()
            .Join(garden.Projects, a => a.ProjectId, p => p.Id, (a, p) => new Share(a.ThingId, p.Id, p.Name, a.Count))
            .ToListAsync(cancel);
        return shares.ToLookup(s => s.ThingId);
    }
}
