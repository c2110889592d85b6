using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.Additions;

/// <summary>Oil or paint on its wood, all faces and edges, before it is put together.</summary>
public sealed class Finish : Addition
{
    private const int Coats = 2;

    /// <summary>m³ in a tin.</summary>
    private const double Oil = .001, Paint = .00075;

    /// <summary>Sawn and weathered wood drinks so much more than the smooth ground that tins speak of.</summary>
    private const double Rough = 2;

    public override Setting Setting { get; } = Choose("finish", "On its wood", Unit.Count, "Oil is brushed on again every other year; paint that has begun to peel holds the wet in", new Stop(1, "oiled"), new Stop(2, "painted"));

    /// <summary>m² of wood worth opening a tin for: packers alone are less.</summary>
    private const double Least = .3;

    public override bool Fits(Blueprint to) => to.Bays.Count > 0 && to.Parts.Where(p => p.Form is Form.Board or Form.Timber or Form.Section or Form.Frame).Sum(p => p.Count * p.Length * p.Width) > Least;

    public override Added With(Blueprint to, double choice, Brief brief)
    {
        var area = to.Scene().Solids.Where(s => s.Ink is Ink.Wood or Ink.WoodEnd).Sum(s => s.Faces.Sum(f => f.Normal.Length / 2));
        var film = brief.Handbook.Term(Practice.PaintFilm);
        Sum litres = Sum.Of(
            choice == 1 ? "Oil" : "Paint", "A n t k", [new("A", "all faces and edges of its wood", area, Unit.SquareMetre), new("n", "coats", Coats, Unit.Count), film, new("k", "rough wood over smooth", Rough, Unit.One)], area * Coats * film.Value * Rough, Unit.CubicMetre, "Area times film", "Counted for how long the wood lasts: nothing");
        var oil = choice == 1;
        return new(
            [
                new(
                    "finish", oil ? "Oil its wood" : "Paint its wood",
                    $"{(oil ? "Raw linseed or tung oil, no driers where food grows, wiped off after half an hour" : "Outside only, not where soil lies for food")}: dry, dusted, above ten degrees; all faces and edges, the sawn ends twice. {Coats} coats a day apart, {Amount.Volume(litres.Value)} in all, a week to dry before it is filled. Rags soaked with oil burn by themselves: hang them up outside, one by one.",
                    15 * area, ["Brush"], ["Gloves"]),
            ],
            "corners", "sides", "walls", "liner", "stand", "fill")
        {
            Needs = [new GoodsNeeded(Need(), new("finish", oil ? "Oil" : "Paint", Seat.Clear) { Buy = oil ? "oil" : "paint" }, (int)Math.Ceiling(litres.Value / (oil ? Oil : Paint) - 1e-9))],
            Figures = [litres],
        };
    }
}
