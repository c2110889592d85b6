using CsCheck;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;
using Metaplant.Core.Water;

namespace Metaplant.Core.Tests.Supports;

/// <summary>What must hold of arches, feet, notches, levels and hoses whatever the numbers.</summary>
public class FurtherPropertyTests
{
    [Fact]
    public void Where_an_arch_has_headroom_the_path_is_as_wide_as_that()
        => Gen.Select(Gen.Double[.5, 3], Gen.Double[1.02, 2.4], Gen.Double[.05, .98]).Sample((span, longer, part) =>
        {
            var arch = HoopArch.Of(span * longer, span);
            var headroom = Math.Max(0, arch.Rise - arch.Radius!.Value) + part * Math.Min(arch.Rise, arch.Radius.Value);
            arch.HeadroomAt(arch.WidthAt(headroom) / 2).ShouldBe(headroom, 1e-6);
            arch.WidthAt(arch.Rise * 1.01).ShouldBe(0);
        }, iter: 500);

    [Fact]
    public void Raising_one_foot_leaves_the_pipe_as_long_and_the_crown_above_both_feet()
        => Gen.Select(Gen.Double[.5, 3], Gen.Double[1.05, 2], Gen.Double[0.0, .8]).Sample((span, longer, part) =>
        {
            var difference = part * span;
            var length = HoopArch.Chord(span, difference) * longer;
            var arch = HoopArch.Of(length, span, difference);
            (arch.Radius!.Value * arch.AngleDegrees * Math.PI / 180).Near(length, 1e-9);
            arch.CrownHeight.ShouldBeGreaterThanOrEqualTo(difference - 1e-9);
            arch.CrownHeight.ShouldBeLessThanOrEqualTo(difference + arch.Rise + 1e-9);
        }, iter: 500);

    [Fact]
    public void A_bar_let_go_from_its_former_opens_to_the_arch_that_was_wanted()
        => Gen.Select(Gen.Double[.008, .03], Gen.Double[.2, 2], Gen.Int[0, 3].Select(i => new[] { "SteelTube", "SteelRod", "Polyethylene", "Pvc" }[i])).Sample((diameter, radius, stuff) =>
        {
            var bar = new BentBar(diameter, radius, Pipes.Get(Handbook.Default, stuff));
            bar.Springs.ShouldBe(radius >= bar.LeastRadius * (1 - 1e-9));
            if (bar.FormerRadius is not { } former) return;
            var x = former * bar.Stuff.Yield / (bar.Stuff.Modulus * diameter);
            former.ShouldBeLessThan(radius);
            (former / (4 * x * x * x - 3 * x + 1)).Near(radius, 1e-6);
        }, iter: 500);

    [Fact]
    public void Feet_on_a_ring_are_the_cone_however_they_are_named_and_turned()
        => Gen.Select(Gen.Int[3, 9], Gen.Double[.1, 1], Gen.Double[0, 6], Gen.Int[0, 1000]).Sample((n, radius, turn, seed) =>
        {
            var ring = Enumerable.Range(0, n).Select(i => 2 * Math.PI * i / n + turn).Select(a => new Point(radius * Math.Cos(a), radius * Math.Sin(a))).ToArray();
            new Random(seed).Shuffle(ring);
            PlacedFeet.Of(ring)!.Uplift(50, 1, 30).Near(Cone.Uplift(n, radius, 50, 1, 30), 1e-6);
            PlacedFeet.Of(ring)!.Rings(5, .1, 1.7, 1, .02).Near(Cone.Twine(n, radius, 1.7, 5, .1, 1, .02, 0, 0) - 1.6 * Math.Sqrt(1.7 * 1.7 + radius * radius) / 1.7, 1e-6);
        }, iter: 300);

    [Fact]
    public void A_deeper_notch_or_a_farther_corner_never_carries_more()
        => Gen.Select(Gen.Double[.3, 1], Gen.Double[.3, 1], Gen.Double[.005, .1], Gen.Double[.0, .1]).Sample((left, part, corner, farther) =>
        {
            var timber = Timbers.Get(Handbook.Default, "C16");
            double At(double l, double x) => new NotchedEnd(.045, .1, .1 * l, x).Capacity(timber, LoadCase.Normal);
            At(left * part, corner).ShouldBeLessThanOrEqualTo(At(left, corner) + 1e-9);
            At(left, corner + farther).ShouldBeLessThanOrEqualTo(At(left, corner) + 1e-9);
        }, iter: 500);

    [Fact]
    public void No_water_is_made_or_lost_between_the_levels_of_a_tall_planter()
        => Gen.Select(Gen.Double[.02, .5], Gen.Double[0.0, .02].Array[1, 30], Gen.Double[0.0, .01]).Sample((volume, rains, use) =>
        {
            var levels = Levels.Full(new SoilWater(volume, .35, .14, .5));
            foreach (var rain in rains)
            {
                var before = levels.Depleted.Sum();
                var (after, drained) = levels.Day(rain, use);
                drained.ShouldBeGreaterThanOrEqualTo(0);
                // What came in either drained, filled or was used; no more is used than the crop asks.
                var used = rain - drained + (after.Depleted.Sum() - before);
                used.ShouldBeGreaterThanOrEqualTo(-1e-12);
                used.ShouldBeLessThanOrEqualTo(use + 1e-12);
                levels = after;
            }
        }, iter: 300);

    [Fact]
    public void A_longer_hose_passes_less_and_a_wider_one_reaches_farther()
        => Gen.Select(Gen.Double[1e-5, 1e-3], Gen.Double[.008, .03], Gen.Double[1.01, 2]).Sample((flow, diameter, more) =>
        {
            Hose.GreatestLength(3e5, flow * more, diameter, 140).ShouldBeLessThan(Hose.GreatestLength(3e5, flow, diameter, 140));
            Hose.GreatestLength(3e5, flow, diameter * more, 140).ShouldBeGreaterThan(Hose.GreatestLength(3e5, flow, diameter, 140));
        }, iter: 200);

    [Fact]
    public void A_pipe_without_a_hole_is_a_rod() => new RoundBar(.02, .01).Modulus.Near(Math.PI * Math.Pow(.02, 3) / 32, 1e-12);
}
