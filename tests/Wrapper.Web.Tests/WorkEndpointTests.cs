using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>What is told of the work: nothing lost, nothing kept twice, nobody in the way of another.</summary>
public sealed class WorkEndpointTests(Application application) : IClassFixture<Application>
{
    [Fact]
    public async Task What_is_told_comes_back_in_order_and_is_kept_once()
    {
        var job = await Workroom.Job(application);
        var (first, second) = (Workroom.Sewn("one", "zip-zip"), Workroom.Sewn("two", "seam-top-back"));
        var (status, answer) = await Workroom.Tell(application, job, first, second);
        Assert.Equal(200, status);
        Assert.Equal(["one", "two"], Ids(answer));
        Assert.Empty(answer["notes"]!.AsArray());
        var (_, again) = await Workroom.Tell(application, job, second, first, Workroom.Sewn("three", "turn"));
        Assert.Equal(["one", "two", "three"], Ids(again));
        Assert.Empty(again["notes"]!.AsArray());
        var (_, read, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/work");
        Assert.Equal(["one", "two", "three"], Ids(read!));
        Assert.Equal(3.5, (double)read!["entries"]![0]!["minutes"]!);
        Assert.Empty(
            (await application.Send(HttpMethod.Get, $"/api/jobs/{await Workroom.Job(application)}/work")).Body!["entries"]!.AsArray()
        );
    }

    [Fact]
    public async Task Who_knows_some_already_is_answered_the_rest()
    {
        var job = await Workroom.Job(application);
        await Workroom.Tell(application, job, Workroom.Sewn("one", "a"), Workroom.Sewn("two", "b"));
        var (_, rest, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/work?from=1");
        Assert.Equal(["two"], Ids(rest!));
        Assert.Equal(2, (int)rest!["total"]!);
        var (_, none, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/work?from=7");
        Assert.Empty(Ids(none!));
        Assert.Equal(2, (int)none!["total"]!);
        var told = new JsonObject { ["from"] = 2, ["entries"] = new JsonArray(Workroom.Sewn("three", "c")) };
        var (_, answer, _) = await application.Send(HttpMethod.Post, $"/api/jobs/{job}/work", told.ToJsonString());
        Assert.Equal(["three"], Ids(answer!));
        Assert.Equal(3, (int)answer!["total"]!);
    }

    [Fact]
    public async Task Told_on_two_devices_both_are_kept_and_the_second_hears_of_the_first()
    {
        var job = await Workroom.Job(application);
        await Workroom.Tell(application, job, Workroom.Sewn("a", "turn", by: "Wren"));
        var (_, answer) = await Workroom.Tell(application, job, Workroom.Sewn("b", "turn"));
        Assert.Equal(["a", "b"], Ids(answer));
        var note = Assert.Single(answer["notes"]!.AsArray())!;
        Assert.Equal(("b", "done-before"), ((string)note["entry"]!, (string)note["code"]!));
        Assert.Contains("Wren", (string)note["text"]!, StringComparison.Ordinal);
        var other = await Workroom.Job(application);
        await Workroom.Tell(application, other, Workroom.Sewn("a", "turn"), Workroom.Entry("u", "undone", ("subject", "a")));
        Assert.Empty((await Workroom.Tell(application, other, Workroom.Sewn("b", "turn"))).Answer["notes"]!.AsArray());
    }

    [Theory]
    [InlineData("""{ "kind": "knitted" }""", "kind")]
    [InlineData("""{ "kind": "unreadable" }""", "kind")]
    [InlineData("""{ "kind": null }""", "kind")]
    [InlineData("""{ "id": "" }""", "id")]
    [InlineData("""{ "subject": "" }""", "subject")]
    [InlineData("""{ "at": "yesterday" }""", "at")]
    [InlineData("""{ "number": -1 }""", "number")]
    [InlineData("""{ "number": "one" }""", "number")]
    [InlineData("""{ "minutes": -2 }""", "minutes")]
    [InlineData("""{ "pace": {} }""", "pace.kind")]
    [InlineData("""{ "pace": { "kind": "seam", "metres": 1, "items": 1, "share": 7 } }""", "pace.share")]
    [InlineData("""{ "kind": "cut" }""", "cut")]
    [InlineData("""{ "kind": "cut", "cut": {} }""", "cut.cloth")]
    [InlineData(
        """{ "kind": "cut", "cut": { "cloth": "main", "outline": [null, [0, 1], [1, 1]], "width": 1, "length": 1, "edges": [] } }""",
        "cut.outline.0"
    )]
    [InlineData(
        """{ "kind": "cut", "cut": { "cloth": "main", "outline": [[0, 0], [0, 1]], "width": 1, "length": 1, "edges": [] } }""",
        "cut.outline"
    )]
    [InlineData(
        """{ "kind": "cut", "cut": { "cloth": "main", "outline": [[0, 0], [0, 1], [1, 1]], "width": 1, "length": 1, "edges": [null] } }""",
        "cut.edges.0"
    )]
    [InlineData("""{ "kind": "closed", "handOver": {} }""", "handOver.unpick")]
    [InlineData("""{ "kind": "lay", "lay": [null] }""", "lay.0")]
    [InlineData("""{ "kind": "lay", "lay": [{ "copy": 1 }] }""", "lay.0.cover")]
    [InlineData("""{ "kind": "lay" }""", "lay")]
    [InlineData("""{ "kind": "finding", "finding": { "found": [null] } }""", "finding.found.0")]
    [InlineData("""{ "kind": "flaw", "stretch": [1, 2, 3] }""", "stretch")]
    [InlineData("""{ "kind": "flaw", "stretch": [9, 2, 3, 4] }""", "stretch")]
    [InlineData("""{ "kind": "shorter", "length": 0 }""", "length")]
    [InlineData("""{ "kind": "shorter", "length": 1e30 }""", "length")]
    public async Task A_malformed_entry_names_itself_and_its_field_and_nothing_of_its_batch_is_stored(string change, string field)
    {
        var job = await Workroom.Job(application);
        var wrong = Workroom.Sewn("wrong", "turn");
        foreach (var (name, value) in JsonNode.Parse(change)!.AsObject())
        {
            wrong[name] = value?.DeepClone();
        }

        var (status, answer) = await Workroom.Tell(application, job, Workroom.Sewn("right", "turn"), wrong);
        Assert.Equal(422, status);
        Assert.Contains(answer["checks"]!.AsArray(), check => (string)check!["measure"]! == $"entries.1.{field}");
        Assert.Contains($"entries.1.{field}", (string)answer["detail"]!, StringComparison.Ordinal);
        Assert.Empty(Ids((await application.Send(HttpMethod.Get, $"/api/jobs/{job}/work")).Body!));
    }

    [Fact]
    public async Task An_id_that_stands_with_other_content_is_409_and_names_its_entry()
    {
        var job = await Workroom.Job(application);
        await Workroom.Tell(application, job, Workroom.Sewn("one", "turn"));
        var (status, answer) = await Workroom.Tell(application, job, Workroom.Sewn("two", "turn"), Workroom.Sewn("one", "press"));
        Assert.Equal(409, status);
        Assert.Equal("one", (string)Assert.Single(answer["entries"]!.AsArray())!);
        Assert.Contains("“one”", (string)answer["detail"]!, StringComparison.Ordinal);
        Assert.Equal(["one"], Ids((await application.Send(HttpMethod.Get, $"/api/jobs/{job}/work")).Body!));
    }

    [Fact]
    public async Task Of_210_who_tick_the_same_at_once_all_hear_of_the_first()
    {
        var job = await Workroom.Job(application);
        await Workroom.Tell(application, job, Workroom.Sewn("first", "turn", by: "Wren"));
        var told = await Task.WhenAll(
            Enumerable.Range(0, 210).Select(i => Workroom.Tell(application, job, Workroom.Sewn($"e{i}", "turn")))
        );
        Assert.All(told, one =>
            Assert.Equal((200, "done-before"), (one.Status, (string)Assert.Single(one.Answer["notes"]!.AsArray())!["code"]!))
        );
    }

    [Fact]
    public async Task A_job_with_620_cut_pieces_of_forty_corners_stays_readable_and_writable()
    {
        var job = await Workroom.Job(application);
        var outline = new JsonArray([.. Enumerable.Range(0, 40).Select(i => new JsonArray(i * 10.123456789, i * i * 1.987654321))]);
        var edges = new JsonArray([
            .. Enumerable
                .Range(0, 40)
                .Select(i => new JsonObject
                {
                    ["name"] = $"edge-{i}",
                    ["length"] = 10.5,
                    ["allowance"] = 12.7,
                }),
        ]);
        foreach (var part in Enumerable.Range(0, 620).Chunk(100))
        {
            JsonObject[] entries =
            [
                .. part.Select(i =>
                    Workroom.Entry(
                        $"c{i}",
                        "cut",
                        ("cover", "seat"),
                        ("number", 1 + (i % 2)),
                        ("subject", $"piece-{i / 2}"),
                        (
                            "cut",
                            new JsonObject
                            {
                                ["cloth"] = "main",
                                ["outline"] = outline.DeepClone(),
                                ["width"] = 500,
                                ["length"] = 400,
                                ["edges"] = edges.DeepClone(),
                            }
                        )
                    )
                ),
            ];
            Assert.Equal(200, (await Workroom.Tell(application, job, entries)).Status);
        }

        var read = new List<string>();
        for (var pages = 0; pages < 20; pages++)
        {
            var (status, page, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/work?from={read.Count}");
            Assert.Equal(200, status);
            Assert.Equal(620, (int)page!["total"]!);
            read.AddRange(Ids(page));
            if (read.Count == 620)
            {
                break;
            }
        }

        Assert.Equal(Enumerable.Range(0, 620).Select(i => $"c{i}"), read);
        Assert.Equal(200, (await Workroom.Tell(application, job, Workroom.Sewn("tick", "turn"))).Status);
        Assert.Equal(200, (await application.Send(HttpMethod.Get, $"/api/jobs/{job}/cutting")).Status);
        var (exported, file, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/export");
        Assert.Equal((200, 621), (exported, file!["work"]!.AsArray().Count));
        Assert.Equal(200, (await application.Send(HttpMethod.Post, "/api/jobs/import", file.ToJsonString())).Status);
    }

    [Fact]
    public async Task Work_on_a_cover_that_was_taken_off_is_kept_and_told()
    {
        var job = await Workroom.Job(application);
        var (_, stored, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}");
        Assert.Equal(
            200,
            (
                await application.Send(
                    HttpMethod.Delete,
                    $"/api/jobs/{job}/covers/seat",
                    null,
                    ("If-Match", $"\"{(long)stored!["covers"]![0]!["version"]!}\"")
                )
            ).Status
        );
        var (_, answer) = await Workroom.Tell(application, job, Workroom.Sewn("late", "turn"));
        Assert.Equal(["late"], Ids(answer));
        Assert.Equal("cover-gone", (string)Assert.Single(answer["notes"]!.AsArray())!["code"]!);
        var (status, body, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/covers/seat/sewing-cards");
        Assert.Equal(404, status);
        Assert.Contains("taken off the job", (string)body!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_job_that_is_not_there_and_too_much_at_once_are_told()
    {
        Assert.Equal(404, (await Workroom.Tell(application, "nowhere", Workroom.Sewn("a", "turn"))).Status);
        Assert.Equal(404, (await application.Send(HttpMethod.Get, "/api/jobs/nowhere/work")).Status);
        Assert.Equal(404, (await application.Send(HttpMethod.Get, "/api/jobs/nowhere/cutting")).Status);
        var job = await Workroom.Job(application);
        var many = Enumerable.Range(0, 1001).Select(i => Workroom.Sewn($"e{i}", "turn")).ToArray();
        var (status, answer) = await Workroom.Tell(application, job, many);
        Assert.Equal(422, status);
        Assert.Contains("send fewer", (string)answer["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_work_goes_with_the_job_in_its_file()
    {
        var job = await Workroom.Job(application);
        await Workroom.Tell(
            application,
            job,
            Workroom.Sewn("one", "turn"),
            Workroom.Entry("two", "flaw", ("subject", "main"), ("stretch", new JsonArray(0, 100, 50, 80)))
        );
        var (_, file, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/export");
        var (status, made, _) = await application.Send(HttpMethod.Post, "/api/jobs/import", file!.ToJsonString());
        Assert.Equal(200, status);
        var (_, read, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{(string)made!["id"]!}/work");
        Assert.Equal(["one", "two"], Ids(read!));
        Assert.True(JsonNode.DeepEquals(file["work"], read!["entries"]));
        var (_, merged, _) = await application.Send(HttpMethod.Post, "/api/jobs/import?conflict=merge", file.ToJsonString());
        Assert.Equal(job, (string)merged!["id"]!);
        Assert.Equal(["one", "two"], Ids((await application.Send(HttpMethod.Get, $"/api/jobs/{job}/work")).Body!));
    }

    [Fact]
    public async Task The_work_of_a_large_set_is_whole_in_its_file()
    {
        var job = await Workroom.Job(application);
        foreach (var part in Enumerable.Range(0, 1500).Select(i => Workroom.Sewn($"e{i}", $"card-{i}")).Chunk(500))
        {
            Assert.Equal(200, (await Workroom.Tell(application, job, part)).Status);
        }

        var (_, file, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/export");
        var (status, made, _) = await application.Send(HttpMethod.Post, "/api/jobs/import", file!.ToJsonString());
        Assert.Equal(200, status);
        Assert.Empty(made!["leftOut"]!.AsArray());
        Assert.Equal(1500, Ids((await application.Send(HttpMethod.Get, $"/api/jobs/{(string)made["id"]!}/work")).Body!).Count());
    }

    [Fact]
    public async Task What_the_house_ticked_is_its_pace_until_it_says_another()
    {
        using var own = new Application(); // a house of its own: pace is the whole house's
        var job = await Workroom.Job(own);
        Assert.Empty((await own.Send(HttpMethod.Get, "/api/house")).Body!["pace"]!.AsObject());
        var before = await Minutes(own, job);
        var ticks = Enumerable
            .Range(0, 6)
            .Select(i =>
            {
                var entry = Workroom.Sewn($"e{i}", $"seam-{i}");
                (entry["minutes"], entry["pace"]) = (
                    9,
                    new JsonObject
                    {
                        ["kind"] = "seam",
                        ["metres"] = 1,
                        ["items"] = 1,
                        ["share"] = 1,
                    }
                );
                return entry;
            })
            .ToArray();
        await Workroom.Tell(own, job, ticks);
        Assert.Equal("9", (string)(await own.Send(HttpMethod.Get, "/api/house")).Body!["pace"]!["minutesPerSeam"]!);
        Assert.True(await Minutes(own, job) > before * 2);
        await Workroom.Tell(own, job, Workroom.Entry("u1", "undone", ("subject", "e1")), Workroom.Entry("u2", "undone", ("subject", "e2")));
        Assert.Empty((await own.Send(HttpMethod.Get, "/api/house")).Body!["pace"]!.AsObject());
    }

    private static async Task<double> Minutes(Application house, string job)
    {
        var (_, answer, _) = await house.Send(HttpMethod.Get, $"/api/jobs/{job}/covers/seat/sewing-cards");
        return answer!["cards"]!.AsArray().Where(card => (string)card!["kind"]! == "seam").Sum(card => (double)card!["minutes"]!);
    }

    private static IEnumerable<string> Ids(JsonNode answer) => answer["entries"]!.AsArray().Select(entry => (string)entry!["id"]!);

    [Fact]
    public async Task The_house_says_once_how_it_sews_and_a_cover_that_is_begun_stays_with_what_it_was_begun_by()
    {
        using var house = new Application();
        var (begun, free) = (await Workroom.Job(house), await Workroom.Job(house));
        var first = (await Order(house, begun)).First(card => card != "mark");
        await Workroom.Tell(house, begun, Workroom.Sewn("a", first));
        var (before, other) = (await Order(house, begun), await Order(house, free));
        var (_, settings, _) = await house.Send(HttpMethod.Get, "/api/house");
        var (status, _, _) = await house.Send(
            HttpMethod.Put,
            "/api/house",
            """{ "rules": {}, "shelf": [], "schools": { "ring": "front" } }""",
            ("If-Match", $"\"{(long)settings!["version"]!}\"")
        );
        Assert.Equal(200, status);
        Assert.Equal(before, await Order(house, begun));
        Assert.NotEqual(other, await Order(house, free));
        // Begun by the house's schools, it stays with them when the house takes to others.
        var front = await Order(house, free);
        var tick = Workroom.Sewn("b", front[1]);
        tick["schools"] = new JsonObject { ["ring"] = "front" };
        await Workroom.Tell(house, free, tick);
        (_, settings, _) = await house.Send(HttpMethod.Get, "/api/house");
        await house.Send(
            HttpMethod.Put,
            "/api/house",
            """{ "rules": {}, "shelf": [], "schools": { "ring": "ring" } }""",
            ("If-Match", $"\"{(long)settings!["version"]!}\"")
        );
        Assert.Equal(front, await Order(house, free));
    }

    private static async Task<List<string>> Order(Application house, string job)
    {
        var (_, cards, _) = await house.Send(HttpMethod.Get, $"/api/jobs/{job}/covers/seat/sewing-cards");
        return [.. cards!["cards"]!.AsArray().Select(card => (string)card!["id"]!)];
    }
}
