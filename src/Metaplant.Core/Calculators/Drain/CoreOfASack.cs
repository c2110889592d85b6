using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class CoreOfASack : Calculator
{
    public override string Name => "watering-core";

    public override string Question => "Does a stone core water the whole sack or tower?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "diameter";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("diameter", "Across the soil", .35, 3), Ask.Length("coreDiameter", "Across the core", .10, 1), Ask.Length("height", "Height", .80, 4), Ask.Medium()];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["coreDiameter"] >= v["diameter"], "coreDiameter", "The core leaves no room for soil.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var m = Media.Find(handbook, v.Word("medium"))!;
        double soil = new CoredCylinder(v["diameter"], v["height"], v["coreDiameter"]).Volume, water = WateringCore.ToFieldCapacity(soil, m), reach = WateringCore.Reach(m, handbook[Practice.CoreReach]), farthest = (v["diameter"] - v["coreDiameter"]) / 2;
        Sum far = Sum.Of("Soil farthest from the core", "(D − d) ÷ 2", [v.Term("D", "diameter"), v.Term("d", "coreDiameter")], farthest, Unit.Metre, "Geometry");
        Check check = Check.Compare(
            "reach", "Reach of the core", LoadCase.Normal, farthest, reach, Unit.Metre, "Soil farther out stays dry, however long it is watered.", null,
            [far, Sum.Of("How far water goes sideways", "k h_w", [handbook.Term(Practice.CoreReach), handbook.Term($"medium.{m.Id}.wet-layer")], reach, Unit.Metre, "Suction of the soil; experience")],
            new Remedy("A core at least this wide", Math.Max(1e-6, v["diameter"] - 2 * reach), Unit.Metre, "coreDiameter"), new Remedy("A sack no wider than", v["coreDiameter"] + 2 * reach, Unit.Metre, "diameter")).OrWhenSound("Water from the core reaches all of the soil.");
        return Answer.Of(
            Sum.Of("Water that wets it through", "V (FC − WP)", [new("V", "soil", soil, Unit.CubicMetre), handbook.Term($"medium.{m.Id}.field-capacity"), handbook.Term($"medium.{m.Id}.wilting-point")], water, Unit.CubicMetre, "Water between wilting and field capacity", "From dry; pour slowly, in thirds"),
            new Also("reach", reach)).After(far).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double d = v["diameter"], core = v["coreDiameter"], h = v["height"], wet = Math.Min(answer.Get<double>("reach"), (d - core) / 2);
        return new(
            "sum", "In section: the core, and how far its water goes",
            [View.Box(-.01, 0, d + .01, h, Ink.Fabric), View.Box(0, 0, d, h * .97, Ink.Soil), View.Box((d - core) / 2 - wet, 0, (d + core) / 2 + wet, h * .97, Ink.Water), View.Box((d - core) / 2, 0, (d + core) / 2, h, Ink.Metal), View.GroundLine(0, d)],
            [Sketch.Along(0, d, h, "diameter"), Sketch.Under((d - core) / 2, (d + core) / 2, 0, "coreDiameter"), Sketch.Down(d, 0, h, "height")]);
    }
}
