using System.Globalization;
using Metaplant.Core.Calculators;

namespace Metaplant.Web.Tests;

/// <summary>Bodies for the sums: half of them plausible but at the ends of their ranges, half of them nonsense in one place or all.</summary>
internal sealed class HostileSums(int seed)
{
    private static readonly string[] Nonsense =
        ["null", "-1", "0", "1e308", "1e999", "-0.0", "5e-324", "\"\"", "\"0.5\"", "[]", "{}", "true", "NaN", "Infinity", "\"\\uD800\"", "[[[[1]]]]", "{\"length\":null}", "99999999999999999999", "\"'; DROP TABLE Things;--\"", "[{}]", ","];

    private readonly Random random = new(seed);

    public int Plausible { get; private set; }

    public (string Name, string Body) Next()
    {
        var calculator = CalculatorShelf.All[random.Next(CalculatorShelf.All.Count)];
        var wild = random.Next(2) == 0;
        if (!wild) Plausible++;
        var word = calculator.Inputs.OfType<ChoiceInput>().FirstOrDefault() is { } choice ? choice.Options[random.Next(choice.Options.Count)] : "";
        var inputs = calculator.InputsFor(new(calculator.Inputs.OfType<ChoiceInput>().Take(1).ToDictionary(c => c.Name, _ => (Given)new GivenText(word))));
        var fields = inputs.Select(i => $"\"{i.Name}\":{(i is ChoiceInput && i == inputs.OfType<ChoiceInput>().First() ? $"\"{word}\"" : One(i, wild))}");
        return (calculator.Name, wild && random.Next(20) == 0 ? Nonsense[random.Next(Nonsense.Length)] : "{\"inputs\":{" + string.Join(',', fields) + "}}");
    }

    private string One(Input input, bool wild)
    {
        if (wild && random.Next(4) == 0) return Nonsense[random.Next(Nonsense.Length)];
        return input switch
        {
            NumberInput n => Number(n),
            ChoiceInput c => $"\"{c.Options[random.Next(c.Options.Count)]}\"",
            FlagInput => random.Next(2) == 0 ? "true" : "false",
            GroupInput g => Group(g.Fields, wild),
            EitherInput e => Group(e.Groups[random.Next(e.Groups.Count)].Fields, wild),
            ListInput l => "[" + string.Join(',', Enumerable.Range(0, random.Next(l.Least, l.Most + 1)).Select(_ => Group(l.Fields, wild))) + "]",
            _ => "null",
        };
    }

    private string Number(NumberInput n)
    {
        var value = random.Next(6) switch
        {
            0 => n.Greatest,
            1 => n.Least == 0 ? n.Greatest * 1e-8 : n.Least,
            2 => n.Greatest * random.NextDouble(),
            _ => n.Typical * (.3 + 2 * random.NextDouble()),
        };
        return (n.Unit == Core.Sums.Unit.Count ? Math.Max(Math.Round(value), n.Least) : value).ToString("R", CultureInfo.InvariantCulture);
    }

    private string Group(IReadOnlyList<Input> fields, bool wild) => "{" + string.Join(',', fields.Select(f => $"\"{f.Name}\":{One(f, wild)}")) + "}";
}
