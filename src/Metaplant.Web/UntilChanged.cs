using Metaplant.Data.Files;
using Microsoft.AspNetCore.OutputCaching;

namespace Metaplant.Web;

/// <summary>
/// Answers kept until anything in the garden changes: reading, judging and packing the heap costs twenty times what sending it does. Kept for gardeners only: whoever comes this far has been let in.
/// </summary>
internal sealed class UntilChanged : IOutputCachePolicy
{
    public const string Policy = "until-changed";

    /// <summary>All that is kept, bytes: a few answers of a large garden. What a change made old is never asked for again.</summary>
    private const long Kept = 16_000_000;

    public static void Add(OutputCacheOptions options)
    {
        options.SizeLimit = Kept;
        options.AddPolicy(Policy, b => b.AddPolicy<UntilChanged>().Expire(TimeSpan.FromHours(1)).SetVaryByHeader("Accept-Encoding"), excludeDefaultPolicy: true);
    }

    /// <summary>The garden's version is part of the key and is asked before reading, so that what changes meanwhile makes the next request read again.</summary>
    public ValueTask CacheRequestAsync(OutputCacheContext context, CancellationToken cancellation)
    {
        var reads = HttpMethods.IsGet(context.HttpContext.Request.Method);
        // Nobody waits for an answer that is made for another: if that one goes away, nobody has it.
        (context.EnableOutputCaching, context.AllowCacheLookup, context.AllowCacheStorage, context.AllowLocking) = (true, reads, reads, false);
        context.CacheVaryByRules.QueryKeys = "*";
        context.CacheVaryByRules.VaryByValues["version"] = context.HttpContext.RequestServices.GetRequiredService<GardenVersion>().Now();
        return ValueTask.CompletedTask;
    }

    public ValueTask ServeFromCacheAsync(OutputCacheContext context, CancellationToken cancellation) => ValueTask.CompletedTask;

    public ValueTask ServeResponseAsync(OutputCacheContext context, CancellationToken cancellation)
    {
        // A cookie is for one device; and of an answer whose asker went away nobody says how much was written.
        var (http, response) = (context.HttpContext, context.HttpContext.Response);
        if (response.StatusCode != StatusCodes.Status200OK || response.Headers.SetCookie.Count > 0 || http.RequestAborted.IsCancellationRequested) context.AllowCacheStorage = false;
        return ValueTask.CompletedTask;
    }
}
