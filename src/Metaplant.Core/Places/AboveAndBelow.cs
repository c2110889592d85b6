using System.Globalization;
using Metaplant.Core.Designs;
using Metaplant.Core.Sums;
using NetTopologySuite.Geometries;

namespace Metaplant.Core.Places;

/// <summary>What hangs over it, grows or runs under it, and where its water goes.</summary>
internal static class AboveAndBelow
{
    /// <summary>Nearer than this a hose that is dropped wets a socket, m.</summary>
    private const double FromPower = 1;

    public static IEnumerable<PlaceRemark> Of(GardenPlan plan, Spot spot, StandingPlanter planter)
    {
        var body = Figures.Area(planter.Corners);
        return Above(plan, spot, planter, body).Concat(Below(plan, spot, planter, body)).Concat(Drips(plan, spot, planter, body));
    }

    private static IEnumerable<PlaceRemark> Above(GardenPlan plan, Spot spot, StandingPlanter planter, Polygon body)
    {
        foreach (var tree in plan.Features.OfType<Tree>().Where(t => planter.Size.Height > t.CrownFrom && Figures.Dot(t.Points[0]).Distance(body) < t.Crown / 2))
            yield return new("branches", Verdict.Tight, $"It is {Amount.Length(planter.Size.Height)} high, and branches of {tree.Name} begin at {Amount.Length(tree.CrownFrom)}.");
        if (spot.Ceiling is { } ceiling && planter.Size.Height > ceiling) yield return new("ceiling", Verdict.Fails, $"It is {Amount.Length(planter.Size.Height)} high, and there are {Amount.Length(ceiling)} free at {spot.Name}.");
    }

    private static IEnumerable<PlaceRemark> Below(GardenPlan plan, Spot spot, StandingPlanter planter, Polygon body)
    {
        if (planter.Size.OnFeet && spot is { Slope: > 0, FallsTo: { } down }) yield return new("level", Verdict.Sound, Packers(plan, planter, spot.Slope, down));
        foreach (var buried in plan.Features.OfType<Buried>().Where(b => Figures.Line(b.Points).Distance(body) < .5)) yield return new("buried", Verdict.Tight, $"{buried.Name} runs under or beside it: drive nothing into the ground here.");
        foreach (var power in plan.Features.OfType<Power>().Where(p => Figures.Dot(p.Points[0]).Distance(body) < FromPower)) yield return new("power", Verdict.Tight, $"{power.Name} is {Amount.Length(Figures.Dot(power.Points[0]).Distance(body))} from it, where cans and hoses splash: turn the outlet away from it, and have an electrician say that it is safe in the wet.");
        foreach (var clump in plan.Features.OfType<Clump>().Where(c => Figures.Dot(c.Points[0]).Distance(body) < c.Across / 2)) yield return new("plants", Verdict.Tight, ComesUp(clump));
        // Roots go well beyond the crown, and come up into what stands open on the ground.
        foreach (var tree in plan.Features.OfType<Tree>().Where(t => spot.Site == Site.Soil && Figures.Dot(t.Points[0]).Distance(body) < t.Crown / 2 * 1.5)) yield return new("roots", Verdict.Tight, $"Roots of {tree.Name} reach here: raise it, or lay a barrier under it.");
    }

    private static Sentence ComesUp(Clump clump) => clump.Hides
        ? $"{clump.Name} comes up here in {CultureInfo.InvariantCulture.DateTimeFormat.GetMonthName(clump.From)} and is not to be seen before: lift it first, or leave it its place."
        : (Sentence)$"{clump.Name} grows here: lift it first, or leave it its place.";

    /// <summary>Where what drains from it goes: onto what is below, onto a path, against a wall.</summary>
    private static IEnumerable<PlaceRemark> Drips(GardenPlan plan, Spot spot, StandingPlanter planter, Polygon body)
    {
        const double Splash = .3, AgainstWall = Snapping.ToDrip - Placement.Slack;
        // A foot that was not kept is taken as closed: it may well be.
        if (planter.Mass is null || planter.Size.Open == true) yield break;
        if (spot.Site is Site.Balcony or Site.Deck or Site.Roof) yield return new("drips", Verdict.Tight, "What drains from it runs over the floor and drips onto whoever is below: lead it away by a tray or a pipe.");
        foreach (var path in plan.Features.OfType<Path>().Where(p => Figures.Line(p.Points).Distance(body) - p.Width / 2 is >= -Placement.Slack and < Splash)) yield return new("drips", Verdict.Tight, $"What drains from it wets {path.Name}, which is slippery then, and ice in frost: turn its outlet the other way.");
        foreach (var house in plan.Features.OfType<House>().Where(h => Figures.Area(h.Points).Distance(body) is > 0 and < AgainstWall)) yield return new("drips", Verdict.Tight, $"What drains from it keeps the foot of {house.Name} wet: lead it away, or stand it farther off.");
    }

    /// <summary>What goes under each foot to make it level, from the first corner round to the left.</summary>
    private static Sentence Packers(GardenPlan plan, StandingPlanter planter, double slope, double down)
    {
        var to = plan.Site.Toward(down);
        var drops = planter.Corners.Select(c => (c.X * to.X + c.Y * to.Y) * slope).ToList();
        return $"To stand level its feet want {Sentence.Join(", ", drops.Select(d => (Sentence)$"{Amount.Length(d - drops.Min())}"))} under them, from the corner nearest the start of its length round to the left.";
    }
}
