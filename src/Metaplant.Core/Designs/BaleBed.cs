using Metaplant.Core.Building;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// A ring of whole bales on open ground, flat or on edge, one course or two, held from outside by pegs that take all of the push: straw is too light to stand against soil by itself. For a season or two, then the bales are mulch.
/// </summary>
public sealed class BaleBed : Design
{
    private const double HeadSpace = .04;
    private const double MostBelow = .16;
    private const double PegThickness = .05;
    private const double LeastBale = .25;
    private const double LeastInside = .25;

    /// <summary>Pegs end this far below the top, so that nobody sits on one.</summary>
    private const double PegsEndBelow = .05;

    /// <summary>Of small bales when dry, kg/m³: 80 to 120, whose upper part tells what is to be carried.</summary>
    private const double StrawDensity = 110;

    private static readonly Role Pegs = new("pegs", "Pegs outside the bales", Seat.Clear, Form.Pole) { Buy = "stake" };

    public override string Id => "bale-bed";

    public override string Name => "Bale bed";

    public override string Summary => "A ring of straw bales held by pegs, filled as stuff comes, for a season or two; then it is mulch.";

    public override Role Lead { get; } = new("bales", "Bales", Seat.InSoil, Form.Bale)
    {
        Worked = false,
        Together = (a, b) => SameSize(a, b) && Stuff.AsFit(a, b),
        Also = l => l.Thin < LeastBale ? (Sentence)$"Too thin to stand as a wall: {Amount.Length(l.Thin)}, and {Amount.Length(LeastBale)} at least are wanted." : null,
    };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var most = Math.Max(1, Math.Min(12, lead.Lots.Sum(l => l.Pieces) / 2 - 1));
        var all = Ways(lead);
        List<Stop> ways = [.. all.Select((w, i) => new Stop(i, w.Label))];
        return
        [
            Setting.Even("long", "Bales along", Unit.Count, 1, Math.Max(2, most), 1, 2, "As many as there are").TryAll(),
            Setting.Even("wide", "Bales across", Unit.Count, 1, 3, 1, 1, "An arm must reach the middle over a bale").TryAll(),
            new Setting("laid", "Bales laid", Unit.Count, ways, 0, "Flat they are broad and stand well; on edge they reach higher").Try(w => all[(int)w].Height <= RetainedSoil.Flagged),
            Setting.Even("below", "Soil below the top", Unit.Metre, HeadSpace, MostBelow, .02, HeadSpace, "Room for mulch, and for water to stand in"),
            Setting.Even("posts", "Pegs to each bale", Unit.Count, 1, 4, 1, 2, "Bales slide: pegs take all of the push").Least(),
            Setting.Even("embed", "Pegs in the ground", Unit.Metre, .30, 1.00, .05, .55, "As deep as the ground asks").Least(),
            new Setting("seasons", "For how long", Unit.Count, [new(1, "one season"), new(2, "two seasons")], 1, "Straw against wet soil is sure for one"),
        ];
    }

    public override double AtMost(Chosen set)
    {
        double length = set.Lead.Lots.Max(l => l.Length), thin = set.Lead.Lots.Min(l => l.Thin);
        return 1000 * Math.Max(0, set["long"] * length - thin) * Math.Max(0, set["wide"] * length - thin) * Ways(set.Lead)[set.Whole("laid")].Height;
    }

    public override Outcome<Demand> Ask(Chosen set)
    {
        var ring = new Plan(set);
        if (Math.Min(ring.Inside.Length, ring.Inside.Width) < LeastInside) return new Problem("wide", "Bales so thick leave no room to plant between them: another bale across, or on edge.");
        return Demand.Of(new WholeNeeded("bales", Lead, ring.Bales), new SticksNeeded("pegs", Pegs, ring.PegCount, ring.PegLength, PegThickness));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var ring = new Plan(set);
        var peg = cast["pegs"].Min(p => p.Thin);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{new Count(ring.Bales, "bale", "bales")} {ring.Label}, {Amount.Length(ring.Inside.Length)} by {Amount.Length(ring.Inside.Width)} inside",
            Parts = [new("bale", "Bale", Form.Bale, ring.Bales, ring.Piece, Math.Max(ring.Thick, ring.Course), Math.Min(ring.Thick, ring.Course), "bales"), new("peg", "Peg", Form.Pole, ring.PegCount, ring.PegLength, peg, peg, "pegs")],
            Bays = [new("Soil", new TaperedBox(ring.Inside.Length, ring.Inside.Width, ring.Inside.Length, ring.Inside.Width, ring.Height), ring.Soil)],
            Foot = new OpenGround(),
            LoadPaths =
            [
                new DrivenPosts("peg", brief => Push.Resultant(ring.Soil, brief, LoadCase.Normal).Times(ring.Piece / ring.PegsEach), ring.Soil / 3, PegThickness, set["embed"], Piece.BoughtGrade, cast.Worn("pegs")) { Leans = false, Called = "Pegs" },
                new Lasting("bale", "the straw", Substance.Straw, set.Whole("seasons"), cast.Worn("bales"), "Strings are looked at each month; what slumps is mulch.", "Not sure: look at strings and foot in spring, and take it down when a wall slumps."),
            ],
            Figures = [Stuff.ByItsWeight(ring.Thick, ring.Soil, StrawDensity * Medium.Gravity * ring.Thick * ring.Height, "pegs", set.Brief), ring.Mulch(set.Brief.Handbook)],
            Handling = new(ring.Bales * ring.BaleMass, BuiltInPlace: true),
            Stance = new BuiltIn(ring.Outside.Length * ring.Outside.Width),
            Scene = () => Stand(ring, set, peg),
            Operations = () => Steps(ring, set),
            Reach = ring.Inside.Width / 2 + ring.Thick,
        };
    }

    private static bool SameSize(Stock.Lot a, Stock.Lot b) => Math.Abs(a.Length - b.Length) < .03 && Math.Abs(a.Wide - b.Wide) < .02 && Math.Abs(a.Thin - b.Thin) < .02;

    /// <summary>How bales may be laid, lowest first: how high the wall is, how thick, in how many courses.</summary>
    private static List<Way> Ways(Lead lead)
    {
        // Of unlike ones the wall is as low as the lowest and as thick as the thickest.
        double wide = lead.Lots.Min(l => l.Wide), thin = lead.Lots.Min(l => l.Thin), thickFlat = lead.Lots.Max(l => l.Wide), thickOnEdge = lead.Lots.Max(l => l.Thin);
        Way flat = new(thin, thickFlat, 1, OnEdge: false), onEdge = new(wide, thickOnEdge, 1, OnEdge: true);
        List<Way> one = wide - thin < .01 ? [flat] : [flat, onEdge];
        return [.. one.Concat(one.Select(w => w with { Height = 2 * w.Height, Courses = 2 })).OrderBy(w => w.Height).DistinctBy(w => w.Height)];
    }

    private static Scene Stand(Plan ring, Chosen set, double peg)
    {
        double x = ring.Outside.Length / 2, y = ring.Outside.Width / 2, inX = ring.Inside.Length / 2, inY = ring.Inside.Width / 2;
        var solids = new List<Solid>();
        for (var c = 0; c < ring.Courses; c++)
            solids.AddRange(Pinwheel.Laid("bale", "bale", Ink.Wood, ring.At(c), c * ring.Course, (c + 1) * ring.Course));

        foreach (var (from, to, away) in ring.At(0))
        {
            for (var i = 0; i < ring.PegsEach; i++)
            {
                var along = (i + .5) / ring.PegsEach;
                double px = away.X == 0 ? from.X + (to.X - from.X) * along : away.X * (x + peg / 2), py = away.Y == 0 ? from.Y + (to.Y - from.Y) * along : away.Y * (y + peg / 2);
                solids.Add(Stuff.Post("peg", px, py, peg, -set["embed"], ring.PegLength - set["embed"]));
            }
        }

        solids.Add(Prism.Box(Parts.Soil, Ink.Soil, new(-inX + .002, -inY + .002, .001), new(inX - .002, inY - .002, ring.Soil)));
        return new(solids,
        [
            new("front", new(-x, -y, 0), new(-x, -y, ring.Height), .12), new("plan", new(-x, y, 0), new(x, y, 0), .14), new("plan", new(-x, -y, 0), new(-x, y, 0), .14),
            new("section", new(0, -y, 0), new(0, -y, ring.Height), .12), new("section", new(0, 0, ring.Soil), new(0, 0, ring.Height), .05, "below"), new("section", new(0, y + .1, 0), new(0, y + .1, -set["embed"]), .06, "embed"),
        ]);
    }

    private static IReadOnlyList<Operation> Steps(Plan ring, Chosen set) =>
    [
        new("look", "Look at every bale", "Strings tight and whole, no black or slimy straw. Whoever grew it knows whether it was sprayed; else beans in a pot of it tell in three weeks.", 5, [], Op.Gloves, false, "straw"),
        Op.SetOut(ring.Outside.Length, ring.Outside.Width),
        new("bales", $"Lay {new Count(ring.Bales, "bale", "bales")} {ring.Label}", ring.Words, 6 * ring.Bales, [], [.. Op.Gloves, "Mask"], Lifting.People(ring.BaleMass, set.Brief.Handbook) != 1, "straw", "lift") { Places = ["bale"] },
        Op.DrivePegs("pegs", "peg", ring.PegCount, set["embed"], $"upright, hard against the outer side of the bales, {ring.PegsEach} to each bale, evenly."),
        new("soak", "Soak the bales", "With a rose, until water shows at their foot; again the next day. A dry bale drinks what the plants should have.", 3 * ring.Bales, ["Watering can"], []),
        Op.Fill(ring.Volume, set["below"], " It need not be at once: rough stuff first as it comes, soil on top. Look along the walls after each layer.") with { Title = "Fill it as stuff comes" },
    ];

    private sealed record Way(double Height, double Thick, int Courses, bool OnEdge)
    {
        public string Label => (OnEdge ? "on edge" : "flat") + (Courses == 2 ? ", two courses" : "");
    }

    private sealed record Plan(Chosen Set)
    {
        private Way Laid { get; } = Ways(Set.Lead)[Set.Whole("laid")];

        /// <summary>The shortest of the bales that lie there: a ring of unlike ones is as small as that.</summary>
        public double Piece { get; } = Set.Lead.Lots.Min(l => l.Length);

        public double Thick => Laid.Thick;

        public int Courses => Laid.Courses;

        public string Label => Laid.Label;

        public double Height => Laid.Height;

        public double Course => Height / Courses;

        public double Soil => Height - Set["below"];

        public (double Length, double Width) Inside => (Set.Whole("long") * Piece - Thick, Set.Whole("wide") * Piece - Thick);

        public (double Length, double Width) Outside => (Inside.Length + 2 * Thick, Inside.Width + 2 * Thick);

        public int Bales => 2 * (Set.Whole("long") + Set.Whole("wide")) * Courses;

        public double BaleVolume => Piece * Thick * Course;

        public double BaleMass => StrawDensity * BaleVolume;

        public int PegsEach => Set.Whole("posts");

        public int PegCount => PegsEach * Bales / Courses;

        public double PegLength => Set["embed"] + Height - PegsEndBelow;

        public double Volume => Inside.Length * Inside.Width * Soil;

        public IEnumerable<(Point From, Point To, Point Out)> At(int course) => Pinwheel.Course(Outside.Length, Outside.Width, Thick, (Piece, Piece), course % 2 == 1);

        public Sentence Words => $"{(Laid.OnEdge ? "Strings up, and they stay on." : "Strings run round the sides and stay on.")} Each wall starts at a corner and butts against the side of the next, ends pressed together{(Courses == 2 ? "; the second course the other way about, over the joints" : "")}.";

        public Sum Mulch(Handbook handbook)
        {
            const double Layer = .05;
            var sinking = Fills.Sinking(handbook, Fill.Straw);
            var years = Set.Whole("seasons");
            var left = 1 - sinking.Lost * (1 - Math.Exp(-sinking.Rate * years));
            return Sum.Of(
                "Ground it mulches in the end", "A = n V (1 − f (1 − e^−kt)) ÷ d",
                [new("n", "bales", Bales, Unit.Count), new("V", "one bale", BaleVolume, Unit.CubicMetre), handbook.Term(Fills.Id(Fill.Straw, "lost")), handbook.Term(Fills.Id(Fill.Straw, "rate")), new("t", "years", years, Unit.Year), new("d", "depth of mulch", Layer, Unit.Metre)],
                Bales * BaleVolume * left / Layer, Unit.SquareMetre, "How straw sinks, an estimate that your own log corrects");
        }
    }
}
