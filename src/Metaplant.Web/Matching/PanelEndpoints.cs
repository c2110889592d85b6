using Metaplant.Core.Cutting;
using Metaplant.Core.Optimising;
using Metaplant.Core.Sums;
using Metaplant.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Timeouts;

namespace Metaplant.Web.Matching;

public sealed record PanelStockInput(string? Id, int Count, double Width);

/// <summary>Panels that are to come out equally wide, at least <paramref name="Width"/> m.</summary>
public sealed record PanelsInput(IReadOnlyList<PanelStockInput>? Boards, int Panels, double Width, double? LeastStrip, double? LeastEnd, int? Spares);

/// <summary>Choosing boards of mixed width by itself, for what is on no heap.</summary>
internal static class PanelEndpoints
{
    private const double Seconds = 10;

    public static void MapPanels(this IEndpointRouteBuilder api) => api.MapPost("/panels", Choose).WithName("panels").WithMetadata(new RequestTimeoutAttribute(60_000));

    private static Results<Ok<PanelAnswer>, ValidationProblem> Choose(PanelsInput input, CancellationToken cancel)
    {
        var order = new PanelOrder([.. (input.Boards ?? []).Select(b => new PanelStock(b.Id ?? "", b.Count, b.Width))], input.Panels, input.Width, input.LeastStrip ?? PanelOrder.UsualStrip, input.LeastEnd ?? PanelOrder.UsualEnd, input.Spares ?? 0);
        List<Problem> problems = [.. order.Problems()];
        if (input.Boards is null) problems.Add(new("boards", "What there is to choose from is wanted."));
        return problems.Count > 0 ? Problems.Refuse(problems) : TypedResults.Ok(PanelCutting.Answer(order, CpSat.Instance, Patience.OfSeconds(Seconds), cancel));
    }
}
