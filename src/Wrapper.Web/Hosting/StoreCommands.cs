using Microsoft.Extensions.Options;
using Wrapper.Store;
using Wrapper.Store.Migrations;

namespace Wrapper.Web.Hosting;

/// <summary>
/// Opens the store before anything is served, and does what the command line asks of it: <c>--backup FILE</c>,
/// <c>--look FILE</c>, <c>--restore FILE</c>. What stands in the way is said in one sentence.
/// </summary>
internal static class StoreCommands
{
    private const int MostListed = 20;

    /// <summary>What the program ends with; null when it goes on and serves.</summary>
    public static int? Run(WebApplication app)
    {
        var options = app.Services.GetRequiredService<IOptions<ApplicationOptions>>().Value;
        try
        {
            if ((options.Restore ?? options.Look) is { } from)
            {
                RestoreCommand.Run(Path.GetFullPath(from), options.DatabaseFile(), isOnlyLook: options.Restore is null);
                return 0;
            }

            var database = app.Services.GetRequiredService<Database>();
            if (options.Backup is { } copy)
            {
                database.CopyTo(Path.GetFullPath(copy));
                Console.WriteLine($"A copy of all jobs, photographs and house rules is in {copy}.");
                return 0;
            }

            return null;
        }
        catch (Exception error) when (Trouble(error, options) is { } text)
        {
            Console.Error.WriteLine(text);
            return 1;
        }
    }

    /// <summary>The first names of a list, with how many more there are.</summary>
    public static string Listed(IReadOnlyList<string> names) =>
        string.Join(", ", names.Take(MostListed)) + (names.Count > MostListed ? $" and {names.Count - MostListed} more" : "");

    private static string? Trouble(Exception error, ApplicationOptions options) =>
        error is StoreUnfitException unfit && options.Restore is null && options.Look is null
            ? $"{unfit.Message} {Advice(options)}"
            : StoreTrouble.Of(error)?.Text
                ?? (error is UnauthorizedAccessException or IOException ? $"The jobs cannot be kept there: {error.Message}" : null);

    private static string Advice(ApplicationOptions options) =>
        CopyKeeper.LastGood(options.CopiesFolder()) is { } good
            ? $"To go on from the last good copy: ./wrapper restore {good}"
            : "There is no good copy beside it. Restore one with ./wrapper restore FILE, or move the file away to start without jobs.";
}
