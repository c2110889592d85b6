using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>What people lift, lean on and stand on.</summary>
[Table(110, "People")]
public static class People
{
    public const string AtEdge = "people.at-edge";
    public const string HandAtRim = "people.hand-at-rim";
    public const string Seated = "people.seated";
    public const string Climbing = "people.child-climbing";
    public const string ClimbingBefore = "people.child-before";
    public const string FloorLow = "people.floor-low";
    public const string FloorHigh = "people.floor-high";

    public const string Arm = "people.arm";
    public const string Barrow = "people.barrow";
    public const string KneelBelow = "people.kneel-below";
    public const string StandAbove = "people.stand-above";
    public const string RoomToKneel = "people.room-to-kneel";
    public const string RoomToStand = "people.room-to-stand";
    public const string DailyWay = "people.daily-way";

    private const string Body = "A grown person of middling height; measure your own back and knees";
    private const string Manual = "Guideline weights for lifting near the body, eased for a pair and three";

    /// <summary>The row of what one, two or three people lift together.</summary>
    public static string Lift(int people) => $"people.lift-{people}";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(Lift(1), "m_1", "what one person lifts", 25, Unit.Kilogram, Evidence.Assumed, Manual) { NeverBelow = 5, NeverAbove = 40 },
        new(Lift(2), "m_2", "what two people lift together", 33, Unit.Kilogram, Evidence.Assumed, Manual) { NeverBelow = 5, NeverAbove = 70 },
        new(Lift(3), "m_3", "what three people lift together", 38, Unit.Kilogram, Evidence.Assumed, Manual) { NeverBelow = 5, NeverAbove = 90 },
        new(AtEdge, "q", "people sitting, kneeling or standing at the edge", 1000, Unit.Pascal, Evidence.Assumed, "Half of the 2 kPa of EN 1991-1-1 category A, over soil that is mostly planted") { NeverBelow = 500 },
        new(HandAtRim, "F", "somebody leaning on the rim", 300, Unit.Newton, Evidence.Assumed, "About a third of a person's weight") { NeverBelow = 100 },
        new(Seated, "Q", "somebody who sits down", 1000, Unit.Newton, Evidence.Assumed, "A heavy person; sitting down with a jolt is in the factor") { NeverBelow = 500 },
        new(Climbing, "F_c", "a child who climbs what stands upright", 500, Unit.Newton, Evidence.Assumed, "A child of ten, stepping up") { NeverBelow = 200 },
        new(ClimbingBefore, "e_c", "how far before it the child hangs", .2, Unit.Metre, Evidence.Assumed, "Half of a child’s depth, and arms bent"),
        new(Arm, "a", "how far an arm reaches over soil", .75, Unit.Metre, Evidence.Assumed, "A grown person who stands or kneels at the edge; measure your own") { NeverBelow = .3, NeverAbove = 1.1 },
        new(KneelBelow, "h_k", "height of soil up to which one kneels at it", .45, Unit.Metre, Evidence.Assumed, Body) { NeverBelow = .1, NeverAbove = .8 },
        new(StandAbove, "h_s", "height of soil from which one stands upright at it", .7, Unit.Metre, Evidence.Assumed, Body) { NeverBelow = .4, NeverAbove = 1.2 },
        new(RoomToKneel, "w_k", "room to kneel", .6, Unit.Metre, Evidence.Assumed, Body) { NeverBelow = .3, NeverAbove = 1.2 },
        new(RoomToStand, "w_s", "room to stand", .45, Unit.Metre, Evidence.Assumed, Body) { NeverBelow = .25, NeverAbove = 1.2 },
        new(DailyWay, "w", "farthest from the kitchen that is walked nearly every day", 20, Unit.Metre, Evidence.Assumed, "Estimate: what lies farther is visited when there is time; put in your own") { NeverBelow = 2, NeverAbove = 200 },
        new(Barrow, "b", "width of a path for the barrow", .68, Unit.Metre, Evidence.Assumed, "A garden barrow and knuckles; measure your own") { NeverBelow = .3, NeverAbove = 1.5 },
        new(FloorLow, "q_k", "what balconies and roofs to walk on are often made for, low end", 2500, Unit.Pascal, Evidence.Defined, "EN 1991-1-1 table 6.2, category A, balconies 2.5 to 4.0 kN/m²"),
        new(FloorHigh, "q_k", "what balconies and roofs to walk on are often made for, high end", 4000, Unit.Pascal, Evidence.Defined, "EN 1991-1-1 table 6.2, category A, balconies 2.5 to 4.0 kN/m²"),
    ];
}
