using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Planting;

/// <summary>m³ taken of one thing of the heap.</summary>
public sealed record FillTake(int ThingId, double Volume);

/// <summary>What of one fill is fetched from the heap, and what is short. Volumes in m³ as it is fetched, loose.</summary>
/// <param name="PassedOver">Things of this fill that lie there and are not taken, each with the reason.</param>
public sealed record FillFetch(Fill Fill, double Wanted, IReadOnlyList<FillTake> Takes, double Short, IReadOnlyList<(int ThingId, Sentence Why)> PassedOver)
{
    private const double Slack = 1e-9;

    private static readonly (string Kind, Fill Fill)[] Piles =
    [
        ("logs", Fill.Logs), ("stick-pile", Fill.Sticks), ("leaves", Fill.Leaves), ("green-waste", Fill.GreenWaste), ("woodchip", Fill.Woodchip), ("compost", Fill.Compost), ("soil", Fill.Topsoil), ("manure", Fill.Manure),
    ];

    /// <summary>
    /// Shares what lies on the heap out to several bays, in their order: never more of a thing than is left of it. What must not touch food is passed over for those that grow some, and so is what nobody has looked at.
    /// </summary>
    /// <param name="wants">Of each bay what it wants, m³ loose, and whether food grows in it.</param>
    public static IReadOnlyList<IReadOnlyList<FillFetch>> Of(IReadOnlyList<(IReadOnlyList<FillAmount> Amounts, bool Food)> wants, Heap heap)
    {
        var left = heap.Things.Where(t => FillOf(t.Thing) is not null).ToDictionary(t => t.Thing.Id, t => t.Left.Sum(r => r.Volume));
        return [.. wants.Select(bay => (IReadOnlyList<FillFetch>)[.. bay.Amounts.Select(amount => One(amount, bay.Food, heap, left))])];
    }

    /// <summary>What several fetch of one fill, taken together; each pile is named once.</summary>
    public static FillFetch Together(IReadOnlyList<FillFetch> all) => new(
        all[0].Fill, all.Sum(f => f.Wanted), [.. all.SelectMany(f => f.Takes).GroupBy(t => t.ThingId).Select(g => new FillTake(g.Key, g.Sum(t => t.Volume)))], all.Sum(f => f.Short), [.. all.SelectMany(f => f.PassedOver).DistinctBy(p => p.ThingId)]);

    private static FillFetch One(FillAmount amount, bool food, Heap heap, Dictionary<int, double> left)
    {
        var (takes, passed, still) = (new List<FillTake>(), new List<(int, Sentence)>(), amount.Loose);
        foreach (var thing in heap.Things.Where(t => FillOf(t.Thing) == amount.Fill))
        {
            var id = thing.Thing.Id;
            if (WhyNot(thing, food) is { } why) passed.Add((id, why));
            else if (still > Slack && left[id] > Slack)
            {
                var take = Math.Min(still, left[id]);
                takes.Add(new(id, take));
                left[id] -= take;
                still -= take;
            }
        }

        return new(amount.Fill, amount.Loose, takes, still > Slack ? still : 0, passed);
    }

    /// <summary>True of a pile that a planter was drawn with as its soil, and that its filling takes in place of that.</summary>
    public static bool IsSoil(Thing thing) => FillOf(thing)?.IsSoil() == true;

    private static Fill? FillOf(Thing thing) => Array.Find(Piles, p => p.Kind == thing.Kind.Id) is { Kind: not null } pile ? pile.Fill : null;

    private static Sentence? WhyNot(HeapThing thing, bool food)
    {
        if (thing.Judgement.Fitness == Fitness.Refused) return thing.Judgement.Reasons.FirstOrDefault(r => r.Fitness == Fitness.Refused)?.Sentence ?? "It is refused.";
        if (!food) return null;
        if (thing.Judgement.NotLookedAtYet) return "Nobody has looked at it yet: walk round it first.";
        return thing.Judgement.MayGrowFood ? null : thing.Judgement.Reasons.FirstOrDefault(r => r.Fitness != Fitness.Food)?.Sentence ?? (Sentence)"No food is grown in it.";
    }
}
