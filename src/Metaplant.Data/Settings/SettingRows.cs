using System.Text.Json;
using System.Text.Json.Serialization;
using Metaplant.Core.Building;
using Metaplant.Core.Fetching;
using Metaplant.Core.Places;

namespace Metaplant.Data.Settings;

/// <summary>Between the settings and their rows: key "rule/pallet-wood", value as JSON. Null as a value takes away what a garden begins with.</summary>
public static class SettingRows
{
    public const string Name = "name";
    public const string Units = "units";

    public const string Decimal = "decimal";
    public const string Currency = "currency";
    public const string Dates = "dates";
    public const string Paper = "paper";
    public const string Volumes = "volumes";
    public const string Place = "place";
    public const string Carrier = "carrier";

    /// <summary>Where the garden lies and its base line.</summary>
    public const string Site = "site";

    private const string Nothing = "null";

    /// <summary>Words stay what they mean when their order changes; numbers, as once kept, are still read.</summary>
    private static readonly JsonSerializerOptions Json = new() { Converters = { new JsonStringEnumConverter() } };

    private const string RulePart = "rule/";
    private const string ConstantPart = "constant/";
    private const string MeasurePart = "measure/";
    private const string ToolPart = "tool/";

    public static string Rule(string id) => RulePart + id;

    public static string Constant(string id) => ConstantPart + id;

    public static string Measure(string name) => MeasurePart + name;

    public static string Tool(string name) => ToolPart + name;

    public static bool IsTool(string key) => key.StartsWith(ToolPart, StringComparison.Ordinal);

    /// <summary>Writes one setting, or takes it away with null; the caller saves.</summary>
    public static async Task SetAsync<T>(this GardenContext garden, string key, T? value, CancellationToken cancel = default)
    {
        var row = await garden.Settings.FindAsync([key], cancel);
        // A measure that a garden begins with is taken away by saying so.
        var text = value is not null ? JsonSerializer.Serialize(value, Json) : key.StartsWith(MeasurePart, StringComparison.Ordinal) && GardenSettings.FirstMeasures.ContainsKey(key[MeasurePart.Length..]) ? Nothing : null;
        if (text is null && row is not null) garden.Settings.Remove(row);
        else if (text is not null && row is not null) row.Value = text;
        else if (text is not null) garden.Settings.Add(new() { Key = key, Value = text });
    }

    /// <summary>The settings that rows amount to. A row that cannot be read is left out, and the others stay in force.</summary>
    public static GardenSettings Read(IReadOnlyDictionary<string, string> rows)
    {
        var usual = Manner.Default;
        var measures = GardenSettings.FirstMeasures.Where(m => rows.GetValueOrDefault(Measure(m.Key)) != Nothing).ToDictionary(StringComparer.Ordinal);
        foreach (var (name, volume) in Part(MeasurePart, v => v.Deserialize<double>())) measures[name] = volume;
        return new(One(Name) ?? GardenSettings.Default.Name, One(Units) ?? GardenSettings.Default.Units, Part(RulePart, v => v.Deserialize<string>()!), Part(ConstantPart, v => v.Deserialize<double>()))
        {
            Measures = measures,
            Manner = Readable(new(One(Decimal) ?? usual.Decimal, One(Currency) ?? usual.Currency, One(Dates) ?? usual.Dates, One(Paper) ?? usual.Paper, One(Volumes) ?? usual.Volumes, One(Place) ?? usual.Place)),
            Tools = Part(ToolPart, v => v.Deserialize<ShelvedTool>(Json)!),
            Site = rows.TryGetValue(Site, out var lies) && TryRead(lies, v => v.Deserialize<PlanSite>(Json)!, out var site) && !site.Problems().Any() ? site : null,
            Carrier = rows.TryGetValue(Carrier, out var space) && TryRead(space, v => v.Deserialize<Carrier>()!, out var carrier) && !carrier.Problems().Any() ? carrier : null,
        };

        string? One(string key) => rows.TryGetValue(key, out var text) && TryRead(text, v => v.Deserialize<string>()!, out var value) ? value : null;

        Dictionary<string, T> Part<T>(string part, Func<JsonElement, T> read)
        {
            var found = new Dictionary<string, T>(StringComparer.Ordinal);
            foreach (var (key, text) in rows)
            {
                if (key.StartsWith(part, StringComparison.Ordinal) && TryRead(text, read, out var value)) found[key[part.Length..]] = value;
            }

            return found;
        }
    }

    /// <summary>What cannot be is left out of force, whole: half of a way to write numbers is none.</summary>
    private static Manner Readable(Manner manner) => manner.Problems().Any() ? Manner.Default : manner;

    /// <summary>The rows that settings amount to, by key; what is as a garden begins needs none.</summary>
    public static Dictionary<string, string> Of(GardenSettings settings)
    {
        var rows = new Dictionary<string, string>(StringComparer.Ordinal) { [Name] = JsonSerializer.Serialize(settings.Name), [Units] = JsonSerializer.Serialize(settings.Units) };
        var (manner, usual) = (settings.Manner, Manner.Default);
        foreach (var (key, value, without) in (ReadOnlySpan<(string, string, string)>)[(Decimal, manner.Decimal, usual.Decimal), (Currency, manner.Currency, usual.Currency), (Dates, manner.Dates, usual.Dates), (Paper, manner.Paper, usual.Paper), (Volumes, manner.Volumes, usual.Volumes), (Place, manner.Place, usual.Place)])
        {
            if (value != without) rows[key] = JsonSerializer.Serialize(value);
        }

        if (settings.Site is { } site) rows[Site] = JsonSerializer.Serialize(site, Json);
        if (settings.Carrier is { } carrier) rows[Carrier] = JsonSerializer.Serialize(carrier);
        foreach (var (id, school) in settings.Rules) rows[Rule(id)] = JsonSerializer.Serialize(school);
        foreach (var (id, value) in settings.Constants) rows[Constant(id)] = JsonSerializer.Serialize(value, Json);
        foreach (var (name, tool) in settings.Tools) rows[Tool(name)] = JsonSerializer.Serialize(tool, Json);
        foreach (var gone in GardenSettings.FirstMeasures.Keys.Except(settings.Measures.Keys)) rows[Measure(gone)] = Nothing;
        foreach (var (name, volume) in settings.Measures.Where(m => !GardenSettings.FirstMeasures.TryGetValue(m.Key, out var first) || !first.Equals(m.Value))) rows[Measure(name)] = JsonSerializer.Serialize(volume);
        return rows;
    }

    private static bool TryRead<T>(string text, Func<JsonElement, T> read, out T value)
    {
        value = default!;
        try
        {
            using var document = JsonDocument.Parse(text);
            if (document.RootElement.ValueKind == JsonValueKind.Null) return false;
            value = read(document.RootElement);
            return value is not null;
        }
        catch (JsonException)
        {
            return false;
        }
    }
}
