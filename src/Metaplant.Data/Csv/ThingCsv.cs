using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Data.Csv;

/// <summary>One row of a file that can be kept.</summary>
public sealed record CsvThing(int Line, Thing Thing, Particulars Particulars);

/// <summary>What is wrong with one cell of a file.</summary>
public sealed record CsvProblem(int Line, string Column, Sentence Sentence);

/// <summary>A file read through: what can be kept, and every problem there is. Nothing is kept while there is one.</summary>
public sealed record CsvReading(IReadOnlyList<CsvThing> Things, IReadOnlyList<CsvProblem> Problems);

/// <summary>The heap as comma-separated values, out and in. What is written is read back as it was.</summary>
public static class ThingCsv
{
    public const int MostRows = 5000;

    private static readonly string[] Columns = ["name", "kind", "count", "made of", "measures", "seen", "came with", "bad places", "place", "source", "permission", "cost", "keep dry", "use before", "remark"];

    /// <summary>Before a measure that nobody took.</summary>
    private const string About = "about ";

    /// <summary>What a spreadsheet takes for the beginning of a formula.</summary>
    private const string Formula = "=+-@\t\r";

    private const char Quote = '\'';

    private static CsvConfiguration Reading => new(CultureInfo.InvariantCulture)
    {
        MissingFieldFound = null,
        BadDataFound = null,
        PrepareHeaderForMatch = h => h.Header.Trim().ToLowerInvariant(),
        // Outside quotes only: blanks that were written in quotes were meant.
        TrimOptions = TrimOptions.Trim,
    };

    public static async Task WriteAsync(IEnumerable<ThingRow> rows, TextWriter to)
    {
        await using var csv = new CsvWriter(to, CultureInfo.InvariantCulture, leaveOpen: true);
        foreach (var column in Columns) csv.WriteField(column);
        await csv.NextRecordAsync();
        foreach (var row in rows)
        {
            // What the present catalogue cannot read is written as it was kept, so that nothing is left out.
            foreach (var cell in row.Read() is { Ok: true } thing ? Cells(row, thing.Value) : Unread(row)) csv.WriteField(Harmless(cell));
            await csv.NextRecordAsync();
        }
    }

    /// <summary>Reads a file through. Every problem of every row is found; rows are numbered as an editor numbers lines.</summary>
    public static async Task<CsvReading> ReadAsync(TextReader from, CancellationToken cancel = default)
    {
        using var csv = new CsvReader(from, Reading);
        var things = new List<CsvThing>();
        var problems = new List<CsvProblem>();
        if (!await csv.ReadAsync() || !csv.ReadHeader() || csv.HeaderRecord is not { } header) return new([], [new(1, "", "The file is empty.")]);
        var known = header.Select(h => h.Trim().ToLowerInvariant()).ToList();
        problems.AddRange(new[] { "name", "kind" }.Where(c => !known.Contains(c)).Select(c => new CsvProblem(1, c, $"There is no column “{c}”. The first line names the columns: {string.Join(", ", Columns)}.")));
        problems.AddRange(known.Where(h => h.Length > 0 && !Columns.Contains(h)).Select(h => new CsvProblem(1, h, $"“{h}” is none of the columns: {string.Join(", ", Columns)}.")));
        if (problems.Count > 0) return new([], problems);
        while (await csv.ReadAsync())
        {
            cancel.ThrowIfCancellationRequested();
            if (things.Count + problems.Count >= MostRows) return new([], [new(csv.Parser.RawRow, "", $"At most {MostRows} rows at once.")]);
            ReadRow(csv, csv.Parser.RawRow, things, problems);
        }

        return new(things, problems);
    }

    private static IEnumerable<string> Cells(ThingRow row, Thing thing) =>
    [
        row.Name, row.Kind, row.Count.ToString(CultureInfo.InvariantCulture), thing.Substance.Name(),
        string.Join("; ", thing.Kind.Fields.Select(f => $"{f.Id} {(thing.Taken.Contains(f.Id) ? "" : About)}{MeasureText.Write(thing.Values[f.Id], f.Unit)}")), string.Join("; ", thing.Findings), string.Join("; ", thing.History),
        string.Join("; ", thing.Faults.Select(f => f.To > 0 ? $"{f.Part} {MeasureText.Write(f.From, Unit.Metre)} to {MeasureText.Write(f.To, Unit.Metre)}" : f.Part)),
        .. Particulars(row),
    ];

    private static IEnumerable<string> Unread(ThingRow row)
    {
        var kept = row.ToKept();
        return
        [
            row.Name, row.Kind, row.Count.ToString(CultureInfo.InvariantCulture), kept.Substance?.Name() ?? row.Substance, string.Join("; ", kept.Values.Select(v => $"{v.Key} {v.Value.ToString(CultureInfo.InvariantCulture)}")),
            string.Join("; ", kept.Findings), string.Join("; ", kept.Past), string.Join("; ", kept.Faults.Select(f => f.Part)), .. Particulars(row),
        ];
    }

    private static IEnumerable<string> Particulars(ThingRow row) =>
    [
        row.Place, row.Source, row.Permission, row.Cost?.ToString(CultureInfo.InvariantCulture) ?? "", row.KeepDry ? "yes" : "", row.UseBefore?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture) ?? "", row.Remark,
    ];

    private static void ReadRow(CsvReader csv, int line, List<CsvThing> things, List<CsvProblem> problems)
    {
        var found = new List<CsvProblem>();
        string Text(string column) => csv.TryGetField<string>(column, out var text) ? Meant(text ?? "") : "";
        string Cell(string column) => Text(column).Trim();
        void Wrong(string column, Sentence sentence) => found.Add(new(line, column, sentence));

        var kind = SalvageKinds.All.FirstOrDefault(k => Same(k.Id, Cell("kind")) || Same(k.Name, Cell("kind")));
        if (kind is null) Wrong("kind", Cell("kind").Length == 0 ? "Say what kind of thing it is." : $"“{Cell("kind")}” is no kind of thing. Try round-tub, pallet or board.");
        var count = 1;
        if (Cell("count").Length > 0 && !int.TryParse(Cell("count"), NumberStyles.Integer, CultureInfo.InvariantCulture, out count)) Wrong("count", $"“{Cell("count")}” is not a whole number.");
        Substance? substance = null;
        if (Cell("made of").Length > 0)
        {
            substance = Enum.GetValues<Substance>().Cast<Substance?>().FirstOrDefault(s => Same(s!.Value.Name(), Cell("made of")) || Same(s.Value.ToString(), Cell("made of")));
            if (substance is null) Wrong("made of", $"“{Cell("made of")}” is nothing that things are made of here.");
        }

        double? cost = null;
        if (Cell("cost").Length > 0)
        {
            cost = double.TryParse(Cell("cost"), NumberStyles.Float, CultureInfo.InvariantCulture, out var money) ? money : null;
            if (cost is null) Wrong("cost", $"“{Cell("cost")}” is no price.");
        }

        DateOnly? useBefore = null;
        if (Cell("use before").Length > 0)
        {
            useBefore = DateOnly.TryParseExact(Cell("use before"), "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day) ? day : null;
            if (useBefore is null) Wrong("use before", $"“{Cell("use before")}” is no day. Write it as 2027-05-31.");
        }

        var particulars = new Particulars(Text("place"), Text("remark"), Text("source"), Text("permission"), cost, Same(Cell("keep dry"), "yes"), useBefore);
        foreach (var problem in particulars.Problems()) Wrong(problem.Field, problem.Sentence);
        var taken = new HashSet<string>(StringComparer.Ordinal);
        var values = kind is null ? [] : Measures(kind, Cell("measures"), taken, sentence => Wrong("measures", sentence));
        var faults = Faults(Cell("bad places"), sentence => Wrong("bad places", sentence));
        if (kind is not null)
        {
            var made = Thing.Create(0, 0, Cell("name"), kind.Id, count, values, substance, Split(Cell("seen")), faults, Split(Cell("came with")), taken);
            found.AddRange(made.Problems.Select(p => new CsvProblem(line, Column(p.Field), p.Field.StartsWith("measures.", StringComparison.Ordinal) ? (Sentence)$"{p.Field["measures.".Length..]}: {p.Sentence}" : p.Sentence)));
            if (made.Ok && found.Count == 0) things.Add(new(line, made.Value, particulars));
        }

        problems.AddRange(found);
    }

    private static Dictionary<string, double> Measures(SalvageKind kind, string cell, HashSet<string> taken, Action<string> wrong)
    {
        var values = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var part in Split(cell))
        {
            var field = kind.Fields.Where(f => part.StartsWith(f.Id + " ", StringComparison.OrdinalIgnoreCase)).MaxBy(f => f.Id.Length);
            if (field is null) wrong($"“{part}” is no measure of a {kind.Name.ToLowerInvariant()}. It has {string.Join(", ", kind.Fields.Select(f => f.Id))}.");
            else if (MeasureText.Parse(Told(part[field.Id.Length..].Trim(), out var about), field.Unit) is { } value)
            {
                values[field.Id] = value;
                if (!about) taken.Add(field.Id);
            }
            else wrong($"“{part}” needs a number and a unit, such as “{field.Id} {MeasureText.Write(field.Typical, field.Unit)}”.");
        }

        return values;
    }

    /// <summary>The measure without the word that says nobody took it.</summary>
    private static string Told(string text, out bool about)
    {
        about = text.StartsWith(About, StringComparison.OrdinalIgnoreCase);
        return about ? text[About.Length..] : text;
    }

    private static List<Fault> Faults(string cell, Action<string> wrong)
    {
        var faults = new List<Fault>();
        foreach (var part in Split(cell))
        {
            if (part.Split(' ', 2) is not [var name, var extent]) faults.Add(new(part, 0, 0));
            else if (extent.Split(" to ") is [var from, var to] && MeasureText.Parse(from, Unit.Metre) is { } a && MeasureText.Parse(to, Unit.Metre) is { } b) faults.Add(new(name, a, b));
            else wrong($"“{part}” should read like “piece 620 mm to 780 mm”.");
        }

        return faults;
    }

    private static string Column(string field) => field switch
    {
        "substance" => "made of",
        "findings" => "seen",
        "history" => "came with",
        "faults" => "bad places",
        _ when field.StartsWith("measures", StringComparison.Ordinal) => "measures",
        _ => field,
    };

    private static string[] Split(string cell) => cell.Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);

    /// <summary>A cell that a spreadsheet would take for a formula gets a quote before it; so does one that begins as if it had got one, so that reading knows which.</summary>
    private static string Harmless(string cell) => cell.Length > 0 && (Formula.Contains(cell[0]) || Quoted(cell)) ? Quote + cell : cell;

    /// <summary>The cell as it was before <see cref="Harmless"/>.</summary>
    private static string Meant(string cell) => Quoted(cell) ? cell[1..] : cell;

    private static bool Quoted(string cell) => cell.Length > 1 && cell[0] == Quote && (Formula.Contains(cell[1]) || cell[1] == Quote);

    private static bool Same(string a, string b) => string.Equals(a, b, StringComparison.OrdinalIgnoreCase);
}
