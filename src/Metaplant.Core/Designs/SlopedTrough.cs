using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// One long vessel or several end to end on two bearers with legs, at a height to sit or stand at, each packed up at its far end so that it falls to an outlet of its own; stones along its floor lead the water there.
/// </summary>
public sealed class SlopedTrough : Design
{
    private const double LeastFloor = .40;

    /// <summary>A floor as wide as this lies on two bearers with their legs on pads, m.</summary>
    private const double LeastWide = .20;

    private const double Between = .04;
    private const double BearerDeep = .07, BearerThin = .045;
    private const double PackerSide = .045;
    private const double LegSide = .045;
    private const double PadSide = .14, PadThick = .018;
    private const double BraceWide = .07, BraceThick = .018;

    /// <summary>Legs shorter than this need no braces, m.</summary>
    private const double ShortLeg = .25;

    /// <summary>Grain that 85 % of a mixed soil is finer than, where nobody has sieved it, m.</summary>
    private const double UnknownGrain = .002;

    /// <summary>A board in front for every so much of leg, m.</summary>
    private const double CladdingApart = .13, CladdingWide = .09, CladdingThick = .012;

    private static readonly Role Frame = new("bearers", "Bearers, packers and legs", Seat.Clear, Form.Timber) { Buy = "timber", Carries = true, Also = Stuff.TooStout };
    private static readonly Role Boards = new("boards", "Pads, braces and boards in front", Seat.Clear, Form.Board, Form.Timber) { Buy = "plank" };

    public override string Id => "sloped-trough";

    public override string Name => "Sloped trough";

    public override string Summary => "Long vessels end to end on bearers and legs, each with a fall to its own outlet, to sit or stand at.";

    public override Role Lead { get; } = new("vessels", "Long vessels", Seat.BehindFilm, Form.Vessel) { Counts = l => l.As<IVessel>() is { CutDownTo: null }, Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var vessel = Of(lead);
        double height = vessel.Inside.Height, foot = vessel.Inside.SectionAt(0).Length, usual = .80 - height - PackerSide - BearerDeep;
        IReadOnlyList<Stop> legs = Setting.Range(.10, .80, .05);
        return
        [
            Setting.Even("vessels", "Vessels", Unit.Count, 1, Math.Clamp(lead.Thing.Thing.Count, 1, 6), 1, 1, "End to end on common bearers").TryAll(),
            Packing.SoilLevel(height) with { Sizes = [] },
            new("legs", "Length of the legs", Unit.Metre, legs, legs.MinBy(s => Math.Abs(s.Value - usual))!.Value, $"With this the rim is about {Amount.Length(.80)} up, to stand at; {Amount.Length(.60)} suits whoever sits"),
            OutletParts.Fall("As gutters and paving have it"), OutletParts.StonesWide(vessel.Inside.SectionAt(0).Width), OutletParts.Outlet, OutletParts.Water(new Stop(2, "along a gutter")),
            Packing.Under(foot),
            Setting.Even("posts", "Legs under each bearer", Unit.Count, 2, Math.Clamp(1 + (int)(foot / (PadSide + .06)), 2, 7), 1, 2, "Bearers bend between them").Least(),
            new Setting("pads", "Under each leg", Unit.Count, [new(0, "nothing"), new(1, "a board")], 1, "A thin leg sinks into soil").Least(),
            new("front", "In front", Unit.Count, [new(0, "open"), new(1, "boards")], 0, "Boards hide the legs and keep the sun off the pail"),
            Packing.Wall,
        ];
    }

    public override double AtMost(Chosen set) => 1000 * set["vessels"] * Of(set.Lead).Inside.VolumeTo(set["soil"]);

    public override Outcome<Demand> Ask(Chosen set)
    {
        var row = new Plan(set);
        if (row.Soil < .05) return new Problem("soil", "Too shallow to hold soil.");
        return Demand.Of(
            new WholeNeeded("vessels", Lead, row.Vessels),
            new PiecesNeeded("bearers", Frame, 2, row.Length, BearerDeep, BearerThin) { Name = "Bearers" },
            new PiecesNeeded("packers", Frame, row.Vessels * row.Packers.Count, row.Across, PackerSide, PackerSide) { Name = "Packers", Exact = PackerSide },
            new PiecesNeeded("legs", Frame, row.Legs, row.LegLong, LegSide, LegSide) { Name = "Legs" },
            row.Padded ? new PiecesNeeded("pads", Boards, row.Legs, PadSide, PadSide, PadThick) { Name = "Pads" } : null,
            row.Braced ? new PiecesNeeded("braces-along", Boards, 2, row.BraceAlong, BraceWide, BraceThick) { Name = "Braces along" } : null,
            row.Braced ? new PiecesNeeded("braces-across", Boards, 2, row.BraceAcross, BraceWide, BraceThick) { Name = "Braces across" } : null,
            row.InFront == 0 ? null : new PiecesNeeded("front", Boards, row.InFront, row.Length, CladdingWide, CladdingThick) { Name = "Boards in front" },
            row.Stones > 0 ? new FillNeeded("stones", OutletParts.Stones, row.StonesVolume, [("grit", 1)]) : null);
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        Piece bearer = cast.Weakest("bearers"), leg = cast.Weakest("legs");
        var row = new Plan(set) { BearerHigh = bearer.Wide, BearerWide = bearer.Thin };
        var handbook = set.Brief.Handbook;
        Burden all = new(row.Vessels * row.Inside.VolumeTo(row.Soil), row.Empty(handbook));
        List<Part> parts =
        [
            new("vessel", set.Lead.Thing.Thing.Kind.Name, Form.Vessel, row.Vessels, row.Rim.Length, row.Rim.Width, row.Inside.Height, "vessels"), new("bearer", "Bearer", Form.Timber, 2, row.Length, bearer.Wide, bearer.Thin, "bearers"),
            new("packer", "Packer", Form.Timber, row.Vessels * row.Packers.Count, row.Across, PackerSide, PackerSide, "packers"), new("leg", "Leg", Form.Timber, row.Legs, row.LegLong, LegSide, LegSide, "legs"),
        ];
        if (row.Shims.Any()) parts.Add(new("shim", "Shim", Form.Board, row.Vessels * row.Shims.Count(), row.Across, PackerSide, row.Shims.Max(s => s.High)));
        if (row.Padded) parts.Add(new("pad", "Pad", Form.Board, row.Legs, PadSide, PadSide, PadThick, "pads"));
        if (row.Braced) parts.AddRange([new("brace-along", "Brace along", Form.Board, 2, row.BraceAlong, BraceWide, BraceThick, "braces-along"), new("brace-across", "Brace across", Form.Board, 2, row.BraceAcross, BraceWide, BraceThick, "braces-across")]);
        if (row.InFront > 0) parts.Add(new("front", "Board in front", Form.Board, row.InFront, row.Length, CladdingWide, CladdingThick, "front"));
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(row.Vessels, "vessel", "vessels")}, {Amount.Length(row.Length)} in all, rim {Amount.Length(row.RimUp)} up",
            Parts = parts,
            Joints =
            [
                new("Bearers to legs", "bearer", "leg", WoodScrew.All[^1].Goods, 2 * row.Legs), new("Packers to bearers", "packer", "bearer", WoodScrew.All[^1].Goods, 2 * row.Vessels * row.Packers.Count),
                .. row.Braced ? [new("Braces to the frame", "brace-along", "leg", WoodScrew.Outdoor.Goods, 4 * 4, LetIn: true), new("Braces across to legs", "brace-across", "leg", WoodScrew.Outdoor.Goods, 0, LetIn: true)] : (Joint[])[],
                .. row.InFront > 0 ? [new("Boards in front to legs", "front", "leg", WoodScrew.Outdoor.Goods, 2 * row.InFront * row.LegsEach)] : (Joint[])[],
            ],
            Bays = [.. row.Middles.Select((x, i) => new Bay(row.Vessels == 1 ? "Soil" : $"Vessel {i + 1}", row.Inside, row.Soil, new(x, 0, row.FloorUp)) { Less = row.StonesVolume / row.Vessels })],
            Foot = row.Floor,
            LoadPaths =
            [
                .. row.Shells(handbook),
                new CradleBeam("packer", "packer", "Packers between the bearers", PackerSide, PackerSide, row.Apart, 1, row.Across, new(row.Inside.VolumeTo(row.Soil) * 2 / row.Packers.Count, 2 * row.Held.EmptyMass(handbook) / row.Packers.Count), 2 * row.Held.Level / row.Packers.Count, cast.Worn("packers")),
                new Trestle("bearer", "leg", "brace-across", row.Length, row.LegsEach, bearer.Thin, bearer.Wide, row.LegLong, LegSide, LegSide, row.Braced ? BraceThick : 0, all, row.Vessels * row.Held.Level, bearer.Condition, leg.Condition),
                new Drips("vessel", set.Whole("water") > 0),
            ],
            Figures = [row.Filter()],
            Handling = new(all.Empty, BuiltInPlace: false) { Each = new(row.Inside.VolumeTo(row.Soil), row.Held.EmptyMass(handbook)) },
            Stance = new OnFeet(row.Length, row.Apart + LegSide, (row.Length, Math.Max(row.Rim.Width, row.Across), row.RimMost), row.Legs * (row.Padded ? PadSide * PadSide : LegSide * LegSide), row.Padded ? "pad" : "leg", set.Whole("wall") == 1),
            Scene = () => Stand(row),
            Operations = () => Steps(row, set),
            Reach = row.Rim.Width / 2,
        };
    }

    private static IVessel Of(Lead lead) => lead.Main.As<IVessel>()!;

    private static Sentence? WhyNot(Lot lot)
    {
        var vessel = lot.As<IVessel>()!;
        if (HeldSoil.NotKnown(vessel, lot.Of.Thing) is { } unknown) return unknown;
        if (vessel.NeedsLiner) return "It has gaps: water leaves it all over, and not by one outlet.";
        var foot = vessel.Inside.SectionAt(0);
        if (foot.Length < LeastFloor) return $"Too short to need a fall: its floor is {Amount.Length(foot.Length)}, and is drilled all over.";
        return foot.Width < LeastWide ? (Sentence)$"Its floor is {Amount.Length(foot.Width)} wide and does not stand on packers." : null;
    }

    private static Scene Stand(Plan row)
    {
        var solids = new List<Solid>();
        double y = row.Apart / 2, half = LegSide / 2, out_ = row.BearerWide / 2, legs = y + out_ - half, top = row.LegTop;
        foreach (var side in (int[])[-1, 1])
        {
            solids.Add(Prism.Box("bearer", Ink.Wood, new(-row.Length / 2, side * y - out_, top), new(row.Length / 2, side * y + out_, top + row.BearerHigh)));
            foreach (var x in row.LegsAt)
            {
                solids.Add(Prism.Box("leg", Ink.WoodEnd, new(x - half, side * legs - half, row.PadHigh), new(x + half, side * legs + half, top)));
                if (row.Padded) solids.Add(Prism.Box("pad", Ink.Wood, new(x - PadSide / 2, side * legs - PadSide / 2, 0), new(x + PadSide / 2, side * legs + PadSide / 2, PadThick)));
            }
        }

        foreach (var x0 in row.Middles)
        {
            foreach (var p in row.Packers)
            {
                double x = x0 + p, bottom = top + row.BearerHigh, shim = row.ShimAt(p);
                if (shim > 0) solids.Add(Prism.Box("shim", Ink.WoodEnd, new(x - PackerSide / 2, -row.Across / 2, bottom), new(x + PackerSide / 2, row.Across / 2, bottom + shim)));
                solids.Add(Prism.Box("packer", Ink.WoodEnd, new(x - PackerSide / 2, -row.Across / 2, bottom + shim), new(x + PackerSide / 2, row.Across / 2, bottom + shim + PackerSide)));
            }

            // A level vessel about the middle of the row, laid on its slope: it rises from its own outlet end.
            var foot = row.FloorUp - row.Fall * x0;
            solids.Add(new Tilted(Vat.Around("vessel", row.Held.Ink, row.Inside, row.Vessel.Wall, new(x0, 0, foot - row.Vessel.Wall)), row.Fall));
            solids.Add(Vat.Filling(Parts.Soil, Ink.Soil, row.Inside, row.Soil - row.Rise, new(x0, 0, row.FloorUp + row.Rise / 2 + .0005)));
        }

        if (row.Braced)
        {
            // Both braces along stand behind, so that the front is free for boards.
            double t = BraceThick / 2, low = row.PadHigh + BraceWide / 2, at = y + out_ + t;
            foreach (var side in (int[])[-1, 1])
            {
                double x = side < 0 ? row.LegsAt[0] : row.LegsAt[^1], end = side * (row.LegsAt[^1] + half + t);
                solids.Add(Prism.Bar("brace-along", Ink.Wood, new(x, at, top - row.Knee), new(x - side * row.Knee, at, top), BraceThick, BraceWide, new(0, 1, 0)));
                solids.Add(Prism.Bar("brace-across", Ink.Wood, new(end, -legs, low), new(end, legs, top - BraceWide / 2), BraceThick, BraceWide, new(1, 0, 0)));
            }
        }

        for (var i = 0; i < row.InFront; i++)
        {
            var z = top - CladdingApart * (i + 1) + (CladdingApart - CladdingWide);
            double front = -(y + out_);
            solids.Add(Prism.Box("front", Ink.Wood, new(-row.Length / 2, front - CladdingThick, z), new(row.Length / 2, front, z + CladdingWide)));
        }

        var first = row.Middles[0];
        double left = -row.Length / 2, w = row.Rim.Width / 2;
        return new(solids,
        [
            new("front", new(left, -w, 0), new(left, -w, row.RimUp), .14), new("front", new(row.LegsAt[^1], -w, row.PadHigh), new(row.LegsAt[^1], -w, top), -.16, "legs"), new("plan", new(left, w, 0), new(row.Length / 2, w, 0), .12),
            new("section", new(first, -w, row.FloorUp), new(first, -w, row.FloorUp + row.Soil), .12, "soil"),
        ], SectionAt: first);
    }

    private static IReadOnlyList<Operation> Steps(Plan row, Chosen set)
    {
        var thing = set.Lead.Thing.Thing;
        var n = row.Vessels;
        var metal = thing.Substance.IsMetal();
        var own = thing.Shows(Findings.HasOutlet);
        Sentence shims = Sentence.Join(", ", row.Packers.Select(p => (Sentence)$"{Amount.Length(row.ShimAt(p))}"));
        List<Operation> steps =
        [
            Op.Wash(),
            Op.Cut("frame", "pieces of the frame", 2 + row.Legs + n * row.Packers.Count, row.Length) with { Words = $"Two bearers of {Amount.Length(row.Length)}, {new Count(row.Legs, "leg", "legs")} of {Amount.Length(row.LegLong)}, {new Count(n * row.Packers.Count, "packer", "packers")} of {Amount.Length(row.Across)}.", Cuts = ["bearers", "legs", "packers"] },
        ];
        if (row.Padded || row.Braced || row.InFront > 0)
        {
            List<string> cuts = [.. row.Padded ? ["pads"] : (string[])[], .. row.Braced ? ["braces-along", "braces-across"] : (string[])[], .. row.InFront > 0 ? ["front"] : (string[])[]];
            steps.Add(Op.Cut("boards", "boards for it", (row.Padded ? row.Legs : 0) + (row.Braced ? 4 : 0) + row.InFront, PadSide) with { Words = "Pads, braces and boards in front, as the cut plan has them.", Cuts = cuts });
        }

        steps.Add(new("frame-up", "Screw up the frame", $"Bearers on edge, {Amount.Length(row.Apart)} apart on their middles, {new Count(row.LegsEach, "leg", "legs")} under each; screwed down through the bearer, drilled {Amount.Length(.004)} first.{(row.Braced ? " Two braces along the back and one across each end: without them it folds like a deck chair." : "")}", Op.Screws(2 * row.Legs + (row.Braced ? 16 : 0)) + 20, [Op.Bit(.004), "Screwdriver", "Square"], Op.EyesAndGloves, true, "drill", "lift") { Places = [.. row.Padded ? ["pad"] : (string[])[], "leg", "bearer", .. row.Braced ? ["brace-along", "brace-across"] : (string[])[]] });
        steps.Add(new("level", "Stand it level", row.Padded ? "Every leg on its pad, on firm ground; level both ways. It must not rock." : "Every leg on something firm; level both ways. It must not rock.", 15, ["Level"], Op.Gloves, true, "lift"));
        steps.Add(new("packers", "Lay the packers, rising from the outlet", $"From the outlet end of {(n == 1 ? "it" : "each")}: shims of {shims} under them, one after another. A marble on a board runs to the outlet.", 4 * n * row.Packers.Count, ["Level", "Screwdriver"], Op.Gloves) { Places = [.. row.Shims.Any() ? ["shim"] : (string[])[], "packer"] });
        steps.AddRange(VesselSteps.Prove(row.Shells(set.Brief.Handbook), set.Brief));
        steps.AddRange(
        [
            own
                ? new("outlet", "Clear its own outlet", "At the low end: if it sits at the other, turn it round. Unscrew the trap, push a cane through.", 10 * n, ["Spanner"], Op.Gloves)
                : new("outlet", n == 1 ? "Bore an outlet" : "Bore an outlet in each", $"{Amount.Length(row.Outlet)}, at the lowest place of the floor, from the inside outwards on a block; take off the burr.{(metal ? " Centre-punch first; slow speed and a drop of oil." : "")}", 10 * n, [Op.Bit(row.Outlet)], Op.EyesAndGloves, false, "drill", "edges"),
            new("overflow", "And an overflow", "One more hole at the low end, a thumb’s breadth above the soil to come, with a scrap of fine mesh over it: when the outlet stops up, water leaves there and not over the rim.", 8 * n, [Op.Bit(row.Outlet), "Side cutter"], Op.EyesAndGloves, false, "drill", "edges"),
            new("lay", n == 1 ? "Lay it on" : "Lay them on", $"Outlet ends all the same way, {Amount.Length(Between)} between two.", 8 * n, ["Level"], Op.Gloves, true, "lift") { Places = ["vessel"] },
        ]);
        if (set.Whole("water") > 0) steps.Add(set.Whole("water") == 1 ? OutletParts.Pail(n) : new("catch", "Hang a gutter under the outlets", "Falling the way the troughs do, into a butt or away from the wall; leaves are kept out with mesh.", 20, ["Screwdriver", "Level"], []));
        steps.Add(OutletParts.Filter(row.Outlet, row.Stones, n));
        if (row.InFront > 0) steps.Add(new("front", "Screw boards on in front", "A finger between two, so that it dries behind them.", 8 * row.InFront, [Op.Bit(.004), "Screwdriver"], Op.Gloves, false, "drill") { Places = ["front"] });
        return [.. steps, Op.FirstWater(), VesselSteps.Fill(n * row.Inside.VolumeTo(row.Soil) - row.StonesVolume, n, " Level on top, though the floor falls.")];
    }

    private sealed record Plan(Chosen Set)
    {
        public IVessel Vessel { get; } = Of(Set.Lead);

        public double BearerHigh { get; init; } = BearerDeep;

        public double BearerWide { get; init; } = BearerThin;

        public Vessel Inside => Vessel.Inside;

        public double Soil => Set["soil"];

        public int Vessels => Set.Whole("vessels");

        public double Fall => Set["fall"];

        public double Outlet => Set["outlet"];

        /// <summary>Width of the stones along a floor.</summary>
        public double Stones => Math.Min(Set["stones"], Foot.Width);

        public bool Padded => Set.Whole("pads") == 1;

        public double PadHigh => Padded ? PadThick : 0;

        public double LegLong => Set["legs"];

        public int LegsEach => Set.Whole("posts");

        public int Legs => 2 * LegsEach;

        public bool Braced => LegLong >= ShortLeg - 1e-9;

        public HeldSoil Held => new("vessel", Vessel, Set.Lead.Thing.Thing, Inside, Soil);

        public Outline Foot => Inside.SectionAt(0);

        public Outline Rim => Inside.SectionAt(Inside.Height);

        /// <summary>One vessel along the row, outside.</summary>
        private double Each => Math.Max(Rim.Length, Foot.Length) + 2 * Vessel.Wall;

        public double Length => Vessels * Each + (Vessels - 1) * Between;

        public double Across => Foot.Width;

        /// <summary>From the middle of one bearer to that of the other: under the edges of the floor.</summary>
        public double Apart => Across - BearerThin;

        public IReadOnlyList<double> Middles => field ??= [.. Enumerable.Range(0, Vessels).Select(i => -Length / 2 + Each / 2 + i * (Each + Between))];

        public IReadOnlyList<double> Packers => field ??= HoleGrid.PackersUnder(Foot.Length, Set.Whole("packers"));

        public IReadOnlyList<double> LegsAt => field ??= [.. Enumerable.Range(0, LegsEach).Select(i => -Length / 2 + LegSide / 2 + i * (Length - LegSide) / (LegsEach - 1))];

        public double LegTop => PadHigh + LegLong;

        /// <summary>How much higher a packer so far along from the middle of its vessel lies than the one nearest to the outlet, which is on the left.</summary>
        public double ShimAt(double along) => Fall * (along - Packers[0]);

        public IEnumerable<(double At, double High)> Shims => Packers.Select(p => (p, ShimAt(p))).Where(s => s.Item2 > .0005);

        /// <summary>From the outlet end of a floor to its far end.</summary>
        public double Rise => Fall * Foot.Length;

        /// <summary>Height of the floor of a vessel in its middle: each rises from its own outlet.</summary>
        public double FloorUp => LegTop + BearerHigh + PackerSide + Vessel.Wall - Fall * Packers[0];

        public double RimUp => FloorUp + Inside.Height;

        /// <summary>With however many packers, the rim is no higher than this.</summary>
        public double RimMost => LegTop + BearerHigh + PackerSide + Vessel.Wall + Fall * Foot.Length / 2 + Inside.Height;

        /// <summary>How far down a leg and along a bearer a brace reaches.</summary>
        public double Knee => Math.Max(.08, Math.Min(LegLong * .8, (Length - LegSide - .25) / 2));

        public double BraceAlong => Knee * Math.Sqrt(2);

        public double BraceAcross => Math.Sqrt(Math.Pow(Apart + BearerThin - LegSide, 2) + Math.Pow(LegLong - BraceWide, 2));

        public int InFront => Set.Whole("front") == 0 ? 0 : (int)Math.Floor(LegLong / CladdingApart + 1e-9);

        public double StonesVolume => Vessels * Foot.Length * Stones * OutletFloor.StonesHigh;

        public OutletFloor Floor => field ??= new(Inside, Soil, Fall, Outlet, Stones, LegTop + BearerHigh, Vessels);

        /// <summary>The widest stretch of floor between two packers.</summary>
        private double FloorSpan => Foot.Length / Packers.Count;

        /// <summary>One hole in the floor at its end, away from the packers.</summary>
        public IReadOnlyList<LoadPath> Shells(Handbook handbook) => [Held.Wall(handbook), Held.Floor(FloorSpan, Packers.Count - 1, 1, handbook)];

        public double Empty(Handbook handbook) => Vessels * (Held.EmptyMass(handbook) + Packing.MostFor(Foot.Length) * Across * PackerSide * PackerSide * Stuff.WoodDensity) + 2 * Length * BearerHigh * BearerWide * Stuff.WoodDensity;

        public Sum Filter()
        {
            var openings = Drainage.Outlet.FilterOpenings(Outlet, UnknownGrain);
            return Sum.Of(
                "Finest opening of the filter", "D₈₅ of the soil", [new("d", "outlet", Outlet, Unit.Metre), new("coarsest", "opening over the outlet", openings[0], Unit.Metre), new("layers", "one over another", openings.Count, Unit.Count), new("D₈₅", "grain that 85 % of the soil is finer than", UnknownGrain, Unit.Metre)],
                openings[^1], Unit.Metre, "Terzaghi’s filter rule: openings not above D₈₅ hold the soil back", "Nobody has sieved the soil: a mixed one");
        }
    }
}
