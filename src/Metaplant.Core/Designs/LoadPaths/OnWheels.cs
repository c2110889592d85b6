using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// A planter left on its wheels: where the ground is uneven one of them carries nothing, so that each of the others carries m ÷ (n − 1); on a slope it wants to roll. What an old axle and tyre bear nobody has marked. Lengths in m.
/// </summary>
/// <param name="Held">Soil, m³, and kg without.</param>
/// <param name="Supports">Wheels and legs together. Range: 3 or more.</param>
/// <param name="Slope">Of the ground, part of the way.</param>
/// <param name="OnBlocks">True where its axle stands on blocks and the wheels are for show.</param>
public sealed record OnWheels(string Part, Burden Held, int Supports, double Slope, bool OnBlocks) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        if (OnBlocks) yield break;
        yield return Check.ProveFirst(
            "wheels", "Axle, wheels and legs", LoadCase.Normal, "Nobody knows what an old axle and its tyres bear for years: load them before it is planted, or set the axle on blocks.", Part, [OnOne(brief)],
            ["Where it is to stand: as many full sacks or people in it as its wet weight, for an hour. Stand clear of the wheels.", "No tyre flat on its rim, no axle bent, no leg sunk or splayed: it will do. Else set the axle on blocks."]);
    }

    /// <summary>On one wheel or leg, full of water, kg.</summary>
    public Sum OnOne(Brief brief)
    {
        var wet = Held.Wet(brief.Medium);
        return Sum.Of("On one wheel or leg", "m ÷ (n − 1)", [new("m", "weight, full of water", wet, Unit.Kilogram), new("n", "wheels and legs", Supports, Unit.Count)], wet / (Supports - 1), Unit.Kilogram, "One of them hangs in the air on uneven ground");
    }

    /// <summary>What would push it down the slope, N.</summary>
    public Sum Rolls(Brief brief)
    {
        var wet = Held.Wet(brief.Medium);
        return Sum.Of("Push down the slope", "m g sin α", [new("m", "weight, full of water", wet, Unit.Kilogram), new("tan α", "slope", Slope, Unit.One)], wet * Medium.Gravity * Math.Sin(Math.Atan(Slope)), Unit.Newton, "Weight along the slope");
    }
}

/// <summary>Somebody sits down on the edge of a tray that stands out beyond its feet. Lengths in m.</summary>
/// <param name="Edges">How far each edge stands out beyond the feet, which the tray tips about, and from these to its middle; the worst counts.</param>
public sealed record SatOnEdge(string Part, Burden Held, params IReadOnlyList<(double Beyond, double Within)> Edges) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        if (Edges.All(e => e.Beyond <= 0)) yield break;
        var (beyond, within) = Edges.MaxBy(e => e.Beyond / e.Within);
        Term person = brief.Handbook.Term(People.Seated), counted = brief.Handbook.Term(CodeFactors.WeightCountedOnId);
        double tips = person.Value * beyond, dry = Held.Dry(brief.Medium), holds = counted.Value * dry * Medium.Gravity * within;
        yield return Check.Compare(
            "sat-on", "Somebody sits on its edge", LoadCase.Normal, tips, holds, Unit.NewtonMetre, "Where an edge stands out over the wheels, whoever sits on it tips it.", Part,
            [
                Sum.Of("What tips it", "Q a", [person, new("a", "edge beyond the feet", beyond, Unit.Metre)], tips, Unit.NewtonMetre, "Moments about the feet"),
                Sum.Of("What keeps it", "γ m g b", [counted with { Symbol = "γ" }, new("m", "dry weight", dry, Unit.Kilogram), new("b", "from the feet to the middle", within, Unit.Metre)], holds, Unit.NewtonMetre, "The dry weight, which is the least it ever is"),
            ],
            new Remedy("Edge beyond the feet at most", holds / person.Value, Unit.Metre)).Guarding([]);
    }
}
