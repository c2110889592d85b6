using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

/// <summary>One input that a calculator asks for.</summary>
/// <param name="Name">Its name in code and over HTTP.</param>
/// <param name="Title">What a gardener calls it.</param>
/// <param name="Optional">True when it may be left out; it then has its default, or none.</param>
public abstract record Input(string Name, string Title, bool Optional);

/// <summary>A number in SI.</summary>
/// <param name="Least">The least it can be; 0 is included only where <paramref name="ZeroAllowed"/> is set, any other least always.</param>
/// <param name="Greatest">The greatest it can be, included.</param>
/// <param name="Typical">What stands there until somebody measures; also the default when it is left out, where <paramref name="HasDefault"/> is set.</param>
public sealed record NumberInput(
    string Name, string Title, Unit Unit, double Least, double Greatest, double Typical, bool Optional = false, bool HasDefault = false, bool ZeroAllowed = false) : Input(Name, Title, Optional)
{
    /// <summary>True where a form starts with the typical number though none need be given.</summary>
    public bool Starts { get; init; }

    /// <summary>The row of the handbook it has its default from, so that the gardener's own value counts here too.</summary>
    public string? Row { get; init; }
}

/// <summary>One of a few words.</summary>
/// <param name="Default">Taken when it is left out; null when it may not be.</param>
public sealed record ChoiceInput(string Name, string Title, IReadOnlyList<string> Options, string? Default = null) : Input(Name, Title, Default is not null)
{
    /// <summary>Words a person may well say that are refused for a reason worth telling, with that sentence.</summary>
    public IReadOnlyDictionary<string, string>? Refused { get; init; }
}

/// <summary>Yes or no.</summary>
/// <param name="Default">Taken when it is left out; null when it may not be.</param>
public sealed record FlagInput(string Name, string Title, bool? Default = false) : Input(Name, Title, Default is not null);

/// <summary>Several inputs together.</summary>
public sealed record GroupInput(string Name, string Title, IReadOnlyList<Input> Fields) : Input(Name, Title, false);

/// <summary>One of several groups: the one named by the choice that they share, or else the one that the fields given belong to.</summary>
public sealed record EitherInput(string Name, string Title, IReadOnlyList<GroupInput> Groups) : Input(Name, Title, false);

/// <summary>A list of groups.</summary>
public sealed record ListInput(string Name, string Title, IReadOnlyList<Input> Fields, int Least, int Most) : Input(Name, Title, Least == 0);

/// <summary>Short ways to write inputs. Lengths in m.</summary>
internal static class Ask
{
    public static NumberInput Length(string name, string title, double typical, double greatest = 20) => new(name, title, Unit.Metre, 0, greatest, typical);

    /// <summary>A length that may be nothing.</summary>
    public static NumberInput Depth(string name, string title, double typical, double greatest = 5) => new(name, title, Unit.Metre, 0, greatest, typical, ZeroAllowed: true);

    public static NumberInput FillHeight(double greatest = 5) => new("fillHeight", "Filled to", Unit.Metre, 0, greatest, .3, Optional: true, ZeroAllowed: true);

    public static NumberInput Number(string name, string title, Unit unit, double least, double greatest, double typical) => new(name, title, unit, least, greatest, typical);

    public static NumberInput Whole(string name, string title, int least, int greatest, int typical) => new(name, title, Unit.Count, least, greatest, typical);

    /// <summary>May be left out, and then there is none.</summary>
    public static NumberInput OrNone(this NumberInput input) => input with { Optional = true };

    /// <summary>May be left out, and then there is none; a form starts with the typical one, as a design does.</summary>
    public static NumberInput OrNoneFromTypical(this NumberInput input) => input with { Optional = true, Starts = true };

    /// <summary>May be left out, and then it is the typical one.</summary>
    public static NumberInput OrTypical(this NumberInput input) => input with { Optional = true, HasDefault = true };

    /// <summary>May be left out, and then it is a row of the handbook.</summary>
    public static NumberInput OrRow(this NumberInput input, string row) => input with { Optional = true, HasDefault = true, Row = row };

    public static NumberInput UnitWeight(string name = "unitWeight", string title = "Weight of the soil", double typical = 15e3) => Number(name, title, Unit.NewtonPerCubicMetre, 0, 40e3, typical);

    public static NumberInput Friction(double typical = 30) => Number("frictionAngleDegrees", "Angle of friction", Unit.Degree, 0, 45, typical);

    public static NumberInput Surcharge() => Number("surcharge", "Load on top", Unit.Pascal, 0, 20e3, 1000).OrNone();

    public static ChoiceInput Medium() => new("medium", "Soil", [.. Media.Names.Select(m => m.Id)], "topsoil-compost");

    /// <summary>A crop that is eaten.</summary>
    public static ChoiceInput Food() => new("crop", "Crop", [.. Crops.In(Handbook.Default).Where(c => c.Edible).Select(c => c.Id)]);

    public static ChoiceInput Timber(string name = "timber") => new(name, "Timber", Timbers.Ids) { Refused = Timbers.NotOutdoors };

    public static ChoiceInput Condition() => new("condition", "Condition", Enum.GetNames<Condition>(), nameof(Materials.Condition.Sound));

    public static ChoiceInput Gust() => new("exposure", "The place is", ["sheltered", "open", "exposed"], "open");

    public static EitherInput Outline(string name, string title) => new(name, title,
    [
        new("rectangle", "Rectangle", [Length("length", "Length", 1.2), Length("width", "Width", .6)]),
        new("round", "Round", [Length("diameter", "Across", .48)]),
    ]);
}
