using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>Terms and words that the sums of several load paths share.</summary>
internal static class Terms
{
    public const string Blocked = "If the drain blocks and the soil stands full of water.";

    /// <summary>The factors on soil, and on people where there are any, in the case that has them.</summary>
    public static IReadOnlyList<Term> Factors(Brief brief, LoadCase loadCase) => loadCase != LoadCase.Normal ? [] :
        brief.PeopleAtEdge ? [brief.Handbook.Term(CodeFactors.SoilId), brief.Handbook.Term(CodeFactors.SurchargeId)] : [brief.Handbook.Term(CodeFactors.SoilId)];

    /// <summary>A load by its two parts, as it stands in a sum: soil, and people where there are any.</summary>
    public static IReadOnlyList<Term> Of(Push push, Brief brief, string symbol, string soil, string people, Unit unit)
        => brief.PeopleAtEdge ? [new(symbol, soil, push.Soil, unit), new(symbol + "_q", people, push.People, unit)] : [new(symbol, soil, push.Soil, unit)];

    /// <summary>"γ_G p" or "γ_G p + γ_Q p_q", without factors in an accident.</summary>
    public static string Formula(Brief brief, LoadCase loadCase, string symbol) => (loadCase, brief.PeopleAtEdge) switch
    {
        (LoadCase.Normal, true) => $"(γ_G {symbol} + γ_Q {symbol}_q)",
        (LoadCase.Normal, false) => $"γ_G {symbol}",
        (_, true) => $"({symbol} + {symbol}_q)",
        _ => symbol,
    };

    public static string Id(string id, LoadCase loadCase) => loadCase == LoadCase.Normal ? id : id + "-blocked";
}
