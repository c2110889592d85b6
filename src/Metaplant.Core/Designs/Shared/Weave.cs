using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.Shared;

/// <summary>Rods of one lead woven round stakes: which will do, how many it takes, how far they go. Lengths in m.</summary>
internal static class Weave
{
    /// <summary>Where two rods of a course meet they lie so far past each other.</summary>
    public const double Overlap = .30;

    public const double StakeThickness = .04;

    public const double ThickestRod = .030;

    public const double ThinnestRod = .003;

    /// <summary>Height of a drawn course: each stands for several, so that one sees how they go.</summary>
    private const double BandDrawn = .035;

    public static readonly Role Stakes = new("stakes", "Stakes", Seat.InSoil, Form.Pole) { Buy = "stake" };

    public static ISticks Of(Lead lead) => lead.Main.As<ISticks>()!;

    /// <summary>Sticks of the lead in all its bundles.</summary>
    public static int There(Lead lead) => Of(lead).Sticks * lead.Main.Of.Thing.Count;

    /// <summary>Thickness half way along a rod: butts and tips lie by turns.</summary>
    public static double Middle(Lead lead) => (Of(lead).Butt + Of(lead).Tip) / 2;

    /// <summary>A rod must pass three stakes to hold, whatever is lost where two meet.</summary>
    public static double LeastRod(double apart) => 2 * apart + Overlap;

    /// <summary>Why rods cannot be woven round stakes so near to each other; null where they can.</summary>
    public static Sentence? WhyNot(Lot lot, double leastGap)
    {
        var sticks = lot.As<ISticks>()!;
        if (lot.Of.Thing.Substance is not (Substance.GreenWood or Substance.DryWood)) return $"It is of {lot.Of.Thing.Substance.Name()}, which splits where it goes round a stake.";
        if (sticks.Butt > ThickestRod) return $"Too thick to weave: {Amount.Length(sticks.Butt)} at the butt, and {Amount.Length(ThickestRod)} at most goes round a stake.";
        if (sticks.Tip < ThinnestRod) return $"Too thin to weave: {Amount.Length(sticks.Tip)} at the tip.";
        if (lot.Of.Thing.Condition == Condition.Poor) return "Too brittle to weave: it snaps round the first stake.";
        return sticks.Longest < LeastRod(leastGap) ? (Sentence)$"Too short to weave: a rod passes three stakes, and that takes {Amount.Length(LeastRod(leastGap))}." : null;
    }

    /// <summary>The weave of a wall so long and high, its stakes evenly spread no farther apart than asked.</summary>
    public static Weaving Along(Lead lead, double length, double height, double apart, Handbook handbook, bool closed = false)
    {
        var spread = closed ? Weaving.Of(length, height, apart, StakeThickness, Middle(lead), 2 * Overlap, Overlap, handbook[Practice.WeavePacking], closed).Stakes : Math.Ceiling(length / apart - 1e-9);
        return Weaving.Of(length, height, length / spread, StakeThickness, Middle(lead), 2 * Overlap, Overlap, handbook[Practice.WeavePacking], closed);
    }

    /// <summary>Rods that a way so long in and out of the stakes takes, the longest first, each as long as it is less what it lies past the next; where all of them are too few, more of the shortest that does.</summary>
    public static int RodsFor(Lead lead, double way, double apart)
    {
        var (sticks, bundles) = (Of(lead), lead.Main.Of.Thing.Count);
        var gone = 0.0;
        var rods = 0;
        for (var i = 1; i <= sticks.Sticks && sticks.LengthOfLongest(i) is var each && each >= LeastRod(apart) - 1e-9; i++)
        {
            for (var b = 0; b < bundles; b++)
            {
                rods++;
                gone += each - Overlap;
                if (gone >= way - 1e-9) return rods;
            }
        }

        return Math.Max(There(lead), rods) + (int)Math.Ceiling((way - gone) / (Math.Max(LeastRod(apart), sticks.Shortest) - Overlap) - 1e-9);
    }

    /// <summary>The least length of so many of the longest rods; never less than passes three stakes.</summary>
    public static double LengthOf(Lead lead, int rods, double apart)
    {
        var (sticks, bundles) = (Of(lead), lead.Main.Of.Thing.Count);
        return Math.Max(LeastRod(apart), sticks.LengthOfLongest(Math.Min(sticks.Sticks, (rods + bundles - 1) / bundles)));
    }

    /// <summary>What a rod's way round the stakes adds up to in all courses, m.</summary>
    public static Sum Way(Lead lead, double length, double height, double apart, Handbook handbook, bool closed = false)
    {
        var weave = Along(lead, length, height, apart, handbook, closed);
        return Sum.Of(
            "Way of the rods", "L × courses × (1 + (π A/s)²/4)",
            [
                new("L", "length of the weave", length, Unit.Metre), new("courses", "one above another", weave.Courses, Unit.Count), new("A", "half of stake and rod together", (StakeThickness + Middle(lead)) / 2, Unit.Metre),
                new("s", "from stake to stake", length / (closed ? weave.Stakes : weave.Stakes - 1), Unit.Metre), handbook.Term(Practice.WeavePacking),
            ],
            length * weave.Courses * weave.PathFactor, Unit.Metre, "Geometry: a rod runs as a sine round the stakes", "Fetch a tenth more for those that snap");
    }

    /// <summary>Courses as they are drawn, and how high each.</summary>
    public static (int Bands, double Thick) Drawn(double height, int courses)
    {
        var bands = Math.Clamp((int)Math.Round(height / BandDrawn), 3, courses);
        return (bands, height / bands);
    }

    /// <summary>How far a drawn course lies beside the middle of its stakes, so much from each other: it comes to them aslant, and more so where the wall turns at them, by so many radians.</summary>
    public static double Beside(double stake, double thick, double gap, double turn = 0)
    {
        const double Steepest = 1.3;
        double close = (stake + thick) / 2 + .0005, beside = close;
        for (var i = 0; i < 6; i++) beside = close / Math.Cos(Math.Min(Steepest, Math.Atan(2 * beside / gap) + turn / 2));
        return beside;
    }

    public static class Steps
    {
        private const double EachRod = 4;
        private const double EachStake = 4;

        public static Operation Sort(int rods, double length) => new(
            "sort", $"Sort {new Count(rods, "rod", "rods")}", $"At least {Amount.Length(length)} long, by thickness: the thick ones below, thin ones above; side shoots off.", rods, ["Pruning knife"], Op.Gloves, false, "sticks")
        { SlowerWithSalvage = true };

        /// <summary>Where they are dry; green ones weave at once.</summary>
        public static IEnumerable<Operation> Soak(Lead lead)
            => lead.Thing.Thing.Substance == Substance.DryWood ? [new("soak", "Soak the rods", "Under water, weighted down, until one goes round a stake without a crack: some days for dry ones. Green ones weave at once.", 10, [], [])] : [];

        public static Operation Points(int stakes, double length) => new(
            "points", $"Cut and point {new Count(stakes, "stake", "stakes")}", $"{Amount.Length(length)} long, thin end up, with three cuts to a point below; bought ones are pointed.", 3 * stakes, ["Hand saw", "Knife"], Op.EyesAndGloves, false, "sticks")
        { SlowerWithSalvage = true, Cuts = ["stakes"] };

        public static Operation Drive(int stakes, double embed, double over) => new(
            "stakes", $"Drive {new Count(stakes, "stake", "stakes")}", $"{Amount.Length(embed)} deep, upright, {Amount.Length(over)} over the ground. Hard ground: a hole with a bar first.", EachStake * stakes, ["Mallet", "Dibber bar"], Op.EyesAndGloves, false, "services")
        { Places = ["stake"] };

        public static Operation Rods(int rods, int courses, string round = "") => new(
            "weave", "Weave", $"{new Count(courses, "course", "courses")}. Every rod starts behind a stake, in and out, the next the other way about; butts and tips by turns; where two meet {Amount.Length(Overlap)} past each other.{round} Knock each down on the last.", EachRod * rods, ["Mallet", "Pruning knife"], Op.Gloves, false, "sticks")
        { Places = ["rod"] };

        public static Operation Trim() => new("trim", "Trim the ends", "Behind a stake, slantwise, none sticking out towards the path.", 10, ["Pruning knife"], Op.Gloves, false, "sticks");

        public static IEnumerable<Operation> Roots(Lead lead)
            => lead.Thing.Thing.Shows("resprouts") ? [new("root", "Watch for roots", "It strikes root and becomes a hedge: lay it to dry for a month first, or pull what sprouts.", 2, [], [])] : [];
    }
}
