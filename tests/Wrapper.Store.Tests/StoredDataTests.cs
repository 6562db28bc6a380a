using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using Xunit;

namespace Wrapper.Store.Tests;

/// <summary>Data written by the program as it stood before are brought forward: nothing that was typed is lost or changed.</summary>
public sealed class StoredDataTests : IDisposable
{
    private readonly string _file = Path.Combine(Path.GetTempPath(), $"wrapper-{Guid.NewGuid():N}.db");
    private readonly JobStore _store;

    public StoredDataTests()
    {
        File.Copy(Path.Combine(AppContext.BaseDirectory, "data", "schema-2.sqlite"), _file);
        _store = new(new(_file), new TestClock());
    }

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        foreach (var end in (string[])["", "-wal", "-shm"])
        {
            File.Delete(_file + end);
        }
    }

    [Fact]
    public void What_stood_beside_measures_and_options_is_in_its_place()
    {
        var job = Job("Everything typed");
        AssertSame(
            """
            {
              "name": "Hull seat", "form": "box-cushion",
              "measures": {
                "thickness": "4", "cornerRadius": "one or so", "shape": "outline",
                "points": [{ "x": "0", "y": "0", "rise": "" }, { "x": "22", "y": "0", "rise": "" }, { "x": "23 1/2", "y": "15",
                  "rise": "3/4" }, { "x": "1", "y": "19", "rise": "" }]
              },
              "secondReadings": { "thickness": "4 1/8" }, "readingUse": { "thickness": "mean" }, "notes": { "": "by the hatch",
                "thickness": "soft" }, "cut": [1],
              "measuredFrom": "filling", "construction": "boxing-strip", "rules": { "fit.thickness": "-3/8", "seam": "1/2" },
              "options": { "piping": "both", "padding": [{ "thickness": "1/2", "how": "all-over", "turns": "2" }],
                "corrections": [{ "side": "left", "by": "1/4" }] },
              "cloth": "", "count": "2"
            }
            """,
            job.Covers.Single(cover => cover.Id == "hull").Document
        );
        AssertSame(
            """
            {
              "name": "Chart table", "form": "table", "measures": { "width": "40", "depth": "28", "drop": "8", "shape": "rectangle" },
              "secondReadings": {}, "readingUse": {}, "notes": {}, "cut": [], "measuredFrom": "filling", "construction": "tub-walls",
                "rules": {},
              "options": { "edge": "hook-and-loop", "obstacles": [{ "side": "left", "from": "4", "length": "6", "drop": "3" }],
                "legs": ["2", "2", "2", "2"] },
              "cloth": "lining", "count": "six"
            }
            """,
            job.Covers.Single(cover => cover.Id == "table").Document
        );
    }

    [Fact]
    public void A_cloths_repeat_and_shrinkage_stand_together_also_on_the_others()
    {
        var cloth = JsonNode.Parse(Job("Everything typed").Cloths[0].Document)!;
        AssertSame("""{ "length": "12 1/2", "width": "9", "match": "half-drop", "motif": "4 1/2" }""", cloth["repeat"]!.ToJsonString());
        AssertSame("""{ "along": "3", "across": "1.5" }""", cloth["shrinkage"]!.ToJsonString());
        Assert.Equal(
            ("Oyster damask", "54", "1/4", "10", "41.50"),
            ((string)cloth["name"]!, (string)cloth["width"]!, (string)cloth["space"]!, (string)cloth["spare"]!, (string)cloth["price"]!)
        );
        AssertSame("""[{ "from": "20", "to": "22", "left": "3", "right": "9" }]""", cloth["flaws"]!.ToJsonString());
        var lining = JsonNode.Parse(Assert.Single(Job("Everything typed").Cloths.Skip(1)).Document)!;
        Assert.Equal(("lining", "48 wide?", "fold"), ((string)lining["key"]!, (string)lining["width"]!, (string)lining["layers"]!));
        Assert.Equal(("6", "2"), ((string)lining["repeat"]!["length"]!, (string)lining["shrinkage"]!["across"]!));
        foreach (var name in (string[])["repeatLength", "repeatWidth", "match", "motif", "shrinkageAlong", "shrinkageAcross"])
        {
            Assert.False(cloth.AsObject().ContainsKey(name) || lining.AsObject().ContainsKey(name), name);
        }
    }

    [Fact]
    public void Every_demo_job_stands_as_its_file_says()
    {
        var files = Directory
            .GetFiles(Path.Combine(AppContext.BaseDirectory, "demo"), "*.json")
            .Select(file => JsonNode.Parse(File.ReadAllText(file))!)
            .ToDictionary(file => (string)file["name"]!);
        foreach (var (name, file) in files)
        {
            var job = Job(name);
            foreach (var (said, stored) in file["covers"]!.AsArray().Zip(job.Covers.OrderBy(cover => cover.Position)))
            {
                var document = JsonNode.Parse(stored.Document)!.AsObject();
                Assert.False(document.ContainsKey("shape") || document.ContainsKey("lists") || document.ContainsKey("padding"));
                // What the demo was given since that store was written: cloths for roles, and a ready sheet.
                foreach (var (field, value) in said!.AsObject().Where(field => field.Key != "roles"))
                {
                    (value as JsonObject)?.Remove("back");
                    Assert.True(JsonNode.DeepEquals(value, document[field]), $"{name}, {field}: {value} became {document[field]}");
                }
            }
        }

        Assert.Equal(16, files.Count);
    }

    private WholeJob Job(string name) =>
        _store.Find(_store.Jobs.Page(new(), 500, null).Jobs.Single(line => line.Job.Heading.Name == name).Job.Id)!;

    private static void AssertSame(string expected, string document) =>
        Assert.True(JsonNode.DeepEquals(JsonNode.Parse(expected), JsonNode.Parse(document)), document);
}
