using System.Globalization;
using System.Text.Json;
using Metaplant.Core.Building;
using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using Metaplant.Data.Settings;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>A project as it stands on the drawing board.</summary>
/// <param name="CastAnew">Why it is no longer drawn from the pieces it was kept with, as a sentence; null where it is.</param>
public sealed record Drawn(Board Board, Sentence? CastAnew);

/// <summary>Keeps a fit as a project that speaks for its things, and opens it again.</summary>
public static class ProjectKeeping
{
    public const int LongestName = 80;

    public static ProjectRow NewProject() => new() { Name = "", Design = "", Source = "", Settings = "", Medium = "", Exposure = "" };

    /// <summary>Writes a fit into a project's row and speaks for what it takes. The caller saves, in one transaction.</summary>
    public static async Task KeepAsync(this GardenContext garden, ProjectRow project, string name, Fit fit, Brief brief, Heap heap, CancellationToken cancel = default)
    {
        project.Name = name;
        project.Design = fit.Design.Id;
        project.Source = fit.Lead.Key;
        project.Settings = JsonSerializer.Serialize(fit.Set.Values);
        project.Edition = fit.Design.Edition;
        project.Cast = KeptCast.Write(fit.Cast, heap);
        project.Picture = Gallery.LastPicture(fit);
        project.Medium = brief.Medium.Id;
        project.Crop = brief.Crop?.Id;
        project.Exposure = brief.Exposure.ToString();
        project.PeopleAtEdge = brief.PeopleAtEdge;
        project.Site = brief.Site.ToString();
        project.Ground = brief.GroundId;
        // Taken to another spot it stands nowhere yet.
        if (project.SpotId != brief.Here?.SpotId) (project.SpotId, project.Stands) = (brief.Here?.SpotId, null);
        if (project.ReadStands() is { } stands) project.Stands = Stands.Of(stands.X, stands.Y, stands.Turned, fit).Write();
        if (KeptFilling.Read(project.Filling) is { } filling) project.Filling = filling.In(fit).Write();
        if (project.Id == 0) garden.Projects.Add(project);
        var kept = await garden.Allocations.Where(a => a.ProjectId == project.Id).ToDictionaryAsync(a => a.ThingId, cancel);
        var taken = fit.Cast.Takes.ToLookup(t => t.ThingId, t => t.Taken);
        foreach (var thing in taken)
        {
            var row = kept.Remove(thing.Key, out var was) ? was : garden.Allocations.Add(new() { Project = project, ThingId = thing.Key }).Entity;
            (row.Count, row.Taken) = (thing.Where(t => t.Whole).Select(t => t.Unit).Distinct().Count(), HeapReading.Write(thing.Distinct()));
        }

        garden.Allocations.RemoveRange(kept.Values);
        // Who has the thing open to change it learns that some of it is spoken for now.
        var touched = taken.Select(t => t.Key).Concat(kept.Keys).ToList();
        foreach (var thing in await garden.Things.Where(t => touched.Contains(t.Id)).ToListAsync(cancel)) thing.Version++;
    }

    /// <summary>The step by whose tick a project is known to hold soil.</summary>
    public const string FillStep = "fill";

    /// <summary>What the project was drawn for, or what in it the present catalogue no longer knows. At a spot of the plan it is judged by the wind, the ground and the sun that the plan gives it now: a wall that has gone shelters nothing.</summary>
    public static Outcome<Brief> BriefOf(this ProjectRow project, GardenSettings settings)
    {
        var (handbook, plan) = (settings.Handbook, settings.Plan);
        if (!Enum.TryParse<Exposure>(project.Exposure, out var exposure) || !Enum.IsDefined(exposure)) return new Problem("exposure", "How windy it stands is no longer in the list.");
        if (!Enum.TryParse<Site>(project.Site, out var site) || !Enum.IsDefined(site)) return new Problem("site", "Where it stands is no longer in the list.");
        return Brief.Create(handbook, project.Medium, project.Crop, exposure, project.PeopleAtEdge, site, project.Ground)
            .Then<Brief>(b => b with { Pace = settings.Pace })
            .Then<Brief>(b => project.SpotId is { } id && plan.Find(id) is { } spot ? b.At(plan, spot) : b);
    }

    /// <summary>The project on the drawing board, with its own things counted as free, or why it cannot be drawn.</summary>
    public static Outcome<Board> Open(this ProjectRow project, Heap heap, Brief brief) => project.Draw(heap, brief).Then<Board>(d => d.Board);

    /// <summary>The same, with the sentence why it is no longer drawn from the pieces it was kept with, where it is not.</summary>
    public static Outcome<Drawn> Draw(this ProjectRow project, Heap heap, Brief brief)
    {
        if (Catalogue.Find(project.Design) is not { } design) return new Problem("design", $"The design “{project.Design}” is no longer in the catalogue.");
        if (project.ReadSettings() is not { } settings) return new Problem("settings", "Its settings cannot be read.");
        return DrawingBoard.FindLead(design, heap, project.Source).Then(found =>
        {
            // What came to the heap since, its own offcuts too, and would go with its main stuff is no part of it.
            var own = project.Source.Split('+');
            var lead = new Lead([.. found.Lots.Where(l => own.Contains(l.ThingId.ToString(CultureInfo.InvariantCulture)))]);
            var making = Making.Read(project.Making);
            Outcome<Fit>? kept = project.Cast is not { } cast ? null : project.Edition != design.Edition
                ? new Problem("cast", "The design has changed since this was kept.")
                : KeptCast.Open(cast, design, AsBuilt.Measured(Chosen.Snap(design, lead, brief, settings), making.Measured), Stockroom.Of(heap), making.Gone);
            if (kept is { Ok: true, Value: var fit }) return new Drawn(DrawingBoard.Of(fit, heap), null);
            // One from before pieces were kept was never drawn from any.
            var why = kept is null ? null : (Sentence)$"{kept.Problems[0].Sentence} It is drawn from what there is now: look it over, and keep it again to take that.";
            return DrawingBoard.Open(design, lead, settings, brief, heap).Then<Drawn>(board => new Drawn(board, why));
        });
    }

    /// <summary>True where what is asked for is the project as it was kept, so that it is shown as it is and not cast anew.</summary>
    public static bool IsDrawnAs(this ProjectRow project, string? design, string? source, IReadOnlyDictionary<string, double>? settings, Brief brief)
        => project.Design == design && (source is null || source == project.Source) && project.ReadSettings() is { } kept && (settings is null || (settings.Count == kept.Count && settings.All(s => kept.TryGetValue(s.Key, out var v) && Math.Abs(v - s.Value) < 1e-9)))
        && (project.Medium, project.Crop, project.PeopleAtEdge, project.SpotId) == (brief.Medium.Id, brief.Crop?.Id, brief.PeopleAtEdge, brief.Here?.SpotId)
        // Of what stands at a spot these are the spot's.
        && (project.SpotId is not null || (project.Exposure, project.Site, project.Ground) == (brief.Exposure.ToString(), brief.Site.ToString(), brief.GroundId));

    /// <summary>The name of its design, or the word it was kept under when there is no such design any more.</summary>
    public static string DesignName(this ProjectRow project) => Catalogue.Find(project.Design)?.Name ?? $"{project.Design} (no longer in the catalogue)";

    internal static Dictionary<string, double>? ReadSettings(this ProjectRow project)
    {
        try
        {
            return JsonSerializer.Deserialize<Dictionary<string, double>>(project.Settings);
        }
        catch (JsonException)
        {
            return null;
        }
    }
}
