using System.Net.Http.Json;

namespace Metaplant.Web.Tests;

/// <summary>A write says what of the garden it changed, so that the page reads that again and nothing else.</summary>
public sealed class ChangedPartsTests : IAsyncLifetime
{
    private readonly GardenServer server = new(demo: true);

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task A_thing_kept_touches_the_heap_and_so_does_taking_it_back()
    {
        (await Changed(HttpMethod.Post, "/api/things", new { name = "Late bucket", kind = "bucket", count = 1 })).ShouldBe("Heap");
        (await Changed(HttpMethod.Post, "/api/undo", null)).ShouldBe("Heap");
        (await Changed(HttpMethod.Post, "/api/redo", null)).ShouldBe("Heap");
    }

    [Fact]
    public async Task A_tick_that_saws_nothing_touches_no_heap_and_one_that_saws_does()
    {
        (await Changed(HttpMethod.Post, "/api/projects/2/ticks", new { step = "wash", done = false })).ShouldBe("Projects");
        (await Changed(HttpMethod.Post, "/api/projects/1/drop", new { version = await Version(1) })).ShouldBe("Heap, Projects, Standing");
    }

    [Fact]
    public async Task The_plan_is_another_once_what_stands_there_is_moved_renamed_or_taken_up_and_not_by_a_tick()
    {
        var apron = (int)(await server.GetAsync("/api/plan"))["places"]!.AsArray().First(p => (string)p!["drawn"]!["name"]! == "The Apron")!["id"]!;
        async Task<object> At(double x) => new { spot = apron, x, y = 1.5, turned = 0, version = await Version(2) };
        (await Changed(HttpMethod.Put, "/api/projects/2/stands", await At(8))).ShouldBe("Heap, Projects, Standing");
        (await Changed(HttpMethod.Put, "/api/projects/2/stands", await At(7.5))).ShouldBe("Projects, Standing");
        (await Changed(HttpMethod.Post, "/api/projects/2/ticks", new { step = "wash", done = false })).ShouldBe("Projects");
        (await Changed(HttpMethod.Put, "/api/projects/2", await Renamed(2, "Tub by the slip"))).ShouldBe("Projects, Standing");
        (await Changed(HttpMethod.Post, "/api/undo", null)).ShouldBe("Projects, Standing");
        (await Changed(HttpMethod.Put, "/api/projects/2/stands", new { version = await Version(2) })).ShouldBe("Projects, Standing");
    }

    [Fact]
    public async Task A_tool_is_the_shelf_and_every_other_setting_is_all_that_is_judged_and_told()
    {
        (await Changed(HttpMethod.Put, "/api/tools/Drill", new { tool = new { having = "Lacking" } })).ShouldBe("Shelf");
        (await Changed(HttpMethod.Put, "/api/garden", new { units = "in" })).ShouldBe("Settings");
    }

    [Fact]
    public async Task What_was_refused_changed_nothing() => (await Changed(HttpMethod.Post, "/api/things", new { name = "", kind = "bucket", count = 1 })).ShouldBeNull();

    private async Task<object> Renamed(int project, string name)
    {
        var kept = await server.GetAsync($"/api/projects/{project}");
        var board = kept["board"]!;
        return new { name, version = (int)kept["version"]!, board = new { design = (string)kept["design"]!, source = (string)board["fit"]!["source"]!, settings = board["fit"]!["settings"], brief = board["brief"], project } };
    }

    private async Task<int> Version(int project) => (int)(await server.GetAsync($"/api/projects/{project}"))["version"]!;

    private async Task<string?> Changed(HttpMethod method, string path, object? body)
    {
        using var request = new HttpRequestMessage(method, path) { Content = JsonContent.Create(body) };
        using var response = await server.Http.SendAsync(request);
        ((int)response.StatusCode).ShouldBeLessThan(500);
        return response.Headers.TryGetValues("X-Metaplant-Changed", out var parts) ? string.Join("|", parts) : null;
    }
}
