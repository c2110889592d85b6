using Metaplant.Core.Cutting;
using Metaplant.Core.Optimising;
using Metaplant.Core.Sums;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;

namespace Metaplant.Web.Matching;

/// <summary>Bars alike to cut from, m; what is bad is left out as it is given.</summary>
public sealed record CutBarInput(string? Id, int Count, double Length, double Width, double Thickness, IReadOnlyList<BadPlace>? Bad);

/// <summary>Pieces alike, m.</summary>
public sealed record CutPieceInput(string? Id, int Count, double Length, double LeastWidth, double LeastThickness);

/// <summary>What is to be cut from what. Kerf, trim and seconds that are left out are those that Metaplant goes by itself.</summary>
public sealed record CutPlanInput(IReadOnlyList<CutBarInput>? Bars, IReadOnlyList<CutPieceInput>? Pieces, double? Kerf, double? Trim, double? Seconds);

public sealed record PieceCutDto(string PieceId, double From, double To);

public sealed record BarPlanDto(string Id, int Piece, IReadOnlyList<PieceCutDto> Cuts, IReadOnlyList<BadPlace> Offcuts);

public sealed record MissingPieceDto(string PieceId, int Count);

/// <summary>Fewest missing, then least length of bars cut into, m, beside what no plan can be below.</summary>
public sealed record CutPlanDto(IReadOnlyList<BarPlanDto> Bars, IReadOnlyList<MissingPieceDto> Missing, double Used, double Bound, bool Proven);

/// <summary>Cutting by itself, for what is on no heap.</summary>
internal static class CutPlanEndpoints
{
    internal const double MostSeconds = 60;
    internal const double UsualSeconds = 10;

    public static void MapCutting(this IEndpointRouteBuilder api) => api.MapPost("/cut-plan", Plan).WithName("cut-plan").WithMetadata(new RequestTimeoutAttribute(120_000));

    private static Results<Ok<CutPlanDto>, ValidationProblem> Plan(CutPlanInput input, CancellationToken cancel)
    {
        var order = new CutOrder(
            [.. (input.Bars ?? []).Select(b => new BarStock(b.Id ?? "", b.Count, b.Length, b.Width, b.Thickness, b.Bad ?? []))],
            [.. (input.Pieces ?? []).Select(p => new PieceOrder(p.Id ?? "", p.Count, p.Length, p.LeastWidth, p.LeastThickness))], input.Kerf ?? CutPlan.Kerf, input.Trim ?? CutPlan.Trim);
        var seconds = input.Seconds ?? UsualSeconds;
        List<Problem> problems = [.. order.Problems()];
        if (input.Bars is null) problems.Add(new("bars", "What there is to cut from is wanted."));
        if (input.Pieces is null) problems.Add(new("pieces", "What is to be cut is wanted."));
        if (!(seconds is >= 0 and <= MostSeconds)) problems.Add(new("seconds", $"From nothing to {new Amount(MostSeconds, Unit.Second)}."));
        if (problems.Count > 0) return Problems.Refuse(problems);
        var answer = BarCutting.Answer(order, CpSat.Instance, Patience.OfSeconds(seconds), cancel);
        return TypedResults.Ok(new CutPlanDto(
            [.. answer.Bars.Select(b => new BarPlanDto(b.Id, b.Piece, [.. b.Cuts.Select(c => new PieceCutDto(c.WantedId, c.From, c.To))], b.Offcuts))],
            [.. answer.Missing.Select(m => new MissingPieceDto(m.Key, m.Value))], answer.Used, answer.Bound, answer.Proven));
    }
}
