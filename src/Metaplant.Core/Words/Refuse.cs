using Metaplant.Core.Sums;

namespace Metaplant.Core.Words;

/// <summary>Problems told in sentences with measures in them.</summary>
public static class Refuse
{
    /// <summary>What is wrong at one input; a problem carries plain words so far, told with a metric tape.</summary>
    public static Problem At(string field, Sentence sentence) => new(field, sentence.ToString());
}
