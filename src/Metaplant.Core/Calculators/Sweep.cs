using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

/// <summary>The answer at one place of the slide; no value where the inputs cannot be together or there is no number.</summary>
public sealed record SweepPoint(double At, double? Value, double? Utilisation, Verdict? Verdict);

/// <summary>What happens on both sides of the answer: the same question with one number slid.</summary>
public static class Sweep
{
    /// <summary>Points on the slide, odd so that the middle is the number in hand.</summary>
    private const int Points = 25;

    /// <summary>How far it goes each way.</summary>
    private const double Reach = 2.2;

    /// <summary>Points from the number over 2.2 to the number times 2.2, evenly in proportion, held to the input's range; counts go one by one. Empty when the number is not there.</summary>
    public static IReadOnlyList<SweepPoint> Of(Calculator calculator, GivenFields given, Handbook handbook)
    {
        if (Find(calculator.InputsFor(given), given, calculator.Slide.Split('.')) is not { } found) return [];
        var (input, at) = found;
        return [.. Places(input, at).Select(x => At(calculator, given.With(calculator.Slide, x), x, handbook))];
    }

    private static SweepPoint At(Calculator calculator, GivenFields given, double x, Handbook handbook)
        => calculator.Reckon(given, handbook) is { Ok: true, Value: { } a } ? new(x, a.Value, a.Check?.Utilisation, a.Check?.Verdict) : new(x, null, null, null);

    private static IEnumerable<double> Places(NumberInput input, double at)
    {
        if (input.Unit == Unit.Count) return Enumerable.Range((int)Math.Max(input.Least, at - 8), 17).Select(i => (double)i).Where(i => i <= input.Greatest);
        // A number that may be nothing, or is signed, is slid evenly.
        if (at <= 0 || input.Least < 0) return Enumerable.Range(0, Points).Select(i => input.Least + (input.Greatest - input.Least) * i / (Points - 1));
        return Enumerable.Range(0, Points).Select(i => at * Math.Pow(Reach, 2.0 * i / (Points - 1) - 1)).Where(x => x >= input.Least && x <= input.Greatest);
    }

    private static (NumberInput Input, double At)? Find(IReadOnlyList<Input> inputs, Given given, ReadOnlySpan<string> path)
    {
        if (given is not GivenFields fields) return null;
        var name = path[0];
        var value = fields.Fields.GetValueOrDefault(name);
        switch (inputs.FirstOrDefault(i => i.Name == name))
        {
            case NumberInput n: return (n, value is GivenNumber number ? number.Value : n.Typical);
            case GroupInput g when value is not null: return Find(g.Fields, value, path[1..]);
            case EitherInput e when value is not null: return Find([.. e.Groups.SelectMany(g => g.Fields)], value, path[1..]);
            case ListInput l when value is GivenItems { Items.Count: > 0 } items: return Find(l.Fields, items.Items[0], path[2..]);
            default: return null;
        }
    }
}
