using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Tests.Casting;

/// <summary>What is bought for several kinds of part comes out of the same bars.</summary>
public class SharedBarsTests
{
    private static PiecesNeeded Need(string id, int count, double length, double side = .05) => new(id, new(id, id, Seat.Clear, Form.Timber) { Buy = "timber" }, count, length, side, side);

    private static Cast Bought(params Need[] needs) => Caster.Cast(needs, null, Stockroom.Of(A.Heap()), Grown.Food, Handbook.Default);

    [Fact]
    public void Packers_and_blocks_are_cut_out_of_one_batten()
    {
        var cast = Bought(Need("packers", 4, .35), Need("blocks", 3, .30));
        // 4 × .353 and 3 × .303 are 2.321 m of 2.403.
        cast.Buys.Sum(b => b.Packs).ShouldBe(1);
        cast.Buys.Single(b => b.NeedId == "packers").Packs.ShouldBe(1);
        cast.Buys.Single(b => b.NeedId == "blocks").Cost.ShouldBe(0);
        cast.Cost.ShouldBe(5.50);
        Bought(Need("packers", 4, .35), Need("blocks", 4, .30)).Buys.Sum(b => b.Packs).ShouldBe(2);
    }

    [Fact]
    public void Each_need_by_itself_is_bought_as_before_and_other_sections_stay_apart()
    {
        Bought(Need("packers", 4, .35)).Buys.Single().Packs.ShouldBe(1);
        var apart = Bought(Need("packers", 2, .35), Need("posts", 1, .60, .075));
        apart.Buys.Select(b => b.Row!.Id).Distinct().Count().ShouldBe(2);
        apart.Buys.Select(b => b.Packs).ShouldBe([1, 1]);
    }

    [Fact]
    public void Never_more_bars_than_each_by_itself_takes_and_never_less_wood_than_is_cut()
    {
        var random = new Random(7);
        for (var i = 0; i < 300; i++)
        {
            Need[] needs = [.. Enumerable.Range(0, random.Next(2, 5)).Select(k => Need($"n{k}", random.Next(1, 7), Math.Round(.2 + 1.5 * random.NextDouble(), 2)))];
            var together = Bought(needs);
            together.Cost.ShouldBeLessThanOrEqualTo(needs.Sum(n => Bought(n).Cost) + 1e-9);
            foreach (var row in together.Buys.GroupBy(b => b.Row!))
                (row.Sum(b => b.Packs) * row.Key.Length).ShouldBeGreaterThanOrEqualTo(row.Sum(b => b.Amount * ((PiecesNeeded)b.Need).Length) - 1e-9);
        }
    }
}
