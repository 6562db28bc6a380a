using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>What the open interface takes and gives of a cloth beyond its width, well said and ill.</summary>
public sealed class RollEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Square = "[[0,0],[400,0],[400,400],[0,400]]";

    private const string Seat = """
        { "form": "box-cushion", "shape": "rectangle", "construction": "boxing-strip", "measures": { "width": "21 1/4",
        "depth": "19", "thickness": "4" } }
        """;

    [Fact]
    public async Task A_lay_takes_repeats_motifs_flaws_pins_remnants_and_halves_on_the_fold()
    {
        var (status, body, _) = await Lay(
            """
            "usableWidth": 1370, "curveSpace": "3 mm", "repeat": { "length": 300, "width": 450, "match": "half-drop", "motif": 225 },
            "flaws": [ { "from": 1500, "to": 1520 } ], "remnants": [ { "id": "end", "width": 450, "length": 450 } ]
            """,
            $$"""
            { "id": "seat", "quantity": 3, "outline": {{Square}}, "match": { "group": "a", "x": 200, "y": 200 } },
            { "id": "plain", "quantity": 2, "outline": {{Square}} },
            { "id": "half", "outline": [[0,0],[100,0],[100,100],[0,100]], "onFold": true }
            """,
            """, "pinned": [ { "piece": "plain", "copy": 2, "turn": 180, "x": 50, "y": 1000 } ]"""
        );
        Assert.Equal(200, status);
        var places = body!["placements"]!.AsArray().ToLookup(place => (string)place!["piece"]!, place => place!);
        Assert.Contains(places["plain"], place => (double)place["x"]! == 50 && (double)place["y"]! == 1000 && (int)place["turn"]! == 180);
        Assert.Contains(places["plain"], place => (string?)place["remnant"] == "end");
        Assert.All(places["seat"], place => Assert.Equal(0, Math.IEEERemainder((double)place["x"]! + 200 - 225, 450), 1e-6));
        Assert.Equal(1270, (double)Assert.Single(places["half"])["x"]!, 1e-6);
    }

    [Theory]
    [InlineData("\"repeat\": { \"width\": \"wide\" }", "", "unreadable", "repeat across")]
    [InlineData("\"repeat\": { \"match\": \"drop\" }", "", "unknown-choice", "match")]
    [InlineData("\"repeat\": { \"match\": \"half-drop\" }", "", "half-drop-without-repeats", "repeat")]
    [InlineData("\"curveSpace\": -1", "", "cloth-out-of-range", "curveSpace")]
    [InlineData("\"flaws\": [ { \"from\": 10 } ]", "", "measure-missing", "flaw 1, to")]
    [InlineData("\"flaws\": [ null ]", "", "measure-missing", "flaw 1, from")]
    [InlineData("\"remnants\": [ { \"width\": 10 } ]", "", "measure-missing", "remnant 1, length")]
    [InlineData("\"remnants\": [ { \"width\": 10, \"length\": -5 } ]", "", "remnant-out-of-range", "remnant 1")]
    [InlineData("\"space\": 0", ", \"pinned\": [ { \"piece\": \"a\" } ]", "pinned-unreadable", "a")]
    [InlineData("\"space\": 0", ", \"pinned\": [ null ]", "pinned-unreadable", "pinned")]
    [InlineData("\"space\": 0", ", \"pinned\": [ { \"piece\": \"a\", \"copy\": 7, \"x\": 0, \"y\": 0 } ]", "pinned-unknown", "a")]
    [InlineData("\"space\": 0", ", \"pinned\": [ { \"piece\": \"a\", \"x\": 1e300, \"y\": 0 } ]", "pinned-unreadable", "a")]
    [InlineData("\"space\": 0", ", \"pinned\": [ { \"piece\": \"a\", \"x\": 0, \"y\": -0.1 } ]", "pinned-outside", "a")]
    public async Task A_slip_is_named(string cloth, string more, string code, string about)
    {
        var (status, body, _) = await Lay($"\"usableWidth\": 1370, {cloth}", $$"""{ "id": "a", "outline": {{Square}} }""", more);
        Assert.Equal(422, status);
        Assert.Contains(body!["checks"]!.AsArray(), check => (string)check!["code"]! == code && (string)check["measure"]! == about);
    }

    [Fact]
    public async Task A_match_out_of_range_and_hostile_quantities_are_named()
    {
        async Task<string> CodeOf(string piece) =>
            (string)(await Lay("\"usableWidth\": 1370, \"repeat\": { \"length\": 300 }", piece)).Body!["checks"]![0]!["code"]!;
        Assert.Equal("outline-out-of-range", await CodeOf($$"""{ "id": "a", "outline": {{Square}}, "match": { "y": 1e9 } }"""));
        Assert.Equal("quantity-out-of-range", await CodeOf($$"""{ "id": "a", "quantity": -1, "outline": {{Square}} }"""));
        Assert.Equal("too-many-pieces", await CodeOf($$"""{ "id": "a", "quantity": 1000000, "outline": {{Square}} }"""));
        Assert.Equal(
            "too-much",
            await CodeOf(
                string.Join(", ", Enumerable.Range(0, 10_000).Select(i => $$"""{ "id": "{{i}}", "outline": [[0,0],[9,0],[9,9]] }"""))
            )
        );
    }

    [Fact]
    public async Task Yardage_says_the_order_of_cuts_what_is_left_and_what_matching_costs()
    {
        var yardage = await Buy(
            """
            { "width": "54", "repeatLength": "25", "spare": "10", "flaws": [ { "from": "40", "to": "41" } ],
            "remnants": [ { "name": "end", "width": "25", "length": "25" } ] }
            """
        );
        Assert.Empty(yardage["checks"]!.AsArray());
        Assert.NotNull(yardage["buy"]!["matching"]);
        Assert.Equal(1016, (double)yardage["cloth"]!["flaws"]![0]![2]!, 1e-6);
        Assert.Equal("end", (string)yardage["cloth"]!["remnants"]![0]!["id"]!);
        var cuts = yardage["cuts"]!.AsArray();
        Assert.Equal((double)yardage["lay"]!["length"]!, (double)cuts[^1]!["to"]!, 1e-6);
        var onRoll = yardage["lay"]!["placements"]!.AsArray().Count(place => place!["remnant"] is null);
        Assert.Equal(onRoll, cuts.Sum(stretch => stretch!["pieces"]!.AsArray().Sum(piece => (int)piece!["count"]!)));
        Assert.All(yardage["offcuts"]!.AsArray(), offcut =>
            Assert.True((double)offcut!["width"]! >= 304.8 && (double)offcut["length"]! >= 304.8)
        );
        Assert.All(yardage["pieces"]!.AsArray(), piece => Assert.NotEmpty(piece!["turns"]!.AsArray()));
    }

    [Theory]
    [InlineData("""{ "width": "54", "flaws": [ { "from": "x", "to": "2" } ] }""", "unreadable", "cloth.flaws.0")]
    [InlineData("""{ "width": "54", "flaws": [ null, { "from": "1" } ] }""", "flaw-unfinished", "cloth.flaws.1")]
    [InlineData("""{ "width": "54", "remnants": [ { "width": "10" } ] }""", "remnant-unfinished", "cloth.remnants.0")]
    [InlineData("""{ "width": "54", "spare": "lots" }""", "unreadable", "cloth.spare")]
    [InlineData(
        """{ "width": "54", "pinned": [ { "piece": "a/plate", "copy": 99, "turn": 0, "x": 0, "y": 0 }, null ] }""",
        "pin-left-out",
        "cloth.pinned"
    )]
    public async Task A_slip_in_a_jobs_cloth_is_named(string cloth, string code, string field)
    {
        var yardage = await Buy(cloth);
        Assert.Contains(yardage["checks"]!.AsArray(), check => (string)check!["code"]! == code && (string)check["measure"]! == field);
    }

    [Fact]
    public async Task A_shorter_lay_is_told_live_and_the_one_kept_holds()
    {
        using var client = application.CreateClient();
        var body = $$"""
                    { "unit": "in", "covers": [{ "key": "a", "cover": {{Seat.Replace("{ \"form\"",
                    "{ \"count\": \"6\", \"form\"", StringComparison.Ordinal)}} }], "cloth": { "width": "54" }, "steps": 200 }
                    """;
        using var response = await client.PostAsync(
            new Uri("/api/yardage/live", UriKind.Relative),
            new StringContent(body, System.Text.Encoding.UTF8, "application/json"),
            TestContext.Current.CancellationToken
        );
        var events = (await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))
            .Split("\n\n", StringSplitOptions.RemoveEmptyEntries)
            .Select(text => text.Split('\n'))
            .Select(lines => (Name: lines[0]["event: ".Length..], Told: JsonNode.Parse(lines[1]["data: ".Length..])!))
            .ToList();
        Assert.Equal("text/event-stream", response.Content.Headers.ContentType!.MediaType);
        Assert.Equal("end", events[^1].Name);
        Assert.NotNull(events[^1].Told["buy"]!["figure"]);
        var kept = events[^1].Told["lay"]!;
        var again = (
            await application.Send(
                HttpMethod.Post,
                "/api/yardage",
                body.Replace(
                        "\"width\": \"54\" }",
                        $"\"width\": \"54\", \"kept\": {kept["placements"]!.ToJsonString()} }}",
                        StringComparison.Ordinal
                    )
                    .Replace("\"steps\": 200", "\"steps\": 1", StringComparison.Ordinal)
            )
        ).Body!;
        Assert.Equal((double)kept["length"]!, (double)again["lay"]!["length"]!, 1e-6);
    }

    [Fact]
    public async Task Nothing_is_looked_for_on_a_cloth_that_cannot_be_read()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage/live",
            $$"""{ "unit": "in", "covers": [{ "key": "a", "cover": {{Seat}} }], "cloth": { "width": "wide" } }"""
        );
        Assert.Equal((422, "cloth.width"), (status, (string)body!["checks"]![0]!["measure"]!));
        Assert.Equal(
            422,
            (
                await application.Send(
                    HttpMethod.Post,
                    "/api/yardage/live",
                    """{ "unit": "ell", "covers": [], "cloth": { "width": "54" } }"""
                )
            ).Status
        );
    }

    [Fact]
    public async Task The_shelf_is_kept_with_the_houses_rules()
    {
        var (_, _, tag) = await application.Send(HttpMethod.Get, "/api/house");
        Assert.Equal(
            200,
            (
                await application.Send(
                    HttpMethod.Put,
                    "/api/house",
                    """
                    { "rules": { "keep": "15" }, "shelf": [ { "cloth": "Linen", "width": "20 in", "length": "31 in",
                    "from": "Settees" } ] }
                    """,
                    ("If-Match", tag!)
                )
            ).Status
        );
        var house = (await application.Send(HttpMethod.Get, "/api/house")).Body!["house"]!;
        Assert.Equal("Settees", (string)house["shelf"]![0]!["from"]!);
        Assert.Equal("15", (string)house["rules"]!["keep"]!);
    }

    private async Task<(int Status, JsonNode? Body, string? Tag)> Lay(string cloth, string pieces, string more = "") =>
        await application.Send(
            HttpMethod.Post,
            "/api/lay",
            $$"""{ "cloth": { {{cloth}} }, "steps": 20, "pieces": [ {{pieces}} ]{{more}} }"""
        );

    private async Task<JsonNode> Buy(string cloth)
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            $$"""{ "unit": "in", "covers": [{ "key": "a", "cover": {{Seat}} }], "cloth": {{cloth}}, "compare": true }"""
        );
        Assert.Equal(200, status);
        return body!;
    }
}
