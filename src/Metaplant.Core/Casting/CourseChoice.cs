namespace Metaplant.Core.Casting;

/// <summary>
/// Chooses which boards fill a wall course by course, from the ground up, each course of one height: the thickest below, where the soil pushes most. Of all fillings that reach the height the one of least surplus, then of fewest courses.
/// </summary>
public static class CourseChoice
{
    private const int Nodes = 3000;

    /// <summary>Heights of the courses by class, from the ground up, or null when what there is does not reach so high.</summary>
    /// <param name="heights">Of each class, m, the one preferred for the ground first.</param>
    /// <param name="courses">How many courses each class gives at most.</param>
    public static IReadOnlyList<int>? Choose(double height, IReadOnlyList<double> heights, IReadOnlyList<int> courses)
    {
        int[]? best = null;
        var least = (Over: double.MaxValue, Count: int.MaxValue);
        var counts = new int[heights.Count];
        var nodes = Nodes;
        Next(0, 0);
        return best is null ? null : [.. best.SelectMany((n, c) => Enumerable.Repeat(c, n))];

        void Next(int at, double reached)
        {
            if (nodes-- <= 0) return;
            var over = reached - height;
            if (over >= -1e-9)
            {
                var rank = (Math.Round(over, 4), counts.Sum());
                if (rank.CompareTo(least) < 0) (best, least) = ([.. counts], rank);
                return;
            }

            if (at == heights.Count) return;
            var most = Math.Min(courses[at], (int)Math.Ceiling((height - reached) / heights[at] - 1e-9));
            for (var k = most; k >= 0; k--)
            {
                counts[at] = k;
                Next(at + 1, reached + k * heights[at]);
            }

            counts[at] = 0;
        }
    }
}
