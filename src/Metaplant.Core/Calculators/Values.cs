using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

/// <summary>
/// The inputs of a calculator, checked. Reading collects every problem at its path ("layers.0.thickness"); what could not be read is absent, so values are taken only once there are none.
/// </summary>
public sealed class Values
{
    /// <summary>Less than this part of the greatest counts as nothing; so small a number is a slip, and powers of it would leave the range of a double.</summary>
    private const double Nothing = 1e-9;

    private readonly Dictionary<string, object> read = new(StringComparer.Ordinal);
    private readonly List<Problem> problems;
    private readonly string path;
    private readonly Handbook handbook;
    private readonly HashSet<string> leftOut = new(StringComparer.Ordinal);
    private readonly Dictionary<string, NumberInput> asked = new(StringComparer.Ordinal);

    private Values(string path, List<Problem> problems, Handbook handbook)
    {
        this.path = path;
        this.handbook = handbook;
        this.problems = problems;
    }

    public IReadOnlyList<Problem> Problems => problems;

    /// <summary>The constants in force, for drawings that show them.</summary>
    public Handbook Handbook => handbook;

    public double this[string name] => (double)read[name];

    public bool Has(string name) => read.ContainsKey(name);

    /// <summary>The number, or another where it was left out.</summary>
    public double Or(string name, double other) => read.TryGetValue(name, out var value) ? (double)value : other;

    /// <summary>The number as a term, called what it was asked for as: as it was given, or as the row of the handbook that it is taken from when left out.</summary>
    public Term Term(string symbol, string name)
    {
        var input = asked[name];
        return new(symbol, char.ToLowerInvariant(input.Title[0]) + input.Title[1..], this[name], input.Unit, leftOut.Contains(name) ? input.Row : null);
    }

    public double? Maybe(string name) => read.TryGetValue(name, out var value) ? (double)value : null;

    public int Whole(string name) => (int)Math.Round(this[name]);

    public string Word(string name) => (string)read[name];

    public bool Flag(string name) => (bool)read[name];

    public Values Group(string name) => (Values)read[name];

    public IReadOnlyList<Values> List(string name) => (IReadOnlyList<Values>)read[name];

    /// <summary>The rectangle or circle that <see cref="Ask.Outline"/> asks for, centred.</summary>
    public Outline Outline(string name)
    {
        var g = Group(name);
        return g.Has("diameter") ? new CircleOutline(g["diameter"]) : new RectangleOutline(g["length"], g["width"]);
    }

    /// <summary>Adds a problem when inputs that are each in range cannot be together.</summary>
    public void Refuse(bool impossible, string name, Sentence sentence)
    {
        if (impossible) problems.Add(new(path + name, sentence));
    }

    /// <summary>Reads what was given by what is asked for.</summary>
    public static Values Read(IReadOnlyList<Input> inputs, GivenFields given, Handbook handbook)
    {
        var values = new Values("", [], handbook);
        values.ReadAll(inputs, given);
        return values;
    }

    private void ReadAll(IReadOnlyList<Input> inputs, GivenFields given)
    {
        foreach (var name in given.Fields.Keys.Where(k => inputs.All(i => i.Name != k))) Wrong(name, "There is no such input here.");
        foreach (var input in inputs)
        {
            if (input is NumberInput number) asked[number.Name] = number;
            if (!given.Fields.TryGetValue(input.Name, out var value)) LeftOut(input);
            else if (One(input, value) is { } checkedValue) read[input.Name] = checkedValue;
        }
    }

    private void LeftOut(Input input)
    {
        leftOut.Add(input.Name);
        switch (input)
        {
            case NumberInput { HasDefault: true } n: read[n.Name] = n.Row is { } row ? handbook[row] : n.Typical; break;
            case ChoiceInput { Default: { } word } c: read[c.Name] = word; break;
            case FlagInput { Default: { } flag } f: read[f.Name] = flag; break;
            case ListInput { Least: 0 } l: read[l.Name] = (IReadOnlyList<Values>)[]; break;
            case { Optional: true }: break;
            default: Wrong(input.Name, $"{input.Title} is needed."); break;
        }
    }

    /// <summary>The checked value, or null with a problem kept.</summary>
    private object? One(Input input, Given given) => (input, given) switch
    {
        (NumberInput n, GivenNumber g) => Number(n, g.Value),
        (NumberInput n, _) => Wrong(n.Name, $"{n.Title} must be a number."),
        (ChoiceInput c, GivenText t) when c.Options.Contains(t.Value) => t.Value,
        (ChoiceInput { Refused: { } refused } c, GivenText t) when refused.TryGetValue(t.Value, out var why) => Wrong(c.Name, why),
        (ChoiceInput c, _) => Wrong(c.Name, $"{c.Title} must be one of {string.Join(", ", c.Options)}."),
        (FlagInput, GivenFlag f) => f.Value,
        (FlagInput f, _) => Wrong(f.Name, $"{f.Title} must be true or false."),
        (GroupInput g, GivenFields f) => Inside(g.Name, g.Fields, f),
        (EitherInput e, GivenFields f) => Inside(e.Name, Chosen(e, f).Fields, f),
        (ListInput l, GivenItems items) => Items(l, items.Items),
        (ListInput l, _) => Wrong(l.Name, $"{l.Title} must be a list."),
        _ => Wrong(input.Name, $"{input.Title} must be several values together."),
    };

    private object? Number(NumberInput n, double value)
    {
        if (!double.IsFinite(value)) return Wrong(n.Name, $"{n.Title} must be a number.");
        if (n.Least == 0 && !n.ZeroAllowed && value < n.Greatest * Nothing) return Wrong(n.Name, $"{n.Title} must be more than nothing.");
        if (value < n.Least) return Wrong(n.Name, $"{n.Title} must be at least {new Amount(n.Least, n.Unit)}.");
        if (value > n.Greatest) return Wrong(n.Name, $"{n.Title} can be at most {new Amount(n.Greatest, n.Unit)}.");
        if (n.Unit == Unit.Count && value != Math.Round(value)) return Wrong(n.Name, $"{n.Title} must be a whole number.");
        // −0 is nothing, and whoever asks whether a number is below nothing would say it is.
        return value + 0.0;
    }

    private Values Inside(string name, IReadOnlyList<Input> fields, GivenFields given)
    {
        var inside = new Values($"{path}{name}.", problems, handbook);
        inside.ReadAll(fields, given);
        return inside;
    }

    private object? Items(ListInput list, IReadOnlyList<Given> items)
    {
        if (items.Count < list.Least) return Wrong(list.Name, $"{list.Title}: at least {list.Least}.");
        if (items.Count > list.Most) return Wrong(list.Name, $"{list.Title}: at most {list.Most}.");
        var each = new List<Values>(items.Count);
        for (var i = 0; i < items.Count; i++)
        {
            if (items[i] is GivenFields fields) each.Add(Inside($"{list.Name}.{i}", list.Fields, fields));
            else Wrong($"{list.Name}.{i}", "Each must be several values together.");
        }

        return each;
    }

    private static GroupInput Chosen(EitherInput either, GivenFields given)
        => either.Groups.FirstOrDefault(g => g.Fields.OfType<ChoiceInput>().Any(c => given.Fields.TryGetValue(c.Name, out var v) && v is GivenText t && c.Options.Contains(t.Value)))
        ?? either.Groups.FirstOrDefault(g => g.Fields.OfType<NumberInput>().Any(f => given.Fields.ContainsKey(f.Name)))
        ?? either.Groups[0];

    private object? Wrong(string name, Sentence sentence)
    {
        problems.Add(new(path + name, sentence));
        return null;
    }
}
