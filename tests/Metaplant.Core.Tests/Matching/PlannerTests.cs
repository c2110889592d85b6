using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Optimising;
using Metaplant.Core.Planning;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Tests.Matching;

/// <summary>The best that a whole heap can become.</summary>
public sealed class PlannerTests
{
    private static readonly Brief Place = Brief.Default;
    private static readonly IReadOnlyList<Design> Few = [.. Catalogue.All.Where(d => d.Id is "drilled-tub" or "core-sack" or "mesh-pot" or "pallet-bed" or "lined-crates" or "tyre-ring")];

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private static Wants Nothing => new(Place, [], 0, [], null, null, [], null);

    private static CropWant Plants(string crop, int plants) => new(Crops.Find(Place.Handbook, crop)!, plants);

    private static HeapPlan Best(Heap heap, Wants wants, IReadOnlyList<Design>? designs = null, double seconds = 60) => new Planner(heap, wants, CpSat.Instance, designs ?? Few).Plans(seconds, Cancel).Last();

    private static Heap Tubs(params int[] centimetres) => A.Heap([.. centimetres.Select((d, i) => A.Thing("round-tub", id: i + 1, name: $"tub {d}", findings: [Findings.HeldFood], substance: Metaplant.Core.Materials.Substance.Polyethylene, measures: [("topDiameter", d / 100.0), ("bottomDiameter", .8 * d / 100), ("height", .4)]))]);

    [Fact]
    public void The_tubs_that_together_just_do_are_taken_and_no_more()
    {
        var heap = Tubs(60, 50, 40, 30);
        var each = heap.Things.Select(t => Best(A.Heap(t.Thing), Nothing with { Litres = 1000 }).Wants[0].Given).ToList();
        // What the second and the third hold together, the first and the smallest do as well, or two others: the cheapest soil decides among them.
        var wanted = each[1] + each[2];
        var plan = Best(heap, Nothing with { Litres = wanted });
        plan.Wants.ShouldHaveSingleItem().Given.ShouldBeGreaterThanOrEqualTo(wanted);
        (plan.Projects.Count, plan.Ended, plan.Proven).ShouldBe((2, true, true));
        Sound(heap, plan);
    }

    [Fact]
    public void What_cannot_all_be_met_is_met_as_far_as_it_goes_and_the_rest_is_told()
    {
        var heap = Tubs(60);
        var plan = Best(heap, Nothing with { Crops = [Plants("lettuce", 50)] });
        var met = plan.Wants.ShouldHaveSingleItem();
        met.Words.ToString().ShouldBe("50 lettuces");
        met.Given.ShouldBeInRange(1, 49);
        (plan.Objective / PlanCost.PerUnmet).ShouldBe((1000 * (50 - met.Given) + 49) / 50);
    }

    [Fact]
    public void Soil_that_one_tub_would_take_stands_in_no_others_way()
    {
        // Of a pile that is enough for one of them the other takes what is left, and the rest is bought.
        var heap = A.Heap([.. Tubs(60, 50).Things.Select(t => t.Thing), A.Thing("soil", id: 9, findings: [Findings.LookedOver], measures: [("volume", .06)])]);
        var first = new Planner(heap, Nothing with { Litres = 10_000 }, CpSat.Instance, [.. Few.Where(d => d.Id == "drilled-tub")]).Plans(60, Cancel).First();
        first.Projects.Count.ShouldBe(2);
        first.Projects.ShouldAllBe(p => p.Cast.Takes.Any(t => t.ThingId == 9));
        Sound(heap, first);
    }

    [Fact]
    public void Money_hours_and_places_are_kept_to()
    {
        var heap = Tubs(60, 50, 40, 30);
        var all = Best(heap, Nothing with { Litres = 10_000 });
        all.Projects.Count.ShouldBe(4);
        var money = Best(heap, Nothing with { Litres = 10_000, MostMoney = all.Money / 2 });
        money.Money.ShouldBeInRange(.01, all.Money / 2);
        var hours = Best(heap, Nothing with { Litres = 10_000, MostHours = all.Hours / 2 });
        hours.Hours.ShouldBeInRange(.01, all.Hours / 2);
        // Two places, one of them for a small one.
        var places = Best(heap, Nothing with { Litres = 10_000, Spots = [new("by the door", .45, .45), new("corner", 2, 2)] });
        places.Projects.Select(p => p.Lead.Thing.Thing.Name).ShouldBe(["tub 60", "tub 40"], ignoreOrder: true);
        places.Projects.Zip(places.Stands!).ShouldContain(p => p.First.Lead.Thing.Thing.Name == "tub 40" && p.Second.Name == "by the door");
        all.Stands.ShouldBeNull();
        Best(heap, Nothing with { Litres = 10_000, Spots = [new("sill", .1, .1)] }).Projects.ShouldBeEmpty();
    }

    [Fact]
    public void What_must_go_is_used_up()
    {
        var heap = A.Heap(A.FoodTub(), A.HeatMarkedPallets(4, id: 2), A.Thing("round-tub", 3, "pails", findings: [Findings.HeldFood], substance: Metaplant.Core.Materials.Substance.Polyethylene, id: 3, measures: [("topDiameter", .3), ("bottomDiameter", .25), ("height", .3)]));
        var plan = Best(heap, Nothing with { UseUp = [new(3, new(2027, 5, 1))] });
        var met = plan.Wants.ShouldHaveSingleItem();
        (met.Words.ToString(), met.Needed, met.Given).ShouldBe(("pails used up", 3L, 3L));
        plan.Projects.Aggregate(heap, Planner.After).Find(3)!.Free.ShouldBe(0);
        Sound(heap, plan);
    }

    [Fact]
    public void Supports_are_counted_by_what_climbs_them()
    {
        var heap = A.Heap(A.Sticks(count: 30));
        var plan = Best(heap, Nothing with { Supports = [Plants("pea", 12)] }, [.. Catalogue.All.Where(d => d.Id is "wound-cone" or "twig-obelisk" or "tripod-ridge")]);
        plan.Wants.ShouldHaveSingleItem().Given.ShouldBeGreaterThanOrEqualTo(12);
        plan.Projects.ShouldAllBe(p => p.Blueprint.Climbing != null);
        Sound(heap, plan);
    }

    [Fact]
    public void Twelve_small_heaps_are_planned_as_well_as_by_trying_everything()
    {
        for (var seed = 1; seed <= 12; seed++)
        {
            var (heap, wants) = Small(new Random(seed));
            var plan = Best(heap, wants);
            Sound(heap, plan);
            plan.Objective.ShouldBeLessThanOrEqualTo(Exhaustive.Least(heap, wants, Few), $"seed {seed}");
            plan.Bound.ShouldBeLessThanOrEqualTo(plan.Objective);
            // By itself it is worse at most, and as sound.
            var greedy = new Planner(heap, wants, null, Few).Plans(60, Cancel).Last();
            Sound(heap, greedy);
            greedy.Objective.ShouldBeGreaterThanOrEqualTo(plan.Objective, $"seed {seed}");
            greedy.Proven.ShouldBeFalse();
        }
    }

    [Fact]
    public void The_same_heap_has_the_same_plan_and_each_plan_on_the_way_is_no_worse()
    {
        var (heap, wants) = Small(new Random(3));
        List<HeapPlan> plans = [.. new Planner(heap, wants, CpSat.Instance, Few).Plans(60, Cancel)];
        plans.Zip(plans.Skip(1)).ShouldAllBe(p => p.Second.Objective <= p.First.Objective);
        plans.Count(p => p.Ended).ShouldBe(1);
        plans[^1].Ended.ShouldBeTrue();
        Told(new Planner(new Heap(heap.Things), wants, CpSat.Instance, Few).Plans(60, Cancel).Last()).ShouldBe(Told(plans[^1]));

        static IReadOnlyList<string> Told(HeapPlan plan) => [.. plan.Projects.Select(p => $"{p.Design.Id} {p.Lead.Key} {p.Blueprint.Size} {string.Join(',', p.Cast.Takes)}")];
    }

    [Fact]
    public void Stopped_it_ends_with_what_there_is_and_calls_nothing_proven()
    {
        using var stop = new CancellationTokenSource();
        stop.Cancel();
        var plan = new Planner(Tubs(60, 50), Nothing with { Litres = 100 }, CpSat.Instance, Few).Plans(60, stop.Token).ShouldHaveSingleItem();
        (plan.Projects.Count, plan.Ended, plan.Proven).ShouldBe((0, true, false));
    }

    [Fact]
    public void Nonsense_is_refused_at_its_field()
    {
        var heap = Tubs(60);
        IEnumerable<string> Fields(Wants wants) => wants.Problems(heap).Select(p => p.Field);
        Fields(Nothing).ShouldBe(["wants"]);
        Fields(Nothing with { Litres = -1 }).ShouldBe(["litres"]);
        Fields(Nothing with { Crops = [Plants("lettuce", 0)], Supports = [Plants("lettuce", 3)] }).ShouldBe(["crops[0].plants", "supports[0].crop"]);
        Fields(Nothing with { Litres = 1, MostMoney = double.NaN, MostHours = -1 }).ShouldBe(["mostMoney", "mostHours"]);
        Fields(Nothing with { UseUp = [new(99, null)], Spots = [new("a", 0, 1)] }).ShouldBe(["useUp[0].thing", "spots[0].length"]);
        Should.Throw<ArgumentException>(() => new Planner(heap, Nothing, null));
    }

    private static (Heap Heap, Wants Wants) Small(Random chance)
    {
        List<Thing> things = [A.HeatMarkedPallets(chance.Next(1, 4)), A.Thing("crate", chance.Next(1, 4), id: 2)];
        for (var i = 3; i < chance.Next(5, 7); i++)
        {
            var d = .2 + .05 * chance.Next(9);
            things.Add(A.Thing("round-tub", chance.Next(1, 3), id: i, findings: [Findings.HeldFood], substance: Metaplant.Core.Materials.Substance.Polyethylene, measures: [("topDiameter", d), ("bottomDiameter", .8 * d), ("height", .2 + .05 * chance.Next(6))]));
        }

        return (A.Heap([.. things]), chance.Next(2) == 0 ? Nothing with { Litres = chance.Next(50, 300) } : Nothing with { Crops = [Plants("lettuce", chance.Next(3, 20))], MostMoney = 20 + chance.Next(40) });
    }

    /// <summary>Everything holds, grows and drains, and nothing of the heap is taken twice.</summary>
    private static void Sound(Heap heap, HeapPlan plan)
    {
        plan.Projects.ShouldAllBe(p => p.Good);
        foreach (var thing in heap.Things) Remains.Overdrawn(thing.Thing, [.. thing.Taken, .. plan.Projects.SelectMany(p => p.Cast.Takes.Where(t => t.ThingId == thing.Thing.Id).Select(t => t.Taken).Distinct())]).ShouldBeFalse(thing.Thing.Name);
        plan.Money.ShouldBe(plan.Projects.Sum(p => p.Cast.Cost), 1e-9);
    }

    /// <summary>Every project after every other, as often as it can be made, as long as that is of use.</summary>
    private sealed class Exhaustive(Wants wants, IReadOnlyList<Want> all, IReadOnlyList<Candidate> candidates)
    {
        private const int Deepest = 4;
        private readonly Dictionary<string, long> known = [];

        public static long Least(Heap heap, Wants wants, IReadOnlyList<Design> designs)
        {
            var all = wants.All(heap);
            List<Candidate> candidates = [.. designs.SelectMany(d => Candidate.All(d, heap, wants, all, Cancel))];
            return new Exhaustive(wants, all, candidates).After(heap, []);
        }

        private long After(Heap heap, IReadOnlyList<Candidate> made)
        {
            // What was made in another order left much the same: each set is looked at once.
            var name = string.Join(';', made.Select(c => c.Name).Order(StringComparer.Ordinal));
            if (known.TryGetValue(name, out var least)) return least;
            least = made.Sum(c => c.Cost) + PlanCost.PerUnmet * all.Select((w, k) => PlanCost.Unmet(w.Needed, made.Sum(c => c.Given[k]))).Sum();
            var useful = made.Count < Deepest && all.Select((w, k) => w.Needed > made.Sum(c => c.Given[k])).Any(x => x);
            foreach (var c in useful ? candidates : [])
            {
                if (made.Sum(m => m.Money) + c.Money > (wants.MostMoney ?? double.MaxValue) + 1e-6 || c.On(heap, all, wants) is not { } on || made.Sum(m => m.Money) + on.Money > (wants.MostMoney ?? double.MaxValue) + 1e-6) continue;
                least = Math.Min(least, After(Planner.After(heap, on.Fit), [.. made, on]));
            }

            return known[name] = least;
        }
    }
}
