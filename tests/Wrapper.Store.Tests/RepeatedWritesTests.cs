using Microsoft.Data.Sqlite;
using Xunit;

namespace Wrapper.Store.Tests;

/// <summary>An answer that was lost is asked for again: whoever sends the same once more is not in conflict with himself.</summary>
public sealed class RepeatedWritesTests : IDisposable
{
    private static readonly JobHeading Heading = new("Saloon", "", "", "in");
    private readonly string _directory = Directory.CreateTempSubdirectory("wrapper-store").FullName;
    private readonly JobStore _store;

    public RepeatedWritesTests()
    {
        _store = new(new Database(Path.Combine(_directory, "wrapper.db")), new TestClock());
        _store.Create("job", Heading, [new("main", "{}")]);
        _store.AddCover("job", "a", 0, """{"form":"pouf"}""", complete: false);
    }

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_directory, recursive: true);
    }

    [Fact]
    public void The_same_cover_written_again_is_done_and_another_one_is_stale()
    {
        var first = _store.SaveCover("job", "a", 0, """{"form":"table"}""", complete: false, 1);
        Assert.Equal(new(WriteEnd.Saved, 2), first);
        Assert.Equal(first, _store.SaveCover("job", "a", 0, """{"form":"table"}""", complete: false, 1));
        Assert.Equal(new(WriteEnd.Stale, 2), _store.SaveCover("job", "a", 0, """{"form":"board"}""", complete: false, 1));
        Assert.Equal(new(WriteEnd.Stale, 2), _store.SaveCover("job", "a", 1, """{"form":"table"}""", complete: false, 1));
        Assert.Equal("""{"form":"table"}""", _store.Find("job")!.Covers[0].Document);
    }

    [Fact]
    public void The_same_cover_added_again_is_done_and_another_one_is_stale()
    {
        Assert.Equal(new(WriteEnd.Saved, 1), _store.AddCover("job", "a", 0, """{"form":"pouf"}""", complete: false));
        Assert.Equal(new(WriteEnd.Stale, 1), _store.AddCover("job", "a", 0, """{"form":"duvet"}""", complete: false));
        Assert.Single(_store.Find("job")!.Covers);
    }

    [Fact]
    public void A_heading_a_cloth_and_the_house_are_the_same()
    {
        Assert.Equal(2, _store.SaveHeading("job", Heading with { Name = "Cabin" }, 1).Version);
        Assert.Equal(new(WriteEnd.Saved, 2), _store.SaveHeading("job", Heading with { Name = "Cabin" }, 1));
        Assert.Equal(WriteEnd.Stale, _store.SaveHeading("job", Heading with { Name = "Galley" }, 1).End);
        Assert.Equal(2, _store.Cloths.Save("job", "main", """{"width":"60"}""", 1).Version);
        Assert.Equal(new(WriteEnd.Saved, 2), _store.Cloths.Save("job", "main", """{"width":"60"}""", 1));
        Assert.Equal(WriteEnd.Stale, _store.Cloths.Save("job", "main", """{"width":"54"}""", 1).End);
        Assert.Equal(2, _store.SaveHouse("""{"a":1}""", 1).Version);
        Assert.Equal(new(WriteEnd.Saved, 2), _store.SaveHouse("""{"a":1}""", 1));
        Assert.Equal(WriteEnd.Stale, _store.SaveHouse("""{"a":2}""", 1).End);
    }

    [Fact]
    public void What_is_deleted_already_is_done_and_what_changed_is_not_deleted()
    {
        _store.SaveCover("job", "a", 0, """{"form":"table"}""", complete: false, 1);
        Assert.Equal(WriteEnd.Stale, _store.DeleteCover("job", "a", 1).End);
        var gone = _store.DeleteCover("job", "a", 2);
        Assert.Equal(WriteEnd.Saved, gone.End);
        Assert.Equal(gone, _store.DeleteCover("job", "a", 2));
        Assert.Equal(WriteEnd.Missing, _store.DeleteCover("job", "none", 1).End);
        var job = _store.DeleteJob("job", 1);
        Assert.Equal(WriteEnd.Saved, job.End);
        Assert.Equal(job, _store.DeleteJob("job", 1));
        Assert.Equal(WriteEnd.Saved, _store.RestoreJob("job").End);
        Assert.Equal(WriteEnd.Saved, _store.RestoreJob("job").End);
    }

    [Fact]
    public void One_id_makes_one_job()
    {
        Assert.Null(_store.Create("job", Heading with { Name = "Other" }, [new("main", "{}")]));
        Assert.Equal("Saloon", Assert.Single(_store.Jobs.Page(new(), 500, null).Jobs).Job.Heading.Name);
    }
}
