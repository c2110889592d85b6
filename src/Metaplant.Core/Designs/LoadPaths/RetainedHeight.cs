using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>How high soil is held back, by the limits of <see cref="RetainedSoil"/>.</summary>
public sealed record RetainedHeight(double Height) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief) => RetainedSoil.Judge(Height) is { } check ? [check] : [];
}
