using Microsoft.Data.Sqlite;
using Wrapper.Store.Sql;

namespace Wrapper.Store.Migrations;

/// <summary>
/// Gives jobs and covers a usable id whose id could not stand in an address: older versions stored such ids from job files, and
/// what has one can be neither opened nor deleted. Everything that hangs on them goes with them.
/// </summary>
internal static class UnusableIds
{
    /// <summary>Not 1 to 64 ASCII letters, digits and hyphens; also where the text holds a NUL, at which SQLite's functions end.</summary>
    private const string IsUnusable =
        "(id GLOB '*[^A-Za-z0-9-]*' OR length(CAST(id AS BLOB)) NOT BETWEEN 1 AND 64 OR instr(hex(id), '00') > 0)";

    private const string NewId = "lower(hex(randomblob(16)))";

    private static readonly string[] Statements =
    [
        $"CREATE TEMP TABLE renamed AS SELECT id AS old, {NewId} AS new FROM main.jobs WHERE {IsUnusable}",
        .. new[] { "cloths", "covers", "photos", "sheets", "figures", "work" }.Select(table =>
            $"UPDATE main.{table} SET job_id = (SELECT new FROM renamed WHERE old = job_id) WHERE job_id IN (SELECT old FROM renamed)"
        ),
        "UPDATE main.jobs SET id = (SELECT new FROM renamed WHERE old = id) WHERE id IN (SELECT old FROM renamed)",
        "DROP TABLE renamed",
        $"CREATE TEMP TABLE renamed AS SELECT job_id AS job, id AS old, {NewId} AS new FROM main.covers WHERE {IsUnusable}",
        .. new[] { "photos", "work" }.Select(table =>
            $"""
                UPDATE main.{table} SET cover_id = (SELECT new FROM renamed WHERE job = job_id AND old = cover_id)
                WHERE EXISTS (SELECT 1 FROM renamed WHERE job = job_id AND old = cover_id)
                """
        ),
        // An entry of work names its cover in its document too.
        """
            UPDATE main.work SET document = json_set(document, '$.cover', cover_id)
            WHERE cover_id IN (SELECT new FROM renamed) AND json_valid(document)
            """,
        """
            UPDATE main.covers SET id = (SELECT new FROM renamed WHERE job = job_id AND old = id)
            WHERE EXISTS (SELECT 1 FROM renamed WHERE job = job_id AND old = id)
            """,
        "DROP TABLE renamed",
    ];

    /// <summary>Replaces them where there are any.</summary>
    public static void Replace(SqliteConnection connection)
    {
        var count = connection.Number(
            $"SELECT (SELECT COUNT(*) FROM jobs WHERE {IsUnusable}) + (SELECT COUNT(*) FROM covers WHERE {IsUnusable})"
        );
        if (count == 0)
        {
            return;
        }

        using var transaction = connection.BeginTransaction();
        connection.Run("PRAGMA defer_foreign_keys = ON");
        foreach (var statement in Statements)
        {
            connection.Run(statement);
        }

        transaction.Commit();
    }
}
