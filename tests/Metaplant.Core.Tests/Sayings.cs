using Metaplant.Core.Words;

namespace Metaplant.Core.Tests;

/// <summary>What a sentence says to somebody with a metric tape.</summary>
internal static class Sayings
{
    public static void ShouldContain(this Sentence? sentence, string words) => sentence.ShouldNotBeNull().ToString().ShouldContain(words);

    public static void ShouldNotContain(this Sentence? sentence, string words) => sentence.ShouldNotBeNull().ToString().ShouldNotContain(words);

    public static void ShouldMatch(this Sentence? sentence, string pattern) => sentence.ShouldNotBeNull().ToString().ShouldMatch(pattern);

    public static bool Contains(this Sentence sentence, string words) => sentence.ToString().Contains(words, StringComparison.Ordinal);
}
