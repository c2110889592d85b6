using System.Net.ServerSentEvents;
using Metaplant.Core.Matching;
using Metaplant.Core.Planning;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Data.Files;
using Metaplant.Web.Drawing;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Planning;

/// <summary>What of a plan is kept: one of its projects by its place in it, from 0; all that are not kept yet where none is named.</summary>
public sealed record KeepPlanInput(int? Project);

/// <summary>A project of a plan that was kept: its place in the plan, and what it is called now.</summary>
public sealed record KeptOfPlanDto(int Project, int Id, string Name);

/// <summary>What of a plan was kept now.</summary>
public sealed record KeptPlanDto(IReadOnlyList<KeptOfPlanDto> Projects);

internal static class WholeHeapEndpoints
{
    private const double UsualSeconds = 10;
    private const double MostSeconds = 120;

    public static void MapWholeHeap(this IEndpointRouteBuilder api)
    {
        api.MapPost("/whole-heap", Start).WithName("planWholeHeap");
        api.MapGet("/whole-heap/{job}/progress", Progress).WithName("wholeHeapProgress").WithMetadata(new RequestTimeoutAttribute(180_000));
        api.MapDelete("/whole-heap/{job}", Stop).WithName("stopWholeHeap");
        api.MapPost("/whole-heap/{job}/keep", Keep).InTurn().WithName("keepWholeHeap");
    }

    private static async Task<Results<Accepted<WholeHeapJobDto>, ValidationProblem>> Start(WholeHeapInput input, GardenContext garden, AtHand atHand, GardenVersion version, WholeHeapJobs jobs, CancellationToken cancel)
    {
        // Asked before anything is read, so that what changes meanwhile is noticed.
        var now = version.Now();
        var (settings, heap) = await atHand.OfAsync(garden, null, cancel);
        var seconds = input.Seconds ?? UsualSeconds;
        var brief = (input.Brief ?? BriefDto.Nothing).ToBrief(settings);
        if (!brief.Ok) return Problems.Refuse(brief.Problems);
        if (input.Wants is null) return Problems.Refuse("wants", "Say what is wanted.");
        var wants = input.Wants.ToWants(brief.Value with { Crop = null });
        List<Problem> problems = [.. wants.Value?.Problems(heap) ?? wants.Problems];
        if (!(seconds is >= 1 and <= MostSeconds)) problems.Add(new("seconds", $"From {new Amount(1, Unit.Second)} to {new Amount(MostSeconds, Unit.Second)}."));
        if (wants.Value is null || problems.Count > 0) return Problems.Refuse(problems);
        var job = jobs.Start(heap, wants.Value, seconds, now);
        return TypedResults.Accepted($"/api/whole-heap/{job.Name}/progress", new WholeHeapJobDto(job.Name));
    }

    private static Results<ServerSentEventsResult<HeapPlanDto>, ProblemHttpResult> Progress(string job, WholeHeapJobs jobs, CancellationToken cancel)
    {
        if (jobs.Find(job) is not { } found) return NoSuchPlan();
        return TypedResults.ServerSentEvents(Told(found, cancel));
    }

    private static async IAsyncEnumerable<SseItem<HeapPlanDto>> Told(WholeHeapJob job, [System.Runtime.CompilerServices.EnumeratorCancellation] CancellationToken cancel)
    {
        await foreach (var plan in job.ProgressAsync(cancel)) yield return new(HeapPlanDto.Of(plan, job.Heap, job.Kept), plan.Ended ? "end" : "plan");
    }

    private static Results<Ok<HeapPlanDto>, NoContent, ProblemHttpResult> Stop(string job, WholeHeapJobs jobs)
    {
        if (jobs.Find(job) is not { } found) return NoSuchPlan();
        found.Stop();
        return found.Plan is { } plan ? TypedResults.Ok(HeapPlanDto.Of(plan, found.Heap, found.Kept)) : TypedResults.NoContent();
    }

    /// <summary>Keeps what was planned as it was planned, in one go that is undone in one; nothing of it once the heap is another.</summary>
    private static async Task<Results<Ok<KeptPlanDto>, ValidationProblem, ProblemHttpResult>> Keep(string job, KeepPlanInput input, GardenContext garden, GardenVersion version, TimeProvider time, WholeHeapJobs jobs, CancellationToken cancel)
    {
        if (jobs.Find(job) is not { } found) return NoSuchPlan();
        found.Stop();
        if (found.Plan is not { Projects.Count: > 0 } plan) return Problems.Refuse("plan", "There is nothing in it to keep.");
        if (input.Project is { } one && (one < 0 || one >= plan.Projects.Count)) return Problems.Refuse("project", "There is no such project in it.");
        if (found.Version != version.Now()) return TypedResults.Problem("The garden has changed since this was planned: plan it again. Nothing was kept.", statusCode: StatusCodes.Status409Conflict, title: "Changed meanwhile.");
        List<int> keeps = [.. (input.Project is { } which ? [which] : Enumerable.Range(0, plan.Projects.Count)).Where(i => !found.Kept.Contains(i))];
        if (keeps.Count == 0) return TypedResults.Ok(new KeptPlanDto([]));
        var rows = new List<ProjectRow>();
        var names = await garden.Projects.Select(p => p.Name).ToHashSetAsync(cancel);
        foreach (var fit in keeps.Select(i => plan.Projects[i]))
        {
            rows.Add(ProjectKeeping.NewProject());
            await garden.KeepAsync(rows[^1], NameOf(fit, names), fit, fit.Set.Brief, found.Heap, cancel);
        }

        await garden.SaveAsync(rows.Count == 1 ? $"Kept {rows[0].Name}" : $"Kept {rows.Count} projects of the whole heap", time.GetUtcNow().UtcDateTime, cancel);
        found.Version = version.Now();
        found.Kept = found.Kept.Concat(keeps).ToHashSet();
        return TypedResults.Ok(new KeptPlanDto([.. keeps.Zip(rows, (i, row) => new KeptOfPlanDto(i, row.Id, row.Name))]));
    }

    /// <summary>What it is and of what, and a number where another is called so.</summary>
    private static string NameOf(Fit fit, HashSet<string> taken)
    {
        var name = $"{fit.Design.Name} of {fit.Lead.Thing.Thing.Name}";
        for (var n = 1; ; n++)
        {
            var number = n == 1 ? "" : $" {n}";
            var full = name[..Math.Min(name.Length, ProjectKeeping.LongestName - number.Length)] + number;
            if (taken.Add(full)) return full;
        }
    }

    private static ProblemHttpResult NoSuchPlan() => Problems.NotHere("That plan is no longer there: plan it again.");
}
