using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;

namespace Metaplant.Core.Tests.Salvage;

/// <summary>Every road a thing can go over the heap, up to four steps: taken apart, cut, sawn, split, laid with others. Nothing gets better by it.</summary>
public class RoadTests
{
    private const int Steps = 4;

    private sealed record Standing(bool MayGrowFood, bool MayCut, bool LookedAt, IReadOnlyList<bool> Seats)
    {
        public static Standing Of(Thing thing)
        {
            var j = Inspection.Judge(thing, HouseRules.Default);
            return new(j.MayGrowFood, j.MayCut, j.LookedAt, [.. from g in Enum.GetValues<Grown>() from s in Enum.GetValues<Seat>() select Seating.Of(j, s, g).May]);
        }

        public bool FitterThan(Standing other)
            => (MayGrowFood && !other.MayGrowFood) || (MayCut && !other.MayCut) || (LookedAt && !other.LookedAt) || Seats.Zip(other.Seats).Any(s => s.First && !s.Second);
    }

    public static TheoryData<string> Kinds => [.. SalvageKinds.All.Select(k => k.Id)];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void No_road_makes_a_thing_fitter(string id)
    {
        var kind = SalvageKinds.Find(id)!;
        foreach (var stuff in kind.Substances)
        {
            // Untouched, looked over, and with each thing that decides, looked over and not.
            var seen = kind.LookFor.Where(f => Findings.Find(f)!.Decides || f == Findings.PlasticMark || f == Findings.OwnerVouches).Select(f => new[] { f }).Append([]);
            foreach (var findings in seen.SelectMany(s => new[] { s, [.. s, Findings.LookedOver] }).Where(s => s.All(kind.LookFor.Contains)))
                Walk(A.Thing(id, 4, substance: stuff, findings: findings, measures: Room(kind)));
        }
    }

    /// <summary>A pallet large enough to be sawn more than once.</summary>
    private static (string, double)[] Room(SalvageKind kind) => kind is Pallet ? [("slats", 9), ("depth", 1.2)] : [];

    private static void Walk(Thing start)
    {
        var best = Standing.Of(start);
        var known = new HashSet<string> { Key(start) };
        List<Thing> edge = [start];
        for (var step = 0; step < Steps; step++)
        {
            List<Thing> next = [];
            foreach (var thing in edge.SelectMany(Roads))
            {
                Standing.Of(thing).FitterThan(best).ShouldBeFalse($"{start.Kind.Id} of {start.Substance} [{string.Join(' ', start.Findings)}] became {thing.Name}: {thing.Kind.Id} of {thing.Substance} [{string.Join(' ', thing.Findings)}] <{string.Join(' ', thing.History)}>");
                if (known.Add(Key(thing))) next.Add(thing);
            }

            edge = next;
        }
    }

    private static IEnumerable<Thing> Roads(Thing thing)
    {
        var judged = Inspection.Judge(thing, HouseRules.Default);
        if (thing.Count > 1) yield return thing with { Count = thing.Count - 1 };
        // Two partners: one alike, and one that is spotless; they lie in one only where they are alike.
        foreach (var partner in (Thing[])[thing with { Id = 98 }, thing with { Id = 99, Findings = [Findings.LookedOver], History = [] }])
        {
            if (Duplicates.Merge(thing, partner) is { Ok: true } merged) yield return merged.Value;
        }

        if (judged.Fitness == Fitness.Refused || !judged.MayCut) yield break;
        List<Core.Sums.Outcome<Broken>> broken = [.. thing.Kind.BreakDown(thing).Select(w => BreakDown.Apart(thing, w.Id, 1))];
        if (thing.Values.TryGetValue("length", out var length)) broken.AddRange(((double[])[.25, .5, .8]).Select(part => BreakDown.CutOff(thing, part * length)));
        if (thing.Measures is PalletMeasures) broken.AddRange([BreakDown.SawSections(thing, 2, 1), BreakDown.SawSections(thing, 3, 2)]);
        foreach (var piece in broken.Where(b => b.Ok).SelectMany(b => b.Value!.Pieces)) yield return piece;
    }

    private static string Key(Thing t) => $"{t.Kind.Id} {t.Substance} {string.Join(' ', t.Findings)} < {string.Join(' ', t.History.Order(StringComparer.Ordinal))} | {string.Join(' ', t.Values.Select(v => Math.Round(v.Value, 1)))}";

    [Fact]
    public void Boards_of_pallets_without_a_mark_grow_no_food()
    {
        var boards = BreakDown.Apart(A.Thing("pallet", 3, findings: [Findings.LookedOver]), "long-boards", 3).OrThrow().Pieces;
        boards.Count.ShouldBe(2);
        foreach (var piece in boards)
        {
            var judged = Inspection.Judge(piece, HouseRules.Default);
            judged.Fitness.ShouldBe(Fitness.Ornamentals);
            judged.Reasons[0].HouseRule.ShouldBe(HouseRules.PalletWood);
        }
    }

    [Theory]
    [InlineData("pallet", Core.Materials.Substance.Softwood, "mark-heat mark-treated looked-over", "long-boards")]
    [InlineData("table-frame", Core.Materials.Substance.Softwood, "old-paint looked-over", "parts")]
    [InlineData("cable-reel", Core.Materials.Substance.Softwood, "mark-treated looked-over", "parts")]
    [InlineData("ladder", Core.Materials.Substance.DryWood, "old-paint looked-over", "parts")]
    public void What_is_treated_or_painted_stays_so_in_its_pieces(string kind, Core.Materials.Substance stuff, string seen, string way)
    {
        var whole = A.Thing(kind, substance: stuff, findings: seen.Split(' '));
        foreach (var piece in BreakDown.Apart(whole, way, 1).OrThrow().Pieces)
            Inspection.Judge(piece, HouseRules.Default).Fitness.ShouldBe(Inspection.Judge(whole, HouseRules.Default).Fitness);
    }

    [Fact]
    public void A_steel_table_gives_no_wooden_legs()
    {
        var pieces = BreakDown.Apart(A.Thing("table-frame", substance: Core.Materials.Substance.Steel), "parts", 1).OrThrow().Pieces;
        pieces.ShouldAllBe(p => p.Substance == Core.Materials.Substance.Steel);
        pieces.ShouldContain(p => p.Kind.Id == "angle");
    }
}
