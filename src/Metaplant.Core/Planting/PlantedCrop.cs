using Metaplant.Core.Growing;

namespace Metaplant.Core.Planting;

/// <summary>One planting through the year, as days of the year; it is not begun before its first and not picked after its last.</summary>
/// <param name="Sown">Under cover, or where it grows; the same as <paramref name="Planted"/> where it is sown in place or bought.</param>
/// <param name="Planted">When its place is taken.</param>
/// <param name="Picked">First picking.</param>
/// <param name="Cleared">When its place is free: the end of its picking, or frost.</param>
/// <param name="Share">The part of its picking that comes before the frost, 0 to 1: 1 for a crop picked once that comes in time.</param>
public sealed record PlantedCrop(Crop Crop, int Sown, int Planted, int Picked, int Cleared, double Share)
{
    /// <summary>kg a plant gives in a usual season of so many days.</summary>
    public double YieldEach => Crop.Yield * Share;
}
