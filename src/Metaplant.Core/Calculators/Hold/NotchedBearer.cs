using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class NotchedBearer : Calculator
{
    public override string Name => "notched-end";

    public override string Question => "How much may a notched bearer carry at its end?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "left";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("width", "Width", .045, .5), Ask.Length("height", "Height", .095, .5), Ask.Length("left", "Height left above the notch", .070, .5), Ask.Length("toCorner", "From the middle of the support to the notch’s corner", .030, .5),
        Ask.Number("slope", "Taper, run over rise", Unit.One, 0, 20, 3).OrNone(), Ask.Number("force", "Load on this end", Unit.Newton, 0, 100e3, 600), new ChoiceInput("timber", "Timber", Timbers.Sawn),
    ];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["left"] > v["height"] * (1 + 1e-12), "left", "More cannot be left than there was.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var timber = Timbers.Get(handbook, v.Word("timber"));
        NotchedEnd At(double left) => new(v["width"], v["height"], left, v["toCorner"], v.Or("slope", 0));
        var end = At(v["left"]);
        var holds = end.Capacity(timber, LoadCase.Normal);
        Sum wanted = Factored.Soil(handbook, Sum.Of("Load on this end", "V", [v.Term("V", "force")], v["force"], Unit.Newton, "As given"));
        Sum part = Sum.Of("What the notch leaves of the strength", "k_v, EN 1995-1-1 (6.62)", [new("α", "height left over height", end.Alpha, Unit.One), v.Term("x", "toCorner"), v.Term("h", "height"), new("i", "taper", v.Or("slope", 0), Unit.One)], end.Reduction, Unit.One, "EN 1995-1-1 6.5.2, solid timber k_n = 5");
        Sum sum = Sum.Of("What this end carries", "k_v f_v k_cr b h_ef ÷ 1.5", [new("k_v", "left of the strength", end.Reduction, Unit.One), handbook.Term($"timber.{timber.Id}.shear"), handbook.Term($"timber.{timber.Id}.kmod"), handbook.Term($"timber.{timber.Id}.partial"), v.Term("b", "width"), v.Term("h_ef", "left")], holds, Unit.Newton, "EN 1995-1-1 6.1.7 with k_cr = .67", "The notch is on the side that bears");
        return Answer.Of(sum, new Also("reduction", end.Reduction)).After(part, wanted).With(Check.Compare(
            "notch", "The notched end", LoadCase.Normal, wanted.Value, holds, Unit.Newton, "It splits along the grain from the corner, without warning.", null, [part, wanted, sum],
            At(v["height"]).Capacity(timber, LoadCase.Normal) < wanted.Value ? [] : [new Remedy("Leave at least", Solve.Rising(l => At(l).Capacity(timber, LoadCase.Normal), wanted.Value, 1e-6, v["height"]), Unit.Metre, "left")]).OrWhenSound("It does not split from the corner of the notch."));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double h = v["height"], left = v["left"], x = v["toCorner"], s = Math.Max(.4 * h, x), run = Math.Min((h - left) * v.Or("slope", 0), 2 * h), l = s + x + run + 3 * h;
        return new(
            "sum", "The end from the side",
            [new Polygon([new(0, h), new(l, h), new(l, 0), new(s + x + run, 0), new(s + x, h - left), new(0, h - left)], Ink.Wood), View.Box(s * .5, h - left - .8 * h, s * 1.5, h - left, Ink.WoodEnd), new Polyline([new(s + x, h - left), new(s + x + h, h - left + .02 * h)], Ink.Cut)],
            [Sketch.Up(0, h - left, h, "left", .03), Sketch.Down(l, 0, h, "height", .03), Sketch.Along(s, s + x, h, "toCorner", .03)]);
    }
}
