using Metaplant.Core.Building;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>A project while it is made: steps that cut change the heap, measures take the planned ones' place, and at its end what it was made of comes back. The caller saves, in one transaction, so that one undo takes all of it back.</summary>
public static class ProjectMaking
{
    private const int LongestWhy = 200;

    /// <summary>Stands among what was cut when the first measure was put in once something was sawn amiss since.</summary>
    private const string Sawn = "sawn-amiss";

    /// <summary>
    /// Ticks a step or takes the tick off. What it cuts leaves the heap and its offcuts lie there with their parent named; taken off, all that is as before, unless an offcut has been changed or used since, which is told.
    /// </summary>
    /// <param name="minutes">What it really took; null where nobody said.</param>
    public static async Task<Problem?> TickAsync(this GardenContext garden, ProjectRow project, Drawn drawn, BuildPlan plan, string stepId, bool isDone, double? minutes, Heap heap, CancellationToken cancel = default)
    {
        if (plan.Steps.FirstOrDefault(s => s.Id == stepId) is not { } step) return new("step", "There is no such step.");
        if (minutes is { } m && !(m is > 0 and <= Making.MostMinutes)) return new("minutes", "More than no minute, and at most 100 hours.");
        var making = Making.Read(project.Making);
        // What was cut is known by the pieces it was kept with alone.
        if (step.Cuts.Count > 0 && drawn.CastAnew is not null && (isDone || making.Gone.Count > 0)) return new("step", "It is drawn from other pieces than it was kept with, so nobody can say what this cuts.");
        var ticks = await garden.Ticks.Where(t => t.ProjectId == project.Id).ToListAsync(cancel);
        var before = ticks.Select(t => t.Step).ToHashSet(StringComparer.Ordinal);
        var done = before.ToHashSet(StringComparer.Ordinal);
        if (isDone && done.Add(stepId)) garden.Ticks.Add(new() { ProjectId = project.Id, Step = stepId });
        if (!isDone && done.Remove(stepId)) garden.Ticks.Remove(ticks.First(t => t.Step == stepId));
        var took = making.Minutes.Where(x => x.Key != stepId).ToDictionary(StringComparer.Ordinal);
        var reckoned = (making.Reckoned ?? new Dictionary<string, double>()).Where(x => x.Key != stepId).ToDictionary(StringComparer.Ordinal);
        if (isDone && minutes is { } value) (took[stepId], reckoned[stepId]) = (value, step.Reckoned);
        making = making with { Minutes = took, Reckoned = reckoned, State = done.Count == 0 ? ProjectState.Drawn : plan.Steps.All(s => done.Contains(s.Id)) ? ProjectState.Built : ProjectState.BeingBuilt };
        // One from before pieces were kept is not known to be made of any certain ones.
        if (project.Cast is not null && drawn.CastAnew is null && step.Cuts.Count > 0)
        {
            var changed = await garden.CutAsync(making, CutUp.Of(drawn.Board.Fit.Cast, plan.CutBy(before), heap), CutUp.Of(drawn.Board.Fit.Cast, plan.CutBy(done), heap), cancel);
            if (!changed.Ok) return changed.Problems[0];
            making = changed.Value;
        }

        project.Making = making.Write();
        return null;
    }

    /// <summary>Makes the heap what cutting has made of it: takes off it what is not given back any more and puts on it what is new.</summary>
    private static async Task<Outcome<Making>> CutAsync(this GardenContext garden, Making making, CutUp before, CutUp up, CancellationToken cancel)
    {
        var gave = making.Gave.ToList();
        var rows = await garden.Things.Where(t => gave.Contains(t.Number)).ToListAsync(cancel);
        var wanted = up.Back.ToList();
        var spokenFor = await garden.Allocations.Select(a => a.ThingId).ToHashSetAsync(cancel);
        foreach (var row in rows)
        {
            var at = wanted.FindIndex(w => IsStill(row, w.ThingId, w.Thing));
            if (at >= 0)
            {
                wanted.RemoveAt(at);
                continue;
            }

            // Off it goes, unless somebody has made something of it.
            if (spokenFor.Contains(row.Id) || !before.Back.Any(w => IsStill(row, w.ThingId, w.Thing))) return new Problem("step", $"{row.Number} {row.Name}, which it gave, has been changed or taken since; put that back first.");
            garden.Things.Remove(row);
            gave.Remove(row.Number);
        }

        var number = await garden.Things.MaxAsync(t => (int?)t.Number, cancel) ?? 0;
        var parents = await garden.ParentsAsync(wanted.Select(w => w.ThingId), cancel);
        foreach (var (parent, thing) in wanted)
        {
            garden.Things.Add(Lying(thing with { Number = ++number }, parents[parent]));
            gave.Add(number);
        }

        return making with { Gone = up.Gone, Gave = gave };
    }

    private static Task<Dictionary<int, ThingRow>> ParentsAsync(this GardenContext garden, IEnumerable<int> ids, CancellationToken cancel)
    {
        var of = ids.ToHashSet();
        return garden.Things.Where(t => of.Contains(t.Id)).ToDictionaryAsync(t => t.Id, cancel);
    }

    private static ThingRow Lying(Thing thing, ThingRow parent) => ThingMapping.NewRow(thing, new(parent.Place, Source: parent.Source, KeepDry: parent.KeepDry), parent.Id);

    /// <summary>True where a row is the thing that was given back, unchanged: as many, as large, as bad.</summary>
    private static bool IsStill(ThingRow row, int parent, Thing thing)
        => !row.Retired && row.ParentId == parent && row.Count == thing.Count && row.Kind == thing.Kind.Id && row.Read() is { Ok: true, Value: var now } && KeptMeasures.Of(thing).StillHoldOf(now);

    /// <summary>Puts a measure in the place of the planned one, or with the planned one's own value takes it out again; the project is then drawn, supplied and spoken for by it.</summary>
    public static async Task<Outcome<Fit>> MeasureAsync(this GardenContext garden, ProjectRow project, Drawn drawn, BuildPlan plan, IReadOnlySet<string> done, Taped measured, Brief brief, Heap heap, CancellationToken cancel = default)
    {
        if (drawn.CastAnew is { } anew) return new Problem("value", anew);
        var making = Making.Read(project.Making);
        var fit = drawn.Board.Fit;
        var cut = plan.CutBy(done);
        var planned = making.Planned ?? new(Tally.Of(fit), AsBuilt.Of(fit), KeptCast.Of(fit.Cast, heap), [.. cut.Order(StringComparer.Ordinal)]);
        var asPlanned = planned.Tapes.FirstOrDefault(t => (t.Of, t.Side) == (measured.Of, measured.Side)) is { } tape && Math.Abs(tape.Planned - measured.Value) < 1e-6;
        List<Taped> all = [.. making.Measured.Where(m => (m.Of, m.Side) != (measured.Of, measured.Side))];
        if (!asPlanned) all.Add(measured);
        // With nothing measured any more, and nothing cut meanwhile, it is the very one that was planned.
        var made = all.Count == 0 && cut.SetEquals(planned.Cut)
            ? planned.Cast.Open(fit.Design, AsBuilt.Measured(fit.Set, [measured]), Stockroom.Of(heap), making.Gone)
            : AsBuilt.Apply(fit, [measured], cut, Stockroom.Of(heap));
        if (!made.Ok) return Outcome<Fit>.Refuse([.. made.Problems.Select(p => p with { Field = "value" })]);
        if (made.Value.Cast.Unfilled.FirstOrDefault() is { } missing) return new Problem("value", $"With that the heap is short of {missing.Need.Name.ToLowerInvariant()}.");
        making = making with { Measured = all, Planned = all.Count == 0 ? null : planned };
        return await garden.RecastAsync(project, making, fit, made.Value, cut, brief, heap, cancel) is { } problem ? problem with { Field = "value" } : made;
    }

    /// <summary>Draws a project from other pieces than before while it is being made: what it speaks for, and what cutting has made of the heap, follows.</summary>
    private static async Task<Problem?> RecastAsync(this GardenContext garden, ProjectRow project, Making making, Fit before, Fit now, IReadOnlySet<string> cut, Brief brief, Heap heap, CancellationToken cancel)
    {
        await garden.KeepAsync(project, project.Name, now, brief, heap, cancel);
        var changed = await garden.CutAsync(making, CutUp.Of(before.Cast, cut, heap), CutUp.Of(now.Cast, cut, heap), cancel);
        if (!changed.Ok) return changed.Problems[0];
        project.Making = changed.Value.Write();
        return null;
    }

    /// <summary>
    /// Says that a piece was sawn too short. What was still to come out of its board is laid out again or found elsewhere, the board is off the heap from now on, and what is left of it comes back with the last that is cut from it.
    /// </summary>
    public static async Task<Outcome<Recut>> MiscutAsync(this GardenContext garden, ProjectRow project, Drawn drawn, BuildPlan plan, IReadOnlySet<string> done, Miscut miscut, Brief brief, Heap heap, CancellationToken cancel = default)
    {
        if (drawn.CastAnew is { } anew) return new Problem("piece", anew);
        if (project.Cast is null) return new Problem("piece", "It was kept before its pieces were: keep it once more first.");
        var making = Making.Read(project.Making);
        var fit = drawn.Board.Fit;
        var cut = plan.CutBy(done);
        var recut = Miscuts.Apply(fit, miscut, cut, Stockroom.Of(heap));
        if (!recut.Ok) return recut;
        // Taking its measures out again must not bring back a board that is sawn through.
        making = making with { State = ProjectState.BeingBuilt, Planned = making.Planned is { } planned ? planned with { Cut = [.. planned.Cut, Sawn] } : null };
        return await garden.RecastAsync(project, making, fit, recut.Value.Fit, cut, brief, heap, cancel) is { } problem ? problem with { Field = "piece" } : recut;
    }

    /// <summary>What the measures changed, in one sentence; null where there are none, or nothing came of them.</summary>
    public static Sentence? Told(this Making making, Fit fit, IReadOnlySet<string> cut) => making.Planned is { } planned ? Tally.Changed(planned.Tally, fit, cut) : null;

    /// <summary>
    /// Ends a project that has been cut for: what it speaks for is free, what was sawn comes back as the pieces it is now, and the project stays in the book with the reason. Whole things that were cut into do not come back; they are to be entered as what they are now.
    /// </summary>
    public static async Task<Problem?> EndAsync(this GardenContext garden, ProjectRow project, ProjectState how, string why, Drawn? drawn, BuildPlan? plan, Heap heap, CancellationToken cancel = default)
    {
        if (how is not (ProjectState.TakenDown or ProjectState.GivenUp)) return new("how", "It is taken down or given up.");
        if (why.Length > LongestWhy) return new("why", $"At most {LongestWhy} letters.");
        var done = await garden.Ticks.Where(t => t.ProjectId == project.Id).Select(t => t.Step).ToHashSetAsync(cancel);
        if (done.Contains(ProjectKeeping.FillStep)) return new("how", "Empty it first, so that its soil goes back to the heap.");
        var making = Making.Read(project.Making);
        var gone = making.Gone;
        var up = drawn is { CastAnew: null } && plan is not null ? CutUp.Of(drawn.Board.Fit.Cast, plan.CutBy(done), heap) : CutUp.Nothing;
        var parents = await garden.ParentsAsync(gone.Keys.Concat(up.Made.Select(m => m.ThingId)), cancel);
        foreach (var (id, units) in gone)
        {
            if (!parents.TryGetValue(id, out var row)) continue;
            if (row.Count > units.Count) row.Count -= units.Count;
            else row.Retired = true;
        }

        var number = await garden.Things.MaxAsync(t => (int?)t.Number, cancel) ?? 0;
        foreach (var (parent, thing) in up.Made) garden.Things.Add(Lying(thing with { Number = ++number }, parents[parent]));
        garden.Allocations.RemoveRange(await garden.Allocations.Where(a => a.ProjectId == project.Id).ToListAsync(cancel));
        project.Making = (making with { State = how, Why = why, Gone = new Dictionary<int, IReadOnlyList<int>>(), Gave = [] }).Write();
        return null;
    }
}
