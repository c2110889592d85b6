using System.Reflection;
using System.Runtime.CompilerServices;
using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Tests;

/// <summary>A record is copied with something changed. What it has worked out of itself, and keeps by <see cref="Once{T}"/>, must not go along.</summary>
public class CopiesTests
{
    [Fact]
    public void What_a_record_keeps_of_what_it_worked_out_does_not_go_into_a_copy()
    {
        var careless = typeof(Design).Assembly.GetTypes().Where(t => IsRecord(t) && CopiedAsItLies(t) && !t.IsNestedPrivate).SelectMany(KeptOf, (t, field) => $"{t.Name}.{field}");
        careless.ShouldBeEmpty();
    }

    [Fact]
    public void A_copy_is_asked_anew_and_equal_whether_it_was_asked_or_not()
    {
        var bay = new Bay("Soil", new TaperedBox(.8, .6, .8, .6, .3), .2);
        var asked = bay with { };
        asked.Planting.Length.ShouldBe(.8);
        asked.ShouldBe(bay);
        (asked with { Space = new TaperedBox(1.2, .6, 1.2, .6, .3) }).Planting.Length.ShouldBe(1.2);
        var before = Brief.Default.Factors;
        var own = Handbook.With(new Dictionary<string, double> { [CodeFactors.SurchargeId] = Brief.Default.Handbook[CodeFactors.SurchargeId] + .1 }).Value!;
        (Brief.Default with { Handbook = own }).Factors.ShouldNotBe(before);
    }

    private static bool IsRecord(Type type) => type is { IsClass: true } && type.GetMethod("<Clone>$") is not null;

    private static bool CopiedAsItLies(Type type) => CopyOf(type)?.GetCustomAttribute<CompilerGeneratedAttribute>() is not null;

    private static ConstructorInfo? CopyOf(Type type) => type.GetConstructor(BindingFlags.Instance | BindingFlags.Public | BindingFlags.NonPublic, [type]);

    private static bool IsOnce(Type type) => type.IsGenericType && type.Name == "Once`1";

    /// <summary>Fields of its own that nobody sets from outside.</summary>
    private static IEnumerable<string> KeptOf(Type type)
    {
        const BindingFlags Own = BindingFlags.Instance | BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.DeclaredOnly;
        var settable = type.GetProperties(Own).Where(p => p.SetMethod is not null).Select(p => $"<{p.Name}>k__BackingField").ToHashSet(StringComparer.Ordinal);
        return type.GetFields(Own).Where(f => !IsOnce(f.FieldType)).Select(f => f.Name).Where(f => !settable.Contains(f));
    }
}
