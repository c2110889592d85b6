using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Settling;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class NitrogenHeld : Calculator
{
    public override string Name => "nitrogen-hold";

    public override string Question => "How much nitrogen will wood in the fill take?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "dryMass";

    public override IReadOnlyList<Input> Inputs { get; } =
        [Ask.Number("dryMass", "Dry mass of the wood", Unit.Kilogram, 0, 10_000, 20), new ChoiceInput("fill", "Wood", [.. Enum.GetValues<Fill>().Where(f => Fills.Rots(f) is not null).Select(f => f.ToString())])];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var rots = handbook.Term(Fills.Rots(Enum.Parse<Fill>(v.Word("fill")))!);
        Term carbon = handbook.Term(Fills.Carbon), use = handbook.Term(Fills.CarbonUse), ratio = handbook.Term(Fills.MicrobeRatio), own = handbook.Term(Fills.Nitrogen);
        return Answer.Of(Sum.Of(
            "Nitrogen held in the first year", "N = m r (C e/CN − N_wood)", [new("m", "dry mass", v["dryMass"], Unit.Kilogram), rots, carbon, use, ratio, own],
            NitrogenHold.InFirstYear(v["dryMass"], rots.Value, carbon.Value, use.Value, ratio.Value, own.Value), Unit.Kilogram,
            "Nitrogen balance of decomposers, Parton et al. 2007", "It comes back when the wood has rotted", "Feed that much more, or keep wood deep below the roots"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        // As a stack of logs 0.2 m thick and 0.5 m long, of 450 kg/m³.
        var side = Math.Sqrt(v["dryMass"] / 450 / .6 / .5);
        const double D = .2;
        var n = Math.Max(1, (int)Math.Round(side / D));
        return new("sum", "As a stack of logs half a metre long", [.. from row in Enumerable.Range(0, n) from i in Enumerable.Range(0, n) select new Disc(new((i + .5) * D, (row + .5) * D), D / 2, Ink.WoodEnd), View.GroundLine(0, n * D)], []);
    }
}
