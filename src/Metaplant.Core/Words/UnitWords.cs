using System.Collections.Frozen;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Words;

/// <summary>What people write for units, with what one of it is in SI. Capitals make no difference. Whoever reads measures in text reads by this table.</summary>
public static class UnitWords
{
    public const double Inch = .0254;
    public const double Foot = .3048;

    /// <summary>US gallon, m³.</summary>
    public const double Gallon = 3.785411784e-3;

    /// <summary>Avoirdupois pound, kg.</summary>
    public const double Pound = .45359237;

    /// <summary>In m.</summary>
    public static FrozenDictionary<string, double> Lengths { get; } = Table(("mm", .001), ("cm", .01), ("m", 1), ("in", Inch), ("\"", Inch), ("inch", Inch), ("inches", Inch), ("ft", Foot), ("'", Foot), ("foot", Foot), ("feet", Foot));

    /// <summary>In m³.</summary>
    public static FrozenDictionary<string, double> Volumes { get; } = Table(("l", .001), ("litre", .001), ("litres", .001), ("liter", .001), ("liters", .001), ("gal", Gallon), ("gallon", Gallon), ("gallons", Gallon), ("m3", 1));

    /// <summary>In kg.</summary>
    public static FrozenDictionary<string, double> Masses { get; } = Table(("kg", 1), ("lb", Pound));

    /// <summary>The words for a unit; null for what is written as a bare number.</summary>
    public static FrozenDictionary<string, double>? Of(Unit unit) => unit switch
    {
        Unit.Metre => Lengths,
        Unit.CubicMetre => Volumes,
        Unit.Kilogram => Masses,
        _ => null,
    };

    private static FrozenDictionary<string, double> Table(params (string Word, double One)[] words) => words.ToFrozenDictionary(w => w.Word, w => w.One, StringComparer.OrdinalIgnoreCase);
}
