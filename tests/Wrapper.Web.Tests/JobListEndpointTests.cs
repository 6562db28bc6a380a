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
            var jobs = System.Text.Json.Nodes.JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!.AsArray();
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
    public async Task A_page_that_is_none_is_told(string query, string about)
    {
        var (status, body, _) = await application.Send(HttpMethod.Get, $"/api/jobs?{query}");
        Assert.Equal(422, status);
        Assert.Equal(about, (string)body!["checks"]![0]!["measure"]!);
    }

    [GeneratedRegex("<([^>]*)>; rel=\"next\"")]
    private static partial Regex Next();
}
