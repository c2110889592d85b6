using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// One way that load goes through a blueprint: a wall of boards, a hoop, a tie, a cone in the wind. Each kind is one file in LoadPaths and checks itself.
/// </summary>
public abstract record LoadPath
{
    /// <summary>How deep what it checks is driven or let into the ground, m; 0 where it stands on it. A scene would tell as well, and is drawn only when somebody looks.</summary>
    public virtual double InGround => 0;

    public abstract IEnumerable<Check> Work(Brief brief);
}
