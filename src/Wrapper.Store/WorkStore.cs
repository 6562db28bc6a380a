using System.Globalization;

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
    public IReadOnlyList<StoredWork> List(string jobId)
    {
        using var connection = database.Open();
        return connection.Rows(
            row => new StoredWork(row.GetString(0), row.GetString(1), row.GetString(2), row.GetString(3)),
            "SELECT id, kind, cover_id, document FROM work WHERE job_id = $job ORDER BY place", ("$job", jobId));
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
            row => new StoredWork(row.GetString(0), row.GetString(1), row.GetString(2), row.GetString(3)),
            """
            SELECT w.id, w.kind, w.cover_id, w.document FROM work w
            WHERE w.kind = $kind AND NOT EXISTS (SELECT 1 FROM work u WHERE u.job_id = w.job_id AND u.kind = 'undone' AND u.document ->> '$.subject' = w.id)
            ORDER BY w.written DESC, w.place DESC LIMIT $most
            """,
            ("$kind", kind), ("$most", most));
    }
}
