using System.Net;
using System.Text.Json.Nodes;

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
        (await Heap()).ShouldBeEmpty();
        var (status, bath) = await server.PostAsync("/api/things", new { name = "Wash bath", kind = "round-tub", count = 1, substance = "ZincCoatedSteel", findings = new[] { "looked-over", "held-food" } });
        status.ShouldBe(HttpStatusCode.Created);
        (await Heap()).ShouldBe(["Wash bath: Food"]);
        await Edit(bath!, "Foot bath", "looked-over", "held-food");
        (await Heap()).ShouldBe(["Foot bath: Food"]);
        // Another school judges the same bath anew.
        await Rule("avoid");
        (await Heap()).ShouldBe(["Foot bath: Ornamentals"]);
        foreach (var before in new[] { "Foot bath: Food", "Wash bath: Food" }) await Travel("undo", before);
        foreach (var after in new[] { "Foot bath: Food", "Foot bath: Ornamentals" }) await Travel("redo", after);
    }

    [Fact]
    public async Task An_answer_whose_asker_went_away_halfway_is_not_what_the_next_one_gets()
    {
        await server.AddAsync("round-tub", "Wash bath");
        await server.AskAndLeaveAsync("/api/things");
        (await Heap()).ShouldHaveSingleItem();
    }

    [Fact]
    public async Task Whoever_asks_the_same_as_one_who_goes_away_is_answered()
    {
        await server.AddAsync("round-tub", "Wash bath");
        for (var round = 0; round < 60; round++)
        {
            // Asked otherwise each time, so that nothing is kept of it yet.
            var path = $"/api/things?round={round}";
            using var leaving = new CancellationTokenSource();
            Task<HttpResponseMessage> first = server.Http.GetAsync(path, leaving.Token), second = server.Http.GetAsync(path, TestContext.Current.CancellationToken);
            await Task.Delay(round % 6, TestContext.Current.CancellationToken);
            await leaving.CancelAsync();
            using var answer = await second;
            answer.StatusCode.ShouldBe(HttpStatusCode.OK, $"round {round}");
            await first.ContinueWith(t => _ = t.Exception, TaskScheduler.Default);
        }
    }

    [Fact]
    public async Task For_a_browser_on_the_same_machine_numbers_are_not_squeezed_for_a_phone_they_are()
    {
        (await server.SqueezedAsync("/api/things", IPAddress.Loopback)).ShouldBeFalse();
        (await server.SqueezedAsync("/api/things", IPAddress.Parse("192.0.2.7"))).ShouldBeTrue();
        (await server.SqueezedAsync("/index.html", IPAddress.Loopback)).ShouldBeTrue();
    }

    private async Task Travel(string way, string shown)
    {
        (await server.PostAsync($"/api/{way}", new { })).Status.ShouldBe(HttpStatusCode.OK);
        (await Heap()).ShouldBe([shown]);
    }

    private async Task Edit(JsonNode thing, string name, params string[] findings)
        => (await server.PutAsync($"/api/things/{thing["id"]}", new { name, kind = "round-tub", count = 1, substance = "ZincCoatedSteel", findings, version = (int)thing["version"]! })).Status.ShouldBe(HttpStatusCode.OK);

    private async Task Rule(string school)
        => (await server.PutAsync("/api/rules/coated-metal", new { school })).Status.ShouldBe(HttpStatusCode.NoContent);

    private async Task<List<string>> Heap() => [.. (await server.GetAsync("/api/things")).AsArray().Select(t => $"{t!["name"]}: {t["fitness"]}")];
}
