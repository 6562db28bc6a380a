using Microsoft.Data.Sqlite;
using Xunit;

namespace Wrapper.Store.Tests;

/// <summary>A copy a day, and of the old ones no more than are of use.</summary>
public sealed class CopyKeeperTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("wrapper-copies").FullName;
    private readonly Time _time = new();

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    [Fact]
    public void One_is_made_a_day_and_it_is_whole()
    {
        using var database = new Database(Path.Combine(_folder, "wrapper.db"));
        var keeper = new CopyKeeper(database, _time, Path.Combine(_folder, "copies"), 7, TimeSpan.FromDays(365));
        new JobStore(database, _time).Create("job", new("Saloon", "", "", "in"), [new("main", "{}")]);
        var copy = keeper.Keep();
        Assert.NotNull(copy);
        Assert.Null(keeper.Keep());
        _time.Now += TimeSpan.FromHours(23);
        Assert.Null(keeper.Keep());
        _time.Now += TimeSpan.FromHours(1);
        Assert.NotNull(keeper.Keep());
        using var copied = new Database(copy);
        Assert.Equal("Saloon", new JobStore(copied, _time).Find("job")!.Job.Heading.Name);
    }

    [Fact]
    public void The_last_week_stays_and_the_first_of_each_month_of_a_year()
    {
        using var database = new Database(Path.Combine(_folder, "wrapper.db"));
        var copies = Path.Combine(_folder, "copies");
        var keeper = new CopyKeeper(database, _time, copies, 7, TimeSpan.FromDays(365));
        Directory.CreateDirectory(copies);
        File.WriteAllText(Path.Combine(copies, "wrapper-mine.db"), "not of this program’s making");
        for (var day = 0; day < 800; day++)
        {
            keeper.Keep();
            _time.Now += CopyKeeper.Every;
        }

        var left = Directory.GetFiles(copies).Select(Path.GetFileName).Order(StringComparer.Ordinal).ToList();
        Assert.Contains("wrapper-mine.db", left);
        Assert.InRange(left.Count, 7 + 12 + 1, 7 + 13 + 1);
        Assert.Equal(
            7,
            left.Count(name =>
                string.CompareOrdinal(name, $"wrapper-{_time.Now.AddDays(-7.5):yyyy-MM-dd}") > 0 && name != "wrapper-mine.db"
            )
        );
        Assert.DoesNotContain(left, name => string.CompareOrdinal(name, $"wrapper-{_time.Now.AddDays(-367):yyyy-MM-dd}") < 0);
    }

    private sealed class Time : TimeProvider
    {
        public DateTimeOffset Now { get; set; } = new(2026, 1, 1, 3, 0, 0, TimeSpan.Zero);

        public override DateTimeOffset GetUtcNow() => Now;
    }
}
