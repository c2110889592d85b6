using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Core.Words;

namespace Metaplant.Core.Tests.Matching;

/// <summary>Whatever find its form accepts, down to the ends of every range, is matched and drawn.</summary>
public class AnyFindTests
{
    public static TheoryData<string> Kinds => [.. SalvageKinds.All.Select(k => k.Id)];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void A_find_that_is_accepted_is_matched_and_drawn(string kindId)
    {
        var kind = SalvageKinds.Find(kindId)!;
        var random = new Random(kindId.Sum(c => c));
        for (var i = 0; i < 5; i++)
        {
            var find = Thing.Create(1, 1, "Find", kindId, random.Next(1, 40), kind.Fields.ToDictionary(f => f.Id, f => Any(f, random)), kind.Substances[random.Next(kind.Substances.Count)], kind.LookFor.Contains(Findings.LookedOver) ? [Findings.LookedOver] : [], []);
            if (!find.Ok) continue;
            var heap = Heap.Of([find.Value, .. Helpers], HouseRules.Default);
            foreach (var match in Matcher.Match(heap, Brief.Default, Aim.MostSoil))
            {
                match.Failure.ShouldBeNull($"{match.Design.Id} of {string.Join(", ", find.Value.Values)}");
                if (match.Best is not { } best) continue;
                foreach (var told in (string[])[.. best.Assessment.Hold.Checks.Select(c => Teller.UsCustomary.Tell(c.Words)), .. best.Blueprint.Operations().Select(o => Teller.UsCustomary.Tell(o.Words)), Teller.UsCustomary.Tell(best.Assessment.Grow.Words), Teller.UsCustomary.Tell(best.Assessment.Drain.Words)])
                    told.ShouldNotContain("no number", customMessage: $"{match.Design.Id} of {string.Join(", ", find.Value.Values)}");
                best.Cast.Asked.ShouldAllBe(n => n.Amount >= 0, $"{match.Design.Id} of {string.Join(", ", find.Value.Values)}");
                DrawingBoard.Open(match.Design, best.Lead, best.Set.Values, Brief.Default, heap).Ok.ShouldBeTrue();
            }
        }
    }

    [Fact]
    public void What_was_poured_full_of_two_litres_and_is_taller_than_a_child_is_refused_in_words()
    {
        var vessel = Thing.Create(1, 1, "Lamp post", "poured", 1, new Dictionary<string, double> { ["volume"] = .002, ["height"] = 1.5 }, null, [Findings.LookedOver], []).OrThrow();
        var match = Matcher.Match(Catalogue.Find("drilled-tub")!, Heap.Of([vessel, .. Helpers], HouseRules.Default), Brief.Default, Aim.MostSoil);
        match.Standing.ShouldNotBe(Standing.WillDo);
        match.Failure.ShouldBeNull();
        match.Why!.ToString().ShouldNotBeNullOrWhiteSpace();
    }

    [Fact]
    public void One_source_that_cannot_be_worked_out_costs_its_design_a_line_and_the_others_nothing()
    {
        var match = Matcher.Match(new Broken(), Heap.Of(Helpers, HouseRules.Default), Brief.Default, Aim.MostSoil);
        match.Standing.ShouldBe(Standing.WontDo);
        match.Why!.ToString().ShouldBe("board: It could not be worked out; what went wrong is told to the log.");
        match.Failure.ShouldBeOfType<DivideByZeroException>();
    }

    private static IEnumerable<Thing> Helpers =>
    [
        .. new[] { "board", "post", "fabric", "film", "line", "fixings", "soil", "branches" }
            .Select((kind, i) => Thing.Create(i + 2, i + 2, kind, kind, 20, new Dictionary<string, double>(), null, [Findings.LookedOver], []).Value).OfType<Thing>(),
    ];

    private static double Any(MeasureField f, Random random)
    {
        var value = random.Next(4) switch
        {
            0 => f.Least,
            1 => f.Greatest,
            2 => f.Typical,
            _ => f.Least + ((f.Greatest - f.Least) * random.NextDouble()),
        };
        return f.Unit == Unit.Count ? Math.Round(value) : value;
    }

    /// <summary>A design with a fault in it.</summary>
    private sealed class Broken : Design
    {
        public override string Id => "broken";

        public override string Name => "Broken";

        public override string Summary => "";

        public override Role Lead { get; } = new("all", "All", Seat.Clear, Form.Board);

        public override IReadOnlyList<Setting> Settings(Lead lead) => [new("size", "Size", Unit.Metre, [new(1)], 1, "")];

        public override Outcome<Demand> Ask(Chosen set) => throw new DivideByZeroException();

        public override Outcome<Blueprint> Make(Chosen set, Cast cast) => throw new DivideByZeroException();
    }
}
