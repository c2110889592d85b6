using System.IO.Compression;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Metaplant.Data.Documents;

namespace Metaplant.Web.Tests;

/// <summary>The whole garden out to a file and in again, into the same garden or another's.</summary>
public sealed class DocumentTests : IAsyncLifetime
{
    private readonly GardenServer server = new(garden: "before-doors");

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task Out_and_into_an_empty_garden_it_is_the_same_document_and_each_photograph_is_the_same_byte_for_byte()
    {
        var archive = await server.Http.GetByteArrayAsync("/api/garden/archive", Cancel);
        await using var other = new GardenServer();
        var (status, preview) = await SendAsync(other, "/api/garden/in/preview", archive);
        status.ShouldBe(HttpStatusCode.OK, preview?.ToJsonString());
        ((int)preview!["thingsNew"]!, (int)preview["photographs"]!, (int)preview["photographsMissing"]!, (int)preview["thingsGone"]!).ShouldBe(((int)preview["things"]!, 1, 0, 0));
        (await other.GetAsync("/api/things")).AsArray().ShouldBeEmpty("looking at it keeps nothing");
        (await SendAsync(other, "/api/garden/in", archive)).Status.ShouldBe(HttpStatusCode.NoContent);
        var again = await other.Http.GetByteArrayAsync("/api/garden/archive", Cancel);
        Entries(again).ShouldBe(Entries(archive));
        Entries(archive).Count.ShouldBe(3);
        foreach (var path in (string[])["/api/things", "/api/projects", "/api/projects/1"]) Bare(await other.GetAsync(path)).ShouldBe(Bare(await server.GetAsync(path)));
        (await SendAsync(other, "/api/garden/in/preview", again)).Body!["thingsChanged"]!.GetValue<int>().ShouldBe(0);
    }

    [Fact]
    public async Task Backed_up_changed_and_gone_back_to_it_is_the_same_document_and_the_same_photographs()
    {
        var before = Entries(await server.Http.GetByteArrayAsync("/api/garden/archive", Cancel));
        (await server.PostAsync("/api/backups", null)).Status.ShouldBe(HttpStatusCode.NoContent);
        await server.AddAsync("bucket", "Added since");
        (await server.PutAsync("/api/garden", new { name = "Renamed since", units = "cm" })).Status.ShouldBe(HttpStatusCode.NoContent);
        var photo = (int)(await server.GetAsync("/api/things"))[0]!["photos"]![0]!;
        using (var gone = await server.Http.DeleteAsync($"/api/photos/{photo}", Cancel)) gone.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        foreach (var file in Directory.GetFiles(Path.Combine(server.Folder, "photos"))) File.Delete(file);
        var backups = (await server.GetAsync("/api/backups"))["backups"]!.AsArray();
        ((int)backups[0]!["things"]!, (int)backups[0]!["projects"]!).ShouldBe((79, 3));
        (await server.PostAsync("/api/backups/restore", new { name = (string)backups[0]!["name"]! })).Status.ShouldBe(HttpStatusCode.NoContent);
        Entries(await server.Http.GetByteArrayAsync("/api/garden/archive", Cancel)).ShouldBe(before);
        await server.RestartAsync();
        Entries(await server.Http.GetByteArrayAsync("/api/garden/archive", Cancel)).ShouldBe(before);
        // The one before going back is there too, and undo goes on from what was gone back to.
        (await server.GetAsync("/api/backups"))["backups"]!.AsArray().ShouldContain(b => ((string)b!["name"]!).StartsWith("before-restore", StringComparison.Ordinal) && (int)b["things"]! == 80);
        (await server.PostAsync("/api/undo", null)).Body!["words"]!.GetValue<string>().ShouldBe("Photographed Engine pallets, HT");
    }

    [Fact]
    public async Task Put_in_place_of_a_garden_it_replaces_everything_and_the_one_before_can_be_gone_back_to()
    {
        await using var other = new GardenServer(demo: true);
        var thing = await other.AddAsync("bucket", "Only here");
        (await SendAsync(other, "/api/garden/in", await server.Http.GetByteArrayAsync("/api/garden/document", Cancel))).Status.ShouldBe(HttpStatusCode.NoContent);
        var names = (await other.GetAsync("/api/things")).AsArray().Select(t => (string)t!["name"]!).ToList();
        names.ShouldContain("Apple crates from the loft");
        names.ShouldNotContain("Only here");
        // Its photograph was not in the document, so nothing points to a picture that is not there.
        (await other.GetAsync("/api/things")).AsArray().SelectMany(t => t!["photos"]!.AsArray()).ShouldBeEmpty();
        (await other.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.NotFound);
        // Whoever still has the old garden on a screen is told, whatever lies under that number now.
        (await other.PutAsync("/api/things/1", new { name = "Stale", kind = "pallet", version = (int)thing["version"]! })).Status.ShouldBe(HttpStatusCode.Conflict);
        var before = (await other.GetAsync("/api/backups"))["backups"]!.AsArray().Single(b => ((string)b!["name"]!).StartsWith("before-import", StringComparison.Ordinal))!;
        (await other.PostAsync("/api/backups/restore", new { name = (string)before["name"]! })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await other.GetAsync("/api/things")).AsArray().Select(t => (string)t!["name"]!).ShouldContain("Only here");
    }

    [Theory]
    [InlineData("{", "document")]
    [InlineData("{}", "document")]
    [InlineData("[]", "document")]
    [InlineData("PK", "document")]
    public async Task What_is_no_garden_is_refused_and_changes_nothing(string text, string field)
    {
        var before = await server.Http.GetStringAsync("/api/garden/document", Cancel);
        var (status, problem) = await SendAsync(server, "/api/garden/in", Encoding.UTF8.GetBytes(text));
        status.ShouldBe(HttpStatusCode.BadRequest);
        problem!["errors"]!.AsObject().ContainsKey(field).ShouldBeTrue(problem.ToJsonString());
        (await server.Http.GetStringAsync("/api/garden/document", Cancel)).ShouldBe(before);
    }

    [Theory]
    [InlineData("version", "9", "version")]
    [InlineData("format", "\"recipes\"", "format")]
    [InlineData("things.0.id", "2", "things")]
    [InlineData("things.0.count", "0", "things[0].count")]
    [InlineData("things.0.count", "1", "projects")]
    [InlineData("things.0.name", "null", "things[0].name")]
    [InlineData("things.0", "null", "things")]
    [InlineData("things.0.faults", "[null]", "things[0].faults")]
    [InlineData("things.0.findings", "[null]", "things[0].findings")]
    [InlineData("projects.0.takes", "[null]", "projects[0].takes")]
    [InlineData("settings.tools", "{\"Drill\":null}", "settings.tools")]
    [InlineData("things.0.measures", "{\"height\":\"tall\"}", "things[0].measures.height")]
    [InlineData("things.0.parentId", "4711", "things[0].parentId")]
    [InlineData("photographs.0.file", "\"../../etc/passwd\"", "photographs[0].file")]
    [InlineData("photographs.0.thingId", "4711", "photographs[0].thingId")]
    [InlineData("projects.0.takes.0.thingId", "4711", "projects[0].takes")]
    [InlineData("settings.units", "\"cubits\"", "settings.units")]
    [InlineData("settings.measures", "{\"two words\":0.01}", "settings.measures")]
    [InlineData("settings.measures", "{\"trug\":-1}", "settings.measures")]
    [InlineData("settings.name", "\"\"", "settings.name")]
    [InlineData("things.0.cost", "-1", "things[0].cost")]
    public async Task One_thing_wrong_in_it_is_told_at_its_place_and_nothing_is_taken_in(string path, string value, string field)
    {
        // Something of the first thing is spoken for, so that it cannot become too few.
        var document = JsonNode.Parse(await server.Http.GetStringAsync("/api/garden/document", Cancel))!;
        var took = document["projects"]!.AsArray().SelectMany(p => p!["takes"]!.AsArray()).First(t => (int)t!["count"]! > 1)!;
        if (path == "things.0.count" && value == "1") path = $"things.{document["things"]!.AsArray().ToList().FindIndex(t => (int)t!["id"]! == (int)took["thingId"]!)}.count";
        Set(document, path, value);
        var (status, problem) = await SendAsync(server, "/api/garden/in", Encoding.UTF8.GetBytes(document.ToJsonString()));
        status.ShouldBe(HttpStatusCode.BadRequest);
        problem!["errors"]!.AsObject().Select(e => e.Key).ShouldContain(key => field.Contains(key, StringComparison.Ordinal) || key.StartsWith(field, StringComparison.Ordinal), problem.ToJsonString());
        (await server.GetAsync("/api/things")).AsArray().Count.ShouldBe(79);
    }

    [Theory]
    [InlineData("cast.pieces.0.thingId", "4711")]
    [InlineData("cast.pieces.0.length", "-1")]
    [InlineData("cast.pieces.0.need", "\"keel\"")]
    [InlineData("cast.pieces", "[]")]
    [InlineData("cast.panels", "[{\"need\":\"keel\",\"width\":1,\"boards\":[7],\"ripped\":null,\"to\":null}]")]
    [InlineData("cast.courses", "[{\"need\":\"sections\",\"height\":0.2,\"thickness\":0.02,\"pieces\":[-1]}]")]
    [InlineData("cast.bars.0.cuts.0.wantedId", "\"keel\"")]
    [InlineData("cast.bars.0.bar.thingId", "4711")]
    [InlineData("cast.apart", "[{\"thingId\":4711,\"way\":\"boards\",\"units\":1}]")]
    [InlineData("cast.sectionCuts.0.thingId", "4711")]
    [InlineData("cast.takes.0.thingId", "4711")]
    [InlineData("cast.buys.0.needId", "\"keel\"")]
    public async Task A_project_whose_pieces_make_no_sense_is_drawn_anew_and_says_so(string path, string value)
    {
        await using var other = new GardenServer(demo: true);
        var document = JsonNode.Parse(await other.Http.GetStringAsync("/api/garden/document", Cancel))!;
        Set(document, "projects.0." + path, value);
        (await SendAsync(other, "/api/garden/in", Encoding.UTF8.GetBytes(document.ToJsonString()))).Status.ShouldBe(HttpStatusCode.NoContent);
        var project = await other.GetAsync("/api/projects/1");
        ((string?)project["castAnew"]).ShouldNotBeNull();
        project["board"].ShouldNotBeNull();
    }

    [Fact]
    public async Task A_kind_this_catalogue_does_not_know_comes_in_and_needs_a_look()
    {
        var document = JsonNode.Parse(await server.Http.GetStringAsync("/api/garden/document", Cancel))!;
        Set(document, "things.0.kind", "\"gondola\"");
        var file = Encoding.UTF8.GetBytes(document.ToJsonString());
        (await SendAsync(server, "/api/garden/in/preview", file)).Body!["needLook"]!.AsArray().Select(n => (string)n!).ShouldBe(["Engine pallets, HT"]);
        (await SendAsync(server, "/api/garden/in", file)).Status.ShouldBe(HttpStatusCode.NoContent);
        var unread = (await server.GetAsync("/api/things/needs-a-look")).AsArray().Single()!;
        ((string)unread["kind"]!).ShouldBe("gondola");
        (await server.GetAsync("/api/things")).AsArray().Count.ShouldBe(78);
        // It goes out again as it came in.
        JsonNode.Parse(await server.Http.GetStringAsync("/api/garden/document", Cancel))!["things"]![0]!.ToJsonString().ShouldBe(document["things"]![0]!.ToJsonString());
        (await server.PostAsync($"/api/things/{unread["id"]}/mend", new { version = (int)unread["version"]! })).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await server.PostAsync($"/api/things/{unread["id"]}/mend", new { kind = "pallet", version = (int)unread["version"]! })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.GetAsync("/api/things")).AsArray().Count.ShouldBe(79);
        (await server.PostAsync("/api/undo", null)).Status.ShouldBe(HttpStatusCode.OK);
        (await server.GetAsync("/api/things/needs-a-look")).AsArray().Count.ShouldBe(1);
    }

    [Fact]
    public async Task What_cannot_be_read_goes_out_as_unknown_and_comes_in_no_fitter_than_it_was()
    {
        // The varnish drum, refused, whose signs a damaged row lost.
        var drum = (await server.GetAsync("/api/things")).AsArray().Single(t => (string)t!["name"]! == "Varnish drum")!;
        ((string)drum["fitness"]!).ShouldBe("Refused");
        await server.ExecuteAsync($"UPDATE Things SET Findings = '[null]' WHERE Id = {drum["id"]}");
        (await server.GetAsync("/api/things/needs-a-look")).AsArray().Single()!["wrong"]!.AsArray().Select(w => (string)w!).ShouldBe(["Its findings cannot be read."]);
        await using var other = new GardenServer();
        (await SendAsync(other, "/api/garden/in", await server.Http.GetByteArrayAsync("/api/garden/document", Cancel))).Status.ShouldBe(HttpStatusCode.NoContent);
        var again = (await other.GetAsync("/api/things")).AsArray().Single(t => (string)t!["name"]! == "Varnish drum")!;
        ((string)again["fitness"]!, (bool)again["mayCut"]!).ShouldBe(("StructureOnly", false));
        again["history"]!.AsArray().Select(h => (string)h!).ShouldContain("held-unknown");
    }

    [Fact]
    public async Task A_photograph_in_an_archive_that_is_none_is_not_laid_beside_the_garden()
    {
        var archive = await server.Http.GetByteArrayAsync("/api/garden/archive", Cancel);
        using var changed = new MemoryStream();
        changed.Write(archive);
        using (var zip = new ZipArchive(changed, ZipArchiveMode.Update, leaveOpen: true))
        {
            foreach (var photo in zip.Entries.Where(e => e.FullName.StartsWith("photos/", StringComparison.Ordinal)).ToList())
            {
                var name = photo.FullName;
                photo.Delete();
                using var bad = zip.CreateEntry(name).Open();
                bad.Write("<script>alert(1)</script>"u8);
            }
        }

        await using var other = new GardenServer();
        (await SendAsync(other, "/api/garden/in", changed.ToArray())).Status.ShouldBe(HttpStatusCode.NoContent);
        Directory.GetFiles(Path.Combine(other.Folder, "photos")).ShouldBeEmpty();
        (await other.GetAsync("/api/things")).AsArray().SelectMany(t => t!["photos"]!.AsArray()).ShouldBeEmpty();
    }

    [Fact]
    public void The_published_schema_is_the_one_that_is_read()
    {
        var path = Path.Combine(Root(), "docs", "garden.schema.json");
        if (Environment.GetEnvironmentVariable("METAPLANT_DRAW") is not null) File.WriteAllText(path, GardenDocument.Schema());
        File.ReadAllText(path).ShouldBe(GardenDocument.Schema(), "METAPLANT_DRAW=1 writes it anew; a changed form raises GardenDocument.Present");
    }

    private static string Root()
    {
        var at = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(at, "Metaplant.slnx"))) at = Path.GetDirectoryName(at.TrimEnd('/'))!;
        return at;
    }

    private static void Set(JsonNode document, string path, string value)
    {
        var parts = path.Split('.');
        var at = document;
        foreach (var part in parts[..^1]) at = int.TryParse(part, out var i) ? at[i]! : at[part]!;
        if (int.TryParse(parts[^1], out var last)) at[last] = JsonNode.Parse(value);
        else at[parts[^1]] = JsonNode.Parse(value);
    }

    private static Dictionary<string, string> Entries(byte[] archive)
    {
        using var zip = new ZipArchive(new MemoryStream(archive));
        return zip.Entries.ToDictionary(e => e.FullName, e =>
        {
            using var stream = e.Open();
            using var bytes = new MemoryStream();
            stream.CopyTo(bytes);
            return Convert.ToHexString(bytes.ToArray());
        });
    }

    /// <summary>Without the versions, which only ever go up.</summary>
    private static string Bare(JsonNode node) => System.Text.RegularExpressions.Regex.Replace(node.ToJsonString(), "\"version\":\\d+", "", System.Text.RegularExpressions.RegexOptions.None, TimeSpan.FromSeconds(5));

    private static async Task<(HttpStatusCode Status, JsonNode? Body)> SendAsync(GardenServer to, string path, byte[] file, string type = "application/octet-stream")
    {
        using var content = new ByteArrayContent(file);
        content.Headers.ContentType = new(type);
        using var answer = await to.Http.PostAsync(path, content, Cancel);
        var text = await answer.Content.ReadAsStringAsync(Cancel);
        return (answer.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text));
    }
}
