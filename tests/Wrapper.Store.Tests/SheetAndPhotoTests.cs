using Microsoft.Data.Sqlite;
using Xunit;

namespace Wrapper.Store.Tests;

public sealed class SheetAndPhotoTests : IDisposable
{
    private readonly string _directory = Directory.CreateTempSubdirectory("wrapper-sheets").FullName;
    private readonly TestClock _clock = new();

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_directory, recursive: true);
    }

    [Fact]
    public void A_sheet_opens_its_one_job_runs_out_and_is_closed_by_the_next()
    {
        var (database, sheets) = Open();
        new JobStore(database, _clock).Create("job", new("Saloon", "", "", "in"), [new("main", "{}")]);
        var (token, expires) = sheets.Open("job");
        Assert.Equal(64, token.Length);
        Assert.Equal(_clock.GetUtcNow() + SheetStore.Life, expires);
        Assert.Equal("job", sheets.JobOf(token));
        Assert.Null(sheets.JobOf(token[..^1] + (token[^1] == '0' ? '1' : '0')));
        Assert.Null(sheets.JobOf(""));

        var (later, _) = sheets.Open("job");
        Assert.NotEqual(token, later);
        Assert.Null(sheets.JobOf(token));
        _clock.Advance(SheetStore.Life + TimeSpan.FromSeconds(1));
        Assert.Null(sheets.JobOf(later));
        var (closed, _) = sheets.Open("job");
        sheets.Close("job");
        Assert.Null(sheets.JobOf(closed));
    }

    [Fact]
    public void The_token_itself_is_not_kept()
    {
        var (database, sheets) = Open();
        new JobStore(database, _clock).Create("job", new("Saloon", "", "", "in"), [new("main", "{}")]);
        var (token, _) = sheets.Open("job");
        SqliteConnection.ClearAllPools();
        Assert.DoesNotContain(
            token,
            string.Concat(Directory.GetFiles(_directory).Select(file => System.Text.Encoding.Latin1.GetString(File.ReadAllBytes(file)))),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_photograph_is_found_again_as_it_was_until_it_is_taken_off()
    {
        var (database, _) = Open();
        var photos = new PhotoStore(database, _clock);
        var jobs = new JobStore(database, _clock);
        jobs.Create("job", new("Saloon", "", "", "in"), [new("main", "{}")]);
        jobs.AddCover("job", "seat", 0, "{}", complete: false);
        var (picture, small) = ((byte[])[0xFF, 0xD8, 0xFF, 0, 1, 2], (byte[])[3, 4]);
        Assert.NotNull(photos.Add("p", "job", "seat", "width", "hull.jpg", new("image/jpeg", picture, small)));
        Assert.Null(photos.Add("q", "nowhere", "seat", "width", "hull.jpg", new("image/jpeg", picture, small)));
        Assert.Equal(
            ("seat", "width", "hull.jpg"),
            photos.List("job").Select(photo => (photo.CoverId, photo.Measure, photo.Name)).Single()
        );
        Assert.Equal(picture, photos.Find("job", "p")!.Value.Content);
        Assert.Equal(small, photos.Thumbnail("job", "p")!.Value.Content);
        Assert.Equal((1, 6L), photos.Weight("job"));
        Assert.Null(photos.Add("r", "job", "nothing", "width", "hull.jpg", new("image/jpeg", picture, small)));
        Assert.Null(photos.Find("other", "p"));
        Assert.True(photos.Delete("job", "p"));
        Assert.False(photos.Delete("job", "p"));
        Assert.Empty(photos.List("job"));
        Assert.Equal((0, 0L), photos.Weight("job"));
    }

    private (Database Database, SheetStore Sheets) Open()
    {
        var database = new Database(Path.Combine(_directory, "wrapper.db"));
        return (database, new(database, _clock));
    }
}
