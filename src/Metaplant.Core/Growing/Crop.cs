using Metaplant.Core.Drainage;

namespace Metaplant.Core.Growing;

/// <summary>How a plant climbs, and so what it can hold on to.</summary>
public enum Climbing
{
    None,
    Tendril,
    Twiner,
    Scrambler,
    Tied,
}

/// <summary>
/// A crop. Spacings, depth, height and grip in m; litres of soil one plant wants; light in hours of sun.
/// </summary>
/// <param name="Edible">False for ornamentals.</param>
/// <param name="ThickestGrip">The thickest stick it can climb by itself, m; 0 for a plant that does not climb, and not asked of one that is tied.</param>
public sealed record Crop(
    string Id, string Name, string Plural, bool Edible, double Spacing, double RowSpacing, double LeastDepth, double LeastLitres, double LightHours, ThirstClass Thirst,
    Climbing Climbing, double ThickestGrip, double Height);

/// <summary>
/// The table of crops. Spacings and depths are the usual ones of kitchen-garden practice for full-grown plants; litres are what one plant wants in a vessel.
/// </summary>
public static class Crops
{
    public static IReadOnlyList<Crop> All { get; } =
    [
        new("lettuce", "Lettuce", "lettuces", true, .25, .25, .15, 3, 4, ThirstClass.Thirsty, Climbing.None, 0, .25),
        new("radish", "Radish", "radishes", true, .05, .15, .12, .4, 4, ThirstClass.Ordinary, Climbing.None, 0, .20),
        new("spinach", "Spinach", "spinach plants", true, .15, .25, .20, 2, 4, ThirstClass.Thirsty, Climbing.None, 0, .30),
        new("chard", "Chard", "chard plants", true, .30, .30, .25, 6, 4, ThirstClass.Ordinary, Climbing.None, 0, .50),
        new("beetroot", "Beetroot", "beetroots", true, .10, .25, .25, 2, 5, ThirstClass.Ordinary, Climbing.None, 0, .35),
        new("carrot", "Carrot", "carrots", true, .05, .20, .30, .8, 5, ThirstClass.Ordinary, Climbing.None, 0, .35),
        new("kohlrabi", "Kohlrabi", "kohlrabi", true, .25, .30, .22, 5, 5, ThirstClass.Ordinary, Climbing.None, 0, .40),
        new("spring-onion", "Spring onion", "spring onions", true, .03, .15, .15, .3, 5, ThirstClass.Ordinary, Climbing.None, 0, .30),
        new("strawberry", "Strawberry", "strawberry plants", true, .30, .40, .20, 4, 6, ThirstClass.Ordinary, Climbing.None, 0, .25),
        new("thyme", "Thyme", "thyme plants", true, .25, .30, .15, 2.5, 6, ThirstClass.DryFooted, Climbing.None, 0, .25),
        new("rosemary", "Rosemary", "rosemary bushes", true, .60, .60, .30, 12, 6, ThirstClass.DryFooted, Climbing.None, 0, 1.0),
        new("tomato", "Tomato", "tomatoes", true, .45, .60, .30, 15, 7, ThirstClass.Ordinary, Climbing.Tied, 0, 1.8),
        new("courgette", "Courgette", "courgettes", true, .80, .80, .30, 30, 6, ThirstClass.Thirsty, Climbing.None, 0, .60),
        new("potato", "Potato", "potatoes", true, .35, .60, .35, 15, 6, ThirstClass.Ordinary, Climbing.None, 0, .60),
        new("parsnip", "Parsnip", "parsnips", true, .15, .30, .45, 4, 5, ThirstClass.Ordinary, Climbing.None, 0, .50),
        new("dwarf-bean", "Dwarf bean", "dwarf beans", true, .15, .40, .25, 4, 6, ThirstClass.Ordinary, Climbing.None, 0, .50),
        new("runner-bean", "Runner bean", "runner beans", true, .20, .45, .35, 8, 6, ThirstClass.Thirsty, Climbing.Twiner, .040, 2.4),
        new("pea", "Climbing pea", "climbing peas", true, .07, .45, .25, 3, 5, ThirstClass.Ordinary, Climbing.Tendril, .006, 1.6),
        new("cucumber", "Cucumber", "cucumbers", true, .45, .60, .30, 15, 7, ThirstClass.Thirsty, Climbing.Tendril, .008, 1.8),
        new("sweet-pea", "Sweet pea", "sweet peas", false, .15, .30, .25, 3, 5, ThirstClass.Ordinary, Climbing.Tendril, .006, 1.8),
        new("nasturtium", "Nasturtium", "nasturtiums", false, .30, .30, .15, 3, 5, ThirstClass.DryFooted, Climbing.Scrambler, .012, .40),
        new("lavender", "Lavender", "lavender bushes", false, .40, .45, .25, 8, 6, ThirstClass.DryFooted, Climbing.None, 0, .60),
        new("viola", "Viola", "violas", false, .15, .15, .12, 1, 3, ThirstClass.Ordinary, Climbing.None, 0, .20),
        new("stonecrop", "Stonecrop", "stonecrops", false, .15, .15, .08, .8, 6, ThirstClass.DryFooted, Climbing.None, 0, .10),
    ];

    private static readonly Dictionary<string, Crop> ById = All.ToDictionary(c => c.Id, StringComparer.Ordinal);

    public static Crop? Find(string id) => ById.GetValueOrDefault(id);
}
