using Microsoft.Data.Sqlite;
using Wrapper.Store.Migrations;
using Xunit;

namespace Wrapper.Store.Tests;

public sealed class JobStoreTests : IDisposable
{
    private static readonly JobHeading Heading = new("Saloon settees", "Barge Teasel", "Saloon", "in");

    private readonly string _directory = Directory.CreateTempSubdirectory("wrapper-store").FullName;
    private readonly TestClock _clock = new();

    private string File => Path.Combine(_directory, "wrapper.db");

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_directory, recursive: true);
    }

    [Fact]
    public void What_is_written_is_found_again_by_a_store_opened_later()
    {
        var store = Open();
        store.Create("job", Heading, [new("main", """{"width":"54"}""")]);
        store.AddCover("job", "b", 1, """{"name":"Back"}""", complete: true);
        store.AddCover("job", "a", 0, """{"name":"Seat; DROP TABLE covers; 21¼ “typed”"}""", complete: false);

        var found = Open().Find("job")!;
        Assert.Equal(Heading, found.Job.Heading);
        Assert.Equal("""{"width":"54"}""", found.Cloths[0].Document);
        Assert.Equal([("a", false), ("b", true)], found.Covers.Select(cover => (cover.Id, cover.Complete)));
        Assert.Equal("""{"name":"Seat; DROP TABLE covers; 21¼ “typed”"}""", found.Covers[0].Document);
        var line = Assert.Single(store.Jobs.Page(new(), 500, null).Jobs);
        Assert.Equal((2, 1), (line.Covers, line.CompleteCovers));
    }

    [Fact]
    public void A_write_made_from_an_older_version_changes_nothing_and_says_so()
    {
        var store = Open();
        store.Create("job", Heading, [new("main", "{}")]);
        store.AddCover("job", "a", 0, """{"n":1}""", false);
        Assert.Equal(new(WriteEnd.Saved, 2), store.SaveCover("job", "a", 0, """{"n":2}""", false, 1));
        Assert.Equal(new(WriteEnd.Stale, 2), store.SaveCover("job", "a", 0, """{"n":3}""", false, 1));
        Assert.Equal("""{"n":2}""", store.Find("job")!.Covers[0].Document);

        Assert.Equal(new(WriteEnd.Saved, 2), store.SaveHeading("job", Heading with { Name = "Mine" }, 1));
        Assert.Equal(new(WriteEnd.Stale, 2), store.SaveHeading("job", Heading with { Name = "Theirs" }, 1));
        Assert.Equal("Mine", store.Find("job")!.Job.Heading.Name);

        Assert.Equal(new(WriteEnd.Saved, 2), store.Cloths.Save("job", "main", """{"mine":1}""", 1));
        Assert.Equal(new(WriteEnd.Stale, 2), store.Cloths.Save("job", "main", """{"theirs":1}""", 1));
        Assert.Equal(new(WriteEnd.Saved, 2), store.SaveHouse("""{"mine":1}""", 1));
        Assert.Equal(new(WriteEnd.Stale, 2), store.SaveHouse("""{"theirs":1}""", 1));
        Assert.Equal(new(WriteEnd.Missing, 0), store.SaveCover("job", "nothing", 0, "{}", false, 1));
        Assert.Equal(new(WriteEnd.Missing, 0), store.AddCover("no job", "a", 0, "{}", false));
    }

    [Fact]
    public void What_is_deleted_can_be_brought_back()
    {
        var store = Open();
        store.Create("job", Heading, [new("main", "{}")]);
        store.AddCover("job", "a", 0, """{"n":1}""", true);
        Assert.Equal(WriteEnd.Stale, store.AddCover("job", "a", 0, """{"n":9}""", true).End);
        Assert.Equal(WriteEnd.Saved, store.DeleteCover("job", "a", 1).End);
        Assert.Empty(store.Find("job")!.Covers);
        Assert.Equal(new(WriteEnd.Saved, 3), store.AddCover("job", "a", 0, """{"n":1}""", true));
        Assert.Single(store.Find("job")!.Covers);

        Assert.Equal(WriteEnd.Saved, store.DeleteJob("job", 1).End);
        Assert.Null(store.Find("job"));
        Assert.Empty(store.Jobs.Page(new(), 500, null).Jobs);
        Assert.Equal(WriteEnd.Saved, store.RestoreJob("job").End);
        Assert.Single(store.Find("job")!.Covers);
    }

    [Fact]
    public void A_letter_is_never_used_again()
    {
        var store = Open();
        store.Create("job", Heading, [new("main", "{}")]);
        store.AddCover("job", "a", 0, "{}", false);
        store.AddCover("job", "b", 1, "{}", false);
        store.DeleteCover("job", "b", 1);
        store.AddCover("job", "c", 1, "{}", false);
        store.AddCover("job", "from a file", 2, "{}", false, letter: 7);
        store.AddCover("job", "taken", 3, "{}", false, letter: 1);
        store.SaveCover("job", "a", 9, "{}", false, 1);
        Assert.Equal(
            [("c", 2), ("from a file", 7), ("taken", 8), ("a", 0)],
            store.Find("job")!.Covers.Select(cover => (cover.Id, cover.Letter))
        );
        store.AddCover("job", "b", 1, "{}", false); // brought back
        Assert.Equal((1, null), (store.LetterOf("job", "b"), store.LetterOf("job", "nobody")));
    }

    [Fact]
    public void The_job_last_worked_on_stands_first()
    {
        var store = Open();
        store.Create("old", Heading, [new("main", "{}")]);
        _clock.Now += TimeSpan.FromHours(1);
        store.Create("new", Heading, [new("main", "{}")]);
        Assert.Equal(["new", "old"], store.Jobs.Page(new(), 500, null).Jobs.Select(line => line.Job.Id));
        _clock.Now += TimeSpan.FromHours(1);
        store.AddCover("old", "a", 0, "{}", false);
        Assert.Equal(["old", "new"], store.Jobs.Page(new(), 500, null).Jobs.Select(line => line.Job.Id));
    }

    [Fact]
    public void Many_writers_at_once_lose_nothing()
    {
        var store = Open();
        store.Create("job", Heading, [new("main", "{}")]);
        store.AddCover("job", "a", 0, "{}", false);
        var saved = 0;
        Parallel.For(0, 40, i =>
        {
            var version = store.Find("job")!.Covers[0].Version;
            if (store.SaveCover("job", "a", 0, $$"""{"by":{{i}}}""", false, version).End == WriteEnd.Saved)
            {
                Interlocked.Increment(ref saved);
            }
        });
        Assert.True(saved > 0);
        Assert.Equal(1 + saved, store.Find("job")!.Covers[0].Version);
    }

    [Fact]
    public void A_file_of_the_first_schema_is_brought_up_with_its_jobs()
    {
        var store = Open();
        store.Create("job", Heading, [new("main", "{}")]);
        store.Create("other", Heading, [new("main", "{}")]);
        foreach (var (id, position) in (IEnumerable<(string, int)>)[("z", 0), ("gone", 1), ("a", 1)])
        {
            store.AddCover("job", id, position, "{}", complete: false);
        }

        store.DeleteCover("job", "gone", 1);
        store.AddCover("other", "one", 0, "{}", complete: false);
        using (var connection = new SqliteConnection($"Data Source={File}"))
        {
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText =
                "DROP TABLE photos; DROP TABLE sheets; DROP INDEX jobs_by_update; DROP INDEX covers_by_letter; DROP "
                + "TABLE figures; DROP TABLE work; ALTER TABLE covers DROP COLUMN letter; ALTER TABLE "
                + "jobs DROP COLUMN archived; PRAGMA user_version = 1";
            command.ExecuteNonQuery();
        }

        SqliteConnection.ClearAllPools();
        Assert.Equal(Heading, Open().Find("job")!.Job.Heading);
        Assert.Empty(new PhotoStore(new(File), _clock).List("job"));
        Assert.Equal([("z", 0), ("a", 1)], Open().Find("job")!.Covers.Select(cover => (cover.Id, cover.Letter)));
        Assert.Equal((2, 0), (Open().LetterOf("job", "gone"), Open().LetterOf("other", "one")));
    }

    [Fact]
    public void The_file_keeps_a_write_ahead_log_its_foreign_keys_and_its_schema_version()
    {
        Open();
        using var connection = new SqliteConnection($"Data Source={File};Foreign Keys=True");
        connection.Open();
        Assert.Equal("wal", Value("PRAGMA journal_mode"));
        Assert.Equal(8L, Value("PRAGMA user_version"));
        Assert.Equal(1L, Value("PRAGMA foreign_keys"));
        Assert.Throws<SqliteException>(() =>
            Value("INSERT INTO covers (id, job_id, position, document, complete, version) VALUES ('a', 'nowhere', 0, '{}', 0, 1)")
        );

        object? Value(string statement)
        {
            using var command = connection.CreateCommand();
#pragma warning disable CA2100
            command.CommandText = statement;
#pragma warning restore CA2100
            return command.ExecuteScalar();
        }
    }

    [Fact]
    public void A_file_of_a_later_program_is_left_alone_and_that_is_said()
    {
        Open();
        using (var connection = new SqliteConnection($"Data Source={File}"))
        {
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA user_version = 99";
            command.ExecuteNonQuery();
        }

        var refused = Assert.Throws<StoreUnfitException>(() => Open());
        Assert.Contains("later version", refused.Message, StringComparison.Ordinal);
    }

    private JobStore Open() => new(new Database(File), _clock);
}
