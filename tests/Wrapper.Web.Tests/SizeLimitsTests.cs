using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;
using Wrapper.Formats.Rules;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>What is beyond any workroom's job is refused at once, by its name.</summary>
public sealed class SizeLimitsTests(Application application) : IClassFixture<Application>
{
    private const string Square = "[[0,0],[90,0],[90,90],[0,90]]";
    private const int Deadline = 60_000;

    private static string Cover => """{ "form": "pouf", "measures": {} }""";

    private static string Many(int count, Func<int, string> each) => string.Join(",", Enumerable.Range(0, count).Select(each));

    private static string Lay(string cloth, string piece, string more = "") =>
        $$"""{ "cloth": { "usableWidth": 1370{{cloth}} }, "pieces": [ { "id": "a"{{piece}} } ]{{more}} }""";

    private static string Draft(string more) =>
        $$"""{ "unit": "in", "form": "box-cushion", "measures": { "width": "20", "depth": "20", "thickness": "3" }, {{more}} }""";

    public static TheoryData<string, string, string> Beyond =>
        new()
        {
            {
                "/api/yardage",
                $$"""{ "unit": "in", "cloth": {}, "covers": [{{Many(5000, i => $$"""{ "key": "{{i}}", "cover": {{Cover}} }""")}}] }""",
                "covers"
            },
            {
                "/api/yardage",
                $$"""{ "unit": "in", "cloth": { "width": "54" }, "covers": [{ "key": "a", "cover": {{Cover}} }], "steps": 1000000 }""",
                "steps"
            },
            {
                "/api/yardage/live",
                $$"""{ "unit": "in", "cloth": { "width": "54" }, "covers": [{ "key": "a", "cover": {{Cover}} }], "steps": -1 }""",
                "steps"
            },
            {
                "/api/yardage",
                $$"""
                    { "unit": "in", "cloth": { "width": "54", "flaws": [{{Many(201, _ => "{}")}}] }, "covers": [{ "key": "a",
                      "cover": {{Cover}} }] }
                    """,
                "flaws"
            },
            { "/api/draft", Draft($$"""  "rules": { {{Many(301, i => $"\"r{i}\": 1")}} }"""), "rules" },
            { "/api/draft", Draft($$"""  "options": { "padding": [{{Many(4000, _ => "5")}}] }"""), "padding" },
            { "/api/draft", Draft($"\"notes\": {{ \"\": \"{new string('n', JsonLimits.LongestText + 1)}\" }}"), "" },
            { "/api/draft", Draft($"\"{new string('n', JsonLimits.LongestText + 1)}\": 1"), "…" },
            { "/api/lay", Lay(", \"repeat\": { \"length\": 0.000001 }", $", \"outline\": {Square}"), "repeat" },
            { "/api/lay", Lay(", \"repeat\": { \"width\": 0.000001 }", $", \"outline\": {Square}, \"match\": {{ \"y\": 5 }}"), "repeat" },
            { "/api/lay", Lay("", $", \"outline\": {Square}", ", \"steps\": 1000000000"), "steps" },
            { "/api/lay", Lay("", $", \"outline\": {Square}", ", \"seconds\": 1e9"), "seconds" },
            { "/api/lay", Lay("", $", \"outline\": [{Many(2001, i => $"[{i},{i * i % 97}]")}]"), "a" },
            { "/api/lay", Lay("", $", \"outline\": [{Many(20_001, i => $"[{i},0]")}]"), "outline" },
            { "/api/lay", Lay("", $", \"outline\": {Square}, \"turns\": [{Many(17, _ => "0")}]"), "turns" },
            { "/api/lay", $$"""{ "cloth": { "usableWidth": 1e7 }, "pieces": [ { "id": "a", "outline": {{Square}} } ] }""", "usableWidth" },
        };

    [Theory(Timeout = Deadline)]
    [MemberData(nameof(Beyond))]
    public async Task What_is_beyond_is_named(string path, string body, string about)
    {
        var (status, answer, _) = await application.Send(HttpMethod.Post, path, body).WaitAsync(TestContext.Current.CancellationToken);
        Assert.Equal(422, status);
        Assert.Contains(answer!["checks"]!.AsArray(), check => (string?)check!["measure"] == about);
        Assert.True(answer.ToJsonString().Length < 10_000, "The answer repeats what was sent.");
    }

    [Fact]
    public async Task Just_at_a_ceiling_everything_is_taken()
    {
        Assert.Equal(
            200,
            (
                await application.Send(
                    HttpMethod.Post,
                    "/api/draft",
                    Draft("\"notes\": { \"\": \"" + new string('n', JsonLimits.LongestText) + "\" }")
                )
            ).Status
        );
        Assert.Equal(
            200,
            (
                await application.Send(HttpMethod.Post, "/api/draft", Draft($$"""  "options": { "padding": [{{Many(20, _ => "1")}}] }"""))
            ).Status
        );
        Assert.Equal(
            200,
            (await application.Send(HttpMethod.Post, "/api/lay", Lay("", $", \"outline\": {Square}", ", \"steps\": 100000"))).Status
        );
    }

    [Fact]
    public async Task More_than_two_megabytes_of_json_are_not_taken()
    {
        var (status, answer, _) = await application.Send(
            HttpMethod.Post,
            "/api/draft",
            Draft($$"""  "rules": { {{Many(400_000, i => $"\"r{i}\": 1")}} }""")
        );
        Assert.Equal(413, status);
        Assert.Contains("more than can be taken", (string)answer!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_answer_of_more_than_two_megabytes_is_not_sent()
    {
        var cover = """
            { "form": "box-cushion", "measures": { "width": "20", "depth": "20", "thickness": "3" }, "options": { "piping": "both" } }
            """;
        string Asked(int drafts) =>
            $$"""
                { "unit": "in", "steps": 1, "cloth": { "width": "54" },
                  "covers": [{{Many(drafts, i => $$"""{ "key": "{{i}}", "cover": {{cover}} }""")}}],
                  "drafts": [{{Many(drafts, i => $"\"{i}\"")}}] }
                """;
        Assert.Equal(200, (await application.Send(HttpMethod.Post, "/api/yardage", Asked(3))).Status);
        var (status, answer, _) = await application.Send(HttpMethod.Post, "/api/yardage", Asked(90));
        Assert.Equal(422, status);
        Assert.Contains("ask for less", (string)answer!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_job_holds_so_many_covers_and_so_long_ones()
    {
        await application.Send(HttpMethod.Post, "/api/jobs", """{ "id": "full", "unit": "in" }""");
        Task<(int Status, JsonNode? Body, string? Tag)> Put(string id, string cover) =>
            application.Send(
                HttpMethod.Put,
                $"/api/jobs/full/covers/{id}",
                $$"""{ "position": 0, "cover": {{cover}} }""",
                ("If-None-Match", "*")
            );
        var notes = string.Join(",", Enumerable.Range(0, 4).Select(i => $"\"{i}\": \"{new string('n', 19_000)}\""));
        var tooLong = await Put("long", $$"""{ "form": "pouf", "notes": { {{notes}} } }""");
        Assert.Equal(422, tooLong.Status);
        Assert.Contains("cover holds more than", (string)tooLong.Body!["detail"]!, StringComparison.Ordinal);
        for (var i = 0; i < 300; i++)
        {
            Assert.Equal(200, (await Put(i.ToString(CultureInfo.InvariantCulture), """{ "form": "pouf" }""")).Status);
        }

        var tooMany = await Put("more", """{ "form": "pouf" }""");
        Assert.Equal(422, tooMany.Status);
        Assert.Contains("job is full", (string)tooMany.Body!["detail"]!, StringComparison.Ordinal);
        Assert.Equal(
            200,
            (
                await application.Send(
                    HttpMethod.Put,
                    "/api/jobs/full/covers/0",
                    """{ "position": 0, "cover": { "form": "pouf", "name": "again" } }""",
                    ("If-Match", "\"1\"")
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_drawing_of_more_than_five_megabytes_says_so_in_its_own_words()
    {
        using var client = application.CreateClient();
        using var drawing = new StringContent("<svg>" + new string(' ', 5 * 1024 * 1024) + "</svg>", Encoding.UTF8, "text/plain");
        using var answer = await client.PostAsync(
            new Uri("/api/outlines", UriKind.Relative),
            drawing,
            TestContext.Current.CancellationToken
        );
        Assert.Equal(413, (int)answer.StatusCode);
        Assert.Contains(
            "drawing is larger than 5 MB",
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
    }
}
