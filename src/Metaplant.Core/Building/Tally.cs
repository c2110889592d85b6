using Metaplant.Core.Assessing;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Building;

/// <summary>What a fit comes to, kept so that it can be said later what a measure changed.</summary>
/// <param name="Soil">m³ in place.</param>
/// <param name="Liner">m² of cloth, film and card.</param>
/// <param name="Cost">Of what is to buy.</param>
/// <param name="Cut">Length of the pieces of each need, m.</param>
public sealed record Tally(double Soil, double Liner, double Cost, int Holes, Verdict Worst, IReadOnlyDictionary<string, double> Cut)
{
    private const double SameLength = .0005;

    public static Tally Of(Fit fit) => new(
        fit.Blueprint.Soil, fit.Cast.Asked.OfType<CoverNeeded>().Sum(n => n.Amount), fit.Cast.Cost, fit.Assessment.Drain.InAll, fit.Assessment.Worst,
        fit.Cast.Asked.OfType<PiecesNeeded>().ToDictionary(n => n.Id, n => n.Length, StringComparer.Ordinal));

    /// <summary>What is otherwise than it was, in one sentence; null where nothing is.</summary>
    /// <param name="cut">Needs cut already: those that would now be of another length are told as what they are.</param>
    public static Sentence? Changed(Tally was, Fit now, IReadOnlySet<string> cut)
    {
        var tally = Of(now);
        var told = new List<Sentence>();
        foreach (var need in now.Cast.Asked.OfType<PiecesNeeded>())
        {
            if (!was.Cut.TryGetValue(need.Id, out var before) || Math.Abs(before - need.Length) < SameLength) continue;
            var name = now.Blueprint.NameOf(need).ToLowerInvariant();
            told.Add(!cut.Contains(need.Id) ? (Sentence)$"{name} {Amount.Length(need.Length)} long, not {Amount.Length(before)}"
                : before < need.Length ? (Sentence)$"{name}, cut already, {Amount.Length(need.Length - before)} too short" : (Sentence)$"{name}, cut already, {Amount.Length(before - need.Length)} too long");
        }

        if (Math.Abs(tally.Liner - was.Liner) > .0005) told.Add($"liner {new Amount(tally.Liner, Unit.SquareMetre)}, not {new Amount(was.Liner, Unit.SquareMetre)}");
        if (Math.Abs(tally.Soil - was.Soil) > .0005) told.Add($"soil {Amount.Volume(tally.Soil)}, not {Amount.Volume(was.Soil)}");
        if (tally.Holes != was.Holes) told.Add($"{new Count(tally.Holes, "hole", "holes")}, not {was.Holes}");
        if (tally.Worst != was.Worst) told.Add((Sentence)$"{Told(tally.Worst)} where it was {Told(was.Worst)}{Where(now, tally.Worst)}");
        if (tally.Cost > was.Cost + .005) told.Add("more to buy");
        if (tally.Cost < was.Cost - .005) told.Add("less to buy");
        return told.Count == 0 ? null : (Sentence)$"As measured: {Sentence.Join("; ", told)}.";
    }

    /// <summary>Which part it is, where the worst is that it does not hold.</summary>
    private static Sentence? Where(Fit now, Verdict worst) => now.Assessment.Hold.Verdict == worst && now.Assessment.Hold.Weakest is { } weakest ? $", {weakest.Name.ToLowerInvariant()}" : null;

    private static string Told(Verdict verdict) => verdict switch
    {
        Verdict.Sound => "sound",
        Verdict.Tight => "tight",
        Verdict.ProveFirst => "to be proved with water first",
        Verdict.Fails => "failing",
        Verdict.AskAProfessional => "something to ask a professional about",
        _ => throw new ArgumentOutOfRangeException(nameof(verdict), verdict, "Unknown verdict."),
    };
}
