using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>The list of a job's cloths: each is written by itself, and earlier clients that write all at once lose nothing.</summary>
public sealed class ClothsOfJobTests(Application application) : IClassFixture<Application>
{
    private const string Together = """
        { "name": "Sand", "width": "54", "others": [ { "key": "navy", "width": "60" }, { "key": "lining", "role": "lining" } ] }
        """;

    [Fact]
    public async Task A_cloth_is_added_changed_and_removed_by_itself()
    {
        var job = await NewJob();
        Assert.Equal((200, "\"1\""), await Put(job, "cloths/navy", """{ "name": "Navy linen", "width": "60" }""", ("If-None-Match", "*")));
        Assert.Equal((200, "\"2\""), await Put(job, "cloths/navy", """{ "key": "navy", "width": "58" }""", ("If-Match", "\"1\"")));
        Assert.Equal((412, "\"2\""), await Put(job, "cloths/navy", """{ "width": "57" }""", ("If-Match", "\"1\"")));
        Assert.Equal((412, "\"2\""), await Put(job, "cloths/navy", """{ "width": "57" }""", ("If-None-Match", "*")));
        Assert.Equal((404, null), await Put(job, "cloths/green", """{ "width": "57" }""", ("If-Match", "\"1\"")));
        Assert.Equal(["main", "navy"], Keys(await Get(job)));
        Assert.Equal("58", (string)(await Get(job))["cloth"]!["cloth"]!["others"]![0]!["width"]!);

        var (status, _, _) = await application.Send(HttpMethod.Delete, $"/api/jobs/{job}/cloths/navy", null, ("If-Match", "\"2\""));
        Assert.Equal(200, status);
        Assert.Equal(["main"], Keys(await Get(job)));
        Assert.Equal((200, "\"4\""), await Put(job, "cloths/navy", """{ "width": "58" }""", ("If-None-Match", "*")));
        Assert.Equal(["main", "navy"], Keys(await Get(job)));
    }

    [Fact]
    public async Task Two_people_who_change_two_cloths_are_not_in_each_others_way()
    {
        var job = await NewJob();
        await Put(job, "cloth", Together, ("If-Match", "\"1\""));
        Assert.Equal((200, "\"2\""), await Put(job, "cloths/navy", """{ "width": "58" }""", ("If-Match", "\"1\"")));
        Assert.Equal((200, "\"2\""), await Put(job, "cloths/lining", """{ "width": "48" }""", ("If-Match", "\"1\"")));
    }

    [Fact]
    public async Task An_earlier_client_that_writes_all_cloths_at_once_overwrites_none_that_was_changed_meanwhile()
    {
        var job = await NewJob();
        Assert.Equal(200, (await Put(job, "cloth", Together, ("If-Match", "\"1\""))).Status);
        var before = (long)(await Get(job))["cloth"]!["version"]!;
        await Put(job, "cloths/navy", """{ "width": "58" }""", ("If-Match", "\"1\""));
        Assert.Equal(412, (await Put(job, "cloth", """{ "width": "44", "others": [] }""", ("If-Match", $"\"{before}\""))).Status);

        var now = (long)(await Get(job))["cloth"]!["version"]!;
        Assert.Equal(before + 1, now);
        Assert.Equal(200, (await Put(job, "cloth", """{ "width": "44" }""", ("If-Match", $"\"{now}\""))).Status);
        Assert.Equal(["main", "navy", "lining"], Keys(await Get(job))); // the first alone was said
        now = (long)(await Get(job))["cloth"]!["version"]!;
        Assert.Equal(
            200,
            (await Put(job, "cloth", """{ "width": "44", "others": [{ "key": "lining" }] }""", ("If-Match", $"\"{now}\""))).Status
        );
        Assert.Equal(["main", "lining"], Keys(await Get(job)));
    }

    [Theory]
    [InlineData("cloths/navy", """{ "key": "green", "width": "54" }""", "other-key")]
    [InlineData("cloths/aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa", "{}", "too-long")]
    [InlineData("cloths/navy", """{ "nap": "sideways" }""", null)]
    public async Task A_slip_is_named(string path, string cloth, string? code)
    {
        var job = await NewJob();
        var (status, body, _) = await application.Send(HttpMethod.Put, $"/api/jobs/{job}/{path}", cloth, ("If-None-Match", "*"));
        Assert.Equal(422, status);
        Assert.NotEmpty(body!["checks"]!.AsArray());
        if (code is not null)
        {
            Assert.Equal(code, (string)body["checks"]![0]!["code"]!);
        }
    }

    [Fact]
    public async Task The_first_cloth_is_not_written_under_the_key_of_another()
    {
        var job = await NewJob();
        await Put(job, "cloth", Together, ("If-Match", "\"1\""));
        var (status, body, _) = await application.Send(
            HttpMethod.Put,
            $"/api/jobs/{job}/cloth",
            """{ "key": "navy", "width": "44" }""",
            ("If-Match", "\"3\"")
        );
        Assert.Equal((422, "other-key"), (status, (string)body!["checks"]![0]!["code"]!));
        Assert.Equal(["main", "navy", "lining"], Keys(await Get(job)));
    }

    [Fact]
    public async Task The_last_cloth_of_a_job_stays()
    {
        var job = await NewJob();
        var (status, body, _) = await application.Send(HttpMethod.Delete, $"/api/jobs/{job}/cloths/main", null, ("If-Match", "\"1\""));
        Assert.Equal((422, "last-cloth"), (status, (string)body!["checks"]![0]!["code"]!));
        Assert.Equal(["main"], Keys(await Get(job)));
    }

    [Theory]
    [InlineData("a b")]
    [InlineData("a/b")]
    [InlineData("ä%41")]
    public async Task A_key_may_hold_any_letter(string key)
    {
        var job = await NewJob();
        Assert.Equal(200, (await Put(job, $"cloths/{Uri.EscapeDataString(key)}", "{}", ("If-None-Match", "*"))).Status);
        Assert.Equal(["main", key], Keys(await Get(job)));
    }

    [Fact]
    public async Task A_job_file_of_the_second_format_goes_in_and_comes_out_with_everything_in_it()
    {
        var file = await File.ReadAllTextAsync(
            Path.Combine(AppContext.BaseDirectory, "data", "format-2.json"),
            TestContext.Current.CancellationToken
        );
        var (status, made, _) = await application.Send(HttpMethod.Post, "/api/jobs/import", file);
        Assert.Equal(200, status);
        Assert.Empty(made!["leftOut"]!.AsArray());
        var (_, back, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{(string)made["id"]!}/export");
        Assert.True(JsonNode.DeepEquals(JsonNode.Parse(file), back), back!.ToJsonString());
        Assert.Equal(["main", "navy", "lining"], Keys(await Get((string)made["id"]!)));
    }

    private static IEnumerable<string> Keys(JsonNode job) => job["cloths"]!.AsArray().Select(cloth => (string)cloth!["key"]!);

    private async Task<JsonNode> Get(string job) => (await application.Send(HttpMethod.Get, $"/api/jobs/{job}")).Body!;

    private async Task<(int Status, string? Tag)> Put(string job, string part, string body, (string, string) header)
    {
        var (status, _, tag) = await application.Send(HttpMethod.Put, $"/api/jobs/{job}/{part}", body, header);
        return (status, tag);
    }

    private async Task<string> NewJob()
    {
        var (_, job, _) = await application.Send(HttpMethod.Post, "/api/jobs", """{ "name": "Cloths", "unit": "in" }""");
        return (string)job!["id"]!;
    }
}
