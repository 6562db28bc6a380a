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

    private void Make(string id, string name = "", string client = "", string place = "") =>
        _store.Create(id, new(name, client, place, "in"), [new("main", "{}")]);

    private List<string> Through(string find, int limit) => Through(new JobQuery(find), limit);

    private List<string> Through(JobQuery query, int limit)
    {
        var (all, after) = (new List<string>(), (JobPlace?)null);
        do
        {
            var page = _store.Jobs.Page(query, limit, after);
            Assert.InRange(page.Jobs.Count, 0, limit);
            all.AddRange(page.Jobs.Select(job => job.Job.Id));
            after = page.Next;
        } while (after is not null);
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
        var first = _store.Jobs.Page(new(), 4, null);
        _store.SaveHeading("job-1", new("again", "", "", "in"), 1);
        var rest = _store.Jobs.Page(new(), 100, first.Next);
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
        var line = Assert.Single(_store.Jobs.Page(new(), 1, null).Jobs);
        Assert.Equal((2, 1), (line.Covers, line.CompleteCovers));
    }

    [Theory]
    [InlineData(JobSort.Name, "c,a,e,b,d")]
    [InlineData(JobSort.Client, "e,d,a,b,c")]
    [InlineData(JobSort.Worked, "e,d,c,b,a")]
    public void It_is_sorted_without_regard_to_capitals_page_by_page(JobSort sort, string expected)
    {
        Make("a", "bench", "Teasel");
        Make("b", "Épée", "teasel");
        Make("c", "Armchair", "Velvet ~ Sons");
        Make("d", "épée", "Ashore");
        Make("e", "Bench", "");
        foreach (var limit in (int[])[1, 2, 100])
        {
            Assert.Equal(expected.Split(','), Through(new JobQuery(Sort: sort), limit));
        }
    }

    [Fact]
    public void What_was_put_away_is_off_the_list_and_comes_back()
    {
        Make("a");
        Make("b");
        Assert.Equal(WriteEnd.Saved, _store.Archive("a", away: true, 1).End);
        Assert.Equal(new(WriteEnd.Saved, 2), _store.Archive("a", away: true, 1)); // asked again: done already
        Assert.Equal(WriteEnd.Stale, _store.Archive("a", away: false, 1).End);
        Assert.Equal(["b"], Through("", 5));
        Assert.Equal(["a"], Through(new JobQuery(Archived: true), 5));
        Assert.True(_store.Find("a")!.Job.IsArchived);
        Assert.Equal(WriteEnd.Saved, _store.Archive("a", away: false, 2).End);
        Assert.Equal(2, Through("", 5).Count);
    }

    [Fact]
    public void A_stage_is_asked_for()
    {
        Make("empty");
        Make("half");
        Make("whole");
        _store.AddCover("half", "one", 0, "{}", complete: true);
        _store.AddCover("half", "two", 1, "{}", complete: false);
        _store.AddCover("whole", "one", 0, "{}", complete: true);
        Assert.Equal(["half", "empty"], Through(new JobQuery(Stage: JobStage.Measure), 1));
        Assert.Equal(["whole"], Through(new JobQuery(Stage: JobStage.Cut), 1));
    }

    [Fact]
    public void A_figure_stands_as_long_as_the_job_does()
    {
        var figures = new FigureStore(_database);
        Make("a", "Settees");
        _store.AddCover("a", "one", 0, "{}", complete: true);
        Dictionary<string, long> versions = new()
        {
            ["heading"] = 1,
            ["cloth"] = 1,
            ["one"] = 1,
        };
        string? Figure() => Assert.Single(_store.Jobs.Page(new(), 5, null).Jobs).Figures;

        // a cover it does not know of
        Assert.False(figures.Keep("a", new Dictionary<string, long> { ["heading"] = 1, ["cloth"] = 1 }, "[1]"));
        Assert.False(figures.Keep("a", new Dictionary<string, long>(versions) { ["one"] = 2 }, "[1]"));
        Assert.Null(Figure());
        Assert.True(figures.Keep("a", versions, "[1]"));
        Assert.Equal("[1]", Figure());

        _store.SaveCover("a", "one", 0, """{"form":"pouf"}""", complete: true, 1);
        Assert.Null(Figure());
        Assert.False(figures.Keep("a", versions, "[1]"));
        versions["one"] = 2;
        Assert.True(figures.Keep("a", versions, "[2]"));
        Assert.Equal("[2]", Figure());

        _store.SaveHouse("""{"rules":{"seam":"5/8"}}""", 1);
        Assert.Null(Figure());
    }
}
