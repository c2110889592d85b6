using System.Security.Claims;
using System.Threading.RateLimiting;
using Metaplant.Data;
using Metaplant.Web.Errors;
using Metaplant.Web.Files;
using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Hosting.Server.Features;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Web.Door;

/// <summary>Who the page is talking as, and whether it must sign in first.</summary>
/// <param name="Role">"gardener", "helper" or null.</param>
/// <param name="Project">The project a helper was invited to.</param>
/// <param name="Network">Where phones on the home network find the garden; null while it is served to this machine only.</param>
/// <param name="AtTheMachine">On the machine itself: nobody is asked, and the passphrase can be set.</param>
public sealed record DoorDto(string? Role, int? Project, bool AtTheMachine, bool HasPassphrase, string? Network);

public sealed record PassphraseInput(string? Passphrase);

/// <summary>What somebody comes in with: the passphrase, or a helper's code.</summary>
/// <param name="Device">What to call this device in the list.</param>
public sealed record SignInInput(string? Passphrase, string? Code, string? Device);

public sealed record DeviceDto(string Id, string Name, DateTime Since, DateTime LastSeen, string? HelperOf, bool This);

public sealed record InvitationDto(string Id, string For, int Project, string ProjectName, DateTime Until);

public sealed record InvitationInput(string? For, int? Project, int? Hours);

/// <summary>An invitation with its code, which is shown this once.</summary>
public sealed record MadeInvitationDto(InvitationDto Invitation, string Code);

public sealed record InsideDto(IReadOnlyList<DeviceDto> Devices, IReadOnlyList<InvitationDto> Invitations);

internal static class DoorEndpoints
{
    private const int LongestName = 60;
    private const int LongestInvitation = 24 * 31;

    /// <summary>Attempts to come in, in a minute: from one address, and from all together.</summary>
    private const int AttemptsOfOne = 6;

    private const int AttemptsOfAll = 30;

    public static void MapDoor(this IEndpointRouteBuilder api)
    {
        api.MapGet("/door", Who).AllowAnonymous().AlsoWhileHurt().WithName("door");
        api.MapPost("/door/in", SignIn).AllowAnonymous().AlsoWhileHurt().WithMetadata(new Attempt()).WithName("signIn");
        api.MapPost("/door/out", SignOut).AllowAnonymous().AlsoWhileHurt().WithName("signOut");
        api.MapPut("/door/passphrase", SetPassphrase).RequireAuthorization(Doors.Gardener).WithName("setPassphrase");
        api.MapGet("/door/inside", Inside).RequireAuthorization(Doors.Gardener).WithName("inside");
        api.MapDelete("/door/devices/{device}", SignDeviceOut).RequireAuthorization(Doors.Gardener).WithName("signDeviceOut");
        api.MapPost("/door/invitations", Invite).RequireAuthorization(Doors.Gardener).WithName("invite");
        api.MapDelete("/door/invitations/{invitation}", Withdraw).RequireAuthorization(Doors.Gardener).WithName("withdraw");
    }

    /// <summary>Attempts are counted by address and in all, so that a passphrase is not guessed by many either.</summary>
    public static void AddAttempts(this IServiceCollection services) => services.AddRateLimiter(o =>
    {
        o.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
        o.OnRejected = async (context, _) => await TypedResults.Problem("Too many attempts. Wait a minute and try again.", statusCode: StatusCodes.Status429TooManyRequests, title: "Wait.").ExecuteAsync(context.HttpContext);
        o.GlobalLimiter = PartitionedRateLimiter.CreateChained(Limit(h => $"from {h.Connection.RemoteIpAddress}", AttemptsOfOne), Limit(_ => "all", AttemptsOfAll));
    });

    private static PartitionedRateLimiter<HttpContext> Limit(Func<HttpContext, string> key, int attempts) => PartitionedRateLimiter.Create<HttpContext, string>(http
        => http.GetEndpoint()?.Metadata.GetMetadata<Attempt>() is not null
            ? RateLimitPartition.GetFixedWindowLimiter(key(http), _ => new() { PermitLimit = attempts, Window = TimeSpan.FromMinutes(1) })
            : RateLimitPartition.GetNoLimiter("other"));

    /// <summary>Marks the endpoint that attempts are counted at, under whatever address it is reached.</summary>
    private sealed class Attempt;

    private static Ok<DoorDto> Who(HttpContext http, DoorBook book, Address address, IServer server)
    {
        var network = address.Host is { } host ? server.Features.Get<IServerAddressesFeature>()?.Addresses.FirstOrDefault(a => a.Contains(host, StringComparison.OrdinalIgnoreCase)) ?? host : null;
        var role = http.User.FindFirstValue(ClaimTypes.Role);
        return TypedResults.Ok(new DoorDto(role, int.TryParse(http.User.FindFirstValue(Doors.ProjectClaim), out var project) ? project : null, address.IsTheMachine(http), book.HasPassphrase, network));
    }

    private static async Task<Results<NoContent, ValidationProblem>> SignIn(SignInInput input, HttpContext http, DoorBook book)
    {
        var name = input.Device?.Trim() is { Length: > 0 } called ? called[..Math.Min(called.Length, LongestName)] : "A device";
        if (input.Code is { Length: > 0 and <= 100 } code)
        {
            if (book.Accept(code, name) is not { } helper) return Problems.Refuse("code", "There is no such invitation, or its time is over.");
            await http.SignInAsync(helper, book.Find(helper.Id)?.Invitation);
            return TypedResults.NoContent();
        }

        if (!book.HasPassphrase) return Problems.Refuse("passphrase", "No passphrase has been set yet. Set it at the machine that Metaplant runs on, in House rules, Home network.");
        if (book.SignIn(input.Passphrase ?? "", name) is not { } device) return Problems.Refuse("passphrase", "That is not the passphrase.");
        await http.SignInAsync(device, null);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> SignOut(HttpContext http, DoorBook book)
    {
        if (http.User.FindFirstValue(ClaimTypes.NameIdentifier) is { } device) book.SignOut(device);
        await http.LeaveAsync();
        return TypedResults.NoContent();
    }

    private static Results<NoContent, ValidationProblem, ProblemHttpResult> SetPassphrase(PassphraseInput input, HttpContext http, DoorBook book, Address address)
    {
        if (!address.IsTheMachine(http)) return TypedResults.Problem("The passphrase is set at the machine itself, or by ./metaplant passphrase.", statusCode: StatusCodes.Status403Forbidden, title: "Not from here.");
        if (DoorBook.WhyNot(input.Passphrase) is { } why) return Problems.Refuse("passphrase", why);
        book.SetPassphrase(input.Passphrase!);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<InsideDto>> Inside(HttpContext http, DoorBook book, GardenContext garden, CancellationToken cancel)
    {
        var projects = await garden.Projects.AsNoTracking().ToDictionaryAsync(p => p.Id, p => p.Name, cancel);
        var me = http.User.FindFirstValue(ClaimTypes.NameIdentifier);
        var invitations = book.Invitations;
        return TypedResults.Ok(new InsideDto(
            [.. book.Devices.Where(d => d.Invitation is null || invitations.Any(i => i.Id == d.Invitation)).Select(d => new DeviceDto(d.Id, d.Name, d.Since, d.LastSeen, invitations.FirstOrDefault(i => i.Id == d.Invitation) is { } i ? NameOf(projects, i.Project) : null, d.Id == me))],
            [.. invitations.Select(i => Show(i, projects))]));
    }

    private static Results<NoContent, ProblemHttpResult> SignDeviceOut(string device, DoorBook book) => book.SignOut(device) ? TypedResults.NoContent() : Problems.NotHere("That device is not signed in.");

    private static async Task<Results<Ok<MadeInvitationDto>, ValidationProblem>> Invite(InvitationInput input, DoorBook book, GardenContext garden, CancellationToken cancel)
    {
        var name = input.For?.Trim() ?? "";
        if (name.Length is 0 or > LongestName) return Problems.Refuse("for", "Say whom it is for.");
        if (input.Hours is not (>= 1 and <= LongestInvitation)) return Problems.Refuse("hours", "From an hour to 31 days.");
        if (await garden.Projects.AsNoTracking().FirstOrDefaultAsync(p => p.Id == (input.Project ?? 0), cancel) is not { } project) return Problems.Refuse("project", "Choose the project they are to help with.");
        if (book.Invite(name, project.Id, TimeSpan.FromHours(input.Hours.Value)) is not { } made) return Problems.Refuse("for", $"At most {DoorBook.MostInvitations} invitations at once; withdraw one first.");
        return TypedResults.Ok(new MadeInvitationDto(Show(made.Invitation, new() { [project.Id] = project.Name }), made.Code));
    }

    private static Results<NoContent, ProblemHttpResult> Withdraw(string invitation, DoorBook book) => book.Withdraw(invitation) ? TypedResults.NoContent() : Problems.NotHere("That invitation is over.");

    private static InvitationDto Show(Invitation i, Dictionary<int, string> projects) => new(i.Id, i.For, i.Project, NameOf(projects, i.Project), i.Until);

    private static string NameOf(Dictionary<int, string> projects, int id) => projects.GetValueOrDefault(id, "a project that was dropped");
}
