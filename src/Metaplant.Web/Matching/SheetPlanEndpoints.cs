using Metaplant.Core.Cutting;
using Metaplant.Core.Optimising;
using Metaplant.Core.Sums;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;

namespace Metaplant.Web.Matching;

/// <summary>Sheets alike to cut from, m.</summary>
public sealed record SheetInput(string? Id, int Count, double Length, double Width);

/// <summary>Rectangles alike, m; one that may turn may lie across the grain.</summary>
public sealed record SheetPieceInput(string? Id, int Count, double Length, double Width, bool MayTurn);

/// <summary>What is to be cut from what. Kerf and seconds that are left out are those that Metaplant goes by itself.</summary>
public sealed record SheetPlanInput(IReadOnlyList<SheetInput>? Sheets, IReadOnlyList<SheetPieceInput>? Pieces, double? Kerf, double? Seconds);

/// <summary>A rectangle on its sheet: the corner nearest to the sheet's own and its sides as it lies, m.</summary>
public sealed record PlacedDto(string PieceId, double X, double Y, double Length, double Width, bool Turned);

public sealed record SheetCutDto(string Id, int Piece, IReadOnlyList<PlacedDto> Placed, IReadOnlyList<SheetPlace> Offcuts);

/// <summary>Fewest missing, then least area of sheets cut into, m², beside what no plan can be below.</summary>
public sealed record SheetPlanDto(IReadOnlyList<SheetCutDto> Sheets, IReadOnlyList<MissingPieceDto> Missing, double Used, double Bound, bool Proven);

/// <summary>Cutting sheets, cloth, mesh and card by itself, for what is on no heap.</summary>
internal static class SheetPlanEndpoints
{
    public static void MapSheets(this IEndpointRouteBuilder api) => api.MapPost("/sheet-plan", Plan).WithName("sheet-plan").WithMetadata(new RequestTimeoutAttribute(120_000));

    private static Results<Ok<SheetPlanDto>, ValidationProblem> Plan(SheetPlanInput input, CancellationToken cancel)
    {
        var order = new SheetOrder(
            [.. (input.Sheets ?? []).Select(s => new SheetStock(s.Id ?? "", s.Count, s.Length, s.Width))],
            [.. (input.Pieces ?? []).Select(p => new SheetPieceOrder(p.Id ?? "", p.Count, p.Length, p.Width, p.MayTurn))], input.Kerf ?? CutPlan.Kerf);
        var seconds = input.Seconds ?? CutPlanEndpoints.UsualSeconds;
        List<Problem> problems = [.. order.Problems()];
        if (input.Sheets is null) problems.Add(new("sheets", "What there is to cut from is wanted."));
        if (input.Pieces is null) problems.Add(new("pieces", "What is to be cut is wanted."));
        if (!(seconds is >= 0 and <= CutPlanEndpoints.MostSeconds)) problems.Add(new("seconds", $"From nothing to {new Amount(CutPlanEndpoints.MostSeconds, Unit.Second)}."));
        if (problems.Count > 0) return Problems.Refuse(problems);
        var answer = SheetCutting.Answer(order, CpSat.Instance, Patience.OfSeconds(seconds), cancel);
        return TypedResults.Ok(new SheetPlanDto(
            [.. answer.Sheets.Select(s => new SheetCutDto(s.Id, s.Piece, [.. s.Placed.Select(p => new PlacedDto(p.Id, p.At.X, p.At.Y, p.At.Length, p.At.Width, p.Turned))], s.Offcuts))],
            [.. answer.Missing.Select(m => new MissingPieceDto(m.Key, m.Value))], answer.Used, answer.Bound, answer.Proven));
    }
}
