using Metaplant.Data;
using Metaplant.Web.Door;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Projects;

/// <summary>What a helper sees of a project: its steps.</summary>
public sealed record ProjectStepsDto(int Id, string Name, string DesignName, IReadOnlyList<StepDto> Steps, Sentence? WhyNot);

/// <summary>The steps of one project, for whoever builds it: the gardener, or a helper invited to it.</summary>
internal static class StepEndpoints
{
    public static void MapSteps(this IEndpointRouteBuilder api)
    {
        var steps = api.MapGroup("/projects/{id:int}").RequireAuthorization(Doors.ProjectHelper);
        steps.MapGet("/steps", Steps).WithName("projectSteps");
        steps.MapPost("/ticks", Tick).InTurn().WithName("tickStep");
    }

    private static async Task<Results<Ok<ProjectStepsDto>, ProblemHttpResult>> Steps(int id, GardenContext garden, CancellationToken cancel)
    {
        if (await garden.Projects.AsNoTracking().FirstOrDefaultAsync(p => p.Id == id, cancel) is not { } row) return Problems.NotHere("There is no such project.");
        var project = await ProjectEndpoints.Show(garden, row, cancel);
        return TypedResults.Ok(new ProjectStepsDto(row.Id, row.Name, project.DesignName, project.Plan?.Steps ?? [], project.WhyNot));
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
