using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// A ring of mesh stretched by its soil: each wire along it takes the pressure of one opening, T = p r a, and where its ends meet the joint takes the same. Half of the yield is kept back, which stands for the load factors. Lengths in m.
/// </summary>
/// <param name="Aperture">a, clear across one opening.</param>
/// <param name="Wire">Thickness.</param>
/// <param name="Left">The part of its thickness that rust and wear have left, 0..1.</param>
/// <param name="Laced">True where its ends are laced together through two rows; hooked into each other they bear half.</param>
public sealed record MeshRing(string Part, double Radius, double Depth, double Aperture, double Wire, double Left, bool Laced) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
        => from loadCase in (LoadCase[])[LoadCase.Normal, LoadCase.BlockedDrain] from check in Case(brief, loadCase) select check.Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Thickness);

    private IEnumerable<Check> Case(Brief brief, LoadCase loadCase)
    {
        // The half that is kept back stands for the factor on soil; people have more, by the ratio of the two.
        var (push, more) = (Push.At(Depth, brief, loadCase), brief.Factors.OnPeople(loadCase) / brief.Factors.OnSoil(loadCase));
        double keptBack = loadCase == LoadCase.Normal ? 2 : 1, pull = (push.Soil + more * push.People) * Radius * Aperture;
        Term yield = brief.Handbook.Term(Metals.WireYield);
        var bears = Math.PI / 4 * Math.Pow(Left * Wire, 2) * yield.Value / keptBack;
        Sum sum = Sum.Of(
            "Pull in one wire", brief.PeopleAtEdge ? "T = (p + p_q γ_Q/γ_G) r a" : "T = p r a",
            [.. Terms.Of(push, brief, "p", "pressure at the foot", "from people", Unit.Pascal), new("r", "radius", Radius, Unit.Metre), new("a", "opening", Aperture, Unit.Metre)],
            pull, Unit.Newton, "Thin ring");
        Sum holds = Sum.Of(
            "What a wire bears", loadCase == LoadCase.Normal ? "π (k d)² ÷ 4 × f_y ÷ 2" : "π (k d)² ÷ 4 × f_y", [new("d", "wire", Wire, Unit.Metre), new("k", "part of it that rust and wear have left", Left, Unit.One), yield],
            bears, Unit.Newton, "Half of the yield", loadCase == LoadCase.Normal ? "Half is kept back for what the mesh is welded or twisted with" : "In an accident nothing is kept back");
        var words = loadCase == LoadCase.Normal ? "The lowest row is stretched most." : Terms.Blocked;
        yield return Check.Compare(Terms.Id("mesh", loadCase), "Wires of the mesh", loadCase, pull, bears, Unit.Newton, words, Part, [sum, holds], new Remedy("Across, no more than", 2 * Radius * bears / pull, Unit.Metre));
        if (Laced) yield break;
        yield return Check.Compare(Terms.Id("mesh-joint", loadCase), "Ends hooked into each other", loadCase, pull, bears / 2, Unit.Newton, loadCase == LoadCase.Normal ? "A hooked wire opens at half of what it bears; laced it does not." : Terms.Blocked, Part, [sum, holds]);
    }
}
