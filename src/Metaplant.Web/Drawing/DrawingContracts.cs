using System.Text.Json.Serialization;
using Metaplant.Core.Drawing;
using Metaplant.Core.Sums;

namespace Metaplant.Web.Drawing;

/// <summary>What a shape is, and so which of its fields are filled.</summary>
public enum ShapeKind
{
    Polygon,
    Polyline,
    Disc,
    Note,
}

/// <summary>A shape in metres. <paramref name="Points"/> is x, y, x, y…; a disc has one point and a radius, a note one point and words. There are hundreds, so that what a shape has not is not sent.</summary>
public sealed record ShapeDto(
    ShapeKind Kind, Ink Ink, double[] Points, [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Part = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] double? Radius = null, [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Sentence? Words = null)
{
    public static ShapeDto Of(Shape shape) => shape switch
    {
        Polygon p => new(ShapeKind.Polygon, p.Ink, Flat(p.Points), p.Part),
        Polyline p => new(ShapeKind.Polyline, p.Ink, Flat(p.Points), p.Part),
        Disc d => new(ShapeKind.Disc, d.Ink, Flat([d.Centre]), d.Part, Round(d.Radius)),
        Note n => new(ShapeKind.Note, n.Ink, Flat([n.At]), n.Part, Words: n.Words),
        _ => throw new InvalidOperationException($"Unknown shape {shape}."),
    };

    private static double[] Flat(IReadOnlyList<Core.Geometry.Point> points)
    {
        var flat = new double[2 * points.Count];
        for (var i = 0; i < points.Count; i++) (flat[2 * i], flat[2 * i + 1]) = (Round(points[i].X), Round(points[i].Y));
        return flat;
    }

    /// <summary>A hundredth of a millimetre is finer than any screen.</summary>
    private static double Round(double metres) => Math.Round(metres, 5);
}

public sealed record DimensionDto(double[] From, double[] To, double Offset, double Value, string? Field);

public sealed record ViewDto(string Id, Sentence Title, IReadOnlyList<ShapeDto> Shapes, IReadOnlyList<DimensionDto> Dimensions)
{
    public static ViewDto Of(View view) => new(
        view.Id, view.Title, [.. view.Shapes.Select(ShapeDto.Of)],
        [.. view.Dimensions.Select(d => new DimensionDto([d.From.X, d.From.Y], [d.To.X, d.To.Y], d.Offset, d.Value, d.Field))]);
}

public sealed record TermDto(string Symbol, string Meaning, double Value, Unit Unit, string? ConstantId);

/// <summary>The question of the shelf that a sum answers, with the inputs as they stood.</summary>
public sealed record QuestionDto(string Calculator, IReadOnlyDictionary<string, double> Numbers, IReadOnlyDictionary<string, string> Words);

public sealed record SumDto(string Title, string Formula, IReadOnlyList<TermDto> Terms, double Value, Unit Unit, string Source, IReadOnlyList<Sentence> Assumptions, QuestionDto? Question)
{
    public static SumDto Of(Sum sum) => new(sum.Title, sum.Formula, [.. sum.Terms.Select(t => new TermDto(t.Symbol, t.Meaning, t.Value, t.Unit, t.ConstantId))], sum.Value, sum.Unit, sum.Source, sum.Assumptions,
        sum.Question is { } q ? new(q.Calculator, q.Numbers.ToDictionary(n => n.Path, n => n.Value), q.Words.ToDictionary(w => w.Name, w => w.Word)) : null);
}

public sealed record RemedyDto(string Words, double Value, Unit Unit, string? Input);

public sealed record CheckDto(
    string Id, string Name, LoadCase Case, double Demand, double Capacity, Unit Unit, double? Utilisation, Verdict Verdict, Sentence Words, string? Part,
    IReadOnlyList<SumDto> Sums, IReadOnlyList<RemedyDto> Remedies, IReadOnlyList<Sentence> Test, bool EnoughOrNot)
{
    public static CheckDto Of(Check c) => new(
        c.Id, c.Name, c.Case, c.Demand, c.Capacity, c.Unit, c.Utilisation, c.Verdict, c.Words, c.Part, [.. c.Sums.Select(SumDto.Of)], [.. c.Remedies.Select(r => new RemedyDto(r.Words, r.Value, r.Unit, r.Input))], c.Test, c.EnoughOrNot);
}
