using System.Net;
using System.Text.Json.Nodes;
using SkiaSharp;

namespace Metaplant.Web.Tests;

/// <summary>What was seen elsewhere over HTTP: asked about, kept, fetched, forgotten, and never taken for something that lies here.</summary>
public sealed class FetchingTests : IAsyncLifetime
{
    private static readonly object Drum = new { name = "Blue drum", kind = "drum", count = 2, findings = new[] { "held-food", "looked-over" }, measures = new { diameter = .58, height = .9 }, source = "The yard by the ferry" };

    private readonly GardenServer server = new();

    public async ValueTask InitializeAsync() => (await server.PostAsync("/api/things", new { name = "Grit", kind = "grit" })).Status.ShouldBe(HttpStatusCode.Created);

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task What_is_seen_is_kept_and_nothing_is_made_of_it_until_it_is_fetched()
    {
        var (status, seen) = await server.PostAsync("/api/seen", Drum);
        status.ShouldBe(HttpStatusCode.Created, seen?.ToString());
        var (id, version) = ((int)seen!["thing"]!["id"]!, (int)seen["thing"]!["version"]!);
        ((string)seen["on"]!).ShouldMatch(@"^\d{4}-\d\d-\d\d$");
        (await Names("/api/things")).ShouldBe(["Grit"]);
        (await Names("/api/things?retired=true")).ShouldBeEmpty();
        (await server.PostAsync("/api/projects", new { name = "Tub", design = "drilled-tub", source = $"{id}.whole", settings = new { }, brief = new { } })).Status.ShouldNotBe(HttpStatusCode.Created);
        (await server.PostAsync($"/api/things/{id}/restore", new { version })).Status.ShouldBe(HttpStatusCode.BadRequest);

        (await server.PostAsync($"/api/seen/{id}/fetched", new { version = version + 1 })).Status.ShouldBe(HttpStatusCode.Conflict);
        (await server.PostAsync($"/api/seen/{id}/fetched", new { version })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await Names("/api/things")).ShouldBe(["Grit", "Blue drum"]);
        (await server.GetAsync("/api/seen")).AsArray().ShouldBeEmpty();
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await Names("/api/things")).ShouldBe(["Grit"]);
        (await server.GetAsync("/api/seen")).AsArray().Count.ShouldBe(1);
    }

    [Fact]
    public async Task Forgotten_it_is_gone_and_undo_brings_it_back()
    {
        var seen = (await server.PostAsync("/api/seen", Drum)).Body!["thing"]!;
        (await server.PostAsync($"/api/seen/{seen["id"]}/forget", new { version = (int)seen["version"]! })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.GetAsync("/api/seen")).AsArray().ShouldBeEmpty();
        (await server.PostAsync($"/api/seen/{seen["id"]}/forget", new { version = (int)seen["version"]! })).Status.ShouldBe(HttpStatusCode.NotFound);
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        ((string)(await server.GetAsync("/api/seen")).AsArray().ShouldHaveSingleItem()!["thing"]!["source"]!).ShouldBe("The yard by the ferry");
        // What lies here is neither fetched nor forgotten.
        var grit = (await server.GetAsync("/api/things")).AsArray()[0]!;
        (await server.PostAsync($"/api/seen/{grit["id"]}/forget", new { version = (int)grit["version"]! })).Status.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_picture_taken_of_it_there_goes_and_comes_back_with_it()
    {
        var seen = (await server.PostAsync("/api/seen", Drum)).Body!["thing"]!;
        using var bitmap = new SKBitmap(40, 30);
        using var data = bitmap.Encode(SKEncodedImageFormat.Png, 100);
        using var picture = new ByteArrayContent(data.ToArray());
        picture.Headers.ContentType = new("image/png");
        (await server.Http.PostAsync($"/api/things/{seen["id"]}/photos", picture, TestContext.Current.CancellationToken)).EnsureSuccessStatusCode();
        var photo = (int)(await server.GetAsync("/api/seen"))[0]!["thing"]!["photos"]!.AsArray().ShouldHaveSingleItem()!;
        var version = (int)(await server.GetAsync("/api/seen"))[0]!["thing"]!["version"]!;
        (await server.PostAsync($"/api/seen/{seen["id"]}/forget", new { version })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.PostAsync("/api/undo", null)).Body!["words"]!.GetValue<string>().ShouldBe("Forgot Blue drum");
        ((int)(await server.GetAsync("/api/seen"))[0]!["thing"]!["photos"]!.AsArray().ShouldHaveSingleItem()!).ShouldBe(photo);
        (await server.Http.GetAsync($"/api/photos/{photo}", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task It_says_what_it_would_be_good_for_typed_or_kept()
    {
        var typed = await Worth(new { thing = Drum });
        var unlock = typed["unlocks"]!.AsArray().First(u => (string)u!["design"]! == "drilled-tub")!;
        ((string)unlock["gain"]!).ShouldBe("Completes");
        unlock["until"].ShouldNotBeNull();
        ((double)unlock["litres"]!).ShouldBeGreaterThan(.1);
        typed["loading"].ShouldBeNull("no car was measured");
        var id = (int)(await server.PostAsync("/api/seen", Drum)).Body!["thing"]!["id"]!;
        (await Worth(new { seen = id }))["unlocks"]!.ToJsonString().ShouldBe(typed["unlocks"]!.ToJsonString());
        (await server.PostAsync("/api/worth", new { seen = id + 1 })).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await server.PostAsync("/api/worth", new { })).Body!["errors"]!["thing"].ShouldNotBeNull();
        (await server.PostAsync("/api/worth", new { thing = new { kind = "drum", measures = new { diameter = 40 } } })).Body!["errors"]!["measures.diameter"].ShouldNotBeNull();
    }

    [Fact]
    public async Task Once_the_car_is_measured_it_says_whether_it_goes_in_and_how_it_could()
    {
        (await server.PutAsync("/api/carrier", new { carrier = new { length = 1.2, width = 20, height = .7 } })).Body!["errors"]!["width"].ShouldNotBeNull();
        (await server.PutAsync("/api/carrier", new { carrier = new { length = 1.2, width = 1, height = .7 } })).Status.ShouldBe(HttpStatusCode.NoContent);
        ((double)(await server.GetAsync("/api/garden"))["carrier"]!["length"]!).ShouldBe(1.2);
        ((bool)(await Worth(new { thing = Drum }))["loading"]!["fits"]!).ShouldBeTrue();
        var pallet = await Worth(new { thing = new { name = "Large pallet", kind = "pallet", findings = new[] { "mark-heat", "looked-over" }, measures = new { slatLength = 1.4 } } });
        ((bool)pallet["loading"]!["fits"]!).ShouldBeFalse();
        (await server.PutAsync("/api/carrier", new { carrier = (object?)null })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await Worth(new { thing = Drum }))["loading"].ShouldBeNull();
    }

    [Fact]
    public async Task A_garden_file_carries_what_was_seen_and_the_car()
    {
        await server.PostAsync("/api/seen", Drum);
        await server.PutAsync("/api/carrier", new { carrier = new { length = 1.2, width = 1, height = .7 } });
        var document = await server.GetAsync("/api/garden/document");
        document["things"]!.AsArray().Count(t => t!["seen"] is not null).ShouldBe(1);
        ((double)document["settings"]!["carrier"]!["height"]!).ShouldBe(.7);
        await using var other = new GardenServer();
        using var archive = new ByteArrayContent(await server.Http.GetByteArrayAsync("/api/garden/archive", TestContext.Current.CancellationToken));
        archive.Headers.ContentType = new("application/zip");
        (await other.Http.PostAsync("/api/garden/in", archive, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        ((string)(await other.GetAsync("/api/seen")).AsArray().ShouldHaveSingleItem()!["thing"]!["name"]!).ShouldBe("Blue drum");
        ((double)(await other.GetAsync("/api/garden"))["carrier"]!["height"]!).ShouldBe(.7);
        (await other.GetAsync("/api/things")).AsArray().Count.ShouldBe(1);
    }

    [Fact]
    public async Task The_demonstration_garden_has_something_to_look_for()
    {
        await using var demo = new GardenServer(demo: true);
        var (status, wanted) = await demo.PostAsync("/api/wanted", new { });
        status.ShouldBe(HttpStatusCode.OK);
        foreach (var w in wanted!.AsArray())
        {
            ((int)w!["count"]!).ShouldBeGreaterThan(0);
            w["unlocks"]!.AsArray().ShouldNotBeEmpty();
        }

        wanted.AsArray().ShouldNotBeEmpty();

        // The same on a page by itself, in the units of the garden, that fetches nothing and whose words are no markup.
        await demo.PutAsync("/api/garden", new { name = "Tom & <b>Ina</b>", units = "in" });
        var page = await demo.Http.GetStringAsync("/api/wanted/page?exposure=Open&site=Soil", TestContext.Current.CancellationToken);
        page.ShouldContain("Tom &amp; &lt;b&gt;Ina&lt;/b&gt;");
        page.ShouldNotContain("http");
        page.ShouldNotMatch(" mm[ ,.]");
        page.Split("<li").Length.ShouldBe(wanted.AsArray().Count + 1);
        var sized = wanted.AsArray().First(w => w!["measures"] is not null && (double)w["length"]! > 0)!;
        page.ShouldContain($"data-least=\"{((double)sized["length"]! / .0254).ToString("0.###", System.Globalization.CultureInfo.InvariantCulture)} ");
        (await demo.Http.GetAsync("/api/wanted/page?medium=gravy", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    private async Task<JsonNode> Worth(object input)
    {
        var (status, worth) = await server.PostAsync("/api/worth", input);
        status.ShouldBe(HttpStatusCode.OK, worth?.ToString());
        return worth!;
    }

    private async Task<List<string>> Names(string path) => [.. (await server.GetAsync(path)).AsArray().Select(t => (string)t!["name"]!)];
}
