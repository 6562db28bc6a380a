using Microsoft.Data.Sqlite;
using Wrapper.Store.Migrations;
using Xunit;

namespace Wrapper.Store.Tests;

/// <summary>A copy is a copy: whole, in one file, made while others write, and looked into before it is put back.</summary>
public sealed class CopiesTests : IDisposable
{
    private static readonly JobHeading Heading = new("Saloon", "", "", "in");
    private readonly string _directory = Directory.CreateTempSubdirectory("wrapper-copies").FullName;

    private string At(string name) => Path.Combine(_directory, name);

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_directory, recursive: true);
    }

    [Fact]
    public void At_rest_the_file_alone_is_all_there_is()
    {
        var (database, store) = Open("wrapper.db");
        store.Create("job", Heading, [new("main", "{}")]);
        database.Rest();
        File.Copy(At("wrapper.db"), At("alone.db")); // without the log beside it
        Assert.Equal("job", Assert.Single(Open("alone.db").Store.Jobs.Page(new(), 500, null).Jobs).Job.Id);
    }

    [Fact]
    public void A_copy_made_while_another_writes_is_whole()
    {
        var (database, store) = Open("wrapper.db");
        store.Create("job", Heading, [new("main", "{}")]);
        using (Writing("wrapper.db"))
        {
            database.CopyTo(At("copy.db"));
        }

        Assert.False(File.Exists(At("copy.db-wal")));
        Assert.Equal("Saloon", Assert.Single(Open("copy.db").Store.Jobs.Page(new(), 500, null).Jobs).Job.Heading.Name);
    }

    [Fact]
    public void A_copy_is_put_back_and_what_was_kept_is_laid_beside()
    {
        var (database, store) = Open("wrapper.db");
        store.Create("old", Heading, [new("main", "{}")]);
        database.CopyTo(At("copy.db"));
        store.Create("new", Heading, [new("main", "{}")]);
        database.RestoreFrom(At("copy.db"), At("before.db"));
        Assert.Equal("old", Assert.Single(store.Jobs.Page(new(), 500, null).Jobs).Job.Id);
        Assert.Equal(2, Open("before.db").Store.Jobs.Page(new(), 500, null).Jobs.Count);
    }

    [Theory]
    [InlineData("nothing here", "no file")]
    [InlineData("damaged", "damaged")]
    [InlineData("strange", "another program wrote it")]
    [InlineData("later", "later version")]
    public void What_is_no_good_copy_is_refused_and_nothing_is_changed(string what, string said)
    {
        var (database, store) = Open("wrapper.db");
        store.Create("job", Heading, [new("main", "{}")]);
        switch (what)
        {
            case "damaged":
                database.CopyTo(At("damaged"));
                var bytes = File.ReadAllBytes(At("damaged"));
                bytes.AsSpan(100, bytes.Length / 2).Fill(0x5a);
                File.WriteAllBytes(At("damaged"), bytes);
                break;
            case "strange":
                Plain("strange", "CREATE TABLE recipes (name TEXT)");
                break;
            case "later":
                database.CopyTo(At("later"));
                Plain("later", "PRAGMA user_version = 99");
                break;
        }

        var refused = Assert.Throws<StoreUnfitException>(() => database.RestoreFrom(At(what), At("before.db")));
        Assert.Contains(said, refused.Message, StringComparison.Ordinal);
        Assert.Equal("job", Assert.Single(store.Jobs.Page(new(), 500, null).Jobs).Job.Id);
    }

    [Fact]
    public void A_file_that_is_not_ours_or_is_damaged_is_not_opened()
    {
        File.WriteAllText(At("text.db"), new string('x', 5000));
        var error = Record.Exception(() => Open("text.db"));
        Assert.Contains("damaged", StoreTrouble.Of(error)!.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_lock_held_by_another_ends_the_wait_and_is_said()
    {
        var (_, store) = Open("wrapper.db");
        store.Create("job", Heading, [new("main", "{}")]);
        using var other = Writing("wrapper.db");
        Assert.Equal("Saloon", store.Find("job")!.Job.Heading.Name); // readers do not wait
        var trouble = StoreTrouble.Of(Record.Exception(() => store.SaveHeading("job", Heading, 1)));
        Assert.Contains("holds the jobs", trouble!.Text, StringComparison.Ordinal);
        Assert.False(trouble.IsFull);
    }

    [Fact]
    public void A_full_disk_is_told_apart() => Assert.True(StoreTrouble.Of(new SqliteException("database or disk is full", 13))!.IsFull);

    [Fact]
    public void What_says_nothing_of_the_store_is_no_trouble_of_it() =>
        Assert.Null(StoreTrouble.Of(new InvalidOperationException("a fault")));

    private (Database Database, JobStore Store) Open(string name)
    {
        var database = new Database(At(name));
        return (database, new JobStore(database, new TestClock()));
    }

    /// <summary>Another program in the middle of a write, until it is let go.</summary>
    private SqliteConnection Writing(string name)
    {
        var connection = new SqliteConnection($"Data Source={At(name)};Pooling=false");
        connection.Open();
        Run(connection, "BEGIN IMMEDIATE");
        Run(connection, "UPDATE jobs SET name = 'half done'");
        return connection;
    }

    private void Plain(string name, string statement)
    {
        using var connection = new SqliteConnection($"Data Source={At(name)};Pooling=false");
        connection.Open();
        Run(connection, statement);
    }

    private static void Run(SqliteConnection connection, string statement)
    {
        using var command = connection.CreateCommand();
#pragma warning disable CA2100 // the statements are this test's own
        command.CommandText = statement;
#pragma warning restore CA2100
        command.ExecuteNonQuery();
    }
}
