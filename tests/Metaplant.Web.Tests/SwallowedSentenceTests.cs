using System.Reflection.Metadata;
using System.Reflection.Metadata.Ecma335;
using System.Reflection.PortableExecutable;
using Metaplant.Core.Words;
using Metaplant.Data;

namespace Metaplant.Web.Tests;

/// <summary>
/// A sentence put into a plain string is told in metric there and then, whatever the reader's units are. The compiler lets it pass, so the compiled code is read: no plain interpolation and no joining takes a sentence.
/// </summary>
public class SwallowedSentenceTests
{
    public static TheoryData<string> Assemblies => [typeof(Sentence).Assembly.Location, typeof(GardenContext).Assembly.Location, typeof(Program).Assembly.Location];

    [Theory]
    [MemberData(nameof(Assemblies))]
    public void No_sentence_is_put_into_a_plain_string(string assembly) => Takers(assembly).Where(IsPlain).ShouldBeEmpty();

    /// <summary>The reader of compiled code finds what takes a sentence at all, or the test above could not fail.</summary>
    [Fact]
    public void What_takes_a_sentence_is_found() => Takers(typeof(SwallowedSentenceTests).Assembly.Location).ShouldContain("System.Runtime.CompilerServices.DefaultInterpolatedStringHandler.AppendFormatted");

    /// <summary>One plain string with a sentence in it, for the test to find; never told to anybody.</summary>
    internal static string Swallowed(Sentence sentence) => $"plain: {sentence}";

    private static bool IsPlain(string method) => method is "System.Runtime.CompilerServices.DefaultInterpolatedStringHandler.AppendFormatted" or "System.String.Join" or "System.String.Concat";

    /// <summary>Generic methods that are called somewhere in an assembly with a sentence as their type.</summary>
    private static HashSet<string> Takers(string assembly)
    {
        using var file = new PEReader(File.OpenRead(assembly));
        var reader = file.GetMetadataReader();
        var found = new HashSet<string>(StringComparer.Ordinal);
        for (var row = 1; row <= reader.GetTableRowCount(TableIndex.MethodSpec); row++)
        {
            var made = reader.GetMethodSpecification(MetadataTokens.MethodSpecificationHandle(row));
            if (made.Method.Kind == HandleKind.MemberReference && TakesSentence(reader, made.Signature)) found.Add(NameOf(reader, reader.GetMemberReference((MemberReferenceHandle)made.Method)));
        }

        return found;
    }

    private static bool TakesSentence(MetadataReader reader, BlobHandle signature)
    {
        var blob = reader.GetBlobReader(signature);
        if (blob.ReadSignatureHeader().Kind != SignatureKind.MethodSpecification || blob.ReadCompressedInteger() != 1) return false;
        // A class that is no generic one; nothing else can be a sentence.
        return blob.ReadSignatureTypeCode() == SignatureTypeCode.TypeHandle && FullName(reader, blob.ReadTypeHandle()) == typeof(Sentence).FullName;
    }

    private static string NameOf(MetadataReader reader, MemberReference member) => $"{FullName(reader, member.Parent)}.{reader.GetString(member.Name)}";

    private static string FullName(MetadataReader reader, EntityHandle type) => type.Kind switch
    {
        HandleKind.TypeReference => reader.GetTypeReference((TypeReferenceHandle)type) is var r ? $"{reader.GetString(r.Namespace)}.{reader.GetString(r.Name)}" : "",
        HandleKind.TypeDefinition => reader.GetTypeDefinition((TypeDefinitionHandle)type) is var d ? $"{reader.GetString(d.Namespace)}.{reader.GetString(d.Name)}" : "",
        _ => "",
    };
}
