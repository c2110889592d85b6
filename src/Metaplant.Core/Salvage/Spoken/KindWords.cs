using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage.Spoken;

/// <summary>A word or a few that a kind is called by, and what it is made of where the word says so.</summary>
public sealed record CalledBy(SalvageKind Kind, Substance? Substance, string Phrase);

/// <summary>What people call the kinds of salvage, in several Englishes. A kind that is not here is found by its own name; a new one needs no row.</summary>
public static class KindWords
{
    /// <summary>Kind, or kind and what it is then made of: words, the commonest first.</summary>
    private const string Table = """
        ash                         | ash, wood ash, ashes
        barrow-tray                 | wheelbarrow, barrow, wheelbarrow tub, barrow bowl, pushcart
        basket                      | basket, wicker basket, hamper, hanging basket, laundry basket
        board                       | board, plank, scaffold board, scaffolding board, floorboard, shelf board, decking, cladding, skirting, fence board, lath, slat
        board/Hardwood              | oak board, oak plank, parquet
        post                        | post, timber, beam, joist, stud, two by four, batten, rafter, lumber, fence post, bed leg, newel
        heavy-timber                | railway sleeper, sleeper, railroad tie, crosstie, landscape timber
        blocks                      | block, breeze block, cinder block, concrete block, cmu, kerb, curb
        bricks                      | brick, paver, paving brick, cobble, sett
        slates                      | slate, roof tile, tile, paving slab, slab, flagstone
        stones                      | stone, rock, boulder, rubble, fieldstone
        straw-bale                  | bale, straw bale, hay bale
        branches                    | branch, branches, bean pole, bean poles, prunings, pea stick, willow branch
        branches/DryWood            | hazel, hazel poles, hazel stakes, ash poles
        rods                        | rod bundle, withy, withies, osier, whip, wattle
        rods/GreenWood              | willow, willow rods, willow whips, dogwood
        twigs                       | twig, twigs, brushwood, brush, pea brush
        canes                       | cane, bamboo, bamboo cane, garden cane
        pole                        | pole, oar, broomstick, broom handle, handle, paddle, ski pole, curtain pole, flagpole, spar, tent pole
        bucket                      | bucket, pail, mop bucket, scuttle, coal scuttle
        cable-reel                  | cable reel, cable drum, wire spool, spool, reel
        card                        | card, cardboard, cardboard box, carton
        cart                        | cart, trolley, wagon, hand cart, sack truck, pram
        chain                       | chain, dog chain
        compost                     | compost, garden compost, humus, worm castings
        conduit                     | conduit, pipe, water pipe, drainpipe, downpipe, downspout, plastic pipe, electrical conduit
        copper-pipe                 | copper pipe, copper tube, copper, copper tubing
        conduit/Pvc                 | pvc pipe, waste pipe
        conduit/Lead                | lead pipe
        crate                       | crate, wooden box, fruit box, apple box, wine box, wine crate, drawer, chest
        door                        | door, house door, cupboard door, wardrobe door, barn door
        dough-trough                | dough trough, kneading trough, scalding trough, pig trough
        duct                        | rectangular duct, square duct, air duct, flat duct
        plastic-crate               | plastic crate, milk crate, bread crate, beer crate, bottle crate, bakery crate, stacking crate
        drum                        | drum, barrel, oil drum, water butt, rain barrel, juice drum, keg
        drum/Polyethylene           | plastic drum, plastic barrel, blue barrel, blue drum
        drum/Steel                  | steel drum, steel barrel, oil barrel
        fabric                      | cloth, fabric, sheet of cloth, blanket, sail, sailcloth, canvas, curtain, landscape fabric, weed membrane, fleece, burlap, hessian, carpet
        film                        | film, tarp, tarpaulin, pond liner, plastic sheet, polythene, visqueen, liner
        fixings                     | screw, screws, nail, nails, bolt, bolts, coach bolt, lag screw, fixing
        flat-sheet                  | sheet metal, flat sheet, metal sheet, tray lid, fridge panel, lead sheet, flashing, panel
        flexible-pipe               | hose, garden hose, hosepipe, flexible pipe, irrigation pipe, poly pipe, alkathene
        free-form                   | boat, dinghy, canoe, rowing boat, hull, odd vessel
        green-waste                 | green waste, grass clippings, grass, weeds, hedge clippings
        grit                        | grit, gravel, sand, shell, pea gravel, pea shingle, shingle, chippings, pumice
        half-pallet                 | half pallet, half size pallet, display pallet
        hardware                    | shackle, hook, ring, carabiner, turnbuckle, eye bolt, pulley
        ladder                      | ladder, stepladder, step ladder, steps, loft ladder
        lattice                     | lattice, trellis, gate, old gate, bed frame, cot side, crib side, headboard, railing, fence panel, window frame
        leaves                      | leaves, leaf, leaf mould, leaf mold, leafmould
        line                        | rope, twine, string, washing line, clothesline, clothes line, cord, net line, baler twine
        line/Wire                   | wire, fence wire, fencing wire, washing line wire, cable, coat hanger
        logs                        | log, logs, firewood, trunk, stump
        manure                      | manure, horse manure, dung, muck
        mesh                        | mesh, chicken wire, netting, wire netting, hardware cloth, weldmesh, welded mesh, fence mesh, net, fishing net, concrete mesh
        pallet                      | pallet, euro pallet, shipping pallet, skid pallet, freight pallet
        winged-pallet               | winged pallet, wing pallet
        skid                        | skid, runner pallet, engine skid
        pan                         | pan, basin, wash basin, sink, dish pan, washing-up bowl, bowl, wok, saucepan, dishpan, colander
        ply                         | plywood, ply, osb, chipboard, table top, worktop, mdf, board sheet, hardboard
        poured                      | odd pot, vase, urn, toilet, lavatory pan
        roofing-sheet               | corrugated, corrugated iron, corrugated sheet, roofing sheet, tin roof, roof sheet, wriggly tin, roofing, metal roofing
        round-tub                   | tub, round tub, planter, plant pot, flower pot, pot, half barrel, half whiskey barrel, whiskey barrel, wash tub, laundry tub, trash can, dustbin, garbage can, rubbish bin, bin
        round-tub/Copper            | wash copper, copper boiler, copper tub
        round-tub/ZincCoatedSteel   | tin tub, galvanised tub, galvanized tub, metal tub
        sack                        | sack, bag, feed bag, feed sack, bulk bag, grow bag, coffee sack, burlap sack, potato sack, rubble sack
        soil                        | soil, topsoil, earth, dirt, potting soil, potting mix, potting compost, loam, turf
        steel-rod                   | rebar, steel rod, rod, metal rod, reinforcing bar, tent peg, threaded rod
        angle                       | angle, angle iron, angle iron bed, purlin, track, bed rail, unistrut, shelf upright, c channel, garage track
        stick-pile                  | sticks, kindling, stick heap
        table                       | table, dining table, coffee table, desk, workbench
        table-frame                 | table frame, desk frame, bench frame, chair, chair frame, stool
        tapered-tub                 | box, fish box, bait tub, tray, storage tray, recycling box, litter tray, cooler, coolbox, ice chest, window box
        tapered-tub/EnamelledIron   | belfast sink, butler sink, enamel sink
        tapered-tub/ZincCoatedSteel | tin bath, zinc bath, water tank, cistern
        tote                        | tote, storage box, storage tote, storage bin, plastic box, toy box
        trough                      | trough, bath, bathtub, bath tub, cattle trough, stock tank, water trough, feed trough, rinse trough
        tube                        | tube, duct, ducting, vent pipe, stovepipe, flue, chimney pot, drain tile, sewer pipe, culvert
        tyre                        | tyre, tire, car tyre, car tire, tractor tyre
        woodchip                    | woodchip, wood chip, wood chips, chips, bark, mulch, sawdust, shavings
        """;

    /// <summary>Every kind by every word, its own name last.</summary>
    public static IReadOnlyList<CalledBy> All { get; } = [.. Rows().Concat(SalvageKinds.All.Select(k => new CalledBy(k, null, Plain(k.Name))))];

    /// <summary>Words of a substance that people say beside a thing: "steel", "plastic", "oak".</summary>
    public static IReadOnlyList<(string Word, Substance[] Of)> OfSubstances { get; } =
    [
        ("plastic", [Substance.Polyethylene, Substance.UnknownPlastic]), ("steel", [Substance.Steel, Substance.ZincCoatedSteel]), ("galvanised", [Substance.ZincCoatedSteel]), ("galvanized", [Substance.ZincCoatedSteel]), ("zinc", [Substance.ZincCoatedSteel]),
        ("tin", [Substance.ZincCoatedSteel, Substance.Steel]), ("copper", [Substance.Copper]), ("brass", [Substance.Brass]), ("aluminium", [Substance.Aluminium]), ("aluminum", [Substance.Aluminium]), ("enamel", [Substance.EnamelledIron]), ("enamelled", [Substance.EnamelledIron]),
        ("iron", [Substance.CastIron, Substance.Steel]), ("pvc", [Substance.Pvc]), ("lead", [Substance.Lead]), ("oak", [Substance.Hardwood]), ("hardwood", [Substance.Hardwood]), ("beech", [Substance.Hardwood]), ("pine", [Substance.Softwood]), ("spruce", [Substance.Softwood]), ("fir", [Substance.Softwood]),
        ("softwood", [Substance.Softwood]), ("bamboo", [Substance.Bamboo]), ("concrete", [Substance.Concrete]), ("clay", [Substance.FiredClay]), ("terracotta", [Substance.FiredClay]), ("asbestos", [Substance.FibreCement]), ("rubber", [Substance.Rubber]), ("nylon", [Substance.SyntheticFibre]), ("jute", [Substance.NaturalFibre]), ("sisal", [Substance.NaturalFibre]),
    ];

    private static IEnumerable<CalledBy> Rows()
        => from line in Table.Split('\n', StringSplitOptions.RemoveEmptyEntries)
           let cells = line.Split('|', StringSplitOptions.TrimEntries)
           let kind = cells[0].Split('/')
           from word in cells[1].Split(',', StringSplitOptions.TrimEntries)
           select new CalledBy(SalvageKinds.Find(kind[0]) ?? throw new InvalidOperationException($"There is no kind {kind[0]}."), kind.Length > 1 ? Enum.Parse<Substance>(kind[1]) : null, Plain(word));

    /// <summary>Small letters and digits, each word in the singular.</summary>
    internal static string Plain(string words) => string.Join(' ', words.ToLowerInvariant().Replace('-', ' ').Split([' ', ',', '(', ')'], StringSplitOptions.RemoveEmptyEntries).Select(Singular));

    internal static string Singular(string word) => word switch
    {
        "leaves" => "leaf",
        "withies" => "withy",
        "branches" or "boxes" or "benches" or "torches" or "dishes" => word[..^2],
        { Length: > 3 } when word.EndsWith('s') && !word.EndsWith("ss", StringComparison.Ordinal) && !word.EndsWith("us", StringComparison.Ordinal) => word[..^1],
        _ => word,
    };
}
