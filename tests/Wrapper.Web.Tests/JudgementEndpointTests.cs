using Xunit;

namespace Wrapper.Web.Tests;

public sealed class JudgementEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Bolster =
        """{ "unit": "in", "form": "bolster", "measures": { "diameter": "6 1/2", "length": "24" }, "rules": { "seam": "3/8" } }""";

    [Fact]
    public async Task A_figure_from_paper_agrees_or_its_slip_is_named()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/own-figure",
            $$"""{ "cover": {{Bolster}}, "for": "band.cutLength", "figure": "24 1/4" }"""
        );
        Assert.Equal(200, status);
        Assert.False((bool)body!["agrees"]!);
        Assert.Contains(body["slips"]!.AsArray(), slip => (string)slip!["code"]! == "circumference-at-raw-edge");

        (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/own-figure",
            $$"""{ "cover": {{Bolster}}, "for": "band.cutWidth", "figure": "24 3/4" }"""
        );
        Assert.Equal((200, true), (status, (bool)body!["agrees"]!));
    }

    [Theory]
    [InlineData("""{ "cover": COVER, "for": "lid.cutWidth", "figure": "2" }""", 422, "unknown-number")]
    [InlineData("""{ "cover": COVER, "for": "band.cutWidth", "figure": "two" }""", 422, "unreadable")]
    [InlineData("""{ "cover": { "form": "bolster", "measures": {} }, "for": "band.cutWidth", "figure": "2" }""", 422, "measure-missing")]
    public async Task What_cannot_be_judged_is_told(string request, int expected, string code)
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/own-figure",
            request.Replace("COVER", Bolster, StringComparison.Ordinal)
        );
        Assert.Equal(expected, status);
        Assert.Contains(body!["checks"]!.AsArray(), check => (string)check!["code"]! == code);
    }

    private const string Duvets = """
        { "unit": "in", "covers": [{ "key": "a", "cover": { "form": "duvet", "construction": "bag", "measures": { "width": "78",
        "length": "80" } } }], "cloth": { "width": "54 in", "others": [{ "key": "wide", "width": "110 in" }] } }
        """;

    [Theory]
    [InlineData("", "9 1/2", true, "")]
    [InlineData("", "9.5 yd", true, "")]
    [InlineData("", "4 3/4", false, "widths-forgotten")]
    [InlineData("", "9 1/4", false, "rounded-down")]
    [InlineData("", "9.5 m", false, "yards-and-metres")]
    [InlineData("\"cloth\": \"wide\", ", "9 1/2", false, "")]
    public async Task A_figure_for_the_cloth_is_held_against_what_is_bought(string cloth, string figure, bool agrees, string slip)
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/own-figure",
            $$"""{ "yardage": {{Duvets}}, {{cloth}}"for": "cloth", "figure": "{{figure}}" }"""
        );
        Assert.Equal((200, agrees), (status, (bool)body!["agrees"]!));
        Assert.Equal(slip.Length > 0, body["slips"]!.AsArray().Any(found => (string)found!["code"]! == slip));
        Assert.Equal(cloth.Length == 0 ? "9½ yd" : "4¾ yd", (string)body["shown"]!);
    }

    [Theory]
    [InlineData("""{ "for": "cloth", "figure": "2" }""", "nothing-to-buy")]
    [InlineData("""{ "for": "band.cutWidth", "figure": "2" }""", "unknown-number")]
    [InlineData("""{ "yardage": YARDAGE, "cloth": "velvet", "for": "cloth", "figure": "2" }""", "unknown-cloth")]
    [InlineData("""{ "yardage": YARDAGE, "for": "cloth", "figure": "two" }""", "unreadable")]
    [InlineData(
        """{ "yardage": { "unit": "in", "covers": [], "cloth": { "width": "54 in" } }, "for": "cloth", "figure": "2" }""",
        "nothing-to-buy"
    )]
    [InlineData(
        """
            { "yardage": { "unit": "in", "covers": [{ "key": "a", "cover": { "form": "duvet", "construction": "bag",
            "measures": { "width": "78" } } }], "cloth": { "width": "54 in" } }, "for": "cloth", "figure": "2" }
            """,
        "measure-missing"
    )]
    [InlineData(
        """{ "yardage": { "unit": "in", "covers": [], "cloth": { "width": "wide" } }, "for": "cloth", "figure": "2" }""",
        "unreadable"
    )]
    public async Task A_figure_for_the_cloth_that_cannot_be_judged_is_told(string request, string code)
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/own-figure",
            request.Replace("YARDAGE", Duvets, StringComparison.Ordinal)
        );
        Assert.Equal(422, status);
        Assert.Contains(body!["checks"]!.AsArray(), check => (string)check!["code"]! == code);
    }

    [Fact]
    public async Task The_diameter_of_a_roll_deserves_the_second_reading()
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/sensitivity", Bolster);
        Assert.Equal(200, status);
        Assert.Equal("diameter", (string)body!.AsArray()[0]!["measure"]!);
        Assert.Equal(Math.PI * 6.35, (double)body.AsArray()[0]!["worst"]!, 1e-3);
    }

    [Fact]
    public async Task A_roll_folds_up_and_closes()
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/fold-up", Bolster);
        Assert.Equal(200, status);
        Assert.True((bool)body!["closes"]!);
        Assert.Empty(body["problems"]!.AsArray());
        Assert.True((double)body["gap"]! < 0.1);
        Assert.True(body["facets"]!.AsArray().Count > 20);
    }

    /// <summary>
    /// The folded cover is answered as one meets the thing: across, front to back, and up. A headboard and a chair back stand, a roll lies
    /// along.
    /// </summary>
    [Theory]
    [InlineData("""{ "unit": "mm", "form": "headboard", "measures": { "width": 1400, "height": 650, "thickness": 80 } }""", 1400, 80, 650)]
    [InlineData(
        """{ "unit": "mm", "form": "chair-back", "measures": { "width": 470, "height": 530, "thickness": 60 }, "rules": { "ease": 0 } }""",
        470,
        60,
        530
    )]
    [InlineData("""{ "unit": "mm", "form": "bolster", "measures": { "diameter": 180, "length": 600 } }""", 180, 600, 180)]
    [InlineData("""{ "unit": "mm", "form": "box-cushion", "measures": { "width": 500, "depth": 450, "thickness": 80 } }""", 500, 450, 80)]
    public async Task A_folded_cover_stands_as_its_thing_does(string request, double across, double along, double up)
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/fold-up", request);
        Assert.Equal(200, status);
        var places = body!["facets"]!
            .AsArray()
            .SelectMany(facet => facet!["space"]!.AsArray())
            .Select(place => place!.AsArray().Select(value => (double)value!).ToArray())
            .ToList();
        double Reach(int axis) => places.Max(place => place[axis]) - places.Min(place => place[axis]);
        Assert.True(
            Math.Abs(Reach(2) - up) < 2
                && new[] { Reach(0), Reach(1) }
                    .Order()
                    .Zip(new[] { across, along }.Order())
                    .All(pair => Math.Abs(pair.First - pair.Second) < 2),
            $"{Reach(0)} × {Reach(1)} × {Reach(2)}"
        );
    }

    /// <summary>The catalogue says of each shape how it stands, and the screens ask nothing else.</summary>
    [Fact]
    public async Task The_catalogue_says_how_things_stand()
    {
        var (status, body, _) = await application.Send(HttpMethod.Get, "/api/forms", null);
        Assert.Equal(200, status);
        var stands = body!["forms"]!
            .AsArray()
            .SelectMany(form => form!["shapes"]!.AsArray().Select(shape => $"{form["id"]}/{shape!["id"]} {shape["stands"]}"))
            .Where(line => !line.EndsWith(" lying", StringComparison.Ordinal));
        Assert.Equal(
            [
                "bolster/round on-its-side",
                "chair-back/posts upright",
                "chair-back/rounded upright",
                "chair-back/square upright",
                "changing-pad/contoured upright",
                "headboard/square upright",
            ],
            stands.Order(StringComparer.Ordinal)
        );
    }

    [Theory]
    [InlineData(
        """
            { "unit": "mm", "form": "box-cushion", "measures": { "shape": "outline", "thickness": 80,
            "points": [[0,0],[500,0],[520,300,15],[400,480],[0,450]] } }
            """
    )]
    [InlineData(
        """
            { "unit": "mm", "form": "box-cushion", "measures": { "shape": "outline", "thickness": 80,
            "points": "0, 0; 500, 0; 520, 300, 15; 400, 480; 0, 450" } }
            """
    )]
    [InlineData(
        """
            { "unit": "mm", "form": "seat-pad", "measures": { "shape": "stations", "depth": 400, "thickness": 0,
            "stations": [{ "at": 0, "width": 420 }, { "at": "200 mm", "width": 430 }, { "at": 400, "width": "36 cm" }] } }
            """
    )]
    [InlineData(
        """
            { "unit": "in", "form": "slipcover", "measures": { "zones": [{ "name": "Deck", "width": "22", "height": "21",
            "tucks": ["left"], "freeTuck": "2" }] } }
            """
    )]
    [InlineData(
        """
            { "unit": "in", "form": "table", "measures": { "width": "46", "depth": "30", "drop": "6" },
            "options": { "obstacles": [{ "side": "front", "from": "12", "length": "10", "drop": "4" }],
            "corrections": [{ "side": "left", "by": "-1/4" }] } }
            """
    )]
    public async Task Lists_are_read_from_objects_arrays_and_texts(string request)
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/draft", request);
        Assert.True(status == 200, body?.ToJsonString());
        Assert.NotEmpty(body!["pieces"]!.AsArray());
    }

    [Theory]
    [InlineData("""{ "form": "box-cushion", "measures": { "shape": "outline", "thickness": 80, "points": "rubbish" } }""")]
    [InlineData("""{ "form": "box-cushion", "measures": { "shape": "outline", "thickness": 80, "points": { "x": [] } } }""")]
    [InlineData("""{ "form": "slipcover", "measures": { "zones": [7, null, "deck", { "count": "many" }] } }""")]
    [InlineData(
        """
            { "form": "table", "measures": { "width": 900, "depth": 600, "drop": 100 }, "options": { "obstacles": true, "legs": "x",
            "corrections": [[]] } }
            """
    )]
    public async Task Rubbish_in_a_list_is_told_and_never_a_fault(string request) =>
        Assert.Equal(422, (await application.Send(HttpMethod.Post, "/api/draft", request)).Status);
}
