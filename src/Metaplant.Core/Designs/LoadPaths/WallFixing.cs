using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// An upright frame held near its top to a wall or fence by two fixings: its wet weight a little before them, a child that climbs it, and the wind pull at them. Nobody can tell by a sum what holds in an old wall: they are tested at twice that. Lengths in m.
/// </summary>
/// <param name="Mass">Wet, kg.</param>
/// <param name="Before">e, of its middle before the wall.</param>
/// <param name="FixedAt">h_f, height of the fixings.</param>
public sealed record WallFixing(string Part, double Mass, double Before, double Long, double High, double FixedAt) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        yield return Check.ProveFirst("fixing", "Fixings to the wall", LoadCase.Normal, "What holds in a wall nobody knows before it is pulled: test both fixings.", Part, [OnEach(brief)], Test(brief));
    }

    /// <summary>How both are tested before it is hung.</summary>
    public IReadOnlyList<Sentence> Test(Brief brief) =>
    [
        "Into brick, block or a post, never plaster or a gutter alone; an eye in each of two plugs.",
        $"Before it is hung: a spring balance or a bucket on a lever at each, {new Amount(2 * OnEach(brief).Value, Unit.Newton)} straight out, for a minute. Stand aside.",
        "Nothing moved and nothing cracked: hang it. Anything else: a stouter plug, another place, or feet under it.",
    ];

    /// <summary>Pull on each of two fixings, N, with its factors.</summary>
    public Sum OnEach(Brief brief)
    {
        Term gust = brief.Handbook.Term(brief.GustId), drag = brief.Handbook.Term(Gusts.Drag), soil = brief.Handbook.Term(CodeFactors.SoilId), surcharge = brief.Handbook.Term(CodeFactors.SurchargeId), child = brief.Handbook.Term(People.Climbing), before = brief.Handbook.Term(People.ClimbingBefore);
        double weight = Mass * Medium.Gravity, wind = Supports.Wind.Force(Supports.Wind.Pressure(gust.Value), Long * High, drag.Value, 1);
        return Sum.Of(
            "Pull on each fixing", "(γ_G W e + γ_Q F_c e_c + γ_Q F h/2) ÷ 2 h_f",
            [new("W", "weight, wet through", weight, Unit.Newton), new("e", "its middle before the wall", Before, Unit.Metre), new("F", "wind on it", wind, Unit.Newton), new("h", "height", High, Unit.Metre), new("h_f", "height of the fixings", FixedAt, Unit.Metre), gust, child, before, soil, surcharge],
            (soil.Value * weight * Before + surcharge.Value * child.Value * before.Value + surcharge.Value * wind * High / 2) / FixedAt / 2, Unit.Newton, "Moments about its foot; EN 1991-1-4 for the wind", "A child steps on a slat");
    }
}
