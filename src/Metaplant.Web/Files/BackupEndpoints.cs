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
        var backups = api.MapGroup("/backups").RequireAuthorization(Doors.Gardener).AlsoWhileHurt();
        backups.MapGet("", Ok<BackupsDto> (GardenState state, GardenBackups kept) => TypedResults.Ok(new BackupsDto(state.Hurt, kept.Warning, kept.List()))).WithName("backups");
        backups.MapPost("", Keep).WithName("keepBackup");
        backups.MapPost("/restore", Restore).WithName("restoreBackup");
    }

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
