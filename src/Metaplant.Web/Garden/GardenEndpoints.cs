using Metaplant.Core.Building;
using Metaplant.Core.Fetching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Data.Files;
using Metaplant.Data.Settings;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Garden;

/// <summary>The garden's name, settings and the words of what can be undone or redone; null when there is nothing.</summary>
/// <param name="Warning">Why no backup could be kept; null while they are.</param>
public sealed record GardenDto(string Name, string Units, IReadOnlyDictionary<string, string> Rules, IReadOnlyDictionary<string, double> Constants, IReadOnlyDictionary<string, double> Measures, IReadOnlyDictionary<string, ShelvedTool> Tools, Manner Manner,
    Carrier? Carrier, string? Undo, string? Redo, string? Warning);

/// <summary>What to change; what is left out stays.</summary>
public sealed record GardenInput(string? Name, string? Units, string? Decimal, string? Currency, string? Dates, string? Paper, string? Volumes, string? Place);

public sealed record SchoolInput(string? School);

/// <summary>A value to put in place of ours, SI; null to go back to ours.</summary>
public sealed record ConstantInput(double? Value);

/// <summary>What one of a measure holds, m³; null to forget it.</summary>
public sealed record MeasureInput(double? Volume);

/// <summary>What is said of a tool; null to say nothing.</summary>
public sealed record ToolInput(ShelvedTool? Tool);

/// <summary>The load space of the car or trailer; null to forget it.</summary>
public sealed record CarrierInput(Carrier? Carrier);

public sealed record JournalDto(string? Words);

/// <summary>Settings, each changed by itself, so that two changes at once never overwrite each other.</summary>
internal static class GardenEndpoints
{
    public static void MapGarden(this IEndpointRouteBuilder api)
    {
        api.MapGet("/garden", Read).WithName("garden");
        api.MapPut("/garden", Change).InTurn().WithName("changeGarden");
        api.MapPut("/rules/{id}", ChangeRule).InTurn().WithName("changeRule");
        api.MapPut("/constants/{id}", ChangeConstant).InTurn().WithName("changeConstant");
        api.MapPut("/measures/{name}", ChangeMeasure).InTurn().WithName("changeMeasure");
        api.MapPut("/carrier", ChangeCarrier).InTurn().WithName("changeCarrier");
        api.MapPut("/tools/{name}", ChangeTool).InTurn().WithName("changeTool");
        api.MapPost("/undo", (GardenContext garden, CancellationToken cancel) => Travel(garden.UndoAsync(cancel), "Nothing to undo.", "Undo")).InTurn().WithName("undo");
        api.MapPost("/redo", (GardenContext garden, CancellationToken cancel) => Travel(garden.RedoAsync(cancel), "Nothing to redo.", "Redo")).InTurn().WithName("redo");
    }

    private static async Task<Ok<GardenDto>> Read(GardenContext garden, GardenBackups backups, CancellationToken cancel)
    {
        var s = await GardenSettings.ReadAsync(garden, cancel);
        var undo = await garden.Journal.Where(j => !j.Undone && !j.PassedOver).OrderByDescending(j => j.Id).Select(j => j.Words).FirstOrDefaultAsync(cancel);
        var redo = await garden.Journal.Where(j => j.Undone && !j.PassedOver).OrderBy(j => j.Id).Select(j => j.Words).FirstOrDefaultAsync(cancel);
        return TypedResults.Ok(new GardenDto(s.Name, s.Units, s.Rules, s.Constants, s.Measures, s.Tools, s.Manner, s.Carrier, undo, redo, backups.Warning));
    }

    private static async Task<Results<NoContent, ValidationProblem>> Change(GardenInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        var before = await GardenSettings.ReadAsync(garden, cancel);
        var m = before.Manner;
        var after = before with
        {
            Name = input.Name?.Trim() ?? before.Name,
            Units = input.Units ?? before.Units,
            Manner = new(input.Decimal ?? m.Decimal, input.Currency?.Trim() ?? m.Currency, input.Dates ?? m.Dates, input.Paper ?? m.Paper, input.Volumes ?? m.Volumes, input.Place?.Trim() ?? m.Place),
        };
        if (after.Problems().ToList() is { Count: > 0 } problems) return Problems.Refuse(problems);
        if (after.Manner.Volumes.Length > 0 && !after.Measures.ContainsKey(after.Manner.Volumes)) return Problems.Refuse("volumes", "There is no measure of your own of that name.");
        IEnumerable<(string Key, string? Given, string Value)> rows =
        [
            (SettingRows.Name, input.Name, after.Name), (SettingRows.Units, input.Units, after.Units), (SettingRows.Decimal, input.Decimal, after.Manner.Decimal), (SettingRows.Currency, input.Currency, after.Manner.Currency),
            (SettingRows.Dates, input.Dates, after.Manner.Dates), (SettingRows.Paper, input.Paper, after.Manner.Paper), (SettingRows.Volumes, input.Volumes, after.Manner.Volumes), (SettingRows.Place, input.Place, after.Manner.Place),
        ];
        foreach (var (key, given, value) in rows)
        {
            if (given is not null) await garden.SetAsync(key, value, cancel);
        }

        await garden.SaveAsync(after.Name != before.Name ? "Renamed the garden" : "Changed units and manner", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ValidationProblem>> ChangeRule(string id, SchoolInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        var chosen = HouseRules.Choose(new Dictionary<string, string> { [id] = input.School ?? "" });
        if (!chosen.Ok) return Problems.Refuse(chosen.Problems);
        await garden.SetAsync(SettingRows.Rule(id), input.School, cancel);
        await garden.SaveAsync("Changed a house rule", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ValidationProblem>> ChangeCarrier(CarrierInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (input.Carrier?.Problems().ToList() is { Count: > 0 } problems) return Problems.Refuse(problems);
        await garden.SetAsync(SettingRows.Carrier, input.Carrier, cancel);
        await garden.SaveAsync(input.Carrier is null ? "Forgot the car" : "Measured the car", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> ChangeConstant(string id, ConstantInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (Handbook.Rows.FirstOrDefault(r => r.Id == id) is not { } row) return Problems.NotHere("There is no constant of this name.");
        // This one alone: another, kept when its range was wider, is left out of the sums and stands in nobody's way.
        if (input.Value is { } value && Handbook.ProblemWith(id, value) is { } problem) return Problems.Refuse([problem with { Field = "value" }]);
        await garden.SetAsync(SettingRows.Constant(id), input.Value, cancel);
        var meaning = (await GardenSettings.ReadAsync(garden, cancel)).Teller.Tell(row.Meaning);
        await garden.SaveAsync($"{(input.Value is null ? "Back to ours" : "Own value")}: {meaning}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ValidationProblem>> ChangeMeasure(string name, MeasureInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (GardenSettings.MeasureProblem(name, input.Volume) is { } problem) return Problems.Refuse([problem]);
        var kept = (await GardenSettings.ReadAsync(garden, cancel)).Measures;
        if (input.Volume is not null && !kept.ContainsKey(name) && kept.Count >= GardenSettings.MostMeasures) return Problems.Refuse("name", $"At most {GardenSettings.MostMeasures} measures of your own.");
        await garden.SetAsync(SettingRows.Measure(name), input.Volume, cancel);
        await garden.SaveAsync(input.Volume is null ? $"Forgot the measure {name}" : $"Changed the measure {name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ValidationProblem>> ChangeTool(string name, ToolInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (input.Tool is { } tool)
        {
            // Left out is the same as nothing said.
            tool = tool with { Sizes = tool.Sizes ?? "", Who = tool.Who ?? "" };
            var shelf = ToolShelf.Of(new Dictionary<string, ShelvedTool> { [name] = tool });
            if (!shelf.Ok) return Problems.Refuse(shelf.Problems);
        }

        await garden.SetAsync(SettingRows.Tool(name), input.Tool, cancel);
        await garden.SaveAsync($"Changed the tool shelf: {name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<JournalDto>, ProblemHttpResult>> Travel(Task<JournalStep> step, string nothing, string again)
    {
        var done = await step;
        if (done.Clash is { } why) return TypedResults.Problem($"“{done.Words}” cannot be {(again == "Undo" ? "taken back" : "done again")}: {why} It stays as it is; {again.ToLowerInvariant()} once more reaches the one beyond it.", statusCode: StatusCodes.Status409Conflict, title: "Changed meanwhile.");
        return done.Words is null ? Problems.NotHere(nothing) : TypedResults.Ok(new JournalDto(done.Words));
    }
}
