using CsCheck;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Reinforcement;

public class EarthPressureTests
{
    [Theory]
    [InlineData(30, .3333)]
    [InlineData(34, .2827)]
    public void The_active_coefficient_is_Rankines(double phi, double expected) => EarthPressure.Active(phi).Near(expected);

    [Theory]
    [InlineData(30, .5000)]
    [InlineData(28, .5305)]
    public void The_coefficient_at_rest_is_Jakys(double phi, double expected) => EarthPressure.AtRest(phi).Near(expected);

    [Fact]
    public void The_passive_coefficient_is_one_over_the_active() => EarthPressure.Passive(30).Near(3);

    [Fact]
    public void Four_hundred_millimetres_of_moist_soil_press_with_three_kilopascals()
        => EarthPressure.At(.4, WallKind.Braced, new(15000, 17000, 30, 0)).Near(3000);

    [Fact]
    public void The_same_soil_standing_full_of_water_presses_with_more()
        => EarthPressure.BlockedAt(.4, WallKind.Braced, new(15000, 17000, 30, 0)).Near(5362);

    [Fact]
    public void The_worked_sum_says_the_same_as_the_formula_and_carries_what_went_in()
    {
        var sum = EarthPressure.Worked(.4, WallKind.Braced, new(15000, 17000, 30, 0));
        sum.Value.Near(3000);
        sum.Unit.ShouldBe(Unit.Pascal);
        sum.Substitution.ShouldContain("γ = 15000 N/m³");
        sum.Source.ShouldBe("Jaky 1944");
    }

    [Fact]
    public void More_soil_more_weight_or_more_people_never_lower_the_pressure()
        => Gen.Select(Gen.Double[0, 1], Gen.Double[0, 1], Gen.Double[8000, 20000], Gen.Double[20, 38], Gen.Double[0, 2000]).Sample((a, b, gamma, phi, q) =>
        {
            SoilLoad soil = new(gamma, Math.Max(gamma, 11000), phi, q);
            EarthPressure.At(Math.Min(a, b), WallKind.Braced, soil).ShouldBeLessThanOrEqualTo(EarthPressure.At(Math.Max(a, b), WallKind.Braced, soil));
            EarthPressure.At(a, WallKind.Braced, soil).ShouldBeLessThanOrEqualTo(EarthPressure.At(a, WallKind.Braced, soil with { UnitWeight = gamma * 1.1, Surcharge = q + 100 }));
            EarthPressure.At(a, WallKind.Free, soil).ShouldBeLessThanOrEqualTo(EarthPressure.At(a, WallKind.Braced, soil));
        });

    [Fact]
    public void The_resultant_is_the_pressure_summed_over_the_height()
    {
        SoilLoad soil = new(15000, 17000, 30, 500);
        var slices = Enumerable.Range(0, 1000).Sum(i => EarthPressure.At((i + .5) * .4 / 1000, WallKind.Braced, soil) * .4 / 1000);
        EarthPressure.Resultant(0, .4, WallKind.Braced, soil, LoadCase.Normal).Near(slices, 1e-6);
    }
}
