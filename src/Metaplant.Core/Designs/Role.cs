using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Designs;

/// <summary>
/// What a part of a design must be: the forms of stock that may fill it, best first; where it sits, from which follows what is fit for it; and what it must be made of or have. A design says its roles and nothing about any heap.
/// </summary>
/// <param name="Name">As a gardener calls the parts: "Packers".</param>
public sealed record Role(string Id, string Name, Seat Seat, params IReadOnlyList<Form> Forms)
{
    /// <summary>The family of rows of the price list that stands in when the heap has none; null when nothing bought will do.</summary>
    public string? Buy { get; init; }

    /// <summary>True where it carries and so must be of something whose strength is known.</summary>
    public bool Carries { get; init; }

    /// <summary>True where it is cut, drilled or pierced. What may not be cut is then no part of it.</summary>
    public bool Worked { get; init; } = true;

    /// <summary>The substances it may be of; null for any.</summary>
    public Func<Substance, bool>? Of { get; init; }

    /// <summary>What else a lot must be or have; a sentence why not, null where it will do.</summary>
    public Func<Lot, Sentence?>? Also { get; init; }

    /// <summary>Of a lead: whether two lots go together in one planter. By itself each stands alone.</summary>
    public Func<Lot, Lot, bool>? Together { get; init; }

    /// <summary>Which lots of its forms it counts at all, such as sections of one way only; null for every one.</summary>
    public Func<Lot, bool>? Counts { get; init; }

    public bool LotCounts(Lot lot) => Counts?.Invoke(lot) ?? true;

    /// <summary>
    /// Why a lot cannot fill it, as a sentence; null when it may, as far as sizes allow. What is all spoken for is not asked here.
    /// </summary>
    public Sentence? Refuses(Lot lot, Grown grown)
    {
        var ruling = Seating.Of(lot.Of.Judgement, Seat, grown);
        if (!ruling.May) return ruling.Why;
        if (Worked && !lot.Of.Judgement.MayCut) return "It may not be cut or drilled.";
        if (Carries && !StrengthKnown(lot.Of.Thing)) return $"Nobody knows how strong {lot.Of.Thing.Substance.Name()} is where it carries.";
        return Of is { } stuff && !stuff(lot.Of.Thing.Substance) ? $"It is of {lot.Of.Thing.Substance.Name()}." : Also?.Invoke(lot);
    }

    /// <summary>Sticks of dry and green wood and bamboo are taken for the lowest class there is.</summary>
    private static bool StrengthKnown(Thing thing) => thing.Substance.Grade() is not null || thing.Substance.Shell() is not null || thing.Substance is Substance.DryWood or Substance.GreenWood or Substance.Bamboo or Substance.Steel or Substance.ZincCoatedSteel or Substance.Aluminium;
}
