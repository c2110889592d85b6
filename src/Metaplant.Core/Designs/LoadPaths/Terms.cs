using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>Terms that the sums of several load paths share.</summary>
internal static class Terms
{
    /// <summary>The factor on soil as a term, in the case that has one.</summary>
    public static IReadOnlyList<Term> OnSoil(Brief brief, LoadCase loadCase) => loadCase == LoadCase.Normal ? [brief.Handbook.Term(CodeFactors.SoilId)] : [];
}
