using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Casting;

/// <content>Walls filled up course by course.</content>
public sealed partial class Caster
{
    private sealed record CourseClass(double Height, double Thin, List<int> Stocks);

    /// <summary>Which boards make which course; each course becomes pieces of its own to be cut with all the others.</summary>
    private IReadOnlyList<CourseClass> ChooseCourses(CoursesNeeded need, List<SawnItem> items)
    {
        var longest = need.Lengths.Max();
        var stock = StocksFor(need, longest, need.LeastWidth, need.LeastThickness);
        // Boards of one height, whatever their length; the thickest stand on the ground.
        List<CourseClass> classes = [.. stock.GroupBy(s => (Math.Round(stocks[s].Lot.Wide / .002), Math.Round(stocks[s].Lot.Thin / .002))).Select(g => new CourseClass(g.Min(s => stocks[s].Lot.Wide), g.Min(s => stocks[s].Lot.Thin), [.. g])).OrderByDescending(c => c.Thin).ThenByDescending(c => c.Height)];
        var chosen = CourseChoice.Choose(need.Height, [.. classes.Select(c => c.Height)], [.. classes.Select(c => CoursesFrom(c, need, [.. items.Where(i => i.Coursed && i.From.Intersect(c.Stocks).Any())]))]);
        if (chosen is null) return [];
        var made = chosen.Select(c => classes[c]).ToList();
        for (var i = 0; i < made.Count; i++)
        {
            foreach (var (length, k) in need.Lengths.GroupBy(l => l).Select((g, k) => (g, k))) items.Add(new($"{need.Id}#{i}#{k}", length.Count(), length.Key, made[i].Height, made[i].Thin, made[i].Stocks, _ => null) { Coursed = true });
        }

        return made;
    }

    /// <summary>How many whole courses a class gives beside the courses already chosen that are cut from the same stock.</summary>
    private int CoursesFrom(CourseClass from, CoursesNeeded need, IReadOnlyList<SawnItem> before)
    {
        var key = $"{MostFilled(need):R}|{string.Join(' ', need.Lengths)}|{Named(from.Stocks)}|{string.Join(' ', before.Select(i => $"{i.Count}x{i.Length:R} of {Named(i.From)}"))}";
        return room.Courses.GetOrAdd(key, _ => CountCourses(from, need, before));

        string Named(IEnumerable<int> boards) => string.Join(' ', boards.Select(s => $"{stocks[s].Lot.ThingId}.{stocks[s].Lot.Way.Id}x{stocks[s].Units}"));
    }

    /// <summary>Walls of usual heights are counted for once, m.</summary>
    private static double MostFilled(CoursesNeeded need) => Math.Max(.65, need.Height);

    private int CountCourses(CourseClass from, CoursesNeeded need, IReadOnlyList<SawnItem> before)
    {
        // No more than fill the wall by themselves; between what there is of wood for and none, by halving.
        var wood = from.Stocks.Sum(s => stocks[s].Units * stocks[s].Lot.FromEach * stocks[s].Lot.Length);
        int low = 0, high = (int)Math.Min(Math.Ceiling(MostFilled(need) / from.Height - 1e-9), wood / need.Lengths.Sum() + 1e-9);
        while (low < high)
        {
            var n = (low + high + 1) / 2;
            List<SawnItem> all = [.. before, .. need.Lengths.GroupBy(l => l).Select((g, k) => new SawnItem($"{k}", n * g.Count(), g.Key, from.Height, from.Thin, from.Stocks, _ => null))];
            if (new SawnSearch(all, stocks, [], minuteWorth, 0).Run().Cost.Missing > 0) high = n - 1;
            else low = n;
        }

        return low;
    }

    private void FinishCourses(CoursesNeeded need, IReadOnlyList<CourseClass> classes, Dictionary<string, Queue<Piece>> cut, SawnPlan plan)
    {
        var lengths = need.Lengths.GroupBy(l => l).ToList();
        List<Course> built =
        [
            .. classes.Select((c, i) =>
            {
                var queues = lengths.Select((g, k) => new Queue<Piece>(Pieces(need, $"{need.Id}#{i}#{k}", g.Count(), g.Key, c.Height, c.Thin, cut, plan))).ToList();
                return new Course(c.Height, c.Thin, [.. need.Lengths.Select(l => queues[lengths.FindIndex(g => g.Key == l)].Dequeue())]);
            }),
        ];
        if (classes.Count == 0 || built.Exists(c => c.Pieces.Any(p => p.Missing)))
        {
            var lacking = classes.Count == 0 ? need.Lengths.Count : built.Sum(c => c.Pieces.Count(p => p.Missing));
            var wide = classes.Count == 0 ? need.Height : classes[^1].Height;
            var area = classes.Count == 0 ? need.Amount : built.SelectMany(c => c.Pieces.Where(p => p.Missing).Select(p => p.Length * c.Height)).Sum();
            Missing(need, area, new(need, lacking, CutPlan.Untrimmed(need.Lengths.Max()), wide, need.LeastThickness));
            if (classes.Count == 0) built = [new(need.Height, need.LeastThickness, [.. need.Lengths.Select(l => new Piece(need.Id, null, "", 0, l, need.Height, need.LeastThickness) { Missing = true })])];
        }

        courses[need.Id] = built;
        pieces[need.Id] = [.. built.SelectMany(c => c.Pieces)];
    }
}
