using Metaplant.Data.Files;
using Metaplant.Web.Door;

namespace Metaplant.Web;

/// <summary>What is done at the machine itself instead of serving: setting the passphrase, going back to a backup.</summary>
internal static class Hosting
{
    /// <summary>Does what the command line asks for; null when it asks for serving. Returns the exit code.</summary>
    public static async Task<int?> RunAsync(IConfiguration given, GardenFile file, TextReader from, TextWriter to)
    {
        if (given["passphrase"] is not null) return SetPassphrase(file, from, to);
        if (given["restore"] is not { } name) return null;
        return await RestoreAsync(file, name, to);
    }

    private static int SetPassphrase(GardenFile file, TextReader from, TextWriter to)
    {
        var passphrase = from.ReadLine();
        if (DoorBook.WhyNot(passphrase) is { } why)
        {
            to.WriteLine(why);
            return 1;
        }

        using var alone = GardenLock.Take(file.Folder);
        if (alone is null)
        {
            to.WriteLine("This garden is open in a Metaplant. Set the passphrase there, in House rules, Home network, or stop it first.");
            return 1;
        }

        new DoorBook(file.Folder, TimeProvider.System).SetPassphrase(passphrase!);
        to.WriteLine("The passphrase is set. Every device has to sign in with it.");
        return 0;
    }

    /// <summary>Without a name it lists the backups.</summary>
    private static async Task<int> RestoreAsync(GardenFile file, string name, TextWriter to)
    {
        var backups = new GardenBackups(file);
        if (name is "" or "list")
        {
            var kept = backups.List();
            foreach (var b in kept) await to.WriteLineAsync($"{b.Name,-44} {b.At.ToLocalTime():yyyy-MM-dd HH:mm}  {(b.Why.Length > 0 ? b.Why : $"{b.Things} things, {b.Projects} projects")}");
            if (kept.Count == 0) await to.WriteLineAsync("There are no backups here.");
            return 0;
        }

        using var alone = GardenLock.Take(file.Folder);
        var why = alone is null ? "This garden is open in another Metaplant. Stop it first, or restore in House rules, The garden file." : await Restoring.PutInPlaceAsync(file, backups, name, DateTime.UtcNow);
        await to.WriteLineAsync(why ?? $"{name} is the garden now. What was there before lies in {Path.Combine(file.Folder, "set-aside")}.");
        return why is null ? 0 : 1;
    }
}
