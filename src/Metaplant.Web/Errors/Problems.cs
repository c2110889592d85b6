using System.Text.Json;
using Metaplant.Core.Sums;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Errors;

/// <summary>Problem details (RFC 9457) for everything that goes wrong.</summary>
internal static class Problems
{
    /// <summary>A 400 that names each field and says what is wrong with it. Nothing was saved.</summary>
    public static ValidationProblem Refuse(IReadOnlyList<Problem> problems)
        => TypedResults.ValidationProblem(problems.GroupBy(p => p.Field).ToDictionary(g => g.Key, g => g.Select(p => p.Sentence).ToArray()), title: "Something does not fit.");

    public static ValidationProblem Refuse(string field, string sentence) => Refuse([new(field, sentence)]);

    public static ProblemHttpResult NotHere(string sentence) => TypedResults.Problem(sentence, statusCode: StatusCodes.Status404NotFound, title: "Not found.");

    /// <summary>A 409: somebody changed it since it was read here.</summary>
    public static ProblemHttpResult Changed()
        => TypedResults.Problem("Somebody changed this meanwhile, perhaps in another tab. Nothing of yours was saved; load it again to see theirs.", statusCode: StatusCodes.Status409Conflict, title: "Changed meanwhile.");

    /// <summary>Turns what a framework throws for bad input into a 400 at the field, a lost race into a 409, and anything else into a plain 500.</summary>
    public static async Task Answer(HttpContext http)
    {
        var error = http.Features.Get<IExceptionHandlerFeature>()?.Error;
        ProblemDetails details = error switch
        {
            BadHttpRequestException { InnerException: JsonException json } => Invalid(string.IsNullOrEmpty(json.Path) ? "body" : json.Path.TrimStart('$', '.'), "This is not what is expected here."),
            BadHttpRequestException bad => new() { Status = bad.StatusCode, Title = "Something does not fit.", Detail = bad.StatusCode == StatusCodes.Status413PayloadTooLarge ? "Too large." : "The request could not be read." },
            DbUpdateConcurrencyException => new() { Status = StatusCodes.Status409Conflict, Title = "Changed meanwhile.", Detail = "Somebody changed this meanwhile, perhaps in another tab. Nothing of yours was saved; load it again to see theirs." },
            DbUpdateException { InnerException: SqliteException { SqliteErrorCode: 19 } } => new() { Status = StatusCodes.Status409Conflict, Title = "Changed meanwhile.", Detail = "This clashes with a change made meanwhile. Nothing was saved." },
            SqliteException { SqliteErrorCode: 5 or 6 } or DbUpdateException { InnerException: SqliteException { SqliteErrorCode: 5 or 6 } } => new() { Status = StatusCodes.Status503ServiceUnavailable, Title = "Busy.", Detail = "The garden file is in use by another program. Nothing was saved; try again in a moment." },
            DbUpdateException { InnerException: SqliteException { SqliteErrorCode: 13 } } => new() { Status = StatusCodes.Status507InsufficientStorage, Title = "Disk full.", Detail = "The disk is full. Nothing was saved and nothing was lost." },
            _ => new() { Status = StatusCodes.Status500InternalServerError, Title = "Something went wrong here.", Detail = "It is our fault, not yours. Nothing was half-saved." },
        };
        http.Response.StatusCode = details.Status!.Value;
        await http.Response.WriteAsJsonAsync<object>(details, options: null, contentType: "application/problem+json");
    }

    private static HttpValidationProblemDetails Invalid(string field, string sentence)
        => new(new Dictionary<string, string[]>(StringComparer.Ordinal) { [field] = [sentence] }) { Status = StatusCodes.Status400BadRequest, Title = "Something does not fit." };
}
