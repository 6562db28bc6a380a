using Microsoft.Data.Sqlite;
using Microsoft.Extensions.Options;
using Wrapper.Store;

namespace Wrapper.Web.Hosting;

/// <summary>Has copies kept while the application runs: looks every hour whether one is due.</summary>
internal sealed partial class DailyBackups(
    Database database,
    TimeProvider clock,
    IOptions<ApplicationOptions> options,
    ILogger<DailyBackups> log
) : BackgroundService
{
    private static readonly TimeSpan Look = TimeSpan.FromHours(1);
    private static readonly TimeSpan Oldest = TimeSpan.FromDays(365);

    /// <inheritdoc />
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (options.Value.Copies < 1 || options.Value.Demo is not null)
        {
            return;
        }

        var folder = Path.Combine(Path.GetDirectoryName(options.Value.DatabaseFile())!, "copies");
        var keeper = new CopyKeeper(database, clock, folder, options.Value.Copies, Oldest);
        using var timer = new PeriodicTimer(Look, clock);
        do
        {
            try
            {
                keeper.Keep();
            }
            catch (Exception error) when (error is IOException or UnauthorizedAccessException or SqliteException)
            {
                NoCopy(log, folder, StoreTrouble.Of(error)?.Text ?? error.Message); // the work goes on; it is tried again
            }
        } while (await timer.WaitForNextTickAsync(stoppingToken));
    }

    [LoggerMessage(Level = LogLevel.Warning, Message = "No copy could be kept in {Folder}: {Reason}")]
    private static partial void NoCopy(ILogger log, string folder, string reason);
}
