using Metaplant.Core.Materials;

namespace Metaplant.Core.Planting;

/// <summary>How a bay is filled, a sentence a layer, from its foot up.</summary>
public static class FillSteps
{
    /// <summary>Soil is firmed by so much at a time, m.</summary>
    private const double Lift = .15;

    public static IReadOnlyList<Sentence> Of(FilledBay bay)
        => [.. bay.Layers.Index().Select(l => (Sentence)$"{l.Item.Layer.Fill.Words()}, {Amount.Length(l.Item.Layer.Thickness)}: {How(l.Item, l.Index == 0)}"), "Rake the top fine, the width of a hand at its edge a little lower, and water it slowly, as much as it takes."];

    private static Sentence How(LaidLayer layer, bool first) => layer.Layer.Fill switch
    {
        Fill.Logs => $"the thickest first, close to each other, bark down. {Amount.Volume(layer.Infill)} of soil between them, washed down with the can until nothing more goes in.",
        Fill.Sticks => $"broken to lie flat, trodden. {Amount.Volume(layer.Infill)} of soil shaken and washed in between them.",
        Fill.GreenWaste => "in handfuls, mixed green and dry, trodden and watered; no roots of weeds.",
        Fill.Leaves or Fill.Straw or Fill.Woodchip => first ? "wetted through before the next layer, or they stay dry for a year." : (Sentence)"spread even and wetted.",
        Fill.Manure => "well rotted, forked apart, and covered the same day.",
        Fill.TopsoilCompost when layer.Layer.Firmed => $"three parts of topsoil and two of compost turned over together, then {Amount.Length(Lift)} at a time, each firmed with the back of the rake and watered.",
        _ when !layer.Layer.Firmed => "tipped in loose: it goes down by itself, and is filled up again after the first rain.",
        _ => layer.Layer.Thickness > Lift ? (Sentence)$"{Amount.Length(Lift)} at a time, each firmed with the back of the rake and watered." : "firmed with the back of the rake and watered.",
    };
}
