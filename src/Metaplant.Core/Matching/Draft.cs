using Metaplant.Core.Assessing;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Matching;

/// <summary>One choice of settings carried as far as the blueprint: what was asked for, which pieces fill it, what is made of them.</summary>
public sealed record Draft(Design Design, Chosen Set, Demand Demand, Cast Cast, Blueprint Blueprint, Grown Grown)
{
    /// <summary>The five arrows up to the blueprint: ask, cast, make. Or the first reason why not.</summary>
    /// <param name="like">A draft whose cast is kept where the same is asked for, as while a slider moves that takes nothing else.</param>
    public static Outcome<Draft> Of(Design design, Chosen set, Stockroom room, Effort effort = Effort.Quick, Draft? like = null)
    {
        var asked = design.Ask(set);
        if (!asked.Ok) return Outcome<Draft>.Refuse(asked.Problems);
        var grown = GrownIn(set.Lead, set.Brief);
        var cast = like is not null && ReferenceEquals(like.Set.Lead, set.Lead) ? After(like, asked.Value.Needs, set, room, grown, effort) : null;
        cast ??= Caster.Cast(asked.Value.Needs, set.Lead, room, grown, set.Brief.Handbook, effort);
        var made = design.Complete(set, cast);
        return made.Ok ? new Draft(design, set, asked.Value, cast, made.Value, grown) : Outcome<Draft>.Refuse(made.Problems);
    }

    /// <summary>The cast of a like draft where the same is asked for, or with its loose stuff taken anew where no more than that is another; null where more is.</summary>
    private static Cast? After(Draft like, IReadOnlyList<Need> needs, Chosen set, Stockroom room, Grown grown, Effort effort)
    {
        if (like.Demand.Needs.SequenceEqual(needs, SameNeed.Instance)) return like.Cast;
        return like.Demand.Needs.Where(Caster.IsFirm).SequenceEqual(needs.Where(Caster.IsFirm), SameNeed.Instance) ? Caster.Loose(like.Cast, needs, set.Lead, room, grown, set.Brief.Handbook, effort) : null;
    }

    /// <summary>What is grown: the crop chosen, or while none is, food where the lead is fit for it.</summary>
    public static Grown GrownIn(Lead lead, Brief brief) => brief.Crop is { } crop ? crop.Edible ? Grown.Food : Grown.Ornamentals : lead.Fitness == Fitness.Food ? Grown.Food : Grown.Ornamentals;

    /// <summary>Every check of Hold and Drain.</summary>
    public IReadOnlyList<Check> Checks() => [.. HoldAssessor.Assess(Blueprint, Set.Brief).Checks, .. DrainAssessor.Assess(Blueprint, Set.Brief).Checks];

    /// <summary>What follows from what is made: screws, bolts, soil.</summary>
    public IReadOnlyList<Need> Consumables()
    {
        var needs = new List<Need>();
        foreach (var fixing in Blueprint.Joints.GroupBy(j => j.Fixing).Where(g => Prices.Named(g.Key) is not null))
            needs.Add(new GoodsNeeded(fixing.Key, new(fixing.Key, Prices.Named(fixing.Key)!, Seat.Clear) { Buy = fixing.Key }, fixing.Sum(j => j.Count)));
        needs.AddRange(Blueprint.Extras.Select(e => new GoodsNeeded(e.Id, new(e.Id, e.Name, Seat.Clear) { Buy = e.Goods }, e.Count)));
        needs.AddRange(Blueprint.Supplies);
        var medium = Set.Brief.Medium;
        if (Blueprint.Soil > 0)
            needs.Add(new FillNeeded("soil", new("soil", $"{medium.Name}, with what it settles", Seat.InSoil) { Buy = "soil-" + medium.Id, Worked = false }, Blueprint.Soil * Set.Brief.Handbook[Practice.SoilOverPlaced], Piles(medium.Id)) { DugOrFetched = true });
        return needs;
    }

    /// <summary>The cast with what follows from what is made.</summary>
    public Cast Supplied(Stockroom room) => Caster.Add(Cast, Consumables(), room, Grown, Set.Brief.Handbook);

    /// <summary>Piles that a medium may be made of, each with the part of the whole it may make: three parts of soil to two of compost, compost for compost.</summary>
    private static IReadOnlyList<(string Kind, double Share)> Piles(string mediumId) => mediumId switch
    {
        "topsoil-compost" => [("soil", .6), ("compost", .4)],
        "finished-compost" => [("compost", 1)],
        _ => [],
    };
}

/// <summary>A thing that a fit takes and that is not known well enough: nobody has answered the decisive questions, or some of its measures are typical ones standing in.</summary>
/// <param name="Measures">Names of the measures not taken.</param>
public sealed record Pending(Thing Thing, bool NotLookedAt, IReadOnlyList<string> Measures);

/// <summary>One way a design can be made of the heap, supplied with all it takes and assessed in full.</summary>
/// <param name="Pending">Things it takes that nobody has looked at yet, and those with measures nobody took, in order of number.</param>
public sealed record Fit(Design Design, Chosen Set, Blueprint Blueprint, Assessment Assessment, Cast Cast, IReadOnlyList<Pending> Pending)
{
    public Lead Lead => Set.Lead;

    /// <summary>Working hours, with the salvage factor where salvage costs time.</summary>
    public double Hours(Brief brief) => Blueprint.MinutesWith(brief.Handbook[Practice.SalvageFactor], Cast, brief.Pace) / 60;

    /// <summary>True where it grows, drains and holds, and nothing is missing that cannot be bought.</summary>
    public bool Good => Assessment.Worst < Verdict.Fails && !Cast.Unfilled.Any();

    /// <summary>A draft supplied from the heap and assessed with all that it takes: food only where every thing in it has been looked at.</summary>
    public static Fit Of(Draft draft, Stockroom room) => With(draft, draft.Supplied(room), room);

    /// <summary>The same with all that it takes given, as a kept project has it.</summary>
    public static Fit With(Draft draft, Cast cast, Stockroom room)
    {
        var heap = room.Heap;
        var clear = draft.Demand.Needs.Where(n => n.Role.Seat == Seat.Clear).Select(n => n.Id).ToHashSet(StringComparer.Ordinal);
        var taken = cast.Takes.Select(t => t.ThingId).Concat(draft.Set.Lead.Lots.Take(1).Select(l => l.ThingId)).Distinct().Select(heap.Find).OfType<HeapThing>().OrderBy(t => t.Thing.Number).ToList();
        List<Pending> pending = [.. taken.Where(t => !t.Judgement.LookedAt || t.Thing.NotTaken.Any()).Select(t => new Pending(t.Thing, !t.Judgement.LookedAt, [.. t.Thing.NotTaken.Select(f => f.Name)]))];
        // What stays clear of soil and plants does not decide what may be eaten.
        var touching = cast.Takes.Where(t => !clear.Contains(t.NeedId)).Select(t => t.ThingId).Concat(draft.Set.Lead.Lots.Take(1).Select(l => l.ThingId)).ToHashSet();
        var open = taken.Where(t => !t.Judgement.LookedAt && touching.Contains(t.Thing.Id)).Select(t => t.Thing.Name).ToList();
        return new(draft.Design, draft.Set, draft.Blueprint, Assessor.Assess(draft.Blueprint, draft.Set.Brief, draft.Set.Lead.Fitness, open), cast, pending);
    }
}
