using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Http;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.Routing;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace Metaplant.Web.Tests;

/// <summary>The real server on a real SQLite file in a folder of its own; restarted it opens the same file.</summary>
internal sealed class GardenServer : IAsyncDisposable
{
    private readonly bool demo;
    private WebApplicationFactory<Program> factory;

    /// <summary>Starts on an empty garden, the demonstration garden, or one of an earlier form.</summary>
    /// <param name="demo">With the demonstration garden.</param>
    /// <param name="garden">A data folder that an earlier form of the application wrote, from Gardens.</param>
    public GardenServer(bool demo = false, string? garden = null)
    {
        this.demo = demo;
        Folder = Directory.CreateTempSubdirectory("metaplant-test-").FullName;
        if (garden is not null)
        {
            var kept = Path.Combine(AppContext.BaseDirectory, "Gardens", garden);
            foreach (var one in Directory.GetFiles(kept, "*", SearchOption.AllDirectories))
            {
                var target = Path.Combine(Folder, Path.GetRelativePath(kept, one));
                Directory.CreateDirectory(Path.GetDirectoryName(target)!);
                File.Copy(one, target);
            }
        }

        factory = Start();
        Http = Client();
    }

    public string Folder { get; }

    public HttpClient Http { get; private set; }

    public async Task RestartAsync()
    {
        await factory.DisposeAsync();
        factory = Start();
        Http = Client();
    }

    public async Task<JsonNode> GetAsync(string path) => JsonNode.Parse(await Http.GetStringAsync(path))!;

    public async Task<(HttpStatusCode Status, JsonNode? Body)> SendAsync(HttpMethod method, string path, object? body)
    {
        using var request = new HttpRequestMessage(method, path) { Content = JsonContent.Create(body) };
        using var response = await Http.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return (response.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text));
    }

    public Task<(HttpStatusCode Status, JsonNode? Body)> PostAsync(string path, object? body) => SendAsync(HttpMethod.Post, path, body);

    public Task<(HttpStatusCode Status, JsonNode? Body)> PutAsync(string path, object? body) => SendAsync(HttpMethod.Put, path, body);

    /// <summary>A client that sends what our own pages send.</summary>
    private HttpClient Client()
    {
        var client = factory.CreateClient();
        client.DefaultRequestHeaders.Add("X-Metaplant", "1");
        return client;
    }

    /// <summary>Asks, and is gone when the answer begins to be written, as a page is that was left.</summary>
    public async Task AskAndLeaveAsync(string path)
    {
        using var left = new CancellationTokenSource();
        await factory.Server.SendAsync(c =>
        {
            (c.Request.Method, c.Request.Path, c.Request.Host) = ("GET", path, new("localhost"));
            c.RequestAborted = left.Token;
            c.Response.OnStarting(left.CancelAsync);
        });
    }

    /// <summary>Whether an answer comes squeezed to an asker at an address who can open it.</summary>
    public async Task<bool> SqueezedAsync(string path, IPAddress from)
    {
        var answered = await factory.Server.SendAsync(c =>
        {
            (c.Request.Method, c.Request.Path, c.Request.Host) = ("GET", path, new("localhost"));
            c.Request.Headers.AcceptEncoding = "br";
            c.Connection.RemoteIpAddress = from;
        });
        answered.Response.StatusCode.ShouldBe(StatusCodes.Status200OK);
        return answered.Response.Headers.ContentEncoding.Count > 0;
    }

    /// <summary>Every endpoint there is.</summary>
    public IReadOnlyList<Endpoint> Endpoints() => [.. factory.Services.GetServices<EndpointDataSource>().SelectMany(d => d.Endpoints)];

    /// <summary>A client that sends nothing of itself.</summary>
    public HttpClient Bare() => factory.CreateClient();

    /// <summary>Does something to the file that no Metaplant would.</summary>
    public async Task ExecuteAsync(string statement)
    {
        await using var file = new SqliteConnection($"Data Source={Path.Combine(Folder, "garden.db")};Pooling=False");
        await file.OpenAsync();
        await using var command = file.CreateCommand();
        command.CommandText = statement;
        await command.ExecuteNonQueryAsync();
    }

    /// <summary>A number that the file holds.</summary>
    public async Task<long> AskAsync(string question)
    {
        await using var file = new SqliteConnection($"Data Source={Path.Combine(Folder, "garden.db")};Pooling=False");
        await file.OpenAsync();
        await using var command = file.CreateCommand();
        command.CommandText = question;
        return (long)(await command.ExecuteScalarAsync())!;
    }

    /// <summary>Adds a thing and returns it; the measures left out are the typical ones.</summary>
    public async Task<JsonNode> AddAsync(string kind, string name, int count = 1, params string[] findings)
    {
        var (status, body) = await PostAsync("/api/things", new { name, kind, count, findings });
        status.ShouldBe(HttpStatusCode.Created);
        return body!;
    }

    public async ValueTask DisposeAsync()
    {
        await factory.DisposeAsync();
        Directory.Delete(Folder, recursive: true);
    }

    private WebApplicationFactory<Program> Start() => new WebApplicationFactory<Program>().WithWebHostBuilder(b =>
    {
        b.UseSetting("data", Folder);
        b.UseSetting("Logging:LogLevel:Default", "None");
        if (demo) b.UseSetting("demo", "1");
    });
}
