using System.Net;
using System.Text.Json.Nodes;

namespace Metaplant.Web.Tests;

/// <summary>Match, draw, keep and make, on the demonstration garden.</summary>
public sealed class ProjectTests : IAsyncLifetime
{
    private readonly GardenServer server = new(demo: true);

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task The_demonstration_heap_shows_every_verdict_a_near_miss_and_a_refusal()
    {
        var things = (await server.GetAsync("/api/things")).AsArray();
        things.Count.ShouldBeGreaterThanOrEqualTo(25);
        things.Select(t => t!["fitness"]!.GetValue<string>()).Distinct().Order().ShouldBe(["Food", "Ornamentals", "Refused", "StructureOnly"]);
        var matches = (await Match()).AsArray();
        matches.Count.ShouldBe(Core.Designs.Catalogue.All.Count);
        matches.ShouldContain(m => m!["standing"]!.GetValue<string>() == "WillDo");
        var notFor = matches.SelectMany(m => m!["noSources"]!.AsArray()).ToList();
        notFor.ShouldContain(n => n!["why"]!.GetValue<string>().Contains("more wanted"));
        notFor.ShouldContain(n => n!["why"]!.GetValue<string>().Contains("MB"));
    }

    /// <summary>For each a lead that will do, one that nearly does and one that will not, each with its sentence.</summary>
    [Theory]
    [InlineData("bale-bed", "Bales from the harvest supper", "Short bales off the stage: 1 more wanted for bales", "Straw bales: It may carry weedkiller")]
    [InlineData("dry-wall-bed", "Bricks off the chimney", "Concrete blocks: 1 more wanted", "Roof slates: Too thin to lay a wall of")]
    [InlineData("twig-obelisk", "Alder poles", "Cherry suckers, dead on the tree: ", "Bamboo canes: Bamboo splits where it is screwed")]
    [InlineData("tripod-ridge", "Alder poles", "Bamboo canes: Legs of the tripods bowed out", "Hazel rods: Too thin to carry a ridge")]
    [InlineData("mesh-pot", "Lobster-pot wire", "Rabbit wire, the end of it: 1 more wanted for rings", "Trawl mesh: ")]
    [InlineData("lined-crates", "Apple crates", "Chart box, long and thin: ", "Crab basket: Nobody knows what its weave bears")]
    [InlineData("woven-edging", "Willow prunings", "Dogwood cuttings, a handful: ", "Alder poles: Too thick to weave")]
    [InlineData("woven-bed", "Willow prunings", "Hazel rods: ", "Alder poles: Too thick to weave")]
    [InlineData("net-frame", "Fruit net", "Rabbit wire, the end of it: ", "Trawl mesh: Openings of 80")]
    [InlineData("let-in-table", "Bait pails", "Bilge buckets: ", "Apple crates: Of boards, with no rim to hang by")]
    [InlineData("drum-cradle", "Blue juice drums", "Float drum, small: Rolling out of its cradle", "Varnish drum: ")]
    [InlineData("layered-tower", "Lobster-pot wire", "Rabbit wire, the end of it: 1 more wanted", "Trawl mesh: A net of")]
    [InlineData("sloped-trough", "Rinse trough", "Moulded ice bin, cracked: Floor between packers", "Apple crates: It has gaps")]
    [InlineData("pocket-drum", "Blue juice drums", "Float drum, small: Too low for a row of openings", "Varnish drum: ")]
    [InlineData("pocket-pallet", "Long crate pallets, HT", "Engine pallets, HT: 1 slat is split or gone", "Engine skid: It has no back")]
    [InlineData("frame-tray", "Workbench carcass", "Sail-loft table, its frame: 4 more wanted", "Sewing-machine stand: Nobody knows how strong legs of steel are")]
    [InlineData("hoop-arch", "Awning tubes", "Willow prunings: Arches in a gust", "Deck-wash hose: Nobody knows how rubber bends")]
    [InlineData("pot-lattice", "Bird-seed pails", "Bilge buckets: Lath that a pot hangs from", "Apple crates: It has gaps")]
    [InlineData("show-planter", "Launching cart", "Tea trolley: Somebody sits on its edge", "Coal barrow: Rusted through")]
    [InlineData("timber-bed", "Lock-gate baulks", "Baulk with a burnt end: ", "Fender timber, tarred: ")]
    [InlineData("tyre-ring", "Trailer tyres", "Barrow tyres: Too flat", "Tyre from under the engine: A stain or smell nobody can name")]
    public async Task On_the_demonstration_heap_a_design_will_do_nearly_does_and_will_not(string design, string best, string nearly, string not)
    {
        var match = (await Match()).AsArray().Single(m => (string)m!["design"]! == design)!;
        ((string)match["standing"]!).ShouldBe("WillDo");
        match["best"]!["takes"]!.AsArray().Select(t => (string)t!["name"]!).ShouldContain(best);
        var others = match["noSources"]!.AsArray().Select(n => $"{n!["name"]}: {n["why"]}").ToList();
        others.ShouldContain(n => n.StartsWith(nearly, StringComparison.Ordinal), string.Join("; ", others));
        others.ShouldContain(n => n.StartsWith(not, StringComparison.Ordinal), string.Join("; ", others));
    }

    [Fact]
    public async Task A_kept_bed_speaks_for_its_pallets_until_it_is_dropped()
    {
        var kept = await Keep("pallet-bed", "1", "Apron bed");
        var pallets = kept["board"]!["fit"]!["takes"]!.AsArray().First(t => t!["thingId"]!.GetValue<int>() == 1)!["count"]!.GetValue<int>();
        pallets.ShouldBeGreaterThan(0);
        (await Thing(1))["free"]!.GetValue<int>().ShouldBe(8 - pallets);
        (await Thing(1))["spokenFor"]![0]!["projectName"]!.GetValue<string>().ShouldBe("Apron bed");
        var (status, problem) = await server.PostAsync("/api/things/1/retire", new { version = (await Thing(1))["version"]!.GetValue<int>() });
        status.ShouldBe(HttpStatusCode.BadRequest);
        problem!["errors"]!["count"]![0]!.GetValue<string>().ShouldContain("spoken for");
        (await server.PostAsync($"/api/projects/{kept["id"]}/drop", new { version = kept["version"]!.GetValue<int>() })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await Thing(1))["free"]!.GetValue<int>().ShouldBe(8);
        await server.PostAsync("/api/undo", null);
        (await Thing(1))["free"]!.GetValue<int>().ShouldBe(8 - pallets);
    }

    [Fact]
    public async Task A_kept_project_is_drawn_from_its_own_pieces_until_it_is_kept_again()
    {
        var kept = await Keep("drilled-tub", "10", "Bait-tub herbs");
        var id = kept["id"]!.GetValue<int>();
        var takes = kept["board"]!["fit"]!["takes"]!.ToJsonString();
        // A post that would do better comes to the heap: lighter work and less wood than what was chosen.
        var post = new { name = "Short ends", kind = "post", count = 9, measures = new { length = .52, width = .06, thickness = .05 }, findings = new[] { "looked-over" } };
        (await server.PostAsync("/api/things", post)).Status.ShouldBe(HttpStatusCode.Created);
        var again = await server.GetAsync($"/api/projects/{id}");
        again["board"]!["fit"]!["takes"]!.ToJsonString().ShouldBe(takes);
        again["castAnew"].ShouldBeNull();
        // On the board, with nothing changed, it is still the same; with something changed it is cast anew and may take the better.
        var settings = again["board"]!["fit"]!["settings"]!;
        var (_, same) = await server.PostAsync("/api/board", new { design = "drilled-tub", source = "10", settings, project = id });
        same!["fit"]!["takes"]!.ToJsonString().ShouldBe(takes);
        await server.RestartAsync();
        (await server.GetAsync($"/api/projects/{id}"))["board"]!["fit"]!["takes"]!.ToJsonString().ShouldBe(takes);
    }

    [Theory]
    [InlineData(.017, "[]")]
    [InlineData(.02, "[{\"part\":\"slat-2\",\"from\":0,\"to\":0}]")]
    public async Task A_thing_found_thinner_or_rotten_since_is_told_and_no_longer_drawn_as_it_was(double thick, string faults)
    {
        var id = (await Keep("pallet-bed", "1", "Apron bed"))["id"]!.GetValue<int>();
        var thing = await Thing(1);
        var measures = thing["measures"]!.DeepClone();
        measures["slatThickness"] = thick;
        var body = new { name = "Engine pallets, HT", kind = "pallet", count = 8, substance = "Softwood", measures, findings = thing["findings"], faults = JsonNode.Parse(faults), version = (int)thing["version"]! };
        (await server.PutAsync("/api/things/1", body)).Status.ShouldBe(HttpStatusCode.OK);
        var project = await server.GetAsync($"/api/projects/{id}");
        ((string)project["castAnew"]!).ShouldStartWith("Engine pallets, HT, which it was made of, has been measured anew since.");
        // Another name is no other measure.
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync($"/api/projects/{id}"))["castAnew"].ShouldBeNull();
        (await server.PutAsync("/api/things/1", new { name = "Renamed", kind = "pallet", count = 8, substance = "Softwood", measures = thing["measures"], findings = thing["findings"], faults = thing["faults"], version = (int)(await Thing(1))["version"]! })).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync($"/api/projects/{id}"))["castAnew"].ShouldBeNull();
    }

    [Fact]
    public async Task A_batch_made_smaller_takes_no_piece_from_a_project_and_goes_out_and_in_again()
    {
        var (first, last) = (await Keep("drilled-tub", "10", "First"), await Keep("pallet-bed", "1", "Last"));
        (await server.PostAsync($"/api/projects/{first["id"]}/drop", new { version = (int)first["version"]! })).Status.ShouldBe(HttpStatusCode.NoContent);
        var thing = await Thing(1);
        var body = new { name = "Engine pallets, HT", kind = "pallet", count = 8 - (int)thing["free"]!, substance = "Softwood", measures = thing["measures"], findings = thing["findings"], faults = thing["faults"], version = (int)thing["version"]! };
        (await server.PutAsync("/api/things/1", body)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync($"/api/projects/{last["id"]}"))["castAnew"].ShouldBeNull();
        var document = await server.Http.GetByteArrayAsync("/api/garden/document", TestContext.Current.CancellationToken);
        using var content = new ByteArrayContent(document);
        content.Headers.ContentType = new("application/octet-stream");
        using var response = await server.Http.PostAsync("/api/garden/in", content, TestContext.Current.CancellationToken);
        response.StatusCode.ShouldBe(HttpStatusCode.NoContent);
    }

    [Fact]
    public async Task Every_view_of_a_project_comes_as_svg_and_dxf_and_its_template_at_true_size()
    {
        var kept = await Keep("drilled-tub", "10", "Bait-tub herbs");
        var id = kept["id"]!.GetValue<int>();
        var placed = kept["plan"]!["steps"]!.AsArray().Where(s => s!["picture"]!.GetValue<bool>()).Select(s => $"step-{s!["id"]}").ToList();
        placed.ShouldNotBeEmpty();
        foreach (var name in (string[])["front", "side", "plan", "section", "corner-0", "corner-3", "apart", "part-packer", "template-0", .. placed])
        {
            (await server.Http.GetStringAsync($"/api/projects/{id}/pictures/{name}.svg", TestContext.Current.CancellationToken)).ShouldStartWith("<svg");
            var dxf = await server.Http.GetStringAsync($"/api/projects/{id}/pictures/{name}.dxf", TestContext.Current.CancellationToken);
            dxf.ShouldStartWith("999\n1 unit is 1 millimetre");
            dxf.ShouldEndWith("0\nEOF\n");
        }

        var sheets = kept["plan"]!["templates"]![0]!["sheets"]!.GetValue<int>();
        sheets.ShouldBeGreaterThan(1);
        for (var k = 0; k < sheets; k++) (await server.Http.GetStringAsync($"/api/projects/{id}/templates/0/{k}", TestContext.Current.CancellationToken)).ShouldContain("100 mm");
        (await server.Http.GetAsync($"/api/projects/{id}/pictures/moon.svg", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task The_plan_has_cuts_steps_cautions_and_a_template_and_ticks_are_kept()
    {
        var kept = await Keep("drilled-tub", "10", "Bait-tub herbs");
        var plan = kept["plan"]!;
        plan["templates"]![0]!["holes"]!.AsArray().Count.ShouldBe(kept["board"]!["fit"]!["drain"]!["holes"]!.GetValue<int>());
        (await Keep("upright-bed", "1+38", "Herring bed"))["plan"]!["cuts"]!.AsArray().ShouldNotBeEmpty();
        plan["caution"]!.GetValue<string>().ShouldContain("Not a certificate");
        var step = plan["steps"]![0]!["id"]!.GetValue<string>();
        (await server.PostAsync($"/api/projects/{kept["id"]}/ticks", new { step, done = true })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.PostAsync($"/api/projects/{kept["id"]}/ticks", new { step = "fly", done = true })).Status.ShouldBe(HttpStatusCode.BadRequest);
        await server.RestartAsync();
        var again = await server.GetAsync($"/api/projects/{kept["id"]}");
        again["plan"]!["steps"]![0]!["done"]!.GetValue<bool>().ShouldBeTrue();
        again["plan"]!["steps"]![1]!["done"]!.GetValue<bool>().ShouldBeFalse();
    }

    [Fact]
    public async Task Pallet_cuts_go_round_the_bad_slat()
    {
        var kept = await Keep("pallet-bed", "1", "Bed");
        foreach (var cut in kept["plan"]!["palletCuts"]!.AsArray())
        {
            var high = cut!["slatsHigh"]!.GetValue<int>();
            cut["badSlats"]!.AsArray().Single()!.GetValue<int>().ShouldBe(4);
            cut["firstSlats"]!.AsArray().Select(f => f!.GetValue<int>()).ShouldAllBe(first => 4 < first || 4 >= first + high);
        }
    }

    [Fact]
    public async Task A_planter_is_emptied_once_and_only_after_it_was_filled()
    {
        var kept = await Keep("drilled-tub", "10", "Bait-tub herbs");
        async Task<HttpStatusCode> Empty() => (await server.PostAsync($"/api/projects/{kept["id"]}/empty", new { version = (int)(await server.GetAsync($"/api/projects/{kept["id"]}"))["version"]! })).Status;
        async Task<int> Soils() => (await server.GetAsync("/api/things")).AsArray().Count(t => ((string)t!["name"]!).Contains("Bait-tub herbs", StringComparison.Ordinal));
        // Never filled: there is nothing to take out.
        (await Empty()).ShouldBe(HttpStatusCode.BadRequest);
        (await server.PostAsync($"/api/projects/{kept["id"]}/ticks", new { step = "fill", done = true })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await Empty()).ShouldBe(HttpStatusCode.Created);
        for (var i = 0; i < 9; i++) (await Empty()).ShouldBe(HttpStatusCode.BadRequest);
        (await Soils()).ShouldBe(1);
    }

    [Theory]
    [InlineData("", "pallet-bed", "1", "name")]
    [InlineData("x", "ziggurat", "1", "design")]
    [InlineData("x", "pallet-bed", "4", "source")]
    [InlineData("x", "pallet-bed", "999", "source")]
    public async Task What_cannot_be_kept_says_why_and_speaks_for_nothing(string name, string design, string source, string field)
    {
        var before = (await server.GetAsync("/api/projects")).AsArray().Count;
        var (status, problem) = await server.PostAsync("/api/projects", new { name, board = new { design, source } });
        status.ShouldBe(HttpStatusCode.BadRequest);
        problem!["errors"]!.AsObject().ContainsKey(field).ShouldBeTrue(problem.ToJsonString());
        (await server.GetAsync("/api/projects")).AsArray().Count.ShouldBe(before);
    }

    [Fact]
    public async Task Two_tabs_cannot_both_change_one_project()
    {
        var kept = await Keep("drilled-tub", "10", "Tub");
        var change = new { name = "Tub again", version = kept["version"]!.GetValue<int>(), board = new { design = "drilled-tub", source = "10", settings = new { soil = .2 } } };
        (await server.PutAsync($"/api/projects/{kept["id"]}", change)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.PutAsync($"/api/projects/{kept["id"]}", change)).Status.ShouldBe(HttpStatusCode.Conflict);
    }

    [Fact]
    public async Task One_pallet_is_never_spoken_for_twice()
    {
        await Keep("pallet-bed", "1", "First");
        await Keep("pallet-bed", "1", "Second");
        foreach (var thing in (await server.GetAsync("/api/things")).AsArray())
            thing!["spokenFor"]!.AsArray().Sum(s => s!["count"]!.GetValue<int>()).ShouldBeLessThanOrEqualTo(thing["count"]!.GetValue<int>());
    }

    [Fact]
    public async Task An_own_constant_changes_the_sums_and_can_be_taken_back()
    {
        double Depth(JsonNode board) => board["fit"]!["grow"]!["usableDepth"]!["value"]!.GetValue<double>();
        var before = Depth(await Board("drilled-tub", "10"));
        (await server.PutAsync("/api/constants/medium.topsoil-compost.wet-layer", new { value = .04 })).Status.ShouldBe(HttpStatusCode.NoContent);
        (Depth(await Board("drilled-tub", "10")) - before).ShouldBe(.04, 1e-6);
        (await server.PutAsync("/api/constants/medium.topsoil-compost.wet-layer", new { value = 40 })).Body!["errors"]!["value"].ShouldNotBeNull();
        (await server.PutAsync("/api/constants/medium.topsoil-compost.wet-layer", new { value = (double?)null })).Status.ShouldBe(HttpStatusCode.NoContent);
        Depth(await Board("drilled-tub", "10")).ShouldBe(before, 1e-9);
        (await server.PutAsync("/api/constants/nothing", new { value = 1 })).Status.ShouldBe(HttpStatusCode.NotFound);
    }

    private async Task<JsonNode> Match() => (await server.PostAsync("/api/match", new { })).Body!["designs"]!;

    private async Task<JsonNode> Thing(int id) => (await server.GetAsync("/api/things")).AsArray().First(t => t!["id"]!.GetValue<int>() == id)!;

    [Fact]
    public async Task While_a_slider_moves_the_picture_is_the_same_and_nothing_is_said_along_the_sliders()
    {
        var rest = await Board("drilled-tub", "10");
        var moving = (await server.PostAsync("/api/board", new { design = "drilled-tub", source = "10", inHand = true })).Body!;
        ((bool)rest["tried"]!, (bool)moving["tried"]!).ShouldBe((true, false));
        moving["views"]!.ToJsonString().ShouldBe(rest["views"]!.ToJsonString());
        moving["fit"]!.ToJsonString().ShouldBe(rest["fit"]!.ToJsonString());
        Said(moving).ShouldAllBe(v => v == null);
        Said(rest).ShouldContain("Sound");

        static List<string?> Said(JsonNode board) => [.. board["sliders"]!.AsArray().SelectMany(s => s!["notches"]!.AsArray()).Select(n => (string?)n!["verdict"])];
    }

    private async Task<JsonNode> Board(string design, string source) => (await server.PostAsync("/api/board", new { design, source })).Body!;

    private async Task<JsonNode> Keep(string design, string source, string name)
    {
        var (status, body) = await server.PostAsync("/api/projects", new { name, board = new { design, source } });
        status.ShouldBe(HttpStatusCode.Created, body?.ToJsonString());
        return body!;
    }

    [Fact]
    public async Task A_planter_that_is_emptied_gives_its_soil_back_with_its_history()
    {
        await using var yard = new GardenServer(demo: true);
        var tub = (await yard.GetAsync("/api/projects")).AsArray().First(p => (string)p!["name"]! == "Juice-drum tub")!;
        (await yard.PostAsync($"/api/projects/{tub["id"]}/empty", new { version = (int)tub["version"]! + 7 })).Status.ShouldBe(HttpStatusCode.Conflict);
        (await yard.PostAsync($"/api/projects/{tub["id"]}/empty", new { version = (int)tub["version"]! })).Status.ShouldBe(HttpStatusCode.Created);
        var soil = (await yard.GetAsync("/api/things")).AsArray()[^1]!;
        ((string)soil["name"]!).ShouldBe("Used soil from Juice-drum tub");
        ((double)soil["measures"]!["volume"]!).ShouldBeInRange(.08, .12);
        ((string)soil["remark"]!).ShouldContain("lettuces");
        ((string)soil["source"]!).ShouldBe("Juice-drum tub");
    }
}
