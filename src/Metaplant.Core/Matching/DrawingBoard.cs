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

/// <summary>A design on the drawing board: assessed and supplied, and drawn and with its ranges once somebody looks at these.</summary>
public sealed class Board(Fit fit, Draft draft, Stockroom room, CancellationToken cancel)
{
    public Fit Fit => fit;

    public Scene Scene => field ??= fit.Blueprint.Scene();

    public IReadOnlyList<View> Views => field ??= Overlays.Draw(fit.Blueprint, Scene, fit.Assessment, fit.Set.Brief);

    /// <summary>What each stop would bring with all else as it is.</summary>
    public IReadOnlyList<Slider> Sliders => field ??= Look();

    /// <summary>The sliders where they stand, with nothing tried along them.</summary>
    public IReadOnlyList<Slider> Untried => [.. Settings.Select(s => new Slider(s, At(s), [.. s.Stops.Select(stop => new Notch(stop.Value, stop.Label, null))]))];

    /// <summary>Those of the design, then those of the additions that fit it.</summary>
    private IReadOnlyList<Setting> Settings => field ??= [.. fit.Design.Settings(fit.Lead), .. AdditionShelf.Offered(fit.Blueprint).Select(a => a.Setting)];

    private double At(Setting setting) => fit.Set.Values.GetValueOrDefault(setting.Id, setting.Default);

    private List<Slider> Look()
    {
        var notches = Settings.SelectMany(s => s.Stops.Select(stop => (s.Id, Stop: stop))).AsParallel().AsOrdered().WithCancellation(cancel)
            .Select(x => (x.Id, Notch: new Notch(x.Stop.Value, x.Stop.Label, VerdictAt(x.Id, x.Stop.Value)))).ToLookup(x => x.Id, x => x.Notch, StringComparer.Ordinal);
        return [.. Settings.Select(s => new Slider(s, At(s), [.. notches[s.Id]]))];
    }

    private Verdict? VerdictAt(string id, double value)
    {
        var tried = Draft.Of(fit.Design, fit.Set.With(id, value), room, Effort.Quick, draft);
        return tried is { Ok: true, Value: var d } && !d.Cast.Unfilled.Any() ? Assessor.HoldsAndDrains(d.Blueprint, fit.Set.Brief) : null;
    }
}

/// <summary>Puts one design on the board at the settings given.</summary>
public static class DrawingBoard
{
    /// <summary>
    /// The board, or why these settings cannot be made of this heap. Settings are moved to the nearest stops first; a setting not given takes its default. Looking along its sliders is stopped between one notch and the next.
    /// </summary>
    public static Outcome<Board> Open(Design design, Lead lead, IReadOnlyDictionary<string, double> given, Brief brief, Heap heap, CancellationToken cancel = default)
    {
        var room = Stockroom.Of(heap);
        return Draft.Of(design, Chosen.Snap(design, lead, brief, given), room, Effort.Proven).Then<Board>(draft => new Board(Fit.Of(draft, room), draft, room, cancel));
    }

    /// <summary>The board of a fit that was kept, drawn from its own pieces.</summary>
    public static Board Of(Fit fit, Heap heap, CancellationToken cancel = default)
        => new(fit, new(fit.Design, fit.Set, new(fit.Cast.Asked), fit.Cast, fit.Blueprint, Draft.GrownIn(fit.Lead, fit.Set.Brief)), Stockroom.Of(heap), cancel);

    /// <summary>The lead made of exactly these things, or why there is none; thing ids as in <see cref="Lead.Key"/>.</summary>
    public static Outcome<Lead> FindLead(Design design, Heap heap, string key)
    {
        var leads = Leads.Of(design, Stockroom.Of(heap));
        if (leads.Found.FirstOrDefault(s => s.Key == key) is { } exact) return exact;
        // Batches are grouped afresh when the heap changes: one that shares a thing with the choice still is the choice.
        var ids = key.Split('+');
        if (leads.Found.FirstOrDefault(s => s.Lots.Any(l => ids.Contains(l.ThingId.ToString()))) is { } near) return near;
        var refused = leads.Others.FirstOrDefault(o => ids.Contains(o.Thing.Thing.Id.ToString()));
        return new Problem("source", refused is null ? "That is no longer on the heap." : (Sentence)$"{refused.Thing.Thing.Name}: {refused.Why}");
    }
}
