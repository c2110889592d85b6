using Metaplant.Core.Materials;
using Metaplant.Core.Salvage.Spoken;
using Metaplant.Data;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Metaplant.Web.Heap;

/// <summary>What a gardener says of a find in one line: "5 pallets 1200 x 1000 HT".</summary>
public sealed record LineInput(string? Line);

/// <summary>A kind that a line may mean, with its form filled in. The best comes first.</summary>
/// <param name="Taken">Ids of the measures that were said.</param>
public sealed record HeardDto(string Kind, Substance Substance, string Name, int Count, IReadOnlyDictionary<string, double> Measures, IReadOnlyList<string> Taken, IReadOnlyList<string> Findings, HeardTrade? Trade);

/// <summary>Kinds by what people call them.</summary>
internal static class HeardEndpoints
{
    private const int Most = 12;

    public static void MapHeard(this IEndpointRouteBuilder api) => api.MapPost("/things/heard", Hear).WithName("heard");

    private static async Task<Results<Ok<List<HeardDto>>, ValidationProblem>> Hear(LineInput input, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        if (input.Line is not { Length: <= SpokenLine.Longest } line) return Problems.Refuse("line", $"A line of at most {SpokenLine.Longest} letters.");
        var settings = await atHand.SettingsAsync(garden, cancel);
        var bare = settings.Units switch { "in" => .0254, "cm" => .01, _ => .001 };
        return TypedResults.Ok(Hearing.Of(SpokenLine.Read(line, bare, settings.Measures), Most).Select(h => new HeardDto(h.Kind.Id, h.Substance, h.Name, h.Count, h.Measures, h.Taken, h.Findings, h.Trade)).ToList());
    }
}
