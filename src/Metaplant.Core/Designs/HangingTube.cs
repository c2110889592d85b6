using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;
using Metaplant.Core.Water;

namespace Metaplant.Core.Designs;

/// <summary>
/// A sheet-metal tube hung upright by holes at its rim: a drained cap screwed into its foot carries the soil, columns of openings run up it clear of the seam and of each other, and plants grow out of them and on top.
/// </summary>
public sealed class HangingTube : Design
{
    private const double HeadSpace = .04;
    private const double CapDepth = .03;
    private const double HangHole = .008;
    private const double HangEdge = .040;
    private const double CapScrew = .0042;
    private const double Raised = .40;

    /// <summary>No opening so near to foot or rim, m.</summary>
    private const double Clear = .14;

    private static readonly Role Cap = new("cap", "End cap", Seat.InSoil) { Buy = "end-cap" };

    public override string Id => "hanging-tube";

    public override string Name => "Hanging tube";

    public override string Summary => "A length of duct hung upright, capped and drained below, with plants out of its sides.";

    public override Role Lead { get; } = new("tube", "The tube", Seat.InSoil, Form.Tube)
    {
        Counts = l => l.Way.Id == "whole",
        Of = s => s is Substance.ZincCoatedSteel or Substance.Steel,
        Also = l => l.As<TubeMeasures>() is { } m ? m.Wall > .003 ? "Too thick to cut openings in by hand, and too heavy to hang." : m.Length < .5 ? "Too short: openings would be neither clear of foot nor of rim." : m.Diameter < .12 ? "Too narrow for roots." : null : "It is not round: flat sides bulge, and no sum of ours tells how far.",
    };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var m = Of(lead);
        var columns = Math.Max(1, Math.Min(6, (int)(Math.PI * m.Diameter / .18)));
        return
        [
            Setting.Even("columns", "Columns of openings", Unit.Count, 1, columns, 1, Math.Min(3, columns), "As many as leave metal between").TryAll(),
            Setting.Even("opening", "Openings, how wide", Unit.Metre, .05, .10, .01, .08, "As wide as the root ball of a young plant"),
            Setting.Even("apart", "From opening to opening up a column", Unit.Metre, .15, .40, .05, .25, "The spacing of small plants").Try(a => a is .20 or .25 or .30),
            Setting.Even("screws", "Screws round the cap", Unit.Count, 4, 16, 2, 6, "The cap carries all of the soil").Least(),
            new Setting("legs", "Holes it hangs by", Unit.Count, [new(3), new(4), new(6)], 3, "Three always share; of four one hangs slack"),
        ];
    }

    public override Outcome<Demand> Ask(Chosen set)
    {
        var tube = new Plan(set);
        if (tube.Openings.Count == 0) return new Problem("apart", "No opening is clear of both foot and rim.");
        if (tube.Gap < tube.Opening * .5) return new Problem("columns", "So many columns leave too little metal between their openings.");
        return Demand.Of(new WholeNeeded("tube", Lead, 1), new GoodsNeeded("cap", Cap, 1));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var tube = new Plan(set);
        var m = tube.Tube;
        var foot = new CircleOutline(m.Diameter);
        var hanging = new HangingShell("tube", "cap", tube.WetMass, m.Diameter, m.Wall * tube.Left, set.Whole("legs"), HangHole, HangEdge, tube.InRow, tube.Opening, set.Whole("screws"), CapScrew);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(tube.Openings.Count, "opening", "openings")} in {new Count(set.Whole("columns"), "column", "columns")}, {Amount.Volume(tube.Space.VolumeTo(tube.Soil))}",
            Parts = [new("tube", "Tube", Form.Tube, 1, m.Length, m.Diameter, m.Diameter, "tube"), new("cap", "End cap", Form.Pan, 1, m.Diameter, m.Diameter, CapDepth, "cap"), new("chain", "Chain", Form.Hardware, set.Whole("legs"), .35, .006, .006)],
            Joints = [new("Cap into the tube", "cap", "tube", "sheet-screw", set.Whole("screws"), LetIn: true), new("Chains to the rim", "chain", "tube", "lashing", set.Whole("legs"))],
            Extras = [new("hook", "Screw hook, ring and short chain, marked", "hook", 1)],
            Bays = [new("Soil", tube.Space, tube.Soil, new(0, 0, Raised))],
            Pockets = [.. tube.Openings.Select(o => new Pocket(tube.On(o), new(Math.Cos(o.Angle), Math.Sin(o.Angle), 0), tube.Opening, tube.Space.VolumeTo(tube.Soil) * 1000 / (tube.Openings.Count + 1), m.Diameter))],
            Foot = new ClosedFloor(foot, .008, 0, Raised, 1, false, [], .01),
            LoadPaths = [hanging],
            Figures = Figures(tube, hanging, set.Brief),
            Handling = new(tube.EmptyMass, BuiltInPlace: false),
            Stance = new Hung(foot.Area),
            Scene = () => Stand(tube, set),
            Faces = [new("tube", $"{new Count(tube.Openings.Count, "opening", "openings")} of {Amount.Length(tube.Opening)}, the tube rolled out from its seam, its foot below", [new(0, 0), new(Math.PI * m.Diameter, 0), new(Math.PI * m.Diameter, m.Length), new(0, m.Length)], [.. tube.Openings.Select(o => (new Point(o.Angle * m.Diameter / 2, o.Z), tube.Opening))])],
            Operations = () => Steps(tube, set),
            Reach = m.Diameter / 2,
        };
    }

    private static TubeMeasures Of(Lead lead) => lead.Main.As<TubeMeasures>()!;

    /// <summary>Its top dries long before its foot; what each leg and hook is marked for.</summary>
    private static IReadOnlyList<Sum> Figures(Plan tube, HangingShell hanging, Brief brief)
    {
        var soil = tube.Space.VolumeTo(tube.Soil);
        var quarter = (brief.Medium.FieldCapacity - brief.Medium.WiltingPoint) * soil / 4;
        return
        [
            Sum.Of("Water the top quarter gives", "(FC − WP) V/4", [brief.Handbook.Term($"medium.{brief.Medium.Id}.field-capacity"), brief.Handbook.Term($"medium.{brief.Medium.Id}.wilting-point"), new("V", "soil", soil, Unit.CubicMetre)], quarter, Unit.CubicMetre, $"By levels: the top quarter gives 40 % of what is used, and is dry when {Levels.Count - 1} quarters below still hold water"),
            Sum.Of("Breaking load each leg and hook is marked for", "k F/n", [new("F", "weight, wet through", hanging.Mass * Medium.Gravity, Unit.Newton), new("n", "legs", hanging.Legs, Unit.Count), brief.Handbook.Term(Metals.BreakingOverMarked)], hanging.Breaking(brief), Unit.Newton, "Usual for ropes and small fittings"),
        ];
    }

    private static Scene Stand(Plan tube, Chosen set)
    {
        var m = tube.Tube;
        double r = m.Diameter / 2, top = Raised + m.Length;
        var ring = new CircleOutline(m.Diameter + 2 * m.Wall).ToPolygon();
        var inside = new CircleOutline(m.Diameter).ToPolygon();
        List<Solid> solids =
        [
            // Open at both ends; its lower edge is the cap's.
            new Vat("tube", Ink.Metal, new(0, 0, Raised), [new(ring, 0), new(ring, m.Length)], [new(inside, 0), new(inside, m.Length)]),
            Prism.Upright("cap", Ink.Metal, new CircleOutline(m.Diameter - .001), new(0, 0, Raised - .002), CapDepth),
            Vat.Filling(Parts.Soil, Ink.Soil, new CoredCylinder(m.Diameter - .004, tube.Soil), tube.Soil, new(0, 0, Raised + CapDepth)),
        ];
        for (var i = 0; i < set.Whole("legs"); i++)
        {
            var a = 2 * Math.PI * i / set.Whole("legs") + .3;
            solids.Add(new Rod("chain", Ink.Line, [new((r + .01) * Math.Cos(a), (r + .01) * Math.Sin(a), top - HangEdge), new(0, 0, top + .30)], .006, .006));
        }

        foreach (var o in tube.Openings)
        {
            Point3 at = tube.On(o), side = new(-Math.Sin(o.Angle), Math.Cos(o.Angle), 0), away = new Point3(Math.Cos(o.Angle), Math.Sin(o.Angle), 0) * (m.Wall + .004);
            solids.Add(new Skin("tube", Ink.Hole, [[.. Enumerable.Range(0, 12).Select(k => 2 * Math.PI * k / 12).Select(t => at + away + side * (tube.Opening / 2 * Math.Cos(t)) + new Point3(0, 0, tube.Opening / 2 * Math.Sin(t)))]], 0));
        }

        return new(solids, [new("front", new(-r, 0, Raised), new(-r, 0, top), .1), new("plan", new(-r, r, 0), new(r, r, 0), .06), new("section", new(0, -r, Raised), new(0, -r, Raised + tube.Soil), .1)], SectionAt: .0004);
    }

    private static IReadOnlyList<Operation> Steps(Plan tube, Chosen set) =>
    [
        Op.Wash(),
        new("mark", $"Mark {new Count(tube.Openings.Count, "opening", "openings")}", "Roll the template round it, its edge on the seam; centre-punch the middle of each.", 20, ["Tape", "Marker", "Punch"], Op.Gloves),
        new("openings", "Cut the openings", $"{Amount.Length(tube.Opening)} across, from outside, slowly; file every edge and turn a split hose over it.", 12 * tube.Openings.Count, ["Hole cutter or jigsaw with a metal blade", "File"], Op.Saw, false, "edges", "drill") { SlowerWithSalvage = true, Cuts = ["tube"] },
        new("cap", "Screw the cap into the foot", $"{new Count(set.Whole("screws"), "screw", "screws")} round it, evenly, {Amount.Length(CapDepth / 2)} up from the edge; then drill its holes of {Amount.Length(.008)} by the template.", 25, [Op.Bit(.0035), "Screwdriver"], Op.EyesAndGloves, false, "drill", "edges") { Places = ["tube", "cap"] },
        new("hang-holes", $"Drill {new Count(set.Whole("legs"), "hole", "holes")} to hang it by", $"{Amount.Length(HangHole)}, evenly round, {Amount.Length(HangEdge)} below the rim, none on the seam.", 10, [Op.Bit(HangHole)], Op.EyesAndGloves, false, "drill"),
        new("prove", "Prove what it hangs from", "Hang a sack of the wet weight from the hook for a day, low over the ground. Never over where people sit or pass.", 20, ["Bucket"], Op.Gloves, true, "lift"),
        new("hang", "Hang it", $"Its foot {Amount.Length(Raised)} over the ground, so that it falls on nobody and is watered from above.", 15, ["Step ladder"], Op.Gloves, true, "lift") { Places = ["chain"] },
        new("fill", "Fill and plant it from the foot up", $"{Amount.Volume(tube.Space.VolumeTo(tube.Soil))}, a row at a time: soil up to a row of openings, plants in from outside, more soil.", Math.Max(15, 6 * tube.Openings.Count), ["Trowel"], Op.Gloves, false, "lift") { Places = [Parts.Soil] },
        new("first-water", "First water", "From above, slowly, until it drips from the cap. The top dries first: look there.", 10, ["Watering can"], []),
    ];

    private sealed record Hole(double Angle, double Z);

    private sealed record Plan(Chosen Set)
    {
        public TubeMeasures Tube { get; } = Of(Set.Lead);

        public double Opening => Set["opening"];

        public double Soil => Tube.Length - CapDepth - HeadSpace;

        public CoredCylinder Space => new(Tube.Diameter, Tube.Length - CapDepth);

        /// <summary>Openings that may lie at one level: all columns, or every other where rows are staggered.</summary>
        public int InRow => Set.Whole("columns") == 1 ? 1 : (Set.Whole("columns") + 1) / 2;

        /// <summary>Metal from opening to opening round the tube at one level, and from its neighbours to the seam.</summary>
        public double Gap => Math.PI * Tube.Diameter / (Set.Whole("columns") + .5) * (Set.Whole("columns") > 1 ? 2 : 1) - Opening;

        /// <summary>What rust leaves of the metal.</summary>
        public double Left => Set.Lead.Thing.Thing.Shows(Findings.RustThrough) ? .6 : Set.Lead.Thing.Thing.Shows(Findings.RustSurface) ? .8 : 1;

        public double EmptyMass => (Math.PI * Tube.Diameter * Tube.Length + Math.PI / 2 * Tube.Diameter * Tube.Diameter) * Tube.Wall * 7850;

        public double WetMass => Space.VolumeTo(Soil) * Set.Brief.Medium.SaturatedDensity + EmptyMass;

        /// <summary>Columns begin half a pitch from the seam, at angle 0, and every other is raised by half, so that no two openings are side by side.</summary>
        public IReadOnlyList<Hole> Openings => field ??=
        [
            .. from c in Enumerable.Range(0, Set.Whole("columns"))
               let angle = 2 * Math.PI * (c + .75) / (Set.Whole("columns") + .5)
               from z in Levels(c % 2 == 0 ? 0 : Set["apart"] / 2)
               orderby z, angle
               select new Hole(angle, z),
        ];

        public Point3 On(Hole o) => new(Tube.Diameter / 2 * Math.Cos(o.Angle), Tube.Diameter / 2 * Math.Sin(o.Angle), Raised + o.Z);

        private IEnumerable<double> Levels(double raised)
        {
            for (var z = Clear + raised; z <= Tube.Length - Clear + 1e-9; z += Set["apart"]) yield return z;
        }
    }
}
