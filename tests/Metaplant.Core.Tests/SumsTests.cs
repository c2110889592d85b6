using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests;

public class SumsTests
{
    private static Check Of(double demand, double capacity, LoadCase loadCase = LoadCase.Normal) => Check.Compare("c", "c", loadCase, demand, capacity, Unit.Newton, "", null, []);

    [Theory]
    [InlineData(.80, Verdict.Sound)]
    [InlineData(.8000001, Verdict.Tight)]
    [InlineData(1.0, Verdict.Tight)]
    [InlineData(1.0000001, Verdict.Fails)]
    public void The_limits_are_at_eight_tenths_and_at_one(double demand, Verdict expected) => Of(demand, 1).Verdict.ShouldBe(expected);

    [Fact]
    public void No_capacity_fails_and_no_demand_does_not()
    {
        Of(1, 0).Verdict.ShouldBe(Verdict.Fails);
        Of(0, 0).Verdict.ShouldBe(Verdict.Sound);
    }

    [Fact]
    public void A_blocked_drain_counts_only_when_it_fails()
    {
        Verdicts.Worst([Of(.5, 1), Of(.95, 1, LoadCase.BlockedDrain)]).ShouldBe(Verdict.Sound);
        Verdicts.Worst([Of(.5, 1), Of(1.2, 1, LoadCase.BlockedDrain)]).ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void One_question_for_a_professional_is_one_for_the_whole()
        => Verdicts.Worst([Of(2, 1), Check.AskAProfessional("h", "h", "Over 1 m.")]).ShouldBe(Verdict.AskAProfessional);

    [Fact]
    public void The_weakest_is_what_fails_before_what_is_merely_nearest() => Verdicts.Weakest([Of(.99, 1), Of(1.1, 1, LoadCase.BlockedDrain)])!.Case.ShouldBe(LoadCase.BlockedDrain);
}
