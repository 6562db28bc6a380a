using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>A cover of a set is tried on: what is found comes to its seams, to what is cut, and to the rest of the set.</summary>
public sealed class TryingOnEndpointTests(Application application) : IClassFixture<Application>
{
    [Fact]
    public async Task A_finding_carried_to_the_set_corrects_the_cover_and_what_is_cut_is_sewn_further_in()
    {
        var job = await Workroom.Job(application);
        await CutAndSew(job, "seam-end-1-upper");
        var tried = await Try(job, "-3/8");
        // the other end of the ring was sewn
        Assert.All(tried["lines"]!.AsArray(), line => Assert.NotEqual("unpick", (string)line!["mend"]!));
        Assert.Equal("not cut yet; all of it is cut as corrected.", (string)Assert.Single(tried["others"]!.AsArray())!["text"]!);
        var width = await PlateWidth(job);

        var kept = await Try(job, "-3/8", keep: (long)tried["version"]!);
        Assert.Equal("Right taken in ⅜ in, for all of the set.", (string)Assert.Single(kept["before"]!.AsArray())!["text"]!);
        Assert.Equal("-3/8", (string)kept["sides"]!.AsArray().Single(side => (string)side!["side"]! == "right")!["standing"]!);
        Assert.Empty(kept["lines"]!.AsArray());
        Assert.Equal(width - 9.525, await PlateWidth(job), 3); // what is cut from now on is cut smaller

        var (_, cutting, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/cutting");
        Assert.Empty(cutting!["cloths"]![0]!["trouble"]!.AsArray()); // what is cut already is no trouble: its cards say how it is sewn
        var one = (await Cards(job))["fitted"]!.AsArray().Single()!;
        Assert.Equal(1, (int)one["number"]!);
        var top = one["cards"]!.AsArray().Single(card => (string)card!["id"]! == "seam-top-back")!;
        Assert.Equal(("⅞", "from the edge, right; elsewhere ½ in"), ((string)top["figure"]!["shown"]!, (string)top["figure"]!["of"]!));
        Assert.Contains(
            "Since the try-on, right: ⅞ in from the raw edge of the top plate.",
            top["hints"]!.AsArray().Select(hint => (string)hint!)
        );
    }

    [Fact]
    public async Task What_was_sewn_and_does_not_hold_any_more_is_ticked_off_no_longer_and_says_what_to_unpick()
    {
        var job = await Workroom.Job(application);
        await CutAndSew(job, "turn");
        var tried = await Try(job, "-3/8");
        var unpick = tried["lines"]!
            .AsArray()
            .Where(line => (string)line!["mend"]! == "unpick")
            .Select(line => (string)line!["text"]!)
            .ToList();
        Assert.Contains(unpick, text =>
            text.StartsWith("Unpick right of boxing, top plate", StringComparison.Ordinal)
            && text.Contains("⅞ in from the raw edge of top plate", StringComparison.Ordinal)
        );
        Assert.Contains(unpick, text => text.Contains("the seam round the top plate", StringComparison.Ordinal));
        await Try(job, "-3/8", keep: (long)tried["version"]!);
        var left = await Ticks(job);
        Assert.DoesNotContain("seam-top-back", left);
        Assert.Contains("mark", left);
        var top = (await Cards(job))["fitted"]![0]!["cards"]!.AsArray().Single(card => (string)card!["id"]! == "seam-top-back")!;
        Assert.NotEmpty(top["mend"]!.AsArray());
        await Workroom.Tell(application, job, Workroom.Sewn("again", "seam-top-back"));
        top = (await Cards(job))["fitted"]![0]!["cards"]!.AsArray().Single(card => (string)card!["id"]! == "seam-top-back")!;
        Assert.Empty(top["mend"]!.AsArray()); // mended
    }

    [Fact]
    public async Task A_finding_on_one_only_leaves_the_cover_as_it_is_and_is_sewn_in_on_all_its_pieces()
    {
        var job = await Workroom.Job(application);
        var width = await PlateWidth(job);
        var tried = await Try(job, "-1/4", carried: false);
        Assert.Empty(tried["others"]!.AsArray());
        await Try(job, "-1/4", keep: (long)tried["version"]!, carried: false);
        Assert.Equal(width, await PlateWidth(job), 6);
        Assert.Equal("¾", (string)Fitted(await Cards(job), "seam-top-back")["figure"]!["shown"]!);
        // A second finding adds to the first.
        var second = await Try(job, "-1/8", carried: false);
        await Try(job, "-1/8", keep: (long)second["version"]!, carried: false);
        Assert.Equal("⅞", (string)Fitted(await Cards(job), "seam-top-back")["figure"]!["shown"]!);
    }

    [Fact]
    public async Task What_is_let_out_too_far_is_cut_again_and_comes_back_to_the_table()
    {
        var job = await Workroom.Job(application);
        await CutAndSew(job, "mark");
        var tried = await Try(job, "1/2");
        Assert.Contains(
            "Let it out by ¼ in at most",
            (string)Assert.Single(tried["checks"]!.AsArray())!["text"]!,
            StringComparison.Ordinal
        );
        Assert.Equal(["A1", "A1"], tried["again"]!.AsArray().Select(piece => (string)piece!["code"]!));
        var before = await LeftToCut(job);
        await Try(job, "1/2", keep: (long)tried["version"]!);
        Assert.Equal(before + 2, await LeftToCut(job));
    }

    [Fact]
    public async Task What_cannot_be_heard_says_why_and_writes_nothing()
    {
        var job = await Workroom.Job(application);
        await Refused(
            job,
            422,
            "How far is the right to be moved?",
            """{ "number": 1, "carried": true, "found": [{ "side": "right", "by": "much" }] }"""
        );
        await Refused(
            job,
            422,
            "“sideways” is no side to take in or let out",
            """{ "number": 1, "carried": true, "found": [{ "side": "sideways", "by": "-1" }] }"""
        );
        await Refused(job, 422, "There are 2 of this cover, and no number 3", """{ "number": 3, "carried": true, "found": [] }""");
        await Refused(job, 422, "nothing to keep", """{ "number": 1, "carried": true, "found": [], "keep": true, "version": 1 }""");
        await Refused(job, 422, "each entry has a side", """{ "number": 1, "carried": true, "found": [null] }""");
        await Refused(job, 422, "measure again", """{ "number": 1, "carried": true, "found": [{ "side": "right", "by": "-12" }] }""");
        await Refused(
            job,
            412,
            "changed elsewhere",
            """{ "number": 1, "carried": true, "found": [{ "side": "right", "by": "-1/4" }], "keep": true, "version": 99 }"""
        );
        var (_, work, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/work");
        Assert.Empty(work!["entries"]!.AsArray());
        var (missing, _, _) = await application.Send(
            HttpMethod.Post,
            $"/api/jobs/{job}/covers/none/trying-on",
            """{ "number": 1, "carried": true, "found": [] }"""
        );
        Assert.Equal(404, missing);
        var pinned = await Workroom.Job(
            application,
            """
            { "id": "seat", "name": "Sheet", "form": "throw-over", "measures": { "shape": "chair", "seatWidth": "40",
            "seatRun": "70", "armRun": "50", "armDepth": "30" } }
            """
        );
        var (flat, problem, _) = await application.Send(
            HttpMethod.Post,
            $"/api/jobs/{pinned}/covers/seat/trying-on",
            """{ "number": 1, "carried": true, "found": [{ "side": "left", "by": "-1" }] }"""
        );
        Assert.Equal(422, flat);
        Assert.NotEmpty((string)problem!["detail"]!);
    }

    private async Task Refused(string job, int status, string word, string body)
    {
        var (answered, problem, _) = await application.Send(HttpMethod.Post, $"/api/jobs/{job}/covers/seat/trying-on", body);
        Assert.Equal(status, answered);
        Assert.Contains(word, (string)problem!["detail"]!, StringComparison.Ordinal);
    }

    private async Task<JsonNode> Try(string job, string by, long? keep = null, bool carried = true)
    {
        var body = new JsonObject
        {
            ["number"] = 1,
            ["carried"] = carried,
            ["found"] = new JsonArray(new JsonObject { ["side"] = "right", ["by"] = by }),
            ["keep"] = keep is not null,
            ["version"] = keep,
            ["by"] = "Ann",
        };
        var (status, answer, _) = await application.Send(HttpMethod.Post, $"/api/jobs/{job}/covers/seat/trying-on", body.ToJsonString());
        Assert.Equal(200, status);
        return answer!;
    }

    private async Task<JsonNode> Cards(string job)
    {
        var (_, cards, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/covers/seat/sewing-cards");
        return cards!;
    }

    private static JsonNode Fitted(JsonNode cards, string card) =>
        Assert.Single(cards["fitted"]!.AsArray())!["cards"]!.AsArray().Single(known => (string)known!["id"]! == card)!;

    private async Task<List<string>> Ticks(string job)
    {
        var (_, work, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/work");
        var entries = work!["entries"]!.AsArray();
        var undone = entries.Where(entry => (string)entry!["kind"]! == "undone").Select(entry => (string)entry!["subject"]!).ToHashSet();
        return
        [
            .. entries
                .Where(entry => (string)entry!["kind"]! == "sewn" && !undone.Contains((string)entry!["id"]!))
                .Select(entry => (string)entry!["subject"]!),
        ];
    }

    private async Task<double> PlateWidth(string job) =>
        (double)(await Cards(job))["pieces"]!.AsArray().Single(piece => (string)piece!["key"]! == "plate")!["cutWidth"]!;

    private async Task<int> LeftToCut(string job)
    {
        var (_, cutting, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/cutting");
        return cutting!["cloths"]![0]!["cards"]!.AsArray().Sum(card => card!["copies"]!.AsArray().Count);
    }

    /// <summary>All of the first cushion is cut, and its cards are ticked up to one.</summary>
    private async Task CutAndSew(string job, string last)
    {
        var (_, cutting, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/cutting");
        var entries = new List<JsonObject>();
        foreach (var card in cutting!["cloths"]![0]!["cards"]!.AsArray())
        {
            var copies = card!["copies"]!.AsArray();
            foreach (
                var copy in copies
                    .OrderBy(copy => (int)copy!["copy"]!)
                    .Where(copy => (int)copy!["copy"]! <= Math.Max(1, (int)card["quantity"]! / 2))
            )
            {
                var size = card["size"]!;
                entries.Add(
                    Workroom.Entry(
                        $"cut-{card["piece"]}-{copy!["copy"]}",
                        "cut",
                        ("cover", "seat"),
                        ("number", (int)copy["copy"]!),
                        ("subject", (string)card["piece"]!),
                        (
                            "cut",
                            new JsonObject
                            {
                                ["cloth"] = "main",
                                ["outline"] = card["outline"]!.DeepClone(),
                                ["width"] = (double)size["width"]!,
                                ["length"] = (double)size["length"]!,
                                ["edges"] = size["edges"]!.DeepClone(),
                            }
                        )
                    )
                );
            }
        }

        foreach (var card in (await Cards(job))["cards"]!.AsArray())
        {
            var id = (string)card!["id"]!;
            entries.Add(Workroom.Sewn($"sewn-{id}", id));
            if (id == last)
            {
                break;
            }
        }

        await Workroom.Tell(application, job, [.. entries]);
    }
}
