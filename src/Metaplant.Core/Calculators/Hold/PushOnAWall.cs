using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class PushOnAWall : Calculator
{
    public override string Name => "wall-pressure";

    public override string Question => "How hard does soil push on a wall?";

    public override Subject Subject => Subject.Hold;

    public override IReadOnlyList<Onward> Onwards { get; } = [new("board-span", "pressure"), new("corrugated-sheet", "pressure"), new("head-pull-through", "pressure")];

    public override string Slide => "depth";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Depth("depth", "Depth below the top of the soil", .4), Ask.UnitWeight(), Ask.Friction(), new ChoiceInput("wall", "The wall is", [nameof(WallKind.Braced), nameof(WallKind.Free)]), Ask.Surcharge(),
        Ask.Number("saturatedUnitWeight", "Weight of the soil full of water", Unit.NewtonPerCubicMetre, EarthPressure.WaterUnitWeight, 40e3, 17e3).OrNone(),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var wall = Enum.Parse<WallKind>(v.Word("wall"));
        var soil = new SoilLoad(v["unitWeight"], v.Or("saturatedUnitWeight", 0), v["frictionAngleDegrees"], v.Or("surcharge", 0));
        var blocked = v.Has("saturatedUnitWeight");
        var answer = Answer.Of(
            EarthPressure.Worked(v["depth"], wall, soil),
            new("coefficient", EarthPressure.Coefficient(wall, soil.FrictionAngleDegrees)), new("blockedDrain", blocked ? EarthPressure.BlockedAt(v["depth"], wall, soil) : null));
        return (blocked ? answer.After(EarthPressure.Worked(v["depth"], wall, soil, LoadCase.BlockedDrain)) : answer).With(RetainedSoil.Judge(v["depth"], "depth"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double z = Math.Max(v["depth"], .02), reach = z * .45, top = v.Or("surcharge", 0) * answer.Get<double>("coefficient") / Math.Max(answer.Sum.Value, 1) * reach;
        return new(
            "sum", v.Word("wall") == nameof(WallKind.Free) ? "A wall that may lean, in section" : "A braced wall, in section",
            [View.Box(0, 0, z * 1.3, z, Ink.Soil), View.Box(-.06 * z, -.12 * z, 0, z * 1.08, Ink.Wood), Sketch.Push(-.06 * z, z, 0, reach, top), View.GroundLine(-z * .7, z * 1.3)], [Sketch.Down(z * 1.3, 0, z, "depth")]);
    }
}
