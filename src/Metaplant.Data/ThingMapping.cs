using System.Text.Json;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;

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
            => Taken ?? [.. Values.Where(v => kind?.Fields.FirstOrDefault(f => f.Id == v.Key)?.Typical.Equals(v.Value) != true).Select(v => v.Key)];
    }

    /// <summary>The thing of a row. A row was checked when it was written, so one that cannot be read is a damaged file and throws.</summary>
    public static Thing ToThing(this ThingRow row)
    {
        var kept = JsonSerializer.Deserialize<KeptMeasures>(row.Measures)!;
        return Thing.Create(
            row.Id, row.Number, row.Name, row.Kind, row.Count, kept.Values, Enum.Parse<Substance>(row.Substance), JsonSerializer.Deserialize<string[]>(row.Findings)!, JsonSerializer.Deserialize<Fault[]>(row.Faults)!,
            JsonSerializer.Deserialize<string[]>(row.History)!, kept.TakenOf(SalvageKinds.Find(row.Kind))).OrThrow();
    }

    /// <summary>Writes what the gardener can change of a thing into its row.</summary>
    public static void Keep(this ThingRow row, Thing thing, Particulars particulars)
    {
        row.Name = thing.Name;
        row.Kind = thing.Kind.Id;
        row.Count = thing.Count;
        row.Substance = thing.Substance.ToString();
        row.Measures = JsonSerializer.Serialize(new KeptMeasures(2, thing.Values, [.. thing.Taken.Order(StringComparer.Ordinal)]));
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

    public static ThingRow NewRow(Thing thing, Particulars? particulars = null, int? parentId = null)
    {
        var row = new ThingRow { Number = thing.Number, Name = "", Kind = "", Substance = "", Measures = "", Findings = "", Faults = "", ParentId = parentId };
        row.Keep(thing, particulars ?? new());
        return row;
    }
}
