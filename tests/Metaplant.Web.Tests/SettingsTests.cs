using System.Net;
using System.Text.Json.Nodes;

namespace Metaplant.Web.Tests;

/// <summary>Settings are changed one by one, at once if need be, and taken back one by one.</summary>
public sealed class SettingsTests : IAsyncLifetime
{
    private readonly GardenServer server = new(garden: "before-doors");

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task Settings_of_the_form_before_lie_in_rows_of_their_own_now_and_are_taken_back_as_they_were_made()
    {
        var garden = await server.GetAsync("/api/garden");
        ((string)garden["units"]!, (string)garden["rules"]!["pallet-wood"]!, (double)garden["constants"]!["practice.rain"]!).ShouldBe(("in", "lined", 1e-5));
        garden["measures"]!.AsObject().Select(m => m.Key).ShouldBe(["bucket", "barrow", "sack", "scoop", "tub"], ignoreOrder: true);
        garden["tools"]!.AsObject().Count.ShouldBe(2);
        List<string> undone = [];
        while ((await server.PostAsync("/api/undo", null)) is { Status: HttpStatusCode.OK } step) undone.Add((string)step.Body!["words"]!);
        undone.ShouldBe(["Photographed Engine pallets, HT", "Kept Bait-tub herbs", "Took apart Long crate pallets, HT", "Changed Apple crates from the loft", "Own value: rain designed for", "Changed the tool shelf", "Changed your own measures", "Changed a house rule", "Changed the units"]);
        garden = await server.GetAsync("/api/garden");
        ((string)garden["units"]!, garden["rules"]!.AsObject().Count, garden["constants"]!.AsObject().Count, garden["tools"]!.AsObject().Count, (double)garden["measures"]!["barrow"]!).ShouldBe(("mm", 0, 0, 0, .08));
        for (var i = 0; i < 11; i++) (await server.PostAsync("/api/redo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync("/api/things")).AsArray().Count(t => (string)t!["place"]! == "By the wall").ShouldBe(5);
    }

    [Fact]
    public async Task What_the_core_says_is_told_in_the_units_of_the_garden()
    {
        (await server.PutAsync("/api/garden", new { units = "mm" })).Status.ShouldBe(HttpStatusCode.NoContent);
        var wide = new { name = "Plank", kind = "board", count = 1, measures = new Dictionary<string, double> { ["length"] = 99 } };
        (await server.PostAsync("/api/things/preview", wide)).Body!["errors"]!.ToJsonString().ShouldContain("8000 mm");
        (await server.PutAsync("/api/garden", new { units = "in" })).Status.ShouldBe(HttpStatusCode.NoContent);
        var told = (await server.PostAsync("/api/things/preview", wide)).Body!["errors"]!.ToJsonString();
        told.ShouldContain("314 15/16 in");
        told.ShouldNotContain("mm");
    }

    [Fact]
    public async Task Manner_is_changed_singly_kept_and_taken_back()
    {
        (await server.PutAsync("/api/garden", new { @decimal = ",", currency = "kr", paper = "Letter", dates = "mdy", volumes = "barrow", place = "Behind the slipway" })).Status.ShouldBe(HttpStatusCode.NoContent);
        await server.RestartAsync();
        var manner = (await server.GetAsync("/api/garden"))["manner"]!;
        manner.ToJsonString().ShouldBe("""{"decimal":",","currency":"kr","dates":"mdy","paper":"Letter","volumes":"barrow","place":"Behind the slipway"}""");
        var pile = new { name = "Soil", kind = "soil", count = 1, measures = new Dictionary<string, double> { ["volume"] = 500 } };
        (await server.PostAsync("/api/things/preview", pile)).Body!["errors"]!.ToJsonString().ShouldContain("588 barrows");
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        ((string)(await server.GetAsync("/api/garden"))["manner"]!["currency"]!).ShouldBe("€");
    }

    [Theory]
    [InlineData("decimal", ";")]
    [InlineData("currency", "")]
    [InlineData("dates", "roman")]
    [InlineData("paper", "A5")]
    [InlineData("volumes", "thimble")]
    [InlineData("units", "cubits")]
    public async Task What_cannot_be_is_refused_at_its_field_and_nothing_is_kept(string field, string value)
    {
        var before = (await server.GetAsync("/api/garden"))["manner"]!.ToJsonString();
        var refused = await server.PutAsync("/api/garden", new Dictionary<string, string> { ["place"] = "Elsewhere", [field] = value });
        refused.Status.ShouldBe(HttpStatusCode.BadRequest);
        refused.Body!["errors"]!.AsObject().Select(e => e.Key).ShouldBe([field]);
        (await server.GetAsync("/api/garden"))["manner"]!.ToJsonString().ShouldBe(before);
    }

    [Fact]
    public async Task A_line_is_heard_in_the_units_of_the_garden()
    {
        (await server.PutAsync("/api/garden", new { units = "in" })).Status.ShouldBe(HttpStatusCode.NoContent);
        var heard = (await server.PostAsync("/api/things/heard", new { line = "3 tubs 20 x 16 x 14" })).Body!.AsArray();
        ((string)heard[0]!["kind"]!, (int)heard[0]!["count"]!).ShouldBe(("round-tub", 3));
        ((double)heard[0]!["measures"]!["topDiameter"]!).ShouldBe(.508, 1e-9);
        (await server.PostAsync("/api/things/heard", new { line = new string('x', 201) })).Status.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Changes_at_once_are_all_kept()
    {
        var rows = (await server.GetAsync("/api/handbook")).AsArray().SelectMany(t => t!["rows"]!.AsArray()).Take(40).Select(r => ((string)r!["id"]!, (double)r["least"]!)).ToList();
        var answers = await Task.WhenAll(rows.Select(r => server.PutAsync($"/api/constants/{r.Item1}", new { value = r.Item2 })));
        answers.ShouldAllBe(a => a.Status == HttpStatusCode.NoContent);
        var own = (await server.GetAsync("/api/garden"))["constants"]!.AsObject();
        foreach (var (id, least) in rows) ((double)own[id]!).ShouldBe(least, id);
    }

    [Fact]
    public async Task A_measure_a_garden_begins_with_is_forgotten_and_stays_forgotten()
    {
        (await server.PutAsync("/api/measures/barrow", new { volume = (double?)null })).Status.ShouldBe(HttpStatusCode.NoContent);
        await server.RestartAsync();
        (await server.GetAsync("/api/garden"))["measures"]!.AsObject().ContainsKey("barrow").ShouldBeFalse();
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        ((double)(await server.GetAsync("/api/garden"))["measures"]!["barrow"]!).ShouldBe(.085);
    }

    [Fact]
    public async Task What_cannot_be_taken_back_says_why_and_the_one_before_it_is_reached()
    {
        var tub = await server.AddAsync("round-tub", "Tub", 2, "held-food", "looked-over");
        var id = (int)tub["id"]!;
        (await server.PutAsync($"/api/things/{id}", new { name = "Tub", kind = "round-tub", count = 2, findings = new[] { "held-food", "looked-over" }, place = "Shed", version = (int)tub["version"]! })).Status.ShouldBe(HttpStatusCode.OK);
        // Somebody else's hand in the file, as no undo can foresee.
        await server.ExecuteAsync($"UPDATE Things SET Place = 'Elsewhere' WHERE Id = {id}");
        var (status, problem) = await server.PostAsync("/api/undo", null);
        status.ShouldBe(HttpStatusCode.Conflict);
        ((string)problem!["detail"]!).ShouldBe("“Changed Tub” cannot be taken back: it has been changed since. It stays as it is; undo once more reaches the one beyond it.");
        ((string)(await server.GetAsync("/api/garden"))["undo"]!).ShouldBe("Added Tub");
    }

    [Fact]
    public async Task Undo_never_leaves_more_spoken_for_than_there_is()
    {
        var tub = await server.AddAsync("round-tub", "Tub", 1, "held-food", "looked-over");
        var id = (int)tub["id"]!;
        (await server.PutAsync($"/api/things/{id}", new { name = "Tub", kind = "round-tub", count = 5, findings = new[] { "held-food", "looked-over" }, version = (int)tub["version"]! })).Status.ShouldBe(HttpStatusCode.OK);
        await server.ExecuteAsync($"INSERT INTO Allocations (ProjectId, ThingId, Count) VALUES (1, {id}, 4)");
        var (status, problem) = await server.PostAsync("/api/undo", null);
        status.ShouldBe(HttpStatusCode.Conflict);
        ((string)problem!["detail"]!).ShouldContain("spoken for more of Tub");
        ((int)(await server.GetAsync("/api/things")).AsArray().Single(t => (int)t!["id"]! == id)!["count"]!).ShouldBe(5);
    }

    [Fact]
    public async Task A_large_change_is_journalled_lean_and_the_journal_stays_within_bounds()
    {
        var csv = "name,kind,remark\n" + string.Join('\n', Enumerable.Range(0, 1000).Select(i => $"Find {i},bucket,{new string('x', 600)}"));
        using var content = new StringContent(csv, System.Text.Encoding.UTF8, "text/csv");
        (await server.Http.PostAsync("/api/things/csv", content, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.OK);
        var things = (await server.GetAsync("/api/things")).AsArray().Select(t => new { id = (int)t!["id"]!, version = (int)t["version"]! }).ToList();
        (await server.PostAsync("/api/things/bulk", new { things, place = "Shed" })).Status.ShouldBe(HttpStatusCode.OK);
        // What each held beside its place is not written down again.
        (await server.AskAsync("SELECT Size FROM Journal ORDER BY Id DESC LIMIT 1")).ShouldBeLessThan(things.Count * 170);
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync("/api/things")).AsArray().ShouldNotContain(t => (string)t!["place"]! == "Shed" && ((string)t["name"]!).StartsWith("Find", StringComparison.Ordinal));
        (await server.AskAsync("SELECT count(*) FROM Journal WHERE Size <> length(CAST(Changes AS BLOB))")).ShouldBe(0);
    }
}
