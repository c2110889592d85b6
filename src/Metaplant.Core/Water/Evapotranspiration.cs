namespace Metaplant.Core.Water;

/// <summary>
/// Water that grass would use, from the place on earth, the day and two temperatures. Source: FAO Irrigation and Drainage Paper 56 (Allen et al. 1998), equations 21 to 25 and 52.
/// </summary>
public static class Evapotranspiration
{
    /// <summary>G_sc in MJ/(m² min), FAO-56 eq. 21.</summary>
    private const double SolarConstant = .0820;

    /// <summary>From MJ/m² to mm of water, FAO-56 eq. 20.</summary>
    private const double MillimetresPerMegajoule = .408;

    /// <summary>
    /// R_a in MJ/(m² day): sunlight above the air. Range: latitude −90 to 90°, day 1 to 366. 0 in the polar night.
    /// </summary>
    public static double ExtraterrestrialRadiation(double latitudeDegrees, int dayOfYear)
    {
        var phi = latitudeDegrees * Math.PI / 180;
        var angle = 2 * Math.PI * dayOfYear / 365;
        double distance = 1 + .033 * Math.Cos(angle), declination = .409 * Math.Sin(angle - 1.39);
        // Beyond the polar circles the sun may not set, or not rise.
        var sunset = Math.Acos(Math.Clamp(-Math.Tan(phi) * Math.Tan(declination), -1, 1));
        return Math.Max(0, 24 * 60 / Math.PI * SolarConstant * distance
            * (sunset * Math.Sin(phi) * Math.Sin(declination) + Math.Cos(phi) * Math.Cos(declination) * Math.Sin(sunset)));
    }

    /// <summary>
    /// ET₀ in mm/day by Hargreaves, FAO-56 eq. 52: .0023 (T_mean + 17.8) √(T_max − T_min) × .408 R_a. Temperatures in °C, T_max ≥ T_min. Held at 0 in frost.
    /// </summary>
    public static double Hargreaves(double radiation, double minTemperature, double maxTemperature)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(maxTemperature, minTemperature);
        return Math.Max(0, .0023 * ((minTemperature + maxTemperature) / 2 + 17.8) * Math.Sqrt(maxTemperature - minTemperature) * MillimetresPerMegajoule * radiation);
    }
}
