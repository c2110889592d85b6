using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs;

/// <summary>Alike sticks in threes, ridge poles lapped over them, strings hung down with spare to lower the plants by; guys to both sides take the wind. Untied it folds and is stored dry.</summary>
public sealed class TripodRidge : Design
{
    private const double Embed = .15;
    private const double Above = .15;
    private const double LapOfPoles = .15;
    private const double LeastStick = .014;
    private const double LeastPole = .03;
    private const double LineDiameter = .004;
    private const double PegAbove = .15;

    /// <summary>Line for the knots of a string, of a guy, and of a lashed head, m.</summary>
    private const double ForString = .30, ForGuy = .60, ForHead = 2.0;

    private static readonly Role Poles = new("poles", "Ridge poles", Seat.AmongPlants, Form.Pole) { Buy = "stake" };

    public override string Id => "tripod-ridge";

    public override string Name => "Ridge on tripods";

    public override string Summary => "Poles on tripods of sticks with strings hung from them, for a row of climbers; untied and stored in winter.";

    public override Role Lead { get; } = new("sticks", "Sticks for the tripods", Seat.InSoil, Form.Pole, Form.Twig) { Counts = l => l.As<ISticks>() is not null, Also = l => WhyNot(l.As<ISticks>()!) };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var sticks = Of(lead);
        var tallest = Enumerable.Range(0, 29).Select(i => Math.Round(.8 + i * .05, 6)).Where(h => Cone.StickLength(h, Plan.Radius, Embed, Above) <= sticks.LengthOfLongest(6) + 1e-9).DefaultIfEmpty(.8).Max();
        List<Stop> heights = [.. Setting.Range(.8, tallest, .05)];
        return
        [
            new Setting("height", "Height of the ridge", Unit.Metre, heights, Math.Clamp(1.6, .8, tallest), "As high as an arm reaches to pick") { Sizes = [.. heights.Where((_, i) => i % 4 == 0).Append(heights[^1]).Select(h => h.Value).Distinct()] },
            Setting.Even("bays", "Bays", Unit.Count, 1, Math.Max(1, sticks.Sticks / 3 - 1), 1, 1, "Each more takes three sticks and a pole").TryAll(),
            Setting.Even("span", "From tripod to tripod", Unit.Metre, .90, 2.40, .10, 1.50, "As far as the pole neither sags nor breaks").TryThese(.90, 1.20, 1.50),
            Setting.Even("apart", "From string to string", Unit.Metre, .20, .60, .05, .30, "The spacing of beans and cucumbers"),
            Setting.Even("spare", "Spare on each string", Unit.Metre, 0, 2, .25, .50, "To lower the plant by and lead it along"),
            Setting.Even("guys", "Guys on each side of a tripod", Unit.Count, 1, 3, 1, 2, "Two share a gust").Least(),
            Setting.Even("reach", "Guys reach out", Unit.Metre, 1.0, 3.0, .25, 2.0, "Farther out they lift less and are in the way more").Least(),
            Setting.Even("pegs", "Pegs in the ground", Unit.Metre, .30, 1.20, .05, .60, "Deep enough for a gust in full leaf").Least(),
        ];
    }

    public override double AtMost(Chosen set) => set["height"];

    public override Outcome<Demand> Ask(Chosen set)
    {
        var ridge = new Plan(set);
        var longest = ridge.Sticks.LengthOfLongest(ridge.Legs);
        if (ridge.StickLength > longest + 1e-9)
            return new Problem("height", $"The sticks must be {Amount.Length(ridge.StickLength)}; of the {ridge.Legs} longest, the shortest has {Amount.Length(longest)}.");
        return Demand.Of(
            new SticksNeeded("sticks", Lead, ridge.Legs, ridge.StickLength, 0, Alike: true),
            new SticksNeeded("poles", Poles, ridge.Bays, ridge.PoleLength, LeastPole),
            new RunNeeded("twine", Stuff.Twine, ridge.Twine, LineDiameter, .008),
            new SticksNeeded("pegs", Stuff.FootPegs, ridge.Guys, ridge.PegDepth + PegAbove, Stuff.FootPeg));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var ridge = new Plan(set) { Pole = cast["poles"].Min(p => p.Thin), Peg = cast["pegs"].Min(p => p.Thin) };
        var shortest = cast["sticks"].Min(s => s.Length);
        var guys = new Guys("twine", "peg", ridge.Span, ridge.Height, Plan.Radius, set.Whole("guys"), set["reach"], LineDiameter, ridge.Peg, ridge.PegDepth, cast.Worn("pegs"), Stuff.StickGrade);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(ridge.Bays, "bay", "bays")} of {Amount.Length(ridge.Span)}, {new Count(ridge.Strings, "string", "strings")}, {Amount.Length(ridge.Height)} high",
            Parts =
            [
                new("stick", "Stick", Form.Pole, ridge.Legs, ridge.StickLength, ridge.Sticks.Butt, ridge.Sticks.Butt, "sticks"), new("pole", "Ridge pole", Form.Pole, ridge.Bays, ridge.PoleLength, ridge.Pole, ridge.Pole, "poles"),
                new("peg", "Peg", Form.Pole, ridge.Guys, ridge.PegDepth + PegAbove, ridge.Peg, ridge.Peg, "pegs"), new("twine", "Strings and guys", Form.Line, ridge.Strings + ridge.Guys, ridge.StringLength, LineDiameter, LineDiameter, "twine"),
            ],
            Joints = [new("Heads", "stick", "stick", "lashing", ridge.Tripods, LetIn: true), new("Poles to heads", "pole", "stick", "lashing", 2 * ridge.Bays, LetIn: true), new("Poles to each other", "pole", "pole", "lashing", ridge.Bays - 1, LetIn: true)],
            Climbing = ClimbingFrame.Row(ridge.Strings, LineDiameter, ridge.Height, ridge.Bays, ridge.Span),
            Foot = new NoSoil(),
            LoadPaths =
            [
                new RidgePole("pole", ridge.Span, ridge.Height, ridge.Pole, cast.Worn("poles"), Stuff.StickGrade), guys,
                new TripodLegs("stick", ridge.Span, ridge.Height, Plan.Radius, ridge.HalfWayUp(shortest), guys, set.Lead.Condition, Stuff.StickGrade),
            ],
            Figures = Figures(ridge, set),
            Handling = new(ridge.Legs * Stuff.MassOfStick(ridge.Sticks, ridge.StickLength), BuiltInPlace: true),
            Stance = new BuiltIn(ridge.Bays * ridge.Span * 2 * Plan.Radius),
            Scene = () => Stand(ridge, set),
            Operations = () => Steps(ridge, set),
            Reach = Plan.Radius,
        };
    }

    private static ISticks Of(Lead lead) => lead.Main.As<ISticks>()!;

    private static Sentence? WhyNot(ISticks sticks)
    {
        if (sticks.Sticks < 6) return $"{new Count(sticks.Sticks, "stick", "sticks")}; two tripods take six.";
        if (sticks.Butt < LeastStick) return $"Too thin to carry a ridge: {Amount.Length(sticks.Butt)} at the butt, and {Amount.Length(LeastStick)} at least are needed.";
        var shortest = Cone.StickLength(.8, Plan.Radius, Embed, Above);
        return sticks.LengthOfLongest(6) < shortest - 1e-9 ? (Sentence)$"Too short: the lowest ridge takes {Amount.Length(shortest)}." : null;
    }

    private static IReadOnlyList<Sum> Figures(Plan ridge, Chosen set) =>
    [
        Sum.Of("Length of one string", "H + knots + spare", [new("H", "height of the ridge", ridge.Height, Unit.Metre), new("knots", "for its knots", ForString, Unit.Metre), new("spare", "to lower the plant by", set["spare"], Unit.Metre)], ridge.StringLength, Unit.Metre, "Wound on above the ridge, let down as the plant grows"),
        Sum.Of("Line in all", "strings + heads + guys", [new("strings", "strings", ridge.Strings * ridge.StringLength, Unit.Metre), new("heads", "lashed heads", ridge.Tripods * ForHead, Unit.Metre), new("guys", "guys", ridge.Guys * ridge.GuyLength, Unit.Metre)], ridge.Twine, Unit.Metre, "All of it is untied and wound up for the next year"),
    ];

    private static Scene Stand(Plan ridge, Chosen set)
    {
        var solids = new List<Solid>();
        double far = set["reach"], top = ridge.Height;
        for (var t = 0; t < ridge.Tripods; t++)
        {
            Point3 head = new(ridge.TripodAt(t), 0, top);
            // One leg across the row on this side, two on the other, and the other way about at the next.
            for (var i = 0; i < 3; i++)
            {
                var a = Math.PI / 2 * (t % 2 == 0 ? 1 : -1) + 2 * Math.PI * i / 3;
                Point3 foot = new(head.X + Plan.Radius * Math.Cos(a), Plan.Radius * Math.Sin(a), 0), way = (head - foot) * (1 / top);
                solids.Add(new Rod("stick", Ink.Stick, [foot - way * Embed, foot + way * (top + Above)], ridge.Sticks.Butt, ridge.Sticks.Tip));
            }

            foreach (var side in (int[])[-1, 1])
            {
                for (var g = 0; g < set.Whole("guys"); g++)
                {
                    // Those of one side stand a little apart.
                    Point3 peg = new(head.X + (g - (set.Whole("guys") - 1) / 2.0) * .4, side * far, 0);
                    solids.Add(new Rod("twine", Ink.Line, [head with { Z = top + .02 }, peg with { Z = .05 }], LineDiameter, LineDiameter));
                    solids.Add(new Rod("peg", Ink.WoodEnd, [peg with { Y = side * (far + ridge.Peg), Z = PegAbove }, peg with { Y = side * (far + ridge.Peg), Z = -ridge.PegDepth }], ridge.Peg, ridge.Peg));
                }
            }
        }

        for (var b = 0; b < ridge.Bays; b++)
        {
            // Every other pole lies on the one before, over the shared tripod.
            var z = top + ridge.Sticks.Tip + ridge.Pole / 2 + (b % 2) * ridge.Pole;
            solids.Add(new Rod("pole", Ink.Wood, [new(ridge.TripodAt(b) - LapOfPoles, 0, z), new(ridge.TripodAt(b + 1) + LapOfPoles, 0, z)], ridge.Pole, ridge.Pole));
            for (var k = 0; k < ridge.InBay; k++)
            {
                var x = ridge.TripodAt(b) + ridge.Span * (k + .5) / ridge.InBay;
                solids.Add(new Rod("twine", Ink.Line, [new(x, 0, z - ridge.Pole / 2), new(x, 0, 0)], LineDiameter, LineDiameter));
            }
        }

        double left = ridge.TripodAt(0), next = ridge.TripodAt(1);
        return new(solids,
        [
            new("front", new(left - Plan.Radius, 0, 0), new(left - Plan.Radius, 0, top), .15, "height"), new("plan", new(left, -far, 0), new(next, -far, 0), -.2, "span"), new("plan", new(left - .5, 0, 0), new(left - .5, far, 0), .1, "reach"),
            new("section", new(0, far + .1, 0), new(0, far + .1, -ridge.PegDepth), .08, "pegs"),
        ], SectionAt: left);
    }

    private static IReadOnlyList<Operation> Steps(Plan ridge, Chosen set) =>
    [
        new("pick", $"Pick {ridge.Legs} alike sticks", $"At least {Amount.Length(ridge.StickLength)}, the stoutest of the bundle for the two ends; thick end down.", 3 * ridge.Legs, ["Pruning saw", "Knife"], Op.Gloves, false, "sticks") { SlowerWithSalvage = true },
        new("row", "Mark the row", $"A cord along it, {new Count(ridge.Tripods, "tripod", "tripods")} {Amount.Length(ridge.Span)} apart; feet {Amount.Length(Plan.Radius)} from the middle of each.", 10, ["Cord", "Tape"], []),
        new("lash", $"Lash {new Count(ridge.Tripods, "head", "heads")}", $"Three sticks laid side by side, tied loosely {Amount.Length(ridge.TieAlong)} up with a figure of eight, {Amount.Length(ForHead)} of line each: loose enough to open, and to fold again in autumn.", 6 * ridge.Tripods, ["Knife"], []),
        Op.DrivePegs("pegs", "peg", ridge.Guys, ridge.PegDepth, $"upright, {Amount.Length(set["reach"])} out from the row on both sides.") with { Minutes = 6 * ridge.Guys },
        new("stand", "Open the tripods and stand them", $"Feet {Amount.Length(Embed)} in the ground, one leg across the row on this side and two on the other, the next the other way about.", 8 * ridge.Tripods, ["Step ladder"], [], true) { Places = ["stick"] },
        new("poles", $"Lay on {new Count(ridge.Bays, "pole", "poles")}", $"{Amount.Length(LapOfPoles)} over each head and lashed to it{(ridge.Bays > 1 ? "; where two meet they lap over the head between them and are lashed to each other" : "")}.", 8 * ridge.Bays, ["Step ladder", "Knife"], [], true) { Places = ["pole"] },
        new("lines", $"Tie {new Count(ridge.Guys, "guy", "guys")} and {new Count(ridge.Strings, "string", "strings")}", $"Guys first, both sides tight. Strings {Amount.Length(ridge.StringLength)} long, what is over wound on above the pole with a slip knot; below a loose loop round the stem, under a leaf, never tight.", 4 * ridge.Guys + 2 * ridge.Strings, ["Knife"], [], false, "ties") { Places = ["twine"] },
        new("plant", "Plant one to each string", "Lead each up its string; let down and move along as it grows. In autumn untie all of it, fold the tripods and store them dry.", 2 * ridge.Strings, ["Trowel"], []),
    ];

    private sealed record Plan(Chosen Set)
    {
        /// <summary>Of the ring of feet of a tripod, m.</summary>
        public const double Radius = .45;

        public ISticks Sticks { get; } = Of(Set.Lead);

        public double Pole { get; init; } = LeastPole;

        public double Peg { get; init; } = Stuff.FootPeg;

        public double Height => Set["height"];

        public double Span => Set["span"];

        public int Bays => Set.Whole("bays");

        public int Tripods => Bays + 1;

        public int Legs => 3 * Tripods;

        public double PegDepth => Set["pegs"];

        public double StickLength => Cone.StickLength(Height, Radius, Embed, Above);

        /// <summary>From the foot of a stick to where it is tied.</summary>
        public double TieAlong => StickLength * (Height + Embed) / (Height + Embed + Above);

        public double PoleLength => Span + 2 * LapOfPoles;

        public int InBay => Math.Max(1, (int)Math.Floor(Span / Set["apart"] + 1e-9));

        public int Strings => Bays * InBay;

        public double StringLength => Height + ForString + Set["spare"];

        public int Guys => 2 * Set.Whole("guys") * Tripods;

        public double GuyLength => Math.Sqrt(Height * Height + Set["reach"] * Set["reach"]) + ForGuy;

        public double Twine => Strings * StringLength + Tripods * ForHead + Guys * GuyLength;

        public double TripodAt(int tripod) => (tripod - Bays / 2.0) * Span;

        /// <summary>Thickness of the shortest stick taken half way up to the head, m.</summary>
        public double HalfWayUp(double shortest) => Sticks.ThicknessAt((Embed + Height / 2) * Math.Sqrt(Height * Height + Radius * Radius) / Height, shortest);
    }
}
