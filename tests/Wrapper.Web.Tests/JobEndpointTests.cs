using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

public sealed class JobEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Seat = """
        { "position": 0, "cover": { "name": "Seat", "measures": { "width": "21 1/4", "depth": "19", "thickness": "4" },
          "options": { "piping": "both" }, "count": "3" } }
        """;

    private const string Unread = """
        { "position": 1, "cover": { "name": "Step", "measures": { "width": "17 3/8 ish", "depth": "  11½" } } }
        """;

    [Fact]
    public async Task A_job_goes_round_and_texts_that_cannot_be_read_are_kept_as_typed()
    {
        var id = await NewJob();
        Assert.True((bool)(await Put(id, "seat", Seat, ("If-None-Match", "*"))).Body!["complete"]!);
        Assert.False((bool)(await Put(id, "step", Unread, ("If-None-Match", "*"))).Body!["complete"]!);

        var (status, job, tag) = await application.Send(HttpMethod.Get, $"/api/jobs/{id}");
        Assert.Equal((200, "\"1\""), (status, tag));
        var step = job!["covers"]!.AsArray().Single(cover => (string)cover!["id"]! == "step")!;
        Assert.Equal("17 3/8 ish", (string)step["cover"]!["measures"]!["width"]!);
        Assert.Equal("  11½", (string)step["cover"]!["measures"]!["depth"]!);
        Assert.Equal("54", (string)job["cloth"]!["cloth"]!["width"]!);

        var (_, list, _) = await application.Send(HttpMethod.Get, "/api/jobs");
        var line = list!.AsArray().Single(entry => (string)entry!["id"]! == id)!;
        Assert.Equal((2, 1), ((int)line["covers"]!, (int)line["completeCovers"]!));
    }

    [Fact]
    public async Task A_stale_write_gets_412_with_both_versions_and_overwrites_nothing()
    {
        var id = await NewJob();
        await Put(id, "seat", Seat, ("If-None-Match", "*"));
        Assert.Equal(200, (await Put(id, "seat", Seat.Replace("19", "20", StringComparison.Ordinal), ("If-Match", "\"1\""))).Status);
        var (status, body, tag) = await Put(id, "seat", Seat.Replace("19", "21", StringComparison.Ordinal), ("If-Match", "\"1\""));
        Assert.Equal((412, "\"2\""), (status, tag));
        Assert.Equal("20", (string)body!["stored"]!["cover"]!["measures"]!["depth"]!);
        Assert.Equal("21", (string)body["yours"]!["measures"]!["depth"]!);

        Assert.Equal(412, (await Put(id, "seat", Seat, ("If-None-Match", "*"))).Status);
        Assert.Equal(428, (await Put(id, "seat", Seat)).Status);
        Assert.Equal(404, (await Put(id, "nothing", Seat, ("If-Match", "\"1\""))).Status);
        Assert.Equal(404, (await Put("nowhere", "seat", Seat, ("If-None-Match", "*"))).Status);

        var cloth = """{ "name": "Ticking", "width": "60" }""";
        Assert.Equal(200, (await application.Send(HttpMethod.Put, $"/api/jobs/{id}/cloth", cloth, ("If-Match", "\"1\""))).Status);
        Assert.Equal(
            412,
            (
                await application.Send(
                    HttpMethod.Put,
                    $"/api/jobs/{id}/cloth",
                    cloth.Replace("60", "54", StringComparison.Ordinal),
                    ("If-Match", "\"1\"")
                )
            ).Status
        );
        var heading = """{ "name": "Renamed", "client": "", "place": "", "unit": "cm" }""";
        Assert.Equal(200, (await application.Send(HttpMethod.Put, $"/api/jobs/{id}", heading, ("If-Match", "\"1\""))).Status);
        Assert.Equal(
            412,
            (
                await application.Send(
                    HttpMethod.Put,
                    $"/api/jobs/{id}",
                    heading.Replace("cm", "mm", StringComparison.Ordinal),
                    ("If-Match", "\"1\"")
                )
            ).Status
        );
    }

    [Fact]
    public async Task Deleted_covers_and_jobs_come_back()
    {
        var id = await NewJob();
        await Put(id, "seat", Seat, ("If-None-Match", "*"));
        Assert.Equal(200, (await application.Send(HttpMethod.Delete, $"/api/jobs/{id}/covers/seat", null, ("If-Match", "\"1\""))).Status);
        Assert.Equal(200, (await Put(id, "seat", Seat, ("If-None-Match", "*"))).Status);
        Assert.Equal(200, (await application.Send(HttpMethod.Delete, $"/api/jobs/{id}", null, ("If-Match", "\"1\""))).Status);
        Assert.Equal(404, (await application.Send(HttpMethod.Get, $"/api/jobs/{id}")).Status);
        Assert.Equal(200, (await application.Send(HttpMethod.Post, $"/api/jobs/{id}/restore")).Status);
        Assert.Single((await application.Send(HttpMethod.Get, $"/api/jobs/{id}")).Body!["covers"]!.AsArray());
    }

    [Fact]
    public async Task The_houses_own_rules_are_kept_and_change_what_is_bought()
    {
        var (_, house, tag) = await application.Send(HttpMethod.Get, "/api/house");
        Assert.NotNull(house);
        Assert.Equal(
            200,
            (await application.Send(HttpMethod.Put, "/api/house", """{ "rules": { "seam": "5/8" } }""", ("If-Match", tag!))).Status
        );
        Assert.Equal(412, (await application.Send(HttpMethod.Put, "/api/house", """{ "rules": {} }""", ("If-Match", tag!))).Status);
        Assert.Equal("5/8", (string)(await application.Send(HttpMethod.Get, "/api/house")).Body!["house"]!["rules"]!["seam"]!);

        var cover = JsonNode.Parse(Seat)!["cover"]!.ToJsonString();
        var (_, answer, _) = await application.Send(
            HttpMethod.Post,
            "/api/yardage",
            $$"""
            { "unit": "in", "houseRules": { "seam": "5/8" }, "covers": [{ "key": "a", "cover": {{cover}} }],
            "cloth": { "width": "54" }, "drafts": ["a"], "compare": true }
            """
        );
        var plate = answer!["covers"]!["a"]!["draft"]!["pieces"]![0]!;
        Assert.Equal("22½", (string)plate["cutWidthShown"]!);
        Assert.Contains(answer["covers"]!["a"]!["draft"]!["working"]!.AsArray().SelectMany(line => line!["tokens"]!.AsArray()), token =>
            (string?)token!["name"] == "seam" && (string)token["source"]! == "house"
        );
        Assert.Equal(6, answer["widths"]!.AsArray().Count);
        Assert.Equal(1, answer["widths"]!.AsArray().Count(width => width!["marks"]!.AsArray().Any(mark => (string)mark! == "least-cloth")));
        Assert.NotNull(answer["buy"]!["yards"]);
    }

    [Fact]
    public async Task An_example_is_laid_only_while_there_is_nothing_real()
    {
        var cover = JsonNode.Parse(Seat)!["cover"]!.ToJsonString();
        async Task<JsonNode> Buy(string covers) =>
            (
                await application.Send(
                    HttpMethod.Post,
                    "/api/yardage",
                    $$"""{ "unit": "in", "covers": [{{covers}}], "cloth": { "width": "54" } }"""
                )
            ).Body!;

        var alone = await Buy($$"""{ "key": "a", "cover": {{cover}}, "example": true }""");
        Assert.True((bool)alone["example"]!);
        Assert.NotNull(alone["buy"]);
        var beside = await Buy($$"""{ "key": "a", "cover": {{cover}}, "example": true }, { "key": "b", "cover": {{cover}} }""");
        Assert.False((bool)beside["example"]!);
        Assert.All(beside["pieces"]!.AsArray(), piece => Assert.Equal("b", (string)piece!["cover"]!));
    }

    [Fact]
    public async Task Writes_from_another_sites_page_are_refused()
    {
        var (status, _, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs",
            """{ "unit": "in" }""",
            ("Origin", "http://elsewhere.example")
        );
        Assert.Equal(403, status);
    }

    [Fact]
    public async Task Health_forms_and_the_description_are_there()
    {
        Assert.Equal("ok", (string)(await application.Send(HttpMethod.Get, "/api/health")).Body!["status"]!);
        Assert.Equal("box-cushion", (string)(await application.Send(HttpMethod.Get, "/api/forms")).Body!["forms"]![0]!["id"]!);
        var (_, description, _) = await application.Send(HttpMethod.Get, "/api/openapi.json");
        Assert.Equal(
            [
                "/api/backup",
                "/api/cloth-at-hand",
                "/api/draft",
                "/api/faces",
                "/api/files",
                "/api/fold-up",
                "/api/foot-switch/presses",
                "/api/forms",
                "/api/health",
                "/api/house",
                "/api/house/stored",
                "/api/job.schema.json",
                "/api/jobs",
                "/api/jobs/import",
                "/api/jobs/{id}",
                "/api/jobs/{id}/archived",
                "/api/jobs/{id}/cloth",
                "/api/jobs/{id}/cloths/{key}",
                "/api/jobs/{id}/covers/{coverId}/sewing-cards",
                "/api/jobs/{id}/covers/{coverId}/trying-on",
                "/api/jobs/{id}/cutting",
                "/api/jobs/{id}/export",
                "/api/jobs/{id}/figures",
                "/api/jobs/{id}/files/{what}.{format}",
                "/api/jobs/{id}/live",
                "/api/jobs/{id}/record-codes",
                "/api/jobs/{id}/repair",
                "/api/jobs/{id}/restore",
                "/api/jobs/{id}/sheet",
                "/api/jobs/{id}/stored",
                "/api/jobs/{id}/work",
                "/api/jobs/{jobId}/covers/{coverId}",
                "/api/jobs/{jobId}/photos",
                "/api/jobs/{jobId}/photos/{id}",
                "/api/jobs/{jobId}/photos/{id}/thumbnail",
                "/api/lay",
                "/api/lay/live",
                "/api/make-ups",
                "/api/outlines",
                "/api/own-figure",
                "/api/practice",
                "/api/sensitivity",
                "/api/sewing",
                "/api/sheets/{token}",
                "/api/sheets/{token}/covers/{coverId}",
                "/api/sheets/{token}/photos",
                "/api/tape/readings",
                "/api/tape/stand-in",
                "/api/yardage",
                "/api/yardage/live",
            ],
            description!["paths"]!.AsObject().Select(path => path.Key).Order(StringComparer.Ordinal)
        );
        Assert.Equal(404, (await application.Send(HttpMethod.Get, "/api/nothing")).Status);
    }

    private async Task<string> NewJob()
    {
        var (status, job, _) = await application.Send(
            HttpMethod.Post,
            "/api/jobs",
            """{ "name": "Teasel", "client": "", "place": "", "unit": "in" }"""
        );
        Assert.Equal(201, status);
        return (string)job!["id"]!;
    }

    private Task<(int Status, JsonNode? Body, string? Tag)> Put(string job, string cover, string json, params (string, string)[] headers) =>
        application.Send(HttpMethod.Put, $"/api/jobs/{job}/covers/{cover}", json, headers);
}
