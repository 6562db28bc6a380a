using System.Diagnostics;
using Xunit;

namespace Wrapper.Web.Tests;

/// <summary>The program itself, started as a person starts it: what keeps it from its work is one sentence and an end that is not 0.</summary>
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

    private async Task<(int Code, string Said)> Started(params string[] arguments)
    {
        var start = new ProcessStartInfo("dotnet", [typeof(Program).Assembly.Location, "--data", _directory, .. arguments]) { RedirectStandardError = true, RedirectStandardOutput = true };
        using var process = Process.Start(start)!;
        var (errors, output) = (process.StandardError.ReadToEndAsync(TestContext.Current.CancellationToken), process.StandardOutput.ReadToEndAsync(TestContext.Current.CancellationToken));
        await process.WaitForExitAsync(TestContext.Current.CancellationToken);
        return (process.ExitCode, await errors + await output);
    }
}
