using System.Diagnostics;
using System.Globalization;
using Metaplant.Core.Calculators;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Data.Settings;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Metaplant.Web.Sums;

internal static class SumEndpoints
{
    public static void MapSums(this IEndpointRouteBuilder api)
    {
        api.MapGet("/sums", All).CacheOutput(UntilChanged.Policy).WithName("sums");
        api.MapPost("/sums/{name}", Answer).Accepts<SumInput>("application/json").AddEndpointFilter(Timed).WithName("sum");
        api.MapPost("/sums/{name}/sheet", Sheet).Accepts<SumInput>("application/json").AddEndpointFilter(Timed).WithName("sumSheet");
    }

    private static async Task<Ok<IReadOnlyList<CalculatorDto>>> All(GardenContext garden, CancellationToken cancel)
    {
        var handbook = (await GardenSettings.ReadAsync(garden, cancel)).Handbook;
        return TypedResults.Ok<IReadOnlyList<CalculatorDto>>([.. CalculatorShelf.All.Select(c => CalculatorDto.Of(c, handbook))]);
    }

    /// <summary>Says in the answer how long it took here, without the way over the wire; <c>./metaplant bench</c> reads it, and so does a browser's network page.</summary>
    private static async ValueTask<object?> Timed(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        var began = Stopwatch.GetTimestamp();
        var answer = await next(context);
        context.HttpContext.Response.Headers["Server-Timing"] = string.Create(CultureInfo.InvariantCulture, $"sum;dur={Stopwatch.GetElapsedTime(began).TotalMilliseconds:0.###}");
        return answer;
    }

    private static async Task<Results<Ok<SumAnswerDto>, ValidationProblem, ProblemHttpResult>> Answer(string name, HttpRequest request, GardenContext garden, CancellationToken cancel)
    {
        if (CalculatorShelf.Find(name) is not { } calculator) return Unknown(name);
        var settings = await GardenSettings.ReadAsync(garden, cancel);
        var answer = (await Inputs(request, cancel)).Then(given => calculator.Reckon(given, settings.Handbook));
        return answer.Ok ? TypedResults.Ok(SumAnswerDto.Of(calculator, answer.Value)) : Problems.Refuse(answer.Problems);
    }

    private static async Task<Results<Ok<SheetDto>, ValidationProblem, ProblemHttpResult>> Sheet(string name, HttpRequest request, GardenContext garden, CancellationToken cancel)
    {
        if (CalculatorShelf.Find(name) is not { } calculator) return Unknown(name);
        var handbook = (await GardenSettings.ReadAsync(garden, cancel)).Handbook;
        var given = await Inputs(request, cancel);
        var answer = given.Then(g => calculator.Reckon(g, handbook));
        return answer.Ok
            ? TypedResults.Ok(SheetDto.Of(calculator, answer.Value, calculator.Draw(given.Value!, handbook).OrThrow(), Sweep.Of(calculator, given.Value!, handbook)))
            : Problems.Refuse(answer.Problems);
    }

    private static async Task<Outcome<GivenFields>> Inputs(HttpRequest request, CancellationToken cancel)
    {
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        return GivenJson.Read(body.GetBuffer().AsMemory(0, (int)body.Length));
    }

    private static ProblemHttpResult Unknown(string name) => Problems.NotHere($"There is no sum called “{name}”.");
}

/// <summary>The inputs of a sum by name: numbers in SI, words, true or false, groups and lists.</summary>
public sealed record SumInput(System.Text.Json.JsonElement Inputs);
