using System.Net;
using System.Text.Json.Nodes;

namespace Metaplant.Web.Tests;

/// <summary>What projects are filled with: proposed by the house rule, changed layer by layer, kept with the project, and fetched for all in one delivery.</summary>
public sealed class FillingTests : IAsyncLifetime
{
    private readonly GardenServer server = new(demo: true);

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    private async Task<int> Project(string name) => (int)(await server.GetAsync("/api/projects")).AsArray().Single(p => (string)p!["name"]! == name)!["id"]!;

    private static object Layer(string fill, double thickness) => new { fill, thickness, firmed = true };

    [Fact]
    public async Task The_bed_behind_the_winch_house_has_logs_at_its_foot_and_its_litres_sum_to_it()
    {
        var filling = await server.GetAsync($"/api/projects/{await Project("Winch-house bed")}/filling");
        ((bool)filling["kept"]!).ShouldBeTrue();
        var bay = filling["bays"]!.AsArray().ShouldHaveSingleItem()!;
        bay["layers"]!.AsArray().Select(l => (string)l!["fill"]!).ShouldBe(["Logs", "Leaves", "TopsoilCompost"]);
        bay["layers"]!.AsArray().Sum(l => (double)l!["volume"]!).ShouldBe((double)filling["volume"]!, 1e-9);
        var levels = bay["sinks"]!.AsArray().Select(s => (double)s!["level"]!).ToList();
        levels.ShouldBeInOrder(SortDirection.Descending);
        foreach (var want in filling["wants"]!.AsArray()) (want!["takes"]!.AsArray().Sum(t => (double)t!["volume"]!) + (double)want["short"]!).ShouldBe((double)want["loose"]!, 1e-9);
    }

    [Fact]
    public async Task What_is_tried_is_not_kept_and_what_is_kept_is_undone_like_anything_else()
    {
        var path = $"/api/projects/{await Project("Reel table")}/filling";
        var before = await server.GetAsync(path);
        ((bool)before["kept"]!).ShouldBeFalse();
        var count = before["bays"]!.AsArray().Count;
        var bays = Enumerable.Repeat(new[] { Layer("Woodchip", .05), Layer("Compost", .12) }, count).ToArray();
        var tried = await server.PostAsync($"{path}/try", new { bays });
        tried.Status.ShouldBe(HttpStatusCode.OK, tried.Body?.ToString());
        ((double)tried.Body!["usable"]!).ShouldBeLessThan((double)before["usable"]!);
        ((bool)(await server.GetAsync(path))["kept"]!).ShouldBeFalse();

        var kept = await server.PutAsync(path, new { bays, version = (int)before["version"]! });
        kept.Status.ShouldBe(HttpStatusCode.OK, kept.Body?.ToString());
        var now = await server.GetAsync(path);
        ((bool)now["kept"]!).ShouldBeTrue();
        now["bays"]![0]!["layers"]!.AsArray().Select(l => (double)l!["thickness"]!).ShouldBe([.05, .12]);
        // Somebody with the page from before is told.
        (await server.PutAsync(path, new { bays, version = (int)before["version"]! })).Status.ShouldBe(HttpStatusCode.Conflict);
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        ((bool)(await server.GetAsync(path))["kept"]!).ShouldBeFalse();
    }

    [Fact]
    public async Task What_cannot_be_laid_is_refused_at_its_layer_and_nothing_is_kept()
    {
        var path = $"/api/projects/{await Project("Winch-house bed")}/filling";
        async Task<string[]> Refused(object bays) => await server.PostAsync($"{path}/try", new { bays }) is { Status: HttpStatusCode.BadRequest, Body: { } body } ? [.. body["errors"]!.AsObject().Select(e => e.Key)] : [];
        (await Refused(new[] { new[] { Layer("Compost", 9) } })).ShouldBe(["bays.0.layers.0.thickness"]);
        (await Refused(new[] { new[] { Layer("Compost", .1), Layer("Topsoil", -.1) } })).ShouldBe(["bays.0.layers.1.thickness"]);
        (await Refused(new[] { new object[] { new { thickness = .1 } } })).ShouldBe(["bays.0.layers.0.fill"]);
        (await Refused(Array.Empty<object>())).ShouldBe(["bays"]);
        (await server.PostAsync($"{path}/try", new { school = "concrete" })).Status.ShouldBe(HttpStatusCode.BadRequest);
        // An edging holds no soil.
        (await server.PostAsync($"/api/projects/{await Project("Edge along the slip")}/filling/try", new { })).Body!["errors"]!["project"]![0]!.ToString().ShouldContain("holds no soil");
    }

    [Fact]
    public async Task Another_school_is_one_press_away_and_the_house_rule_says_which_comes_first()
    {
        var path = $"/api/projects/{await Project("Winch-house bed")}/filling";
        var soil = (await server.PostAsync($"{path}/try", new { school = "soil" })).Body!;
        soil["bays"]![0]!["layers"]!.AsArray().ShouldHaveSingleItem()!["fill"]!.ToString().ShouldBe("TopsoilCompost");
        (await server.PutAsync("/api/rules/filling", new { school = "green" })).Status.ShouldBe(HttpStatusCode.NoContent);
        ((string)(await server.GetAsync(path))["school"]!).ShouldBe("green");
    }

    [Fact]
    public async Task A_planter_alone_in_the_delivery_finds_there_what_it_finds_by_itself_its_own_soil_among_it()
    {
        static string Wants(JsonNode of) => string.Join(", ", of["wants"]!.AsArray().Select(w => $"{w!["fill"]} {(double)w["short"]!:0.0000} {string.Join("+", w["takes"]!.AsArray().Select(t => $"{(double)t!["volume"]!:0.0000} of {t["thingId"]}"))}"));
        var alone = await server.GetAsync($"/api/projects/{await Project("Winch-house bed")}/filling");
        Wants(await server.GetAsync("/api/filling/delivery")).ShouldBe(Wants(alone));
        // The compost and the topsoil that it was drawn with are spoken for by it, and by nobody else.
        alone["wants"]!.AsArray().Single(w => (string)w!["fill"]! == "Compost")!["takes"]!.AsArray().ShouldHaveSingleItem();
        alone["wants"]!.AsArray().Single(w => (string)w!["fill"]! == "Topsoil")!["takes"]!.AsArray().ShouldHaveSingleItem();
    }

    [Fact]
    public async Task One_delivery_shares_the_heap_out_and_a_planter_that_is_filled_wants_no_more()
    {
        int bed = await Project("Winch-house bed"), table = await Project("Reel table");
        async Task Keep(int id) => (await server.PutAsync($"/api/projects/{id}/filling", new { school = "soil", version = (int)(await server.GetAsync($"/api/projects/{id}/filling"))["version"]! })).Status.ShouldBe(HttpStatusCode.OK);
        await Keep(bed);
        await Keep(table);
        var delivery = await server.GetAsync("/api/filling/delivery");
        delivery["projects"]!.AsArray().Select(p => (int)p!["project"]!).ShouldBe([bed, table]);
        var taken = delivery["wants"]!.AsArray().SelectMany(w => w!["takes"]!.AsArray()).GroupBy(t => (int)t!["thingId"]!).ToDictionary(g => g.Key, g => g.Sum(t => (double)t!["volume"]!));
        var things = (await server.GetAsync("/api/things")).AsArray().ToDictionary(t => (int)t!["id"]!, t => t!);
        foreach (var (id, volume) in taken) volume.ShouldBeLessThanOrEqualTo((double)things[id]["measures"]!["volume"]! + 1e-9);
        taken.ShouldNotBeEmpty();
        // What the bed takes of the compost the table no longer finds.
        var compost = (await server.GetAsync($"/api/projects/{table}/filling"))["wants"]!.AsArray().Single(w => (string)w!["fill"]! == "Compost")!;
        ((double)compost["short"]!).ShouldBeGreaterThan(0);

        (await server.PostAsync($"/api/projects/{bed}/ticks", new { step = "fill", done = true })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.GetAsync("/api/filling/delivery"))["projects"]!.AsArray().Select(p => (int)p!["project"]!).ShouldBe([table]);
    }

    [Theory]
    [InlineData("length", 2.0, true)]
    [InlineData("height", .2, false)]
    public async Task A_bed_that_is_drawn_otherwise_wants_what_it_takes_now_and_nothing_where_its_layers_no_longer_fit(string setting, double to, bool fits)
    {
        var id = await Project("Winch-house bed");
        async Task<double> Wants() => (await server.GetAsync("/api/filling/delivery"))["projects"]!.AsArray().Sum(p => (double)p!["loose"]!);
        var before = await Wants();
        var project = await server.GetAsync($"/api/projects/{id}");
        var board = project["board"]!;
        var settings = board["fit"]!["settings"]!.DeepClone();
        settings[setting] = to;
        var kept = await server.PutAsync($"/api/projects/{id}", new { name = "Winch-house bed", version = (int)project["version"]!, board = new { design = (string)project["design"]!, source = (string)board["fit"]!["source"]!, settings, brief = board["brief"], project = id } });
        kept.Status.ShouldBe(HttpStatusCode.OK, kept.Body?.ToString());
        var filling = await server.GetAsync($"/api/projects/{id}/filling");
        ((bool)filling["kept"]!).ShouldBe(fits);
        (filling["anew"] is null).ShouldBe(fits);
        if (fits) (await Wants()).ShouldBeInRange(before * .5, before * .8);
        else (await Wants()).ShouldBe(0);
        // Taken back, it wants what it did.
        await server.PostAsync("/api/undo", null);
        (await Wants()).ShouldBe(before, 1e-9);
    }

    [Fact]
    public async Task It_goes_out_with_the_garden_and_in_again_and_what_cannot_be_is_refused_there()
    {
        var document = JsonNode.Parse(await server.Http.GetStringAsync("/api/garden/document", TestContext.Current.CancellationToken))!;
        var project = document["projects"]!.AsArray().Single(p => (string)p!["name"]! == "Winch-house bed")!;
        project["filling"]!["bays"]![0]!.AsArray().Count.ShouldBe(3);
        document["photographs"] = new JsonArray();
        (await TakeIn(document)).ShouldBe(HttpStatusCode.NoContent);
        project["filling"]!["bays"]![0]![0]!["thickness"] = -1;
        (await TakeIn(document)).ShouldBe(HttpStatusCode.BadRequest);
    }

    private async Task<HttpStatusCode> TakeIn(JsonNode document)
    {
        using var content = new ByteArrayContent(System.Text.Encoding.UTF8.GetBytes(document.ToJsonString()));
        content.Headers.ContentType = new("application/octet-stream");
        return (await server.Http.PostAsync("/api/garden/in", content, TestContext.Current.CancellationToken)).StatusCode;
    }
}
