using System.Net.Http.Headers;
using Wrapper.Core.Units;
using Wrapper.Devices;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>Tapes, sheets, photographs and what is told live.</summary>
public sealed class LiveEndpointTests(Application application) : IClassFixture<Application>
{
    [Fact]
    public async Task A_reading_reaches_who_has_the_job_open()
    {
        var id = await Job();
        using var client = application.CreateClient();
        using var stream = await client.GetStreamAsync(
            new Uri($"/api/jobs/{id}/live", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        using var reader = new StreamReader(stream);
        Assert.Contains("open", await Event(reader), StringComparison.Ordinal);
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/tape/readings",
            """{ "device": "tape", "length": "21 1/4 in", "unit": "in" }"""
        );
        Assert.Equal(200, status);
        Assert.True((int)body!["listeners"]! >= 1);
        var said = await Event(reader);
        Assert.Contains("event: tape", said, StringComparison.Ordinal);
        Assert.Contains("21", said, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_press_of_a_foot_switch_and_work_that_is_told_reach_who_has_the_job_open()
    {
        var id = await Job();
        using var client = application.CreateClient();
        using var stream = await client.GetStreamAsync(
            new Uri($"/api/jobs/{id}/live", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        using var reader = new StreamReader(stream);
        Assert.Contains("open", await Event(reader), StringComparison.Ordinal);
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/foot-switch/presses",
            """{ "device": "under the table", "pedal": "hold" }"""
        );
        Assert.Equal(200, status);
        Assert.True((int)body!["listeners"]! >= 1);
        var pressed = await Event(reader);
        Assert.Contains("event: foot", pressed, StringComparison.Ordinal);
        Assert.Contains("hold", pressed, StringComparison.Ordinal);
        await Workroom.Tell(application, id, Workroom.Sewn("one", "turn"));
        var written = await Event(reader);
        Assert.Contains("event: written", written, StringComparison.Ordinal);
        Assert.Contains("work", written, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_stream_of_a_job_that_is_deleted_says_so_and_ends_and_none_opens_for_one_that_is_gone()
    {
        var id = await Job();
        using var client = application.CreateClient();
        using var stream = await client.GetStreamAsync(
            new Uri($"/api/jobs/{id}/live", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        using var reader = new StreamReader(stream);
        Assert.Contains("open", await Event(reader), StringComparison.Ordinal);
        Assert.Equal(200, (await application.Send(HttpMethod.Delete, $"/api/jobs/{id}", null, ("If-Match", "\"1\""))).Status);
        Assert.Contains("deleted", await reader.ReadToEndAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
        Assert.Equal(404, (await application.Send(HttpMethod.Get, $"/api/jobs/{id}/live")).Status);
    }

    [Theory]
    [InlineData("/api/foot-switch/presses", """{ "pedal": "stamp" }""")]
    [InlineData("/api/foot-switch/presses", "{}")]
    [InlineData("/api/tape/readings", """{ "length": "soon" }""")]
    [InlineData("/api/tape/readings", """{ "length": "-3 in" }""")]
    [InlineData("/api/tape/readings", """{ "length": 12, "unit": "yd" }""")]
    [InlineData("/api/tape/stand-in", """{ "length": "21", "jitter": "wild", "unit": "in" }""")]
    [InlineData("/api/tape/stand-in", """{ "length": "21", "jitter": "0", "unit": "ell" }""")]
    public async Task A_reading_that_is_none_is_told(string path, string json) =>
        Assert.Equal(422, (await application.Send(HttpMethod.Post, path, json)).Status);

    [Fact]
    public void The_stand_in_reads_within_its_jitter_to_its_own_step()
    {
        var tape = new SimulatedTape(7);
        var (dialled, jitter) = (Length.FromInches(21, 1, 4), Length.FromInches(0, 1, 8));
        var readings = Enumerable.Range(0, 200).Select(_ => tape.Read(dialled, jitter, LengthUnit.Inch, "stand-in").Length).ToList();
        Assert.All(readings, reading => Assert.True((reading - dialled).Abs() <= jitter + Length.FromInches(0, 1, 32)));
        Assert.All(readings, reading => Assert.Equal(reading, reading.RoundedTo(Length.FromInches(0, 1, 16))));
        Assert.True(readings.Distinct().Count() > 2);
        Assert.Equal("21¼ in", tape.Read(dialled, Length.Zero, LengthUnit.Inch, "stand-in").Text);
        Assert.Equal(Length.Zero, tape.Read(Length.Zero, Length.Zero, LengthUnit.Millimetre, "stand-in").Length);
    }

    [Fact]
    public async Task A_sheet_is_filled_in_and_the_bench_is_told()
    {
        var id = await Job();
        var (status, opened, _) = await application.Send(HttpMethod.Post, $"/api/jobs/{id}/sheet");
        Assert.Equal(200, status);
        var token = (string)opened!["token"]!;
        Assert.StartsWith("<svg", (string)opened["code"]!, StringComparison.Ordinal);
        var (_, sheet, _) = await application.Send(HttpMethod.Get, $"/api/sheets/{token}");
        Assert.Equal("seat", (string)sheet!["covers"]![0]!["id"]!);
        Assert.NotEmpty(sheet["catalogue"]!["forms"]!.AsArray());

        var (sent, body, _) = await application.Send(
            HttpMethod.Put,
            $"/api/sheets/{token}/covers/seat",
            """[{ "measure": "width", "note": false, "before": "", "text": "21 1/4" }]"""
        );
        Assert.Equal((200, "21 1/4"), (sent, (string)body!["cover"]!["measures"]!["width"]!));
        var (_, job, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{id}");
        Assert.Equal("21 1/4", (string)job!["covers"]![0]!["cover"]!["measures"]!["width"]!);

        Assert.Equal(404, (await application.Send(HttpMethod.Put, $"/api/sheets/{token}/covers/nowhere", "[]")).Status);
        Assert.Equal(404, (await application.Send(HttpMethod.Get, "/api/sheets/0000")).Status);
        Assert.Equal(204, (await application.Send(HttpMethod.Delete, $"/api/jobs/{id}/sheet")).Status);
        Assert.Equal(404, (await application.Send(HttpMethod.Put, $"/api/sheets/{token}/covers/seat", "[]")).Status);
    }

    [Fact]
    public async Task A_photograph_is_kept_and_what_is_none_is_told()
    {
        var id = await Job();
        using var client = application.CreateClient();
        async Task<int> Post(byte[] bytes, string query)
        {
            using var content = new ByteArrayContent(bytes);
            content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
            using var response = await client.PostAsync(
                new Uri($"/api/jobs/{id}/photos?{query}", UriKind.Relative),
                content,
                TestContext.Current.CancellationToken
            );
            return (int)response.StatusCode;
        }

        Assert.Equal(
            200,
            await Post(
                Convert.FromBase64String(
                    "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=="
                ),
                "cover=seat&measure=width&name=hull.png"
            )
        );
        Assert.Equal(
            404,
            await Post(
                Convert.FromBase64String(
                    "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=="
                ),
                "cover=nothing"
            )
        );
        Assert.Equal(422, await Post([0x89, 0x50, 0x4E, 0x47, 0x0D, 0x0A, 0x1A, 0x0A, 1, 2, 3], "cover=seat"));
        Assert.Equal(413, await Post(new byte[9_000_000], "cover=seat"));
        Assert.Equal(422, await Post("<script>"u8.ToArray(), "cover=seat"));
        Assert.Equal(422, await Post([], "cover=seat"));
        Assert.Equal(422, await Post("RIFF\0\0\0\0WAVEfmt "u8.ToArray(), "cover=seat")); // sound begins as a WebP does
        Assert.Equal(422, await Post("RIFF"u8.ToArray(), "cover=seat"));
        Assert.Equal(400, await Post([0x89, 0x50, 0x4E, 0x47], ""));
        var (_, photos, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{id}/photos");
        var photo = Assert.Single(photos!.AsArray())!;
        Assert.Equal("hull.png", (string)photo["name"]!);
        using var found = await client.GetAsync(
            new Uri($"/api/jobs/{id}/photos/{(string)photo["id"]!}", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        Assert.Equal("image/png", found.Content.Headers.ContentType!.MediaType);
        Assert.Equal(204, (await application.Send(HttpMethod.Delete, $"/api/jobs/{id}/photos/{(string)photo["id"]!}")).Status);
        Assert.Equal(404, (await application.Send(HttpMethod.Get, $"/api/jobs/{id}/photos/{(string)photo["id"]!}")).Status);
    }

    [Fact]
    public void Phones_are_served_sheets_and_nothing_else()
    {
        var address = SheetAddress.Read("0.0.0.0:5190");
        bool Allows(string path, int port)
        {
            var context = new Microsoft.AspNetCore.Http.DefaultHttpContext();
            context.Request.Path = path;
            context.Connection.LocalPort = port;
            return address.Allows(context);
        }

        Assert.True(Allows("/sheet/abc", 5190) && Allows("/api/sheets/abc/covers/seat", 5190) && Allows("/assets/index.js", 5190));
        Assert.False(
            Allows("/", 5190)
                || Allows("/api/jobs", 5190)
                || Allows("/jobs/x", 5190)
                || Allows("/api/tape/readings", 5190)
                || Allows("/api/jobs/x/sheet", 5190)
        );
        Assert.True(Allows("/api/jobs", 5180));
        Assert.Throws<FormatException>(() => SheetAddress.Read("everywhere"));
        Assert.Null(SheetAddress.Read(null).Endpoint);
    }

    private async Task<string> Job()
    {
        var (_, job, _) = await application.Send(HttpMethod.Post, "/api/jobs", """{ "name": "Saloon", "unit": "in" }""");
        var id = (string)job!["id"]!;
        var (status, _, _) = await application.Send(
            HttpMethod.Put,
            $"/api/jobs/{id}/covers/seat",
            """{ "position": 0, "cover": {} }""",
            ("If-None-Match", "*")
        );
        Assert.Equal(200, status);
        return id;
    }

    /// <summary>One event of the stream, up to its empty line.</summary>
    private static async Task<string> Event(StreamReader reader)
    {
        var lines = new List<string>();
        while (await reader.ReadLineAsync(TestContext.Current.CancellationToken) is { Length: > 0 } line)
        {
            lines.Add(line);
        }

        return string.Join('\n', lines);
    }
}
