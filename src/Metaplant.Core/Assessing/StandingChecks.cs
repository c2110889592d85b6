using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Assessing;

/// <summary>What every blueprint is asked whatever its design: how high it holds soil back, whether it tips, what it presses on.</summary>
internal static class StandingChecks
{
    public static IEnumerable<Check> Of(Blueprint blueprint, Brief brief, Sum? wetMass)
    {
        if (Retained(blueprint, brief) is { } retained) yield return retained.Guarding([Quantity.Soil], Quantity.Ground);
        // Of several it is the one that tips and presses most.
        if (wetMass is not null && blueprint.Stance is OnFeet { Bears: { } of }) wetMass = HoldAssessor.WetMass("Weight of what stands on its feet, wet through", of, brief);
        if (wetMass is not null && blueprint.Stance is OnFeet feet)
        {
            yield return Tipping(feet.Bears ?? new(blueprint.Soil, blueprint.Handling.EmptyMass), feet, brief, wetMass.Value).Guarding([Quantity.Wind], Quantity.Packers);
            yield return Bearing(feet, brief, wetMass).Guarding([Quantity.Soil, Quantity.Wetness], Quantity.Packers, Quantity.Ground);
        }

        if (brief.Here?.Ground?.Rod is { Struck: true } rod && blueprint.LoadPaths.Select(p => p.InGround).DefaultIfEmpty().Max() is > 0 and var deep) yield return AboveTheHard(deep, rod.Depth);
        if (brief.Site is Site.Deck or Site.Balcony or Site.Roof) yield return FloorLoad(blueprint, brief, wetMass?.Value ?? blueprint.Handling.EmptyMass).Guarding([Quantity.Soil, Quantity.Wetness]);
    }

    /// <summary>What goes into the ground, beside where a rod was stopped there.</summary>
    private static Check AboveTheHard(double deep, double rod) => Check.Enough(
        "hard-layer", "Into the ground", deep, rod, Unit.Metre,
        $"It goes {Amount.Length(deep)} in, and a rod stopped at {Amount.Length(rod)}.", $"It goes {Amount.Length(deep)} into the ground, and a rod stopped at {Amount.Length(rod)} here: dig there first. A stone is taken out and the rod tried again; on rock or old concrete take what drives nothing.", null, []);

    private static Check? Retained(Blueprint blueprint, Brief brief)
        => blueprint.Bays.Count == 0 || blueprint.Stance is Hung ? null : RetainedSoil.Judge(blueprint.Depth, groundKnown: brief.GroundKnown);

    /// <summary>Wind on body and plants, and a hand at the rim of what is heavy enough to hurt when it falls, against the dry weight, over the nearer edge of the feet.</summary>
    private static Check Tipping(Burden of, OnFeet feet, Brief brief, double wet)
    {
        var dry = of.Dry(brief.Medium);
        var leans = !feet.AgainstWall && Lifting.People(wet, brief.Handbook) != 1;
        var (length, width, height) = feet.Body;
        var ways = new[] { Over(length, feet.Width), Over(width, feet.Length) };
        var worst = ways.MaxBy(w => w.Tips / w.Holds);
        Term hand = brief.Handbook.Term(People.HandAtRim), counted = brief.Handbook.Term(CodeFactors.WeightCountedOnId);
        Sum tips = Sum.Of(
            "What tips it", leans ? "M = F z + F_c z_c + F_h h" : "M = F z + F_c z_c",
            [
                brief.Gust, new("F", "wind on the vessel", worst.Wind, Unit.Newton), new("z", "half its height", height / 2, Unit.Metre), new("F_c", "wind on the crop", worst.Crop, Unit.Newton), new("z_c", "half the crop's height up", worst.CropHeight, Unit.Metre),
                .. leans ? [hand with { Symbol = "F_h" }, new("h", "height of the rim", height, Unit.Metre)] : (Term[])[],
            ],
            worst.Tips, Unit.NewtonMetre, "EN 1991-1-4 for the wind; drag and solidity assumed", brief.Crop is null ? "No crop chosen: wind on plants is left out" : "The crop in full leaf",
            leans ? "Somebody leans on its rim in the gust" : feet.AgainstWall ? "It stands against a wall" : "One person can lift it: whoever leans on it moves it");
        Sum holds = Sum.Of(
            "What keeps it", "M = γ m g b/2", [counted with { Symbol = "γ" }, new("m", "dry weight", dry, Unit.Kilogram), new("b", "across its feet", worst.Foot, Unit.Metre)], worst.Holds, Unit.NewtonMetre, "The dry weight over the nearer edge of its feet");
        var check = Check.Compare(
            "tipping", "Tipping over", LoadCase.Normal, worst.Tips, worst.Holds, Unit.NewtonMetre, brief.Crop is null ? "Wind on the plants comes to it once a crop is chosen." : "A gust on it and its crop, when it is dry.", feet.FeetPart, [tips, holds],
            new Remedy("Feet at least this far apart, outside to outside", worst.Foot * worst.Tips / worst.Holds, Unit.Metre));
        // A wall stops whoever leans on it, not the wind.
        return check.Verdict == Verdict.Fails ? check with { Words = leans ? "Dry, it tips when somebody leans on it in a gust: stand it against a wall, or wider." : "Dry, it tips in a gust: stand it wider, or fill it lower." } : check;

        (double Tips, double Holds, double Foot, double Wind, double Crop, double CropHeight) Over(double side, double foot)
        {
            double pressure = Wind.Pressure(brief.Gust.Value), drag = brief.Handbook[Gusts.Drag], crop = brief.Crop?.Height ?? 0;
            var wind = Wind.Force(pressure, side * height, drag, 1);
            var leaves = Wind.Force(pressure, side * crop, drag, brief.Handbook[Gusts.Leaves]);
            var moment = LoadsBelow.Tipping(wind, height / 2, leans ? brief.Handbook[People.HandAtRim] : 0, height) + leaves * (height + crop / 2);
            return (moment, LoadsBelow.Righting(dry, foot, brief.Factors), foot, wind, leaves, height + crop / 2);
        }
    }

    private static Check Bearing(OnFeet feet, Brief brief, Sum wet)
    {
        var holds = brief.Handbook.Term(brief.BearingId);
        var pressure = LoadsBelow.FootPressure(wet.Value, 1, feet.FeetArea);
        Sum below = Sum.Of("Pressure under the feet", "p = m g ÷ A", [new("m", "weight, wet through", wet.Value, Unit.Kilogram), new("A", "under all feet", feet.FeetArea, Unit.SquareMetre), holds], pressure, Unit.Pascal, "Weight over area");
        return Check.Compare(
            "bearing", "What the ground carries under its feet", LoadCase.Normal, pressure, holds.Value, Unit.Pascal, (brief.Site, brief.GroundId) switch
            {
                (Site.Soil, null) => "Nobody has looked at the ground: taken as loose.",
                (Site.Soil, _) => "The ground as you told it.",
                _ => "Firm below; paving on loose sand sinks sooner.",
            },
            feet.FeetPart, [wet, below], new Remedy("Feet of together at least", feet.FeetArea * pressure / holds.Value, Unit.SquareMetre));
    }

    private static Check FloorLoad(Blueprint blueprint, Brief brief, double mass)
    {
        var load = LoadsBelow.FloorLoad(mass, blueprint.Stance.FloorArea);
        Term low = brief.Handbook.Term(People.FloorLow), high = brief.Handbook.Term(People.FloorHigh);
        var where = brief.Site switch { Site.Deck => "deck", Site.Balcony => "balcony", _ => "roof" };
        List<Sum> sums = [Sum.Of($"Load on the {where}", "p = m g ÷ A", [new("m", "weight, wet through", mass, Unit.Kilogram), new("A", "floor it covers", blueprint.Stance.FloorArea, Unit.SquareMetre), low with { Symbol = "from" }, high with { Symbol = "to" }], load, Unit.Pascal, "Beside what such floors are often made for; EN 1991-1-1 table 6.2")];
        if (blueprint.Stance is OnFeet feet)
            sums.Add(Sum.Of("Pressure under its feet", "p = m g ÷ A", [new("m", "weight, wet through", mass, Unit.Kilogram), new("A", "under all feet", feet.FeetArea, Unit.SquareMetre)], LoadsBelow.FootPressure(mass, 1, feet.FeetArea), Unit.Pascal, "Weight over area"));
        return Check.AskAProfessional("floor-load", $"What the {where} carries", $"It brings {Amount.Pressure(load)} on the {where}; such floors are often made for {Amount.Pressure(low.Value)} to {Amount.Pressure(high.Value)}, with everything on them. Ask who knows this one.", blueprint.Parts[0].Id) with { Sums = sums };
    }
}
