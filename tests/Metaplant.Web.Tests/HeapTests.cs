using System.Net;
using System.Text.Json.Nodes;

namespace Metaplant.Web.Tests;

/// <summary>The heap over HTTP: kept, refused, shared between two tabs, undone.</summary>
public sealed class HeapTests : IAsyncLifetime
{
    private readonly GardenServer server = new();

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task A_tub_is_there_after_the_server_restarts()
    {
        await server.AddAsync("round-tub", "Bait tub", 1, "held-food");
        await server.RestartAsync();
        var things = (await server.GetAsync("/api/things")).AsArray();
        things.Single()!["name"]!.GetValue<string>().ShouldBe("Bait tub");
        things.Single()!["fitness"]!.GetValue<string>().ShouldBe("Food");
        things.Single()!["number"]!.GetValue<int>().ShouldBe(1);
    }

    [Theory]
    [InlineData("""{"name":"","kind":"round-tub"}""", "name")]
    [InlineData("""{"name":"x","kind":"submarine"}""", "kind")]
    [InlineData("""{"name":"x","kind":"round-tub","count":0}""", "count")]
    [InlineData("""{"name":"x","kind":"round-tub","count":"three"}""", "count")]
    [InlineData("""{"name":"x","kind":"round-tub","measures":{"height":-1}}""", "measures.height")]
    [InlineData("""{"name":"x","kind":"round-tub","measures":{"height":1e999}}""", "measures.height")]
    [InlineData("""{"name":"x","kind":"round-tub","measures":{"heigth":1}}""", "measures.heigth")]
    [InlineData("""{"name":"x","kind":"round-tub","measures":{"wall":0.03,"bottomDiameter":0.06}}""", "measures.wall")]
    [InlineData("""{"name":"x","kind":"round-tub","findings":["mark-fumigant"]}""", "findings")]
    [InlineData("""{"name":"x","kind":"round-tub","substance":"Bamboo"}""", "substance")]
    [InlineData("""{"name":"x","kind":"board","faults":[{"part":"piece","from":1,"to":0.5}]}""", "faults")]
    public async Task Bad_input_is_refused_at_its_field_and_nothing_is_kept(string body, string field)
    {
        var (status, problem) = await server.PostAsync("/api/things", JsonNode.Parse(body));
        status.ShouldBe(HttpStatusCode.BadRequest);
        problem!["errors"]!.AsObject().ContainsKey(field).ShouldBeTrue(problem.ToJsonString());
        problem["errors"]![field]![0]!.GetValue<string>().Length.ShouldBeGreaterThan(10);
        (await server.GetAsync("/api/things")).AsArray().ShouldBeEmpty();
    }

    [Theory]
    [InlineData("{")]
    [InlineData("null")]
    [InlineData("[]")]
    [InlineData("\"tub\"")]
    [InlineData("")]
    public async Task A_body_that_is_no_thing_is_a_400_with_problem_details(string body)
    {
        using var content = new StringContent(body, System.Text.Encoding.UTF8, "application/json");
        using var response = await server.Http.PostAsync("/api/things", content, TestContext.Current.CancellationToken);
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
    }

    [Fact]
    public async Task The_second_of_two_tabs_is_told_and_changes_nothing()
    {
        var tub = await server.AddAsync("round-tub", "Tub", 2);
        var (path, version) = ($"/api/things/{tub["id"]}", tub["version"]!.GetValue<int>());
        (await server.PutAsync(path, new { name = "First tab", kind = "round-tub", count = 2, version })).Status.ShouldBe(HttpStatusCode.OK);
        var (status, problem) = await server.PutAsync(path, new { name = "Second tab", kind = "round-tub", count = 2, version });
        status.ShouldBe(HttpStatusCode.Conflict);
        problem!["detail"]!.GetValue<string>().ShouldContain("meanwhile");
        (await server.GetAsync("/api/things"))[0]!["name"]!.GetValue<string>().ShouldBe("First tab");
    }

    [Fact]
    public async Task A_batch_is_split_and_put_together_again_by_undo()
    {
        var tub = await server.AddAsync("tapered-tub", "Fish boxes", 6);
        var (status, parts) = await server.PostAsync($"/api/things/{tub["id"]}/split", new { count = 2, version = tub["version"]!.GetValue<int>() });
        status.ShouldBe(HttpStatusCode.OK);
        parts!.AsArray().Select(p => p!["count"]!.GetValue<int>()).ShouldBe([4, 2]);
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync("/api/things")).AsArray().Single()!["count"]!.GetValue<int>().ShouldBe(6);
        (await server.PostAsync("/api/redo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync("/api/things")).AsArray().Count.ShouldBe(2);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(6)]
    public async Task No_batch_is_split_into_nothing(int count)
    {
        var tub = await server.AddAsync("tapered-tub", "Fish boxes", 6);
        var (status, problem) = await server.PostAsync($"/api/things/{tub["id"]}/split", new { count, version = tub["version"]!.GetValue<int>() });
        status.ShouldBe(HttpStatusCode.BadRequest);
        problem!["errors"]!["count"].ShouldNotBeNull();
    }

    [Fact]
    public async Task Undo_goes_back_through_everything_that_was_done()
    {
        var tub = await server.AddAsync("round-tub", "Tub");
        var path = $"/api/things/{tub["id"]}";
        (await server.PutAsync(path, new { name = "Blue tub", kind = "round-tub", version = 1 })).Status.ShouldBe(HttpStatusCode.OK);
        (await server.PostAsync(path + "/retire", new { version = 2 })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.GetAsync("/api/things")).AsArray().ShouldBeEmpty();
        await server.PostAsync("/api/undo", null);
        (await server.GetAsync("/api/things"))[0]!["name"]!.GetValue<string>().ShouldBe("Blue tub");
        await server.PostAsync("/api/undo", null);
        (await server.GetAsync("/api/things"))[0]!["name"]!.GetValue<string>().ShouldBe("Tub");
        await server.PostAsync("/api/undo", null);
        (await server.GetAsync("/api/things")).AsArray().ShouldBeEmpty();
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_retired_thing_can_be_put_back()
    {
        var tub = await server.AddAsync("round-tub", "Tub");
        await server.PostAsync($"/api/things/{tub["id"]}/retire", new { version = 1 });
        (await server.GetAsync("/api/things?retired=true")).AsArray().Count.ShouldBe(1);
        (await server.PostAsync($"/api/things/{tub["id"]}/restore", new { version = 2 })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.GetAsync("/api/things")).AsArray().Count.ShouldBe(1);
    }

    [Fact]
    public async Task A_preview_says_what_a_tub_is_fit_for_and_keeps_nothing()
    {
        var (_, good) = await server.PostAsync("/api/things/preview", new { kind = "round-tub", findings = new[] { "held-food", "mark-plastic" } });
        good!["fitness"]!.GetValue<string>().ShouldBe("Food");
        good["canMake"]![0]!["standing"]!.GetValue<string>().ShouldBe("WillDo");
        var (_, bad) = await server.PostAsync("/api/things/preview", new { kind = "round-tub", findings = new[] { "held-chemical" } });
        bad!["fitness"]!.GetValue<string>().ShouldBe("Refused");
        bad["canMake"]![0]!["standing"]!.GetValue<string>().ShouldBe("WontDo");
        bad["ways"]!.AsArray().ShouldBeEmpty();
        (await server.GetAsync("/api/things")).AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task A_house_rule_judges_the_heap_again()
    {
        await server.AddAsync("pallet", "Grey pallets", 4);
        (await server.GetAsync("/api/things"))[0]!["fitness"]!.GetValue<string>().ShouldBe("Ornamentals");
        (await server.PutAsync("/api/rules/pallet-wood", new { school = "lined" })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.GetAsync("/api/things"))[0]!["fitness"]!.GetValue<string>().ShouldBe("Food");
        (await server.PutAsync("/api/rules/pallet-wood", new { school = "maybe" })).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await server.PutAsync("/api/garden", new { units = "cubits" })).Status.ShouldBe(HttpStatusCode.BadRequest);
    }
}
