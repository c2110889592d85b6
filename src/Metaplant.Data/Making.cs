using System.Text.Json;
using Metaplant.Core.Building;

namespace Metaplant.Data;

/// <summary>Where a project stands between the board and its end.</summary>
public enum ProjectState
{
    Drawn,
    BeingBuilt,
    Built,
    TakenDown,
    GivenUp,
}

/// <summary>What it came to before the first measure was put in, what could be measured then, the pieces it was to be made of and what of them was cut.</summary>
public sealed record PlannedAs(Tally Tally, IReadOnlyList<Tapeable> Tapes, KeptCast Cast, IReadOnlyList<string> Cut);

/// <summary>How far a project has come in being made.</summary>
/// <param name="Measured">What was measured on it, in place of what was planned.</param>
/// <param name="Gone">By thing, the units that a saw has been into: no longer things of their own.</param>
/// <param name="Gave">Numbers of the things that cutting gave back to the heap.</param>
/// <param name="Minutes">What steps really took, by step, where somebody said so.</param>
/// <param name="Reckoned">What was reckoned for these then, nobody's pace in it; null where it was kept before that was.</param>
/// <param name="Why">Of one that is given up or taken down.</param>
public sealed record Making(
    ProjectState State, IReadOnlyList<Taped> Measured, PlannedAs? Planned, IReadOnlyDictionary<int, IReadOnlyList<int>> Gone, IReadOnlyList<int> Gave, IReadOnlyDictionary<string, double> Minutes, string Why = "", IReadOnlyDictionary<string, double>? Reckoned = null)
{
    public static Making NotBegun { get; } = new(ProjectState.Drawn, [], null, new Dictionary<int, IReadOnlyList<int>>(), [], new Dictionary<string, double>());

    private static readonly JsonSerializerOptions Json = new() { RespectNullableAnnotations = true, RespectRequiredConstructorParameters = true };

    /// <summary>The longest that a step may have taken, 100 hours.</summary>
    internal const double MostMinutes = 6000;

    public bool Ended => State is ProjectState.TakenDown or ProjectState.GivenUp;

    /// <summary>What is kept; nothing begun where nothing is or it cannot be read.</summary>
    public static Making Read(string? json)
    {
        if (json is null) return NotBegun;
        try
        {
            return JsonSerializer.Deserialize<Making>(json, Json) ?? NotBegun;
        }
        catch (JsonException)
        {
            return NotBegun;
        }
    }

    /// <summary>False where it names a thing that is not there or a figure that no tape gives, as a document may.</summary>
    /// <param name="units">How many units of each thing the project has spoken for.</param>
    internal bool Holds(IReadOnlyDictionary<int, int> units)
        => Enum.IsDefined(State) && Measured.All(m => double.IsFinite(m.Value) && m.Value > 0) && Gone.All(g => g.Value.Distinct().Count() == g.Value.Count && g.Value.Count <= units.GetValueOrDefault(g.Key)) && Minutes.Values.All(m => m is > 0 and <= MostMinutes) && (Reckoned ?? Minutes).Values.All(m => double.IsFinite(m) && m >= 0);

    /// <summary>The steps that were timed.</summary>
    internal IEnumerable<Timed> Timed() => Minutes.Where(m => Reckoned?.ContainsKey(m.Key) == true).Select(m => new Timed(m.Key, Reckoned![m.Key], m.Value));

    public string Write() => JsonSerializer.Serialize(this);
}
