namespace Metaplant.Core.Cutting;

/// <summary>Where to put the pencil on one bar, all measured from an end, so that no error is carried from piece to piece.</summary>
public static class Marks
{
    /// <summary>Pieces that lie closer than this and a saw cut, m, are sawn one off the other.</summary>
    private const double Slack = 1e-6;

    /// <summary>
    /// "From one end: square it at 5 mm, then saw just past 417 mm and 832 mm. Turn it: …" Each mark is the end of a piece, and the saw goes beside it. What is nearer to the other end is measured from there, the bar turned.
    /// </summary>
    public static Sentence Words(CutBar bar)
    {
        var runs = Runs(bar.Cuts.OrderBy(c => c.From));
        // The first is always measured from this end, since the bar lies so.
        var near = runs.Where((r, i) => i == 0 || r[0].From <= bar.Bar.Length - r[^1].To).ToList();
        var far = runs.Except(near).Reverse().ToList();
        List<Sentence> said = [];
        if (near.Count > 0) said.Add($"From one end: {Sentence.Join("; ", near.Select(r => Run(r[0].From, r.Select(c => c.To))))}.");
        if (far.Count > 0) said.Add($"Turn it; from the other end: {Sentence.Join("; ", far.Select(r => Run(bar.Bar.Length - r[^1].To, r.AsEnumerable().Reverse().Select(c => bar.Bar.Length - c.From))))}.");
        return Sentence.Join(" ", said);
    }

    /// <summary>Pieces with no more than a saw cut between them.</summary>
    private static List<List<Cut>> Runs(IEnumerable<Cut> cuts)
    {
        List<List<Cut>> runs = [];
        foreach (var cut in cuts)
        {
            if (runs.Count > 0 && cut.From - runs[^1][^1].To <= CutPlan.Kerf + Slack) runs[^1].Add(cut);
            else runs.Add([cut]);
        }

        return runs;
    }

    private static Sentence Run(double from, IEnumerable<double> ends) => $"square it at {Amount.Length(from)}, then saw just past {Sentence.Join(", ", ends.Select(e => (Sentence)$"{Amount.Length(e)}"))}";
}
