using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Salvage;

/// <summary>Every kind can be entered, drawn and taken apart; impossible measures are refused with a reason.</summary>
public class KindTests
{
    public static TheoryData<string> Kinds => [.. SalvageKinds.All.Select(k => k.Id)];

    [Fact]
    public void Everything_a_yard_gives_has_its_kind()
        => SalvageKinds.All.Select(k => k.Id).Order(StringComparer.Ordinal).ShouldBe(
        [
            "angle", "ash", "barrow-tray", "basket", "blocks", "board", "branches", "bricks", "bucket", "cable-reel", "canes", "card", "cart", "chain", "compost", "conduit", "copper-pipe", "crate", "door", "dough-trough", "drum", "duct", "fabric", "film", "fixings", "flat-sheet", "flexible-pipe",
            "free-form", "green-waste", "grit", "half-pallet", "hardware", "heavy-timber", "ladder", "lattice", "leaves", "line", "logs", "manure", "mesh", "pallet", "pan", "plastic-crate", "ply", "pole", "post", "poured", "rods", "roofing-sheet", "round-tub",
            "sack", "skid", "slates", "soil", "steel-rod", "stick-pile", "stones", "straw-bale", "table", "table-frame", "tapered-tub", "tote", "trough", "tube", "twigs", "tyre", "winged-pallet", "woodchip",
        ]);

    [Theory]
    [MemberData(nameof(Kinds))]
    public void The_walk_asks_of_everything_that_is_looked_for_once_and_the_decisive_first(string id)
    {
        var kind = SalvageKinds.Find(id)!;
        var asked = Walk.For(kind).SelectMany(q => q.Answers).Select(a => a.Finding).OfType<string>().ToList();
        asked.ShouldBeUnique();
        // But for the outcome of the look itself and of a test with water.
        asked.ShouldBe(kind.LookFor.Where(f => f is not (Findings.LookedOver or Findings.HeldWater)), ignoreOrder: true);
        Walk.For(kind).ShouldAllBe(q => q.Answers.Count >= 2);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_kind_says_how_long_it_lasts_and_how_to_handle_it(string id)
    {
        foreach (var substance in SalvageKinds.Find(id)!.Substances)
        {
            var thing = A.Thing(id, substance: substance);
            Core.Materials.Lives.Of(substance, thing.Condition).Count.ShouldBe(3);
            HandlingAdvice.For(thing, Inspection.Judge(thing, HouseRules.Default)).ShouldNotBeEmpty();
        }
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_kind_at_its_typical_measures_is_drawn_and_gives_something(string id)
    {
        var thing = A.Thing(id);
        var kind = thing.Kind;
        kind.Fields.Count(f => f.Quick).ShouldBeInRange(1, 3);
        kind.LookFor.ShouldAllBe(f => Findings.Find(f) != null);
        kind.Silhouette(thing.Measures).ShouldNotBeEmpty();
        kind.Draw(thing.Measures).Dimensions.Select(d => d.Field).OfType<string>().ShouldBeSubsetOf(kind.Fields.Select(f => f.Id));
        kind.BreakDown(thing).ShouldAllBe(w => w.Yields.Count > 0 && w.Minutes > 0 && w.Yields.All(y => y.Expected <= y.Count));
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_measure_outside_its_range_is_refused_at_its_field(string id)
    {
        var kind = SalvageKinds.Find(id)!;
        foreach (var field in kind.Fields)
        {
            foreach (var value in (double[])[field.Greatest * 2, -1, double.NaN, double.PositiveInfinity])
            {
                var refused = kind.Read(new Dictionary<string, double> { [field.Id] = value });
                refused.Ok.ShouldBeFalse();
                refused.Problems.ShouldContain(p => p.Field == field.Id && p.Sentence.ToString().Length > 10);
            }
        }
    }

    [Theory]
    [InlineData("round-tub", "wall", .028, "bottomDiameter", .06)]
    [InlineData("pallet", "slats", 12, "depth", .6)]
    [InlineData("trough", "topRadius", .5, "topWidth", .6)]
    [InlineData("branches", "shortest", 3, "longest", 2)]
    [InlineData("board", "thickness", .06, "width", .05)]
    [InlineData("crate", "boardHeight", .4, "height", .3)]
    public void Measures_that_cannot_be_together_are_refused(string kind, string field, double value, string other, double otherValue)
        => SalvageKinds.Find(kind)!.Read(new Dictionary<string, double> { [field] = value, [other] = otherValue }).Problems.ShouldContain(p => p.Field == field);

    [Fact]
    public void A_thing_with_many_faults_says_them_all_at_once()
    {
        var refused = Thing.Create(1, 1, " ", "round-tub", 0, new Dictionary<string, double> { ["height"] = 9 }, null, ["mark-fumigant"], [new("slat-1", 0, 0)]);
        refused.Problems.Select(p => p.Field).ShouldBe(["name", "count", "findings", "measures.height"]);
    }

    [Theory]
    [InlineData(.573, "hold soil by themselves")]
    [InlineData(.8, "line it with cloth")]
    [InlineData(1.2, "line it double")]
    public void Wider_gaps_between_the_slats_lose_more_fill(double depth, string expected)
    {
        var pallet = A.Thing("pallet", measures: [("depth", depth)]);
        pallet.Kind.BreakDown(pallet).First(w => w.Id.StartsWith("sections", StringComparison.Ordinal)).Words.ShouldContain(expected);
    }

    [Fact]
    public void Sections_go_round_the_bad_slats()
    {
        var pallet = (PalletMeasures)A.Thing("pallet", measures: [("slats", 9), ("depth", 1.2)]).Measures;
        pallet.Sections(4, []).ShouldBe([1, 5]);
        pallet.Sections(4, [new("slat-2", 0, 0)]).ShouldBe([3]);
        pallet.Sections(2, [new("slat-5", 0, 0)]).ShouldBe([1, 3, 6, 8]);
        pallet.Sections(4, [new("slat-3", 0, 0), new("slat-6", 0, 0)]).ShouldBeEmpty();
    }

    [Fact]
    public void A_weathered_pallet_breaks_more_boards_when_they_are_prised_off()
    {
        double Long(params string[] findings) => A.Thing("pallet", findings: findings) is var p ? p.Kind.BreakDown(p).First(w => w.Id == "long-boards").Yields[0].Expected : 0;
        Long().ShouldBeGreaterThan(Long(Findings.Weathered));
        Long(Findings.Weathered).ShouldBeGreaterThan(Long(Findings.Poor));
    }

    [Fact]
    public void Of_twenty_sticks_the_fourth_longest_is_a_little_shorter_than_the_longest()
    {
        ISticks sticks = new BundleMeasures(20, 1.6, 2.55, .03, .01);
        sticks.LengthOfLongest(1).Near(2.55);
        sticks.LengthOfLongest(4).Near(2.4);
        sticks.LengthOfLongest(20).Near(1.6);
        sticks.LengthOfLongest(21).ShouldBe(0);
        sticks.CountOver(2.4).ShouldBe(4);
    }

    [Fact]
    public void Problems_are_carried_through_the_next_step()
    {
        Outcome<Thing> refused = new Problem("count", "No.");
        refused.Then<Thing>(_ => throw new InvalidOperationException("not reached")).Problems.Single().Field.ShouldBe("count");
    }
}
