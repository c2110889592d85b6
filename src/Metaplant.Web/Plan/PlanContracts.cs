using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Matching;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Web.Drawing;

namespace Metaplant.Web.Plan;

/// <summary>What cannot be of something on the plan, and at which of its fields.</summary>
public sealed record PlaceProblemDto(string Field, Sentence Words);

/// <summary>Something on the plan: as it was typed, and where that puts it.</summary>
/// <param name="Points">x, y, x, y… in m; none where it can no longer be placed.</param>
/// <param name="Out">How far the check of each point was out, m.</param>
/// <param name="Problems">Why it can no longer be placed.</param>
/// <param name="Swept">Of a door: the outline of what its leaf sweeps, like its points; none of anything else.</param>
public sealed record PlaceDto(int Id, int Version, PlaceDraft Drawn, double[] Points, IReadOnlyList<double?> Out, IReadOnlyList<PlaceProblemDto> Problems, double[] Swept)
{
    public static PlaceDto Of(KeptPlace place, PlanSite site) => new(
        place.Row.Id, place.Row.Version, place.Draft, Flat(place.Placed.Value?.Points ?? []), place.Placed.Value?.Out ?? [], [.. place.Placed.Problems.Select(p => new PlaceProblemDto(p.Field, p.Sentence))],
        place.Placed.Value?.Feature is Core.Places.Door door ? Flat(door.Swept(site)) : []);

    internal static double[] Flat(IReadOnlyList<Point> points) => [.. points.SelectMany(p => (double[])[Math.Round(p.X, 4), Math.Round(p.Y, 4)])];
}

/// <summary>An edge near a planter, m to it, and a step of 1 m towards it.</summary>
public sealed record EdgeNearDto(Sentence Name, double Away, double[] Toward);

/// <summary>A planter where it stands.</summary>
/// <param name="Water">What it drinks in a dry week of midsummer, worked, after what that follows from; empty where nobody knows.</param>
/// <param name="Edges">Edges near it to measure from, at most four: one in each direction.</param>
public sealed record StandingDto(int Project, string Name, int Spot, double X, double Y, double Turned, double[] Corners, double Length, double Width, double Height, IReadOnlyList<PlaceRemark> Remarks, IReadOnlyList<SumDto> Water, IReadOnlyList<EdgeNearDto> Edges)
{
    public static StandingDto Of(StandingPlanter s, IReadOnlyList<StandingPlanter> all, GardenPlan plan, Core.Materials.Handbook handbook)
        => new(s.Project, s.Name, s.SpotId, s.At.X, s.At.Y, s.Turned, PlaceDto.Flat(s.Corners), s.Size.Length, s.Size.Width, s.Size.Height, Placement.Of(plan, s, all, handbook), s.Water(plan, handbook) is { } water ? [.. water.Steps.Append(water.Week).Select(SumDto.Of)] : [], [.. EdgeNear.Of(plan, s).Select(e => new EdgeNearDto(e.Name, e.Away, [e.Toward.X, e.Toward.Y]))]);
}

/// <summary>The plan of the garden.</summary>
/// <param name="Said">False while nobody has said where the garden lies: what stands there then is only to begin with.</param>
/// <param name="North">A step of 1 m towards north on the plan.</param>
/// <param name="Extent">Least x and y, greatest x and y, m.</param>
public sealed record GardenPlanDto(PlanSite Site, bool Said, double[] North, double[] Extent, IReadOnlyList<PlaceDto> Places, IReadOnlyList<StandingDto> Standing);

public sealed record SunHoursDto(double Morning, double Afternoon, double InAll)
{
    public static SunHoursDto Of(SunHours h) => new(Math.Round(h.Morning, 2), Math.Round(h.Afternoon, 2), Math.Round(h.InAll, 2));
}

/// <summary>The shadow of one thing; its outline x, y, x, y… in m.</summary>
public sealed record ShadowDto(int Of, double[] Outline, double Passing);

/// <summary>The plan at one time of the day, by the sun.</summary>
public sealed record MomentDto(double Hour, double Elevation, double Azimuth, IReadOnlyList<ShadowDto> Shadows);

/// <summary>Where there are at least so many hours of sun, as areas with their holes.</summary>
public sealed record SunLevelDto(double Hours, IReadOnlyList<IReadOnlyList<double[]>> Areas);

/// <summary>A day on the plan.</summary>
public sealed record PlanDayDto(int Day, IReadOnlyList<MomentDto> Moments, IReadOnlyList<SunLevelDto> Levels);

public sealed record SpotCropDto(string Id, string Name, Sentence? WhyNot, Sentence? Doubt);

/// <summary>What a test of the ground comes to.</summary>
public sealed record GroundFindingDto(DateOnly Day, Verdict Verdict, Sentence Words)
{
    public static IReadOnlyList<GroundFindingDto> Of(TestedGround? ground, Core.Materials.Handbook handbook) => [.. ground?.Findings(handbook).Select(f => new GroundFindingDto(f.Test.Day, f.Verdict, f.Words)) ?? []];
}

/// <summary>What follows for a spot.</summary>
/// <param name="Beyond">True where its gust is worse than that of any exposure.</param>
/// <param name="Up">How high above the ground its wind was taken, m.</param>
/// <param name="UpAssumed">True where nobody measured that.</param>
/// <param name="Between">Names of the two between which its wind is squeezed; none where it is not.</param>
/// <param name="Crops">How many of the crops have sun enough.</param>
/// <param name="Corners">Of each corner, m from the first end of the base line and from the second: to peg it out by.</param>
public sealed record SpotReportDto(
    int Spot, string Name, Site Site, string? Ground, double Area, SunHoursDto Summer, IReadOnlyList<SunHoursDto> Months, double Least, double Most, double OpenSky, bool Hot, double Gust, double GustFrom, Exposure Exposure, bool Beyond, double Up, bool UpAssumed,
    IReadOnlyList<string> ShelteredBy, IReadOnlyList<string> Between, double FrostDegrees, int? LastFrost, int? FirstFrost, IReadOnlyList<Sentence> FrostWhy, double? ToTap, double? ToKitchen, IReadOnlyList<Sentence> ComesIn, IReadOnlyList<SpotCropDto> Crops, IReadOnlyList<double[]> Corners, IReadOnlyList<GroundFindingDto> Tested)
{
    public static SpotReportDto Of(SpotReport r, GardenPlan plan, Core.Materials.Handbook handbook) => new(
        r.Spot.Id, r.Spot.Name, r.Spot.Site, r.Spot.GroundId, r.Spot.Area, SunHoursDto.Of(r.Here.Sun), [.. r.Months.Select(SunHoursDto.Of)], r.Least, r.Most, r.OpenSky, r.Here.Hot, r.Wind.Speed, r.Wind.From, r.Wind.Exposure, r.Wind.Beyond, r.Wind.Up, r.Wind.UpAssumed, r.Wind.ShelteredBy, r.Wind.Between,
        r.Frost.Degrees, plan.Site.LastFrost + r.Frost.Days, plan.Site.FirstFrost - r.Frost.Days, r.Frost.Why, r.ToTap, r.ToKitchen, [.. r.Spot.ComesIn.Select(Visitors.Find).OfType<Visitor>().Select(v => v.Against(null, handbook))],
        [.. r.Crops(handbook).Select(c => new SpotCropDto(c.Crop.Id, c.Crop.Name, c.WhyNot, c.Doubt))], [.. r.Spot.Corners.Select(c => (double[])[c.DistanceTo(default), c.DistanceTo(new(plan.Site.BaseLine, 0))])], GroundFindingDto.Of(r.Spot.Ground, handbook));
}

/// <summary>Something to put on the plan, or to change there.</summary>
public sealed record PlaceInput(PlaceDraft? Drawn, int? Version);

/// <summary>Where to set a project down; a spot of null takes it off the plan.</summary>
public sealed record StandInput(int? Spot, double? X, double? Y, double? Turned, int? Version, bool? Snap = null);

/// <summary>What a move to another spot changed, in the three verdicts.</summary>
public sealed record MovedDto(IReadOnlyList<Sentence> Changed);

/// <summary>How a project would do at a spot.</summary>
public sealed record SpotRankDto(int Spot, string Name, Verdict Worst, Sentence Words);

/// <summary>How a design would do at a spot.</summary>
/// <param name="Worst">Null where the heap has nothing for it.</param>
public sealed record DesignRankDto(string Design, string Name, Standing Standing, Verdict? Worst, Sentence Words);

/// <summary>A stick that stands plumb and the tip of its shadow when that is shortest, measured from the base line.</summary>
public sealed record StickInput(MarkDraft? Foot, MarkDraft? Tip, double BaseLine, double Latitude);

/// <summary>A peg and how two tapes find it; lengths in m.</summary>
public sealed record PegDto(string Name, double FromFirst, double FromSecond, bool Right, double Lower);

/// <summary>A planter pegged out from two points that stay.</summary>
/// <param name="Square">A triangle 3-4-5 for its corners; null where they are too small for one.</param>
/// <param name="Edges">Walls, ways and hedges near it that it could follow instead.</param>
/// <param name="Stakes">Of each post, m along from peg 1 towards peg 2 and m in from there; null where the planter can no longer be drawn.</param>
public sealed record SettingOutDto(Sentence First, Sentence Second, IReadOnlyList<PegDto> Pegs, double Length, double Width, double Diagonal, Triangle? Square, IReadOnlyList<double[]>? Stakes, IReadOnlyList<Sentence> Remarks, IReadOnlyList<EdgeFollowed> Edges)
{
    public static SettingOutDto Of(SettingOut s, bool drawn, IReadOnlyList<EdgeFollowed> edges) => new(
        s.First.Name, s.Second.Name, [.. s.Pegs.Select(p => new PegDto(p.Name, p.FromFirst, p.FromSecond, p.Right, p.Lower))], s.Length, s.Width, s.Diagonal, s.Square, drawn ? [.. s.Stakes.Select(x => (double[])[x.Along, x.In])] : null, s.Remarks, edges);
}

/// <summary>One place on the way to fetch things, and their ids.</summary>
public sealed record FetchStopDto(string Place, IReadOnlyList<int> Things);

/// <summary>The walk that fetches what a project is made of.</summary>
/// <param name="Length">m, there and back.</param>
/// <param name="Nowhere">Ids of things whose place is not on the plan.</param>
/// <param name="Over">Names of steps on the way.</param>
public sealed record FetchWalkDto(IReadOnlyList<FetchStopDto> Stops, double Length, IReadOnlyList<int> Nowhere, IReadOnlyList<string> Over)
{
    public static FetchWalkDto Of(FetchWalk walk) => new([.. walk.Stops.Select(s => new FetchStopDto(s.Place, s.ThingIds))], walk.Length, walk.Nowhere, walk.Over);
}

/// <summary>The plan by itself: what is measured, without what stands on it.</summary>
public sealed record PlanFileDto(PlanSite? Site, IReadOnlyList<PlaceDraft>? Places);

internal static class PlanContracts
{
    public static MomentDto Of(Moment m) => new(Math.Round(m.Hour, 3), Math.Round(m.Sun.Elevation, 2), Math.Round(m.Sun.Azimuth, 2), [.. m.Shadows.Select(s => new ShadowDto(s.Of, Rounded(s.Outline), s.Passing))]);

    /// <summary>A centimetre is finer than any shadow.</summary>
    public static double[] Rounded(IReadOnlyList<Point> points) => [.. points.SelectMany(p => (double[])[Math.Round(p.X, 2), Math.Round(p.Y, 2)])];
}
