using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>What a test of the ground comes to.</summary>
/// <param name="Verdict">Sound where nothing follows that somebody should do.</param>
public sealed record GroundFinding(GroundTest Test, Verdict Verdict, Sentence Words);

/// <summary>The ground of a spot as it was tested: of each thing that was found out the latest counts, and the jar before the hand.</summary>
public sealed record TestedGround(IReadOnlyList<GroundTest> Tests, string? Told)
{
    /// <summary>The class of its soil; null where nobody has tried.</summary>
    public TextureClass? Texture => Latest<TextureTest>(t => t.ByJar)?.Texture;

    /// <summary>How fast it takes water, m/s; null where nobody has tried.</summary>
    public double? Soaks => Latest<HoleTest>()?.Soaks;

    public double? Ph => Latest<AcidityTest>()?.Ph;

    /// <summary>What the rod said last; null where nobody has tried.</summary>
    public RodTest? Rod => Latest<RodTest>();

    public WeedKind? Weeds => Latest<WeedTest>()?.Weeds;

    /// <summary>False where it was told to be sand and the test says clay, or the other way about: then posts and pegs are held by nothing that is known.</summary>
    public bool Agrees => (Told, Texture) switch
    {
        ("soft-clay" or "firm-clay", { } t) => !Places.Texture.IsSandy(t),
        ("loose-sand" or "firm-sand", { } t) => !Places.Texture.IsClayey(t),
        _ => true,
    };

    /// <summary>What holds posts and pegs; null where nobody has looked, or where told and tested are at odds.</summary>
    public string? Holds => Agrees ? Told : null;

    /// <summary>True where water stays in it; false also where nobody has tried.</summary>
    public bool StaysWet(Handbook handbook) => Soaks < handbook[GroundLimits.Slow];

    /// <summary>What each latest test comes to.</summary>
    public IReadOnlyList<GroundFinding> Findings(Handbook handbook)
    {
        var found = new List<GroundFinding>();
        if (Latest<TextureTest>(t => t.ByJar) is { } texture) found.Add(OfTexture(texture));
        if (Latest<HoleTest>() is { } hole) found.Add(OfHole(hole, handbook));
        if (Latest<AcidityTest>() is { } acidity) found.Add(OfAcidity(acidity, handbook));
        if (Rod is { } rod) found.Add(rod.Struck ? new(rod, Verdict.Tight, $"A rod stops at {Amount.Length(rod.Depth)}: nothing is driven deeper by hand, and roots turn there.") : new(rod, Verdict.Sound, $"A rod goes in {Amount.Length(rod.Depth)} and strikes nothing."));
        if (Latest<WeedTest>() is { } weeds) found.Add(OfWeeds(weeds));
        return found;
    }

    private GroundFinding OfTexture(TextureTest test)
    {
        var (by, name) = (test.ByJar ? "jar" : "hand", Places.Texture.Name(test.Texture));
        if (!Agrees) return new(test, Verdict.Tight, $"By the {by} it is {name}, and it was told as {Grounds.Names.First(g => g.Id == Told).Name.Split(':')[0].ToLowerInvariant()}. One of the two is wrong: until somebody looks again, posts and pegs are held as in ground that nobody knows.");
        if (Places.Texture.IsSandy(test.Texture)) return new(test, Verdict.Sound, $"By the {by} it is {name}: water and feeds run through, and what rots in it holds both.");
        return Places.Texture.IsClayey(test.Texture)
            ? new(test, Verdict.Sound, $"By the {by} it is {name}: it holds water and packs where it is trodden wet.")
            : new(test, Verdict.Sound, $"By the {by} it is {name}: it holds water and lets go of what is too much.");
    }

    private static GroundFinding OfHole(HoleTest test, Handbook handbook)
    {
        var rate = new Amount(test.Soaks, Unit.MetrePerSecond);
        if (test.Soaks < handbook[GroundLimits.Slow]) return new(test, Verdict.Tight, $"Water in the hole falls {rate}: it stays wet. What stands open on it wants a foot higher than the wet, or a ditch.");
        return test.Soaks > handbook[GroundLimits.Fast] ? new(test, Verdict.Sound, $"Water in the hole falls {rate}: it runs through, and what is open below is watered more often.") : new(test, Verdict.Sound, $"Water in the hole falls {rate}: it drains.");
    }

    private static GroundFinding OfAcidity(AcidityTest test, Handbook handbook)
    {
        var ph = new Amount(test.Ph, Unit.One);
        if (test.Ph < handbook[GroundLimits.Sour]) return new(test, Verdict.Tight, $"pH {ph}: too sour for most vegetables that root into it. Lime it, or fill deeper than they root.");
        if (test.Ph > handbook[GroundLimits.Chalky]) return new(test, Verdict.Tight, $"pH {ph}: too chalky for most vegetables that root into it. Fill deeper than they root.");
        List<string> sourer = [.. Crops.In(handbook).Where(c => c.GreatestPh < test.Ph).Select(c => c.Name.ToLowerInvariant())];
        return sourer.Count == 0
            ? new(test, Verdict.Sound, $"pH {ph}: most things grow in it.")
            : new(test, Verdict.Sound, $"pH {ph}: most things grow in it, and {string.Join(", ", sourer)} only in sourer soil that has no way down into it.");
    }

    private static GroundFinding OfWeeds(WeedTest test) => test.Weeds switch
    {
        WeedKind.Perennial => new(test, Verdict.Tight, "Weeds that live on in their roots grow here and come up through card: fork every root out first, or leave it dark for a whole year."),
        WeedKind.Annual => new(test, Verdict.Sound, "Weeds from seed grow here: mow them, and card under the fill ends them."),
        _ => new(test, Verdict.Sound, "No weeds worth a word."),
    };

    /// <summary>The latest of its sort, those that are better first; of one day the one that was written down last.</summary>
    private T? Latest<T>(Func<T, bool>? better = null)
        where T : GroundTest
        => Tests.OfType<T>().Index().OrderByDescending(t => better?.Invoke(t.Item) == true).ThenByDescending(t => t.Item.Day).ThenByDescending(t => t.Index).Select(t => t.Item).FirstOrDefault();
}
