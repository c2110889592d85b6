using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Tests.Salvage;

/// <summary>The verdict rules as a truth table: what is seen, and what it is fit for.</summary>
public class InspectionTests
{
    [Theory]
    [InlineData("pallet", "mark-heat", Fitness.Food)]
    [InlineData("pallet", "", Fitness.Ornamentals)]
    [InlineData("pallet", "mark-fumigant", Fitness.Refused)]
    [InlineData("pallet", "mark-fumigant mark-heat", Fitness.Refused)]
    [InlineData("pallet", "mark-heat chemical-smell", Fitness.StructureOnly)]
    [InlineData("pallet", "mark-heat rot", Fitness.Refused)]
    [InlineData("pallet", "mark-heat mark-treated", Fitness.StructureOnly)]
    [InlineData("drum", "held-food", Fitness.Food)]
    [InlineData("drum", "", Fitness.StructureOnly)]
    [InlineData("drum", "held-unknown", Fitness.StructureOnly)]
    [InlineData("drum", "held-chemical", Fitness.Refused)]
    [InlineData("drum", "held-chemical held-food", Fitness.Refused)]
    [InlineData("drum", "held-food brittle", Fitness.StructureOnly)]
    [InlineData("drum", "held-food old-paint", Fitness.Ornamentals)]
    [InlineData("round-tub", "held-garden", Fitness.Food)]
    [InlineData("crate", "", Fitness.Food)]
    [InlineData("post", "creosote", Fitness.Refused)]
    [InlineData("post", "mark-treated", Fitness.StructureOnly)]
    [InlineData("line", "tarred", Fitness.StructureOnly)]
    [InlineData("fabric", "", Fitness.Food)]
    [InlineData("winged-pallet", "", Fitness.Ornamentals)]
    [InlineData("half-pallet", "mark-heat", Fitness.Food)]
    [InlineData("skid", "mark-fumigant", Fitness.Refused)]
    [InlineData("heavy-timber", "creosote", Fitness.Refused)]
    [InlineData("heavy-timber", "", Fitness.Food)]
    [InlineData("free-form", "", Fitness.StructureOnly)]
    [InlineData("free-form", "held-food", Fitness.Food)]
    [InlineData("poured", "held-chemical", Fitness.Refused)]
    [InlineData("bucket", "held-unknown", Fitness.StructureOnly)]
    [InlineData("pan", "held-food old-paint", Fitness.Ornamentals)]
    [InlineData("tote", "held-garden", Fitness.Food)]
    [InlineData("barrow-tray", "held-garden rust-through", Fitness.Food)]
    [InlineData("tyre", "", Fitness.Ornamentals)]
    [InlineData("conduit", "", Fitness.Ornamentals)]
    [InlineData("roofing-sheet", "fibre-cement", Fitness.Refused)]
    [InlineData("roofing-sheet", "rust-surface", Fitness.Food)]
    [InlineData("mesh", "tarred", Fitness.StructureOnly)]
    [InlineData("steel-rod", "bent", Fitness.StructureOnly)]
    [InlineData("sack", "held-chemical", Fitness.Refused)]
    [InlineData("straw-bale", "weedkiller-unknown", Fitness.StructureOnly)]
    [InlineData("straw-bale", "bean-test-passed", Fitness.Food)]
    [InlineData("compost", "bean-test-failed", Fitness.Refused)]
    [InlineData("manure", "fresh", Fitness.Ornamentals)]
    [InlineData("soil", "unknown-site", Fitness.Ornamentals)]
    [InlineData("green-waste", "salty", Fitness.Ornamentals)]
    [InlineData("logs", "suppresses", Fitness.StructureOnly)]
    [InlineData("card", "printed", Fitness.StructureOnly)]
    [InlineData("card", "taped", Fitness.Food)]
    [InlineData("ply", "rot", Fitness.Refused)]
    [InlineData("slates", "", Fitness.Food)]
    public void Under_our_house_rules(string kind, string seen, Fitness expected)
        => Judge(A.Thing(kind, findings: Split(seen)), HouseRules.Default).Fitness.ShouldBe(expected);

    [Theory]
    [InlineData("pallet-wood", "never", "mark-heat", Fitness.Ornamentals)]
    [InlineData("pallet-wood", "never", "mark-heat owner-vouches", Fitness.Food)]
    [InlineData("pallet-wood", "lined", "", Fitness.Food)]
    [InlineData("pallet-wood", "lined", "mark-fumigant", Fitness.Refused)]
    [InlineData("treated-boards", "accept", "mark-heat mark-treated", Fitness.Food)]
    [InlineData("treated-boards", "line", "mark-heat mark-treated", Fitness.Food)]
    public void Under_another_school(string rule, string school, string seen, Fitness expected)
        => Judge(A.Thing("pallet", findings: Split(seen)), Rules(rule, school)).Fitness.ShouldBe(expected);

    [Fact]
    public void Zinc_is_as_the_house_rule_says()
    {
        var trough = A.Thing("trough", substance: Substance.ZincCoatedSteel, findings: [Findings.HeldFood]);
        Judge(trough, HouseRules.Default).MustLine.ShouldBeFalse();
        Judge(trough, Rules(HouseRules.CoatedMetal, "line")).MustLine.ShouldBeTrue();
        Judge(trough, Rules(HouseRules.CoatedMetal, "avoid")).Fitness.ShouldBe(Fitness.Ornamentals);
    }

    [Fact]
    public void Plastic_without_a_mark_needs_a_known_food_content()
    {
        Judge(A.Thing("round-tub", substance: Substance.UnknownPlastic, findings: [Findings.HeldGarden]), HouseRules.Default).Fitness.ShouldBe(Fitness.Ornamentals);
        Judge(A.Thing("round-tub", substance: Substance.UnknownPlastic, findings: [Findings.HeldFood]), HouseRules.Default).Fitness.ShouldBe(Fitness.Food);
    }

    [Theory]
    [InlineData("tyre")]
    [InlineData("conduit")]
    public void Tyres_and_PVC_may_grow_food_where_the_house_rule_is_relaxed(string kind) => Judge(A.Thing(kind), Rules(HouseRules.DoubtfulPlastic, "accept")).Fitness.ShouldBe(Fitness.Food);

    [Fact]
    public void Fibre_cement_is_refused_by_what_it_is_made_of_and_never_cut()
    {
        var tube = Judge(A.Thing("tube", substance: Substance.FibreCement), HouseRules.Default);
        tube.Fitness.ShouldBe(Fitness.Refused);
        tube.MayCut.ShouldBeFalse();
    }

    [Fact]
    public void Nothing_refused_reaches_a_design_by_any_road()
    {
        foreach (var kind in SalvageKinds.All)
        {
            foreach (var bad in kind.LookFor.Where(f => Findings.Find(f)!.Judge?.Invoke(HouseRules.Default)?.Fitness == Fitness.Refused))
            {
                var heap = A.Heap(A.Thing(kind.Id, 50, findings: [bad]));
                var room = Stockroom.Of(heap);
                foreach (var design in Catalogue.All) Leads.Of(design, room).Found.ShouldBeEmpty();
                Role Any(string id, params Form[] forms) => new(id, id, Seat.Clear, forms);
                Caster.Cast(
                    [
                        new PiecesNeeded("p", Any("p", Form.Board, Form.Timber), 2, .3, .02, .01), new CoverNeeded("s", Any("s", Form.Fabric, Form.Film, Form.Card), .2, .1), new RunNeeded("l", Any("l", Form.Line), 1, 0, 1),
                        new SticksNeeded("k", Any("k", Form.Pole, Form.Twig, Form.Rod, Form.Pipe), 1, .2, .001), new FillNeeded("soil", Any("soil"), 9, [("soil", .6), ("compost", .4)]),
                    ],
                    null, room, Grown.Ornamentals, Handbook.Default).Takes.ShouldBeEmpty();
            }
        }
    }

    [Theory]
    [InlineData("held-chemical")]
    [InlineData("held-unknown")]
    [InlineData("")]
    public void A_drum_that_may_explode_may_not_be_cut(string seen) => Judge(A.Thing("drum", findings: Split(seen)), HouseRules.Default).MayCut.ShouldBeFalse();

    [Fact]
    public void Every_verdict_gives_its_reason_and_the_rule_behind_it()
    {
        var judged = Judge(A.Thing("pallet"), HouseRules.Default);
        judged.Reasons[0].Sentence.ShouldContain("No heat mark");
        judged.Reasons[0].HouseRule.ShouldBe(HouseRules.PalletWood);
    }

    [Fact]
    public void One_more_bad_sign_never_makes_a_thing_better()
    {
        foreach (var kind in SalvageKinds.All)
        {
            foreach (var bad in kind.LookFor.Select(f => Findings.Find(f)!).Where(f => f.Judge is not null))
            {
                foreach (var other in kind.LookFor.Where(f => f != bad.Id))
                    ((int)Judge(A.Thing(kind.Id, findings: [other, bad.Id]), HouseRules.Default).Fitness).ShouldBeGreaterThanOrEqualTo((int)(bad.Judge!(HouseRules.Default)?.Fitness ?? Fitness.Food));
            }
        }
    }

    [Fact]
    public void A_house_rule_nobody_knows_is_refused() => HouseRules.Choose(new Dictionary<string, string> { ["pallet-wood"] = "whatever" }).Ok.ShouldBeFalse();

    private static Judgement Judge(Thing thing, HouseRules rules) => Inspection.Judge(thing, rules);

    private static HouseRules Rules(string rule, string school) => HouseRules.Choose(new Dictionary<string, string> { [rule] = school }).OrThrow();

    private static string[] Split(string seen) => seen.Split(' ', StringSplitOptions.RemoveEmptyEntries);
}
