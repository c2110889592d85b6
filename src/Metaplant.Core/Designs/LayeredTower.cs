using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Settling;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// A ring of mesh filled in lifts while its crop grows up through them: a first layer to plant in, and more as stems allow. Its wall is cloth, or leaves or chip packed against the mesh. In autumn the ring is opened and all of it falls out at the side.
/// </summary>
public sealed class LayeredTower : Design
{
    private const double HeadSpace = .05;
    private const double LapOfCloth = .15, TurnedOver = .10;
    private const double LeastHeight = .40, MostHeight = 1.2;
    private const double WidestOpening = .10;
    /// <summary>From the first filling to autumn, years.</summary>
    private const double Season = .5;

    /// <summary>Leaves or chip packed so thick against the mesh, m: thinner, soil runs out and light comes in.</summary>
    private const double Packed = .06;

    private static readonly Role Leaves = new("wall", "Leaves for the wall", Seat.InSoil, Form.Fill) { Worked = false };
    private static readonly Role Chip = new("wall", "Chip for the wall", Seat.InSoil, Form.Fill) { Worked = false };
    private static readonly Role Cloth = new("wall", "Cloth for the wall", Seat.InSoil, Form.Fabric) { Buy = "cloth", Of = s => s is Substance.WovenCloth or Substance.NaturalFibre };

    public override string Id => "layered-tower";

    public override string Name => "Layered tower";

    public override string Summary => "A ring of mesh filled in lifts as potatoes or tomatoes grow up through it, and opened from the side in autumn.";

    public override Role Lead { get; } = new("mesh", "The mesh", Seat.BehindCloth, Form.Mesh) { Counts = l => l.Way.Id == "cut", Also = l => MeshRings.WhyNot(l, WidestOpening, LeastHeight) };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var widest = MeshRings.Widest(lead, .45, 1.0);
        var heights = MeshRings.Heights(lead, LeastHeight, MostHeight);
        return
        [
            new Setting("height", "Height", Unit.Metre, heights, heights.MinBy(h => Math.Abs(h.Value - .70))!.Value, "As high as the roll is wide saves a cut").TryThese(.50, .70, heights[^1].Value),
            Setting.Even("across", "Across", Unit.Metre, .45, widest, .05, Math.Min(.60, widest), "Wider stands firmer and dries more slowly").TryThese(.60, .80),
            Setting.Even("lifts", "Lifts", Unit.Count, 1, 6, 1, 3, "Each buries so much of the stems; some crops bear none").TryAll(),
            new("wall", "Wall", Unit.Count, [new(0, "cloth"), new(1, "leaves"), new(2, "chip")], 0, "Cloth holds best; leaves feed the soil and shelter slugs"),
            new("closed", "Ends closed", Unit.Count, [new(0, "hooked"), new(1, "laced")], 0, "Hooked is quick to open and bears half"),
            Setting.Even("stakes", "Stakes round it", Unit.Count, 0, 6, 1, 3, "A narrow one tips when somebody leans on it").Least(),
            Setting.Even("deep", "Stakes in the ground", Unit.Metre, .30, 1.00, .05, .60, "As deep as the ground asks").Least(),
        ];
    }

    public override double AtMost(Chosen set) => Math.PI / 4 * set["across"] * set["across"] * set["height"] * 1000;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var tower = new Plan(set);
        return Demand.Of(
            new RollNeeded("ring", Lead, 1, tower.Ring, tower.Height) { Name = "Ring" },
            tower.Clothed ? new CoverNeeded("wall", Cloth, tower.Round + LapOfCloth, tower.Height + TurnedOver) : new FillNeeded("wall", tower.Leafy ? Leaves : Chip, tower.WallVolume * set.Brief.Handbook[Practice.MulchOverPlaced], [(tower.Leafy ? "leaves" : "woodchip", 1)]),
            tower.Laced ? new RunNeeded("wire", Stuff.Wire, 4 * tower.Height, .001, .003) : null,
            tower.Stakes == 0 ? null : new RunNeeded("lashing", Stuff.Twine, tower.Stakes * 2 * MeshRings.LineToLash, .002, .008),
            tower.Stakes == 0 ? null : new SticksNeeded("stakes", Stuff.Stakes, tower.Stakes, tower.Height + set["deep"], Stuff.StakeThickness));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var tower = new Plan(set);
        var m = MeshRings.Of(set.Lead);
        List<Part> parts = [new("ring", "Ring of mesh", Form.Mesh, 1, tower.Ring, tower.Height, m.Wire, "ring"), new("wall", tower.Clothed ? "Cloth" : tower.Leafy ? "Wall of leaves" : "Wall of chip", tower.Clothed ? Form.Fabric : Form.Fill, 1, tower.Round, tower.Height, tower.Thick, "wall")];
        if (tower.Stakes > 0) parts.Add(new("stake", "Stake", Form.Pole, tower.Stakes, tower.Height + set["deep"], Stuff.StakeThickness, Stuff.StakeThickness, "stakes"));
        List<LoadPath> paths =
        [
            new MeshRing("ring", tower.Across / 2, tower.Soil, m.Aperture, m.Wire, MeshRings.WireLeft(set), tower.Laced),
            new StakedTower("ring", "stake", tower.Across, tower.Height, set.Brief.Medium.DryDensity * tower.Space.VolumeTo(tower.Soil), tower.Stakes, Stuff.StakeThickness, set["deep"], tower.Height * .85, Piece.BoughtGrade) { Worn = cast.Worn("stakes") },
            new BuriedStems("ring", tower.Lift, tower.Lifts),
        ];
        if (tower.Clothed) paths.Add(new Lasting("wall", "the cloth", Substance.WovenCloth, 1, cast.Worn("wall"), "Look at it in autumn, when it is opened.", "Not sure: look at it before it is filled again."));
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(tower.Across)} across, {Amount.Length(tower.Height)} high, in {new Count(tower.Lifts, "lift", "lifts")}",
            Parts = parts,
            Joints = [.. tower.Laced ? [new("Ends of the ring", "ring", "ring", "lashing", 1)] : (Joint[])[], .. tower.Stakes > 0 ? [new("Ring to stakes", "ring", "stake", "lashing", 2 * tower.Stakes)] : (Joint[])[]],
            Bays = [new("Soil", tower.Space, tower.Soil, new(0, 0, .001))],
            Foot = new OpenGround(),
            LoadPaths = paths,
            Figures = tower.Figures(m),
            Handling = new(tower.Ring * tower.Height * MeshRings.MassOf(m), BuiltInPlace: true),
            Stance = new BuiltIn(Math.PI / 4 * tower.Across * tower.Across),
            Scene = () => Stand(tower, set, m),
            Operations = () => Steps(tower, set),
            Reach = tower.Across / 2,
        };
    }

    private static Scene Stand(Plan tower, Chosen set, MeshMeasures m)
    {
        const double Clear = .0005, Thin = .001;
        Vat Block(double from, double to, double across) => new(Parts.Soil, Ink.Soil, new(0, 0, from), [new(Stuff.Round(across), 0), new(Stuff.Round(across), to - from)], []);
        List<Solid> solids = [Stuff.Sleeve("ring", Ink.Line, Stuff.Round(tower.Across), default, tower.Height, m.Wire), Stuff.Sleeve("wall", tower.Clothed ? Ink.Fabric : Ink.Wood, Stuff.Round(tower.Across - 4 * Clear), default, tower.Height - Clear, Math.Max(Thin, tower.Thick))];
        // Each lift by itself, so that one sees how it is filled.
        for (var i = 0; i < tower.Lifts; i++) solids.Add(Block(.001 + i * tower.Lift + (i > 0 ? Clear : 0), .001 + (i + 1) * tower.Lift, tower.Inside - 8 * Clear));
        var away = tower.Across / 2 + m.Wire + Stuff.StakeThickness / 2 + .005;
        solids.AddRange(Stuff.StakesRound("stake", tower.Stakes, default, away, set["deep"], tower.Height));
        double r = tower.Across / 2;
        return new(solids,
        [
            new("front", new(-r, 0, 0), new(-r, 0, tower.Height), .10, "height"), new("plan", new(-r, r, 0), new(r, r, 0), .10, "across"), new("section", new(.0004, -r, 0), new(.0004, -r, tower.Lift), .10),
            .. tower.Stakes > 0 ? [new SceneMeasure("section", new(.0004, away + .05, 0), new(.0004, away + .05, -set["deep"]), .05, "deep")] : (SceneMeasure[])[],
        ], SectionAt: .0004);
    }

    private static IReadOnlyList<Operation> Steps(Plan tower, Chosen set)
    {
        var crop = set.Brief.Crop;
        List<Operation> steps =
        [
            new("level", "Level the place", "Bare ground, so that water goes on down; a sheet of card over weeds.", 8, ["Spade"], Op.Gloves, false, "services"),
            new("cut", "Cut the ring", $"{Amount.Length(tower.Ring)} off the roll. Cut close to a cross wire, so that ends of one side are left to hook. Hold both ends: it springs back.", 6, ["Side cutter", "Tape"], Op.EyesAndGloves, false, "edges") { Cuts = ["ring"] },
        ];
        if (tower.Stakes > 0) steps.Add(Op.DriveStakes("stakes", "stake", tower.Stakes, set["deep"], $"upright, in a ring of {Amount.Length(tower.Across + 2 * Stuff.StakeThickness)}."));
        steps.Add(new("bend", "Bend it and close it", tower.Laced ? "Two rows of openings over each other, wire in and out of every one, its ends twisted where they can be got at in autumn." : "One row of openings over the other; every cut end bent round a wire of the other side and pressed shut. All ends point in.", 12, ["Pliers"], Op.EyesAndGloves, false, "edges") { Places = ["ring"] });
        if (tower.Stakes > 0) steps.Add(new("lash", "Lash it to the stakes", "Two turns round mesh and each stake, at half height and near the top.", 4 * tower.Stakes, ["Knife"], []));
        steps.Add(tower.Clothed
            ? new("wall", "Hang the cloth inside", $"{Amount.Length(LapOfCloth)} of it over itself, {Amount.Length(TurnedOver)} turned over the top edge and tied.", 10, ["Scissors"], []) { Places = ["wall"], Cuts = ["wall"] }
            : new("wall", tower.Leafy ? "Pack leaves against the mesh" : "Pack chip against the mesh", $"{Amount.Length(Packed)} thick, with each lift, a little above the soil, so that no light comes in and no shoot goes out at the side.{(tower.Leafy ? " Slugs live in leaves: look under them at dusk." : "")}", 8 * tower.Lifts, ["Shovel"], Op.Gloves) { Places = ["wall"] });
        var first = Op.Fill(tower.LiftVolume, tower.Height - .001 - tower.Lift) with
        {
            Title = tower.Lifts == 1 ? "Fill it and plant" : "Fill the first lift and plant",
            Words = tower.Lifts == 1 ? (Sentence)$"{Amount.Volume(tower.LiftVolume)}, firmed and watered in layers." : $"{Amount.Volume(tower.LiftVolume)}, {Amount.Length(tower.Lift)} deep, firmed and watered; plant half way down in it.",
        };
        steps.Add(first);
        if (tower.Lifts > 1)
        {
            steps.Add(new("lifts", $"Fill {new Count(tower.Lifts - 1, "more lift", "more lifts")}", $"Whenever shoots stand {Amount.Length(tower.Lift + .10)} over the soil: {Amount.Volume(tower.LiftVolume)} round them, {Amount.Length(tower.Lift)} deep, leaves of the tips left free.{(crop is { BuryLimit: 0 } ? " This crop bears none of it." : "")} It sinks as it is watered: fill up to the mark again.", 15 * (tower.Lifts - 1), ["Shovel", "Watering can"], []));
        }

        steps.Add(new("open", "Open it in autumn", "Stand beside the joint, not before it: undo it from the top downwards and let it fall out at the side. Roll the mesh up dry.", 15, ["Pliers"], Op.EyesAndGloves, false, "wire"));
        return steps;
    }

    private sealed record Plan(Chosen Set)
    {
        public double Height => Set["height"];

        public double Across => Set["across"];

        public int Lifts => Set.Whole("lifts");

        public int Stakes => Set.Whole("stakes");

        public bool Laced => Set.Whole("closed") == 1;

        public bool Clothed => Set.Whole("wall") == 0;

        public bool Leafy => Set.Whole("wall") == 1;

        /// <summary>Of its wall.</summary>
        public double Thick => Clothed ? 0 : Packed;

        public double Inside => Across - 2 * Thick;

        public double Round => Math.PI * Across;

        public double Ring => Round + MeshRings.Overlap;

        public double Soil => Height - HeadSpace;

        public double Lift => Soil / Lifts;

        public CoredCylinder Space => new(Inside, Height);

        public double LiftVolume => Space.VolumeTo(Soil) / Lifts;

        public double WallVolume => Math.PI / 4 * (Across * Across - Inside * Inside) * Height;

        public IReadOnlyList<Sum> Figures(MeshMeasures m)
        {
            List<Sum> all =
            [
                MeshRings.LengthOf(Across, Ring),
                Sum.Of("Soil for each lift", "π (D − 2 w)² ÷ 4 × z ÷ n", [new("D", "across", Across, Unit.Metre), new("w", "wall", Thick, Unit.Metre), new("z", "depth of soil", Soil, Unit.Metre), new("n", "lifts", Lifts, Unit.Count)], LiftVolume, Unit.CubicMetre, "Volume of a cylinder", "As it lies, firmed"),
            ];
            // Two parts of compost to three of soil, or compost alone; of other media nobody knows how they sink.
            IReadOnlyList<Layer>? layers = Set.Brief.Medium.Id switch { "topsoil-compost" => [new(Fill.Topsoil, .6 * Soil), new(Fill.Compost, .4 * Soil)], "finished-compost" => [new(Fill.Compost, Soil)], _ => null };
            if (layers is not null) all.Add(Sum.Of("It sinks by autumn", "Σ T f (1 − e^−kt)", [new("T", "depth of soil", Soil, Unit.Metre), new("t", "years", Season, Unit.Year), .. layers.Select(l => Set.Brief.Handbook.Term(Fills.Id(l.Fill, "lost"))), .. layers.Select(l => Set.Brief.Handbook.Term(Fills.Id(l.Fill, "rate")))], Settlement.After(Season, layers, Set.Brief.Handbook), Unit.Metre, "How fills rot and sink, an estimate that your own log corrects", "Firmed and watered as it was filled"));
            if (Lifts > 1 && Set.Brief.Crop is { } crop)
            {
                // As tall as it gets by the first picking, evenly.
                all.Add(Sum.Of("Days from lift to lift", "z ÷ n × t ÷ H", [new("z", "depth of soil", Soil, Unit.Metre), new("n", "lifts", Lifts, Unit.Count), new("t", $"days until {crop.Plural} are picked", crop.DaysToHarvest, Unit.Count), new("H", "height it grows to", crop.Height, Unit.Metre)], Lift * crop.DaysToHarvest / crop.Height, Unit.Count, "Growth taken as even; the shoots tell"));
            }

            return all;
        }
    }
}
