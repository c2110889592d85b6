using Metaplant.Web.Errors;

namespace Metaplant.Web.Files;

/// <summary>While the garden is hurt every endpoint says so and touches nothing, but those that help to restore it.</summary>
internal static class HurtGarden
{
    /// <summary>Says of an endpoint that it needs no garden, or mends one.</summary>
    public static T AlsoWhileHurt<T>(this T endpoint)
        where T : IEndpointConventionBuilder
        => endpoint.WithMetadata(new Also());

    public static IApplicationBuilder UseHurtGarden(this IApplicationBuilder app) => app.Use(async (http, next) =>
    {
        if (http.GetEndpoint() is { } endpoint && endpoint.Metadata.GetMetadata<Also>() is null && http.RequestServices.GetRequiredService<GardenState>().Hurt is { } why)
        {
            await TypedResults.Problem(why, statusCode: StatusCodes.Status503ServiceUnavailable, title: Problems.HurtTitle).ExecuteAsync(http);
            return;
        }

        await next(http);
    });

    private sealed class Also;
}
