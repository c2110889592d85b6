using System.Text.Json;
using Metaplant.Core.Sums;
using Metaplant.Web.Files;
using Metaplant.Web.Telling;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using static SQLitePCL.raw;

namespace Metaplant.Web.Errors;

/// <summary>Problem details (RFC 9457) for everything that goes wrong.</summary>
internal static class Problems
{
    /// <summary>A 400 that names each field and says what is wrong with it. Nothing was saved.</summary>
    public static ValidationProblem Refuse(IReadOnlyList<Problem> problems)
        => TypedResults.ValidationProblem(problems.GroupBy(p => p.Field).ToDictionary(g => g.Key, g => g.Select(p => Reader.Now.Tell(p.Sentence)).ToArray()), title: "Something does not fit.");

    public static ValidationProblem Refuse(string field, Sentence sentence) => Refuse([new(field, sentence)]);

    public static ProblemHttpResult NotHere(string sentence) => TypedResults.Problem(sentence, statusCode: StatusCodes.Status404NotFound, title: "Not found.");

    /// <summary>A 409: somebody changed it since it was read here.</summary>
    public static ProblemHttpResult Changed()
        => TypedResults.Problem(ChangedWords, statusCode: StatusCodes.Status409Conflict, title: ChangedTitle);

    private const string ChangedTitle = "Changed meanwhile.";
    private const string ChangedWords = "Somebody changed this meanwhile, perhaps in another tab. Nothing of yours was saved; load it again to see theirs.";

    public const string HurtTitle = "The garden needs help.";

    /// <summary>Answers what was thrown.</summary>
    public static async Task Answer(HttpContext http)
    {
        var details = Of(http.Features.Get<IExceptionHandlerFeature>()?.Error, http);
        http.Response.StatusCode = details.Status!.Value;
        await http.Response.WriteAsJsonAsync<object>(details, options: null, contentType: "application/problem+json");
    }

    /// <summary>Turns what a framework throws for bad input into a 400 at the field, a lost race into a 409, a full disk into a 507, and anything else into a plain 500.</summary>
    public static ProblemDetails Of(Exception? error, HttpContext http) => error switch
    {
        BadHttpRequestException { InnerException: JsonException json } => Invalid(string.IsNullOrEmpty(json.Path) ? "body" : json.Path.TrimStart('$', '.'), "This is not what is expected here."),
        BadHttpRequestException bad => new() { Status = bad.StatusCode, Title = "Something does not fit.", Detail = bad.StatusCode == StatusCodes.Status413PayloadTooLarge ? "Too large." : "The request could not be read." },
        DbUpdateConcurrencyException => new() { Status = StatusCodes.Status409Conflict, Title = ChangedTitle, Detail = ChangedWords },
        DbUpdateException { InnerException: SqliteException inner } => OfFile(inner, http),
        SqliteException file => OfFile(file, http),
        IOException { HResult: NoSpace or FileTooLarge or OverQuota } => Full(),
        OperationCanceledException when !http.RequestAborted.IsCancellationRequested || http.Features.Get<IHttpRequestTimeoutFeature>()?.RequestTimeoutToken.IsCancellationRequested == true
            => new() { Status = StatusCodes.Status503ServiceUnavailable, Title = "It took too long.", Detail = "It was stopped because it took too long. Nothing was saved." },
        // Nobody is there any more to read it.
        OperationCanceledException => new() { Status = StatusCodes.Status499ClientClosedRequest },
        _ => new() { Status = StatusCodes.Status500InternalServerError, Title = "Something went wrong here.", Detail = "It is our fault, not yours. Nothing was half-saved." },
    };

    /// <summary>ENOSPC, EFBIG and EDQUOT.</summary>
    private const int NoSpace = 28;

    private const int FileTooLarge = 27;
    private const int OverQuota = 122;

    private static ProblemDetails OfFile(SqliteException e, HttpContext http)
    {
        switch (e.SqliteErrorCode)
        {
            case SQLITE_CONSTRAINT:
                return new() { Status = StatusCodes.Status409Conflict, Title = ChangedTitle, Detail = "This clashes with a change made meanwhile. Nothing was saved." };
            case SQLITE_BUSY or SQLITE_LOCKED:
                return new() { Status = StatusCodes.Status503ServiceUnavailable, Title = "Busy.", Detail = "The garden file is in use by another program. Nothing was saved; try again in a moment." };
            // A disk that takes no more says so in two ways.
            case SQLITE_IOERR or SQLITE_FULL:
                return Full();
            case SQLITE_READONLY:
                return new() { Status = StatusCodes.Status503ServiceUnavailable, Title = "Read only.", Detail = "The garden file may be read but not written to. Nothing was saved." };
            case SQLITE_CORRUPT or SQLITE_NOTADB:
                http.RequestServices.GetRequiredService<GardenState>().Suspect();
                return new() { Status = StatusCodes.Status503ServiceUnavailable, Title = HurtTitle, Detail = "The garden file is damaged. Nothing was saved; go back to a backup." };
            default:
                return new() { Status = StatusCodes.Status500InternalServerError, Title = "Something went wrong here.", Detail = "The garden file could not be used. Nothing was half-saved." };
        }
    }

    private static ProblemDetails Full() => new() { Status = StatusCodes.Status507InsufficientStorage, Title = "Disk full.", Detail = "The disk is full or takes no more. Nothing of this was saved, and what was saved before is there; make room and try again." };

    private static HttpValidationProblemDetails Invalid(string field, string sentence)
        => new(new Dictionary<string, string[]>(StringComparer.Ordinal) { [field] = [sentence] }) { Status = StatusCodes.Status400BadRequest, Title = "Something does not fit." };
}
