using System.Globalization;
using System.Text.RegularExpressions;
using Metaplant.Core.Calculators;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Tests.Calculators;

namespace Metaplant.Core.Tests;

/// <summary>The page that explains the method says what the core does: its examples are run and its drawings compared.</summary>
public partial class MethodPageTests
{
    private static readonly string Docs = FindDocs();

    /// <summary>The folder of the whole project.</summary>
    internal static string Root => Path.GetDirectoryName(Docs)!;

    public static TheoryData<string> Examples => [.. Blocks().Matches(File.ReadAllText(Path.Combine(Docs, "method.md"))).SelectMany(b => b.Groups["block"].Value.Split('\n', StringSplitOptions.RemoveEmptyEntries))];

    public static TheoryData<string> Drawings => [.. Pictures().Matches(File.ReadAllText(Path.Combine(Docs, "method.md"))).Select(m => m.Groups["name"].Value).Distinct()];

    [Theory]
    [MemberData(nameof(Examples))]
    public void An_example_comes_out_as_it_is_printed(string line)
    {
        var parts = Example().Match(line);
        parts.Success.ShouldBeTrue(line);
        var answer = CalculatorShelf.Find(parts.Groups["name"].Value)!.Reckon(Working.Given(parts.Groups["inputs"].Value), Handbook.Default).OrThrow();
        answer.Value!.Value.Near(Number(parts.Groups["value"].Value));
        for (var i = 0; i < parts.Groups["also"].Captures.Count; i++) answer.Number(parts.Groups["also"].Captures[i].Value).Near(Number(parts.Groups["number"].Captures[i].Value));
    }

    /// <summary>Run with METAPLANT_DRAW=1 to draw them anew.</summary>
    [Theory]
    [MemberData(nameof(Drawings))]
    public void A_drawing_is_the_one_the_core_draws(string name)
    {
        var calculator = CalculatorShelf.Find(name)!;
        var inputs = name == "settling"
            ? Working.Fields(new { layers = new object[] { new { fill = "Logs", thickness = .20 }, new { fill = "Sticks", thickness = .10 }, new { fill = "Compost", thickness = .15 }, new { fill = "Topsoil", thickness = .20 } }, years = 1 })
            : Working.Typical(calculator);
        var svg = SvgWriter.Write(calculator.Draw(inputs, Handbook.Default).OrThrow(), Core.Words.Teller.Metric);
        var file = Path.Combine(Docs, "drawings", name + ".svg");
        if (Environment.GetEnvironmentVariable("METAPLANT_DRAW") == "1")
        {
            Directory.CreateDirectory(Path.GetDirectoryName(file)!);
            File.WriteAllText(file, svg);
        }

        File.ReadAllText(file).ShouldBe(svg);
    }

    [Fact]
    public void Every_sum_has_an_example() => CalculatorShelf.All.Select(c => c.Name).Except(Examples.Select(e => e.Data.Split(' ')[0])).ShouldBeEmpty();

    [Fact]
    public void The_table_of_kinds_is_that_of_the_core()
    {
        const string Start = "<!-- kinds -->\n", End = "<!-- /kinds -->";
        var file = Path.Combine(Docs, "method.md");
        var page = File.ReadAllText(file);
        int from = page.IndexOf(Start, StringComparison.Ordinal) + Start.Length, to = page.IndexOf(End, StringComparison.Ordinal);
        if (Environment.GetEnvironmentVariable("METAPLANT_DRAW") == "1") File.WriteAllText(file, page[..from] + KindTable() + page[to..]);
        page = File.ReadAllText(file);
        page[from..page.IndexOf(End, StringComparison.Ordinal)].ShouldBe(KindTable());
    }

    private static string KindTable()
    {
        var rows = SalvageKinds.All.Select(k =>
        {
            var ways = k.BreakDown(A.Thing(k.Id)).Select(w => $"**{w.Name}**, {w.Minutes:0} min: {string.Join(", ", w.Yields.Select(y => $"{y.Expected:0.#} {y.Name.ToLowerInvariant()} {Size(y)}"))}");
            return $"| {k.Group} | {k.Name} | {string.Join(", ", k.Fields.Select(f => f.Name.ToLowerInvariant()))} | {string.Join("; ", ways)} |\n";
        });
        return "| form | kind | measures | ways and what they give |\n|---|---|---|---|\n" + string.Concat(rows);

        static string Size(Yield y) => string.Join(" × ", new[] { y.Length, y.Width, y.Thickness }.Where(m => m > 0).Select(m => $"{m * 1000:0.#}"));
    }

    private static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);

    private static string FindDocs()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Metaplant.slnx"))) folder = folder.Parent!;
        return Path.Combine(folder.FullName, "docs");
    }

    [GeneratedRegex("```sums\n(?<block>.*?)```", RegexOptions.Singleline | RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Blocks();

    [GeneratedRegex(@"drawings/(?<name>[a-z-]+)\.svg", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Pictures();

    [GeneratedRegex(@"^(?<name>[a-z-]+) (?<inputs>\{.*\}) = (?<value>[\d.]+)( (?<also>[a-zA-Z]+) (?<number>[\d.]+))*$", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Example();
}
