using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Assessing;

internal static class GrowAssessor
{
    /// <summary>What nobody has told yet of a place, so that no count is taken for a promise.</summary>
    private static string NotAsked(Brief brief) => brief.Here is null ? "Sun, heat and acidity are not asked yet." : "Acidity is not asked yet.";

    public static GrowAssessment Assess(Blueprint blueprint, Brief brief, Fitness fitness, DrainAssessment drain, IReadOnlyList<string> notLookedAt)
    {
        var grow = blueprint.Bays.Count > 0 ? Bed(blueprint, brief, fitness, drain) : Support(blueprint, brief, fitness);
        if (notLookedAt.Count == 0 || fitness != Fitness.Food || brief.Crop is { Edible: false }) return grow;
        // Planned as food, and not called food.
        var names = string.Join(", ", notLookedAt.Take(3)) + (notLookedAt.Count > 3 ? $" and {notLookedAt.Count - 3} more" : "");
        Sentence notYet = $"Nothing to eat from it until {(notLookedAt.Count == 1 ? "this has" : "these have")} been looked at: {names}.";
        return grow with { Verdict = Verdicts.Worst(grow.Verdict, Verdict.Tight), Words = $"{grow.Words} {notYet}", NotYetFood = notYet };
    }

    private static GrowAssessment Bed(Blueprint blueprint, Brief brief, Fitness fitness, DrainAssessment drain)
    {
        double wetLayer = drain.WetLayer, lost = drain.NotRooted;
        var places = PlantingPlaces.Of(blueprint, lost);
        var soil = blueprint.Bays[^1];
        Sum litres = Sum.Of(
            "Soil it holds", blueprint.Bays.Count == 1 ? "V, foot to soil level" : "V, foot to soil level, all bays", [new("z", "depth of soil", soil.Depth, Unit.Metre), new("A₀", "area of the foot", soil.Space.BaseArea, Unit.SquareMetre), new("A₁", "area at the soil level", soil.Space.AreaAt(soil.Depth), Unit.SquareMetre)],
            blueprint.Soil, Unit.CubicMetre, "Volume of the inside shape, measured inside");
        var area = blueprint.Bays.Sum(b => b.Planting.Area);
        Sum plan = Sum.Of("Area to plant", blueprint.Bays.Count == 1 ? "A" : "ΣA", [.. blueprint.Bays.SelectMany(b => (Term[])[new("l", "length", b.Planting.Length, Unit.Metre), new("b", "width", b.Planting.Width, Unit.Metre)])], area, Unit.SquareMetre, "Level area at the soil");
        var usable = Math.Max(0, blueprint.Depth - lost);
        Sum depth = Sum.Of(
            "Depth to root in", drain.Stones > 0 ? "z − s − h_w" : "z − h_w", [new("z", drain.Stones > 0 ? "depth of stones and soil" : "depth of soil", blueprint.Depth, Unit.Metre), .. drain.Stones > 0 ? [new("s", "stones at the foot", drain.Stones, Unit.Metre)] : (Term[])[], new("h_w", "wet layer at the foot", wetLayer, Unit.Metre, wetLayer > 0 ? $"medium.{brief.Medium.Id}.wet-layer" : null)],
            usable, Unit.Metre, wetLayer > 0 ? "A drained container keeps a wet layer at its foot" : "Open to the ground: no wet layer forms");
        var allowed = fitness == Fitness.Food;
        var crops = Crops.In(brief.Handbook);
        var chosen = brief.Crop is null ? null : Fit(brief.Crop);
        List<Check> checks = chosen is null || (blueprint.Pockets.Count > 0 && chosen.Count > 0) ? [] :
        [
            Check.Compare(
                "root-depth", $"Depth for {chosen.Crop.Plural}", LoadCase.Normal, chosen.Crop.LeastDepth, usable, Unit.Metre, "What it roots in beside what there is.", null, [depth],
                new Remedy("Soil at least this deep", chosen.Crop.LeastDepth + lost, Unit.Metre)),
        ];
        var (verdict, words) = chosen is null ? Say([.. crops.Select(c => brief.Here?.WhyNot(c, InGround(blueprint)) ?? places.WhyNot(c, allowed))], brief) : Say(chosen, checks);
        return new(verdict, words, litres, plan, depth, Ordered(crops, Fit), chosen, checks);

        CropFit Fit(Crop crop) => Here(blueprint, brief, crop, c => places.Work(c, allowed));
    }

    /// <summary>A crop at the spot, where there is one: none without the sun and ground it wants, and doubtful where it would rather be elsewhere.</summary>
    private static CropFit Here(Blueprint blueprint, Brief brief, Crop crop, Func<Crop, CropFit> work)
    {
        if (brief.Here is not { } here) return work(crop);
        if (here.WhyNot(crop, InGround(blueprint)) is { } unfit) return new(crop, 0, new(Geometry.LatticePattern.Square, []), "", unfit);
        var fit = work(crop);
        return fit.Count > 0 ? fit with { Here = here.Doubt(crop) } : fit;
    }

    /// <summary>A crop in places other than those of the blueprint as it was drawn, say filled otherwise; at the spot it is for.</summary>
    public static CropFit At(Blueprint blueprint, Brief brief, Crop crop, PlantingPlaces places, bool foodAllowed) => Here(blueprint, brief, crop, c => places.Work(c, foodAllowed));

    /// <summary>True where roots find the ground it stands on, or there is nothing else.</summary>
    private static bool InGround(Blueprint blueprint) => blueprint.Foot is OpenGround or NoSoil;

    private static Lazy<IReadOnlyList<CropFit>> Ordered(IReadOnlyList<Crop> crops, Func<Crop, CropFit> fit) => new(() => [.. crops.Select(fit).OrderBy(f => f.Count == 0)]);

    private static (Verdict Verdict, Sentence Words) Say(CropFit chosen, List<Check> checks)
    {
        if (chosen.Count == 0) return (Verdict.Fails, $"No {chosen.Crop.Plural}: {chosen.WhyNot}");
        Sentence words = $"{Of(chosen)}, set by {(chosen.Limit == "soil" ? "the soil there is" : "the room")}.";
        if (chosen.NotKnown is not { } unknown) return (Verdicts.Worst(checks), words);
        return (Verdicts.Worst(Verdicts.Worst(checks), Verdict.Tight), $"{words} {unknown}");
    }

    private static (Verdict Verdict, Sentence Words) Say(IReadOnlyList<Sentence?> whyNots, Brief brief)
    {
        var fitting = whyNots.Count(w => w is null);
        if (fitting > 0) return (Verdict.Sound, $"{fitting} of {new Count(whyNots.Count, "crop", "crops")} {(fitting == 1 ? "has" : "have")} {(brief.Here is null ? "the room and depth" : "the room, depth and sun")}. {NotAsked(brief)}");
        // The reason that most of them give, the first among equals.
        var commonest = whyNots.OfType<Sentence>().GroupBy(w => w).OrderByDescending(g => g.Count()).First().Key;
        return (Verdict.Fails, $"Nothing on the list grows in it: {commonest.GoingOn()}");
    }

    private static GrowAssessment Support(Blueprint blueprint, Brief brief, Fitness fitness)
    {
        if (blueprint.Climbing is not { } frame)
        {
            // An edge or a net is no answer to somebody who asked for tomatoes.
            Sentence keeps = blueprint.Covered is { } cover
                ? $"Nothing grows on it: it keeps {cover.Against} off {new Amount(cover.Area, Unit.SquareMetre)}."
                : (Sentence)$"Nothing grows on it: it keeps soil and mulch in along {Amount.Length(blueprint.Edging)}.";
            return new(brief.Crop is null ? Verdict.Sound : Verdict.Fails, brief.Crop is { } wanted ? $"No {wanted.Plural}. {keeps}" : keeps, null, null, null, new([]), null, []);
        }

        var allowed = fitness == Fitness.Food;
        var fits = Ordered(Crops.In(brief.Handbook), Fit);
        var chosen = brief.Crop is null ? null : Fit(brief.Crop);
        Sentence words = chosen switch
        {
            { Count: 0 } => (Sentence)$"No {chosen.Crop.Plural}: {chosen.WhyNot}",
            { NotKnown: { } doubt } c => (Sentence)$"{Of(c)} to climb it. {doubt}",
            { } c => (Sentence)$"{Of(c)} to climb it.",
            _ => (Sentence)$"{new Count(fits.Value.Count(f => f.Count > 0), "climber", "climbers")} can use it. {NotAsked(brief)}",
        };
        return new(chosen switch { { Count: 0 } => Verdict.Fails, { NotKnown: not null } => Verdict.Tight, _ => Verdict.Sound }, words, null, null, null, fits, chosen, []) { Along = frame.Along };

        CropFit Fit(Crop crop) => Here(blueprint, brief, crop, c => Climb(c, frame, allowed));
    }

    private static Count Of(CropFit fit) => new(fit.Count, fit.Crop.One, fit.Crop.Plural);

    /// <summary>As many as their spacing along it allows, and no more than it takes at each place.</summary>
    private static CropFit Climb(Crop crop, ClimbingFrame frame, bool foodAllowed)
    {
        Geometry.Layout none = new(Geometry.LatticePattern.Square, []);
        if (crop.Edible && !foodAllowed) return new(crop, 0, none, "", "What it is made of is for ornamentals only.");
        if (crop.Climbing == Climbing.None) return new(crop, 0, none, "", "It does not climb.");
        if (crop.Climbing is Climbing.Tied && !frame.Bears) return new(crop, 0, none, "", "It has to be tied up, and twigs do not bear it.");
        if (crop.Climbing is not Climbing.Tied && crop.ThickestGrip < frame.Grip) return new(crop, 0, none, "", $"It grips up to {Amount.Length(crop.ThickestGrip)} and the thinnest here is {Amount.Length(frame.Grip)}.");
        if (crop.Height > frame.Height * 1.5) return new(crop, 0, none, "", $"It grows to {Amount.Length(crop.Height)}; the support is {Amount.Length(frame.Height)} high.");
        var count = Math.Min(frame.Each * frame.Places, (int)Math.Floor(frame.Along.Value / crop.Spacing + 1e-9));
        return count == 0 ? new(crop, 0, none, "", $"One wants {Amount.Length(crop.Spacing)} to itself; there is less.") : new(crop, count, none, "room", null);
    }
}
