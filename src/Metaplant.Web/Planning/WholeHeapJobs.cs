using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using Metaplant.Core.Optimising;
using Metaplant.Core.Planning;

namespace Metaplant.Web.Planning;

/// <summary>Plans that are looked for or were lately. One at a time is looked for: it takes the whole machine.</summary>
internal sealed partial class WholeHeapJobs(ILogger<WholeHeapJobs> log) : IDisposable
{
    /// <summary>So many are remembered, the newest.</summary>
    private const int Remembered = 8;

    private readonly ConcurrentQueue<WholeHeapJob> jobs = new();

    /// <summary>Starts to look, and stops whatever was looked for before.</summary>
    public WholeHeapJob Start(Core.Salvage.Heap heap, Wants wants, double seconds, string version)
    {
        foreach (var earlier in jobs) earlier.Stop();
        var job = new WholeHeapJob(heap, wants, seconds, version, e => NotPlanned(log, e));
        jobs.Enqueue(job);
        while (jobs.Count > Remembered && jobs.TryDequeue(out var old)) old.Dispose();
        return job;
    }

    public WholeHeapJob? Find(string name) => jobs.FirstOrDefault(j => j.Name == name);

    public void Dispose()
    {
        foreach (var job in jobs) job.Dispose();
    }

    [LoggerMessage(LogLevel.Error, "A plan for the whole heap could not be worked out to its end.")]
    private static partial void NotPlanned(ILogger log, Exception e);
}

/// <summary>One plan that is looked for, on a thread of its own.</summary>
internal sealed class WholeHeapJob : IDisposable
{
    private readonly CancellationTokenSource stop = new();
    private readonly Lock gate = new();
    private TaskCompletionSource news = New();
    private HeapPlan? plan;
    private bool ended;

    public WholeHeapJob(Core.Salvage.Heap heap, Wants wants, double seconds, string version, Action<Exception> failed)
    {
        (Heap, Version) = (heap, version);
        _ = Task.Factory.StartNew(() => Look(wants, seconds, failed), CancellationToken.None, TaskCreationOptions.LongRunning, TaskScheduler.Default);
    }

    public string Name { get; } = Guid.NewGuid().ToString("n");

    public Core.Salvage.Heap Heap { get; }

    /// <summary>Of the garden that it was planned for.</summary>
    public string Version { get; set; }

    /// <summary>By their place in the plan, the projects that have been kept.</summary>
    public IReadOnlySet<int> Kept { get; set; } = new HashSet<int>();

    /// <summary>The best so far; null until there is one.</summary>
    public HeapPlan? Plan
    {
        get
        {
            lock (gate) return plan;
        }
    }

    /// <summary>Looks no further. What is best so far stays.</summary>
    public void Stop()
    {
        lock (gate)
        {
            if (ended) return;
            // Whoever asks next is not kept waiting for what is still being worked out.
            if (plan is not null) plan = plan with { Ended = true, Proven = false };
            ended = true;
            stop.Cancel();
            Tell();
        }
    }

    /// <summary>Each better plan as it comes, the newest where several came at once; ends with the one that is the last.</summary>
    public async IAsyncEnumerable<HeapPlan> ProgressAsync([EnumeratorCancellation] CancellationToken cancel = default)
    {
        HeapPlan? told = null;
        while (true)
        {
            (HeapPlan? now, bool last, Task more) = Now();
            if (now is not null && !ReferenceEquals(now, told)) yield return told = now;
            if (last) yield break;
            await more.WaitAsync(cancel);
        }

        (HeapPlan?, bool, Task) Now()
        {
            lock (gate) return (plan, ended, news.Task);
        }
    }

    public void Dispose()
    {
        Stop();
        stop.Dispose();
    }

    private static TaskCompletionSource New() => new(TaskCreationOptions.RunContinuationsAsynchronously);

    private void Look(Wants wants, double seconds, Action<Exception> failed)
    {
        try
        {
            foreach (var better in new Planner(Heap, wants, CpSat.Instance).Plans(seconds, stop.Token))
            {
                lock (gate)
                {
                    if (ended) return;
                    (plan, ended) = (better, better.Ended);
                    Tell();
                }
            }
        }
        catch (Exception e)
        {
            failed(e);
        }
        finally
        {
            // Whatever went wrong, nobody waits for ever.
            lock (gate)
            {
                ended = true;
                Tell();
            }
        }
    }

    private void Tell()
    {
        news.TrySetResult();
        news = New();
    }
}
