using System.Net;
using System.Text.Json.Nodes;

namespace Metaplant.Web.Tests;

/// <summary>The plan of the garden as somebody with a tape makes it, and what it changes.</summary>
public sealed class PlanTests : IAsyncLifetime
{
    private readonly GardenServer server = new(demo: true);

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Fact]
    public async Task What_is_measured_is_kept_where_it_lies_and_one_undo_takes_it_back()
    {
        var before = await Plan();
        var fence = new { drawn = new { sort = "Fence", name = " Net fence ", marks = new object[] { new { a = 3.0, b = 14.3178 }, new { along = 4.0, off = 3.0 } }, height = 1.1, porosity = .5 } };
        var kept = await server.PostAsync("/api/plan/places", fence);
        kept.Status.ShouldBe(HttpStatusCode.OK);
        ((string)kept.Body!["drawn"]!["name"]!).ShouldBe("Net fence");
        var points = kept.Body["points"]!.AsArray().Select(p => (double)p!).ToList();
        points[0].ShouldBe(0, .01);
        points[1].ShouldBe(3, .01);
        points[2..].ShouldBe([4, 3]);
        (await Plan())["places"]!.AsArray().Count.ShouldBe(before["places"]!.AsArray().Count + 1);
        await Undo();
        Told(await Plan()).ShouldBe(Told(before));
    }

    [Fact]
    public async Task What_cannot_be_is_refused_at_its_field_and_nothing_is_kept()
    {
        var before = Told(await Plan());
        async Task<IEnumerable<string>> Wrong(object drawn, string at = "/api/plan/places")
        {
            var (status, body) = await server.PostAsync(at, new { drawn });
            status.ShouldBe(HttpStatusCode.BadRequest);
            return body!["errors"]!.AsObject().Select(e => e.Key);
        }

        (await Wrong(new { sort = "Wall", name = "Wall", marks = new object[] { new { a = 1.0, b = 2.0 }, new { along = 1.0, off = 1.0 } }, height = 1.0 })).ShouldBe(["marks.0.b"]);
        (await Wrong(new { sort = "Tree", name = "Alder", marks = new object[] { new { along = 1.0, off = 1.0 } } }, "/api/plan/try")).ShouldBe(["height", "crown"], ignoreOrder: true);
        (await server.PutAsync("/api/plan/site", new { latitude = 91.0, baseLine = 14.0, bearing = 90.0, exposure = "Open" })).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await Wrong(new { height = (double?)null })).ShouldBe(["drawn"]);
        (await server.PostAsync("/api/plan/places", new { })).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await server.PutAsync("/api/plan/file", new { site = new { latitude = 50.0, baseLine = 9.0, bearing = 90.0, exposure = "Open" }, places = new object[] { new { sort = "Tap" } } })).Status.ShouldBe(HttpStatusCode.BadRequest);
        Told(await Plan()).ShouldBe(before);
    }

    [Fact]
    public async Task Two_who_change_the_same_wall_are_told_and_a_spot_that_something_is_for_stays()
    {
        var wall = Place(await Plan(), "West wall");
        object Input(double height) => new { drawn = new { sort = "Wall", name = "West wall", marks = new object[] { new { along = 0.0, off = 2.2 }, new { along = 0.0, off = 6.0 } }, height }, version = (int)wall["version"]! };
        (await server.PutAsync($"/api/plan/places/{wall["id"]}", Input(2))).Status.ShouldBe(HttpStatusCode.OK);
        (await server.PutAsync($"/api/plan/places/{wall["id"]}", Input(3))).Status.ShouldBe(HttpStatusCode.Conflict);
        ((double)Place(await Plan(), "West wall")["drawn"]!["height"]!).ShouldBe(2);

        var spot = Place(await Plan(), "Behind the Winch House");
        using var refused = await server.Http.DeleteAsync($"/api/plan/places/{spot["id"]}?version={spot["version"]}", TestContext.Current.CancellationToken);
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await refused.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).ShouldContain("Winch-house bed");
    }

    /// <summary>A lettuce tub from the hot wall to the shade, and onto the balcony: each changes what is said of it at once.</summary>
    [Fact]
    public async Task Moved_from_the_hot_wall_behind_the_house_its_crops_change_and_on_the_balcony_a_professional_is_asked()
    {
        const int Tub = 2;
        await Stand(Tub, "Boiler Wall", 7, 5.5);
        (await Grow(Tub)).ShouldContain("Boiler Wall is hot in the afternoon");
        var moved = await Stand(Tub, "Behind the Winch House", 3.4, 4.8);
        foreach (var changed in (string[])["Grow: ", "Sun: ", "Gusts: ", "Water: ", "Above: "]) moved["changed"]!.AsArray().Select(c => (string)c!).ShouldContain(c => c.StartsWith(changed, StringComparison.Ordinal));
        (await Grow(Tub)).ShouldNotContain("hot");
        var board = await Board(Tub);
        ((string)board["brief"]!["site"]!).ShouldBe("Soil");
        // The fence of tarred boards keeps the wind up the slip off.
        ((string)board["brief"]!["exposure"]!).ShouldBe("Sheltered");
        var balcony = await Stand(Tub, "Loft Balcony", 12.5, 5.4);
        balcony["changed"]!.AsArray().Select(c => (string)c!).ShouldContain(c => c.StartsWith("Hold: ", StringComparison.Ordinal));
        var load = Standing(await Plan(), Tub)["remarks"]!.AsArray().First(r => (string)r!["about"]! == "load")!;
        ((string)load["verdict"]!).ShouldBe("AskAProfessional");
        ((string)load["words"]!).ShouldContain("The harbour master, 1987 said 1.5 kPa");
        for (var i = 0; i < 3; i++) await Undo();
        (await Plan())["standing"]!.AsArray().ShouldAllBe(s => (int)s!["project"]! != Tub);
    }

    /// <summary>A project once kept the shelter of a wall that was taken down.</summary>
    [Fact]
    public async Task A_planter_in_a_walled_court_is_exposed_once_the_walls_are_gone()
    {
        var corners = new object[] { new { along = 4.3, off = -.2 }, new { along = 12.5, off = -.2 }, new { along = 12.5, off = 3.5 }, new { along = 4.3, off = 3.5 } };
        var court = (await server.PostAsync("/api/plan/places", new { drawn = new { sort = "Building", name = "Court", marks = corners, height = 4.0 } })).Body!;
        await Stand(2, "The Apron", 8, 2);
        ((string)(await Board(2))["brief"]!["exposure"]!).ShouldBe("Sheltered");
        var before = await server.GetAsync("/api/projects/2");
        using var gone = await server.Http.DeleteAsync($"/api/plan/places/{court["id"]}?version={court["version"]}", TestContext.Current.CancellationToken);
        gone.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var after = await server.GetAsync("/api/projects/2");
        ((string)after["board"]!["brief"]!["exposure"]!).ShouldBe("Exposed");
        after["castAnew"].ShouldBeNull();
        after["board"]!["fit"]!["takes"]!.ToJsonString().ShouldBe(before["board"]!["fit"]!["takes"]!.ToJsonString());
        double Tips(JsonNode project) => (double)project["board"]!["fit"]!["hold"]!["checks"]!.AsArray().First(c => (string)c!["id"]! == "tipping")!["demand"]!;
        Tips(after).ShouldBeGreaterThan(Tips(before));
    }

    [Fact]
    public async Task Every_spot_is_ranked_for_a_project_with_what_decides_it()
    {
        var ranked = (await server.GetAsync("/api/projects/2/spots")).AsArray();
        ranked.Count.ShouldBe(5);
        // On the balcony somebody is asked, whatever grows there: it is never the best.
        ((string)ranked[^1]!["name"]!).ShouldBe("Loft Balcony");
        ((string)ranked[^1]!["worst"]!).ShouldBe("AskAProfessional");
        string[] order = ["Sound", "Tight", "ProveFirst", "Fails", "AskAProfessional"];
        ranked.Select(r => Array.IndexOf(order, (string)r!["worst"]!)).ShouldBeInOrder();
        foreach (var r in ranked)
        {
            // What it says is what is said once it stands there.
            await Stand(2, (string)r!["name"]!, 7, 3);
            var fit = (await Board(2))["fit"]!;
            ((string)r["words"]!).ShouldContain((string)fit[((string)r["words"]!).StartsWith("Hold: ", StringComparison.Ordinal) ? "hold" : ((string)r["words"]!).StartsWith("Drain: ", StringComparison.Ordinal) ? "drain" : "grow"]!["words"]!);
        }
    }

    [Fact]
    public async Task A_higher_wall_takes_sun_from_the_spot_behind_it_and_matching_for_the_spot_says_so()
    {
        var spot = (int)Place(await Plan(), "Behind the Winch House")["id"]!;
        var house = Place(await Plan(), "Winch house");
        var before = await server.GetAsync($"/api/plan/spots/{spot}");
        (await server.PutAsync($"/api/plan/places/{house["id"]}", new { drawn = new { sort = "Building", name = "Winch house", marks = new object[] { new { along = -6.0, off = 0.0 }, new { along = 4.2, off = 0.0 } }, depth = 2.2, height = 9.0 }, version = (int)house["version"]! })).Status.ShouldBe(HttpStatusCode.OK);
        var after = await server.GetAsync($"/api/plan/spots/{spot}");
        ((double)after["summer"]!["inAll"]!).ShouldBeLessThan((double)before["summer"]!["inAll"]! - 1);
        int Grown(JsonNode report) => report["crops"]!.AsArray().Count(c => c!["whyNot"] is null);
        Grown(after).ShouldBeLessThan(Grown(before));

        async Task<JsonNode> Tomatoes(int? at) => (await server.PostAsync("/api/board", new { design = "drilled-tub", brief = new { crop = "tomato", spot = at } })).Body!;
        ((string)(await Tomatoes(spot))["fit"]!["grow"]!["words"]!).ShouldStartWith("No tomatoes: Behind the Winch House has ");
        ((string)(await Tomatoes(null))["fit"]!["grow"]!["words"]!).ShouldNotContain("of sun");
        (await server.PostAsync("/api/board", new { design = "drilled-tub", brief = new { spot = 9999 } })).Status.ShouldBe(HttpStatusCode.BadRequest);
    }

    /// <summary>A jar, a hole and a rod, written down with the spot and said with what stands there.</summary>
    [Fact]
    public async Task Tests_of_the_ground_are_kept_with_their_spot_and_change_what_is_said_of_a_bed_there()
    {
        var spot = Place(await Plan(), "Behind the Winch House");
        var id = (int)spot["id"]!;
        string[] Said(JsonNode report) => [.. report["tested"]!.AsArray().Select(t => $"{t!["day"]} {t["verdict"]}: {t["words"]}")];
        Said(await server.GetAsync($"/api/plan/spots/{id}")).ShouldContain(s => s.StartsWith("2026-03-14 Tight: Water in the hole falls 11 mm/h: it stays wet.", StringComparison.Ordinal));
        ((string)(await Board(1))["fit"]!["drain"]!["verdict"]!).ShouldBe("Tight");
        Remarks(await Plan(), 1).ShouldContain("wet");

        async Task<(HttpStatusCode Status, JsonNode? Body)> Keep(params object[] tests)
        {
            var now = Place(await Plan(), "Behind the Winch House");
            var drawn = now["drawn"]!.DeepClone();
            drawn["tests"] = System.Text.Json.JsonSerializer.SerializeToNode(tests);
            return await server.PutAsync($"/api/plan/places/{id}", new { drawn, version = (int)now["version"]! });
        }

        // A ditch was dug, and it is tried again in autumn.
        (await Keep(new { kind = "Hole", day = "2026-03-14", fall = .011, seconds = 3600.0 }, new { kind = "Hole", day = "2026-10-02", fall = .05, seconds = 3600.0 })).Status.ShouldBe(HttpStatusCode.OK);
        Said(await server.GetAsync($"/api/plan/spots/{id}")).ShouldBe(["2026-10-02 Sound: Water in the hole falls 50 mm/h: it drains."]);
        Remarks(await Plan(), 1).ShouldNotContain("wet");
        ((string)(await Board(1))["fit"]!["drain"]!["words"]!).ShouldStartWith("Open ground that drains");
        Place(await Plan(), "Behind the Winch House")["drawn"]!["tests"]!.AsArray().Count.ShouldBe(2);

        var (status, refused) = await Keep(new { kind = "Hole", day = "2026-10-02", seconds = 3600.0 }, new { kind = "Acidity", day = "2026-10-02", ph = 70.0 });
        status.ShouldBe(HttpStatusCode.BadRequest);
        refused!["errors"]!.AsObject().Select(e => e.Key).ShouldBe(["tests.0.fall", "tests.1.ph"], ignoreOrder: true);
        (await Keep(new { kind = "Hole", day = "yesterday" })).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await Keep(null!, new { kind = "Acidity", day = "2026-10-02", ph = 7.0 })).Status.ShouldBe(HttpStatusCode.BadRequest);
        Place(await Plan(), "Behind the Winch House")["drawn"]!["tests"]!.AsArray().Count.ShouldBe(2);
    }

    [Fact]
    public async Task What_stands_on_the_plan_has_the_sum_of_its_water()
    {
        var bed = Standing(await Plan(), 1);
        var (sums, week) = (bed["water"]!.AsArray(), bed["water"]!.AsArray()[^1]!);
        ((double)week["value"]!).ShouldBeGreaterThan(.01);
        // What it follows from is told before it.
        sums.Count.ShouldBe(3);
        foreach (var (i, symbol) in ((int, string)[])[(0, "ET₀"), (1, "s")]) ((double)sums[i]!["value"]!).ShouldBe((double)week["terms"]!.AsArray().Single(t => (string)t!["symbol"]! == symbol)!["value"]!);
        Remarks(await Plan(), 1).ShouldContain("water");
    }

    /// <summary>What the heap says of where it lies is found on the plan, and the way to it.</summary>
    [Fact]
    public async Task What_a_project_takes_is_fetched_in_the_order_of_a_walk()
    {
        var walk = await server.GetAsync("/api/projects/1/fetching");
        var takes = (await Board(1))["fit"]!["takes"]!.AsArray().Select(t => (int)t!["thingId"]!).ToList();
        List<int> fetched = [.. walk["stops"]!.AsArray().SelectMany(s => s!["things"]!.AsArray().Select(t => (int)t!)), .. walk["nowhere"]!.AsArray().Select(t => (int)t!)];
        fetched.ShouldBe(takes, ignoreOrder: true);
        walk["stops"]!.AsArray().Select(s => (string)s!["place"]!).ShouldBeSubsetOf(["Yard gate", "Shed", "Slip"]);
        ((double)walk["length"]!).ShouldBeInRange(10, 60);
        using var nowhere = await server.Http.GetAsync("/api/projects/2/fetching", TestContext.Current.CancellationToken);
        nowhere.StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    /// <summary>Steps, a socket, how a door hangs, when a spot is free: each is kept as it was typed and told where it matters.</summary>
    [Fact]
    public async Task A_spot_is_told_with_its_kitchen_its_free_time_and_the_designs_that_suit_it()
    {
        var plan = await Plan();
        var apron = Place(plan, "The Apron");
        var report = await server.GetAsync($"/api/plan/spots/{apron["id"]}");
        ((double)report["toKitchen"]!).ShouldBe(1.5, .1);
        Standing(plan, 6)["remarks"]!.AsArray().Select(r => (string)r!["about"]!).ShouldContain("free");
        Place(plan, "Shed door")["swept"]!.AsArray().Count.ShouldBe(28);
        Place(plan, "West wall")["swept"]!.AsArray().ShouldBeEmpty();

        var designs = (await server.GetAsync($"/api/plan/spots/{apron["id"]}/designs")).AsArray();
        designs.Count.ShouldBe(Core.Designs.Catalogue.All.Count);
        string[] standing = ["WillDo", "Nearly", "WontDo"], verdicts = ["Sound", "Tight", "ProveFirst", "Fails", "AskAProfessional"];
        designs.Select(d => Array.IndexOf(standing, (string)d!["standing"]!)).ShouldBeInOrder();
        designs.TakeWhile(d => (string)d!["standing"]! == "WillDo").Select(d => Array.IndexOf(verdicts, (string)d!["worst"]!)).ShouldBeInOrder();
        designs.ShouldAllBe(d => ((string)d!["words"]!).Length > 5);
        (await server.Http.GetAsync("/api/plan/spots/9999/designs", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_stick_tells_the_direction_and_a_bend_and_an_edge_their_pegs()
    {
        object foot = new { along = 5.0, off = 1.0 };
        var (status, north) = await server.PostAsync("/api/plan/north", new { foot, tip = new { along = 5.0, off = 3.0 }, baseLine = 14.0, latitude = 52.4 });
        status.ShouldBe(HttpStatusCode.OK);
        ((double)north!["bearing"]!).ShouldBe(90, 1e-6);
        foreach (var wrong in (object[])[new { foot, baseLine = 14.0, latitude = 52.4 }, new { foot, tip = foot, baseLine = 14.0, latitude = 52.4 }, new { foot, tip = new { along = 5.0, off = 3.0 }, baseLine = 0.0, latitude = 52.4 }])
            (await server.PostAsync("/api/plan/north", wrong)).Status.ShouldBe(HttpStatusCode.BadRequest);

        var pegs = await server.GetAsync("/api/projects/1/pegs");
        pegs["edges"]!.AsArray().Select(e => (string)e!["name"]!).ShouldContain("West wall");
        var bend = await server.GetAsync("/api/projects/1/pegs/bend?rise=.4");
        double length = (double)pegs["length"]!, radius = (double)bend["radius"]!;
        radius.ShouldBe((length * length / 4 + .16) / .8, 1e-6);
        (await server.Http.GetAsync("/api/projects/1/pegs/bend?rise=9", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await server.Http.GetAsync("/api/projects/2/pegs/bend?rise=.4", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    /// <summary>Let go of near the winch house, the bed is drawn to it; put there by its measures it stays where they say.</summary>
    [Fact]
    public async Task Let_go_of_near_a_wall_it_stands_along_it_and_by_its_measures_it_stands_where_they_say()
    {
        async Task<JsonNode> Put(double y, bool snap)
        {
            var row = (await server.GetAsync("/api/projects")).AsArray().First(p => (int)p!["id"]! == 1)!;
            var (status, moved) = await server.PutAsync("/api/projects/1/stands", new { spot = (int)Place(await Plan(), "Behind the Winch House")["id"]!, x = 2.3, y, turned = 4.0, version = (int)row["version"]!, snap });
            status.ShouldBe(HttpStatusCode.OK);
            return moved!;
        }

        (await Put(3.1, snap: false))["changed"]!.AsArray().ShouldBeEmpty();
        ((double)Standing(await Plan(), 1)["y"]!).ShouldBe(3.1);
        ((string)(await Put(3.1, snap: true))["changed"]!.AsArray()[0]!).ShouldStartWith("Drawn to Winch house");
        var bed = Standing(await Plan(), 1);
        ((double)bed["turned"]!).ShouldBe(0, 1e-6);
        ((double)bed["y"]! - (double)bed["width"]! / 2 - 2.2).ShouldBe(.05, 1e-6);
        bed["edges"]!.AsArray().Count.ShouldBe(4);
    }

    private static string[] Remarks(JsonNode plan, int project) => [.. Standing(plan, project)["remarks"]!.AsArray().Select(r => (string)r!["about"]!)];

    [Fact]
    public async Task The_plan_goes_out_as_a_file_and_in_again_and_with_the_whole_garden()
    {
        var before = await Plan();
        var file = await server.GetAsync("/api/plan/file");
        // Not while something is for a spot of the plan there is.
        (await server.PutAsync("/api/plan/file", file)).Status.ShouldBe(HttpStatusCode.BadRequest);
        foreach (var project in before["standing"]!.AsArray()) await OffThePlan((int)project!["project"]!);
        (await server.PutAsync("/api/plan/file", new { site = file["site"], places = new object[] { new { sort = "Tap", name = "Tap", marks = new object[] { new { a = 1.0, b = 1.0 } } } } })).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await server.PutAsync("/api/plan/file", file)).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.GetAsync("/api/plan/file")).ToJsonString().ShouldBe(file.ToJsonString());
        (await server.Http.GetStringAsync("/api/plan.svg", TestContext.Current.CancellationToken)).ShouldContain("Boiler Wall");

        var document = await server.GetAsync("/api/garden/document");
        document["places"]!.AsArray().Count.ShouldBe(file["places"]!.AsArray().Count);
        ((double)document["settings"]!["site"]!["latitude"]!).ShouldBe(52.4);
    }

    [Fact]
    public async Task A_day_on_the_plan_has_its_shadows_and_its_hours()
    {
        var june = await server.GetAsync("/api/plan/days/172");
        var moments = june["moments"]!.AsArray();
        moments.Count.ShouldBeInRange(80, 100);
        moments.ShouldAllBe(m => (double)m!["elevation"]! >= 4);
        moments.MaxBy(m => (double)m!["elevation"]!)!["hour"]!.GetValue<double>().ShouldBe(12, .2);
        june["levels"]!.AsArray().Select(l => (double)l!["hours"]!).ShouldBe([2, 4, 6, 8, 10]);
        (await server.GetAsync("/api/plan/days/355"))["levels"]!.AsArray().Select(l => (double)l!["hours"]!).ShouldNotContain(10);
        (await server.Http.GetAsync("/api/plan/days/0", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    private static string Told(JsonNode plan) => new JsonArray([.. plan["places"]!.AsArray().Select(p => p!["drawn"]!.DeepClone())]).ToJsonString() + plan["site"]!.ToJsonString();

    private static JsonNode Place(JsonNode plan, string name) => plan["places"]!.AsArray().First(p => (string)p!["drawn"]!["name"]! == name)!;

    [Fact]
    public async Task What_stands_on_the_plan_is_pegged_out_from_two_points_and_printed_to_scale_and_what_does_not_is_not()
    {
        const int Bed = 1, Tub = 2;
        var pegs = await server.GetAsync($"/api/projects/{Bed}/pegs");
        pegs["pegs"]!.AsArray().Count.ShouldBe(4);
        pegs["stakes"]!.AsArray().ShouldNotBeEmpty();
        pegs["remarks"]!.AsArray().Select(r => (string)r!).ShouldContain(r => r.Contains("Old water pipe", StringComparison.Ordinal) || r.Contains("No pipe", StringComparison.Ordinal));
        (await server.Http.GetStringAsync($"/api/projects/{Bed}/pegs.svg", TestContext.Current.CancellationToken)).ShouldContain(">II<");
        (await server.Http.GetAsync($"/api/projects/{Tub}/pegs", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await server.Http.GetAsync($"/api/projects/{Tub}/pegs.svg", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(HttpStatusCode.NotFound);

        var sheet = await server.Http.GetStringAsync("/api/plan/sheet.svg", TestContext.Current.CancellationToken);
        sheet.ShouldContain("width=\"297mm\" height=\"210mm\"");
        sheet.ShouldContain("· The garden from above · 1 : 100<");
        (await server.PutAsync("/api/garden", new { units = "in", paper = "Letter" })).Status.ShouldBe(HttpStatusCode.NoContent);
        (await server.Http.GetStringAsync("/api/plan/sheet.svg", TestContext.Current.CancellationToken)).ShouldContain("width=\"279.4mm\" height=\"215.9mm\"");
    }

    private static JsonNode Standing(JsonNode plan, int project) => plan["standing"]!.AsArray().First(s => (int)s!["project"]! == project)!;

    private Task<JsonNode> Plan() => server.GetAsync("/api/plan");

    private async Task<JsonNode> Board(int project) => (await server.GetAsync($"/api/projects/{project}"))["board"]!;

    private async Task<string> Grow(int project) => (string)(await Board(project))["fit"]!["grow"]!["words"]!;

    private async Task<int> Version(int project) => (int)(await server.GetAsync("/api/projects")).AsArray().First(p => (int)p!["id"]! == project)!["version"]!;

    private async Task<JsonNode> Stand(int project, string spot, double x, double y)
    {
        var (status, body) = await server.PutAsync($"/api/projects/{project}/stands", new { spot = (int)Place(await Plan(), spot)["id"]!, x, y, turned = 0.0, version = await Version(project) });
        status.ShouldBe(HttpStatusCode.OK, body?.ToJsonString());
        return body!;
    }

    private async Task OffThePlan(int project) => (await server.PutAsync($"/api/projects/{project}/stands", new { version = await Version(project) })).Status.ShouldBe(HttpStatusCode.OK);

    private async Task Undo() => (await server.PostAsync("/api/undo", new { })).Status.ShouldBe(HttpStatusCode.OK);
}
