using Metaplant.Core.Drainage;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>How the wind finds the place.</summary>
public enum Exposure
{
    Sheltered,
    Open,
    Exposed,
}

/// <summary>What it stands on.</summary>
public enum Site
{
    /// <summary>Open ground: soil, lawn, gravel.</summary>
    Soil,

    /// <summary>Paving or concrete on the ground.</summary>
    Paving,

    /// <summary>A wooden deck.</summary>
    Deck,

    Balcony,
    Roof,
}

/// <summary>What the gardener wants of a planter and where it stands, as far as the sums ask; with the constants in force.</summary>
/// <param name="Crop">The crop it is for; null for whatever fits.</param>
/// <param name="PeopleAtEdge">True where people will sit, kneel or stand at the edge.</param>
public sealed record Brief(Handbook Handbook, Medium Medium, Crop? Crop, Exposure Exposure, bool PeopleAtEdge)
{
    private Once<CodeFactors> factors;

    public const string DefaultMedium = "topsoil-compost";

    public static Brief Default { get; } = new(Handbook.Default, Media.Find(Handbook.Default, DefaultMedium)!, null, Exposure.Open, false);

    public Site Site { get; init; } = Site.Soil;

    /// <summary>The row of <see cref="Grounds"/> it stands in or on; null where nobody has looked.</summary>
    public string? GroundId { get; init; }

    /// <summary>The spot of the plan it stands at, with its sun; null where none was named.</summary>
    public Places.Whereabouts? Here { get; init; }

    /// <summary>How fast the gardener works, by the clock.</summary>
    public Building.Pace Pace { get; init; } = Building.Pace.Unknown;

    /// <summary>The same at a spot of the plan, with its sun, its wind and what it stands on.</summary>
    public Brief At(Places.GardenPlan plan, Places.Spot spot)
    {
        var report = plan.Report(spot, Handbook);
        return this with { Here = report.Here, Exposure = report.Wind.Exposure, Site = spot.Site, GroundId = spot.Ground is { } ground ? ground.Holds : spot.GroundId };
    }

    public SoilLoad Soil => SoilLoad.Of(Medium, People);

    /// <summary>What people bring on top of the soil, Pa; 0 where nobody stands at the edge.</summary>
    public double People => PeopleAtEdge ? Handbook[Materials.People.AtEdge] : 0;

    public CodeFactors Factors => factors.Of(this, static brief => CodeFactors.Of(brief.Handbook));

    /// <summary>The gust designed for: the row of its exposure, or that of its spot where it is worse than the row.</summary>
    public Term Gust => Handbook.Term(Gusts.Of(Exposure.ToString().ToLowerInvariant())) is var row && Here is { Gust: { } here } && here > row.Value
        ? new("v", $"gust at {Here.Name}", here, Unit.MetrePerSecond)
        : row;

    public ThirstClass Thirst => Crop?.Thirst ?? ThirstClass.Ordinary;

    /// <summary>True where something is known of what it stands on: paving and built floors are, soil only when somebody looked.</summary>
    public bool GroundKnown => Site != Site.Soil || GroundId is not null;

    /// <summary>The grounds that a post or peg must hold in: the one that was told, or every one there is while nobody has looked.</summary>
    public IEnumerable<(string Id, Ground Ground)> GroundsToHoldIn
        => (GroundId is { } known ? [known] : Grounds.Names.Select(n => n.Id)).Select(id => (id, Ground.Of(Handbook, id)));

    /// <summary>The row of what the ground carries below a foot: firm only where it was told to be.</summary>
    public string BearingId => Site != Site.Soil || GroundId?.StartsWith("firm", StringComparison.Ordinal) == true ? Grounds.BearingFirm : Grounds.BearingLoose;

    /// <summary>The brief from what was chosen by id, or what is unknown or cannot be in it.</summary>
    public static Outcome<Brief> Create(Handbook handbook, string? mediumId, string? cropId, Exposure exposure, bool peopleAtEdge, Site site = Site.Soil, string? groundId = null)
    {
        var medium = Media.Find(handbook, mediumId ?? DefaultMedium);
        var crop = cropId is null ? null : Crops.Find(handbook, cropId);
        if (medium is null) return new Problem("medium", "There is no such growing medium.");
        if (cropId is not null && crop is null) return new Problem("crop", "There is no such crop.");
        if (groundId is not null && !Grounds.Names.Any(g => g.Id == groundId)) return new Problem("ground", "There is no such ground.");
        return new Brief(handbook, medium, crop, exposure, peopleAtEdge) { Site = site, GroundId = groundId };
    }
}
