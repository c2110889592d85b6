using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>Pots in rows on a lattice that is fixed to a wall.</summary>
public class PotLatticeTests
{
    private static Fit Wall(int lattices = 1, params (string, double)[] set) => Built(
        "pot-lattice", A.Heap(
            A.Thing("bucket", 24, findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene, measures: [("topDiameter", .20), ("bottomDiameter", .16), ("height", .20), ("wall", .0015)]),
            A.Thing("lattice", lattices, id: 2, findings: [Findings.LookedOver], measures: [("length", 2.2), ("width", .05), ("height", 1.2)]), A.Thing("line", id: 3, substance: Substance.Wire, measures: [("length", 60), ("diameter", .0025)])), Firm, set);

    [Fact]
    public void Straight_rows_leave_the_height_of_a_pot_between_and_staggered_ones_lie_in_the_gaps()
    {
        foreach (var stagger in (double[])[0, 1])
        {
            var fit = Wall(set: [("pots", 8), ("stagger", stagger)]);
            fit.Cast.Short.ShouldBeEmpty();
            var pots = fit.Blueprint.Bays.Select(b => b.At).ToList();
            pots.Count.ShouldBe(8);
            // Of any two that overlap seen from above, the lower ends a pot’s height under the foot of the upper.
            foreach (var a in pots)
            {
                foreach (var b in pots.Where(b => b.Z < a.Z - 1e-9 && Math.Abs(b.X - a.X) < .20)) (a.Z - (b.Z + .20)).ShouldBeGreaterThanOrEqualTo(.20 - 1e-9);
            }

            Of(fit, "pot-air").Verdict.ShouldBe(Verdict.Sound);
        }

        // Beyond what the lattice has room for a larger one is asked for.
        Wall(set: [("pots", 24), ("stagger", 1)]).Cast.Short.Single().Words.ToString().ShouldContain("long and");
    }

    [Fact]
    public void Two_lattices_bound_bear_twice_and_wires_and_fixings_are_asked_for()
    {
        var one = Wall(set: ("pots", 6));
        var two = Wall(2, ("pots", 6), ("lattices", 2));
        Of(two, "lath").Demand.Near(Of(one, "lath").Demand / 2);
        Step(two, "bind").Cautions.ShouldContain("wire");
        one.Cast.Buys.Single(b => b.NeedId == "fixings").Amount.ShouldBe(6);
        one.Cast.Takes.Single(t => t.NeedId == "wire").Taken.Amount!.Value.Near(6 * (Math.PI * .20 + .50));
        Of(one, "fixing").Verdict.ShouldBe(Verdict.ProveFirst);
        one.Blueprint.Stance.ShouldBeOfType<Hung>();
    }

    [Fact]
    public void Rows_are_weighed_full_of_water_and_planted_by_their_light()
    {
        var fit = Wall(set: [("pots", 16), ("stagger", 0)]);
        fit.Blueprint.Figures.Sum(f => f.Value).Near(fit.Blueprint.Soil * Firm.Medium.SaturatedDensity + 16 * fit.Blueprint.Handling.Each!.Value.Empty);
        fit.Assessment.Drain.InAll.ShouldBe(16 * fit.Assessment.Drain.Holes!.Count);
        Step(fit, "plant").Words.ToString().ShouldContain("below what likes shade");
        Step(fit, "hang").Words.ToString().ShouldContain("a hand’s breadth of air");
    }

    [Fact]
    public void Pots_too_large_or_alone_or_with_gaps_are_told_and_a_lattice_of_steel_is_passed_over()
    {
        WhyNot("pot-lattice", A.Thing("round-tub", 3, findings: [Findings.HeldFood], substance: Substance.Polyethylene)).ShouldContain("Too large");
        WhyNot("pot-lattice", A.Thing("crate", 3, measures: [("length", .3), ("width", .3), ("height", .25)])).ShouldContain("gaps");
        WhyNot("pot-lattice", A.Thing("bucket", 1, findings: [Findings.HeldFood], substance: Substance.Polyethylene)).ShouldContain("One pot");
        var heap = A.Heap(A.Thing("bucket", 4, findings: [Findings.HeldFood], substance: Substance.Polyethylene), A.Thing("lattice", 2, id: 2, substance: Substance.Steel));
        Matcher.Match(Catalogue.Find("pot-lattice")!, heap, Firm, Aim.MostSoil).Best!.Cast.PassedOver["lattice"].Why.ToString().ShouldContain("Nobody knows how strong laths of steel are");
    }
}
