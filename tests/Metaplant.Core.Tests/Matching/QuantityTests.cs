using Metaplant.Core.Building;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Tests.Matching;

/// <summary>How much is bought, and what it costs in money and hours.</summary>
public class QuantityTests
{
    private static readonly Role Packers = new("packers", "Packers", Seat.Clear, Form.Timber) { Buy = "timber" };

    private static Purchase Bought(Need need) => A.Cast(need, A.Heap()).Buys.Single();

    private static Fit Tub(params (string Id, double Value)[] set)
    {
        var heap = A.Heap(A.FoodTub());
        var design = Catalogue.Find("drilled-tub")!;
        return DrawingBoard.FindLead(design, heap, "1").Then(s => DrawingBoard.Open(design, s, set.ToDictionary(x => x.Id, x => x.Value), Brief.Default, heap)).OrThrow().Fit;
    }

    [Theory]
    // One of 2.4 m gives one of 1.4 m and not 1.7; one of 3.6 m gives two, and is cheaper.
    [InlineData(1.4, 1, "batten", 1)]
    [InlineData(1.4, 10, "batten-long", 5)]
    [InlineData(2.0, 10, "batten", 10)]
    [InlineData(1.19, 10, "batten", 5)]
    // The saw eats too: two of 1.2 m do not come out of 2.4 m.
    [InlineData(1.2, 10, "batten-long", 5)]
    [InlineData(3.0, 2, "batten-long", 2)]
    public void Pieces_are_cut_whole_out_of_battens(double length, int count, string row, int packs)
    {
        var bought = Bought(new PiecesNeeded("packers", Packers, count, length, .04, .05));
        (bought.Row!.Id, bought.Packs).ShouldBe((row, packs));
    }

    [Fact]
    public void A_piece_longer_than_any_batten_is_not_bought_by_adding_up_short_ones()
        => Bought(new PiecesNeeded("packers", Packers, 2, 4, .04, .05)).Row.ShouldBeNull();

    [Theory]
    [InlineData(4.5, 4.5, 2, 2, 9)]
    [InlineData(3.9, 3.9, 2, 2, 4)]
    [InlineData(4.0, 4.0, 2, 2, 9)]
    [InlineData(2.0, 2.0, 2, 2, 1)]
    [InlineData(9.6, .5, 1, 5, 1)]
    public void Sheets_are_pieced_together_with_laps(double length, double width, double each, double wide, int count)
        => Covering.Needed(new("liner", new("liner", "Liner", Seat.InSoil, Form.Film), length, width), each, wide).ShouldBe(count);

    [Fact]
    public void Soil_has_a_price_and_is_in_what_to_fetch()
    {
        var fit = Tub();
        var soil = fit.Cast.Buys.Single(b => b.NeedId == "soil");
        soil.Amount.Near(fit.Assessment.Grow.Litres!.Value * Handbook.Default[Practice.SoilOverPlaced]);
        soil.Cost.ShouldBeGreaterThan(0);
        (soil.Packs * soil.Row!.Pack).ShouldBeGreaterThanOrEqualTo(soil.Amount - 1e-9);
        fit.Cast.Cost.ShouldBeGreaterThanOrEqualTo(soil.Cost);
    }

    [Fact]
    public void A_pile_of_soil_on_the_heap_is_used_up_before_any_is_bought()
    {
        var pile = A.Thing("soil", measures: [("volume", .02)], findings: [Findings.LookedOver]);
        var supply = A.Cast(new FillNeeded("soil", new("soil", "Soil", Seat.InSoil) { Buy = "soil-topsoil-compost", Worked = false }, .1, [("soil", .6), ("compost", .4)]), A.Heap(pile));
        supply.Takes.Single().Taken.Whole.ShouldBeTrue();
        supply.Buys.Single().Amount.Near(.08);
    }

    [Fact]
    public void Packers_thinner_than_what_is_bought_are_ripped_in_a_step_of_its_own()
    {
        // 40 mm high out of a batten of 50.
        var plan = BuildPlan.Of(Tub(("raise", .04)), Brief.Default, ToolShelf.Untouched);
        plan.Steps.ShouldContain(s => s.Id == "rip-packers" && s.Title.ToString().Contains("40"));
        BuildPlan.Of(Tub(("raise", .05)), Brief.Default, ToolShelf.Untouched).Steps.ShouldNotContain(s => s.Id == "rip-packers");
    }

    [Fact]
    public void The_salvage_factor_counts_only_where_salvage_costs_time()
    {
        foreach (var board in Designs.DesignTests.EveryDesign())
        {
            var steps = board.Fit.Blueprint.Operations();
            double slower = steps.Where(s => s.SlowerWithSalvage).Sum(s => s.Minutes), other = steps.Where(s => !s.SlowerWithSalvage).Sum(s => s.Minutes);
            other.ShouldBeGreaterThan(0);
            board.Fit.Blueprint.MinutesWith(2, Cast.Nothing, Core.Building.Pace.Unknown).Near(2 * slower + other);
        }
    }
}
