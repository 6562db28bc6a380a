using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>Make-ups, a cloth at hand, outlines and practice over the interface.</summary>
public sealed class MakeUpEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Cushion = """
        { "form": "box-cushion", "shape": "rectangle", "measures": { "width": "21 1/4", "depth": "19", "thickness": "4" },
        "construction": "boxing-strip" }
        """;

    [Fact]
    public async Task Make_ups_come_with_their_price_in_cloth_seam_and_time()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/make-ups",
            $$"""{ "unit": "in", "cover": {{Cushion}}, "cloth": { "width": "54", "price": "10" } }"""
        );
        Assert.Equal(200, status);
        var boxed = body!.AsArray().Single(made => (string)made!["word"]! == "boxing-strip")!;
        Assert.True((bool)boxed["chosen"]! && (bool)boxed["recommended"]!);
        Assert.Contains("yd", (string)boxed["buy"]!, StringComparison.Ordinal);
        Assert.Matches(@"^\d+ ft$", (string)boxed["seamsShown"]!);
        Assert.Equal(boxed["time"]!.AsArray().Sum(part => (double)part!["minutes"]!), (double)boxed["minutes"]!, 0.5);
        Assert.True((decimal)boxed["cost"]! > 0);
        Assert.NotEmpty((string)boxed["look"]!);
    }

    [Theory]
    [InlineData("""{ "unit": "ell", "cover": {}, "cloth": { "width": "54" } }""")]
    [InlineData("""{ "unit": "in", "cover": {}, "cloth": { "width": "wide" } }""")]
    public async Task Make_ups_of_no_unit_or_no_cloth_are_refused(string json) =>
        Assert.Equal(422, (await application.Send(HttpMethod.Post, "/api/make-ups", json)).Status);

    [Fact]
    public async Task Make_ups_of_a_form_nobody_knows_are_none() =>
        Assert.Empty(
            (
                await application.Send(
                    HttpMethod.Post,
                    "/api/make-ups",
                    """{ "unit": "in", "cover": { "form": "sofa" }, "cloth": { "width": "54" } }"""
                )
            ).Body!.AsArray()
        );

    [Fact]
    public async Task A_cloth_at_hand_gives_measures_that_can_be_typed_back()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/cloth-at-hand",
            """{ "unit": "in", "cloth": { "width": "40", "selvage": "0" }, "length": "36", "forms": ["pillowcase"] }"""
        );
        Assert.Equal(200, status);
        var plain = body!["covers"]!.AsArray().First(cover => (string)cover!["shape"]! == "plain")!;
        Assert.NotEmpty(plain["placements"]!.AsArray());
        var measures = new JsonObject(
            plain["measures"]!.AsObject().Select(measure => KeyValuePair.Create(measure.Key, (JsonNode?)(string)measure.Value!))
        );
        measures["shape"] = "plain";
        var (again, _, _) = await application.Send(
            HttpMethod.Post,
            "/api/draft",
            new JsonObject
            {
                ["unit"] = "in",
                ["form"] = "pillowcase",
                ["measures"] = measures,
            }.ToJsonString()
        );
        Assert.Equal(200, again);
    }

    [Fact]
    public async Task A_sheet_at_hand_gives_what_a_cloth_of_what_its_hems_leave_does()
    {
        const string edge = """{ "kind": "hem", "depth": "1", "keep": "false" }""";
        var (status, sheet, _) = await application.Send(
            HttpMethod.Post,
            "/api/cloth-at-hand",
            $$"""
            { "unit": "in", "cloth": { "width": "42", "length": "38", "edges": { "left": {{edge}}, "right": {{edge}},
            "start": {{edge}}, "end": {{edge}} } }, "length": "38", "forms": ["pillowcase"] }
            """
        );
        Assert.Equal(200, status);
        Assert.Equal((1016.0, 914.4), ((double)sheet!["usableWidth"]!, (double)sheet["length"]!));
        var (_, cloth, _) = await application.Send(
            HttpMethod.Post,
            "/api/cloth-at-hand",
            """{ "unit": "in", "cloth": { "width": "40", "selvage": "0" }, "length": "36", "forms": ["pillowcase"] }"""
        );
        string Sizes(JsonNode? found) => string.Join('|', found!["covers"]!.AsArray().Select(cover => (string)cover!["size"]!));
        Assert.NotEmpty(cloth!["covers"]!.AsArray());
        Assert.Equal(Sizes(cloth), Sizes(sheet));
    }

    [Theory]
    [InlineData("soon")]
    [InlineData("0")]
    [InlineData("900 m")]
    public async Task A_cloth_of_no_length_is_told(string length)
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/cloth-at-hand",
            $$"""{ "unit": "in", "cloth": { "width": "40" }, "length": "{{length}}" }"""
        );
        Assert.Equal(422, status);
        Assert.Equal("length", (string)body!["checks"]![0]!["measure"]!);
    }

    [Fact]
    public async Task An_outline_comes_out_of_a_drawing_and_rubbish_is_told()
    {
        using var client = application.CreateClient();
        using var drawing = new StringContent("<svg width='400mm' viewBox='0 0 400 300'><rect width='400' height='300'/></svg>");
        using var read = await client.PostAsync(new Uri("/api/outlines", UriKind.Relative), drawing, TestContext.Current.CancellationToken);
        Assert.Contains(
            "400 mm, 300 mm",
            await read.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
        using var rubbish = new StringContent("rubbish");
        using var refused = await client.PostAsync(
            new Uri("/api/outlines", UriKind.Relative),
            rubbish,
            TestContext.Current.CancellationToken
        );
        Assert.Equal(422, (int)refused.StatusCode);
    }

    [Fact]
    public async Task Practice_is_asked_answered_and_explained()
    {
        for (var seed = 1; seed <= 12; seed++)
        {
            var (status, task, _) = await application.Send(HttpMethod.Get, $"/api/practice?seed={seed}&unit=mm");
            Assert.Equal(200, status);
            var answer = task!["asked"] is null
                ? $$"""{ "seed": {{seed}}, "unit": "mm", "line": "{{(string)task["ticket"]![0]!["for"]!}}" }"""
                : $$"""{ "seed": {{seed}}, "unit": "mm", "figure": "100 m" }""";
            var (answered, verdict, _) = await application.Send(HttpMethod.Post, "/api/practice", answer);
            Assert.Equal(200, answered);
            Assert.Contains("=", (string)verdict!["working"]!, StringComparison.Ordinal);
        }

        Assert.Equal(422, (await application.Send(HttpMethod.Get, "/api/practice?seed=1&unit=yd")).Status);
        Assert.Equal(400, (await application.Send(HttpMethod.Get, "/api/practice?seed=abc&unit=in")).Status);
    }
}
