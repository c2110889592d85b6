using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Metaplant.Core.Calculators;

namespace Metaplant.Web.Tests;

/// <summary>The sums by themselves, over HTTP.</summary>
public sealed class SumTests : IAsyncLifetime
{
    private readonly GardenServer server = new();

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task A_sum_answers_with_its_value_its_working_and_its_check()
    {
        var (status, body) = await server.PostAsync("/api/sums/board-span", new { inputs = new { boardHeight = .095, thickness = .018, span = .5, pressure = 3000, timber = "C14" } });
        status.ShouldBe(HttpStatusCode.OK);
        body!.AsObject().Select(p => p.Key).ShouldBe(["value", "unit", "title", "formula", "substitution", "source", "assumptions", "check", "also"]);
        ((double)body["also"]!["greatestSpan"]!).ShouldBe(.578, 1e-3);
        ((string)body["check"]!["verdict"]!).ShouldBe("Sound");
        ((double)body["check"]!["utilisation"]!).ShouldBe((double)body["value"]!, 1e-12);
        body["check"]!["remedies"]!.AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task What_is_for_a_professional_comes_without_numbers()
    {
        var (_, body) = await server.PostAsync("/api/sums/post-embedment", new { inputs = new { retainedHeight = 1.2, spacing = .5, unitWeight = 15e3, frictionAngleDegrees = 30, postDiameter = .08, ground = new { kind = "Clay", cohesion = 40e3 } } });
        body!["value"].ShouldBeNull();
        ((string)body["check"]!["verdict"]!).ShouldBe("AskAProfessional");
        body["check"]!["utilisation"].ShouldBeNull();
        body["check"]!["capacity"].ShouldBeNull();
    }

    [Fact]
    public async Task The_list_gives_every_sum_with_inputs_ranges_and_defaults()
    {
        var list = (await server.GetAsync("/api/sums")).AsArray();
        list.Select(c => (string)c!["name"]!).ShouldBe(CalculatorShelf.All.Select(c => c.Name));
        var post = list.First(c => (string)c!["name"]! == "post-embedment")!;
        var safety = post["inputs"]!.AsArray().First(i => (string)i!["name"]! == "safetyFactor")!;
        ((double)safety["default"]!).ShouldBe(2);
        ((bool)safety["optional"]!).ShouldBeTrue();
        var fill = list.First(c => (string)c!["name"]! == "fill-height")!;
        fill["byShape"]!["half-drum"]!.AsArray().Select(i => (string)i!["name"]!).ShouldBe(["diameter", "length"]);
    }

    [Fact]
    public async Task A_form_starts_with_the_gardeners_own_numbers_and_not_with_ours()
    {
        await using var own = new GardenServer();
        (await own.PutAsync("/api/constants/ground.post-safety", new { value = 3 })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await own.PutAsync("/api/constants/practice.rain", new { value = 20e-3 / 3600 })).Status.ShouldBe(HttpStatusCode.NoContent);
        var list = (await own.GetAsync("/api/sums")).AsArray();
        Default("post-embedment", "safetyFactor").ShouldBe(3);
        Default("hole-spacing", "rain").ShouldBe(20e-3 / 3600, 1e-12);

        double Default(string sum, string input) => (double)list.First(c => (string)c!["name"]! == sum)!["inputs"]!.AsArray().First(i => (string)i!["name"]! == input)!["default"]!;
    }

    [Fact]
    public async Task An_unknown_sum_is_not_found()
    {
        var (status, body) = await server.PostAsync("/api/sums/perpetual-motion", new { inputs = new { } });
        status.ShouldBe(HttpStatusCode.NotFound);
        ((string)body!["detail"]!).ShouldContain("perpetual-motion");
    }

    [Theory]
    [InlineData("""{"inputs":{"diameter":"wide","head":0.01}}""", "diameter")]
    [InlineData("""{"inputs":{"diameter":0.01}}""", "head")]
    [InlineData("""{"inputs":{"diameter":0,"head":0.01}}""", "diameter")]
    [InlineData("""{"inputs":{"diameter":1e999,"head":0.01}}""", "diameter")]
    [InlineData("""{"inputs":{"diameter":NaN,"head":0.01}}""", "diameter")]
    [InlineData("""{"inputs":{"diameter":0.01,"head":-Infinity}}""", "head")]
    [InlineData("""{"inputs":{"diameter":0.01,"head":0.01,"colour":1}}""", "colour")]
    [InlineData("""{"inputs":[]}""", "inputs")]
    [InlineData("""{}""", "inputs")]
    [InlineData("", "body")]
    public async Task A_bad_input_is_named(string body, string field)
    {
        var (status, answer) = await Send("hole-flow", body);
        status.ShouldBe(HttpStatusCode.BadRequest);
        answer["errors"]!.AsObject().Select(e => e.Key).ShouldBe([field]);
    }

    [Fact]
    public async Task The_sheet_has_the_drawing_and_both_sides_of_the_answer()
    {
        var (status, body) = await server.PostAsync("/api/sums/volume-round-tub/sheet", new { inputs = new { topDiameter = .6, bottomDiameter = .48, height = .42 } });
        status.ShouldBe(HttpStatusCode.OK);
        body!["drawing"]!["dimensions"]!.AsArray().Select(d => (string?)d!["field"]).ShouldBe(["topDiameter", "bottomDiameter", "height"]);
        body["sweep"]!.AsArray().Count.ShouldBeGreaterThan(10);
    }

    [Fact]
    public async Task Ones_own_constant_is_in_force_and_can_be_taken_back()
    {
        var inputs = new { inputs = new { dryMass = 20, fill = "Logs" } };
        (await server.PutAsync("/api/constants/fill.Logs.rots", new { value = .16 })).Status.ShouldBe(HttpStatusCode.NoContent);
        ((double)(await server.PostAsync("/api/sums/nitrogen-hold", inputs)).Body!["value"]!).ShouldBe(.0636, 1e-4);
        await server.PutAsync("/api/constants/fill.Logs.rots", new { value = (double?)null });
        ((double)(await server.PostAsync("/api/sums/nitrogen-hold", inputs)).Body!["value"]!).ShouldBe(.0318, 1e-4);
    }

    [Fact]
    public async Task Ten_thousand_random_and_hostile_bodies_bring_no_500()
    {
        var bodies = new HostileSums(20261125);
        for (var i = 0; i < 10_000; i++)
        {
            var (name, body) = bodies.Next();
            using var content = new StringContent(body, Encoding.UTF8, "application/json");
            using var response = await server.Http.PostAsync($"/api/sums/{name}{(i % 10 == 0 ? "/sheet" : "")}", content, TestContext.Current.CancellationToken);
            ((int)response.StatusCode).ShouldBeLessThan(500, $"{name} {body}");
        }

        // Most are refused, but enough go through that the sums themselves were tried.
        bodies.Plausible.ShouldBeGreaterThan(3000);
    }

    private async Task<(HttpStatusCode Status, JsonNode Body)> Send(string name, string body)
    {
        using var content = new StringContent(body, Encoding.UTF8, "application/json");
        using var response = await server.Http.PostAsync($"/api/sums/{name}", content, TestContext.Current.CancellationToken);
        return (response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!);
    }
}
