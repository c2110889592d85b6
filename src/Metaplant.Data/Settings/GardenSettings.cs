using Metaplant.Core.Building;
using Metaplant.Core.Drawing;
using Metaplant.Core.Fetching;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
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

    /// <summary>How numbers, money, days and paper are shown.</summary>
    public Manner Manner { get; init; } = Manner.Default;

    /// <summary>The load space of the car or trailer; null where nobody measured it.</summary>
    public Carrier? Carrier { get; init; }

    /// <summary>Where the garden lies and the base line of its plan; null where nobody has said.</summary>
    public PlanSite? Site { get; init; }

    /// <summary>The garden as it was measured; nothing where the settings were read without it.</summary>
    public GardenPlan Plan { get; init; } = GardenPlan.Nothing;

    /// <summary>How fast the gardener works, by what was timed in all projects; unknown where they were read without it.</summary>
    public Pace Pace { get; init; } = Pace.Unknown;

    /// <summary>Tells what the core says in the units, decimals and money of the garden.</summary>
    public Teller Teller => new(
        Units switch { "in" => Lengths.Inches, "cm" => Lengths.Centimetres, _ => Lengths.Millimetres }, Manner.Decimal == "," ? ',' : '.', Manner.Currency,
        Measures.TryGetValue(Manner.Volumes, out var volume) ? new(Manner.Volumes, volume) : null);

    /// <summary>What sheets are printed on.</summary>
    public Paper Paper => Manner.Paper == Paper.Letter.Name ? Paper.Letter : Paper.A4;

    /// <summary>Longest name of a garden.</summary>
    public const int LongestName = 80;

    /// <summary>Most measures of one's own.</summary>
    public const int MostMeasures = 20;

    private const int LongestMeasure = 24;
    private static readonly string[] KnownUnits = ["mm", "cm", "in"];

    public static Problem? NameProblem(string name) => name.Length is 0 or > LongestName ? new("name", $"A garden has a name of at most {LongestName} letters.") : null;

    public static Problem? UnitsProblem(string units) => KnownUnits.Contains(units) ? null : new("units", "Units are mm, cm or in.");

    /// <summary>What is wrong with a measure of one's own, its volume in m³: one word, from a tenth of a litre to five thousand.</summary>
    public static Problem? MeasureProblem(string name, double? volume)
        => name.Length is 0 or > LongestMeasure || !name.All(char.IsLetter) ? new("name", $"“{name}”: one word of letters, at most {LongestMeasure}.")
        : volume is { } v && v is not (>= .0001 and <= 5) ? new("volume", $"{name}: from {Amount.Volume(.0001)} to {Amount.Volume(5)}.")
        : null;

    /// <summary>What no settings can be. What only this catalogue does not know is left out of force and is no problem.</summary>
    public IEnumerable<Problem> Problems()
    {
        if (NameProblem(Name) is { } name) yield return name;
        if (UnitsProblem(Units) is { } units) yield return units;
        foreach (var problem in Manner.Problems()) yield return problem;
        foreach (var problem in Site?.Problems() ?? []) yield return problem with { Field = $"site.{problem.Field}" };
        foreach (var problem in Carrier?.Problems() ?? []) yield return problem with { Field = $"carrier.{problem.Field}" };
        if (Measures.Count > MostMeasures) yield return new("measures", $"At most {MostMeasures} measures of your own.");
        foreach (var measure in Measures.Select(m => MeasureProblem(m.Key, m.Value)).OfType<Problem>()) yield return measure with { Field = "measures" };
    }

    public static GardenSettings Default { get; } = new("My garden", "mm", new Dictionary<string, string>(), new Dictionary<string, double>());

    /// <summary>The schools followed; one that a later version no longer has is left out, and the others stay in force.</summary>
    public HouseRules HouseRules => HouseRules.WithWhatCanBe(Rules);

    /// <summary>The shelf; a tool that a later version no longer has is left out.</summary>
    public ToolShelf ToolShelf => ToolShelf.WithWhatCanBe(Tools);

    /// <summary>The handbook with the gardener's own values; one that a later version refuses is left out, and the others stay in force.</summary>
    public Handbook Handbook => Handbook.WithWhatCanBe(Constants);

    public static async Task<GardenSettings> ReadAsync(GardenContext garden, CancellationToken cancel = default)
        => SettingRows.Read(await garden.Settings.AsNoTracking().ToDictionaryAsync(s => s.Key, s => s.Value, cancel));

    /// <summary>The same with pace and plan, for whoever makes a brief: what all projects came to is read through for it.</summary>
    public static async Task<GardenSettings> ForBriefsAsync(GardenContext garden, CancellationToken cancel = default)
    {
        var making = await garden.Projects.AsNoTracking().Where(p => p.Making != null).Select(p => p.Making).ToListAsync(cancel);
        var settings = await ReadAsync(garden, cancel);
        return settings with { Plan = (await garden.SurveyAsync(settings.Site, cancel)).Plan, Pace = Pace.Of(making.SelectMany(m => Making.Read(m).Timed())) };
    }
}
