using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Planting;
using Metaplant.Core.Settling;

namespace Metaplant.Core.Tests.Planting;

/// <summary>Filling a bay from its foot up, as worked with a pencil in docs/method.md.</summary>
public class FilledBayTests
{
    private static readonly Handbook Book = Handbook.Default;

    private static Bay Deep { get; } = new("Bed", new TaperedBox(2.4, 1, 2.4, 1, .6), .56);

    private static FilledBay Logs { get; } = FilledBay.Of(Deep, [new(Fill.Logs, .2), new(Fill.Sticks, .1), new(Fill.Compost, .1), new(Fill.Topsoil, .16)], Book).OrThrow();

    [Fact]
    public void A_deep_bed_with_logs_takes_the_litres_of_the_pencil()
    {
        Logs.Layers.Select(l => l.Volume).ShouldBe([.480, .240, .240, .384], 1e-9);
        Logs.Volume.ShouldBe(1.344, 1e-9);
        Logs.Layers.Select(l => l.Infill).ShouldBe([.192, .132, 0, 0], 1e-9);
        var wanted = Logs.Amounts(Book).ToDictionary(a => a.Fill);
        wanted[Fill.Topsoil].Placed.ShouldBe(.708, 1e-9);
        wanted[Fill.Topsoil].Loose.ShouldBe(.8142, 1e-9);
        wanted[Fill.Compost].Loose.ShouldBe(.276, 1e-9);
        wanted[Fill.Logs].Loose.ShouldBe(.480, 1e-9);
    }

    [Fact]
    public void It_sinks_holds_nitrogen_and_lets_roots_in_as_the_pencil_has_it()
    {
        new[] { 1, 2, 3 }.Select(y => Logs.Sunk(y, Book)).ShouldBe([.0786, .1241, .1520], 1e-4);
        Logs.NitrogenHeld(Book).ShouldBe(.448, 1e-3);
        new[] { 0, 1, 2, 3 }.Select(y => Logs.Rootable(y, Book)).ShouldBe([.26, .3045, .3234, .3327], 1e-4);
        // Tomatoes grow in the second spring, chard in the first, parsnips never.
        double Wants(string crop) => Crops.Find(Book, crop)!.LeastDepth;
        Wants("tomato").ShouldBeInRange(Logs.Rootable(0, Book) + 1e-6, Logs.Rootable(1, Book));
        Wants("chard").ShouldBeLessThan(Logs.Rootable(0, Book));
        Wants("parsnip").ShouldBeGreaterThan(Logs.Rootable(30, Book));
    }

    [Fact]
    public void Whatever_shape_it_has_its_layers_sum_to_it_and_none_takes_less_than_nothing()
    {
        var random = new Random(4);
        for (var i = 0; i < 500; i++)
        {
            double height = .3 + random.NextDouble();
            Vessel space = i % 2 == 0 ? new RoundTub(.3 + random.NextDouble(), .3 + random.NextDouble(), height) : new TaperedBox(1 + random.NextDouble(), .5 + random.NextDouble(), 1 + random.NextDouble(), .5 + random.NextDouble(), height);
            var parts = Enumerable.Range(0, 1 + random.Next(6)).Select(_ => .05 + random.NextDouble()).ToList();
            var fills = Enum.GetValues<Fill>();
            var filled = FilledBay.Of(new("Bay", space, height), [.. parts.Select(p => new Layer(fills[random.Next(fills.Length)], p / parts.Sum() * height, random.Next(2) == 0))], Book).OrThrow();
            filled.Volume.ShouldBe(space.Volume, 1e-9 * space.Volume);
            filled.Layers.ShouldAllBe(l => l.Volume > 0 && l.Infill >= 0 && l.Infill < l.Volume);
            // Of a mix more is fetched than it fills: a twentieth goes when it is mixed.
            var lost = filled.Layers.Where(l => l.Layer.Fill == Fill.TopsoilCompost).Sum(l => l.Volume * (1 / .95 - 1));
            filled.Amounts(Book).Sum(a => a.Placed).ShouldBe(filled.Volume + filled.Layers.Sum(l => l.Infill) + lost, 1e-9);
            // It never rises again, and level in a year it stands if so much more is laid on it.
            Enumerable.Range(0, 10).Select(y => filled.Sunk(y, Book)).ShouldBeInOrder();
            var over = filled.Overfill(1, Book);
            (over - filled.Sunk(1, Book) - Settlement.After(1, [new(Fill.Topsoil, over)], Book)).ShouldBe(0, 1e-9);
        }
    }

    [Fact]
    public void Roots_find_no_soil_through_wood_that_has_not_rotted_and_go_through_mulch()
    {
        FilledBay Laid(params IReadOnlyList<Layer> layers) => FilledBay.Of(Deep, layers, Book).OrThrow();
        var under = Laid(new(Fill.Compost, .2), new(Fill.Logs, .2), new(Fill.Topsoil, .1));
        under.Rootable(0, Book).ShouldBe(.1, 1e-9);
        // What lies under the logs counts as far as they have let roots through.
        var through = 1 - Math.Exp(-.25);
        under.Rootable(1, Book).ShouldBe((.1 - Settlement.After(1, [new(Fill.Topsoil, .1)], Book)) + through * (.4 - Settlement.After(1, [new(Fill.Compost, .2), new(Fill.Logs, .2)], Book)), 1e-9);
        Laid(new(Fill.Topsoil, .3), new(Fill.Leaves, .05)).Rootable(0, Book).ShouldBe(.3, 1e-9);
        Laid(new(Fill.Topsoil, .3), new(Fill.Leaves, .15)).Rootable(0, Book).ShouldBe(0, 1e-9, "too thick to be planted through");
    }

    [Fact]
    public void What_cannot_be_laid_is_refused_at_its_layer()
    {
        FilledBay.Of(Deep, [], Book).Problems.ShouldHaveSingleItem().Field.ShouldBe("layers");
        FilledBay.Of(Deep, [new(Fill.Topsoil, .3), new(Fill.Compost, 0)], Book).Problems.ShouldHaveSingleItem().Field.ShouldBe("layers.1.thickness");
        FilledBay.Of(Deep, [new(Fill.Topsoil, .3), new(Fill.Compost, .4)], Book).Problems.ShouldHaveSingleItem().Sentence.ToString().ShouldContain("100 mm over the rim");
        FilledBay.Of(Deep, [.. Enumerable.Repeat(new Layer(Fill.Topsoil, .01), 13)], Book).Problems.ShouldHaveSingleItem().Field.ShouldBe("layers");
    }

    [Theory]
    [InlineData("wood")]
    [InlineData("green")]
    [InlineData("soil")]
    public void Every_school_fills_to_the_rim_and_leaves_a_spade_of_soil_on_top(string id)
    {
        var medium = Media.Find(Book, "topsoil-compost")!;
        foreach (var depth in (double[])[.1, .3, .34, .36, .42, .6, 1.2])
        {
            var layers = FillSchool.Layers(id, depth, medium);
            layers.Sum(l => l.Thickness).ShouldBe(depth, 1e-9);
            layers.ShouldAllBe(l => l.Thickness > 0);
            layers.Where(l => l.Fill.IsSoil()).Sum(l => l.Thickness).ShouldBeGreaterThanOrEqualTo(Math.Min(depth, .3) - 1e-9);
        }
    }
}
