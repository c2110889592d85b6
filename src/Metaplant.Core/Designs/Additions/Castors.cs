using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.Additions;

/// <summary>Four castors under what stands on feet, so that it can be turned and wheeled on hard, level ground. Lengths in m.</summary>
public sealed class Castors : Addition
{
    private const int Four = 4;

    /// <summary>How high a castor is, and how far its wheel is from the edge of what stands on it.</summary>
    private const double High = .10, In = .05;

    /// <summary>A slope that a floor has for its water, on which it must not run away.</summary>
    private const double Floor = .02;

    public override Setting Setting { get; } = Choose("castors", "Castors, each marked for", Unit.Kilogram, "On an uneven floor three of four carry it: take the load that is marked, never a guess", new Stop(30), new Stop(50), new Stop(75), new Stop(100), new Stop(150));

    public override bool Fits(Blueprint to) => to.Stance is OnFeet { Bears: null } feet && to.Foot is ClosedFloor { Alike: 1 } && !to.Handling.BuiltInPlace && Math.Min(feet.Length, feet.Width) > 4 * In;

    public override Added With(Blueprint to, double choice, Brief brief)
    {
        var feet = (OnFeet)to.Stance;
        Burden all = new(to.Soil, to.Handling.EmptyMass);
        return new(
            [
                new(
                    "castors", "Screw on the castors", $"Four, each marked for {Amount.Mass(choice)} at least, two with brakes, bolted through a board under the packers, {Amount.Length(In)} in from its corners. Brakes on before it is filled, and whenever nobody holds it. It is wheeled by two, never over a threshold.", 25, ["Drill", "Spanner"], Op.EyesAndGloves, true, "lift"),
            ],
            "stand", "first-water", "fill")
        {
            Needs = [new GoodsNeeded(Need(), new("castors", "Castors", Seat.Clear) { Buy = "castor" }, Four)],
            LoadPaths = [new OnCastors(feet.FeetPart, all, choice)],
            Figures = [Rolls(all, brief)],
            Stance = feet with { Length = feet.Length - 2 * In, Width = feet.Width - 2 * In, Body = feet.Body with { Height = feet.Body.Height + High } },
        };
    }

    private static Sum Rolls(Burden all, Brief brief)
    {
        var wet = all.Wet(brief.Medium);
        return Sum.Of("Push down a floor laid to fall", "m g sin α", [new("m", "weight, full of water", wet, Unit.Kilogram), new("tan α", "slope", Floor, Unit.One)], wet * Medium.Gravity * Math.Sin(Math.Atan(Floor)), Unit.Newton, "Weight along the slope; the brakes hold it");
    }

    /// <summary>What one castor carries, against what is marked on it.</summary>
    private sealed record OnCastors(string Part, Burden Held, double Marked) : LoadPath
    {
        public override IEnumerable<Check> Work(Brief brief)
        {
            var wet = Held.Wet(brief.Medium);
            Sum one = Sum.Of("On one castor", "m ÷ (n − 1)", [new("m", "weight, full of water", wet, Unit.Kilogram), new("n", "castors", Four, Unit.Count)], wet / (Four - 1), Unit.Kilogram, "One of them hangs in the air on an uneven floor");
            yield return Check.Compare(
                "castors", "Castors", LoadCase.Normal, one.Value, Marked, Unit.Kilogram, "As marked on them: what is not marked is not counted on.", Part, [one], new Remedy("Marked for at least", one.Value, Unit.Kilogram)).Guarding([Quantity.Soil, Quantity.Wetness]);
            yield return Check.Enough("castors-floor", "What castors run on", brief.Site == Site.Soil ? 1 : 0, 0, Unit.One, "Hard and level: it stays where its brakes are set.", "In soil castors sink and never turn again: pave its place first.", Part, []);
        }
    }
}
