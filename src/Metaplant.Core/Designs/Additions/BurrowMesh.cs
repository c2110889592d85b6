using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.Additions;

/// <summary>Wire mesh under a bed that is open to the ground, folded up inside its walls, against what comes from below. Lengths in m.</summary>
public sealed class BurrowMesh : Addition
{
    /// <summary>A vole goes through what is wider.</summary>
    private const double Widest = .013;

    /// <summary>Its part, by which a planter is known to have it.</summary>
    public const string PartId = "burrow-mesh";

    /// <summary>How far it is folded up inside the walls.</summary>
    private const double Up = .10;

    private static readonly Role Mesh = new("burrow-mesh", "Mesh against burrowers", Seat.InSoil, Form.Mesh)
    {
        Buy = "fine-mesh",
        Of = s => s.IsMetal(),
        Also = WhyNot,
    };

    public override Setting Setting { get; } = Choose("burrow-mesh", "Mesh under it", Unit.Count, "Voles, moles and rats come from below, and into a filled bed it is laid no more", new Stop(1, "against burrowers"));

    public override bool Fits(Blueprint to) => to.Foot is OpenGround && to.Bays.Count > 0 && to.Bays.All(b => b.Bend == 0);

    public override Added With(Blueprint to, double choice, Brief brief)
    {
        var floors = to.Bays.Select(b => (Bay: b, Foot: b.Space.SectionAt(0))).ToList();
        return new(
            [
                new(
                    "burrow-mesh", "Lay mesh against burrowers", $"On the levelled ground before any soil, {Amount.Length(Up)} up inside the walls all round and stapled there; where two pieces meet, lapped by a hand and bound with wire. A gap of a finger is a door.", 15 * floors.Count, ["Tin snips", "Stapler"], Op.Gloves, false, "edges")
                { Places = ["burrow-mesh"] },
            ],
            "liner", "fill", "lifts")
        {
            Needs = [.. floors.Select((f, i) => new CoverNeeded(Need(i == 0 ? "" : $"-{i + 1}"), Mesh, f.Foot.Length + 2 * Up, f.Foot.Width + 2 * Up) { Name = "Mesh against burrowers" })],
            Parts = [.. floors.Take(1).Select(f => new Part(PartId, "Mesh against burrowers", Form.Mesh, floors.Count, f.Foot.Length + 2 * Up, f.Foot.Width + 2 * Up, .001))],
            Solids = () => floors.Select(f => (Solid)new Skin(PartId, Ink.Metal, [Flat(f.Bay, f.Foot)], .001)),
        };
    }

    private static Sentence? WhyNot(Stock.Lot lot)
    {
        if (lot.As<MeshMeasures>()!.Aperture is > Widest and var wide) return $"Voles go through {Amount.Length(wide)}: {Amount.Length(Widest)} at most.";
        return lot.Of.Thing.Shows(Findings.Torn) || lot.Of.Thing.Shows("wire-broken") ? "Torn: what burrows finds the hole." : null;
    }

    private static IReadOnlyList<Point3> Flat(Bay bay, Geometry.Outline foot) => [.. foot.ToPolygon().Select(p => new Point3(bay.At.X + p.X, bay.At.Y + p.Y, bay.At.Z + .001))];
}
