using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Settling;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Planting;

/// <summary>A layer where it lies in a bay.</summary>
/// <param name="Layer">What it is, how thick as placed, and whether it was firmed and wetted.</param>
/// <param name="From">m above the foot.</param>
/// <param name="Volume">m³ of the bay that it takes.</param>
/// <param name="Infill">m³ of soil that is worked and washed in between its wood; 0 for other fills.</param>
public sealed record LaidLayer(Layer Layer, double From, double Volume, double Infill)
{
    public double To => From + Layer.Thickness;
}

/// <summary>How much of one fill a bay wants.</summary>
/// <param name="Placed">m³ in place, what runs in between wood with it.</param>
/// <param name="Loose">m³ as it is fetched.</param>
public sealed record FillAmount(Fill Fill, double Placed, double Loose);

/// <summary>A bay with what it is filled with, from its foot up.</summary>
public sealed record FilledBay(Bay Bay, IReadOnlyList<LaidLayer> Layers)
{
    /// <summary>Most layers of one bay.</summary>
    public const int MostLayers = 12;

    private const double Slack = 1e-9;

    /// <summary>
    /// Lays fills into a bay, the lowest first. Their volumes are those of the bay between their levels, less the stones at its foot, so that they sum to its volume up to the top one. Refused at "layers.2.thickness" is a layer with no thickness, and what stands over the rim.
    /// </summary>
    public static Outcome<FilledBay> Of(Bay bay, IReadOnlyList<Layer> layers, Handbook handbook)
    {
        if (layers.Count is 0 or > MostLayers) return new Problem("layers", layers.Count == 0 ? "Say what it is filled with." : $"A bay has at most {MostLayers} layers.");
        var (problems, laid, level, stones) = (new List<Problem>(), new List<LaidLayer>(), 0.0, bay.Less);
        foreach (var (i, layer) in layers.Index())
        {
            if (!(layer.Thickness > 0) || !double.IsFinite(layer.Thickness)) problems.Add(new($"layers.{i}.thickness", "A layer is thicker than nothing."));
            else if (level + layer.Thickness > bay.Space.Height + Slack) problems.Add(new($"layers.{i}.thickness", $"It would stand {Amount.Length(level + layer.Thickness - bay.Space.Height)} over the rim."));
            if (problems.Count > 0) return Outcome<FilledBay>.Refuse(problems);
            var top = Math.Min(level + layer.Thickness, bay.Space.Height);
            var room = bay.Space.VolumeTo(top) - bay.Space.VolumeTo(level);
            var volume = Math.Max(0, room - stones);
            stones -= room - volume;
            laid.Add(new(layer, level, volume, Order.Infill(handbook, layer.Fill, volume)));
            level = top;
        }

        return new FilledBay(bay, laid);
    }

    /// <summary>How high it is filled, m above the foot.</summary>
    public double Top => Layers[^1].To;

    private IReadOnlyList<Layer> Placed => [.. Layers.Select(l => l.Layer)];

    /// <summary>m³ in all.</summary>
    public double Volume => Layers.Sum(l => l.Volume);

    /// <summary>What to fetch, in the order of the layers; soil that runs in between wood is topsoil, and a mix is fetched as its parts, which lose some of their volume when they are mixed.</summary>
    public IReadOnlyList<FillAmount> Amounts(Handbook handbook)
    {
        var wanted = Layers.SelectMany(l => Parts(l, handbook)).Concat(Layers.Where(l => l.Infill > 0).Select(l => (Fill.Topsoil, l.Infill)));
        return [.. wanted.GroupBy(w => w.Item1, w => w.Item2).Select(g => new FillAmount(g.Key, g.Sum(), AsFetched(g.Key, g.Sum(), handbook)))];
    }

    private static IEnumerable<(Fill Fill, double Volume)> Parts(LaidLayer l, Handbook handbook)
    {
        if (l.Layer.Fill != Fill.TopsoilCompost) return [(l.Layer.Fill, l.Volume)];
        var unmixed = l.Volume / (1 - handbook[Practice.LossOnMixing]);
        return [(Fill.Topsoil, unmixed * Fills.TopsoilShare), (Fill.Compost, unmixed * (1 - Fills.TopsoilShare))];
    }

    /// <summary>Wood is stacked as it is fetched; all else is looser then.</summary>
    private static double AsFetched(Fill fill, double placed, Handbook handbook)
        => fill is Fill.Logs or Fill.Sticks ? placed : Order.Loose(handbook, placed, fill is Fill.Leaves or Fill.Straw or Fill.Woodchip);

    /// <summary>How far its top will have sunk, m, after so many years; at 0 what goes at once. Not topped up.</summary>
    public double Sunk(double years, Handbook handbook) => Settlement.After(years, Placed, handbook);

    /// <summary>The thickest blanket that is planted through, m.</summary>
    private const double ThickestMulch = .10;

    /// <summary>The thin blanket on top of soil, which is no soil and not meant to be; null where there is none.</summary>
    public LaidLayer? Mulch => Layers.Count > 1 && Layers[^1] is { Layer: { Fill: Fill.Leaves or Fill.Straw or Fill.Woodchip, Thickness: <= ThickestMulch } } top && Layers[^2].Layer.Fill.IsSoil() ? top : null;

    /// <summary>
    /// m that roots find from its top down after so many years, not topped up: all that is left of soil, compost and potting mix, and of all else what has rotted of it, 1 − e^(−k t). Below what has not rotted they find no more than came through it; mulch they are planted through.
    /// </summary>
    public double Rootable(double years, Handbook handbook)
    {
        double found = 0, through = 1;
        foreach (var laid in Layers.Reverse())
        {
            var layer = laid.Layer;
            var rotted = layer.Fill.IsSoil() ? 1 : 1 - Math.Exp(-Fills.Sinking(handbook, layer.Fill).Rate * years);
            found += (layer.Thickness - Settlement.After(years, [layer], handbook)) * Math.Min(through, rotted);
            if (!ReferenceEquals(laid, Mulch)) through = Math.Min(through, rotted);
        }

        return found;
    }

    /// <summary>kg full of water, not less than it is.</summary>
    public double Saturated(Handbook handbook) => Layers.Sum(l => (l.Volume - l.Infill) * Fills.Saturated(handbook, l.Layer.Fill) + l.Infill * Fills.Saturated(handbook, Fill.Topsoil));

    /// <summary>How thick to lay more on top now so that it stands level in so many years, m; what is laid sinks itself.</summary>
    public double Overfill(double years, Handbook handbook)
    {
        var each = Settlement.After(years, [new(Fill.Topsoil, 1)], handbook);
        return Sunk(years, handbook) / (1 - each);
    }

    /// <summary>Nitrogen in kg that its wood takes from the soil in the first year: the solid wood of the stack, dry, by <see cref="NitrogenHold"/>.</summary>
    public double NitrogenHeld(Handbook handbook)
        => Layers.Where(l => Fills.Rots(l.Layer.Fill) is not null).Sum(l => NitrogenHold.InFirstYear(
            DryWood(l, handbook), handbook[Fills.Rots(l.Layer.Fill)!], handbook[Fills.Carbon], handbook[Fills.CarbonUse], handbook[Fills.MicrobeRatio], handbook[Fills.Nitrogen]));

    private static double DryWood(LaidLayer layer, Handbook handbook)
        => layer.Layer.Fill == Fill.Woodchip ? layer.Volume * handbook[Fills.ChipDensity] : (layer.Volume - layer.Infill) * handbook[Fills.WoodDensity];
}
