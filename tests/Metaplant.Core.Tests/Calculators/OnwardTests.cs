using Metaplant.Core.Calculators;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Calculators;

/// <summary>Sums that ask about one thing are linked, and say the same about it.</summary>
public class OnwardTests
{
    private static readonly IReadOnlyList<(Calculator From, Onward To, Calculator There)> Links =
        [.. CalculatorShelf.All.SelectMany(c => c.Onwards.Select(o => (c, o, CalculatorShelf.Find(o.Calculator) ?? throw new InvalidOperationException($"{c.Name} goes on to {o.Calculator}, which there is none of."))))];

    private static NumberInput? Asked(Calculator calculator, string name) => calculator.Inputs.OfType<NumberInput>().FirstOrDefault(i => i.Name == name);

    /// <summary>As the form starts, with what may be left out but stands there.</summary>
    private static Answer AsItStarts(Calculator calculator)
    {
        var given = Working.Typical(calculator);
        foreach (var input in calculator.Inputs.OfType<NumberInput>().Where(i => i.Starts)) given = given.With(input.Name, input.Typical);
        return calculator.Reckon(given, Handbook.Default).OrThrow();
    }

    [Fact]
    public void An_answer_goes_on_into_an_input_of_its_unit_and_within_its_range()
    {
        Links.Count.ShouldBeGreaterThan(10);
        foreach (var (from, to, there) in Links.Where(l => l.To.Input is not null))
        {
            var input = Asked(there, to.Input!).ShouldNotBeNull($"{there.Name}.{to.Input}");
            var answer = AsItStarts(from);
            input.Unit.ShouldBe(answer.Sum.Unit, $"{from.Name} to {there.Name}");
            answer.Value!.Value.ShouldBeInRange(input.Least, input.Greatest, $"{from.Name} to {there.Name}");
        }
    }

    [Fact]
    public void What_goes_along_is_asked_for_by_both_as_the_same_kind_of_thing()
    {
        foreach (var (from, to, there) in Links)
        {
            foreach (var name in to.Along)
            {
                var (here, other) = (from.Inputs.First(i => i.Name == name), there.Inputs.First(i => i.Name == name));
                other.GetType().ShouldBe(here.GetType(), $"{from.Name} to {there.Name}: {name}");
                if (here is NumberInput n) ((NumberInput)other).Unit.ShouldBe(n.Unit);
                if (here is ChoiceInput c) ((ChoiceInput)other).Options.ShouldBe(c.Options);
            }
        }
    }

    /// <summary>Nobody is told one spacing by one sum and starts with another in the next.</summary>
    [Fact]
    public void A_form_starts_with_what_a_sum_that_answers_it_says_as_it_starts()
    {
        foreach (var fed in Links.Where(l => l.To.Input is not null).GroupBy(l => (There: l.There.Name, Input: l.To.Input!)))
        {
            var typical = Asked(CalculatorShelf.Find(fed.Key.There)!, fed.Key.Input)!.Typical;
            fed.Select(l => AsItStarts(l.From).Value!.Value).ShouldContain(v => Math.Abs(v - typical) <= .03 * typical, $"{fed.Key}: {typical}, and {string.Join(", ", fed.Select(l => $"{l.From.Name} {AsItStarts(l.From).Value:0.####}"))}");
        }
    }

    [Fact]
    public void Holes_between_packers_lie_clear_of_them_and_of_the_wall()
    {
        const double Half = .0225, Hole = .005;
        var answer = Working.Of("hole-grid", new { @base = new { diameter = .48 }, spacing = .15, holeDiameter = .010, packers = 4 });
        var holes = answer.Get<IReadOnlyList<Core.Geometry.Point>>("positions");
        holes.Count.ShouldBe((int)answer.Value!.Value);
        holes.Count.ShouldBeGreaterThan(8);
        foreach (var hole in holes)
        {
            foreach (var packer in (double[])[-.18, -.06, .06, .18]) Math.Abs(hole.X - packer).ShouldBeGreaterThanOrEqualTo(Half + Hole - 1e-9);
            Math.Sqrt(hole.X * hole.X + hole.Y * hole.Y).ShouldBeLessThanOrEqualTo(.24 - Hole + 1e-9);
        }
    }

    [Fact]
    public void Packers_that_leave_no_floor_or_meet_another_obstacle_are_refused_at_the_field()
    {
        Named(new { @base = new { diameter = .48 }, spacing = .15, holeDiameter = .010, packers = 11 }).ShouldBe(["packers"]);
        Named(new { @base = new { diameter = .48 }, spacing = .15, packers = 3 }).ShouldBe(["holeDiameter"]);
        Named(new { @base = new { diameter = .48 }, spacing = .15, holeDiameter = .010, packers = 3, keepClear = new[] { new { x = 0.0, y = 0.0, radius = .04 } } }).ShouldBe(["keepClear"]);

        static IEnumerable<string> Named(object inputs) => Working.Try("hole-grid", inputs).Problems.Select(p => p.Field);
    }
}
