using System.Net;

namespace Metaplant.Web.Tests;

/// <summary>Cutting by itself, over HTTP.</summary>
public sealed class CutPlanTests : IAsyncLifetime
{
    private readonly GardenServer server = new();

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    private static object Board(string id, double length, int count = 1) => new { id, count, length, width = .1, thickness = .02, bad = new[] { new { from = .3, to = .35 } } };

    private static object Piece(string id, double length, int count = 1) => new { id, count, length, leastWidth = .09, leastThickness = .018 };

    [Fact]
    public async Task A_plan_comes_with_its_cuts_what_is_left_what_is_missing_and_its_bound()
    {
        var (status, body) = await server.PostAsync("/api/cut-plan", new { bars = new[] { Board("a", 1.2), Board("b", 2.4) }, pieces = new[] { Piece("side", .8), Piece("end", .25, 2), Piece("too long", 3) }, kerf = .003, trim = .005, seconds = 5 });
        status.ShouldBe(HttpStatusCode.OK);
        body!.AsObject().Select(p => p.Key).ShouldBe(["bars", "missing", "used", "bound", "proven"]);
        // The side comes from behind the fault of the short board, one end from before it; the other end wants the long one.
        ((double)body["used"]!).ShouldBe(2.4, 1e-9);
        ((bool)body["proven"]!).ShouldBeTrue();
        ((double)body["bound"]!).ShouldBe(2.4, 1e-9);
        var bar = body["bars"]!.AsArray().ShouldHaveSingleItem()!;
        ((string)bar["id"]!).ShouldBe("b");
        ((int)bar["piece"]!).ShouldBe(1);
        bar["cuts"]!.AsArray().Count.ShouldBe(3);
        bar["cuts"]!.AsArray().ShouldAllBe(c => (double)c!["to"]! <= .3 || (double)c["from"]! >= .35);
        ((double)bar["offcuts"]!.AsArray().Single()!["to"]!).ShouldBe(2.395, 1e-9);
        var missing = body["missing"]!.AsArray().ShouldHaveSingleItem()!;
        ((string)missing["pieceId"]!).ShouldBe("too long");
        ((int)missing["count"]!).ShouldBe(1);
    }

    [Fact]
    public async Task Nonsense_is_refused_at_its_field()
    {
        var (status, body) = await server.PostAsync("/api/cut-plan", new { bars = new[] { Board("a", -1), Board("a", 1, 0) }, pieces = new[] { Piece("p", 0) }, kerf = -1, trim = .005, seconds = 1e6 });
        status.ShouldBe(HttpStatusCode.BadRequest);
        body!["errors"]!.AsObject().Select(e => e.Key).ShouldBe(["kerf", "bars[1].count", "bars[1].id", "bars[0].length", "bars[0].bad", "pieces[0].length", "seconds"], ignoreOrder: true);
        (status, body) = await server.PostAsync("/api/cut-plan", new { kerf = .003 });
        status.ShouldBe(HttpStatusCode.BadRequest);
        body!["errors"]!.AsObject().Select(e => e.Key).ShouldBe(["bars", "pieces"], ignoreOrder: true);
    }

    [Fact]
    public async Task Sheets_are_cut_from_edge_to_edge()
    {
        var (status, body) = await server.PostAsync("/api/sheet-plan", new { sheets = new[] { new { id = "ply", count = 2, length = 1.2, width = .6 } }, pieces = new[] { new { id = "floor", count = 1, length = .5, width = 1.0, mayTurn = true }, new { id = "end", count = 3, length = .4, width = .55, mayTurn = false } }, kerf = .003, seconds = 5 });
        status.ShouldBe(HttpStatusCode.OK);
        body!.AsObject().Select(p => p.Key).ShouldBe(["sheets", "missing", "used", "bound", "proven"]);
        // The floor lies turned on one; 400 + 3 + 400 leave 394 of the other, so that one end is missing.
        ((double)body["used"]!).ShouldBe(1.44, 1e-9);
        ((bool)body["proven"]!).ShouldBeTrue();
        ((int)body["missing"]!.AsArray().ShouldHaveSingleItem()!["count"]!).ShouldBe(1);
        var floor = body["sheets"]!.AsArray().SelectMany(s => s!["placed"]!.AsArray()).Single(p => (string)p!["pieceId"]! == "floor")!;
        ((bool)floor["turned"]!).ShouldBeTrue();
        ((double)floor["length"]!).ShouldBe(1.0, 1e-9);
        ((double)floor["x"]!).ShouldBe(0);
        (status, body) = await server.PostAsync("/api/sheet-plan", new { sheets = new[] { new { id = "ply", count = 0, length = 1.2, width = -1.0 } }, kerf = 1, seconds = 5 });
        status.ShouldBe(HttpStatusCode.BadRequest);
        body!["errors"]!.AsObject().Select(e => e.Key).ShouldBe(["kerf", "sheets[0].count", "sheets[0].width", "pieces"], ignoreOrder: true);
    }

    [Fact]
    public async Task Panels_of_mixed_boards_come_out_equal()
    {
        var (status, body) = await server.PostAsync("/api/panels", new { boards = new[] { new { id = "narrow", count = 2, width = .095 }, new { id = "odd", count = 1, width = .075 }, new { id = "wide", count = 2, width = .14 } }, panels = 2, width = .26, leastStrip = .04, leastEnd = .06, spares = 0 });
        status.ShouldBe(HttpStatusCode.OK);
        body!.AsObject().Select(p => p.Key).ShouldBe(["common", "panels", "rips", "rippedAway", "boardsUsed", "proven"]);
        // 95 + 95 + 75 are 265, of 140 + 140 there are 15 ripped away.
        ((double)body["common"]!).ShouldBe(.265, 1e-9);
        ((int)body["rips"]!).ShouldBe(1);
        ((double)body["rippedAway"]!).ShouldBe(.015, 1e-9);
        ((int)body["boardsUsed"]!).ShouldBe(5);
        ((bool)body["proven"]!).ShouldBeTrue();
        body["panels"]!.AsArray().SelectMany(p => p!.AsArray()).Count(b => b!["ripped"] is not null).ShouldBe(1);
        (status, body) = await server.PostAsync("/api/panels", new { boards = new[] { new { id = "a", count = 1, width = 0.0 } }, panels = 0, width = .26 });
        status.ShouldBe(HttpStatusCode.BadRequest);
        body!["errors"]!.AsObject().Select(e => e.Key).ShouldBe(["panels", "boards[0].width"], ignoreOrder: true);
    }
}
