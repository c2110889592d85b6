using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Metaplant.Data;
using Metaplant.Data.Files;
using Metaplant.Data.Photos;
using Metaplant.Web;
using Metaplant.Web.Door;
using Metaplant.Web.Errors;
using Metaplant.Web.Files;
using Metaplant.Web.Security;
using Metaplant.Web.Telling;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.EntityFrameworkCore;
using Microsoft.OpenApi;

var builder = WebApplication.CreateBuilder(args);
var file = new GardenFile(Path.GetFullPath(builder.Configuration["data"] ?? "garden"));
if (await Hosting.RunAsync(builder.Configuration, file, Console.In, Console.Out) is { } code) return code;
var address = new Address(builder.Configuration["host"]);
if (address.WhyNot() is { } noHost) return Say(noHost);

builder.Services.AddSingleton(file);
builder.Services.AddSingleton(address);
builder.Services.AddSingleton(new PhotoFolder(file.Photos));
builder.Services.AddSingleton<GardenBackups>();
builder.Services.AddSingleton<GardenState>();
builder.Services.AddSingleton<GardenVersion>();
builder.Services.AddSingleton<AtHand>();
builder.Services.AddSingleton<WriteGate>();
builder.Services.AddSingleton<Metaplant.Web.Planning.WholeHeapJobs>();
builder.Services.AddHostedService<BackupClock>();
builder.Services.AddOutputCache(UntilChanged.Add);
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddDbContextPool<GardenContext>((services, o) => o.UseSqlite(file.ConnectionString).AddInterceptors(services.GetRequiredService<WriteGate>()));
builder.Services.AddProblemDetails();
builder.Services.AddDoors(file);
builder.Services.AddAttempts();
// Work that nobody can be waiting for any more is stopped.
builder.Services.AddRequestTimeouts(o => o.DefaultPolicy = new RequestTimeoutPolicy { Timeout = TimeSpan.FromSeconds(30), TimeoutStatusCode = StatusCodes.Status503ServiceUnavailable });
// An enum that is optional somewhere is described with null among its values everywhere; null belongs to the property instead.
builder.Services.AddOpenApi("metaplant", o => o.AddDocumentTransformer((document, _, _) =>
{
    foreach (var schema in document.Components?.Schemas?.Values ?? [])
    {
        if (schema.Enum is { } values) values.Remove(values.FirstOrDefault(v => v is null || v.GetValueKind() == System.Text.Json.JsonValueKind.Null)!);
    }

    return Task.CompletedTask;
}).AddSchemaTransformer((schema, context, _) =>
{
    if (context.JsonTypeInfo.Type == typeof(Sentence)) schema.Type = JsonSchemaType.String;
    return Task.CompletedTask;
}));
builder.Services.AddResponseCompression(o => o.EnableForHttps = true);
builder.Services.ConfigureHttpJsonOptions(o =>
{
    // Numbers are numbers: "12" for 12 is refused rather than guessed at.
    o.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
    o.SerializerOptions.Converters.Add(new JsonStringEnumConverter(namingPolicy: null, allowIntegerValues: false));
    o.SerializerOptions.Converters.Add(new SentenceJson());
    o.SerializerOptions.TypeInfoResolver = new DefaultJsonTypeInfoResolver { Modifiers = { NoNulls.Modify } };
});
builder.WebHost.ConfigureKestrel(k =>
{
    k.AddServerHeader = false;
    k.Limits.MaxRequestBodySize = 1_000_000;
});
// Bad input always throws here, so that every refusal is answered in one place.
builder.Services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);

var app = builder.Build();
app.UseExceptionHandler(new ExceptionHandlerOptions { ExceptionHandler = Problems.Answer });
app.UseStatusCodePages();
app.UseSecurityHeaders(Headers.Policy);
app.UseGuard();
app.UseWhen(Squeeze.Pays, b => b.UseResponseCompression());
app.UseDefaultFiles();
app.UseSqueezedFiles();
app.UseStaticFiles(Headers.CacheHashedFiles);
app.UseRouting();
app.UseRequestTimeouts();
app.UseRateLimiter();
app.UseAuthentication();
app.UseAuthorization();
app.UseHurtGarden();
app.UseReader();
app.UseOutputCache();
// Once more below the kept answers, so that they are kept as they are sent.
app.UseWhen(Squeeze.Pays, b => b.UseResponseCompression());
app.MapMetaplant();

// The document generator starts the host to read its routes; it has no garden.
var describing = System.Reflection.Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";
// Read once more they cost half a second, which a start does not have; whatever a build let through is shut at run time.
if (describing) app.RequireRules();
if (!describing && await app.Services.GetRequiredService<GardenState>().OpenAsync(demonstration: builder.Configuration["demo"] is not null) is { } refused) return Say(refused);

await app.RunAsync();
return 0;

static int Say(string sentence)
{
    Console.Error.WriteLine(sentence);
    return 3;
}

/// <summary>Named so that the tests can start it.</summary>
internal sealed partial class Program;
