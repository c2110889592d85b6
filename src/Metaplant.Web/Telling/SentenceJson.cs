using System.Text.Json;
using System.Text.Json.Serialization;

namespace Metaplant.Web.Telling;

/// <summary>Sentences go out as text in the units of whoever asked, and never come in.</summary>
internal sealed class SentenceJson : JsonConverter<Sentence>
{
    public override Sentence Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) => throw new JsonException("A sentence is only read.");

    public override void Write(Utf8JsonWriter writer, Sentence value, JsonSerializerOptions options) => writer.WriteStringValue(Reader.Now.Tell(value));
}
