using System.Collections;
using System.Text.Json;
using Metaplant.Core.Calculators;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Calculators;

/// <summary>Asks the calculators with inputs written as anonymous objects.</summary>
internal static class Working
{
    public static Answer Of(string name, object inputs) => Try(name, inputs).OrThrow();

    public static Outcome<Answer> Try(string name, object inputs) => CalculatorShelf.Find(name)!.Reckon(Fields(inputs), Handbook.Default);

    public static double Value(string name, object inputs) => Of(name, inputs).Value!.Value;

    public static double Number(this Answer answer, string name) => Convert.ToDouble(answer.Also.First(a => a.Name == name).Value);

    /// <summary>What is left alone of a set of inputs that answers, as a form starts: every typical value, every first choice.</summary>
    public static GivenFields Typical(Calculator calculator)
    {
        var first = All(calculator.Inputs);
        var given = new GivenFields(first);
        return new(All(calculator.InputsFor(given)));

        static Dictionary<string, Core.Calculators.Given> All(IReadOnlyList<Input> inputs) => inputs.Where(i => !i.Optional).ToDictionary(i => i.Name, One, StringComparer.Ordinal);

        static Core.Calculators.Given One(Input input) => input switch
        {
            NumberInput n => new GivenNumber(n.Typical),
            ChoiceInput c => new GivenText(c.Options[0]),
            FlagInput => new GivenFlag(true),
            GroupInput g => new GivenFields(All(g.Fields)),
            EitherInput e => new GivenFields(All(e.Groups[0].Fields)),
            ListInput l => new GivenItems([new GivenFields(All(l.Fields))]),
            _ => throw new InvalidOperationException(),
        };
    }

    /// <summary>Inputs written as over HTTP.</summary>
    public static GivenFields Given(string json)
    {
        using var document = JsonDocument.Parse(json);
        return (GivenFields)Of(document.RootElement);

        static Core.Calculators.Given Of(JsonElement e) => e.ValueKind switch
        {
            JsonValueKind.Number => new GivenNumber(e.GetDouble()),
            JsonValueKind.String => new GivenText(e.GetString()!),
            JsonValueKind.Array => new GivenItems([.. e.EnumerateArray().Select(Of)]),
            JsonValueKind.Object => new GivenFields(e.EnumerateObject().ToDictionary(p => p.Name, p => Of(p.Value))),
            _ => new GivenFlag(e.GetBoolean()),
        };
    }

    public static GivenFields Fields(object inputs)
        => new(inputs.GetType().GetProperties().ToDictionary(p => p.Name, p => One(p.GetValue(inputs)!), StringComparer.Ordinal));

    private static Core.Calculators.Given One(object value) => value switch
    {
        string s => new GivenText(s),
        bool b => new GivenFlag(b),
        int or double => new GivenNumber(Convert.ToDouble(value)),
        IEnumerable items => new GivenItems([.. items.Cast<object>().Select(One)]),
        _ => Fields(value),
    };
}
