using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Designs;

/// <summary>Front, plan and section of a pallet-section bed.</summary>
internal static class PalletBedDrawing
{
    public static IReadOnlyList<View> Views(PalletSectionBed.Plan plan, int ties, double pegs) => [Front(plan, ties), Plan(plan, ties), Section(plan, ties, pegs)];

    private static View Front(PalletSectionBed.Plan plan, int ties)
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

            for (var b = 0; b < m.Bearers; b++) shapes.Add(View.Box(x + m.Wing + b * m.BearerSpacing, 0, x + m.Wing + b * m.BearerSpacing + m.BearerWidth, plan.Height, Ink.Hidden, "bearer"));
        }

        for (var i = 1; i <= plan.WiresAcross(ties); i++)
        {
            var x = plan.Length * i / (plan.WiresAcross(ties) + 1);
            shapes.Add(View.Box(x - PalletSectionBed.AnchorSide / 2, 0, x + PalletSectionBed.AnchorSide / 2, plan.Height, Ink.WoodEnd, "tie-anchor"));
        }

        foreach (var x in PegsAlong(plan, ties)) shapes.Add(View.Box(x + plan.Length / 2 - PalletSectionBed.PegThickness / 2, 0, x + plan.Length / 2 + PalletSectionBed.PegThickness / 2, .12, Ink.Stick, "foot-peg"));
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
            {
                // The upright that the corner is screwed into, its own bearer or a post put in, and where the screws go.
                if (plan.Corner.EndsNeedPosts || (plan.Across % 1 > 0 && other > 0)) shapes.Add(View.Box(sign * (inner + m.SlatThickness), other * w, sign * (inner + m.SlatThickness + PalletCorner.PostSide), other * (w - PalletCorner.PostSide), Ink.WoodEnd, "corner-post"));
                var screw = sign * (l - plan.Corner.FromEnd);
                shapes.Add(View.Segment(screw, other * (w + m.SlatThickness + .01), screw, other * (w + m.SlatThickness - .06), Ink.Line, "corner"));
            }
        }

        foreach (var sign in (ReadOnlySpan<int>)[-1, 1])
        {
            foreach (var x in PegsAlong(plan, ties)) shapes.Add(new Disc(new(x, sign * (w + t + PalletSectionBed.PegThickness / 2)), PalletSectionBed.PegThickness / 2, Ink.Stick, "foot-peg"));
            for (var i = 1; i <= plan.PegsAcross(ties); i++) shapes.Add(new Disc(new(sign * (inner + t + PalletSectionBed.PegThickness / 2), plan.InsideWidth * i / (plan.PegsAcross(ties) + 1) - w), PalletSectionBed.PegThickness / 2, Ink.Stick, "foot-peg"));
        }

        for (var i = 1; i <= plan.WiresAcross(ties); i++)
        {
            var x = -l + plan.Length * i / (plan.WiresAcross(ties) + 1);
            shapes.Add(View.Segment(x, -w - t, x, w + t, Ink.Line, "tie"));
            foreach (var sign in (ReadOnlySpan<int>)[-1, 1]) shapes.Add(View.Box(x - PalletSectionBed.AnchorSide / 2, sign * (w + t), x + PalletSectionBed.AnchorSide / 2, sign * (w + t + PalletSectionBed.AnchorSide), Ink.WoodEnd, "tie-anchor"));
        }

        foreach (var y in plan.WiresAlongAt(ties))
        {
            shapes.Add(View.Segment(-inner - t, y, inner + t, y, Ink.Line, "tie"));
            foreach (var sign in (ReadOnlySpan<int>)[-1, 1]) shapes.Add(View.Box(sign * (inner + t), y - PalletSectionBed.AnchorSide / 2, sign * (inner + t + PalletSectionBed.AnchorSide), y + PalletSectionBed.AnchorSide / 2, Ink.WoodEnd, "tie-anchor"));
        }

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
                    var x = at + m.Wing + b * m.BearerSpacing;
                    if (x + m.BearerWidth <= to + 1e-6 && !Sawn(at, b)) Box(x, inside + deck, x + m.BearerWidth, outside, Ink.WoodEnd);
                }
            }

            Box(from, inside, to, inside + deck, Ink.Wood);
            if (m.BottomSlats > 0) Box(from, outside - deck, to, outside, Ink.Wood);

            // The middle bearer of a half of an odd number is sawn out.
            bool Sawn(double start, int bearer) => to - start < m.SlatLength - .01 && m.Bearers % 2 == 1 && bearer == m.Bearers / 2;

            void Box(double x0, double y0, double x1, double y1, Ink ink) => shapes.Add(lengthwise ? View.Box(x0, y0, x1, y1, ink, part) : View.Box(y0, x0, y1, x1, ink, part));
        }
    }

    private static View Section(PalletSectionBed.Plan plan, int ties, double pegs)
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

        foreach (var sign in (ReadOnlySpan<int>)[-1, 1])
        {
            if (plan.WiresAcross(ties) > 0) shapes.Add(View.Box(sign * (w + t), 0, sign * (w + t + PalletSectionBed.AnchorSide), plan.Height, Ink.WoodEnd, "tie-anchor"));
            shapes.Add(View.Box(sign * (w + t), -pegs, sign * (w + t + PalletSectionBed.PegThickness), .12, Ink.Stick, "foot-peg"));
        }

        if (plan.WiresAcross(ties) > 0) shapes.Add(View.Segment(-w - t - PalletSectionBed.AnchorSide, plan.TieHeight, w + t + PalletSectionBed.AnchorSide, plan.TieHeight, Ink.Line, "tie"));
        shapes.Add(View.GroundLine(-w - t, w + t));
        return new("section", "Section", shapes, [new(new(w, 0), new(-w, 0), .14, plan.InsideWidth, "width")]);
    }

    /// <summary>Where the pegs of a long wall stand, from its middle, m: beside the ties, or in the middle of each section.</summary>
    private static IEnumerable<double> PegsAlong(PalletSectionBed.Plan plan, int ties)
        => Enumerable.Range(1, plan.PegsAlong(ties)).Select(i => plan.Length * i / (plan.PegsAlong(ties) + 1) - plan.Length / 2 + PalletSectionBed.AnchorSide);
}
