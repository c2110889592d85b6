using System.Net;

namespace Metaplant.Web.Tests;

/// <summary>The heap that is kept ready is never an old one.</summary>
public sealed class KeptAnswerTests : IAsyncLifetime
{
    private readonly GardenServer server = new();

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task What_was_just_added_renamed_judged_anew_or_undone_is_in_the_next_reading()
    {
        var empty = await Names();
        var (status, added) = await server.PostAsync("/api/things", new { name = "Wash tub", kind = "round-tub", count = 1, measures = new { topDiameter = .6, bottomDiameter = .48, height = .42 }, substance = "Polyethylene", findings = Array.Empty<string>(), faults = Array.Empty<object>() });
        status.ShouldBe(HttpStatusCode.Created, added?.ToString());
        (await Names()).ShouldBe([.. empty, "Wash tub"]);
        (await server.PostAsync("/api/undo", new { })).Status.ShouldBe(HttpStatusCode.OK);
        (await Names()).ShouldBe(empty);
        (await server.PostAsync("/api/redo", new { })).Status.ShouldBe(HttpStatusCode.OK);
        (await Names()).ShouldBe([.. empty, "Wash tub"]);
        (await Names()).ShouldBe([.. empty, "Wash tub"]);
    }

    private async Task<List<string>> Names() => [.. (await server.GetAsync("/api/things")).AsArray().Select(t => (string)t!["name"]!)];
}
