namespace Metaplant.Core.Sums;

/// <summary>The SI unit a value is held in. Display units belong to the edge, never here.</summary>
public enum Unit
{
    /// <summary>A pure ratio.</summary>
    One,
    Count,
    Metre,
    SquareMetre,
    CubicMetre,
    Kilogram,
    KilogramPerCubicMetre,
    Newton,
    NewtonPerMetre,
    NewtonPerCubicMetre,
    NewtonMetre,
    Pascal,
    Degree,
    DegreeCelsius,

    /// <summary>By how much a temperature is above or below another.</summary>
    Kelvin,
    Second,
    Minute,
    Hour,
    Day,
    Year,
    MetrePerSecond,
    CubicMetrePerSecond,
    CubicMetrePerDay,
    MillimetrePerDay,
    MegajoulePerSquareMetreDay,
    PerYear,
    Money,

    /// <summary>A thousandth of a cubic metre, as the table of crops and what gardeners put in its place have always been kept.</summary>
    Litre,
}

/// <summary>Symbols of the SI units, for substitutions in worked sums.</summary>
public static class UnitSymbols
{
    public static string Symbol(this Unit unit) => unit switch
    {
        Unit.One or Unit.Count or Unit.Money => "",
        Unit.Metre => "m",
        Unit.SquareMetre => "m²",
        Unit.CubicMetre => "m³",
        Unit.Kilogram => "kg",
        Unit.KilogramPerCubicMetre => "kg/m³",
        Unit.Newton => "N",
        Unit.NewtonPerMetre => "N/m",
        Unit.NewtonPerCubicMetre => "N/m³",
        Unit.NewtonMetre => "N m",
        Unit.Pascal => "Pa",
        Unit.Degree => "°",
        Unit.DegreeCelsius => "°C",
        Unit.Kelvin => "K",
        Unit.Second => "s",
        Unit.Minute => "min",
        Unit.Hour => "h",
        Unit.Day => "d",
        Unit.Year => "yr",
        Unit.MetrePerSecond => "m/s",
        Unit.CubicMetrePerSecond => "m³/s",
        Unit.CubicMetrePerDay => "m³/d",
        Unit.MillimetrePerDay => "mm/d",
        Unit.MegajoulePerSquareMetreDay => "MJ/m² d",
        Unit.PerYear => "1/yr",
        Unit.Litre => "l",
        _ => throw new ArgumentOutOfRangeException(nameof(unit), unit, "This unit has no symbol."),
    };
}
