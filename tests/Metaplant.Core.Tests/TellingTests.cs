using System.Globalization;
using System.Runtime.CompilerServices;
using Metaplant.Core.Sums;
using Metaplant.Core.Words;

namespace Metaplant.Core.Tests;

/// <summary>Values as a gardener with a metric tape, or one in inches, reads them.</summary>
public class TellingTests
{
    public static TheoryData<double, Unit, string, string> Table()
    {
        var table = new TheoryData<double, Unit, string, string>();
        foreach (var line in File.ReadLines(Beside("../telling.txt")).Where(l => !l.StartsWith('#')))
        {
            var cells = line.Split(" | ");
            table.Add(double.Parse(cells[0], CultureInfo.InvariantCulture), Enum.Parse<Unit>(cells[1]), cells[2].Replace('_', '\u2009'), cells[3].Replace('_', '\u2009'));
        }

        return table;
    }

    [Theory]
    [MemberData(nameof(Table))]
    public void A_value_is_told_as_the_table_has_it(double value, Unit unit, string metric, string us)
    {
        Teller.Metric.Show(value, unit).ToString().ShouldBe(metric);
        Teller.UsCustomary.Show(value, unit).ToString().ShouldBe(us);
    }

    [Fact]
    public void The_table_has_every_unit() => Table().Select(r => r.Data.Item2).Distinct().ShouldBe(Enum.GetValues<Unit>(), ignoreOrder: true);

    [Fact]
    public void Decimals_follow_a_comma_where_they_do()
    {
        var comma = Teller.Metric with { Decimal = ',', Currency = "kr" };
        comma.Show(.0025, Unit.Metre).ToString().ShouldBe("2,5 mm");
        comma.Show(1234.5, Unit.Money).ToString().ShouldBe("kr 1234,50");
    }

    [Fact]
    public void Litres_are_told_in_barrows_where_somebody_wants_barrows()
    {
        var barrows = Teller.Metric with { Volumes = new("barrow", .080) };
        barrows.Show(.32, Unit.CubicMetre).ToString().ShouldBe("4 barrows");
        barrows.Show(.08, Unit.CubicMetre).ToString().ShouldBe("1 barrow");
        barrows.Show(.104, Unit.CubicMetre).ToString().ShouldBe("1.3 barrows");
    }

    [Theory]
    [InlineData(0, "Drive 0 pegs, 300 mm deep.")]
    [InlineData(1, "Drive 1 peg, 300 mm deep.")]
    [InlineData(2, "Drive 2 pegs, 300 mm deep.")]
    public void So_many_of_something_are_told_in_the_right_number(int count, string told)
    {
        Sentence sentence = $"Drive {new Count(count, "peg", "pegs")}, {Amount.Length(.3)} deep.";
        sentence.ToString().ShouldBe(told);
    }

    [Fact]
    public void A_trade_name_reads_the_same_everywhere()
    {
        Sentence sentence = $"Bolt {new Trade("M8")}, {Amount.Length(.06)} long";
        Teller.UsCustomary.Tell(sentence).ShouldBe("Bolt M8, 2 3/8 in long");
    }

    [Fact]
    public void Going_on_from_other_words_it_begins_small()
    {
        Sentence whole = $"Fill it to {Amount.Length(.05)} below the rim.";
        whole.GoingOn().ToString().ShouldBe("fill it to 50 mm below the rim.");
        Sentence nested = $"{whole} Water it.";
        nested.GoingOn().ToString().ShouldStartWith("fill it to");
    }

    [Fact]
    public void Joined_sentences_are_told_together()
        => Teller.UsCustomary.Tell(Sentence.Join(", ", [$"{Amount.Length(.0254)}", "and", $"{Amount.Volume(.208)}"])).ShouldBe("1 in, and, 55 US gal");

    [Fact]
    public void What_is_no_number_is_told_as_none()
    {
        Teller.Metric.Show(double.NaN, Unit.Metre).ToString().ShouldBe("no number");
        Teller.UsCustomary.Show(double.PositiveInfinity, Unit.Pascal).ToString().ShouldBe("no number");
    }

    private static string Beside(string file, [CallerFilePath] string here = "") => Path.Combine(Path.GetDirectoryName(here)!, file);
}
