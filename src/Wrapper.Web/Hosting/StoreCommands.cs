using Microsoft.Extensions.Options;
using Wrapper.Store;

namespace Wrapper.Web.Hosting;

/// <summary>
/// Opens the store before anything is served, and does what the command line asks of it: <c>--backup FILE</c>,
/// <c>--restore FILE</c>. What stands in the way is said in one sentence.
/// </summary>
internal static class StoreCommands
{
    /// <summary>What the program ends with; null when it goes on and serves.</summary>
    public static int? Run(WebApplication app)
    {
        try
        {
            var options = app.Services.GetRequiredService<IOptions<ApplicationOptions>>().Value;
            var database = app.Services.GetRequiredService<Database>();
            if (options.Backup is { } copy)
            {
                database.CopyTo(Path.GetFullPath(copy));
                Console.WriteLine($"A copy of all jobs, photographs and rules of the house is in {copy}.");
                return 0;
            }

            if (options.Restore is { } from)
            {
                var beside = Path.Combine(Path.GetFullPath(options.Data), "wrapper-before-restore.db");
                database.RestoreFrom(Path.GetFullPath(from), beside);
                Console.WriteLine($"Restored from {from}. What was kept until now is in {beside}.");
                return 0;
            }

            return null;
        }
        catch (Exception error) when (Trouble(error) is { } text)
        {
            Console.Error.WriteLine(text);
            return 1;
        }
    }

    private static string? Trouble(Exception error) => StoreTrouble.Of(error)?.Text
        ?? (error is UnauthorizedAccessException or IOException ? $"The jobs cannot be kept there: {error.Message}" : null);
}
