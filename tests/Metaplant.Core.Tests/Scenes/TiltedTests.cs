using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Tests.Scenes;

/// <summary>What is laid on a slope, and a bed laid round a bend.</summary>
public class TiltedTests
{
    private static readonly Prism Level = Prism.Box("trough", Ink.Metal, new(-1, -.2, .5), new(1, .2, .8));

    [Fact]
    public void On_a_slope_every_place_rises_by_it_and_nothing_gets_larger()
    {
        var tilted = new Tilted(Level, .02);
        tilted.Volume.ShouldBe(Level.Volume);
        tilted.Extent.Least.Z.ShouldBe(.48, 1e-9);
        tilted.Extent.Most.Z.ShouldBe(.82, 1e-9);
        tilted.DepthOf(new(.9, 0, .815)).ShouldBeGreaterThan(0);
        tilted.DepthOf(new(-.9, 0, .815)).ShouldBeLessThan(0);
        tilted.DepthOf(new(-.9, 0, .49)).ShouldBeGreaterThan(0);
    }

    [Fact]
    public void Moved_it_lies_on_the_same_slope()
    {
        var moved = new Tilted(Level, .02).Moved(new(2, 0, 1));
        moved.Extent.Middle.X.ShouldBe(2, 1e-9);
        moved.Extent.Middle.Z.ShouldBe(.65 + 1, 1e-9);
        moved.Extent.Size.Z.ShouldBe(.34, 1e-9);
    }

    [Fact]
    public void What_was_looked_at_before_it_is_moved_is_moved_all_the_same()
    {
        var level = Prism.Box("trough", Ink.Metal, new(-1, -.2, .5), new(1, .2, .8));
        var tilted = new Tilted(level, .02);
        // Its faces and its extent are worked out once and kept: with it, not with what is made of it.
        tilted.Faces.Count.ShouldBe(6);
        tilted.Extent.Middle.X.ShouldBe(0, 1e-9);
        tilted.Moved(new(2, 0, 1)).Extent.Middle.X.ShouldBe(2, 1e-9);
        level.Moved(new(0, 3, 0)).Faces.SelectMany(f => f.Corners).Min(c => c.Y).ShouldBe(2.8, 1e-9);
        (level with { Part = "lid" }).Extent.ShouldBe(level.Extent);
    }

    [Fact]
    public void Taken_apart_every_part_lies_farther_from_the_middle()
    {
        Scene scene = new([Prism.Box("left", Ink.Wood, new(-1, 0, 0), new(-.9, 1, .3)), Prism.Box("right", Ink.Wood, new(.9, 0, 0), new(1, 1, .3))], []);
        scene.TakenApart(.5).Extent.Size.X.ShouldBe(2 + .95, 1e-9);
        scene.Extent.Size.X.ShouldBe(2, 1e-9);
    }

    [Fact]
    public void Upright_walls_on_an_oval_hold_its_area_by_their_height()
    {
        var oval = new Upright(new EllipseOutline(1, .8), .25);
        oval.Volume.Near(Math.PI / 4 * .8 * .25);
        oval.VolumeTo(.1).Near(Math.PI / 4 * .8 * .1);
        oval.SectionAt(.2).Length.ShouldBe(1);
        Should.Throw<ArgumentOutOfRangeException>(() => oval.VolumeTo(.3));
    }

    [Fact]
    public void Round_a_bend_places_keep_their_distance_at_the_back_and_gain_in_front()
    {
        // Back at 1.2 m, front at 2 m, half a radian.
        var bay = new Bay("Soil", new TaperedBox(.8, .8, .8, .8, .3), .2) { Bend = 1.2 };
        bay.Planting.Length.Near(.8 * 1.2 / 1.6);
        Point back = bay.OnPlan(new(-.1, .4)), next = bay.OnPlan(new(.1, .4)), front = bay.OnPlan(new(-.1, -.4)), beside = bay.OnPlan(new(.1, -.4));
        back.DistanceTo(next).Near(.2, 2e-3);
        front.DistanceTo(beside).Near(.2 * 2 / 1.2, 2e-3);
        // In the middle it lies where a straight one does.
        bay.OnPlan(new(0, .1)).Y.ShouldBe(.1, 1e-9);
        (bay with { Bend = 0 }).OnPlan(new(.3, -.2)).ShouldBe(new Point(.3, -.2));
        (bay with { Less = .01 }).Volume.Near(.8 * .8 * .2 - .01);
    }
}
