namespace Metaplant.Core.Planning;

/// <summary>Who stands where, each on a place of its own.</summary>
internal static class Placing
{
    /// <summary>By who stands, a place among those that suit; null where they do not all find one.</summary>
    public static IReadOnlyList<int>? Of(IReadOnlyList<IReadOnlyList<int>> suits)
    {
        var on = new Dictionary<int, int>();
        for (var who = 0; who < suits.Count; who++)
        {
            if (!Find(who, [])) return null;
        }

        return [.. on.OrderBy(o => o.Value).Select(o => o.Key)];

        // Whoever stands there already moves on, where that one finds another place.
        bool Find(int who, HashSet<int> asked)
        {
            foreach (var place in suits[who])
            {
                if (!asked.Add(place) || (on.TryGetValue(place, out var there) && !Find(there, asked))) continue;
                on[place] = who;
                return true;
            }

            return false;
        }
    }
}
