using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace Metaplant.Web.Tests;

/// <summary>The heap out as a file and in from one.</summary>
public sealed class CsvTests : IAsyncLifetime
{
    private readonly GardenServer server = new(demo: true);

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task What_goes_out_comes_in_again_as_it_was()
    {
        var file = await server.Http.GetStringAsync("/api/things/csv", Cancel);
        await using var other = new GardenServer();
        var (status, answer) = await Send(other, "/api/things/csv", file);
        status.ShouldBe(HttpStatusCode.OK);
        answer.ShouldContain("event: kept");
        (await other.Http.GetStringAsync("/api/things/csv", Cancel)).ShouldBe(file);
        var (before, after) = ((await server.GetAsync("/api/things")).AsArray(), (await other.GetAsync("/api/things")).AsArray());
        after.Count.ShouldBe(before.Count);
        foreach (var (a, b) in before.Zip(after))
        {
            foreach (var field in new[] { "name", "kind", "count", "measures", "findings", "faults", "place", "source", "keepDry", "fitness", "history", "taken", "lookedAt" }) b![field]!.ToJsonString().ShouldBe(a![field]!.ToJsonString());
        }
    }

    [Theory]
    [InlineData("'quoted")]
    [InlineData("'=1+1")]
    [InlineData("=1+1")]
    [InlineData("''")]
    [InlineData("''-x")]
    [InlineData("@home")]
    [InlineData("  blanks before, and after  ")]
    [InlineData("\ttab")]
    [InlineData("two\nlines, \"quotes\"")]
    public async Task Words_come_in_again_as_they_went_out_whatever_they_begin_with(string words)
    {
        await using var one = new GardenServer();
        (await one.PostAsync("/api/things", new { name = "Odd", kind = "bucket", remark = words, place = words })).Status.ShouldBe(HttpStatusCode.Created);
        var file = await one.Http.GetStringAsync("/api/things/csv", Cancel);
        // A spreadsheet takes none of it for a formula.
        "=+-@\t".ShouldAllBe(start => !file.Contains($",{start}") && !file.Contains($",\"{start}"));
        await using var other = new GardenServer();
        (await Send(other, "/api/things/csv", file)).Item1.ShouldBe(HttpStatusCode.OK);
        var odd = (await other.GetAsync("/api/things")).AsArray()[^1]!;
        ((string)odd["remark"]!, (string)odd["place"]!).ShouldBe((words, words));
    }

    [Fact]
    public async Task A_file_of_five_hundred_bad_rows_is_refused_row_by_row_and_leaves_nothing()
    {
        var before = (await server.GetAsync("/api/things")).AsArray().Count;
        var text = new StringBuilder("name,kind,count,measures\n");
        for (var i = 0; i < 500; i++)
        {
            text.AppendLine((i % 5) switch
            {
                0 => $"Row {i},flying-carpet,1,",
                1 => $"Row {i},board,many,length 1800 mm",
                2 => $"Row {i},board,1,length 1800",
                3 => $",board,1,length 1800 mm",
                _ => $"Row {i},round-tub,1,height 42 cm; wall 40 mm; depth 3 mm",
            });
        }

        var (_, preview) = await Send(server, "/api/things/csv/preview", text.ToString());
        var problems = JsonNode.Parse(preview)!["problems"]!.AsArray();
        problems.Select(p => (int)p!["line"]!).Distinct().ShouldBe(Enumerable.Range(2, 500));
        string Sentence(int line) => string.Join(" ", problems.Where(p => (int)p!["line"]! == line).Select(p => $"{p!["column"]}: {p["sentence"]}"));
        Sentence(2).ShouldContain("flying-carpet");
        Sentence(3).ShouldContain("many");
        Sentence(4).ShouldContain("length 1800 mm");
        Sentence(5).ShouldContain("name");
        Sentence(6).ShouldContain("depth 3 mm");

        var (status, refusal) = await Send(server, "/api/things/csv", text.ToString());
        status.ShouldBe(HttpStatusCode.BadRequest);
        refusal.ShouldContain("line 2");
        (await server.GetAsync("/api/things")).AsArray().Count.ShouldBe(before);
    }

    [Fact]
    public async Task Two_thousand_things_come_in_with_progress_and_go_again_with_one_undo()
    {
        var before = (await server.GetAsync("/api/things")).AsArray().Count;
        var (status, events) = await Send(server, "/api/things/csv", Many(2000));
        status.ShouldBe(HttpStatusCode.OK);
        events.Split("event: ", StringSplitOptions.RemoveEmptyEntries).Length.ShouldBeGreaterThan(10);
        events.ShouldContain("event: kept\ndata: {\"done\":2000,\"total\":2000}");
        (await server.GetAsync("/api/things")).AsArray().Count.ShouldBe(before + 2000);
        await server.PostAsync("/api/undo", new { });
        (await server.GetAsync("/api/things")).AsArray().Count.ShouldBe(before);
    }

    [Fact]
    public async Task A_cell_that_a_spreadsheet_would_run_is_harmless_there_and_whole_here()
    {
        await server.PostAsync("/api/things", new { name = "=HYPERLINK(\"x\")", kind = "board", place = "@home", source = "+shed", remark = "-1 \"quoted\", and a comma" });
        var file = await server.Http.GetStringAsync("/api/things/csv", Cancel);
        file.Split('\n').SelectMany(l => l.Split(',')).ShouldAllBe(c => !c.TrimStart('"').StartsWith('=') && !c.TrimStart('"').StartsWith('@') && !c.TrimStart('"').StartsWith('+'));
        await using var other = new GardenServer();
        await Send(other, "/api/things/csv", file);
        var thing = (await other.GetAsync("/api/things")).AsArray()[^1]!;
        ((string)thing["name"]!).ShouldBe("=HYPERLINK(\"x\")");
        ((string)thing["place"]!).ShouldBe("@home");
        ((string)thing["remark"]!).ShouldBe("-1 \"quoted\", and a comma");
    }

    [Theory]
    [InlineData("", "empty")]
    [InlineData("name,kind,colour\nA,board,blue", "colour")]
    [InlineData("name\nA", "kind")]
    [InlineData("name,kind\n\"unclosed,board", "kind")]
    public async Task A_file_of_another_shape_says_what_is_missing(string text, string expected)
    {
        var (status, preview) = await Send(server, "/api/things/csv/preview", text);
        status.ShouldBe(HttpStatusCode.OK);
        var problems = JsonNode.Parse(preview)!["problems"]!.AsArray();
        problems.ShouldNotBeEmpty();
        problems[0]!.ToJsonString().ShouldContain(expected);
    }

    [Fact]
    public async Task A_file_too_large_is_refused()
    {
        var (status, _) = await Send(server, "/api/things/csv/preview", "name,kind\n" + new string('x', 6_000_000));
        ((int)status).ShouldBe(413);
    }

    [Fact]
    public async Task Six_hundred_random_files_bring_no_500()
    {
        var random = new Random(5);
        string[] bits = ["name", "kind", "count", "\n", ",", "\"", ";", "board", "round-tub", "-1", "1e9", "=1+1", "length 3 mm", "\0", "ä", "'", "measures", "seen", "bad places", "piece 1 mm to", "\r\n", "made of", "use before", "2027-02-30"];
        for (var i = 0; i < 600; i++)
        {
            var text = "name,kind,measures,bad places,use before,cost\n" + string.Concat(Enumerable.Range(0, random.Next(40)).Select(_ => bits[random.Next(bits.Length)]));
            var (status, body) = await Send(server, "/api/things/csv/preview", text);
            ((int)status).ShouldBeLessThan(500, text + body);
        }
    }

    internal static string Many(int rows)
    {
        var text = new StringBuilder("name,kind,count,measures,place,source\n");
        string[] kinds = ["board", "round-tub", "pallet", "tyre", "bricks", "rods", "soil", "roofing-sheet"];
        for (var i = 0; i < rows; i++) text.AppendLine($"Find {i},{kinds[i % kinds.Length]},{1 + i % 5},,Place {i % 12},Source {i % 7}");
        return text.ToString();
    }

    private static async Task<(HttpStatusCode Status, string Body)> Send(GardenServer to, string path, string text)
    {
        using var content = new StringContent(text, Encoding.UTF8, "text/csv");
        using var response = await to.Http.PostAsync(path, content, Cancel);
        return (response.StatusCode, await response.Content.ReadAsStringAsync(Cancel));
    }
}
