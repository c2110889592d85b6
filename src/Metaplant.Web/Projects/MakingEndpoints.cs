using System.Text;
using Metaplant.Core.Building;
using Metaplant.Core.Matching;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Projects;

/// <summary>A measure as it came out.</summary>
/// <param name="Value">m; the planned one's own takes it out again.</param>
public sealed record TapeInput(string? Of, Side? Side, double? Value, int? Version);

/// <summary>A piece that was sawn too short.</summary>
/// <param name="Board">Its place among the plan's cut boards, from 0.</param>
/// <param name="Piece">Its place among the cuts of that board, from 0.</param>
/// <param name="Length">As it came out, m.</param>
public sealed record MiscutInput(int? Board, int? Piece, double? Length, int? Version);

/// <summary>The project as it is from then on, and where the pieces come from now.</summary>
public sealed record RecutDto(ProjectDto Project, Sentence Words);

/// <summary>How a project ends, and why.</summary>
public sealed record EndInput(ProjectState? How, string? Why, int? Version);

/// <summary>What the heap as it is now would do better than what a project was kept with. Nothing is changed by asking.</summary>
/// <param name="Saves">In the garden's money; 0 where it only holds better.</param>
/// <param name="Worst">The worst verdict it would then have.</param>
/// <param name="Instead">Things it would take that it does not take now.</param>
public sealed record BetterDto(double Saves, Verdict Worst, IReadOnlyList<string> Instead);

/// <summary>A project while it is made.</summary>
internal static class MakingEndpoints
{
    public static void MapMaking(this IEndpointRouteBuilder api)
    {
        api.MapPost("/projects/{id:int}/measures", Measure).InTurn().WithName("measureProject");
        api.MapPost("/projects/{id:int}/miscuts", Miscut).InTurn().WithName("miscut");
        api.MapPost("/projects/{id:int}/end", End).InTurn().WithName("endProject");
        api.MapGet("/projects/{id:int}/better", Better).WithName("betterForProject");
        api.MapGet("/projects/{id:int}/last-picture.svg", LastPicture).WithName("lastPicture");
    }

    private static async Task<Results<Ok<ProjectDto>, ValidationProblem, ProblemHttpResult>> Measure(int id, TapeInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Projects.FindAsync([id], cancel) is not { } row) return Problems.NotHere("There is no such project.");
        if (row.Version != input.Version) return Problems.Changed();
        if (input.Value is not { } value) return Problems.Refuse("value", "How long is it?");
        var read = await ProjectEndpoints.Reading.OfAsync(garden, row, cancel);
        if (read is not { Plan: { } plan, Drawn.Value: { } drawn }) return Problems.Refuse(read.Drawn.Problems);
        var made = await garden.MeasureAsync(row, drawn, plan, read.Done, new(input.Of ?? "", input.Side, value), read.Brief.Value!, read.Heap, cancel);
        if (!made.Ok) return Problems.Refuse(made.Problems);
        await garden.SaveAsync($"Measured {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ProjectEndpoints.Show(garden, row, cancel));
    }

    private static async Task<Results<Ok<RecutDto>, ValidationProblem, ProblemHttpResult>> Miscut(int id, MiscutInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Projects.FindAsync([id], cancel) is not { } row) return Problems.NotHere("There is no such project.");
        if (row.Version != input.Version) return Problems.Changed();
        if (input is not { Board: { } board, Piece: { } piece }) return Problems.Refuse("piece", "Which piece is it?");
        if (input.Length is not { } length) return Problems.Refuse("length", "How long did it come out?");
        var read = await ProjectEndpoints.Reading.OfAsync(garden, row, cancel);
        if (read is not { Plan: { } plan, Drawn.Value: { } drawn }) return Problems.Refuse(read.Drawn.Problems);
        var recut = await garden.MiscutAsync(row, drawn, plan, read.Done, new(board, piece, length), read.Brief.Value!, read.Heap, cancel);
        if (!recut.Ok) return Problems.Refuse(recut.Problems);
        await garden.SaveAsync($"Sawn too short: a piece of {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(new RecutDto(await ProjectEndpoints.Show(garden, row, cancel), recut.Value.Words));
    }

    private static async Task<Results<Ok<ProjectDto>, ValidationProblem, ProblemHttpResult>> End(int id, EndInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Projects.FindAsync([id], cancel) is not { } row) return Problems.NotHere("There is no such project.");
        if (row.Version != input.Version) return Problems.Changed();
        if (Making.Read(row.Making).Ended) return Problems.Refuse("how", "It has ended already.");
        var read = await ProjectEndpoints.Reading.OfAsync(garden, row, cancel);
        if (await garden.EndAsync(row, input.How ?? ProjectState.Drawn, input.Why?.Trim() ?? "", read.Drawn.Value, read.Plan, read.Heap, cancel) is { } problem) return Problems.Refuse(problem.Field, problem.Sentence);
        await garden.SaveAsync($"{(input.How == ProjectState.TakenDown ? "Took down" : "Gave up")} {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.Ok(await ProjectEndpoints.Show(garden, row, cancel));
    }

    /// <summary>Better stock than it was kept with, while nothing of it is cut; no content where there is none.</summary>
    private static async Task<Results<Ok<BetterDto>, NoContent, ProblemHttpResult>> Better(int id, GardenContext garden, CancellationToken cancel)
    {
        if (await garden.Projects.AsNoTracking().FirstOrDefaultAsync(p => p.Id == id, cancel) is not { } row) return Problems.NotHere("There is no such project.");
        if (Making.Read(row.Making) is { Ended: true } or { Gone.Count: > 0 } || row.Cast is null) return TypedResults.NoContent();
        var read = await ProjectEndpoints.Reading.OfAsync(garden, row, cancel);
        return read.Drawn.Value is { CastAnew: null, Board.Fit: var kept } && Offer.Of(kept, Stockroom.Of(read.Heap)) is { } offer
            ? TypedResults.Ok(new BetterDto(offer.Saves, offer.Worst, [.. offer.Instead.Select(t => t.Name)]))
            : TypedResults.NoContent();
    }

    private static async Task<Results<ContentHttpResult, ProblemHttpResult>> LastPicture(int id, GardenContext garden, CancellationToken cancel)
        => await garden.Projects.AsNoTracking().Where(p => p.Id == id).Select(p => p.Picture).FirstOrDefaultAsync(cancel) is { } svg ? TypedResults.Content(svg, "image/svg+xml", Encoding.UTF8) : Problems.NotHere("There is no picture of it.");
}
