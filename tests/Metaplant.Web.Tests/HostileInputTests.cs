using System.Net;
using System.Text;

namespace Metaplant.Web.Tests;

/// <summary>Whatever is thrown at an endpoint, it answers with a 2xx or a 4xx, and the heap stays as it was.</summary>
public sealed class HostileInputTests : IAsyncLifetime
{
    private static readonly string[] Values =
        ["null", "-1", "0", "1e308", "1e999", "\"\"", "\"'; DROP TABLE Things;--\"", "[]", "{}", "true", "0.1", "99999999999999999999", "\"\\u0000\"", "[[[[1]]]]", "{\"height\":null}", "\"NaN\""];

    private static readonly string[] Fields = ["name", "kind", "count", "measures", "substance", "findings", "faults", "version", "design", "source", "settings", "brief", "project", "board", "step", "done", "medium", "crop", "exposure", "units", "rules", "value", "drawn", "marks", "sort", "spot", "x", "turned", "latitude", "baseLine", "site", "places"];

    private static readonly (string Method, string Path)[] Endpoints =
    [
        ("POST", "/api/things"), ("POST", "/api/things/preview"), ("PUT", "/api/things/1"), ("POST", "/api/things/1/split"), ("POST", "/api/things/1/retire"), ("POST", "/api/things/1/restore"),
        ("POST", "/api/match?aim=MostSoil"), ("POST", "/api/board"), ("POST", "/api/projects"), ("PUT", "/api/projects/1"), ("POST", "/api/projects/1/ticks"), ("PUT", "/api/garden"), ("PUT", "/api/rules/pallet-wood"), ("PUT", "/api/measures/trug"), ("PUT", "/api/tools/Drill"), ("PUT", "/api/constants/practice.rain"),
        ("PUT", "/api/plan/site"), ("POST", "/api/plan/places"), ("POST", "/api/plan/try"), ("PUT", "/api/plan/places/1"), ("PUT", "/api/plan/file"), ("PUT", "/api/projects/1/stands"),
    ];

    private readonly GardenServer server = new(demo: true);

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task Two_thousand_random_bodies_bring_no_500()
    {
        var random = new Random(20261124);
        for (var i = 0; i < 2000; i++)
        {
            var (method, path) = Endpoints[random.Next(Endpoints.Length)];
            var body = "{" + string.Join(',', Enumerable.Range(0, random.Next(6)).Select(_ => $"\"{Fields[random.Next(Fields.Length)]}\":{Value(random)}")) + "}";
            using var request = new HttpRequestMessage(new(method), path) { Content = new StringContent(body, Encoding.UTF8, "application/json") };
            using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
            ((int)response.StatusCode).ShouldBeLessThan(500, $"{method} {path} {body}");
        }

        // Whatever went through is a whole thing that can be read again.
        (await server.GetAsync("/api/things")).AsArray().ShouldNotBeEmpty();
    }

    [Theory]
    [InlineData("/api/nowhere", HttpStatusCode.NotFound)]
    [InlineData("/api/projects/99", HttpStatusCode.NotFound)]
    [InlineData("/api/match", HttpStatusCode.MethodNotAllowed)]
    public async Task An_unknown_address_is_a_problem_and_not_a_page(string path, HttpStatusCode expected)
    {
        using var response = await server.Http.GetAsync(path, TestContext.Current.CancellationToken);
        response.StatusCode.ShouldBeOneOf(expected, HttpStatusCode.NotFound);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
    }

    [Fact]
    public async Task Another_sites_page_cannot_write()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/undo");
        request.Headers.Add("Sec-Fetch-Site", "cross-site");
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        response.StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    [Theory]
    [InlineData("/api/things/bulk", "{\"things\":[null]}")]
    [InlineData("/api/things/preview", "{\"kind\":\"board\",\"faults\":[null]}")]
    [InlineData("/api/things/preview", "{\"kind\":\"board\",\"findings\":[null]}")]
    [InlineData("/api/sticks/sort", "{\"sticks\":[null],\"count\":2}")]
    [InlineData("/api/things/preview", "{\"kind\":\"board\",\"history\":[\"x\",null]}")]
    public async Task Null_inside_a_list_is_refused_at_its_field(string path, string body)
    {
        using var content = new StringContent(body, Encoding.UTF8, "application/json");
        using var response = await server.Http.PostAsync(path, content, TestContext.Current.CancellationToken);
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Nothing_from_elsewhere_may_run_in_the_page()
    {
        using var response = await server.Http.GetAsync("/api/garden", TestContext.Current.CancellationToken);
        var policy = response.Headers.GetValues("Content-Security-Policy").Single();
        policy.ShouldContain("script-src 'self'");
        policy.ShouldContain("frame-ancestors 'none'");
    }

    private static string Value(Random random) => Values[random.Next(Values.Length)];
}
