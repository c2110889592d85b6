using Metaplant.Core.Salvage;

namespace Metaplant.Core.Stock;

/// <summary>One stick that lies there: of which unit, which of its bundle, the longest being 0, and how long in m.</summary>
public readonly record struct LooseStick(int Unit, int Stick, double Length)
{
    private const double Slack = 1e-9;

    /// <summary>Sticks of what is left of a lot that are so long and, where they would be cut off, so thick, m, the shortest first, so that the long ones stay for what needs them.</summary>
    public static IReadOnlyList<LooseStick> Of(Lot lot, IReadOnlyList<Remains> left, double length, double thickness)
    {
        var found = new List<LooseStick>();
        if (lot.As<ISticks>() is { } s)
        {
            var most = s.CountOver(length);
            foreach (var unit in left)
            {
                foreach (var stick in unit.Sticks)
                {
                    if (stick < most && s.LengthOfLongest(stick + 1) is var own && s.ThicknessAt(length, own) >= thickness - Slack) found.Add(new(unit.Unit, stick, own));
                }
            }
        }
        else if (lot.Length >= length - Slack && lot.Thin >= thickness - Slack && lot.LengthsOf(length) is var each)
        {
            foreach (var unit in left.Where(u => u.Untouched)) found.AddRange(Enumerable.Range(0, each).Select(k => new LooseStick(unit.Unit, k, lot.Length)));
        }

        // Of two as long the one of the earlier unit.
        found.Sort((a, b) => (a.Length, a.Unit, a.Stick).CompareTo((b.Length, b.Unit, b.Stick)));
        return found;
    }
}
