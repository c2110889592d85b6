using System.Collections.Concurrent;
using Metaplant.Core.Salvage;
using Metaplant.Data.Files;
using Metaplant.Data.Settings;

namespace Metaplant.Data;

/// <summary>
/// The settings and the heap as they were last read, for whoever only looks: a slider asks many times between two changes. What the heap gives is worked out once for each state of it and lies with it. Safe to ask from any thread.
/// </summary>
public sealed class AtHand(GardenVersion version)
{
    private const int MostProjects = 16;

    private readonly ConcurrentDictionary<int, (string Version, GardenSettings Settings, Heap Heap)> known = new();

    private volatile Tuple<string, GardenSettings>? read;

    /// <summary>The settings alone, at least as new as the moment they were asked for.</summary>
    public async Task<GardenSettings> SettingsAsync(GardenContext garden, CancellationToken cancel = default)
    {
        var now = version.Now();
        if (read is { } kept && kept.Item1 == now) return kept.Item2;
        var settings = await GardenSettings.ForBriefsAsync(garden, cancel);
        read = new(now, settings);
        return settings;
    }

    /// <summary>At least as new as the moment it was asked; the things of <paramref name="exceptProject"/> count as free.</summary>
    public async Task<(GardenSettings Settings, Heap Heap)> OfAsync(GardenContext garden, int? exceptProject, CancellationToken cancel = default)
    {
        // Asked before anything is read, so that what changes meanwhile makes the next one read again.
        var now = version.Now();
        var key = exceptProject ?? 0;
        if (known.TryGetValue(key, out var kept) && kept.Version == now) return (kept.Settings, kept.Heap);
        var settings = await GardenSettings.ForBriefsAsync(garden, cancel);
        var heap = await garden.HeapAsync(settings.HouseRules, exceptProject, cancel);
        if (known.Count >= MostProjects) known.Clear();
        known[key] = (now, settings, heap);
        return (settings, heap);
    }
}
