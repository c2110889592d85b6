using Metaplant.Core.Drawing;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Designs.Shared;

/// <summary>How the sections, posts, ties and pegs of a pallet bed stand.</summary>
internal static class PalletBedScene
{
    public static IReadOnlyList<Solid> Of(PalletSectionBed.Plan plan)
    {
        var m = plan.Pallet;
        double half = plan.InsideWidth / 2, end = plan.InsideLength / 2, long_ = plan.Length / 2, height = plan.Height;
        var solids = new List<Solid>();
        foreach (var side in (int[])[-1, 1])
        {
            for (var i = 0; i < plan.Along; i++)
                solids.AddRange(PalletSection.Stand("long-wall", m, plan.Boards, new(-long_ + i * m.SlatLength, side * half, 0), new(1, 0, 0), new(0, side, 0), m.SlatLength, PalletSection.Bearers(m)));
            var at = -half;
            // A whole section first, then the half; a post stands at a sawn end and where a bearer is too thin.
            var posts = new List<double>();
            for (var left = plan.Across; left > 1e-9; left -= Math.Min(left, 1))
            {
                var whole = left >= 1;
                var length = whole ? m.SlatLength : PalletCorner.HalfLength(m);
                List<double> bearers = [.. whole ? PalletSection.Bearers(m) : PalletSection.BearersOfHalf(m, length)];
                bool first = at <= -half + 1e-9, last = left <= 1 + 1e-9;
                if (plan.Corner.EndsNeedPosts && first) posts.Add(at);
                if (last && (plan.Corner.EndsNeedPosts || !whole)) posts.Add(at + length - PalletCorner.PostSide);
                bearers.RemoveAll(b => posts.Exists(p => at + b < p + PalletCorner.PostSide - 1e-9 && p < at + b + m.BearerWidth - 1e-9));
                solids.AddRange(PalletSection.Stand(whole ? "end-wall" : plan.HalfPart, m, plan.Boards, new(side * end, at, 0), new(0, 1, 0), new(side, 0, 0), length, bearers));
                at += length;
            }

            solids.AddRange(posts.Select(y => Prism.Box("corner-post", Ink.WoodEnd, new(side * (end + m.SlatThickness), y, 0), new(side * (end + m.SlatThickness + PalletCorner.PostSide), y + PalletCorner.PostSide, height))));
        }

        solids.AddRange(Ties(plan));
        solids.AddRange(Pegs(plan));
        solids.Add(new Skin("liner", Ink.Fabric, [.. Stuff.Around(end - .002, half - .002, 0, height)], .001));
        solids.Add(Prism.Box(Parts.Soil, Ink.Soil, new(-end + .003, -half + .003, .001), new(end - .003, half - .003, plan.SoilDepth)));
        return solids;
    }

    public static IReadOnlyList<SceneMeasure> Measures(PalletSectionBed.Plan plan)
    {
        double half = plan.InsideWidth / 2, out_ = half + plan.Pallet.Thickness, long_ = plan.Length / 2;
        return
        [
            new("front", new(-long_, -out_, 0), new(-long_, -out_, plan.Height), .10, "height"),
            new("front", new(-long_, -out_, plan.Height), new(long_, -out_, plan.Height), .10, "length"),
            new("plan", new(-long_, -half, 0), new(-long_, half, 0), .10, "width"),
            new("section", new(0, -out_, 0), new(0, -out_, plan.Height), .10, "height"),
            new("section", new(0, out_ + .05, 0), new(0, out_ + .05, -plan.PegDepth), .05, "pegs"),
        ];
    }

    private static IEnumerable<Solid> Ties(PalletSectionBed.Plan plan)
    {
        const double Side = PalletSectionBed.AnchorSide, Wire = .0025;
        double out_ = plan.InsideWidth / 2 + plan.Pallet.Thickness, end = plan.InsideLength / 2 + plan.Pallet.Thickness, z = plan.TieHeight;
        foreach (var x in plan.WiresAcrossAt)
        {
            foreach (var side in (int[])[-1, 1]) yield return Prism.Box("tie-anchor", Ink.WoodEnd, new(x - Side / 2, side * out_, 0), new(x + Side / 2, side * (out_ + Side), plan.Height));
            yield return new Rod("tie", Ink.Line, [new(x, -out_ - Side, z), new(x, out_ + Side, z)], Wire, Wire);
        }

        foreach (var y in plan.WiresAlongAt)
        {
            foreach (var side in (int[])[-1, 1]) yield return Prism.Box("tie-anchor", Ink.WoodEnd, new(side * end, y - Side / 2, 0), new(side * (end + Side), y + Side / 2, plan.Height));
            yield return new Rod("tie", Ink.Line, [new(-end - Side, y, z + .01), new(end + Side, y, z + .01)], Wire, Wire);
        }
    }

    /// <summary>Beside the anchors, hard against the walls.</summary>
    private static IEnumerable<Solid> Pegs(PalletSectionBed.Plan plan)
    {
        const double Thick = PalletSectionBed.PegThickness, Beside = (PalletSectionBed.AnchorSide + Thick) / 2 + .004;
        double out_ = plan.InsideWidth / 2 + plan.Pallet.Thickness + Thick / 2, end = plan.InsideLength / 2 + plan.Pallet.Thickness + Thick / 2;
        foreach (var side in (int[])[-1, 1])
        {
            for (var i = 1; i <= plan.PegsAlong; i++) yield return Peg(plan.Length * i / (plan.PegsAlong + 1) - plan.Length / 2 + Beside, side * out_);
            for (var i = 1; i <= plan.PegsAcross; i++) yield return Peg(side * end, (plan.WiresAlong > 0 ? plan.WiresAlongAt.ElementAt(i - 1) : 0) + Beside);
        }

        Rod Peg(double x, double y) => new("foot-peg", Ink.Stick, [new(x, y, .15), new(x, y, -plan.PegDepth)], Thick, Thick);
    }
}
