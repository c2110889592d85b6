using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class SheetWall : Calculator
{
    public override string Name => "corrugated-sheet";

    public override string Question => "How far apart may posts be behind a roofing sheet?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "pressure";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("profileDepth", "Depth of the profile", .018, .2), Ask.Length("pitch", "Crest to crest", .076, .5), Ask.Length("thickness", "Thickness of the metal", .0006, .01), Ask.Number("pressure", "Pressure at its foot", Unit.Pascal, 0, 100e3, 3000),
        new NumberInput("years", "Years against soil", Unit.Year, 0, 50, 5, Optional: true, ZeroAllowed: true),
    ];

    protected override void Cross(Values v, Handbook handbook)
    {
        v.Refuse(v["thickness"] >= v["profileDepth"], "thickness", "The metal is thicker than its profile is deep.");
        if (v.Problems.Count == 0) v.Refuse(Sheet(v, handbook).After(v.Or("years", 0)) is null, "years", "By then rust has left nothing of it.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var sheet = Sheet(v, handbook).After(v.Or("years", 0))!;
        return Answer.Of(
            Sum.Of(
                "Posts no farther apart than", "L = √(8 f_y W ÷ γ_G p), and u within the bend allowed",
                [new("W", "section modulus, each metre", sheet.SectionModulus, Unit.SquareMetre), new("p", "pressure", v["pressure"], Unit.Pascal), new("t", "metal that rust has left", sheet.Thickness, Unit.Metre), handbook.Term(Metals.SheetYield), handbook.Term(Metals.SheetRust), handbook.Term(CodeFactors.SoilId)],
                sheet.GreatestSpan(v["pressure"], CodeFactors.Of(handbook)), Unit.Metre, "Elastic section of a sine profile", "Corrugations run across the posts", "Rust on the side of the soil"),
            new("sectionModulus", sheet.SectionModulus), new("thicknessLeft", sheet.Thickness));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double d = v["profileDepth"], p = v["pitch"], t = v["thickness"];
        List<Point> wave = [.. Enumerable.Range(0, 61).Select(i => new Point(3 * p * i / 60, d / 2 * (1 + Math.Sin(2 * Math.PI * 3 * i / 60))))];
        return new("sum", "The profile from its end", [new Polygon([.. wave, .. wave.AsEnumerable().Reverse().Select(q => new Point(q.X, q.Y + Math.Max(t, d / 40)))], Ink.Metal)], [Sketch.Along(.25 * p, 1.25 * p, d, "pitch", .01), Sketch.Down(3 * p, 0, d, "profileDepth", .01)]);
    }

    private static CorrugatedSheet Sheet(Values v, Handbook handbook) => new(v["profileDepth"], v["pitch"], v["thickness"], SheetSteel.Of(handbook));
}
