using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// Vessels with a rim let into the top of a table, or into the upper flange of a cable reel: each hangs by its rim in a cut-out that is a little larger than its body, with enough wood left round it and nothing of the frame in the way.
/// </summary>
public sealed class LetInTable : Design
{
    /// <summary>A cut-out is so much larger than the body, m, so that it goes in.</summary>
    private const double Play = .004;

    private const double LeastBearing = .005;
    private const double WoodBetween = .06;
    private const double TableTop = .03, ReelTop = .04;

    private const double Leg = FoundLegs.Thinnest;

    /// <summary>A fitting of a reel's barrel, its bolts, reaches so far out under the flange, m.</summary>
    private const double BesideBarrel = .02;

    private const double LeastTaper = .004;

    private static readonly Role Table = new("table", "A table with a top", Seat.Clear, Form.Frame) { Counts = l => l.Way.Id == "let-in", Also = WhyNoTable };
    private static readonly Role Reel = new("table", "A cable reel", Seat.Clear, Form.Frame) { Counts = l => l.Way.Id == "table", Also = WhyNoTable };

    public override string Id => "let-in-table";

    public override string Name => "Let-in table";

    public override string Summary => "Basins, pails or tubs let into the top of a table or cable reel, at a height for standing or sitting.";

    public override Role Lead { get; } = new("vessels", "Vessels with a rim", Seat.BehindFilm, Form.Vessel) { Counts = l => l.As<IVessel>() is { CutDownTo: null }, Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var foot = Of(lead).Inside.SectionAt(0);
        return
        [
            Setting.Even("vessels", "Vessels", Unit.Count, 1, Math.Clamp(lead.Thing.Thing.Count, 1, 6), 1, 1, "As many as the top has room for").TryAll(),
            Packing.SoilLevel(Of(lead).Inside.Height) with { Sizes = [] },
            new Setting("top", "Let into", Unit.Count, [new(0, "a table"), new(1, "a cable reel")], 0, "A reel takes two, one on each side of its barrel").TryAll(),
            new("rim", "Rim beyond the body", Unit.Metre, [new(0, "none"), new(.005), new(.008), new(.010), new(.015), new(.020), new(.030)], .010, "Measure it: it hangs by that"),
            Setting.Even("inset", "From the edge of the top to what is under it", Unit.Metre, .04, .20, .02, .06, "Rails, drawers and legs must stay whole"),
            Packing.Hole(foot.Length), Packing.Pad,
            Packing.Drips,
            Packing.Wall,
        ];
    }

    public override Outcome<Demand> Ask(Chosen set)
    {
        var plan = new Plan(set);
        if (plan.Soil < .05) return new Problem("soil", "Too shallow to hold soil.");
        if (plan.OnReel && plan.Vessels > 2) return new Problem("top", "A reel takes two, one on each side of its barrel.");
        return Demand.Of(
            new WholeNeeded("vessels", Lead, plan.Vessels),
            plan.OnReel
                ? new FoundNeeded("table", Reel, 1, 2 * plan.Cut.Length + 4 * LoadsBelow.LeastRim, 2 * plan.Cut.Length + 4 * LoadsBelow.LeastRim)
                : new FoundNeeded("table", Table, 1, plan.Vessels * plan.Cut.Length + (plan.Vessels - 1) * WoodBetween + 2 * set["inset"], plan.Cut.Width + 2 * set["inset"]));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var plan = new Plan(set) { Table = cast["table"][0] };
        if (plan.ClearUnder < 0) return plan.OnReel ? new Problem("top", "The barrel under the flange is in the way.") : new Problem("inset", "A rail or drawer under the top is in the way.");
        if (plan.WoodLeft < LeastBearing) return new Problem("vessels", "There would be no wood left round the cut-outs.");
        var handbook = set.Brief.Handbook;
        var table = plan.TableThing;
        var paths = plan.Held.ByItsRim(handbook);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(plan.Vessels, "vessel", "vessels")} in a top of {Amount.Length(plan.Length)} by {Amount.Length(plan.Width)}, {Amount.Length(plan.Height)} high",
            Parts = [new("vessel", set.Lead.Thing.Thing.Kind.Name, Form.Vessel, plan.Vessels, plan.Rim.Length, plan.Rim.Width, plan.Inside.Height, "vessels"), new("table", plan.OnReel ? "Cable reel" : "Table", Form.Frame, 1, plan.Length, plan.Width, plan.Height, "table")],
            Bays = [.. plan.Middles.Select((m, i) => new Bay(plan.Vessels == 1 ? "Soil" : $"Vessel {i + 1}", plan.Inside, plan.Soil, new(m.X, m.Y, plan.Floor0)))],
            Foot = plan.Floor,
            LoadPaths =
            [
                .. paths,
                new BarBesideCutOut("table", Math.Max(plan.Cut.Length, plan.Cut.Width), plan.WoodLeft, plan.Thick, new(plan.Inside.VolumeTo(plan.Soil), plan.Held.EmptyMass(handbook)), plan.Inside.AreaAt(plan.Soil), table?.Substance.Grade() ?? Piece.BoughtGrade, plan.Table.Condition),
                .. plan.OnReel ? [] : (LoadPath[])[new FoundLegs("table", plan.Height - plan.Thick, Leg, new(plan.Vessels * plan.Inside.VolumeTo(plan.Soil), plan.TableMass + plan.Vessels * plan.Held.EmptyMass(handbook)), plan.Vessels * plan.Inside.AreaAt(plan.Soil), table?.Substance.Grade() ?? Piece.BoughtGrade, plan.Table.Condition)],
                new RoomLeft("rim-left", "table", "Wood left round the cut-outs", LoadsBelow.LeastRim, plan.WoodLeft, $"Only {Amount.Length(Math.Max(0, plan.WoodLeft))} of wood would be left; {Amount.Length(LoadsBelow.LeastRim)} at least hold together."),
                new RoomLeft("rim-bears", "vessel", "Rim that it hangs by", LeastBearing, set["rim"] - Play / 2, $"Of its rim {Amount.Length(Math.Max(0, set["rim"] - Play / 2))} would lie on the wood; it slips through with less than {Amount.Length(LeastBearing)}."),
                new Drips("vessel", set.Whole("drips") == 1),
            ],
            Handling = new(plan.TableMass + plan.Vessels * plan.Held.EmptyMass(handbook), BuiltInPlace: false),
            Stance = new OnFeet(plan.FeetLength, plan.FeetWidth, (plan.Length, plan.Width, plan.Height), plan.FeetArea, "table", set.Whole("wall") == 1),
            Scene = () => Stand(plan),
            Operations = () => Steps(plan, set, paths),
            // A template pricks middles: of a cut-out that is not round its measures are told in the step.
            Faces = !plan.Round ? [] : [new("table", "Cut-outs in the top, from above", [.. plan.Top.ToPolygon().Select(p => new Point(p.X + plan.Length / 2, p.Y + plan.Width / 2))], [.. plan.Middles.Select(m => (new Point(m.X + plan.Length / 2, m.Y + plan.Width / 2), plan.Cut.Length))])],
            Reach = plan.Width / 2,
        };
    }

    private static IVessel Of(Lead lead) => lead.Main.As<IVessel>()!;

    private static Sentence? WhyNot(Lot lot)
    {
        var vessel = lot.As<IVessel>()!;
        if (HeldSoil.NotKnown(vessel, lot.Of.Thing) is { } unknown) return unknown;
        if (vessel.WallKind == VesselWall.Boards || vessel.NeedsLiner) return "Of boards, with no rim to hang by.";
        var (foot, rim) = (vessel.Inside.SectionAt(0), vessel.Inside.SectionAt(vessel.Inside.Height));
        if (Math.Min(foot.Length, foot.Width) < Packing.LeastFoot) return "A pot, too small to be drilled.";
        var belly = Enumerable.Range(1, 7).Select(i => vessel.Inside.SectionAt(vessel.Inside.Height * i / 8)).Any(s => s.Length > rim.Length + 1e-6 || s.Width > rim.Width + 1e-6);
        return belly || rim.Length < foot.Length + LeastTaper || rim.Width < foot.Width + LeastTaper ? "It does not narrow below its rim, so that it does not go into a cut-out." : null;
    }

    private static Sentence? WhyNoTable(Lot lot)
    {
        var thing = lot.Of.Thing;
        if (thing.Substance == Substance.Fibreboard) return "Its top goes to pieces outdoors.";
        if (thing.Substance.Grade() is null) return $"Nobody knows how strong {thing.Substance.Name()} is round a cut-out.";
        return thing.Shows("wobbles") ? "It wobbles: brace it first, and look at it again." : null;
    }

    private static Scene Stand(Plan plan)
    {
        var solids = new List<Solid>();
        double l = plan.Length / 2, w = plan.Width / 2, h = plan.Height, t = plan.Thick, cx = plan.Cut.Length / 2, cy = plan.Cut.Width / 2;
        Point[] outline = [.. plan.Top.ToPolygon()];
        void Board(double x0, double x1, double y0, double y1)
        {
            var piece = new Clip().Convex(outline, [new(x0, y0), new(x1, y0), new(x1, y1), new(x0, y1)]);
            if (piece.Length > 2) solids.Add(new Prism("table", Ink.Wood, [.. piece], new(0, 0, h - t), new(0, 0, t), new(1, 0, 0), new(0, 1, 0)));
        }

        // The top by what its cut-outs leave of it: in front, behind, and between them.
        Board(-l, l, -w, -cy);
        Board(-l, l, cy, w);
        var from = -l;
        foreach (var m in plan.Middles)
        {
            Board(from, m.X - cx, -cy, cy);
            from = m.X + cx;
        }

        Board(from, l, -cy, cy);
        if (plan.OnReel)
        {
            solids.Add(Prism.Upright("table", Ink.WoodEnd, new CircleOutline(plan.Barrel), new(0, 0, t), h - 2 * t));
            solids.Add(Prism.Upright("table", Ink.Wood, new CircleOutline(plan.Length), default, t));
        }
        else
        {
            // Their inner sides as far in as was told, so that what is clear of that is clear of them.
            var inset = plan.LegsIn;
            foreach (var (sx, sy) in ((int, int)[])[(-1, -1), (1, -1), (1, 1), (-1, 1)])
                solids.Add(Prism.Box("table", Ink.WoodEnd, new(sx * (l - inset), sy * (w - inset), 0), new(sx * (l - inset - Leg), sy * (w - inset - Leg), h - t)));
        }

        foreach (var m in plan.Middles)
        {
            solids.Add(Vat.Around("vessel", plan.Held.Ink, plan.Inside, plan.Vessel.Wall, new(m.X, m.Y, plan.Floor0 - plan.Vessel.Wall)));
            solids.Add(Vat.Filling(Parts.Soil, Ink.Soil, plan.Inside, plan.Soil, new(m.X, m.Y, plan.Floor0 + .0005)));
        }

        var first = plan.Middles[0];
        return new(solids,
        [
            new("front", new(-l, -w, 0), new(-l, -w, h), .14), new("plan", new(-l, w, 0), new(l, w, 0), .12), new("plan", new(first.X - cx, -w, 0), new(first.X + cx, -w, 0), -.10),
            new("section", new(first.X, -cy, plan.Floor0), new(first.X, -cy, plan.Floor0 + plan.Soil), .10, "soil"), new("section", new(first.X, w, h), new(first.X, w, 0), .10),
        ], SectionAt: first.X);
    }

    private static IReadOnlyList<Operation> Steps(Plan plan, Chosen set, IReadOnlyList<LoadPath> paths)
    {
        var n = plan.Vessels;
        var holes = plan.Floor.Holes(set.Brief).Count * n;
        List<Operation> steps =
        [
            Op.Wash(),
            new("look", "Look under the top", "Rails, drawers, bolts and braces: none of them may be cut. Old paint: test it for lead before it is sawn or sanded.", 10, ["Tape"], Op.Gloves, false, "contents"),
            new("mark", $"Mark {new Count(n, "cut-out", "cut-outs")}", $"{(plan.Round ? (Sentence)$"By the template, {Amount.Length(plan.Cut.Length)} across" : $"{Amount.Length(plan.Cut.Length)} by {Amount.Length(plan.Cut.Width)}, where the plan has them")}: turn the vessel over, draw round its body under the rim and add {Amount.Length(Play / 2)} all round. {Amount.Length(LoadsBelow.LeastRim)} of wood at least to every edge and to the next.", 8 * n, ["Tape", "Marker"], []),
            new("start", "Drill start holes", plan.Round ? "One inside each line, large enough for the saw blade." : (Sentence)$"One in each corner of each cut-out, {Amount.Length(.012)}, inside the line: a corner that is sawn square splits from there.", 4 * n, [Op.Bit(.012)], Op.EyesAndGloves, false, "drill"),
            new("cut", "Saw the cut-outs", "From start hole to start hole, the waste held from below so that it does not break out; file the edge smooth and oil it twice, since that is where it rots.", 15 * n, ["Jigsaw", "File"], Op.Saw, false, "saw") { SlowerWithSalvage = true, Places = ["table"] },
        ];
        steps.AddRange(VesselSteps.Prove(paths, set.Brief));
        steps.AddRange(
        [
            VesselSteps.Drill(holes, plan.Floor.HoleDiameter, set.Lead.Thing.Thing.Substance, $"In the foot of {(n == 1 ? "it" : "each")}, by the template"),
            new("stand", "Stand it level", plan.OnReel ? "Where it is to stay, on blocks so that its lower flange dries." : "Where it is to stay, every leg on a flat stone or block; it must not rock.", 10, ["Level"], Op.Gloves, true, "lift"),
            new("let-in", n == 1 ? "Let it in" : "Let them in", "Rim on the wood all round; a strip of hose under it where it rocks.", 3 * n, [], Op.Gloves) { Places = ["vessel"] },
        ]);
        if (set.Whole("drips") == 1) steps.Add(new("tray", "Stand something under it", "A tray or pail under each, as wide as its foot; emptied after rain, or midges breed in it.", 3 * n, [], []));
        steps.Add(Op.FirstWater());
        return [.. steps, .. VesselSteps.Pads(plan.Floor, holes), VesselSteps.Fill(n * plan.Inside.VolumeTo(plan.Soil), n)];
    }

    private sealed record Plan(Chosen Set)
    {
        public IVessel Vessel { get; } = Of(Set.Lead);

        /// <summary>The table or reel that was found; a bare size where there is none.</summary>
        public Piece Table { get; init; } = new("table", null, "", 0, 1, 1, 1);

        public Vessel Inside => Vessel.Inside;

        public double Soil => Set["soil"];

        public int Vessels => Set.Whole("vessels");

        public bool OnReel => Set.Whole("top") == 1;

        public HeldSoil Held => new("vessel", Vessel, Set.Lead.Thing.Thing, Inside, Soil) { HungUp = true };

        public Thing? TableThing => Table.Of?.Thing;

        public bool Round => Inside.SectionAt(0) is CircleOutline;

        public Outline Rim => Inside.SectionAt(Inside.Height);

        /// <summary>Of a cut-out: the body below its rim, and what lets it in.</summary>
        public (double Length, double Width) Cut => (Rim.Length + 2 * Vessel.Wall + Play, Rim.Width + 2 * Vessel.Wall + Play);

        public double Length => Math.Max(Table.Length, Table.Width);

        public double Width => OnReel ? Length : Math.Min(Table.Length, Table.Width);

        public double Height => TableThing?.Measures switch { FrameMeasures f => f.Height, ReelMeasures r => r.Height, _ => .75 };

        public double Barrel => TableThing?.Measures is ReelMeasures r ? r.Barrel : 0;

        public double Thick => OnReel ? ReelTop : TableTop;

        public Outline Top => OnReel ? new CircleOutline(Length) : new RectangleOutline(Length, Width);

        public double Floor0 => Height + .002 - Inside.Height;

        /// <summary>In a row, evenly over the top; on a reel half way between barrel and edge.</summary>
        public IReadOnlyList<Point> Middles => field ??= OnReel
            ? [.. ((int[])[-1, 1]).Take(Vessels).Select(s => new Point(s * (Barrel / 2 + Length / 2) / 2, 0))]
            : [.. Enumerable.Range(0, Vessels).Select(i => new Point(-Length / 2 + Set["inset"] + (Between + Cut.Length) * i + Between + Cut.Length / 2, 0))];

        /// <summary>Between cut-outs along the row, and before the first.</summary>
        private double Between => (Length - 2 * Set["inset"] - Vessels * Cut.Length) / (Vessels + 1);

        /// <summary>The narrowest wood beside a cut-out.</summary>
        public double WoodLeft => OnReel
            ? Length / 2 - Math.Abs(Middles[0].X) - Cut.Length / 2
            : Math.Min((Width - Cut.Width) / 2, Vessels > 1 ? Between : Between + Set["inset"]);

        /// <summary>From a cut-out to what is under the top, m; below 0 it is in the way.</summary>
        public double ClearUnder => OnReel ? Math.Abs(Middles[0].X) - Cut.Length / 2 - Barrel / 2 - BesideBarrel : Math.Min((Width - Cut.Width) / 2 - Set["inset"], Between);

        /// <summary>From the edge of the top to the outer sides of its legs.</summary>
        public double LegsIn => Math.Max(0, Set["inset"] - Leg);

        public double FeetLength => OnReel ? Length : Length - 2 * LegsIn;

        public double FeetWidth => OnReel ? Length : Width - 2 * LegsIn;

        public double FeetArea => OnReel ? Math.PI / 4 * Length * Length : 4 * Leg * Leg;

        public double TableMass => Stuff.WoodDensity * (OnReel ? 2 * Math.PI / 4 * Length * Length * Thick + Math.PI * Barrel * .02 * Height : Length * Width * Thick + 4 * Leg * Leg * Height);

        public ClosedFloor Floor => field ??= new(Inside.SectionAt(0), Set["hole"], Set["pad"], Floor0 - Vessel.Wall, Inside.AreaAt(Soil) / Inside.BaseArea, false, [], 0) { Alike = Vessels };
    }
}
