using System.Text;
using Metaplant.Core.Building;
using Metaplant.Core.Drawing;
using Metaplant.Core.Matching;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Web.Drawing;
using Metaplant.Web.Errors;
using Metaplant.Web.Matching;
using Metaplant.Web.Telling;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Projects;

/// <summary>A picture asked for by name, of what stands on the drawing board.</summary>
public sealed record PictureInput(BoardInput? Board, string? Picture);

/// <summary>Pictures by name: on the drawing board as shapes, of a kept project as SVG and DXF, its templates at true size sheet by sheet.</summary>
internal static class PictureEndpoints
{
    public static void MapPictures(this IEndpointRouteBuilder api)
    {
        api.MapPost("/board/picture", OnBoard).WithName("boardPicture");
        api.MapGet("/projects/{id:int}/pictures/{file}", OfProject).WithName("projectPicture");
        api.MapGet("/projects/{id:int}/templates/{template:int}/{sheet:int}", Sheet).WithName("templateSheet");
    }

    private static async Task<Results<Ok<ViewDto>, ValidationProblem, ProblemHttpResult>> OnBoard(PictureInput input, GardenContext garden, AtHand atHand, CancellationToken cancel)
    {
        if (input.Board is null) return Problems.Refuse("board", "There is nothing on the drawing board.");
        var (settings, heap) = await atHand.OfAsync(garden, input.Board.Project, cancel);
        var brief = (input.Board.Brief ?? BriefDto.Nothing).ToBrief(settings);
        if (!brief.Ok) return Problems.Refuse(brief.Problems);
        var board = await MatchEndpoints.FindAsync(garden, input.Board, heap, brief.Value, cancel);
        if (!board.Ok) return Problems.Refuse(board.Problems);
        var view = Gallery.Picture(board.Value, BuildPlan.Of(board.Value.Fit, brief.Value, settings.ToolShelf), input.Picture ?? "");
        return view is null ? Problems.NotHere("There is no such picture.") : TypedResults.Ok(ViewDto.Of(view));
    }

    private static async Task<Results<ContentHttpResult, ProblemHttpResult>> OfProject(int id, string file, bool? save, GardenContext garden, HttpResponse response, CancellationToken cancel)
    {
        var dot = file.LastIndexOf('.');
        var kind = dot < 0 ? "" : file[(dot + 1)..];
        if (kind is not ("svg" or "dxf")) return Problems.NotHere("Pictures are svg or dxf.");
        if (await OpenAsync(garden, id, cancel) is not { Ok: true, Value: var (name, board, plan) }) return Problems.NotHere("There is no such project, or it cannot be drawn.");
        if (Gallery.Picture(board, plan, file[..dot]) is not { } view) return Problems.NotHere("There is no such picture.");
        if (save == true || kind == "dxf") response.Headers.ContentDisposition = $"attachment; filename=\"{FileName(name)}-{file}\"";
        return kind == "svg" ? TypedResults.Content(SvgWriter.Write(view, Reader.Now), "image/svg+xml", Encoding.UTF8) : TypedResults.Content(DxfWriter.Write(view, Reader.Now), "application/dxf", Encoding.ASCII);
    }

    private static async Task<Results<ContentHttpResult, ProblemHttpResult>> Sheet(int id, int template, int sheet, GardenContext garden, CancellationToken cancel)
    {
        if (await OpenAsync(garden, id, cancel) is not { Ok: true, Value: var (name, _, plan) } || template < 0 || template >= plan.Templates.Count) return Problems.NotHere("There is no such template.");
        var on = Reader.Paper;
        var view = plan.Templates[template].View;
        var (across, up) = TrueSize.Sheets(view, on);
        if (sheet < 0 || sheet >= across * up) return Problems.NotHere("There is no such sheet.");
        return TypedResults.Content(TrueSize.Sheet(view, on, sheet, $"{name}: {Reader.Now.Tell(plan.Templates[template].Title)}", Reader.Now), "image/svg+xml", Encoding.UTF8);
    }

    internal sealed record Opened(string Name, Board Board, BuildPlan Plan);

    internal static async Task<Outcome<Opened>> OpenAsync(GardenContext garden, int id, CancellationToken cancel)
    {
        if (await garden.Projects.AsNoTracking().FirstOrDefaultAsync(p => p.Id == id, cancel) is not { } row) return new Problem("project", "There is no such project.");
        var read = await ProjectEndpoints.Reading.OfAsync(garden, row, cancel);
        return read is { Plan: { } plan, Drawn.Value: { } drawn } ? new Opened(row.Name, drawn.Board, plan) : Outcome<Opened>.Refuse(read.Drawn.Problems);
    }

    private static string FileName(string name) => new([.. name.Select(c => char.IsAsciiLetterOrDigit(c) ? char.ToLowerInvariant(c) : '-')]);
}
