using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>Rings bent from mesh off a roll, closed on themselves, lined and filled where they stand on open ground; one, or a dozen alike.</summary>
public sealed class MeshPot : Design
{
    private const double HeadSpace = .03;
    private const double LapOfLining = .15;
    private const double TurnedOver = .10;

    /// <summary>What is wider lets the lining bulge out between the wires.</summary>
    private const double WidestOpening = .05;

    private const double LeastHeight = .30;
    private const double MostHeight = 1.0;

    /// <summary>From pot to pot, room for a hand and a can.</summary>
    private const double Between = .15;

    private static readonly Role Woven = new("liner", "Lining of woven cloth", Seat.InSoil, Form.Fabric) { Buy = "cloth", Of = s => s == Substance.WovenCloth };
    private static readonly Role Sacking = new("liner", "Lining of sacking", Seat.InSoil, Form.Fabric) { Of = s => s == Substance.NaturalFibre };
    private static readonly Role Card = new("card", "Card outside the lining", Seat.BehindCloth, Form.Card) { Of = s => s == Substance.Paper };

    public override string Id => "mesh-pot";

    public override string Name => "Mesh pot";

    public override string Summary => "Rings of wire mesh, lined and filled where they stand: cheap, deep, and made by the dozen.";

    public override Role Lead { get; } = new("mesh", "The mesh", Seat.BehindCloth, Form.Mesh) { Counts = l => l.Way.Id == "cut", Also = l => MeshRings.WhyNot(l, WidestOpening, LeastHeight) };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var widest = MeshRings.Widest(lead, .35, .80);
        var heights = MeshRings.Heights(lead, LeastHeight, MostHeight);
        return
        [
            new Setting("height", "Height", Unit.Metre, heights, heights.MinBy(h => Math.Abs(h.Value - .60))!.Value, "As high as the roll is wide saves a cut; lower stands firmer").TryThese(.45, .60, heights[^1].Value),
            Setting.Even("across", "Across", Unit.Metre, .35, widest, .05, Math.Min(.55, widest), "Wider stands firmer and takes more of the roll").TryThese(.45, .55, .70),
            Setting.Even("pots", "How many alike", Unit.Count, 1, 12, 1, 1, "Each more takes a minute less").Try(n => n is 1 or 2 or 4 or 8),
            new Setting("closed", "Ends closed", Unit.Count, [new(0, "hooked"), new(1, "laced")], 0, "Hooked is quick and bears half; laced takes wire"),
            new Setting("lining", "Lining", Unit.Count, [new(0, "woven cloth"), new(1, "sacking")], 0, "Woven cloth lasts longest; sacking is gone in a year or two"),
            new Setting("card", "Outside the lining", Unit.Count, [new(0, "nothing"), new(1, "card")], 0, "Card keeps the sun off the lining for its first season"),
            new Setting("foot", "Foot", Unit.Count, [new(0, "open"), new(1, "mesh")], 0, "Open lets roots down; mesh keeps burrowers out"),
            Setting.Even("seasons", "For how long, years", Unit.Count, 1, 5, 1, 2, "What the lining is sure of"),
            Setting.Even("stakes", "Stakes round each", Unit.Count, 0, 4, 1, 2, "A narrow one tips when somebody leans on it").Least(),
            Setting.Even("deep", "Stakes in the ground", Unit.Metre, .30, 1.00, .05, .60, "As deep as the ground asks").Least(),
        ];
    }

    public override double AtMost(Chosen set) => new Plan(set).Volume * 1000;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var pot = new Plan(set);
        return Demand.Of(
            new RollNeeded("rings", Lead, pot.Pots, pot.Ring, pot.Height) { Name = "Rings" },
            pot.Meshed ? new RollNeeded("floor", Lead, pot.Pots, pot.Across, pot.Across) { Name = "Feet of mesh" } : null,
            new CoverNeeded("liner", pot.Woven ? Woven : Sacking, pot.Pots * (pot.Round + LapOfLining), pot.Height + TurnedOver),
            pot.Shaded ? new CoverNeeded("card", Card, pot.Pots * pot.Round, pot.Height) : null,
            pot.Laced ? new RunNeeded("wire", Stuff.Wire, pot.Pots * 4 * pot.Height, .001, .003) : null,
            pot.Stakes == 0 ? null : new RunNeeded("lashing", Stuff.Twine, pot.Pots * pot.Stakes * 2 * MeshRings.LineToLash, .002, .008),
            pot.Stakes == 0 ? null : new SticksNeeded("stakes", Stuff.Stakes, pot.Pots * pot.Stakes, pot.Height + set["deep"], Stuff.StakeThickness));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var pot = new Plan(set);
        var m = MeshRings.Of(set.Lead);
        var stake = pot.Stakes == 0 ? Stuff.StakeThickness : cast["stakes"].Min(s => s.Thin);
        List<Part> parts = [new("ring", "Ring of mesh", Form.Mesh, pot.Pots, pot.Ring, pot.Height, m.Wire, "rings"), new("liner", "Lining", Form.Fabric, pot.Pots, pot.Round, pot.Height, 0, "liner")];
        if (pot.Meshed) parts.Add(new("floor", "Foot of mesh", Form.Mesh, pot.Pots, pot.Across, pot.Across, m.Wire, "floor"));
        if (pot.Shaded) parts.Add(new("card", "Card", Form.Card, pot.Pots, pot.Round, pot.Height, 0, "card"));
        if (pot.Stakes > 0) parts.Add(new("stake", "Stake", Form.Pole, pot.Pots * pot.Stakes, pot.Height + set["deep"], Stuff.StakeThickness, Stuff.StakeThickness, "stakes"));
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(pot.Pots, "pot", "pots")} {Amount.Length(pot.Across)} across, {Amount.Length(pot.Height)} high",
            Parts = parts,
            Joints = [.. pot.Laced ? [new("Ends of the ring", "ring", "ring", "lashing", pot.Pots)] : (Joint[])[], .. pot.Stakes > 0 ? [new("Ring to stakes", "ring", "stake", "lashing", 2 * pot.Pots * pot.Stakes)] : (Joint[])[]],
            Bays = [.. pot.Middles.Select((at, i) => new Bay(pot.Pots == 1 ? "Soil" : $"Pot {i + 1}", pot.Space, pot.Soil, new(at.X, at.Y, .004)))],
            Foot = new OpenGround(),
            LoadPaths =
            [
                new MeshRing("ring", pot.Across / 2, pot.Soil, m.Aperture, m.Wire, MeshRings.WireLeft(set), pot.Laced),
                new StakedTower("ring", "stake", pot.Across, pot.Height, set.Brief.Medium.DryDensity * pot.Space.VolumeTo(pot.Soil), pot.Stakes, stake, set["deep"], pot.Height * .85, Piece.BoughtGrade) { Worn = cast.Worn("stakes") },
                new Lasting("liner", "the lining", pot.Woven ? Substance.WovenCloth : Substance.NaturalFibre, set.Whole("seasons"), cast.Worn("liner"), "Look at it from outside each spring; a hole is patched from within.", "Not sure: look at it in spring, and line it anew when it is emptied.") { Cover = pot.Shaded ? (Substance.Paper, cast.Worn("card")) : null },
            ],
            Figures = Figures(pot, m, cast),
            Handling = new(pot.Pots * pot.Ring * pot.Height * MeshRings.MassOf(m), BuiltInPlace: true),
            Stance = new BuiltIn(pot.Pots * Math.PI / 4 * pot.Across * pot.Across),
            Scene = () => Stand(pot, set, m),
            Operations = () => Steps(pot, set, m),
            Reach = pot.Across / 2,
        };
    }

    private static IReadOnlyList<Sum> Figures(Plan pot, MeshMeasures m, Cast cast)
    {
        var ring = cast.Asked.OfType<RollNeeded>().First(n => n.Id == "rings");
        var spent = cast.Buys.Sum(b => b.Cost);
        return
        [
            MeshRings.LengthOf(pot.Across, pot.Ring),
            Sum.Of("Rings out of one roll", "⌊L ÷ l⌋ × ⌊w ÷ h⌋", [new("L", "roll", m.Length, Unit.Metre), new("l", "ring", pot.Ring, Unit.Metre), new("w", "width of the roll", m.Width, Unit.Metre), new("h", "height", pot.Height, Unit.Metre)], ring.From(m.Length, m.Width), Unit.Count, "Cut across, and along where the roll is wide enough"),
            Sum.Of("Spent on each, without soil", "cost ÷ n", [new("cost", "bought for all", spent, Unit.Money), new("n", "pots", pot.Pots, Unit.Count)], spent / pot.Pots, Unit.Money, "Prices of the handbook", "By the pack: what is over serves the next"),
        ];
    }

    private static Scene Stand(Plan pot, Chosen set, MeshMeasures m)
    {
        // Each clear of the next by less than anybody sees; a row of them has fewer corners each.
        const double Clear = .0005, Thin = .001, Under = .002;
        var every = pot.Pots > 2 ? 4 : 2;
        var solids = new List<Solid>();
        var stakeAway = pot.Across / 2 + m.Wire + Stuff.StakeThickness / 2 + .005;
        IReadOnlyList<Point> Round(int inside) => Stuff.Round(pot.Across - 2 * inside * Clear, every);
        Vat Block(string part, Ink ink, double height, Point3 foot) => new(part, ink, foot, [new(Round(4), 0), new(Round(4), height)], []);
        foreach (var at in pot.Middles)
        {
            Point3 foot = new(at.X, at.Y, 0);
            solids.Add(Stuff.Sleeve("ring", Ink.Line, Round(0), foot, pot.Height, m.Wire));
            if (pot.Shaded) solids.Add(Stuff.Sleeve("card", Ink.Wood, Round(1), foot, pot.Height, Thin));
            solids.Add(Stuff.Sleeve("liner", Ink.Fabric, Round(2), foot, pot.Height, Thin));
            if (pot.Meshed) solids.Add(Block("floor", Ink.Line, Under, foot));
            solids.Add(Block(Parts.Soil, Ink.Soil, pot.Soil, foot with { Z = Under + Clear }));
            solids.AddRange(Stuff.StakesRound("stake", pot.Stakes, foot, stakeAway, set["deep"], pot.Height));
        }

        var first = pot.Middles[0];
        double left = first.X - pot.Across / 2, right = first.X + pot.Across / 2, front = first.Y;
        return new(solids,
        [
            new("front", new(left, front, 0), new(left, front, pot.Height), .10, "height"), new("plan", new(left, front + pot.Across / 2, 0), new(right, front + pot.Across / 2, 0), .10, "across"),
            new("section", new(first.X, front - pot.Across / 2, 0), new(first.X, front - pot.Across / 2, pot.Soil), .08),
            .. pot.Stakes > 0 ? [new SceneMeasure("section", new(first.X, front + stakeAway + .05, 0), new(first.X, front + stakeAway + .05, -set["deep"]), .05, "deep")] : (SceneMeasure[])[],
        ], SectionAt: first.X + .0004);
    }

    private static IReadOnlyList<Operation> Steps(Plan pot, Chosen set, MeshMeasures m)
    {
        const double EachCut = 5, EachBent = 12, EachLined = 8, EachFloor = 6;
        Count pots = new(pot.Pots, "ring", "rings");
        List<Operation> steps =
        [
            new("level", "Level the place", "Bare ground, so that water goes on down and roots follow.", 8 * pot.Pots, ["Spade"], Op.Gloves, false, "services"),
            new("cut", $"Cut {pots}", $"{Amount.Length(pot.Ring)} off the roll for each{(pot.Height < m.Width - .001 ? (Sentence)$", {Amount.Length(pot.Height)} high: the cut edge goes down" : "")}. Cut close to a cross wire, so that ends of one side are left to hook. Hold both ends: it springs back.", EachCut * pot.Pots, ["Side cutter", "Tape"], Op.EyesAndGloves, false, "edges") { Cuts = ["rings", .. pot.Meshed ? ["floor"] : (string[])[]] },
        ];
        if (pot.Stakes > 0) steps.Add(Op.DriveStakes("stakes", "stake", pot.Pots * pot.Stakes, set["deep"], $"upright, {pot.Stakes} round each, in a ring of {Amount.Length(pot.Across + 2 * Stuff.StakeThickness)}."));
        steps.Add(new("bend", $"Bend and close {pots}", pot.Laced ? (Sentence)$"Two rows of openings over each other, {Amount.Length(MeshRings.Overlap)}; wire in and out of every one, top to bottom, its ends twisted." : $"One row of openings over the other, {Amount.Length(MeshRings.Overlap)} in all; every cut end bent round a wire of the other side and pressed shut. All ends point in.", EachBent * pot.Pots, ["Pliers"], Op.EyesAndGloves, false, "edges") { Places = ["ring"] });
        if (pot.Meshed) steps.Add(new("floor", "Hook in the feet", "Cut round with a hand’s breadth over, pressed up inside and hooked.", EachFloor * pot.Pots, ["Side cutter", "Pliers"], Op.EyesAndGloves, false, "edges") { Places = ["floor"] });
        if (pot.Shaded) steps.Add(new("card", "Stand the card inside", "Tape and staples off it; its ends over each other, where the sun comes from.", 3 * pot.Pots, ["Knife"], []) { Places = ["card"] });
        steps.Add(new("line", pot.Pots == 1 ? "Line it" : "Line them", $"The lining up inside, {Amount.Length(LapOfLining)} of it over itself, {Amount.Length(TurnedOver)} turned over the top edge and tied, so that no wire end is bare.{(pot.Meshed ? "" : " The foot stays open.")}", EachLined * pot.Pots, ["Scissors"], []) { Places = ["liner"], Cuts = ["liner"] });
        if (pot.Stakes > 0) steps.Add(new("lash", "Lash them to the stakes", "Two turns round mesh and each stake, at half height and near the top.", 4 * pot.Pots * pot.Stakes, ["Knife"], []));
        return [.. steps, Op.Fill(pot.Volume, HeadSpace, " Keep the ring round while it fills; it is as stiff as the soil in it.")];
    }

    private sealed record Plan(Chosen Set)
    {
        public double Height => Set["height"];

        public double Across => Set["across"];

        public int Pots => Set.Whole("pots");

        public int Stakes => Set.Whole("stakes");

        public bool Laced => Set.Whole("closed") == 1;

        public bool Woven => Set.Whole("lining") == 0;

        public bool Shaded => Set.Whole("card") == 1;

        public bool Meshed => Set.Whole("foot") == 1;

        public double Round => Math.PI * Across;

        public double Ring => Round + MeshRings.Overlap;

        public double Soil => Height - HeadSpace;

        public CoredCylinder Space => new(Across, Height);

        public double Volume => Pots * Space.VolumeTo(Soil);

        /// <summary>Rows of up to four, from the front left.</summary>
        public IReadOnlyList<Point> Middles => field ??= Rows();

        private List<Point> Rows()
        {
            var inRow = Math.Min(4, Pots);
            double step = Across + Between + (Stakes > 0 ? 2 * Stuff.StakeThickness : 0), rows = Math.Ceiling(Pots / 4.0);
            return [.. Enumerable.Range(0, Pots).Select(i => new Point((i % 4 - (inRow - 1) / 2.0) * step, (i / 4 - (rows - 1) / 2) * step))];
        }
    }
}
