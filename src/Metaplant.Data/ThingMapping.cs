using System.Text.Json;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Data;

/// <summary>What is known of a thing beside the thing itself: where it lies, where it is from, how long it keeps.</summary>
/// <param name="Cost">Of the batch, in the garden's money, from 0 up.</param>
public sealed record Particulars(string Place = "", string Remark = "", string Source = "", string Permission = "", double? Cost = null, bool KeepDry = false, DateOnly? UseBefore = null)
{
    public static Particulars Of(ThingRow row) => new(row.Place, row.Remark, row.Source, row.Permission, row.Cost, row.KeepDry, row.UseBefore);
}

/// <summary>Between a row and the thing it keeps.</summary>
public static class ThingMapping
{
    /// <summary>
    /// The form that measures are kept in. Form 1 did not say which measures were taken: there those count that are not the typical ones, since nobody measures a thing to exactly that. Form 2 names them.
    /// </summary>
    private sealed record KeptMeasures(int Form, IReadOnlyDictionary<string, double> Values, IReadOnlyList<string>? Taken = null)
    {
        public IReadOnlyCollection<string> TakenOf(SalvageKind? kind)
            => Taken ?? [.. (Values ?? new Dictionary<string, double>()).Where(v => kind?.Fields.FirstOrDefault(f => f.Id == v.Key)?.Typical.Equals(v.Value) != true).Select(v => v.Key)];
    }

    /// <summary>The row as it was kept, whatever catalogue kept it. What cannot be read at all is as if it were not there, and its words are in <paramref name="unread"/>.</summary>
    public static KeptThing ToKept(this ThingRow row, out IReadOnlyList<Problem> unread)
    {
        var problems = new List<Problem>();
        var kept = Json<KeptMeasures>(row.Measures, "measures") ?? new(2, new Dictionary<string, double>(), []);
        var substance = Enum.TryParse<Substance>(row.Substance, out var s) && Enum.IsDefined(s) ? s : (Substance?)null;
        var made = new KeptThing(
            row.Id, row.Number, row.Name, row.Kind, row.Count, kept.Values ?? new Dictionary<string, double>(), substance, Words(row.Findings, "findings"), Json<Fault?[]>(row.Faults, "faults") is { } faults && !faults.Contains(null) ? faults.OfType<Fault>().ToArray() : [],
            Words(row.History, "history"), kept.TakenOf(SalvageKinds.Find(row.Kind)));
        unread = problems;
        return made;

        string[] Words(string text, string field) => Json<string[]>(text, field) is { } words && !words.Contains(null) ? words : [];

        T? Json<T>(string text, string field)
            where T : class
        {
            try
            {
                return JsonSerializer.Deserialize<T>(text) ?? throw new JsonException();
            }
            catch (JsonException)
            {
                problems.Add(new(field, "What was kept here cannot be read."));
                return null;
            }
        }
    }

    /// <summary>The thing of a row, or everything in it that the present catalogue cannot read.</summary>
    public static Outcome<Thing> Read(this ThingRow row)
    {
        var kept = row.ToKept(out var unread);
        return unread.Count > 0 ? Outcome<Thing>.Refuse(unread) : kept.Read();
    }

    /// <summary>Writes what the gardener can change of a thing into its row.</summary>
    public static void Keep(this ThingRow row, Thing thing, Particulars particulars)
    {
        row.Name = thing.Name;
        row.Kind = thing.Kind.Id;
        row.Count = thing.Count;
        row.Substance = thing.Substance.ToString();
        row.Measures = Measured(thing.Values, thing.Taken);
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
    internal static string Measured(IReadOnlyDictionary<string, double> values, IEnumerable<string> taken) => JsonSerializer.Serialize(new KeptMeasures(2, values, [.. taken.Order(StringComparer.Ordinal)]));

    public static ThingRow NewRow(Thing thing, Particulars? particulars = null, int? parentId = null)
    {
        var row = new ThingRow { Number = thing.Number, Name = "", Kind = "", Substance = "", Measures = "", Findings = "", Faults = "", ParentId = parentId };
        row.Keep(thing, particulars ?? new());
        return row;
    }
}
