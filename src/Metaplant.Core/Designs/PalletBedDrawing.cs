using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Designs;

/// <summary>Front, plan and section of a pallet-section bed.</summary>
internal static class PalletBedDrawing
{
    public static IReadOnlyList<View> Views(PalletSectionBed.Plan plan, int ties) => [Front(plan), Plan(plan, ties), Section(plan, ties)];

    private static View Front(PalletSectionBed.Plan plan)
    {
        var m = plan.Pallet;
        var shapes = new List<Shape>();
        for (var s = 0; s < plan.Along; s++)
        {
            var x = s * m.SlatLength;
            for (var i = 0; i < plan.Boards; i++)
            {
                var y = i * (m.SlatWidth + m.Gap);
                shapes.Add(View.Box(x, y, x + m.SlatLength, y + m.SlatWidth, Ink.Wood, i == 0 ? "slat-1" : "long-wall"));
            }

            for (var b = 0; b < m.Bearers; b++) shapes.Add(View.Box(x + b * m.BearerSpacing, 0, x + b * m.BearerSpacing + m.BearerWidth, plan.Height, Ink.Hidden, "bearer"));
        }

        shapes.Add(View.GroundLine(0, plan.Length));
        return new("front", "Front", shapes,
        [
            new(new(0, 0), new(0, plan.Height), .12, plan.Height, "height"),
            new(new(plan.Length, 0), new(0, 0), .14, plan.Length, "length"),
        ]);
    }

    private static View Plan(PalletSectionBed.Plan plan, int ties)
    {
        var m = plan.Pallet;
        double l = plan.Length / 2, w = plan.InsideWidth / 2, t = m.Thickness, inner = plan.InsideLength / 2;
        var shapes = new List<Shape> { View.Box(-inner, -w, inner, w, Ink.Soil) };
        foreach (var sign in (ReadOnlySpan<int>)[-1, 1])
        {
            Strip(-l, l, sign * w, sign * (w + t), true, "long-wall");
            Strip(-w, w, sign * inner, sign * (inner + t), false, "end-wall");
            foreach (var other in (ReadOnlySpan<int>)[-1, 1])
                shapes.Add(View.Box(sign * inner, other * w, sign * (inner - .038), other * (w - .038), Ink.WoodEnd, "corner"));
        }

        for (var i = 1; i <= plan.WiresAcross(ties); i++)
        {
            var x = -l + plan.Length * i / (plan.WiresAcross(ties) + 1);
            shapes.Add(View.Segment(x, -w - t, x, w + t, Ink.Line, "tie"));
        }

        shapes.AddRange(plan.WiresAlongAt(ties).Select(y => View.Segment(-l, y, l, y, Ink.Line, "tie")));

        return new("plan", "Plan", shapes,
        [
            new(new(l, -w - t), new(-l, -w - t), .12, plan.Length, "length"),
            new(new(-l, -w), new(-l, w), .14, plan.InsideWidth, "width"),
        ]);

        // A wall from above: two decks and the bearers between them.
        void Strip(double from, double to, double inside, double outside, bool lengthwise, string part)
        {
            var deck = Math.Sign(outside - inside) * m.SlatThickness;
            for (double at = from; at < to - 1e-6; at += m.SlatLength)
            {
                for (var b = 0; b < m.Bearers; b++)
                {
                    var x = at + b * m.BearerSpacing;
                    if (x + m.BearerWidth <= to + 1e-6) Box(x, inside + deck, x + m.BearerWidth, outside, Ink.WoodEnd);
                }
            }

            Box(from, inside, to, inside + deck, Ink.Wood);
            if (m.BottomSlats > 0) Box(from, outside - deck, to, outside, Ink.Wood);

            void Box(double x0, double y0, double x1, double y1, Ink ink) => shapes.Add(lengthwise ? View.Box(x0, y0, x1, y1, ink, part) : View.Box(y0, x0, y1, x1, ink, part));
        }
    }

    private static View Section(PalletSectionBed.Plan plan, int ties)
    {
        var m = plan.Pallet;
        double w = plan.InsideWidth / 2, t = m.Thickness;
        var shapes = new List<Shape> { View.Box(-w, 0, w, plan.SoilDepth, Ink.Soil) };
        foreach (var sign in (ReadOnlySpan<int>)[-1, 1])
        {
            shapes.Add(View.Box(sign * (w + m.SlatThickness), 0, sign * (w + t), plan.Height, Ink.WoodEnd, "bearer"));
            for (var i = 0; i < plan.Boards; i++)
            {
                var y = i * (m.SlatWidth + m.Gap);
                shapes.Add(View.Box(sign * w, y, sign * (w + m.SlatThickness), y + m.SlatWidth, Ink.Wood, i == 0 ? "slat-1" : "long-wall"));
            }
        }

        if (plan.WiresAcross(ties) > 0) shapes.Add(View.Segment(-w - t, plan.Height / 2, w + t, plan.Height / 2, Ink.Line, "tie"));
        shapes.Add(View.GroundLine(-w - t, w + t));
        return new("section", "Section", shapes, [new(new(w, 0), new(-w, 0), .14, plan.InsideWidth, "width")]);
    }
}
