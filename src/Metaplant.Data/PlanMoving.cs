using Metaplant.Core.Assessing;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;
using Metaplant.Core.Words;
using Metaplant.Data.Settings;

namespace Metaplant.Data;

/// <summary>Where a project is to stand.</summary>
/// <param name="Snap">True where a hand let go of it, which does not mean every centimetre: near a wall it comes to stand along it.</param>
public sealed record StandAt(int Spot, double X, double Y, double Turned, bool Snap = false);

/// <summary>What a move changed.</summary>
public sealed record Moved(IReadOnlyList<Sentence> Changed);

/// <summary>Sets projects down on the plan.</summary>
public static class PlanMoving
{
    private static Problem BeyondTapes => new("x", "That is beyond every tape.");

    /// <summary>
    /// Sets a project down, or takes it off the plan with null. At another spot it is drawn for that spot's sun, wind and ground from the pieces it was kept with, and what its verdicts say otherwise than before is told. The caller saves.
    /// </summary>
    public static async Task<Outcome<Moved>> StandAsync(this GardenContext garden, ProjectRow project, GardenSettings settings, StandAt? at, CancellationToken cancel = default)
    {
        if (at is null)
        {
            (project.SpotId, project.Stands) = (null, null);
            return new Moved([]);
        }

        if (settings.Plan.Find(at.Spot) is not { } spot) return new Problem("spot", "There is no such spot on the plan.");
        var before = project.BriefOf(settings);
        if (!before.Ok) return Outcome<Moved>.Refuse(before.Problems);
        // Within its spot nothing is judged otherwise.
        if (project.SpotId == at.Spot && project.ReadStands() is { } there)
        {
            var (moved, along) = Snapped(settings.Plan, project, at, there with { X = at.X, Y = at.Y, Turned = at.Turned % 360 });
            if (!moved.CanBe) return BeyondTapes;
            project.Stands = moved.Write();
            return new Moved(along);
        }

        var brief = before.Value.At(settings.Plan, spot);
        var heap = await garden.HeapAsync(settings.HouseRules, project.Id, cancel);
        var (was, now) = (project.Open(heap, before.Value), project.Open(heap, brief));
        if (!now.Ok) return Outcome<Moved>.Refuse([.. now.Problems.Select(p => p with { Field = "spot" })]);
        var fit = now.Value.Fit;
        var (stands, beside) = Snapped(settings.Plan, project, at, Stands.Of(at.X, at.Y, at.Turned % 360, fit));
        if (!stands.CanBe) return BeyondTapes;
        IReadOnlyList<Sentence> place = project.ReadStands() is { } stood && project.SpotId is { } from ? SpotRank.Differences(settings.Plan, stood.Planter(project, from), stands.Planter(project, at.Spot), settings.Handbook) : [];
        await garden.KeepAsync(project, project.Name, fit, brief, heap, cancel);
        project.Stands = stands.Write();
        return new Moved([.. beside, .. place, .. was.Ok ? SpotRank.Differences(was.Value.Fit.Assessment, fit.Assessment) : []]);
    }

    /// <summary>Drawn to a wall where that was asked for and one is near, with what is to be said of it.</summary>
    private static (Stands Stands, IReadOnlyList<Sentence> Words) Snapped(GardenPlan plan, ProjectRow project, StandAt at, Stands stands)
        => at.Snap && Snapping.Of(plan, stands.Planter(project, at.Spot)) is { } to
            ? (stands with { X = to.At.X, Y = to.At.Y, Turned = to.Turned % 360 }, [$"Drawn to {Sentence.Join(" and ", to.Beside.Select(b => (Sentence)b))}, {Amount.Length(to.Gap)} off."])
            : (stands, []);

    /// <summary>Every spot of the plan for a project, the one that suits it best first. Problems where nothing is known of what it was drawn for.</summary>
    public static async Task<Outcome<IReadOnlyList<SpotRank>>> RankAsync(this GardenContext garden, ProjectRow project, GardenSettings settings, CancellationToken cancel = default)
    {
        var brief = project.BriefOf(settings);
        if (!brief.Ok) return Outcome<IReadOnlyList<SpotRank>>.Refuse(brief.Problems);
        var heap = await garden.HeapAsync(settings.HouseRules, project.Id, cancel);
        // A list and no interface, since only that turns into an outcome.
        return SpotRank.Ordered(settings.Plan.Spots.Select(spot =>
        {
            var here = brief.Value.At(settings.Plan, spot);
            var board = project.Open(heap, here);
            return board.Ok ? SpotRank.Of(spot, here.Here!, board.Value.Fit) : new(spot, Verdict.Fails, board.Problems[0].Sentence);
        })).ToList();
    }
}
