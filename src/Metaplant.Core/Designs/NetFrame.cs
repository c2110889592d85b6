using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// A net over a frame of poles, low over a bed or high enough to walk in: openings small enough for what must stay out, a skirt on the ground, a door with a high latch where it is walked in. Off before snow.
/// </summary>
public sealed class NetFrame : Design
{
    private const double PostThickness = .04;
    private const double LeastRail = .022;
    private const double Lap = .10;
    private const double RailLap = .10;
    private const double WidestOpening = .045;

    /// <summary>From here up it is walked in, m.</summary>
    private const double WalkedIn = 1.7;

    private const double DoorWide = .70, DoorBatten = .045, DoorThick = .02, LatchAt = 1.5;

    /// <summary>The net sags so much of its span under its load.</summary>
    private const double SagOfSpan = .1;

    /// <summary>Line to lash one joint, and to lace a metre of net, m.</summary>
    private const double LineForJoint = .8, LineForMetre = 2.0;

    private static readonly Role Posts = new("posts", "Posts", Seat.InSoil, Form.Pole) { Buy = "stake" };
    private static readonly Role Rails = new("rails", "Rails and cross poles", Seat.AmongPlants, Form.Pole);
    private static readonly Role Battens = new("door", "Door", Seat.Clear, Form.Timber, Form.Board) { Buy = "timber" };

    public override string Id => "net-frame";

    public override string Name => "Net frame";

    public override string Summary => "A net over a frame of poles that keeps birds, butterflies or rabbits off a bed, low or to walk in.";

    public override Role Lead { get; } = new("net", "The net", Seat.AmongPlants, Form.Mesh) { Counts = l => l.Way.Id == "cut", Also = WhyNot };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var opening = Of(lead).Aperture;
        // The first of them that its openings keep out.
        var usual = Pests.All.Select((p, i) => (p, i)).Where(x => opening <= Handbook.Default[Pests.Opening(x.p)] + 1e-9).Select(x => x.i).DefaultIfEmpty(0).First();
        return
        [
            Setting.Even("length", "Length", Unit.Metre, .80, 4.80, .20, 1.60, "As long as the bed").TryThese(.80, 1.20, 1.60, 2.40),
            Setting.Even("width", "Width", Unit.Metre, .60, 2.40, .20, 1.00, "As wide as the bed, and a path where it is walked in").TryThese(.60, 1.00),
            Setting.Even("height", "Height", Unit.Metre, .40, 2.00, .10, .60, "Over what grows below it; from a man’s height it has a door").TryThese(.50, .80),
            new("out", "Keeps out", Unit.Count, [.. Pests.All.Select((p, i) => new Stop(i, p.Short))], usual, "What eats the crop"),
            new("winter", "Net in winter", Unit.Count, [new(0, "off"), new(1, "left up")], 0, "Snow on a net pulls the posts together"),
            Setting.Even("bays", "Bays along it", Unit.Count, 1, 6, 1, 1, "Posts no farther apart than holds").Least(),
            Setting.Even("embed", "Posts in the ground", Unit.Metre, .20, .90, .05, .40, "As deep as a gust asks").Least(),
        ];
    }

    public override double AtMost(Chosen set) => set["length"] * set["width"];

    public override Outcome<Demand> Ask(Chosen set)
    {
        var frame = new Plan(set);
        if (frame.Door && frame.Width < DoorWide + .10) return new Problem("width", $"It is walked in: the door takes {Amount.Length(DoorWide + .10)}.");
        if (frame.Net.Width <= 2 * Lap) return new Problem("length", "The net is so narrow that nothing is left of it beside its laps.");
        return Demand.Of(
            new RollNeeded("net", Lead, frame.Strips, frame.Over, frame.Net.Width) { Name = "Strips over it" },
            new RollNeeded("ends", Lead, 2 * frame.EndStrips, frame.Height + frame.Skirt, frame.Net.Width) { Name = "Strips of the ends" },
            new SticksNeeded("posts", Posts, frame.Posts, frame.Height + set["embed"], PostThickness),
            new SticksNeeded("rails", Rails, 2 * frame.Bays, frame.Bay + 2 * RailLap, LeastRail),
            new SticksNeeded("cross", Rails, frame.Bays + 1, frame.Width + 2 * RailLap, LeastRail) { Name = "Cross poles" },
            new RunNeeded("line", Stuff.Twine, frame.Line, .002, .008),
            frame.Door ? new PiecesNeeded("stiles", Battens, 2, frame.DoorHigh, DoorBatten, DoorThick) { Name = "Uprights of the door" } : null,
            frame.Door ? new PiecesNeeded("door-rails", Battens, 3, DoorWide - 2 * DoorBatten, DoorBatten, DoorThick) { Name = "Rails of the door" } : null);
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var frame = new Plan(set) { Rail = cast["rails"].Concat(cast["cross"]).Max(p => p.Thin) };
        var loads = frame.Loads(cast);
        List<Part> parts =
        [
            new("net", "Net", Form.Mesh, frame.Strips, frame.Over, frame.Net.Width, frame.Net.Wire, "net"), new("end", "Net of an end", Form.Mesh, 2 * frame.EndStrips, frame.Height + frame.Skirt, frame.Net.Width, frame.Net.Wire, "ends"),
            new("post", "Post", Form.Pole, frame.Posts, frame.Height + set["embed"], PostThickness, PostThickness, "posts"), new("rail", "Rail", Form.Pole, 2 * frame.Bays, frame.Bay + 2 * RailLap, frame.Rail, frame.Rail, "rails"),
            new("cross", "Cross pole", Form.Pole, frame.Bays + 1, frame.Width + 2 * RailLap, frame.Rail, frame.Rail, "cross"),
        ];
        if (frame.Door) parts.AddRange([new("stile", "Upright of the door", Form.Timber, 2, frame.DoorHigh, DoorBatten, DoorThick, "stiles"), new("door-rail", "Rail of the door", Form.Timber, 3, DoorWide - 2 * DoorBatten, DoorBatten, DoorThick, "door-rails")]);
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(frame.Length)} by {Amount.Length(frame.Width)}, {Amount.Length(frame.Height)} high{(frame.Door ? ", with a door" : "")}",
            Parts = parts,
            Joints =
            [
                new("Rails to posts", "rail", "post", "lashing", 4 * frame.Bays, LetIn: true), new("Cross poles to posts", "cross", "post", "lashing", 2 * (frame.Bays + 1), LetIn: true), new("Rails to cross poles", "rail", "cross", "lashing", 0, LetIn: true),
                new("Rails to each other", "rail", "rail", "lashing", 2 * (frame.Bays - 1), LetIn: true),
                new("Seams of the net", "net", "net", "lashing", frame.Strips - 1, LetIn: true), new("Ends to the net", "net", "end", "lashing", 4, LetIn: true), new("Seams of the ends", "end", "end", "lashing", 2 * (frame.EndStrips - 1), LetIn: true), .. frame.Door ? [new("Corners of the door", "stile", "door-rail", WoodScrew.Outdoor.Goods, 12)] : (Joint[])[],
            ],
            Extras = frame.Door ? [new("hinges", "Hinges", "hinge", 2), new("latch", "Latch", "latch", 1)] : [],
            Covered = new(frame.Length * frame.Width, frame.Pest.Named),
            Foot = new NoSoil(),
            LoadPaths =
            [
                new NetOpening("net", frame.Net.Aperture, frame.Pest, set.Lead.Thing.Thing.Shows(Findings.Torn)), loads,
                new DrivenPosts("post", b => new(0, loads.Wind(b).Value), frame.Height / 2, PostThickness, set["embed"], Stuff.StickGrade, cast.Worn("posts")) { Leans = false, Pushed = "wind on one", By = "the wind" },
            ],
            Figures = [frame.Cut],
            Handling = new(frame.Posts * Stuff.MassOfPole(PostThickness, frame.Height + set["embed"]), BuiltInPlace: true),
            Stance = new BuiltIn(frame.Length * frame.Width),
            Scene = () => Stand(frame, set),
            Operations = () => Steps(frame, set),
            Reach = frame.Width / 2,
        };
    }

    private static MeshMeasures Of(Lead lead) => lead.Main.As<MeshMeasures>()!;

    private static Sentence? WhyNot(Lot lot)
    {
        var m = lot.As<MeshMeasures>()!;
        if (m.Aperture > WidestOpening) return $"Openings of {Amount.Length(m.Aperture)} let through everything that eats a bed.";
        if (lot.Of.Thing.Shows(Findings.RustThrough)) return "Rusted through: it keeps nothing out for long.";
        return m.Width < .40 ? (Sentence)$"Too narrow: {Amount.Length(m.Width)}; of so many strips it would be all seams." : null;
    }

    private static Scene Stand(Plan frame, Chosen set)
    {
        // The net is drawn as some of its cords, so that one sees the frame and the bed.
        const double Cords = .25, Cord = .004, Out = .004;
        var solids = new List<Solid>();
        double x = frame.Length / 2, y = frame.Width / 2, h = frame.Height, r = frame.Rail, top = h + 1.5 * r;
        for (var i = 0; i <= frame.Bays; i++)
        {
            var at = -x + i * frame.Bay;
            foreach (var side in (int[])[-1, 1]) solids.Add(Stuff.Post("post", at, side * y, PostThickness, -set["embed"], h));
            solids.Add(new Rod("cross", Ink.Stick, [new(at, -y - RailLap, h + r), new(at, y + RailLap, h + r)], r, r));
            if (i == frame.Bays) continue;
            foreach (var side in (int[])[-1, 1]) solids.Add(new Rod("rail", Ink.Stick, [new(at - RailLap, side * y, h), new(at + frame.Bay + RailLap, side * y, h)], r, r));
        }

        double ox = x + PostThickness / 2 + Out + RailLap, oy = y + PostThickness / 2 + Out + RailLap;
        var along = Math.Max(2, (int)Math.Round(2 * ox / Cords));
        for (var i = 0; i <= along; i++)
        {
            var at = -ox + 2 * ox * i / along;
            solids.Add(new Rod("net", Ink.Line, [new(at, -oy - frame.Skirt, .002), new(at, -oy, .002), new(at, -oy, top), new(at, oy, top), new(at, oy, .002), new(at, oy + frame.Skirt, .002)], Cord, Cord));
        }

        var levels = Math.Max(2, (int)Math.Round(h / Cords));
        for (var i = 0; i <= levels; i++)
        {
            var z = .002 + (top - .002) * i / levels;
            foreach (var side in (int[])[-1, 1])
            {
                solids.Add(new Rod("net", Ink.Line, [new(-ox, side * oy, z), new(ox, side * oy, z)], Cord, Cord));
                solids.Add(new Rod("end", Ink.Line, [new(side * ox, -oy, z), new(side * ox, oy, z)], Cord, Cord));
            }
        }

        var across = Math.Max(2, (int)Math.Round(2 * oy / Cords));
        for (var i = 1; i < across; i++)
        {
            var at = -oy + 2 * oy * i / across;
            solids.Add(new Rod("net", Ink.Line, [new(-ox, at, top), new(ox, at, top)], Cord, Cord));
            foreach (var side in (int[])[-1, 1]) solids.Add(new Rod("end", Ink.Line, [new(side * ox, at, .002), new(side * ox, at, top)], Cord, Cord));
        }

        if (frame.Door)
        {
            double out_ = ox + .01, half = DoorWide / 2, low = .04;
            foreach (var side in (int[])[-1, 1]) solids.Add(Prism.Box("stile", Ink.Wood, new(out_, side * half, low), new(out_ + DoorThick, side * (half - DoorBatten), low + frame.DoorHigh)));
            foreach (var z in (double[])[low, low + (frame.DoorHigh - DoorBatten) / 2, low + frame.DoorHigh - DoorBatten]) solids.Add(Prism.Box("door-rail", Ink.Wood, new(out_, -half + DoorBatten, z), new(out_ + DoorThick, half - DoorBatten, z + DoorBatten)));
        }

        return new(solids,
        [
            new("front", new(-x, -y, 0), new(-x, -y, h), .20, "height"), new("plan", new(-x, y, 0), new(x, y, 0), .40, "length"), new("plan", new(-x, -y, 0), new(-x, y, 0), .35, "width"),
            new("section", new(0, -y, 0), new(0, -y, h), .35, "height"), new("section", new(0, y + .2, 0), new(0, y + .2, -set["embed"]), .06, "embed"),
        ], SectionAt: -x);
    }

    private static IReadOnlyList<Operation> Steps(Plan frame, Chosen set)
    {
        List<Operation> steps =
        [
            new("mark", "Mark the corners", $"Peg out {Amount.Length(frame.Length)} by {Amount.Length(frame.Width)}; square when both diagonals agree.", 10, ["Tape", "Line and pegs"], []),
            Op.DrivePosts("posts", "post", frame.Posts, set["embed"], $"upright, {Amount.Length(frame.Bay)} apart along both sides, all tops level."),
            new("rails", "Lash on rails and cross poles", $"{new Count(2 * frame.Bays, "rail", "rails")} along the post tops, {new Count(frame.Bays + 1, "cross pole", "cross poles")} over them; no end sticks out where somebody walks. Round what is sharp: the net must slide over it.", 5 * (3 * frame.Bays + 1), ["Knife", "File"], Op.Gloves, frame.Door) { Places = ["rail", "cross"] },
            new("cut", "Cut the net", $"{new Count(frame.Strips, "strip", "strips")} of {Amount.Length(frame.Over)} to go over it, {new Count(2 * frame.EndStrips, "piece", "pieces")} of {Amount.Length(frame.Height + frame.Skirt)} for the ends.", 4 * (frame.Strips + 2 * frame.EndStrips), [frame.Wire ? "Side cutter" : "Scissors"], Op.Gloves, false, frame.Wire ? ["edges"] : []) { Cuts = ["net", "ends"] },
            new("net", "Draw it over", $"Seams lapped {Amount.Length(Lap)} and laced, no gap wider than an opening; {Amount.Length(frame.Skirt)} of it flat on the ground all round{(frame.Pest.Id == "rabbits" ? ", turned outwards and pegged under turf: they dig where the net ends" : ", weighed down with stones or poles")}. Taut: a loose net catches wings and hedgehogs.", 8 * (frame.Strips + 2 * frame.EndStrips), ["Knife"], Op.Gloves, true) { Places = ["net", "end"] },
        ];
        if (frame.Door)
        {
            steps.Add(new("door", "Make and hang the door", $"Two uprights and three rails, screwed and netted; two hinges, a latch {Amount.Length(LatchAt)} up, out of a child’s reach and to be opened from inside. It closes by itself, no gap wider than a finger.", 60, [Op.Bit(.004), "Screwdriver", "Hand saw"], Op.EyesAndGloves, false, "saw", "drill") { Places = ["stile", "door-rail"], Cuts = ["stiles", "door-rails"] });
        }

        steps.Add(new("look", set.Whole("winter") == 0 ? "Off before winter" : "Look at it in winter", set.Whole("winter") == 0 ? "Net off, dry and in the dark before the first snow. While it is up look every day for what has got caught." : "Knock off snow while it falls; what hangs in it pulls the posts together. Look every day for what has got caught.", 5, [], []));
        return steps;
    }

    private sealed record Plan(Chosen Set)
    {
        public MeshMeasures Net { get; } = Of(Set.Lead);

        public Pest Pest { get; } = Pests.All[Set.Whole("out")];

        public double Rail { get; init; } = LeastRail;

        public bool Wire => Set.Lead.Thing.Thing.Substance == Substance.ZincCoatedSteel;

        public double Length => Set["length"];

        public double Width => Set["width"];

        public double Height => Set["height"];

        public int Bays => Set.Whole("bays");

        public double Bay => Length / Bays;

        public int Posts => 2 * (Bays + 1);

        public bool Door => Height >= WalkedIn - 1e-9;

        public double DoorHigh => Height - .10;

        public double Skirt => Pest.Skirt;

        /// <summary>From the ground on one side over to the ground on the other, with both skirts.</summary>
        public double Over => 2 * (Height + Skirt) + Width + 2 * RailLap;

        public int Strips => SheetsNeeded.StripsFor(Length + 2 * RailLap, Net.Width, Lap);

        public int EndStrips => SheetsNeeded.StripsFor(Width + 2 * RailLap, Net.Width, Lap);

        public double Line => LineForJoint * (4 * Bays + 2 * (Bays + 1)) + LineForMetre * ((Strips - 1) * Over + 2 * (EndStrips + 1) * Height);

        public Sum Cut => Sum.Of(
            "Net in all", "n l + 2 m e", [new("n", "strips over it", Strips, Unit.Count), new("l", "each", Over, Unit.Metre), new("m", "strips of an end", EndStrips, Unit.Count), new("e", "each", Height + Skirt, Unit.Metre)],
            Strips * Over + 2 * EndStrips * (Height + Skirt), Unit.Metre, "Off a roll as wide as it is");

        public NetOverFrame Loads(Cast cast) => new("post", "net", Width, Bay, Height, PostThickness, SagOfSpan * Width, Net.Aperture, Net.Wire, Wire, Set.Whole("winter") == 1, Stuff.StickGrade, cast.Worn("posts")) { Rail = ("rail", cast["rails"].Min(p => p.Thin), cast.Worn("rails")) };
    }
}
