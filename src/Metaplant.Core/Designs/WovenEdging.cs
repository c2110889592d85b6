using Metaplant.Core.Casting;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs;

/// <summary>A low woven edge along a bed or path, straight or round a bend: short stakes, rods in and out of them, and pea twigs pushed in behind where something is to climb.</summary>
public sealed class WovenEdging : Design
{
    private const double Above = .05;
    private const double LeastLength = .50;
    private const double LeastHeight = .15;
    private const double LeastGap = .20, UsualGap = .30;

    /// <summary>Twigs stand so far behind the edge, so far apart and so deep, m.</summary>
    private const double TwigsBehind = .12, TwigsApart = .15, TwigsIn = .20;

    private const double LeastTwig = .0015;

    private static readonly Role Twigs = new("twigs", "Pea twigs", Seat.AmongPlants, Form.Twig, Form.Pole)
    {
        Also = l => l.As<ISticks>() is not { } s ? "A pole has no twigs to climb by." : s.Butt > .03 ? (Sentence)$"Too thick for twigs: {Amount.Length(s.Butt)} at the butt." : null,
    };

    public override string Id => "woven-edging";

    public override string Name => "Woven edging";

    public override string Summary => "Rods woven round short stakes along a bed or path, with pea twigs behind it if wanted.";

    public override Role Lead { get; } = new("rods", "Rods to weave", Seat.InSoil, Form.Twig, Form.Pole) { Counts = l => l.As<ISticks>() is not null, Also = l => Weave.WhyNot(l, LeastGap) };

    public override IReadOnlyList<Setting> Settings(Lead lead)
    {
        var longest = Setting.Range(LeastLength, 6, .25).Select(s => s.Value).Where(l => Weave.RodsFor(lead, Weave.Way(lead, l, LeastHeight, UsualGap, Handbook.Default).Value, UsualGap) <= Weave.There(lead)).DefaultIfEmpty(LeastLength).Max();
        IReadOnlyList<Stop> lengths = Setting.Range(LeastLength, longest, .25);
        return
        [
            new Setting("length", "Length", Unit.Metre, lengths, Math.Min(2, longest), "As far as the rods reach") { Sizes = [.. lengths.Select(s => s.Value).Where(l => l is .5 or 1 or 2 or 3 || Math.Abs(l - longest) < 1e-9)] },
            Setting.Even("height", "Height", Unit.Metre, LeastHeight, .45, .05, .25, "Low enough to reach over").TryThese(.15, .25),
            Setting.Even("apart", "From stake to stake", Unit.Metre, LeastGap, .45, .05, UsualGap, "Thin rods bend round them; thick ones want more room"),
            new("bend", "Round a bend of radius", Unit.Metre, [new(0, "straight"), new(1.0), new(1.5), new(2.0), new(3.0), new(5.0)], 0, "As the bed does"),
            new("soil", "Soil held back", Unit.Metre, [new(0, "only mulch"), .. Setting.Range(.05, .40, .05)], 0, "The bed behind it stands so much higher than the path"),
            new("twigs", "Pea twigs behind it", Unit.Metre, [new(0, "none"), new(.6), new(.8), new(1.0), new(1.2)], 0, "For peas and what else climbs by tendrils"),
            Setting.Even("embed", "Stakes in the ground", Unit.Metre, .20, .80, .05, .30, "Deep enough for the wind of a winter and the soil").Least(),
        ];
    }

    public override double AtMost(Chosen set) => set["length"];

    public override Outcome<Demand> Ask(Chosen set)
    {
        var edge = new Plan(set);
        if (edge.Soil > edge.Height + 1e-9) return new Problem("soil", $"It is {Amount.Length(edge.Height)} high and cannot hold back {Amount.Length(edge.Soil)}.");
        if (edge.Radius > 0 && edge.Length > 1.5 * Math.PI * edge.Radius) return new Problem("bend", $"{Amount.Length(edge.Length)} is more than three quarters of a circle of {Amount.Length(edge.Radius)}.");
        return Demand.Of(
            new SticksNeeded("rods", Lead, edge.Rods, edge.RodLength, Weave.ThinnestRod, Alike: true),
            new SticksNeeded("stakes", Weave.Stakes, edge.StakeCount, edge.StakeLength, Weave.StakeThickness - .005),
            edge.Twigs == 0 ? null : new SticksNeeded("twigs", Twigs, edge.Twigs, edge.TwigHeight + TwigsIn, LeastTwig));
    }

    public override Outcome<Blueprint> Make(Chosen set, Cast cast)
    {
        var edge = new Plan(set) { Stake = cast["stakes"].Min(p => p.Thin), Rod = cast["rods"].Min(p => p.Thin) };
        List<LoadPath> paths = [Driven(edge, cast)];
        if (edge.Soil > 0) paths.Insert(0, new WovenRods("rod", edge.Rod, edge.Gap, edge.Soil, Stuff.StickGrade, set.Lead.Condition));
        return new Blueprint
        {
            DesignId = Id,
            Size = $"{Amount.Length(edge.Length)} long, {Amount.Length(edge.Height)} high, {new Count(edge.Rods, "rod", "rods")} round {new Count(edge.StakeCount, "stake", "stakes")}",
            Parts =
            [
                new("rod", "Rod", Form.Twig, edge.Rods, edge.RodLength, Weave.Middle(set.Lead), Weave.Middle(set.Lead), "rods"), new("stake", "Stake", Form.Pole, edge.StakeCount, edge.StakeLength, edge.Stake, edge.Stake, "stakes"),
                .. edge.Twigs == 0 ? [] : (Part[])[new("twig", "Pea twig", Form.Twig, edge.Twigs, edge.TwigHeight + TwigsIn, .01, .01, "twigs")],
            ],
            Climbing = edge.Twigs == 0 ? null : ClimbingFrame.Edge(edge.Twigs, cast["twigs"].Min(p => p.Thin), edge.TwigHeight, edge.Length),
            Edging = edge.Length,
            Foot = new NoSoil(),
            LoadPaths = paths,
            Figures = [edge.Way],
            Handling = new(edge.Rods * Stuff.MassOfStick(edge.Sticks, edge.RodLength), BuiltInPlace: true),
            Stance = new BuiltIn(edge.Length * 2 * edge.Stake),
            Scene = () => Stand(edge),
            Operations = () => Steps(edge, set),
        };
    }

    /// <summary>Soil as it leans, and the wind of a winter on all of its face, whatever soil is behind it: together on one stake, at the height at which they act together.</summary>
    private static DrivenPosts Driven(Plan edge, Cast cast)
    {
        var brief = edge.Set.Brief;
        double share = edge.Gap * TieForce.Continuity(edge.Gaps), soil = edge.Soil > 0 ? Pushes(brief).Total : 0, wind = Blows(brief);
        return new("stake", b => new(Pushes(b).Soil, Pushes(b).People + Blows(b)), (soil * edge.Soil / 3 + wind * edge.Height / 2) / (soil + wind), edge.Stake, edge.Set["embed"], Stuff.StickGrade, cast.Worn("stakes"))
        {
            Leans = false,
            Called = "Stakes",
            Pushed = "soil as it leans and wind, on one",
            By = edge.Soil > 0 ? "wind and the push of the soil" : "the wind",
        };

        Push Pushes(Brief b) => edge.Soil == 0 ? default : Push.Resultant(edge.Soil, b, LoadCase.Normal).Times(share * EarthPressure.Active(b.Medium.FrictionAngleDegrees) / EarthPressure.AtRest(b.Medium.FrictionAngleDegrees));

        double Blows(Brief b) => b.Handbook[Gusts.Winter] * Wind.Force(Wind.Pressure(b.Gust.Value), edge.Height, b.Handbook[Gusts.Drag], 1) * share;
    }

    private static Scene Stand(Plan edge)
    {
        var solids = new List<Solid>();
        for (var i = 0; i < edge.StakeCount; i++)
        {
            var at = edge.At(i * edge.Gap);
            solids.Add(Stuff.Post("stake", at.X, at.Y, edge.Stake, -edge.Set["embed"], edge.Height + Above));
        }

        var (bands, thick) = Weave.Drawn(edge.Height, edge.Weaving.Courses);
        var out_ = Weave.Beside(edge.Stake, thick, edge.Gap);
        for (var c = 0; c < bands; c++)
        {
            List<Point3> way = [.. Enumerable.Range(0, edge.StakeCount).Select(i => edge.At(i * edge.Gap, ((i + c) % 2 == 0 ? 1 : -1) * out_) with { Z = (c + .5) * thick })];
            solids.Add(new Rod("rod", Ink.Stick, way, thick * .98, thick * .98));
        }

        for (var i = 0; i < edge.Twigs; i++)
        {
            Point3 foot = edge.At(edge.Twigs == 1 ? edge.Length / 2 : edge.Length * i / (edge.Twigs - 1), TwigsBehind) with { Z = -TwigsIn }, top = foot with { Z = edge.TwigHeight };
            solids.Add(new Rod("twig", Ink.Stick, [foot, top], .012, .004));
            foreach (var (at, side) in ((double, int)[])[(.45, -1), (.6, 1), (.75, -1)])
            {
                var fork = foot + (top - foot) * at;
                solids.Add(new Rod("twig", Ink.Stick, [fork with { X = fork.X + side * .009 }, new(fork.X + side * .05, fork.Y, Math.Min(edge.TwigHeight, fork.Z + .15))], .005, .003));
            }
        }

        Point3 a = edge.At(0), b = edge.At(edge.Length), next = edge.At(edge.Gap);
        return new(solids,
        [
            new("front", a with { Z = 0 }, a with { Z = edge.Height }, .12, "height"), new("front", new(a.X, 0, edge.Height + Above), new(b.X, 0, edge.Height + Above), .10, edge.Radius == 0 ? "length" : null),
            new("plan", new(a.X, -.06, 0), new(next.X, -.06, 0), -.08, edge.Radius == 0 ? "apart" : null), new("section", new(0, .1, 0), new(0, .1, -edge.Set["embed"]), .08, "embed"),
        ], SectionAt: edge.At(edge.Gap * (edge.Gaps / 2)).X);
    }

    private static IReadOnlyList<Operation> Steps(Plan edge, Chosen set)
    {
        List<Operation> steps =
        [
            Weave.Steps.Sort(edge.Rods, edge.RodLength), .. Weave.Steps.Soak(set.Lead),
            new("mark", "Mark the edge", edge.Radius == 0 ? $"A cord along it; a peg every {Amount.Length(edge.Gap)}." : (Sentence)$"A cord of {Amount.Length(edge.Radius)} from the middle of the bend; a peg every {Amount.Length(edge.Gap)} along it.", 10, ["Cord", "Tape"], []),
            Weave.Steps.Points(edge.StakeCount, edge.StakeLength), Weave.Steps.Drive(edge.StakeCount, set["embed"], edge.Height + Above), Weave.Steps.Rods(edge.Rods, edge.Weaving.Courses), Weave.Steps.Trim(),
        ];
        if (edge.Twigs > 0) steps.Add(new("twigs", $"Push in {new Count(edge.Twigs, "twig", "twigs")}", $"{Amount.Length(TwigsIn)} deep, {Amount.Length(TwigsBehind)} behind the edge, their branches in each other. Before the peas are up.", edge.Twigs, [], Op.Gloves, false, "sticks") { Places = ["twig"] });
        steps.Add(new("back", edge.Soil > 0 ? "Firm the soil behind it" : "Rake the mulch up to it", edge.Soil > 0 ? (Sentence)$"{Amount.Length(edge.Soil)} high, in layers; a sheet of card or turf face down keeps it from running through. Look at the rods each spring: new ones go in over those that have gone." : "Look at the rods each spring: new ones go in over those that have gone.", 10, ["Shovel"], []));
        return [.. steps, .. Weave.Steps.Roots(set.Lead)];
    }

    private sealed record Plan(Chosen Set)
    {
        public ISticks Sticks { get; } = Weave.Of(Set.Lead);

        /// <summary>Of the thinnest stake, m.</summary>
        public double Stake { get; init; } = Weave.StakeThickness;

        /// <summary>The thin end of the thinnest rod, m.</summary>
        public double Rod { get; init; } = Weave.ThinnestRod;

        public double Length => Set["length"];

        public double Height => Set["height"];

        public double Soil => Set["soil"];

        public double Radius => Set["bend"];

        public int Gaps => Weaving.Stakes - 1;

        public double Gap => Length / Gaps;

        public int StakeCount => Gaps + 1;

        public double StakeLength => Height + Above + Set["embed"];

        public int Rods => field > 0 ? field : field = Weave.RodsFor(Set.Lead, Way.Value, Set["apart"]);

        public double RodLength => Weave.LengthOf(Set.Lead, Rods, Set["apart"]);

        public double TwigHeight => Set["twigs"];

        public int Twigs => TwigHeight == 0 ? 0 : (int)Math.Floor(Length / TwigsApart + 1e-9) + 1;

        public Weaving Weaving => field ??= Weave.Along(Set.Lead, Length, Height, Set["apart"], Set.Brief.Handbook);

        public Sum Way => field ??= Weave.Way(Set.Lead, Length, Height, Set["apart"], Set.Brief.Handbook);

        /// <summary>A place so far along the edge and so far behind it, on the ground; a bend turns away from the path.</summary>
        public Point3 At(double along, double behind = 0)
        {
            var s = along - Length / 2;
            if (Radius == 0) return new(s, behind, 0);
            double a = s / Radius, r = Radius - behind;
            return new(r * Math.Sin(a), Radius - r * Math.Cos(a), 0);
        }
    }
}
