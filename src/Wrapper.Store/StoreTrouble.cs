using Microsoft.Data.Sqlite;
using Wrapper.Store.Migrations;

namespace Wrapper.Store;

/// <summary>What keeps the store from its work, and whether it may work again by itself.</summary>
/// <param name="Text">For the maker: what is wrong and what mends it.</param>
/// <param name="IsFull">There is no room left to write to.</param>
public sealed record StoreTrouble(string Text, bool IsFull = false)
{
    private const int Busy = 5;
    private const int Locked = 6;
    private const int ReadOnly = 8;
    private const int InputOutput = 10;
    private const int Corrupt = 11;
    private const int Full = 13;
    private const int CannotOpen = 14;
    private const int NotADatabase = 26;

    /// <summary>The file is damaged, or never was a database.</summary>
    internal static bool IsDamage(SqliteException error) => error.SqliteErrorCode is Corrupt or NotADatabase;

    /// <summary>What an exception says of the store; null where it says nothing of it.</summary>
    public static StoreTrouble? Of(Exception? error) =>
        error switch
        {
            SqliteException { SqliteErrorCode: Full } => new(
                "The disk is full: nothing more can be written. Make room; what is typed waits and is then saved.",
                IsFull: true
            ),
            StoreBusyException or SqliteException { SqliteErrorCode: Busy or Locked } => new(
                "Another program holds the jobs’ file just now: what is typed waits until it lets go."
            ),
            SqliteException { SqliteErrorCode: ReadOnly } => new(
                "The jobs’ file or its folder may not be written to: give this program the right to write there."
            ),
            SqliteException { SqliteErrorCode: CannotOpen } => new(
                "The jobs’ file cannot be opened: look whether its folder is there and may be written to."
            ),
            SqliteException damage when IsDamage(damage) => new(
                "The jobs’ file is damaged, or is no file of this program: put a copy in its place with ./wrapper restore."
            ),
            SqliteException { SqliteErrorCode: InputOutput } => new(
                "The disk does not answer as it should: look at the disk; what is typed waits."
            ),
            StoreUnfitException unfit => new(unfit.Message),
            _ => null,
        };
}
