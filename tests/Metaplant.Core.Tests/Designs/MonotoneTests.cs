using Metaplant.Core.Assessing;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Designs;

/// <summary>
/// Every check says which quantities it guards: more soil never makes it better, more packers never worse. Random designs are searched for a case in which it is not so, each quantity by itself and all else as it was.
/// </summary>
public class MonotoneTests
{
    private const int Designs = 9000;
    private static readonly string[] Grounds = ["loose-sand", "firm-sand", "soft-clay", "firm-clay", "made-ground"];

    private sealed record Case(Design Design, Thing Thing, IReadOnlyDictionary<string, double> Set, Brief Brief)
    {
        private Heap Heap => new([new(Thing, Inspection.Judge(Thing, HouseRules.Default), Thing.Count)]);

        public Lead? Lead => Leads.Of(Design, Stockroom.Of(Heap)).Found is [var one, ..] ? one : null;

        public IReadOnlyDictionary<string, Check>? Checks()
        {
            var room = Stockroom.Of(Heap);
            if (Leads.Of(Design, room).Found is not [var lead, ..]) return null;
            var snapped = Chosen.Snap(Design, lead, Brief, Set);
            // A setting that had to move is another design.
            if (snapped.Values.Any(v => Set.TryGetValue(v.Key, out var wanted) && Math.Abs(wanted - v.Value) > 1e-9)) return null;
            var draft = Draft.Of(Design, snapped, room);
            if (!draft.Ok) return null;
            var assessed = Assessor.Assess(draft.Value.Blueprint, Brief, Fitness.Food);
            var checks = assessed.Hold.Checks.Concat(assessed.Drain.Checks).ToList();
            checks.Select(c => c.Id).ShouldBeUnique();
            return checks.ToDictionary(c => c.Id);
        }
    }

    [Fact]
    public void No_check_gets_better_by_what_it_guards_against_nor_worse_by_what_helps_it()
    {
        var seen = new Dictionary<(string Check, Quantity Quantity), int>();
        for (var seed = 0; seed < Designs; seed++)
        {
            var random = new Random(seed);
            var one = Any(random);
            if (one.Checks() is not { } before) continue;
            foreach (var quantity in Enum.GetValues<Quantity>())
            {
                if (More(one, quantity) is not { } other || other.Checks() is not { } after) continue;
                foreach (var (id, check) in before)
                {
                    if (!check.Guards.Any(g => g.Quantity == quantity) || !after.TryGetValue(id, out var then)) continue;
                    var worse = check.Guards.First(g => g.Quantity == quantity).MoreIsWorse;
                    var (less, more) = worse ? (check, then) : (then, check);
                    NotBetter(less, more).ShouldBeTrue($"seed {seed}: more {quantity} takes {id} of {one.Thing.Kind.Id} from {Tell(check)} to {Tell(then)}; {string.Join(", ", one.Set.Select(v => $"{v.Key} {v.Value:0.###}"))}");
                    seen[(id, quantity)] = seen.GetValueOrDefault((id, quantity)) + 1;
                }
            }
        }

        // A pair that was never met would prove nothing.
        foreach (var pair in ((string, Quantity)[])
        [
            ("slats", Quantity.Soil), ("slats", Quantity.People), ("slats", Quantity.Wear), ("slats", Quantity.Thickness), ("belly-long-wall", Quantity.Ties), ("belly-end-wall", Quantity.People), ("corner-pull", Quantity.Wetness), ("corner", Quantity.People), ("ties", Quantity.Soil), ("tie-anchor", Quantity.Soil),
            ("foot", Quantity.Ground), ("hoop", Quantity.Soil), ("hoop", Quantity.Wear), ("hoop", Quantity.People), ("plate", Quantity.Soil), ("plate", Quantity.Thickness), ("floor", Quantity.Soil), ("floor", Quantity.Packers), ("floor", Quantity.Pads), ("floor", Quantity.Holes), ("floor", Quantity.People),
            ("floor", Quantity.Wetness), ("tipping", Quantity.Wind), ("tipping", Quantity.Packers), ("bearing", Quantity.Ground), ("bearing", Quantity.Packers), ("retained-height", Quantity.Soil), ("uplift", Quantity.Wind), ("uplift", Quantity.Feet), ("uplift", Quantity.Ground), ("stick-bending", Quantity.Thickness),
            ("stick-bending", Quantity.Feet), ("posts", Quantity.Posts), ("posts", Quantity.Depth), ("posts", Quantity.Soil), ("posts-bent", Quantity.Wetness), ("wall-slide", Quantity.Soil), ("wall-turn", Quantity.People), ("wall-middle", Quantity.Wetness), ("guys", Quantity.Posts), ("guy-pegs", Quantity.Wind), ("guy-pegs-bent", Quantity.Posts), ("legs", Quantity.Thickness), ("below", Quantity.Soil), ("below-corners", Quantity.People), ("rope", Quantity.Soil), ("rods", Quantity.Soil), ("rods", Quantity.People), ("net-wind", Quantity.Wind), ("cradled", Quantity.People), ("bearers", Quantity.Posts), ("leg-bears", Quantity.Soil), ("stops", Quantity.Wetness), ("hole-reach", Quantity.Pads), ("hole-room", Quantity.Pads), ("drain-down", Quantity.Soil),
        ])
        {
            seen.GetValueOrDefault(pair).ShouldBeGreaterThan(50, $"{pair}");
        }
    }

    private static string Tell(Check c) => $"{c.Verdict} {c.Utilisation:0.0000}";

    /// <summary>True where the second is no better than the first.</summary>
    private static bool NotBetter(Check first, Check second)
        => !first.EnoughOrNot && !second.EnoughOrNot && first.Utilisation is { } a && second.Utilisation is { } b ? b >= a * (1 - 1e-9) - 1e-12 && second.Verdict >= first.Verdict : second.Verdict >= first.Verdict;

    private static Case? More(Case one, Quantity quantity) => quantity switch
    {
        // A drum cut higher is another vessel, and so is its test with water.
        Quantity.Soil when one.Thing.Shows(Findings.HeldWater) && one.Set.ContainsKey("height") => null,
        Quantity.Soil => Next(one, one.Set.ContainsKey("soil") ? "soil" : one.Set.ContainsKey("laid") ? "laid" : one.Design is WoundCone ? "" : "height"),
        Quantity.Wetness => one with { Brief = one.Brief with { Medium = one.Brief.Medium with { FieldCapacity = one.Brief.Medium.FieldCapacity + .05, SaturatedDensity = one.Brief.Medium.SaturatedDensity + 60 } } },
        Quantity.Thickness => Thicker(one),
        Quantity.Wear => Worn(one),
        Quantity.People => one.Brief.PeopleAtEdge ? null : one with { Brief = one.Brief with { PeopleAtEdge = true } },
        Quantity.Ground => one.Brief.GroundId switch
        {
            null => one with { Brief = one.Brief with { GroundId = Grounds[one.Thing.Count % Grounds.Length] } },
            "loose-sand" => one with { Brief = one.Brief with { GroundId = "firm-sand" } },
            "soft-clay" => one with { Brief = one.Brief with { GroundId = "firm-clay" } },
            _ => null,
        },
        Quantity.Feet => Next(one, "legs"),
        Quantity.Holes => Next(one, "hole"),
        Quantity.Packers => Next(one, "packers"),
        Quantity.Pads => Next(one, "pad"),
        Quantity.Ties => Next(one, "ties"),
        Quantity.Posts => Next(one, one.Set.ContainsKey("stakes") ? "stakes" : one.Set.ContainsKey("guys") ? "guys" : "posts"),
        Quantity.Depth => Next(one, "embed"),
        Quantity.Screws => Next(one, "screws"),
        Quantity.Wind => one.Brief.Exposure == Exposure.Exposed ? null : one with { Brief = one.Brief with { Exposure = one.Brief.Exposure + 1 } },
        _ => throw new ArgumentOutOfRangeException(nameof(quantity), quantity, "Nobody knows how to make more of it."),
    };

    private static Case? Next(Case one, string id)
    {
        var stops = one.Lead is not { } lead ? null : one.Design.Settings(lead).FirstOrDefault(p => p.Id == id)?.Stops;
        return stops?.FirstOrDefault(s => s.Value > one.Set[id] + 1e-9) is { } next ? one with { Set = new Dictionary<string, double>(one.Set) { [id] = next.Value } } : null;
    }

    private static Case? Thicker(Case one)
    {
        string[] measures = one.Design switch { PalletSectionBed => ["slatThickness"], WoundCone or TripodRidge or WovenEdging or WovenBed => ["butt", "tip"], _ => ["wall"] };
        return Again(one, one.Thing.Values.ToDictionary(v => v.Key, v => measures.Contains(v.Key) ? v.Value * 1.15 : v.Value), one.Thing.Findings);
    }

    private static Case? Worn(Case one)
    {
        var next = ((string, string)[])[("", Findings.Weathered), (Findings.Weathered, Findings.Poor), ("", Findings.RustSurface), (Findings.RustSurface, Findings.RustThrough), ("", Findings.Cracked)];
        var (had, got) = next[one.Thing.Number % next.Length];
        if (!one.Thing.Kind.LookFor.Contains(got) || (had.Length > 0 && !one.Thing.Shows(had))) return null;
        return Again(one, one.Thing.Values, [.. one.Thing.Findings.Where(f => f != had), got]);
    }

    private static Case? Again(Case one, IReadOnlyDictionary<string, double> values, IReadOnlyList<string> findings)
        => Thing.Create(1, one.Thing.Number, "it", one.Thing.Kind.Id, one.Thing.Count, values, one.Thing.Substance, findings, []) is { Ok: true, Value: var thing } ? one with { Thing = thing } : null;

    private static Case Any(Random random)
    {
        for (; ; )
        {
            if (AnyThing(random) is not { } thing) continue;
            var design = Catalogue.All[random.Next(Catalogue.All.Count)];
            if (Leads.Of(design, Stockroom.Of(new([new(thing, Inspection.Judge(thing, HouseRules.Default), thing.Count)]))).Found is not [var lead, ..]) continue;
            var settings = design.Settings(lead).ToDictionary(p => p.Id, p => p.Stops[random.Next(p.Stops.Count)].Value);
            var (medium, _) = Media.Names[random.Next(Media.Names.Count)];
            var brief = Brief.Create(Handbook.Default, medium, null, (Exposure)random.Next(3), random.Next(2) == 0, Site.Soil, random.Next(2) == 0 ? null : Grounds[random.Next(Grounds.Length)]).OrThrow();
            return new(design, thing, settings, brief);
        }
    }

    private static Thing? AnyThing(Random random)
    {
        double In(double from, double to) => from + (to - from) * random.NextDouble();
        var kinds = (string[])["pallet", "pallet", "winged-pallet", "round-tub", "bucket", "tapered-tub", "trough", "drum", "crate", "free-form", "poured", "branches", "branches", "straw-bale", "bricks", "stones", "tyre", "heavy-timber", "mesh"];
        var kind = SalvageKinds.Find(kinds[random.Next(kinds.Length)])!;
        var values = kind.Fields.ToDictionary(f => f.Id, f => f.Unit == Unit.Count ? Math.Clamp(Math.Round(f.Typical * In(.7, 1.5)), f.Least, f.Greatest) : Math.Clamp(f.Typical * In(.6, 1.7), f.Least, f.Greatest));
        if (values.TryGetValue("slats", out var slats)) values["depth"] = slats * values["slatWidth"] * In(1, 1.5);
        if (values.ContainsKey("shortest")) values["shortest"] = values["longest"];
        List<string> findings = [Findings.LookedOver, Findings.HeldFood, Findings.HeatMark];
        foreach (var maybe in (string[])[Findings.Weathered, Findings.RustSurface, Findings.HeldWater])
        {
            if (random.Next(3) == 0) findings.Add(maybe);
        }

        return Thing.Create(1, random.Next(1, 1000), "it", kind.Id, kind.Id is "bricks" or "stones" ? random.Next(30, 90) : random.Next(8, 20), values, kind.Substances[random.Next(kind.Substances.Count)], [.. findings.Where(kind.LookFor.Contains)], []).Value;
    }
}
