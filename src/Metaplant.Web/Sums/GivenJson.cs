using System.Text.Json;
using Metaplant.Core.Calculators;
using Metaplant.Core.Sums;

namespace Metaplant.Web.Sums;

/// <summary>Reads the body of a sum: <c>{"inputs": {…}}</c>.</summary>
internal static class GivenJson
{
    private const string Inputs = "inputs";

    /// <summary>The inputs, or what is wrong with the body. Where it is no JSON, as with a bare NaN, the problem is put at the last name before the place where it stops making sense.</summary>
    public static Outcome<GivenFields> Read(ReadOnlyMemory<byte> body)
    {
        try
        {
            using var document = JsonDocument.Parse(body);
            if (document.RootElement.ValueKind != JsonValueKind.Object || !document.RootElement.TryGetProperty(Inputs, out var inputs)) return new Problem(Inputs, "The body must be an object with “inputs”.");
            return inputs.ValueKind == JsonValueKind.Object ? (GivenFields)Of(inputs)! : new Problem(Inputs, "“inputs” must be an object of values by name.");
        }
        catch (Exception e) when (e is JsonException or InvalidOperationException)
        {
            return new Problem(LastName(body.Span) ?? "body", "What stands here is not a number, a word, true, false, a list or an object.");
        }
    }

    /// <summary>The value as given; null, which means left out, becomes nothing.</summary>
    private static Given? Of(JsonElement element) => element.ValueKind switch
    {
        JsonValueKind.Number => new GivenNumber(element.TryGetDouble(out var number) ? number : double.NaN),
        JsonValueKind.String => new GivenText(Text(element)),
        JsonValueKind.True => new GivenFlag(true),
        JsonValueKind.False => new GivenFlag(false),
        JsonValueKind.Array => new GivenItems([.. element.EnumerateArray().Select(e => Of(e) ?? new GivenText("null"))]),
        JsonValueKind.Object => new GivenFields(element.EnumerateObject()
            .Select(p => (p.Name, Value: Of(p.Value))).Where(p => p.Value is not null)
            .GroupBy(p => p.Name, StringComparer.Ordinal).ToDictionary(g => g.Key, g => g.Last().Value!, StringComparer.Ordinal)),
        _ => null,
    };

    /// <summary>The text, or none where its surrogates are broken: JSON allows them, no text is meant by them.</summary>
    private static string Text(JsonElement element)
    {
        try
        {
            return element.GetString()!;
        }
        catch (InvalidOperationException)
        {
            return "";
        }
    }

    private static string? LastName(ReadOnlySpan<byte> body)
    {
        var reader = new Utf8JsonReader(body);
        string? last = null;
        try
        {
            while (reader.Read())
            {
                if (reader.TokenType == JsonTokenType.PropertyName) last = reader.GetString();
            }
        }
        catch (Exception e) when (e is JsonException or InvalidOperationException)
        {
            // This is the place it was looking for; a name of broken surrogates cannot be read and names nothing.
        }

        return last;
    }
}
