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
        _store.Create("job", new("Saloon", "", "", "in"), [new("main", "{}")]);
        _store.Create("other", new("Cabin", "", "", "in"), [new("main", "{}")]);
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
        Assert.Equal(["b", "a"], Added("job", Entry("b"), Entry("a")));
        Assert.Equal(["c"], Added("job", Entry("a"), Entry("c")));
        Assert.Equal(["a"], Added("other", Entry("a", "another's")));
        var later = new JobStore(new(_file), _clock).Work;
        Assert.Equal(["b", "a", "c"], later.List("job").Select(entry => entry.Id));
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
        Assert.Equal(["b"], Added("job", Entry("b")));
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

    [Fact]
    public void An_id_with_other_content_is_a_conflict_and_nothing_of_its_batch_is_stored()
    {
        Added("job", Entry("a"));
        var result = _store.Work.Add("job", [Entry("new"), Entry("a", "changed")])!;
        Assert.Equal(["a"], result.Conflicts);
        Assert.Equal(["a"], _store.Work.List("job").Select(entry => entry.Id));
        Assert.Contains("zip", _store.Work.Find("job", "a")!.Document, StringComparison.Ordinal);
        // The same content, written down otherwise, is the same entry sent again.
        Assert.Empty(_store.Work.Add("job", [Entry("a") with { Document = """{"kind":"sewn","id":"a","subject":"zip"}""" }])!.Conflicts);
    }

    [Fact]
    public void What_was_done_before_is_told_until_it_is_undone_or_spoiled()
    {
        Added("job", Entry("first"));
        Assert.Contains("\"first\"", _store.Work.Add("job", [Entry("second")])!.DoneBefore["second"], StringComparison.Ordinal);
        Added("job", Entry("u1", "first", "undone"), Entry("u2", "second", "undone"));
        Assert.Empty(_store.Work.Add("job", [Entry("third")])!.DoneBefore);
        Assert.Empty(_store.Work.Add("job", [Entry("third"), Entry("elsewhere", "hem"), Entry("on-another", number: 2)])!.DoneBefore);
        Added("job", Entry("cut", "top", "cut"), Entry("spoiled", "top", "spoiled"));
        Assert.Empty(_store.Work.Add("job", [Entry("again", "top", "cut")])!.DoneBefore);
    }

    [Fact]
    public void Of_many_who_tell_the_same_at_once_all_but_one_hear_of_it()
    {
        const int many = 40;
        var told = new WorkAdded[many];
        Parallel.For(0, many, i => told[i] = _store.Work.Add("job", [Entry($"e{i}")])!);
        Assert.Equal(many - 1, told.Count(one => one.DoneBefore.Count == 1));
        Assert.Equal(many, _store.Work.Weight("job").Count);
    }

    [Fact]
    public void A_page_ends_where_it_is_full_and_goes_on_from_there()
    {
        var entries = Enumerable.Range(0, 30).Select(i => Entry($"e{i}")).ToArray();
        Added("job", entries);
        var (most, read) = (entries[0].Document.Length * 4, new List<string>());
        while (_store.Work.Page("job", read.Count, most) is { Entries.Count: > 0 } page)
        {
            Assert.Equal(30, page.Total);
            Assert.InRange(page.Entries.Count, 1, 4);
            read.AddRange(page.Entries.Select(entry => entry.Id));
        }

        Assert.Equal(entries.Select(entry => entry.Id), read);
        // one that is too long for any page comes alone
        Assert.Equal(["e7"], _store.Work.Page("job", 7, 1).Entries.Select(entry => entry.Id));
    }

    private IReadOnlyList<string> Added(string job, params StoredWork[] entries) => _store.Work.Add(job, entries)!.Added;

    private static StoredWork Entry(string id, string subject = "zip", string kind = "sewn", int number = 1) =>
        new(id, kind, "", $$"""{ "id": "{{id}}", "kind": "{{kind}}", "subject": "{{subject}}" }""", subject, number);
}
