using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

public sealed class DraftEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Inches = """
        { "unit": "in", "form": "box-cushion", "measures": { "shape": "rectangle", "width": "21 1/4", "depth": 482.6, "thickness": "4 in" },
          "measuredFrom": "filling",
          "construction": "boxing-strip", "rules": { "seam": "1/2", "zip": "3/4", "zipTurn": "3", "pocketLap": "1", "fit": { "width": 0 } },
            "options": { "slidePocket": true, "piping": "both" } }
        """;

    private const string Metric = """
        { "unit": "mm", "form": "box-cushion", "measures": { "width": 539.75, "depth": "48,26 cm", "thickness": "101.6" },
          "rules": { "seam": 12.7, "zip": 19.05, "zipTurn": 76.2, "pocketLap": 25.4 }, "options": { "slidePocket": "true",
            "piping": "both" } }
        """;

    [Theory]
    [InlineData(Inches)]
    [InlineData(Metric)]
    public async Task The_worked_example_is_right_in_inches_and_metric(string request)
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/draft", request);
        Assert.Equal(200, status);
        Assert.Equal(
            [("plate", 2, 565.15, 508.0), ("zip-boxing", 2, 717.55, 82.55), ("boxing", 1, 1479.55, 127.0)],
            body!["pieces"]!
                .AsArray()
                .Select(piece =>
                    (
                        (string)piece!["id"]!,
                        (int)piece["quantity"]!,
                        Math.Round((double)piece["cutWidth"]!, 4),
                        Math.Round((double)piece["cutLength"]!, 4)
                    )
                )
        );
        Assert.All(body["seams"]!.AsArray(), seam =>
        {
            Assert.Equal(2, seam!["sides"]!.AsArray().Count);
            Assert.Equal(0, (double)seam["difference"]!, 1e-6);
        });
        Assert.Contains(body["working"]!.AsArray(), line =>
            (string)line!["for"]! == "plate.cutWidth" && (string)line["expression"]! is "21¼ + 2 × ½" or "539.75 + 2 × 12.7"
        );
    }

    [Theory]
    [InlineData("width", "0", "measure-zero")]
    [InlineData("width", "-3", "measure-negative")]
    [InlineData("depth", "21 m", "measure-huge")]
    [InlineData("thickness", "four", "unreadable")]
    [InlineData("thickness", "", "measure-missing")]
    public async Task A_bad_measure_is_422_and_named(string measure, string text, string code)
    {
        var request = JsonNode.Parse(Inches)!;
        request["measures"]![measure] = text;
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/draft", request.ToJsonString());
        Assert.Equal(422, status);
        var check = Assert.Single(body!["checks"]!.AsArray());
        Assert.Equal((code, measure, "error"), ((string)check!["code"]!, (string)check["measure"]!, (string)check["level"]!));
        Assert.Equal(2, body["measures"]!.AsObject().Count);
    }

    [Fact]
    public async Task Of_the_zones_of_a_loose_cover_each_length_that_can_be_read_is_answered_by_its_place()
    {
        var request = """
            { "unit": "in", "form": "slipcover", "measures": { "shape": "zones", "zones": [
              { "name": "Inside back", "width": "12 + 12", "height": "tall" }, { "name": "Deck", "width": "", "height": "21" },
                { "width": "26", "height": "9" } ] } }
            """;
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/draft", request);
        Assert.Equal(422, status);
        Assert.Equal(
            ["zones.0.width 609.6", "zones.1.height 533.4", "zones.2.height 228.6", "zones.2.width 660.4"],
            body!["measures"]!
                .AsObject()
                .Select(measure => FormattableString.Invariant($"{measure.Key} {(double)measure.Value!["value"]!:0.0}"))
                .Order()
        );
        Assert.Equal(2, body["checks"]!.AsArray().Count(check => (string)check!["level"]! == "error"));
    }

    [Fact]
    public async Task Of_the_corners_of_an_outline_each_length_that_can_be_read_is_answered_by_its_place()
    {
        var request = """
            { "unit": "cm", "form": "box-cushion", "measures": { "shape": "outline", "points": [["0", "0", "2"], ["40", "off"], ["40",
              "30"], ["0", "30"]], "thickness": "10" } }
            """;
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/draft", request);
        Assert.Equal(422, status);
        var read = body!["measures"]!
            .AsObject()
            .Where(measure => measure.Key.StartsWith("points", StringComparison.Ordinal))
            .ToDictionary(measure => measure.Key, measure => (double)measure.Value!["value"]!);
        Assert.Equal((0, 20, 400, 300), (read["points.0.x"], read["points.0.rise"], read["points.1.x"], read["points.2.y"]));
        Assert.False(read.ContainsKey("points.1.y"));
    }

    [Fact]
    public async Task A_contradiction_is_422_and_names_what_it_hangs_on()
    {
        var request = JsonNode.Parse(Inches)!;
        request["rules"]!["zipTurn"] = "19";
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/draft", request.ToJsonString());
        Assert.Equal(422, status);
        var check = Assert.Single(body!["checks"]!.AsArray());
        Assert.Equal(
            ("zip-turn-too-far", "zipTurn", "rules.zipTurn"),
            ((string)check!["code"]!, (string)check["measure"]!, (string)check["mend"]!["path"]!)
        );
    }

    /// <summary>Requests that are wrong in their shape or their values; none may end in a fault of the server.</summary>
    public static TheoryData<string, string> Hostile =>
        new()
        {
            { "/api/draft", "" },
            { "/api/draft", "null" },
            { "/api/draft", "{" },
            { "/api/draft", "[]" },
            { "/api/draft", "{}" },
            { "/api/draft", """{ "form": 7 }""" },
            { "/api/draft", """{ "form": "box-cushion", "measures": { "width": [1], "depth": { "a": 1 }, "thickness": null } }""" },
            { "/api/draft", """{ "form": "box-cushion", "measures": { "width": 1e400, "depth": 1e28, "thickness": -1e30 } }""" },
            {
                "/api/draft",
                """
                    { "form": "box-cushion", "measures": { "width": true, "depth": 400, "thickness": 100 }, "rules": { "fit": 5,
                    "seam": {} } }
                    """
            },
            {
                "/api/draft",
                """
                    { "form": "box-cushion", "measures": { "width": 400, "depth": 400, "thickness": 100 },
                    "options": { "padding": "x", "piping": {} }, "count": 1e20 }
                    """
            },
            {
                "/api/draft",
                """
                    { "form": "box-cushion", "measures": { "width": 400, "depth": 400, "thickness": 100 },
                    "options": { "padding": [{}, 3, null] }, "cloth": { "usableWidth": "wide" } }
                    """
            },
            {
                "/api/draft",
                """
                    { "form": "box-cushion", "measures": { "width": 400, "depth": 400, "thickness": 100 },
                    "cloth": { "usableWidth": 1e27, "nap": "sideways" } }
                    """
            },
            { "/api/lay", "null" },
            { "/api/lay", "{}" },
            { "/api/lay", """{ "cloth": { "usableWidth": 1000 }, "pieces": [null] }""" },
            {
                "/api/lay",
                """
                    { "cloth": { "usableWidth": 1000 }, "pieces": [{ "id": "a", "quantity": 1000000, "outline": [[0,0],[1,0],[1,1]],
                    "turns": [0] }] }
                    """
            },
            {
                "/api/lay",
                """
                    { "cloth": { "usableWidth": 1000 }, "pieces": [{ "id": "a", "quantity": 1, "outline": [[0,0],[1e300,0],[1,1]],
                    "turns": [0] }] }
                    """
            },
            {
                "/api/lay",
                """
                    { "cloth": { "usableWidth": 1000 }, "pieces": [{ "id": "a", "quantity": 1, "outline": [[0,0],[5],[1,1]],
                    "turns": [] }] }
                    """
            },
            {
                "/api/lay",
                """
                    { "cloth": { "usableWidth": 1000, "space": "-1" }, "pieces": [{ "id": "a", "quantity": 1,
                    "outline": [[0,0],[9,0],[9,9]], "turns": [0] }], "steps": -4 }
                    """
            },
            {
                "/api/lay",
                """
                    { "cloth": { "usableWidth": 1000 }, "pieces": [{ "id": "a", "quantity": 1,
                    "outline": [[0,0],[100,100],[100,0],[0,70]], "turns": [0] }] }
                    """
            },
            {
                "/api/lay/live",
                """
                    { "cloth": { "usableWidth": 1000 }, "pieces": [{ "id": "a", "quantity": 10000, "outline": [[0,0],[9,0],[9,9]],
                    "turns": [0] }] }
                    """
            },
            { "/api/lay/live", "{}" },
            {
                "/api/lay",
                """
                    { "cloth": { "usableWidth": 100 }, "pieces": [{ "id": "a", "quantity": 1,
                    "outline": [[0,0],[900,0],[900,900],[0,900]], "turns": [0, 90] }] }
                    """
            },
            { "/api/yardage", "{}" },
            { "/api/yardage", """{ "unit": "ell", "covers": [], "cloth": {} }""" },
            { "/api/yardage", """{ "unit": "in", "covers": [null], "cloth": {} }""" },
            { "/api/yardage", """{ "unit": "in", "covers": [{ "key": "a", "cover": {} }, { "key": "a", "cover": {} }], "cloth": {} }""" },
            { "/api/yardage", """{ "unit": "in", "covers": [{ "key": "a", "cover": { "measures": 5 } }], "cloth": { "width": "54" } }""" },
            { "/api/yardage", """{ "unit": "in", "covers": [{ "key": "a", "cover": {} }], "cloth": 5 }""" },
            { "/api/jobs", """{ "unit": "ell" }""" },
            { "/api/jobs", """{ "unit": null, "name": 5 }""" },
        };

    [Theory]
    [MemberData(nameof(Hostile))]
    public async Task Hostile_requests_are_refused_with_a_reason(string path, string request)
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, path, request);
        Assert.InRange(status, 400, 422);
        Assert.NotNull(body!["title"]);
    }

    [Fact]
    public async Task A_cloth_of_nulls_is_not_said_yet()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            """{ "unit": "in", "covers": [{ "key": "a", "cover": { "measures": null } }], "cloth": { "width": null } }"""
        );
        Assert.Equal(200, status);
        Assert.Null(body!["buy"]);
        Assert.Contains(body["checks"]!.AsArray(), check => (string)check!["measure"]! == "cloth.width");
    }

    [Fact]
    public async Task A_cover_full_of_nulls_is_unfinished_and_no_fault()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            """
            { "unit": "in", "covers": [{ "key": "a", "cover": { "measures": { "width": null }, "options": { "piping": null },
            "padding": [null], "count": "six" } }], "cloth": { "width": "54" }, "drafts": ["a", "b"] }
            """
        );
        Assert.Equal(200, status);
        Assert.Null(body!["buy"]);
        Assert.Equal("a", (string)body["leftOut"]![0]!);
        Assert.Contains(body["covers"]!["a"]!["checks"]!.AsArray(), check => (string)check!["measure"]! == "count");
    }
}
