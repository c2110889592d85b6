using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>A wood screw as sold: outer and effective (1.1 × root) diameter, length and diameter of its head, m.</summary>
public sealed record WoodScrew(string Goods, string Name, double Diameter, double EffectiveDiameter, double Length, double Head)
{
    /// <summary>For corners: through a slat into the bearer or post behind it.</summary>
    public static WoodScrew Outdoor { get; } = new("outdoor-screw", "Outdoor screws 6 × 60", .006, .0044, .060, .012);

    /// <summary>All there are, the shortest first.</summary>
    public static IReadOnlyList<WoodScrew> All { get; } = [Outdoor, new("outdoor-screw-80", "Outdoor screws 6 × 80", .006, .0044, .080, .012), new("outdoor-screw-100", "Outdoor screws 6 × 100", .006, .0044, .100, .012)];

    /// <summary>The shortest whose thread, six diameters at least, lies wholly in what is behind a board so thick; the longest where none does.</summary>
    public static WoodScrew For(double board) => All.FirstOrDefault(s => s.Length - board >= 6 * s.Diameter + .001) ?? All[^1];
}

/// <summary>
/// A corner of pallet sections: every slat of the long wall is screwed from outside into the upright at the end of the end wall, its own bearer or a post put in for one. The soil pulls the screws of the long wall straight
/// (withdrawal, and heads pulled through) and pushes the end wall across them. Lengths in m.
/// </summary>
/// <param name="Height">Soil against the walls.</param>
/// <param name="LongSpacing">From the corner to the next tie of the long wall.</param>
/// <param name="EndSpacing">From the corner to the next tie of the end wall.</param>
/// <param name="Screws">Screws in one corner.</param>
/// <param name="Slat">Thickness of a slat.</param>
/// <param name="Upright">Wood behind the slat that the screw can go into.</param>
public sealed record CornerScrews(string Part, double Height, double LongSpacing, double EndSpacing, int Screws, double Slat, double Upright, string Grade) : LoadPath
{
    private WoodScrew Screw => WoodScrew.For(Slat);

    /// <summary>Thread in the upright, m.</summary>
    public double Penetration => Math.Min(Screw.Length - Slat, Upright);

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.SelectMany(c => Case(brief, c)).Select(c => c.Guarding([Quantity.Wetness, Quantity.People], Quantity.Ties));

    private IEnumerable<Check> Case(Brief brief, LoadCase loadCase)
    {
        var timber = Timbers.Get(brief.Handbook, Grade);
        var factor = timber.OnResistance(loadCase);
        var push = Push.Resultant(Height, brief, loadCase);
        var (along, across) = (push.Times(LongSpacing / 2), push.Times(EndSpacing / 2));
        var (pulled, sheared) = (along.Factored(brief.Factors, loadCase), across.Factored(brief.Factors, loadCase));
        var withdrawal = ScrewWithdrawal.Characteristic(Screws, Screw.Diameter, Penetration, timber.Density);
        var heads = Screws * HeadPullThrough.Characteristic(brief.Handbook[Metals.HeadPull], Screw.Head, timber.Density);
        var straight = Math.Min(withdrawal, heads) * factor;
        var joint = new ScrewJoint(Slat, Penetration, Screw.EffectiveDiameter, timber.Density, timber.Density, Predrilled: true, SteelStrength: brief.Handbook[Metals.ScrewStrength]);
        var sideways = joint.Design(timber, loadCase) * Screws;
        var words = loadCase == LoadCase.Normal ? $"{Screws} screws in each corner, from outside through the slats." : Terms.Blocked;
        yield return Check.Compare(
            Terms.Id("corner-pull", loadCase), "Corner screws, pulled by the long wall", loadCase, pulled, straight, Unit.Newton, words, Part,
            [
                Force("Force on one corner from the long wall", push, LongSpacing, pulled, brief, loadCase),
                withdrawal <= heads
                    ? Sum.Of(
                        "Screws pulled out of the upright", "F = n^0.9 × 0.52 d^−0.5 l^−0.1 ρ^0.8 × d l × d/8",
                        [new("n", "screws", Screws, Unit.Count), new("d", "outer diameter", Screw.Diameter, Unit.Metre), new("l", "thread in the wood", Penetration, Unit.Metre), new("ρ", "density", timber.Density, Unit.KilogramPerCubicMetre)],
                        withdrawal, Unit.Newton, "EN 1995-1-1 8.7.2 (8.38 to 8.40); lengths in mm in the formula")
                    : Sum.Of(
                        "Heads pulled through the slats", "F = n f_head d_h² (ρ/350)^0.8",
                        [new("n", "screws", Screws, Unit.Count), brief.Handbook.Term(Metals.HeadPull), new("d_h", "diameter of the head", Screw.Head, Unit.Metre), new("ρ", "density", timber.Density, Unit.KilogramPerCubicMetre)],
                        heads, Unit.Newton, "EN 1995-1-1 8.7.2 (8.40b)"),
            ],
            new Remedy("Screws in each corner, at least", Math.Ceiling(Screws * Math.Pow(pulled / Math.Max(straight, 1e-9), 1 / .9)), Unit.Count));
        yield return Check.Compare(
            Terms.Id("corner", loadCase), "Corner screws, pushed across by the end wall", loadCase, sheared, sideways, Unit.Newton, words, Part, [Force("Force on one corner from the end wall", push, EndSpacing, sheared, brief, loadCase), joint.Worked()],
            new Remedy("Screws in each corner, at least", Math.Ceiling(Screws * sheared / sideways), Unit.Count));
        var together = Math.Pow(pulled / Math.Max(straight, 1e-9), 2) + Math.Pow(sheared / sideways, 2);
        yield return Check.Compare(
            Terms.Id("corner-both", loadCase), "Corner screws, both at once", loadCase, together, 1, Unit.One, words, Part,
            [Sum.Of("Both at once", "(F_ax/R_ax)² + (F_v/R_v)²", [new("F_ax/R_ax", "pulled", pulled / Math.Max(straight, 1e-9), Unit.One), new("F_v/R_v", "pushed across", sheared / sideways, Unit.One)], together, Unit.One, "EN 1995-1-1 8.3.3 (8.28)")],
            new Remedy("Screws in each corner, at least", Math.Ceiling(Screws * Math.Sqrt(together)), Unit.Count));
    }

    private static Sum Force(string title, Push push, double spacing, double force, Brief brief, LoadCase loadCase) => Sum.Of(
        title, $"F = {Terms.Formula(brief, loadCase, "P")} × L/2",
        [.. Terms.Of(push, brief, "P", "push of the soil on each metre of wall", "push from people", Unit.NewtonPerMetre), new("L", "corner to the next tie", spacing, Unit.Metre), .. Terms.Factors(brief, loadCase)],
        force, Unit.Newton, "EN 1990 for the factors; half the span goes to each end");
}

/// <summary>Room that a screw has beside what it must have, so that a joint that is drawn can be made. Lengths in m.</summary>
/// <param name="Wanted">Least distance to the end or edge it is nearest to.</param>
public sealed record ScrewRoom(string Id, string Part, string Name, double Wanted, double There, string Words, string Source) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief) =>
    [
        Check.Enough(
            Id, Name, Wanted, There, Unit.Metre, Words, "There is no wood for a screw to go into without splitting it.", Part,
            [Sum.Of(Name, "distance beside what it must be", [new("wanted", "at least", Wanted, Unit.Metre), new("there", "as drawn", There, Unit.Metre)], There, Unit.Metre, Source)]),
    ];
}
