using System.Collections.Concurrent;
using System.Data.Common;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Microsoft.EntityFrameworkCore.Storage;

namespace Metaplant.Data;

/// <summary>
/// Lets one writer at a time into the garden, in the order they came. A write begins its transaction before its first read, so that nothing it looks at can change before it is done;
/// the next one is let in as soon as it is committed. An interceptor of the contexts that write.
/// </summary>
public sealed class WriteGate : DbTransactionInterceptor, IDisposable
{
    private readonly SemaphoreSlim turn = new(1, 1);
    private readonly ConcurrentDictionary<Guid, IDisposable> inside = new();

    /// <summary>Waits for its turn and begins the transaction that <see cref="Journal.SaveAsync"/> commits. Disposed without saving, nothing is kept.</summary>
    public async Task<WriteTurn> EnterAsync(GardenContext garden, CancellationToken cancel = default)
    {
        var alone = await WaitAsync(cancel);
        try
        {
            var transaction = await garden.Database.BeginTransactionAsync(cancel);
            inside[transaction.TransactionId] = alone;
            garden.Changed = GardenParts.None;
            return new(this, transaction);
        }
        catch
        {
            alone.Dispose();
            throw;
        }
    }

    /// <summary>Waits until nobody writes, and keeps it so until disposed.</summary>
    public async Task<IDisposable> WaitAsync(CancellationToken cancel = default)
    {
        await turn.WaitAsync(cancel);
        return new Leaving(turn);
    }

    /// <summary>What is committed needs its turn no longer; what the writer still reads is there for everybody.</summary>
    public override Task TransactionCommittedAsync(DbTransaction transaction, TransactionEndEventData eventData, CancellationToken cancellationToken = default)
    {
        Leave(eventData.TransactionId);
        return Task.CompletedTask;
    }

    public void Dispose() => turn.Dispose();

    internal void Leave(Guid transaction)
    {
        if (inside.TryRemove(transaction, out var alone)) alone.Dispose();
    }

    private sealed class Leaving(SemaphoreSlim turn) : IDisposable
    {
        private int left;

        public void Dispose()
        {
            if (Interlocked.Exchange(ref left, 1) == 0) turn.Release();
        }
    }
}

/// <summary>A turn to write, with its transaction.</summary>
public sealed class WriteTurn(WriteGate gate, IDbContextTransaction transaction) : IAsyncDisposable
{
    public async ValueTask DisposeAsync()
    {
        await transaction.DisposeAsync();
        gate.Leave(transaction.TransactionId);
    }
}
