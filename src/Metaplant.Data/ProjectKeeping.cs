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
    }

    /// <summary>The step by whose tick a project is known to hold soil.</summary>
    public const string FillStep = "fill";

    public static Outcome<Brief> BriefOf(this ProjectRow project, Handbook handbook)
        => Brief.Create(handbook, project.Medium, project.Crop, Enum.Parse<Exposure>(project.Exposure), project.PeopleAtEdge, Enum.Parse<Site>(project.Site), project.Ground);

    /// <summary>The project on the drawing board, with its own things counted as free.</summary>
    public static Outcome<Board> Open(this ProjectRow project, Heap heap, Brief brief)
    {
        var design = Catalogue.Find(project.Design)!;
        var settings = JsonSerializer.Deserialize<Dictionary<string, double>>(project.Settings)!;
        return DrawingBoard.FindSource(design, heap, project.Source).Then(source => DrawingBoard.Open(design, source, settings, brief, heap));
    }
}
