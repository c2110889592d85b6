using Metaplant.Core.Casting;
using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Building;

/// <summary>A piece that was sawn too short to serve.</summary>
/// <param name="Bar">Which bar of the cut plan.</param>
/// <param name="Cut">Which of its cuts, in order along it.</param>
/// <param name="Length">As it came out, m.</param>
public sealed record Miscut(int Bar, int Cut, double Length);

/// <summary>What a project is made of once a piece was sawn too short.</summary>
/// <param name="Words">Where what no longer comes out of that bar comes from now.</param>
public sealed record Recut(Fit Fit, Sentence Words);

/// <summary>
/// A piece sawn too short stays a short piece. What was still to come out of its bar is laid out again in the rest of it; what no longer goes in comes out of the rests of others that are cut into anyway, then out of the heap, then from the shop.
/// </summary>
public static class Miscuts
{
    /// <summary>A piece shorter than it should be by less than this, m, is not cut again.</summary>
    public const double NearEnough = .001;

    private const string Again = "again";
    private const double Same = 1e-6;

    /// <summary>The fit from then on, or what is wrong with what was said; a piece that nothing is left for is asked for with its least measures.</summary>
    /// <param name="cut">Ids of the needs that are cut already: their pieces were found right.</param>
    public static Outcome<Recut> Apply(Fit planned, Miscut miscut, IReadOnlySet<string> cut, Stockroom room)
    {
        if (Wrong(planned.Cast, miscut, cut) is { } wrong) return wrong;
        var set = planned.Set;
        return planned.Design.Ask(set).Then(asked =>
        {
            var mending = new Mending(AsBuilt.Firm(planned.Cast, asked.Needs), set, room);
            if (mending.Mend(miscut, cut) is { } problem) return problem;
            return AsBuilt.Made(planned.Design, set, asked, mending.Cast, room).Then<Recut>(fit => new Recut(fit, fit.Assessment.Worst > planned.Assessment.Worst
                ? (Sentence)$"{mending.Words} With that it is judged worse than before: look at its verdicts before you go on."
                : mending.Words));
        });
    }

    private static Problem? Wrong(Cast cast, Miscut miscut, IReadOnlySet<string> cut)
    {
        if (cast.Cuts.Bars.ElementAtOrDefault(miscut.Bar) is not { } bar || bar.Cuts.ElementAtOrDefault(miscut.Cut) is not { } piece) return new("piece", "There is no such piece.");
        if (cut.Contains(piece.WantedId)) return new("piece", "Its step is ticked: take the tick off first.");
        if (bar.Cuts.Skip(miscut.Cut).Any(c => cut.Contains(c.WantedId))) return new("piece", "What follows it on that board is ticked as cut: take that tick off first.");
        if (!double.IsFinite(miscut.Length) || miscut.Length <= 0) return new("length", "How long did it come out?");
        return miscut.Length > piece.To - piece.From - NearEnough ? new("length", $"It should be {Amount.Length(piece.To - piece.From)}: so long it serves, or can be sawn again.") : null;
    }

    /// <summary>A cast while pieces of it are found anew.</summary>
    private sealed class Mending(Cast cast, Chosen set, Stockroom room)
    {
        private readonly List<CutBar> bars = [.. cast.Cuts.Bars];
        private readonly Dictionary<Piece, Piece> found = new(ReferenceEqualityComparer.Instance);
        private readonly List<(string Name, Sentence Where)> said = [];
        private Cast more = Cast.Nothing;

        public Cast Cast => (cast with { Cuts = cast.Cuts with { Bars = bars } }).And(more) with
        {
            Pieces = cast.Pieces.ToDictionary(p => p.Key, IReadOnlyList<Piece> (p) => [.. p.Value.Select(Now)], StringComparer.Ordinal),
            Panels = cast.Panels.ToDictionary(p => p.Key, IReadOnlyList<Panel> (p) => [.. p.Value.Select(x => x with { Boards = [.. x.Boards.Select(Now)] })], StringComparer.Ordinal),
            Courses = cast.Courses.ToDictionary(c => c.Key, IReadOnlyList<Course> (c) => [.. c.Value.Select(x => x with { Pieces = [.. x.Pieces.Select(Now)] })], StringComparer.Ordinal),
            Asked = cast.Asked,
        };

        public Sentence Words => said.Count == 0
            ? "What is left of that board gives all that was still to come out of it."
            : Sentence.Join(" ", said.GroupBy(s => (s.Name, s.Where)).Select(g => (Sentence)$"{g.Key.Name}: {new Count(g.Count(), "comes", "come")} out of {g.Key.Where} now."));

        /// <summary>Lays out what was still to come out of a bar, here and elsewhere; what is wanted and nowhere to be had is the problem.</summary>
        public Problem? Mend(Miscut miscut, IReadOnlySet<string> cut)
        {
            var bar = bars[miscut.Bar];
            (bars[miscut.Bar], var lost) = bar.Broken(miscut.Cut, miscut.Length);
            foreach (var of in lost.GroupBy(c => c.WantedId))
            {
                var need = cast.Asked.First(n => n.Id == of.Key);
                // Of one unit that gave boards of several sizes, one of this size; measured otherwise since, one of this unit.
                List<Piece> gone = [.. cast[need.Id].Where(p => p.Of?.Thing.Id == bar.Bar.ThingId && p.Unit == bar.Bar.Piece).OrderBy(p => !Alike(p, bar.Bar)).Take(of.Count())];
                if (gone.Count < of.Count()) return new("piece", "Nobody can say any more which piece that is.");
                List<Piece> still = [.. gone.Where(p => !InAnother(need, p, cut))];
                foreach (var alike in still.GroupBy(p => need is PiecesNeeded ? default : (p.Wide, p.Thin)))
                    if (FromHeap(need, [.. alike]) is { } problem) return problem;
            }

            return null;
        }

        private Piece Now(Piece piece) => found.GetValueOrDefault(piece, piece);

        private static bool Alike(Piece piece, Bar bar) => Math.Abs(piece.Wide - Math.Max(bar.Width, bar.Thickness)) < Same && Math.Abs(piece.Thin - Math.Min(bar.Width, bar.Thickness)) < Same;

        /// <summary>Out of a bar that is cut into anyway and is not finished: one that gives the same already, or is of the same batch and size.</summary>
        private bool InAnother(Need need, Piece piece, IReadOnlySet<string> cut)
        {
            var may = Enumerable.Range(0, bars.Count).Where(i => bars[i] is var b && b.Cuts.Any(c => !cut.Contains(c.WantedId)) && (Alike(piece, b.Bar) ? b.Bar.ThingId == piece.Of!.Thing.Id || Gives(b, need) : need is PiecesNeeded && Gives(b, need)));
            foreach (var i in may)
            {
                if (bars[i].And(need.Id, piece.Length) is not { } laid || cast.Pieces.Values.SelectMany(p => p).FirstOrDefault(p => p.Of?.Thing.Id == laid.Bar.ThingId && p.Unit == laid.Bar.Piece && Alike(p, laid.Bar)) is not { } of) continue;
                bars[i] = laid;
                found[piece] = piece with { Of = of.Of, WayId = of.WayId, Unit = of.Unit, Width = of.Wide, Thickness = of.Thin };
                said.Add((need.Name, $"what is left of {of.Of!.Thing.Name}"));
                return true;
            }

            return false;
        }

        private static bool Gives(CutBar bar, Need need) => bar.Cuts.Any(c => c.WantedId == need.Id);

        /// <summary>Out of what lies there or the shop has.</summary>
        private Problem? FromHeap(Need need, IReadOnlyList<Piece> gone)
        {
            var like = gone[0];
            // A board of a wall stands beside others: as wide and as thick as the one it takes the place of.
            var wanted = need is PiecesNeeded pieces
                ? pieces with { Id = Again, Count = gone.Count }
                : new PiecesNeeded(Again, need.Role, gone.Count, like.Length, like.Wide, like.Thin - Alikeness) { Most = (double.PositiveInfinity, like.Thin + Alikeness), Exact = like.Wide, Name = need.Name };
            var now = Caster.More((cast with { Cuts = cast.Cuts with { Bars = bars } }).And(more), [wanted], set.Lead, room, Draft.GrownIn(set.Lead, set.Brief), set.Brief.Handbook);
            if (now.Short.FirstOrDefault(s => s.Need.Id == Again) is { } missing) return new("length", $"{need.Name}: nothing that is left will do. It takes {missing.Count} more, at least {missing.Least}. Put it on the heap, and say it once more.");
            var got = now[Again];
            for (var i = 0; i < gone.Count; i++)
            {
                found[gone[i]] = got[i] with { NeedId = need.Id, Width = need is PiecesNeeded ? got[i].Wide : like.Wide, Thickness = got[i].Thin };
                said.Add((need.Name, Where(need, got[i], like)));
            }

            more = more.And(For(need, now));
            return null;
        }

        /// <summary>Where a piece comes from; of a wall it is as wide as the one it takes the place of.</summary>
        private static Sentence Where(Need need, Piece got, Piece like)
        {
            var from = got.Of is { } of ? of.Thing.Name : "bought wood";
            return need is PiecesNeeded || got.Wide <= like.Wide + Alikeness ? from : (Sentence)$"{from}, ripped to {Amount.Length(like.Wide)},";
        }

        /// <summary>Boards that stand side by side differ by no more than this, m.</summary>
        private const double Alikeness = .002;

        /// <summary>What was found for what is asked for again, as of the need it is for; its pieces take the place of those that are gone.</summary>
        private static Cast For(Need need, Cast again) => again with
        {
            Pieces = Cast.Nothing.Pieces,
            Takes = [.. again.Takes.Select(t => t with { NeedId = need.Id })],
            Buys = [.. again.Buys.Select(b => b with { Need = need })],
            Cuts = again.Cuts with { Bars = [.. again.Cuts.Bars.Select(b => b with { Cuts = [.. b.Cuts.Select(c => c with { WantedId = need.Id })] })], Missing = Cast.Nothing.Cuts.Missing },
            PassedOver = Cast.Nothing.PassedOver,
            Asked = [],
        };
    }
}
