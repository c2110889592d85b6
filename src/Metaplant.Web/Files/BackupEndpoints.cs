using Metaplant.Data;
using Metaplant.Data.Files;
using Metaplant.Web.Door;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Metaplant.Web.Files;

/// <summary>How the garden file is, and what can be gone back to, the newest first.</summary>
/// <param name="Hurt">What is wrong with the garden; null while it is open.</param>
/// <param name="Warning">Why the last backup could not be kept; null when it could.</param>
public sealed record BackupsDto(string? Hurt, string? Warning, IReadOnlyList<KeptBackup> Backups);

public sealed record RestoreInput(string? Name);

internal static class BackupEndpoints
{
    public static void MapBackups(this IEndpointRouteBuilder api)
    {
        api.MapGet("/backups", Ok<BackupsDto> (GardenState state, GardenBackups backups) => TypedResults.Ok(new BackupsDto(state.Hurt, backups.Warning, backups.List()))).RequireAuthorization(Doors.Gardener).WithName("backups");
        api.MapPost("/backups", Keep).RequireAuthorization(Doors.Gardener).WithName("keepBackup");
        api.MapPost("/backups/restore", Restore).RequireAuthorization(Doors.Gardener).WithName("restoreBackup");
    }

    /// <summary>While the garden is hurt everything but the door and the backups says so, and touches nothing.</summary>
    public static IApplicationBuilder UseHurtGarden(this IApplicationBuilder app) => app.Use(async (http, next) =>
    {
        var path = http.Request.Path;
        var served = !path.StartsWithSegments("/api", StringComparison.Ordinal) || path.StartsWithSegments("/api/backups", StringComparison.Ordinal) || path == "/api/door" || path == "/api/door/in" || path == "/api/door/out" || path == "/api/nothing";
        if (!served && http.RequestServices.GetRequiredService<GardenState>().Hurt is { } why)
        {
            await TypedResults.Problem(why, statusCode: StatusCodes.Status503ServiceUnavailable, title: Problems.HurtTitle).ExecuteAsync(http);
            return;
        }

        await next(http);
    });

    private static async Task<Results<NoContent, ProblemHttpResult>> Keep(GardenState state, GardenBackups backups, WriteGate gate, TimeProvider time, CancellationToken cancel)
    {
        using var alone = await gate.WaitAsync(cancel);
        if (state.Hurt is null && backups.Keep(Occasion.ByHand, time.GetUtcNow().UtcDateTime)) return TypedResults.NoContent();
        state.Suspect();
        return Failed(state.Hurt ?? backups.Warning);
    }

    /// <summary>Goes back to a backup. The garden as it is now is kept first, or set aside when it can no longer be read. Invitations end, since projects may be others then.</summary>
    private static async Task<Results<NoContent, ProblemHttpResult>> Restore(RestoreInput input, GardenState state, GardenFile file, GardenBackups backups, WriteGate gate, GardenVersion version, DoorBook book, TimeProvider time)
    {
        // Not stopped half-way by a client that goes.
        using var alone = await gate.WaitAsync(CancellationToken.None);
        var now = time.GetUtcNow().UtcDateTime;
        var name = input.Name ?? "";
        state.Suspect();
        var why = state.Hurt is null ? await Restoring.ReplaceAsync(file, backups, name, now, CancellationToken.None) : await Restoring.PutInPlaceAsync(file, backups, name, now, CancellationToken.None);
        if (why is null && state.Hurt is not null) why = await state.OpenAsync(demonstration: false, CancellationToken.None) ?? state.Hurt;
        if (why is not null) return Failed(why);
        version.Begin();
        foreach (var invitation in book.Invitations) book.Withdraw(invitation.Id);
        return TypedResults.NoContent();
    }

    private static ProblemHttpResult Failed(string? why) => TypedResults.Problem(why, statusCode: StatusCodes.Status409Conflict, title: "Not restored.");
}
