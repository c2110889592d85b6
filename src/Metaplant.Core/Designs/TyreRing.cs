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
        Also = l => l.As<TyreMeasures>()!.Shape.SectionWidth is var thick && thick * LeftWhenCut - HeadSpace < LeastSoil ? (Sentence)$"Too flat: {Amount.Length(thick)} holds too little soil over its foot." : null,
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

    public override Outcome<Demand> Ask(Chosen set) => new Plan(set).SoilOnTop <= 0
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
            LoadPaths = [new TyreWall("tyre", ring.Soil, ring.Cut), .. ring.Tyres > 1 ? [new TyreStack("tyre", ring.SoilOnTop, set.Whole("bolts"))] : (LoadPath[])[]],
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
        var solids = new List<Solid>();
        List<(double Z, double Across)> inside = [];
        for (var i = 0; i < ring.Tyres; i++)
        {
            var z = i * ring.Tyre.SectionWidth;
            var profile = Profile(ring.Tyre, ring.Cut && i == ring.Tyres - 1);
            solids.Add(new Vat("tyre", Ink.Hole, new(0, 0, z), [.. profile.Select(p => new Ring(Stuff.Round(p.Outside), p.Z))], [.. profile.Select(p => new Ring(Stuff.Round(p.Inside), p.Z))]));
            // Where one lies on another both have the width of the bead.
            inside.AddRange(profile.Skip(i == 0 ? 0 : 1).Select(p => (z + p.Z, p.Inside)));
        }

        // Packed into the hollow of the walls.
        const double Clear = .004;
        var top = inside.FindIndex(p => p.Z >= ring.Soil);
        var (below, above) = (inside[top - 1], inside[top]);
        var level = below.Across + (above.Across - below.Across) * (ring.Soil - below.Z) / (above.Z - below.Z);
        solids.Add(new Vat(Parts.Soil, Ink.Soil, new(0, 0, .001), [.. inside.Take(top).Append((ring.Soil, level)).Select(p => new Ring(Stuff.Round(p.Item2 - Clear), p.Item1))], []));
        double r = ring.Tyre.OverallDiameter / 2;
        return new(solids, [new("front", new(-r, 0, 0), new(-r, 0, ring.Space.Height), .1), new("plan", new(-r, r, 0), new(r, r, 0), .08), new("section", new(0, -r, 0), new(0, -r, ring.Soil), .1)], SectionAt: .0004);
    }

    /// <summary>Levels of one tyre with how far across it is there, outside and inside, m: bead and shoulder, tread, and shoulder and bead again; cut out, it ends with the tread.</summary>
    private static IReadOnlyList<(double Z, double Outside, double Inside)> Profile(Tyre t, bool cut)
    {
        const double Shoulder = .2;
        double w = t.SectionWidth, shoulder = (t.RimDiameter + t.OverallDiameter) / 2, tread = t.OverallDiameter, inside = t.InsideTread;
        (double, double, double) foot = (0, shoulder, t.RimDiameter), low = (Shoulder * w, tread, inside);
        return cut ? [foot, low, (LeftWhenCut * w, tread, inside)] : [foot, low, ((1 - Shoulder) * w, tread, inside), (w, shoulder, t.RimDiameter)];
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
        return [.. steps, Op.Fill(ring.Space.VolumeTo(ring.Soil), set["below"], " Push it into the hollow of the walls by hand: much of what it holds is there.")];
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
        public double SoilOnTop => Space.VolumeTo(Soil) - Space.VolumeTo((Tyres - 1) * Tyre.SectionWidth);
    }
}
