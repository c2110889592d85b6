using System.Text.Json;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>A project's share of a batch.</summary>
/// <param name="Count">Units taken whole.</param>
/// <param name="Taken">What is taken of which unit; of a share from before parts could be taken, the first so many units that were free.</param>
/// <param name="Gone">How many of the units a saw has been into: they are of the batch only in the book.</param>
public sealed record Share(int ThingId, int ProjectId, string ProjectName, int Count, IReadOnlyList<Taken> Taken, int Gone = 0);

/// <summary>Reads the heap whole, in three queries.</summary>
public static class HeapReading
{
    /// <summary>Every thing that is not retired and can be read, judged, less what projects have spoken for; the things of <paramref name="exceptProject"/> count as free.</summary>
    public static Task<Heap> HeapAsync(this GardenContext garden, HouseRules rules, int? exceptProject = null, CancellationToken cancel = default)
        => garden.HeapAsync(rules, (_, project) => project == exceptProject, cancel);

    /// <summary>The same with whatever <paramref name="free"/> says of a thing and the project that has spoken for some of it.</summary>
    public static async Task<Heap> HeapAsync(this GardenContext garden, HouseRules rules, Func<Thing, int, bool> free, CancellationToken cancel = default)
    {
        var rows = await garden.Things.AsNoTracking().Where(t => !t.Retired).ToListAsync(cancel);
        List<Thing> things = [.. rows.Select(t => t.Read().Value).OfType<Thing>()];
        var shares = await garden.SharesAsync(cancel);
        return Heap.With(
            things, rules, things.ToDictionary(t => t.Id, IReadOnlyList<Taken> (t) => [.. Of(t)]),
            things.ToDictionary(t => t.Id, IReadOnlyList<string> (t) => [.. shares[t.Id].Where(s => !free(t, s.ProjectId)).Select(s => s.ProjectName)]));

        // Units beyond a batch that was made smaller are numbered among all that is taken of it, the project's own too, so that nobody is given a unit it still has.
        IEnumerable<Taken> Of(Thing t) => Remains.Within(t, [.. shares[t.Id].SelectMany(s => s.Taken)]).Zip(shares[t.Id].SelectMany(s => s.Taken.Select(_ => s.ProjectId))).Where(x => !free(t, x.Second)).Select(x => x.First);
    }

    /// <summary>True where more of a thing is spoken for than there is; of one that cannot be read its units are counted.</summary>
    /// <param name="unnamed">How many whole units more, of which it is not said which.</param>
    internal static bool Overspoken(this ThingRow row, IReadOnlyList<Taken> taken, long unnamed = 0)
        => taken.Select(t => t.Unit).Distinct().Count() + unnamed > (row.Retired ? 0 : row.Count) || (row.Read().Value is { } thing && Remains.Overdrawn(thing, Remains.Within(thing, taken)));

    /// <summary>What each project has spoken for, by batch, in the order the projects were kept.</summary>
    public static async Task<ILookup<int, Share>> SharesAsync(this GardenContext garden, CancellationToken cancel = default)
    {
        var projects = await garden.Projects.AsNoTracking().Select(p => new { p.Id, p.Name, p.Making }).ToDictionaryAsync(p => p.Id, p => (p.Name, Making.Read(p.Making).Gone), cancel);
        var rows = await garden.Allocations.AsNoTracking().ToListAsync(cancel);
        return rows.GroupBy(r => r.ThingId).SelectMany(g => Numbered([.. g.OrderBy(r => r.ProjectId).Select(Of)])).ToLookup(s => s.ThingId);

        Share Of(AllocationRow r)
        {
            var (name, gone) = projects[r.ProjectId];
            return new(r.ThingId, r.ProjectId, name, r.Count, Read(r.Taken), gone.GetValueOrDefault(r.ThingId)?.Count ?? 0);
        }
    }

    /// <summary>What is taken, as it is kept; nothing of what cannot be read, which then counts by its units.</summary>
    internal static IReadOnlyList<Taken> Read(string json)
    {
        try
        {
            return JsonSerializer.Deserialize<List<Taken>>(json)?.Where(t => t is not null).ToList() ?? [];
        }
        catch (JsonException)
        {
            return [];
        }
    }

    internal static string Write(IEnumerable<Taken> taken) => JsonSerializer.Serialize(taken);

    /// <summary>Gives units to shares that name none: the lowest that no other share has.</summary>
    private static IEnumerable<Share> Numbered(List<Share> shares)
    {
        var used = shares.SelectMany(s => s.Taken).Select(t => t.Unit).ToHashSet();
        foreach (var share in shares)
        {
            if (share.Taken.Count > 0)
            {
                yield return share;
                continue;
            }

            List<Taken> taken = [.. Enumerable.Range(1, int.MaxValue - 1).Where(u => !used.Contains(u)).Take(share.Count).Select(u => new Taken(u))];
            used.UnionWith(taken.Select(t => t.Unit));
            yield return share with { Taken = taken };
        }
    }
}
