using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

/// <summary>The step from a load to what a check asks for, so that the factor in between is seen and can be changed.</summary>
internal static class Factored
{
    /// <summary>A load that stays, with the factor on soil.</summary>
    public static Sum Soil(Handbook handbook, Sum load) => By(CodeFactors.SoilId, "Load that stays, with its factor", handbook, load);

    /// <summary>A load that comes and goes, with the factor on what does.</summary>
    public static Sum Surcharge(Handbook handbook, Sum load) => By(CodeFactors.SurchargeId, "Load that comes and goes, with its factor", handbook, load);

    private static Sum By(string row, string title, Handbook handbook, Sum load)
        => Sum.Of(title, "γ × load", [handbook.Term(row), new("load", char.ToLowerInvariant(load.Title[0]) + load.Title[1..], load.Value, load.Unit)], handbook[row] * load.Value, load.Unit, CodeFactors.Source);
}
