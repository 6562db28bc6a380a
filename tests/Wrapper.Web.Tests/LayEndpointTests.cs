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
    public async Task A_piece_wider_than_any_turn_allows_is_named()
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/lay", Request.Replace("53 in", "50 cm", StringComparison.Ordinal));
        Assert.Equal(422, status);
        Assert.Equal(("piece-wider-than-cloth", "plate"), ((string)body!["checks"]![0]!["code"]!, (string)body["checks"]![0]!["measure"]!));
    }
}
