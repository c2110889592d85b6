using System.Text.Json;
using System.Text.Json.Serialization;
using Metaplant.Core.Geometry;
using Metaplant.Core.Matching;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>Where a project stands on the plan: the middle of its outline, m, and how far its length is turned to the left of the base line, degrees; with the room it takes there.</summary>
/// <param name="Mass">kg, wet through; null where it holds no soil.</param>
/// <param name="Drinks">What decides how much it drinks; null where it holds no soil, or where that was not kept.</param>
public sealed record Stands(double X, double Y, double Turned, Footprint Size, double? Mass, Thirst? Drinks = null)
{
    public static Stands Of(double x, double y, double turned, Fit fit) => new(x, y, turned, Footprint.Of(fit), fit.Assessment.Hold.WetMass?.Value, Thirst.Of(fit));

    /// <summary>A project that stands so at a spot.</summary>
    public StandingPlanter Planter(ProjectRow project, int spot) => new(project.Id, project.Name, spot, new Point(X, Y), Turned, Size, Mass) { Drinks = Drinks };

    /// <summary>False of what lies beyond every tape.</summary>
    [JsonIgnore]
    public bool CanBe => Math.Abs(X) <= Mark.Farthest && Math.Abs(Y) <= Mark.Farthest && Turned is > -360 and < 360 && Size is { Length: > 0 and <= 100, Width: > 0 and <= 100, Height: > 0 and <= 100, Floor: >= 0 } && double.IsFinite(Size.Floor) && Mass is null or >= 0 && Drinks is null or { CanBe: true };

    public string Write() => JsonSerializer.Serialize(this);
}

/// <summary>One thing of the plan as it is kept, and where that puts it.</summary>
/// <param name="Placed">Where it lies, or at which field it no longer can: the base line has changed.</param>
public sealed record KeptPlace(PlaceRow Row, PlaceDraft Draft, Outcome<Surveyed> Placed);

/// <summary>The plan with all that is kept of it.</summary>
public sealed record KeptPlan(GardenPlan Plan, IReadOnlyList<KeptPlace> Places);

/// <summary>Reads and writes the plan of the garden.</summary>
public static class PlanKeeping
{
    /// <summary>Most things on a plan.</summary>
    public const int MostPlaces = 300;

    private static readonly JsonSerializerOptions Json = new() { Converters = { new JsonStringEnumConverter() }, DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull };

    public static PlaceRow Row(PlaceDraft draft, int id = 0) => new() { Id = id, Sort = draft.Sort.ToString(), Name = draft.Name.Trim(), Drawn = Write(draft) };

    public static string Write(PlaceDraft draft) => JsonSerializer.Serialize(draft with { Name = draft.Name.Trim() }, Json);

    /// <summary>A draft of another version is read as far as it goes: nothing of it is measured then, and the plan says so.</summary>
    public static PlaceDraft ReadDraft(this PlaceRow row)
    {
        try
        {
            if (PlaceDraft.Whole(JsonSerializer.Deserialize<PlaceDraft>(row.Drawn, Json)) is { } draft) return draft;
        }
        catch (JsonException)
        {
            // Told by the marks that are missing.
        }

        return new(Enum.TryParse<PlaceSort>(row.Sort, out var sort) ? sort : PlaceSort.Spot, row.Name, []);
    }

    public static Stands? ReadStands(this ProjectRow project)
    {
        try
        {
            return project.Stands is { } text && JsonSerializer.Deserialize<Stands>(text) is { Size: not null } stands && stands.CanBe ? stands : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>Everything on the plan, in the order it was measured.</summary>
    public static async Task<KeptPlan> SurveyAsync(this GardenContext garden, PlanSite? site, CancellationToken cancel = default)
    {
        var at = site ?? PlanSite.Nothing;
        var places = (await garden.Places.AsNoTracking().OrderBy(p => p.Id).ToListAsync(cancel)).ConvertAll(row =>
        {
            var draft = row.ReadDraft();
            return new KeptPlace(row, draft, Survey.Of(draft, row.Id, at.BaseLine));
        });
        return new(new(at, [.. places.Select(p => p.Placed.Value?.Feature).OfType<Feature>()], [.. places.Select(p => p.Placed.Value?.Spot).OfType<Spot>()]), places);
    }

    /// <summary>All projects that were set down on the plan.</summary>
    public static async Task<IReadOnlyList<StandingPlanter>> StandingAsync(this GardenContext garden, CancellationToken cancel = default)
        => [.. from project in await garden.Projects.AsNoTracking().Where(p => p.Stands != null && p.SpotId != null).OrderBy(p => p.Id).ToListAsync(cancel)
               let stands = project.ReadStands()
               where stands is not null
               select stands.Planter(project, project.SpotId!.Value)];
}
