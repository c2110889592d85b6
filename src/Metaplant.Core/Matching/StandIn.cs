using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Matching;

/// <summary>
/// Something on the heap that can stand in for what would be bought, though it is of another form than the design asks for: bricks for packers, netting for a liner. Told beside the shop and never taken by itself, since what it changes is for the gardener to decide.
/// </summary>
/// <param name="NeedId">The need it stands in for.</param>
/// <param name="Number">How many of the thing, or of its pieces.</param>
/// <param name="Words">How it is done and what it changes.</param>
public sealed record StandIn(string NeedId, HeapThing Thing, int Number, Sentence Words)
{
    /// <summary>What no tape tells apart, m.</summary>
    private const double Same = .0005;

    /// <summary>What could stand in for each thing that is bought: the one that is least off, and of those alike the first on the heap.</summary>
    public static IReadOnlyList<StandIn> For(Fit fit, Stockroom room)
        => [.. fit.Cast.Buys.Select(b => For(b.Need, b.Amount, fit, room).FirstOrDefault()).OfType<StandIn>()];

    private static IEnumerable<StandIn> For(Need need, double amount, Fit fit, Stockroom room) => need switch
    {
        PiecesNeeded { Exact: { } high } pieces => Blocks(pieces, high, (int)Math.Ceiling(amount - 1e-9), fit, room),
        CoverNeeded cover when !fit.Lead.MustLine && need.Role.Forms.Contains(Form.Fabric) => Netting(cover, fit, room),
        _ => [],
    };

    /// <summary>Bricks or blocks end to end where a packer would lie, so that the floor is borne as it was reckoned; all of one height, and of one that the design can be drawn and assessed at.</summary>
    private static IEnumerable<StandIn> Blocks(PiecesNeeded need, double high, int count, Fit fit, Stockroom room)
    {
        if (fit.Design.Settings(fit.Lead).FirstOrDefault(s => s.Unit == Unit.Metre && Math.Abs(fit.Set[s.Id] - high) < Same) is not { Stops: var stops }) return [];
        return from lot in room.Lots(Form.Block)
               let m = lot.As<BlockMeasures>()
               where m is not null && m.Width >= need.Wide - 1e-9 && m.Height >= stops[0].Value && m.Height <= stops[^1].Value && Fits(need, lot, fit)
               let number = count * (int)Math.Ceiling(need.Length / m.Length - 1e-9)
               where number <= lot.Pieces
               orderby Math.Abs(m.Height - high), lot.Of.Thing.Number
               select new StandIn(need.Id, lot.Of, number, Math.Abs(m.Height - high) < Same
                   ? (Sentence)$"{number} of {lot.Of.Thing.Name}, end to end where each packer would lie."
                   : $"{number} of {lot.Of.Thing.Name}, end to end where each packer would lie: {Amount.Length(m.Height)} high where {Amount.Length(high)} was drawn. Set the height to the nearest there is and look at the verdicts again.");
    }

    /// <summary>Netting fine enough, with what holds fine soil behind it until roots do.</summary>
    private static IEnumerable<StandIn> Netting(CoverNeeded need, Fit fit, Stockroom room)
    {
        var handbook = fit.Set.Brief.Handbook;
        double widest = handbook[Practice.NettingMesh], lap = handbook[Practice.LinerLap];
        return from lot in room.Lots(Form.Mesh)
               let m = lot.As<MeshMeasures>()
               where m is not null && m.Aperture <= widest + 1e-9 && m.Width > lap && Fits(need, lot, fit)
               let strips = SheetsNeeded.StripsFor(need.Width, m.Width, lap)
               where strips * need.Length <= m.Length * lot.Units + 1e-9
               orderby m.Aperture, lot.Of.Thing.Number
               select new StandIn(need.Id, lot.Of, strips, $"{lot.Of.Thing.Name}, {new Count(strips, "strip", "strips")} of {Amount.Length(need.Length)}, with straw, leaves or card behind it: by itself it lets fine soil through until roots hold it.");
    }

    /// <summary>Fit to sit where the part sits, for what is grown in it.</summary>
    private static bool Fits(Need need, Lot lot, Fit fit) => lot.Units > 0 && Seating.Of(lot.Of.Judgement, need.Role.Seat, Draft.GrownIn(fit.Lead, fit.Set.Brief)).May;
}
