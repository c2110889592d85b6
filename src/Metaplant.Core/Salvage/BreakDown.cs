using Metaplant.Core.Cutting;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage;

/// <summary>What comes back to the heap when a thing is taken apart or cut, and what is left of its batch.</summary>
/// <param name="Pieces">New batches, their numbers and ids still to be given.</param>
/// <param name="Left">What remains of the batch untouched; null when nothing does.</param>
public sealed record Broken(IReadOnlyList<Thing> Pieces, Thing? Left);

/// <summary>
/// Takes things apart on paper. Nothing is lost by it and nothing gets better: every piece comes back, and with it all that was known of the whole.
/// </summary>
public static class BreakDown
{
    /// <summary>
    /// Takes <paramref name="things"/> of a batch apart one way. Pieces that have a kind of their own on the heap come back as batches of as many as are expected whole; the rest was used up.
    /// Refused when the way is not one of the thing's, or gives nothing that can lie on the heap.
    /// </summary>
    public static Outcome<Broken> Apart(Thing thing, string wayId, int things)
    {
        if (things < 1 || things > thing.Count) return new Problem("count", $"From 1 to {thing.Count}.");
        if (thing.Kind.BreakDown(thing).FirstOrDefault(w => w.Id == wayId) is not { } way) return new Problem("way", "It does not come apart that way.");
        var pieces = way.Yields.Select(y => Piece(thing, y, (int)Math.Floor(y.Expected * things + 1e-9))).OfType<Thing>().ToList();
        if (pieces.Count == 0) return new Problem("way", "Used like this it stays what it is; nothing comes back to the heap.");
        return new Broken(pieces, Rest(thing, things));
    }

    /// <summary>
    /// Cuts a length in m off one board, post or pole. The piece cut off comes back, and so does what is left when it is worth keeping, each with the bad places that lie in it. Refused beyond its length, and below the least length its kind has.
    /// </summary>
    public static Outcome<Broken> CutOff(Thing thing, double length)
    {
        if (!thing.Values.TryGetValue("length", out var whole) || thing.Measures is not (ISawn or Kinds.PoleMeasures)) return new Problem("length", "Nothing is cut off this by length.");
        if (!(length > 0) || length > whole + 1e-9) return new Problem("length", $"It is only {Amount.Length(whole)} long.");
        if (whole - length < 1e-9) return new Problem("length", "That is all of it; there is nothing to cut.");
        var least = thing.Kind.Fields.First(f => f.Id == "length").Least;
        if (Part(0, length, "cut") is not { } piece) return new Problem("length", $"Shorter than {Amount.Length(least)} it is not kept track of.");
        var offcut = whole - length - CutPlan.Kerf < CutPlan.WorthKeeping ? null : Part(length + CutPlan.Kerf, whole, "offcut");
        return new Broken(offcut is null ? [piece] : [piece, offcut], Rest(thing, 1));

        Thing? Part(double from, double to, string words) => Length(thing, from, to, words);
    }

    /// <summary>One length of a thing, from and to in m along it, with the bad places that lie in it; null where it is too short to be kept track of.</summary>
    internal static Thing? Length(Thing thing, double from, double to, string words)
    {
        var faults = thing.Faults.Where(f => f.To > from && f.From < to).Select(f => new Fault(f.Part, Math.Max(0, f.From - from), Math.Min(to, f.To) - from)).ToList();
        return Same(thing, words, 1, new Dictionary<string, double>(thing.Values) { ["length"] = Math.Round(to - from, 6) }, faults);
    }

    /// <summary>
    /// Sections of so many boards sawn out of one pallet, from the first slat on and round the bad ones. They come back as pallets of so many slats, and so does every run of slats between and beside them: half a pallet stays half a pallet.
    /// Refused when there are not so many.
    /// </summary>
    public static Outcome<Broken> SawSections(Thing thing, int boards, int sections)
    {
        if (thing.Measures is not Kinds.PalletMeasures pallet) return new Problem("way", "Sections are sawn out of pallets.");
        if (boards < 1 || boards > pallet.Slats) return new Problem("boards", $"From 1 to {pallet.Slats} boards high.");
        var starts = pallet.Sections(boards, thing.Faults);
        if (sections < 1 || sections > starts.Count) return new Problem("count", starts.Count == 0 ? $"It has no {boards} sound boards together." : $"One gives {starts.Count} sections of {boards} boards.");
        if (boards == pallet.Slats) return new Problem("boards", "That is all of it; there is nothing to saw.");
        var taken = starts.Take(sections).ToList();
        List<Thing> pieces = [Run(taken[0], boards, sections, "section")!];
        var next = 1;
        foreach (var start in taken.Append(pallet.Slats + 1))
        {
            if (start > next) pieces.Add(Run(next, start - next, 1, "part")!);
            next = start + boards;
        }

        return new Broken(pieces, Rest(thing, 1));

        // Lower boards go with the slats in proportion, as the saw leaves them.
        Thing? Run(int first, int slats, int count, string words)
        {
            var faults = thing.Faults.Select(f => (Fault: f, Slat: int.Parse(f.Part["slat-".Length..]))).Where(f => f.Slat >= first && f.Slat < first + slats).Select(f => f.Fault with { Part = $"slat-{f.Slat - first + 1}" }).ToList();
            return Same(thing, $"{words} of {slats}", count, new Dictionary<string, double>(thing.Values) { ["slats"] = slats, ["depth"] = pallet.SectionHeight(slats), ["bottomSlats"] = Math.Floor((double)slats * pallet.BottomSlats / pallet.Slats + 1e-9) }, faults);
        }
    }

    private static Thing? Rest(Thing thing, int gone) => thing.Count == gone ? null : thing with { Count = thing.Count - gone };

    /// <summary>So many of what one way of taking a thing apart yields, as they lie on the heap; null where there are none, or what it yields has no kind of its own.</summary>
    internal static Thing? Piece(Thing from, Yield y, int count) => count < 1 ? null : y.Form switch
    {
        Form.Board => Made(from, y, "board", count, Sawn(y)),
        Form.Timber when from.Substance.IsMetal() => Made(from, y, "angle", count, new() { ["length"] = y.Length, ["thickness"] = Math.Min(y.Width, y.Thickness) }),
        Form.Timber => Made(from, y, "post", count, Sawn(y)),
        Form.Pole => Made(from, y, "pole", count, new() { ["length"] = y.Length, ["thickness"] = y.Thickness }),
        Form.Fabric => Made(from, y, from.Substance switch { Substance.Film => "film", Substance.Paper => "card", _ => "fabric" }, count, new() { ["length"] = y.Length, ["width"] = y.Width }),
        Form.Panel => Made(from, y, "ply", count, new() { ["length"] = y.Length, ["width"] = y.Width, ["thickness"] = y.Thickness }),
        Form.Sheet when from.Measures is Kinds.RoofingMeasures => Made(from, y, from.Kind.Id, count, new(from.Values) { ["length"] = y.Length }),
        Form.Vessel when from.Measures is Kinds.DrumMeasures => Made(from, y, "round-tub", count, new() { ["topDiameter"] = y.Length, ["bottomDiameter"] = y.Width, ["height"] = y.Thickness, ["wall"] = from.Values["wall"] }),
        _ => null,
    };

    private static Dictionary<string, double> Sawn(Yield y) => new() { ["length"] = y.Length, ["width"] = Math.Max(y.Width, y.Thickness), ["thickness"] = Math.Min(y.Width, y.Thickness) };

    /// <summary>A piece of another kind: what belongs to its past and stuff goes into its history, wear is ticked where its kind asks for it, and nails have been drawn. Nothing when the kind is not made of that stuff, or the piece is too small for it.</summary>
    private static Thing? Made(Thing from, Yield y, string kindId, int count, Dictionary<string, double> values)
    {
        var kind = SalvageKinds.Find(kindId)!;
        if (Stuff(from.Substance, kind) is not { } substance) return null;
        List<string> wear = [.. from.Findings.Where(f => f is not (Findings.Nails or Findings.HasOutlet or Findings.HeldWater or Findings.LookedOver) && !Findings.Find(f)!.GoesWithPieces && kind.LookFor.Contains(f))];
        if (from.Shows(Findings.LookedOver) && Walk.Open(from).Count == 0 && AskedOfBoth(from, kind, substance)) wear.Add(Findings.LookedOver);
        return Thing.Create(0, 0, $"{y.Name} of {Short(from.Name)}", kindId, Math.Min(count, Thing.GreatestCount), values, substance, wear, [], History(from), from.NotTaken.Any() ? [] : values.Keys).Value;
    }

    /// <summary>A part of the thing that is of its own kind: all that was seen on it is seen on the part.</summary>
    private static Thing? Same(Thing from, string words, int count, Dictionary<string, double> values, IReadOnlyList<Fault> faults)
        => Thing.Create(
            0, 0, $"{Short(from.Name)}, {words}", from.Kind.Id, count, values, from.Substance, from.Findings, faults, from.History, from.Taken).Value;

    /// <summary>What belongs to the past of every piece. Contents that nobody told are from then on unknown, since the piece itself is not asked about them.</summary>
    private static List<string> History(Thing from)
        => [
            .. from.History.Concat(from.Findings.Where(f => Findings.Find(f)!.GoesWithPieces))
                .Concat(Inspection.IsPalletWood(from) ? [Findings.PalletWood] : [])
                .Concat(Walk.Open(from).Any(q => q.Answers.Any(a => a.Finding == Findings.HeldUnknown)) ? [Findings.HeldUnknown] : []).Distinct(StringComparer.Ordinal),
        ];

    /// <summary>True where having looked at the whole answers all that is decisive on the piece.</summary>
    private static bool AskedOfBoth(Thing from, SalvageKind kind, Substance substance)
        => Walk.For(kind, substance).Where(q => q.Decides).SelectMany(q => q.Answers).All(a => a.Finding is not { } f || from.Shows(f) || f == Findings.PalletWood || (from.Kind.LookFor.Contains(f) && Findings.Find(f)!.CanBeOn(from.Substance)));

    /// <summary>What a piece is made of, told in the words of its kind; null when that kind is never made of it. Sawn wood in the round is dry wood, of which no strength is known.</summary>
    private static Substance? Stuff(Substance of, SalvageKind kind)
        => kind.Substances.Contains(of) ? of : of is Substance.Softwood or Substance.Hardwood && kind.Substances.Contains(Substance.DryWood) ? Substance.DryWood : null;

    private static string Short(string name) => name.Length <= 50 ? name : name[..50];
}
