using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>Whatever is sent, the answer is never a fault of ours: the sender is told what is wrong.</summary>
public sealed class SlipsOfSendersTests(Application application) : IClassFixture<Application>
{
    public static TheoryData<string, string, string> Found =>
        new()
        {
            { "PUT", "/api/jobs/slips/covers/a", """{ "position": 0 }""" },
            { "PUT", "/api/jobs/slips/covers/a", "{}" },
            { "PUT", "/api/jobs/slips/covers/a", "null" },
            { "PUT", "/api/jobs/slips/covers/a", """{ "position": 0, "cover": null }""" },
            { "PUT", "/api/jobs/slips/covers/a", """{ "position": 0, "cover": { "form": "pouf", "name": "\ud800" } }""" },
            { "PUT", "/api/jobs/slips", """{ "name": "\ud800", "unit": "in" }""" },
            { "PUT", "/api/jobs/slips/cloth", """{ "name": "\udfff" }""" },
            { "PUT", "/api/jobs/slips/cloth", "null" },
            { "PUT", "/api/house", """{ "rules": null }""" },
            { "PUT", "/api/house", "null" },
            { "POST", "/api/jobs", "null" },
            { "POST", "/api/own-figure", "{}" },
            { "POST", "/api/own-figure", "null" },
            { "POST", "/api/make-ups", """{ "unit": "in" }""" },
            { "POST", "/api/cloth-at-hand", """{ "unit": "in" }""" },
            { "POST", "/api/sensitivity", "{}" },
            { "POST", "/api/practice", "{}" },
            { "POST", "/api/draft", """{ "form": "\ud800", "measures": { "\udc00": "\ud800" } }""" },
            { "POST", "/api/draft", "[]" },
            { "POST", "/api/fold-up", "{}" },
            { "POST", "/api/yardage", "{}" },
            { "POST", "/api/yardage", """{ "unit": "in", "covers": [null], "cloth": null }""" },
            { "POST", "/api/lay", """{ "pieces": [null] }""" },
            { "POST", "/api/files", "{}" },
            { "POST", "/api/files", """{ "what": "patterns", "format": "svg", "cover": null }""" },
            { "POST", "/api/jobs/import", """{ "format": 2, "covers": [null] }""" },
            { "POST", "/api/jobs/import", "null" },
            {
                "POST",
                "/api/jobs/import",
                """{ "format": 1, "name": "Old", "unit": "in", "cloth": { "repeatLength": "\udfff" }, "covers": [] }"""
            },
            {
                "POST",
                "/api/jobs/import",
                """{ "format": 1, "name": "Old", "unit": "in", "covers": [{ "form": "pouf", "lists": { "points": ["\udfff"] } }] }"""
            },
            {
                "POST",
                "/api/make-ups",
                """{ "unit": "in", "cover": { "form": "pouf", "construction": "glue" }, "cloth": { "width": "54" } }"""
            },
            { "POST", "/api/tape/readings", "null" },
            { "POST", "/api/tape/readings", "{}" },
        };

    [Theory]
    [MemberData(nameof(Found))]
    public async Task What_is_missing_or_no_text_at_all_is_told(string method, string path, string body)
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "slips", "unit": "in" }""");
        var (status, answer, _) = await application.Send(new(method), path, body, ("If-Match", "\"1\""));
        Assert.True(status is >= 400 and < 500, $"{status}: {answer}");
        Assert.False(string.IsNullOrWhiteSpace((string?)answer!["detail"]), answer.ToJsonString());
    }

    [Fact]
    public async Task A_pin_that_names_no_piece_lies_nowhere_and_a_null_among_pins_is_refused()
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "pinned", "unit": "in" }""");
        var (status, _, _) = await application.Send(
            HttpMethod.Put,
            "/api/jobs/pinned/cloth",
            """{ "width": "54", "pinned": [{ "copy": 1 }, { "x": 1 }] }""",
            ("If-Match", "\"1\"")
        );
        Assert.Equal(200, status);
        var (refused, answer, _) = await application.Send(
            HttpMethod.Put,
            "/api/jobs/pinned/cloth",
            """{ "width": "54", "pinned": [{ "copy": 1 }, null] }""",
            ("If-Match", "\"2\"")
        );
        Assert.Equal((422, "pinned.1"), (refused, (string)answer!["checks"]![0]!["measure"]!));
        Assert.Equal(200, (await application.Send(HttpMethod.Get, "/api/jobs/pinned")).Status);
    }

    [Theory]
    [InlineData("[null]")]
    [InlineData("[{}]")]
    [InlineData("null")]
    [InlineData("""[{ "measure": "width", "note": false, "before": null, "text": "\ud800" }]""")]
    public async Task A_sheets_fields_are_looked_at(string body)
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "sheeted", "unit": "in" }""");
        await application.Send(
            HttpMethod.Put,
            "/api/jobs/sheeted/covers/a",
            """{ "position": 0, "cover": { "form": "pouf" } }""",
            ("If-None-Match", "*")
        );
        var token = (string)(await application.Send(HttpMethod.Post, "/api/jobs/sheeted/sheet")).Body!["token"]!;
        var (status, answer, _) = await application.Send(HttpMethod.Put, $"/api/sheets/{token}/covers/a", body);
        Assert.True(status is >= 400 and < 500, $"{status}: {answer}");
    }

    [Fact]
    public async Task A_sheets_note_is_taken_whole_or_refused_by_name()
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "long-note", "unit": "in" }""");
        await application.Send(
            HttpMethod.Put,
            "/api/jobs/long-note/covers/a",
            """{ "position": 0, "cover": { "form": "pouf" } }""",
            ("If-None-Match", "*")
        );
        var token = (string)(await application.Send(HttpMethod.Post, "/api/jobs/long-note/sheet")).Body!["token"]!;
        Task<(int Status, JsonNode? Body, string? Tag)> Note(int length) =>
            application.Send(
                HttpMethod.Put,
                $"/api/sheets/{token}/covers/a",
                $$"""[{ "measure": "", "note": true, "before": "", "text": "{{new string('n', length)}}" }]"""
            );
        var (status, answer, _) = await Note(2001);
        Assert.Equal((422, "0.text"), (status, (string)answer!["checks"]![0]!["measure"]!));
        Assert.Contains("Shorten it to 2000", (string)answer["checks"]![0]!["text"]!, StringComparison.Ordinal);
        var (taken, sent, _) = await Note(2000);
        Assert.Equal((200, 2000), (taken, ((string)sent!["cover"]!["notes"]![""]!).Length));
    }

    [Theory]
    [InlineData("application/json; charset=nonsense", 415)]
    [InlineData("text/plain", 415)]
    [InlineData("application/xml", 415)]
    public async Task A_type_that_is_not_read_is_named(string type, int expected)
    {
        using var client = application.CreateClient();
        using var content = new ByteArrayContent(Encoding.UTF8.GetBytes("""{ "unit": "in" }"""));
        content.Headers.TryAddWithoutValidation("Content-Type", type);
        using var answer = await client.PostAsync(new Uri("/api/jobs", UriKind.Relative), content, TestContext.Current.CancellationToken);
        Assert.Equal(expected, (int)answer.StatusCode);
    }

    [Theory]
    [InlineData("DELETE", "/api/draft")]
    [InlineData("GET", "/api/draft")]
    [InlineData("PATCH", "/api/jobs")]
    [InlineData("POST", "/api/jobs/x/cloth")]
    [InlineData("PUT", "/api/health")]
    public async Task A_method_that_is_not_there_is_405_and_not_404(string method, string path)
    {
        using var client = application.CreateClient();
        using var request = new HttpRequestMessage(new(method), path);
        using var answer = await client.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(405, (int)answer.StatusCode);
        Assert.NotEmpty(answer.Content.Headers.Allow);
    }

    [Theory]
    [InlineData(
        "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'><path d='M0 0 "
            + "A 1e308 1e308 0 0 1 50 50 L 0 50 Z'/></svg>"
    )]
    [InlineData(
        "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'><path d='M0 0 A @ @ 0 0 1 50 50 L 0 50 Z'/></svg>"
    )]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'><circle r='1e300' cx='5' cy='5'/></svg>")]
    [InlineData("0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n70\n1e300\n10\n0\n20\n0\n10\n100\n20\n0\n10\n0\n20\n100\n0\nENDSEC\n0\nEOF\n")]
    public async Task A_drawing_beyond_all_measure_is_refused(string drawing)
    {
        using var client = application.CreateClient();
        using var content = new ByteArrayContent(
            Encoding.UTF8.GetBytes(drawing.Replace("@", new string('9', 300), StringComparison.Ordinal))
        );
        content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var answer = await client.PostAsync(
            new Uri("/api/outlines?name=a.svg&unit=mm", UriKind.Relative),
            content,
            TestContext.Current.CancellationToken
        );
        Assert.True((int)answer.StatusCode < 500, await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        Assert.NotNull(JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)));
    }
}
