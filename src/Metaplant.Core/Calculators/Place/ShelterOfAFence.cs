using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class ShelterOfAFence : Calculator
{
    public override string Name => "fence-shelter";

    public override string Question => "How much of the wind is left behind a fence?";

    public override Subject Subject => Subject.Place;

    public override string Slide => "distance";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("height", "Height of the fence", 1.5, 30), Ask.Depth("distance", "How far behind it", 4, 500), Ask.Number("porosity", "Part of it that lets wind through", Unit.One, 0, 1, .5) with { ZeroAllowed = true },
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var share = Shelter.Share(v["height"], v["distance"], v["porosity"], handbook);
        return Answer.Of(Sum.Of(
            "Part of the open wind", "s = 1 − A (1 − φ²) e^(−x ÷ (L₀ + L₁ φ)), x = d ÷ h",
            [v.Term("h", "height"), v.Term("d", "distance"), v.Term("φ", "porosity"), handbook.Term(Shelter.Lee), handbook.Term(Shelter.SolidReach), handbook.Term(Shelter.PorousReach)], share, Unit.One,
            "Estimate, after the usual shape of windbreak measurements", "Wind square to a long fence; round its ends it comes in", "Close behind a solid fence gusts tumble over: less wind on the whole, and rougher"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double h = v["height"], far = Math.Max(v["distance"] * 1.2, 12 * h), tall = far / 5;
        var curve = Enumerable.Range(0, 61).Select(i => i * far / 60).Select(d => new Point(d, tall * Shelter.Share(h, d, v["porosity"], v.Handbook))).ToList();
        return new(
            "sum", "The fence, and the wind left behind it", [View.Box(-.1, 0, 0, h, Ink.Wood), new Polyline(curve, Ink.Pressure), new Disc(new(v["distance"], tall * answer.Sum.Value), far / 120, Ink.Pressure), View.GroundLine(-far / 10, far)],
            [Sketch.Under(0, Math.Max(v["distance"], 1e-3), 0, "distance", far / 40), Sketch.Down(-.1, 0, h, "height", far / 40)]);
    }
}
