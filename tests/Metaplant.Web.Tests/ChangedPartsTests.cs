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
        (await Changed(HttpMethod.Post, "/api/projects/1/drop", new { version = (int)(await server.GetAsync("/api/projects/1"))["version"]! })).ShouldBe("Heap, Projects");
    }

    [Fact]
    public async Task A_tool_is_the_shelf_and_every_other_setting_is_all_that_is_judged_and_told()
    {
        (await Changed(HttpMethod.Put, "/api/tools/Drill", new { tool = new { having = "Lacking" } })).ShouldBe("Shelf");
        (await Changed(HttpMethod.Put, "/api/garden", new { units = "in" })).ShouldBe("Settings");
    }

    [Fact]
    public async Task What_was_refused_changed_nothing() => (await Changed(HttpMethod.Post, "/api/things", new { name = "", kind = "bucket", count = 1 })).ShouldBeNull();

    private async Task<string?> Changed(HttpMethod method, string path, object? body)
    {
        using var request = new HttpRequestMessage(method, path) { Content = JsonContent.Create(body) };
        using var response = await server.Http.SendAsync(request);
        ((int)response.StatusCode).ShouldBeLessThan(500);
        return response.Headers.TryGetValues("X-Metaplant-Changed", out var parts) ? string.Join("|", parts) : null;
    }
}
