using System.Text;
using System.Text.Json;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Validation;
using Xunit;

namespace Wrapper.Formats.Tests;

public sealed class OpenFormatTests
{
    [Theory]
    [InlineData("\"21 1/4\"", "21 1/4", null)]
    [InlineData("540", null, 540.0)]
    [InlineData("12.5", null, 12.5)]
    [InlineData("null", "", null)]
    [InlineData("true", "true", null)]
    [InlineData("[1,2]", "[1,2]", null)]
    public void An_entry_is_a_text_or_millimetres_and_anything_else_is_kept_to_be_told_about(
        string json,
        string? text,
        double? millimetres
    ) => Assert.Equal(new Entry(text, (decimal?)millimetres), JsonSerializer.Deserialize<Entry>(json, OpenFormat.Json));

    [Fact]
    public void An_entry_is_written_as_it_came()
    {
        Assert.Equal("540.5", JsonSerializer.Serialize(Entry.Number(540.5m), OpenFormat.Json));
        Assert.Equal("\"54 cm\"", JsonSerializer.Serialize(Entry.Typed("54 cm"), OpenFormat.Json));
    }

    [Fact]
    public void A_request_is_flattened_for_the_core()
    {
        var input = Read(
            """
            { "form": "box-cushion", "measures": { "shape": "trapezoid", "depth": 480 }, "rules": { "seam": "1/2", "fit": { "width": -5,
              "thickness": "-3/8 in" } },
              "options": { "slidePocket": true, "piping": "top", "padding": [ { "thickness": "1/4 in", "how": "all-over",
                "turns": 2 }, 6 ] },
              "cloth": { "usableWidth": "53 in", "nap": "one-way" }, "count": 3 }
            """
        );
        Assert.Equal(("trapezoid", 3m, "one-way"), (input.Shape, input.Count, input.Nap));
        Assert.Equal(["depth"], input.Measures.Keys);
        Assert.Equal(Entry.Number(-5), input.Rules["fit.width"]);
        Assert.Equal(Entry.Typed("-3/8 in"), input.Rules["fit.thickness"]);
        Assert.Equal(("true", "top"), (input.Options["slidePocket"], input.Options["piping"]));
        Assert.Equal([new(Entry.Typed("1/4 in"), "all-over", 2), new(Entry.Number(6), null)], input.Padding);
        Assert.Equal(Entry.Typed("53 in"), input.UsableWidth);
    }

    [Fact]
    public void What_is_not_said_is_left_unsaid()
    {
        var input = Read("{}");
        Assert.Null(input.Unit);
        Assert.Null(input.UsableWidth);
        Assert.Null(input.Construction);
        Assert.Empty(input.Measures);
        Assert.Equal(1, input.Count);
    }

    [Fact]
    public void Every_demo_job_can_be_read_and_its_finished_covers_drafted()
    {
        var files = Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "demo"), "*.json");
        var forms = new HashSet<string>();
        var unreadable = 0;
        foreach (var job in files.Select(file => JobFile.Read(File.ReadAllText(file))))
        {
            Assert.NotEmpty(job.Name);
            foreach (var cover in job.Covers)
            {
                var outcome = Drafter.Draft(cover.ToInput(job.Unit, new Dictionary<string, string>()));
                if (outcome.Draft is { } draft)
                {
                    forms.Add(cover.Form!);
                    var folded = FoldUp.Of(draft);
                    Assert.True(folded.Holds, $"{cover.Name}: {string.Join("; ", folded.Problems)}");
                }
                else
                {
                    Assert.True(
                        outcome.Checks.Any(check => check.Code == "unreadable"),
                        $"{cover.Name}: {string.Join("; ", outcome.Checks.Select(check => check.Text))}"
                    );
                    unreadable++; // one is left unfinished on purpose
                }
            }
        }

        Assert.Equal(1, unreadable);
        Assert.Equal(FormCatalogue.All.Select(form => form.Id).Order(), forms.Order());
    }

    [Fact]
    public void The_wing_armchair_has_twelve_zones_with_its_lefts_and_rights_named()
    {
        var job = JobFile.Read(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "demo", "teasel-armchair.json")));
        var draft = Drafter.Draft(job.Covers[0].ToInput(job.Unit, new Dictionary<string, string>())).Draft!;
        var blocks = draft.Pieces.Where(piece => piece.Id == "block").ToList();
        Assert.Equal(12, blocks.Sum(block => block.Quantity));
        foreach (var pair in (string[])["Inside arm", "Outside arm", "Arm front", "Wing, inside"])
        {
            Assert.Contains(blocks, block => block.Name == $"{pair}, left");
            Assert.Contains(blocks, block => block.Name == $"{pair}, right");
        }

        Assert.Contains(draft.Pieces, piece => piece.Id == "skirt");
        Assert.Equal("t-shape", job.Covers[1].Measures!["shape"].GetString());
    }

    [Fact]
    public async Task A_job_file_goes_round_with_all_that_was_typed_and_what_it_does_not_know()
    {
        var job = new JobFile
        {
            Id = "job",
            Name = "Cabin",
            Unit = "cm",
            Cloth = new()
            {
                Width = Entry.Typed("137 wide"),
                Repeat = new(Entry.Number(320), Match: "half-drop"),
                Others =
                [
                    new()
                    {
                        Key = "lining",
                        Role = "lining",
                        Width = Entry.Number(1500),
                    },
                ],
            },
            Covers =
            [
                new()
                {
                    Id = "one",
                    Form = "box-cushion",
                    Measures = Said.Of(("width", "54,5 ish")),
                    Count = Entry.Typed("six"),
                    Cloth = new("lining", null),
                    Notes = new() { [""] = "by the hatch" },
                },
            ],
            Photos = [new("one", "width", "bow.png", "image/png", [1, 2, 3])],
        };
        var text = await Written(job);
        Assert.Equal(text, await Written(JobFile.Read(text)));
        var later = text.Replace("\"measures\":", "\"threadColour\": \"slate\", \"measures\":", StringComparison.Ordinal);
        Assert.Contains("\"threadColour\": \"slate\"", await Written(JobFile.Read(later)), StringComparison.Ordinal);
    }

    private static async Task<string> Written(JobFile file)
    {
        using var to = new MemoryStream();
        await file.Write(to, file.Photos ?? [], TestContext.Current.CancellationToken);
        return Encoding.UTF8.GetString(to.ToArray());
    }

    [Theory]
    [InlineData("null")]
    [InlineData("{}", true)]
    [InlineData("""{ "format": 0 }""")]
    [InlineData("""{ "format": 3 }""")]
    [InlineData("""{ "format": 2, "covers": [null] }""")]
    [InlineData("""{ "format": 2, "covers": 4 }""")]
    [InlineData("[1, 2]")]
    [InlineData("once upon a time")]
    public void What_is_no_job_file_of_a_known_format_is_refused(string text, bool isEmpty = false)
    {
        if (isEmpty)
        {
            Assert.Empty(JobFile.Read(text).Covers); // no format said is the one that is written
            return;
        }

        Assert.Throws<JsonException>(() => JobFile.Read(text));
    }

    /// <summary>The demo jobs as they stood in the first format.</summary>
    public static TheoryData<string> FirstFormat =>
        [
            .. Directory
                .GetFiles(Path.Combine(AppContext.BaseDirectory, "first-format"), "*.json")
                .Select(file => Path.GetFileName(file))
                .Order(),
        ];

    [Theory]
    [MemberData(nameof(FirstFormat))]
    public void A_file_of_the_first_format_is_read_as_what_it_said(string name)
    {
        var (first, now) = (
            JobFile.Read(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "first-format", name))),
            JobFile.Read(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "demo", name)))
        );
        Assert.Equal(
            (first.Name, first.Client, first.Place, first.Unit, first.Covers.Count),
            (now.Name, now.Client, now.Place, now.Unit, now.Covers.Count)
        );
        // An empty text is as good as unsaid; the first format knew no faces, and the demo has some since.
        static string Said(ClothDocument cloth)
        {
            var said = JsonSerializer.SerializeToNode(cloth.Migrate() with { Face = null, Others = null }, OpenFormat.Json)!.AsObject();
            return Text(said.Where(member => member.Value?.ToString() is not ("" or "[]")).ToDictionary());
        }

        static string Text<T>(T read) => JsonSerializer.Serialize(read, OpenFormat.Json);
        Assert.All(first.Covers.Zip(now.Covers), pair =>
        {
            // The first format knew no roles and no ready sheets: the demo has some since.
            var before = pair.Second with
            {
                Roles = null,
                Options = pair.Second.Options?.Where(option => option.Key != "back").ToDictionary(),
            };
            Assert.Equal(Text(pair.First.ToInput()), Text(before.ToInput()));
            Assert.Empty(pair.First.ToInput().Roles);
            Assert.Equal(
                (pair.First.Name, pair.First.Cloth?.Key, Text(pair.First.Notes), Text(pair.First.Cut)),
                (pair.Second.Name, pair.Second.Cloth?.Key, Text(pair.Second.Notes), Text(pair.Second.Cut))
            );
            Assert.Null(pair.First.Others);
        });
        Assert.All(new[] { first.Cloth }.Concat(first.Cloth.Others ?? []).Zip(new[] { now.Cloth }.Concat(now.Cloth.Others ?? [])), pair =>
        {
            Assert.Equal((pair.First.Key ?? "", pair.First.Name), (pair.Second.Key ?? "", pair.Second.Name));
            // What the first format had no word for was said since.
            Assert.Equal(
                Said(pair.First),
                Said(pair.Second with { SoldIn = null, Batch = null, Care = null, Fire = null, Thickness = null })
            );
            Assert.Null(pair.First.Besides);
        });
    }

    [Fact]
    public void What_is_not_said_of_a_cloth_is_not_written_and_what_nobody_knows_is_kept()
    {
        var cloth = new ClothDocument
        {
            Repeat = new(),
            Face = new(),
            Shrinkage = new(),
            Edges = new() { ["left"] = new() },
            SoldIn = [new()],
            Flaws = [new()],
            Remnants = [new()],
        };
        Assert.Equal(
            """{"repeat":{},"face":{},"shrinkage":{},"edges":{"left":{}},"soldIn":[{}],"flaws":[{}],"remnants":[{}]}""",
            JsonSerializer.Serialize(cloth, OpenFormat.Json)
        );
        const string unknown = """{"name":"Ticking","lustre":{"deep":[1,null]}}""";
        var read = JsonSerializer.Deserialize<ClothDocument>(unknown, OpenFormat.Json);
        Assert.Equal(unknown, JsonSerializer.Serialize(read, OpenFormat.Json));
    }

    [Fact]
    public void The_schema_of_a_job_file_is_the_one_that_is_published()
    {
        var published = Path.Combine(AppContext.BaseDirectory, "job.schema.json");
        var was = File.ReadAllText(published);
        if (Golden.IsToBeWritten)
        {
            File.WriteAllText(published, JobFile.Schema());
        }

        Assert.Equal(was, JobFile.Schema());
        Assert.Contains("\"shrinkage\"", JobFile.Schema(), StringComparison.Ordinal);
    }

    [Fact]
    public void A_count_that_is_no_number_is_refused_by_name()
    {
        var outcome = Drafter.Draft(
            new CoverDocument
            {
                Form = "box-cushion",
                Measures = Said.Of(("width", "21"), ("depth", "19"), ("thickness", "4")),
                Count = Entry.Typed("six"),
            }.ToInput("in", new Dictionary<string, string>())
        );
        Assert.Equal("count", Assert.Single(outcome.Checks).Measure);
    }

    private static CoverInput Read(string json) => JsonSerializer.Deserialize<CoverDocument>(json, OpenFormat.Json)!.ToInput();
}
