using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.Additions;

/// <summary>A tray under what drains through a drilled foot.</summary>
public sealed class CatchTray : Addition
{
    /// <summary>How deep such a tray is filled, m.</summary>
    private const double Deep = .03;

    public override Setting Setting { get; } = Choose("catch-tray", "Tray under it", Unit.Count, "What drips is used again; on boards and over other people it must be caught", new Stop(1, "catches the drips"));

    public override bool Fits(Blueprint to) => to.Foot is ClosedFloor && to.Stance is OnFeet && !to.LoadPaths.Any(p => p is Drips);

    public override Added With(Blueprint to, double choice, Brief brief)
    {
        var floor = (ClosedFloor)to.Foot;
        double holds = floor.Outline.Area * Deep, rain = brief.Handbook[Practice.RainRate] * floor.TopToBase * floor.Outline.Area;
        Sum full = Sum.Of(
            "The tray runs over after", "t = A d ÷ (q A k)", [new("A", "foot, and so the tray at least", floor.Outline.Area, Unit.SquareMetre), new("d", "depth of the tray", Deep, Unit.Metre), brief.Handbook.Term(Practice.RainRate), new("k", "top over foot", floor.TopToBase, Unit.One)],
            holds / rain, Unit.Second, "Volume over what comes in", "Soil that is wet through already, in such rain");
        return new(
            [new("catch-tray", floor.Alike == 1 ? "Stand a tray under it" : "Stand a tray under each", "As wide as the foot at least, the packers in it. Emptied after rain: roots that stand in it rot, and midges breed in it.", 4 * floor.Alike, [], [])],
            "first-water", "fill")
        {
            Needs = [new GoodsNeeded(Need(), new("catch-tray", "Tray", Seat.Clear) { Buy = "tray" }, floor.Alike)],
            LoadPaths = [new Drips(((OnFeet)to.Stance).FeetPart, Caught: true)],
            Figures = [full],
        };
    }
}
