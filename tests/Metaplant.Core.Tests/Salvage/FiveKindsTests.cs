using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Spoken;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Salvage;

/// <summary>A door, a duct, copper pipe, a plastic crate and a dough trough are what they are, and nothing gets stronger by it.</summary>
public class FiveKindsTests
{
    [Theory]
    [InlineData("door", "door")]
    [InlineData("rectangular duct", "duct")]
    [InlineData("3 copper pipes 2 m x 15 mm", "copper-pipe")]
    [InlineData("4 milk crates", "plastic-crate")]
    [InlineData("kneading trough", "dough-trough")]
    public void It_is_found_by_its_own_words(string said, string kind) => Hearing.Of(SpokenLine.Read(said, .001), 5)[0].Kind.Id.ShouldBe(kind);

    [Fact]
    public void A_dough_trough_is_drilled_on_the_strength_of_its_boards()
    {
        var heap = A.Heap(A.Thing("dough-trough", findings: [Findings.HeldFood, Findings.LookedOver]), A.Thing("post", 3, id: 2, findings: [Findings.LookedOver]));
        var match = Matcher.Match(Catalogue.Find("drilled-tub")!, heap, Brief.Default, Aim.MostSoil);
        match.Best.ShouldNotBeNull();
        match.Best.Assessment.Hold.Checks.ShouldContain(c => c.Name == "Lowest side board");
        // Wider at the rim than at the foot: between a box of the foot and a box of the rim.
        match.Best.Blueprint.Soil.ShouldBeInRange(.95 * .32 * .2, 1.1 * .45 * .30);
    }

    [Theory]
    [InlineData("plastic-crate", "drilled-tub")]
    [InlineData("duct", "hanging-tube")]
    public void What_nobody_knows_the_strength_of_is_told_as_that(string kind, string design)
    {
        var heap = A.Heap(A.Thing(kind, findings: [.. new[] { Findings.HeldFood, Findings.LookedOver }.Where(SalvageKinds.Find(kind)!.LookFor.Contains)]));
        var match = Matcher.Match(Catalogue.Find(design)!, heap, Brief.Default, Aim.MostSoil);
        match.Best.ShouldBeNull();
        match.NoLeads.Single().Why.ToString().ShouldMatch("known|no sum");
    }

    [Fact]
    public void A_trough_that_leans_in_is_refused_at_its_field()
        => SalvageKinds.Find("dough-trough")!.Read(new Dictionary<string, double> { ["topWidth"] = .3, ["bottomWidth"] = .4 }).Problems.ShouldContain(p => p.Field == "bottomWidth");

    [Fact]
    public void No_kind_is_looked_at_for_one_thing_twice()
    {
        foreach (var kind in SalvageKinds.All) kind.LookFor.ShouldBeUnique(kind.Id);
    }
}
