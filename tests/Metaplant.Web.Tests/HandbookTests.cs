using System.Net;
using Metaplant.Core.Materials;

namespace Metaplant.Web.Tests;

/// <summary>The handbook over HTTP: every row with its range and source, and one's own in place of it.</summary>
public sealed class HandbookTests : IAsyncLifetime
{
    private readonly GardenServer server = new();

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task Every_row_comes_with_its_table_its_range_and_its_source()
    {
        var tables = (await server.GetAsync("/api/handbook")).AsArray();
        tables.Select(t => (string)t!["title"]!).ShouldBe(Handbook.Tables.Select(t => t.Title));
        var rows = tables.SelectMany(t => t!["rows"]!.AsArray()).ToList();
        rows.Count.ShouldBe(Handbook.Rows.Count);
        rows.ShouldAllBe(r => ((string)r!["source"]!).Length > 3 && (double)r["least"]! <= (double)r["value"]! && (double)r["value"]! <= (double)r["greatest"]!);
    }

    [Fact]
    public async Task Ones_own_value_counts_in_a_sum_is_marked_and_can_be_undone()
    {
        (await Spacing()).ShouldBe(.0225, 1e-9);
        (await server.PutAsync("/api/constants/practice.outlet-slope", new { value = .02 })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await Spacing()).ShouldBe(.03, 1e-9);
        ((double)(await server.GetAsync("/api/garden"))["constants"]!["practice.outlet-slope"]!).ShouldBe(.02);
        (await server.PostAsync("/api/undo", new { })).Status.ShouldBe(HttpStatusCode.OK);
        (await Spacing()).ShouldBe(.0225, 1e-9);

        async Task<double> Spacing() => (double)(await server.PostAsync("/api/sums/outlet-fall", new { inputs = new { length = 1.5 } })).Body!["value"]!;
    }

    [Theory]
    [InlineData("factor.soil", .9)]
    [InlineData("wind.gust-open", 500)]
    [InlineData("people.lift-1", 100)]
    public async Task A_value_that_would_make_something_unsafe_look_safe_is_refused_with_its_range(string id, double value)
    {
        var (status, body) = await server.PutAsync($"/api/constants/{id}", new { value });
        status.ShouldBe(HttpStatusCode.BadRequest);
        ((string)body!["errors"]!["value"]![0]!).ShouldContain("from");
    }
}
