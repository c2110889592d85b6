using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage;

/// <summary>One measure that a kind of salvage asks for, in SI.</summary>
/// <param name="Id">Its name in code and over HTTP.</param>
/// <param name="Name">What the gardener calls it.</param>
/// <param name="Least">The least value that can be, included.</param>
/// <param name="Greatest">The greatest value that can be, included.</param>
/// <param name="Typical">What is put in until it is measured.</param>
/// <param name="Hint">Where the tape goes.</param>
/// <param name="Quick">One of the three asked for first; the others keep their typical value until somebody measures.</param>
public sealed record MeasureField(string Id, string Name, Unit Unit, double Least, double Greatest, double Typical, Sentence Hint, bool Quick = false);

/// <summary>Measures as they come in: values in SI by field id.</summary>
public sealed class MeasureReader
{
    private readonly IReadOnlyDictionary<string, double> values;
    private readonly List<Problem> problems = [];

    /// <summary>Checks every field against its range; a field left out takes its typical value, an unknown one is a problem.</summary>
    public MeasureReader(IReadOnlyList<MeasureField> fields, IReadOnlyDictionary<string, double> given)
    {
        var read = fields.ToDictionary(f => f.Id, f => given.GetValueOrDefault(f.Id, f.Typical), StringComparer.Ordinal);
        values = read;
        problems.AddRange(given.Keys.Where(k => !read.ContainsKey(k)).Select(k => new Problem(k, "This kind has no such measure.")));
        problems.AddRange(fields.Select(f => Check(f, read[f.Id])).OfType<Problem>());
    }

    public IReadOnlyList<Problem> Problems => problems;

    public IReadOnlyDictionary<string, double> Values => values;

    public double this[string id] => values[id];

    public bool Has(string id) => values.ContainsKey(id);

    public int Whole(string id) => (int)Math.Round(values[id]);

    /// <summary>Adds a problem when two measures cannot both be; the sentence says why.</summary>
    public void Refuse(bool impossible, string field, Sentence sentence)
    {
        if (impossible) problems.Add(new(field, sentence));
    }

    private static Problem? Check(MeasureField f, double value)
    {
        if (!double.IsFinite(value)) return new(f.Id, $"{f.Name} must be a number.");
        if (value < f.Least - 1e-12) return new(f.Id, $"{f.Name} must be at least {new Amount(f.Least, f.Unit)}.");
        if (value > f.Greatest + 1e-12) return new(f.Id, $"{f.Name} can be at most {new Amount(f.Greatest, f.Unit)}.");
        if (f.Unit == Unit.Count && Math.Abs(value - Math.Round(value)) > 1e-9) return new(f.Id, $"{f.Name} must be a whole number.");
        return null;
    }
}
