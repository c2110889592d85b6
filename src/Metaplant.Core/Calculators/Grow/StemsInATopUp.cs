using Metaplant.Core.Drawing;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class StemsInATopUp : Calculator
{
    public override string Name => "bury-stem";

    public override string Question => "May the stems be buried when soil is topped up?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "topUp";

    public override IReadOnlyList<Input> Inputs { get; } = [new ChoiceInput("crop", "Crop", Crops.Ids, "tomato"), Ask.Length("topUp", "Soil to add round the stem", .09, 1)];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var crop = Crops.Find(handbook, v.Word("crop"))!;
        Term limit = crop.BuryLimit > 0 ? handbook.Term($"crop.{crop.Id}.bury") : new("b", $"{crop.Name}: its stem may not be buried", 0, Unit.Metre);
        var over = Math.Max(0, v["topUp"] - crop.BuryLimit);
        Sum sum = Sum.Of("To be lifted by", "top-up − what the stem stands", [v.Term("T", "topUp"), limit], over, Unit.Metre, "Kitchen-garden practice", "Stems that root when buried stand more; others rot at the collar");
        return Answer.Of(sum, new Also("buryLimit", crop.BuryLimit)).With(Check.Compare(
            "stem", "Stem in the soil", LoadCase.Normal, v["topUp"], crop.BuryLimit, Unit.Metre, "Lift it with its root ball, fill below, and replant at its old depth.", null, [sum], crop.BuryLimit > 0 ? [new Remedy("Round the stem at most", crop.BuryLimit, Unit.Metre, "topUp")] : []).OrWhenSound("Fill round it; it stands that."));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double t = v["topUp"], h = Math.Max(.25, 2 * t), limit = Math.Min(answer.Get<double>("buryLimit"), h);
        List<Shape> shapes = [View.Box(-h * .7, -h * .5, h * .7, 0, Ink.Soil), View.Box(-h * .7, 0, h * .7, t, Ink.Wood), Sketch.Bar(new(0, -.1 * h), new(0, h), h * .05, Ink.Plant), new Disc(new(0, -.16 * h), h * .14, Ink.WoodEnd), new Disc(new(0, h * 1.1), h * .2, Ink.Plant)];
        if (limit > 0) shapes.Add(View.Segment(-h * .5, limit, h * .5, limit, Ink.Sinking));
        return new("sum", limit > 0 ? "The stem, the soil to add, and the line it may reach" : "The stem, and the soil to add", shapes, [Sketch.Down(h * .7, 0, t, "topUp")]);
    }
}
