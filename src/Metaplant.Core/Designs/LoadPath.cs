using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// One way that load goes through a blueprint: a wall of boards, a hoop, a tie, a cone in the wind. Each kind is one file in LoadPaths and checks itself.
/// </summary>
public abstract record LoadPath
{
    public abstract IEnumerable<Check> Work(Brief brief);
}
