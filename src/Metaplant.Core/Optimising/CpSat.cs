using System.Globalization;
using Google.OrTools.LinearSolver;
using Google.OrTools.Sat;

namespace Metaplant.Core.Optimising;

/// <summary>The constraint solver of OR-Tools, with a fixed seed and order, so that the same question has the same answer unless the clock or somebody stops it.</summary>
public sealed class CpSat : IOptimizer
{
    public static CpSat Instance { get; } = new();

    public Optimum? Least(IntegerProgram program, IReadOnlyList<long> start, Patience patience, CancellationToken cancel = default)
    {
        if (cancel.IsCancellationRequested || patience.Seconds <= 0 || patience.Work <= 0) return null;
        var model = new CpModel();
        IntVar[] unknowns = [.. program.Unknowns.Select((u, i) => model.NewIntVar(u.Least, u.Most, $"{i}"))];
        foreach (var r in program.Requirements) model.AddLinearConstraint(Sum(r.Sum), r.Least, r.Most);
        model.Minimize(Sum(program.Cost));
        for (var i = 0; i < start.Count; i++) model.AddHint(unknowns[i], start[i]);
        // One looks alone: which of several is first hangs on the machine, and in turns they were slower at what is asked here. With all of it relaxed, what is asked here is proven ten times sooner.
        var solver = new CpSolver
        {
            StringParameters = string.Create(CultureInfo.InvariantCulture, $"num_workers:1 linearization_level:2 random_seed:1 max_time_in_seconds:{patience.Seconds} max_deterministic_time:{patience.Work}"),
        };
        using var stop = cancel.Register(solver.StopSearch);
        var status = solver.Solve(model);
        return status is CpSolverStatus.Optimal or CpSolverStatus.Feasible
            ? new([.. unknowns.Select(u => solver.Value(u))], (long)Math.Round(solver.ObjectiveValue), (long)Math.Ceiling(solver.BestObjectiveBound - 1e-6), status == CpSolverStatus.Optimal)
            : null;

        Google.OrTools.Sat.LinearExpr Sum(IReadOnlyList<Times> sum) => Google.OrTools.Sat.LinearExpr.WeightedSum(sum.Select(t => unknowns[t.Unknown]), sum.Select(t => t.Factor));
    }

    public Relaxation? Relaxed(IntegerProgram program)
    {
        using var solver = Solver.CreateSolver("GLOP");
        Variable[] unknowns = [.. program.Unknowns.Select((u, i) => solver.MakeNumVar(u.Least, u.Most, $"{i}"))];
        var rows = new List<Google.OrTools.LinearSolver.Constraint>();
        foreach (var r in program.Requirements)
        {
            var row = solver.MakeConstraint(r.Least <= -IntegerProgram.Unlimited ? double.NegativeInfinity : r.Least, r.Most >= IntegerProgram.Unlimited ? double.PositiveInfinity : r.Most);
            foreach (var t in r.Sum) row.SetCoefficient(unknowns[t.Unknown], t.Factor);
            rows.Add(row);
        }

        var cost = solver.Objective();
        foreach (var t in program.Cost) cost.SetCoefficient(unknowns[t.Unknown], t.Factor);
        cost.SetMinimization();
        return solver.Solve() == Solver.ResultStatus.OPTIMAL ? new(cost.Value(), [.. rows.Select(r => r.DualValue())]) : null;
    }
}
