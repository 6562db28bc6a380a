using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

public sealed class FileEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Cover = """{ "unit": "in", "form": "box-cushion", "measures": { "width": "20", "depth": "18", "thickness": "4" } }""";

    [Theory]
    [InlineData("patterns", "svg")]
    [InlineData("patterns", "dxf")]
    [InlineData("patterns", "zip")]
    [InlineData("cut-list", "csv")]
    public async Task A_covers_files_come_with_their_type_and_name(string what, string format)
    {
        using var client = application.CreateClient();
        using var body = new StringContent($$"""{ "what": "{{what}}", "format": "{{format}}", "cover": {{Cover}} }""", System.Text.Encoding.UTF8, "application/json");
        using var response = await client.PostAsync(new Uri("/api/files", UriKind.Relative), body, TestContext.Current.CancellationToken);
        Assert.Equal(200, (int)response.StatusCode);
        Assert.Equal($"{what}.{format}", response.Content.Headers.ContentDisposition!.FileName);
        Assert.NotEqual("application/octet-stream", response.Content.Headers.ContentType!.MediaType);
    }

    [Theory]
    [InlineData("patterns", "csv")]
    [InlineData("lay", "csv")]
    [InlineData("cut-list", "dxf")]
    [InlineData("sonnets", "svg")]
    [InlineData("patterns", null)]
    [InlineData("Patterns", "svg")]
    public async Task A_pair_that_makes_no_sense_is_422_and_says_what_there_is(string? what, string? format)
    {
        var request = new JsonObject { ["what"] = what, ["format"] = format, ["cover"] = JsonNode.Parse(Cover) };
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/files", request.ToJsonString());
        Assert.Equal(422, status);
        Assert.Contains("patterns as svg, dxf, zip", (string)body!["detail"]!, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("""{ "what": "lay", "format": "svg", "cover": {} }""", "yardage")]
    [InlineData("""{ "what": "patterns", "format": "svg" }""", "cover")]
    [InlineData("""{ "what": "patterns", "format": "svg", "yardage": { "unit": "ell", "covers": [], "cloth": {} } }""", "unit")]
    public async Task What_is_missing_is_said(string request, string named)
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/files", request);
        Assert.Equal(422, status);
        Assert.Contains(named, (string)body!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_cover_that_cannot_be_drafted_is_422_with_its_checks()
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/files", """{ "what": "patterns", "format": "svg", "cover": { "unit": "in", "form": "box-cushion", "measures": { "width": "0" } } }""");
        Assert.Equal(422, status);
        Assert.Contains(body!["checks"]!.AsArray(), check => (string)check!["measure"]! == "width");
    }

    [Fact]
    public async Task A_job_that_is_not_there_is_404() => Assert.Equal(404, (await application.Send(HttpMethod.Get, "/api/jobs/none/files/patterns.svg")).Status);
}
