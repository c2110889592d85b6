using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// An upright frame held to a wall or fence by rows of two fixings: its wet weight a little before them, a child that climbs it and the wind turn it about its foot, and each row takes its share by its height, F_i = M y_i ÷ Σ y². Nobody can tell by a sum what holds in an old wall: every fixing is tested at twice what it gets. Lengths in m.
/// </summary>
/// <param name="Mass">Wet, kg.</param>
/// <param name="Before">e, of its middle before the wall.</param>
/// <param name="Rows">y_i, heights of the rows over its foot, the lowest first. Range: one or more.</param>
public sealed record WallFixing(string Part, double Mass, double Before, double Long, double High, params IReadOnlyList<double> Rows) : LoadPath
{
    private const int InARow = 2;

    public override IEnumerable<Check> Work(Brief brief)
    {
        yield return Check.ProveFirst("fixing", "Fixings to the wall", LoadCase.Normal, "What holds in a wall nobody knows before it is pulled: test every one.", Part, [Moment(brief), .. Rows.Select(y => OnEach(brief, y))], Test(brief));
    }

    /// <summary>How all are tested before anything is hung.</summary>
    public IReadOnlyList<Sentence> Test(Brief brief) =>
    [
        "Into brick, block or a post, never plaster or a gutter alone; an eye in each plug.",
        $"Before it is hung: a spring balance or a bucket on a lever at each, {new Amount(2 * OnEach(brief).Value, Unit.Newton)} straight out, for a minute. Stand aside.",
        "Nothing moved and nothing cracked: hang it. Anything else: a stouter plug, another place, or feet under it.",
    ];

    /// <summary>What turns it about its foot, N m, with its factors.</summary>
    public Sum Moment(Brief brief)
    {
        Term gust = brief.Gust, drag = brief.Handbook.Term(Gusts.Drag), soil = brief.Handbook.Term(CodeFactors.SoilId), surcharge = brief.Handbook.Term(CodeFactors.SurchargeId), child = brief.Handbook.Term(People.Climbing), before = brief.Handbook.Term(People.ClimbingBefore);
        double weight = Mass * Medium.Gravity, wind = Supports.Wind.Force(Supports.Wind.Pressure(gust.Value), Long * High, drag.Value, 1);
        return Sum.Of(
            "What turns it about its foot", "γ_G W e + γ_Q F_c e_c + γ_Q F h/2",
            [new("W", "weight, wet through", weight, Unit.Newton), new("e", "its middle before the wall", Before, Unit.Metre), new("F", "wind on it", wind, Unit.Newton), new("h", "height", High, Unit.Metre), gust, child, before, soil, surcharge],
            soil.Value * weight * Before + surcharge.Value * child.Value * before.Value + surcharge.Value * wind * High / 2, Unit.NewtonMetre, "Moments about its foot; EN 1991-1-4 for the wind", "A child steps on it");
    }

    /// <summary>Pull on the two fixings of a row so high by a moment in N m, N.</summary>
    public double OnRow(double moment, double height) => moment * height / Rows.Sum(y => y * y);

    /// <summary>Pull on each of the two fixings that get most, N, with its factors.</summary>
    public Sum OnEach(Brief brief) => OnEach(brief, Rows[^1]);

    private Sum OnEach(Brief brief, double height)
    {
        var moment = Moment(brief).Value;
        return Sum.Of("Pull on each fixing", "M y ÷ 2 Σ y²", [new("M", "what turns it", moment, Unit.NewtonMetre), new("y", "height of its row", height, Unit.Metre), new("Σ y²", "of all rows, m²", Rows.Sum(y => y * y), Unit.SquareMetre)], OnRow(moment, height) / InARow, Unit.Newton, "A stiff frame turning about its foot");
    }
}
