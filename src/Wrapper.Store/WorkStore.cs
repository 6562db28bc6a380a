using System.Globalization;
using System.Text.Json;
using Microsoft.Data.Sqlite;
using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>
/// The work on a job as it was told, in the order it came in. Entries are only ever added, so that two who tell at once are
/// never in conflict; one that comes twice is stored once.
/// </summary>
public sealed class WorkStore(Database database, TimeProvider clock)
{
    private const string Columns = "id, kind, cover_id, document, subject, number";

    /// <summary>The work that two may tell twice, and what makes it undone again.</summary>
    private const string Done = "kind IN ('cut', 'sewn')";

    /// <summary>All entries of a job, the earliest first.</summary>
    public IReadOnlyList<StoredWork> List(string jobId)
    {
        using var connection = database.Open();
        return connection.Rows(Read, $"SELECT {Columns} FROM work WHERE job_id = $job ORDER BY place", ("$job", jobId));
    }

    /// <summary>Entries of a job from a place on, until a page is full; at least one where there is one.</summary>
    /// <param name="jobId">The job.</param>
    /// <param name="from">How many of them are known already. Entries are only added, so that their places are their numbers.</param>
    /// <param name="mostCharacters">How long the documents on a page are together.</param>
    public WorkPage Page(string jobId, int from, int mostCharacters)
    {
        using var connection = database.Open();
        using var snapshot = connection.BeginTransaction(deferred: true);
        var total = (int)(connection.Number("SELECT COUNT(*) FROM work WHERE job_id = $job", ("$job", jobId)) ?? 0);
        using var command = connection.Command(
            $"SELECT {Columns} FROM work WHERE job_id = $job AND place >= $from ORDER BY place",
            ("$job", jobId),
            ("$from", from)
        );
        using var reader = command.ExecuteReader();
        var (entries, characters) = (new List<StoredWork>(), 0);
        while (reader.Read())
        {
            var entry = Read(reader);
            characters += entry.Document.Length;
            if (entries.Count > 0 && characters > mostCharacters)
            {
                break;
            }

            entries.Add(entry);
        }

        return new(entries, total);
    }

    /// <summary>One entry of a job; null where there is none.</summary>
    public StoredWork? Find(string jobId, string id)
    {
        using var connection = database.Open();
        return Find(connection, jobId, id);
    }

    /// <summary>How many entries a job has, and how many characters they take.</summary>
    public (int Count, long Characters) Weight(string jobId)
    {
        using var connection = database.Open();
        return connection
            .Rows(
                row => (row.GetInt32(0), row.GetInt64(1)),
                "SELECT COUNT(*), COALESCE(SUM(LENGTH(document)), 0) FROM work WHERE job_id = $job",
                ("$job", jobId)
            )
            .Single();
    }

    /// <summary>
    /// Adds entries to a job that stands, all or none. What was done before is looked up in the same transaction: of any number
    /// who tell the same at once, all but the first hear of it.
    /// </summary>
    /// <returns>What came of it; null where there is no such job.</returns>
    public WorkAdded? Add(string jobId, IReadOnlyList<StoredWork> entries)
    {
        using var writing = database.Write();
        var connection = writing.Connection;
        using var transaction = connection.BeginTransaction();
        if (connection.Number("SELECT COUNT(*) FROM jobs WHERE id = $job AND deleted IS NULL", ("$job", jobId)) == 0)
        {
            return null;
        }

        var added = Add(connection, jobId, entries);
        if (added.Conflicts.Count == 0)
        {
            transaction.Commit();
        }

        return added;
    }

    /// <summary>The latest entries of a kind over all jobs, the latest first: what the house’s own pace is told by.</summary>
    /// <param name="kind">The kind.</param>
    /// <param name="most">How many at the most.</param>
    public IReadOnlyList<StoredWork> Latest(string kind, int most)
    {
        using var connection = database.Open();
        return connection.Rows(
            Read,
            $"""
            SELECT {Columns} FROM work
            WHERE kind = $kind AND NOT EXISTS (SELECT 1 FROM work undone WHERE undone.job_id = work.job_id AND undone.subject = work.id AND
                undone.kind = 'undone')
            ORDER BY written DESC, place DESC LIMIT $most
            """,
            ("$kind", kind),
            ("$most", most)
        );
    }

    /// <summary>Adds entries within a transaction, which is to be rolled back where there are conflicts.</summary>
    internal WorkAdded Add(SqliteConnection connection, string jobId, IReadOnlyList<StoredWork> entries)
    {
        var now = clock.GetUtcNow().ToString("O", CultureInfo.InvariantCulture);
        var (added, conflicts, before) = (new List<string>(), new List<string>(), new Dictionary<string, string>());
        foreach (var entry in entries)
        {
            if (Insert(connection, jobId, entry, now))
            {
                added.Add(entry.Id);
                if (DoneBefore(connection, jobId, entry) is { } earlier)
                {
                    before[entry.Id] = earlier;
                }
            }
            else if (Find(connection, jobId, entry.Id) is { } stored && !IsSame(stored.Document, entry.Document))
            {
                conflicts.Add(entry.Id);
            }
        }

        return new(added, conflicts, before);
    }

    private static bool Insert(SqliteConnection connection, string jobId, StoredWork entry, string now) =>
        connection.Run(
            """
            INSERT INTO work (job_id, id, kind, cover_id, document, written, place, subject, number)
            VALUES ($job, $id, $kind, $cover, $document, $now, (SELECT COALESCE(MAX(place) + 1, 0) FROM work WHERE job_id = $job), $subject,
                $number)
            ON CONFLICT (job_id, id) DO NOTHING
            """,
            ("$job", jobId),
            ("$id", entry.Id),
            ("$kind", entry.Kind),
            ("$cover", entry.CoverId),
            ("$document", entry.Document),
            ("$now", now),
            ("$subject", entry.Subject),
            ("$number", entry.Number)
        ) == 1;

    /// <summary>The last entry before this one that says of the same thing what this one says, and still holds.</summary>
    private static string? DoneBefore(SqliteConnection connection, string jobId, StoredWork entry) =>
        connection
            .Rows(
                row => row.GetString(0) == entry.Kind ? row.GetString(1) : null,
                $"""
                SELECT kind, document FROM work told
                WHERE job_id = $job AND subject = $subject AND cover_id = $cover AND number = $number AND id <> $id AND ({Done} OR kind =
                    'spoiled')
                    AND NOT EXISTS (SELECT 1 FROM work undone WHERE undone.job_id = $job AND undone.subject = told.id AND undone.kind =
                        'undone')
                    AND EXISTS (SELECT 1 FROM work WHERE job_id = $job AND id = $id AND {Done})
                ORDER BY place DESC LIMIT 1
                """,
                ("$job", jobId),
                ("$subject", entry.Subject),
                ("$cover", entry.CoverId),
                ("$number", entry.Number),
                ("$id", entry.Id)
            )
            .SingleOrDefault();

    private static StoredWork? Find(SqliteConnection connection, string jobId, string id) =>
        connection
            .Rows(Read, $"SELECT {Columns} FROM work WHERE job_id = $job AND id = $id", ("$job", jobId), ("$id", id))
            .SingleOrDefault();

    /// <summary>The same content, however an earlier version wrote it down.</summary>
    private static bool IsSame(string stored, string document)
    {
        if (stored == document)
        {
            return true;
        }

        try
        {
            using var one = JsonDocument.Parse(stored);
            using var other = JsonDocument.Parse(document);
            return JsonElement.DeepEquals(one.RootElement, other.RootElement);
        }
        catch (JsonException)
        {
            return false;
        }
    }

    private static StoredWork Read(SqliteDataReader row) =>
        new(row.GetString(0), row.GetString(1), row.GetString(2), row.GetString(3), row.GetString(4), row.GetInt32(5));
}
