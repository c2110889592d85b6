using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Net.Sockets;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;

namespace Metaplant.Web.Tests;

/// <summary>The home network over HTTPS, with a certificate of the gardener's own, on a really started server.</summary>
public sealed class HttpsTests : IAsyncDisposable
{
    private const string Host = "127.0.0.2";

    private readonly string folder = Directory.CreateTempSubdirectory("metaplant-https-").FullName;
    private readonly X509Certificate2 certificate;
    private readonly Process server;
    private readonly int port = FreePort();

    public HttpsTests()
    {
        using var key = RSA.Create(2048);
        var request = new CertificateRequest($"CN={Host}", key, HashAlgorithmName.SHA256, RSASignaturePadding.Pkcs1);
        var names = new SubjectAlternativeNameBuilder();
        names.AddIpAddress(IPAddress.Parse(Host));
        request.CertificateExtensions.Add(names.Build());
        certificate = request.CreateSelfSigned(DateTimeOffset.UtcNow.AddDays(-1), DateTimeOffset.UtcNow.AddDays(1));
        File.WriteAllText(Path.Combine(folder, "certificate.pem"), certificate.ExportCertificatePem());
        File.WriteAllText(Path.Combine(folder, "key.pem"), key.ExportPkcs8PrivateKeyPem());
        server = Process.Start(new ProcessStartInfo("dotnet", [
            typeof(Program).Assembly.Location, "--data", Path.Combine(folder, "garden"), "--host", Host, "--urls", $"http://127.0.0.1:{port};https://{Host}:{port}", "--Logging:LogLevel:Default=None",
            $"--Kestrel:Certificates:Default:Path={Path.Combine(folder, "certificate.pem")}", $"--Kestrel:Certificates:Default:KeyPath={Path.Combine(folder, "key.pem")}",
        ]))!;
    }

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_phone_signs_in_over_https_with_a_cookie_that_never_travels_in_the_clear()
    {
        using var machine = new HttpClient { BaseAddress = new($"http://127.0.0.1:{port}") };
        await AnsweringAsync(machine);
        using (var set = await machine.PutAsJsonAsync("/api/door/passphrase", new { passphrase = "three wet wheelbarrows" }, Cancel)) set.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        // A phone on which the gardener has trusted this certificate, and no other.
        using var trusting = new SocketsHttpHandler { CookieContainer = new() };
        trusting.SslOptions.CertificateChainPolicy = new() { TrustMode = X509ChainTrustMode.CustomRootTrust, RevocationMode = X509RevocationMode.NoCheck };
        trusting.SslOptions.CertificateChainPolicy.CustomTrustStore.Add(certificate);
        using var phone = new HttpClient(trusting) { BaseAddress = new($"https://{Host}:{port}") };
        // The network's address is bound a moment after the machine's own.
        await AnsweringAsync(phone);
        using (var without = await phone.GetAsync("/api/things", Cancel)) without.StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        using (var signed = await phone.PostAsJsonAsync("/api/door/in", new { passphrase = "three wet wheelbarrows", device = "Phone" }, Cancel))
        {
            signed.StatusCode.ShouldBe(HttpStatusCode.NoContent);
            signed.Headers.GetValues("Set-Cookie").Single().ToLowerInvariant().ShouldSatisfyAllConditions(c => c.ShouldContain("secure"), c => c.ShouldContain("httponly"), c => c.ShouldContain("samesite=strict"));
        }

        using (var things = await phone.GetAsync("/api/things", Cancel)) things.StatusCode.ShouldBe(HttpStatusCode.OK);
        ((string)System.Text.Json.Nodes.JsonNode.Parse(await machine.GetStringAsync("/api/door", Cancel))!["network"]!).ShouldBe($"https://{Host}:{port}");
        // The same port speaks nothing but HTTPS to the network.
        using var plain = new HttpClient { BaseAddress = new($"http://{Host}:{port}") };
        await Should.ThrowAsync<HttpRequestException>(() => plain.GetStringAsync("/api/door", Cancel));
        // Its keys and book are its owner's alone.
        foreach (var own in (string[])["keys", "door.json"]) (File.GetUnixFileMode(Path.Combine(folder, "garden", own)) & (UnixFileMode.GroupRead | UnixFileMode.OtherRead)).ShouldBe(UnixFileMode.None, own);
    }

    public async ValueTask DisposeAsync()
    {
        server.Kill();
        await server.WaitForExitAsync(CancellationToken.None);
        server.Dispose();
        certificate.Dispose();
        Directory.Delete(folder, recursive: true);
    }

    private static async Task AnsweringAsync(HttpClient client)
    {
        for (var i = 0; ; i++)
        {
            try
            {
                using var answer = await client.GetAsync("/api/nothing", Cancel);
                return;
            }
            catch (HttpRequestException) when (i < 600)
            {
                await Task.Delay(100, Cancel);
            }
        }
    }

    private static int FreePort()
    {
        using var probe = new TcpListener(IPAddress.Loopback, 0);
        probe.Start();
        return ((IPEndPoint)probe.LocalEndpoint).Port;
    }
}
