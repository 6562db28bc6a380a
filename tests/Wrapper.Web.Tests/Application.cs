using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Data.Sqlite;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>The application with a store of its own, and short ways of talking to it.</summary>
public sealed class Application : WebApplicationFactory<Program>
{
    private readonly string _directory = Directory.CreateTempSubdirectory("wrapper-web").FullName;
    private readonly Lazy<HttpClient> _client;

    /// <summary>One client for all requests: the factory keeps a list of those it makes, which is not thread-safe.</summary>
    public Application() => _client = new(() => CreateClient(new() { HandleCookies = false }));

    /// <summary>Keeps no cookies; for any number of requests at once.</summary>
    public HttpClient Client => _client.Value;

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        ArgumentNullException.ThrowIfNull(builder);
        builder.UseSetting("Data", _directory);
    }

    protected override void Dispose(bool disposing)
    {
        base.Dispose(disposing);
        SqliteConnection.ClearAllPools();
        if (Directory.Exists(_directory))
        {
            Directory.Delete(_directory, recursive: true);
        }
    }

    /// <summary>Sends JSON as text and reads the answer as JSON.</summary>
    public async Task<(int Status, JsonNode? Body, string? Tag)> Send(
        HttpMethod method,
        string path,
        string? json = null,
        params (string Name, string Value)[] headers
    )
    {
        using var request = new HttpRequestMessage(method, path);
        if (json is not null)
        {
            request.Content = new StringContent(json, System.Text.Encoding.UTF8, "application/json");
        }

        foreach (var (name, value) in headers)
        {
            request.Headers.TryAddWithoutValidation(name, value);
        }

        using var response = await Client.SendAsync(request, TestContext.Current.CancellationToken);
        var text = await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        JsonNode? body = null;
        try
        {
            body = text.Length == 0 ? null : JsonNode.Parse(text);
        }
        catch (JsonException)
        {
            body = JsonValue.Create(text);
        }

        return ((int)response.StatusCode, body, response.Headers.ETag?.Tag);
    }
}
