using System.Globalization;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Words;

/// <summary>What lengths are told in; inches bring gallons, pounds and degrees Fahrenheit with them.</summary>
public enum Lengths
{
    Millimetres,
    Centimetres,
    Inches,
}

/// <summary>A measure of the gardener's own, told in place of litres or gallons: "4 barrows".</summary>
/// <param name="Name">One of it; more have an s.</param>
/// <param name="Volume">What one holds, m³, more than nothing.</param>
public sealed record OwnMeasure(string Name, double Volume);

/// <summary>A value as a number and its unit, as a person reads them. The unit is empty for a pure number.</summary>
public readonly record struct Told(string Number, string Unit)
{
    public override string ToString() => Unit.Length > 0 ? $"{Number} {Unit}" : Number;
}

/// <summary>
/// Tells values in SI in a reader's units, to what a hand can measure: a millimetre, a sixteenth of an inch, a whole gallon of a drum. It is used at the edge alone; nothing is ever reckoned with what it says.
/// <para>The front end tells numbers by the same table; <c>tests/telling.txt</c> holds both to it.</para>
/// </summary>
/// <param name="Decimal">Stands before the decimals: '.' or ','.</param>
/// <param name="Currency">Stands before money, with a space.</param>
/// <param name="Volumes">Told in place of litres and gallons; null for these.</param>
public sealed record Teller(Lengths Lengths, char Decimal = '.', string Currency = "€", OwnMeasure? Volumes = null)
{
    private const double Inch = UnitWords.Inch;
    private const double Foot = UnitWords.Foot;
    private const double SquareFoot = Foot * Foot;
    private const double Gallon = UnitWords.Gallon;
    private const double Pound = UnitWords.Pound;
    private const double PoundForce = 4.4482216152605;
    private const char ThinSpace = '\u2009';
    private const char Minus = '−';

    public static Teller Metric { get; } = new(Lengths.Millimetres);

    public static Teller UsCustomary { get; } = new(Lengths.Inches, Currency: "$");

    private bool Us => Lengths == Lengths.Inches;

    /// <summary>A sentence in the reader's units.</summary>
    public string Tell(Sentence sentence) => sentence.Tell(Say);

    public string Say(Measured q) => Show(q.Value, q.Unit).ToString();

    /// <summary>A value in SI as a number and a unit for people. What is no number, or beyond all of them, is told as that and never as a measure.</summary>
    public Told Show(double value, Unit unit)
    {
        if (!double.IsFinite(value)) return new("no number", "");
        var size = Math.Abs(value);
        return unit switch
        {
            Unit.Metre => Length(value),
            Unit.CubicMetre => Volume(value),
            Unit.Litre => Volume(value / 1000),
            _ when Us && InUs(value, unit) is { } told => told,
            Unit.SquareMetre => size < .001 ? new(Figures(value * 1e6), "mm²") : new(Digits(value, 2), "m²"),
            Unit.Kilogram => new(size < 1 ? Figures(value) : Digits(value, size < 10 ? 1 : 0), "kg"),
            Unit.KilogramPerCubicMetre => new(Digits(value, 0), "kg/m³"),
            Unit.Newton => size >= 10000 ? new(Figures(value / 1000), "kN") : new(Figures(value), "N"),
            Unit.NewtonPerMetre => new(Figures(value), "N/m"),
            Unit.NewtonPerCubicMetre => new(Figures(value / 1000), "kN/m³"),
            Unit.NewtonMetre => new(Figures(value), "N m"),
            Unit.Pascal => size >= 1e9 ? new(Figures(value / 1e9), "GPa") : size >= 1e5 ? new(Figures(value / 1e6), "MPa") : new(Figures(value / 1000), "kPa"),
            Unit.MetrePerSecond => size < .01 ? new(Figures(value * 3.6e6), "mm/h") : new(Figures(value), "m/s"),
            Unit.CubicMetrePerSecond => new(Figures(value * 60000), "litres/min"),
            Unit.CubicMetrePerDay => new(Figures(value * 1000), "l/day"),
            Unit.MillimetrePerDay => new(Figures(value), "mm/day"),
            Unit.MegajoulePerSquareMetreDay => new(Figures(value), "MJ/m² day"),
            Unit.DegreeCelsius => new(Digits(value, 1), "°C"),
            Unit.Kelvin => new(Digits(value, 1), "°C"),
            Unit.Degree => new(Digits(value, 1), "°"),
            Unit.Second => size < 5400 ? new(Digits(value / 60, 0), "min") : new(Digits(value / 3600, 1), "h"),
            Unit.Minute => new(Digits(value, 0), "min"),
            Unit.Hour => new(Digits(value, 1), "h"),
            Unit.Day => Many(Figures(value), "day"),
            Unit.Year => Many(Figures(value), "year"),
            Unit.PerYear => new(Figures(value), "a year"),
            Unit.Money => new($"{(value < 0 ? Minus.ToString() : "")}{Currency} {Fixed(size, 2)}", ""),
            _ => new(Figures(value), ""),
        };
    }

    /// <summary>What the United States tell otherwise; null for what they do not.</summary>
    private Told? InUs(double value, Unit unit)
    {
        var size = Math.Abs(value);
        return unit switch
        {
            Unit.SquareMetre => size < SquareFoot / 2 ? new(Figures(value / (Inch * Inch)), "sq in") : new(Figures(value / SquareFoot), "sq ft"),
            Unit.Kilogram => size < Pound ? new(Figures(value / Pound * 16), "oz") : new(Digits(value / Pound, size < 10 * Pound ? 1 : 0), "lb"),
            Unit.KilogramPerCubicMetre => new(Figures(value / Pound * Math.Pow(Foot, 3)), "lb/cu ft"),
            Unit.Newton => new(Figures(value / PoundForce), "lbf"),
            Unit.NewtonPerMetre => new(Figures(value / PoundForce * Foot), "lbf/ft"),
            Unit.NewtonPerCubicMetre => new(Figures(value / PoundForce * Math.Pow(Foot, 3)), "lbf/cu ft"),
            Unit.NewtonMetre => new(Figures(value / PoundForce / Foot), "ft lbf"),
            Unit.Pascal => size >= 1e5 ? new(Figures(value / PoundForce * Inch * Inch), "psi") : new(Figures(value / PoundForce * SquareFoot), "lbf/sq ft"),
            Unit.MetrePerSecond => size < .01 ? new(Figures(value / Inch * 3600), "in/h") : new(Figures(value / Foot / 5280 * 3600), "mph"),
            Unit.CubicMetrePerSecond => new(Figures(value / Gallon * 60), "US gal/min"),
            Unit.CubicMetrePerDay => new(Figures(value / Gallon), "US gal/day"),
            Unit.MillimetrePerDay => new(Figures(value / 25.4), "in/day"),
            Unit.MegajoulePerSquareMetreDay => new(Figures(value * 1e6 / 1055.05585262 * SquareFoot), "BTU/sq ft day"),
            Unit.DegreeCelsius => new(Digits(value * 9 / 5 + 32, 0), "°F"),
            Unit.Kelvin => new(Digits(value * 9 / 5, 1), "°F"),
            _ => null,
        };
    }

    private Told Length(double metres)
    {
        var size = Math.Abs(metres);
        if (size >= 10) return Us ? new(Digits(metres / Foot, 1), "ft") : new(Digits(metres, 1), "m");
        return Lengths switch
        {
            Lengths.Inches => new(Inches(metres), "in"),
            Lengths.Centimetres => new(Digits(metres * 100, 1), "cm"),
            _ => new(Digits(metres * 1000, size < .02 ? 1 : 0), "mm"),
        };
    }

    private Told Volume(double cubicMetres)
    {
        var size = Math.Abs(cubicMetres);
        if (Volumes is { } own)
        {
            var many = cubicMetres / own.Volume;
            return Many(Digits(many, size < 10 * own.Volume ? 1 : 0), own.Name);
        }

        if (!Us) return Many(Digits(cubicMetres * 1000, size < .01 ? 1 : 0), "litre");
        return size < Gallon / 8 ? new(Figures(cubicMetres / Gallon * 128), "fl oz") : new(Digits(cubicMetres / Gallon, size < 10 * Gallon ? 1 : 0), "US gal");
    }

    private static Told Many(string number, string one) => new(number, number == "1" ? one : one + "s");

    /// <summary>A sixteenth of an inch is what a tape shows; a wire or a bit is told to a thirty-second, and sheet metal in decimals.</summary>
    private string Inches(double metres)
    {
        var inches = Math.Abs(metres) / Inch;
        if (inches is > 0 and < 1.0 / 16) return (metres < 0 ? Minus.ToString() : "") + Figures(inches);
        var parts = inches < .5 ? 32 : 16;
        var rounded = (long)Math.Round(inches * parts, MidpointRounding.AwayFromZero);
        var (whole, top, bottom) = (rounded / parts, rounded % parts, parts);
        while (top > 0 && top % 2 == 0) (top, bottom) = (top / 2, bottom / 2);
        var said = top == 0 ? $"{whole}" : whole == 0 ? $"{top}/{bottom}" : $"{whole} {top}/{bottom}";
        return metres < 0 && said != "0" ? Minus + said : said;
    }

    /// <summary>Three figures that count, as a number would be said.</summary>
    private string Figures(double value) => value == 0 ? "0" : Digits(value, Math.Max(0, 2 - (int)Math.Floor(Math.Log10(Math.Abs(value)))));

    /// <summary>Thin spaces between thousands, at most so many decimals, no trailing zeros.</summary>
    private string Digits(double value, int decimals)
    {
        var said = Fixed(Math.Abs(value), decimals);
        if (said.Contains(Decimal)) said = said.TrimEnd('0').TrimEnd(Decimal);
        return value < 0 && said != "0" ? Minus + said : said;
    }

    private string Fixed(double size, int decimals)
    {
        var (whole, part) = size.ToString("F" + decimals.ToString(CultureInfo.InvariantCulture), CultureInfo.InvariantCulture).Split('.') is [var w, var p] ? (w, p) : (size.ToString("F0", CultureInfo.InvariantCulture), "");
        if (whole.Length > 4)
        {
            for (var i = whole.Length - 3; i > 0; i -= 3) whole = whole.Insert(i, ThinSpace.ToString());
        }

        return part.Length > 0 ? $"{whole}{Decimal}{part}" : whole;
    }
}
