using Metaplant.Core.Calculators;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Calculators;

/// <summary>What every calculator owes the person who asks.</summary>
public class ShelfTests
{
    public static TheoryData<string> Names => [.. CalculatorShelf.All.Select(c => c.Name)];

    [Theory]
    [MemberData(nameof(Names))]
    public void It_answers_as_a_form_starts_with_a_source_and_a_drawing(string name)
    {
        var calculator = CalculatorShelf.Find(name)!;
        var answer = calculator.Reckon(Working.Typical(calculator), Handbook.Default).OrThrow();
        answer.Value.ShouldNotBeNull();
        answer.Sum.Formula.ShouldNotBeEmpty();
        answer.Sum.Source.ShouldNotBeEmpty();
        answer.Sum.Terms.ShouldNotBeEmpty();
        answer.Also.Where(a => a.Value is double or int).ShouldAllBe(a => AlsoWords.All.ContainsKey(a.Name));
        calculator.Draw(Working.Typical(calculator), Handbook.Default).OrThrow().Shapes.ShouldNotBeEmpty();
        var dimensions = calculator.Draw(Working.Typical(calculator), Handbook.Default).OrThrow().Dimensions;
        dimensions.ShouldAllBe(d => d.Value > 0 || d.Field == "depthTop");
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Sliding_it_shows_what_happens_on_both_sides(string name)
    {
        var calculator = CalculatorShelf.Find(name)!;
        var sweep = Sweep.Of(calculator, Working.Typical(calculator), Handbook.Default);
        sweep.Count.ShouldBeGreaterThan(5);
        sweep.Count(p => p.Value is not null).ShouldBeGreaterThan(4);
        sweep.Zip(sweep.Skip(1)).ShouldAllBe(p => p.First.At < p.Second.At);
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Each_input_left_out_nothing_or_not_a_number_is_named(string name)
    {
        var calculator = CalculatorShelf.Find(name)!;
        var typical = Working.Typical(calculator);
        foreach (var input in calculator.InputsFor(typical).OfType<NumberInput>().Where(i => typical.Fields.ContainsKey(i.Name)))
        {
            Problems(typical.Fields.Where(f => f.Key != input.Name).ToDictionary(f => f.Key, f => f.Value)).ShouldContain(input.Name);
            foreach (var wrong in (Given[])[new GivenNumber(double.NaN), new GivenNumber(double.PositiveInfinity), new GivenNumber(1e300), new GivenText("12"), new GivenFlag(true), new GivenItems([])])
                Problems(With(input.Name, wrong)).ShouldContain(input.Name);
            var zero = Problems(With(input.Name, new GivenNumber(0)));
            if (input is { ZeroAllowed: false, Least: >= 0 }) zero.ShouldContain(input.Name);
        }

        Problems(With("nonsense", new GivenNumber(1))).ShouldContain("nonsense");

        Dictionary<string, Given> With(string key, Given value) => new(typical.Fields) { [key] = value };

        IEnumerable<string> Problems(Dictionary<string, Given> given) => calculator.Reckon(new(given), Handbook.Default).Problems.Select(p => p.Field);
    }

    /// <summary>Each number of each sum is made larger and smaller; where the check then fails, every remedy for an input is put in and asked again.</summary>
    [Fact]
    public void What_would_put_it_right_does()
    {
        var cured = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var calculator in CalculatorShelf.All)
        {
            foreach (var given in Worse(calculator))
            {
                if (calculator.Reckon(given, Handbook.Default) is not { Ok: true, Value.Check: { Verdict: Verdict.Fails } check }) continue;
                foreach (var remedy in check.Remedies.Where(r => r.Input is not null))
                {
                    // A cure beyond the range of its input is refused there, in words; one inside it cures.
                    if (calculator.Reckon(given.With(remedy.Input!, remedy.Value), Handbook.Default) is not { Ok: true, Value.Check: { } after }) continue;
                    after.Utilisation!.Value.ShouldBeLessThanOrEqualTo(1 + 1e-6, $"{calculator.Name}: {remedy.Words} {remedy.Value}");
                    cured[$"{calculator.Name} {remedy.Input}"] = cured.GetValueOrDefault($"{calculator.Name} {remedy.Input}") + 1;
                }
            }
        }

        string[] expected =
        [
            "board-span span", "board-span thickness", "post-embedment spacing", "bale-wall width", "tipping footWidth", "tipping dryMass", "leg-buckling length", "head-pull-through headDiameter", "head-pull-through screws",
            "screw-withdrawal screws", "notched-end left", "watering-core diameter", "ridge-sag span", "ridge-sag diameter", "arch-load bay", "floor-load footArea", "bury-stem topUp", "bent-pipe radius",
        ];
        expected.Except(cured.Keys).ShouldBeEmpty("every one of these was put in at least once and cured");

        static IEnumerable<GivenFields> Worse(Calculator calculator)
        {
            var typical = Working.Typical(calculator);
            return from input in calculator.InputsFor(typical).OfType<NumberInput>()
                   where typical.Fields.ContainsKey(input.Name)
                   from factor in (double[])[.15, .4, .7, 1, 1.5, 3, 8, 40]
                   select typical.With(input.Name, input.Unit == Unit.Count ? Math.Ceiling(input.Typical * factor) : input.Typical * factor);
        }
    }

    [Fact]
    public void Drawings_show_the_gardeners_own_numbers()
    {
        var own = Handbook.With(new Dictionary<string, double> { ["crop.tomato.spacing"] = .9 }).OrThrow();
        double Spacing(Handbook handbook) => CalculatorShelf.Find("crop-yield")!.Draw(Working.Fields(new { crop = "tomato", plants = 6 }), handbook).OrThrow().Dimensions.Single().Value;
        Spacing(Handbook.Default).Near(.45);
        Spacing(own).Near(.9);
    }

    [Fact]
    public void Problems_inside_groups_and_lists_are_named_by_their_path()
    {
        Working.Try("plants-that-fit", new { outline = new { length = -1, width = .5 }, spacing = .2 }).Problems.Select(p => p.Field).ShouldBe(["outline.length"]);
        Working.Try("settling", new { layers = new object[] { new { fill = "Logs", thickness = .2 }, new { fill = "Jelly", thickness = .2 } }, years = 1 }).Problems.Select(p => p.Field).ShouldBe(["layers.1.fill"]);
        Working.Try("post-embedment", new { retainedHeight = .3, spacing = .5, unitWeight = 15e3, frictionAngleDegrees = 30, postDiameter = .06, ground = new { kind = "Clay" } }).Problems.Select(p => p.Field).ShouldBe(["ground.cohesion"]);
    }

    [Theory]
    [InlineData("volume-half-drum", "fillHeight")]
    [InlineData("volume-rounded-trough", "bottom.cornerRadius")]
    [InlineData("hoop-arch", "arcLength")]
    [InlineData("watering", "wiltingPoint")]
    [InlineData("hanging-load", "angleFromVerticalDegrees")]
    [InlineData("tie-force", "depthBottom")]
    [InlineData("evapotranspiration", "maxTemperature")]
    public void What_cannot_be_together_is_refused_at_the_input_that_is_off(string name, string field)
    {
        object inputs = name switch
        {
            "volume-half-drum" => new { diameter = .57, length = .85, fillHeight = .30 },
            "volume-rounded-trough" => new { bottom = new { length = 1.0, width = .4, cornerRadius = .21 }, middle = new { length = 1.0, width = .5, cornerRadius = .2 }, top = new { length = 1.0, width = .6, cornerRadius = .2 }, height = .4 },
            "hoop-arch" => new { arcLength = 1.3, span = 1.4 },
            "watering" => new { volume = .1, fieldCapacity = .3, wiltingPoint = .3, depletion = .5, dailyUse = .001 },
            "hanging-load" => new { mass = 10, legs = 1, angleFromVerticalDegrees = 10 },
            "tie-force" => new { depthTop = .4, depthBottom = .4, spacing = .5, unitWeight = 15e3, frictionAngleDegrees = 30 },
            _ => new { latitudeDegrees = 52, dayOfYear = 1, minTemperature = 5, maxTemperature = 4 },
        };
        Working.Try(name, inputs).Problems.Select(p => p.Field).ShouldBe([field]);
    }

    [Fact]
    public void A_constant_of_ones_own_is_in_the_answer_and_marked_in_the_sum()
    {
        var own = Handbook.With(new Dictionary<string, double> { ["fill.Logs.lost"] = .4 }).OrThrow();
        var inputs = Working.Fields(new { layers = new object[] { new { fill = "Logs", thickness = .2 } }, years = 1 });
        var calculator = CalculatorShelf.Find("settling")!;
        calculator.Reckon(inputs, own).OrThrow().Value!.Value.Near(.2 * .4 * (1 - Math.Exp(-.25)));
        calculator.Reckon(inputs, own).OrThrow().Sum.Terms.ShouldContain(t => t.ConstantId == "fill.Logs.lost" && t.Value == .4);
    }

    [Fact]
    public void Every_subject_has_its_calculators() => CalculatorShelf.All.Select(c => c.Subject).Distinct().ShouldBe([Subject.Grow, Subject.Drain, Subject.Hold, Subject.Support, Subject.Place]);
}
