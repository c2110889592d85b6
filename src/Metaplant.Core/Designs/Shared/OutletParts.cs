using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.Shared;

/// <summary>What long vessels and trays share that fall to one outlet: how much they fall, stones that lead the water there, and where it goes. Lengths in m.</summary>
internal static class OutletParts
{
    public static readonly Role Stones = new("stones", "Stones along the floor", Salvage.Seat.InSoil, Salvage.Form.Fill) { Buy = "soil-coarse-gravel", Worked = false };

    public static Setting Fall(Sentence why) => new("fall", "Fall to the outlet", Unit.One, [new(0, "level"), new(.01, "one in 100"), new(.015, "one in 66"), new(.02, "one in 50"), new(.03, "one in 33")], .015, why);

    /// <summary>Along a floor so wide.</summary>
    public static Setting StonesWide(double floor) => new Setting("stones", "Stones along the floor, wide", Unit.Metre, [new(0, "none"), .. Setting.Range(.10, Math.Max(.10, Math.Min(.60, floor)), .05)], .10, "Soil alone does not let water through to one end").Least();

    public static Setting Outlet { get; } = new("outlet", "Outlet", Unit.Metre, [new(.020), new(.025), new(.032), new(.040)], .025, "Wide enough that a finger clears it");

    /// <summary>Where the water goes.</summary>
    /// <param name="more">Where else than on the ground or into a pail.</param>
    public static Setting Water(params IEnumerable<Stop> more) => new("water", "Water goes", Unit.Count, [new(0, "on the ground"), new(1, "into a pail"), .. more], 1, "What is caught is used again; on a deck it must be");

    /// <summary>The filter over an outlet so wide, and stones so wide along the floor, in so many of them.</summary>
    public static Operation Filter(double outlet, double stones, int vessels = 1) => new(
        "filter", stones > 0 ? "Lay the filter and the stones" : "Lay the filter",
        $"Over the outlet mesh and stones, the coarsest innermost, {Amount.Length(3 * outlet)} wide at least.{(stones > 0 ? (Sentence)$" Then washed stones from end to end, {Amount.Length(stones)} wide and {Amount.Length(OutletFloor.StonesHigh)} high, cloth over them." : "")}", 12 * vessels, ["Bucket", "Scissors"], Op.Gloves);

    public static Operation Pail(int vessels = 1) => new("catch", vessels == 1 ? "Stand a pail under the outlet" : "Stand a pail under each outlet", "Where a can gets at it; emptied after rain.", 3 * vessels, [], []);
}
