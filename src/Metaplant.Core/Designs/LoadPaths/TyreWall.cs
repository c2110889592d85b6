using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The walls of a tyre pushed out by the soil at its foot, beside the air it was made for. Depth in m.</summary>
/// <param name="Cut">True where its upper wall is cut out: nobody has measured what the rest holds, so that it is never told as sound.</param>
public sealed record TyreWall(string Part, double Depth, bool Cut) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        var push = Push.At(Depth, brief, LoadCase.Normal);
        Term air = brief.Handbook.Term(Metals.TyrePressure);
        var pressure = push.Factored(brief.Factors, LoadCase.Normal);
        var check = Check.Compare(
            "tyre-wall", "Tyre pushed out by the soil", LoadCase.Normal, pressure, air.Value, Unit.Pascal, Cut ? "Far less than the air it held; with its upper wall cut out nobody has measured it." : "Far less than the air it held.", Part,
            [Sum.Of("Push at the foot", Terms.Formula(brief, LoadCase.Normal, "p"), [.. Terms.Of(push, brief, "p", "pressure of the soil at the foot", "pressure from people", Unit.Pascal), .. Terms.Factors(brief, LoadCase.Normal), air], pressure, Unit.Pascal, "Pressure at rest beside that of the air in it")]);
        yield return (Cut ? check.AtBestTight() : check).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People]);
    }
}
