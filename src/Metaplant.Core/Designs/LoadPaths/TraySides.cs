using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// Uprights that hold the long sides of a tray on a frame: each stands outside against side and rail, screwed to the rail from inside. The soil bends it outwards and pulls its upper screws, while its foot presses on the rail. Lengths in m.
/// </summary>
/// <param name="Depth">Soil against the sides, from the floor or the upper edge of the rail up.</param>
/// <param name="Spacing">Side that one holds.</param>
/// <param name="Side">Of its section, both ways.</param>
/// <param name="Lever">From its foot up to the upper screws.</param>
/// <param name="Below">From where the soil begins down to the upper screws.</param>
/// <param name="Rail">Thickness of the rail.</param>
public sealed record TrayUprights(string Part, double Depth, double Spacing, double Side, double Lever, double Below, double Rail, Condition Worn) : LoadPath
{
    private const int UpperScrews = 2;

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.SelectMany(c => Case(brief, c)).Select(c => c.Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Posts));

    /// <summary>Moment in one so far below where the soil begins, N m: a triangle of pressure, p z/2, acts a third of its height up, and an even one, p z, half.</summary>
    public Push Moment(Brief brief, LoadCase loadCase, double below)
    {
        var at = Push.At(Depth, brief, loadCase);
        return new(at.Soil * Depth / 2 * (Depth / 3 + below) * Spacing, at.People * Depth * (Depth / 2 + below) * Spacing);
    }

    private IEnumerable<Check> Case(Brief brief, LoadCase loadCase)
    {
        Push moment = Moment(brief, loadCase, Below), aboutFoot = Moment(brief, loadCase, Below + Lever);
        var timber = Timbers.Get(brief.Handbook, Casting.Piece.BoughtGrade);
        double factored = moment.Factored(brief.Factors, loadCase), stress = factored / (Math.Pow(Side, 3) / 6), strength = timber.DesignBending(Worn, loadCase);
        Sum bends = Sum.Of("Moment in an upright", Terms.Formula(brief, loadCase, "M"), [.. Terms.Of(moment, brief, "M", "soil against its side, p z/2 (z/3 + b) s", "people, p z (z/2 + b) s", Unit.NewtonMetre), new("z", "depth of soil", Depth, Unit.Metre), new("b", "from there down to its upper screws", Below, Unit.Metre), new("s", "side that it holds", Spacing, Unit.Metre), .. Terms.Factors(brief, loadCase)], factored, Unit.NewtonMetre, "A post held by its upper screws under a triangle of pressure");
        Sum bent = Sum.Of("Bending of an upright", "σ = 6 M ÷ a³", [new("M", "moment, factored", factored, Unit.NewtonMetre), new("a", "its side", Side, Unit.Metre)], stress, Unit.Pascal, "EN 1995-1-1");
        yield return Check.Compare(Terms.Id("uprights", loadCase), "Uprights of the sides", loadCase, stress, strength, Unit.Pascal, loadCase == LoadCase.Normal ? "They hold the sides where no corner does." : Terms.Blocked, Part, [bends, bent], new Remedy("Uprights at least this thick", Side * Math.Cbrt(stress / strength), Unit.Metre));
        var screw = WoodScrew.For(Rail);
        double turns = aboutFoot.Factored(brief.Factors, loadCase), pull = turns / Lever, thread = Math.Min(screw.Length - Rail, Side), holds = ScrewWithdrawal.Characteristic(UpperScrews, screw.Diameter, thread, timber.Density) * timber.OnResistance(loadCase);
        yield return Check.Compare(
            Terms.Id("upright-screws", loadCase), "Screws of an upright", loadCase, pull, holds, Unit.Newton, loadCase == LoadCase.Normal ? "The upper two are pulled as it leans outwards." : Terms.Blocked, Part,
            [
                Sum.Of("Pull on its upper screws", "M ÷ a", [new("M", "moment about its foot, factored", turns, Unit.NewtonMetre), new("a", "from its foot up to them", Lever, Unit.Metre)], pull, Unit.Newton, "Moments about its foot"),
                Sum.Of("What they hold", "n^0.9 f_ax d l k_d", [new("n", "screws", UpperScrews, Unit.Count), new("d", "screw", screw.Diameter, Unit.Metre), new("l", "thread in the upright", thread, Unit.Metre), brief.Handbook.Term($"timber.{timber.Id}.density")], holds, Unit.Newton, "EN 1995-1-1 8.7.2 (8.38 to 8.40)"),
            ]);
    }
}

/// <summary>A floor that hangs by screws driven up into the rails of a frame: the threads carry all of it, and the rails must be thick enough to take them. Lengths in m.</summary>
/// <param name="Held">Soil over it, m³, and kg of the floor itself.</param>
/// <param name="Level">Area of the soil's surface, m².</param>
/// <param name="Screws">In all.</param>
/// <param name="Board">Thickness of its boards.</param>
/// <param name="Rail">Thickness of a rail, and how deep it is.</param>
public sealed record HungFloor(string Part, string RailPart, Burden Held, double Level, int Screws, double Board, (double Thick, double Deep) Rail, string Grade) : LoadPath
{
    /// <summary>A screw pulled along its length stands so many diameters from an edge at least, EN 1995-1-1 table 8.6.</summary>
    private const double EdgeInDiameters = 4;

    public override IEnumerable<Check> Work(Brief brief)
    {
        var screw = WoodScrew.For(Board);
        var wanted = 2 * EdgeInDiameters * screw.Diameter;
        yield return Check.Enough("floor-rail", "Rails that the floor hangs from", wanted, Rail.Thick, Unit.Metre, "Thick enough for its screws.", $"Rails of {Amount.Length(Rail.Thick)} split by screws driven into their edge; {Amount.Length(wanted)} take them. Lay the floor on the rails.", RailPart, []);
        foreach (var loadCase in new[] { LoadCase.Normal, LoadCase.BlockedDrain }) yield return Hangs(brief, loadCase, screw).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People]);
    }

    private Check Hangs(Brief brief, LoadCase loadCase, WoodScrew screw)
    {
        var weight = Held.Weight(Level, brief, loadCase);
        var timber = Timbers.Get(brief.Handbook, Grade);
        double pull = weight.Factored(brief.Factors, loadCase), thread = Math.Min(screw.Length - Board, Rail.Deep), holds = ScrewWithdrawal.Characteristic(Screws, screw.Diameter, thread, timber.Density) * timber.OnResistance(loadCase);
        return Check.Compare(
            Terms.Id("floor-hangs", loadCase), "Floor hung by its screws", loadCase, pull, holds, Unit.Newton, loadCase == LoadCase.Normal ? "Laid on the rails, nothing would hang by a thread." : Terms.Blocked, Part,
            [
                Sum.Of("Weight on the floor", Terms.Formula(brief, loadCase, "W"), [.. Terms.Of(weight, brief, "W", "soil and floor", "people on it", Unit.Newton), .. Terms.Factors(brief, loadCase)], pull, Unit.Newton, "Weight"),
                Sum.Of("What the screws hold together", "n^0.9 f_ax d l k_d", [new("n", "screws", Screws, Unit.Count), new("d", "screw", screw.Diameter, Unit.Metre), new("l", "thread in the rail", thread, Unit.Metre), brief.Handbook.Term($"timber.{timber.Id}.density")], holds, Unit.Newton, "EN 1995-1-1 8.7.2 (8.38 to 8.40)"),
            ]);
    }
}
