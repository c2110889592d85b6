using System.Collections;
using System.Globalization;
using System.Reflection;
using System.Text.RegularExpressions;
using Metaplant.Core.Building;
using Metaplant.Core.Calculators;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;
using Metaplant.Core.Words;

namespace Metaplant.Core.Tests;

/// <summary>Every sentence that a whole yard, its designs and their plans can say, and every refusal of a measure: whether each is told in the reader's units, and in the right number.</summary>
public partial class SpokenOfTests
{
    private const int FewestSentences = 600;

    private static readonly Lazy<IReadOnlyList<Sentence>> All = new(() => [.. Collect()]);

    private static HashSet<Sentence> Collect()
    {
        var said = new HashSet<Sentence>();
        var seen = new HashSet<object>(ReferenceEqualityComparer.Instance);
        var room = Stockroom.Of(Yards.Whole);
        foreach (var idle in Idle.Of(Matcher.Match(Yards.Whole, Brief.Default, Aim.MostSoil), Yards.Whole)) Walk(idle.Why, said, seen, 0);
        foreach (var design in Catalogue.All)
        {
            Walk(Matcher.Match(design, Yards.Whole, Brief.Default, Aim.MostSoil), said, seen, 0);
            foreach (var lead in Leads.Of(design, room).Found)
            {
                var set = design.Settings(lead).ToDictionary(s => s.Id, s => s.Default);
                if (Draft.Of(design, new(lead, set, Brief.Default), room, Effort.Quick) is not { Ok: true, Value: var draft }) continue;
                var fit = Fit.Of(draft, room);
                Walk(fit, said, seen, 0);
                Walk(StandIn.For(fit, room).Select(s => s.Words).ToList(), said, seen, 0);
                foreach (var brief in Briefs) Walk(Assessing.Assessor.Assess(draft.Blueprint, brief, Fitness.Food), said, seen, 0);
                Walk(new Means(.1, 0, true, 3, Bare).Of(fit), said, seen, 0);
                Walk(design.Settings(lead), said, seen, 0);
                Walk(BuildPlan.Of(fit, Brief.Default, ToolShelf.Of(new Dictionary<string, ShelvedTool> { ["Drill"] = new(Having.Owned, "3 mm") }).OrThrow()), said, seen, 0);
            }
        }

        foreach (var thing in Yards.Whole.Things)
        {
            Walk(thing, said, seen, 0);
            Walk(thing.Thing.Kind.BreakDown(thing.Thing), said, seen, 0);
            Walk(UsablePart.Of(thing.Thing), said, seen, 0);
        }

        foreach (var kind in SalvageKinds.All)
        {
            Walk(kind.Fields, said, seen, 0);
            foreach (var field in kind.Fields) Walk(kind.Read(new Dictionary<string, double> { [field.Id] = field.Greatest * 2 }).Problems, said, seen, 0);
        }

        return said;
    }

    /// <summary>Every crop, and every kind of place and ground.</summary>
    private static IEnumerable<Brief> Briefs =>
    [
        .. Metaplant.Core.Growing.Crops.In(Brief.Default.Handbook).Select(c => Brief.Default with { Crop = c }),
        .. Enum.GetValues<Site>().Select(s => Brief.Default with { Site = s, PeopleAtEdge = true }),
    ];

    private static ToolShelf Bare => ToolShelf.Of(ToolShelf.All.ToDictionary(t => t, _ => new ShelvedTool(Having.Lacking))).OrThrow();

    /// <summary>Everything that can be come to from an object by its properties and items.</summary>
    private static void Walk(object? from, HashSet<Sentence> said, HashSet<object> seen, int depth)
    {
        if (from is null or string || depth > 14 || from.GetType() is { IsPrimitive: true } or { IsEnum: true }) return;
        if (from is Sentence sentence)
        {
            if (said.Add(sentence)) foreach (var inner in sentence.Arguments.OfType<Sentence>()) Walk(inner, said, seen, depth + 1);
            return;
        }

        if (!from.GetType().IsValueType && !seen.Add(from)) return;
        if (from is IDictionary map)
        {
            foreach (var value in map.Values) Walk(value, said, seen, depth + 1);
            return;
        }

        if (from is IEnumerable items)
        {
            foreach (var item in items) Walk(item, said, seen, depth + 1);
            return;
        }

        if (from.GetType().Namespace is not { } space || !space.StartsWith("Metaplant", StringComparison.Ordinal)) return;
        foreach (var property in from.GetType().GetProperties(BindingFlags.Public | BindingFlags.Instance))
        {
            if (property.GetIndexParameters().Length > 0 || property.PropertyType.IsByRefLike || typeof(Delegate).IsAssignableFrom(property.PropertyType)) continue;
            object? value;
            try
            {
                value = property.GetValue(from);
            }
            catch (TargetInvocationException)
            {
                // A property that has no meaning for this one.
                continue;
            }

            Walk(value, said, seen, depth + 1);
        }
    }

    [Fact]
    public void There_are_a_great_many() => All.Value.Count.ShouldBeGreaterThan(FewestSentences);

    [Fact]
    public void None_has_a_unit_in_its_words_or_in_a_name()
        => All.Value.SelectMany(s => s.Arguments.OfType<string>().Append(s.Pattern).Where(w => AnyUnit().IsMatch(w)).Select(w => $"{w} in {s}")).Distinct().ShouldBeEmpty();

    [Fact]
    public void A_number_before_a_word_is_a_count_that_knows_its_plural()
        => All.Value.Where(NumberBeforePlural).Select(s => s.ToString()).Distinct().ShouldBeEmpty();

    /// <summary>Whatever is counted in it told to be 0, 1 or 2: never "1 holes", never "2 hole".</summary>
    [Theory]
    [InlineData(0)]
    [InlineData(1)]
    [InlineData(2)]
    public void With_every_count_the_words_are_in_the_right_number(int count)
    {
        var counting = All.Value.Where(s => s.Arguments.OfType<Count>().Any()).ToList();
        counting.Count.ShouldBeGreaterThan(20);
        foreach (var sentence in counting)
        {
            var told = WithEach(sentence, count).ToString();
            OneOfMany().IsMatch(told).ShouldBeFalse(told);
            foreach (var of in sentence.Arguments.OfType<Count>()) told.ShouldContain($"{count} {(count == 1 ? of.One : of.More)}");
        }
    }

    private static Sentence WithEach(Sentence sentence, int count)
    {
        var same = new Sentence(0, 0);
        foreach (var (text, argument) in Pieces(sentence))
        {
            same.AppendLiteral(text);
            if (argument is Count c) same.AppendFormatted(c with { Number = count });
            else Put(same, argument);
        }

        return same;
    }

    private static void Put(Sentence into, object? argument)
    {
        switch (argument)
        {
            case Measured m: into.AppendFormatted(new Amount(m.Value, m.Unit)); break;
            case Count c: into.AppendFormatted(c); break;
            case int n: into.AppendFormatted(n); break;
            case Sentence inner: into.AppendFormatted(inner); break;
            case Trade trade: into.AppendFormatted(trade); break;
            case string name: into.AppendFormatted(name); break;
        }
    }

    [Fact]
    public void Told_in_inches_no_metric_unit_is_left_but_in_trade_names()
    {
        foreach (var sentence in All.Value) MetricUnit().IsMatch(Teller.UsCustomary.Tell(WithoutTrade(sentence))).ShouldBeFalse(sentence.ToString());
    }

    [Fact]
    public void Told_in_millimetres_no_unit_of_the_United_States_is_left()
    {
        foreach (var sentence in All.Value) UsUnit().IsMatch(Teller.Metric.Tell(WithoutTrade(sentence))).ShouldBeFalse(sentence.ToString());
    }

    /// <summary>A calculator's refusals are told in the reader's units too.</summary>
    [Fact]
    public void Every_calculator_refuses_in_sentences_without_a_unit_in_their_words()
    {
        foreach (var calculator in CalculatorShelf.All)
        {
            var refused = calculator.Reckon(new GivenFields(calculator.Inputs.OfType<NumberInput>().ToDictionary(i => i.Name, i => (Given)new GivenNumber(i.Greatest * 3))), Core.Materials.Handbook.Default);
            foreach (var problem in refused.Problems) AnyUnit().IsMatch(problem.Sentence.Pattern).ShouldBeFalse($"{calculator.Name}: {problem.Sentence}");
        }
    }

    /// <summary>The same with trade names left out, inside and out.</summary>
    private static Sentence WithoutTrade(Sentence sentence)
    {
        var same = new Sentence(0, 0);
        foreach (var (text, argument) in Pieces(sentence))
        {
            same.AppendLiteral(text);
            if (argument is Trade) continue;
            Put(same, argument switch { Sentence inner => WithoutTrade(inner), string name => TradeLike().Replace(name, ""), _ => argument });
        }

        return same;
    }

    /// <summary>The words before each argument, in order, and the words at the end.</summary>
    private static IEnumerable<(string Text, object? Argument)> Pieces(Sentence sentence)
    {
        var at = 0;
        foreach (Match hole in Hole().Matches(sentence.Pattern))
        {
            yield return (sentence.Pattern[at..hole.Index], sentence.Arguments[int.Parse(hole.Groups["n"].Value, CultureInfo.InvariantCulture)]);
            at = hole.Index + hole.Length;
        }

        yield return (sentence.Pattern[at..], null);
    }

    /// <summary>"{0} boards" with a bare number is right for all but one of them.</summary>
    private static bool NumberBeforePlural(Sentence sentence)
        => Hole().Matches(sentence.Pattern).Any(h => sentence.Arguments[int.Parse(h.Groups["n"].Value, CultureInfo.InvariantCulture)] is int && Plural().IsMatch(sentence.Pattern[(h.Index + h.Length)..]));

    [GeneratedRegex(@"\{(?<n>\d+)\}", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Hole();

    [GeneratedRegex(@"^ (?!times\b|across\b|as\b|is\b)[a-z]+s\b", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Plural();

    [GeneratedRegex(@"(?<![\d.,/ ])1 (?!across|is|as|this|thus|cosmos)[a-z]+[^su]s\b", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex OneOfMany();

    [GeneratedRegex(@"\d+(\.\d+)? × \d+ mm|\bM\d+\b", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex TradeLike();

    [GeneratedRegex(@"\d\s?(mm|cm|m|m²|m³|litres?|l|kg|N|kN|kPa|MPa|GPa|°C|mm/h|m/s|kg/m³)(?![\w/²³])", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex MetricUnit();

    [GeneratedRegex(@"\d\s?(in(?! each\b| a box\b)|ft|US gal|gal|lb|oz|lbf|psi|mph|°F|sq ft|cu ft)(?![\w/])", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex UsUnit();

    [GeneratedRegex(@"(?<!× )\b\d+([.,]\d+)?\s?(mm|cm|m|m²|m³|litres?|kg|kN|kPa|MPa|°C|in(?! each\b)|ft|gal|lb)(?![\w/²³])(?! of| \d)", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex AnyUnit();
}
