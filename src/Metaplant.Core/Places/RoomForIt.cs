using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using NetTopologySuite.Geometries;
using Point = Metaplant.Core.Geometry.Point;

namespace Metaplant.Core.Places;

/// <summary>Whether there is room for it, to walk by and to reach into it, and whose light it takes.</summary>
internal static class RoomForIt
{
    /// <summary>Nearer than this to a wall or a neighbour it stands against it, m, and nobody means to walk there.</summary>
    private const double Against = Snapping.ToDrip + Placement.Slack;

    private const double Slack = Placement.Slack;

    public static IEnumerable<PlaceRemark> Of(GardenPlan plan, Spot spot, List<StandingPlanter> others, StandingPlanter planter, Handbook handbook)
    {
        var body = Figures.Area(planter.Corners);
        return Edge(spot, body).Concat(InTheWay(plan, others, body)).Concat(Gap(plan, others, body, handbook)).Concat(Reach(plan, others, planter, handbook)).Concat(Work(planter, handbook)).Concat(Shade(plan, others, planter, handbook));
    }

    private static IEnumerable<PlaceRemark> Edge(Spot spot, Polygon body)
    {
        var over = Figures.Area(spot.Corners) is { IsValid: true } ground ? body.Coordinates.Where(c => !ground.Covers(new NetTopologySuite.Geometries.Point(c))).Select(c => ground.Distance(new NetTopologySuite.Geometries.Point(c))).DefaultIfEmpty(0).Max() : 0;
        if (over > Slack) yield return new("edge", spot.Site is Site.Balcony or Site.Roof ? Verdict.Fails : Verdict.Tight, $"It stands {Amount.Length(over)} beyond the edge of {spot.Name}.");
    }

    private static IEnumerable<PlaceRemark> InTheWay(GardenPlan plan, List<StandingPlanter> others, Polygon body)
    {
        foreach (var other in others.Where(o => Overlap(body, Figures.Area(o.Corners)))) yield return new("overlap", Verdict.Fails, $"{other.Name} stands in the same place.");
        foreach (var feature in plan.Features)
        {
            Sentence? words = feature switch
            {
                Screen s when Figures.Line(s.Points).Distance(body) < s.Thickness / 2 - Slack => (Sentence)$"{s.Name} stands in the same place.",
                House b when Overlap(body, Figures.Area(b.Points)) => (Sentence)$"{b.Name} stands in the same place.",
                Path p when Figures.Line(p.Points).Distance(body) < p.Width / 2 - Slack => (Sentence)$"It stands {Amount.Length(p.Width / 2 - Figures.Line(p.Points).Distance(body))} into {p.Name}.",
                Steps s when Figures.Line(s.Points).Distance(body) < s.Width / 2 - Slack => (Sentence)$"It stands {Amount.Length(s.Width / 2 - Figures.Line(s.Points).Distance(body))} into {s.Name}.",
                Door d when Overlap(body, Figures.Area(d.Swept(plan.Site))) => (Sentence)$"{d.Name} swings {Amount.Length(d.Swing)} and would strike it.",
                _ => null,
            };
            if (words is not null) yield return new("overlap", Verdict.Fails, words);
        }
    }

    /// <summary>A gap that is neither closed nor wide enough to walk and wheel through.</summary>
    private static IEnumerable<PlaceRemark> Gap(GardenPlan plan, List<StandingPlanter> others, Polygon body, Handbook handbook)
    {
        var wants = handbook[People.Barrow];
        var (name, gap) = Beside(plan, others).Select(o => (o.Name, Gap: o.Shape.Distance(body) - o.Half)).Where(g => g.Gap > Against).OrderBy(g => g.Gap).FirstOrDefault();
        if (name is not null && gap < wants) yield return new("gap", Verdict.Tight, $"The way between it and {name} is {Amount.Length(gap)} wide; your barrow wants {Amount.Length(wants)}.");
    }

    private static IEnumerable<(string Name, NetTopologySuite.Geometries.Geometry Shape, double Half)> Beside(GardenPlan plan, List<StandingPlanter> others)
    {
        foreach (var o in others) yield return (o.Name, Figures.Area(o.Corners), 0);
        foreach (var f in plan.Features)
        {
            if (f is Screen s) yield return (s.Name, Figures.Line(s.Points), s.Thickness / 2);
            else if (f is House b) yield return (b.Name, Figures.Area(b.Points), 0);
        }
    }

    /// <summary>From its long sides, those that have room to stand at.</summary>
    private static IEnumerable<PlaceRemark> Reach(GardenPlan plan, List<StandingPlanter> others, StandingPlanter planter, Handbook handbook)
    {
        if (planter.Mass is null) yield break;
        var kneels = planter.Size.Soil <= handbook[People.KneelBelow];
        double arm = handbook[People.Arm], room = handbook[kneels ? People.RoomToKneel : People.RoomToStand];
        var (sin, cos) = Math.SinCos(planter.Turned * Math.PI / 180);
        var free = new[] { 1, -1 }.Count(side =>
        {
            var off = planter.Size.Width / 2 + room / 2;
            var standing = planter with { At = new(planter.At.X - sin * off * side, planter.At.Y + cos * off * side), Size = planter.Size with { Width = room - .02 } };
            var strip = Figures.Area(standing.Corners);
            return Beside(plan, others).All(o => o.Shape.Distance(strip) >= o.Half && !Overlap(strip, o.Shape));
        });
        var far = free == 2 ? planter.Size.Width / 2 : planter.Size.Width;
        if (free == 0) yield return new("reach", Verdict.Fails, $"There is no room to {(kneels ? "kneel" : "stand")} at either of its long sides.");
        else if (far > arm + Slack) yield return new("reach", Verdict.Tight, $"An arm reaches {Amount.Length(arm)}, and from {(free == 2 ? "both its sides" : "the one side that is free")} it is {Amount.Length(far)} to the farthest soil.");
    }

    /// <summary>Whether one kneels, stoops or stands at it.</summary>
    private static IEnumerable<PlaceRemark> Work(StandingPlanter planter, Handbook handbook)
    {
        if (planter is not { Mass: not null, Size.Soil: { } soil } || soil <= handbook[People.KneelBelow]) yield break;
        yield return soil < handbook[People.StandAbove]
            ? new("work", Verdict.Tight, $"Its soil lies {Amount.Length(soil)} high, too high to kneel at and too low to stand upright at: take a stool, or raise it to {Amount.Length(handbook[People.StandAbove])}.")
            : new("work", Verdict.Sound, $"Its soil lies {Amount.Length(soil)} high: one stands upright at it.");
    }

    /// <summary>What it takes of the sun of those that stand near it, at midsummer; what holds no soil is looked at as grown over.</summary>
    private static IEnumerable<PlaceRemark> Shade(GardenPlan plan, List<StandingPlanter> others, StandingPlanter planter, Handbook handbook)
    {
        // A rim higher than this is a trellis that stands on it.
        const double WorthAWord = .5, Shadow = 3, HighRim = .9;
        if (planter.Size.Height <= SunMap.Height) yield break;
        Feature grown = planter.Mass is null
            ? new Tree(0, planter.Name, [planter.At], planter.Size.Height, Math.Sqrt(planter.Size.Length * planter.Size.Width), 0, 1, 12)
            : new House(0, planter.Name, planter.Corners, planter.Size.Height);
        var (body, shaded) = (Figures.Area(planter.Corners), plan with { Features = [.. plan.Features, grown] });
        foreach (var other in others.Where(o => o.Mass is not null && Figures.Area(o.Corners).Distance(body) < Shadow * planter.Size.Height && !Overlap(body, Figures.Area(o.Corners))))
        {
            var points = SunMap.Points(other.Corners, .5);
            double Hours(GardenPlan under) => SunMap.Hours(under, points, SunMap.Days[SunMap.Midsummer(plan.Site)], handbook, Math.Clamp(other.Size.Height, SunMap.Height, HighRim)).Average(h => h.InAll);
            if (Hours(plan) - Hours(shaded) is var taken && taken >= WorthAWord) yield return new("shade", Verdict.Tight, $"At midsummer it takes {new Amount(taken, Unit.Hour)} of sun a day from {other.Name}{(planter.Mass is null ? ", once it is grown over" : "")}.");
        }
    }

    private static bool Overlap(NetTopologySuite.Geometries.Geometry a, NetTopologySuite.Geometries.Geometry b) => a.Intersects(b) && a.Intersection(b) is var both && (both.Area > Slack * Slack || (b is LineString && both.Length > Slack));
}
