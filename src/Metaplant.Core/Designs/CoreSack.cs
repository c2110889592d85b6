using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// A porous sack stood on open ground and filled round a core of stones that carries water down; plants on top and out of slits on a staggered grid clear of the foot; staked against tipping.
/// </summary>
public sealed class CoreSack : Design
{
    private const double HeadSpace = .04;

    /// <summary>Part of a sack's length that stands once it is filled and its foot folded.</summary>
    private const double Stands = .85;

    /// <summary>No opening this near to the foot, where soil stays wettest and pushes most, m.</summary>
    private const double ClearOfFoot = .18;

    public override string Id => "core-sack";

    public override string Name => "Core sack";

    public override string Summary => "A sack filled round a core of stones that waters it, planted on top and all round.";

    public override Role Lead { get; } = new("sack", "The sack", Seat.InSoil, Form.Sack)
    {
        Counts = l => l.As<SackMeasures>() is not null,
        Of = s => s is Substance.NaturalFibre or Substance.SyntheticFibre,
        Also = l => l.As<SackMeasures>() is { } m && CoredCylinder.Sack(m.FlatWidth, m.Height).Diameter < .2 ? "Too narrow to stand with a core in it." : null,
    };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var m = Of(lead);
        double most = Math.Round(m.Height * Stands, 2), across = 2 * m.FlatWidth / Math.PI;
        return
        [
            Setting.Even("height", "How high it stands", Unit.Metre, Math.Min(.3, most), most, .05, most, "As high as it stands; lower stands firmer").TryAll(),
            Setting.Even("core", "Core of stones, across", Unit.Metre, .06, Math.Max(.06, across / 2), .02, .10, "Wide enough that water reaches the outside").Try(c => c < across / 2),
            Setting.Even("opening", "Slits, how wide", Unit.Metre, .04, .12, .01, .06, "As wide as the root ball of a young plant"),
            Setting.Even("apart", "From slit to slit", Unit.Metre, .15, .40, .05, .25, "The spacing of small plants"),
            Setting.Even("stakes", "Stakes round it", Unit.Count, 0, 6, 1, 3, "A full crop in a gust tips a sack").Least(),
            Setting.Even("deep", "Stakes in the ground", Unit.Metre, .30, 1.10, .05, .60, "As deep as the ground asks").Least(),
        ];
    }

    public override Outcome<Demand> Ask(Chosen set)
    {
        var sack = new Plan(set);
        if (sack.Core > sack.Across - .1) return new Problem("core", "The core leaves no room for soil.");
        return Demand.Of(
            new WholeNeeded("sack", Lead, 1),
            sack.Stones.Needed,
            sack.Stakes == 0 ? null : new SticksNeeded("stakes", Stuff.Stakes, sack.Stakes, sack.Height + set["deep"], Stuff.StakeThickness));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var sack = new Plan(set);
        var stake = sack.Stakes == 0 ? Stuff.StakeThickness : cast["stakes"].Min(s => s.Thin);
        List<Part> parts = [new("sack", "Sack", Form.Sack, 1, sack.Height, sack.Across, .001, "sack"), new("core", "Core of stones", Form.Fill, 1, sack.Height, sack.Core, sack.Core, "stones")];
        if (sack.Stakes > 0) parts.Add(new("stake", "Stake", Form.Pole, sack.Stakes, sack.Height + set["deep"], Stuff.StakeThickness, Stuff.StakeThickness, "stakes"));
        var soil = sack.Space.VolumeTo(sack.Soil);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(sack.Height)} high, {new Count(sack.Openings.Count, "slit", "slits")}",
            Parts = parts,
            Joints = sack.Stakes == 0 ? [] : [new("Sack to stakes", "sack", "stake", "lashing", 2 * sack.Stakes)],
            Bays = [new("Soil", sack.Space, sack.Soil, new(0, 0, .002))],
            Pockets = sack.Stones.Pockets(sack.Openings, sack.Opening, soil),
            Foot = new OpenGround(),
            LoadPaths =
            [
                new StakedTower("sack", "stake", sack.Across, sack.Height, sack.DryMass, sack.Stakes, stake, set["deep"], sack.Height * .85, Piece.BoughtGrade) { Worn = cast.Worn("stakes") }, new SackCloth("sack", sack.Across / 2, sack.Soil),
                sack.Stones.Reach(set.Brief),
            ],
            Figures = [StoneCore.WetsThrough(soil, set.Brief)],
            Handling = new(sack.Stones.Mass, BuiltInPlace: true),
            Stance = new BuiltIn(Math.PI / 4 * sack.Across * sack.Across),
            Scene = () => Stand(sack, set),
            Faces = [new("sack", $"{new Count(sack.Openings.Count, "slit", "slits")} of {Amount.Length(sack.Opening)}, the sack cut open and laid flat, its foot below", [new(0, 0), new(Math.PI * sack.Across, 0), new(Math.PI * sack.Across, sack.Height), new(0, sack.Height)], [.. sack.Openings.Select(o => (o.Flat(sack.Across), sack.Opening))])],
            Operations = () => Steps(sack, set),
            Reach = sack.Across / 2,
        };
    }

    private static SackMeasures Of(Lead lead) => lead.Main.As<SackMeasures>()!;

    private static Scene Stand(Plan sack, Chosen set)
    {
        double r = sack.Across / 2, h = sack.Height, out_ = r + Stuff.StakeThickness / 2 + .005;
        CoredCylinder whole = new(sack.Across, h), core = new(sack.Core, sack.Soil);
        List<Solid> solids =
        [
            Vat.Around("sack", Ink.Fabric, whole, .001, default),
            Vat.Filling("core", Ink.Metal, core, sack.Soil + .01, new(0, 0, .002)),
            new Vat(Parts.Soil, Ink.Soil, new(0, 0, .002), [new(new CircleOutline(sack.Across - .004).ToPolygon(), 0), new(new CircleOutline(sack.Across - .004).ToPolygon(), sack.Soil)], []),
        ];
        solids.AddRange(Stuff.StakesRound("stake", sack.Stakes, default, out_, set["deep"], h));
        solids.AddRange(sack.Openings.Select(o => o.Drawn("sack", sack.Across, sack.Opening, .012)));
        return new(solids, [new("front", new(-r, 0, 0), new(-r, 0, h), .1, "height"), new("section", new(0, -sack.Core / 2, h), new(0, sack.Core / 2, h), .08, "core"), new("section", new(0, r + .05, 0), new(0, r + .05, -set["deep"]), .05, sack.Stakes > 0 ? "deep" : null)], SectionAt: .0004);
    }

    private static IReadOnlyList<Operation> Steps(Plan sack, Chosen set)
    {
        List<Operation> steps = [new("level", "Level the place", "Bare ground, so that water goes on down and roots follow.", 8, ["Spade"], Op.Gloves, false, "services")];
        if (sack.Stakes > 0) steps.Add(Op.DriveStakes("stakes", "stake", sack.Stakes, set["deep"], $"upright, in a ring of {Amount.Length(sack.Across + 2 * Stuff.StakeThickness)}."));
        steps.Add(new("stand", "Stand the sack and fill it round a core", $"A tube of {Amount.Length(sack.Core)} in the middle, stones into it, soil round it, a hand high at a time; draw the tube up as it fills. {Amount.Volume(sack.Stones.Volume)} of stones in all.", 30, ["Bucket", "Shovel"], Op.Gloves, true, "lift") { Places = ["sack", "core"] });
        if (sack.Stakes > 0) steps.Add(new("lash", "Lash it to the stakes", "Two turns round sack and each stake, at half height and near the top; loose enough not to cut in.", 4 * sack.Stakes, ["Knife"], []));
        steps.Add(new("fill", "Fill and settle it", $"{Amount.Volume(sack.Space.VolumeTo(sack.Soil))} of soil in all, watered as it goes; it sinks, so top it up the next day.", Math.Max(5, sack.Space.VolumeTo(sack.Soil) * 125), ["Shovel"], Op.Gloves, false, "lift") { Places = [Parts.Soil] });
        if (sack.Openings.Count > 0) steps.Add(new("slits", $"Cut {new Count(sack.Openings.Count, "slit", "slits")}", $"{Amount.Length(sack.Opening)} wide, by the template, none nearer to the foot than {Amount.Length(ClearOfFoot)}. Cut one, plant it, cut the next.", 2 * sack.Openings.Count, ["Knife", "Tape"], Op.Gloves) { Cuts = ["sack"] });
        return [.. steps, new("first-water", "First water", "Into the core, in thirds, until it shows at the foot.", 10, ["Watering can"], [])];
    }

    private sealed record Plan(Chosen Set)
    {
        public double Height => Set["height"];

        public double Core => Set["core"];

        public double Opening => Set["opening"];

        public int Stakes => Set.Whole("stakes");

        public double Across { get; } = 2 * Of(Set.Lead).FlatWidth / Math.PI;

        public double Soil => Height - HeadSpace;

        public CoredCylinder Space => new(Across, Height, Core);

        public StoneCore Stones => new(Across, Core, Soil);

        public double DryMass => Set.Brief.Medium.DryDensity * Space.VolumeTo(Soil) + Stones.Mass;

        /// <summary>Rows of slits from clear of the foot up to clear of the rim.</summary>
        public IReadOnlyList<RoundOpening> Openings => field ??= Staggered.Round(Across, ClearOfFoot, Soil - .12, Set["apart"]);
    }
}
