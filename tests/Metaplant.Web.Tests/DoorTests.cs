using System.Net;
using System.Net.Http.Json;
using Metaplant.Web.Door;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Routing;

namespace Metaplant.Web.Tests;

/// <summary>Who may do what, and who is not let in.</summary>
public sealed class DoorTests : IAsyncLifetime
{
    private readonly GardenServer server = new();

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public void Every_endpoint_says_who_may_use_it_and_no_more_are_open_than_must_be()
    {
        var endpoints = server.Endpoints().OfType<RouteEndpoint>().ToList();
        endpoints.Count.ShouldBeGreaterThan(50);
        endpoints.ShouldAllBe(e => e.Metadata.GetMetadata<IAuthorizeData>() != null || e.Metadata.GetMetadata<IAllowAnonymous>() != null);
        endpoints.Where(e => e.Metadata.GetMetadata<IAllowAnonymous>() is not null).Select(e => e.RoutePattern.RawText!).Distinct().Order(StringComparer.Ordinal)
            .ShouldBe(["/api/door", "/api/door/in", "/api/door/out", "/api/nothing", "/api/{*path:nonfile}", "{*path:nonfile}"], ignoreOrder: true);
        endpoints.Where(e => e.Metadata.GetOrderedMetadata<IAuthorizeData>().Any(a => a.Policy != Doors.Gardener)).Select(e => e.RoutePattern.RawText!).Order(StringComparer.Ordinal)
            .ShouldBe(["/api/projects/{id:int}/steps", "/api/projects/{id:int}/steps/{step}.svg", "/api/projects/{id:int}/ticks"]);
        // A rule in vain would be one that nothing names.
        endpoints.SelectMany(e => e.Metadata.GetOrderedMetadata<IAuthorizeData>()).Select(a => a.Policy).Distinct().ShouldBe([Doors.Gardener, Doors.ProjectHelper], ignoreOrder: true);
    }

    [Theory]
    [InlineData("/API/undo")]
    [InlineData("/Api/Undo/")]
    [InlineData("/api/undo/")]
    [InlineData("/%61pi/undo")]
    [InlineData("/undo")]
    public async Task However_the_address_is_written_another_sites_page_writes_nothing(string path)
    {
        using var bare = server.Bare();
        foreach (var origin in (string?[])["http://seeds.example", "null", null])
        {
            using var request = new HttpRequestMessage(HttpMethod.Post, path) { Content = new StringContent("{}") };
            if (origin is not null) request.Headers.Add("Origin", origin);
            using var response = await bare.SendAsync(request, Cancel);
            response.StatusCode.ShouldBe(HttpStatusCode.Forbidden, $"{path} {origin}");
        }
    }

    [Theory]
    [InlineData("/API/things")]
    [InlineData("/Api/Garden/Document")]
    public async Task However_the_address_is_written_another_sites_page_reads_nothing_and_nothing_is_kept_between(string path)
    {
        using var ours = await server.Http.GetAsync(path, Cancel);
        (ours.StatusCode, ours.Headers.CacheControl?.NoStore).ShouldBe((HttpStatusCode.OK, true));
        using var request = new HttpRequestMessage(HttpMethod.Get, path);
        request.Headers.Add("Sec-Fetch-Site", "cross-site");
        using var response = await server.Http.SendAsync(request, Cancel);
        response.StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    [Theory]
    [InlineData("Sec-Fetch-Site", "cross-site", "GET")]
    [InlineData("Sec-Fetch-Site", "same-site", "GET")]
    [InlineData("Sec-Fetch-Site", "cross-site", "POST")]
    [InlineData("Origin", "http://seeds.example", "GET")]
    [InlineData("Origin", "null", "POST")]
    [InlineData("Origin", "https://localhost", "POST")]
    public async Task Another_sites_page_gets_nothing_and_writes_nothing(string header, string value, string method)
    {
        using var request = new HttpRequestMessage(new(method), method == "GET" ? "/api/things" : "/api/undo");
        request.Headers.Add(header, value);
        using var response = await server.Http.SendAsync(request, Cancel);
        response.StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    [Fact]
    public async Task A_name_that_only_leads_here_is_not_ours()
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/things");
        request.Headers.Host = "rebound.example";
        using var response = await server.Http.SendAsync(request, Cancel);
        response.StatusCode.ShouldBe(HttpStatusCode.MisdirectedRequest);
    }

    [Theory]
    [InlineData("text/plain", false, HttpStatusCode.Forbidden)]
    [InlineData("application/x-www-form-urlencoded", false, HttpStatusCode.Forbidden)]
    [InlineData("multipart/form-data", false, HttpStatusCode.Forbidden)]
    [InlineData("application/json", false, HttpStatusCode.NotFound)]
    [InlineData("text/plain", true, HttpStatusCode.NotFound)]
    [InlineData("application/json; charset=klingon", true, HttpStatusCode.UnsupportedMediaType)]
    public async Task A_write_is_json_or_carries_our_header(string type, bool header, HttpStatusCode expected)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/undo") { Content = new ByteArrayContent("{}"u8.ToArray()) };
        request.Content.Headers.TryAddWithoutValidation("Content-Type", type);
        using var bare = server.Bare();
        if (header) request.Headers.Add("X-Metaplant", "1");
        using var response = await bare.SendAsync(request, Cancel);
        response.StatusCode.ShouldBe(expected);
    }

    [Fact]
    public async Task No_answer_of_the_garden_is_kept_on_its_way()
    {
        foreach (var path in (string[])["/api/garden", "/api/things", "/api/things/csv", "/api/door", "/api/nothing-of-the-kind"])
        {
            using var response = await server.Http.GetAsync(path, Cancel);
            response.Headers.CacheControl!.NoStore.ShouldBeTrue(path);
        }
    }

    [Theory]
    [InlineData(null, false)]
    [InlineData("short", false)]
    [InlineData("         a", false)]
    [InlineData("three wet wheelbarrows", true)]
    public async Task A_passphrase_is_long_enough_to_be_one(string? passphrase, bool taken)
    {
        (await server.PutAsync("/api/door/passphrase", new { passphrase })).Status.ShouldBe(taken ? HttpStatusCode.NoContent : HttpStatusCode.BadRequest);
        ((bool)(await server.GetAsync("/api/door"))["hasPassphrase"]!).ShouldBe(taken);
    }

    [Fact]
    public void The_book_at_the_door_lets_in_who_knows_and_nobody_after_their_time()
    {
        var time = new Clock();
        var book = new DoorBook(server.Folder, time);
        book.SignIn("three wet wheelbarrows", "Phone").ShouldBeNull("no passphrase, nobody in");
        book.SetPassphrase("three wet wheelbarrows");
        book.SignIn("three dry wheelbarrows", "Phone").ShouldBeNull();
        var phone = book.SignIn(" three wet wheelbarrows ", "Phone")!;
        var (invitation, code) = book.Invite("Ilka", 3, TimeSpan.FromHours(2))!.Value;
        book.Accept("nonsense", "Ilka").ShouldBeNull();
        var helper = book.Accept($"{code[..4]}-{code[4..].ToUpperInvariant()}", "Ilka")!;
        book.Find(helper.Id)!.Value.Invitation!.Project.ShouldBe(3);
        // Read again it is the same book, and neither the passphrase nor the code stands in it.
        var text = File.ReadAllText(Path.Combine(server.Folder, "door.json"));
        text.ShouldNotContain(code);
        text.ShouldNotContain("wheelbarrows");
        new DoorBook(server.Folder, time).Find(helper.Id).ShouldNotBeNull();
        time.Now += TimeSpan.FromHours(3);
        book.Find(helper.Id).ShouldBeNull();
        book.Accept(code, "Ilka").ShouldBeNull();
        book.Find(phone.Id).ShouldNotBeNull();
        book.Withdraw(invitation.Id).ShouldBeTrue();
        book.SetPassphrase("four dry wheelbarrows");
        book.Find(phone.Id).ShouldBeNull();
        for (var i = 0; i < DoorBook.MostDevices + 5; i++) book.SignIn("four dry wheelbarrows", $"Device {i}").ShouldNotBeNull();
        book.Devices.Count.ShouldBe(DoorBook.MostDevices);
        for (var i = 0; i < DoorBook.MostInvitations; i++) book.Invite($"Helper {i}", 1, TimeSpan.FromHours(1)).ShouldNotBeNull();
        book.Invite("One more", 1, TimeSpan.FromHours(1)).ShouldBeNull();
    }

    [Theory]
    [InlineData("192.168.1.20", null)]
    [InlineData("garden.local", null)]
    [InlineData("0.0.0.0", "all addresses")]
    [InlineData("127.0.0.1", "this machine itself")]
    [InlineData("two words", "neither")]
    public void A_host_is_an_address_that_phones_can_find(string host, string? why)
    {
        if (why is null) new Address(host).WhyNot().ShouldBeNull();
        else new Address(host).WhyNot()!.ShouldContain(why);
    }

    [Fact]
    public async Task An_invitation_names_whom_it_is_for_a_project_and_a_time()
    {
        await using var yard = new GardenServer(demo: true);
        async Task<string?> Wrong(object input)
        {
            using var answer = await yard.Http.PostAsJsonAsync("/api/door/invitations", input, Cancel);
            return answer.IsSuccessStatusCode ? null : (await answer.Content.ReadAsStringAsync(Cancel))[..];
        }

        (await Wrong(new { @for = "", project = 1, hours = 4 }))!.ShouldContain("whom it is for");
        (await Wrong(new { @for = "Ilka", project = 99, hours = 4 }))!.ShouldContain("Choose the project");
        (await Wrong(new { @for = "Ilka", project = 1, hours = 100_000 }))!.ShouldContain("31 days");
        (await Wrong(new { @for = "Ilka", project = 1, hours = 4 })).ShouldBeNull();
        ((string)(await yard.GetAsync("/api/door/inside"))["invitations"]![0]!["projectName"]!).ShouldBe("Winch-house bed");
        // Another garden has other projects under the same numbers, so nobody stays invited to one.
        await yard.PostAsync("/api/backups", null);
        var backup = (string)(await yard.GetAsync("/api/backups"))["backups"]![0]!["name"]!;
        (await yard.PostAsync("/api/backups/restore", new { name = backup })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await yard.GetAsync("/api/door/inside"))["invitations"]!.AsArray().ShouldBeEmpty();
    }

    private sealed class Clock : TimeProvider
    {
        public DateTimeOffset Now { get; set; } = new(2027, 4, 1, 8, 0, 0, TimeSpan.Zero);

        public override DateTimeOffset GetUtcNow() => Now;
    }
}
