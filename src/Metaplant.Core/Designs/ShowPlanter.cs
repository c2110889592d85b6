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
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// An old barrow or cart, planted where it is seen: its tray drilled beside the holes it has, its wheels chocked or its axle on blocks, steady when it is dry and when somebody sits on its edge, and painted before it is filled.
/// </summary>
public sealed class ShowPlanter : Design
{
    /// <summary>Where nobody has measured yet: a tray's part of the whole length at its rim, of that at its floor, and of its floor from axle to legs.</summary>
    private const double RimOfLength = .8, FloorOfRim = .75, BaseOfFloor = .9;

    /// <summary>Of a light cart without its tray, kg, and of a wheel or leg: nobody weighs them, and a heavier one stands firmer.</summary>
    private const double HandlesMass = 8, FootMass = 3;

    private const double Tyre = .06, Leg = .05, Strut = .02;

    /// <summary>What one wheel or leg presses with on the ground, m each way.</summary>
    private const double Touches = .05;

    /// <summary>A smaller floor is no tray, and wheels so near to its legs stand on one board.</summary>
    private const double LeastFloor = .20;

    private const double PadSide = .18, PadThick = .02;
    private const double TinOfPaint = .00075;
    private const int Coats = 2;

    private static readonly Role Pads = new("pads", "Boards under wheels and legs", Seat.Clear, Form.Board, Form.Timber) { Buy = "plank", Also = Stuff.TooStout };

    public override string Id => "show-planter";

    public override string Name => "Show planter";

    public override string Summary => "An old barrow or cart filled and planted where everybody sees it, steady on its wheels.";

    public override Role Lead { get; } = new("cart", "Barrow or cart", Seat.BehindFilm, Form.Frame) { Counts = l => l.Way.Id == "show", Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var m = Of(lead);
        var wood = lead.Thing.Thing.Substance.Grade() is not null;
        var deepest = Math.Clamp(Math.Floor(m.Height * .6 / .05) * .05, .10, .45);
        IReadOnlyList<Stop> walls = wood ? [new(.012), new(.016), new(.020), new(.025)] : [new(.0006), new(.0008), new(.0010), new(.0012), new(.0015), new(.0020)];
        return
        [
            Setting.Even("deep", "Depth of its tray", Unit.Metre, .10, deepest, .05, Math.Min(.20, deepest), "Measure it inside: it decides what grows"),
            Setting.Even("long", "Length of its tray at the rim", Unit.Metre, Near(.6 * m.Length), Near(m.Length), .05, Near(RimOfLength * m.Length), "Measure it inside, without the handles"),
            Setting.Even("floor", "Length of its floor", Unit.Metre, Math.Max(LeastFloor, Near(.3 * m.Length)), Math.Max(LeastFloor, Near(.6 * m.Length)), .05, Near(RimOfLength * FloorOfRim * m.Length), "Measure it inside: a barrow narrows downwards"),
            Setting.Even("base", "From axle to legs", Unit.Metre, Math.Max(LeastFloor, Near(.2 * m.Length)), Math.Max(LeastFloor, Near(.6 * m.Length)), .05, Near(RimOfLength * FloorOfRim * BaseOfFloor * m.Length), "Measure it on the ground: it tips over that"),
            new("wall", "Wall of its tray", Unit.Metre, walls, wood ? .016 : .0010, "Measure it at the rim"),
            new("wheels", "Wheels", Unit.Count, [new(1, "one"), new(2, "two"), new(4, "four")], m.Width > .7 ? 2 : 1, "Beside fewer than four there are two legs; on one wheel it stands on a triangle"),
            Setting.Even("track", "From wheel to wheel, or leg to leg", Unit.Metre, .20, Math.Max(.25, Math.Round(m.Width / .05) * .05), .05, Math.Max(.20, Math.Round(m.Width * .8 / .05) * .05), "Measure it outside: it tips over that"),
            new Setting("stands", "Stands", Unit.Count, [new(0, "on its wheels, chocked"), new(1, "with its axle on blocks")], 0, "Old tyres go flat under soil").TryAll(),
            new("slope", "Ground", Unit.One, [new(0, "level"), new(.02, "falls one in 50"), new(.05, "falls one in 20")], 0, "Chocks on a slope, always"),
            Packing.Hole(Floor(m).Length), Packing.Pad,
            new Setting("pads", "Under wheels and legs", Unit.Count, [new(0, "nothing"), new(1, "boards")], 1, "A narrow wheel sinks into soil").Least(),
            new("finish", "Outside", Unit.Count, [new(0, "as it is"), new(1, "painted")], 1, "Paint before it is filled: afterwards nobody gets at it"),
            Packing.Drips,
            Packing.Wall with { Id = "against" },
        ];
    }

    public override double AtMost(Chosen set) => new Plan(set) is var cart && cart.Soil > 0 ? 1000 * cart.Inside.VolumeTo(cart.Soil) : 0;

    public override Outcome<Demand> Ask(Chosen set)
    {
        var cart = new Plan(set);
        if (cart.Soil < .05) return new Problem("deep", "Too shallow to hold soil.");
        return Demand.Of(new WholeNeeded("cart", Lead, 1), cart.Padded ? new PiecesNeeded("pads", Pads, cart.FeetAt.Count, PadSide, PadSide * .75, PadThick) { Name = "Boards under wheels and legs" } : null);
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var cart = new Plan(set);
        var handbook = set.Brief.Handbook;
        Burden all = new(cart.Inside.VolumeTo(cart.Soil), cart.Empty(handbook));
        var paint = cart.Paint(handbook);
        OnWheels wheels = new("cart", all, cart.FeetAt.Count, set["slope"], set.Whole("stands") == 1);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Volume(all.Soil)} in a tray of {Amount.Length(cart.Inside.TopLength)} by {Amount.Length(cart.Inside.TopWidth)}, rim {Amount.Length(cart.RimUp)} up",
            Parts = [new("cart", set.Lead.Thing.Thing.Kind.Name, Form.Frame, 1, cart.Cart.Length, cart.Cart.Width, cart.Cart.Height, "cart"), .. cart.Padded ? [new("pad", "Board under a wheel or leg", Form.Board, cart.FeetAt.Count, PadSide, PadSide * .75, PadThick, "pads")] : (Part[])[]],
            Extras = set.Whole("finish") == 1 ? [new("paint", "Paint", "paint", (int)Math.Ceiling(paint.Value / TinOfPaint - 1e-9))] : [],
            Bays = [new("Soil", cart.Inside, cart.Soil, new(0, 0, cart.FloorUp))],
            Foot = cart.Floor,
            LoadPaths =
            [
                .. cart.Shells(handbook), wheels,
                new SatOnEdge("cart", all, ((cart.Inside.TopWidth - cart.TippingWidth) / 2, cart.TippingWidth / 2), ((cart.Inside.TopLength - cart.Base) / 2, cart.Base / 2)), new Drips("cart", set.Whole("drips") == 1),
            ],
            Figures = [.. set.Whole("finish") == 1 ? [paint] : (Sum[])[], .. set["slope"] > 0 ? [wheels.Rolls(set.Brief)] : (Sum[])[]],
            Handling = new(all.Empty, BuiltInPlace: false),
            Stance = new OnFeet(cart.Base, cart.TippingWidth, (cart.Inside.TopLength, cart.Inside.TopWidth, cart.RimUp), cart.FeetAt.Count * (cart.Padded ? PadSide * PadSide * .75 : Touches * Touches), cart.Padded ? "pad" : "cart", set.Whole("against") == 1),
            Scene = () => Stand(cart),
            Operations = () => Steps(cart, set, all),
            Reach = cart.Inside.TopWidth / 2,
        };
    }

    private static FrameMeasures Of(Lead lead) => lead.Main.As<FrameMeasures>()!;

    /// <summary>The nearest of what a tape is read to, never nothing.</summary>
    private static double Near(double length) => Math.Max(.05, Math.Round(length / .05) * .05);

    private static RectangleOutline Floor(FrameMeasures m) => new(m.Length * RimOfLength * FloorOfRim, m.Width * FloorOfRim);

    private static Sentence? WhyNot(Lot lot)
    {
        var (m, thing) = (lot.As<FrameMeasures>()!, lot.Of.Thing);
        if (thing.Shows(Findings.RustThrough)) return "Rusted through, its tray lets soil and all out: nail a sheet into it, and look at it again.";
        if (thing.Shows("wobbles")) return "It wobbles, and wet soil is heavier than what it carried: mend its wheels and legs first.";
        return Math.Min(Floor(m).Length, Floor(m).Width) < LeastFloor ? (Sentence)$"Too small: {Amount.Length(m.Length)} by {Amount.Length(m.Width)}." : null;
    }

    private static Scene Stand(Plan cart)
    {
        var solids = new List<Solid> { Vat.Around("cart", cart.Held.Ink, cart.Inside, cart.Set["wall"], new(0, 0, cart.FloorUp - cart.Set["wall"])), Vat.Filling(Parts.Soil, Ink.Soil, cart.Inside, cart.Soil, new(0, 0, cart.FloorUp + .0005)) };
        double under = cart.FloorUp - cart.Set["wall"], wheel = cart.WheelHigh / 2;
        foreach (var (at, isWheel) in cart.FeetAt)
        {
            if (cart.Padded) solids.Add(Prism.Box("pad", Ink.Wood, new(at.X - PadSide / 2, at.Y - PadSide * .375, 0), new(at.X + PadSide / 2, at.Y + PadSide * .375, PadThick)));
            if (isWheel) solids.Add(new Prism("cart", Ink.Metal, Stuff.Round(2 * wheel), new(at.X, at.Y - Tyre / 2, cart.PadHigh + wheel), new(0, Tyre, 0), new(1, 0, 0), new(0, 0, 1)));
            else
            {
                // A leg stands out from under the floor to its place.
                double in_ = Math.Min(Math.Abs(at.Y), cart.Inside.BottomWidth / 2 - Leg / 2), out_ = Math.Abs(at.Y) - in_, edge = Edge(Leg, out_, under - cart.PadHigh);
                solids.Add(Prism.Bar("cart", Ink.WoodEnd, new(at.X, at.Y, cart.PadHigh + edge), new(at.X, Math.CopySign(in_, at.Y), under - edge), Leg, Leg, new(1, 0, 0)));
            }

            if (!isWheel) continue;
            // From the hub up to the floor of the tray, on the inner side, or on both of a single wheel.
            foreach (var side in at.Y == 0 ? (int[])[-1, 1] : [-Math.Sign(at.Y)])
            {
                double hub = at.Y + side * (Tyre / 2 + .75 * Strut), up = Math.Clamp(hub, -cart.Inside.BottomWidth / 2 + .02, cart.Inside.BottomWidth / 2 - .02);
                solids.Add(Prism.Bar("cart", Ink.WoodEnd, new(at.X, hub, cart.PadHigh + wheel), new(at.X, up, under - Edge(Strut, Math.Abs(hub - up), under - cart.PadHigh - wheel)), 2 * Strut, Strut, new(1, 0, 0)));
            }
        }

        // The axle, from strut to strut.
        var axle = cart.Set["track"] / 2 - Tyre / 2 - .026;
        if (cart.FeetAt.Count(f => f.Wheel) > 1) solids.AddRange(cart.FeetAt.Where(f => f.Wheel).Select(f => f.At.X).Distinct().Select(x => (Solid)new Rod("cart", Ink.Metal, [new(x, -axle, cart.PadHigh + wheel), new(x, axle, cart.PadHigh + wheel)], .025, .025)));

        // Handles, level with the rim.
        double l = cart.Inside.TopLength / 2, w = cart.Inside.TopWidth / 2 + cart.Set["wall"] + .02, rim = cart.RimUp - .04;
        foreach (var side in (int[])[-1, 1]) solids.Add(new Rod("cart", Ink.Stick, [new(-l * .9, side * w, rim), new(cart.Cart.Length - l - .02, side * w, rim)], .035, .035));
        return new(solids,
        [
            new("front", new(-l, -w, 0), new(-l, -w, cart.RimUp), .14), new("plan", new(-l, w, 0), new(l, w, 0), .12), new("plan", new(-l, -w, 0), new(-l, w, 0), .12), new("section", new(0, -w, cart.FloorUp), new(0, -w, cart.FloorUp + cart.Soil), .10, "deep"),
        ], SectionAt: 0);
    }

    /// <summary>What is so thick and leans out so far over its height ends square to itself: one edge of its end lies so much beyond its middle.</summary>
    private static double Edge(double thick, double aside, double high) => thick / 2 * aside / Math.Sqrt(aside * aside + high * high);

    private static IReadOnlyList<Operation> Steps(Plan cart, Chosen set, Burden all)
    {
        var thing = set.Lead.Thing.Thing;
        var holes = cart.Floor.Holes(set.Brief).Count;
        var chocked = set.Whole("stands") == 0;
        List<Operation> steps =
        [
            Op.Wash(),
            new("look", "Look at what carries it", "Wheels, axle, legs and the rivets of the tray, shaken by hand. Tyres pumped hard, or filled with sand where they hold no air; what is rusty is brushed. Old paint: test it for lead before it is brushed or sanded, and leave it alone where it has any.", 20, ["Brush", "Spanner"], Op.EyesAndGloves, false, "contents") { SlowerWithSalvage = true },
        ];
        if (set.Whole("finish") == 1)
        {
            steps.Add(new("mask", "Mask it", "Tyres, handles and the inside of the tray, where roots go, are covered with paper and tape.", 15, ["Tape"], []));
            steps.Add(new("paint", "Paint it", $"Dry and dusted, above ten degrees: {Coats} thin coats, a night between them, {Amount.Volume(cart.Paint(set.Brief.Handbook).Value)} in all; under its rim first. Two days to dry before it is filled. Rags soaked with oil burn by themselves: hang them up to dry outside.", 30 * Coats * cart.Outside, ["Brush"], ["Gloves", "Mask"]));
        }

        if (cart.Padded) steps.Add(Op.Cut("boards", "boards to go under its wheels and legs", cart.FeetAt.Count, PadSide) with { Cuts = ["pads"] });
        steps.AddRange(VesselSteps.Prove(cart.Shells(set.Brief.Handbook), set.Brief));
        steps.AddRange(
        [
            VesselSteps.Drill(holes, cart.Floor.HoleDiameter, thing.Substance, "In its floor, by the template. A sound hole that it has counts where it lies within a hand of a mark, and a rusty one for half: bore beside it"),
            new("stand", chocked ? "Stand it and chock it" : "Set its axle on blocks", $"{(cart.Padded ? "Boards under every wheel and leg, level. " : "")}{(chocked ? "A wedge before and behind every wheel, screwed to its board; it neither rolls nor rocks." : "Blocks under the axle, so that its wheels just turn; a wedge beside each all the same.")} Where it is to stay: full it is {Amount.Mass(all.Wet(set.Brief.Medium))}, and nobody wheels it on.", 25, ["Level", "Spade"], Op.Gloves, true, "lift") { Places = cart.Padded ? ["cart", "pad"] : ["cart"] },
        ]);
        if (set.Whole("drips") == 1) steps.Add(new("tray", "Stand something under it", "Where it drips; emptied after rain, or midges breed in it.", 3, [], []));
        return
        [
            .. steps, Op.FirstWater(), .. VesselSteps.Pads(cart.Floor, holes), VesselSteps.Fill(all.Soil),
            new("plant", "Plant it to be seen", "One that is tall, a little off the middle or at the back; round it three or five that are half as high, of two kinds of leaf; at the edge what hangs over. Something for each season: bulbs below, what flowers in summer above, one that stays green.", 30, ["Trowel"], []),
        ];
    }

    /// <summary>The tray of a cart as a vessel: nobody measures it but by the settings.</summary>
    private sealed record Tray(Vessel Inside, double Wall, bool Wood) : IBoarded
    {
        public VesselWall WallKind => Wood ? VesselWall.Boards : VesselWall.Plate;

        public double BoardHeight => Math.Min(.10, Inside.Height);
    }

    private sealed record Plan(Chosen Set)
    {
        public FrameMeasures Cart { get; } = Of(Set.Lead);

        public TaperedBox Inside => field ??= new(Set["long"], Cart.Width, Set["floor"], Cart.Width * Math.Min(1, Set["floor"] / Set["long"]), Set["deep"]);

        public double Soil => Set["deep"] - Packing.Head(Set["deep"]);

        public HeldSoil Held => field ??= new("cart", new Tray(Inside, Set["wall"], Set.Lead.Thing.Thing.Substance.Grade() is not null), Set.Lead.Thing.Thing, Inside, Soil) { HungUp = true };

        public bool Padded => Set.Whole("pads") == 1;

        public double PadHigh => Padded ? PadThick : 0;

        public double RimUp => PadHigh + Cart.Height;

        public double FloorUp => RimUp - Inside.Height;

        /// <summary>As high as goes under the tray, and clear of the wheel behind it.</summary>
        public double WheelHigh => Math.Min(Math.Min(FloorUp - PadHigh - Set["wall"] - .01, .5 * Cart.Height), .9 * Base);

        /// <summary>From axle to legs, which stand under its floor.</summary>
        public double Base => Math.Min(Set["base"], Inside.BottomLength * .95);

        /// <summary>Middles of wheels and legs, and which of them are wheels.</summary>
        public IReadOnlyList<(Point At, bool Wheel)> FeetAt => field ??=
        [
            .. Set.Whole("wheels") == 1 ? [(new Point(-Base / 2, 0), true)] : ((Point, bool)[])[(new(-Base / 2, -Set["track"] / 2), true), (new(-Base / 2, Set["track"] / 2), true)],
            (new(Base / 2, -Set["track"] / 2), Set.Whole("wheels") == 4), (new(Base / 2, Set["track"] / 2), Set.Whole("wheels") == 4),
        ];

        /// <summary>Twice from the middle to the nearest line between two feet: on one wheel and two legs that line runs aslant.</summary>
        public double TippingWidth => Set.Whole("wheels") == 1 ? Set["track"] / 2 / Math.Sqrt(1 + Math.Pow(Set["track"] / (2 * Base), 2)) : Set["track"];

        /// <summary>m² that are painted.</summary>
        public double Outside => (Inside.SectionAt(0).Perimeter + Inside.SectionAt(Inside.Height).Perimeter) / 2 * Inside.Height + Inside.BaseArea;

        public Sum Paint(Handbook handbook) => Sum.Of("Paint", "A n t", [new("A", "outside of the tray", Outside, Unit.SquareMetre), new("n", "coats", Coats, Unit.Count), handbook.Term(Practice.PaintFilm)], Outside * Coats * handbook[Practice.PaintFilm], Unit.CubicMetre, "Area times film");

        public double Empty(Handbook handbook) => Held.EmptyMass(handbook) + HandlesMass + FootMass * FeetAt.Count;

        public ClosedFloor Floor => field ??= new(Inside.SectionAt(0), Set["hole"], Set["pad"], FloorUp - Set["wall"], Inside.AreaAt(Soil) / Inside.BaseArea, false, [], 0);

        /// <summary>Its wall, and its floor which is carried where the tray is fixed, half of its length apart.</summary>
        public IReadOnlyList<LoadPath> Shells(Handbook handbook) => [Held.Wall(handbook), Held.Floor(Math.Min(Inside.BottomLength / 2, Inside.BottomWidth), 1, HeldSoil.LeftByHoles, handbook) with { Name = "Floor of the tray" }];
    }
}
