using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Spoken;

/// <summary>What a line may mean: a kind with its form filled in.</summary>
/// <param name="Taken">Ids of the measures that were said; the others are typical, or worked back from a volume that was.</param>
/// <param name="Trade">The name timber is sold by, where that was said; its true section is among the measures.</param>
/// <param name="Score">From 0 to 1: how well the words fit.</param>
public sealed record Heard(SalvageKind Kind, Substance Substance, string Name, int Count, IReadOnlyDictionary<string, double> Measures, IReadOnlyList<string> Taken, IReadOnlyList<string> Findings, HeardTrade? Trade, double Score);

/// <summary>Timber said by the name it is sold by: the measures that are true of it, and those that the name would say, by field of the kind.</summary>
public sealed record HeardTrade(string Name, IReadOnlyDictionary<string, double> Sold, IReadOnlyDictionary<string, double> Said);

/// <summary>Finds kinds by what people call them, slips of the finger forgiven, and fills in what else they say.</summary>
public static class Hearing
{
    /// <summary>Below this a word is no match at all.</summary>
    private const double Least = .45;

    /// <summary>
    /// What a line may mean, the best first and at most <paramref name="most"/>; every kind in its usual order where nothing is said. Equal scores keep the order of the table of words.
    /// </summary>
    public static IReadOnlyList<Heard> Of(SpokenLine line, int most)
    {
        var words = KindWords.Plain(line.Words).Split(' ', StringSplitOptions.RemoveEmptyEntries);
        if (words.Length == 0) return line.Trade is null ? [] : [Fill(line, new(SalvageKinds.Find("post")!, null, "post"), words, 1)];
        return
        [
            .. KindWords.All.Select((called, i) => (called, i, Score: Score(called.Phrase.Split(' '), words)))
                .Where(c => c.Score >= Least)
                .GroupBy(c => c.called.Kind.Id).Select(g => g.OrderByDescending(c => c.Score).ThenBy(c => c.i).First())
                .OrderByDescending(c => c.Score).ThenBy(c => c.i)
                .Take(most).Select(c => Fill(line, c.called, words, c.Score)),
        ];
    }

    /// <summary>
    /// How well a phrase fits the words: the mean of its words' best fits, more for longer phrases and for those that end the line, since what a thing is stands last ("scaffold board"). A phrase of which only the last word was said fits just well enough to be shown.
    /// </summary>
    private static double Score(string[] phrase, string[] words)
    {
        var sum = 0.0;
        var last = -1;
        var unsaid = 0;
        foreach (var part in phrase)
        {
            var (best, at) = (0.0, -1);
            for (var i = 0; i < words.Length; i++)
            {
                var fit = Fit(part, words[i], i == words.Length - 1);
                if (fit > best) (best, at) = (fit, i);
            }

            if (best < Least)
            {
                // "Pallet" may be half of "half pallet"; "half" is not.
                if (part == phrase[^1]) return 0;
                unsaid++;
                continue;
            }

            sum += best;
            last = Math.Max(last, at);
        }

        if (unsaid > 0) return Math.Min(Least + .1, Least * sum);

        var mean = sum / phrase.Length;
        return Math.Min(1, (mean * .8) + (.12 * Math.Min(phrase.Length, words.Length) / words.Length) + (last == words.Length - 1 ? .05 : 0) + (phrase.Length > 1 ? .03 : 0));
    }

    /// <summary>1 for the same word; less for one that is still being typed, and for one with a slip: a letter too many, too few, another or two exchanged; two slips in a long word.</summary>
    private static double Fit(string part, string word, bool typing)
    {
        if (part == word) return 1;
        if (word.Length >= 2 && part.StartsWith(word, StringComparison.Ordinal)) return typing ? .78 + (.15 * word.Length / part.Length) : .5;
        var allowed = Math.Min(part.Length, word.Length) switch { < 4 => 0, < 8 => 1, _ => 2 };
        if (allowed == 0 || Math.Abs(part.Length - word.Length) > allowed) return 0;
        var slips = Slips(part, word);
        return slips <= allowed ? .85 - (.1 * slips) : 0;
    }

    /// <summary>Optimal string alignment distance: insertions, deletions, replacements and neighbours exchanged.</summary>
    internal static int Slips(string a, string b)
    {
        var d = new int[a.Length + 1, b.Length + 1];
        for (var i = 0; i <= a.Length; i++) d[i, 0] = i;
        for (var j = 0; j <= b.Length; j++) d[0, j] = j;
        for (var i = 1; i <= a.Length; i++)
        {
            for (var j = 1; j <= b.Length; j++)
            {
                d[i, j] = Math.Min(Math.Min(d[i - 1, j], d[i, j - 1]) + 1, d[i - 1, j - 1] + (a[i - 1] == b[j - 1] ? 0 : 1));
                if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1]) d[i, j] = Math.Min(d[i, j], d[i - 2, j - 2] + 1);
            }
        }

        return d[a.Length, b.Length];
    }

    private static Heard Fill(SpokenLine line, CalledBy called, string[] words, double score)
    {
        var kind = called.Kind;
        var measures = kind.Fields.ToDictionary(f => f.Id, f => f.Typical, StringComparer.Ordinal);
        var taken = new List<string>();
        var asked = kind.Fields.Where(f => f.Unit == Unit.Metre).OrderByDescending(f => f.Quick).ToList();
        var trade = line.Trade is { } named ? Sections(named, asked) : null;
        foreach (var (length, field) in line.Lengths.Zip(asked.Where(f => trade?.Sold.ContainsKey(f.Id) != true))) Take(field.Id, length);
        foreach (var (id, length) in trade?.Sold ?? new Dictionary<string, double>()) Take(id, length);
        if (line.Volume is { } volume) Holding(kind, volume, measures, taken);
        var name = line.Words.Length > 0 ? char.ToUpperInvariant(line.Words[0]) + line.Words[1..] : line.Trade?.Name ?? kind.Name;
        return new(kind, SubstanceOf(called, words), name, line.Count, measures, taken, [.. line.Findings.Where(f => kind.LookFor.Contains(f))], trade, score);

        void Take(string id, double length)
        {
            measures[id] = length;
            taken.Add(id);
        }
    }

    /// <summary>The section after the length that is asked first: the wide side, then the thin one.</summary>
    private static HeardTrade Sections(TradeSection trade, List<MeasureField> asked)
    {
        var fields = asked.Skip(1).Take(2).Select(f => f.Id).ToList();
        return new(trade.Name, Of(trade.Wide, trade.Thin), Of(trade.WideAsSaid, trade.ThinAsSaid));

        Dictionary<string, double> Of(params double[] sides) => fields.Zip(sides).ToDictionary(s => s.First, s => s.Second, StringComparer.Ordinal);
    }

    /// <summary>What it is made of, if the words say so and the kind can be of it; else what it mostly is.</summary>
    private static Substance SubstanceOf(CalledBy called, string[] words)
    {
        if (called.Substance is { } said && called.Kind.Substances.Contains(said)) return said;
        foreach (var (word, of) in KindWords.OfSubstances)
        {
            if (words.Contains(word) && of.Where(called.Kind.Substances.Contains).Cast<Substance?>().FirstOrDefault() is { } substance) return substance;
        }

        return called.Kind.Substances[0];
    }

    /// <summary>A volume that was said is the load's own; of a vessel it sizes the typical one to hold so much, which is no measure taken.</summary>
    private static void Holding(SalvageKind kind, double volume, Dictionary<string, double> measures, List<string> taken)
    {
        if (kind.Fields.FirstOrDefault(f => f.Unit == Unit.CubicMetre) is { } field)
        {
            measures[field.Id] = volume;
            taken.Add(field.Id);
            return;
        }

        // Solids of one shape hold as the cubes of their lengths.
        if (taken.Count > 0 || kind.Read(measures) is not { Ok: true, Value: IVessel vessel }) return;
        var by = Math.Cbrt(volume / vessel.Inside.Volume);
        var sized = kind.Fields.Where(f => f.Unit == Unit.Metre && f.Id != "wall").ToDictionary(f => f.Id, f => Math.Round(f.Typical * by, 3), StringComparer.Ordinal);
        if (!kind.Read(measures.ToDictionary(m => m.Key, m => sized.GetValueOrDefault(m.Key, m.Value), StringComparer.Ordinal)).Ok) return;
        foreach (var (id, value) in sized) measures[id] = value;
    }
}
