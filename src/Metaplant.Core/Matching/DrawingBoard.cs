using Metaplant.Core.Assessing;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Matching;

/// <summary>What would come of one stop of a slider with all else as it is. No verdict where it cannot be cut.</summary>
public sealed record Notch(double Value, string? Label, Verdict? Verdict);

/// <summary>A slider: the setting, where it stands, and what each stop would bring.</summary>
public sealed record Slider(Setting Setting, double Value, IReadOnlyList<Notch> Notches);

/// <summary>A design on the drawing board: drawn, assessed, supplied, and with its ranges.</summary>
public sealed record Board(Fit Fit, Scene Scene, IReadOnlyList<View> Views, IReadOnlyList<Slider> Sliders);

/// <summary>Draws one design at the settings given and looks along every slider.</summary>
public static class DrawingBoard
{
    /// <summary>
    /// The board, or why these settings cannot be made of this heap. Settings are moved to the nearest stops first; a setting not given takes its default. Stopped between one notch and the next.
    /// </summary>
    public static Outcome<Board> Open(Design design, Lead lead, IReadOnlyDictionary<string, double> given, Brief brief, Heap heap, CancellationToken cancel = default)
    {
        var room = Stockroom.Of(heap);
        return Draft.Of(design, Chosen.Snap(design, lead, brief, given), room, Effort.Proven).Then<Board>(draft => Of(Fit.Of(draft, room), draft, room, cancel));
    }

    /// <summary>The board of a fit that was kept, drawn from its own pieces.</summary>
    public static Board Of(Fit fit, Heap heap, CancellationToken cancel = default)
        => Of(fit, new(fit.Design, fit.Set, new(fit.Cast.Asked), fit.Cast, fit.Blueprint, Draft.GrownIn(fit.Lead, fit.Set.Brief)), Stockroom.Of(heap), cancel);

    private static Board Of(Fit fit, Draft draft, Stockroom room, CancellationToken cancel)
    {
        var (design, set, brief) = (fit.Design, fit.Set, fit.Set.Brief);
        var scene = fit.Blueprint.Scene();
        return new(fit, scene, Overlays.Draw(fit.Blueprint, scene, fit.Assessment, brief), [.. design.Settings(fit.Lead).Select(Look)]);

        Slider Look(Setting s) => new(s, set[s.Id], [.. s.Stops.Select(stop => new Notch(stop.Value, stop.Label, VerdictAt(s.Id, stop.Value)))]);

        Verdict? VerdictAt(string id, double value)
        {
            cancel.ThrowIfCancellationRequested();
            var tried = Draft.Of(design, set.With(id, value), room, Effort.Quick, draft);
            return tried is { Ok: true, Value: var d } && !d.Cast.Unfilled.Any() ? Assessor.HoldsAndDrains(d.Blueprint, brief) : null;
        }
    }

    /// <summary>The lead made of exactly these things, or why there is none; thing ids as in <see cref="Lead.Key"/>.</summary>
    public static Outcome<Lead> FindLead(Design design, Heap heap, string key)
    {
        var leads = Leads.Of(design, Stockroom.Of(heap));
        if (leads.Found.FirstOrDefault(s => s.Key == key) is { } exact) return exact;
        // Batches are grouped afresh when the heap changes: one that shares a thing with the choice still is the choice.
        var ids = key.Split('+');
        if (leads.Found.FirstOrDefault(s => s.Lots.Any(l => ids.Contains(l.ThingId.ToString()))) is { } near) return near;
        var refused = leads.Others.FirstOrDefault(o => ids.Contains(o.Thing.Thing.Id.ToString()));
        return new Problem("source", refused is null ? "That is no longer on the heap." : $"{refused.Thing.Thing.Name}: {refused.Why}");
    }
}
