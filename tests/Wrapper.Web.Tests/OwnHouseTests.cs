using System.Net;
using System.Text.Json.Nodes;
using Microsoft.Extensions.DependencyInjection;
using Wrapper.Web.Hosting;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>Nobody gets in by another name, from another page, or inside another page's frame.</summary>
public sealed class OwnHouseTests(Application application) : IClassFixture<Application>
{
    public static TheoryData<string, string> Asked =>
        new()
        {
            { "GET", "/api/jobs" },
            { "GET", "/api/jobs/none/live" },
            { "GET", "/api/tape/readings" },
            { "GET", "/" },
            { "POST", "/api/jobs" },
            { "DELETE", "/api/jobs/none" },
        };

    [Theory]
    [MemberData(nameof(Asked))]
    public async Task Another_name_than_ours_is_refused_whatever_is_asked(string method, string path)
    {
        // A name elsewhere that points here is of the same origin as its own page.
        var (status, body, _) = await application.Send(
            new(method),
            path,
            method == "GET" ? null : """{ "unit": "in" }""",
            ("Host", "evil.example"),
            ("Origin", "http://evil.example")
        );
        Assert.Equal(421, status);
        Assert.Contains("not a name of the computer", (string)body!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public void Our_names_and_addresses_are_known()
    {
        var house = new HostFilter(_ => Task.CompletedTask, SheetAddress.Read("192.0.2.7:5190"));
        var here = IPAddress.Parse("198.51.100.4");
        Assert.All(
            (string[])
                [
                    "localhost",
                    "LOCALHOST",
                    "127.0.0.1",
                    "127.8.8.8",
                    "[::1]",
                    "198.51.100.4",
                    "192.0.2.7",
                    Environment.MachineName,
                    $"{Environment.MachineName}.local",
                ],
            host => Assert.True(house.IsOwn(host, here), host)
        );
        Assert.All((string[])["evil.example", "localhost.evil.example", "198.51.100.5", "0.0.0.0", "", "[2001:db8::1]"], host =>
            Assert.False(house.IsOwn(host, here), host)
        );
        Assert.True(house.IsOwn("198.51.100.4", here.MapToIPv6()));
    }

    [Theory]
    [InlineData("cross-site", 403)]
    [InlineData("same-origin", 404)]
    [InlineData("none", 404)]
    public async Task A_write_without_a_body_from_another_site_is_refused(string from, int expected) =>
        Assert.Equal(expected, (await application.Send(HttpMethod.Post, "/api/jobs/none/restore", null, ("Sec-Fetch-Site", from))).Status);

    [Theory]
    [InlineData("/api/health")]
    [InlineData("/api/jobs/none")]
    [InlineData("/nowhere")]
    public async Task Every_answer_says_what_may_be_done_with_it(string path)
    {
        using var client = application.CreateClient();
        using var answer = await client.GetAsync(new Uri(path, UriKind.Relative), TestContext.Current.CancellationToken);
        string Header(string name) => string.Join(",", answer.Headers.TryGetValues(name, out var values) ? values : []);
        Assert.Equal("nosniff", Header("X-Content-Type-Options"));
        Assert.Equal("no-referrer", Header("Referrer-Policy"));
        Assert.Equal("same-origin", Header("Cross-Origin-Opener-Policy"));
        var policy = Header("Content-Security-Policy");
        Assert.Contains("frame-ancestors 'none'", policy, StringComparison.Ordinal);
        Assert.Contains("default-src 'none'", policy, StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe", policy, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_creation_sent_again_makes_one_job()
    {
        const string body = """{ "id": "twice-sent", "name": "Saloon", "unit": "in" }""";
        var (first, second) = (
            await application.Send(HttpMethod.Post, "/api/jobs", body),
            await application.Send(HttpMethod.Post, "/api/jobs", body)
        );
        Assert.Equal((201, 201, "twice-sent"), (first.Status, second.Status, (string)second.Body!["id"]!));
        Assert.Equal(first.Tag, second.Tag);
        Assert.Single((await application.Send(HttpMethod.Get, "/api/jobs")).Body!.AsArray(), job => (string)job!["id"]! == "twice-sent");
        Assert.Equal(200, (await application.Send(HttpMethod.Delete, "/api/jobs/twice-sent", null, ("If-Match", "\"1\""))).Status);
        Assert.Equal(200, (await application.Send(HttpMethod.Delete, "/api/jobs/twice-sent", null, ("If-Match", "\"1\""))).Status);
        Assert.Equal(409, (await application.Send(HttpMethod.Post, "/api/jobs", body)).Status);
        foreach (var id in (string[])["", "../x", "a b", new string('x', 65)])
        {
            Assert.Equal(
                422,
                (
                    await application.Send(HttpMethod.Post, "/api/jobs", new JsonObject { ["id"] = id, ["unit"] = "in" }.ToJsonString())
                ).Status
            );
        }
    }

    [Fact]
    public async Task A_copy_of_everything_is_a_store_of_its_own()
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "in-the-copy", "unit": "in" }""");
        using var client = application.CreateClient();
        using var answer = await client.GetAsync(new Uri("/api/backup", UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.Matches(@"^wrapper-\d{4}-\d\d-\d\d\.db$", answer.Content.Headers.ContentDisposition!.FileName);
        var file = Path.Combine(Directory.CreateTempSubdirectory("wrapper-copy").FullName, "wrapper.db");
        await File.WriteAllBytesAsync(
            file,
            await answer.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken),
            TestContext.Current.CancellationToken
        );
        Assert.NotNull(new Wrapper.Store.JobStore(new Wrapper.Store.Database(file), TimeProvider.System).Find("in-the-copy"));
    }

    [Fact]
    public async Task A_cover_sent_again_is_no_conflict_with_oneself()
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "again", "unit": "mm" }""");
        static string Cover(int width) =>
            $$"""
                { "position": 0, "cover": { "form": "box-cushion", "measures": { "width": {{width}}, "depth": 480,
                "thickness": 100 } } }
                """;
        await application.Send(HttpMethod.Put, "/api/jobs/again/covers/a", Cover(540), ("If-None-Match", "*"));
        var first = await application.Send(HttpMethod.Put, "/api/jobs/again/covers/a", Cover(550), ("If-Match", "\"1\""));
        var again = await application.Send(HttpMethod.Put, "/api/jobs/again/covers/a", Cover(550), ("If-Match", "\"1\""));
        Assert.Equal((200, 200, first.Tag), (first.Status, again.Status, again.Tag));
        Assert.Equal(412, (await application.Send(HttpMethod.Put, "/api/jobs/again/covers/a", Cover(560), ("If-Match", "\"1\""))).Status);
    }

    [Fact]
    public async Task A_store_held_by_another_says_so_and_takes_the_write_afterwards()
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "held", "unit": "in" }""");
        var file = application
            .Services.GetRequiredService<Microsoft.Extensions.Options.IOptions<ApplicationOptions>>()
            .Value.DatabaseFile();
        using var other = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={file};Pooling=false");
        other.Open();
        using var command = other.CreateCommand();
        command.CommandText = "BEGIN IMMEDIATE";
        command.ExecuteNonQuery();
        var waiting = application.Send(HttpMethod.Put, "/api/jobs/held", """{ "name": "Cabin", "unit": "in" }""", ("If-Match", "\"1\""));
        Assert.Equal(200, (await application.Send(HttpMethod.Get, "/api/jobs/held")).Status); // readers do not wait
        var (status, body, _) = await waiting;
        Assert.Equal(503, status);
        Assert.Contains("Another program holds", (string)body!["detail"]!, StringComparison.Ordinal);
        command.CommandText = "ROLLBACK";
        command.ExecuteNonQuery();
        Assert.Equal(
            200,
            (
                await application.Send(HttpMethod.Put, "/api/jobs/held", """{ "name": "Cabin", "unit": "in" }""", ("If-Match", "\"1\""))
            ).Status
        );
    }
}
