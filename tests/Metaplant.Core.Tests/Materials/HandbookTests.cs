using Metaplant.Core.Calculators;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Calculators;

namespace Metaplant.Core.Tests.Materials;

/// <summary>Every constant has a source and can be replaced by one's own; what rests on it follows.</summary>
public class HandbookTests
{
    [Fact]
    public void Every_row_has_an_id_of_its_own_a_source_and_room_to_change_it()
    {
        Handbook.Rows.Select(r => r.Id).ShouldBeUnique();
        foreach (var row in Handbook.Rows)
        {
            row.Source.ShouldNotBeNullOrWhiteSpace(row.Id);
            row.Meaning.ToString().ShouldNotBeNullOrWhiteSpace(row.Id);
            row.Value.ShouldBeInRange(row.Least, row.Greatest, row.Id);
            row.Least.ShouldBeLessThan(row.Greatest, row.Id);
        }
    }

    [Fact]
    public void Rows_of_one_kind_stand_in_one_table()
    {
        Handbook.Tables.Count.ShouldBeGreaterThan(8);
        Handbook.Tables.Select(t => t.Title).ShouldBeUnique();
        Handbook.Tables.ShouldAllBe(t => t.Rows.Count > 0);
    }

    [Theory]
    [InlineData("factor.soil", .9)]
    [InlineData("timber.C14.partial", .8)]
    [InlineData("medium.potting-mix.porosity", 1.2)]
    [InlineData("wind.gust-open", 2)]
    [InlineData("crop.tomato.night", 90)]
    [InlineData("practice.rain", double.NaN)]
    public void A_value_outside_its_range_is_refused_by_name(string id, double value)
        => Handbook.With(new Dictionary<string, double> { [id] = value }).Problems.ShouldHaveSingleItem().Field.ShouldBe(id);

    [Fact]
    public void A_name_that_no_table_has_is_refused() => Handbook.With(new Dictionary<string, double> { ["timber.C99.bending"] = 1 }).Ok.ShouldBeFalse();

    public static TheoryData<string, double, string, string> Followers => new()
    {
        { "factor.soil", 1.6, "board-span", """{"boardHeight":0.095,"thickness":0.018,"span":0.2,"pressure":60000,"timber":"C14","condition":"Poor"}""" },
        { "factor.bend-limit", 300, "board-span", """{"boardHeight":0.095,"thickness":0.018,"span":0.5,"pressure":3000,"timber":"C14"}""" },
        { "timber.C14.partial", 2, "board-span", """{"boardHeight":0.095,"thickness":0.018,"span":0.2,"pressure":60000,"timber":"C14","condition":"Poor"}""" },
        { "ground.post-safety", 3, "post-embedment", """{"retainedHeight":0.32,"spacing":0.45,"unitWeight":15000,"frictionAngleDegrees":30,"postDiameter":0.06,"ground":{"kind":"Clay","cohesion":40000}}""" },
        { "ground.shaft-friction", 25, "stake-pull-out", """{"diameter":0.03,"embedment":0.4,"unitWeight":18000}""" },
        { "practice.discharge", .7, "hole-flow", """{"diameter":0.01,"head":0.01}""" },
        { "practice.outlet-slope", .02, "outlet-fall", """{"length":1.5}""" },
        { "practice.soil-over-placed", 1.3, "bags", """{"outline":{"length":1.2,"width":0.6},"fillDepth":0.3,"bag":0.02}""" },
        { "practice.loss-on-mixing", .1, "blend", """{"parts":[{"medium":"garden-loam","parts":1},{"medium":"finished-compost","parts":1}]}""" },
        { "practice.weave-packing", .7, "weave", """{"length":3,"height":0.4,"stakeSpacing":0.35,"stakeDiameter":0.045,"rodDiameter":0.018,"rodLength":1.8,"overlap":0.2}""" },
        { "metal.screw-strength", 800e6, "screw-joint", """{"nearThickness":0.018,"penetration":0.038,"effectiveDiameter":0.0033,"nearDensity":290,"farDensity":290,"predrilled":true}""" },
        { "metal.sheet-rust", .08, "corrugated-sheet", """{"profileDepth":0.018,"pitch":0.076,"thickness":0.0006,"pressure":3000,"years":5}""" },
        { "ground.foot-friction", .3, "bale-wall", """{"width":0.45,"soilDepth":0.36,"wallUnitWeight":1000,"unitWeight":15000,"frictionAngleDegrees":30}""" },
        { "practice.wire-yield", 200e6, "tie-count", """{"wallLength":12,"soilDepth":0.4,"unitWeight":15000,"frictionAngleDegrees":30,"wireDiameter":0.0025}""" },
    };

    [Theory]
    [MemberData(nameof(Followers))]
    public void A_sum_follows_ones_own_value_and_names_the_row_it_took(string id, double value, string name, string inputs)
    {
        var calculator = CalculatorShelf.Find(name)!;
        var given = Working.Given(inputs);
        var ours = calculator.Reckon(given, Handbook.Default).OrThrow();
        var theirs = calculator.Reckon(given, Handbook.With(new Dictionary<string, double> { [id] = value }).OrThrow()).OrThrow();
        theirs.Value.ShouldNotBe(ours.Value);
        ((IReadOnlyList<Sum>)[theirs.Sum, .. theirs.Steps, .. theirs.Check?.Sums ?? []]).SelectMany(s => s.Terms).ShouldContain(t => t.ConstantId == id && Math.Abs(t.Value / value - 1) < 1e-9);
    }

    [Fact]
    public void An_input_given_counts_before_the_row_it_would_be_taken_from()
    {
        var given = Working.Given("""{"length":1.5,"slope":0.01}""");
        CalculatorShelf.Find("outlet-fall")!.Reckon(given, Handbook.With(new Dictionary<string, double> { ["practice.outlet-slope"] = .05 }).OrThrow()).OrThrow().Value.ShouldBe(.015);
    }

    [Fact]
    public void A_windier_garden_wants_deeper_pegs()
    {
        var windy = Handbook.With(new Dictionary<string, double> { ["wind.gust-open"] = 30 }).OrThrow();
        var path = new Core.Designs.LoadPaths.PeggedInWind("stick", 4, .35, 1.7, .35 * 1.7, .035, .4, 3, .3);
        path.Work(Brief.Default with { Handbook = windy }).Single().Utilisation!.Value.ShouldBeGreaterThan(path.Work(Brief.Default).Single().Utilisation!.Value);
        path.PegDepthNeeded(Brief.Default with { Handbook = windy }).ShouldBeGreaterThan(path.PegDepthNeeded(Brief.Default));
    }

    [Fact]
    public void People_who_lift_more_need_fewer_hands()
        => Lifting.People(30, Handbook.With(new Dictionary<string, double> { ["people.lift-1"] = 32 }).OrThrow()).ShouldBe(1);

    [Theory]
    [InlineData("firm-sand", 30)]
    [InlineData("made-ground", 25)]
    public void Sands_have_an_angle(string id, double angle) => Ground.Of(Handbook.Default, id).ShouldBeOfType<SandGround>().FrictionAngleDegrees.ShouldBe(angle);

    [Fact]
    public void Clays_have_cohesion() => Ground.Of(Handbook.Default, "soft-clay").ShouldBe(new ClayGround(12e3));

    [Fact]
    public void The_same_values_give_the_same_handbook_and_others_another()
    {
        Handbook.With(new Dictionary<string, double>()).OrThrow().ShouldBeSameAs(Handbook.Default);
        var one = Own(.02);
        Own(.02).ShouldBeSameAs(one);
        Own(.03)[Practice.OutletSlope].ShouldBe(.03);
        one[Practice.OutletSlope].ShouldBe(.02);

        static Handbook Own(double slope) => Handbook.With(new Dictionary<string, double> { [Practice.OutletSlope] = slope }).OrThrow();
    }
}
