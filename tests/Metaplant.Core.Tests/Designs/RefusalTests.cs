using System.Text;
using System.Text.RegularExpressions;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Designs;

/// <summary>
/// Every sentence with which a design refuses to be made of something, and every one with which a professional is asked, as they stand in the source: each is reached here. The table of them is docs/refusals.md; METAPLANT_DRAW=1 writes it anew.
/// </summary>
public class RefusalTests
{
    private const char Gap = '…';

    /// <summary>Ids of refused things begin here.</summary>
    private const int Refused = 1000;

    private static readonly string Core = Path.Combine(MethodPageTests.Root, "src", "Metaplant.Core");
    private static readonly string Table = Path.Combine(MethodPageTests.Root, "docs", "refusals.md");

    /// <summary>A thing of every kind and stuff in its usual measures, and with each measure at its least and greatest and each sign on it.</summary>
    private static readonly Lazy<Heap> EveryThing = new(() => A.Heap([.. Things().Select((make, i) => make(i + 1)).OfType<Thing>()]));

    [Fact]
    public void Every_sentence_that_refuses_a_lead_is_reached_and_stands_in_the_table()
    {
        var room = Stockroom.Of(EveryThing.Value);
        List<string> rows = [], lacking = [];
        foreach (var design in Catalogue.All)
        {
            var said = Leads.Of(design, room).Others.Select(o => o.Why.ToString()).Distinct().ToList();
            foreach (var template in LeadSentences(design))
            {
                lacking.AddRange(said.Exists(s => Matches(template, s)) ? [] : [$"{design.Id} never says: {template}"]);
                rows.Add($"| {design.Name} | {template} |");
            }
        }

        lacking.ShouldBeEmpty();
        rows.Count.ShouldBeGreaterThan(20);
        Section("leads", ["| design | it is not made of this, with the sentence |", "|---|---|", .. rows]);
    }

    [Fact]
    public void Every_sentence_that_asks_a_professional_is_reached_and_stands_in_the_table_with_the_designs_that_say_it()
    {
        var said = Asked().Distinct().ToList();
        var rows = new List<string>();
        foreach (var template in ProfessionalSentences())
        {
            var by = said.Where(s => Matches(template, s.Words)).ToList();
            by.ShouldNotBeEmpty($"nobody is asked with: {template}");
            rows.Add($"| {string.Join(", ", by.Select(s => s.Name).Distinct().Order(StringComparer.Ordinal))} | {template} | {string.Join(", ", by.Select(s => s.Design).Distinct().Order(StringComparer.Ordinal))} |");
        }

        // And no check asks with a sentence that is not in the table.
        said.ShouldAllBe(s => ProfessionalSentences().Any(t => Matches(t, s.Words)));
        Section("professional", ["| check | a professional is asked, with the sentence | designs |", "|---|---|---|", .. rows]);
    }

    [Fact]
    public void What_is_refused_by_what_was_seen_on_it_is_in_no_planter_by_any_road()
    {
        List<(string What, Thing Thing)> refused = [];
        void Try(string what, SalvageKind kind, Substance substance, params string[] findings)
        {
            if (Thing.Create(Refused + refused.Count, Refused + refused.Count, $"{kind.Name}, {what}", kind.Id, 12, kind.Fields.ToDictionary(f => f.Id, f => f.Typical), substance, findings, []) is { Ok: true, Value: var thing } && IsRefused(thing)) refused.Add((what, thing));
        }

        foreach (var kind in SalvageKinds.All)
        {
            foreach (var substance in kind.Substances)
            {
                Try(substance.Name(), kind, substance);
                // Of what is not refused for its stuff, by each sign that is looked for on it.
                if (refused.Count > 0 && refused[^1].Thing.Kind == kind && refused[^1].Thing.Substance == substance) continue;
                foreach (var finding in kind.LookFor.Select(Findings.Find).OfType<Finding>()) Try(finding.Words, kind, substance, finding.Id);
            }
        }

        refused.Select(r => r.What).Distinct().Count().ShouldBeGreaterThan(8);
        var heap = A.Heap([.. Yards.Whole.Things.Select(t => t.Thing), .. refused.Select(r => r.Thing)]);
        var fits = Matcher.Match(heap, Brief.Default, Aim.MostSoil).SelectMany(m => m.Others.Append(m.Best)).OfType<Fit>().ToList();
        fits.Select(f => f.Design).Distinct().Count().ShouldBe(Catalogue.All.Count);
        foreach (var fit in fits) fit.Cast.Takes.ShouldAllBe(t => t.ThingId < Refused, fit.Design.Id);
        Section("seen", ["| seen on it, or its stuff | what is said of it |", "|---|---|", .. refused.DistinctBy(r => r.What).OrderBy(r => r.What, StringComparer.Ordinal).Select(r => $"| {r.What} | {Inspection.Judge(r.Thing, HouseRules.Default).Reasons[0].Sentence} |")]);
    }

    private static bool IsRefused(Thing thing) => Inspection.Judge(thing, HouseRules.Default).Fitness == Fitness.Refused;

    private static IEnumerable<Func<int, Thing?>> Things()
    {
        foreach (var kind in SalvageKinds.All)
        {
            var usual = kind.Fields.ToDictionary(f => f.Id, f => f.Typical);
            string[] good = [.. new[] { Findings.LookedOver, Findings.HeldFood, Findings.HeatMark }.Where(kind.LookFor.Contains)];
            foreach (var substance in kind.Substances)
            {
                yield return Make(kind, usual, substance, good);
                foreach (var (id, value) in kind.Fields.SelectMany(f => new[] { f.Least, f.Typical / 2, f.Typical * 2, f.Greatest }.Select(v => (f.Id, Math.Clamp(v, f.Least, f.Greatest)))))
                    yield return Make(kind, new(usual) { [id] = value }, substance, good);
                foreach (var finding in kind.LookFor) yield return Make(kind, usual, substance, [.. good, finding]);
            }

            // And small altogether.
            yield return Make(kind, kind.Fields.ToDictionary(f => f.Id, f => f.Unit == Unit.Count ? f.Typical : Math.Clamp(f.Typical / 5, f.Least, f.Greatest)), kind.Substances[0], good);
        }

        yield return id => A.Thing("pallet", id: id, findings: [Findings.HeatMark], measures: [("slats", 7)], faults: [.. Enumerable.Range(1, 7).Select(n => new Fault($"slat-{n}", 0, 0))]);
        yield return id => A.Thing("board", id: id, measures: [("width", .06), ("thickness", .04)]);
        yield return id => A.Thing("rods", id: id, measures: [("shortest", .5), ("longest", .7), ("butt", .016)]);
        yield return id => A.Thing("rods", id: id, measures: [("shortest", .4), ("longest", .6)]);
    }

    private static Func<int, Thing?> Make(SalvageKind kind, Dictionary<string, double> values, Substance substance, string[] findings)
        => id => Thing.Create(id, id, $"{kind.Name} {id}", kind.Id, 1, values, substance, findings, []) is { Ok: true, Value: var thing } ? thing : null;

    /// <summary>All designs, as usual and as high and as low as they go, wherever they may stand.</summary>
    private static IEnumerable<(string Design, string Name, string Words)> Asked()
    {
        var heaps = new[]
        {
            Yards.Whole,
            A.Heap(A.Thing("drum", findings: [Findings.HeldFood], measures: [("height", 1.5), ("diameter", .9)]), A.Thing("sack", id: 2, findings: [Findings.HeldFood], substance: Substance.SyntheticFibre, measures: [("height", 1.6), ("flatWidth", 1.2)]), A.Thing("grit", id: 3)),
            // A thin vessel that nobody may prove: cracked, and so wide that its floor bends too far.
            A.Heap(A.Thing("tapered-tub", findings: [Findings.HeldFood, Findings.Cracked], substance: Substance.Polyethylene, measures: [("topLength", 1.4), ("topWidth", .9), ("height", .6), ("bottomLength", 1.3), ("bottomWidth", .8), ("wall", .003)]), A.Thing("post", 6, id: 2)),
        };
        foreach (var room in heaps.Select(h => Stockroom.Of(h)))
        {
            foreach (var design in Catalogue.All)
            {
                foreach (var lead in Leads.Of(design, room).Found)
                {
                    foreach (var brief in Briefs())
                    {
                        var settings = design.Settings(lead);
                        foreach (var pick in (Func<Setting, double>[])[s => s.Default, s => s.Stops[^1].Value, s => s.Id is "height" or "long" ? s.Stops[^1].Value : s.Default, s => s.LeastThatHolds ? s.Stops[^1].Value : s.Default])
                        {
                            if (Draft.Of(design, new(lead, settings.ToDictionary(s => s.Id, pick), brief), room) is not { Ok: true, Value: var draft }) continue;
                            foreach (var check in draft.Checks().Where(c => c.Verdict == Verdict.AskAProfessional)) yield return (design.Name, check.Name, check.Words.ToString());
                        }
                    }
                }
            }
        }
    }

    private static IEnumerable<Brief> Briefs() =>
    [
        Brief.Default, Brief.Default with { GroundId = "firm-sand" }, .. Enum.GetValues<Site>().Where(s => s != Site.Soil).Select(s => Brief.Default with { Site = s }),
    ];

    /// <summary>What a design says in Also and WhyNot of its lead, measures left out.</summary>
    private static IEnumerable<string> LeadSentences(Design design)
    {
        var source = File.ReadAllText(Path.Combine(Core, "Designs", design.GetType().Name + ".cs"));
        var lead = source.IndexOf("override Role Lead", StringComparison.Ordinal);
        var also = source[lead..source.IndexOf("public override", lead + 10, StringComparison.Ordinal)];
        var begins = source.IndexOf("static Sentence? WhyNot(", StringComparison.Ordinal);
        var whyNot = begins < 0 ? "" : source[begins..source.IndexOf("\n    }\n", begins, StringComparison.Ordinal)];
        return Literals(also[Math.Max(0, also.IndexOf("Also =", StringComparison.Ordinal))..]).Concat(Literals(whyNot)).Concat(Shared(also + whyNot).SelectMany(Literals)).Where(s => s.EndsWith('.')).Distinct();
    }

    /// <summary>What several designs say stands in a file they share: the functions of these that a piece of source asks why not.</summary>
    private static IEnumerable<string> Shared(string source)
    {
        foreach (Match call in Regex.Matches(source, @"(?<file>\w+)\.(?<name>\w+)\(", RegexOptions.ExplicitCapture, TimeSpan.FromSeconds(5)))
        {
            var file = Path.Combine(Core, "Designs", "Shared", call.Groups["file"].Value + ".cs");
            if (!File.Exists(file)) continue;
            var text = File.ReadAllText(file);
            var begins = text.IndexOf($"static Sentence? {call.Groups["name"].Value}(", StringComparison.Ordinal);
            if (begins >= 0) yield return text[begins..text.IndexOf("\n\n", begins, StringComparison.Ordinal)];
        }
    }

    private static IReadOnlyList<string> ProfessionalSentences() =>
    [
        .. Directory.EnumerateFiles(Core, "*.cs", SearchOption.AllDirectories)
            .Where(f => !f.Contains($"{Path.DirectorySeparatorChar}obj{Path.DirectorySeparatorChar}", StringComparison.Ordinal) && !f.Contains("Calculators", StringComparison.Ordinal)).Order(StringComparer.Ordinal)
            .SelectMany(f => Calls(File.ReadAllText(f), "Check.AskAProfessional("))
            .Select(call => Literals(call).LastOrDefault(s => s.EndsWith('.')))
            .OfType<string>().Distinct(),
    ];

    /// <summary>What stands between the brackets of every call.</summary>
    private static IEnumerable<string> Calls(string source, string call)
    {
        for (var at = source.IndexOf(call, StringComparison.Ordinal); at >= 0; at = source.IndexOf(call, at + 1, StringComparison.Ordinal))
        {
            var (from, depth, quoted) = (at + call.Length, 1, false);
            var to = from;
            for (; depth > 0; to++)
            {
                if (source[to] == '"') quoted = !quoted;
                else if (!quoted && source[to] == '(') depth++;
                else if (!quoted && source[to] == ')') depth--;
            }

            yield return source[from..(to - 1)];
        }
    }

    /// <summary>The strings of a piece of source, with a gap where a measure or a name goes in.</summary>
    private static IEnumerable<string> Literals(string source)
    {
        for (var i = 0; i < source.Length; i++)
        {
            if (source[i] != '"') continue;
            var filled = i > 0 && source[i - 1] == '$';
            var text = new StringBuilder();
            var depth = 0;
            for (i++; i < source.Length && (source[i] != '"' || depth > 0); i++)
            {
                if (filled && source[i] == '{' && depth++ == 0) text.Append(Gap);
                else if (filled && source[i] == '}') depth--;
                else if (depth == 0) text.Append(source[i]);
            }

            yield return text.ToString();
        }
    }

    /// <summary>True where a sentence has the words of a template in their order, with something in every gap.</summary>
    private static bool Matches(string template, string said)
    {
        var pieces = template.Split(Gap);
        if (!said.StartsWith(pieces[0], StringComparison.Ordinal)) return false;
        var at = pieces[0].Length;
        foreach (var piece in pieces.Skip(1))
        {
            var found = piece.Length == 0 ? said.Length : said.IndexOf(piece, Math.Min(said.Length, at + 1), StringComparison.Ordinal);
            if (found <= at) return false;
            at = found + piece.Length;
        }

        return at == said.Length;
    }

    private static void Section(string name, IEnumerable<string> rows)
    {
        string start = $"<!-- {name} -->\n", end = $"<!-- /{name} -->", page = File.ReadAllText(Table), wanted = string.Join('\n', rows) + "\n";
        int from = page.IndexOf(start, StringComparison.Ordinal) + start.Length, to = page.IndexOf(end, StringComparison.Ordinal);
        if (Environment.GetEnvironmentVariable("METAPLANT_DRAW") == "1") File.WriteAllText(Table, page[..from] + wanted + page[to..]);
        else page[from..to].ShouldBe(wanted);
    }
}
