namespace Metaplant.Core.Places;

/// <summary>Hours of direct sun in a day, before and after solar noon.</summary>
public sealed record SunHours(double Morning, double Afternoon)
{
    public double InAll => Morning + Afternoon;
}

/// <summary>How high what stands around hides the sky, between two directions.</summary>
/// <param name="From">Degrees from north clockwise, 0 to 360; the arc goes clockwise from here, across north where it is the greater of the two.</param>
/// <param name="To">Where it ends, included.</param>
/// <param name="Height">Degrees above level, 0 to 90.</param>
public sealed record HorizonArc(double From, double To, double Height)
{
    public bool Holds(double azimuth) => From <= To ? azimuth >= From && azimuth <= To : azimuth >= From || azimuth <= To;
}

/// <summary>The hours in which the centre of the sun stands above a horizon.</summary>
public static class Horizon
{
    private const int Minutes = 1440;

    /// <summary>Halvings of a minute until a rise is known to a few thousandths of a second.</summary>
    private const int Halvings = 14;

    /// <summary>
    /// Hours of direct sun on a day of <see cref="SunPosition.Year"/>; where arcs overlap the higher hides. Looked at every minute, and where it changes to the second; a gap narrower than a minute may be missed. Range: latitude −90 to 90, day 1 to 366.
    /// </summary>
    public static SunHours Hours(double latitude, double dayOfYear, IReadOnlyList<HorizonArc> arcs)
    {
        double morning = 0, afternoon = 0;
        var lit = Lit(0);
        for (var i = 0; i < Minutes; i++)
        {
            double from = i / 60.0, to = (i + 1) / 60.0;
            var then = Lit(to);
            var hours = lit == then ? lit ? to - from : 0 : lit ? Change(from, to, lit) - from : to - Change(from, to, lit);
            if (i < Minutes / 2) morning += hours;
            else afternoon += hours;
            lit = then;
        }

        return new(morning, afternoon);

        bool Lit(double hour)
        {
            var sun = SunPosition.At(latitude, dayOfYear, hour);
            return sun.Elevation > 0 && !arcs.Any(a => a.Height >= sun.Elevation && a.Holds(sun.Azimuth));
        }

        double Change(double from, double to, bool before)
        {
            for (var i = 0; i < Halvings; i++)
            {
                var middle = (from + to) / 2;
                if (Lit(middle) == before) from = middle;
                else to = middle;
            }

            return (from + to) / 2;
        }
    }
}
