using Metaplant.Core.Building;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Garden;

/// <summary>The garden's name, settings and the words of what can be undone or redone; null when there is nothing.</summary>
public sealed record GardenDto(string Name, string Units, IReadOnlyDictionary<string, string> Rules, IReadOnlyDictionary<string, double> Constants, IReadOnlyDictionary<string, double> Measures, IReadOnlyDictionary<string, ShelvedTool> Tools,
    string? Undo, string? Redo);

/// <summary>Settings to change; those left out stay.</summary>
public sealed record SettingsInput(string? Units, IReadOnlyDictionary<string, string>? Rules, IReadOnlyDictionary<string, double>? Measures, IReadOnlyDictionary<string, ShelvedTool>? Tools);

/// <summary>A value to put in place of ours, SI; null to go back to ours.</summary>
public sealed record ConstantInput(double? Value);

public sealed record JournalDto(string? Words);

internal static class GardenEndpoints
{
    private static readonly string[] Units = ["mm", "cm", "in"];

    public static void MapGarden(this IEndpointRouteBuilder api)
    {
        api.MapGet("/garden", Read).WithName("garden");
        api.MapPut("/garden/settings", Change).WithName("changeSettings");
        api.MapPut("/constants/{id}", ChangeConstant).WithName("changeConstant");
        api.MapPost("/undo", (GardenContext garden, CancellationToken cancel) => Travel(garden.UndoAsync(cancel), "Nothing to undo.")).WithName("undo");
        api.MapPost("/redo", (GardenContext garden, CancellationToken cancel) => Travel(garden.RedoAsync(cancel), "Nothing to redo.")).WithName("redo");
    }

    private static async Task<Ok<GardenDto>> Read(GardenContext garden, CancellationToken cancel)
    {
        var s = await GardenSettings.ReadAsync(garden, cancel);
        var undo = await garden.Journal.Where(j => !j.Undone).OrderByDescending(j => j.Id).Select(j => j.Words).FirstOrDefaultAsync(cancel);
        var redo = await garden.Journal.Where(j => j.Undone).OrderBy(j => j.Id).Select(j => j.Words).FirstOrDefaultAsync(cancel);
        return TypedResults.Ok(new GardenDto(s.Name, s.Units, s.Rules, s.Constants, s.Measures, s.Tools, undo, redo));
    }

    private static async Task<Results<NoContent, ValidationProblem>> Change(SettingsInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (input.Units is not null && !Units.Contains(input.Units)) return Problems.Refuse("units", "Units are mm, cm or in.");
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        var rules = new Dictionary<string, string>(settings.Rules, StringComparer.Ordinal);
        foreach (var (rule, school) in input.Rules ?? new Dictionary<string, string>()) rules[rule] = school;
        var chosen = HouseRules.Choose(rules);
        if (!chosen.Ok) return Problems.Refuse(chosen.Problems);
        if (input.Measures is { } measures && MeasureProblems(measures).ToList() is { Count: > 0 } wrong) return Problems.Refuse(wrong);
        var shelf = ToolShelf.Of(input.Tools ?? settings.Tools);
        if (!shelf.Ok) return Problems.Refuse(shelf.Problems);
        await (settings with { Units = input.Units ?? settings.Units, Rules = rules, Measures = input.Measures ?? settings.Measures, Tools = input.Tools ?? settings.Tools }).KeepAsync(garden, cancel);
        var words = input.Tools is not null ? "Changed the tool shelf" : input.Measures is not null ? "Changed your own measures" : input.Rules is null ? "Changed the units" : "Changed a house rule";
        await garden.SaveAsync(words, time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static IEnumerable<Problem> MeasureProblems(IReadOnlyDictionary<string, double> measures)
    {
        const int Most = 20, Longest = 24;
        if (measures.Count > Most) yield return new("measures", $"At most {Most} measures of your own.");
        foreach (var (name, volume) in measures)
        {
            if (name.Length is 0 or > Longest || !name.All(char.IsLetter)) yield return new("measures", $"“{name}”: one word of letters, at most {Longest}.");
            if (volume is not (>= .0001 and <= 5)) yield return new("measures", $"{name}: from 0.1 to 5000 litres.");
        }
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> ChangeConstant(string id, ConstantInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (Handbook.Rows.FirstOrDefault(r => r.Id == id) is not { } row) return Problems.NotHere("There is no constant of this name.");
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        var own = new Dictionary<string, double>(settings.Constants, StringComparer.Ordinal);
        own.Remove(id);
        if (input.Value is { } value)
        {
            // This one alone: another, kept when its range was wider, is left out of the sums and stands in nobody's way.
            if (Handbook.ProblemWith(id, value) is { } problem) return Problems.Refuse([problem with { Field = "value" }]);
            own[id] = value;
        }

        await (settings with { Constants = own }).KeepAsync(garden, cancel);
        await garden.SaveAsync($"{(input.Value is null ? "Back to ours" : "Own value")}: {row.Meaning}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<JournalDto>, ProblemHttpResult>> Travel(Task<JournalStep> step, string nothing)
    {
        var done = await step;
        if (done.Clash) return TypedResults.Problem($"“{done.Words}” cannot be taken back: it has been changed since.", statusCode: StatusCodes.Status409Conflict, title: "Changed meanwhile.");
        return done.Words is null ? Problems.NotHere(nothing) : TypedResults.Ok(new JournalDto(done.Words));
    }
}
