using System.Text.Json.Nodes;
using Xunit;

namespace Wrapper.Web.Tests;

public sealed class FileEndpointTests(Application application) : IClassFixture<Application>
{
    private const string Cover =
        """{ "unit": "in", "form": "box-cushion", "measures": { "width": "20", "depth": "18", "thickness": "4" } }""";

    [Theory]
    [InlineData("patterns", "svg")]
    [InlineData("patterns", "dxf")]
    [InlineData("patterns", "zip")]
    [InlineData("cut-list", "csv")]
    [InlineData("sewing-cards", "csv")]
    public async Task A_covers_files_come_with_their_type_and_name(string what, string format)
    {
        using var client = application.CreateClient();
        using var body = new StringContent(
            $$"""{ "what": "{{what}}", "format": "{{format}}", "cover": {{Cover}} }""",
            System.Text.Encoding.UTF8,
            "application/json"
        );
        using var response = await client.PostAsync(new Uri("/api/files", UriKind.Relative), body, TestContext.Current.CancellationToken);
        Assert.Equal(200, (int)response.StatusCode);
        Assert.Equal($"{what}.{format}", response.Content.Headers.ContentDisposition!.FileName);
        Assert.NotEqual("application/octet-stream", response.Content.Headers.ContentType!.MediaType);
    }

    [Theory]
    [InlineData("patterns", "csv")]
    [InlineData("lay", "csv")]
    [InlineData("cut-list", "dxf")]
    [InlineData("sonnets", "svg")]
    [InlineData("patterns", null)]
    [InlineData("Patterns", "svg")]
    public async Task A_pair_that_makes_no_sense_is_422_and_says_what_there_is(string? what, string? format)
    {
        var request = new JsonObject
        {
            ["what"] = what,
            ["format"] = format,
            ["cover"] = JsonNode.Parse(Cover),
        };
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/files", request.ToJsonString());
        Assert.Equal(422, status);
        Assert.Contains("patterns as svg, dxf, zip", (string)body!["detail"]!, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("""{ "what": "lay", "format": "svg", "cover": {} }""", "yardage")]
    [InlineData("""{ "what": "cut-cards", "format": "csv", "cover": {} }""", "yardage")]
    [InlineData("""{ "what": "patterns", "format": "svg" }""", "cover")]
    [InlineData("""{ "what": "patterns", "format": "svg", "yardage": { "unit": "ell", "covers": [], "cloth": {} } }""", "unit")]
    public async Task What_is_missing_is_said(string request, string named)
    {
        var (status, body, _) = await application.Send(HttpMethod.Post, "/api/files", request);
        Assert.Equal(422, status);
        Assert.Contains(named, (string)body!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_cover_that_cannot_be_drafted_is_422_with_its_checks()
    {
        var (status, body, _) = await application.Send(
            HttpMethod.Post,
            "/api/files",
            """{ "what": "patterns", "format": "svg", "cover": { "unit": "in", "form": "box-cushion", "measures": { "width": "0" } } }"""
        );
        Assert.Equal(422, status);
        Assert.Contains(body!["checks"]!.AsArray(), check => (string)check!["measure"]! == "width");
    }

    [Fact]
    public async Task Sewing_cards_are_a_line_each_with_the_number_that_matters()
    {
        var (_, draft, _) = await application.Send(HttpMethod.Post, "/api/draft", Cover);
        var table = await Table("""{ "what": "sewing-cards", "format": "csv", "cover": """ + Cover + "}");
        // One card marks all pieces; every other is a step of the draft.
        Assert.Equal(draft!["steps"]!.AsArray().Count + 1, table.Count);
        Assert.Equal("mark", table[0]["Work"]);
        var zip = table.Single(row => row["Work"] == "zip");
        Assert.Equal("¼ in from each fold", zip["Number"]);
        Assert.Contains("slide inside", zip["See to first"], StringComparison.Ordinal);
        Assert.Equal("zip foot", zip["Needs"]);
        Assert.All(table, row => Assert.Matches("^A[0-9]+(, A[0-9]+)*$", row["Pieces"]));
        Assert.Equal(
            draft["steps"]!.AsArray().Sum(step => (double)step!["minutes"]!),
            table.Skip(1).Sum(row => double.Parse(row["Minutes"], System.Globalization.CultureInfo.InvariantCulture)),
            0.5
        );
    }

    [Fact]
    public async Task Cut_cards_name_the_first_corner_of_every_copy_and_its_size()
    {
        var yardage =
            $$"""{ "unit": "in", "covers": [{ "key": "seat", "cover": {{Cover}} }], "cloth": { "usableWidth": "54" }, "steps": 40 }""";
        var table = await Table("""{ "what": "cut-cards", "format": "csv", "yardage": """ + yardage + "}");
        var list = await Table("""{ "what": "cut-list", "format": "csv", "yardage": """ + yardage + "}");
        foreach (var piece in list)
        {
            var mine = table.FindAll(row => row["Code"] == piece["Code"]);
            Assert.Equal(
                int.Parse(piece["Cut"], System.Globalization.CultureInfo.InvariantCulture),
                mine.Count(row => row["What"] == "first corner")
            );
            Assert.All(mine.Where(row => row["What"] == "size"), row =>
                Assert.Equal(new[] { piece["Width"], piece["Length"] }.Order(), new[] { row["Across"], row["Along"] }.Order())
            );
            Assert.All(mine, row => Assert.Equal("in", row["Unit"]));
        }

        // Nothing lies outside the width, and the cards go down the roll.
        Assert.Contains(table, row => row["What"] == "first corner" && row["Across"] == "0" && row["Along"] == "0");
        Assert.Contains(table, row => row["What"] == "notch" && row["From corner"].Length > 0 && row["Distance"].Length > 0);
        Assert.Equal(
            table.Select(row => int.Parse(row["Card"], System.Globalization.CultureInfo.InvariantCulture)).Order(),
            table.Select(row => int.Parse(row["Card"], System.Globalization.CultureInfo.InvariantCulture))
        );
    }

    [Fact]
    public async Task A_stored_jobs_cut_cards_are_of_what_is_still_to_be_cut()
    {
        var job = await Workroom.Job(application);
        var before = await Rows($"/api/jobs/{job}/files/cut-cards.csv");
        var (_, cutting, _) = await application.Send(HttpMethod.Get, $"/api/jobs/{job}/cutting");
        var cloth = cutting!["cloths"]![0]!;
        var cards = cloth["cards"]!.AsArray();
        Assert.Equal(cards.Count, before.Select(row => row["Card"]).Distinct().Count());
        await Workroom.Tell(application, job, Workroom.Cut("cut", cloth, cards[0]!, (int)cards[0]!["copies"]![0]!["copy"]!));
        var after = await Rows($"/api/jobs/{job}/files/cut-cards.csv");
        Assert.Equal(before.Count(row => row["What"] == "first corner") - 1, after.Count(row => row["What"] == "first corner"));
        Assert.NotEmpty(await Rows($"/api/jobs/{job}/files/sewing-cards.csv"));
    }

    private async Task<List<Dictionary<string, string>>> Table(string request)
    {
        using var client = application.CreateClient();
        using var body = new StringContent(request, System.Text.Encoding.UTF8, "application/json");
        using var response = await client.PostAsync(new Uri("/api/files", UriKind.Relative), body, TestContext.Current.CancellationToken);
        return Read(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), (int)response.StatusCode);
    }

    private async Task<List<Dictionary<string, string>>> Rows(string path)
    {
        using var client = application.CreateClient();
        using var response = await client.GetAsync(new Uri(path, UriKind.Relative), TestContext.Current.CancellationToken);
        return Read(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), (int)response.StatusCode);
    }

    private static List<Dictionary<string, string>> Read(string text, int status)
    {
        Assert.True(status == 200, text);
        using var csv = new CsvHelper.CsvReader(
            new StringReader(text.TrimStart('\uFEFF')),
            System.Globalization.CultureInfo.InvariantCulture
        );
        var rows = new List<Dictionary<string, string>>();
        csv.Read();
        csv.ReadHeader();
        while (csv.Read())
        {
            rows.Add(csv.HeaderRecord!.ToDictionary(name => name, name => csv.GetField(name)!));
        }

        return rows;
    }

    [Fact]
    public async Task A_job_that_is_not_there_is_404() =>
        Assert.Equal(404, (await application.Send(HttpMethod.Get, "/api/jobs/none/files/patterns.svg")).Status);
}
