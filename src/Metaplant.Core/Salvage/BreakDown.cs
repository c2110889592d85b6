using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage;

/// <summary>What comes back to the heap when a thing is taken apart or cut, and what is left of it.</summary>
/// <param name="Pieces">New batches, their numbers and ids still to be given.</param>
/// <param name="Left">What remains of the one that was worked on; null when nothing does.</param>
public sealed record Broken(IReadOnlyList<Thing> Pieces, Thing? Left);

/// <summary>Takes things apart on paper, so that half a pallet stays half a pallet and offcuts come back.</summary>
public static class BreakDown
{
    /// <summary>Offcuts shorter than this are not worth keeping, m.</summary>
    public const double WorthKeeping = .30;

    private const double Kerf = .003;

    /// <summary>
    /// Takes <paramref name="things"/> of a batch apart one way. Pieces that have a kind of their own on the heap come back as batches of as many as are expected whole, with the findings that their kind looks for; the rest was used up.
    /// Refused when the way is not one of the thing's, or gives nothing that can lie on the heap.
    /// </summary>
    public static Outcome<Broken> Apart(Thing thing, string wayId, int things)
    {
        if (things < 1 || things > thing.Count) return new Problem("count", $"From 1 to {thing.Count}.");
        if (thing.Kind.BreakDown(thing).FirstOrDefault(w => w.Id == wayId) is not { } way) return new Problem("way", "It does not come apart that way.");
        var pieces = way.Yields.Select(y => Piece(thing, y, (int)Math.Floor(y.Expected * things + 1e-9))).OfType<Thing>().ToList();
        if (pieces.Count == 0) return new Problem("way", "Used like this it stays what it is; nothing comes back to the heap.");
        return new Broken(pieces, thing.Count == things ? null : thing with { Count = thing.Count - things });
    }

    /// <summary>
    /// Cuts a length in m off one board, post or pole. What is left comes back when it is worth keeping, with the bad places that it still has. Refused beyond its length.
    /// </summary>
    public static Outcome<Broken> CutOff(Thing thing, double length)
    {
        if (!thing.Values.TryGetValue("length", out var whole) || thing.Measures is not (ISawn or Kinds.PoleMeasures)) return new Problem("length", "Nothing is cut off this by length.");
        if (!(length > 0) || length > whole + 1e-9) return new Problem("length", $"It is only {whole * 1000:0} mm long.");
        var offcut = whole - length - Kerf;
        var rest = thing.Count == 1 ? null : thing with { Count = thing.Count - 1 };
        if (offcut < WorthKeeping) return new Broken([], rest);
        var faults = thing.Faults.Where(f => f.To > length + Kerf).Select(f => new Fault(f.Part, Math.Max(0, f.From - length - Kerf), f.To - length - Kerf)).ToList();
        return Make($"{Short(thing.Name)}, offcut", thing.Kind.Id, 1, new Dictionary<string, double>(thing.Values) { ["length"] = offcut }, thing.Substance, thing.Findings, faults) is { } piece
            ? new Broken([piece], rest)
            : new Broken([], rest);
    }

    /// <summary>
    /// Sections sawn out of one pallet: the slats they took are marked as gone on what remains of it. Refused when there are not so many.
    /// </summary>
    public static Outcome<Broken> SawSections(Thing thing, int boards, int sections)
    {
        if (thing.Measures is not Kinds.PalletMeasures pallet) return new Problem("way", "Sections are sawn out of pallets.");
        var starts = pallet.Sections(boards, thing.Faults);
        if (sections < 1 || sections > starts.Count) return new Problem("count", $"One gives {starts.Count} sections of {boards} boards.");
        var gone = starts.Take(sections).SelectMany(first => Enumerable.Range(first, boards)).Select(s => new Fault($"slat-{s}", 0, 0));
        List<Fault> faults = [.. thing.Faults, .. gone.Where(g => thing.Faults.All(f => f.Part != g.Part))];
        var rest = thing.Count == 1 ? null : thing with { Count = thing.Count - 1 };
        if (pallet.Slats - faults.Select(f => f.Part).Distinct(StringComparer.Ordinal).Count() == 0) return new Broken([], rest);
        return new Broken([thing with { Count = 1, Name = $"{Short(thing.Name)}, sawn", Faults = faults }], rest);
    }

    private static Thing? Piece(Thing from, Yield y, int count) => count < 1 ? null : y.Form switch
    {
        Form.Board => Make($"{y.Name} of {Short(from.Name)}", "board", count, Sawn(y), Wood(from), Carried(from, "board"), []),
        Form.Timber => Make($"{y.Name} of {Short(from.Name)}", "post", count, Sawn(y), Wood(from), Carried(from, "post"), []),
        Form.Pole => Make($"{y.Name} of {Short(from.Name)}", "pole", count, new Dictionary<string, double> { ["length"] = y.Length, ["thickness"] = y.Thickness }, Substance.DryWood, Carried(from, "pole"), []),
        Form.Fabric => Make($"{y.Name} of {Short(from.Name)}", "fabric", count, new Dictionary<string, double> { ["length"] = y.Length, ["width"] = y.Width }, null, Carried(from, "fabric"), []),
        Form.Panel => Make($"{y.Name} of {Short(from.Name)}", "ply", count, new Dictionary<string, double> { ["length"] = y.Length, ["width"] = y.Width, ["thickness"] = y.Thickness }, null, Carried(from, "ply"), []),
        Form.Sheet when from.Measures is Kinds.RoofingMeasures => Make($"{y.Name} of {Short(from.Name)}", from.Kind.Id, count, new Dictionary<string, double>(from.Values) { ["length"] = y.Length }, from.Substance, from.Findings, []),
        Form.Vessel when from.Measures is Kinds.DrumMeasures => Make(
            $"{y.Name} of {Short(from.Name)}", "round-tub", count, new Dictionary<string, double> { ["topDiameter"] = y.Length, ["bottomDiameter"] = y.Width, ["height"] = y.Thickness, ["wall"] = from.Values["wall"] }, from.Substance, Carried(from, "round-tub"), []),
        _ => null,
    };

    private static Dictionary<string, double> Sawn(Yield y) => new() { ["length"] = y.Length, ["width"] = Math.Max(y.Width, y.Thickness), ["thickness"] = Math.Min(y.Width, y.Thickness) };

    private static Substance? Wood(Thing from) => from.Substance is Substance.Softwood or Substance.Hardwood ? from.Substance : null;

    /// <summary>What was seen on the whole is seen on its pieces, as far as their kind asks for it; nails have been drawn.</summary>
    private static IReadOnlyList<string> Carried(Thing from, string kind) => [.. from.Findings.Where(f => f != Findings.Nails && SalvageKinds.Find(kind)!.LookFor.Contains(f))];

    private static string Short(string name) => name.Length <= 50 ? name : name[..50];

    /// <summary>The piece, or nothing when it is too small or odd for its kind.</summary>
    private static Thing? Make(string name, string kind, int count, IReadOnlyDictionary<string, double> values, Substance? substance, IReadOnlyList<string> findings, IReadOnlyList<Fault> faults)
        => Thing.Create(0, 0, name, kind, Math.Min(count, Thing.GreatestCount), values, substance, findings, faults).Value;
}
