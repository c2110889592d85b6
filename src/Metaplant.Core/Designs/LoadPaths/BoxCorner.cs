using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>A coach screw as sold: outer and effective (1.1 × root) diameter and length, m.</summary>
public sealed record CoachScrew(string BuyId, double Diameter, double EffectiveDiameter, double Length)
{
    public static CoachScrew Six { get; } = new("coach-screw", .006, .0045, .090);
}

/// <summary>
/// A corner joined by a cleat inside: the long wall pushes out by K₀ γ h²/2 over half its span, across the screws in the end wall and along those in itself.
/// </summary>
/// <param name="SupportSpacing">From the corner to the next tie, m.</param>
/// <param name="Screws">Screws in each leg of the corner.</param>
/// <param name="Cleat">Thickness of the cleat, m.</param>
public sealed record BoxCorner(string Part, double Height, double SupportSpacing, int Screws, double Cleat, string Grade) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
        => [.. Case(brief, LoadCase.Normal), .. Case(brief, LoadCase.BlockedDrain)];

    /// <summary>Force in N that the long wall brings to one corner.</summary>
    public static double Force(double height, double supportSpacing, SoilLoad soil, LoadCase loadCase)
        => EarthPressure.Resultant(0, height, WallKind.Braced, soil, loadCase) * supportSpacing / 2;

    private IEnumerable<Check> Case(Brief brief, LoadCase loadCase)
    {
        var timber = Timbers.Get(brief.Handbook, Grade);
        var screw = CoachScrew.Six;
        var force = Force(Height, SupportSpacing, brief.Soil, loadCase);
        var factored = force * brief.Factors.OnSoil(loadCase);
        Sum push = Sum.Of(
            "Force on one corner", loadCase == LoadCase.Normal ? "F = γ_G × P × L/2" : "F = P × L/2",
            [new("P", "push on each metre of the long wall", force * 2 / SupportSpacing, Unit.NewtonPerMetre), new("L", "corner to the next tie", SupportSpacing, Unit.Metre), .. Terms.OnSoil(brief, loadCase)],
            factored, Unit.Newton, "EN 1990 for the factor; half the span goes to each end");
        var joint = new ScrewJoint(Cleat, screw.Length - Cleat, screw.EffectiveDiameter, timber.Density, timber.Density, Predrilled: true, SteelStrength: brief.Handbook[Metals.ScrewStrength]);
        var across = joint.Design(timber, loadCase) * Screws;
        var factor = timber.OnResistance(loadCase);
        var pulled = ScrewWithdrawal.Characteristic(Screws, screw.Diameter, screw.Length - Cleat, timber.Density);
        var blocked = loadCase == LoadCase.BlockedDrain ? "-blocked" : "";
        var words = loadCase == LoadCase.Normal ? $"{Screws} coach screws {screw.Diameter * 1000:0} × {screw.Length * 1000:0} in each leg of the corner." : "If the drain blocks and the soil stands full of water.";
        yield return Check.Compare(
            "corner" + blocked, "Corner screws, across", loadCase, factored, across, Unit.Newton, words, Part, [push, joint.Worked()],
            new Remedy("Screws in each leg, at least", Math.Ceiling(Screws * factored / across), Unit.Count));
        yield return Check.Compare(
            "corner-pull" + blocked, "Corner screws, pulled", loadCase, factored, pulled * factor, Unit.Newton, words, Part,
            [
                push,
                Sum.Of(
                    "Screws pulled out of the long wall", "F = n^0.9 × 0.52 d^−0.5 l^−0.1 ρ^0.8 × d l × d/8",
                    [new("n", "screws", Screws, Unit.Count), new("d", "outer diameter", screw.Diameter, Unit.Metre), new("l", "thread in the wood", screw.Length - Cleat, Unit.Metre), new("ρ", "density", timber.Density, Unit.KilogramPerCubicMetre)],
                    pulled, Unit.Newton, "EN 1995-1-1 8.7.2 (8.38 to 8.40); lengths in mm in the formula"),
            ],
            new Remedy("Screws in each leg, at least", Math.Ceiling(Screws * Math.Pow(factored / (pulled * factor), 1 / .9)), Unit.Count));
    }
}
