using Microsoft.Data.Sqlite;
using Xunit;

namespace Wrapper.Store.Tests;

/// <summary>The list of jobs comes in pages, each job once, and is searched where it is kept.</summary>
public sealed class JobListTests : IDisposable
{
    private readonly string _file = Path.Combine(Directory.CreateTempSubdirectory("wrapper-list").FullName, "wrapper.db");
    private readonly Database _database;
    private readonly JobStore _store;

    public JobListTests()
    {
        _database = new(_file);
        _store = new(_database, TimeProvider.System);
    }

    public void Dispose()
    {
        _database.Dispose();
        SqliteConnection.ClearAllPools();
        Directory.Delete(Path.GetDirectoryName(_file)!, recursive: true);
    }

    private void Make(string id, string name = "", string client = "", string place = "") => _store.Create(id, new(name, client, place, "in"), "{}");

    private List<string> Through(string find, int limit)
    {
        var (all, after) = (new List<string>(), (JobPlace?)null);
        do
        {
            var page = _store.List(find, limit, after);
            Assert.InRange(page.Jobs.Count, 0, limit);
            all.AddRange(page.Jobs.Select(job => job.Job.Id));
            after = page.Next;
        }
        while (after is not null);
        return all;
    }

    [Theory]
    [InlineData(1)]
    [InlineData(7)]
    [InlineData(25)]
    [InlineData(500)]
    public void Every_job_comes_once_the_last_worked_on_first(int limit)
    {
        var ids = Enumerable.Range(0, 25).Select(i => $"job-{i}").ToList();
        ids.ForEach(id => Make(id));
        _store.DeleteJob("job-7", 1);
        _store.SaveHeading("job-3", new("again", "", "", "in"), 1);
        Assert.Equal(["job-3", .. Enumerable.Reverse(ids).Where(id => id is not ("job-3" or "job-7"))], Through("", limit));
    }

    [Fact]
    public void A_job_worked_on_between_two_pages_takes_no_other_away()
    {
        var ids = Enumerable.Range(0, 10).Select(i => $"job-{i}").ToList();
        ids.ForEach(id => Make(id));
        var first = _store.List("", 4, null);
        _store.SaveHeading("job-1", new("again", "", "", "in"), 1);
        var rest = _store.List("", 100, first.Next);
        Assert.Equal(["job-5", "job-4", "job-3", "job-2", "job-0"], rest.Jobs.Select(job => job.Job.Id));
    }

    [Theory]
    [InlineData("teasel", "a,b")]
    [InlineData("TEASEL saloon", "a")]
    [InlineData("cabin teasel", "b")]
    [InlineData("café ÉTÉ", "c")]
    [InlineData("100%", "d")]
    [InlineData("_", "")]
    [InlineData("' OR 1=1 --", "")]
    [InlineData("   ", "a,b,c,d")]
    public void Words_are_found_in_name_client_and_place(string find, string expected)
    {
        Make("d", "100% wool");
        Make("c", "Été", "Café");
        Make("b", "Bunks", "Barge Teasel", "Cabin");
        Make("a", "Settees", "Barge Teasel", "Saloon");
        Assert.Equal(expected.Split(',', StringSplitOptions.RemoveEmptyEntries), Through(find, 3));
    }

    [Fact]
    public void Covers_are_counted_without_those_deleted()
    {
        Make("a");
        _store.AddCover("a", "one", 0, "{}", complete: true);
        _store.AddCover("a", "two", 1, "{}", complete: false);
        _store.AddCover("a", "three", 2, "{}", complete: true);
        _store.DeleteCover("a", "three", 1);
        var line = Assert.Single(_store.List("", 1, null).Jobs);
        Assert.Equal((2, 1), (line.Covers, line.CompleteCovers));
    }
}
