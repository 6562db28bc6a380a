using Microsoft.Data.Sqlite;
using Xunit;

namespace Wrapper.Store.Tests;

/// <summary>What was told of the work stays in the order it came in, each once.</summary>
public sealed class WorkStoreTests : IDisposable
{
    private readonly string _file = Path.Combine(Path.GetTempPath(), $"wrapper-{Guid.NewGuid():N}.db");
    private readonly TestClock _clock = new();
    private readonly JobStore _store;

    public WorkStoreTests()
    {
        _store = new(new(_file), _clock);
        _store.Create("job", new("Saloon", "", "", "in"), "{}");
        _store.Create("other", new("Cabin", "", "", "in"), "{}");
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
    public void Entries_are_kept_in_the_order_they_came_in_each_once_and_each_job_for_itself()
    {
        Assert.Equal(["b", "a"], _store.Work.Add("job", [Entry("b"), Entry("a")]));
        Assert.Equal(["c"], _store.Work.Add("job", [Entry("a", "changed"), Entry("c")]));
        Assert.Equal(["a"], _store.Work.Add("other", [Entry("a", "another's")]));
        var later = new JobStore(new(_file), _clock).Work;
        Assert.Equal(["b", "a", "c"], later.List("job").Select(entry => entry.Id));
        Assert.DoesNotContain("changed", later.List("job")[1].Document, StringComparison.Ordinal);
        Assert.Contains("another's", Assert.Single(later.List("other")).Document, StringComparison.Ordinal);
        Assert.Equal(3, later.Weight("job").Count);
        Assert.Equal((0, 0), later.Weight("nowhere"));
    }

    [Fact]
    public void A_job_that_is_gone_takes_nothing_and_keeps_what_it_had()
    {
        _store.Work.Add("job", [Entry("a")]);
        _store.DeleteJob("job", 1);
        Assert.Null(_store.Work.Add("job", [Entry("b")]));
        Assert.Null(_store.Work.Add("nowhere", [Entry("b")]));
        _store.RestoreJob("job");
        Assert.Equal(["a"], _store.Work.List("job").Select(entry => entry.Id));
        Assert.Equal(["b"], _store.Work.Add("job", [Entry("b")]));
    }

    [Fact]
    public void The_latest_of_a_kind_are_found_over_all_jobs_without_what_was_a_mistake()
    {
        _store.Work.Add("job", [Entry("a"), Entry("b"), Entry("undo", "a", "undone")]);
        _clock.Now += TimeSpan.FromMinutes(1);
        _store.Work.Add("other", [Entry("a"), Entry("cut", kind: "cut")]);
        Assert.Equal(["a", "b"], _store.Work.Latest("sewn", 10).Select(entry => entry.Id)); // the other job's first: it came later
        Assert.Equal(["a"], _store.Work.Latest("sewn", 1).Select(entry => entry.Id));
        Assert.Equal(["cut"], _store.Work.Latest("cut", 10).Select(entry => entry.Id));
    }

    private static StoredWork Entry(string id, string subject = "zip", string kind = "sewn") => new(id, kind, "", $$"""{ "id": "{{id}}", "kind": "{{kind}}", "subject": "{{subject}}" }""");
}
