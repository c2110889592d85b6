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

/// <summary>A whole pallet stood upright, its slats level, with pockets of cloth stapled between front and back in every gap or every other; held to something proven, or on feet of its own.</summary>
public sealed class PocketPallet : Design
{
    private const double LeastAcross = .07;
    private const double LeastPocket = .10;
    private const double HeadSpace = .03;

    /// <summary>Cloth turned in where it is stapled, m.</summary>
    private const double Fold = .03;

    private const double FootWide = .045, FootHigh = .07;

    /// <summary>Of the height, where a frame is held to a wall.</summary>
    private const double FixedAt = .9;

    private static readonly Role Cloth = new("pockets", "Cloth for the pockets", Seat.InSoil, Form.Fabric) { Buy = "cloth", Of = s => s is Substance.WovenCloth or Substance.SyntheticFibre };
    private static readonly Role Feet = new("feet", "Feet", Seat.Clear, Form.Timber) { Buy = "timber", Carries = true, Also = Stuff.TooStout };

    public override string Id => "pocket-pallet";

    public override string Name => "Pocket pallet";

    public override string Summary => "A pallet stood upright with pockets of cloth between its slats, for salads and flowers where there is no ground.";

    public override Role Lead { get; } = new("pallet", "The pallet", Seat.BehindCloth, Form.Section) { Counts = l => l.Way.Id == "frame" && l.As<PalletMeasures>() is not null, Also = WhyNot, Worked = false };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var m = Of(lead);
        return
        [
            new Setting("every", "Pockets", Unit.Count, [.. Enumerable.Range(1, Math.Max(1, Math.Min(3, m.Slats - 1))).Select(n => new Stop(n, n switch { 1 => "in every gap", 2 => "in every other", _ => "in every third" }))], Math.Min(2, Math.Max(1, m.Slats - 1)), "Fewer are deeper: roots want depth more than numbers").TryAll(),
            new Setting("stands", "Held", Unit.Count, [new(0, "to a wall"), new(1, "on feet")], 0, "A wall holds by fixings that were tested; on feet it is tall and light and tips").TryAll(),
            Setting.Even("feet", "Feet long", Unit.Metre, .40, 1.20, .10, .60, "Wider feet do not tip").Least(),
            Setting.Even("staples", "From staple to staple", Unit.Metre, .02, .09, .01, .03, "Closer staples hold more"),
            new("planted", "Planted", Unit.Count, [new(0, "lying"), new(1, "upright")], 0, "Lying roots hold the soil before it is stood up"),
        ];
    }

    public override double AtMost(Chosen set) => new Plan(set) is var pallet && pallet.Soil > 0 ? 1000 * pallet.Count * pallet.Space.Volume : 0;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var pallet = new Plan(set);
        if (set.Lead.Thing.Thing.Faults is { Count: > 0 } faults) return new Problem("every", $"{new Count(faults.Count, "slat is", "slats are")} split or gone, and a pocket hangs from every one: nail a sound one in its place, and say so in Gather.");
        if (pallet.Soil < LeastPocket) return new Problem("every", $"Pockets {Amount.Length(Math.Max(0, pallet.Soil))} deep dry out in a morning: leave gaps between them.");
        return Demand.Of(
            new WholeNeeded("pallet", Lead, 1),
            new CoverNeeded("pockets", Cloth, pallet.Count * (pallet.Along + 2 * pallet.Across + 2 * Fold), 2 * (pallet.Soil + HeadSpace) + pallet.Across + 2 * Fold),
            pallet.OnItsFeet ? new PiecesNeeded("feet", Feet, 2, set["feet"], FootHigh, FootWide) { Name = "Feet" } : null,
            pallet.OnItsFeet ? new PiecesNeeded("braces", Feet, 4, pallet.BraceLong, .045, .035) { Name = "Braces of the feet" } : null);
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var pallet = new Plan(set);
        var m = pallet.Pallet;
        var empty = m.WoodVolume * Stuff.WoodDensity;
        double soil = pallet.Count * pallet.Space.VolumeTo(pallet.Soil), wet = empty + soil * set.Brief.Medium.SaturatedDensity;
        List<Part> parts = [new("pallet", "Pallet", Form.Section, 1, m.SlatLength, m.Depth, m.Thickness, "pallet"), new("pocket", "Pocket of cloth", Form.Fabric, pallet.Count, pallet.Along, 2 * pallet.Soil + pallet.Across, 0, "pockets")];
        if (pallet.OnItsFeet) parts.AddRange([new("foot", "Foot", Form.Timber, 2, set["feet"], FootHigh, FootWide, "feet"), new("brace", "Brace of a foot", Form.Timber, 4, pallet.BraceLong, .045, .035, "braces")]);
        WallFixing fixing = new("pallet", wet, m.Thickness / 2, m.SlatLength, m.Depth, FixedAt * m.Depth);
        List<LoadPath> paths = [new PocketCloth("pocket", pallet.Across, pallet.Soil, pallet.Along, set["staples"])];
        if (!pallet.OnItsFeet) paths.Add(fixing);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(pallet.Count, "pocket", "pockets")} of {Amount.Length(pallet.Along)}, {Amount.Length(pallet.Soil)} deep, {(pallet.OnItsFeet ? "on feet" : "held to a wall")}",
            Parts = parts,
            Joints = pallet.OnItsFeet ? [new("Feet to bearers", "foot", "pallet", WoodScrew.All[^1].Goods, 8, LetIn: true), new("Braces to feet and pallet", "brace", "foot", WoodScrew.All[^1].Goods, 8, LetIn: true), new("Braces to the pallet", "brace", "pallet", WoodScrew.All[^1].Goods, 8, LetIn: true)] : [],
            Extras = [new("staples", "Staples, a box", "staples", 1), .. pallet.OnItsFeet ? [] : (Extra[])[new("fixings", "Eyes and plugs", "eye", 2)]],
            Bays = [.. pallet.Places.Select((p, i) => new Bay($"Pocket {i + 1}", pallet.Space, pallet.Soil, p))],
            Foot = new ClothFoot(),
            LoadPaths = paths,
            Handling = new(empty, BuiltInPlace: false),
            // Held to a wall it tips no more than its fixings let it, and these are tested.
            Stance = pallet.OnItsFeet ? new OnFeet(m.SlatLength, set["feet"], (m.SlatLength, m.Thickness, pallet.FootUp + m.Depth), 2 * set["feet"] * FootWide, "foot", false) : new Hung(m.SlatLength * m.Thickness),
            Scene = () => Stand(pallet),
            Operations = () => Steps(pallet, set, fixing),
            Reach = m.Thickness,
        };
    }

    private static PalletMeasures Of(Lead lead) => lead.Main.As<PalletMeasures>()!;

    private static Sentence? WhyNot(Lot lot)
    {
        var m = lot.As<PalletMeasures>()!;
        if (m.BearerDepth < LeastAcross) return $"Its bearers are {Amount.Length(m.BearerDepth)} deep, and pockets of {Amount.Length(LeastAcross)} at least hold soil.";
        if (m.BottomSlats < 2) return "It has no back: pockets are stapled to both sides.";
        return m.Slats < 4 ? (Sentence)$"{new Count(m.Slats, "slat", "slats")} make no wall of pockets." : null;
    }

    private static Scene Stand(Plan pallet)
    {
        const double Clear = .002;
        var m = pallet.Pallet;
        var solids = new List<Solid>();
        double l = m.SlatLength / 2, front = -m.Thickness / 2, back = m.Thickness / 2, up = pallet.FootUp;
        for (var i = 0; i < m.Slats; i++) solids.Add(Prism.Box("pallet", Ink.Wood, new(-l, front, up + i * (m.SlatWidth + m.Gap)), new(l, front + m.SlatThickness, up + i * (m.SlatWidth + m.Gap) + m.SlatWidth)));
        for (var i = 0; i < m.BottomSlats; i++)
        {
            var z = up + i * (m.Depth - m.SlatWidth) / (m.BottomSlats - 1);
            solids.Add(Prism.Box("pallet", Ink.Wood, new(-l, back - m.SlatThickness, z), new(l, back, z + m.SlatWidth)));
        }

        for (var i = 0; i < m.Bearers; i++)
        {
            var x = -l + m.Wing + i * m.BearerSpacing;
            solids.Add(Prism.Box("pallet", Ink.WoodEnd, new(x, front + m.SlatThickness, up), new(x + m.BearerWidth, back - m.SlatThickness, up + m.Depth)));
        }

        foreach (var p in pallet.Places)
        {
            double x = pallet.Along / 2 - Clear, y = pallet.Across / 2 - Clear, high = pallet.Soil + HeadSpace;
            Point3 At(double sx, double sy, double z) => new(p.X + sx * x, p.Y + sy * y, p.Z + z);
            solids.Add(new Skin("pocket", Ink.Fabric, [[At(-1, -1, 0), At(1, -1, 0), At(1, 1, 0), At(-1, 1, 0)], [At(-1, -1, 0), At(1, -1, 0), At(1, -1, high), At(-1, -1, high)], [At(1, 1, 0), At(-1, 1, 0), At(-1, 1, high), At(1, 1, high)], [At(-1, 1, 0), At(-1, -1, 0), At(-1, -1, high), At(-1, 1, high)], [At(1, -1, 0), At(1, 1, 0), At(1, 1, high), At(1, -1, high)]], .0005));
            solids.Add(Prism.Box(Parts.Soil, Ink.Soil, At(-.99, -.98, .002), At(.99, .98, pallet.Soil)));
        }

        if (pallet.OnItsFeet)
        {
            foreach (var side in (int[])[-1, 1])
            {
                double x = side * (l - m.Wing - m.BearerWidth / 2), half = pallet.Set["feet"] / 2, reach = pallet.BraceReach;
                solids.Add(Prism.Box("foot", Ink.WoodEnd, new(x - FootWide / 2, -half, 0), new(x + FootWide / 2, half, FootHigh)));
                foreach (var to in (int[])[-1, 1])
                    solids.Add(Prism.Bar("brace", Ink.WoodEnd, new(x, to * (m.Thickness / 2 + reach), FootHigh), new(x, to * m.Thickness / 2, FootHigh + reach), .035, .045, new(1, 0, 0)));
            }
        }

        return new(solids,
        [
            new("front", new(-l, front, up), new(-l, front, up + m.Depth), .12), new("front", new(-l, front, up + m.Depth), new(l, front, up + m.Depth), .10), new("section", new(0, back + .02, pallet.Places[0].Z), new(0, back + .02, pallet.Places[0].Z + pallet.Soil), -.10),
            .. pallet.OnItsFeet ? [new SceneMeasure("plan", new(-l, pallet.Set["feet"] / 2, 0), new(-l, -pallet.Set["feet"] / 2, 0), -.12, "feet")] : (SceneMeasure[])[],
        ], SectionAt: pallet.Places[0].X);
    }

    private static IReadOnlyList<Operation> Steps(Plan pallet, Chosen set, WallFixing fixing)
    {
        var n = pallet.Count;
        var lying = set.Whole("planted") == 0;
        List<Operation> steps =
        [
            Op.Denail(pallet.Pallet.Slats),
            new("cloth", $"Cut {new Count(n, "pocket", "pockets")}", $"{Amount.Length(pallet.Along + 2 * pallet.Across + 2 * Fold)} by {Amount.Length(2 * (pallet.Soil + HeadSpace) + pallet.Across + 2 * Fold)} each, edges folded over twice.", 5 * n, ["Scissors", "Tape"], []) { Cuts = ["pockets"] },
            new("staple", "Staple the pockets in", $"Front edge behind its slat, back edge to the slat or batten behind, ends to the bearers; a staple every {Amount.Length(set["staples"])} through the fold, driven from the side so that the soil pulls across it. Pockets sag a little: that is what holds.", .5 * n * new PocketCloth("pocket", pallet.Across, pallet.Soil, pallet.Along, set["staples"]).Staples * 2, ["Stapler", "Hammer"], Op.EyesAndGloves) { Places = ["pocket", "pallet"] },
        ];
        if (pallet.OnItsFeet)
        {
            steps.Add(Op.Cut("feet", "feet and braces", 6, set["feet"]) with { Words = $"Two feet of {Amount.Length(set["feet"])}, four braces of {Amount.Length(pallet.BraceLong)} cut at 45° at both ends.", Cuts = ["feet", "braces"] });
            steps.Add(new("stand", "Screw the feet on", $"Across under both outer bearers, a brace before and behind each; two long screws at every joint, drilled {Amount.Length(.004)} first.", 40, [Op.Bit(.004), "Screwdriver", "Square"], Op.EyesAndGloves, true, "drill", "lift") { Places = ["foot", "brace"] });
        }
        else
        {
            steps.Add(new("test", "Test the fixings", Sentence.Join(" ", fixing.Test(set.Brief)), 30, [Op.Bit(.008), "Spanner"], Op.EyesAndGloves, true, "drill"));
        }

        Sentence fill = $"{Amount.Volume(n * pallet.Space.VolumeTo(pallet.Soil))} in all, a light mix, pressed into the corners of every pocket, to {Amount.Length(HeadSpace)} below its edge.";
        steps.Add(new("fill", lying ? "Fill and plant it lying" : "Fill it and plant", lying ? (Sentence)$"{fill} Leave it lying for three weeks, watered, until roots hold; then stand it up with two." : $"{fill} From the lowest pocket upwards.", Math.Max(10, n * pallet.Space.VolumeTo(pallet.Soil) * 1000 / 5), ["Trowel"], [], !lying, "lift") { Places = [Parts.Soil] });
        return [.. steps, new("water", "Water from above", "Along the top pocket until it drips from the lowest: every day in summer. Turn it round once a month if one side stays in the shade. No child climbs it.", 5, ["Watering can"], [])];
    }

    private sealed record Plan(Chosen Set)
    {
        public PalletMeasures Pallet { get; } = Of(Set.Lead);

        private int Every => Set.Whole("every");

        public bool OnItsFeet => Set.Whole("stands") == 1;

        public double FootUp => OnItsFeet ? FootHigh : 0;

        /// <summary>Front to back, between the slats.</summary>
        public double Across => Pallet.BearerDepth;

        /// <summary>Between two bearers.</summary>
        public double Along => Pallet.BearerSpacing - Pallet.BearerWidth;

        /// <summary>From one pocket up to the next.</summary>
        private double Rise => Every * (Pallet.SlatWidth + Pallet.Gap);

        public double Soil => Rise - HeadSpace - Pallet.Gap;

        public int Count => Places.Count;

        public TaperedBox Space => new(Along, Across, Along, Across, Soil + HeadSpace);

        public double BraceReach => Math.Max(.10, Set["feet"] / 2 - Pallet.Thickness / 2);

        public double BraceLong => BraceReach * Math.Sqrt(2);

        /// <summary>The middle of the floor of every pocket, row by row from below; none over the topmost slat.</summary>
        public IReadOnlyList<Point3> Places => field ??=
        [
            .. from r in Enumerable.Range(0, Pallet.Slats / Every)
               from b in Enumerable.Range(0, Pallet.Bearers - 1)
               select new Point3(-Pallet.SlatLength / 2 + Pallet.Wing + Pallet.BearerWidth + Along / 2 + b * Pallet.BearerSpacing, 0, FootUp + r * Rise + .002),
        ];
    }
}
