using System.Text.RegularExpressions;
using Metaplant.Core.Assessing;
using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;
using Metaplant.Core.Words;

namespace Metaplant.Core.Tests.Places;

/// <summary>What a spot does, for every design there is: a check holds for all of them.</summary>
public partial class EveryDesignAtASpotTests
{
    private static readonly PlanSite Site = new(52, 20, 90, Exposure.Exposed, 120, 110, 300);

    private static readonly Lazy<IReadOnlyList<Fit>> Fits = new(() => [.. Catalogue.All.Select(d => Yards.First(d.Id))]);

    private static Spot Plot(Core.Designs.Site site = Core.Designs.Site.Soil) => new(1, "Plot", [new(4, 2), new(12, 2), new(12, 8), new(4, 8)], site, "firm-sand", 1500, "A builder", true, .02, 120, [.. Visitors.All.Select(v => v.Id)], 1.2);

    private static GroundTest[] Tested(double soaks) => [new HoleTest(new(2026, 3, 1), soaks), new TextureTest(new(2026, 3, 1), TextureClass.Clay, true), new AcidityTest(new(2026, 3, 1), 4.5), new RodTest(new(2026, 3, 1), .2, true), new WeedTest(new(2026, 3, 1), WeedKind.Perennial)];

    private static Brief In(Spot spot, params Feature[] around) => Brief.Default.At(new(Site, around, [spot]), spot);

    private static Assessment Assess(Fit fit, Brief brief) => Assessor.Assess(fit.Blueprint, brief, Fitness.Food);

    [Fact]
    public void No_design_holds_better_in_a_harder_gust()
    {
        var worse = 0;
        foreach (var fit in Fits.Value)
        {
            Assessment? before = null;
            foreach (var gust in new[] { 25, 28, 32.5, 40 })
            {
                var now = Assess(fit, Brief.Default with { Exposure = Exposure.Exposed, Here = new Whereabouts(1, "Plot", new(6, 6), false) { Gust = gust } });
                if (before is not null)
                {
                    foreach (var (was, then) in before.Hold.Checks.Join(now.Hold.Checks, c => c.Id, c => c.Id, (a, b) => (a, b)))
                    {
                        if (was.Utilisation is { } u && then.Utilisation is { } v)
                        {
                            v.ShouldBeGreaterThanOrEqualTo(u - 1e-9, $"{fit.Design.Id}: {was.Id} at {gust} m/s");
                            if (v > u + 1e-6) worse++;
                        }
                    }

                    (now.Hold.Verdict >= before.Hold.Verdict).ShouldBeTrue($"{fit.Design.Id} at {gust} m/s");
                }

                before = now;
            }
        }

        // And the wind does reach most of them.
        worse.ShouldBeGreaterThan(30);
    }

    [Fact]
    public void None_that_is_open_below_is_told_to_drain_well_on_wet_ground_and_none_with_a_floor_minds()
    {
        var open = 0;
        foreach (var fit in Fits.Value)
        {
            var (wet, dry) = (Assess(fit, In(Plot() with { Tests = Tested(1e-6) })).Drain, Assess(fit, In(Plot() with { Tests = Tested(2e-5) })).Drain);
            if (fit.Blueprint.Foot is OpenGround)
            {
                open++;
                wet.Verdict.ShouldNotBe(Verdict.Sound, fit.Design.Id);
                wet.Checks.ShouldContain(c => c.Id == "ground-soaks" && c.Verdict == Verdict.Tight, fit.Design.Id);
                (dry.Verdict <= wet.Verdict).ShouldBeTrue(fit.Design.Id);
            }
            else wet.Verdict.ShouldBe(dry.Verdict, fit.Design.Id);
        }

        open.ShouldBeGreaterThan(5);
    }

    [Fact]
    public void Set_down_where_everything_is_against_it_each_says_so_and_none_in_units_of_its_own()
    {
        Feature[] around =
        [
            new Screen(10, "Wall", [new(4, 8.2), new(12, 8.2)], ScreenKind.Wall, 3, .2, 0), new House(11, "Shed", [new(4, 0), new(12, 0), new(12, 1.9), new(4, 1.9)], 3), new Tree(12, "Alder", [new(8, 5)], 6, 9, .2, 4, 10),
            new Core.Places.Path(13, "Way", [new(0, 5), new(20, 5)], .6), new Tap(14, "Tap", [new(0, 0)], .0002), new Door(15, "Door", [new(8, 4.5)], 2), new Buried(16, "Pipe", [new(0, 5), new(20, 5)]), new Clump(17, "Squill", [new(8, 5)], 1, 3, 5), new Pile(18, "Heap", [new(1, 1)]),
        ];
        foreach (var site in Enum.GetValues<Core.Designs.Site>())
        {
            var spot = Plot(site) with { Tests = Tested(1e-6), Owner = "the club" };
            var plan = new GardenPlan(Site, around, [spot]);
            foreach (var fit in Fits.Value)
            {
                var planter = new StandingPlanter(1, fit.Design.Name, 1, new(8, 5), 20, Footprint.Of(fit), fit.Assessment.Hold.WetMass?.Value) { Drinks = Thirst.Of(fit) };
                var said = Placement.Of(plan, planter, [planter], Handbook.Default);
                said.Select(r => r.About).ShouldContain("overlap", $"{fit.Design.Id} on {site}");
                said.Select(r => r.About).ShouldContain("plants", $"{fit.Design.Id} on {site}");
                said.Select(r => r.About).ShouldContain("owner", $"{fit.Design.Id} on {site}");
                if (site is Core.Designs.Site.Balcony or Core.Designs.Site.Roof && planter.Mass is not null) said[0].Verdict.ShouldBe(Verdict.AskAProfessional, fit.Design.Id);
                foreach (var remark in said) Metric().IsMatch(Teller.UsCustomary.Tell(remark.Words)).ShouldBeFalse($"{fit.Design.Id}: {Teller.UsCustomary.Tell(remark.Words)}");
            }
        }
    }

    [Fact]
    public void What_is_found_out_of_the_ground_is_told_in_the_readers_units()
    {
        foreach (var finding in new TestedGround(Tested(1e-6), "firm-sand").Findings(Handbook.Default))
        {
            Metric().IsMatch(Teller.UsCustomary.Tell(finding.Words)).ShouldBeFalse(Teller.UsCustomary.Tell(finding.Words));
            finding.Verdict.ShouldBe(Verdict.Tight, finding.Words.ToString());
        }
    }

    [GeneratedRegex(@"\d ?(mm|m|kPa|Pa|litres|kg|m/s|°C|mm/h)\b", RegexOptions.NonBacktracking | RegexOptions.ExplicitCapture)]
    private static partial Regex Metric();
}
