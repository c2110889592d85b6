using Metaplant.Core.Places;

namespace Metaplant.Core.Tests.Places;

/// <summary>Soil by what grains it is of.</summary>
public class TextureTests
{
    [Theory]
    // Points inside each of the twelve fields of the published triangle, in per cent of sand and clay.
    [InlineData(92, 4, TextureClass.Sand)]
    [InlineData(82, 6, TextureClass.LoamySand)]
    [InlineData(65, 10, TextureClass.SandyLoam)]
    [InlineData(55, 3, TextureClass.SandyLoam)]
    [InlineData(40, 20, TextureClass.Loam)]
    [InlineData(20, 15, TextureClass.SiltLoam)]
    [InlineData(8, 5, TextureClass.Silt)]
    [InlineData(60, 27, TextureClass.SandyClayLoam)]
    [InlineData(33, 33, TextureClass.ClayLoam)]
    [InlineData(10, 33, TextureClass.SiltyClayLoam)]
    [InlineData(52, 42, TextureClass.SandyClay)]
    [InlineData(7, 47, TextureClass.SiltyClay)]
    [InlineData(20, 60, TextureClass.Clay)]
    // On the borders.
    [InlineData(45, 40, TextureClass.Clay)]
    [InlineData(20, 40, TextureClass.SiltyClay)]
    [InlineData(0, 0, TextureClass.Silt)]
    [InlineData(0, 100, TextureClass.Clay)]
    [InlineData(100, 0, TextureClass.Sand)]
    public void The_triangle_has_twelve_fields(double sand, double clay, TextureClass expected) => Texture.Of(sand / 100, clay / 100).ShouldBe(expected);

    [Fact]
    public void More_clay_in_place_of_sand_never_makes_a_clay_into_a_sand()
    {
        for (var silt = 0; silt <= 100; silt += 2)
        {
            var sandyAgain = false;
            var clayey = false;
            for (var clay = 0; clay <= 100 - silt; clay++)
            {
                var now = Texture.Of((100 - silt - clay) / 100.0, clay / 100.0);
                sandyAgain |= clayey && Texture.IsSandy(now);
                clayey |= Texture.IsClayey(now);
            }

            sandyAgain.ShouldBeFalse($"{silt} % silt");
        }
    }

    [Theory]
    [InlineData(0, HandFeel.Gritty, TextureClass.Sand)]
    [InlineData(.015, HandFeel.Gritty, TextureClass.SandyLoam)]
    [InlineData(.015, HandFeel.Neither, TextureClass.Loam)]
    [InlineData(.03, HandFeel.Smooth, TextureClass.SiltyClayLoam)]
    [InlineData(.05, HandFeel.Neither, TextureClass.Clay)]
    [InlineData(.08, HandFeel.Gritty, TextureClass.SandyClay)]
    public void A_longer_ribbon_is_more_clay(double ribbon, HandFeel feel, TextureClass expected) => Texture.ByHand(ribbon, feel).ShouldBe(expected);

    [Fact]
    public void Every_class_has_a_name_of_its_own_and_is_not_both_sandy_and_clayey()
    {
        var all = Enum.GetValues<TextureClass>();
        all.Select(Texture.Name).Distinct().Count().ShouldBe(12);
        all.ShouldAllBe(t => !(Texture.IsSandy(t) && Texture.IsClayey(t)));
        Texture.Name(TextureClass.SiltyClayLoam).ShouldBe("silty clay loam");
    }
}
