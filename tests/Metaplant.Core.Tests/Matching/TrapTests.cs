using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Matching;

/// <summary>Heaps whose only answer is not the first that one would try, and corners of designs in which something does not come out.</summary>
public class TrapTests
{
    private static readonly Brief Firm = Brief.Default with { GroundId = "firm-sand" };

    private static DesignMatch Of(string design, Heap heap, Aim aim = Aim.MostSoil, Brief? brief = null) => Matcher.Match(Catalogue.Find(design)!, heap, brief ?? Firm, aim);

    private static Draft Made(string design, Heap heap, params (string Id, double Value)[] set) => Made(design, heap, Firm, set);

    private static Draft Made(string design, Heap heap, Brief brief, params (string Id, double Value)[] set)
    {
        var d = Catalogue.Find(design)!;
        var room = Stockroom.Of(heap);
        return Draft.Of(d, Chosen.Snap(d, Leads.Of(d, room).Found[0], brief, set.ToDictionary(s => s.Id, s => s.Value)), room, Effort.Proven).OrThrow();
    }

    [Theory]
    [InlineData(Aim.LeastWork)]
    [InlineData(Aim.LeastBought)]
    public void A_deep_rooted_crop_gets_a_wall_high_enough_though_a_lower_one_is_less_work(Aim aim)
    {
        var parsnip = Firm with { Crop = Crops.Find(Handbook.Default, "parsnip") };
        var match = Of("pallet-bed", A.Heap(A.HeatMarkedPallets(12)), aim, parsnip);
        match.Standing.ShouldBe(Standing.WillDo);
        match.Best!.Blueprint.Depth.ShouldBeGreaterThanOrEqualTo(parsnip.Crop!.LeastDepth - 1e-9);
        Of("pallet-bed", A.Heap(A.HeatMarkedPallets(12)), aim).Best!.Blueprint.Depth.ShouldBeLessThan(match.Best.Blueprint.Depth);
    }

    [Fact]
    public void A_size_is_good_or_not_by_trying_it_and_none_that_is_good_is_passed_over()
    {
        // Beside every size tried one by one, solved and assessed in full.
        for (var seed = 0; seed < 40; seed++)
        {
            var heap = Designs.Yards.Any(seed);
            var room = Stockroom.Of(heap);
            foreach (var design in Catalogue.All.Where(d => d.Id is "pallet-bed" or "drilled-tub" or "core-sack" or "hanging-tube"))
            {
                foreach (var lead in Leads.Of(design, room).Found)
                {
                    var best = LeadMatch.Of(design, lead, room, Firm, Aim.MostSoil);
                    var each = Sizes(design, lead).Select(s => Solver.Least(design, s, room)).OfType<Draft>().Where(d => d.Cast.Short.Count == 0).Select(d => Fit.Of(d, room)).Where(f => f.Good).ToList();
                    (best.Good is not null).ShouldBe(each.Count > 0, $"heap {seed}: {design.Id} of {lead.Thing.Thing.Name}");
                    if (best.Good is { } good) Ranking.Of(good, Aim.MostSoil).ShouldBe(each.Max(f => Ranking.Of(f, Aim.MostSoil)), 1e-6, $"heap {seed}: {design.Id}");
                }
            }
        }

        static IEnumerable<Chosen> Sizes(Design design, Lead lead)
        {
            IEnumerable<Dictionary<string, double>> sizes = [design.Settings(lead).ToDictionary(s => s.Id, s => s.Default)];
            foreach (var s in design.Settings(lead).Where(s => s.Sizes.Count > 0)) sizes = sizes.SelectMany(size => s.Sizes.Select(v => new Dictionary<string, double>(size) { [s.Id] = v }));
            return sizes.Select(s => new Chosen(lead, s, Firm));
        }
    }

    [Fact]
    public void A_pallet_that_is_a_wall_gives_no_bearers_too()
    {
        // Just the pallet that the walls take, and nothing else to make anchors and posts of.
        var draft = Made("pallet-bed", A.Heap(A.HeatMarkedPallets(1)), ("height", .24), ("ties", 1));
        draft.Cast.Short.ShouldBeEmpty();
        draft.Cast["anchors"].ShouldAllBe(p => p.Of == null);
        // With one pallet over, whoever would rather take apart than buy has it prised, and the first is sawn.
        var patient = Firm with { Handbook = Handbook.With(new Dictionary<string, double> { [Practice.HourWorth] = 0 }).OrThrow() };
        var more = Made("pallet-bed", A.Heap(A.HeatMarkedPallets(2)), patient, ("height", .24), ("ties", 1));
        more.Cast["anchors"].ShouldContain(p => p.Of != null);
        more.Cast.Takes.GroupBy(t => t.Taken.Unit).ShouldAllBe(u => u.Select(t => t.WayId).Distinct().Count() == 1);
    }

    [Fact]
    public void What_is_slow_to_take_apart_is_left_whole_where_the_part_is_cheaply_bought()
    {
        Brief At(double factor) => Firm with { Handbook = Handbook.With(new Dictionary<string, double> { [Practice.SalvageFactor] = factor }).OrThrow() };
        // The same heap for one who is quick with a bar and one who is slow.
        Made("pallet-bed", A.Heap(A.HeatMarkedPallets(2)), At(.5), ("height", .24), ("ties", 1)).Cast["anchors"].ShouldContain(p => p.Of != null);
        Made("pallet-bed", A.Heap(A.HeatMarkedPallets(2)), At(5), ("height", .24), ("ties", 1)).Cast["anchors"].ShouldAllBe(p => p.Of == null);
    }

    [Fact]
    public void A_sack_that_nothing_gives_stones_for_is_not_good()
    {
        // Stones can be bought, so it is not short; but they are no soil that one digs.
        var draft = Made("core-sack", A.Heap(A.Thing("sack", findings: [Findings.HeldFood], substance: Substance.SyntheticFibre, measures: [("height", 1.0)])));
        var stones = draft.Cast.Buys.Single(b => b.NeedId == "stones");
        stones.IsSoil.ShouldBeFalse();
        (draft.Cast with { Buys = [.. draft.Cast.Buys.Select(b => b with { Row = null })] }).Unfilled.ShouldContain(b => b.NeedId == "stones");
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void No_opening_of_a_tube_lies_on_its_seam_or_touches_another(int columns)
    {
        var draft = Made("hanging-tube", A.Heap(A.Thing("tube", findings: [Findings.HeldFood], measures: [("length", 1.4), ("diameter", .2)])), ("columns", columns), ("opening", .05), ("apart", .2));
        var face = draft.Blueprint.Faces.Single();
        double round = face.Face.Max(p => p.X), wide = face.Openings[0].Across;
        face.Openings.ShouldAllBe(o => o.At.X >= wide / 2 + .01 && o.At.X <= round - wide / 2 - .01);
        foreach (var (a, i) in face.Openings.Select((o, i) => (o, i)))
            foreach (var b in face.Openings.Skip(i + 1)) a.At.DistanceTo(b.At).ShouldBeGreaterThan(1.2 * wide);
    }

    [Fact]
    public void Slits_of_a_sack_keep_clear_of_its_foot_and_its_rim()
    {
        var draft = Made("core-sack", A.Heap(A.Thing("sack", findings: [Findings.HeldFood], substance: Substance.SyntheticFibre, measures: [("height", 1.0)])), ("apart", .15));
        draft.Blueprint.Pockets.Count.ShouldBeGreaterThan(6);
        draft.Blueprint.Pockets.ShouldAllBe(p => p.At.Z >= .18 - 1e-9 && p.At.Z <= draft.Blueprint.Depth - .1);
    }

    [Theory]
    [InlineData(.018, "outdoor-screw")]
    [InlineData(.026, "outdoor-screw-80")]
    [InlineData(.05, "outdoor-screw-100")]
    public void A_thicker_board_gets_a_longer_screw_so_that_its_thread_holds(double board, string goods)
    {
        var screw = WoodScrew.For(board);
        screw.Goods.ShouldBe(goods);
        (screw.Length - board).ShouldBeGreaterThanOrEqualTo(6 * screw.Diameter);
    }

    [Fact]
    public void A_bed_bent_round_a_path_leaves_a_path_one_can_walk()
    {
        var design = Catalogue.Find("sheet-bed")!;
        var room = Stockroom.Of(A.Heap(A.Thing("roofing-sheet", 20)));
        var lead = Leads.Of(design, room).Found[0];
        Outcome<Draft> U(double length, double strip) => Draft.Of(design, Chosen.Snap(design, lead, Firm, new Dictionary<string, double> { ["shape"] = 2, ["length"] = length, ["strip"] = strip }), room);
        U(1.8, .9).Ok.ShouldBeFalse();
        U(2.4, 1.2).Problems.Single().Sentence.ShouldContain("path");
        U(1.8, .6).Value!.Blueprint.Bays.Count.ShouldBe(3);
    }

    [Fact]
    public void Courses_of_unlike_planks_stand_thickest_below_and_each_is_checked_by_itself()
    {
        var heap = A.Heap(A.Thing("board", 4, id: 1, findings: [Findings.LookedOver], measures: [("length", 2.0), ("width", .15), ("thickness", .04)]), A.Thing("board", 12, id: 2, findings: [Findings.LookedOver], measures: [("length", 2.0), ("width", .14), ("thickness", .022)]));
        var draft = Made("plank-bed", heap, ("height", .4), ("length", 1.8), ("width", .9));
        var courses = draft.Cast.Courses["planks"];
        courses.Select(c => c.Thickness).ShouldBe(courses.Select(c => c.Thickness).OrderDescending());
        courses.Sum(c => c.Height).ShouldBeGreaterThanOrEqualTo(.4 - 1e-9);
        draft.Checks().Count(c => c.Id.StartsWith("course-", StringComparison.Ordinal) && c.Case == LoadCase.Normal).ShouldBe(courses.Count);
    }

    [Fact]
    public void One_board_short_is_told_with_its_least_measures_and_does_once_it_is_there()
    {
        Thing Boards(int count, int id, double width) => A.Thing("board", count, id: id, findings: [Findings.LookedOver], measures: [("length", .45), ("width", width), ("thickness", .022)]);
        // The smallest bed takes 2.4 m of boards.
        var near = Of("upright-bed", A.Heap(Boards(22, 1, .105)));
        near.Standing.ShouldBe(Standing.Nearly);
        var wanted = near.Wanted!;
        wanted.Count.ShouldBe(1);
        Of("upright-bed", A.Heap(Boards(22, 1, .105), Boards(1, 2, wanted.Width))).Best!.Cast.Short.ShouldBeEmpty();
    }

    [Fact]
    public void More_soil_is_never_offered_than_the_pieces_of_the_bed_hold()
    {
        var draft = Made("upright-bed", Designs.Yards.Whole, ("length", 1.2), ("width", .9), ("height", .4));
        var bay = draft.Blueprint.Bays.Single();
        bay.Planting.Length.ShouldBe(1.2 - 2 * draft.Cast["boards"].Min(b => b.Thin), 1e-9);
    }
}
