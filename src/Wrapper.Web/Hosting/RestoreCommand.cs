using System.Globalization;
using Microsoft.Data.Sqlite;
using Wrapper.Store;
using Wrapper.Store.Migrations;

namespace Wrapper.Web.Hosting;

/// <summary>
/// Puts a copy in the store's place: looks inside it first, says which jobs differ, and keeps what stood there under a name of
/// its own, whatever state it is in.
/// </summary>
internal static class RestoreCommand
{
    /// <summary>Restores a copy, or only shows what it holds.</summary>
    /// <param name="from">The copy.</param>
    /// <param name="store">The store's file.</param>
    /// <param name="isOnlyLook">Nothing is changed.</param>
    /// <exception cref="StoreUnfitException">The copy cannot be restored; nothing was changed.</exception>
    public static void Run(string from, string store, bool isOnlyLook)
    {
        if (from == Path.GetFullPath(store))
        {
            throw new StoreUnfitException($"{from} is the store itself. Name a copy of it.");
        }

        var copy = StoreContents.Of(from);
        Console.WriteLine($"{from} holds {Count(copy.Jobs.Count)} (schema {copy.Version}).");
        var now = Readable(store);
        if (now is not null)
        {
            Say(copy.Against(now));
        }

        if (isOnlyLook)
        {
            Console.WriteLine("Nothing was changed.");
            return;
        }

        var beside = Beside(store);
        if (now is null)
        {
            SetAside(store, beside);
        }

        using (var database = new Database(store))
        {
            database.RestoreFrom(from, now is null ? null : beside);
        }

        Console.WriteLine(
            File.Exists(beside) ? $"Restored from {from}. The store as it was until now is in {beside}." : $"Restored from {from}."
        );
    }

    private static void Say(StoreDifference difference)
    {
        foreach (
            var (jobs, text) in new[]
            {
                (difference.Changed, "differ from the jobs here"),
                (difference.OnlyHere, "are in the copy only, and come back"),
                (difference.OnlyThere, "are not in the copy, and go out of the store"),
            }
        )
        {
            if (jobs.Count > 0)
            {
                Console.WriteLine(
                    $"  {Count(jobs.Count)} {text}: "
                        + $"{StoreCommands.Listed([.. jobs.Select(job => job.Name.Length > 0 ? job.Name : job.Id)])}"
                );
            }
        }
    }

    private static string Count(int jobs) => jobs == 1 ? "1 job" : $"{jobs} jobs";

    /// <summary>What stands in the store; null where it is not there or cannot be read.</summary>
    private static StoreContents? Readable(string store)
    {
        try
        {
            return File.Exists(store) ? StoreContents.Of(store) : null;
        }
        catch (Exception error) when (error is StoreUnfitException or SqliteException)
        {
            return null;
        }
    }

    /// <summary>A name nothing has yet, so that every earlier store is kept.</summary>
    private static string Beside(string store)
    {
        var stem = Path.Combine(
            Path.GetDirectoryName(Path.GetFullPath(store))!,
            $"wrapper-before-restore-{DateTime.Now.ToString("yyyy-MM-dd-HHmmss", CultureInfo.InvariantCulture)}"
        );
        return Enumerable
            .Range(1, int.MaxValue)
            .Select(number => number == 1 ? $"{stem}.db" : $"{stem}-{number}.db")
            .First(name => !File.Exists(name));
    }

    /// <summary>Moves a store that cannot be read, with what lies beside it.</summary>
    private static void SetAside(string store, string beside)
    {
        foreach (var end in (string[])["", "-wal", "-shm"])
        {
            if (File.Exists(store + end))
            {
                File.Move(store + end, beside + end);
            }
        }
    }
}
