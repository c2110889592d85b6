using Metaplant.Core.Calculators;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Designs;

/// <summary>What holds of every design on every lead of a whole yard and of two hundred heaps by chance.</summary>
public class InvariantTests
{
    private const int Heaps = 200;

    private static IEnumerable<Camera> Cameras => [.. Enumerable.Range(0, Camera.Corners).Select(Camera.Corner), Camera.Front, Camera.Side, Camera.Plan];

    private sealed record Made(string Which, Draft Draft, Fit Fit, Heap Heap);

    private static readonly Lazy<IReadOnlyList<Made>> All = new(() => [.. new[] { (Which: "yard", Heap: Yards.Whole) }.Concat(Enumerable.Range(0, Heaps).Select(s => (Which: $"heap {s}", Heap: Yards.Any(s)))).SelectMany(h => Of(h.Which, h.Heap))]);

    /// <summary>Each lead with settings by chance, cast as a drawing board does.</summary>
    private static IEnumerable<Made> Of(string which, Heap heap)
    {
        var room = Stockroom.Of(heap);
        foreach (var design in Catalogue.All)
        {
            foreach (var (lead, i) in Leads.Of(design, room).Found.Select((l, i) => (l, i)))
            {
                var random = new Random(i + which.Length);
                for (var k = 0; k < (which == "yard" ? 6 : 2); k++)
                {
                    var set = design.Settings(lead).ToDictionary(s => s.Id, s => k == 0 ? s.Default : s.Stops[random.Next(s.Stops.Count)].Value);
                    if (Draft.Of(design, new(lead, set, Brief.Default), room, k == 0 ? Effort.Proven : Effort.Quick) is { Ok: true, Value: var draft })
                        yield return new($"{which}, {design.Id} of {lead.Key}: {string.Join(", ", set.Select(s => $"{s.Key} {s.Value:0.###}"))}", draft, Fit.Of(draft, room), heap);
                }
            }
        }
    }

    [Fact]
    public void Every_design_is_among_them_many_times()
    {
        foreach (var design in Catalogue.All) All.Value.Count(m => m.Draft.Design == design).ShouldBeGreaterThan(20, design.Id);
    }

    /// <summary>Three answers for one tub were once seen: the board's, and those of two sums that began elsewhere.</summary>
    [Fact]
    public void A_sum_of_a_board_that_can_be_worked_by_itself_says_there_what_it_says_here()
    {
        var asked = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var made in All.Value)
        {
            var (grow, drain, hold) = made.Fit.Assessment;
            IEnumerable<Sum> sums = [.. drain.Sums, .. new[] { drain.Counted, drain.DrainDown }.OfType<Sum>(), .. new[] { grow.Checks, drain.Checks, hold.Checks }.SelectMany(c => c).SelectMany(c => c.Sums)];
            foreach (var sum in sums.Where(s => s.Question is not null))
            {
                var question = sum.Question!;
                var given = question.Numbers.Aggregate(new GivenFields(question.Words.ToDictionary(w => w.Name, w => (Given)new GivenText(w.Word), StringComparer.Ordinal)), (g, n) => g.With(n.Path, n.Value));
                CalculatorShelf.Find(question.Calculator)!.Reckon(given, Handbook.Default).OrThrow().Sum.Value.ShouldBe(sum.Value, 1e-9 * Math.Abs(sum.Value), $"{made.Which}: {sum.Title}");
                asked[question.Calculator] = asked.GetValueOrDefault(question.Calculator) + 1;
            }
        }

        asked.Keys.Order().ShouldBe(["drain-down", "hole-grid", "hole-spacing", "wall-pressure"]);
        asked.Values.ShouldAllBe(n => n > 20);
    }

    [Fact]
    public void Every_shape_drawn_belongs_to_a_part_and_every_part_is_drawn()
    {
        foreach (var made in All.Value)
        {
            var drawn = made.Draft.Blueprint.Scene().Solids.Select(s => s.Part).Where(Parts.IsMade).Distinct().Order();
            drawn.ShouldBe(made.Draft.Blueprint.Parts.Select(p => p.Id).Order(), made.Which);
        }
    }

    [Fact]
    public void Parts_are_as_many_and_as_large_as_the_pieces_that_were_cast_for_them()
    {
        foreach (var made in All.Value)
        {
            foreach (var need in made.Draft.Demand.Needs.Where(n => n is WholeNeeded or PiecesNeeded or PanelsNeeded or CoursesNeeded or SheetsNeeded or SticksNeeded))
            {
                var parts = made.Draft.Blueprint.Parts.Where(p => p.Need == need.Id).ToList();
                var pieces = made.Draft.Cast[need.Id];
                var which = $"{made.Which}: {need.Id}";
                if (parts.Count == 0) (need.Id.StartsWith("rails", StringComparison.Ordinal) || need.Id.StartsWith("coping", StringComparison.Ordinal)).ShouldBeFalse(which);
                parts.Sum(p => p.Count).ShouldBe(pieces.Count * (need is SticksNeeded sticks ? sticks.CutInto : 1), which);
                if (need is PiecesNeeded or SticksNeeded) pieces.ShouldAllBe(p => p.Length >= parts.Min(x => x.Length) - .11, which);
            }
        }
    }

    [Fact]
    public void Cuts_lie_on_their_bars_clear_of_bad_places_and_of_each_other_and_are_as_many_as_the_pieces_cut()
    {
        foreach (var made in All.Value)
        {
            foreach (var bar in made.Draft.Cast.Cuts.Bars)
            {
                bar.Cuts.ShouldAllBe(c => c.From >= Core.Cutting.CutPlan.Trim - 1e-9 && c.To <= bar.Bar.Length - Core.Cutting.CutPlan.Trim + 1e-9, made.Which);
                foreach (var bad in bar.Bar.Bad) bar.Cuts.ShouldAllBe(c => c.To <= bad.From - Core.Cutting.CutPlan.BadMargin + 1e-9 || c.From >= bad.To + Core.Cutting.CutPlan.BadMargin - 1e-9, made.Which);
                foreach (var (a, b) in bar.Cuts.Zip(bar.Cuts.Skip(1))) (b.From - a.To).ShouldBeGreaterThanOrEqualTo(Core.Cutting.CutPlan.Kerf - 1e-9, made.Which);
            }

            foreach (var need in made.Draft.Demand.Needs.Where(n => n is PiecesNeeded or PanelsNeeded or CoursesNeeded))
                made.Draft.Cast.Cuts.Bars.Sum(b => b.Cuts.Count(c => c.WantedId == need.Id)).ShouldBe(made.Draft.Cast[need.Id].Count(p => p is { Of: not null, Missing: false }), $"{made.Which}: {need.Id}");
        }
    }

    [Fact]
    public void Nothing_unfit_for_where_it_sits_is_cast()
    {
        foreach (var made in All.Value)
        {
            var seats = made.Fit.Cast.Asked.DistinctBy(n => n.Id).ToDictionary(n => n.Id, n => n.Role);
            foreach (var take in made.Fit.Cast.Takes)
            {
                var thing = made.Heap.Find(take.ThingId)!;
                // A lead sits where its design lines it; what is grown follows from it.
                var grown = seats[take.NeedId].Id == made.Draft.Design.Lead.Id ? Grown.Ornamentals : made.Draft.Grown;
                Seating.Of(thing.Judgement, seats[take.NeedId].Seat, grown).May.ShouldBeTrue($"{made.Which}: {thing.Thing.Name} for {take.NeedId}");
                thing.Judgement.Fitness.ShouldNotBe(Fitness.Refused, made.Which);
            }
        }
    }

    [Fact]
    public void No_piece_stick_metre_or_litre_is_used_twice()
    {
        foreach (var made in All.Value)
        {
            foreach (var thing in made.Fit.Cast.Takes.GroupBy(t => t.ThingId))
            {
                var of = made.Heap.Find(thing.Key)!.Thing;
                foreach (var unit in thing.GroupBy(t => t.Taken.Unit))
                {
                    var which = $"{made.Which}: {of.Name} {unit.Key}";
                    unit.Key.ShouldBeInRange(1, of.Count, which);
                    unit.Select(t => t.WayId).Distinct().Count().ShouldBe(1, which);
                    unit.Count(t => t.Taken.Whole).ShouldBeLessThanOrEqualTo(1, which);
                    if (unit.Any(t => t.Taken.Whole)) unit.Count().ShouldBe(1, which);
                    unit.SelectMany(t => t.Taken.Sticks ?? []).ShouldBeUnique(which);
                    var whole = Remains.Of(of, [])[0];
                    if (unit.All(t => t.Taken.Across)) unit.Sum(t => t.Taken.Amount ?? 0).ShouldBeLessThanOrEqualTo(Math.Max(whole.Width, whole.Volume) + 1e-9, which);
                    else unit.Where(t => !t.Taken.Across).Sum(t => t.Taken.Amount ?? 0).ShouldBeLessThanOrEqualTo(Math.Max(whole.Length, whole.Volume) + 1e-9, which);
                }
            }
        }
    }

    [Fact]
    public void Check_ids_are_unique_and_every_check_of_a_part_names_one_there_is()
    {
        foreach (var made in All.Value)
        {
            var checks = made.Draft.Checks();
            checks.Select(c => c.Id).ShouldBeUnique(made.Which);
            var ids = made.Draft.Blueprint.Parts.Select(p => p.Id).Append("floor").Append("packer").ToHashSet();
            checks.Where(c => c.Part is not null).ShouldAllBe(c => ids.Contains(c.Part!), made.Which);
            made.Draft.Blueprint.Joints.ShouldAllBe(j => ids.Contains(j.PartA) && ids.Contains(j.PartB), made.Which);
            made.Draft.Blueprint.Operations().SelectMany(o => o.Places).Where(p => p != Parts.Soil).ShouldAllBe(p => ids.Contains(p) || p == "end-wall-half" || p == "end-wall", made.Which);
        }
    }

    [Fact]
    public void No_two_parts_are_in_the_same_place()
    {
        foreach (var made in All.Value.Where((_, i) => i % 3 == 0))
        {
            var exempt = made.Draft.Blueprint.Parts.Where(p => p.Form is Form.Line or Form.Fabric or Form.Film or Form.Hardware).Select(p => p.Id).Append(Parts.Soil).ToHashSet();
            var letIn = made.Draft.Blueprint.Joints.Where(j => j.LetIn).SelectMany(j => ((string, string)[])[(j.PartA, j.PartB), (j.PartB, j.PartA)]).ToHashSet();
            var solids = made.Draft.Blueprint.Scene().Solids.Where(s => s is not Skin && !exempt.Contains(s.Part)).ToList();
            var random = new Random(7);
            foreach (var solid in solids)
            {
                var near = solids.Where(s => !ReferenceEquals(s, solid) && s.Extent.Meets(solid.Extent, -.001) && !letIn.Contains((s.Part, solid.Part))).ToList();
                if (near.Count == 0) continue;
                foreach (var p in Inside(solid, random, 500))
                    near.Where(s => s.DepthOf(p) > .001).Select(s => s.Part).ShouldBeEmpty($"{made.Which}: {solid.Part} at {p}");
            }
        }
    }

    [Fact]
    public void Every_part_stands_on_the_ground_or_on_another_or_hangs_from_one()
    {
        foreach (var made in All.Value)
        {
            var solids = made.Draft.Blueprint.Scene().Solids;
            foreach (var solid in solids.Where(s => s.Extent.Least.Z > .012))
                solids.Any(s => !ReferenceEquals(s, solid) && s.Extent.Meets(solid.Extent, .012)).ShouldBeTrue($"{made.Which}: {solid.Part} is held by nothing");
        }
    }

    [Fact]
    public void Where_the_way_to_the_nearest_hole_is_called_short_it_is()
    {
        int called = 0, denied = 0;
        foreach (var made in All.Value)
        {
            if (made.Draft.Blueprint.Foot is not ClosedFloor floor) continue;
            var drain = made.Fit.Assessment.Drain;
            if (drain.Checks.Single(c => c.Id == "hole-reach").Verdict == Verdict.Fails) denied++;
            else drain.Holes!.Farthest(floor.Outline).ShouldBeLessThanOrEqualTo(1.1 * floor.Spacing(Brief.Default).Spacing, made.Which);
            called++;
        }

        denied.ShouldBeGreaterThan(0);
        called.ShouldBeGreaterThan(2 * denied);
    }

    [Fact]
    public void From_every_side_what_is_drawn_is_what_is_seen()
    {
        foreach (var made in All.Value.Where((_, i) => i % 16 == 0))
        {
            var scene = made.Draft.Blueprint.Scene();
            foreach (var (camera, seed) in Cameras.Select((c, i) => (c, i)))
            {
                var drawn = Pictures.Draw(scene, camera).Shapes.OfType<Polygon>().ToList();
                var faces = scene.Solids.SelectMany(s => s.Faces.Select(f => (s.Part, Outline: f.Corners.Select(camera.See).ToList(), Face: f))).ToList();
                var random = new Random(seed);
                double x0 = drawn.Min(p => p.Points.Min(q => q.X)), x1 = drawn.Max(p => p.Points.Max(q => q.X)), y0 = drawn.Min(p => p.Points.Min(q => q.Y)), y1 = drawn.Max(p => p.Points.Max(q => q.Y));
                for (var i = 0; i < 50; i++)
                {
                    Point at = new(x0 + (x1 - x0) * random.NextDouble(), y0 + (y1 - y0) * random.NextDouble());
                    var seen = faces.Where(f => In(f.Outline, at)).Select(f => (f.Part, Near: NearAt(f.Face, camera, at))).Where(f => double.IsFinite(f.Near)).OrderByDescending(f => f.Near).ToList();
                    // On the very edge of what is in front, a drawing is rounded to either side.
                    if (faces.Where(f => In(f.Outline, at)).Any(f => FromEdge(f.Outline, at) < .0001)) continue;
                    var shown = drawn.LastOrDefault(p => In(p.Points, at))?.Part;
                    if (seen.Count == 0) shown.ShouldBeNull($"{made.Which}: {camera.Title} at {at}");
                    // What lies within a millimetre of what is in front may be drawn for it.
                    else seen.TakeWhile(s => s.Near > seen[0].Near - .001).Select(s => s.Part).ShouldContain(shown!, $"{made.Which}: {camera.Title} at {at}");
                }
            }
        }
    }

    private static double FromEdge(IReadOnlyList<Point> outline, Point at) => outline.Select((a, i) => (a, b: outline[(i + 1) % outline.Count])).Min(e =>
    {
        var along = e.a.DistanceTo(e.b);
        return along < 1e-9 ? e.a.DistanceTo(at) : Math.Abs((e.b.X - e.a.X) * (at.Y - e.a.Y) - (e.b.Y - e.a.Y) * (at.X - e.a.X)) / along;
    });

    [Fact]
    public void A_thinner_lead_never_makes_hold_better()
    {
        string[] measures = ["wall", "slatThickness", "thickness", "butt", "tip", "wire"];
        var compared = 0;
        foreach (var made in All.Value.Where((m, i) => i % 2 == 0 || m.Draft.Design is DrilledTub))
        {
            var lead = made.Draft.Set.Lead.Thing.Thing;
            if (!lead.Values.Keys.Any(measures.Contains)) continue;
            // What fills other parts as well leaves them to something stouter when it is thinner: that is another planter.
            if (made.Draft.Cast.Takes.Any(t => t.ThingId == lead.Id && made.Draft.Demand.Needs.Single(n => n.Id == t.NeedId).Role.Id != made.Draft.Design.Lead.Id)) continue;
            var values = lead.Values.ToDictionary(v => v.Key, v => measures.Contains(v.Key) ? v.Value * .93 : v.Value);
            if (Thing.Create(lead.Id, lead.Number, lead.Name, lead.Kind.Id, lead.Count, values, lead.Substance, lead.Findings, lead.Faults) is not { Ok: true, Value: var thinner }) continue;
            var room = Stockroom.Of(Heap.Of(made.Heap.Things.Select(t => t.Thing.Id == lead.Id ? thinner : t.Thing), HouseRules.Default));
            if (Leads.Of(made.Draft.Design, room).Found.FirstOrDefault(l => l.Key == made.Draft.Set.Lead.Key) is not { } same) continue;
            var draft = Draft.Of(made.Draft.Design, new(same, made.Draft.Set.Values, Brief.Default), room);
            if (!draft.Ok) continue;
            compared++;
            // A lighter tub presses less on the ground or on what it hangs from, and nobody leans on what one can lift: that is no strength of its own.
            int Worst(Draft d) => (int)Verdicts.Worst([.. d.Checks().Where(c => c.Id is not ("bearing" or "tipping" or "lath" or "pot-wire"))]);
            Worst(draft.Value).ShouldBeGreaterThanOrEqualTo(Worst(made.Draft), made.Which);
        }

        compared.ShouldBeGreaterThan(100);
    }

    [Fact]
    public void The_wood_that_is_drawn_is_the_wood_that_was_cast()
    {
        foreach (var made in All.Value)
        {
            var solids = made.Draft.Blueprint.Scene().Solids;
            foreach (var need in made.Draft.Demand.Needs.Where(n => n is PiecesNeeded or PanelsNeeded or CoursesNeeded))
            {
                var parts = made.Draft.Blueprint.Parts.Where(p => p.Need == need.Id).Select(p => p.Id).ToHashSet();
                double drawn = solids.Where(s => parts.Contains(s.Part)).Sum(s => s.Volume), cast = made.Draft.Cast[need.Id].Sum(p => p.Length * p.Wide * p.Thin);
                // Ripped, trimmed or thicker than it must be: never more than there is.
                drawn.ShouldBeInRange(.01 * cast, 1.02 * cast, $"{made.Which}: {need.Id}");
            }
        }
    }

    private static IEnumerable<Point3> Inside(Solid solid, Random random, int points)
    {
        var (least, size) = (solid.Extent.Least, solid.Extent.Size);
        for (int found = 0, tried = 0; found < points && tried < 20 * points; tried++)
        {
            Point3 p = new(least.X + size.X * random.NextDouble(), least.Y + size.Y * random.NextDouble(), least.Z + size.Z * random.NextDouble());
            if (solid.DepthOf(p) <= .001) continue;
            found++;
            yield return p;
        }
    }

    private static bool In(IReadOnlyList<Point> ring, Point p)
    {
        var inside = false;
        for (int i = 0, j = ring.Count - 1; i < ring.Count; j = i++)
        {
            if (ring[i].Y > p.Y != ring[j].Y > p.Y && p.X < (ring[j].X - ring[i].X) * (p.Y - ring[i].Y) / (ring[j].Y - ring[i].Y) + ring[i].X) inside = !inside;
        }

        return inside;
    }

    /// <summary>How near a sight line through a point of the picture meets the plane of a face.</summary>
    private static double NearAt(Face face, Camera camera, Point at)
    {
        var normal = face.Normal;
        var toward = normal.Dot(camera.Toward);
        if (Math.Abs(toward) < 1e-9 * normal.Length) return double.NaN;
        return (normal.Dot(face.Corners[0]) - normal.Dot(camera.Right) * at.X - normal.Dot(camera.Up) * at.Y) / toward;
    }

    /// <summary>A cone seen from the side once threw: faces that meet in a line leave that line over.</summary>
    [Fact]
    public void Every_picture_of_every_design_goes_out_as_dxf_with_all_its_lines_inside_what_is_drawn()
    {
        foreach (var made in All.Value.Where(m => m.Which.StartsWith("yard", StringComparison.Ordinal)).GroupBy(m => m.Draft.Design.Id).SelectMany(g => g.DistinctBy(m => m.Draft.Set.Lead.Key).Take(2)))
        {
            var scene = made.Draft.Blueprint.Scene();
            foreach (var camera in (Camera[])[Camera.Front, Camera.Side, Camera.Plan, Camera.Corner(0), Camera.Corner(2)])
            {
                var view = Pictures.Draw(scene, camera);
                DxfWriter.Write(view, Core.Words.Teller.Metric).ShouldEndWith("0\nEOF\n", customMessage: made.Which);
                var points = view.Shapes.SelectMany(x => x switch { Polygon p => p.Points, Polyline l => l.Points, _ => [] }).ToList();
                double x0 = points.Min(p => p.X), x1 = points.Max(p => p.X), y0 = points.Min(p => p.Y), y1 = points.Max(p => p.Y);
                var lines = Outlines.Visible(view);
                lines.ShouldNotBeEmpty(made.Which);
                lines.SelectMany(l => l.Line).ShouldAllBe(p => p.X > x0 - 1e-5 && p.X < x1 + 1e-5 && p.Y > y0 - 1e-5 && p.Y < y1 + 1e-5, made.Which);
            }
        }
    }
}
