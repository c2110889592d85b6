using System.Globalization;
using System.Security.Claims;
using System.Text.Encodings.Web;
using Metaplant.Data.Files;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.Extensions.Options;

namespace Metaplant.Web.Door;

/// <summary>
/// Who may do what. A gardener may do everything; a helper what the invitation names. Who sits at the machine itself is a gardener; over the home network one signs in.
/// Every endpoint has one of these rules, or the application does not build.
/// </summary>
internal static class Doors
{
    /// <summary>Gardeners only.</summary>
    public const string Gardener = "gardener";

    /// <summary>Gardeners, and helpers invited to the project of the address.</summary>
    public const string ProjectHelper = "project-helper";

    public const string ProjectClaim = "project";

    private const string Either = "door";
    private const string AtTheMachine = "machine";
    private const string Cookie = "metaplant";
    private static readonly TimeSpan SignedInFor = TimeSpan.FromDays(30);

    public static void AddDoors(this IServiceCollection services, GardenFile file)
    {
        // Its folder is closed to everybody else, as the garden is.
        services.AddLogging(l => l.AddFilter("Microsoft.AspNetCore.DataProtection", LogLevel.Error));
        services.AddSingleton(s => new DoorBook(file.Folder, s.GetRequiredService<TimeProvider>()));
        services.AddDataProtection().SetApplicationName("metaplant").PersistKeysToFileSystem(new(file.Keys));
        services.AddAuthentication(Either)
            .AddPolicyScheme(Either, null, o => o.ForwardDefaultSelector = http => http.RequestServices.GetRequiredService<Address>().IsTheMachine(http) ? AtTheMachine : Cookie)
            .AddScheme<AuthenticationSchemeOptions, MachineHandler>(AtTheMachine, null)
            .AddCookie(Cookie, o =>
            {
                o.Cookie.Name = "metaplant";
                o.Cookie.HttpOnly = true;
                o.Cookie.SameSite = SameSiteMode.Strict;
                o.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
                o.ExpireTimeSpan = SignedInFor;
                o.SlidingExpiration = true;
                o.Events.OnValidatePrincipal = StillIn;
                o.Events.OnRedirectToLogin = c => Refuse(c.HttpContext, StatusCodes.Status401Unauthorized);
                o.Events.OnRedirectToAccessDenied = c => Refuse(c.HttpContext, StatusCodes.Status403Forbidden);
            });
        services.AddAuthorizationBuilder()
            .AddPolicy(Gardener, p => p.RequireRole(Gardener))
            .AddPolicy(ProjectHelper, p => p.RequireAssertion(c => c.User.IsInRole(Gardener) || (c.Resource is HttpContext http && IsOf(c.User, http.GetRouteValue("id")))))
            // Nothing is open because somebody forgot to shut it.
            .SetFallbackPolicy(new AuthorizationPolicyBuilder().RequireAssertion(_ => false).Build());
        // What cookies are sealed with is read when the first one comes, not before the garden is open.
        foreach (var eager in services.Where(s => s.ServiceType == typeof(IHostedService) && s.ImplementationType?.Name == "DataProtectionHostedService").ToList()) services.Remove(eager);
    }

    public static async Task SignInAsync(this HttpContext http, Device device, Invitation? invitation)
        => await http.SignInAsync(Cookie, PrincipalOf(device.Id, invitation), new() { IsPersistent = true, ExpiresUtc = invitation?.Until });

    public static Task LeaveAsync(this HttpContext http) => http.SignOutAsync(Cookie);

    /// <summary>Throws for an endpoint without a rule, so that the build, which reads the routes to describe them, does not go on with one.</summary>
    public static void RequireRules(this WebApplication app)
    {
        var open = ((IEndpointRouteBuilder)app).DataSources.SelectMany(d => d.Endpoints).OfType<RouteEndpoint>()
            .Where(e => e.Metadata.GetMetadata<IAuthorizeData>() is null && e.Metadata.GetMetadata<IAllowAnonymous>() is null).Select(e => e.RoutePattern.RawText).ToList();
        if (open.Count > 0) throw new InvalidOperationException($"Nobody has said who may use {string.Join(", ", open)}.");
    }

    private static bool IsOf(ClaimsPrincipal user, object? project) => user.FindFirstValue(ProjectClaim) is { } mine && mine == (project as string);

    private static ClaimsPrincipal PrincipalOf(string device, Invitation? invitation)
    {
        List<Claim> claims = [new(ClaimTypes.NameIdentifier, device), new(ClaimTypes.Role, invitation is null ? Gardener : "helper")];
        if (invitation is not null) claims.Add(new(ProjectClaim, invitation.Project.ToString(CultureInfo.InvariantCulture)));
        return new(new ClaimsIdentity(claims, Cookie));
    }

    /// <summary>Asked at every request: a device that was signed out, or an invitation withdrawn, is out at once.</summary>
    private static async Task StillIn(CookieValidatePrincipalContext context)
    {
        var id = context.Principal?.FindFirstValue(ClaimTypes.NameIdentifier);
        if (id is not null && context.HttpContext.RequestServices.GetRequiredService<DoorBook>().Find(id) is { } found)
        {
            context.ReplacePrincipal(PrincipalOf(id, found.Invitation));
            return;
        }

        context.RejectPrincipal();
        await context.HttpContext.LeaveAsync();
    }

    private static async Task Refuse(HttpContext http, int status)
    {
        http.Response.StatusCode = status;
        await TypedResults.Problem(
            status == StatusCodes.Status401Unauthorized ? "Sign in with the garden’s passphrase, or with a helper’s code." : "This is not among the things you were invited to.",
            statusCode: status, title: status == StatusCodes.Status401Unauthorized ? "Who is there?" : "Not for helpers.").ExecuteAsync(http);
    }

    /// <summary>Whoever comes from the machine that Metaplant runs on.</summary>
    private sealed class MachineHandler(IOptionsMonitor<AuthenticationSchemeOptions> options, ILoggerFactory logger, UrlEncoder encoder) : AuthenticationHandler<AuthenticationSchemeOptions>(options, logger, encoder)
    {
        protected override Task<AuthenticateResult> HandleAuthenticateAsync()
            => Task.FromResult(AuthenticateResult.Success(new(new(new ClaimsIdentity([new(ClaimTypes.NameIdentifier, AtTheMachine), new(ClaimTypes.Role, Gardener)], AtTheMachine)), Scheme.Name)));
    }
}
