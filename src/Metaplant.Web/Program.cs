using System.Text.Json.Serialization;
using Metaplant.Data;
using Metaplant.Data.Demonstration;
using Metaplant.Data.Photos;
using Metaplant.Web;
using Metaplant.Web.Errors;
using Metaplant.Web.Security;
using Microsoft.EntityFrameworkCore;

var builder = WebApplication.CreateBuilder(args);
var file = new GardenFile(Path.GetFullPath(builder.Configuration["data"] ?? "garden"));
builder.Services.AddSingleton(file);
builder.Services.AddSingleton(new PhotoFolder(Path.Combine(Path.GetDirectoryName(file.Path)!, "photos")));
builder.Services.AddSingleton<GardenVersion>();
builder.Services.AddOutputCache(UntilChanged.Add);
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddDbContextPool<GardenContext>(o => o.UseSqlite(file.ConnectionString));
builder.Services.AddProblemDetails();
// An enum that is optional somewhere is described with null among its values everywhere; null belongs to the property instead.
builder.Services.AddOpenApi("metaplant", o => o.AddDocumentTransformer((document, _, _) =>
{
    foreach (var schema in document.Components?.Schemas?.Values ?? [])
    {
        if (schema.Enum is { } values) values.Remove(values.FirstOrDefault(v => v is null || v.GetValueKind() == System.Text.Json.JsonValueKind.Null)!);
    }

    return Task.CompletedTask;
}));
builder.Services.AddResponseCompression(o => o.EnableForHttps = true);
builder.Services.ConfigureHttpJsonOptions(o =>
{
    // Numbers are numbers: "12" for 12 is refused rather than guessed at.
    o.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
    o.SerializerOptions.Converters.Add(new JsonStringEnumConverter(namingPolicy: null, allowIntegerValues: false));
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
app.UseOutputCache();
app.UseResponseCompression();
app.UseSameOriginWrites();
app.UseDefaultFiles();
app.UseStaticFiles(Headers.CacheHashedFiles);
app.MapMetaplant();

// The document generator starts the host to read its routes; it has no garden.
if (System.Reflection.Assembly.GetEntryAssembly()?.GetName().Name != "GetDocument.Insider")
{
    await file.PrepareAsync(DateOnly.FromDateTime(DateTime.Now));
    if (builder.Configuration["demo"] is not null)
    {
        await using var garden = new GardenContext(file.Options);
        await SlipwayYard.PlantAsync(garden);
    }
}

await app.RunAsync();

/// <summary>Named so that the tests can start it.</summary>
internal sealed partial class Program;
