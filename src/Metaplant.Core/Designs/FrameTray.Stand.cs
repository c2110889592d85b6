using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Designs;

/// <content>Its measures, and how it stands.</content>
public sealed partial class FrameTray
{
    private static Scene Stand(Plan tray)
    {
        var level = new List<Solid>();
        double l = tray.Length / 2, w = tray.Width / 2, top = tray.High, rail = tray.Set["rail"], slope = tray.Set["fall"], up = tray.PadHigh + tray.Rise / 2;
        foreach (var (sx, sy) in ((int, int)[])[(-1, -1), (1, -1), (1, 1), (-1, 1)]) level.Add(Prism.Box("frame", Ink.WoodEnd, new(sx * l, sy * w, 0), new(sx * (l - LegDrawn), sy * (w - LegDrawn), top)));
        foreach (var side in (int[])[-1, 1])
        {
            level.Add(Prism.Box("frame", Ink.Wood, new(-l + LegDrawn, side * w, top - RailDeep), new(l - LegDrawn, side * (w - rail), top)));
            level.Add(Prism.Box("frame", Ink.Wood, new(side * l, -w + LegDrawn, top - RailDeep), new(side * (l - rail), w - LegDrawn, top)));
        }

        var at = -l;
        foreach (var board in tray.Floor)
        {
            // What the boards come to more than the frame is long is ripped off the last. Under the rails the outer ones are notched round the legs.
            var (to, id, leg) = (Math.Min(at + board.Height, l), FloorId(tray.FloorSorts.ToList().IndexOf((board.Height, board.Thickness))), l - LegDrawn);
            double[] stops = [.. new[] { at, -leg, leg, to }.Where(x => x >= at && x <= to).Distinct().Order()];
            foreach (var (a, b) in stops.Zip(stops.Skip(1)).Where(s => s.Second - s.First > .0005))
            {
                var y = tray.Hung && Math.Abs(a + b) / 2 > leg ? w - LegDrawn : w;
                level.Add(Prism.Box(id, Ink.Wood, new(a, -y, tray.FloorInFrame - board.Thickness), new(b, y, tray.FloorInFrame)));
            }

            at = to;
        }

        var z = tray.SidesUp;
        foreach (var (course, i) in tray.Sides.Select((c, i) => (c, i)))
        {
            var (t, id) = (course.Thickness, SideId(i));
            foreach (var side in (int[])[-1, 1])
            {
                for (var p = 0; p < tray.Pieces; p++) level.Add(Prism.Box(id, Ink.Wood, new(-l + p * tray.SidePiece, side * w, z), new(-l + (p + 1) * tray.SidePiece, side * (w - t), z + course.Height)));
                level.Add(Prism.Box(id, Ink.Wood, new(side * l, -w + t, z), new(side * (l - t), w - t, z + course.Height)));
            }

            z += course.Height;
        }

        foreach (var (sx, sy) in ((int, int)[])[(-1, -1), (1, -1), (1, 1), (-1, 1)])
        {
            double cx = l - tray.SideThick, cy = w - tray.SideThick;
            level.Add(Prism.Box("corner", Ink.WoodEnd, new(sx * cx, sy * cy, tray.SidesUp), new(sx * (cx - Upright), sy * (cy - Upright), tray.SidesUp + tray.Set["height"])));
        }

        foreach (var side in (int[])[-1, 1])
        {
            foreach (var x in tray.UprightsAt)
            {
                level.Add(Prism.Box("upright", Ink.WoodEnd, new(x - Upright / 2, side * w, tray.SidesUp + tray.Set["height"] - tray.UprightLong), new(x + Upright / 2, side * (w + Upright), tray.SidesUp + tray.Set["height"])));
            }
        }

        for (var r = 0; r < tray.Runners; r++) level.Add(Prism.Box("runner", Ink.WoodEnd, new(-tray.RunnerLong / 2, -RunnerThick / 2, tray.FloorBase - RunnerDeep), new(tray.RunnerLong / 2, RunnerThick / 2, tray.FloorBase)));
        foreach (var x in tray.PropsAt)
        {
            foreach (var side in (int[])[-1, 1]) level.Add(Prism.Box("prop", Ink.WoodEnd, new(x - PropWide / 2, side * w, 0), new(x + PropWide / 2, side * (w - PropThick), top - RailDeep)));
        }

        foreach (var x in tray.RunnerPropsAt) level.Add(Prism.Box("runner-prop", Ink.WoodEnd, new(x - PropWide / 2, -PropThick / 2, 0), new(x + PropWide / 2, PropThick / 2, top - RunnerDeep)));

        if (tray.Braced)
        {
            double t = BraceThick / 2, low = BraceWide / 2 + .05, knee = tray.Knee;
            foreach (var side in (int[])[-1, 1])
            {
                level.Add(Prism.Bar("brace-along", Ink.Wood, new(side * (l - LegDrawn / 2), w + t, top - RailDeep / 2 - knee), new(side * (l - LegDrawn / 2 - knee), w + t, top - RailDeep / 2), BraceThick, BraceWide, new(0, 1, 0)));
                level.Add(Prism.Bar("brace-across", Ink.Wood, new(side * (l + t), -w + LegDrawn / 2, low), new(side * (l + t), w - LegDrawn / 2, top - BraceWide), BraceThick, BraceWide, new(1, 0, 0)));
            }
        }

        level.Add(new Skin("liner", Ink.Plastic, [.. Stuff.Around(tray.InsideLength / 2 + .002, tray.InsideWidth / 2 + .002, tray.FloorInFrame + .001, tray.SidesUp + tray.Set["height"] - .01)], .0005));
        List<Solid> solids = [.. level.Select(s => (Solid)new Tilted(s.Moved(new(0, 0, up)), slope))];
        foreach (var (x, y) in tray.FeetAt)
        {
            double half = PadSide / 2, pack = slope * (x + l - LegDrawn / 2);
            if (tray.Padded) solids.Add(Prism.Box("pad", Ink.Wood, new(x - half, y - half, 0), new(x + half, y + half, PadThick)));
            if (pack > .001) solids.Add(Prism.Box("pack", Ink.WoodEnd, new(x - half, y - half, tray.PadHigh), new(x + half, y + half, tray.PadHigh + pack)));
        }

        double ix = tray.InsideLength / 2 - .004, iy = tray.InsideWidth / 2 - .004, foot = tray.FloorUp + tray.Rise / 2 + .003;
        solids.Add(Prism.Box(Parts.Soil, Ink.Soil, new(-ix, -iy, foot), new(ix, iy, tray.FloorUp + tray.Soil)));
        return new(solids,
        [
            new("front", new(-l, -w, 0), new(-l, -w, tray.RimUp), .16), new("plan", new(-l, w, 0), new(l, w, 0), .14), new("plan", new(-l, -w, 0), new(-l, w, 0), .12), new("section", new(0, -w, tray.FloorUp), new(0, -w, tray.FloorUp + tray.Soil), .12),
        ], SectionAt: 0);
    }

    private sealed record Plan(Chosen Set)
    {
        public FrameMeasures Frame { get; } = Of(Set.Lead);

        public IReadOnlyList<Course> Floor { get; init; } = [];

        public IReadOnlyList<Course> Sides { get; init; } = [];

        /// <summary>Of the frame, from the floor to the top of its rails, as it is cut.</summary>
        public double High => Frame.Height - Set["cut"];

        public double Length => Math.Max(Frame.Length, Frame.Width);

        public double Width => Math.Min(Frame.Length, Frame.Width);

        public bool Hung => Set.Whole("floor") == 1;

        public bool Braced => Set.Whole("brace") == 1;

        public bool Padded => Set.Whole("pads") == 1;

        public double PadHigh => Padded ? PadThick : 0;

        /// <summary>Along one long side, between its corners.</summary>
        public int Along => Set.Whole("uprights");

        public int Uprights => 2 * Along;

        /// <summary>Of a long side in each course.</summary>
        public int Pieces => Set.Whole("pieces");

        public double SidePiece => Length / Pieces;

        public int Runners => Hung ? 0 : Set.Whole("runners");

        public double RunnerLong => Length - 2 * Set["rail"];

        /// <summary>Under each rail and runner; none under a floor that hangs, which is in their way.</summary>
        public int Props => Hung ? 0 : Set.Whole("props");

        /// <summary>Under a runner: one for each under a rail, and one at each of its ends.</summary>
        public int RunnerProps => Runners * (Props + 2);

        public IEnumerable<double> RunnerPropsAt => Runners == 0 ? [] : PropsAt.Prepend(-(RunnerLong - PropWide) / 2).Append((RunnerLong - PropWide) / 2);

        public IEnumerable<double> PropsAt => Enumerable.Range(1, Props).Select(i => -Length / 2 + i * Length / (Props + 1));

        /// <summary>Middles of all feet on the plan: the four legs, and props.</summary>
        public IReadOnlyList<Point> FeetAt => field ??=
        [
            .. from x in (double[])[-1, 1] from y in (double[])[-1, 1] select new Point(x * (Length - LegDrawn) / 2, y * (Width - LegDrawn) / 2),
            .. from x in PropsAt from y in (double[])[-1, 1] select new Point(x, y * (Width - PropThick) / 2),
            .. from x in RunnerPropsAt select new Point(x, 0),
        ];

        public int Feet => FeetAt.Count;

        /// <summary>From below the upper edge of its rail up to the rim, beside a floor that may be thick.</summary>
        public double UprightLong => Overlap + ThickestFloor + Set["height"];

        /// <summary>How far it does reach down its rail.</summary>
        public double Overlaps => UprightLong - Set["height"] - (Hung ? 0 : FloorThick);

        /// <summary>Boards of the floor by their sorts, as they lie.</summary>
        public IReadOnlyList<(double Height, double Thickness)> FloorSorts => field ??= [.. Floor.Select(c => (c.Height, c.Thickness)).Distinct()];

        public double FloorThick => Floor.Select(c => c.Thickness).DefaultIfEmpty(LeastThick).Max();

        public double SideThick => Sides.Select(c => c.Thickness).DefaultIfEmpty(LeastSide).Max();

        public int FloorScrews => Floor.Count * (Hung ? ToHang : ToLie);

        public double InsideLength => Length - 2 * Math.Max(SideThick, Hung ? Set["rail"] : 0);

        public double InsideWidth => Width - 2 * Math.Max(SideThick, Hung ? Set["rail"] : 0);

        /// <summary>How much higher its far end stands.</summary>
        public double Rise => Set["fall"] * Length;

        /// <summary>In the middle, between a floor that falls and soil that is level on top, with room to water at the low end.</summary>
        public double Soil => Set["height"] + (Hung ? RailDeep : 0) - HeadSpace - Rise / 2;

        /// <summary>Soil above what an upright is screwed to.</summary>
        public double OverRail => Hung ? Math.Max(0, Soil - RailDeep) : Soil;

        /// <summary>Underside of the floor, in the frame before it is stood sloping.</summary>
        public double FloorBase => Hung ? High - RailDeep - FloorThick : High;

        public double FloorInFrame => FloorBase + FloorThick;

        public double SidesUp => Hung ? High : FloorInFrame;

        /// <summary>Height of the floor in its middle.</summary>
        public double FloorUp => PadHigh + Rise / 2 + FloorInFrame;

        public double RimUp => PadHigh + Rise / 2 + SidesUp + Set["height"];

        public TaperedBox Space => new(InsideLength, InsideWidth, InsideLength, InsideWidth, Set["height"] + (Hung ? RailDeep : 0));

        public double Volume => Space.VolumeTo(Soil);

        public double Stones => Math.Min(Set["stones"], InsideWidth);

        public double StonesVolume => InsideLength * Stones * OutletFloor.StonesHigh;

        /// <summary>m³ that stones and corner blocks take from the soil.</summary>
        public double NoSoil => StonesVolume + 4 * Upright * Upright * Math.Min(Soil, Set["height"]);

        public OutletFloor Outlet => field ??= new(Space, Soil, Set["fall"], Set["outlet"], Stones, PadHigh + FloorBase, 1);

        public double FloorMass => Length * Width * FloorThick * Stuff.WoodDensity;

        public double Empty => FloorMass + (2 * (Length + Width) * (Set["height"] * SideThick + RailDeep * Set["rail"]) + 4 * LegDrawn * LegDrawn * High) * Stuff.WoodDensity;

        public IEnumerable<double> UprightsAt => Enumerable.Range(1, Along).Select(i => -Length / 2 + i * Length / (Along + 1));

        /// <summary>How far down a leg and along a rail a brace reaches, clear of the uprights.</summary>
        public double Knee => Math.Max(.10, Math.Min(High - RailDeep - .10, Math.Min((Length - LegDrawn) / 2 - .15, Length / (Along + 1) - LegDrawn / 2 - Upright - .03)));

        public double BraceAlong => Knee * Math.Sqrt(2);

        public double BraceAcross => Math.Sqrt(Math.Pow(Width - LegDrawn, 2) + Math.Pow(High - 1.5 * BraceWide - .05, 2));
    }
}
