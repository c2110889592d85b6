using Metaplant.Core.Fetching;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Web.Drawing;
using Metaplant.Web.Heap;

namespace Metaplant.Web.Fetching;

/// <summary>A thing that lies elsewhere, the day it was seen, and whether it goes into the car; null where that was not measured.</summary>
public sealed record SeenDto(ThingDto Thing, DateOnly On, Loading? Loading);

/// <summary>What to look at: a thing as typed, or one that was kept as seen.</summary>
public sealed record WorthInput(ThingInput? Thing, int? Seen, BriefDto? Brief = null, Aim? Aim = null);

/// <summary>What it would do for one design.</summary>
/// <param name="Until">Why it cannot be made now; null where it can.</param>
/// <param name="Number">How many of the batch it takes.</param>
/// <param name="Saves">In the garden's money.</param>
public sealed record UnlockDto(string Design, string Name, Gain Gain, Sentence Words, Sentence? Until, double? Litres, Verdict Worst, double Saves, int Number, ViewDto Drawing);

/// <summary>A way to take it apart or cut it up where it lies, of which all pieces go into the car.</summary>
/// <param name="Lacks">A tool it wants that nobody has; null where all are there.</param>
/// <param name="Lost">How many pieces of one are lost to it, by expectation.</param>
public sealed record ApartDto(string Name, Sentence Words, double Longest, double Minutes, double Lost, IReadOnlyList<string> Tools, string? Lacks);

/// <summary>What a thing seen elsewhere would be worth here.</summary>
/// <param name="Hoped">What it would do if looking it over found nothing against it; null where it has been looked over, and where it is refused.</param>
/// <param name="Loading">Null where no car was measured.</param>
/// <param name="Apart">Where it does not go in whole.</param>
public sealed record WorthDto(IReadOnlyList<UnlockDto> Unlocks, Sentence? WhyNot, IReadOnlyList<UnlockDto>? Hoped, Fitness Fitness, bool NotLookedAtYet, IReadOnlyList<string> Open, Loading? Loading, IReadOnlyList<ApartDto> Apart);

/// <summary>A kind of salvage that usually gives what is wanted.</summary>
public sealed record GiverDto(string Kind, string Name, int Each, IReadOnlyList<string> LeaveIt);

/// <summary>What something missing would unlock.</summary>
/// <param name="Anew">True where nothing of the design can be made now.</param>
public sealed record UnlockedDto(string Design, string Name, bool Anew, Sentence Words);

/// <summary>Something to look for: what, and how many; its least measures, m, 0 where any will do, and in words where measures and not the eye decide.</summary>
public sealed record WantedThingDto(Sentence What, int Count, double Length, double Width, double Thickness, Sentence? Measures, IReadOnlyList<UnlockedDto> Unlocks, IReadOnlyList<GiverDto> Givers);

/// <summary>For which place the list is.</summary>
public sealed record WantedInput(BriefDto? Brief = null);
