using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Spoken;

/// <summary>How a trade name goes into the form of a kind.</summary>
internal static class TradeSections
{
    /// <summary>Width and thickness in the order in which the kind asks for them after its length: the wide side first.</summary>
    public static IEnumerable<double> Said(this TradeSection trade, SalvageKind kind)
        => kind.Fields.Count(f => f.Unit == Unit.Metre) >= 3 ? [trade.Wide, trade.Thin] : [trade.Wide];
}
