using System.Net;
using System.Net.Http.Headers;
using System.Text.Json.Nodes;
using SkiaSharp;

namespace Metaplant.Web.Tests;

/// <summary>Many things at once, things taken apart, photographs, tags, tools and measures.</summary>
public sealed class WholeHeapTests : IAsyncLifetime
{
    private readonly GardenServer server = new();

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task Many_are_changed_at_once_or_none()
    {
        var (a, b) = (await server.AddAsync("board", "A"), await server.AddAsync("round-tub", "B"));
        var (status, changed) = await server.PostAsync("/api/things/bulk", new { things = new[] { Ref(a), Ref(b) }, place = "Under the stair", keepDry = true, addFindings = new[] { "looked-over" } });
        status.ShouldBe(HttpStatusCode.OK);
        changed!.AsArray().ShouldAllBe(t => (string)t!["place"]! == "Under the stair" && (bool)t["keepDry"]!);
        // One of the two cannot be told anything of nails, so neither is.
        var (refused, why) = await server.PostAsync("/api/things/bulk", new { things = changed.AsArray().Select(t => Ref(t!)), place = "Elsewhere", addFindings = new[] { "nails" } });
        refused.ShouldBe(HttpStatusCode.BadRequest);
        why!["errors"]!["addFindings"]!.ToJsonString().ShouldContain("B");
        (await server.GetAsync("/api/things")).AsArray().ShouldAllBe(t => (string)t!["place"]! == "Under the stair");
        // And an old version is told.
        (await server.PostAsync("/api/things/bulk", new { things = new[] { Ref(a) }, place = "Elsewhere" })).Status.ShouldBe(HttpStatusCode.Conflict);
        await server.PostAsync("/api/undo", new { });
        (await server.GetAsync("/api/things")).AsArray().ShouldAllBe(t => (string)t!["place"]! == "");
    }

    [Fact]
    public async Task Doubles_are_pointed_out_and_merged()
    {
        var (a, b, c) = (await server.AddAsync("board", "Deck boards", 4), await server.AddAsync("board", "More of them", 3), await server.AddAsync("post", "Posts"));
        (await server.GetAsync("/api/things/alike")).AsArray().ShouldHaveSingleItem()!["things"]!.AsArray().Select(i => (int)i!).ShouldBe([(int)a["id"]!, (int)b["id"]!]);
        (await server.PostAsync($"/api/things/{c["id"]}/merge", new { into = (int)a["id"]!, version = (int)c["version"]!, intoVersion = (int)a["version"]! })).Status.ShouldBe(HttpStatusCode.BadRequest);
        var (status, merged) = await server.PostAsync($"/api/things/{b["id"]}/merge", new { into = (int)a["id"]!, version = (int)b["version"]!, intoVersion = (int)a["version"]! });
        status.ShouldBe(HttpStatusCode.OK);
        ((int)merged!["count"]!).ShouldBe(7);
        (await server.GetAsync("/api/things")).AsArray().Count.ShouldBe(2);
        await server.PostAsync("/api/undo", new { });
        (await server.GetAsync("/api/things")).AsArray().Select(t => (int)t!["count"]!).ShouldBe([4, 3, 1]);
    }

    [Fact]
    public async Task What_is_taken_apart_comes_back_with_its_parent_named()
    {
        var pallets = await server.AddAsync("pallet", "Engine pallets", 2, "mark-heat");
        var (status, answer) = await server.PostAsync($"/api/things/{pallets["id"]}/break", new { way = "long-boards", count = 1, version = (int)pallets["version"]! });
        status.ShouldBe(HttpStatusCode.OK);
        answer!.AsArray().Skip(1).ShouldAllBe(p => (int)p!["parentId"]! == (int)pallets["id"]!);
        ((int)answer[0]!["count"]!).ShouldBe(1);
        var (_, sawn) = await server.PostAsync($"/api/things/{pallets["id"]}/saw", new { boards = 3, sections = 1, version = (int)answer[0]!["version"]! });
        ((bool)sawn![0]!["retired"]!).ShouldBeTrue("the last of the batch lies on the heap as its remains");
        sawn.AsArray().Skip(1).Select(p => (int)p!["measures"]!["slats"]!).ShouldBe([3, 3], "the section, and the other half");
        sawn.AsArray().Skip(1).ShouldAllBe(p => p!["findings"]!.AsArray().Any(f => (string)f! == "mark-heat"));
        foreach (var (boards, sections) in ((int?, int?)[])[(0, 1), (-1, 1), (null, 1), (2, null), (2, -5), (int.MaxValue, 1)])
            (await server.PostAsync($"/api/things/{sawn[1]!["id"]}/saw", new { boards, sections, version = (int)sawn[1]!["version"]! })).Status.ShouldBe(HttpStatusCode.BadRequest);
        var board = answer[1]!;
        var (cut, offcut) = await server.PostAsync($"/api/things/{board["id"]}/cut", new { length = .5, version = (int)board["version"]! });
        cut.ShouldBe(HttpStatusCode.OK);
        offcut!.AsArray().Skip(1).Select(p => Math.Round((double)p!["measures"]!["length"]!, 6)).ShouldBe([.5, .697]);
        offcut[2]!["history"]!.AsArray().Select(f => (string)f!).ShouldBe(["mark-heat", "pallet-wood"]);
        // What may not be cut is not cut.
        var drum = await server.AddAsync("drum", "Who knows", 1, "held-unknown");
        (await server.PostAsync($"/api/things/{drum["id"]}/break", new { way = "two-tubs", count = 1, version = (int)drum["version"]! })).Status.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task A_photograph_is_drawn_anew_upright_and_without_the_place_it_was_taken()
    {
        var tub = await server.AddAsync("round-tub", "Tub");
        var (status, photo) = await Photograph(tub, WithLocation(Jpeg(3000, 2000)), "image/jpeg");
        status.ShouldBe(HttpStatusCode.Created);
        var kept = await server.Http.GetByteArrayAsync($"/api/photos/{photo!["id"]}", Cancel);
        System.Text.Encoding.Latin1.GetString(kept).ShouldNotContain("GPS");
        System.Text.Encoding.Latin1.GetString(kept).ShouldNotContain("Exif");
        using var picture = SKBitmap.Decode(kept);
        Math.Max(picture.Width, picture.Height).ShouldBe(1600);
        using var small = SKBitmap.Decode(await server.Http.GetByteArrayAsync($"/api/photos/{photo["id"]}/small", Cancel));
        Math.Max(small.Width, small.Height).ShouldBe(240);
        (await server.GetAsync("/api/things"))[0]!["photos"]!.AsArray().Count.ShouldBe(1);

        (await server.SendAsync(HttpMethod.Delete, $"/api/photos/{photo["id"]}", null)).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.GetAsync("/api/things"))[0]!["photos"]!.AsArray().ShouldBeEmpty();
        await server.PostAsync("/api/undo", new { });
        (await server.Http.GetAsync($"/api/photos/{photo["id"]}", Cancel)).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task What_is_no_picture_or_too_large_is_refused_with_a_sentence()
    {
        var tub = await server.AddAsync("round-tub", "Tub");
        var (status, why) = await Photograph(tub, "<script>alert(1)</script>"u8.ToArray(), "image/jpeg");
        status.ShouldBe(HttpStatusCode.BadRequest);
        why!["errors"]!["photo"]!.ToJsonString().ShouldContain("no picture");
        (await Photograph(tub, new byte[11 * 1024 * 1024], "image/jpeg")).Status.ShouldBeOneOf(HttpStatusCode.BadRequest, HttpStatusCode.RequestEntityTooLarge);
        (await server.PostAsync("/api/things/99/photos", new { })).Status.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_tag_has_a_code_that_opens_the_thing()
    {
        var svg = await server.Http.GetStringAsync("/api/things/1/code.svg", Cancel);
        svg.ShouldStartWith("<svg");
        svg.Length.ShouldBeGreaterThan(1000);
    }

    [Fact]
    public async Task A_tool_that_is_lacking_shows_at_the_ways_that_want_it()
    {
        (await server.PutAsync("/api/tools/Pry bar", new { tool = new { having = "Lacking", sizes = "", who = "" } })).Status.ShouldBe(HttpStatusCode.NoContent);
        var (_, preview) = await server.PostAsync("/api/things/preview", new { kind = "pallet" });
        var prised = preview!["ways"]!.AsArray().First(w => (string)w!["id"]! == "long-boards")!;
        ((string)prised["lacks"]!).ShouldBe("Pry bar");
        ((string)prised["instead"]!).ShouldNotBeEmpty();
        (await server.PutAsync("/api/tools/Wand", new { tool = new { having = "Owned", sizes = "", who = "" } })).Status.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Ones_own_measures_are_kept_and_nonsense_is_refused()
    {
        (await server.PutAsync("/api/measures/trug", new { volume = .012 })).Status.ShouldBe(HttpStatusCode.NoContent);
        ((double)(await server.GetAsync("/api/garden"))["measures"]!["trug"]!).ShouldBe(.012);
        (await server.PutAsync("/api/measures/trug", new { volume = -1 })).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await server.PutAsync("/api/measures/two words", new { volume = .01 })).Status.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task Measured_sticks_are_sorted()
    {
        object Stick(double length) => new { length, butt = .02, tip = .01, bow = 0 };
        var (status, sorted) = await server.PostAsync("/api/sticks/sort", new { sticks = new[] { Stick(1.8), Stick(1.81), Stick(2.5), Stick(.5) }, count = 2, greatestSpread = .05 });
        status.ShouldBe(HttpStatusCode.OK);
        sorted!["sets"]!.AsArray().ShouldHaveSingleItem()!["sticks"]!.AsArray().Select(i => (int)i!).ShouldBe([0, 1]);
        (await server.PostAsync("/api/sticks/sort", new { sticks = new[] { Stick(-1) }, count = 2 })).Body!["errors"]!.AsObject().Select(e => e.Key).ShouldBe(["sticks.0"]);
    }

    [Fact]
    public async Task Sticks_laid_one_by_one_stay_with_their_bundle_until_they_lie_apart()
    {
        object Stick(double length) => new { length, butt = .02, tip = .01, bow = 0 };
        object Bundle(int sticks, object? laid, int? version = null) => new
        {
            name = "Hazel",
            kind = "branches",
            count = 1,
            substance = "DryWood",
            findings = new[] { "looked-over" },
            version,
            laid,
            measures = new { sticks, shortest = 1.0, longest = 2.4, butt = .02, tip = .01 },
        };
        var three = new[] { Stick(2.4), Stick(1.0), Stick(1.1) };
        var (_, made) = await server.PostAsync("/api/things", Bundle(3, three));
        Lengths(made!).ShouldBe([2.4, 1.0, 1.1]);
        // Left out they stay; too few in the bundle is told at the number of sticks.
        var (status, again) = await server.PutAsync($"/api/things/{made!["id"]}", Bundle(4, null, (int)made["version"]!));
        status.ShouldBe(HttpStatusCode.OK);
        Lengths(again!).Count.ShouldBe(3);
        (await server.PutAsync($"/api/things/{made["id"]}", Bundle(2, null, (int)again!["version"]!))).Body!["errors"]!.AsObject().Select(e => e.Key).ShouldBe(["measures.sticks"]);

        var (_, parted) = await server.PostAsync($"/api/things/{made["id"]}/sticks", new { sticks = new[] { 1, 2 }, name = "Props", version = (int)again["version"]! });
        var (left, apart) = (parted!.AsArray()[0]!, parted.AsArray()[1]!);
        Lengths(left).ShouldBe([2.4]);
        ((double)left["measures"]!["sticks"]!, (double)apart["measures"]!["sticks"]!).ShouldBe((2, 2));
        Lengths(apart).ShouldBe([1.0, 1.1]);
        (await server.PostAsync($"/api/things/{made["id"]}/sticks", new { sticks = new[] { 7 }, name = "None", version = (int)left["version"]! })).Body!["errors"]!.AsObject().Select(e => e.Key).ShouldBe(["sticks"]);

        // One undo puts them back into one bundle.
        (await server.PostAsync("/api/undo", new { })).Status.ShouldBe(HttpStatusCode.OK);
        var whole = (await server.GetAsync("/api/things")).AsArray().Where(t => (int?)t!["id"] == (int)made["id"]! || (int?)t["parentId"] == (int)made["id"]!).ToList();
        Lengths(whole.ShouldHaveSingleItem()!).ShouldBe([2.4, 1.0, 1.1]);

        static List<double> Lengths(JsonNode thing) => [.. thing["laid"]!.AsArray().Select(s => (double)s!["length"]!)];
    }

    private static object Ref(JsonNode thing) => new { id = (int)thing["id"]!, version = (int)thing["version"]! };

    private async Task<(HttpStatusCode Status, JsonNode? Body)> Photograph(JsonNode thing, byte[] picture, string type)
    {
        using var content = new ByteArrayContent(picture);
        content.Headers.ContentType = new MediaTypeHeaderValue(type);
        using var response = await server.Http.PostAsync($"/api/things/{thing["id"]}/photos", content, Cancel);
        var text = await response.Content.ReadAsStringAsync(Cancel);
        return (response.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text));
    }

    private static byte[] Jpeg(int width, int height)
    {
        using var bitmap = new SKBitmap(width, height);
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(SKColors.SteelBlue);
        canvas.DrawCircle(width / 3f, height / 2f, height / 4f, new SKPaint { Color = SKColors.BurlyWood });
        using var image = SKImage.FromBitmap(bitmap);
        return image.Encode(SKEncodedImageFormat.Jpeg, 90).ToArray();
    }

    /// <summary>A note of the camera spliced in after the start of the file, as phones write it, with a place in it.</summary>
    private static byte[] WithLocation(byte[] jpeg)
    {
        var note = System.Text.Encoding.Latin1.GetBytes("Exif\0\0MM\0*\0\0\0\bGPSLatitude 52.4 GPSLongitude 1.6");
        byte[] marker = [0xFF, 0xE1, (byte)((note.Length + 2) >> 8), (byte)((note.Length + 2) & 0xFF)];
        return [.. jpeg[..2], .. marker, .. note, .. jpeg[2..]];
    }
}
