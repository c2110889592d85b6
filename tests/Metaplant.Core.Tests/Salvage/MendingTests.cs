using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Tests.Salvage;

/// <summary>A thing that an earlier catalogue kept is made readable again, and is never fitter, stronger or better known for it.</summary>
public class MendingTests
{
    [Fact]
    public void A_measure_that_can_no_longer_be_is_put_back_to_the_typical_one_and_counts_as_not_taken()
    {
        var mended = Mending.Of(Tub() with { Values = new Dictionary<string, double> { ["topDiameter"] = .6, ["height"] = 99 } }).OrThrow();
        mended.Thing.Values["height"].ShouldBe(mended.Thing.Kind.Fields.First(f => f.Id == "height").Typical);
        mended.Thing.Taken.ShouldBe(["topDiameter"]);
        mended.Changes.ShouldContain(c => c.Contains("It has to be measured again."));
        mended.Thing.Findings.ShouldNotContain(Findings.LookedOver);
    }

    [Fact]
    public void A_sign_nobody_knows_any_more_makes_its_past_unknown_and_it_grows_no_food()
    {
        var before = Inspection.Judge(Tub().Read().OrThrow(), HouseRules.Default).Fitness;
        before.ShouldBe(Fitness.Food);
        var mended = Mending.Of(Tub() with { Findings = [Findings.HeldFood, "held-plutonium", Findings.LookedOver] }).OrThrow();
        (Inspection.Judge(mended.Thing, HouseRules.Default).Fitness > Fitness.Ornamentals).ShouldBeTrue();
        mended.Changes.ShouldContain(c => c.Contains("held-plutonium"));
    }

    [Fact]
    public void A_sign_that_its_kind_is_not_asked_about_goes_into_its_history_and_still_counts()
    {
        var board = Tub() with { KindId = "board", Substance = Substance.Softwood, Values = new Dictionary<string, double>(), Findings = ["creosote"] };
        var mended = Mending.Of(board with { KindId = "round-tub", Substance = Substance.Polyethylene }).OrThrow();
        (mended.Thing.Shows("creosote") || mended.Thing.Shows(Findings.HeldUnknown)).ShouldBeTrue();
        (Inspection.Judge(mended.Thing, HouseRules.Default).Fitness > Fitness.Food).ShouldBeTrue();
    }

    [Fact]
    public void A_kind_that_is_gone_has_to_be_chosen_and_what_fits_is_kept()
    {
        var gone = Tub() with { KindId = "gondola" };
        gone.Read().Problems[0].Field.ShouldBe("kind");
        Mending.Of(gone).Problems[0].Sentence.ShouldContain("“gondola”");
        var mended = Mending.Of(gone, "bucket").OrThrow();
        mended.Thing.Kind.Id.ShouldBe("bucket");
        mended.Thing.Values["height"].ShouldBe(.42, 1e-9);
        mended.Changes[0].ToString().ShouldBe("It becomes a bucket.");
    }

    [Fact]
    public void A_bad_place_that_no_longer_lies_on_it_leaves_it_poor_and_not_sound()
    {
        var board = new KeptThing(1, 1, "Plank", "board", 2, new Dictionary<string, double> { ["length"] = 1, ["width"] = .14, ["thickness"] = .02 }, Substance.Softwood, [Findings.LookedOver], [new("piece", .2, .3), new("wing", 0, 0)], [], ["length", "width", "thickness"]);
        var mended = Mending.Of(board).OrThrow();
        mended.Thing.Faults.ShouldBe([new Fault("piece", .2, .3)]);
        mended.Thing.Condition.ShouldBe(Condition.Poor);
    }

    [Theory]
    [InlineData("findings")]
    [InlineData("history")]
    public void Signs_that_nobody_can_read_count_as_the_worst_and_not_as_none(string part)
    {
        var kept = Tub() with { Findings = [], Unread = [part] };
        kept.Read().Problems.Single().Field.ShouldBe(part);
        var mended = Mending.Of(kept).OrThrow();
        mended.Thing.Shows(Findings.HeldUnknown).ShouldBeTrue();
        mended.Changes.ShouldContain("What was seen on it cannot be read, so what it held counts as unknown.");
        Inspection.Judge(mended.Thing, HouseRules.Default).MayCut.ShouldBeFalse();
    }

    [Fact]
    public void Bad_places_and_measures_that_nobody_can_read_leave_it_poor_and_unmeasured()
    {
        var mended = Mending.Of(Tub() with { Values = new Dictionary<string, double>(), Taken = [], Unread = ["faults", "measures"] }).OrThrow();
        mended.Thing.Condition.ShouldBe(Condition.Poor);
        mended.Thing.NotTaken.Count().ShouldBe(mended.Thing.Kind.Fields.Count);
        mended.Changes.Count.ShouldBe(3, "and it has to be looked at again");
    }

    [Fact]
    public void A_stuff_that_is_no_longer_known_is_an_unknown_one_or_is_not_cut_for_what_it_may_not_be()
    {
        Mending.Of(Tub() with { Substance = null }).OrThrow().Thing.Substance.ShouldBe(Substance.UnknownPlastic);
        // A sheet of no known stuff may be old fibre-cement.
        var sheet = Mending.Of(new KeptThing(1, 1, "Sheet", "roofing-sheet", 1, new Dictionary<string, double>(), null, [Findings.LookedOver], [], [], [])).OrThrow();
        var judgement = Inspection.Judge(sheet.Thing, HouseRules.Default);
        (judgement.MayCut, judgement.Fitness >= Fitness.StructureOnly).ShouldBe((false, true));
    }

    [Fact]
    public void Whatever_was_kept_what_is_mended_can_be_read_and_is_no_fitter_than_it_could_be_read_before()
    {
        var random = new Random(7);
        foreach (var kind in SalvageKinds.All)
        {
            for (var i = 0; i < 40; i++)
            {
                var kept = Any(kind, random);
                if (Mending.Of(kept) is not { Ok: true } mended) continue;
                // What is told of the stuff and signs alone, on a thing that can be read.
                var readable = kept with { Values = new Dictionary<string, double>(), Faults = [], Taken = [], Findings = [.. kept.Findings.Where(kind.LookFor.Contains)], History = [.. kept.History.Where(h => Findings.Find(h) is not null)] };
                if (readable.Read() is not { Ok: true } read) continue;
                (Inspection.Judge(mended.Value.Thing, HouseRules.Default).Fitness >= Inspection.Judge(read.Value, HouseRules.Default).Fitness).ShouldBeTrue($"{kind.Id}: {string.Join(", ", kept.Findings)}");
                mended.Value.Thing.Taken.ShouldBeSubsetOf(kept.Taken);
            }
        }
    }

    [Fact]
    public void House_rules_and_tools_that_are_gone_are_left_out_and_the_others_stay_in_force()
    {
        var rules = HouseRules.WithWhatCanBe(new Dictionary<string, string> { [HouseRules.PalletWood] = "never", ["moon"] = "waxing", [HouseRules.CoatedMetal] = "gilded" });
        rules[HouseRules.PalletWood].ShouldBe("never");
        rules[HouseRules.CoatedMetal].ShouldBe("accept");
        var shelf = Building.ToolShelf.WithWhatCanBe(new Dictionary<string, Building.ShelvedTool> { ["Drill"] = new(Building.Having.Lacking), ["Wand"] = new(Building.Having.Owned) });
        shelf.Answer("Drill").Having.ShouldBe(Building.Having.Lacking);
    }

    private static KeptThing Any(SalvageKind kind, Random random)
    {
        var values = kind.Fields.Where(_ => random.Next(3) > 0).ToDictionary(f => f.Id, f => random.Next(4) == 0 ? f.Greatest * 7 : f.Typical);
        if (random.Next(3) == 0) values["wingspan"] = 1;
        List<string> signs = [.. Findings.All.Where(_ => random.Next(12) == 0).Select(f => f.Id)];
        if (random.Next(4) == 0) signs.Add("held-plutonium");
        return new(1, 1, "Kept", kind.Id, random.Next(0, 3), values, random.Next(5) == 0 ? null : kind.Substances[random.Next(kind.Substances.Count)], signs, [], random.Next(3) == 0 ? ["creosote"] : [], [.. values.Keys]);
    }

    private static KeptThing Tub() => new(
        7, 7, "Tub", "round-tub", 1, new Dictionary<string, double> { ["topDiameter"] = .6, ["bottomDiameter"] = .48, ["height"] = .42 }, Substance.Polyethylene, [Findings.HeldFood, Findings.LookedOver], [], [], ["topDiameter", "bottomDiameter", "height"]);
}
