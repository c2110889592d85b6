using CsCheck;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Reinforcement;

public class BoardBendingTests
{
    private static readonly TimberGrade C14 = Timbers.Get(Handbook.Default, "C14");

    private static BoardBending Slat(double span = .5, double pressure = 3000, double thickness = .018, int spans = 1, Condition condition = Condition.Sound, LoadCase loadCase = LoadCase.Normal)
        => new(new(.095, thickness), span, spans, C14, condition, pressure * .095, 0, loadCase, CodeFactors.Default);

    [Fact]
    public void The_pallet_slat_of_the_textbook()
    {
        var slat = Slat();
        slat.Moment.Near(8.906);
        slat.Stress.Near(1.736e6);
        slat.Deflection.Near(2.153e-3);
        slat.DesignStrength.Near(5.385e6);
        slat.GreatestSpan.Near(.5784);
        (.5 / Math.Sqrt(slat.StrengthUtilisation)).Near(.7579);
    }

    [Fact]
    public void At_its_greatest_span_a_board_is_just_used_up()
        => Gen.Select(Gen.Double[.1, 2], Gen.Double[200, 9000], Gen.Double[.008, .05], Gen.Int[1, 3]).Sample((span, p, t, spans)
            => Slat(Slat(span, p, t, spans).GreatestSpan, p, t, spans).Utilisation.Near(1, 1e-9));

    [Fact]
    public void At_its_least_thickness_a_board_is_just_used_up()
        => Gen.Select(Gen.Double[.1, 2], Gen.Double[200, 9000]).Sample((span, p) => Slat(span, p, Slat(span, p).LeastThickness).Utilisation.Near(1, 1e-9));

    [Fact]
    public void A_poorer_or_longer_or_more_loaded_board_is_never_safer()
        => Gen.Select(Gen.Double[.1, 1], Gen.Double[200, 9000]).Sample((span, p) =>
        {
            Slat(span, p, condition: Condition.Poor).StrengthUtilisation.ShouldBeGreaterThan(Slat(span, p, condition: Condition.Weathered).StrengthUtilisation);
            Slat(span * 1.1, p).Utilisation.ShouldBeGreaterThan(Slat(span, p).Utilisation);
            Slat(span, p * 1.1).Utilisation.ShouldBeGreaterThan(Slat(span, p).Utilisation);
        });

    [Fact]
    public void Condition_takes_from_the_strength_and_not_from_the_stiffness()
        => Slat(condition: Condition.Poor).Deflection.ShouldBe(Slat().Deflection);

    [Fact]
    public void A_blocked_drain_is_checked_without_factors_and_without_a_bend_limit()
    {
        var blocked = Slat(pressure: 5362, loadCase: LoadCase.BlockedDrain);
        blocked.DesignStress.ShouldBe(blocked.Stress);
        blocked.DesignStrength.Near(.7 * 14e6);
        blocked.BendUtilisation.ShouldBe(0);
    }
}
