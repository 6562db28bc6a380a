using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>The order of sewing in its open shape.</summary>
public sealed class SewingEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Cushion = """
        { "unit": "in", "form": "box-cushion", "measures": { "width": "20", "depth": "18", "thickness": "4" },
          "construction": "boxing-strip", "options": { "slidePocket": true, "piping": "both" } }
        """;

    [Fact]
    public async Task An_order_names_its_pieces_points_and_runs()
    {
        var cover = Assert.Single(await Sewn(Cushion));
        Assert.Equal((1, "each"), ((int)cover!["cover"]!, (string)cover["finish"]!));
        var operations = cover["operations"]!.AsArray().ToDictionary(operation => (string)operation!["id"]!);
        Assert.Equal(operations.Keys.Order(), cover["order"]!.AsArray().Select(id => (string)id!).Order());
        var seams = cover["seams"]!.AsArray().ToDictionary(seam => (string)seam!["id"]!);
        Assert.DoesNotContain(seams.Keys, id => id.StartsWith("pocket", StringComparison.Ordinal));
        Assert.Equal(["plate/2", "boxing"], seams["bottom-front"]!["sides"]!.AsArray().Select(side => (string)side!["piece"]!));
        Assert.Equal(2, seams["bottom-front"]!["ends"]!.AsArray().Count);
        var zip = operations["zip-zip"]!;
        Assert.Equal(("zip", "zip"), ((string)zip["kind"]!, (string)zip["seam"]!));
        Assert.Equal(["slide-inside"], zip["stops"]!.AsArray().Select(stop => (string)stop!));
        var closing = Assert.Single(operations.Values, operation => (bool)operation!["closes"]!)!;
        Assert.Contains("open-zip", closing["stops"]!.AsArray().Select(stop => (string)stop!));
        Assert.Equal("top-back", (string)operations["seam-top-back"]!["seams"]![0]!);
        Assert.Null(operations["seam-top-back"]!["turn"]);
        Assert.Equal("end-1-upper", (string)operations["pocket-end-1-upper"]!["seams"]![0]!);
    }

    [Fact]
    public async Task A_set_in_batches_says_the_place_of_each_operation_in_the_whole()
    {
        var request = JsonNode.Parse(Cushion)!;
        (request["count"], request["batch"], request["schools"]) = (3, true, new JsonObject { ["finish"] = "none" });
        var covers = await Sewn(request.ToJsonString());
        var group = Assert.Single(covers)!; // covers alike are answered once
        Assert.Equal((1, 3), ((int)group["cover"]!, (int)group["covers"]!));
        var turns = group["operations"]!.AsArray().Select(operation => (int)operation!["turn"]!).Order().ToList();
        // the first cover's place; the other two follow at once
        Assert.Equal(Enumerable.Range(0, turns.Count).Select(place => (place * 3) + 1), turns);
    }

    [Fact]
    public async Task A_set_of_ten_thousand_is_answered_as_briefly_as_one()
    {
        var (one, many) = (JsonNode.Parse(Cushion)!, JsonNode.Parse(Cushion)!);
        many["count"] = 10_000;
        var (single, set) = (Assert.Single(await Sewn(one.ToJsonString()))!, Assert.Single(await Sewn(many.ToJsonString()))!);
        Assert.Equal(10_000, (int)set["covers"]!);
        set["covers"] = single["covers"]!.DeepClone();
        Assert.Equal(single.ToJsonString().Length, set.ToJsonString().Length);
    }

    [Theory]
    [InlineData("schools", """{ "ring": "square" }""", "unknown-school", "schools.ring")]
    [InlineData("measures", """{ "width": "20", "depth": "", "thickness": "4" }""", "measure-missing", "depth")]
    public async Task An_unknown_school_and_an_unfinished_cover_are_told(string part, string said, string code, string measure)
    {
        var request = JsonNode.Parse(Cushion)!;
        request[part] = JsonNode.Parse(said);
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/sewing", request.ToJsonString());
        Assert.Equal(422, status);
        Assert.Contains(body!["checks"]!.AsArray(), check => (string)check!["code"]! == code && (string)check["measure"]! == measure);
    }

    [Fact]
    public async Task A_drafts_steps_are_the_order_in_short()
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/draft", Cushion);
        Assert.Equal(200, status);
        var steps = body!["steps"]!.AsArray().Select(step => (string)step!["text"]!).ToList();
        Assert.Equal(13, steps.Count);
        Assert.StartsWith("Join the casing strips and cover the cord", steps[0], StringComparison.Ordinal);
        Assert.Equal("Put the filling in, the softest on top and into the corners.", steps[^1]);
    }

    private async Task<JsonArray> Sewn(string request)
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/sewing", request);
        Assert.Equal(200, status);
        return body!.AsArray();
    }
}
