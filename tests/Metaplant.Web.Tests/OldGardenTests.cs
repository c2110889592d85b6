using System.Net;
using System.Text.Json.Nodes;

namespace Metaplant.Web.Tests;

/// <summary>A garden written before history, measures taken and the site were kept: eighty things, three projects, a house rule, own constants, and a journal whose last entry had been undone.</summary>
public sealed class OldGardenTests : IAsyncLifetime
{
    private readonly GardenServer server = new(garden: "before-history");

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task It_opens_with_all_that_was_in_it_and_a_backup_of_how_it_was()
    {
        var things = (await server.GetAsync("/api/things")).AsArray();
        things.Count.ShouldBe(80);
        things.ShouldContain(t => (string)t!["name"]! == "Blue tub by the wall");
        (await server.GetAsync("/api/projects")).AsArray().Select(p => (string)p!["name"]!).ShouldBe(["Winch-house bed", "Juice-drum tub", "Gate bed"], ignoreOrder: true);
        ((string)(await server.GetAsync("/api/garden"))["rules"]!["pallet-wood"]!).ShouldBe("lined");
        Directory.GetFiles(server.Folder, "before-*.db", SearchOption.AllDirectories).ShouldHaveSingleItem();
    }

    [Fact]
    public async Task What_was_prised_off_before_history_was_kept_is_not_called_food_until_it_is_looked_at()
    {
        var board = (await server.GetAsync("/api/things")).AsArray().Single(t => (string)t!["name"]! == "Long board of Long crate pallets, HT")!;
        ((bool)board["lookedAt"]!).ShouldBeFalse();
        ((bool)board["notLookedAtYet"]!).ShouldBeTrue();
    }

    [Fact]
    public async Task Its_projects_are_drawn_and_its_heap_is_matched()
    {
        foreach (var id in (int[])[1, 2, 3])
        {
            var project = await server.GetAsync($"/api/projects/{id}");
            (project["board"] is not null || !string.IsNullOrWhiteSpace((string?)project["whyNot"])).ShouldBeTrue(project["name"]!.ToString());
        }

        var (status, matches) = await server.PostAsync("/api/match", new { aim = "MostSoil" });
        status.ShouldBe(HttpStatusCode.OK, matches?.ToString());
        matches!["designs"]!.AsArray().Count.ShouldBe(Core.Designs.Catalogue.All.Count);
    }

    [Fact]
    public async Task What_was_done_in_it_is_undone_to_the_beginning_and_done_again()
    {
        // The entries hold rows without the columns that came later.
        for (var i = 0; i < 6; i++) (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        var first = (await server.GetAsync("/api/things")).AsArray();
        first.Select(t => (string)t!["name"]!).ShouldNotContain(n => n.StartsWith("Blue tub", StringComparison.Ordinal) || n.StartsWith("Bearer of Long", StringComparison.Ordinal));
        ((int)first.Single(t => (int)t!["id"]! == 2)!["count"]!).ShouldBe(5);
        for (var i = 0; i < 7; i++) (await server.PostAsync("/api/redo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync("/api/things")).AsArray().Count.ShouldBe(80);
    }

    [Fact]
    public async Task An_own_constant_that_can_no_longer_be_is_left_out_and_keeps_nobody_out()
    {
        // Clay lighter than water when it is full of it was let in once.
        (await server.GetAsync("/api/handbook")).AsArray().ShouldNotBeEmpty();
        var (status, board) = await server.PostAsync("/api/match", new { aim = "MostSoil", brief = new { medium = "clay-soil" } });
        status.ShouldBe(HttpStatusCode.OK, board?.ToString());
        (await server.PutAsync("/api/constants/timber.C14.bending", new { value = 7e6 })).Status.ShouldBe(HttpStatusCode.NoContent);
        ((double)(await server.GetAsync("/api/garden"))["constants"]!["timber.C14.bending"]!).ShouldBe(7e6);
    }

    [Fact]
    public async Task It_goes_out_as_a_file_and_comes_into_a_new_garden()
    {
        var file = await server.Http.GetStringAsync("/api/things/csv", Cancel);
        await using var other = new GardenServer();
        using var content = new StringContent(file, System.Text.Encoding.UTF8, "text/csv");
        using var answer = await other.Http.PostAsync("/api/things/csv", content, Cancel);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        (await other.GetAsync("/api/things")).AsArray().Count.ShouldBe(80);
    }

    /// <summary>Every form a garden ever had, each kept as it was written. A change of form adds one here.</summary>
    public static TheoryData<string> Forms => [.. Directory.GetDirectories(Path.Combine(AppContext.BaseDirectory, "Gardens")).Select(Path.GetFileName).OfType<string>()];

    [Theory]
    [MemberData(nameof(Forms))]
    public async Task A_garden_of_any_form_opens_matches_is_undone_and_goes_out_and_in(string form)
    {
        await using var garden = new GardenServer(garden: form);
        var things = (await garden.GetAsync("/api/things")).AsArray();
        things.Count.ShouldBeGreaterThanOrEqualTo(79);
        (await garden.GetAsync("/api/things/needs-a-look")).AsArray().ShouldBeEmpty();
        (await garden.PostAsync("/api/match", new { })).Body!["designs"]!.AsArray().ShouldContain(m => (string)m!["standing"]! == "WillDo");
        foreach (var project in (await garden.GetAsync("/api/projects")).AsArray()) ((await garden.GetAsync($"/api/projects/{project!["id"]}"))["designName"]).ShouldNotBeNull();
        foreach (var photo in things.SelectMany(t => t!["photos"]!.AsArray())) (await garden.Http.GetByteArrayAsync($"/api/photos/{photo}", Cancel)).Length.ShouldBeGreaterThan(100);
        var document = await garden.Http.GetStringAsync("/api/garden/document", Cancel);

        var undone = 0;
        while ((await garden.PostAsync("/api/undo", null)).Status == HttpStatusCode.OK) undone++;
        undone.ShouldBeGreaterThan(5);
        ((string?)(await garden.GetAsync("/api/garden"))["undo"]).ShouldBeNull("nothing was passed over");
        for (var i = 0; i < undone; i++) (await garden.PostAsync("/api/redo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await garden.Http.GetStringAsync("/api/garden/document", Cancel)).ShouldBe(document);

        (await garden.PostAsync("/api/things", new { name = "New here", kind = "bucket" })).Status.ShouldBe(HttpStatusCode.Created);
        await garden.RestartAsync();
        (await garden.GetAsync("/api/things")).AsArray().ShouldContain(t => (string)t!["name"]! == "New here");

        await using var other = new GardenServer();
        using var content = new ByteArrayContent(System.Text.Encoding.UTF8.GetBytes(document));
        content.Headers.ContentType = new("application/octet-stream");
        (await other.Http.PostAsync("/api/garden/in", content, Cancel)).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var bare = JsonNode.Parse(document)!;
        bare["photographs"] = new JsonArray();
        JsonNode.Parse(await other.Http.GetStringAsync("/api/garden/document", Cancel))!.ToJsonString().ShouldBe(bare.ToJsonString());
    }
}
