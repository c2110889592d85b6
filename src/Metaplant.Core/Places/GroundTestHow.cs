using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>A number that a test of the ground is asked for, by its field of <see cref="GroundTestDraft"/>.</summary>
public sealed record GroundTestAsk(string Field, string Name, Unit Unit);

/// <summary>How a simple test of the ground is done, and what is written down of it.</summary>
public sealed record GroundTestHow(GroundTestKind Kind, string Name, string How, IReadOnlyList<GroundTestAsk> Asks)
{
    /// <summary>All of them, in the order in which most people do them.</summary>
    public static IReadOnlyList<GroundTestHow> All { get; } =
    [
        new(
            GroundTestKind.Jar, "Soil in a jar", "A third of a jar of soil without stones, water up to the neck, a drop of soap. Shake for three minutes and let it stand for two days: sand lies at the bottom, clay on top. What floats is not measured.",
            [new("sand", "Sand, at the bottom", Unit.Metre), new("silt", "Silt, above it", Unit.Metre), new("clay", "Clay, on top", Unit.Metre)]),
        new(GroundTestKind.Hand, "Soil in the hand", "Knead a ball with water until it is like putty. Press it out between thumb and finger into a ribbon and measure the longest one before it breaks. No ribbon at all is 0.", [new("ribbon", "Longest ribbon", Unit.Metre)]),
        new(GroundTestKind.Hole, "Water in a hole", "A hole as deep as your forearm. Look up pipes and cables before you dig. Fill it with water and let that go; fill it again and time how far it falls.", [new("fall", "It fell", Unit.Metre), new("seconds", "In", Unit.Second)]),
        new(GroundTestKind.Acidity, "Sour or chalky", "Paper strips or a kit, in rain water, from a hand’s breadth down.", [new("ph", "pH", Unit.One)]),
        new(GroundTestKind.Rod, "A rod pushed in", "A thin steel rod, pushed in by hand in five places. Look up pipes and cables before you push one in. Measure the least depth at which it stopped.", [new("depth", "It went in", Unit.Metre)]),
        new(GroundTestKind.Weeds, "What grows there", "Pull three of each up and look at the root.", []),
    ];
}
