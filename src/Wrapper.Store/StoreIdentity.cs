using Microsoft.Data.Sqlite;
using Wrapper.Store.Migrations;
using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>Whether a file is a store of this application, and sound: looked at before anything in it is changed.</summary>
internal static class StoreIdentity
{
    private static readonly string[] FirstTables = ["house", "jobs", "cloths", "covers"];

    /// <summary>The tables a store has from a schema version on.</summary>
    private static readonly (int Version, string[] Tables)[] LaterTables = [(2, ["photos", "sheets"]), (5, ["figures"]), (6, ["work"])];

    /// <summary>A file in which nothing was ever stored: a first start was ended before it came to that.</summary>
    public static bool IsBlank(SqliteConnection connection)
    {
        try
        {
            return SchemaVersions.Of(connection) == 0 && connection.Number("SELECT COUNT(*) FROM sqlite_master") == 0;
        }
        catch (SqliteException error) when (StoreTrouble.IsDamage(error))
        {
            return false;
        }
    }

    /// <summary>Refuses a file that is not a sound store of a version this program knows.</summary>
    /// <param name="connection">The file; nothing is written through it here.</param>
    /// <param name="path">Its path, for the message.</param>
    /// <exception cref="StoreUnfitException">It is damaged, of another program, or of a later version.</exception>
    public static void Require(SqliteConnection connection, string path)
    {
        Inspect(connection, path);
        var version = SchemaVersions.Of(connection);
        var mark = connection.Number("PRAGMA application_id");
        var tables = connection.Rows(row => row.GetString(0), "SELECT name FROM sqlite_master WHERE type = 'table'").ToHashSet();
        // Stores from before the mark are known by their version and their tables.
        var isOurs = mark == SchemaVersions.ApplicationId || (mark == 0 && version > 0 && version < SchemaVersions.FirstMarked);
        if (!isOurs || version == 0)
        {
            throw new StoreUnfitException($"{path} does not hold Wrapper’s jobs: another program wrote it. Nothing was changed.");
        }

        if (version > SchemaVersions.Current)
        {
            throw new StoreUnfitException(
                $"{path} was written by a later version of Wrapper (schema {version}; this version knows "
                    + $"{SchemaVersions.Current}). Use that version. Nothing was changed."
            );
        }

        var missing = FirstTables
            .Concat(LaterTables.Where(later => version >= later.Version).SelectMany(later => later.Tables))
            .Where(table => !tables.Contains(table))
            .ToList();
        if (missing.Count > 0)
        {
            throw new StoreUnfitException(
                $"{path} is not a whole store of Wrapper’s: its table “{missing[0]}” is missing. Nothing was changed."
            );
        }
    }

    /// <summary>SQLite's own look at every page; the first thing it finds ends the matter.</summary>
    private static void Inspect(SqliteConnection connection, string path)
    {
        string? found;
        try
        {
            found = connection.Word("PRAGMA quick_check(1)");
        }
        catch (SqliteException error) when (StoreTrouble.IsDamage(error))
        {
            throw new StoreUnfitException($"{path} is damaged, or another program wrote it. Nothing was changed.", error);
        }

        if (found != "ok")
        {
            throw new StoreUnfitException($"{path} is damaged ({found}). Nothing was changed.");
        }
    }
}
