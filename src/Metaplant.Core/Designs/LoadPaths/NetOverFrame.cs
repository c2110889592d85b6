using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// A net stretched over posts that stand in the ground: a gust on its side bends them, and snow left on it pulls their heads together, T = p a²/8 f. Lengths in m.
/// </summary>
/// <param name="Span">a, across, from post to post.</param>
/// <param name="Bay">Along, from post to post.</param>
/// <param name="Sag">f, of the net between two posts under its load.</param>
/// <param name="Opening">Clear across one.</param>
/// <param name="Cord">Thickness of its cord or wire.</param>
/// <param name="Wire">True where it is of wire.</param>
/// <param name="LeftUp">True where it stays up in winter.</param>
public sealed record NetOverFrame(string Part, string NetPart, double Span, double Bay, double Height, double Diameter, double Sag, double Opening, double Cord, bool Wire, bool LeftUp, string Grade, Condition Posts) : LoadPath
{
    /// <summary>The rail from post to post that the net goes over, and its thickness, m; null where it goes over the posts alone.</summary>
    public (string Part, double Thick, Condition Worn)? Rail { get; init; }

    public override IEnumerable<Check> Work(Brief brief) => Checks(brief);

    /// <summary>Wind on one post, unfactored, N: on as much of a wall as the widest between two posts.</summary>
    public Sum Wind(Brief brief)
    {
        Term gust = brief.Gust, drag = brief.Handbook.Term(Gusts.Drag), net = brief.Handbook.Term(Gusts.Net), left = brief.Handbook.Term(Gusts.Winter);
        var wide = Math.Max(Span, Bay);
        var force = Supports.Wind.Force(Supports.Wind.Pressure(gust.Value), wide * Height, drag.Value, net.Value) * (LeftUp ? left.Value : 1);
        return Sum.Of(
            "Wind on one post", LeftUp ? "F = k 0.613 v² × c φ a h" : "F = 0.613 v² × c φ a h", [gust, drag, net, new("a", "from post to post", wide, Unit.Metre), new("h", "height", Height, Unit.Metre), .. LeftUp ? (Term[])[left] : []],
            force, Unit.Newton, "EN 1991-1-4 for the pressure; drag and solidity assumed", LeftUp ? "A gust of winter" : "A gust of summer; the net is off before winter");
    }

    private IEnumerable<Check> Checks(Brief brief)
    {
        Term factor = brief.Handbook.Term(CodeFactors.SurchargeId);
        var wind = Wind(brief);
        var timber = Timbers.Get(brief.Handbook, Grade);
        var gusts = timber.ShortBending(Posts, brief.Handbook);
        yield return Bent("net-wind", "Posts bent by a gust on the net", factor.Value * wind.Value * Height / 2, gusts, "A gust on one side, held by posts in the ground.", [wind], "γ_Q F h/2", brief).Guarding([Quantity.Wind, Quantity.Wear]);
        if (LeftUp)
        {
            // Snow lies for days, and wood bears less then.
            var snow = SnowPull(brief);
            yield return Bent("net-snow", "Posts pulled over by snow on the net", factor.Value * snow.Value * Bay * Height, timber.DesignBending(Posts, LoadCase.Normal), "Take the net off before snow: no light frame bears it.", [snow], "γ_Q T s h", brief).Guarding([Quantity.Wear]);
        }

        if (Rail is { } rail) yield return Bent(rail.Part, rail.Thick, rail.Worn, wind, timber, brief).Guarding([Quantity.Wind, Quantity.Wear], Quantity.Posts);
        yield return Cords(brief);
    }

    /// <summary>The upper half of a wall of net pushes its rail sideways, and snow on half of the net bears it down.</summary>
    private Check Bent(string part, double thick, Condition worn, Sum wind, TimberGrade timber, Brief brief)
    {
        var wide = Math.Max(Span, Bay);
        double aside = wind.Value / wide / 2, down = LeftUp ? brief.Handbook[Gusts.Snow] * Span / 2 : 0, moment = brief.Factors.Surcharge * Math.Sqrt(aside * aside + down * down) * Bay * Bay / 8;
        double stress = 32 * moment / (Math.PI * Math.Pow(thick, 3)), strength = LeftUp ? timber.DesignBending(worn, LoadCase.Normal) : timber.ShortBending(worn, brief.Handbook);
        Sum bent = Sum.Of(
            "Bending of a rail", "σ = 32 γ_Q w s²/8 ÷ π d³", [new("w", "wind, and snow where it stays up, on each metre", Math.Sqrt(aside * aside + down * down), Unit.NewtonPerMetre), new("s", "along, from post to post", Bay, Unit.Metre), new("d", "thickness", thick, Unit.Metre), brief.Handbook.Term(CodeFactors.SurchargeId)],
            stress, Unit.Pascal, "Beam on two posts; EN 1995-1-1", "The lower half of the net goes to the ground");
        return Check.Compare("net-rails", "Rails bent by the net", LoadCase.Normal, stress, strength, Unit.Pascal, "Thin rails whip in a gust and let the net go.", part, [wind, bent], new Remedy("Posts no farther apart than", Bay * Math.Sqrt(strength / stress), Unit.Metre), new Remedy("Rails at least this thick", thick * Math.Cbrt(stress / strength), Unit.Metre));
    }

    /// <summary>Pull of the net under snow in N/m.</summary>
    public Sum SnowPull(Brief brief) => Sum.Of(
        "Pull of the net under snow", "T = p a² ÷ 8 f", [brief.Handbook.Term(Gusts.Snow), new("a", "across", Span, Unit.Metre), new("f", "sag", Sag, Unit.Metre)], brief.Handbook[Gusts.Snow] * Span * Span / (8 * Sag), Unit.NewtonPerMetre, "A shallow rope under an even load", "Wet snow closes the openings of a net");

    private Check Bent(string id, string name, double moment, double strength, Sentence words, IReadOnlyList<Sum> before, string formula, Brief brief)
    {
        var stress = 32 * moment / (Math.PI * Math.Pow(Diameter, 3));
        Sum bent = Sum.Of("Bending of a post at the ground", $"σ = 32 M ÷ π d³, M = {formula}", [new("M", "moment, factored", moment, Unit.NewtonMetre), new("h", "height", Height, Unit.Metre), new("s", "along, from post to post", Bay, Unit.Metre), new("d", "thickness", Diameter, Unit.Metre), brief.Handbook.Term(CodeFactors.SurchargeId)], stress, Unit.Pascal, "A post held in the ground; EN 1995-1-1");
        return Check.Compare(id, name, LoadCase.Normal, stress, strength, Unit.Pascal, words, Part, [.. before, bent], new Remedy("Posts at least this thick", Diameter * Math.Cbrt(stress / strength), Unit.Metre));
    }

    /// <summary>The cords of the net itself, all of them that run across.</summary>
    private Check Cords(Brief brief)
    {
        var pressure = LeftUp ? brief.Handbook[Gusts.Snow] : Supports.Wind.Pressure(brief.Gust.Value) * brief.Handbook[Gusts.Drag] * brief.Handbook[Gusts.Net];
        var pull = brief.Factors.Surcharge * pressure * Span * Span / (8 * Sag);
        Term strength = Wire ? brief.Handbook.Term(Metals.WireYield) : brief.Handbook.Term(Metals.LineStrength);
        var bears = Math.PI / 4 * Cord * Cord * strength.Value / 2 / (Opening + Cord);
        return Check.Compare(
            "net-cord", "Cords of the net", LoadCase.Normal, pull, bears, Unit.NewtonPerMetre, "Sun takes the strength of a net year by year: look at it each spring.", NetPart,
            [
                Sum.Of("Pull of the net", "γ_Q p a² ÷ 8 f", [new("p", LeftUp ? "snow" : "wind through it", pressure, Unit.Pascal), new("a", "across", Span, Unit.Metre), new("f", "sag", Sag, Unit.Metre), brief.Handbook.Term(CodeFactors.SurchargeId)], pull, Unit.NewtonPerMetre, "A shallow rope under an even load"),
                Sum.Of("What a metre of net bears", "π d² ÷ 4 × f ÷ 2 (a + d)", [strength, new("d", "cord", Cord, Unit.Metre), new("a", "opening", Opening, Unit.Metre)], bears, Unit.NewtonPerMetre, "Half is kept back for knots and sun"),
            ]).Guarding([]);
    }
}
