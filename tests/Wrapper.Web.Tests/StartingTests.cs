using System.Diagnostics;
using Wrapper.Store;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>
/// The program itself, started as a person starts it: what keeps it from its work is one sentence and an end that is not 0.
/// </summary>
public sealed class StartingTests : IDisposable
{
    private readonly string _directory = Directory.CreateTempSubdirectory("wrapper-start").FullName;

    public void Dispose() => Directory.Delete(_directory, recursive: true);

    [Fact]
    public async Task A_damaged_file_ends_the_start()
    {
        await File.WriteAllTextAsync(Path.Combine(_directory, "wrapper.db"), new string('x', 5000), TestContext.Current.CancellationToken);
        var (code, said) = await Started("--urls", "http://127.0.0.1:0");
        Assert.Equal(1, code);
        Assert.Contains("damaged", said, StringComparison.Ordinal);
        Assert.Single(said.Trim().Split('\n'));
    }

    [Fact]
    public async Task A_folder_that_is_no_folder_ends_the_start()
    {
        await File.WriteAllTextAsync(Path.Combine(_directory, "file"), "x", TestContext.Current.CancellationToken);
        var (code, said) = await Started("--data", Path.Combine(_directory, "file", "below"));
        Assert.Equal(1, code);
        Assert.Contains("cannot be kept there", said, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_copy_goes_out_and_in_by_the_command_line()
    {
        var copy = Path.Combine(_directory, "copy.db");
        Assert.Equal(0, (await Started("--backup", copy)).Code);
        Assert.True(new FileInfo(copy).Length > 0);
        var (code, said) = await Started("--restore", copy);
        Assert.True(code == 0, said);
        var (refused, why) = await Started("--restore", Path.Combine(_directory, "none.db"));
        Assert.Equal(1, refused);
        Assert.Contains("There is no file", why, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_second_restore_keeps_what_the_first_laid_aside_and_says_which_jobs_differ()
    {
        var copy = Path.Combine(_directory, "copy.db");
        using (var database = new Database(Path.Combine(_directory, "wrapper.db")))
        {
            var store = new JobStore(database, TimeProvider.System);
            store.Create("kept", new("Kept", "", "", "in"), [new("main", "{}")]);
            database.CopyTo(copy);
            store.Create("later", new("Later", "", "", "in"), [new("main", "{}")]);
        }

        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        var (look, inside) = await Started("--look", copy);
        Assert.Equal(0, look);
        Assert.Contains("holds 1 job", inside, StringComparison.Ordinal);
        Assert.Contains("Later", inside, StringComparison.Ordinal);
        Assert.Contains("Nothing was changed", inside, StringComparison.Ordinal);
        Assert.Equal(0, (await Started("--restore", copy)).Code);
        Assert.Equal(0, (await Started("--restore", copy)).Code);
        var aside = Directory.GetFiles(_directory, "wrapper-before-restore-*.db");
        Assert.Equal(2, aside.Length);
        Assert.Contains(aside, file => StoreContents.Of(file).Jobs.Any(job => job.Name == "Later"));
    }

    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public async Task An_empty_or_foreign_file_ends_the_start_offers_the_last_good_copy_and_is_kept_when_it_is_restored(bool isForeign)
    {
        var (file, copies) = (Path.Combine(_directory, "wrapper.db"), Path.Combine(_directory, "copies"));
        Directory.CreateDirectory(copies);
        var good = Path.Combine(copies, "wrapper-2026-11-30-090000.db");
        using (var database = new Database(Path.Combine(_directory, "made.db")))
        {
            database.CopyTo(good);
        }

        await File.WriteAllTextAsync(
            Path.Combine(copies, "wrapper-2026-12-01-090000.db"),
            "half a copy",
            TestContext.Current.CancellationToken
        );
        await File.WriteAllTextAsync(file, isForeign ? new string('x', 5000) : "", TestContext.Current.CancellationToken);
        var (code, said) = await Started("--urls", "http://127.0.0.1:0");
        Assert.Equal(1, code);
        Assert.Single(said.Trim().Split('\n'));
        Assert.Contains(good, said, StringComparison.Ordinal);
        Assert.Equal(0, (await Started("--restore", good)).Code);
        Assert.Single(Directory.GetFiles(_directory, "wrapper-before-restore-*.db"));
    }

    [Theory]
    [InlineData("--help", 0)]
    [InlineData("--hlep", 2)]
    [InlineData("serve", 2)]
    [InlineData("--restore", 2)]
    public async Task An_option_it_does_not_know_prints_the_usage_and_starts_nothing(string option, int code)
    {
        var (ended, said) = await Started(option);
        Assert.Equal(code, ended);
        Assert.Contains("--backup FILE", said, StringComparison.Ordinal);
        Assert.False(File.Exists(Path.Combine(_directory, "wrapper.db")));
    }

    private async Task<(int Code, string Said)> Started(params string[] arguments)
    {
        var start = new ProcessStartInfo("dotnet", [typeof(Program).Assembly.Location, "--data", _directory, .. arguments])
        {
            RedirectStandardError = true,
            RedirectStandardOutput = true,
        };
        using var process = Process.Start(start)!;
        var (errors, output) = (
            process.StandardError.ReadToEndAsync(TestContext.Current.CancellationToken),
            process.StandardOutput.ReadToEndAsync(TestContext.Current.CancellationToken)
        );
        await process.WaitForExitAsync(TestContext.Current.CancellationToken);
        return (process.ExitCode, await errors + await output);
    }
}
