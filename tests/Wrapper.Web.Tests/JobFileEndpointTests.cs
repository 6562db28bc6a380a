using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

public sealed class JobFileEndpointTests(Application application) : IClassFixture<Application>
{
    private static readonly string Demo = Path.Combine(AppContext.BaseDirectory, "demo");

    /// <summary>The demo jobs by file name.</summary>
    public static TheoryData<string> Jobs => [.. Directory.GetFiles(Demo, "*.json").Select(file => Path.GetFileName(file)).Order()];

    [Theory]
    [MemberData(nameof(Jobs))]
    public async Task Every_demo_job_comes_in_and_goes_out_as_its_file_says(string name)
    {
        var file = JsonNode.Parse(await File.ReadAllTextAsync(Path.Combine(Demo, name), TestContext.Current.CancellationToken))!;
        var (status, made, _) = await application.Send(HttpMethod.Post, "/api/jobs/import", file.ToJsonString());
        Assert.Equal(200, status);
        Assert.Equal(file["covers"]!.AsArray().Count, (int)made!["added"]!);
        var (_, exported, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{(string)made["id"]!}/export");
        foreach (var field in (string[])["format", "name", "client", "place", "unit"])
        {
            Assert.True(JsonNode.DeepEquals(file[field], exported![field]), field);
        }

        Assert.True(JsonNode.DeepEquals(file["cloth"], exported!["cloth"]), exported["cloth"]!.ToJsonString());
        foreach (var (said, kept) in file["covers"]!.AsArray().Zip(exported["covers"]!.AsArray()))
        {
            foreach (var (field, value) in said!.AsObject())
            {
                Assert.True(JsonNode.DeepEquals(value, kept![field]), $"{field}: {value} became {kept[field]}");
            }
        }

        // Taken in once more it is the same file again but for its id.
        var (_, again, _) = await application.Send(HttpMethod.Post, "/api/jobs/import?conflict=copy", exported.ToJsonString());
        Assert.NotEqual((string)made["id"]!, (string)again!["id"]!);
        var (_, copy, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{(string)again["id"]!}/export");
        (exported["id"], copy!["id"]) = (null, null);
        Assert.Equal(exported.ToJsonString(), copy.ToJsonString());
    }

    [Fact]
    public async Task A_cover_keeps_its_letter_in_a_file_and_nonsense_for_one_gives_the_next()
    {
        var (_, made, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs/import",
            """
            { "format": 2, "name": "Lettered", "unit": "in", "letters": { "a": "C", "b": "c1", "c": "C", "nobody": "B" },
              "covers": [{ "id": "a", "form": "pouf" }, { "id": "b", "form": "pouf" }, { "id": "c", "form": "pouf" }] }
            """
        );
        var (_, job, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{(string)made!["id"]!}");
        Assert.Equal(["a C", "b D", "c E"], job!["covers"]!.AsArray().Select(cover => $"{cover!["id"]} {cover["letter"]}"));
        var (_, exported, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{(string)made["id"]!}/export");
        Assert.Equal("D", (string)exported!["letters"]!["b"]!);
    }

    [Fact]
    public async Task A_job_that_is_there_already_is_copied_merged_or_refused_as_asked()
    {
        var (_, made, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs/import",
            """
            { "format": 2, "id": "cabin", "name": "Cabin", "unit": "in", "covers": [{ "id": "a", "form": "bolster",
              "measures": { "diameter": "7" } }, { "id": "b", "form": "duvet", "measures": {} }] }
            """
        );
        Assert.Equal("cabin", (string)made!["id"]!);
        const string Changed = """
            { "format": 2, "id": "cabin", "name": "Cabin", "unit": "in", "covers": [{ "id": "a", "form": "bolster",
              "measures": { "diameter": "8" } }, { "id": "b", "form": "duvet", "measures": {} }, { "id": "c", "form": "pouf",
              "measures": {} }] }
            """;
        Assert.Equal(409, (await application.Send(HttpMethod.Post, "/api/jobs/import?conflict=refuse", Changed)).Status);
        Assert.Equal(422, (await application.Send(HttpMethod.Post, "/api/jobs/import?conflict=overwrite", Changed)).Status);
        var (_, merged, _) = await application.Send(HttpMethod.Post, "/api/jobs/import?conflict=merge", Changed);
        Assert.Equal(("cabin", 2, 1), ((string)merged!["id"]!, (int)merged["added"]!, (int)merged["kept"]!));
        var (_, job, _) = await application.Send(HttpMethod.Get, "/api/jobs/cabin");
        var diameters = job!["covers"]!
            .AsArray()
            .Select(cover => (string?)cover!["cover"]!["measures"]!["diameter"])
            .Where(diameter => diameter is not null)
            .Order();
        Assert.Equal(["7", "8"], diameters); // what stood there stays; the file's comes beside it
        Assert.Contains(job["covers"]!.AsArray(), cover =>
            ((string?)cover!["cover"]!["name"])?.EndsWith("(from the file)", StringComparison.Ordinal) == true
        );
        Assert.Equal(4, job["covers"]!.AsArray().Count);

        var (_, copied, _) = await application.Send(HttpMethod.Post, "/api/jobs/import?conflict=copy", Changed);
        Assert.NotEqual("cabin", (string)copied!["id"]!);
    }

    [Fact]
    public async Task A_job_of_the_first_format_is_taken_in()
    {
        var (_, made, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs/import",
            """
            {
              "format": 1, "name": "Old", "unit": "in", "cloth": { "width": "54", "repeatLength": "12", "shrinkageAlong": "3" },
              "covers": [{ "form": "ottoman", "shape": "rectangle", "measures": { "width": "28" }, "lists": { "legs": ["2", "2"] },
                "padding": [{ "thickness": "1/2", "how": "top" }], "count": "1" }]
            }
            """
        );
        var (_, job, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{(string)made!["id"]!}");
        var cover = job!["covers"]![0]!["cover"]!;
        Assert.Equal(("rectangle", "2"), ((string)cover["measures"]!["shape"]!, (string)cover["options"]!["legs"]![1]!));
        Assert.Equal("1/2", (string)cover["options"]!["padding"]![0]!["thickness"]!);
        Assert.Equal(
            ("12", "3"),
            ((string)job["cloth"]!["cloth"]!["repeat"]!["length"]!, (string)job["cloth"]!["cloth"]!["shrinkage"]!["along"]!)
        );
    }

    [Theory]
    [InlineData("la la la")]
    [InlineData("[]")]
    [InlineData("""{ "format": 99 }""")]
    [InlineData("""{ "format": 2, "unit": "ell" }""")]
    [InlineData("""{ "format": 2, "covers": [null] }""")]
    [InlineData("""{ "format": 2, "photos": [{ "cover": 4 }] }""")]
    [InlineData("""{ "format": 2, "cloth": null }""")]
    public async Task What_is_no_job_file_is_refused_and_nothing_is_made(string text)
    {
        var before = (await application.Send(HttpMethod.Get, "/api/jobs")).Body!.AsArray().Count;
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/jobs/import", text);
        Assert.Equal(422, status);
        Assert.False(string.IsNullOrWhiteSpace((string?)body!["detail"]));
        Assert.Equal(before, (await application.Send(HttpMethod.Get, "/api/jobs")).Body!.AsArray().Count);
    }

    [Fact]
    public async Task Photographs_go_out_and_come_in_with_the_cover_they_hang_on()
    {
        const string picture = "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";
        var (_, made, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs/import",
            $$"""
            { "format": 2, "name": "Pictured", "unit": "in", "covers": [{ "id": "a", "form": "bolster" }], "photos": [{ "cover": "a",
              "measure": "diameter", "name": "end.png", "type": "image/png", "content": "{{picture}}" }, { "cover": "a", "measure": "",
              "name": "no.exe", "type": "image/png", "content": "TVqQ" }, { "cover": "b", "measure": "", "name": "lost.png",
              "type": "image/png", "content": "{{picture}}" }] }
            """
        );
        Assert.Equal(
            [
                "“no.exe”: This is no photograph that can be kept: send a JPEG, PNG or WebP.",
                "“lost.png”: The cover it was taken of is not in the file.",
            ],
            made!["leftOut"]!.AsArray().Select(said => (string)said!)
        );
        var (_, exported, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{(string)made["id"]!}/export");
        var photo = Assert.Single(exported!["photos"]!.AsArray())!;
        Assert.Equal(
            ((string)exported["covers"]![0]!["id"]!, "diameter", picture),
            ((string)photo["cover"]!, (string)photo["measure"]!, (string)photo["content"]!)
        );
        var (_, merged, _) = await application.Send(HttpMethod.Post, "/api/jobs/import?conflict=merge", exported.ToJsonString());
        Assert.Equal((0, 1, 0), ((int)merged!["added"]!, (int)merged["kept"]!, merged["leftOut"]!.AsArray().Count));
        var (_, same, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{(string)made["id"]!}/export");
        Assert.Single(same!["photos"]!.AsArray());
    }

    [Fact]
    public async Task A_large_photograph_goes_out_and_comes_in_and_one_beyond_the_limit_is_named()
    {
        var picture = Convert.ToBase64String(Noise(700));
        Assert.True(picture.Length > 500_000, "a photograph is longer than any text");
        string File(string content) =>
            $$"""
                { "photos": [{ "cover": "a", "measure": "", "name": "large.png", "type": "image/png", "content": "{{content}}" }],
                  "format": 2, "name": "Large", "unit": "in", "covers": [{ "id": "a", "form": "bolster" }] }
                """;
        var (status, made, _) = await application.Send(HttpMethod.Post, "/api/jobs/import", File(picture));
        Assert.Equal(200, status);
        Assert.Empty(made!["leftOut"]!.AsArray());
        var (_, exported, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{(string)made["id"]!}/export");
        Assert.True(((string)Assert.Single(exported!["photos"]!.AsArray())!["content"]!).Length > 500_000);
        var (again, _, _) = await application.Send(HttpMethod.Post, "/api/jobs/import", exported.ToJsonString());
        Assert.Equal(200, again);
        var (beyond, answer, _) = await application.Send(HttpMethod.Post, "/api/jobs/import", File(new string('A', 17 * 1024 * 1024)));
        Assert.Equal(422, beyond);
        Assert.Contains("larger than 8 MB", (string)answer!["detail"]!, StringComparison.Ordinal);
    }

    /// <summary>A picture nothing can be packed of.</summary>
    private static byte[] Noise(int side)
    {
        var random = new Random(3);
        using var bitmap = new SkiaSharp.SKBitmap(side, side);
        for (var at = 0; at < side * side; at++)
        {
            bitmap.SetPixel(at % side, at / side, new((uint)random.Next() | 0xff000000));
        }

        using var data = bitmap.Encode(SkiaSharp.SKEncodedImageFormat.Png, 100);
        return data.ToArray();
    }

    [Theory]
    [InlineData("name", 201, "name")]
    [InlineData("name", 2_200_000, "name")]
    [InlineData("client", 201, "client")]
    public async Task A_heading_that_is_too_long_is_refused_by_name_and_the_list_goes_on(string field, int length, string named)
    {
        var (status, answer, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs/import",
            $$"""{ "format": 2, "{{field}}": "{{new string('n', length)}}", "unit": "in" }"""
        );
        Assert.Equal((422, named), (status, (string)answer!["checks"]![0]!["measure"]!));
        Assert.Equal(200, (await application.Send(HttpMethod.Get, "/api/jobs?sort=name")).Status);
    }

    [Theory]
    [InlineData("a/b")]
    [InlineData("..")]
    [InlineData("../../x")]
    [InlineData("a\\u0000b")]
    [InlineData("")]
    public async Task An_id_that_stands_in_no_address_is_refused(string id)
    {
        var (status, answer, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs/import",
            $$"""{ "format": 2, "id": "{{id}}", "unit": "in" }"""
        );
        Assert.Equal((422, "id"), (status, (string)answer!["checks"]![0]!["measure"]!));
    }

    [Theory]
    [InlineData(
        """{ "format": 2, "name": "Half", "unit": "in", "covers": [{ "form": "pouf" }, { "form": "pouf", "notes": { "": 5 } }] }""",
        "covers.1.notes."
    )]
    [InlineData(
        """{ "format": 2, "name": "Half", "unit": "in", "covers": [{ "form": "pouf" }], "cloth": { "flaws": [null] } }""",
        "cloth.flaws.0"
    )]
    [InlineData(
        """
            { "format": 2, "name": "Half", "unit": "in", "covers": [{ "form": "pouf" }], "work": [{ "id": "a", "kind": "cut",
            "subject": "x", "at": "2026-03-14T09:26:00Z" }] }
            """,
        "work.0.cut"
    )]
    [InlineData(
        """
            { "format": 2, "name": "Half", "unit": "in", "covers": [{ "id": "a", "form": "pouf" }], "photos": [{ "cover": "a",
            "measure": "", "type": "image/png", "content": "" }] }
            """,
        "photos.0.name"
    )]
    [InlineData(
        """
            { "format": 2, "name": "Half", "unit": "in", "covers": [{ "id": "a", "form": "pouf" }], "photos": [{ "cover": "a",
            "measure": "", "name": "p", "type": "image/png" }] }
            """,
        "photos.0.content"
    )]
    [InlineData(
        """
            { "format": 2, "name": "Half", "unit": "in", "covers": [{ "id": "a", "form": "pouf" }], "photos": [{ "cover": "a",
            "measure": "", "name": "p", "type": "image/png", "content": "AAAA" }, { "cover": "a", "measure": "", "name": "p",
            "type": "image/png", "content": "no picture!" }] }
            """,
        "photos.1.content"
    )]
    [InlineData("""{ "format": 2, "name": "Half", "unit": "in", "covers": [{ "id": "a", "form": "pouf" }], "photos": [5] }""", "photos.0")]
    public async Task What_breaks_a_rule_anywhere_in_the_file_names_its_field_and_nothing_is_stored(string file, string field)
    {
        var (status, answer, _) = await application.Send(HttpMethod.Post, "/api/jobs/import", file);
        Assert.Equal((422, field), (status, (string)answer!["checks"]![0]!["measure"]!));
        Assert.DoesNotContain((await application.Send(HttpMethod.Get, "/api/jobs?find=Half")).Body!.AsArray(), job =>
            (string)job!["name"]! == "Half"
        );
    }

    [Fact]
    public async Task The_schema_is_served() =>
        Assert.Equal("A Wrapper job, format 2", (string)(await application.Send(HttpMethod.Get, "/api/job.schema.json")).Body!["title"]!);
}
