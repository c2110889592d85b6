using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Metaplant.Data.Files;
using Microsoft.AspNetCore.Identity;

namespace Metaplant.Web.Door;

/// <summary>A device that has been let in.</summary>
/// <param name="Invitation">The invitation that let it in; null for a gardener's own.</param>
public sealed record Device(string Id, string Name, DateTime Since, DateTime LastSeen, string? Invitation);

/// <summary>Lets helpers in until a time, to one project's steps. The code itself is kept by nobody but who was given it.</summary>
public sealed record Invitation(string Id, string For, string CodeHash, int Project, DateTime Until);

/// <summary>Who may come into a garden over the home network.</summary>
public sealed record DoorState(string? Passphrase, IReadOnlyList<Device> Devices, IReadOnlyList<Invitation> Invitations)
{
    public static DoorState Shut { get; } = new(null, [], []);
}

/// <summary>
/// The book at the door: the passphrase, the devices let in, the invitations. Kept in a file of its own, so that neither a restored backup nor a garden taken in opens a door that was shut. Safe to ask from any thread.
/// </summary>
public sealed class DoorBook
{
    public const int ShortestPassphrase = 10;
    public const int LongestPassphrase = 200;
    public const int MostDevices = 50;
    public const int MostInvitations = 20;

    /// <summary>No letters that are taken for digits or for each other.</summary>
    private const string CodeLetters = "23456789abcdefghjkmnpqrstuvwxyz";

    private const int CodeLength = 12;
    private static readonly TimeSpan SeenEvery = TimeSpan.FromHours(1);

    private readonly Lock gate = new();
    private readonly string path;
    private readonly TimeProvider time;
    private readonly PasswordHasher<DoorBook> hasher = new();
    private DoorState state;

    public DoorBook(string folder, TimeProvider time)
    {
        path = Path.Combine(folder, "door.json");
        this.time = time;
        state = Load();
    }

    public bool HasPassphrase => state.Passphrase is not null;

    public IReadOnlyList<Device> Devices => state.Devices;

    /// <summary>Invitations that have not run out.</summary>
    public IReadOnlyList<Invitation> Invitations => [.. state.Invitations.Where(i => i.Until > Now)];

    private DateTime Now => time.GetUtcNow().UtcDateTime;

    /// <summary>Why a passphrase cannot be one; null when it can.</summary>
    public static string? WhyNot(string? passphrase) => passphrase?.Trim() switch
    {
        null or { Length: < ShortestPassphrase } => $"At least {ShortestPassphrase} letters: three or four words that do not belong together are best.",
        { Length: > LongestPassphrase } => $"At most {LongestPassphrase} letters.",
        _ => null,
    };

    /// <summary>Sets the passphrase and signs every gardener's device out; helpers stay until their time is over.</summary>
    public void SetPassphrase(string passphrase)
    {
        var hash = hasher.HashPassword(this, passphrase.Trim());
        Change(s => s with { Passphrase = hash, Devices = [.. s.Devices.Where(d => d.Invitation is not null)] });
    }

    /// <summary>Lets a device in as the gardener's, or null when the passphrase is not the one.</summary>
    public Device? SignIn(string passphrase, string name)
    {
        if (state.Passphrase is not { } hash || passphrase.Length > LongestPassphrase) return null;
        var result = hasher.VerifyHashedPassword(this, hash, passphrase.Trim());
        if (result == PasswordVerificationResult.Failed) return null;
        if (result == PasswordVerificationResult.SuccessRehashNeeded) Change(s => s with { Passphrase = hasher.HashPassword(this, passphrase.Trim()) });
        return Add(name, null);
    }

    /// <summary>Makes an invitation, and returns it with its code, which is told this once.</summary>
    public (Invitation Invitation, string Code)? Invite(string name, int project, TimeSpan lasts)
    {
        if (Invitations.Count >= MostInvitations) return null;
        var code = RandomNumberGenerator.GetString(CodeLetters, CodeLength);
        var made = new Invitation(NewId(), name, HashOf(code), project, Now + lasts);
        Change(s => s with { Invitations = [.. s.Invitations.Where(i => i.Until > Now), made] });
        return (made, code);
    }

    /// <summary>Lets a device in by an invitation's code, or null when there is none of it any more.</summary>
    public Device? Accept(string code, string name)
        => Invitations.FirstOrDefault(i => CryptographicOperations.FixedTimeEquals(Encoding.ASCII.GetBytes(i.CodeHash), Encoding.ASCII.GetBytes(HashOf(Plain(code))))) is { } invitation ? Add(name, invitation.Id) : null;

    /// <summary>Ends an invitation and signs out whom it let in. False when there is none.</summary>
    public bool Withdraw(string id)
    {
        if (!state.Invitations.Any(i => i.Id == id)) return false;
        Change(s => s with { Invitations = [.. s.Invitations.Where(i => i.Id != id)], Devices = [.. s.Devices.Where(d => d.Invitation != id)] });
        return true;
    }

    /// <summary>Signs a device out. False when it is not in.</summary>
    public bool SignOut(string id)
    {
        if (!state.Devices.Any(d => d.Id == id)) return false;
        Change(s => s with { Devices = [.. s.Devices.Where(d => d.Id != id)] });
        return true;
    }

    /// <summary>The device and what it was invited to, while it is in; null when it was signed out or its time is over.</summary>
    public (Device Device, Invitation? Invitation)? Find(string id)
    {
        if (state.Devices.FirstOrDefault(d => d.Id == id) is not { } device) return null;
        var invitation = device.Invitation is null ? null : Invitations.FirstOrDefault(i => i.Id == device.Invitation);
        if (device.Invitation is not null && invitation is null) return null;
        if (Now - device.LastSeen > SeenEvery) Saw(id);
        return (device, invitation);
    }

    /// <summary>When it was last seen is good to know and no reason to keep anybody out where it cannot be written down.</summary>
    private void Saw(string id)
    {
        try
        {
            Change(s => s with { Devices = [.. s.Devices.Select(d => d.Id == id ? d with { LastSeen = Now } : d)] });
        }
        catch (IOException)
        {
            return;
        }
    }

    /// <summary>The one not seen for longest makes room.</summary>
    private Device Add(string name, string? invitation)
    {
        var device = new Device(NewId(), name, Now, Now, invitation);
        Change(s => s with { Devices = [.. s.Devices.OrderByDescending(d => d.LastSeen).Take(MostDevices - 1).Reverse(), device] });
        return device;
    }

    private void Change(Func<DoorState, DoorState> change)
    {
        lock (gate)
        {
            var next = change(state);
            Save(next);
            state = next;
        }
    }

    /// <summary>A book that cannot be read lets nobody in.</summary>
    private DoorState Load()
    {
        try
        {
            return File.Exists(path) ? JsonSerializer.Deserialize<DoorState>(File.ReadAllBytes(path)) ?? DoorState.Shut : DoorState.Shut;
        }
        catch (JsonException)
        {
            return DoorState.Shut;
        }
    }

    private void Save(DoorState next)
    {
        GardenFile.MakeFolder(Path.GetDirectoryName(path)!);
        var partial = path + ".partial";
        using (var file = new FileStream(partial, new FileStreamOptions { Mode = FileMode.Create, Access = FileAccess.Write, UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite }))
        {
            JsonSerializer.Serialize(file, next);
            file.Flush(flushToDisk: true);
        }

        File.Move(partial, path, overwrite: true);
    }

    private static string NewId() => Convert.ToHexStringLower(RandomNumberGenerator.GetBytes(16));

    private static string HashOf(string code) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(code)));

    /// <summary>As it was made, however it was typed: blanks, dashes and capitals do not count.</summary>
    private static string Plain(string code) => new([.. code.ToLowerInvariant().Where(char.IsAsciiLetterOrDigit)]);
}
