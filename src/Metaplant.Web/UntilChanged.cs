using System.Globalization;
using Metaplant.Data;
using Microsoft.AspNetCore.OutputCaching;

namespace Metaplant.Web;

/// <summary>Answers kept until anything in the garden changes: reading, judging and packing the heap costs twenty times what sending it does.</summary>
internal static class UntilChanged
{
    public const string Policy = "until-changed";

    /// <summary>The garden's version is part of the key and is asked before reading, so that what changes meanwhile makes the next request read again.</summary>
    public static void Add(OutputCacheOptions options) => options.AddPolicy(Policy, b => b
        .Expire(TimeSpan.FromHours(1))
        .SetVaryByHeader("Accept-Encoding")
        .VaryByValue(context => new("version", context.RequestServices.GetRequiredService<GardenVersion>().Now().ToString(CultureInfo.InvariantCulture))));
}
