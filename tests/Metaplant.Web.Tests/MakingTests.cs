using System.Net;
using System.Text.Json.Nodes;

namespace Metaplant.Web.Tests;

/// <summary>A project while the saw runs: the heap follows the cuts, the plan follows the tape, and one undo takes each back.</summary>
public sealed class MakingTests : IAsyncLifetime
{
    private readonly GardenServer server = new(demo: true);

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task Cutting_takes_boards_off_the_heap_and_lays_their_offcuts_there_and_undone_all_is_as_it_was()
    {
        var project = await Upright();
        var before = await Things();
        await Tick(project, "boards");
        await Tick(project, "rails");
        await Tick(project, "coping");
        var after = await Things();
        var offcuts = after.Where(t => t["parentId"] is not null && !before.Any(b => (int)b["id"]! == (int)t["id"]!)).ToList();
        offcuts.ShouldNotBeEmpty();
        offcuts.ShouldAllBe(o => (int)o["free"]! == (int)o["count"]!);
        // Whatever was sawn into is no longer there to be counted; what is free is as free as before.
        foreach (var id in (await Board(project))["fit"]!["takes"]!.AsArray().Select(t => (int)t!["thingId"]!))
        {
            var now = after.FirstOrDefault(t => (int)t["id"]! == id);
            (now is null ? 0 : (int)now["free"]!).ShouldBe((int)before.First(t => (int)t["id"]! == id)["free"]!);
        }

        after.Sum(t => (int)t["count"]!).ShouldBeLessThan(before.Sum(t => (int)t["count"]!) + offcuts.Sum(o => (int)o["count"]!));
        for (var i = 0; i < 3; i++) await Undo();
        Told(await Things()).ShouldBe(Told(before));
    }

    [Fact]
    public async Task A_panel_twelve_millimetres_over_takes_coping_liner_and_litres_with_it_and_one_sentence_says_so_also_after_a_restart()
    {
        var project = await Upright();
        await Tick(project, "boards");
        var before = await Open(project);
        var planned = before["tapes"]!.AsArray().First(t => (string)t!["of"]! == "length")!;
        var measured = await Measure(project, "length", (double)planned["planned"]! + .012);
        var told = (string)measured["told"]!;
        told.ShouldContain("coping");
        told.ShouldContain("liner");
        told.ShouldContain("soil");
        ((double)measured["board"]!["fit"]!["grow"]!["litres"]!["value"]!).ShouldBeGreaterThan((double)before["board"]!["fit"]!["grow"]!["litres"]!["value"]!);
        await server.RestartAsync();
        var again = await Open(project);
        ((string)again["told"]!).ShouldBe(told);
        again["castAnew"].ShouldBeNull();
        Cuts(again).ShouldBe(Cuts(measured));
        await Undo();
        (await Open(project))["told"].ShouldBeNull();
        Cuts(await Open(project)).ShouldBe(Cuts(before));
    }

    [Fact]
    public async Task Sawn_too_short_the_rest_of_the_board_is_laid_out_again_the_board_is_off_the_heap_and_undone_it_lies_there_whole()
    {
        var (project, before) = (1, await Things());
        var planned = await Open(project);
        var cut = planned["plan"]!["steps"]!.AsArray().SelectMany(s => s!["cuts"]!.AsArray().Select(n => (string)n!)).ToHashSet();
        planned["plan"]!["cuts"]!.AsArray().SelectMany(b => b!["cuts"]!.AsArray()).ShouldAllBe(c => cut.Contains((string)c!["need"]!));
        var first = planned["plan"]!["cuts"]![0]!;
        var wanted = (double)first["cuts"]![0]!["to"]! - (double)first["cuts"]![0]!["from"]!;

        foreach (var (said, field) in new (object, string)[]
        {
            (new { board = 0, piece = 0, length = wanted, version = (int)planned["version"]! }, "length"),
            (new { board = 0, piece = 0, length = (double?)null, version = (int)planned["version"]! }, "length"),
            (new { board = 99, piece = 0, length = .2, version = (int)planned["version"]! }, "piece"),
            (new { board = (int?)null, piece = 0, length = .2, version = (int)planned["version"]! }, "piece"),
        })
        {
            var (status, body) = await server.PostAsync($"/api/projects/{project}/miscuts", said);
            status.ShouldBe(HttpStatusCode.BadRequest);
            body!["errors"]![field].ShouldNotBeNull(body.ToJsonString());
        }

        (await server.PostAsync($"/api/projects/{project}/miscuts", new { board = 0, piece = 0, length = .2, version = 99 })).Status.ShouldBe(HttpStatusCode.Conflict);
        Told(await Things()).ShouldBe(Told(before));

        var (answered, recut) = await server.PostAsync($"/api/projects/{project}/miscuts", new { board = 0, piece = 0, length = wanted - .05, version = (int)planned["version"]! });
        answered.ShouldBe(HttpStatusCode.OK, recut?.ToJsonString());
        ((string)recut!["words"]!).ShouldContain("left of that board");
        ((string)recut["project"]!["state"]!).ShouldBe("BeingBuilt");
        (await Things()).Sum(t => (int)t["count"]!).ShouldBe(before.Sum(t => (int)t["count"]!) - 1);
        // It is drawn from what was kept with it, also after a restart.
        await server.RestartAsync();
        var again = await Open(project);
        again["castAnew"].ShouldBeNull();
        Cuts(again).ShouldBe(Cuts(recut["project"]!));
        again["plan"]!["cuts"]!.AsArray().SelectMany(b => b!["sawn"]!.AsArray()).Select(x => (double)x!).ShouldHaveSingleItem();
        var document = await server.Http.GetByteArrayAsync("/api/garden/document", TestContext.Current.CancellationToken);
        await Undo();
        Cuts(await Open(project)).ShouldBe(Cuts(planned));
        Told(await Things()).ShouldBe(Told(before));
        // Out as a document and in again, where the saw went through is still known.
        using var content = new ByteArrayContent(document);
        content.Headers.ContentType = new("application/octet-stream");
        using var taken = await server.Http.PostAsync("/api/garden/in", content, TestContext.Current.CancellationToken);
        taken.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        Cuts(await Open(project)).ShouldBe(Cuts(again));
    }

    /// <summary>A pallet bed's width once came to another number of sections than were sawn, and the bed was stuck.</summary>
    [Theory]
    [InlineData("pallet-bed")]
    [InlineData("sheet-bed")]
    [InlineData("plank-bed")]
    [InlineData("drilled-tub")]
    [InlineData("core-sack")]
    [InlineData("hanging-tube")]
    [InlineData("wound-cone")]
    [InlineData("bale-bed")]
    [InlineData("dry-wall-bed")]
    [InlineData("tyre-ring")]
    [InlineData("timber-bed")]
    [InlineData("tripod-ridge")]
    [InlineData("twig-obelisk")]
    [InlineData("mesh-pot")]
    [InlineData("lined-crates")]
    [InlineData("woven-edging")]
    [InlineData("woven-bed")]
    [InlineData("net-frame")]
    [InlineData("let-in-table")]
    [InlineData("drum-cradle")]
    [InlineData("layered-tower")]
    [InlineData("sloped-trough")]
    [InlineData("pocket-pallet")]
    [InlineData("pocket-drum")]
    public async Task Whatever_is_measured_once_all_is_cut_the_project_is_still_drawn_from_its_own_pieces_or_the_measure_is_refused(string design)
    {
        var (status, kept) = await server.PostAsync("/api/projects", new { name = design, board = new { design } });
        status.ShouldBe(HttpStatusCode.Created, kept?.ToJsonString());
        var id = (int)kept!["id"]!;
        foreach (var step in kept["plan"]!["steps"]!.AsArray().Where(s => s!["cuts"]!.AsArray().Count > 0)) await Tick(id, (string)step!["id"]!);
        var measured = 0;
        foreach (var tape in kept["tapes"]!.AsArray())
        {
            foreach (var by in (double[])[1.013, 1])
            {
                var before = await Open(id);
                var (answer, body) = await server.PostAsync($"/api/projects/{id}/measures", new { of = (string)tape!["of"]!, side = (string?)tape["side"], value = (double)tape["planned"]! * by, version = (int)before["version"]! });
                if (answer == HttpStatusCode.BadRequest) body!["errors"]!["value"].ShouldNotBeNull();
                else answer.ShouldBe(HttpStatusCode.OK, body?.ToJsonString());
                if (answer == HttpStatusCode.OK) measured++;
                var open = await Open(id);
                open["castAnew"].ShouldBeNull($"{tape["of"]} {tape["side"]} by {by}");
                open["whyNot"].ShouldBeNull();
            }
        }

        measured.ShouldBeGreaterThan(1);
    }

    [Fact]
    public async Task A_measure_put_back_to_the_planned_one_leaves_no_trace()
    {
        var project = await Upright();
        var before = await Open(project);
        var planned = (double)before["tapes"]!.AsArray().First(t => (string)t!["of"]! == "length")!["planned"]!;
        await Measure(project, "length", planned + .012);
        var back = await Measure(project, "length", planned);
        back["told"].ShouldBeNull();
        back["tapes"]!.AsArray().ShouldAllBe(t => t!["value"] == null);
        Cuts(back).ShouldBe(Cuts(before));
    }

    [Fact]
    public async Task A_slip_of_the_pen_is_refused_at_the_field_and_nothing_is_kept_of_it()
    {
        var project = await Upright();
        var before = await Open(project);
        var (status, body) = await server.PostAsync($"/api/projects/{project}/measures", new { of = "length", value = 9.9, version = (int)before["version"]! });
        status.ShouldBe(HttpStatusCode.BadRequest);
        body!["errors"]!["value"]!.ToString().ShouldContain("tape");
        (await server.PostAsync($"/api/projects/{project}/measures", new { of = "length", value = .91, version = 99 })).Status.ShouldBe(HttpStatusCode.Conflict);
        (await Open(project)).ToJsonString().ShouldBe(before.ToJsonString());
    }

    [Fact]
    public async Task An_offcut_that_was_changed_since_keeps_the_tick_it_came_from()
    {
        var project = await Upright();
        foreach (var step in (string[])["boards", "rails", "coping"]) await Tick(project, step);
        var offcut = (await Things()).Last(t => t["parentId"] is not null);
        var body = new { name = "Sawn shorter", kind = (string)offcut["kind"]!, count = (int)offcut["count"]!, substance = (string)offcut["substance"]!, measures = new { length = .31, width = (double)offcut["measures"]!["width"]!, thickness = (double)offcut["measures"]!["thickness"]! }, version = (int)offcut["version"]! };
        (await server.PutAsync($"/api/things/{offcut["id"]}", body)).Status.ShouldBe(HttpStatusCode.OK);
        var (status, refused) = await server.PostAsync($"/api/projects/{project}/ticks", new { step = "coping", done = false });
        // The one whose last cut gave it is refused; the tick stays.
        if (status != HttpStatusCode.BadRequest) (status, refused) = await server.PostAsync($"/api/projects/{project}/ticks", new { step = "rails", done = false });
        if (status != HttpStatusCode.BadRequest) (status, refused) = await server.PostAsync($"/api/projects/{project}/ticks", new { step = "boards", done = false });
        status.ShouldBe(HttpStatusCode.BadRequest);
        refused!.ToJsonString().ShouldContain("Sawn shorter");
    }

    [Fact]
    public async Task What_is_cut_is_neither_dropped_nor_drawn_otherwise_and_taken_down_its_pieces_lie_there()
    {
        var project = await Upright();
        await Tick(project, "boards");
        var open = await Open(project);
        (await server.PostAsync($"/api/projects/{project}/drop", new { version = (int)open["version"]! })).Status.ShouldBe(HttpStatusCode.BadRequest);
        var fit = open["board"]!["fit"]!;
        var settings = fit["settings"]!.DeepClone();
        var board = new { design = "upright-bed", source = (string)fit["source"]!, settings, brief = open["board"]!["brief"]!.DeepClone() };
        var renamed = await server.PutAsync($"/api/projects/{project}", new { name = "Herring bed by the gate", board, version = (int)open["version"]! });
        renamed.Status.ShouldBe(HttpStatusCode.OK, renamed.Body?.ToJsonString());
        settings["length"] = (double)settings["length"]! - .3;
        (await server.PutAsync($"/api/projects/{project}", new { name = "Other", board, version = (int)renamed.Body!["version"]! })).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await server.PostAsync($"/api/projects/{project}/end", new { how = "TakenDown", why = new string('x', 300), version = (int)renamed.Body!["version"]! })).Status.ShouldBe(HttpStatusCode.BadRequest);
        var (status, ended) = await server.PostAsync($"/api/projects/{project}/end", new { how = "TakenDown", why = "The wall was sold.", version = (int)renamed.Body!["version"]! });
        status.ShouldBe(HttpStatusCode.OK, ended?.ToJsonString());
        ((string)ended!["state"]!).ShouldBe("TakenDown");
        ((string)ended["why"]!).ShouldBe("The wall was sold.");
        (await Things()).Where(t => ((string)t["name"]!).EndsWith(", piece", StringComparison.Ordinal)).ShouldNotBeEmpty();
        (await server.Http.GetStringAsync($"/api/projects/{project}/last-picture.svg", TestContext.Current.CancellationToken)).ShouldStartWith("<svg");
        (await Things()).ShouldAllBe(t => t["spokenFor"]!.AsArray().All(s => (int)s!["projectId"]! != project));
        await Undo();
        ((string)(await Open(project))["state"]!).ShouldBe("BeingBuilt");
    }

    [Fact]
    public async Task What_is_measured_anew_of_the_boards_that_lie_there_is_nothing_to_those_that_are_cut()
    {
        var project = await Upright();
        await Tick(project, "boards");
        var before = await Open(project);
        var boards = (await Things()).First(t => (int)t["number"]! == 24);
        var measures = boards["measures"]!.DeepClone();
        measures["length"] = (double)measures["length"]! - .05;
        var body = new { name = (string)boards["name"]!, kind = (string)boards["kind"]!, count = (int)boards["count"]!, substance = (string)boards["substance"]!, measures, findings = boards["findings"]!.DeepClone(), version = (int)boards["version"]! };
        (await server.PutAsync($"/api/things/{boards["id"]}", body)).Status.ShouldBe(HttpStatusCode.OK);
        var after = await Open(project);
        after["castAnew"].ShouldBeNull();
        Cuts(after).ShouldBe(Cuts(before));
    }

    [Fact]
    public async Task A_drilled_tub_is_no_tub_on_the_heap_any_more_also_when_it_is_given_up()
    {
        var (status, kept) = await server.PostAsync("/api/projects", new { name = "Bait-tub herbs", board = new { design = "drilled-tub", source = "10" } });
        status.ShouldBe(HttpStatusCode.Created, kept?.ToJsonString());
        var id = (int)kept!["id"]!;
        await Tick(id, "holes");
        (await Things()).ShouldNotContain(t => (int)t["number"]! == 10);
        (await server.PostAsync($"/api/projects/{id}/end", new { how = "GivenUp", why = "Too shallow.", version = (int)(await Open(id))["version"]! })).Status.ShouldBe(HttpStatusCode.OK);
        (await Things()).ShouldNotContain(t => (int)t["number"]! == 10);
        await Undo();
        await Undo();
        (await Things()).ShouldContain(t => (int)t["number"]! == 10);
    }

    [Fact]
    public async Task Minutes_are_kept_with_their_step_and_the_state_follows_the_ticks()
    {
        var project = await Upright();
        ((string)(await Open(project))["state"]!).ShouldBe("Drawn");
        (await server.PostAsync($"/api/projects/{project}/ticks", new { step = "ground", done = true, minutes = 42 })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.PostAsync($"/api/projects/{project}/ticks", new { step = "ground", done = true, minutes = -1 })).Status.ShouldBe(HttpStatusCode.BadRequest);
        var open = await Open(project);
        ((string)open["state"]!).ShouldBe("BeingBuilt");
        ((double)open["plan"]!["steps"]!.AsArray().First(s => (string)s!["id"]! == "ground")!["took"]!).ShouldBe(42);
        foreach (var step in open["plan"]!["steps"]!.AsArray()) await Tick(project, (string)step!["id"]!);
        ((string)(await Open(project))["state"]!).ShouldBe("Built");
    }

    [Fact]
    public async Task A_step_timed_three_times_is_reckoned_by_the_gardeners_own_clock_everywhere()
    {
        static JsonNode Fill(JsonNode project) => project["plan"]!["steps"]!.AsArray().First(s => (string)s!["id"]! == "fill")!;
        var reckoned = (double)Fill(await Open(1))["minutes"]!;
        foreach (var (project, factor) in ((int[])[2, 3, 6]).Zip([1.5, 3.0, 2.0]))
        {
            ((double)Fill(await Open(1))["minutes"]!, (int)Fill(await Open(1))["timed"]!).ShouldBe((reckoned, 0));
            var minutes = factor * (double)Fill(await Open(project))["minutes"]!;
            (await server.PostAsync($"/api/projects/{project}/ticks", new { step = "fill", done = true, minutes })).Status.ShouldBe(HttpStatusCode.NoContent);
        }

        var after = await Open(1);
        ((double)Fill(after)["minutes"]!).ShouldBe(2 * reckoned, 1e-6);
        ((int)Fill(after)["timed"]!).ShouldBe(3);
        ((double)after["plan"]!["hours"]! * 60).ShouldBe(after["plan"]!["steps"]!.AsArray().Sum(s => (double)s!["minutes"]!), 1e-6);
        await server.RestartAsync();
        ((int)Fill(await Open(1))["timed"]!).ShouldBe(3);
        // A time that was typed amiss is taken back, and two are not enough.
        (await server.PostAsync("/api/projects/3/ticks", new { step = "fill", done = true })).Status.ShouldBe(HttpStatusCode.NoContent);
        ((double)Fill(await Open(1))["minutes"]!, (int)Fill(await Open(1))["timed"]!).ShouldBe((reckoned, 0));
    }

    [Fact]
    public async Task A_garden_that_is_being_built_goes_out_and_in_as_a_document_with_all_of_it()
    {
        var project = await Upright();
        await Tick(project, "boards");
        var planned = (double)(await Open(project))["tapes"]!.AsArray().First(t => (string)t!["of"]! == "length")!["planned"]!;
        await Measure(project, "length", planned + .012);
        var before = (await Open(project)).AsObject();
        var document = await server.Http.GetByteArrayAsync("/api/garden/document", TestContext.Current.CancellationToken);
        using var content = new ByteArrayContent(document);
        content.Headers.ContentType = new("application/octet-stream");
        using var response = await server.Http.PostAsync("/api/garden/in", content, TestContext.Current.CancellationToken);
        response.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var after = (await Open(project)).AsObject();
        foreach (var part in (string[])["state", "told", "tapes", "plan", "castAnew"]) (after[part]?.ToJsonString()).ShouldBe(before[part]?.ToJsonString(), part);
    }

    [Fact]
    public async Task Better_stock_is_offered_and_taken_only_when_asked_for()
    {
        var project = await Upright();
        var kept = await Open(project);
        ((double)kept["plan"]!["cost"]!).ShouldBeGreaterThan(10);
        (await server.Http.GetAsync($"/api/projects/{project}/better", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var found = new { name = "Battens off the quay", kind = "post", count = 12, substance = "Softwood", measures = new { length = 3.0, width = .06, thickness = .045 }, findings = (string[])["looked-over"] };
        (await server.PostAsync("/api/things", found)).Status.ShouldBe(HttpStatusCode.Created);
        (await Open(project))["plan"]!.ToJsonString().ShouldBe(kept["plan"]!.ToJsonString());
        var better = await server.GetAsync($"/api/projects/{project}/better");
        ((double)better["saves"]!).ShouldBeGreaterThan(1);
        better["instead"]!.AsArray().Select(n => (string)n!).ShouldContain("Battens off the quay");
        var board = new { design = "upright-bed", source = (string)kept["board"]!["fit"]!["source"]!, settings = kept["board"]!["fit"]!["settings"]!.DeepClone(), brief = kept["board"]!["brief"]!.DeepClone() };
        var (status, taken) = await server.PutAsync($"/api/projects/{project}", new { name = "Herring bed", board, version = (int)kept["version"]! });
        status.ShouldBe(HttpStatusCode.OK, taken?.ToJsonString());
        ((double)taken!["plan"]!["cost"]!).ShouldBeLessThan((double)kept["plan"]!["cost"]! - 1);
    }

    private static string Cuts(JsonNode project) => project["plan"]!["cuts"]!.ToJsonString();

    private static IEnumerable<string> Told(IEnumerable<JsonNode> things) => things.Select(t => $"{t["number"]} {t["name"]} {t["count"]} {t["free"]}");

    private async Task<int> Upright()
    {
        var (status, body) = await server.PostAsync("/api/projects", new { name = "Herring bed", board = new { design = "upright-bed", source = "24", settings = new { length = .9, width = .9, height = .3, coping = 1 } } });
        status.ShouldBe(HttpStatusCode.Created, body?.ToJsonString());
        return (int)body!["id"]!;
    }

    private async Task<List<JsonNode>> Things() => [.. (await server.GetAsync("/api/things")).AsArray().Select(t => t!)];

    private Task<JsonNode> Open(int project) => server.GetAsync($"/api/projects/{project}");

    private async Task<JsonNode> Board(int project) => (await Open(project))["board"]!;

    private async Task Tick(int project, string step)
    {
        var (status, body) = await server.PostAsync($"/api/projects/{project}/ticks", new { step, done = true });
        status.ShouldBe(HttpStatusCode.NoContent, $"{step}: {body?.ToJsonString()}");
    }

    private async Task<JsonNode> Measure(int project, string of, double value)
    {
        var (status, body) = await server.PostAsync($"/api/projects/{project}/measures", new { of, value, version = (int)(await Open(project))["version"]! });
        status.ShouldBe(HttpStatusCode.OK, body?.ToJsonString());
        return body!;
    }

    private async Task Undo() => (await server.PostAsync("/api/undo", new { })).Status.ShouldBe(HttpStatusCode.OK);
}
