using System.Net;
using System.Text.Json.Nodes;
using Metaplant.Core.Salvage;

namespace Metaplant.Web.Tests;

/// <summary>Whatever a session did to the heap, undone step by step it is as before, and done again as after.</summary>
public sealed class UndoTests : IAsyncLifetime
{
    private readonly GardenServer server = new();

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public async Task A_session_of_any_changes_is_undone_to_the_beginning_and_done_again_to_the_end(int seed)
    {
        await server.AddAsync("pallet", "Pallets", 8, Findings.HeatMark);
        await server.AddAsync("round-tub", "Tubs", 3);
        await server.AddAsync("board", "Planks", 12);
        List<string> states = [await StateAsync()];
        var random = new Random(seed);
        for (var step = 0; step < 25; step++)
        {
            var before = states[^1];
            if (await AnyChangeAsync(random, step) && await StateAsync() is var now && now != before) states.Add(now);
        }

        states.Count.ShouldBeGreaterThan(10);
        for (var i = states.Count - 2; i >= 0; i--)
        {
            await TravelAsync("undo", states[i]);
            (await StateAsync()).ShouldBe(states[i], $"undone to {i} of {states.Count - 1}");
        }

        // What was undone outlives the server, and can still be done again.
        await server.RestartAsync();
        foreach (var state in states.Skip(1))
        {
            await TravelAsync("redo", state);
            (await StateAsync()).ShouldBe(state);
        }
    }

    /// <summary>One step, or two where one of the steps changed nothing that is seen.</summary>
    private async Task TravelAsync(string way, string wanted)
    {
        for (var i = 0; i < 3; i++)
        {
            (await server.PostAsync($"/api/{way}", null)).Status.ShouldBe(HttpStatusCode.OK);
            if (await StateAsync() == wanted) return;
        }
    }

    private async Task<bool> AnyChangeAsync(Random random, int step)
    {
        var things = (await server.GetAsync("/api/things")).AsArray();
        if (things.Count == 0) return (await server.PostAsync("/api/things", new { name = $"New {step}", kind = "bucket", count = 2 })).Status == HttpStatusCode.Created;
        var t = things[random.Next(things.Count)]!;
        int id = (int)t["id"]!, version = (int)t["version"]!, count = (int)t["count"]!;
        var (status, _) = random.Next(7) switch
        {
            0 => await server.PostAsync("/api/things", new { name = $"New {step}", kind = random.Next(2) == 0 ? "bucket" : "crate", count = random.Next(1, 6) }),
            1 => await server.PutAsync($"/api/things/{id}", new { name = $"Renamed {step}", kind = (string)t["kind"]!, count, substance = (string)t["substance"]!, place = $"Place {step % 3}", version }),
            2 when count > 1 => await server.PostAsync($"/api/things/{id}/split", new { count = random.Next(1, count), version }),
            3 => await server.PostAsync($"/api/things/{id}/retire", new { version }),
            4 => await server.PostAsync("/api/things/bulk", new { things = things.Take(2).Select(x => new { id = (int)x!["id"]!, version = (int)x["version"]! }), place = $"Bulk {step}", keepDry = random.Next(2) == 0 }),
            5 when (string)t["kind"]! == "pallet" => await server.PostAsync($"/api/things/{id}/break", new { way = "long-boards", count = 1, version }),
            _ => await server.PutAsync($"/api/things/{id}", new { name = (string)t["name"]!, kind = (string)t["kind"]!, count = count + 1, substance = (string)t["substance"]!, version }),
        };
        ((int)status).ShouldBeLessThan(500);
        return (int)status < 300;
    }

    /// <summary>All that a gardener would see of the heap, without the versions, which only ever go up.</summary>
    private async Task<string> StateAsync()
    {
        var all = new JsonArray();
        foreach (var list in (string[])["/api/things", "/api/things?retired=true"])
        {
            foreach (var thing in (await server.GetAsync(list)).AsArray())
            {
                var copy = thing!.DeepClone().AsObject();
                copy.Remove("version");
                all.Add(copy);
            }
        }

        return all.ToJsonString();
    }
}
