using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

/// <summary>Which of the gardener's questions a calculator belongs to.</summary>
public enum Subject
{
    Grow,
    Drain,
    Hold,
    Support,
    Place,
}

/// <summary>A further result beside the answer. The value is a number, a bool, a word, or a list of numbers or points; null where it has no meaning.</summary>
public sealed record Also(string Name, object? Value);

/// <summary>
/// What a calculator answers. <see cref="Value"/> is null where the answer is no number: a flat arch has no radius, and what is for a professional has no figure that could be taken as safe.
/// </summary>
/// <param name="Sum">The answer as a worked sum.</param>
/// <param name="Check">What it means, where there is something to compare it with.</param>
/// <param name="Steps">Worked sums on the way to it, in order.</param>
public sealed record Answer(Sum Sum, double? Value, Check? Check, IReadOnlyList<Also> Also, IReadOnlyList<Sum> Steps)
{
    public static Answer Of(Sum sum, params IReadOnlyList<Also> also) => new(sum, sum.Value, null, also, []);

    public Answer With(Check? check) => this with { Check = check };

    public Answer After(params IReadOnlyList<Sum> steps) => this with { Steps = steps };

    /// <summary>A further result by its name, for those who know its type.</summary>
    public T Get<T>(string name) => (T)Also.First(a => a.Name == name).Value!;
}

/// <summary>A design that a calculator's numbers can be put into: inputs by the parameter they set.</summary>
public sealed record Use(string Design, IReadOnlyDictionary<string, string> Inputs);

/// <summary>A further question that goes on from this one.</summary>
/// <param name="Calculator">That calculator's name.</param>
/// <param name="Input">The number there that is this one's answer; null where they only ask about the same thing.</param>
/// <param name="Along">Inputs that both ask for under one name; they go along, so that the two speak of one thing.</param>
public sealed record Onward(string Calculator, string? Input, params IReadOnlyList<string> Along);

/// <summary>
/// One question with its inputs and its answer: the engineering by itself, for somebody with a tub and a question. One class in this folder is one calculator; it is found by being there.
/// </summary>
public abstract class Calculator
{
    /// <summary>Its name over HTTP, "board-span".</summary>
    public abstract string Name { get; }

    /// <summary>The question, as a gardener would ask it.</summary>
    public abstract string Question { get; }

    public abstract Subject Subject { get; }

    /// <summary>What the value counts where <see cref="Sum.Unit"/> does not say it: "rods".</summary>
    public virtual string? Counts => null;

    public abstract IReadOnlyList<Input> Inputs { get; }

    /// <summary>The number a person would slide to see what happens on both sides of the answer, as a path.</summary>
    public abstract string Slide { get; }

    /// <summary>Designs whose parameters are among the inputs.</summary>
    public virtual IReadOnlyList<Use> Uses => [];

    /// <summary>Questions that go on from this one.</summary>
    public virtual IReadOnlyList<Onward> Onwards => [];

    /// <summary>What is asked for when this much is given; more only where one input decides on others.</summary>
    public virtual IReadOnlyList<Input> InputsFor(GivenFields given) => Inputs;

    /// <summary>Answers, or names every input that is missing, out of range or impossible beside another. Never throws for any input.</summary>
    public Outcome<Answer> Reckon(GivenFields given, Handbook handbook) => Read(given, handbook).Then(v => Finite(Work(v, handbook)));

    /// <summary>The thing in question, drawn to scale, its dimensions tied to the inputs by their paths.</summary>
    public Outcome<View> Draw(GivenFields given, Handbook handbook) => Read(given, handbook).Then(v => (Outcome<View>)Draw(v, Work(v, handbook)));

    /// <summary>Refuses inputs that cannot be together; each is already inside its own range.</summary>
    protected virtual void Cross(Values v, Handbook handbook)
    {
    }

    protected abstract Answer Work(Values v, Handbook handbook);

    protected abstract View Draw(Values v, Answer answer);

    /// <summary>Inputs at the far ends of their ranges may together leave the range of a double; that is an input problem and no answer.</summary>
    private Outcome<Answer> Finite(Answer answer)
    {
        IEnumerable<double> numbers =
        [
            answer.Value ?? 0, .. ((IReadOnlyList<Sum>)[answer.Sum, .. answer.Steps, .. answer.Check?.Sums ?? []]).SelectMany(s => s.Terms.Select(t => t.Value).Append(s.Value)),
            .. answer.Also.Select(a => a.Value).OfType<double>(), answer.Check?.Demand ?? 0, answer.Check?.Capacity ?? 0, .. answer.Check?.Remedies.Select(r => r.Value) ?? [],
        ];
        return numbers.All(double.IsFinite) ? answer : new Problem(Slide, "With these numbers together there is no answer.");
    }

    private Outcome<Values> Read(GivenFields given, Handbook handbook)
    {
        var values = Values.Read(InputsFor(given), given, handbook);
        if (values.Problems.Count == 0) Cross(values, handbook);
        return values.Problems.Count > 0 ? Outcome<Values>.Refuse(values.Problems) : values;
    }
}

/// <summary>All calculators there are, by subject and then in the order of their names.</summary>
public static class CalculatorShelf
{
    public static IReadOnlyList<Calculator> All { get; } =
    [
        .. typeof(Calculator).Assembly.GetTypes()
            .Where(t => t.IsSubclassOf(typeof(Calculator)) && !t.IsAbstract)
            .Select(t => (Calculator)Activator.CreateInstance(t)!)
            .OrderBy(c => c.Subject).ThenBy(c => c.Name, StringComparer.Ordinal),
    ];

    private static readonly Dictionary<string, Calculator> ByName = All.ToDictionary(c => c.Name, StringComparer.Ordinal);

    public static Calculator? Find(string name) => ByName.GetValueOrDefault(name);
}
