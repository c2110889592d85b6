using CsCheck;
using Metaplant.Core.Calculators;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Calculators;

/// <summary>What must hold whatever the numbers.</summary>
public class PropertyTests
{
    private static readonly Gen<(double A, double B, double C)> Tub = Gen.Select(Gen.Double[.1, 1.5], Gen.Double[.1, 1.5], Gen.Double[.1, 1.2]);

    [Fact]
    public void The_height_for_a_volume_undoes_the_volume()
        => Gen.Select(Tub, Gen.Double[.02, 1]).Sample((t, part) =>
        {
            var (top, bottom, height) = t;
            var volume = Working.Value("volume-round-tub", new { topDiameter = top, bottomDiameter = bottom, height, fillHeight = part * height });
            Working.Value("fill-height", new { shape = "round-tub", topDiameter = top, bottomDiameter = bottom, height, volume }).ShouldBe(part * height, 1e-6);
        }, iter: 300);

    [Theory]
    [InlineData("round-tub")]
    [InlineData("tapered-box")]
    [InlineData("rounded-trough")]
    [InlineData("half-drum")]
    [InlineData("mesh-ring")]
    [InlineData("sack")]
    [InlineData("tyre")]
    [InlineData("free-form")]
    public void Every_shape_is_undone_at_its_rim_and_refuses_more(string shape)
    {
        var calculator = CalculatorShelf.Find("volume-" + shape)!;
        var inputs = Working.Typical(calculator);
        var full = calculator.Reckon(inputs, Handbook.Default).OrThrow().Value!.Value;
        Height(full).OrThrow().Value!.Value.ShouldBeGreaterThan(0);
        Height(full * 1.001).Problems.ShouldContain(p => p.Field == "volume");

        Outcome<Answer> Height(double volume) => CalculatorShelf.Find("fill-height")!.Reckon(
            new(inputs.Fields.Append(new("shape", new GivenText(shape))).Append(new("volume", new GivenNumber(volume))).ToDictionary(p => p.Key, p => p.Value)), Handbook.Default);
    }

    [Fact]
    public void A_full_half_drum_is_half_the_cylinder()
        => Gen.Select(Gen.Double[.1, 2], Gen.Double[.1, 3]).Sample((diameter, length) => Working.Value("volume-half-drum", new { diameter, length }).ShouldBe(Math.PI * diameter * diameter * length / 8, 1e-9), iter: 200);

    [Fact]
    public void Twice_the_size_is_eight_times_the_volume()
        => Tub.Sample(t =>
        {
            var (top, bottom, height) = t;
            Working.Value("volume-round-tub", new { topDiameter = 2 * top, bottomDiameter = 2 * bottom, height = 2 * height }).Near(8 * Working.Value("volume-round-tub", new { topDiameter = top, bottomDiameter = bottom, height }), 1e-9);
        }, iter: 200);

    [Fact]
    public void More_soil_never_presses_less_and_a_blocked_drain_never_relieves()
        => Gen.Select(Gen.Double[0, 1], Gen.Double[0, .5], Gen.Double[11e3, 20e3], Gen.Double[20.0, 40]).Sample((depth, more, weight, phi) =>
        {
            Pressure(depth + more).Value!.Value.ShouldBeGreaterThanOrEqualTo(Pressure(depth).Value!.Value);
            Pressure(depth).Number("blockedDrain").ShouldBeGreaterThanOrEqualTo(Pressure(depth).Value!.Value - 1e-9);

            Answer Pressure(double z) => Working.Of("wall-pressure", new { depth = z, unitWeight = weight, frictionAngleDegrees = phi, wall = "Braced", saturatedUnitWeight = weight + 1500 });
        }, iter: 200);

    [Fact]
    public void A_board_at_its_greatest_span_is_just_used_up()
        => Gen.Select(Gen.Double[.05, .2], Gen.Double[.012, .05], Gen.Double[500.0, 6000], Gen.Int[1, 3]).Sample((boardHeight, thickness, pressure, spans) =>
        {
            var span = Working.Of("board-span", new { boardHeight, thickness, span = .4, pressure, timber = "C24", spans }).Number("greatestSpan");
            Working.Value("board-span", new { boardHeight, thickness, span, pressure, timber = "C24", spans }).ShouldBe(1, 1e-6);
        }, iter: 200);

    [Fact]
    public void Remedies_of_a_board_put_it_right_and_only_just()
    {
        var inputs = Working.Fields(new { boardHeight = .12, thickness = .016, span = .9, pressure = 4000, timber = "C14", condition = "Weathered" });
        var calculator = CalculatorShelf.Find("board-span")!;
        var answer = calculator.Reckon(inputs, Handbook.Default).OrThrow();
        answer.Check!.Verdict.ShouldBe(Verdict.Fails);
        answer.Check.Remedies.Count.ShouldBe(2);
        foreach (var remedy in answer.Check.Remedies) calculator.Reckon(inputs.With(remedy.Input!, remedy.Value), Handbook.Default).OrThrow().Value!.Value.ShouldBe(1, 1e-6);
    }

    [Fact]
    public void Remedies_of_a_post_put_it_right_and_only_just()
    {
        var inputs = Working.Fields(new { retainedHeight = .55, spacing = .9, unitWeight = 16e3, frictionAngleDegrees = 30, postDiameter = .055, ground = new { kind = "Clay", cohesion = 20e3 }, surcharge = 1000 });
        var calculator = CalculatorShelf.Find("post-embedment")!;
        var answer = calculator.Reckon(inputs, Handbook.Default).OrThrow();
        answer.Check!.Verdict.ShouldBe(Verdict.Fails);
        answer.Check.Remedies.Select(r => r.Input).ShouldBe(["spacing", "postDiameter"]);
        foreach (var remedy in answer.Check.Remedies) calculator.Reckon(inputs.With(remedy.Input!, remedy.Value), Handbook.Default).OrThrow().Check!.Utilisation!.Value.ShouldBe(1, 1e-6);
    }

    [Fact]
    public void A_deeper_bed_wants_a_deeper_post()
        => Gen.Select(Gen.Double[.1, .9], Gen.Double[.01, .1]).Sample((height, more) => Depth(height + more).ShouldBeGreaterThan(Depth(height)), iter: 100);

    [Fact]
    public void Soil_over_a_metre_gets_no_number()
    {
        var post = Working.Of("post-embedment", new { retainedHeight = 1.05, spacing = .45, unitWeight = 15e3, frictionAngleDegrees = 30, postDiameter = .06, ground = new { kind = "Clay", cohesion = 40e3 } });
        post.Value.ShouldBeNull();
        post.Check!.Verdict.ShouldBe(Verdict.AskAProfessional);
        post.Check.Utilisation.ShouldBeNull();
        post.Check.Remedies.ShouldBeEmpty();
    }

    [Fact]
    public void An_arch_passes_through_its_feet_and_its_length_is_its_pipe()
        => Gen.Select(Gen.Double[.3, 4], Gen.Double[1.001, 4]).Sample((span, ratio) =>
        {
            var arch = Working.Of("hoop-arch", new { arcLength = span * ratio, span });
            double r = arch.Value!.Value, theta = arch.Number("angleDegrees") * Math.PI / 180;
            (r * theta).Near(span * ratio, 1e-6);
            (2 * r * Math.Sin(theta / 2)).ShouldBe(span, 1e-6 * span);
            arch.Number("rise").ShouldBe(r * (1 - Math.Cos(theta / 2)), 1e-6);
        }, iter: 300);

    [Fact]
    public void Plants_stay_clear_of_each_other_and_of_the_edge_and_below_Olers_bound()
        => Gen.Select(Gen.Double[.3, 2], Gen.Double[.3, 2], Gen.Double[.08, .5]).Sample((length, width, spacing) =>
        {
            var answer = Working.Of("plants-that-fit", new { outline = new { length, width }, spacing });
            var places = (IReadOnlyList<Point>)answer.Also.First(a => a.Name == "positions").Value!;
            var inside = new RectangleOutline(length, width).InsetBy(spacing / 2);
            if (inside is null)
            {
                places.ShouldBeEmpty();
                return;
            }

            places.ShouldAllBe(p => inside.Contains(p));
            for (var i = 0; i < places.Count; i++)
            {
                for (var j = i + 1; j < places.Count; j++) places[i].DistanceTo(places[j]).ShouldBeGreaterThanOrEqualTo(spacing - 1e-6);
            }

            answer.Value!.Value.ShouldBeLessThanOrEqualTo(Lattice.OlerBound(inside, spacing) + 1e-9);
            var square = (Math.Floor(inside.Length / spacing + 1e-9) + 1) * (Math.Floor(inside.Width / spacing + 1e-9) + 1);
            answer.Value!.Value.ShouldBeGreaterThanOrEqualTo(square);
        }, iter: 150);

    [Fact]
    public void Fill_never_rises_and_never_sinks_below_nothing()
        => Gen.Select(Gen.Double[.05, .5], Gen.Double[0, 10], Gen.Double[0, 5], Gen.Int[0, 8], Gen.Bool).Sample((thickness, years, more, fill, firmed) =>
        {
            double now = After(years), later = After(years + more);
            later.ShouldBeGreaterThanOrEqualTo(now);
            later.ShouldBeLessThan(thickness);

            double After(double t) => Working.Value("settling", new { layers = new object[] { new { fill = ((Fill)fill).ToString(), thickness, firmed } }, years = t });
        }, iter: 300);

    [Fact]
    public void More_posts_more_rods_more_water_never_need_less()
    {
        Gen.Select(Gen.Double[.5, 5], Gen.Double[.1, 2]).Sample((length, more) => Rods(length + more).ShouldBeGreaterThanOrEqualTo(Rods(length)), iter: 100);
        Gen.Select(Gen.Double[-65.0, 65], Gen.Int[1, 366], Gen.Double[-5.0, 25], Gen.Double[0, 15]).Sample((latitudeDegrees, dayOfYear, minTemperature, range) =>
            Working.Value("evapotranspiration", new { latitudeDegrees, dayOfYear, minTemperature, maxTemperature = minTemperature + range }).ShouldBeGreaterThanOrEqualTo(0), iter: 200);

        static double Rods(double length) => Working.Value("weave", new { length, height = .4, stakeSpacing = .35, stakeDiameter = .04, rodDiameter = .015, rodLength = 1.6, overlap = .2 });
    }

    private static double Depth(double retainedHeight) => Working.Value("post-embedment", new { retainedHeight, spacing = .45, unitWeight = 15e3, frictionAngleDegrees = 30, postDiameter = .06, ground = new { kind = "Sand", frictionAngleDegrees = 30, unitWeight = 18e3 } });
}
