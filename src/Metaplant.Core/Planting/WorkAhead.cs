namespace Metaplant.Core.Planting;

/// <summary>What lies between beginning and planting.</summary>
/// <param name="Build">Hours of building, at the gardener's own pace.</param>
/// <param name="Drying">Days that finish or glue dries after it.</param>
/// <param name="Fill">Hours of filling.</param>
/// <param name="Delivery">Days from the order until soil is there.</param>
/// <param name="Settling">Days that it stands filled and watered before it is planted.</param>
public sealed record WorkAhead(double Build, int Drying, double Fill, int Delivery, int Settling);
