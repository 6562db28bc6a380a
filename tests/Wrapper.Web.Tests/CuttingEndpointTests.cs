using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>The cutting of a stored job, told piece by piece as the table tells it.</summary>
public sealed class CuttingEndpointTests(Application application) : IClassFixture<Application>
{
    [Fact]
    public async Task Cut_piece_by_piece_a_cloth_comes_to_its_end_with_nothing_moved()
    {
        var job = await Workroom.Job(application);
        var cloth = await Cloth(job);
        var all = Copies(cloth);
        Assert.Equal(Enumerable.Range(0, all.Count), all.Select((copy, i) => i));
        Assert.Equal(4, all.Count(copy => copy.Code == "A1"));
        await Workroom.Tell(application, job, Lay(cloth));
        foreach (var (copy, i) in all.Select((copy, i) => (copy, i)))
        {
            var now = await Cloth(job);
            Assert.False((bool)now["relaid"]!);
            Assert.Equal(all.Skip(i).Select(left => left.ToString()), Copies(now).Select(left => left.ToString()));
            await Workroom.Tell(application, job, Cut(now, copy, $"cut-{i}"));
        }

        var done = await Cloth(job);
        Assert.Empty(done["cards"]!.AsArray());
        Assert.Equal(all.Count, done["cut"]!.AsArray().Count);
        Assert.Equal((double)cloth["length"]!, (double)done["length"]!, 3);
    }

    [Fact]
    public async Task A_spoiled_piece_is_laid_again_and_a_mistake_taken_back()
    {
        var job = await Workroom.Job(application);
        var cloth = await Cloth(job);
        var first = Copies(cloth)[0];
        await Workroom.Tell(application, job, Lay(cloth), Cut(cloth, first, "cut"));
        Assert.DoesNotContain(first.ToString(), Copies(await Cloth(job)).Select(copy => copy.ToString()));
        await Workroom.Tell(
            application,
            job,
            Workroom.Entry("bad", "spoiled", ("cover", "seat"), ("number", first.Copy), ("subject", first.Piece))
        );
        var again = await Cloth(job);
        Assert.True((bool)again["relaid"]!);
        Assert.False((bool)again["told"]!);
        Assert.True((bool)Assert.Single(again["cut"]!.AsArray())!["spoiled"]!);
        Assert.Equal(Copies(cloth).Count, Copies(again).Count);
        Assert.DoesNotContain(first.ToString(), Copies(again).Select(copy => copy.ToString())); // it lies elsewhere
        await Workroom.Tell(
            application,
            job,
            Workroom.Entry("u1", "undone", ("subject", "bad")),
            Workroom.Entry("u2", "undone", ("subject", "cut"))
        );
        var back = await Cloth(job);
        Assert.Equal(Copies(cloth).Select(copy => copy.ToString()), Copies(back).Select(copy => copy.ToString()));
    }

    [Fact]
    public async Task Less_cloth_than_it_takes_is_told_with_what_no_longer_fits()
    {
        var job = await Workroom.Job(application);
        var cloth = await Cloth(job);
        var there = (double)cloth["length"]! - 200;
        await Workroom.Tell(application, job, Workroom.Entry("short", "shorter", ("subject", "main"), ("length", there)));
        var short_ = await Cloth(job);
        Assert.Equal(there, (double)short_["available"]!, 6);
        Assert.NotNull(short_["lacking"]);
        Assert.Contains(short_["trouble"]!.AsArray(), one => (string)one!["rescue"]! == "no-cloth");
        Assert.Equal(Copies(cloth).Count, Copies(short_).Count + short_["trouble"]!.AsArray().Count);
    }

    [Theory]
    [InlineData("19.5", "trim-off")]
    [InlineData("20.25", "sew-narrower")]
    [InlineData("22", "cut-again")]
    public async Task A_measure_changed_after_the_cut_says_what_can_be_saved(string width, string rescue)
    {
        var job = await Workroom.Job(application);
        var cloth = await Cloth(job);
        var plate = Copies(cloth).First(copy => copy.Piece == "plate");
        await Workroom.Tell(application, job, Lay(cloth), Cut(cloth, plate, "cut"));
        Assert.Empty((await Cloth(job))["trouble"]!.AsArray());
        await Measure(job, width);
        var trouble = Assert.Single((await Cloth(job))["trouble"]!.AsArray())!;
        Assert.Equal((rescue, "A1", plate.Copy), ((string)trouble["rescue"]!, (string)trouble["code"]!, (int)trouble["copy"]!));
        Assert.NotEmpty((string)trouble["text"]!);
        var (_, cards, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/covers/seat/sewing-cards");
        Assert.True(JsonNode.DeepEquals(trouble, Assert.Single(cards!["changed"]!.AsArray())), "whoever sews hears of it too");
    }

    [Fact]
    public async Task Seen_from_behind_across_is_counted_from_the_other_edge()
    {
        var job = await Workroom.Job(application);
        var (front, behind) = (await Cloth(job), await Cloth(job, "?wrongSide=true"));
        var (card, other) = (front["cards"]![0]!, behind["cards"]![0]!);
        Assert.Equal((string)card["code"]!, (string)other["code"]!);
        Assert.Equal((double)card["across"]!, (double)other["across"]!);
        foreach (var (corner, mirrored) in card["chalk"]!["outline"]!.AsArray().Zip(other["chalk"]!["outline"]!.AsArray()))
        {
            Assert.Equal((double)card["across"]! - (double)corner![0]!, (double)mirrored![0]!, 3);
            Assert.Equal((double)corner[1]!, (double)mirrored[1]!, 3);
        }
    }

    [Fact]
    public async Task The_cards_of_a_cover_are_those_of_its_order_with_pieces_and_folded_parts()
    {
        var job = await Workroom.Job(application);
        var (status, answer, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/covers/seat/sewing-cards");
        Assert.Equal(200, status);
        Assert.Equal(("A", "Seat", 2), ((string)answer!["letter"]!, (string)answer["name"]!, (int)answer["count"]!));
        var cards = answer["cards"]!.AsArray();
        Assert.Equal("mark", (string)cards[0]!["id"]!);
        var zip = cards.First(card => (string)card!["kind"]! == "zip")!;
        Assert.Equal(("¼", "in"), ((string)zip["figure"]!["shown"]!, (string)zip["figure"]!["unit"]!));
        Assert.Equal("slide-inside", (string)Assert.Single(zip["stops"]!.AsArray())!["name"]!);
        Assert.Equal("zip", (string)zip["pace"]!["kind"]!);
        Assert.NotEmpty(answer["facets"]!.AsArray());
        var unfinished = await Workroom.Job(
            application,
            """{ "id": "seat", "name": "Seat", "form": "box-cushion", "measures": { "width": "20" } }"""
        );
        var (refused, problem, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{unfinished}/covers/seat/sewing-cards");
        Assert.Equal(422, refused);
        Assert.Contains("“Seat” is not finished", (string)problem!["checks"]![0]!["text"]!, StringComparison.Ordinal);
    }

    private async Task<JsonNode> Cloth(string job, string query = "")
    {
        var (status, answer, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/cutting{query}");
        Assert.Equal(200, status);
        return Assert.Single(answer!["cloths"]!.AsArray())!;
    }

    private async Task Measure(string job, string width)
    {
        var (_, stored, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}");
        var cover = stored!["covers"]![0]!;
        cover["cover"]!["measures"]!["width"] = width;
        var body = new JsonObject { ["position"] = 0, ["cover"] = cover["cover"]!.DeepClone() };
        Assert.Equal(
            200,
            (
                await application.Send(
                    HttpMethod.Put,
                    $"/api/jobs/{job}/covers/seat",
                    body.ToJsonString(),
                    ("If-Match", $"\"{(long)cover["version"]!}\"")
                )
            ).Status
        );
    }

    private sealed record Copied(string Code, string Piece, int Copy, double X, double Y);

    private static List<Copied> Copies(JsonNode cloth) =>
        [
            .. cloth["cards"]!
                .AsArray()
                .SelectMany(card =>
                    card!["copies"]!
                        .AsArray()
                        .Select(copy => new Copied(
                            (string)card["code"]!,
                            (string)card["piece"]!,
                            (int)copy!["copy"]!,
                            Math.Round((double)copy["x"]!, 3),
                            Math.Round((double)copy["y"]!, 3)
                        ))
                ),
        ];

    private static JsonObject Lay(JsonNode cloth) =>
        Workroom.Entry($"lay-{Guid.NewGuid():N}", "lay", ("subject", (string)cloth["key"]!), ("lay", cloth["lay"]!.DeepClone()));

    private static JsonObject Cut(JsonNode cloth, Copied copy, string id) =>
        Workroom.Cut(
            id,
            cloth,
            cloth["cards"]!
                .AsArray()
                .First(card =>
                    (string)card!["piece"]! == copy.Piece && card["copies"]!.AsArray().Any(one => (int)one!["copy"]! == copy.Copy)
                )!,
            copy.Copy
        );
}
