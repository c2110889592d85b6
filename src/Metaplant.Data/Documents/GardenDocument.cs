using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Metaplant.Core.Building;
using Metaplant.Core.Fetching;
using Metaplant.Core.Places;
using Metaplant.Core.Salvage;
using Metaplant.Core.Supports;
using Metaplant.Data.Settings;

namespace Metaplant.Data.Documents;

/// <summary>A whole garden as one document: everything but the pictures themselves, the journal of what can be undone, and who may come in.</summary>
/// <param name="Format">Always <see cref="Name"/>.</param>
/// <param name="Version">The form of the document, from 1 up; a reader refuses a later one than its own.</param>
/// <param name="Places">What is on the plan; null in documents before form 6.</param>
public sealed record GardenDocument(
    string Format, int Version, DocumentSettings Settings, IReadOnlyList<DocumentThing> Things, IReadOnlyList<DocumentPhotograph> Photographs, IReadOnlyList<DocumentProject> Projects, IReadOnlyList<DocumentPlace>? Places = null)
{
    public const string Name = "metaplant-garden";
    public const int Present = 7;

    /// <summary>How a document is written and read: camel case, every member there, nothing that is not.</summary>
    public static JsonSerializerOptions Json { get; } = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        RespectNullableAnnotations = true,
        RespectRequiredConstructorParameters = true,
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        NumberHandling = JsonNumberHandling.Strict,
        TypeInfoResolver = new DefaultJsonTypeInfoResolver { Modifiers = { NoNulls.Modify } },
        // The file is read as a file and by people; it is never part of a page.
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        Converters = { new JsonStringEnumConverter() },
    };

    /// <summary>The JSON schema of the document, as docs/garden.schema.json publishes it.</summary>
    public static string Schema()
    {
        var schema = Json.GetJsonSchemaAsNode(typeof(GardenDocument), new() { TreatNullObliviousAsNonNullable = true }).AsObject();
        var head = new JsonObject { ["$schema"] = "https://json-schema.org/draft/2020-12/schema", ["title"] = "A Metaplant garden", ["description"] = $"Form {Present}. Lengths in m, volumes in m³, masses in kg." };
        foreach (var (name, value) in schema.ToList())
        {
            schema.Remove(name);
            head[name] = value;
        }

        return head.ToJsonString(new(Json) { WriteIndented = true }) + "\n";
    }
}

/// <summary>The settings in a document.</summary>
/// <param name="Units">"mm", "cm" or "in"; values in the document are SI whatever it says.</param>
/// <param name="Measures">m³ by name.</param>
/// <param name="Manner">How numbers, money, days and paper are shown; null in documents of forms 1 and 2.</param>
/// <param name="Carrier">The load space of the car or trailer, m; null where nobody measured it.</param>
/// <param name="Site">Where the garden lies and the base line of its plan; null where nobody has said.</param>
public sealed record DocumentSettings(
    string Name, string Units, IReadOnlyDictionary<string, string> Rules, IReadOnlyDictionary<string, double> Constants, IReadOnlyDictionary<string, double> Measures, IReadOnlyDictionary<string, ShelvedTool> Tools,
    Manner? Manner = null, Carrier? Carrier = null, PlanSite? Site = null);

/// <summary>Something on the plan in a document, as it was typed.</summary>
public sealed record DocumentPlace(int Id, PlaceDraft Drawn);

/// <summary>A thing in a document, with what was kept of it.</summary>
/// <param name="Measures">SI by id of the kind's measures.</param>
/// <param name="Taken">Ids of the measures that somebody took.</param>
/// <param name="ParentId">The thing it was taken or cut out of.</param>
/// <param name="Laid">Sticks of a bundle that were measured one by one, m; null where none were.</param>
/// <param name="Seen">The day it was seen where it lies elsewhere; null for what lies or lay here.</param>
public sealed record DocumentThing(
    int Id, int Number, string Name, string Kind, int Count, string Substance, IReadOnlyDictionary<string, double> Measures, IReadOnlyList<string> Taken, IReadOnlyList<string> Findings, IReadOnlyList<string> History,
    IReadOnlyList<Fault> Faults, string Place, string Remark, string Source, string Permission, double? Cost, bool KeepDry, DateOnly? UseBefore, int? ParentId, bool Retired, IReadOnlyList<Stick>? Laid = null, DateOnly? Seen = null);

/// <summary>A photograph in a document; the picture itself is in the archive.</summary>
/// <param name="File">Name of its file in the archive's folder photos, without ending.</param>
public sealed record DocumentPhotograph(int Id, int ThingId, string File, int Width, int Height, DateTime At);

/// <summary>A project in a document, with what it has spoken for and what is done of it.</summary>
/// <param name="Settings">SI by parameter of the design.</param>
/// <param name="Takes">What it has spoken for.</param>
/// <param name="Done">Steps that are ticked.</param>
/// <param name="Edition">Of its design, that it was drawn by; 0 in documents of form 1.</param>
/// <param name="Cast">Every piece it was drawn with; null in documents of form 1.</param>
/// <param name="Spot">The place it is for.</param>
/// <param name="Stands">Where on the plan it stands; null while it has not been set down.</param>
/// <param name="Filling">What it is to be filled with; null where nobody has said, and in documents before form 7.</param>
public sealed record DocumentProject(
    int Id, string Name, string Design, string Source, IReadOnlyDictionary<string, double> Settings, string Medium, string? Crop, string Exposure, bool PeopleAtEdge, string Site, string? Ground,
    IReadOnlyList<DocumentTake> Takes, IReadOnlyList<string> Done, int Edition = 0, KeptCast? Cast = null, Making? Making = null, int? Spot = null, Stands? Stands = null, KeptFilling? Filling = null);

/// <summary>What of a thing is spoken for.</summary>
/// <param name="Count">Units whole.</param>
/// <param name="Parts">What is taken of which unit; none in documents of form 1, where it is the first so many.</param>
public sealed record DocumentTake(int ThingId, int Count, IReadOnlyList<Core.Stock.Taken>? Parts = null);
