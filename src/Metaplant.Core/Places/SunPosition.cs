namespace Metaplant.Core.Places;

/// <summary>Where the centre of the sun stands in the sky, without refraction.</summary>
/// <param name="Elevation">Degrees above the level horizon, −90 to 90; below nothing it is night.</param>
/// <param name="Azimuth">Degrees from north clockwise, 0 up to but not including 360.</param>
public readonly record struct SunPosition(double Elevation, double Azimuth)
{
    /// <summary>The year that days are counted in where none is named.</summary>
    public const int Year = 2026;

    private const double Degree = Math.PI / 180;
    private const double JulianCentury = 36525;

    /// <summary>Noon of 1 January 2000, from which the series are counted.</summary>
    private static readonly DateTime Epoch = new(2000, 1, 1, 12, 0, 0, DateTimeKind.Utc);

    /// <summary>
    /// By the clock. Range: latitude −90 to 90, longitude −180 to 180, east positive; years 1950 to 2050. Source: Meeus, Astronomical Algorithms, 2nd edition, chapter 25 (low accuracy, .01°), as NOAA's solar calculator has it.
    /// </summary>
    public static SunPosition At(double latitude, double longitude, DateTime utc)
    {
        var (declination, equation) = Orbit((utc - Epoch).TotalDays / JulianCentury);
        return Of(latitude, declination, 15 * (utc.TimeOfDay.TotalHours - 12) + longitude + equation);
    }

    /// <summary>
    /// By the sundial: at <paramref name="solarHour"/> 12 the sun stands in the south, or the north, on every day. Range: latitude −90 to 90, day 1 to 366 of <see cref="Year"/>, hour 0 to 24. The season is taken as at Greenwich, which is within .2° for every other place.
    /// </summary>
    public static SunPosition At(double latitude, double dayOfYear, double solarHour)
    {
        var solar = (new DateTime(Year, 1, 1, 0, 0, 0, DateTimeKind.Utc) - Epoch).TotalDays + dayOfYear - 1 + solarHour / 24;
        var (_, equation) = Orbit(solar / JulianCentury);
        var (declination, _) = Orbit((solar - equation / 360) / JulianCentury);
        return Of(latitude, declination, 15 * (solarHour - 12));
    }

    /// <summary>Declination, and by how much the sundial is before the clock, both in degrees; 15° are an hour. <paramref name="t"/> in Julian centuries from 2000.</summary>
    private static (double Declination, double Equation) Orbit(double t)
    {
        var longitude = 280.46646 + t * (36000.76983 + t * .0003032);
        var anomaly = (357.52911 + t * (35999.05029 - t * .0001537)) * Degree;
        var eccentricity = .016708634 - t * (.000042037 + t * .0000001267);
        var centre = (1.914602 - t * (.004817 + t * .000014)) * Math.Sin(anomaly) + (.019993 - t * .000101) * Math.Sin(2 * anomaly) + .000289 * Math.Sin(3 * anomaly);
        var node = (125.04 - 1934.136 * t) * Degree;
        var apparent = (longitude + centre - .00569 - .00478 * Math.Sin(node)) * Degree;
        var obliquity = (23 + (26 + (21.448 - t * (46.815 + t * (.00059 - t * .001813))) / 60) / 60 + .00256 * Math.Cos(node)) * Degree;
        var declination = Math.Asin(Math.Sin(obliquity) * Math.Sin(apparent)) / Degree;
        var y = Math.Pow(Math.Tan(obliquity / 2), 2);
        var mean = longitude * Degree;
        var equation = (y * Math.Sin(2 * mean) - 2 * eccentricity * Math.Sin(anomaly) + 4 * eccentricity * y * Math.Sin(anomaly) * Math.Cos(2 * mean) - .5 * y * y * Math.Sin(4 * mean) - 1.25 * eccentricity * eccentricity * Math.Sin(2 * anomaly)) / Degree;
        return (declination, equation);
    }

    private static SunPosition Of(double latitude, double declination, double hourAngle)
    {
        double φ = latitude * Degree, δ = declination * Degree, h = hourAngle * Degree;
        var up = Math.Sin(φ) * Math.Sin(δ) + Math.Cos(φ) * Math.Cos(δ) * Math.Cos(h);
        double east = -Math.Cos(δ) * Math.Sin(h), north = Math.Cos(φ) * Math.Sin(δ) - Math.Sin(φ) * Math.Cos(δ) * Math.Cos(h);
        var azimuth = Math.Atan2(east, north) / Degree;
        return new(Math.Asin(Math.Clamp(up, -1, 1)) / Degree, azimuth < 0 ? (azimuth + 360) % 360 : azimuth);
    }
}
