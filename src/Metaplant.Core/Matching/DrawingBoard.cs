using Metaplant.Core.Assessing;
using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Matching;

/// <summary>What would come of one stop of a slider with all else as it is. No verdict where it cannot be cut.</summary>
public sealed record Notch(double Value, string? Label, Verdict? Verdict);

/// <summary>A slider: the parameter, where it stands, and what each stop would bring.</summary>
public sealed record Slider(Parameter Parameter, double Value, IReadOnlyList<Notch> Notches);

/// <summary>A design on the drawing board: drawn, assessed, supplied, and with its ranges.</summary>
public sealed record Board(Fit Fit, IReadOnlyList<View> Views, IReadOnlyList<Slider> Sliders);

/// <summary>Draws one design at the settings given and looks along every slider.</summary>
public static class DrawingBoard
{
    /// <summary>
    /// The board, or why these settings cannot be made of this heap. Settings are moved to the nearest stops first; a parameter not given takes its default. Stopped between one notch and the next.
    /// </summary>
    public static Outcome<Board> Open(IDesign design, Source source, IReadOnlyDictionary<string, double> given, Brief brief, Heap heap, CancellationToken cancel = default)
    {
        var parameters = design.Parameters(source);
        var settings = Settings.Snap(parameters, given);
        return design.Draft(source, settings, brief).Then<Board>(blueprint =>
        {
            var fit = Fit.Of(design, source, settings, blueprint, brief, heap);
            return new Board(fit, Overlays.Draw(blueprint, fit.Assessment, brief), [.. parameters.Select(p => Look(p))]);
        });

        Slider Look(Parameter p) => new(p, settings[p.Id], [.. p.Stops.Select(s => new Notch(s.Value, s.Label, VerdictAt(p.Id, s.Value)))]);

        Verdict? VerdictAt(string id, double value)
        {
            cancel.ThrowIfCancellationRequested();
            var draft = design.Draft(source, settings.With(id, value), brief);
            return draft.Ok ? Assessor.HoldsAndDrains(draft.Value, brief) : null;
        }
    }

    /// <summary>The source made of exactly these things, or why there is none; thing ids as in <see cref="Source.Key"/>.</summary>
    public static Outcome<Source> FindSource(IDesign design, Heap heap, string key)
    {
        var (sources, others) = design.Find(heap);
        if (sources.FirstOrDefault(s => s.Key == key) is { } exact) return exact;
        // Batches are grouped afresh when the heap changes: one that shares a thing with the choice still is the choice.
        var ids = key.Split('+');
        if (sources.FirstOrDefault(s => s.Things.Any(t => ids.Contains(t.Thing.Id.ToString()))) is { } near) return near;
        var refused = others.FirstOrDefault(o => ids.Contains(o.Thing.Thing.Id.ToString()));
        return new Problem("source", refused is null ? "That is no longer on the heap." : $"{refused.Thing.Thing.Name}: {refused.Why}");
    }
}
