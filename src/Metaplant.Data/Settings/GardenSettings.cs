using System.Text.Json;
using Metaplant.Core.Building;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>The settings of a garden: its name, units, house rules and own constants.</summary>
/// <param name="Units">"mm", "cm" or "in".</param>
/// <param name="Rules">School by house rule.</param>
/// <param name="Constants">The gardener's own values by constant id, SI.</param>
public sealed record GardenSettings(string Name, string Units, IReadOnlyDictionary<string, string> Rules, IReadOnlyDictionary<string, double> Constants)
{
    /// <summary>The gardener's own measures, m³ by name: "barrow", "scoop".</summary>
    public IReadOnlyDictionary<string, double> Measures { get; init; } = new Dictionary<string, double> { ["bucket"] = .010, ["barrow"] = .080, ["sack"] = .060, ["scoop"] = .003 };

    /// <summary>The tools that something was said of, by name.</summary>
    public IReadOnlyDictionary<string, ShelvedTool> Tools { get; init; } = new Dictionary<string, ShelvedTool>();

    private const string Key = "garden";

    public static GardenSettings Default { get; } = new("My garden", "mm", new Dictionary<string, string>(), new Dictionary<string, double>());

    public HouseRules HouseRules => HouseRules.Choose(Rules).Value ?? HouseRules.Default;

    public ToolShelf ToolShelf => ToolShelf.Of(Tools).Value ?? ToolShelf.Untouched;

    /// <summary>The handbook with the gardener's own values; one that a later version refuses is left out, and the others stay in force.</summary>
    public Handbook Handbook => Handbook.WithWhatCanBe(Constants);

    public static async Task<GardenSettings> ReadAsync(GardenContext garden, CancellationToken cancel = default)
        => await garden.Settings.FindAsync([Key], cancel) is { } row ? JsonSerializer.Deserialize<GardenSettings>(row.Value)! : Default;

    /// <summary>Puts these settings in place of those kept; the caller saves.</summary>
    public async Task KeepAsync(GardenContext garden, CancellationToken cancel = default)
    {
        var value = JsonSerializer.Serialize(this);
        if (await garden.Settings.FindAsync([Key], cancel) is { } row) row.Value = value;
        else garden.Settings.Add(new() { Key = Key, Value = value });
    }
}
