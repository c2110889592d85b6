using Metaplant.Core.Designs;
using Metaplant.Core.Places;

namespace Metaplant.Data.Demonstration;

/// <summary>The yard as it was measured: 14 m by 6 m, the base line along its south edge from west to east.</summary>
internal static class SlipwayPlan
{
    private const double Long = 14;

    public static PlanSite Site { get; } = new(52.4, Long, 90, Exposure.Exposed, 120, 118, 297);

    public static IReadOnlyList<PlaceDraft> Places { get; } =
    [
        new(PlaceSort.Spot, "The Apron", [Off(4.7, .15), Off(11.7, .15)]) { Depth = 3, DiagonalA = 7.616, DiagonalB = 7.61, Site = Core.Designs.Site.Paving, Slope = .0125, FallsTo = 120, ComesIn = ["birds"], SeenFrom = "the ferry", FreeFrom = 60, FreeTo = 304 },
        new(PlaceSort.Spot, "Boiler Wall", [Off(4.8, 5.05), Off(10.8, 5.05)]) { Depth = .9, Site = Core.Designs.Site.Paving, ComesIn = ["birds", "cats"], Ceiling = 2.4 },
        new(PlaceSort.Spot, "Behind the Winch House", [Off(.2, 2.3), Off(4.2, 2.3)]) { Depth = 3, Site = Core.Designs.Site.Soil, Ground = "firm-sand", Hollow = true, ComesIn = ["slugs", "birds"], Tests = Behind },
        new(PlaceSort.Spot, "Slip Edge", [Off(4.9, 3.55), Off(12.9, 3.55)]) { Depth = 1.2, Site = Core.Designs.Site.Soil, Ground = "firm-sand", Slope = .02, FallsTo = 120, ComesIn = ["rabbits", "birds"], Tests = [new(GroundTestKind.Rod, new(2026, 3, 21)) { Depth = .55, Struck = true }, new(GroundTestKind.Weeds, new(2026, 3, 21)) { Weeds = WeedKind.Perennial }] },
        new(PlaceSort.Spot, "Loft Balcony", [Off(11.3, 4.85), Off(13.7, 4.85)]) { Depth = 1.1, Site = Core.Designs.Site.Balcony, Up = 2.6, LoadLimit = 1500, LoadSaidBy = "The harbour master, 1987", Owner = "the tenants below" },
        new(PlaceSort.Building, "Winch house", [Off(0, 0), Off(4.2, 0)]) { Depth = 2.2, Height = 3.2 },
        new(PlaceSort.Wall, "West wall", [Off(0, 2.2), Off(0, 6)]) { Height = 2.4, Thickness = .22 },
        new(PlaceSort.Wall, "Boiler-house wall", [Off(0, 6), By(7.56, 11.151, 4.6), By(12.442, 6.754, 6.29)]) { Height = 2.6, Thickness = .34 },
        new(PlaceSort.Building, "Boat shed", [Off(10.9, 6.1), Off(14, 6.1)]) { Depth = 1.2, Height = 4.5 },
        new(PlaceSort.Fence, "Tarred boards", [Off(4.215, 2.2), Off(4.215, 5.3)]) { Height = 1.8, Thickness = .03, Porosity = .05 },
        new(PlaceSort.Hedge, "Blackthorn", [Off(14, 3.4), Off(14, 5.6)]) { Height = 1.8, Thickness = .8, Porosity = .35 },
        new(PlaceSort.Tree, "Alder", [Off(13, 1.3)]) { Height = 4.2, Crown = 1.8, CrownFrom = 1.4, LeafFrom = 4, LeafTo = 10 },
        new(PlaceSort.Path, "Way through", [Off(4.45, 0), Off(4.45, 5.9)]) { Width = .45 },
        new(PlaceSort.Plants, "Crocosmia", [Off(11.6, 4)]) { Crown = .7, LeafFrom = 4, LeafTo = 10 },
        new(PlaceSort.Pile, "Yard gate", [Off(13.55, 2.75)]),
        new(PlaceSort.Pile, "Shed", [Off(13.55, 6.85)]),
        new(PlaceSort.Pile, "Slip", [Off(12.2, .4)]),
        new(PlaceSort.Tap, "Yard tap", [Off(4.45, 5.85)]) { Flow = .0002 },
        new(PlaceSort.Door, "Shed door", [Off(11, 6.05)]) { Swing = .9, Shut = 90, OpensLeft = true },
        new(PlaceSort.Buried, "Old water pipe", [Off(4.45, 5.9), Off(2.1, 2.2)]),
        new(PlaceSort.Door, "Mess-room door", [Off(3.2, 2.25)]) { Swing = .8, Shut = 270, OpensLeft = false, Kitchen = true },
        new(PlaceSort.Steps, "Loft stair", [Off(11.15, 4.3), Off(11.15, 5.7)]) { Width = .6, Rise = 2.6 },
        new(PlaceSort.Power, "Winch socket", [Off(4.25, 1.2)]),
    ];

    private static IReadOnlyList<GroundTestDraft> Behind =>
    [
        new(GroundTestKind.Jar, new(2026, 3, 14)) { Sand = .062, Silt = .021, Clay = .008 },
        new(GroundTestKind.Hole, new(2026, 3, 14)) { Fall = .011, Seconds = 3600 },
        new(GroundTestKind.Acidity, new(2026, 3, 21)) { Ph = 6.6 },
        new(GroundTestKind.Weeds, new(2026, 3, 21)) { Weeds = WeedKind.Annual },
    ];

    /// <summary>Where a project stands; null where it is for no spot.</summary>
    public static (string Spot, double X, double Y, double Turned)? StandsAt(string project) => project switch
    {
        "Winch-house bed" => ("Behind the Winch House", 2.3, 3.85, 0),
        "Edge along the slip" => ("Slip Edge", 8.2, 3.68, 0),
        "Reel table" => ("The Apron", 6.4, 1.9, 0),
        _ => null,
    };

    private static MarkDraft Off(double along, double off) => new(Along: along, Off: off);

    private static MarkDraft By(double a, double b, double back) => new(A: a, B: b, Back: back);
}
