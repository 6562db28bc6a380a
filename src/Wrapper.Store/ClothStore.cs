using System.Globalization;
using Microsoft.Data.Sqlite;
using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>A cloth to store.</summary>
/// <param name="Key">What covers name it by.</param>
/// <param name="Document">What is known of it.</param>
public sealed record ClothIntake(string Key, string Document);

/// <summary>
/// The cloths of jobs: a list, each with a version of its own. Earlier clients write all of them at once; for them the versions of a job's
/// cloths are added up to one, which grows with every write of any of them.
/// </summary>
public sealed class ClothStore(Database database, TimeProvider clock)
{
    /// <summary>The sum of the versions of all cloths a job has or had; only ever grows.</summary>
    internal const string Total = "SELECT COALESCE(SUM(version), 0) FROM cloths WHERE job_id = $job";

    private const string Columns = "key, document, version";
    private const string Stands = "EXISTS (SELECT 1 FROM jobs WHERE id = $job AND deleted IS NULL)";
    private const string VersionOf = $"SELECT version FROM cloths WHERE job_id = $job AND key = $key AND deleted IS NULL AND {Stands}";

    /// <summary>Adds a cloth at the end of the list, or brings a deleted one back where it stood.</summary>
    private const string Insert = $"""
        INSERT INTO cloths (job_id, key, position, document, version)
        SELECT $job, $key, (SELECT COALESCE(MAX(position) + 1, 0) FROM cloths WHERE job_id = $job), $document, 1
        WHERE {Stands}
        ON CONFLICT (job_id, key) DO UPDATE
        SET document = excluded.document, version = cloths.version + 1, deleted = NULL
        WHERE cloths.deleted IS NOT NULL
        """;

    private readonly PartWriter _writer = new(database, clock);

    /// <summary>The cloths of a job that stands, in their order; empty where there is no such job.</summary>
    public IReadOnlyList<StoredCloth> List(string jobId)
    {
        using var connection = database.Open();
        return connection.Number($"SELECT 1 WHERE {Stands}", ("$job", jobId)) is null ? [] : List(connection, jobId);
    }

    /// <summary>Writes a cloth made from this version.</summary>
    public WriteResult Save(string jobId, string key, string document, long version) =>
        _writer.Write(
            jobId,
            "UPDATE cloths SET document = $document, version = version + 1 "
                + $"WHERE job_id = $job AND key = $key AND version = $version AND deleted IS NULL AND {Stands}",
            VersionOf,
            $"{VersionOf} AND document = $document",
            ("$key", key),
            ("$document", document),
            ("$version", version)
        );

    /// <summary>Adds a cloth, or brings a deleted one back; stale when one of this key stands already.</summary>
    public WriteResult Add(string jobId, string key, string document) =>
        _writer.Write(jobId, Insert, VersionOf, $"{VersionOf} AND document = $document", ("$key", key), ("$document", document));

    /// <summary>Marks a cloth as deleted; <see cref="Add"/> brings it back. The last cloth of a job stays.</summary>
    public WriteResult Delete(string jobId, string key, long version) =>
        _writer.Write(
            jobId,
            "UPDATE cloths SET deleted = $now, version = version + 1 "
                + $"WHERE job_id = $job AND key = $key AND version = $version AND deleted IS NULL AND {Stands} "
                + "AND EXISTS (SELECT 1 FROM cloths other WHERE other.job_id = $job AND other.key <> $key AND other.deleted IS NULL)",
            $"SELECT version FROM cloths WHERE job_id = $job AND key = $key AND {Stands}",
            $"SELECT version FROM cloths WHERE job_id = $job AND key = $key AND deleted IS NOT NULL AND {Stands}",
            ("$key", key),
            ("$version", version)
        );

    /// <summary>Writes the first cloth of a job and, where they are said, all others: those that are not said are deleted.</summary>
    /// <param name="jobId">The job.</param>
    /// <param name="cloths">The first, and the others after it.</param>
    /// <param name="withOthers">The others are said.</param>
    /// <param name="version">The sum of the versions it was made from.</param>
    public WriteResult SaveAll(string jobId, IReadOnlyList<ClothIntake> cloths, bool withOthers, long version)
    {
        using var writing = database.Write();
        var connection = writing.Connection;
        using var transaction = connection.BeginTransaction();
        var stored = List(connection, jobId);
        if (connection.Number($"SELECT 1 WHERE {Stands}", ("$job", jobId)) is null || stored.Count == 0)
        {
            return new(WriteEnd.Missing, 0);
        }

        var all = withOthers ? cloths : [cloths[0], .. stored.Skip(1).Select(cloth => new ClothIntake(cloth.Key, cloth.Document))];
        if (all.Select(cloth => (cloth.Key, cloth.Document)).SequenceEqual(stored.Select(cloth => (cloth.Key, cloth.Document))))
        {
            return new(WriteEnd.Saved, connection.Number(Total, ("$job", jobId)) ?? 0);
        }

        if (connection.Number(Total, ("$job", jobId)) is var standing && standing != version)
        {
            return new(WriteEnd.Stale, standing ?? 0);
        }

        Replace(connection, jobId, all, stored);
        var total = connection.Number(Total, ("$job", jobId)) ?? 0;
        transaction.Commit();
        return new(WriteEnd.Saved, total);
    }

    /// <summary>The cloths of a job, in their order.</summary>
    internal static IReadOnlyList<StoredCloth> List(SqliteConnection connection, string jobId) =>
        connection.Rows(
            row => new StoredCloth(row.GetString(0), row.GetString(1), row.GetInt64(2)),
            $"SELECT {Columns} FROM cloths WHERE job_id = $job AND deleted IS NULL ORDER BY position, key",
            ("$job", jobId)
        );

    /// <summary>Adds the cloths of a job that is made.</summary>
    internal static void Create(SqliteConnection connection, string jobId, IEnumerable<ClothIntake> cloths)
    {
        foreach (var cloth in cloths)
        {
            connection.Run(Insert, ("$job", jobId), ("$key", cloth.Key), ("$document", cloth.Document));
        }
    }

    private void Replace(SqliteConnection connection, string jobId, IReadOnlyList<ClothIntake> cloths, IReadOnlyList<StoredCloth> stored)
    {
        var now = clock.GetUtcNow().ToString("O", CultureInfo.InvariantCulture);
        foreach (var gone in stored.Where(known => cloths.All(cloth => cloth.Key != known.Key)))
        {
            connection.Run(
                "UPDATE cloths SET deleted = $now, version = version + 1 WHERE job_id = $job AND key = $key",
                ("$job", jobId),
                ("$key", gone.Key),
                ("$now", now)
            );
        }

        foreach (var (position, cloth) in cloths.Index())
        {
            (string, object?)[] values = [("$job", jobId), ("$key", cloth.Key), ("$document", cloth.Document), ("$position", position)];
            connection.Run(Insert, values);
            connection.Run(
                "UPDATE cloths SET document = $document, version = version + 1 "
                    + "WHERE job_id = $job AND key = $key AND document <> $document",
                values
            );
            connection.Run("UPDATE cloths SET position = $position WHERE job_id = $job AND key = $key", values);
        }

        connection.Run("UPDATE jobs SET updated = $now WHERE id = $job", ("$job", jobId), ("$now", now));
    }
}
