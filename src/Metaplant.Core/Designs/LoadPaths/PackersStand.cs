using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The highest packer on ground that falls, stood on its narrow side: too high for its width, it rolls over when the vessel is pushed. Lengths in m.</summary>
public sealed record PackersStand(string Id, string Part, double High, double Wide) : LoadPath
{
    /// <summary>Height over width at which a push of a quarter of what lies on it, with a factor of two, turns a loose block over.</summary>
    private const double MostHigh = 2;

    public override IEnumerable<Check> Work(Brief brief)
    {
        Sum sum = Sum.Of("How high a packer may be", "2 b", [new("b", "width of a packer", Wide, Unit.Metre)], MostHigh * Wide, Unit.Metre, "A loose block turns over at a push of b/2h of its load; a quarter of it with a factor of two is assumed");
        yield return Check.Compare(Id, "The highest packer", LoadCase.Normal, High, MostHigh * Wide, Unit.Metre, "Lay two crosswise, or dig the high end in, where one alone would roll over.", Part, [sum], new Remedy("Packers at least so wide", High / MostHigh, Unit.Metre));
    }
}
