using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>What was asked before is answered out of memory, and only that.</summary>
public sealed class ResponseCachePolicyTests(Application application) : IClassFixture<Application>
{
    [Theory]
    [InlineData(
        "/api/yardage",
        """{ "unit": "in", "covers": [ { "key": "a", "cover": CUSHION } ], "cloth": { "width": "54" }, "steps": 20 }"""
    )]
    [InlineData("/api/make-ups", """{ "unit": "in", "cover": CUSHION, "cloth": { "width": "54" } }""")]
    [InlineData(
        "/api/cloth-at-hand",
        """{ "unit": "in", "cloth": { "width": "40", "selvage": "0" }, "length": "36", "forms": ["pillowcase"] }"""
    )]
    public async Task The_same_question_has_the_same_answer_at_once_and_another_figure_its_own(string path, string question)
    {
        var asked = question.Replace("CUSHION", Cushion("21 1/4"), StringComparison.Ordinal);
        var (first, again) = (await Ask(path, asked), await Ask(path, asked));
        Assert.Equal((200, false, true), (first.Status, first.IsKept, again.IsKept));
        Assert.Equal(first.Body, again.Body);

        var other = await Ask(
            path,
            asked.Replace("21 1/4", "41 1/4", StringComparison.Ordinal).Replace("\"36\"", "\"72\"", StringComparison.Ordinal)
        );
        Assert.Equal((200, false), (other.Status, other.IsKept));
        Assert.NotEqual(first.Body, other.Body);
        Assert.Equal(first.Body, (await Ask(path, asked)).Body);
    }

    [Fact]
    public async Task An_answer_at_one_address_is_not_that_at_another()
    {
        const string question = """{ "unit": "in", "cloth": { "width": "44", "selvage": "0" }, "length": "40", "forms": ["pillowcase"] }""";
        Assert.Equal(200, (await Ask("/api/cloth-at-hand", question)).Status);
        var elsewhere = await Ask("/api/yardage", question);
        Assert.False(elsewhere.IsKept);
        Assert.NotEqual(200, elsewhere.Status);
    }

    [Theory]
    [InlineData("/api/make-ups", """{ "unit": "ell", "cover": {}, "cloth": { "width": "54" } }""")]
    [InlineData("/api/draft", """{ "unit": "in", "form": "bolster" }""")]
    public async Task A_refusal_and_what_is_drafted_at_once_are_not_kept(string path, string question)
    {
        var (first, again) = (await Ask(path, question), await Ask(path, question));
        Assert.Equal((422, 422, false), (first.Status, again.Status, again.IsKept));
    }

    private static string Cushion(string width) =>
        $$"""
            { "form": "box-cushion", "measures": { "width": "{{width}}", "depth": "19", "thickness": "4" },
            "construction": "boxing-strip" }
            """;

    private async Task<(int Status, string Body, bool IsKept)> Ask(string path, string question)
    {
        using var client = application.CreateClient();
        using var content = new StringContent(question, System.Text.Encoding.UTF8, "application/json");
        using var response = await client.PostAsync(new Uri(path, UriKind.Relative), content);
        return ((int)response.StatusCode, await response.Content.ReadAsStringAsync(), response.Headers.Age is not null);
    }
}
