using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Tests.Salvage;

/// <summary>
/// Who may sit where: substance, what was seen, where the part sits, what is grown, and the house rules. The table lies beside this file and was read row by row; METAPLANT_DRAW=1 writes it anew.
/// </summary>
public class SeatingTests
{
    private static readonly (string Kind, Substance Stuff, string Seen)[] Things =
    [
        ("pallet", Substance.Softwood, ""), ("pallet", Substance.Softwood, "looked-over"), ("pallet", Substance.Softwood, "mark-heat"), ("pallet", Substance.Softwood, "mark-heat looked-over"), ("pallet", Substance.Softwood, "mark-heat old-paint looked-over"),
        ("pallet", Substance.Softwood, "mark-heat mark-treated looked-over"), ("pallet", Substance.Softwood, "mark-fumigant"), ("board", Substance.Softwood, "pallet-wood looked-over"), ("board", Substance.Softwood, "mark-heat pallet-wood looked-over"),
        ("board", Substance.Softwood, "mark-fumigant"), ("board", Substance.Softwood, "looked-over"), ("post", Substance.Hardwood, "mark-treated looked-over"), ("post", Substance.Softwood, "old-paint looked-over"), ("post", Substance.Softwood, "creosote"), ("post", Substance.Softwood, "rot"),
        ("ply", Substance.Plywood, "looked-over"), ("branches", Substance.GreenWood, "looked-over"), ("branches", Substance.DryWood, ""), ("logs", Substance.DryWood, "suppresses looked-over"),
        ("round-tub", Substance.Polyethylene, "held-food looked-over"), ("round-tub", Substance.Polyethylene, "looked-over"), ("round-tub", Substance.UnknownPlastic, "held-garden looked-over"), ("round-tub", Substance.UnknownPlastic, "held-food looked-over"), ("drum", Substance.Steel, "held-chemical"), ("drum", Substance.Steel, "held-unknown looked-over"),
        ("trough", Substance.ZincCoatedSteel, "held-food looked-over"), ("round-tub", Substance.Copper, "held-food looked-over"), ("pan", Substance.Brass, "held-food looked-over"), ("conduit", Substance.Copper, "looked-over"), ("conduit", Substance.Lead, "looked-over"), ("conduit", Substance.Pvc, "looked-over"), ("steel-rod", Substance.Bronze, "looked-over"),
        ("tyre", Substance.Rubber, "looked-over"), ("film", Substance.Film, "looked-over"), ("film", Substance.Film, "mark-plastic looked-over"), ("fabric", Substance.WovenCloth, "looked-over"), ("fabric", Substance.NaturalFibre, "tarred looked-over"), ("card", Substance.Paper, "printed looked-over"), ("card", Substance.Paper, "looked-over"),
        ("line", Substance.NaturalFibre, "tarred looked-over"), ("line", Substance.NaturalFibre, "looked-over"), ("line", Substance.Wire, "looked-over"), ("roofing-sheet", Substance.FibreCement, ""), ("bricks", Substance.FiredClay, "looked-over"),
        ("compost", Substance.PlantMatter, "weedkiller-unknown looked-over"), ("compost", Substance.PlantMatter, "bean-test-passed looked-over"), ("soil", Substance.Earth, "unknown-site looked-over"), ("manure", Substance.Manure, "fresh looked-over"), ("ash", Substance.WoodAsh, "looked-over"), ("ash", Substance.TreatedAsh, "looked-over"),
    ];

    private static readonly (string Rule, string School, int[] Of)[] Schools =
    [
        (HouseRules.PalletWood, "lined", [1, 3, 7, 9]), (HouseRules.PalletWood, "never", [3, 8]), (HouseRules.TreatedBoards, "line", [5, 11]), (HouseRules.TreatedBoards, "accept", [5, 11]),
        (HouseRules.CoatedMetal, "line", [25]), (HouseRules.CoatedMetal, "avoid", [25]), (HouseRules.DoubtfulPlastic, "accept", [21, 30, 32, 33]),
    ];

    private static string File => Path.Combine(MethodPageTests.Root, "tests", "Metaplant.Core.Tests", "Salvage", "seating.txt");

    private static IEnumerable<string> Rows()
        => Things.SelectMany(t => Rows(t, HouseRules.Default, "")).Concat(
            from s in Schools
            from i in s.Of
            from row in Rows(Things[i], HouseRules.Choose(new Dictionary<string, string> { [s.Rule] = s.School }).OrThrow(), $"{s.Rule} {s.School}")
            select row);

    private static IEnumerable<string> Rows((string Kind, Substance Stuff, string Seen) t, HouseRules rules, string school)
    {
        var judgement = Inspection.Judge(A.Thing(t.Kind, substance: t.Stuff, findings: t.Seen.Split(' ', StringSplitOptions.RemoveEmptyEntries)), rules);
        foreach (var grown in Enum.GetValues<Grown>())
        {
            foreach (var seat in Enum.GetValues<Seat>())
            {
                var ruling = Seating.Of(judgement, seat, grown);
                yield return $"{(ruling.May ? ruling.LookedAt ? "yes " : "plan" : "no  ")} | {t.Kind,-13} | {t.Stuff.Name(),-28} | {t.Seen,-34} | {seat,-11} | {grown,-11} | {school,-24} | {ruling.Why}";
            }
        }
    }

    [Fact]
    public void The_table_of_who_may_sit_where_is_as_it_was_read()
    {
        var rows = Rows().ToList();
        if (Environment.GetEnvironmentVariable("METAPLANT_DRAW") == "1") System.IO.File.WriteAllLines(File, rows);
        rows.Count.ShouldBeGreaterThanOrEqualTo(300);
        System.IO.File.ReadAllLines(File).ShouldBe(rows);
    }

    [Fact]
    public void What_may_touch_food_may_touch_flowers_and_what_may_touch_soil_may_stand_beside_it()
    {
        foreach (var (kind, stuff, seen) in Things)
        {
            var judgement = Inspection.Judge(A.Thing(kind, substance: stuff, findings: seen.Split(' ', StringSplitOptions.RemoveEmptyEntries)), HouseRules.Default);
            bool May(Seat seat, Grown grown) => Seating.Of(judgement, seat, grown).May;
            foreach (var seat in Enum.GetValues<Seat>())
            {
                (!May(seat, Grown.Food) || May(seat, Grown.Ornamentals)).ShouldBeTrue($"{kind} {seen}");
                (!May(Seat.InSoil, Grown.Food) || May(seat, Grown.Food)).ShouldBeTrue($"{kind} {seen} {seat}");
                // Cloth passes water and what is in it.
                May(Seat.BehindCloth, Grown.Food).ShouldBe(May(Seat.InSoil, Grown.Food), $"{kind} {seen}");
            }
        }
    }

    [Fact]
    public void Nothing_that_nobody_has_looked_at_is_called_food()
    {
        var called = (
            from kind in SalvageKinds.All
            from stuff in kind.Substances
            let judgement = Inspection.Judge(A.Thing(kind.Id, substance: stuff), HouseRules.Default)
            where judgement.MayGrowFood || (judgement.LookedAt && judgement.Fitness != Fitness.Refused)
            select $"{kind.Id} of {stuff}").ToList();
        called.ShouldBeEmpty();
        // The mark it bears is not yet clean, and every kind can be looked at.
        (Inspection.Judge(A.Thing("pallet", findings: [Findings.HeatMark]), HouseRules.Default) is { NotLookedAtYet: true, MayGrowFood: false }).ShouldBeTrue();
        Inspection.Judge(A.Thing("pallet", findings: [Findings.HeatMark]), HouseRules.Default).Reasons.ShouldAllBe(r => !r.Sentence.Contains("clean"));
        Inspection.Judge(A.Thing("pallet", findings: [Findings.HeatMark, Findings.LookedOver]), HouseRules.Default).MayGrowFood.ShouldBeTrue();
    }

    [Fact]
    public void What_is_known_to_be_bad_is_told_at_once()
    {
        (Inspection.Judge(A.Thing("post", findings: ["creosote"]), HouseRules.Default) is { NotLookedAtYet: false, Fitness: Fitness.Refused }).ShouldBeTrue();
        (Inspection.Judge(A.Thing("post", findings: ["mark-treated"]), HouseRules.Default) is { NotLookedAtYet: false, LookedAt: false, Fitness: Fitness.StructureOnly }).ShouldBeTrue();
    }

    [Theory]
    [InlineData("drum", Substance.Steel, "brittle", "plastic")]
    [InlineData("drum", Substance.Polyethylene, "rust", "paint")]
    [InlineData("mesh", Substance.ZincCoatedSteel, "brittle", "tarred")]
    [InlineData("basket", Substance.Wire, "brittle", "rot")]
    public void Nobody_is_asked_what_cannot_be(string kind, Substance stuff, params string[] questions)
        => Walk.For(SalvageKinds.Find(kind)!, stuff).Select(q => q.Id).Intersect(questions).ShouldBeEmpty();

    [Fact]
    public void A_walk_ends_where_nothing_that_follows_can_matter()
    {
        var answers = Walk.For(SalvageKinds.Find("drum")!, Substance.Steel)[0].Answers;
        answers.Single(a => a.Finding == Findings.HeldChemical).Ends.ShouldBeTrue();
        answers.Single(a => a.Finding == Findings.HeldUnknown).Ends.ShouldBeFalse();
        answers.Single(a => a.Finding == Findings.HeldFood).Ends.ShouldBeFalse();
    }

    [Fact]
    public void Copper_entered_as_copper_grows_no_food_and_lead_grows_nothing()
    {
        Inspection.Judge(A.Thing("conduit", substance: Substance.Copper, findings: [Findings.LookedOver]), HouseRules.Default).Fitness.ShouldBe(Fitness.Ornamentals);
        Inspection.Judge(A.Thing("conduit", substance: Substance.Lead), HouseRules.Default).Fitness.ShouldBe(Fitness.Refused);
        Inspection.Judge(A.Thing("ash", substance: Substance.TreatedAsh), HouseRules.Default).Fitness.ShouldBe(Fitness.Refused);
    }

    [Fact]
    public void The_same_is_not_said_twice()
        => Inspection.Judge(A.Thing("roofing-sheet", substance: Substance.FibreCement, findings: [Findings.FibreCement]), HouseRules.Default).Reasons.Select(r => r.Sentence).ShouldBeUnique();

    [Fact]
    public void What_may_not_be_cut_is_offered_no_way_that_cuts_it()
    {
        var tube = A.Thing("tube", findings: [Findings.HeldUnknown]);
        Inspection.Judge(tube, HouseRules.Default).MayCut.ShouldBeFalse();
        tube.Kind.BreakDown(tube).Where(w => !w.Cuts).Select(w => w.Id).ShouldBe(["whole"]);
    }

    [Fact]
    public void Measures_that_nobody_took_are_told()
    {
        A.Thing("round-tub", measures: [("height", .35)]).NotTaken.Select(f => f.Id).ShouldBe(["topDiameter", "bottomDiameter", "wall"]);
        Thing.Create(1, 1, "tub", "round-tub", 1, new Dictionary<string, double> { ["height"] = .35, ["wall"] = .004 }, null, [], [], taken: ["wall"]).OrThrow().NotTaken.Select(f => f.Id).ShouldBe(["topDiameter", "bottomDiameter", "height"]);
    }
}
