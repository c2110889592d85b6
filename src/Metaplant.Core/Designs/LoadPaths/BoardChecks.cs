using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>Turns a bent board into a check by whichever of strength and bend is nearer its limit.</summary>
internal static class BoardChecks
{
    public static Check Of(string id, string name, string? part, BoardBending board, Sum pressure, params IReadOnlyList<Remedy> remedies)
    {
        var byStrength = board.StrengthUtilisation >= board.BendUtilisation;
        var limit = board.BendAllowed;
        var words = board.Case == LoadCase.BlockedDrain
            ? "If the drain blocks and the soil stands full of water."
            : byStrength ? "Strength decides." : (Sentence)$"Bend decides: {Amount.Length(board.Deflection)} in the end, {Amount.Length(limit)} allowed.";
        IReadOnlyList<Sum> sums = board.Case == LoadCase.Normal ? [pressure, board.StrengthSum, board.CapacitySum, board.DeflectionSum] : [pressure, board.StrengthSum, board.CapacitySum];
        return byStrength
            ? Check.Compare(id, name, board.Case, board.DesignStress, board.DesignStrength, Unit.Pascal, words, part, sums, remedies)
            : Check.Compare(id, name, board.Case, board.Deflection, limit, Unit.Metre, words, part, sums, remedies);
    }
}
