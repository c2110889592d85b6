using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>Which simple test of the ground.</summary>
public enum GroundTestKind
{
    Jar,
    Hand,
    Hole,
    Acidity,
    Rod,
    Weeds,
}

/// <summary>A test of the ground as it was typed; what its kind has not is left out. Lengths in m.</summary>
public sealed record GroundTestDraft(GroundTestKind Kind, DateOnly Day)
{
    /// <summary>Depth of sand in the jar, at the bottom.</summary>
    public double? Sand { get; init; }

    public double? Silt { get; init; }

    /// <summary>Depth of clay, on top.</summary>
    public double? Clay { get; init; }

    /// <summary>The longest ribbon before it breaks.</summary>
    public double? Ribbon { get; init; }

    public HandFeel? Feel { get; init; }

    /// <summary>How far the water fell in the hole.</summary>
    public double? Fall { get; init; }

    /// <summary>In so many seconds.</summary>
    public double? Seconds { get; init; }

    public double? Ph { get; init; }

    /// <summary>How far the rod went in.</summary>
    public double? Depth { get; init; }

    /// <summary>The rod stopped at something hard.</summary>
    public bool? Struck { get; init; }

    public WeedKind? Weeds { get; init; }

    /// <summary>What was found out, or at which field it cannot be: "fall", "sand".</summary>
    public Outcome<GroundTest> Read()
    {
        var problems = new List<Problem>();
        var found = Of(problems);
        return problems.Count > 0 || found is null ? Outcome<GroundTest>.Refuse(problems) : found;
    }

    private GroundTest? Of(List<Problem> problems)
    {
        switch (Kind)
        {
            case GroundTestKind.Jar:
                double sand = Measured(Sand, "sand", 0, .5, problems), silt = Measured(Silt, "silt", 0, .5, problems), clay = Measured(Clay, "clay", 0, .5, problems), all = sand + silt + clay;
                if (problems.Count == 0 && all < .01) problems.Add(new("clay", $"There is less than {Amount.Length(.01)} in the jar: take more soil, so that its layers can be measured."));
                return problems.Count > 0 ? null : new TextureTest(Day, Texture.Of(sand / all, clay / all), true);
            case GroundTestKind.Hand:
                if (Feel is null || !Enum.IsDefined(Feel.Value)) problems.Add(new("feel", "Say how it feels."));
                return new TextureTest(Day, Texture.ByHand(Measured(Ribbon, "ribbon", 0, .3, problems), Feel ?? HandFeel.Neither), false);
            case GroundTestKind.Hole:
                var fall = Measured(Fall, "fall", 0, 2, problems);
                if (Seconds is null) problems.Add(new("seconds", "It takes a watch."));
                else if (Seconds is not (>= 60 and <= 172800)) problems.Add(new("seconds", $"From {new Amount(60, Unit.Second)} to {new Amount(172800, Unit.Second)}."));
                return problems.Count > 0 ? null : new HoleTest(Day, fall / Seconds!.Value);
            case GroundTestKind.Acidity:
                if (Ph is not (>= 3 and <= 10)) problems.Add(new("ph", "Ground has a pH from 3 to 10."));
                return new AcidityTest(Day, Ph ?? 7);
            case GroundTestKind.Rod:
                return new RodTest(Day, Measured(Depth, "depth", 0, 2, problems), Struck ?? false);
            case GroundTestKind.Weeds:
                if (Weeds is null || !Enum.IsDefined(Weeds.Value)) problems.Add(new("weeds", "Say what grows there."));
                return new WeedTest(Day, Weeds ?? WeedKind.Perennial);
            default:
                problems.Add(new("kind", "There is no such test."));
                return null;
        }
    }

    private static double Measured(double? value, string field, double least, double most, List<Problem> problems)
    {
        if (value is null) problems.Add(new(field, "This has to be measured."));
        else if (!(value >= least && value <= most)) problems.Add(new(field, $"From {Amount.Length(least)} to {Amount.Length(most)}."));
        return value ?? least;
    }
}
