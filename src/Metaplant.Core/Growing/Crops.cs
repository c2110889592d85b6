using System.Globalization;
using System.Runtime.CompilerServices;
using Metaplant.Core.Drainage;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Growing;

/// <summary>
/// The table of crops; a new crop is a new line. Spacings, depths and days are the usual ones of kitchen-garden practice for full-grown plants in mild summers; litres are what one plant wants in a
/// vessel; yields are of small gardens and wide. Kc and p are of FAO-56 tables 12 and 22, for crops that are not there of their nearest kin. All numbers are rows of the handbook: <c>crop.{id}.{column}</c>.
/// </summary>
[Table(20, "Crops")]
public static class Crops
{
    private const char Food = 'F';

    // Lengths in mm. food F or ornamental O; half of the day - either, am, pm; thirst Dry-footed, Ordinary, Thirsty; heat Cool, Ordinary, Loves; soil Lean, Ordinary, Rich; season Cool, Warm;
    // form Upright, Bushy, Trailing; raised In place, Under cover, Set out; picked Once, Again, Little by little; pH it bears at most where it wants sour soil; blk the least rows and columns of a block where wind pollinates it.
    private const string Table = """
        id              | name             | plural               |f|space| row|deep|litre|sun|half|th|he|so|se|night|high|across|fo|climb    |grip|ra|to plant|harvest|goes on|pi|  kg |spread|keeps| Kc | p |bury| pH|blk| eaten by
        lettuce         | Lettuce          | lettuces             |F| 250| 250| 150| 3  | 4 | am |T|C|O|C| -2| 250| 300|B|none     | 0|U| 30|  45| 21|A| .30|.35|  7|1.00|.30|  0| - | - | slugs, aphids
        radish          | Radish           | radishes             |F|  50| 150| 120| .4 | 4 | am |O|C|O|C| -3| 200| 100|U|none     | 0|I|  0|  28| 10|O| .02|.30| 10| .90|.30|  0| - | - | flea beetles, slugs
        spinach         | Spinach          | spinach plants       |F| 150| 250| 200| 2  | 4 | am |T|C|R|C| -6| 300| 200|B|none     | 0|I|  0|  45| 30|A| .25|.40|  4|1.00|.20|  0| - | - | leaf miners, slugs
        chard           | Chard            | chard plants         |F| 300| 300| 250| 6  | 4 | -  |O|O|O|C| -6| 500| 350|B|none     | 0|U| 28|  50|120|A|1.20|.40|  5|1.05|.45|  0| - | - | leaf miners, slugs
        beetroot        | Beetroot         | beetroots            |F| 100| 250| 250| 2  | 5 | -  |O|O|O|C| -3| 350| 200|U|none     | 0|I|  0|  75| 45|O| .20|.30|120|1.05|.50|  0| - | - | leaf miners, birds
        carrot          | Carrot           | carrots              |F|  50| 200| 300| .8 | 5 | -  |O|O|L|C| -5| 350| 100|U|none     | 0|I|  0|  85| 60|O| .08|.35|150|1.05|.35|  0| - | - | carrot flies, slugs
        kohlrabi        | Kohlrabi         | kohlrabi             |F| 250| 300| 220| 5  | 5 | -  |O|C|R|C| -4| 400| 250|U|none     | 0|U| 28|  50| 21|O| .30|.30| 30|1.05|.45| 20| - | - | caterpillars, flea beetles
        spring-onion    | Spring onion     | spring onions        |F|  30| 150| 150| .3 | 5 | -  |O|O|O|C| -6| 300|  40|U|none     | 0|I|  0|  65| 30|O| .02|.25|  7|1.00|.30| 40| - | - | onion flies
        strawberry      | Strawberry       | strawberry plants    |F| 300| 400| 200| 4  | 6 | -  |O|O|R|C| -5| 250| 350|T|none     | 0|S|  0|  60| 30|L| .40|.50|  3| .85|.20|  0| - | - | birds, slugs
        thyme           | Thyme            | thyme plants         |F| 250| 300| 150| 2.5| 6 | -  |D|L|L|W|-12| 250| 300|B|none     | 0|S|  0|  60|150|A| .10|.50|  7| .90|.55|  0| - | - | little eats it
        rosemary        | Rosemary         | rosemary bushes      |F| 600| 600| 300|12  | 6 | -  |D|L|L|W| -8|1000| 700|B|none     | 0|S|  0|  90|200|A| .20|.50| 10| .90|.60|  0| - | - | rosemary beetles
        tomato          | Tomato           | tomatoes             |F| 450| 600| 300|15  | 7 | -  |O|L|R|W|  8|1800| 500|U|tied     | 0|U| 50|  65| 70|L|2.50|.45| 10|1.15|.40|150| - | - | aphids, caterpillars
        courgette       | Courgette        | courgettes           |F| 800| 800| 300|30  | 6 | -  |T|O|R|W|  8| 600|1000|B|none     | 0|U| 25|  50| 75|L|4.00|.45| 10| .95|.50| 20| - | - | slugs
        potato          | Potato           | potatoes             |F| 350| 600| 350|15  | 6 | -  |O|O|R|C|  1| 600| 500|B|none     | 0|S|  0| 100| 30|O| .90|.40|150|1.15|.35|200| - | - | slugs, beetles
        parsnip         | Parsnip          | parsnips             |F| 150| 300| 450| 4  | 5 | -  |O|O|L|C|-10| 500| 250|U|none     | 0|I|  0| 170|100|O| .25|.30|120|1.05|.40|  0| - | - | carrot flies
        dwarf-bean      | Dwarf bean       | dwarf beans          |F| 150| 400| 250| 4  | 6 | -  |O|O|O|W|  7| 500| 300|B|none     | 0|I|  0|  60| 30|L| .20|.40|  7|1.05|.45| 20| - | - | slugs, aphids
        runner-bean     | Runner bean      | runner beans         |F| 200| 450| 350| 8  | 6 | -  |T|O|R|W|  6|2400| 400|U|twiner   |40|I|  0|  75| 60|L| .90|.40|  7|1.15|.45| 20| - | - | slugs, aphids
        pea             | Climbing pea     | climbing peas        |F|  70| 450| 250| 1.8 | 5 | am |O|C|O|C| -3|1600| 150|U|tendril  | 6|I|  0|  75| 21|L| .12|.40|  4|1.15|.35| 30| - | - | pigeons, mice
        cucumber        | Cucumber         | cucumbers            |F| 450| 600| 300|15  | 7 | -  |T|L|R|W| 12|1800| 500|T|tendril  | 8|U| 28|  50| 60|L|2.50|.40|  8|1.00|.50| 20| - | - | red spider mites, slugs
        sweet-pea       | Sweet pea        | sweet peas           |O| 150| 300| 425| 3  | 5 | am |O|C|R|C| -5|1800| 200|U|tendril  | 6|U| 40|  75| 60|L|   0|  0|  5|1.15|.35| 30| - | - | slugs, mice
        nasturtium      | Nasturtium       | nasturtiums          |O| 300| 300| 150| 3  | 5 | -  |D|O|L|W|  1| 400| 600|T|scrambler|12|I|  0|  60| 90|L|   0|  0|  3| .90|.45| 20| - | - | blackfly, caterpillars
        lavender        | Lavender         | lavender bushes      |O| 400| 450| 250| 8  | 6 | -  |D|L|L|W|-12| 600| 600|B|none     | 0|S|  0| 120| 40|A|   0|  0|300| .80|.60|  0| - | - | little eats it
        viola           | Viola            | violas               |O| 150| 150| 120| 1  | 3 | am |O|C|O|C| -8| 200| 200|B|none     | 0|S|  0|  30| 90|L|   0|  0|  3| .90|.40|  0| - | - | slugs
        stonecrop       | Stonecrop        | stonecrops           |O| 150| 150|  80| .8 | 6 | -  |D|L|L|W|-15| 100| 250|T|none     | 0|S|  0|  60| 90|L|   0|  0|  3| .60|.65| 10| - | - | vine weevils
        rocket          | Rocket           | rocket plants        |F| 100| 150| 120| .6 | 3 | am |O|C|O|C| -4| 250| 150|B|none     | 0|I|  0|  35| 30|A| .08|.40|  4|1.00|.30|  0| - | - | flea beetles
        pak-choi        | Pak choi         | pak choi             |F| 200| 250| 180| 2.5| 4 | am |T|C|R|C| -2| 300| 250|U|none     | 0|U| 25|  35| 14|O| .30|.35|  7|1.00|.45| 20| - | - | flea beetles, slugs
        mustard-leaf    | Mustard leaf     | mustard plants       |F| 150| 200| 150| 1.5| 3 | am |O|C|O|C| -6| 300| 200|B|none     | 0|I|  0|  35| 30|A| .15|.40|  4|1.00|.35|  0| - | - | flea beetles
        kale            | Kale             | kale plants          |F| 450| 500| 300|12  | 4 | -  |O|C|R|C|-12| 800| 500|U|none     | 0|U| 40|  65|150|A|1.00|.40|  7|1.05|.45|100| - | - | caterpillars, pigeons
        cabbage         | Cabbage          | cabbages             |F| 450| 450| 300|12  | 5 | -  |T|C|R|C| -6| 400| 500|B|none     | 0|U| 40|  80| 30|O|1.20|.35| 90|1.05|.45| 50| - | - | caterpillars, pigeons, slugs
        sprouting-broccoli | Sprouting broccoli| sprouting broccoli  |F| 500| 600| 300|15  | 5 | -  |O|C|R|C|-10| 900| 600|U|none     | 0|U| 40| 200| 45|L| .70|.35|  5|1.05|.45| 80| - | - | caterpillars, pigeons
        cauliflower     | Cauliflower      | cauliflowers         |F| 550| 600| 350|18  | 5 | -  |T|C|R|C| -3| 500| 600|B|none     | 0|U| 40|  90| 14|O| .80|.40| 14|1.05|.45| 50| - | - | caterpillars, pigeons
        celery          | Celery           | celery plants        |F| 250| 300| 250| 6  | 5 | am |T|C|R|C| -1| 450| 250|U|none     | 0|U| 60|  90| 45|O| .50|.35| 21|1.05|.20| 50| - | - | slugs, leaf miners
        turnip          | Turnip           | turnips              |F| 120| 250| 220| 2  | 4 | -  |O|C|O|C| -4| 350| 200|U|none     | 0|I|  0|  55| 30|O| .20|.30| 60|1.10|.50|  0| - | - | flea beetles, root flies
        onion           | Onion            | onions               |F| 100| 250| 200| 1.5| 6 | -  |O|O|O|C| -6| 450| 120|U|none     | 0|S|  0| 120| 20|O| .12|.35|180|1.05|.30|  0| - | - | onion flies
        garlic          | Garlic           | garlic bulbs         |F| 120| 250| 200| 1.5| 6 | -  |O|O|O|C|-12| 500| 120|U|none     | 0|S|  0| 240| 14|O| .06|.30|200|1.00|.30|  0| - | - | little eats it
        leek            | Leek             | leeks                |F| 150| 300| 300| 3  | 5 | -  |O|O|R|C|-10| 500| 150|U|none     | 0|U| 70| 110|120|O| .25|.30| 21|1.00|.30|150| - | - | leek moths
        chive           | Chives           | clumps of chives     |F| 200| 250| 150| 2  | 4 | -  |O|O|O|C|-15| 300| 200|U|none     | 0|S|  0|  40|150|A| .10|.40|  4|1.00|.35|  0| - | - | little eats it
        mint            | Mint             | mint plants          |F| 300| 300| 200| 5  | 3 | am |T|O|R|C|-12| 500| 500|T|none     | 0|S|  0|  40|150|A| .30|.50|  4|1.15|.40| 50| - | - | mint beetles
        parsley         | Parsley          | parsley plants       |F| 200| 250| 200| 3  | 3 | am |O|O|R|C| -6| 300| 250|B|none     | 0|U| 45|  60|120|A| .20|.40|  7|1.05|.35|  0| - | - | slugs
        coriander       | Coriander        | coriander plants     |F|  80| 200| 200| 1  | 4 | am |O|C|O|C| -2| 400| 150|U|none     | 0|I|  0|  40| 21|A| .04|.40|  4|1.00|.35|  0| - | - | slugs
        basil           | Basil            | basil plants         |F| 200| 250| 150| 2  | 6 | -  |O|L|R|W| 10| 400| 250|B|none     | 0|U| 35|  40| 75|A| .15|.45|  3|1.00|.40| 20| - | - | slugs
        sage            | Sage             | sage bushes          |F| 450| 500| 250| 8  | 6 | -  |D|L|L|W|-12| 600| 600|B|none     | 0|S|  0|  75|180|A| .20|.50| 10| .90|.55|  0| - | - | leafhoppers
        oregano         | Oregano          | oregano plants       |F| 300| 350| 180| 4  | 6 | -  |D|L|L|W|-15| 400| 400|T|none     | 0|S|  0|  60|150|A| .15|.50|  7| .90|.55|  0| - | - | little eats it
        pepper          | Sweet pepper     | sweet peppers        |F| 400| 500| 250|10  | 7 | -  |O|L|R|W| 12| 700| 450|U|tied     | 0|U| 60|  75| 60|L| .80|.45| 14|1.05|.30| 50| - | - | aphids, slugs
        chilli          | Chilli           | chillies             |F| 350| 450| 200| 6  | 7 | -  |O|L|O|W| 12| 600| 400|B|none     | 0|U| 60|  80| 60|L| .35|.50| 30|1.05|.30| 50| - | - | aphids
        aubergine       | Aubergine        | aubergines           |F| 500| 600| 300|15  | 7 | -  |T|L|R|W| 13| 800| 500|B|tied     | 0|U| 60|  80| 50|L|1.30|.50|  8|1.05|.45| 50| - | - | red spider mites, aphids
        pumpkin         | Pumpkin          | pumpkins             |F|1200|1500| 400|50  | 7 | -  |T|O|R|W|  8| 500|3000|T|scrambler|12|U| 28| 100| 20|O|6.00|.50|150|1.00|.35| 50| - | - | slugs, mice
        melon           | Melon            | melons               |F| 600| 900| 300|20  | 8 | -  |O|L|R|W| 14|1500| 800|T|tendril  | 8|U| 30|  90| 25|L|2.00|.50| 10|1.05|.40| 20| - | - | red spider mites, slugs
        sweet-corn      | Sweet corn       | sweet corn plants    |F| 350| 400| 300|12  | 7 | -  |O|L|R|W|  7|1800| 400|U|none     | 0|U| 28|  85| 14|O| .40|.35|  3|1.15|.50| 50| - | 3 | mice, birds
        broad-bean      | Broad bean       | broad beans          |F| 200| 450| 300| 6  | 5 | -  |O|C|O|C| -8|1000| 250|U|tied     | 0|I|  0| 110| 21|L| .30|.40|  5|1.15|.45| 30| - | - | blackfly, mice
        climbing-bean   | Climbing French bean | climbing French beans|F| 150| 450| 300| 6 | 6 | -  |O|O|O|W|  8|2200| 300|U|twiner|30|I|  0|  65| 50|L| .50|.40|  7|1.05|.45| 20| - | - | slugs, aphids
        mangetout       | Mangetout        | mangetout            |F|  70| 450| 250| 1.8 | 5 | am |O|C|O|C| -3|1200| 150|U|tendril  | 6|I|  0|  65| 25|L| .10|.40|  5|1.15|.35| 30| - | - | pigeons, mice
        sweet-potato    | Sweet potato     | sweet potatoes       |F| 350| 750| 350|20  | 7 | -  |O|L|O|W| 12| 400|1500|T|none     | 0|S|  0| 120| 20|O| .80|.50|120|1.15|.65| 50| - | - | slugs, mice
        jerusalem-artichoke | Jerusalem artichoke | Jerusalem artichokes |F| 400| 700| 350|20  | 5 | -  |O|O|O|C|-15|2500| 500|U|tied     | 0|S|  0| 200| 90|O|1.50|.40| 14|1.05|.50|200| - | - | slugs, voles
        rhubarb         | Rhubarb          | rhubarb crowns       |F| 900| 900| 450|50  | 4 | am |T|C|R|C|-18| 700|1000|B|none     | 0|S|  0| 400| 75|A|1.80|.40| 10|1.05|.40|  0| - | - | slugs
        asparagus       | Asparagus        | asparagus crowns     |F| 350| 900| 450|25  | 6 | -  |O|O|R|C|-18|1500| 500|U|none     | 0|S|  0| 730| 42|L| .35|.40|  4| .95|.45|150| - | - | asparagus beetles, slugs
        blackcurrant    | Blackcurrant     | blackcurrant bushes  |F|1200|1500| 450|45  | 5 | -  |T|C|R|C|-20|1400|1300|B|none     | 0|S|  0| 420| 21|L|3.00|.45|  4|1.05|.50|100| - | - | birds, gall mites
        raspberry       | Raspberry        | raspberry canes      |F| 400|1500| 300|20  | 5 | -  |T|C|R|C|-20|1600| 500|U|tied     | 0|S|  0| 400| 45|L| .80|.45|  2|1.05|.50| 50| - | - | birds, raspberry beetles
        blueberry       | Blueberry        | blueberry bushes     |F| 900|1200| 350|40  | 6 | -  |T|O|L|C|-20|1200| 900|B|none     | 0|S|  0| 420| 40|L|1.50|.45| 10|1.05|.50|  0|5.5| - | birds
        calendula       | Calendula        | calendulas           |O| 250| 300| 180| 2.5| 5 | -  |O|O|O|C| -4| 450| 300|B|none     | 0|I|  0|  60| 90|L|   0|  0|  5| .95|.45|  0| - | - | blackfly, slugs
        sunflower       | Dwarf sunflower  | dwarf sunflowers     |O| 300| 400| 250| 6  | 7 | -  |O|L|O|W|  3| 800| 300|U|none     | 0|I|  0|  70| 30|L|   0|  0|  6|1.10|.45| 20| - | - | slugs, birds
        cosmos          | Cosmos           | cosmos plants        |O| 350| 400| 200| 5  | 6 | -  |O|L|L|W|  3| 900| 400|B|none     | 0|U| 35|  50| 90|L|   0|  0|  5| .95|.45| 20| - | - | slugs
        """;

    /// <summary>Columns that are numbers a gardener may replace, by the place in the line.</summary>
    private static readonly (string Id, int Place, string Symbol, string Meaning, Unit Unit, double Scale)[] Columns =
    [
        ("spacing", 4, "s", "between plants", Unit.Metre, 1e-3),
        ("row-spacing", 5, "r", "between rows", Unit.Metre, 1e-3),
        ("depth", 6, "z", "least depth to root in", Unit.Metre, 1e-3),
        ("litres", 7, "V", "soil one plant wants", Unit.Litre, 1),
        ("light", 8, "t", "hours of sun it wants", Unit.Count, 1),
        ("night", 14, "T", "coldest night it comes through", Unit.DegreeCelsius, 1),
        ("height", 15, "H", "height", Unit.Metre, 1e-3),
        ("spread", 16, "D", "across when grown", Unit.Metre, 1e-3),
        ("grip", 19, "d", "thickest stick it climbs", Unit.Metre, 1e-3),
        ("to-plant", 21, "t", "from sowing to planting out", Unit.Day, 1),
        ("to-harvest", 22, "t", "to the first picking", Unit.Day, 1),
        ("harvest", 23, "t", "goes on for", Unit.Day, 1),
        ("yield", 25, "Y", "what one plant gives in a season", Unit.Kilogram, 1),
        ("yield-spread", 26, "±", "half the range of it, as a part", Unit.One, 1),
        ("keeps", 27, "t", "keeps when picked", Unit.Day, 1),
        ("kc", 28, "K_c", "water it uses over that of grass", Unit.One, 1),
        ("depletion", 29, "p", "part of the water it takes before it suffers", Unit.One, 1),
        ("bury", 30, "b", "how far its stem may be buried", Unit.Metre, 1e-3),
    ];

    private static readonly string[][] Lines = [.. Table.Split('\n', StringSplitOptions.RemoveEmptyEntries).Skip(1).Select(l => l.Split('|', StringSplitOptions.TrimEntries))];

    /// <summary>The numbers of the table that are not nothing; nothing stays nothing.</summary>
    public static IReadOnlyList<Constant> Rows { get; } = [.. Lines.SelectMany(l => Columns.Where(c => Number(l[c.Place]) != 0).Select(c => Row(l, c)))];

    public static IReadOnlyList<string> Ids { get; } = [.. Lines.Select(l => l[0])];

    private static readonly ConditionalWeakTable<Handbook, IReadOnlyList<Crop>> Made = [];

    /// <summary>All crops with the numbers in force, in the order of the table.</summary>
    public static IReadOnlyList<Crop> In(Handbook handbook) => Made.GetValue(handbook, h => [.. Lines.Select(l => Read(l, h))]);

    /// <summary>The crop with the numbers in force; null when there is none of that id.</summary>
    public static Crop? Find(Handbook handbook, string id) => In(handbook).FirstOrDefault(c => c.Id == id);

    private static Constant Row(string[] line, (string Id, int Place, string Symbol, string Meaning, Unit Unit, double Scale) c)
    {
        var fao = c.Id is "kc" or "depletion";
        var row = new Constant(
            $"crop.{line[0]}.{c.Id}", c.Symbol, $"{line[1]}: {c.Meaning}", Number(line[c.Place]) * c.Scale, c.Unit, Evidence.Assumed,
            fao ? c.Id == "kc" ? "FAO-56 table 12, or its nearest kin there" : "FAO-56 table 22, or its nearest kin there" : c.Id.StartsWith("yield", StringComparison.Ordinal) ? "Small gardens, widely spread; your own log corrects it" : "Kitchen-garden practice");
        return c.Unit == Unit.DegreeCelsius ? row with { NeverBelow = -40, NeverAbove = 25 } : c.Id == "kc" ? row with { NeverAbove = 1.5 } : row;
    }

    private static Crop Read(string[] l, Handbook handbook)
    {
        return new(
            l[0], l[1], l[2], l[3][0] == Food, Of("spacing"), Of("row-spacing"), Of("depth"), Of("litres"), Of("light"), l[9] switch { "am" => SunHalf.Morning, "pm" => SunHalf.Afternoon, _ => SunHalf.Either },
            One<ThirstClass>(l[10]), One<HeatClass>(l[11]), One<MediumClass>(l[12]), One<GrowingSeason>(l[13]), Of("night"), Of("height"), Of("spread"), One<PlantForm>(l[17]), Enum.Parse<Climbing>(l[18], ignoreCase: true), Of("grip"),
            l[20] switch { "I" => Raising.SowInPlace, "U" => Raising.RaiseUnderCover, _ => Raising.SetOut }, Of("to-plant"), Of("to-harvest"), Of("harvest"),
            l[24] switch { "O" => Picking.Once, "A" => Picking.CutAgain, _ => Picking.LittleByLittle }, Of("yield"), Of("yield-spread"), Of("keeps"), Of("kc"), Of("depletion"), Of("bury"),
            l[31] == "-" ? null : Number(l[31]), l[32] == "-" ? 1 : (int)Number(l[32]), [.. l[33].Split(',', StringSplitOptions.TrimEntries)]);

        double Of(string column) => Number(l[Array.Find(Columns, c => c.Id == column).Place]) == 0 ? 0 : handbook[$"crop.{l[0]}.{column}"];
    }

    /// <summary>The member that begins with a letter.</summary>
    private static T One<T>(string letter)
        where T : struct, Enum
        => Enum.GetValues<T>().Single(v => v.ToString().StartsWith(letter, StringComparison.Ordinal));

    private static double Number(string cell) => double.Parse(cell, CultureInfo.InvariantCulture);
}
