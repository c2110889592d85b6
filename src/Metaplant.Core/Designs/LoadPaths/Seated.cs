using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>A load path where somebody will sit whatever was told, since there is a seat: the same checks with people at the edge.</summary>
public sealed record Seated(LoadPath Of) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief) => Of.Work(brief with { PeopleAtEdge = true });
}

/// <summary>A board laid flat to sit on, from one thing that carries it to the next, with one person on its middle. Lengths in m.</summary>
public sealed record SeatBoard(string Part, double Width, double Thickness, double Span, string Grade, Condition Condition) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        Term person = brief.Handbook.Term(People.Seated), factor = brief.Handbook.Term(CodeFactors.SurchargeId);
        double stress = factor.Value * person.Value * Span / 4 / (Width * Thickness * Thickness / 6), strength = Timbers.Get(brief.Handbook, Grade).ShortBending(Condition, brief.Handbook);
        yield return Check.Compare(
            "seat", "Coping sat on", LoadCase.Normal, stress, strength, Unit.Pascal, "Whoever sits down sits between two stakes.", Part,
            [Sum.Of(
                "Bending of the coping", "σ = γ_Q Q L/4 ÷ (b t²/6)", [person, new("L", "from stake to stake", Span, Unit.Metre), new("b", "width", Width, Unit.Metre), new("t", "thickness", Thickness, Unit.Metre), factor, brief.Handbook.Term(Timbers.ShortLoadId)],
                stress, Unit.Pascal, "Beam on two supports; EN 1995-1-1 for a short load")],
            new Remedy("Coping at least this thick", Thickness * Math.Sqrt(stress / strength), Unit.Metre)).Guarding([Quantity.Wear]);
    }
}
