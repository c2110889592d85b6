using Metaplant.Core.Building;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Stock;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Making;

/// <summary>What the clock says takes the place of what is reckoned.</summary>
public class PaceTests
{
    [Fact]
    public void Timed_three_times_the_median_counts_and_one_bad_afternoon_does_not()
    {
        Pace.Of([new("fill", 40, 60), new("fill", 20, 30)]).Factor("fill").ShouldBe(1);
        var pace = Pace.Of([new("fill", 40, 60), new("fill", 20, 32), new("fill", 30, 300), new("wash", 10, 5)]);
        pace.Factor("fill").ShouldBe(1.6);
        pace.Times("fill").ShouldBe(3);
        (pace.Factor("wash"), pace.Times("wash")).ShouldBe((1, 0));
        Pace.Of([new("fill", 1, 1), new("fill", 1, 2), new("fill", 1, 3), new("fill", 1, 4)]).Factor("fill").ShouldBe(2.5);
    }

    [Fact]
    public void Ripping_is_ripping_and_taking_apart_is_taking_apart_whatever_it_is()
    {
        var pace = Pace.Of([new("rip-legs", 10, 5), new("rip-rails", 10, 5), new("rip-packers", 10, 5), new("apart-3-boards", 10, 20), new("apart-7-rails", 10, 20), new("apart-8-legs", 10, 20)]);
        pace.Factor("rip-anything").ShouldBe(.5);
        pace.FactorOfTakingApart.ShouldBe(2);
        pace.Factor(CutUp.Apart(9, "legs")).ShouldBe(2);
    }

    [Fact]
    public void What_nothing_is_reckoned_for_and_what_is_no_time_says_nothing()
        => Pace.Of([new("fill", 0, 5), new("fill", 5, 0), new("fill", double.NaN, 5), new("fill", 5, double.PositiveInfinity), new("fill", 5, -1)]).Times("fill").ShouldBe(0);

    [Fact]
    public void Whoever_works_twice_as_slowly_is_told_twice_the_hours_in_match_and_in_make_alike()
    {
        var (design, room) = (Catalogue.Find("upright-bed")!, Stockroom.Of(Yards.Whole));
        var lead = Leads.Of(design, room).Found.First(l => l.Main.Of.Thing.Kind.Id == "board");
        Fit Of(Brief brief) => Fit.Of(Draft.Of(design, new(lead, design.Settings(lead).ToDictionary(s => s.Id, s => s.Default), brief), room, Effort.Proven).OrThrow(), room);
        var usual = Of(Brief.Default);
        var plan = BuildPlan.Of(usual, Brief.Default, ToolShelf.Untouched);
        // Ripping is known once it is known what is cut from what.
        (plan.Steps.Where(s => !s.Id.StartsWith("rip-", StringComparison.Ordinal)).Sum(s => s.Minutes) / 60).Near(usual.Hours(Brief.Default));
        var slow = Brief.Default with { Pace = Pace.Of(plan.Steps.SelectMany(s => Enumerable.Repeat(new Timed(s.Id, s.Reckoned, 2 * s.Reckoned), 3))) };
        var slower = BuildPlan.Of(Of(slow), slow, ToolShelf.Untouched);
        slower.Hours.Near(2 * plan.Hours);
        slower.Steps.ShouldAllBe(s => s.Timed >= 3 && Math.Abs(s.Minutes - 2 * s.Reckoned) < 1e-9);
        slower.Steps.Select(s => s.Reckoned).ShouldBe(plan.Steps.Select(s => s.Reckoned));
        Of(slow).Hours(slow).Near(2 * usual.Hours(Brief.Default));
    }
}
