using System.Net;
using System.Text.Json.Nodes;

namespace Metaplant.Web.Tests;

/// <summary>The whole heap planned over HTTP: started, followed, stopped, kept and taken back.</summary>
public sealed class WholeHeapPlanTests : IAsyncLifetime
{
    private readonly GardenServer server = new();

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public async ValueTask InitializeAsync()
    {
        foreach (var (name, across) in (IEnumerable<(string, double)>)[("Wide tub", .6), ("Tub by the wall", .45)])
            (await server.PostAsync("/api/things", new { name, kind = "round-tub", count = 2, findings = new[] { "held-food", "looked-over" }, substance = "polyethylene", measures = new { topDiameter = across, bottomDiameter = across * .8, height = .4 } })).Status.ShouldBe(HttpStatusCode.Created);
    }

    public ValueTask DisposeAsync() => server.DisposeAsync();

    private static object Wants(object wants, double seconds = 60) => new { wants, seconds };

    [Fact]
    public async Task It_is_followed_to_its_end_kept_in_one_go_and_taken_back_in_one()
    {
        var job = await StartedAsync(new { litres = 150, crops = new[] { new { crop = "lettuce", plants = 8 } } });
        var plans = await FollowedAsync(job);
        plans.Select(p => (long)p["objective"]!).ShouldBeInOrder(SortDirection.Descending);
        var last = plans[^1];
        last.AsObject().Select(p => p.Key).Take(3).ShouldBe(["objective", "bound", "projects"]);
        ((bool)last["ended"]!).ShouldBeTrue();
        ((bool)last["proven"]!).ShouldBeTrue();
        ((long)last["bound"]!).ShouldBe((long)last["objective"]!);
        last["wants"]!.AsArray().ShouldAllBe(w => (long)w!["given"]! >= (long)w["needed"]!);
        var count = last["projects"]!.AsArray().Count;
        count.ShouldBeGreaterThan(0);

        var (status, kept) = await server.PostAsync($"/api/whole-heap/{job}/keep", new { project = (int?)null });
        status.ShouldBe(HttpStatusCode.OK, kept?.ToString());
        kept!["projects"]!.AsArray().Count.ShouldBe(count);
        (await server.GetAsync("/api/projects")).AsArray().Count.ShouldBe(count);
        foreach (var p in kept["projects"]!.AsArray()) (await server.GetAsync($"/api/projects/{(int)p!["id"]!}"))["board"].ShouldNotBeNull("it opens as it was kept");
        // Kept once is kept.
        ((await server.PostAsync($"/api/whole-heap/{job}/keep", new { project = (int?)null })).Body!["projects"]!.AsArray()).ShouldBeEmpty();
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync("/api/projects")).AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task Where_places_are_given_it_is_said_which_project_stands_on_which()
    {
        var job = await StartedAsync(new { litres = 2000, spots = new[] { new { name = "By the door", length = 1.0, width = 1.0 }, new { name = "Corner", length = 2.0, width = 2.0 } } });
        (await FollowedAsync(job))[^1]["projects"]!.AsArray().Select(p => (string)p!["spot"]!).ShouldBe(["By the door", "Corner"], ignoreOrder: true);
        var anywhere = await StartedAsync(new { litres = 60 });
        (await FollowedAsync(anywhere))[^1]["projects"]![0]!["spot"].ShouldBeNull();
    }

    [Fact]
    public async Task One_by_one_each_is_kept_until_somebody_else_changes_the_garden()
    {
        var job = await StartedAsync(new { litres = 2000 });
        (await FollowedAsync(job))[^1]["projects"]!.AsArray().Count.ShouldBe(4, "all four tubs");
        (await server.PostAsync($"/api/whole-heap/{job}/keep", new { project = 2 })).Status.ShouldBe(HttpStatusCode.OK);
        (await server.PostAsync($"/api/whole-heap/{job}/keep", new { project = 0 })).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync("/api/things")).AsArray().Sum(t => (int)t!["free"]!).ShouldBe(2);
        (await server.GetAsync("/api/projects")).AsArray().Select(p => (string)p!["name"]!).ShouldBeUnique();
        (await server.PostAsync($"/api/whole-heap/{job}/keep", new { project = 9 })).Status.ShouldBe(HttpStatusCode.BadRequest);
        await server.PostAsync("/api/things", new { name = "Odd", kind = "bucket" });
        var (status, why) = await server.PostAsync($"/api/whole-heap/{job}/keep", new { project = (int?)null });
        status.ShouldBe(HttpStatusCode.Conflict);
        ((string)why!["detail"]!).ShouldContain("plan it again");
        (await server.GetAsync("/api/projects")).AsArray().Count.ShouldBe(2);
    }

    [Fact]
    public async Task Stopped_it_answers_with_the_best_so_far_and_a_new_one_stops_the_one_before()
    {
        var first = await StartedAsync(new { litres = 300 });
        var second = await StartedAsync(new { litres = 100 });
        // The first has ended, whatever it had found.
        (await FollowedAsync(first)).Count(p => !(bool)p["ended"]!).ShouldBeLessThanOrEqualTo(1);
        var (status, best) = await server.SendAsync(HttpMethod.Delete, $"/api/whole-heap/{second}", null);
        status.ShouldBeOneOf(HttpStatusCode.OK, HttpStatusCode.NoContent);
        if (best is not null) ((bool)best["ended"]!).ShouldBeTrue();
        (await server.SendAsync(HttpMethod.Delete, "/api/whole-heap/none", null)).Status.ShouldBe(HttpStatusCode.NotFound);
        (await server.Http.GetAsync("/api/whole-heap/none/progress", Cancel)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await server.PostAsync("/api/whole-heap/none/keep", new { project = (int?)null })).Status.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Nonsense_is_refused_at_its_field()
    {
        await RefusedAsync(new { }, "wants");
        await RefusedAsync(new { crops = new object[] { new { crop = "plastic", plants = 3 }, new { crop = "lettuce" }, new { crop = "sweet-pea", kgPerWeek = 1 } } }, "crops[0].crop", "crops[1].plants", "crops[2].kgPerWeek");
        await RefusedAsync(new { litres = -1, useUp = new[] { new { thing = 999 } }, spots = new[] { new { length = -1.0, width = 1.0 } } }, "litres", "useUp[0].thing", "spots[0].length");
        var (status, body) = await server.PostAsync("/api/whole-heap", Wants(new { litres = 10 }, 1e6));
        status.ShouldBe(HttpStatusCode.BadRequest);
        body!["errors"]!.AsObject().Select(e => e.Key).ShouldBe(["seconds"]);
    }

    [Fact]
    public async Task Kilograms_a_week_are_told_in_plants()
    {
        var job = await StartedAsync(new { crops = new[] { new { crop = "chard", kgPerWeek = .5 } } });
        var want = (await FollowedAsync(job))[^1]["wants"]!.AsArray().ShouldHaveSingleItem()!;
        // 1.2 kg a plant over 120 days of picking: .07 kg a week each.
        ((long)want["needed"]!).ShouldBe(8);
    }

    private async Task RefusedAsync(object wants, params string[] fields)
    {
        var (status, body) = await server.PostAsync("/api/whole-heap", Wants(wants));
        status.ShouldBe(HttpStatusCode.BadRequest);
        body!["errors"]!.AsObject().Select(e => e.Key).ShouldBe(fields, ignoreOrder: true);
    }

    private async Task<string> StartedAsync(object wants)
    {
        var (status, body) = await server.PostAsync("/api/whole-heap", Wants(wants));
        status.ShouldBe(HttpStatusCode.Accepted, body?.ToString());
        return (string)body!["job"]!;
    }

    private async Task<List<JsonNode>> FollowedAsync(string job)
        => [.. (await server.Http.GetStringAsync($"/api/whole-heap/{job}/progress", Cancel)).Split('\n').Where(l => l.StartsWith("data: ", StringComparison.Ordinal)).Select(l => JsonNode.Parse(l[6..])!)];
}
