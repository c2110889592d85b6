using Microsoft.Data.Sqlite;

namespace Metaplant.Data.Files;

/// <summary>
/// A word that changes whenever anything in the garden does, whoever changed it: SQLite's <c>data_version</c> as a connection sees it that never writes itself. Safe to ask from any thread.
/// </summary>
public sealed class GardenVersion(GardenFile file) : IDisposable
{
    private readonly Lock gate = new();
    private SqliteConnection? watcher;
    private SqliteCommand? question;
    private int files;

    /// <summary>The word now; what is read from the garden after it was asked is at least as new.</summary>
    public string Now()
    {
        lock (gate)
        {
            if (question is null)
            {
                watcher = GardenFile.Alone(file.Path);
                question = watcher.CreateCommand();
                question.CommandText = "PRAGMA data_version";
            }

            return $"{files}.{(long)question.ExecuteScalar()!}";
        }
    }

    /// <summary>Another file lies in the garden's place: it is asked from now on, and gives no word that was given before.</summary>
    public void Begin()
    {
        lock (gate)
        {
            Dispose();
            (watcher, question) = (null, null);
            files++;
        }
    }

    public void Dispose()
    {
        question?.Dispose();
        watcher?.Dispose();
    }
}
