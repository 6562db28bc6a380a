using Microsoft.Data.Sqlite;
using Wrapper.Store.Migrations;
using Xunit;

namespace Wrapper.Store.Tests;

/// <summary>A store is known by its own mark, its version and its tables, before anything in it is changed.</summary>
public sealed class StoreIdentityTests : IDisposable
{
    private readonly string _directory = Directory.CreateTempSubdirectory("wrapper-identity").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_directory, recursive: true);
    }

    [Fact]
    public void A_new_store_carries_the_mark_of_this_application()
    {
        using (new Database(At("new.db")))
        {
            Assert.Equal(0x57726170L, Value("new.db", "PRAGMA application_id"));
        }

        using var again = new Database(At("new.db"));
        Assert.Empty(new JobStore(again, new TestClock()).Jobs.Page(new(), 10, null).Jobs);
    }

    [Fact]
    public void A_store_from_before_the_mark_is_opened_and_marked()
    {
        File.Copy(Path.Combine(AppContext.BaseDirectory, "data", "schema-2.sqlite"), At("old.db"));
        Assert.Equal(0L, Value("old.db", "PRAGMA application_id"));
        using var database = new Database(At("old.db"));
        Assert.NotEmpty(new JobStore(database, new TestClock()).Jobs.Page(new(), 10, null).Jobs);
        Assert.Equal(0x57726170L, Value("old.db", "PRAGMA application_id"));
    }

    [Theory]
    [InlineData("CREATE TABLE recipes (name TEXT)", "another program")]
    [InlineData("CREATE TABLE jobs (id TEXT); PRAGMA user_version = 3", "its table “house” is missing")]
    [InlineData("CREATE TABLE jobs (id TEXT); PRAGMA user_version = 7", "another program")]
    [InlineData("CREATE TABLE jobs (id TEXT); PRAGMA user_version = 7; PRAGMA application_id = 1467113840", "is missing")]
    public void Another_programs_file_is_not_opened_and_not_changed(string statements, string said)
    {
        Run("other.db", statements);
        var before = File.ReadAllBytes(At("other.db"));
        Assert.Contains(said, Assert.Throws<StoreUnfitException>(() => new Database(At("other.db"))).Message, StringComparison.Ordinal);
        SqliteConnection.ClearAllPools();
        Assert.Equal(before, File.ReadAllBytes(At("other.db")));
        Assert.False(File.Exists(At("other.db-wal")));
    }

    [Fact]
    public void An_empty_file_is_not_taken_for_a_new_store()
    {
        File.WriteAllBytes(At("empty.db"), []);
        Assert.Contains(
            "is empty",
            Assert.Throws<StoreUnfitException>(() => new Database(At("empty.db"))).Message,
            StringComparison.Ordinal
        );
        Assert.Empty(File.ReadAllBytes(At("empty.db")));
    }

    [Fact]
    public void What_is_in_a_copy_and_how_it_differs_is_said_without_changing_it()
    {
        using var database = new Database(At("now.db"));
        var clock = new TestClock();
        var store = new JobStore(database, clock);
        store.Create("same", new("Same", "", "", "in"), [new("main", "{}")]);
        store.Create("gone", new("Gone", "", "", "in"), [new("main", "{}")]);
        store.Create("changed", new("Before", "", "", "in"), [new("main", "{}")]);
        database.CopyTo(At("copy.db"));
        clock.Now += TimeSpan.FromMinutes(1);
        store.DeleteJob("gone", 1);
        store.SaveHeading("changed", new("After", "", "", "in"), 1);
        store.Create("added", new("Added", "", "", "in"), [new("main", "{}")]);
        var difference = StoreContents.Of(At("copy.db")).Against(StoreContents.Of(At("now.db")));
        Assert.Equal(["Gone"], difference.OnlyHere.Select(job => job.Name));
        Assert.Equal(["Added"], difference.OnlyThere.Select(job => job.Name));
        Assert.Equal(["Before"], difference.Changed.Select(job => job.Name));
    }

    [Fact]
    public void Jobs_and_covers_whose_ids_stand_in_no_address_get_new_ones_with_all_that_hangs_on_them()
    {
        using (var database = new Database(At("ids.db")))
        {
            var store = new JobStore(database, new TestClock());
            foreach (var id in (string[])["a/b", "..", "../../x", "a\0b", "fine-1"])
            {
                store.Create(id, new(id.Replace('\0', '0'), "", "", "in"), [new("main", "{}")]);
                store.AddCover(id, "c/1", 0, "{}", complete: false);
                store.Work.Add(id, [new("e", "sewn", "c/1", """{ "id": "e", "cover": "c/1" }""", "turn", 1)]);
            }
        }

        using var opened = new Database(At("ids.db"));
        var again = new JobStore(opened, new TestClock());
        var jobs = again.Jobs.Page(new(), 10, null).Jobs.Select(line => line.Job).ToList();
        Assert.Equal(5, jobs.Count);
        Assert.Contains(jobs, job => job.Id == "fine-1");
        Assert.All(jobs, job =>
        {
            Assert.All(job.Id, letter => Assert.True(char.IsAsciiLetterOrDigit(letter) || letter == '-'));
            var whole = again.Find(job.Id)!;
            var cover = Assert.Single(whole.Covers);
            var entry = Assert.Single(again.Work.List(job.Id));
            Assert.DoesNotContain('/', cover.Id);
            Assert.Equal(cover.Id, entry.CoverId);
            Assert.Contains(cover.Id, entry.Document, StringComparison.Ordinal);
        });
    }

    private string At(string name) => Path.Combine(_directory, name);

    private object? Value(string name, string statement)
    {
        using var connection = Opened(name, statement, out var command);
        using (command)
        {
            return command.ExecuteScalar();
        }
    }

    private void Run(string name, string statements)
    {
        using var connection = Opened(name, statements, out var command);
        using (command)
        {
            command.ExecuteNonQuery();
        }
    }

    private SqliteConnection Opened(string name, string statement, out SqliteCommand command)
    {
        var connection = new SqliteConnection($"Data Source={At(name)};Pooling=false");
        connection.Open();
        command = connection.CreateCommand();
#pragma warning disable CA2100 // the statements are this test's own
        command.CommandText = statement;
#pragma warning restore CA2100
        return connection;
    }
}
