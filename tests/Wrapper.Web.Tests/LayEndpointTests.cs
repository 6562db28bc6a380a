using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

public sealed class LayEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Request = """
        { "cloth": { "usableWidth": "53 in", "nap": "either", "space": 0 }, "steps": 50,
          "pieces": [ { "id": "plate", "quantity": 4, "outline": [[10,10],[10,518],[575.15,518],[575.15,10]], "turns": [0,180] },
                      { "id": "strip", "quantity": 2, "outline": [[0,0],[717,0],[717,82],[0,82]], "turns": [0,90,180,270] } ] }
        """;

    [Fact]
    public async Task Pieces_of_any_winding_and_place_are_laid_with_a_bound()
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/lay", Request);
        Assert.Equal(200, status);
        Assert.Equal(6, body!["placements"]!.AsArray().Count);
        Assert.InRange((double)body["length"]!, (double)body["bound"]!, (double)body["ruleOfThumb"]!);
        Assert.Contains(body["placements"]!.AsArray(), placement => (double)placement!["x"]! == 0 && (double)placement["y"]! == 0);
    }

    [Fact]
    public async Task The_same_steps_give_the_same_lay()
    {
        var (_, one, _) = await application.Send(HttpMethod.Post, "/api/lay", Request);
        var (_, other, _) = await application.Send(HttpMethod.Post, "/api/lay", Request);
        Assert.Equal(one!.ToJsonString(), other!.ToJsonString());
    }

    [Fact]
    public async Task Every_shorter_lay_is_told_live_and_the_last_is_the_one_the_same_steps_give_at_once()
    {
        var request = Many("\"steps\": 300");
        using var client = application.CreateClient();
        using var response = await client.PostAsync(
            new Uri("/api/lay/live", UriKind.Relative),
            Json(request),
            TestContext.Current.CancellationToken
        );
        var events = (await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))
            .Split("\n\n", StringSplitOptions.RemoveEmptyEntries)
            .Select(text => text.Split('\n'))
            .Select(lines => (Name: lines[0]["event: ".Length..], Lay: JsonNode.Parse(lines[1]["data: ".Length..])!))
            .ToList();
        Assert.Equal("text/event-stream", response.Content.Headers.ContentType!.MediaType);
        Assert.Equal("end", events[^1].Name);
        Assert.All(events[..^1], told => Assert.Equal("lay", told.Name));
        var lengths = events.Select(told => (double)told.Lay["length"]!).ToList();
        Assert.Equal(lengths.OrderDescending(), lengths);
        var (_, body, _) = await application.Send(HttpMethod.Post, "/api/lay", request);
        Assert.Equal(body!.ToJsonString(), events[^1].Lay.ToJsonString());
    }

    [Fact]
    public async Task Who_leaves_a_live_lay_is_let_go_at_once()
    {
        using var client = application.CreateClient();
        using var leaves = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/lay/live") { Content = Json(Many("\"seconds\": 60")) };
        using var response = await client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, leaves.Token);
        using var reader = new StreamReader(await response.Content.ReadAsStreamAsync(leaves.Token));
        Assert.Equal("event: lay", await reader.ReadLineAsync(leaves.Token));
        var clock = System.Diagnostics.Stopwatch.StartNew();
        await leaves.CancelAsync();
        await Assert.ThrowsAnyAsync<Exception>(async () => await reader.ReadToEndAsync(leaves.Token));
        Assert.True(clock.Elapsed.TotalSeconds < 30);
    }

    /// <summary>Sixty pieces of many sizes.</summary>
    private static string Many(string howLong) =>
        $$"""
            { "cloth": { "usableWidth": 1345 }, {{howLong}}, "pieces": [ {{string.Join(", ", Enumerable.Range(0, 60).Select(Piece))}} ] }
            """;

    private static string Piece(int i)
    {
        var (width, height) = (100 + (i * 37 % 331), 80 + (i * 53 % 271));
        return $$"""
            { "id": "{{i}}", "quantity": 1, "outline": [[0,0],[{{width}},0],[{{width}},{{height}}],[0,{{height}}]], "turns": [0,180] }
            """;
    }

    private static StringContent Json(string text) => new(text, System.Text.Encoding.UTF8, "application/json");

    [Fact]
    public async Task A_piece_wider_than_any_turn_allows_is_named()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/lay",
            Request.Replace("53 in", "50 cm", StringComparison.Ordinal)
        );
        Assert.Equal(422, status);
        Assert.Equal(("piece-wider-than-cloth", "plate"), ((string)body!["checks"]![0]!["code"]!, (string)body["checks"]![0]!["measure"]!));
    }
}
