using System.Globalization;
using Microsoft.Data.Sqlite;

namespace Wrapper.Store;

/// <summary>Something that was done, as it is kept.</summary>
/// <param name="Id">Made by whoever told it; unique in its job.</param>
/// <param name="Kind">What was done.</param>
/// <param name="CoverId">On which cover; empty for what is of a cloth.</param>
/// <param name="Document">All of it, as JSON.</param>
public sealed record StoredWork(string Id, string Kind, string CoverId, string Document);

/// <summary>
/// The work on a job as it was told, in the order it came in. Entries are only ever added, so that two who tell at once are
/// never in conflict; one that comes twice is kept once.
/// </summary>
public sealed class WorkStore(Database database, TimeProvider clock)
{
    /// <summary>The entries of a job, the earliest first.</summary>
    /// <param name="jobId">The job.</param>
    /// <param name="from">How many of them are known already: only those after them are read. Entries are only added, so that their places are their numbers.</param>
    public IReadOnlyList<StoredWork> List(string jobId, int from = 0)
    {
        using var connection = database.Open();
        return connection.Rows(Read, "SELECT id, kind, cover_id, document FROM work WHERE job_id = $job AND place >= $from ORDER BY place", ("$job", jobId), ("$from", from));
    }

    /// <summary>How many entries a job has, and how many characters they take.</summary>
    public (int Count, long Characters) Weight(string jobId)
    {
        using var connection = database.Open();
        return connection.Rows(row => (row.GetInt32(0), row.GetInt64(1)), "SELECT COUNT(*), COALESCE(SUM(LENGTH(document)), 0) FROM work WHERE job_id = $job", ("$job", jobId)).Single();
    }

    /// <summary>Keeps entries of a job that stands.</summary>
    /// <returns>The ids of those that were not there yet; null where there is no such job.</returns>
    public IReadOnlyList<string>? Add(string jobId, IReadOnlyList<StoredWork> entries)
    {
        var now = clock.GetUtcNow().ToString("O", CultureInfo.InvariantCulture);
        using var writing = database.Write();
        var connection = writing.Connection;
        using var transaction = connection.BeginTransaction();
        if (connection.Number("SELECT COUNT(*) FROM jobs WHERE id = $job AND deleted IS NULL", ("$job", jobId)) == 0)
        {
            return null;
        }

        List<string> added =
        [
            .. entries.Where(entry => connection.Run(
                """
                INSERT INTO work (job_id, id, kind, cover_id, document, written, place)
                VALUES ($job, $id, $kind, $cover, $document, $now, (SELECT COALESCE(MAX(place) + 1, 0) FROM work WHERE job_id = $job))
                ON CONFLICT (job_id, id) DO NOTHING
                """,
                ("$job", jobId), ("$id", entry.Id), ("$kind", entry.Kind), ("$cover", entry.CoverId), ("$document", entry.Document), ("$now", now)) == 1).Select(entry => entry.Id),
        ];
        transaction.Commit();
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
            """
            SELECT id, kind, cover_id, document FROM work
            WHERE kind = $kind AND (job_id, id) NOT IN (SELECT job_id, document ->> '$.subject' FROM work WHERE kind = 'undone' AND document ->> '$.subject' IS NOT NULL)
            ORDER BY written DESC, place DESC LIMIT $most
            """,
            ("$kind", kind), ("$most", most));
    }

    private static StoredWork Read(SqliteDataReader row) => new(row.GetString(0), row.GetString(1), row.GetString(2), row.GetString(3));
}
