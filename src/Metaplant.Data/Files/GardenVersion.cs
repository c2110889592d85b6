using Microsoft.Data.Sqlite;

namespace Metaplant.Data.Files;

/// <summary>
/// A number that changes whenever anything in the garden does, whoever changed it: SQLite's <c>data_version</c> as a connection sees it that never writes itself. Safe to ask from any thread.
/// </summary>
public sealed class GardenVersion(GardenFile file) : IDisposable
{
    private readonly Lock gate = new();
    private SqliteConnection? watcher;
    private SqliteCommand? question;

    /// <summary>The number now; what is read from the garden after it was asked is at least as new.</summary>
    public long Now()
    {
        lock (gate)
        {
            if (question is null)
            {
                watcher = new(new SqliteConnectionStringBuilder(file.ConnectionString) { Pooling = false }.ToString());
                watcher.Open();
                question = watcher.CreateCommand();
                question.CommandText = "PRAGMA data_version";
            }

            return (long)question.ExecuteScalar()!;
        }
    }

    public void Dispose()
    {
        question?.Dispose();
        watcher?.Dispose();
    }
}
