using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;
using Metaplant.Core.Words;

namespace Metaplant.Core.Tests.Casting;

/// <summary>Prices are guesses until the gardener says what the shop asks; then they are what everything is reckoned with.</summary>
public class OwnPricesTests
{
    private static Handbook Own(params (string Row, double Price)[] prices) => Handbook.With(prices.ToDictionary(p => $"price.{p.Row}", p => p.Price)).OrThrow();

    private static GoodsNeeded Goods(string family, int count) => new("goods", new("goods", family, Seat.Clear) { Buy = family }, count);

    [Fact]
    public void Every_row_of_the_shop_stands_in_the_handbook_under_what_is_asked_for_there()
    {
        Prices.Rows.Count.ShouldBe(Prices.All.Count);
        Prices.Rows.ShouldAllBe(r => r.Unit == Unit.Money && r.Least == 0 && r.Greatest >= 1000);
        Teller.UsCustomary.Tell(Prices.Rows[0].Meaning).ShouldNotContain("mm");
    }

    [Fact]
    public void The_cheapest_is_the_cheapest_at_ones_own_prices()
    {
        var forty = new PiecesNeeded("post", new("post", "Posts", Seat.Clear) { Buy = "timber" }, 2, 1.1, .05, .05);
        Prices.In(Handbook.Default).Cheapest(forty, 2)!.Value.Row.Id.ShouldBe("batten");
        Prices.In(Own(("batten", 30))).Cheapest(forty, 2)!.Value.Row.Id.ShouldBe("batten-long");
        Prices.In(Own(("batten", 4.25))).CostOf(forty, 2).ShouldBe(4.25);
        // In a small money a screw may cost hundreds.
        Prices.In(Own(("bolt", 400))).Cheapest(Goods("bolt", 4), 4)!.Value.Row.Price.ShouldBe(400);
    }

    [Fact]
    public void What_a_project_costs_follows_them_and_nothing_else_of_it_does()
    {
        var (design, ours) = Catalogue.All.Select(d => (d, At(d, Handbook.Default))).First(x => x.Item2 is { } fit && fit.Cast.Buys.Any(b => b.Packs > 0));
        var bought = ours!.Cast.Buys.First(b => b.Packs > 0);
        var dearer = At(design, Own((bought.Row!.Id, bought.Row.Price + .01)))!;
        dearer.Cast.Cost.ShouldBe(ours.Cast.Cost + .01 * bought.Packs, 1e-9);
        dearer.Assessment.Worst.ShouldBe(ours.Assessment.Worst);
        dearer.Blueprint.Size.ShouldBe(ours.Blueprint.Size);

        static Fit? At(Design design, Handbook handbook) => Matcher.Match(design, Yards.Whole, Brief.Default with { Handbook = handbook }, Aim.MostSoil).Best;
    }

    [Fact]
    public void One_handbook_has_one_list_and_another_its_own()
    {
        var own = Own(("batten", 9));
        Prices.In(own).ShouldBeSameAs(Prices.In(own));
        Prices.In(own).Find("batten")!.Price.ShouldBe(9);
        Prices.In(Handbook.Default).Find("batten")!.Price.ShouldBe(5.50);
        Prices.In(own).Find("no such thing").ShouldBeNull();
    }
}
