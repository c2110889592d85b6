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

/// <summary>What the gardener wants of a planter and where it stands, as far as the sums ask; with the constants in force.</summary>
/// <param name="Crop">The crop it is for; null for whatever fits.</param>
/// <param name="PeopleAtEdge">True where people will sit, kneel or stand at the edge.</param>
public sealed record Brief(Handbook Handbook, Medium Medium, Crop? Crop, Exposure Exposure, bool PeopleAtEdge)
{
    public const string DefaultMedium = "topsoil-compost";

    public static Brief Default { get; } = new(Handbook.Default, Media.Find(Handbook.Default, DefaultMedium)!, null, Exposure.Open, false);

    public SoilLoad Soil => SoilLoad.Of(Medium, PeopleAtEdge ? Handbook[Materials.People.AtEdge] : 0);

    public CodeFactors Factors { get; } = CodeFactors.Of(Handbook);

    /// <summary>The row of the gust designed for.</summary>
    public string GustId => Gusts.Of(Exposure.ToString().ToLowerInvariant());

    public ThirstClass Thirst => Crop?.Thirst ?? ThirstClass.Ordinary;

    /// <summary>The brief from what was chosen by id, or what is unknown in it.</summary>
    public static Outcome<Brief> Create(Handbook handbook, string? mediumId, string? cropId, Exposure exposure, bool peopleAtEdge)
    {
        var medium = Media.Find(handbook, mediumId ?? DefaultMedium);
        var crop = cropId is null ? null : Crops.Find(handbook, cropId);
        if (medium is null) return new Problem("medium", "There is no such growing medium.");
        if (cropId is not null && crop is null) return new Problem("crop", "There is no such crop.");
        return new Brief(handbook, medium, crop, exposure, peopleAtEdge);
    }
}
