using System.Net;

namespace Metaplant.Web.Door;

/// <summary>Where the garden is served: to this machine, and with a host to the home network under that name or address.</summary>
/// <param name="Host">Address or name given by <c>--host</c>; null when it is served to this machine only.</param>
public sealed record Address(string? Host)
{
    /// <summary>True for a name that this garden goes by. Another name that leads here, however it came to, is not it.</summary>
    public bool IsOurs(HostString host) => host.Host is "localhost" or "127.0.0.1" or "[::1]" || (Host is not null && string.Equals(host.Host, Host, StringComparison.OrdinalIgnoreCase));

    /// <summary>True for a connection that never left this machine, to an address that is not the one for the network. A server within a test has no connection.</summary>
    public bool IsTheMachine(HttpContext http)
    {
        var (to, from) = (http.Connection.LocalIpAddress, http.Connection.RemoteIpAddress);
        if (to is null || from is null) return true;
        // What a proxy on this machine passes on comes from somebody else.
        if (http.Request.Headers.ContainsKey("X-Forwarded-For") || http.Request.Headers.ContainsKey("Forwarded") || http.Request.Headers.ContainsKey("Via")) return false;
        return IPAddress.IsLoopback(to) && IPAddress.IsLoopback(from) && !string.Equals(Plain(to), Host, StringComparison.Ordinal);
    }

    /// <summary>Why a host cannot be served under; null when it can.</summary>
    public string? WhyNot() => Host switch
    {
        null => null,
        "0.0.0.0" or "::" or "*" or "+" => "Give the address or name that phones will find this machine by, not all addresses at once.",
        "127.0.0.1" or "localhost" or "::1" => "That address is this machine itself; leave --host out, and nobody is asked for a passphrase.",
        _ => Uri.CheckHostName(Host) == UriHostNameType.Unknown ? $"“{Host}” is neither an address nor a name." : null,
    };

    private static string Plain(IPAddress address) => (address.IsIPv4MappedToIPv6 ? address.MapToIPv4() : address).ToString();
}
