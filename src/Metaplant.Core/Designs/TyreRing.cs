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

namespace Metaplant.Core.Designs;

/// <summary>
/// A tyre laid flat on open ground, or several bolted one on another, their walls packed with soil and drilled low so that no water stands in them; the upper wall of the top one left on or cut out. Dark rubber warms early and gets hot.
/// </summary>
public sealed class TyreRing : Design
{
    private const double HeadSpace = .03;
    private const double MostBelow = .08;
    private const double LeastSoil = .05;

    /// <summary>Most that are stacked: over that it is taller than it is wide.</summary>
    private const int MostStacked = 4;

    /// <summary>Part of its thickness that is left when the upper wall is cut out: tread and lower wall.</summary>
    private const double LeftWhenCut = .9;

    /// <summary>Of the box round a tyre, kg/m³: light ones, since its weight is what holds it.</summary>
    private const double Density = 80;

    private const double BoltHole = .008;
    private const int DrainHoles = 4;

    public override string Id => "tyre-ring";

    public override string Name => "Tyre ring";

    public override string Summary => "A tyre, or a stack of them bolted together, for what likes warm roots.";

    public override Role Lead { get; } = new("tyres", "Tyres", Seat.InSoil, Form.Tyre)
    {
        Of = s => s == Substance.Rubber,
        Together = (a, b) => Alike(a.As<TyreMeasures>()!.Shape, b.As<TyreMeasures>()!.Shape) && Stuff.AsFit(a, b),
        Also = l => l.As<TyreMeasures>() is not { } m ? "Not a whole tyre." : m.Shape.SectionWidth * LeftWhenCut - HeadSpace < LeastSoil ? (Sentence)$"Too flat: {Amount.Length(m.Shape.SectionWidth)} holds too little soil over its foot." : null,
    };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var there = Math.Clamp(lead.Lots.Sum(l => l.Units), 1, MostStacked);
        return
        [
            Setting.Even("stack", "Tyres one on another", Unit.Count, 1, Math.Max(2, there), 1, 1, "One stands by itself; more are bolted").TryAll(),
            new Setting("cut", "Upper wall of the top one", Unit.Count, [new(0, "left on"), new(1, "cut out")], 0, "Left on, it shades the soil and keeps its shape; cut out, there is more to plant").TryAll(),
            Setting.Even("below", "Soil below the top", Unit.Metre, HeadSpace, MostBelow, .01, HeadSpace, "Room for water to stand in when it is watered"),
            new Setting("bolts", "Bolts at each joint", Unit.Count, [new(0), new(2), new(3), new(4)], 2, "The top one slides off when somebody leans on it") { LeastThatHolds = true },
        ];
    }

    public override double AtMost(Chosen set) => Of(set.Lead).Volume * 1000 * set["stack"];

    public override Outcome<Demand> Ask(Chosen set) => new Plan(set).SoilOnTop() <= 0
        ? new Problem("below", "That leaves no soil in the top one.")
        : Demand.Of(new WholeNeeded("tyres", Lead, set.Whole("stack")));

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var ring = new Plan(set);
        var t = ring.Tyre;
        var area = Math.PI / 4 * ring.Stands * ring.Stands;
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(ring.Tyres, "tyre", "tyres")}, {Amount.Length(t.OverallDiameter)} across, {Amount.Volume(ring.Space.VolumeTo(ring.Soil))}",
            Parts = [new("tyre", "Tyre", Form.Tyre, ring.Tyres, t.OverallDiameter, t.OverallDiameter, t.SectionWidth, "tyres")],
            Joints = ring.Bolts == 0 ? [] : [new("Tyre to tyre", "tyre", "tyre", "bolt", ring.Bolts)],
            Bays = [new("Soil", ring.Space, ring.Soil)],
            Foot = new OpenGround(),
            LoadPaths = ring.Tyres == 1 ? [new TyreWall("tyre", ring.Soil, ring.Cut)] : [new TyreWall("tyre", ring.Soil, ring.Cut), new TyreStack("tyre", ring.SoilOnTop(), set.Whole("bolts"))],
            Figures = [ring.Holds],
            Handling = new(ring.Tyres * ring.TyreMass, BuiltInPlace: true),
            // What is lower than half of what it stands on is leant on from above, and lies.
            Stance = ring.Space.Height <= ring.Stands / 2 ? new BuiltIn(area) : new OnFeet(ring.Stands, ring.Stands, (t.OverallDiameter, t.OverallDiameter, ring.Space.Height), area, "tyre", false),
            Scene = () => Stand(ring),
            Operations = () => Steps(ring, set),
            Reach = t.OverallDiameter / 2,
        };
    }

    private static Tyre Of(Lead lead) => lead.Main.As<TyreMeasures>()!.Shape;

    private static bool Alike(Tyre a, Tyre b) => Math.Abs(a.OverallDiameter - b.OverallDiameter) < .03 && Math.Abs(a.RimDiameter - b.RimDiameter) < .03 && Math.Abs(a.SectionWidth - b.SectionWidth) < .02;

    private static Scene Stand(Plan ring)
    {
        var t = ring.Tyre;
        double bead = t.RimDiameter, shoulder = (bead + t.OverallDiameter) / 2, tread = t.OverallDiameter, inside = t.OverallDiameter - 2 * Tyre.Tread;
        IReadOnlyList<Point> Round(double d) => new CircleOutline(d).ToPolygon();
        double Across(double z)
        {
            var (i, f) = ((int)(z / t.SectionWidth + 1e-9), z / t.SectionWidth % 1);
            return f < .2 ? bead + (inside - bead) * f / .2 : f <= .8 + 1e-9 || (ring.Cut && i == ring.Tyres - 1) ? inside : inside - (inside - bead) * (f - .8) / .2;
        }

        var solids = new List<Solid>();
        for (var i = 0; i < ring.Tyres; i++)
        {
            double z = i * t.SectionWidth, w = t.SectionWidth;
            var cut = ring.Cut && i == ring.Tyres - 1;
            // Bead and shoulder, tread, and shoulder and bead again; cut out, it ends with the tread.
            solids.Add(cut
                ? new Vat("tyre", Ink.Hole, new(0, 0, z), [new(Round(shoulder), 0), new(Round(tread), .2 * w), new(Round(tread), LeftWhenCut * w)], [new(Round(bead), 0), new(Round(inside), .2 * w), new(Round(inside), LeftWhenCut * w)])
                : new Vat("tyre", Ink.Hole, new(0, 0, z), [new(Round(shoulder), 0), new(Round(tread), .2 * w), new(Round(tread), .8 * w), new(Round(shoulder), w)], [new(Round(bead), 0), new(Round(inside), .2 * w), new(Round(inside), .8 * w), new(Round(bead), w)]));
        }

        // Packed into the hollow of the walls.
        double[] levels = [.. Enumerable.Range(0, ring.Tyres).SelectMany(i => (double[])[i, i + .2, i + .8]).Select(z => z * t.SectionWidth).Where(z => z < ring.Soil - .001), ring.Soil];
        solids.Add(new Vat(Parts.Soil, Ink.Soil, new(0, 0, .001), [.. levels.Select(z => new Ring(Round(Across(z) - .004), z))], []));
        double r = tread / 2, top = ring.Space.Height;
        return new(solids, [new("front", new(-r, 0, 0), new(-r, 0, top), .1), new("plan", new(-r, r, 0), new(r, r, 0), .08), new("section", new(0, -r, 0), new(0, -r, ring.Soil), .1)], SectionAt: .0004);
    }

    private static IReadOnlyList<Operation> Steps(Plan ring, Chosen set)
    {
        List<Operation> steps =
        [
            new("wash", "Wash and look", "Soap and a stiff brush. No wires through the rubber, no cords showing, no smell of oil: else it is not for plants.", 8 * ring.Tyres, ["Brush", "Bucket"], Op.Gloves, false, "contents") { SlowerWithSalvage = true },
            new("ground", "Level the place", $"Bare ground, {Amount.Length(ring.Tyre.OverallDiameter)} across, where the afternoon sun does not reach it or something trails over it: dark rubber gets hot.", 30, ["Spade"], Op.Gloves, false, "services"),
            new("drain", "Drill the lower wall", $"{new Count(DrainHoles, "hole", "holes")} of {Amount.Length(.012)} through the lower side wall of each, close to the tread: water stands in it otherwise.", 6 * ring.Tyres, [Op.Bit(.012)], Op.EyesAndGloves, false, "drill"),
        ];
        if (ring.Cut) steps.Add(new("cut", "Cut out the upper wall", "A row of stabs first, then from one to the next, well clear of the tread and outside the bead: both hold steel. Soapy water keeps the blade free; turn a split hose over the edge.", 12, ["Knife"], Op.EyesAndGloves, false, "edges") { Cuts = ["tyres"], SlowerWithSalvage = true });
        steps.Add(new("lay", ring.Tyres == 1 ? "Lay it level" : $"Lay {ring.Tyres} level, one on another", "On card over bare ground, so that water goes on down.", 3 * ring.Tyres, ["Level"], Op.Gloves, false, "lift") { Places = ["tyre"] });
        if (ring.Bolts > 0) steps.Add(new("bolts", "Bolt wall to wall", $"{set.Whole("bolts")} at each joint, evenly round: drill {Amount.Length(BoltHole)} through both walls, a wide washer on each side.", 4 * ring.Bolts, [Op.Bit(BoltHole), "Spanner"], Op.EyesAndGloves, false, "drill"));
        return [.. steps, Op.Fill(ring.Space.VolumeTo(ring.Soil), set["below"], " Push it into the hollow of the walls by hand: that is half of what it holds.")];
    }

    private sealed record Plan(Chosen Set)
    {
        public Tyre Tyre { get; } = Of(Set.Lead);

        public int Tyres => Set.Whole("stack");

        public bool Cut => Set.Whole("cut") == 1;

        public int Bolts => Set.Whole("bolts") * (Tyres - 1);

        public TyreStackSpace Space => new(Tyre, Tyres, Cut ? LeftWhenCut : 1);

        public double Soil => Space.Height - Set["below"];

        /// <summary>Across the ring that it stands on, half way up its side wall, m.</summary>
        public double Stands => (Tyre.RimDiameter + Tyre.OverallDiameter) / 2;

        public double TyreMass => Density * Tyre.OverallDiameter * Tyre.OverallDiameter * Tyre.SectionWidth;

        public Sum Holds => Sum.Of(
            "Soil with the hollow of the walls", "V = π/4 (r² + .75 ((D − 2t)² − r²)) z", [new("D", "across", Tyre.OverallDiameter, Unit.Metre), new("r", "across the hole", Tyre.RimDiameter, Unit.Metre), new("t", "tread", Tyre.Tread, Unit.Metre), new("z", "depth of soil", Soil, Unit.Metre)],
            Space.VolumeTo(Soil), Unit.CubicMetre, "The hole's cylinder, and three quarters of the hollow round it");

        /// <summary>Dry soil in m³ over the highest joint, where it is least.</summary>
        public double SoilOnTop() => Space.VolumeTo(Soil) - Space.VolumeTo((Tyres - 1) * Tyre.SectionWidth);
    }
}

/// <summary>The inside of tyres lying one on another; of the top one so much of its thickness as is left.</summary>
/// <param name="Left">1, or less where its upper wall is cut out: the soil is then as wide there as the tread.</param>
public sealed record TyreStackSpace(Tyre Tyre, int Count, double Left) : Vessel
{
    public override double Height => Tyre.SectionWidth * (Count - 1 + Left);

    public override Outline SectionAt(double y) => new CircleOutline(Left < 1 && y > Tyre.SectionWidth * (Count - 1) + Tyre.SectionWidth / 2 ? Math.Max(Tyre.RimDiameter, Tyre.OverallDiameter - 2 * Tyre.Tread) : Tyre.RimDiameter);

    public override double AreaAt(double y) => Tyre.AreaAt(0);

    public override double VolumeTo(double y) => Tyre.AreaAt(0) * y;
}
