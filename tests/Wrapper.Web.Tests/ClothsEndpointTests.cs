using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>What the open interface takes and gives of a cover of several cloths.</summary>
public sealed class ClothsEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Cloths = """
        "cloths": { "velvet": { "usableWidth": "54 in", "nap": "one-way", "price": 40 }, "stripe": { "width": "54 in", "selvage": "1/2 in",
          "price": 20 }, "check": { "width": "60 in", "price": 10 } }
        """;

    private const string Cube = """ "form": "pouf", "unit": "in", "measures": { "size": "18", "wrap": "2 1/4" } """;

    private const string Roles = """ "cloth": "velvet", "roles": { "strip": "stripe", "side": ["stripe", "check"] } """;

    [Fact]
    public async Task A_draft_says_the_role_and_the_cloth_of_each_piece()
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/draft", $"{{ {Cube}, {Cloths}, {Roles} }}");
        Assert.Equal(200, status);
        Assert.Equal(
            ["top velvet top,bottom", "strip stripe strip", "side-1 stripe side", "side-2 check side"],
            body!["pieces"]!.AsArray().Select(piece => $"{piece!["key"]} {piece["cloth"]} {string.Join(',', piece["roles"]!.AsArray())}")
        );
        Assert.Equal("top", (string)body["pieces"]![0]!["role"]!);
    }

    [Fact]
    public async Task A_cloth_said_as_an_object_is_main_and_takes_what_no_role_was_given()
    {
        var (_, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/draft",
            $$"""{ {{Cube}}, {{Cloths}}, "cloth": { "usableWidth": "50 in" }, "roles": { "top": "velvet" } }"""
        );
        Assert.Equal(
            ["top-top velvet", "top-bottom main", "strip main", "side main"],
            body!["pieces"]!.AsArray().Select(piece => $"{piece!["key"]} {piece["cloth"]}")
        );
        var (_, alone, _) = await application.Send(
            HttpMethod.Post,
            "/api/draft",
            $$"""{ {{Cube}}, "cloth": { "usableWidth": "50 in" } }"""
        );
        Assert.All(alone!["pieces"]!.AsArray(), piece => Assert.Equal("main", (string)piece!["cloth"]!));
    }

    [Theory]
    [InlineData(""" "roles": { "top": "silk" } """, "unknown-cloth", "roles.top")]
    [InlineData(""" "roles": { "side": ["velvet", "silk"] } """, "unknown-cloth", "roles.side")]
    [InlineData(""" "cloth": "silk" """, "unknown-cloth", "cloth")]
    [InlineData(""" "roles": { "top": { "of": 3 } } """, "unknown-cloth", "roles.top")]
    [InlineData(
        """
            "roles": { "side": ["velvet", "velvet", "velvet", "velvet", "velvet", "velvet", "velvet", "velvet", "velvet", "velvet",
            "velvet", "velvet", "velvet"] }
            """,
        "list-too-long",
        "roles.side"
    )]
    public async Task A_slip_is_named(string said, string code, string measure)
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/draft", $"{{ {Cube}, {Cloths}, {said} }}");
        Assert.Equal(422, status);
        Assert.Contains(body!["checks"]!.AsArray(), check => (string)check!["code"]! == code && (string)check["measure"]! == measure);
    }

    [Fact]
    public async Task A_cloth_that_cannot_be_read_is_named_by_its_key()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/draft",
            $$"""{ {{Cube}}, "cloths": { "velvet": { "width": "wide" } } }"""
        );
        Assert.Equal(422, status);
        Assert.Contains(body!["checks"]!.AsArray(), check => (string)check!["measure"]! == "cloths.velvet.width");
    }

    [Fact]
    public async Task Each_cloth_is_its_own_lay_and_the_money_is_of_all()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            $$"""
            { "unit": "in", "covers": [ { "key": "c", "cover": { {{Cube}}, {{Roles}} } } ], {{Cloths}}, "steps": 5,
            "drafts": ["c"] }
            """
        );
        Assert.Equal(200, status);
        var cloths = body!["cloths"]!.AsObject();
        Assert.Equal(["velvet", "stripe", "check"], cloths.Select(cloth => cloth.Key));
        Assert.Equal([2, 6, 2], cloths.Select(cloth => cloth.Value!["lay"]!["placements"]!.AsArray().Count));
        Assert.Equal(cloths.Sum(cloth => (decimal)cloth.Value!["buy"]!["cost"]!), (decimal)body["cost"]!);
        Assert.NotEmpty(cloths["velvet"]!["cuts"]!.AsArray());
        Assert.NotNull(body["covers"]!["c"]!["draft"]);
        Assert.Contains(body["notions"]!.AsArray(), notion => (string)notion!["kind"]! == "thread");

        // One of them asked about by itself gives the same lay of it, in the shape of a job of one cloth.
        var (_, one, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            $$"""
            { "unit": "in", "covers": [ { "key": "c", "cover": { {{Cube}}, {{Roles}} } } ], {{Cloths}},
            "cloth": { "key": "stripe", "width": "54 in", "selvage": "1/2 in" }, "steps": 5 }
            """
        );
        Assert.Equal((double)cloths["stripe"]!["buy"]!["buy"]!, (double)one!["buy"]!["buy"]!);
        Assert.Empty(one["notions"]!.AsArray()); // bought with the cover's own cloth
    }

    [Theory]
    [InlineData(""" "main": { "width": "54 in" }, "99990164": { "width": "94 in" } """)]
    // a browser writes keys that are numbers before the others
    [InlineData(""" "99990164": { "width": "94 in" }, "main": { "width": "54 in" } """)]
    public async Task A_cover_that_names_no_cloth_is_cut_from_the_main_one_wherever_it_stands(string cloths)
    {
        var (_, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            $$"""
            { "unit": "in", "covers": [ { "key": "c", "cover": { {{Cube}} } } ], "cloths": { {{cloths}} },
            "cloth": { "width": "54 in" }, "steps": 5, "drafts": ["c"] }
            """
        );
        Assert.Equal(10, body!["lay"]!["placements"]!.AsArray().Count);
        Assert.All(body["covers"]!["c"]!["draft"]!["pieces"]!.AsArray(), piece => Assert.Equal("main", (string)piece!["cloth"]!));
    }

    [Fact]
    public async Task A_role_that_names_a_cloth_which_was_not_sent_leaves_the_cover_out_and_says_so()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            $$"""
            { "unit": "in", "covers": [ { "key": "c", "cover": { {{Cube}}, "roles": { "strip": "gone" } } } ],
            "cloth": { "width": "54 in" }, "steps": 5 }
            """
        );
        Assert.Equal(200, status);
        Assert.Equal("c", (string)body!["leftOut"]![0]!);
        Assert.Contains(body["checks"]!.AsArray(), check => (string)check!["measure"]! == "roles.strip");
    }

    [Theory]
    [InlineData(""" "cloth": { "key": "silk", "width": "54 in" } """)]
    [InlineData(""" "cloths": {} """)]
    public async Task A_yardage_without_a_cloth_it_could_lay_is_refused(string said)
    {
        var (status, _, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            $$"""{ "unit": "in", "covers": [], {{(said.Contains("cloths", StringComparison.Ordinal) ? said : $"{Cloths}, {said}")}} }"""
        );
        Assert.Equal(422, status);
    }

    [Fact]
    public async Task Make_ups_are_compared_by_the_money_of_all_their_cloths()
    {
        const string seat = """
            "form": "box-cushion", "measures": { "width": "20", "depth": "18", "thickness": "4" },
            "options": { "piping": "both" }, "cloth": "velvet", "roles": { "piping": "check" }
            """;
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/make-ups",
            $$"""{ "unit": "in", "cover": { {{seat}} }, "cloth": { "key": "velvet", "usableWidth": "54 in", "price": 40 }, {{Cloths}} }"""
        );
        Assert.Equal(200, status);
        var piped = body!.AsArray().Single(way => (string)way!["kind"]! == "piping" && (string)way["word"]! == "both")!;
        var plain = body.AsArray().Single(way => (string)way!["kind"]! == "piping" && (string)way["word"]! == "none")!;
        Assert.Equal("check", (string)Assert.Single(piped["ofOthers"]!.AsArray())!["cloth"]!);
        Assert.Empty(plain["ofOthers"]!.AsArray());
        Assert.True((decimal)piped["cost"]! > (decimal)plain["cost"]!);
    }

    [Fact]
    public async Task A_stored_job_keeps_its_roles_and_writes_its_cloths_on_the_cut_list()
    {
        var (_, made, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs/import",
            $$"""
            { "format": 2, "name": "Two cloths", "unit": "in", "cloth": { "name": "Sand", "width": "54", "others": [ { "key": "n",
              "name": "Navy", "width": "54" } ] },
              "covers": [ { "id": "s", "name": "Seat", "form": "box-cushion", "measures": { "shape": "rectangle", "width": "20",
                "depth": "18", "thickness": "4" }, "roles": { "bottom": "n" } } ] }
            """
        );
        var id = (string)made!["id"]!;
        var (_, job, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{id}");
        Assert.Equal("n", (string)job!["covers"]![0]!["cover"]!["roles"]!["bottom"]!);
        Assert.True((bool)job["covers"]![0]!["complete"]!);
        var (_, list, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{id}/files/cut-list.csv");
        var text = ((JsonValue)list!).ToString();
        Assert.Contains("Top plate,1,0,Sand", text, StringComparison.Ordinal);
        Assert.Contains("Bottom plate,1,0,Navy", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_pieced_top_answers_its_strips_each_on_its_own_cloth()
    {
        const string pieced = """
            "options": { "pieced": { "top": { "run": "across", "parts": [ { "cloth": "stripe", "width": "4 in" }, "velvet",
            { "cloth": "check", "width": 101.6 } ] } } }
            """;
        const string seat = """ "form": "box-cushion", "unit": "in", "measures": { "width": "20", "depth": "18", "thickness": "4" } """;
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/draft",
            $$"""{ {{seat}}, {{pieced}}, "cloth": "velvet", {{Cloths}} }"""
        );
        Assert.Equal(200, status);
        var pieces = body!["pieces"]!.AsArray();
        Assert.Equal(
            [
                "plate plate-top pieced 21 x 19",
                "part plate-top-part-1 stripe 21 x 5",
                "part plate-top-part-2 velvet 21 x 11",
                "part plate-top-part-3 check 21 x 5",
            ],
            pieces
                .Take(4)
                .Select(piece => $"{piece!["id"]} {piece["key"]} {piece["cloth"]} {piece["cutWidthShown"]} x {piece["cutLengthShown"]}")
        );
        Assert.Equal(
            ["plate-top-part-1", "plate-top-part-2", "plate-top-part-3"],
            pieces[0]!["parts"]!.AsArray().Select(key => (string)key!)
        );
        Assert.Equal("top", (string)pieces[1]!["role"]!);
        Assert.Empty(pieces[1]!["parts"]!.AsArray());

        var (_, bought, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            $$"""
            { "unit": "in", "covers": [ { "key": "c", "cover": { {{seat}}, {{pieced}}, "cloth": "velvet" } } ], {{Cloths}},
            "steps": 5 }
            """
        );
        Assert.Equal([1, 1], new[] { "stripe", "check" }.Select(key => bought!["cloths"]![key]!["lay"]!["placements"]!.AsArray().Count));

        var (_, folded, _) = await application.Send(
            HttpMethod.Post,
            "/api/fold-up",
            $$"""{ {{seat}}, {{pieced}}, "cloth": "velvet", {{Cloths}} }"""
        );
        var top = folded!["facets"]!.AsArray().Single(facet => (string)facet!["piece"]! == "plate-top")!;
        Assert.Equal(3, top["strips"]!.AsArray().Count);

        var (refused, slips, _) = await application.Send(
            HttpMethod.Post,
            "/api/draft",
            $$"""
            { {{seat}}, "options": { "pieced": { "top": { "run": "across", "parts": [ "stripe" ] } } }, "cloth": "velvet",
            {{Cloths}} }
            """
        );
        Assert.Equal(422, refused);
        var slip = Assert.Single(slips!["checks"]!.AsArray(), check => (string)check!["code"]! == "pieced-count")!;
        Assert.Equal("options.pieced.top", (string)slip["mend"]!["path"]!);
    }

    [Theory]
    [InlineData("3")]
    [InlineData("[]")]
    [InlineData(""" { "top": 3 } """)]
    [InlineData(""" { "top": { "parts": 3 } } """)]
    [InlineData(""" { "top": { "run": [], "parts": [ [], {} ] } } """)]
    [InlineData(""" { "top": { "parts": [ { "cloth": {}, "width": {} }, null ] } } """)]
    public async Task Whatever_is_said_of_strips_is_answered(string pieced)
    {
        var (status, _, _) = await application.Send(
            HttpMethod.Post,
            "/api/draft",
            $$"""{ {{Cube}}, {{Cloths}}, "options": { "pieced": {{pieced}} } }"""
        );
        Assert.True(status is 200 or 422, $"{status}");
    }

    [Fact]
    public async Task A_stored_job_keeps_its_strips_and_its_cut_list_says_what_is_joined()
    {
        var (_, made, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs/import",
            $$"""
            { "format": 2, "name": "Strips", "unit": "in", "cloth": { "name": "Sand", "width": "54", "others": [ { "key": "n",
              "name": "Navy", "width": "54" } ] },
              "covers": [ { "id": "s", "name": "Seat", "form": "box-cushion", "measures": { "shape": "rectangle", "width": "20",
                "depth": "18", "thickness": "4" },
                "options": { "pieced": { "top": { "run": "along", "parts": [ { "cloth": "n" }, { "width": "5" } ] } } } } ] }
            """
        );
        var id = (string)made!["id"]!;
        var (_, job, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{id}");
        Assert.Equal("5", (string)job!["covers"]![0]!["cover"]!["options"]!["pieced"]!["top"]!["parts"]![1]!["width"]!);
        Assert.True((bool)job["covers"]![0]!["complete"]!);
        var (_, list, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{id}/files/cut-list.csv");
        var text = ((JsonValue)list!).ToString();
        Assert.Contains("Top plate,1,0,pieced", text, StringComparison.Ordinal);
        Assert.Contains("\"Top plate, strip 1\",1,0,Navy", text, StringComparison.Ordinal);
        Assert.Contains("\"Top plate, strip 2\",1,0,Sand", text, StringComparison.Ordinal);
    }
}
