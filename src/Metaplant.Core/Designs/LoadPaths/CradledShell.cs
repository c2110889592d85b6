using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// The shell of a half drum on its side, carried along its lowest line by a keel and along two rails at an angle on both sides. There is no hoop: above the rails each strip stands out like a bracket, below them it is an arch between rail and keel.
/// Whatever part of the weight the rails take, what is reckoned with is the share that bends the shell least, since a shell that yields a little finds it. Lengths in m.
/// </summary>
/// <param name="Radius">Inside.</param>
/// <param name="Angle">Of the rails from the lowest line, in radians, above 0 and below π/2.</param>
public sealed record CradledShell(string Part, double Radius, double Angle, Shell Shell) : LoadPath
{
    private const int Shares = 60, Places = 24;

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Thickness));

    /// <summary>Moment in N m on each metre of shell from all soil above a place so many radians from the lowest line, over γ R³: K₀ presses outwards and the weight bears down.</summary>
    public static double Bracket(double angle, double atRest)
        => (atRest / 6 + 1.0 / 3) * Math.Pow(Math.Cos(angle), 3) - Math.Sin(angle) * ((Math.PI / 2 - angle) / 2 - Math.Sin(2 * angle) / 4);

    /// <summary>The greatest moment over γ R³ where the rails take the share that makes it least; they take all of the weight at most.</summary>
    public double Greatest(double atRest)
    {
        var all = Math.PI / 4 / Math.Cos(Angle);
        return Enumerable.Range(0, Shares + 1).Select(i => all * i / Shares).Min(rail => Enumerable.Range(0, Places + 1).Max(k => Math.Abs(At(Angle * k / Places, rail, atRest))));
    }

    /// <summary>Below a rail that presses so hard towards the middle, over γ R².</summary>
    private double At(double angle, double rail, double atRest) => Bracket(angle, atRest) - rail * Math.Sin(Angle - angle);

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var atRest = EarthPressure.AtRest(brief.Medium.FrictionAngleDegrees);
        // Water presses alike all round.
        double k = loadCase == LoadCase.Normal ? atRest : 1, weight = loadCase == LoadCase.Normal ? brief.Medium.MoistUnitWeight : brief.Medium.SaturatedUnitWeight;
        // People press on the level soil: as though it were heavier by so much.
        Push moment = new Push(weight, brief.People * 4 / (Math.PI * Radius)).Times(Math.Pow(Radius, 3) * Greatest(k));
        double t = Shell.Thickness, stress = moment.Factored(brief.Factors, loadCase) / (t * t / 6), strength = Shell.Strength(brief, loadCase);
        var bend = moment.Total * Radius * Radius / (2 * Shell.Modulus(brief, loadCase) * t * t * t / 12);
        Term left = new("t", "thickness left", t, Unit.Metre);
        Sum edge = Sum.Of(
            "Bending above the rails", "M = γ R³ ((K₀/6 + 1/3) cos³ a − sin a ((π/2 − a)/2 − sin 2a/4))", [new("γ", "weight of the soil", weight, Unit.NewtonPerCubicMetre), new("R", "radius", Radius, Unit.Metre), new("a", "rails from the lowest line", Angle * 180 / Math.PI, Unit.Degree), new("K₀", "pressure sideways", k, Unit.One)],
            weight * Math.Pow(Radius, 3) * Bracket(Angle, k), Unit.Newton, "A strip of shell held at the rail; equilibrium");
        Sum bent = Sum.Of(
            "Bending of the shell", $"σ = {Terms.Formula(brief, loadCase, "M")} ÷ (t²/6)", [.. Terms.Of(moment, brief, "M", "greatest moment on each metre", "of people", Unit.Newton), left, .. Terms.Factors(brief, loadCase)],
            stress, Unit.Pascal, "Rails and keel share the weight so that it bends the shell least (lower bound of plasticity)", "What the ends hold up is left out");
        Sum far = Sum.Of("How far it bends", "u = M R² ÷ (2 E t³/12)", [new("M", "greatest moment on each metre", moment.Total, Unit.Newton), new("R", "radius", Radius, Unit.Metre), left, Shell.ModulusTerm(brief, loadCase)], bend, Unit.Metre, "A bracket as long as the radius", "Holds while it is no more than half the thickness");
        var check = Check.Compare(
            Terms.Id("cradled", loadCase), "Shell between rails and keel", loadCase, stress, strength, Unit.Pascal, loadCase == LoadCase.Normal ? "Half a drum has no hoop: its edge opens and its belly sags." : Terms.Blocked, Part, [edge, bent, far],
            new Remedy("A wall at least this thick", Shell.Wall * Math.Sqrt(stress / strength), Unit.Metre));
        return Shell.Judge(check, ShellWalls.SmallBend(bend, t), moment.Total, stones: true, brief);
    }
}

/// <summary>The rails of a cradle, pushed apart: N = W/4 cos a at each of four places, H = W tan a/4, which the stops outside them hold by their screws. Lengths in m.</summary>
/// <param name="Held">Soil in it, m³, and kg without.</param>
/// <param name="Level">Area of the soil's surface, m².</param>
/// <param name="Bearers">Cross pieces with a stop at each end of both.</param>
/// <param name="Screws">In each stop.</param>
/// <param name="Stop">Thickness of a stop.</param>
/// <param name="Below">Of the bearer under it.</param>
public sealed record CradleStops(string Part, double Angle, Burden Held, double Level, int Bearers, int Screws, double Stop, double Below, string Grade) : LoadPath
{
    private WoodScrew Screw => WoodScrew.For(Stop);

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People], Quantity.Packers));

    /// <summary>Pushed outwards at one stop, and carried at it, N.</summary>
    public (Push Out, Push Down) OnOne(Brief brief, LoadCase loadCase)
    {
        var weight = Held.Weight(Level, brief, loadCase);
        return (weight.Times(Math.Tan(Angle) / (2 * Bearers)), weight.Times(1 / (Math.Cos(Angle) * 2 * Bearers)));
    }

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var timber = Timbers.Get(brief.Handbook, Grade);
        var (out_, _) = OnOne(brief, loadCase);
        var joint = new ScrewJoint(Stop, Math.Min(Screw.Length - Stop, Below), Screw.EffectiveDiameter, timber.Density, timber.Density, Predrilled: true, SteelStrength: brief.Handbook[Metals.ScrewStrength]);
        double pushed = out_.Factored(brief.Factors, loadCase), holds = Screws * joint.Design(timber, loadCase);
        Sum push = Sum.Of(
            "Push on one stop", $"H = {Terms.Formula(brief, loadCase, "W")} tan a ÷ 2 n", [.. Terms.Of(out_.Times(2 * Bearers / Math.Tan(Angle)), brief, "W", "weight of all", "people on it", Unit.Newton), new("a", "rails from the lowest line", Angle * 180 / Math.PI, Unit.Degree), new("n", "bearers", Bearers, Unit.Count), .. Terms.Factors(brief, loadCase)],
            pushed, Unit.Newton, "As though the rails bore all of it: the keel takes some off");
        return Check.Compare(
            Terms.Id("stops", loadCase), "Stops that keep the rails together", loadCase, pushed, holds, Unit.Newton, loadCase == LoadCase.Normal ? "The drum drives its rails apart." : Terms.Blocked, Part, [push, joint.Worked()], new Remedy("Screws in each stop, at least", Math.Ceiling(Screws * pushed / holds), Unit.Count));
    }
}

/// <summary>A half drum that somebody leans on, rolling over one of its rails: F cos a against the dry weight, .9 m g sin a.</summary>
public sealed record RollOver(string Part, double Angle, Burden Held) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        Term hand = brief.Handbook.Term(People.HandAtRim), counted = brief.Handbook.Term(CodeFactors.WeightCountedOnId);
        double dry = Held.Dry(brief.Medium), rolls = hand.Value * Math.Cos(Angle), holds = counted.Value * dry * Medium.Gravity * Math.Sin(Angle);
        yield return Check.Compare(
            "roll-over", "Rolling out of its cradle", LoadCase.Normal, rolls, holds, Unit.Newton, "When it is dry and somebody leans on its edge.", Part,
            [Sum.Of("What rolls it", "F cos a", [hand, new("a", "rails from the lowest line", Angle * 180 / Math.PI, Unit.Degree)], rolls, Unit.Newton, "Moments about the rail, over the radius"), Sum.Of("What keeps it", "γ m g sin a", [counted with { Symbol = "γ" }, new("m", "dry weight", dry, Unit.Kilogram)], holds, Unit.Newton, "Moments about the rail, over the radius")]);
    }
}
