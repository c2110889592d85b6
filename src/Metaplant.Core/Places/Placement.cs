using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;
using NetTopologySuite.Geometries;
using Point = Metaplant.Core.Geometry.Point;

namespace Metaplant.Core.Places;

/// <summary>A planter where it stands on the plan.</summary>
/// <param name="Project">Its project's id.</param>
/// <param name="At">The middle of its outline.</param>
/// <param name="Turned">Its length against the base line, degrees to the left.</param>
/// <param name="Mass">kg, wet through; null where it holds no soil.</param>
public sealed record StandingPlanter(int Project, string Name, int SpotId, Point At, double Turned, Footprint Size, double? Mass)
{
    /// <summary>What decides how much it drinks; null where it holds no soil, or where that was not kept.</summary>
    public Thirst? Drinks { get; init; }

    /// <summary>Its water where it stands; null where nobody knows.</summary>
    public Watering? Water(GardenPlan plan, Handbook handbook)
        => Drinks is { } drinks && plan.Find(SpotId) is { } spot ? Watering.Of(drinks, plan, plan.Report(spot, handbook), plan.ToNearest<Tap>(Figures.Area(Corners)), handbook) : null;

    /// <summary>Its four corners, to the left from the first.</summary>
    public IReadOnlyList<Point> Corners
    {
        get
        {
            var (sin, cos) = Math.SinCos(Turned * Math.PI / 180);
            double l = Size.Length / 2, w = Size.Width / 2;
            return [.. new Point[] { new(-l, -w), new(l, -w), new(l, w), new(-l, w) }.Select(p => new Point(At.X + p.X * cos - p.Y * sin, At.Y + p.X * sin + p.Y * cos))];
        }
    }
}

/// <summary>The room something takes, m.</summary>
/// <param name="Height">Above the ground, with all that stands on it.</param>
/// <param name="Floor">m² that its weight is spread over.</param>
/// <param name="OnFeet">True where packers can level it.</param>
/// <param name="Soil">How high the lowest of its soil's surfaces lies, above the ground; null where it has none, or where nobody knows any more.</param>
/// <param name="Deep">How far it goes into the ground; null where nobody knows any more.</param>
/// <param name="Open">True where its soil lies open on the ground; null where nobody knows any more.</param>
public sealed record Footprint(double Length, double Width, double Height, double Floor, bool OnFeet, double? Soil = null, double? Deep = null, bool? Open = null)
{
    /// <summary>How far something that is to be built goes into the ground, m; 0 where it stands on it.</summary>
    public static double DepthOf(Blueprint blueprint) => Depth(Solids(blueprint));


    public static Footprint Of(Matching.Fit fit)
    {
        var solids = Solids(fit.Blueprint);
        var (least, most) = Extent.Of(solids.SelectMany(s => (Point3[])[s.Extent.Least, s.Extent.Most]));
        List<double> soils = [.. solids.Where(s => s.Part == Parts.Soil).Select(s => s.Extent.Most.Z)];
        return new(most.X - least.X, most.Y - least.Y, most.Z, fit.Blueprint.Stance.FloorArea, fit.Blueprint.Stance is OnFeet, soils.Count > 0 ? soils.Min() : null, Depth(solids), fit.Blueprint.Foot is OpenGround);
    }

    /// <summary>A slope that is drawn under it is no part of it.</summary>
    private static List<Solid> Solids(Blueprint blueprint) => [.. blueprint.Scene().Solids.Where(s => s.Part != Parts.Ground)];

    private static double Depth(IEnumerable<Solid> solids) => Math.Max(0, -solids.Min(s => s.Extent.Least.Z));
}

/// <summary>What is to be said of a planter where it stands.</summary>
/// <param name="About">What it is about: "edge", "gap", "reach".</param>
public sealed record PlaceRemark(string About, Verdict Verdict, Sentence Words);

/// <summary>Checks what stands on the plan against the spot, the others and the people who walk there.</summary>
public static class Placement
{
    /// <summary>Nearer than this to a wall or a neighbour it stands against it, m, and nobody means to walk there.</summary>
    private const double Against = .12;

    private const double Slack = .005;

    /// <summary>All remarks on one of those that stand, the worst first.</summary>
    public static IReadOnlyList<PlaceRemark> Of(GardenPlan plan, StandingPlanter planter, IReadOnlyList<StandingPlanter> all, Handbook handbook)
    {
        if (plan.Find(planter.SpotId) is not { } spot) return [new("spot", Verdict.Fails, "The spot it stood at is no longer on the plan.")];
        var others = all.Where(s => s.Project != planter.Project).ToList();
        var body = Figures.Area(planter.Corners);
        return [.. Edge(spot, body).Concat(InTheWay(plan, others, body)).Concat(Gap(plan, others, body, handbook)).Concat(Reach(plan, others, planter, handbook)).Concat(Shade(plan, others, planter, handbook)).Concat(Above(spot, planter)).Concat(Below(plan, spot, planter, body)).Concat(OfGround(spot, planter, handbook)).Concat(Drinks(plan, planter, handbook)).Concat(Load(spot, planter)).Concat(ComingIn(spot, planter, handbook)).OrderByDescending(r => r.Verdict)];
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
                Door d when Figures.Dot(d.Points[0]).Distance(body) < d.Swing - Slack => (Sentence)$"{d.Name} swings {Amount.Length(d.Swing)} and would strike it.",
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
        const double RoomToStand = .45;
        var arm = handbook[People.Arm];
        var (sin, cos) = Math.SinCos(planter.Turned * Math.PI / 180);
        var free = new[] { 1, -1 }.Count(side =>
        {
            var off = planter.Size.Width / 2 + RoomToStand / 2;
            var standing = planter with { At = new(planter.At.X - sin * off * side, planter.At.Y + cos * off * side), Size = planter.Size with { Width = RoomToStand - .02 } };
            var strip = Figures.Area(standing.Corners);
            return Beside(plan, others).All(o => o.Shape.Distance(strip) >= o.Half && !Overlap(strip, o.Shape));
        });
        var far = free == 2 ? planter.Size.Width / 2 : planter.Size.Width;
        if (free == 0) yield return new("reach", Verdict.Fails, "There is no room to stand at either of its long sides.");
        else if (far > arm + Slack) yield return new("reach", Verdict.Tight, $"An arm reaches {Amount.Length(arm)}, and from {(free == 2 ? "both its sides" : "the one side that is free")} it is {Amount.Length(far)} to the farthest soil.");
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
            double Hours(GardenPlan under) => SunMap.Hours(under, points, SunMap.Midsummer(plan.Site), handbook, Math.Clamp(other.Size.Height, SunMap.Height, HighRim)).Average(h => h.InAll);
            if (Hours(plan) - Hours(shaded) is var taken && taken >= WorthAWord) yield return new("shade", Verdict.Tight, $"At midsummer it takes {new Amount(taken, Unit.Hour)} of sun a day from {other.Name}{(planter.Mass is null ? ", once it is grown over" : "")}.");
        }
    }

    private static IEnumerable<PlaceRemark> Above(Spot spot, StandingPlanter planter)
    {
        if (spot.Ceiling is { } ceiling && planter.Size.Height > ceiling) yield return new("ceiling", Verdict.Fails, $"It is {Amount.Length(planter.Size.Height)} high, and there are {Amount.Length(ceiling)} free at {spot.Name}.");
    }

    private static IEnumerable<PlaceRemark> Below(GardenPlan plan, Spot spot, StandingPlanter planter, Polygon body)
    {
        if (planter.Size.OnFeet && spot is { Slope: > 0, FallsTo: { } down }) yield return new("level", Verdict.Sound, Packers(plan, planter, spot.Slope, down));
        foreach (var buried in plan.Features.OfType<Buried>().Where(b => Figures.Line(b.Points).Distance(body) < .5)) yield return new("buried", Verdict.Tight, $"{buried.Name} runs under or beside it: drive nothing into the ground here.");
        // Roots go well beyond the crown, and come up into what stands open on the ground.
        foreach (var tree in plan.Features.OfType<Tree>().Where(t => spot.Site == Site.Soil && Figures.Dot(t.Points[0]).Distance(body) < t.Crown / 2 * 1.5)) yield return new("roots", Verdict.Tight, $"Roots of {tree.Name} reach here: raise it, or lay a barrier under it.");
    }

    private static IEnumerable<PlaceRemark> Drinks(GardenPlan plan, StandingPlanter planter, Handbook handbook)
    {
        if (planter.Water(plan, handbook) is { } water) yield return new("water", water.Days < 1 ? Verdict.Tight : Verdict.Sound, water.Way is { } way ? (Sentence)$"{water.Words} {way}" : water.Words);
    }

    /// <summary>What the tests of the ground say to it.</summary>
    private static IEnumerable<PlaceRemark> OfGround(Spot spot, StandingPlanter planter, Handbook handbook)
    {
        if (spot.Ground is not { } ground) yield break;
        if (ground.Rod is { Struck: true, Depth: var hard } && !(planter.Size.Deep <= hard))
            yield return planter.Size.Deep is { } known
                ? new("hard", Verdict.Fails, $"It goes {Amount.Length(known)} into the ground, and a rod stopped at {Amount.Length(hard)} here.")
                : new("hard", Verdict.Tight, $"A rod stopped at {Amount.Length(hard)} here, and how deep this goes was not kept: keep it once more to know.");
        if (!ground.Agrees && planter.Size.Deep is not 0) yield return new("ground", Verdict.Tight, $"What the ground of {spot.Name} is was told and tested, and the two are at odds: posts and pegs are held as in ground that nobody knows.");
        // A foot that was not kept is taken as open unless it stands on feet.
        if (planter.Mass is null || planter.Size.OnFeet || planter.Size.Open == false) yield break;
        if (ground.StaysWet(handbook)) yield return new("wet", Verdict.Tight, $"Water in a hole here falls {new Amount(ground.Soaks!.Value, Unit.MetrePerSecond)}: its foot stands wet after rain.");
        if (ground.Weeds == WeedKind.Perennial) yield return new("weeds", Verdict.Tight, $"Weeds with living roots come up through it at {spot.Name}: clear them before you build, card alone does not hold them.");
        else if (ground.Weeds == WeedKind.Annual) yield return new("weeds", Verdict.Sound, "Card under it ends the weeds that grow here.");
    }

    /// <summary>What goes under each foot to make it level, from the first corner round to the left.</summary>
    private static Sentence Packers(GardenPlan plan, StandingPlanter planter, double slope, double down)
    {
        var to = plan.Site.Toward(down);
        var drops = planter.Corners.Select(c => (c.X * to.X + c.Y * to.Y) * slope).ToList();
        return $"To stand level its feet want {Sentence.Join(", ", drops.Select(d => (Sentence)$"{Amount.Length(d - drops.Min())}"))} under them, from the corner nearest the start of its length round to the left.";
    }

    private static IEnumerable<PlaceRemark> Load(Spot spot, StandingPlanter planter)
    {
        if (spot.Site is not (Site.Deck or Site.Balcony or Site.Roof) || planter is not { Mass: { } mass, Size.Floor: > 0 }) yield break;
        var load = mass * Medium.Gravity / planter.Size.Floor;
        yield return new("load", Verdict.AskAProfessional, spot.LoadLimit is { } limit
            ? $"It brings {Amount.Pressure(load)} on {spot.Name}; {(spot.LoadSaidBy.Length > 0 ? spot.LoadSaidBy : "somebody")} said {Amount.Pressure(limit)}, with everything on it. Ask who knows this floor."
            : (Sentence)$"It brings {Amount.Pressure(load)} on {spot.Name}, and nobody has said what that carries. Ask who knows this floor.");
    }

    private static IEnumerable<PlaceRemark> ComingIn(Spot spot, StandingPlanter planter, Handbook handbook)
        => spot.ComesIn.Select(Visitors.Find).OfType<Visitor>().Select(v => new PlaceRemark("visitors", planter.Size.Soil is { } soil && v.Stopped(soil, handbook) ? Verdict.Sound : Verdict.Tight, v.Against(planter.Size.Soil, handbook)));

    private static bool Overlap(NetTopologySuite.Geometries.Geometry a, NetTopologySuite.Geometries.Geometry b) => a.Intersects(b) && a.Intersection(b) is var both && (both.Area > Slack * Slack || (b is LineString && both.Length > Slack));
}
