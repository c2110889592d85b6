using System.Text.Json;
using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>Keeps a fit as a project that speaks for its things, and opens it again.</summary>
public static class ProjectKeeping
{
    public static ProjectRow NewProject() => new() { Name = "", Design = "", Source = "", Settings = "", Medium = "", Exposure = "" };

    /// <summary>Writes a fit into a project's row and speaks for what it takes. The caller saves, in one transaction.</summary>
    public static async Task KeepAsync(this GardenContext garden, ProjectRow project, string name, Fit fit, Brief brief, CancellationToken cancel = default)
    {
        project.Name = name;
        project.Design = fit.Design.Id;
        project.Source = fit.Source.Key;
        project.Settings = JsonSerializer.Serialize(fit.Settings.Values);
        project.Medium = brief.Medium.Id;
        project.Crop = brief.Crop?.Id;
        project.Exposure = brief.Exposure.ToString();
        project.PeopleAtEdge = brief.PeopleAtEdge;
        project.Site = brief.Site.ToString();
        project.Ground = brief.GroundId;
        if (project.Id == 0) garden.Projects.Add(project);
        var kept = await garden.Allocations.Where(a => a.ProjectId == project.Id).ToDictionaryAsync(a => a.ThingId, cancel);
        foreach (var (thing, count) in fit.Supply.Counts)
        {
            if (kept.Remove(thing, out var row)) row.Count = count;
            else garden.Allocations.Add(new() { Project = project, ThingId = thing, Count = count });
        }

        garden.Allocations.RemoveRange(kept.Values);
        // Who has the thing open to change it learns that some of it is spoken for now.
        var touched = fit.Supply.Counts.Keys.Concat(kept.Keys).ToList();
        foreach (var thing in await garden.Things.Where(t => touched.Contains(t.Id)).ToListAsync(cancel)) thing.Version++;
    }

    /// <summary>The step by whose tick a project is known to hold soil.</summary>
    public const string FillStep = "fill";

    /// <summary>What the project was drawn for, or what in it the present catalogue no longer knows.</summary>
    public static Outcome<Brief> BriefOf(this ProjectRow project, Handbook handbook)
    {
        if (!Enum.TryParse<Exposure>(project.Exposure, out var exposure) || !Enum.IsDefined(exposure)) return new Problem("exposure", "How windy it stands is no longer in the list.");
        if (!Enum.TryParse<Site>(project.Site, out var site) || !Enum.IsDefined(site)) return new Problem("site", "Where it stands is no longer in the list.");
        return Brief.Create(handbook, project.Medium, project.Crop, exposure, project.PeopleAtEdge, site, project.Ground);
    }

    /// <summary>The project on the drawing board, with its own things counted as free, or why it cannot be drawn.</summary>
    public static Outcome<Board> Open(this ProjectRow project, Heap heap, Brief brief)
    {
        if (Catalogue.Find(project.Design) is not { } design) return new Problem("design", $"The design “{project.Design}” is no longer in the catalogue.");
        if (project.ReadSettings() is not { } settings) return new Problem("settings", "Its settings cannot be read.");
        return DrawingBoard.FindSource(design, heap, project.Source).Then(source => DrawingBoard.Open(design, source, settings, brief, heap));
    }

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
