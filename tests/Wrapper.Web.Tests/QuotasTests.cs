using System.Net.Http.Headers;
using Microsoft.Extensions.DependencyInjection;
using Wrapper.Store;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>A sheet that goes round fills no disk, and writes nothing but what was asked for.</summary>
public sealed class QuotasTests(Application application) : IClassFixture<Application>
{
    private static readonly byte[] Dot = Convert.FromBase64String(
        "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=="
    );

    private async Task<string> Sheet(string job)
    {
        await application.Send(HttpMethod.Post, "/api/jobs", $$"""{ "id": "{{job}}", "unit": "in" }""");
        await application.Send(
            HttpMethod.Put,
            $"/api/jobs/{job}/covers/seat",
            """{ "position": 0, "cover": { "form": "pouf" } }""",
            ("If-None-Match", "*")
        );
        return (string)(await application.Send(HttpMethod.Post, $"/api/jobs/{job}/sheet")).Body!["token"]!;
    }

    private async Task<(int Status, string Said)> Photograph(string token, string cover, string measure = "")
    {
        using var client = application.CreateClient();
        using var content = new ByteArrayContent(Dot);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var answer = await client.PostAsync(
            new Uri($"/api/sheets/{token}/photos?cover={cover}&measure={measure}", UriKind.Relative),
            content,
            TestContext.Current.CancellationToken
        );
        return ((int)answer.StatusCode, await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task A_job_takes_so_many_photographs_and_those_taken_off_make_room()
    {
        var token = await Sheet("pictured");
        var photos = application.Services.GetRequiredService<PhotoStore>();
        for (var i = 0; i < 199; i++)
        {
            photos.Add($"p{i}", "pictured", "seat", "", "", new("image/png", Dot, Dot));
        }

        Assert.Equal(200, (await Photograph(token, "seat")).Status);
        var (status, said) = await Photograph(token, "seat");
        Assert.Equal(422, status);
        Assert.Contains("take some off", said, StringComparison.Ordinal);
        photos.Delete("pictured", "p7");
        Assert.Equal(200, (await Photograph(token, "seat")).Status);
        photos.Delete("pictured", "p8");
        photos.Add("large", "pictured", "seat", "", "", new("image/png", new byte[200 * 1024 * 1024], []));
        photos.Delete("pictured", "p9");
        Assert.Equal(422, (await Photograph(token, "seat")).Status);
        photos.Delete("pictured", "large");
        Assert.Equal(200, (await Photograph(token, "seat")).Status);
    }

    [Fact]
    public async Task Photographs_hang_on_things_that_are_there()
    {
        var token = await Sheet("hung");
        Assert.Equal(404, (await Photograph(token, "nothing")).Status);
        await application.Send(HttpMethod.Delete, "/api/jobs/hung/covers/seat", null, ("If-Match", "\"1\""));
        Assert.Equal(404, (await Photograph(token, "seat")).Status);
    }

    [Fact]
    public async Task Only_measures_of_the_thing_are_written()
    {
        var token = await Sheet("written");
        string Entry(string measure) => $$"""[{ "measure": "{{measure}}", "note": false, "before": "", "text": "20" }]""";
        Assert.Equal(200, (await application.Send(HttpMethod.Put, $"/api/sheets/{token}/covers/seat", Entry("diameter"))).Status);
        var (status, body, _) = await application.Send(HttpMethod.Put, $"/api/sheets/{token}/covers/seat", Entry("shoe-size"));
        Assert.Equal(422, status);
        Assert.Contains("no measure “shoe-size”", (string)body!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_photograph_hangs_on_a_measure_of_the_thing_or_on_the_thing()
    {
        var token = await Sheet("measured");
        Assert.Equal(200, (await Photograph(token, "seat", "diameter")).Status);
        Assert.Equal(200, (await Photograph(token, "seat")).Status);
        var (status, said) = await Photograph(token, "seat", "shoe-size");
        Assert.Equal(422, status);
        Assert.Contains("no measure “shoe-size”", said, StringComparison.Ordinal);
    }
}
