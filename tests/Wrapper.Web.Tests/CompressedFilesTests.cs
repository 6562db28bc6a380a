using System.IO.Compression;
using System.Text;
using Microsoft.AspNetCore.Mvc.Testing;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>The front end is sent as it was packed when it was built, to whoever can read it so.</summary>
public sealed class CompressedFilesTests : IDisposable
{
    private const string Script = "console.log('as it is')";
    private readonly string _web = Directory.CreateTempSubdirectory("wrapper-web").FullName;
    private readonly string _data = Directory.CreateTempSubdirectory("wrapper-data").FullName;
    private readonly WebApplicationFactory<Program> _application;

    public CompressedFilesTests()
    {
        File.WriteAllText(Path.Combine(_web, "index.html"), "<!doctype html>");
        File.WriteAllText(Path.Combine(_web, "both.js"), Script);
        File.WriteAllText(Path.Combine(_web, "alone.js"), Script);
        using (var packed = new BrotliStream(File.Create(Path.Combine(_web, "both.js.br")), CompressionLevel.SmallestSize))
        {
            packed.Write(Encoding.UTF8.GetBytes(Script));
        }

        _application = new WebApplicationFactory<Program>().WithWebHostBuilder(builder =>
            builder.UseSetting("data", _data).UseSetting("web", _web)
        );
    }

    public void Dispose()
    {
        _application.Dispose();
        Directory.Delete(_web, recursive: true);
        Directory.Delete(_data, recursive: true);
    }

    [Theory]
    [InlineData("both.js", "gzip, deflate, br", "br")]
    [InlineData("both.js", "br;q=0, identity", null)]
    [InlineData("both.js", "identity", null)]
    [InlineData("alone.js", "identity", null)]
    public async Task A_file_is_sent_packed_where_it_is_and_can_be_read(string name, string accepts, string? sentAs)
    {
        using var client = _application.CreateClient();
        using var request = new HttpRequestMessage(HttpMethod.Get, new Uri(name, UriKind.Relative));
        request.Headers.TryAddWithoutValidation("Accept-Encoding", accepts);
        using var response = await client.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(200, (int)response.StatusCode);
        Assert.Equal(sentAs, response.Content.Headers.ContentEncoding.SingleOrDefault());
        Assert.Equal("text/javascript", response.Content.Headers.ContentType!.MediaType);
        Assert.Contains("immutable", response.Headers.CacheControl!.ToString(), StringComparison.Ordinal);
        await using var body = await response.Content.ReadAsStreamAsync(TestContext.Current.CancellationToken);
        using var reader = new StreamReader(sentAs is null ? body : new BrotliStream(body, CompressionMode.Decompress));
        Assert.Equal(Script, await reader.ReadToEndAsync(TestContext.Current.CancellationToken));
    }
}
