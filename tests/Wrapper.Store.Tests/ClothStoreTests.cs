using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using Xunit;

namespace Wrapper.Store.Tests;

/// <summary>Cloths of jobs, and stores in which the others stood inside the first.</summary>
public sealed class ClothStoreTests : IDisposable
{
    private readonly string _file = Path.Combine(Path.GetTempPath(), $"wrapper-{Guid.NewGuid():N}.db");

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        foreach (var end in (string[])["", "-wal", "-shm"])
        {
            File.Delete(_file + end);
        }
    }

    [Fact]
    public void A_store_of_the_seventh_schema_opens_with_every_cloth_and_entry_in_it()
    {
        File.Copy(Path.Combine(AppContext.BaseDirectory, "data", "schema-7.sqlite"), _file);
        var store = Open();
        var job = store.Find("teasel")!;
        Assert.Equal([("main", 2L), ("navy", 0L), ("lining", 0L)], job.Cloths.Select(cloth => (cloth.Key, cloth.Version)));
        Assert.Equal(2, job.ClothsVersion); // what the version of them all was: an earlier client's write is not stale
        Assert.True(
            JsonNode.DeepEquals(
                JsonNode.Parse("""{ "key": "navy", "name": "Navy linen", "width": "60", "nap": "one-way", "price": "28" }"""),
                JsonNode.Parse(job.Cloths[1].Document)
            )
        );
        Assert.Equal(
            ["lay", "cut", "spoiled", "flaw", "shorter", "sewn", "holds", "finding", "closed", "undone"],
            store.Work.List("teasel").Select(entry => entry.Kind)
        );
    }

    [Theory]
    [InlineData(
        """{ "others": [{ "width": "60" }, { "key": 7 }, { "key": "main" }, null, 5] }""",
        new[] { "main", "cloth-2", "cloth-3", "cloth-4" }
    )]
    [InlineData("""{ "others": [{ "key": "navy" }, { "key": "navy" }] }""", new[] { "main", "navy", "cloth-2" })]
    [InlineData("""{ "others": "none" }""", new[] { "main" })]
    [InlineData("""{ "others": [{ "key":""", new[] { "main" })]
    public void A_nested_cloth_without_a_usable_key_gets_one(string document, string[] keys)
    {
        Open().Create("job", new("Job", "", "", "in"), [new("main", document)]);
        var cloths = Open().Find("job")!.Cloths;
        Assert.Equal(keys, cloths.Select(cloth => cloth.Key));
        Assert.Equal(keys.Length > 1, !cloths[0].Document.Contains("others", StringComparison.Ordinal));
    }

    [Fact]
    public void A_deleted_cloth_comes_back_where_it_stood()
    {
        var store = Open();
        store.Create("job", new("Job", "", "", "in"), [new("main", "{}"), new("a", """{"n":1}"""), new("b", "{}")]);
        Assert.Equal(new(WriteEnd.Saved, 2), store.Cloths.Delete("job", "a", 1));
        Assert.Equal(new(WriteEnd.Saved, 2), store.Cloths.Delete("job", "a", 1)); // sent again
        Assert.Equal(["main", "b"], store.Find("job")!.Cloths.Select(cloth => cloth.Key));
        Assert.Equal(new(WriteEnd.Saved, 3), store.Cloths.Add("job", "a", """{"n":2}"""));
        Assert.Equal(["main", "a", "b"], store.Find("job")!.Cloths.Select(cloth => cloth.Key));
    }

    [Fact]
    public void The_last_cloth_is_not_deleted()
    {
        var store = Open();
        store.Create("job", new("Job", "", "", "in"), [new("main", "{}"), new("a", "{}")]);
        Assert.Equal(WriteEnd.Saved, store.Cloths.Delete("job", "main", 1).End);
        Assert.Equal(WriteEnd.Stale, store.Cloths.Delete("job", "a", 1).End);
        Assert.Equal("a", Assert.Single(store.Find("job")!.Cloths).Key);
    }

    private JobStore Open() => new(new(_file), new TestClock());
}
