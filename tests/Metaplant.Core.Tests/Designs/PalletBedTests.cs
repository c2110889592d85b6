using Metaplant.Core.Building;
using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Designs;

/// <summary>A bed of pallet sections can be made as it is drawn, whatever the pallets: every joint has wood to go into, and every part of it is bought or found.</summary>
public class PalletBedTests
{
    private static readonly Design Bed = Catalogue.Find("pallet-bed")!;

    private static Thing Pallets(params (string Id, double Value)[] measures) => A.Thing("pallet", 12, findings: [Findings.HeatMark], measures: measures);

    private static Thing Winged(params (string Id, double Value)[] measures) => A.Thing("winged-pallet", 12, findings: [Findings.HeatMark], measures: measures);

    private static Outcome<Core.Matching.Board> Open(Thing pallets, params (string Id, double Value)[] set)
    {
        var heap = A.Heap(pallets);
        return DrawingBoard.FindLead(Bed, heap, "1").Then(s => DrawingBoard.Open(Bed, s, set.ToDictionary(x => x.Id, x => x.Value), Brief.Default, heap));
    }

    private static Blueprint Of(Thing pallets, params (string Id, double Value)[] set) => Open(pallets, set).OrThrow().Fit.Blueprint;

    private static Stop[] Stops(Thing pallets, string parameter)
    {
        var heap = A.Heap(pallets);
        return [.. Bed.Settings(DrawingBoard.FindLead(Bed, heap, "1").OrThrow()).Single(p => p.Id == parameter).Stops];
    }

    [Fact]
    public void Of_whatever_pallets_every_joint_that_is_drawn_can_be_made()
    {
        var made = 0;
        for (var seed = 0; seed < 400; seed++)
        {
            var random = new Random(seed);
            if (AnyPallets(random) is not { } pallets) continue;
            var heap = A.Heap(pallets);
            var room = Stockroom.Of(heap);
            if (Leads.Of(Bed, room).Found is not [var lead, ..]) continue;
            var settings = Bed.Settings(lead).ToDictionary(p => p.Id, p => p.Stops[random.Next(p.Stops.Count)].Value);
            var draft = Draft.Of(Bed, new(lead, settings, Brief.Default), room);
            if (!draft.Ok) continue;
            made++;
            var checks = draft.Value.Blueprint.LoadPaths.SelectMany(p => p.Work(Brief.Default)).ToList();
            foreach (var check in (string[])["room-end", "room-edge", "room-thread"])
                checks.Single(c => c.Id == check).Verdict.ShouldBeOneOf([Verdict.Sound, Verdict.Tight], $"seed {seed}: {check} of {pallets.Kind.Id}, {string.Join(", ", pallets.Values.Select(v => $"{v.Key} {v.Value:0.###}"))}");
            // Wings meet no bearer: such sections are not bolted end to end.
            if (((PalletMeasures)pallets.Measures).Wing > 0) draft.Value.Blueprint.Parts.Single(p => p.Id == "long-wall").Count.ShouldBe(2, $"seed {seed}");
        }

        made.ShouldBeGreaterThan(100);
    }

    [Fact]
    public void A_half_of_a_pallet_with_three_bearers_is_sawn_beside_the_middle_one()
    {
        var bed = Of(Pallets(("bearers", 3), ("bearerWidth", .045)));
        bed.Parts.Single(p => p.Id == "end-wall").Length.Near((1.2 - .045) / 2);
        Stops(Pallets(("bearers", 4)), "width")[0].Value.Near(.6);
    }

    [Fact]
    public void A_sawn_end_has_no_bearer_and_gets_posts()
    {
        Of(Pallets()).Parts.Single(p => p.Id == "corner-post").Count.ShouldBe(2);
        // Whole sections end in their own bearers.
        var whole = Of(Pallets(), ("width", 1.2));
        whole.Parts.ShouldNotContain(p => p.Id == "corner-post");
    }

    [Fact]
    public void Wings_and_thin_bearers_get_posts_at_every_end_and_join_no_second_section()
    {
        var winged = Of(Winged(), ("width", 1.2));
        winged.Parts.Single(p => p.Id == "corner-post").Count.ShouldBe(4);
        Stops(Winged(), "length").ShouldHaveSingleItem();
        Stops(Pallets(), "length").Length.ShouldBe(3);
    }

    [Fact]
    public void The_narrowest_slats_take_one_screw_clear_of_both_edges()
    {
        var narrow = Open(Pallets(("slatWidth", .05), ("slats", 16))).OrThrow().Fit;
        narrow.Assessment.Hold.Checks.Single(c => c.Id == "room-edge").Verdict.ShouldBeOneOf(Verdict.Sound, Verdict.Tight);
        var boards = PalletMeasuresOf(narrow).Slats;
        boards.ShouldBe(16);
        (narrow.Blueprint.Joints[0].Count % 4).ShouldBe(0);
        (narrow.Blueprint.Joints[0].Count / 4).ShouldBeLessThan(boards);
    }

    private static PalletMeasures PalletMeasuresOf(Fit fit) => (PalletMeasures)fit.Lead.Thing.Thing.Measures;

    [Fact]
    public void Ties_bring_their_anchors_wire_and_checks_with_them_and_without_ties_there_are_none()
    {
        var with = Open(Pallets(), ("ties", 2)).OrThrow().Fit;
        with.Assessment.Hold.Checks.ShouldContain(c => c.Id == "tie-anchor");
        with.Cast.Asked.ShouldContain(n => n.Id == "anchors");
        BuildPlan.Of(with, Brief.Default, ToolShelf.Untouched).Steps.ShouldContain(s => s.Words.ToString().Contains("anchor", StringComparison.OrdinalIgnoreCase));
        var without = Open(Pallets(), ("ties", 0)).OrThrow().Fit;
        without.Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "tie-anchor" || c.Id == "ties");
        without.Cast.Asked.ShouldNotContain(n => n.Id == "anchors" || n.Id == "wire");
    }

    [Fact]
    public void The_foot_is_held_by_pegs_as_deep_as_the_ground_told_asks()
    {
        double Deep(string? ground) => Matcher.Match(Bed, A.Heap(Pallets()), Brief.Default with { GroundId = ground }, Aim.MostSoil).Best!.Set["pegs"];
        Deep("firm-sand").ShouldBeLessThanOrEqualTo(Deep("loose-sand"));
        // Nobody has looked: as deep as the worst ground asks.
        Deep(null).ShouldBe(Core.Materials.Grounds.Names.Max(g => Deep(g.Id)));
    }

    private static Thing? AnyPallets(Random random)
    {
        var kind = SalvageKinds.Find(random.Next(4) == 0 ? "winged-pallet" : "pallet")!;
        var values = kind.Fields.ToDictionary(f => f.Id, f =>
        {
            var value = Math.Clamp(f.Typical * (.5 + 1.3 * random.NextDouble()), f.Least, f.Greatest);
            return f.Unit == Unit.Count ? Math.Clamp(Math.Round(value), f.Least, f.Greatest) : value;
        });
        values["depth"] = values["slats"] * values["slatWidth"] * (1 + .5 * random.NextDouble());
        return Thing.Create(1, 1, "it", kind.Id, 14, values, null, [Findings.HeatMark], []) is { Ok: true, Value: var thing } ? thing : null;
    }
}
