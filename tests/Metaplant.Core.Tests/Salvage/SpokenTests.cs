using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Spoken;

namespace Metaplant.Core.Tests.Salvage;

/// <summary>Finds as people say them, in one line, in several Englishes.</summary>
public class SpokenTests
{
    private const double Millimetres = .001;
    private const double Inches = .0254;

    private static Heard Best(string line, double bare = Millimetres) => Hearing.Of(SpokenLine.Read(line, bare, new Dictionary<string, double> { ["barrow"] = .08, ["bucket"] = .01 }), 5)[0];

    [Theory]
    [InlineData("bath", "trough")]
    [InlineData("barrel", "drum")]
    [InlineData("wheelbarrow", "barrow-tray")]
    [InlineData("stepladder", "ladder")]
    [InlineData("tire", "tyre")]
    [InlineData("door", "door")]
    [InlineData("corrugated", "roofing-sheet")]
    [InlineData("chicken wire", "mesh")]
    [InlineData("scaffold board", "board")]
    [InlineData("copper", "copper-pipe")]
    [InlineData("potting soil", "soil")]
    [InlineData("washing line", "line")]
    [InlineData("willow", "rods")]
    [InlineData("hazel", "branches")]
    [InlineData("plastic crate", "plastic-crate")]
    [InlineData("dough trough", "dough-trough")]
    [InlineData("copper pipe", "copper-pipe")]
    [InlineData("duct", "tube")]
    [InlineData("railroad ties", "heavy-timber")]
    [InlineData("bricks", "bricks")]
    public void A_thing_is_found_by_what_people_call_it(string said, string kind) => Best(said).Kind.Id.ShouldBe(kind);

    [Theory]
    [InlineData("wheelbarow", "barrow-tray")]
    [InlineData("palet", "pallet")]
    [InlineData("corugated", "roofing-sheet")]
    [InlineData("stepldader", "ladder")]
    [InlineData("drumm", "drum")]
    [InlineData("scafold boards", "board")]
    public void A_slip_of_the_finger_is_forgiven(string said, string kind) => Best(said).Kind.Id.ShouldBe(kind);

    [Theory]
    [InlineData("pal", "pallet")]
    [InlineData("corru", "roofing-sheet")]
    [InlineData("lad", "ladder")]
    public void A_word_still_being_typed_finds_already(string said, string kind) => Best(said).Kind.Id.ShouldBe(kind);

    [Fact]
    public void The_best_comes_first_and_not_the_first_by_alphabet()
    {
        var heard = Hearing.Of(SpokenLine.Read("half pallet", Millimetres), 5);
        heard[0].Kind.Id.ShouldBe("half-pallet");
        heard.Select(h => h.Kind.Id).ShouldContain("pallet");
        heard.Select(h => h.Score).ShouldBeInOrder(SortDirection.Descending);
    }

    [Fact]
    public void Kinds_that_end_in_what_was_said_are_offered_after_it()
    {
        var heard = Hearing.Of(SpokenLine.Read("5 pallets", Millimetres), 12).Select(h => h.Kind.Id).ToList();
        heard[0].ShouldBe("pallet");
        heard.ShouldContain("half-pallet");
        heard.ShouldContain("winged-pallet");
    }

    [Fact]
    public void Every_kind_is_found_by_its_own_name()
    {
        foreach (var kind in SalvageKinds.All) Best(kind.Name).Kind.Id.ShouldBe(kind.Id, kind.Name);
    }

    [Fact]
    public void Nonsense_finds_nothing() => Hearing.Of(SpokenLine.Read("xyzzyq", Millimetres), 5).ShouldBeEmpty();

    [Fact]
    public void A_line_fills_the_form_of_a_pallet()
    {
        var heard = Best("5 pallets 47 1/4 x 39 3/8 HT");
        heard.Kind.Id.ShouldBe("pallet");
        heard.Count.ShouldBe(5);
        heard.Measures["slatLength"].ShouldBe(47.25 * Inches, 1e-9);
        heard.Measures["depth"].ShouldBe(39.375 * Inches, 1e-9);
        heard.Taken.ShouldBe(["slatLength", "depth"]);
        heard.Findings.ShouldBe(["mark-heat"]);
        heard.Name.ShouldBe("Pallets");
    }

    [Fact]
    public void A_barrel_of_so_many_gallons_holds_them()
    {
        var heard = Best("barrel 58 gal");
        heard.Kind.Id.ShouldBe("drum");
        heard.Taken.ShouldBeEmpty();
        ((IVessel)heard.Kind.Read(heard.Measures).OrThrow()).Inside.Volume.ShouldBe(58 * 3.785411784e-3, .002);
    }

    [Theory]
    [InlineData("9 scaffold boards 8 ft x 9 x 1 1/2", 9, 2.4384, .2286, .0381)]
    [InlineData("board 2.4 m x 95 x 18", 1, 2.4, .095, .018)]
    [InlineData("3 planks 1800 x 140 x 22", 3, 1.8, .14, .022)]
    [InlineData("plank 180cm x 14 x 2,2", 1, 1.8, .14, .022)]
    [InlineData("12 boards 5' 6\" x 6\" x 3/4\"", 12, 1.6764, .1524, .01905)]
    public void Numbers_without_a_unit_go_by_the_others(string said, int count, double length, double width, double thickness)
    {
        var heard = Best(said);
        heard.Kind.Id.ShouldBe("board");
        heard.Count.ShouldBe(count);
        heard.Measures["length"].ShouldBe(length, 1e-6);
        heard.Measures["width"].ShouldBe(width, 1e-6);
        heard.Measures["thickness"].ShouldBe(thickness, 1e-6);
    }

    [Fact]
    public void Bare_numbers_are_in_the_gardens_own_unit()
    {
        Best("tub 20 x 16 x 14", Inches).Measures["topDiameter"].ShouldBe(.508, 1e-9);
        Best("tub 500 x 400 x 350").Measures["topDiameter"].ShouldBe(.5, 1e-9);
    }

    [Fact]
    public void A_two_by_four_is_38_by_89_millimetres()
    {
        var heard = Best("6 studs 2x4 8 ft", Inches);
        heard.Kind.Id.ShouldBe("post");
        heard.Trade!.Name.ShouldBe("2×4");
        heard.Measures["length"].ShouldBe(8 * .3048, 1e-9);
        heard.Measures["width"].ShouldBe(.0889, 1e-4);
        heard.Measures["thickness"].ShouldBe(.0381, 1e-4);
        heard.Trade.Said["width"].ShouldBe(.1016, 1e-9);
        heard.Trade.Sold["width"].ShouldBe(heard.Measures["width"]);
        heard.Taken.ShouldBe(["length", "width", "thickness"]);
    }

    [Theory]
    [InlineData("post 2 in x 4 in x 8 ft")]
    [InlineData("post 2 1/2 x 4 x 60 in")]
    [InlineData("board 4x2x60", Inches)]
    public void With_a_unit_or_a_third_number_it_is_a_measure_and_no_name(string said, double bare = Millimetres) => Best(said, bare).Trade.ShouldBeNull();

    [Fact]
    public void Four_barrows_of_soil_are_a_load_and_two_buckets_are_two()
    {
        var soil = Best("4 barrows of soil");
        soil.Kind.Id.ShouldBe("soil");
        soil.Count.ShouldBe(1);
        soil.Measures["volume"].ShouldBe(.32, 1e-9);
        soil.Taken.ShouldBe(["volume"]);
        var buckets = Best("2 buckets");
        buckets.Kind.Id.ShouldBe("bucket");
        buckets.Count.ShouldBe(2);
        Best("7 buckets 12 x 10 x 14 in").Count.ShouldBe(7);
    }

    [Theory]
    [InlineData("blue plastic barrel", Substance.Polyethylene)]
    [InlineData("steel drum", Substance.Steel)]
    [InlineData("oak board", Substance.Hardwood)]
    [InlineData("copper pipe 3 m", Substance.Copper)]
    [InlineData("tin bath", Substance.ZincCoatedSteel)]
    public void What_it_is_made_of_is_heard_too(string said, Substance of) => Best(said).Substance.ShouldBe(of);

    [Fact]
    public void What_is_said_of_it_stays_in_its_name() => Best("3 green apple boxes 50 x 30 x 30 cm").Name.ShouldBe("Green apple boxes");

    [Theory]
    [InlineData("")]
    [InlineData("5")]
    [InlineData("x x x ' \" / 1/0 gal")]
    [InlineData("999999 pallets 999999 x 999999")]
    [InlineData("½ ¾ ✕ 😀 barrel")]
    public void Whatever_is_typed_is_borne(string said) => Should.NotThrow(() => Hearing.Of(SpokenLine.Read(said, Millimetres), 5));

    [Fact]
    public void A_mark_that_a_kind_does_not_bear_says_nothing_of_it() => Best("tub HT").Findings.ShouldBeEmpty();
}
