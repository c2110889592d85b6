using Metaplant.Core.Geometry;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

/// <summary>What the questions of the sun share.</summary>
internal static class AskSun
{
    public static NumberInput Latitude { get; } = Ask.Number("latitudeDegrees", "Latitude, south below nothing", Unit.Degree, -90, 90, 52.4);

    public static NumberInput Day { get; } = Ask.Whole("dayOfYear", "Day of the year", 1, 366, 172);

    /// <summary>On a disc of 1 m with north up: its edge the horizon, its middle overhead.</summary>
    public static Point OnSky(SunPosition sun)
    {
        double r = 1 - sun.Elevation / 90, a = sun.Azimuth * Math.PI / 180;
        return new(r * Math.Sin(a), r * Math.Cos(a));
    }
}
