using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;

namespace Metaplant.Core.Tests.Reinforcement;

/// <summary>Sheets, walls that stand by their weight, screws and what lies below a planter, each beside a sum done by hand.</summary>
public class StructureTests
{
    private static readonly SoilLoad Soil = new(15e3, 17e3, 30, 0);

    [Fact]
    public void A_roofing_sheet_spans_by_its_profile_and_less_as_it_rusts()
    {
        var sheet = new CorrugatedSheet(.018, .076, .0006, SheetSteel.Of(Handbook.Default));
        sheet.Inertia.Near(.0006 * .0174 * .0174 / 8);
        sheet.SectionModulus.Near(sheet.Inertia / .009);
        sheet.GreatestSpan(3000, CodeFactors.Default).Near(Math.Min(Math.Sqrt(8 * 220e6 * sheet.SectionModulus / 4050), Math.Cbrt(384 * 210e9 * sheet.Inertia / (5 * 3000 * 150))));
        sheet.After(5)!.GreatestSpan(3000, CodeFactors.Default).ShouldBeLessThan(sheet.GreatestSpan(3000, CodeFactors.Default));
        sheet.After(12).ShouldBeNull();
    }

    [Fact]
    public void A_wall_at_its_least_width_has_just_the_safety_wanted()
    {
        var wall = new GravityWall(.45, .36, 1000, .36);
        // Weight 162 N/m, push .5 × 15000 × .36²/2 = 486 N/m.
        wall.Sliding(Soil).Near(162 * .36 / 486);
        wall.Overturning(Soil).Near(162 * .225 / (.5 * 15e3 * Math.Pow(.36, 3) / 6));
        var least = wall with { Width = wall.LeastWidth(Soil, 1.5) };
        Math.Min(least.Sliding(Soil), least.Overturning(Soil)).Near(1.5);
    }

    [Theory]
    [InlineData(.004, true, 48, 28, 20, 12)]
    [InlineData(.006, true, 72, 42, 42, 18)]
    [InlineData(.004, false, 60, 40, 28, 20)]
    [InlineData(.006, false, 90, 60, 60, 30)]
    public void Screws_stay_clear_of_ends_and_edges(double d, bool predrilled, double loadedEnd, double unloadedEnd, double loadedEdge, double unloadedEdge)
    {
        var clear = ScrewDistances.Of(d, predrilled);
        (clear.LoadedEnd * 1000).Near(loadedEnd);
        (clear.UnloadedEnd * 1000).Near(unloadedEnd);
        (clear.LoadedEdge * 1000).Near(loadedEdge);
        (clear.UnloadedEdge * 1000).Near(unloadedEdge);
    }

    [Theory]
    [InlineData(.028, .004, false, false)]
    [InlineData(.027, .004, false, true)]
    [InlineData(.100, .004, true, true)]
    public void Thin_boards_and_hardwood_are_drilled(double thickness, double d, bool hardwood, bool drilled) => ScrewDistances.MustDrill(thickness, d, hardwood).ShouldBe(drilled);

    [Fact]
    public void Soil_pushes_a_board_off_its_post_with_142_N() => HeadPullThrough.Push(3000, .095, .5).Near(142.5);

    [Fact]
    public void A_head_of_8_mm_holds_550_N_in_pallet_softwood() => HeadPullThrough.Characteristic(10e6, .008, 290).Near(10e6 * 64e-6 * Math.Pow(290 / 350.0, .8));

    [Fact]
    public void A_wet_tub_loads_floor_and_feet()
    {
        LoadsBelow.FloorLoad(140, .2827).Near(4858, 1e-3);
        LoadsBelow.FootPressure(140, 4, .0025).Near(137_340);
    }

    [Fact]
    public void A_dry_box_is_tipped_by_a_hand_at_its_rim()
    {
        LoadsBelow.Righting(40, .4, CodeFactors.Default).Near(.9 * 40 * 9.81 * .2);
        LoadsBelow.Tipping(50, .6, 300, .5).Near(30 + 150);
    }

    [Fact]
    public void A_longer_leg_carries_less_by_the_square() => LoadsBelow.LegCapacity(.045, .045, .8, 7e9).Near(4 * LoadsBelow.LegCapacity(.045, .045, 1.6, 7e9));

    [Theory]
    [InlineData(25.0, 1)]
    [InlineData(25.1, 2)]
    [InlineData(38.0, 3)]
    [InlineData(39.0, null)]
    public void Lifting(double mass, int? people) => Core.Reinforcement.Lifting.People(mass, Handbook.Default).ShouldBe(people);
}
