using System.Text.Json;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Data;

/// <summary>What is known of a thing beside the thing itself: where it lies, where it is from, how long it keeps.</summary>
/// <param name="Cost">Of the batch, in the garden's money, from 0 up.</param>
public sealed record Particulars(string Place = "", string Remark = "", string Source = "", string Permission = "", double? Cost = null, bool KeepDry = false, DateOnly? UseBefore = null)
{
    public const int LongestWords = 80;
    public const int LongestRemark = 1000;
    private const double GreatestCost = 1_000_000;

    /// <summary>What is too long or cannot be, each at its field.</summary>
    public IEnumerable<Problem> Problems()
    {
        foreach (var (field, words) in new[] { ("place", Place), ("source", Source), ("permission", Permission) }.Where(w => w.Item2.Length > LongestWords)) yield return new(field, $"At most {LongestWords} letters.");
        if (Remark.Length > LongestRemark) yield return new("remark", $"A remark can have at most {LongestRemark} letters.");
        if (Cost is { } cost && !(cost is >= 0 and <= GreatestCost)) yield return new("cost", "The cost must be from 0 to 1 000 000.");
    }

    public static Particulars Of(ThingRow row) => new(row.Place, row.Remark, row.Source, row.Permission, row.Cost, row.KeepDry, row.UseBefore);
}

/// <summary>Between a row and the thing it keeps.</summary>
public static class ThingMapping
{
    private static readonly JsonSerializerOptions Short = new() { DefaultIgnoreCondition = System.Text.Json.Serialization.JsonIgnoreCondition.WhenWritingNull };

    /// <summary>
    /// The form that measures are kept in. Form 1 did not say which measures were taken: there those count that are not the typical ones, since nobody measures a thing to exactly that. Form 2 names them, and keeps the sticks that were laid one by one.
    /// </summary>
    private sealed record KeptMeasures(int Form, IReadOnlyDictionary<string, double> Values, IReadOnlyList<string>? Taken = null, IReadOnlyList<Stick>? Laid = null)
    {
        public static KeptMeasures None { get; } = new(2, new Dictionary<string, double>(), []);

        public IReadOnlyCollection<string> TakenOf(SalvageKind? kind)
            => Taken ?? [.. Values.Where(v => kind?.Fields.FirstOrDefault(f => f.Id == v.Key)?.Typical.Equals(v.Value) != true).Select(v => v.Key)];
    }

    /// <summary>The row as it was kept, whatever catalogue kept it.</summary>
    public static KeptThing ToKept(this ThingRow row)
    {
        var unread = new List<string>();
        var measures = Json<KeptMeasures>(row.Measures, "measures", m => m.Values is not null && m.Laid?.Contains(null!) != true) ?? KeptMeasures.None;
        return new(
            row.Id, row.Number, row.Name, row.Kind, row.Count, measures.Values, Enum.TryParse<Substance>(row.Substance, out var s) && Enum.IsDefined(s) ? s : null,
            Json<string[]>(row.Findings, "findings", All) ?? [], Json<Fault[]>(row.Faults, "faults", All) ?? [], Json<string[]>(row.History, "history", All) ?? [], measures.TakenOf(SalvageKinds.Find(row.Kind)))
        {
            Unread = unread,
            Laid = measures.Laid ?? [],
        };

        static bool All(object?[] items) => !items.Contains(null);

        T? Json<T>(string text, string part, Func<T, bool> whole)
            where T : class
        {
            try
            {
                if (JsonSerializer.Deserialize<T>(text) is { } read && whole(read)) return read;
            }
            catch (JsonException)
            {
                // Told below, as what is not whole is.
            }

            unread.Add(part);
            return null;
        }
    }

    /// <summary>The thing of a row, or everything in it that the present catalogue cannot read.</summary>
    public static Outcome<Thing> Read(this ThingRow row) => row.ToKept().Read();

    /// <summary>Writes what the gardener can change of a thing into its row.</summary>
    public static void Keep(this ThingRow row, Thing thing, Particulars particulars)
    {
        row.Name = thing.Name;
        row.Kind = thing.Kind.Id;
        row.Count = thing.Count;
        row.Substance = thing.Substance.ToString();
        row.Measures = Measured(thing.Values, thing.Taken, thing.Laid);
        row.History = JsonSerializer.Serialize(thing.History);
        row.Findings = JsonSerializer.Serialize(thing.Findings);
        row.Faults = JsonSerializer.Serialize(thing.Faults);
        row.Place = particulars.Place;
        row.Remark = particulars.Remark;
        row.Source = particulars.Source;
        row.Permission = particulars.Permission;
        row.Cost = particulars.Cost;
        row.KeepDry = particulars.KeepDry;
        row.UseBefore = particulars.UseBefore;
    }

    /// <summary>Measures as they are kept.</summary>
    internal static string Measured(IReadOnlyDictionary<string, double> values, IEnumerable<string> taken, IReadOnlyList<Stick> laid)
        => JsonSerializer.Serialize(new KeptMeasures(2, values, [.. taken.Order(StringComparer.Ordinal)], laid.Count > 0 ? laid : null), Short);

    public static ThingRow NewRow(Thing thing, Particulars? particulars = null, int? parentId = null)
    {
        var row = new ThingRow { Number = thing.Number, Name = "", Kind = "", Substance = "", Measures = "", Findings = "", Faults = "", ParentId = parentId };
        row.Keep(thing, particulars ?? new());
        return row;
    }
}
