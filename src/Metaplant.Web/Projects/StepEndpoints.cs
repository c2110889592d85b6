using System.Text;
using Metaplant.Core.Building;
using Metaplant.Core.Drawing;
using Metaplant.Data;
using Metaplant.Web.Door;
using Metaplant.Web.Errors;
using Metaplant.Web.Telling;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Projects;

/// <summary>What a helper sees of a project: its steps, and the boards that are cut in them.</summary>
public sealed record ProjectStepsDto(int Id, string Name, string DesignName, IReadOnlyList<StepDto> Steps, IReadOnlyList<CutBarDto> Cuts, Sentence? WhyNot);

/// <summary>The steps of one project, for whoever builds it: the gardener, or a helper invited to it.</summary>
internal static class StepEndpoints
{
    public static void MapSteps(this IEndpointRouteBuilder api)
    {
        var steps = api.MapGroup("/projects/{id:int}").RequireAuthorization(Doors.ProjectHelper);
        steps.MapGet("/steps", Steps).WithName("projectSteps");
        steps.MapGet("/steps/{step}.svg", Picture).WithName("stepPicture");
        steps.MapPost("/ticks", Tick).InTurn().WithName("tickStep");
    }

    private static async Task<Results<Ok<ProjectStepsDto>, ProblemHttpResult>> Steps(int id, GardenContext garden, CancellationToken cancel)
    {
        if (await garden.Projects.AsNoTracking().FirstOrDefaultAsync(p => p.Id == id, cancel) is not { } row) return Problems.NotHere("There is no such project.");
        var project = await ProjectEndpoints.Show(garden, row, cancel);
        return TypedResults.Ok(new ProjectStepsDto(row.Id, row.Name, project.DesignName, project.Plan?.Steps ?? [], project.Plan?.Cuts ?? [], project.WhyNot));
    }

    /// <summary>What stands already, and what one step adds: of all pictures of a project the only ones a helper is shown.</summary>
    private static async Task<Results<ContentHttpResult, ProblemHttpResult>> Picture(int id, string step, GardenContext garden, CancellationToken cancel)
    {
        var opened = await PictureEndpoints.OpenAsync(garden, id, cancel);
        return opened is { Ok: true, Value: var (_, board, plan) } && Gallery.Picture(board, plan, $"step-{step}") is { } view
            ? TypedResults.Content(SvgWriter.Write(view, Reader.Now), "image/svg+xml", Encoding.UTF8)
            : Problems.NotHere("There is no such picture.");
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Tick(int id, TickInput input, GardenContext garden, TimeProvider time, CancellationToken cancel)
    {
        if (await garden.Projects.FindAsync([id], cancel) is not { } row) return Problems.NotHere("There is no such project.");
        var read = await ProjectEndpoints.Reading.OfAsync(garden, row, cancel);
        if (read is not { Plan: { } plan, Drawn.Value: { } drawn }) return Problems.Refuse(read.Drawn.Problems);
        if (await garden.TickAsync(row, drawn, plan, input.Step ?? "", input.Done == true, input.Minutes, read.Heap, cancel) is { } problem) return Problems.Refuse(problem.Field, problem.Sentence);
        // By its number: its title has measures in it, and what the journal says stays as it was written.
        var number = plan.Steps.First(s => s.Id == input.Step).Number;
        await garden.SaveAsync($"{(input.Done == true ? "Done" : "Not done")}: step {number} of {row.Name}", time.GetUtcNow().UtcDateTime, cancel);
        return TypedResults.NoContent();
    }
}
