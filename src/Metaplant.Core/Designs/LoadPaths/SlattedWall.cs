using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The lowest slat of a wall, bending between its bearers or posts under the pressure at its lower edge. Lengths in m.</summary>
/// <param name="Depth">Soil above its lower edge.</param>
public sealed record SlattedWall(string Part, string Name, BoardSection Slat, double Span, int Spans, string Grade, Condition Condition, double Depth) : LoadPath
{
    /// <summary>Id of its check where a wall has several.</summary>
    public string Id { get; init; } = "slats";

    /// <summary>A wall of courses, each by itself with its weakest board and the soil above its lower edge; what stands above the soil is left out.</summary>
    public static IEnumerable<SlattedWall> OfCourses(IReadOnlyList<Casting.Course> courses, Func<int, string> part, Func<int, string> name, double soil, double span, int spans)
    {
        var from = 0.0;
        foreach (var (course, i) in courses.Select((c, i) => (c, i)))
        {
            var weakest = course.Pieces.MaxBy(p => p.Condition)!;
            if (soil - from > .01) yield return new(part(i), name(i), new(course.Height, course.Thickness), span, spans, weakest.Grade, weakest.Condition, soil - from) { Id = part(i) };
            from += course.Height;
        }
    }

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Thickness));

    /// <summary>The slat in one load case, for walls that add its stress to their own.</summary>
    public BoardBending Bending(Brief brief, LoadCase loadCase)
    {
        var soil = brief.Soil;
        var pressure = EarthPressure.At(Depth, WallKind.Braced, soil, loadCase);
        var onTop = EarthPressure.AtRest(soil.FrictionAngleDegrees) * soil.Surcharge;
        return new(Slat, Span, Spans, Timbers.Get(brief.Handbook, Grade), Condition, (pressure - onTop) * Slat.Height, onTop * Slat.Height, loadCase, brief.Factors);
    }

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var bending = Bending(brief, loadCase);
        return BoardChecks.Of(
            Terms.Id(Id, loadCase), Name, Part, bending, EarthPressure.Worked(Depth, WallKind.Braced, brief.Soil, loadCase),
            new Remedy("Supports no farther apart than", bending.GreatestSpan, Unit.Metre),
            new Remedy("Boards at least this thick", bending.LeastThickness, Unit.Metre));
    }
}
