using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>Something on the plan, placed.</summary>
/// <param name="Feature">Null for a spot.</param>
/// <param name="Spot">Null for anything else.</param>
/// <param name="Out">How far the check of each point was out, m; null where there was none.</param>
public sealed record Surveyed(Feature? Feature, Spot? Spot, IReadOnlyList<double?> Out)
{
    public IReadOnlyList<Point> Points => Feature?.Points ?? Spot!.Corners;
}

/// <summary>From what was typed to what stands on the plan.</summary>
public static class Survey
{
    public const int LongestName = 60;

    /// <summary>Most tests of the ground of one spot.</summary>
    public const int MostTests = 40;

    private const double Tallest = 60;

    /// <summary>Places a draft, or says at which field it cannot be: "marks.1.b", "height".</summary>
    public static Outcome<Surveyed> Of(PlaceDraft draft, int id, double baseLine)
    {
        var problems = new List<Problem>();
        var name = draft.Name.Trim();
        if (name.Length is 0 or > LongestName) problems.Add(new("name", name.Length == 0 ? "Give it a name." : $"A name can have at most {LongestName} letters."));
        if (!Enum.IsDefined(draft.Sort)) problems.Add(new("sort", "There is no such thing on a plan."));
        var (points, astray) = Points(draft, baseLine, problems);
        if (problems.Count > 0) return Outcome<Surveyed>.Refuse(problems);
        if (draft.Sort == PlaceSort.Spot) return OfSpot(draft, id, name, points, problems) is { } spot ? new Surveyed(null, spot, astray) : Outcome<Surveyed>.Refuse(problems);
        return OfFeature(draft, id, name, points, problems) is { } feature && problems.Count == 0 ? new Surveyed(feature, null, astray) : Outcome<Surveyed>.Refuse(problems);
    }

    private static (IReadOnlyList<Point> Points, IReadOnlyList<double?> Out) Points(PlaceDraft draft, double baseLine, List<Problem> problems)
    {
        var points = new List<Point>();
        var astray = new List<double?>();
        foreach (var (i, typed) in draft.Marks.Take(Feature.MostPoints + 1).Index())
        {
            var placed = MarkOf(typed).Then(m => m.On(baseLine, points.Count > 0 ? points[^1] : null));
            problems.AddRange(placed.Problems.Select(p => p with { Field = $"marks.{i}.{p.Field}" }));
            if (!placed.Ok) continue;
            points.Add(placed.Value.At);
            astray.Add(placed.Value.Out);
        }

        var (least, most) = HowMany(draft);
        if (problems.Count > 0) return (points, astray);
        if (points.Count < least) problems.Add(new("marks", least == 1 ? "Measure where it stands." : $"It takes {least} points at least."));
        else if (points.Count > most) problems.Add(new("marks", most == 1 ? "One point is enough." : $"At most {most} points."));
        else if (points.Zip(points.Skip(1)).Any(p => p.First.DistanceTo(p.Second) < .01)) problems.Add(new("marks", "Two of its points are in the same place."));
        else if (draft.Depth is { } depth && points.Count == 2) Rectangle(draft, depth, points, astray, problems);
        if (problems.Count == 0 && GoesRound(draft.Sort) && !Figures.Area(points).IsSimple) problems.Add(new("marks", "Its sides cross: measure the corners in order, all round."));
        return (points, astray);
    }

    private static bool GoesRound(PlaceSort sort) => sort is PlaceSort.Spot or PlaceSort.Building;

    private static (int Least, int Most) HowMany(PlaceDraft draft) => draft.Sort switch
    {
        PlaceSort.Tree or PlaceSort.Tap or PlaceSort.Door or PlaceSort.Plants or PlaceSort.Pile or PlaceSort.Power => (1, 1),
        PlaceSort.Spot or PlaceSort.Building => (draft.Depth is null ? 3 : 2, draft.Depth is null ? Feature.MostPoints : 2),
        _ => (2, Feature.MostPoints),
    };

    internal static Outcome<Mark> MarkOf(MarkDraft m)
    {
        if (m is { Along: { } along, Off: { } off, A: null, B: null }) return new OffsetMark(along, off);
        if (m is { A: { } a, B: { } b, Along: null, Off: null }) return new TapeMark(a, b, m.Right ?? false, m.Back);
        if (m is { Along: not null } or { Off: not null }) return new Problem(m.Along is null ? "along" : "off", "An offset has two measures: along the base line, and square off it.");
        return new Problem(m.A is null ? "a" : "b", "It takes a tape from each end of the base line.");
    }

    /// <summary>Two corners and a depth; with both diagonals the far corners are found by tapes from the near ones, and the far side checks them.</summary>
    private static void Rectangle(PlaceDraft draft, double depth, List<Point> points, List<double?> astray, List<Problem> problems)
    {
        var (a, b) = (points[0], points[1]);
        var length = a.DistanceTo(b);
        if (!double.IsFinite(depth) || Math.Abs(depth) is < .01 or > Mark.Farthest) problems.Add(new("depth", $"From {Amount.Length(.01)} to {Amount.Length(Mark.Farthest)}, below nothing to the right."));
        if (problems.Count > 0) return;
        Point along = new((b.X - a.X) / length, (b.Y - a.Y) / length), left = new(-along.Y, along.X);
        var side = Math.Sign(depth);
        double third = length, thirdOff = Math.Abs(depth), fourth = 0, fourthOff = thirdOff;
        double? far = null;
        if (draft.DiagonalA is { } dA && draft.DiagonalB is { } dB)
        {
            var c = Tapes.Point(length, dA, Math.Abs(depth));
            var d = Tapes.Point(length, Math.Abs(depth), dB);
            if (!c.Ok) problems.Add(new("diagonalA", $"With sides of {Amount.Length(length)} and {Amount.Length(Math.Abs(depth))} no diagonal is {Amount.Length(dA)}."));
            if (!d.Ok) problems.Add(new("diagonalB", $"With sides of {Amount.Length(length)} and {Amount.Length(Math.Abs(depth))} no diagonal is {Amount.Length(dB)}."));
            if (problems.Count > 0) return;
            (third, thirdOff, fourth, fourthOff) = (c.Value!.Along, c.Value.Off, d.Value!.Along, d.Value.Off);
            far = new Point(third, thirdOff).DistanceTo(new(fourth, fourthOff)) - length;
            if (Math.Abs(far.Value) > Tapes.Slack + .01 * length)
            {
                problems.Add(new("diagonalB", $"With these diagonals its far side comes out {Amount.Length(Math.Abs(far.Value))} {(far > 0 ? "longer" : "shorter")} than its near one. One of the measures is wrong, or it is no rectangle: measure its corners one by one."));
                return;
            }
        }
        else if (draft.DiagonalA is not null || draft.DiagonalB is not null)
        {
            problems.Add(new(draft.DiagonalA is null ? "diagonalA" : "diagonalB", "Both diagonals, or none: one alone proves nothing."));
            return;
        }

        points.Add(On(third, thirdOff));
        points.Add(On(fourth, fourthOff));
        astray.Add(far);
        astray.Add(far);

        Point On(double x, double y) => new(a.X + along.X * x + left.X * y * side, a.Y + along.Y * x + left.Y * y * side);
    }

    private static Spot? OfSpot(PlaceDraft d, int id, string name, IReadOnlyList<Point> points, List<Problem> problems)
    {
        if (d.Site is { } site && !Enum.IsDefined(site)) problems.Add(new("site", "There is no such ground to stand on."));
        if (d.Ground is { } ground && Grounds.Names.All(g => g.Id != ground)) problems.Add(new("ground", "There is no such ground."));
        Within(d.LoadLimit, "loadLimit", 100, 50e3, Unit.Pascal, problems);
        Within(d.Slope, "slope", 0, Spot.Steepest, Unit.One, problems);
        Within(d.FallsTo, "fallsTo", 0, 360, Unit.Degree, problems);
        Within(d.Ceiling, "ceiling", .2, Tallest, Unit.Metre, problems);
        if ((d.LoadSaidBy ?? "").Length > LongestName) problems.Add(new("loadSaidBy", $"At most {LongestName} letters."));
        if ((d.Owner ?? "").Length > LongestName) problems.Add(new("owner", $"At most {LongestName} letters."));
        if ((d.SeenFrom ?? "").Length > LongestName) problems.Add(new("seenFrom", $"At most {LongestName} letters."));
        Within(d.Up, "up", .05, Tallest, Unit.Metre, problems);
        var free = Free(d, problems);
        if (d.Slope > 0 && d.FallsTo is null) problems.Add(new("fallsTo", "Say where it falls to, so that the packers go under the right feet."));
        foreach (var unknown in (d.ComesIn ?? []).Where(v => Visitors.Find(v) is null)) problems.Add(new("comesIn", $"Nobody is called “{unknown}”."));
        // On paving nobody sees them, and what was begun of one is in nobody's way.
        var tests = (d.Site ?? Site.Soil) == Site.Soil ? Tests(d, problems) : [];
        return problems.Count > 0 ? null : new(id, name, points, d.Site ?? Site.Soil, d.Ground, d.LoadLimit, d.LoadSaidBy ?? "", d.Hollow ?? false, d.Slope ?? 0, d.FallsTo, [.. (d.ComesIn ?? []).Distinct()], d.Ceiling) { Tests = tests, Owner = (d.Owner ?? "").Trim(), Allowed = d.Allowed ?? false, SeenFrom = (d.SeenFrom ?? "").Trim(), Free = free, Up = d.Site is Site.Deck or Site.Balcony or Site.Roof ? d.Up : null };
    }

    private static FreeTime? Free(PlaceDraft draft, List<Problem> problems)
    {
        foreach (var (day, field) in ((int?, string)[])[(draft.FreeFrom, "freeFrom"), (draft.FreeTo, "freeTo")]) if (day is { } d and not (>= 1 and <= 365)) problems.Add(new(field, "There is no such day."));
        if (draft.FreeFrom is null != draft.FreeTo is null) problems.Add(new(draft.FreeFrom is null ? "freeFrom" : "freeTo", "A spot that is not free all year has a first day and a last."));
        return draft is { FreeFrom: { } from, FreeTo: { } to } ? new(from, to) : null;
    }

    private static IReadOnlyList<GroundTest> Tests(PlaceDraft draft, List<Problem> problems)
    {
        if (draft.Tests is { Count: > MostTests }) problems.Add(new("tests", $"At most {MostTests} tests are kept of a spot: let the oldest go."));
        var found = (draft.Tests ?? []).Take(MostTests).Select(t => t.Read()).ToList();
        foreach (var (i, test) in found.Index()) problems.AddRange(test.Problems.Select(p => p with { Field = $"tests.{i}.{p.Field}" }));
        return [.. found.Select(t => t.Value).OfType<GroundTest>()];
    }

    private static Feature? OfFeature(PlaceDraft d, int id, string name, IReadOnlyList<Point> points, List<Problem> problems)
    {
        switch (d.Sort)
        {
            case PlaceSort.Wall or PlaceSort.Fence or PlaceSort.Hedge:
                var kind = d.Sort switch { PlaceSort.Wall => ScreenKind.Wall, PlaceSort.Fence => ScreenKind.Fence, _ => ScreenKind.Hedge };
                var porosity = kind == ScreenKind.Wall ? 0 : d.Porosity ?? (kind == ScreenKind.Hedge ? .3 : .2);
                Within(porosity, "porosity", 0, .95, Unit.One, problems);
                return new Screen(id, name, points, kind, Needed(d.Height, "height", .1, Tallest, problems), Maybe(d.Thickness, "thickness", kind == ScreenKind.Hedge ? .6 : .1, .005, 5, problems), porosity);
            case PlaceSort.Building:
                return new House(id, name, points, Needed(d.Height, "height", .3, Tallest, problems));
            case PlaceSort.Tree:
                var (height, from) = (Needed(d.Height, "height", .5, Tallest, problems), Maybe(d.CrownFrom, "crownFrom", Math.Min(2, (d.Height ?? 4) / 3), 0, Tallest, problems));
                if (d.Height is not null && from >= height) problems.Add(new("crownFrom", "The crown begins below the top of the tree."));
                var (leaf, bare) = Months(d, problems);
                return new Tree(id, name, points, height, Needed(d.Crown, "crown", .2, 40, problems), from, leaf, bare);
            case PlaceSort.Plants:
                var (up, gone) = Months(d, problems);
                return new Clump(id, name, points, Needed(d.Crown, "crown", .05, 10, problems), up, gone);
            case PlaceSort.Path:
                return new Path(id, name, points, Needed(d.Width, "width", .2, 10, problems));
            case PlaceSort.Tap:
                Within(d.Flow, "flow", 1e-6, 5e-3, Unit.CubicMetrePerSecond, problems);
                return new Tap(id, name, points, d.Flow);
            case PlaceSort.Door:
                return OfDoor(d, id, name, points, problems);
            case PlaceSort.Steps:
                return new Steps(id, name, points, Needed(d.Width, "width", .2, 10, problems), Needed(d.Rise, "rise", .05, 20, problems));
            case PlaceSort.Power:
                return new Power(id, name, points);
            case PlaceSort.Pile:
                return new Pile(id, name, points);
            case PlaceSort.Buried:
                return new Buried(id, name, points);
            default:
                return null;
        }
    }

    /// <summary>From when to when it is in leaf, or to be seen; all year where nobody says.</summary>
    private static (int From, int To) Months(PlaceDraft d, List<Problem> problems)
    {
        foreach (var (month, field) in (ReadOnlySpan<(int?, string)>)[(d.LeafFrom, "leafFrom"), (d.LeafTo, "leafTo")])
        {
            if (month is < 1 or > 12) problems.Add(new(field, "A month is from 1 to 12."));
        }

        return (d.LeafFrom ?? 1, d.LeafTo ?? 12);
    }

    private static Door OfDoor(PlaceDraft d, int id, string name, IReadOnlyList<Point> points, List<Problem> problems)
    {
        Within(d.Shut, "shut", 0, 360, Unit.Degree, problems);
        if (d.Shut is null != d.OpensLeft is null) problems.Add(new(d.Shut is null ? "shut" : "opensLeft", "Where the shut leaf points, and to which side it opens: both, or neither."));
        return new(id, name, points, Needed(d.Swing, "swing", .3, 6, problems)) { Shut = d.Shut, OpensLeft = d.OpensLeft, ToKitchen = d.Kitchen ?? false };
    }

    private static double Needed(double? value, string field, double least, double most, List<Problem> problems)
    {
        if (value is null) problems.Add(new(field, "This has to be measured."));
        else Within(value, field, least, most, Unit.Metre, problems);
        return value ?? least;
    }

    private static double Maybe(double? value, string field, double usual, double least, double most, List<Problem> problems)
    {
        Within(value, field, least, most, Unit.Metre, problems);
        return value ?? usual;
    }

    private static void Within(double? value, string field, double least, double most, Unit unit, List<Problem> problems)
    {
        if (value is { } v && !(v >= least && v <= most)) problems.Add(new(field, $"From {new Amount(least, unit)} to {new Amount(most, unit)}."));
    }
}
