using Metaplant.Core.Building;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data.Settings;

/// <summary>The settings of a garden: its name, units, house rules and own constants, each kept in a row of its own so that two changes at once never overwrite each other.</summary>
/// <param name="Units">"mm", "cm" or "in".</param>
/// <param name="Rules">School by house rule.</param>
/// <param name="Constants">The gardener's own values by constant id, SI.</param>
public sealed record GardenSettings(string Name, string Units, IReadOnlyDictionary<string, string> Rules, IReadOnlyDictionary<string, double> Constants)
{
    /// <summary>The measures a garden begins with, m³ by name.</summary>
    public static IReadOnlyDictionary<string, double> FirstMeasures { get; } = new Dictionary<string, double> { ["bucket"] = .010, ["barrow"] = .080, ["sack"] = .060, ["scoop"] = .003 };

    /// <summary>The gardener's own measures, m³ by name: "barrow", "scoop".</summary>
    public IReadOnlyDictionary<string, double> Measures { get; init; } = FirstMeasures;

    /// <summary>The tools that something was said of, by name.</summary>
    public IReadOnlyDictionary<string, ShelvedTool> Tools { get; init; } = new Dictionary<string, ShelvedTool>();

    public static GardenSettings Default { get; } = new("My garden", "mm", new Dictionary<string, string>(), new Dictionary<string, double>());

    /// <summary>The schools followed; one that a later version no longer has is left out, and the others stay in force.</summary>
    public HouseRules HouseRules => HouseRules.WithWhatCanBe(Rules);

    /// <summary>The shelf; a tool that a later version no longer has is left out.</summary>
    public ToolShelf ToolShelf => ToolShelf.WithWhatCanBe(Tools);

    /// <summary>The handbook with the gardener's own values; one that a later version refuses is left out, and the others stay in force.</summary>
    public Handbook Handbook => Handbook.WithWhatCanBe(Constants);

    public static async Task<GardenSettings> ReadAsync(GardenContext garden, CancellationToken cancel = default)
        => SettingRows.Read(await garden.Settings.AsNoTracking().ToDictionaryAsync(s => s.Key, s => s.Value, cancel));
}
