using System.Text.RegularExpressions;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>The list of jobs is asked for in pages.</summary>
public sealed partial class JobListEndpointTests(Application application) : IClassFixture<Application>
{
    [Fact]
    public async Task Each_page_names_the_next_until_all_have_come()
    {
        for (var i = 0; i < 23; i++)
        {
            await application.Send(HttpMethod.Post, "/api/jobs", $$"""{ "id": "list-{{i}}", "name": "Listed & {{i}}", "unit": "in" }""");
        }

        using var client = application.CreateClient();
        var (address, ids, pages) = ("/api/jobs?limit=5&find=listed%20%26", new List<string>(), 0);
        while (address is not null)
        {
            using var answer = await client.GetAsync(new Uri(address, UriKind.Relative), TestContext.Current.CancellationToken);
            Assert.Equal(200, (int)answer.StatusCode);
            var jobs = System
                .Text.Json.Nodes.JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!
                .AsArray();
            ids.AddRange(jobs.Select(job => (string)job!["id"]!));
            address = answer.Headers.TryGetValues("Link", out var links) ? Next().Match(links.Single()).Groups[1].Value : null;
            pages++;
        }

        Assert.Equal(Enumerable.Range(0, 23).Reverse().Select(i => $"list-{i}"), ids);
        Assert.Equal(5, pages);
    }

    [Theory]
    [InlineData("limit=0", "limit")]
    [InlineData("limit=501", "limit")]
    [InlineData("after=nowhere", "after")]
    [InlineData("after=1~", "after")]
    [InlineData("stage=sewn", "stage")]
    [InlineData("sort=price", "sort")]
    public async Task A_page_that_is_none_is_told(string query, string about)
    {
        var (status, body, _) = await application.Send(HttpMethod.Get, $"/api/jobs?{query}");
        Assert.Equal(422, status);
        Assert.Equal(about, (string)body!["checks"]![0]!["measure"]!);
    }

    [Fact]
    public async Task A_list_sorted_by_name_goes_on_where_jobs_have_none()
    {
        for (var i = 0; i < 5; i++)
        {
            await application.Send(
                HttpMethod.Post,
                "/api/jobs",
                $$"""{ "id": "bare-{{i}}", "name": "", "client": "Bare ~ & %", "unit": "in" }"""
            );
        }

        using var client = application.CreateClient();
        foreach (var sort in (string[])["name", "client", "worked"])
        {
            var (address, ids) = ($"/api/jobs?limit=2&find=bare&sort={sort}", new List<string>());
            while (address is not null)
            {
                using var answer = await client.GetAsync(new Uri(address, UriKind.Relative), TestContext.Current.CancellationToken);
                var jobs = System
                    .Text.Json.Nodes.JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!
                    .AsArray();
                ids.AddRange(jobs.Select(job => (string)job!["id"]!));
                address = answer.Headers.TryGetValues("Link", out var links) ? Next().Match(links.Single()).Groups[1].Value : null;
            }

            Assert.Equal(5, ids.Distinct().Count());
            Assert.Equal(5, ids.Count);
        }
    }

    [Fact]
    public async Task A_job_says_how_far_it_is_and_what_was_found_to_buy_while_it_stands()
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "staged", "name": "Staged", "unit": "in" }""");
        async Task<System.Text.Json.Nodes.JsonNode?> Line(string more = "") =>
            (await application.Send(HttpMethod.Get, $"/api/jobs?find=staged{more}")).Body!.AsArray().SingleOrDefault();
        Assert.Equal("measure", (string)(await Line())!["stage"]!);

        using var client = application.CreateClient();
        async Task<System.Text.Json.Nodes.JsonNode> Put(string address, string body, string header, string value)
        {
            using var request = new HttpRequestMessage(HttpMethod.Put, address)
            {
                Content = new StringContent(body, System.Text.Encoding.UTF8, "application/json"),
            };
            request.Headers.TryAddWithoutValidation(header, value);
            using var answer = await client.SendAsync(request, TestContext.Current.CancellationToken);
            return System.Text.Json.Nodes.JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
        }

        var saved = await Put(
            "/api/jobs/staged/covers/one",
            """{ "position": 0, "cover": { "form": "bolster", "measures": { "diameter": "7", "length": "22" } } }""",
            "If-None-Match",
            "*"
        );
        Assert.Equal("A", (string)saved["letter"]!);
        Assert.Equal("cut", (string)(await Line())!["stage"]!);
        Assert.Null(await Line("&stage=measure"));

        const string Found = """
            { "heading": 1, "cloth": 1, "covers": { "one": 1 }, "figures": [{ "cloth": "Ticking", "figure": "1½", "unit": "yd",
            "cost": 12.5 }] }
            """;
        Assert.Null((await Line())!["figures"]);
        Assert.True((bool)(await application.Send(HttpMethod.Put, "/api/jobs/staged/figures", Found)).Body!["kept"]!);
        Assert.Equal("1½", (string)(await Line())!["figures"]![0]!["figure"]!);
        Assert.False(
            (bool)
                (
                    await application.Send(
                        HttpMethod.Put,
                        "/api/jobs/staged/figures",
                        Found.Replace("\"one\": 1", "\"one\": 2", StringComparison.Ordinal)
                    )
                ).Body!["kept"]!
        );
        Assert.False((bool)(await application.Send(HttpMethod.Put, "/api/jobs/nowhere/figures", Found)).Body!["kept"]!);
        Assert.Equal(
            422,
            (
                await application.Send(
                    HttpMethod.Put,
                    "/api/jobs/staged/figures",
                    Found.Replace("1½", new string('9', 50), StringComparison.Ordinal)
                )
            ).Status
        );

        await Put("/api/jobs/staged/archived", """{ "archived": true }""", "If-Match", "\"1\"");
        Assert.Null(await Line());
        Assert.True((bool)(await Line("&archived=true"))!["archived"]!);
        Assert.Null((await Line("&archived=true"))!["figures"]); // it has been written since
    }

    [GeneratedRegex("<([^>]*)>; rel=\"next\"")]
    private static partial Regex Next();
}
