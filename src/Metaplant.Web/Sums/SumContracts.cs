using Metaplant.Core.Calculators;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Web.Drawing;

namespace Metaplant.Web.Sums;

/// <summary>What an input is, and so which of its fields are filled.</summary>
public enum InputKind
{
    Number,
    Choice,
    Flag,
    Group,
    Either,
    List,
}

/// <summary>One input. <paramref name="Default"/> is what an input left out is taken as in this garden, null for none; <paramref name="Typical"/> is what a form starts with, where it must be given, has a default, or <paramref name="Starts"/>.</summary>
public sealed record InputDto(
    string Name, string Title, InputKind Kind, bool Optional, Unit? Unit, double? Least, double? Greatest, bool ZeroAllowed, object? Default, double? Typical, bool Starts,
    IReadOnlyList<string> Options, IReadOnlyList<InputDto> Fields, int? Fewest, int? Most)
{
    public static InputDto Of(Input input, Handbook handbook) => input switch
    {
        NumberInput n => new(n.Name, n.Title, InputKind.Number, n.Optional, n.Unit, n.Least, n.Greatest, n.ZeroAllowed, n.HasDefault ? n.Row is { } row ? handbook[row] : n.Typical : null, n.Typical, n.Starts, [], [], null, null),
        ChoiceInput c => Plain(c, InputKind.Choice) with { Default = c.Default, Options = c.Options },
        FlagInput f => Plain(f, InputKind.Flag) with { Default = f.Default },
        GroupInput g => Plain(g, InputKind.Group) with { Fields = All(g.Fields, handbook) },
        EitherInput e => Plain(e, InputKind.Either) with { Fields = All(e.Groups, handbook) },
        ListInput l => Plain(l, InputKind.List) with { Fields = All(l.Fields, handbook), Fewest = l.Least, Most = l.Most },
        _ => throw new InvalidOperationException($"Unknown input {input}."),
    };

    private static IReadOnlyList<InputDto> All(IReadOnlyList<Input> inputs, Handbook handbook) => [.. inputs.Select(i => Of(i, handbook))];

    private static InputDto Plain(Input input, InputKind kind) => new(input.Name, input.Title, kind, input.Optional, null, null, null, false, null, null, false, [], [], null, null);
}

/// <summary>A design that takes these inputs, each by the parameter it sets.</summary>
public sealed record UseDto(string Design, IReadOnlyDictionary<string, string> Inputs);

/// <summary>A calculator that goes on from another's answer: the input the answer is put into, and those that go along.</summary>
public sealed record OnwardDto(string Calculator, string? Input, IReadOnlyList<string> Along);

/// <summary>A calculator as it is listed.</summary>
/// <param name="Slide">The path of the number to slide.</param>
/// <param name="ByShape">For one whose further inputs depend on a choice: those inputs by its words.</param>
public sealed record CalculatorDto(string Name, string Question, Subject Subject, string Slide, IReadOnlyList<InputDto> Inputs, IReadOnlyDictionary<string, IReadOnlyList<InputDto>> ByShape, IReadOnlyList<UseDto> Uses, IReadOnlyList<OnwardDto> Onwards)
{
    public static CalculatorDto Of(Calculator c, Handbook handbook) => new(c.Name, c.Question, c.Subject, c.Slide, [.. c.Inputs.Select(i => InputDto.Of(i, handbook))], Further(c, handbook), [.. c.Uses.Select(u => new UseDto(u.Design, u.Inputs))],
        [.. c.Onwards.Select(o => new OnwardDto(o.Calculator, o.Input, o.Along))]);

    private static Dictionary<string, IReadOnlyList<InputDto>> Further(Calculator c, Handbook handbook)
        => c.Inputs.OfType<ChoiceInput>().SelectMany(choice => choice.Options.Select(word => (word, Inputs: c.InputsFor(new(new Dictionary<string, Given> { [choice.Name] = new GivenText(word) })))))
            .Where(w => w.Inputs.Count > c.Inputs.Count)
            .ToDictionary(w => w.word, w => (IReadOnlyList<InputDto>)[.. w.Inputs.Except(c.Inputs).Select(i => InputDto.Of(i, handbook))], StringComparer.Ordinal);
}

public sealed record SumRemedyDto(string Words, double Value, string Unit, string? Input);

/// <summary>Demand and capacity are null where the verdict is to ask a professional: nothing is offered as safe.</summary>
public sealed record SumCheckDto(double? Demand, double? Capacity, double? Utilisation, Verdict Verdict, IReadOnlyList<SumRemedyDto> Remedies, Sentence Words)
{
    public static SumCheckDto Of(Check c)
    {
        var ask = c.Verdict == Verdict.AskAProfessional;
        return new(ask ? null : c.Demand, ask ? null : c.Capacity, c.Utilisation, c.Verdict, [.. c.Remedies.Select(r => new SumRemedyDto(r.Words, r.Value, PlainUnits.Of(r.Unit), r.Input))], c.Words);
    }
}

/// <summary>The answer to a sum, in SI.</summary>
public sealed record SumAnswerDto(
    double? Value, string Unit, string Title, string Formula, string Substitution, string Source, IReadOnlyList<Sentence> Assumptions, SumCheckDto? Check, IReadOnlyDictionary<string, object?> Also)
{
    public static SumAnswerDto Of(Calculator calculator, Answer a) => new(
        a.Value, calculator.Counts ?? PlainUnits.Of(a.Sum.Unit), a.Sum.Title, a.Sum.Formula, a.Sum.Substitution, a.Sum.Source, a.Sum.Assumptions, a.Check is null ? null : SumCheckDto.Of(a.Check),
        a.Also.ToDictionary(x => x.Name, x => Plain(x.Value), StringComparer.Ordinal));

    private static object? Plain(object? value) => value is IReadOnlyList<Point> points ? points.Select(p => new PointDto(p.X, p.Y)) : value;
}

public sealed record PointDto(double X, double Y);

/// <summary>A further result to be shown: a number, several numbers, or a word.</summary>
public sealed record AlsoDto(string Title, Unit Unit, IReadOnlyList<double> Numbers, string? Word);

public sealed record SweepPointDto(double At, double? Value, double? Utilisation, Verdict? Verdict);

/// <summary>A sum as it is worked at the table: the answer, the drawing, and what happens on both sides of it.</summary>
public sealed record SheetDto(double? Value, string? Counts, SumDto Sum, CheckDto? Check, IReadOnlyList<AlsoDto> Also, IReadOnlyList<SumDto> Steps, ViewDto Drawing, IReadOnlyList<SweepPointDto> Sweep)
{
    public static SheetDto Of(Calculator calculator, Answer a, Core.Drawing.View drawing, IReadOnlyList<SweepPoint> sweep) => new(
        a.Value, calculator.Counts, SumDto.Of(a.Sum), a.Check is null ? null : CheckDto.Of(a.Check), [.. a.Also.Select(Shown).OfType<AlsoDto>()], [.. a.Steps.Select(SumDto.Of)], ViewDto.Of(drawing),
        [.. sweep.Select(p => new SweepPointDto(p.At, p.Value, p.Utilisation, p.Verdict))]);

    private static AlsoDto? Shown(Also also)
    {
        if (!AlsoWords.All.TryGetValue(also.Name, out var words)) return null;
        return also.Value switch
        {
            double number => new(words.Title, words.Unit, [number], null),
            int number => new(words.Title, words.Unit, [number], null),
            IReadOnlyList<double> { Count: > 0 } numbers => new(words.Title, words.Unit, numbers, null),
            true => new(words.Title, words.Unit, [], "yes"),
            string word => new(words.Title, words.Unit, [], word.ToLowerInvariant()),
            _ => null,
        };
    }
}

/// <summary>Units in plain letters, for programs.</summary>
internal static class PlainUnits
{
    public static string Of(Unit unit) => unit switch
    {
        Unit.Count => "count",
        Unit.One => "1",
        Unit.Degree => "degrees",
        Unit.DegreeCelsius => "C",
        Unit.MillimetrePerDay => "mm/day",
        Unit.Day => "days",
        Unit.CubicMetrePerDay => "m3/day",
        Unit.MegajoulePerSquareMetreDay => "MJ/m2/day",
        _ => unit.Symbol().Replace('²', '2').Replace('³', '3'),
    };
}
