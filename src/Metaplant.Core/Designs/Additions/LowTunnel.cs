using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.Additions;

/// <summary>Hoops of water pipe over a bed and film on them, for spring and autumn. Lengths in m.</summary>
public sealed class LowTunnel : Addition
{
    private const double Apart = .60, Embed = .25;

    /// <summary>The thickest pipe that is taken, and by which it is judged, and the thinnest that does not whip.</summary>
    private const double Thickest = .025, Thinnest = .016;

    /// <summary>Film beyond the feet of the hoops on each side, and beyond each end, gathered there.</summary>
    private const double Tucked = .30, Ends = .60;

    private static readonly Role Pipe = new("tunnel-hoops", "Hoops", Seat.AmongPlants, Form.Pipe)
    {
        Buy = "tunnel-hoop",
        Of = s => s == Substance.Polyethylene,
        Also = l => l.Thin > Thickest + 1e-9 ? "Too thick to spring over a bed." : l.Of.Thing.Shows(Findings.Cracked) ? "Cracked: it kinks there." : null,
    };

    private static readonly Role Film = new("tunnel-film", "Film", Seat.AmongPlants, Form.Film) { Buy = "film" };

    public override Setting Setting { get; } = Choose("low-tunnel", "Low tunnel over it", Unit.Count, "Keeps a light frost and cold wind off; every warm day somebody must open it", new Stop(1, "film on hoops"));

    public override bool Fits(Blueprint to) => to.Foot is OpenGround && to.Bays is [{ Bend: 0 } bay] && Width(bay) is >= .6 and <= 1.6 && Long(bay) >= .8 && to.Climbing is null && to.Pockets.Count == 0;

    public override Added With(Blueprint to, double choice, Brief brief)
    {
        var bay = to.Bays[0];
        // Upright as far as half of the soil is high, a half circle over that.
        double radius = Width(bay) / 2, arc = Math.PI * radius + bay.Depth;
        var hoops = (int)Math.Floor(Long(bay) / Apart + 1e-9) + 1;
        var gust = brief.Gust;
        var hold = Wind.Pressure(gust.Value) * radius;
        Sum weight = Sum.Of("Weight on each edge of the film, for each metre", "q W ÷ 2 g", [gust, new("W", "across", 2 * radius, Unit.Metre)], hold / Medium.Gravity, Unit.Kilogram, "EN 1991-1-4: suction as great as the pressure of the gust", "Soil shovelled on it, or sandbags");
        return new(
            [
                new(
                    "low-tunnel", "Put the hoops and the film over it", $"{new Count(hoops, "hoop", "hoops")} of {Amount.Length(arc + 2 * Embed)}, {Amount.Length(Apart)} apart at most, {Amount.Length(Embed)} in the ground outside the walls. Film over them, its edges under soil or bags, {Amount.Mass(weight.Value)} on every metre, its ends gathered and weighed down. Open both ends on every warm day, or it cooks; take the film off before a storm and before snow.",
                    15 + 4 * hoops, ["Knife"], [], true)
                { Places = ["tunnel-hoop"] },
            ])
        {
            Needs =
            [
                new SticksNeeded(Need("-hoops"), Pipe, hoops, arc + 2 * Embed, Thinnest) { Name = "Hoops" },
                new CoverNeeded(Need("-film"), Film, Long(bay) + 2 * Ends, arc + 2 * Tucked) { Name = "Film" },
            ],
            LoadPaths = [new Springs("tunnel-springs", radius)],
            Figures = [weight],
            Parts = [new("tunnel-hoop", "Hoop", Form.Pipe, hoops, arc + 2 * Embed, Thickest, Thickest)],
            Solids = () => Drawn(bay, radius, hoops),
        };
    }

    private static double Long(Bay bay) => bay.Space.SectionAt(0).Length;

    /// <summary>From foot to foot of a hoop, outside the walls.</summary>
    private static double Width(Bay bay) => bay.Space.SectionAt(0).Width + .40;

    /// <summary>The hoops alone: film over them would hide the bed.</summary>
    private static IEnumerable<Solid> Drawn(Bay bay, double radius, int hoops)
    {
        const int Parts = 12;
        Point3[] Arc(double x, double r) => [.. Enumerable.Range(0, Parts + 1).Select(i => Math.PI * i / Parts).Select(a => new Point3(bay.At.X + x, bay.At.Y - r * Math.Cos(a), bay.At.Z + bay.Depth / 2 + r * Math.Sin(a)))];
        var half = Long(bay) / 2;
        foreach (var i in Enumerable.Range(0, hoops))
        {
            var x = hoops == 1 ? 0 : -half + 2 * half * i / (hoops - 1);
            Point3[] arc = Arc(x, radius);
            yield return new Rod("tunnel-hoop", Ink.Line, [arc[0] with { Z = -Embed }, .. arc, arc[^1] with { Z = -Embed }], Thickest / 2, Thickest / 2);
        }
    }

    /// <summary>Whether pipe springs so tight.</summary>
    private sealed record Springs(string Id, double Radius) : LoadPath
    {
        public override IEnumerable<Check> Work(Brief brief)
        {
            var stuff = Pipes.Get(brief.Handbook, "Polyethylene");
            BentBar bar = new(Thickest, Radius, stuff);
            Sum strain = Sum.Of("Stretched on its outside", "d ÷ 2 R", [new("d", "pipe, the thickest that is taken", Thickest, Unit.Metre), new("R", "half of the width", Radius, Unit.Metre)], bar.Strain, Unit.One, "Bent to a half circle");
            yield return Check.Compare(
                Id, "Hoops sprung over it", LoadCase.Normal, bar.Strain, bar.GreatestStrain, Unit.One, bar.Springs ? "It springs over by itself." : "So tight the pipe kinks: thinner stuff, or a wider bed.", null, [strain], new Remedy("Across at least", 2 * bar.LeastRadius, Unit.Metre));
        }
    }
}
