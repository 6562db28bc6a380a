using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>
/// What the bench found is to be bought for a job, kept beside it for the list of jobs. It holds for the job and the house’s
/// rules as they stood; when either is written again, it is of no use any more and is not shown.
/// </summary>
public sealed class FigureStore(Database database)
{
    /// <summary>Keeps what was found for a job; false where the job does not stand any more as it was found for.</summary>
    /// <param name="jobId">The job.</param>
    /// <param name="versions">The versions it was found for: of the heading under <c>heading</c>, of each cloth under
    /// <c>cloth/</c> and its key, or of all cloths together under <c>cloth</c>, of each cover under its id.</param>
    /// <param name="document">What was found.</param>
    public bool Keep(string jobId, IReadOnlyDictionary<string, long> versions, string document)
    {
        using var writing = database.Write();
        var connection = writing.Connection;
        using var transaction = connection.BeginTransaction();
        var stands = connection.Rows(
            row => (Part: row.GetString(0), Version: row.GetInt64(1)),
            $"""
            SELECT 'heading', version FROM jobs WHERE id = $job AND deleted IS NULL
            UNION ALL SELECT 'cloth/' || key, version FROM cloths WHERE job_id = $job AND deleted IS NULL AND NOT $together
            UNION ALL SELECT 'cloth', ({ClothStore.Total}) WHERE $together
            UNION ALL SELECT id, version FROM covers WHERE job_id = $job AND deleted IS NULL
            """,
            ("$job", jobId),
            ("$together", versions.ContainsKey("cloth") ? 1 : 0)
        );
        if (stands.Count != versions.Count || stands.Any(part => versions.GetValueOrDefault(part.Part) != part.Version))
        {
            return false;
        }

        connection.Run(
            """
            INSERT INTO figures (job_id, document, job_updated, house_version)
            SELECT id, $document, updated, (SELECT version FROM house) FROM jobs WHERE id = $job
            ON CONFLICT (job_id) DO UPDATE SET document = excluded.document, job_updated = excluded.job_updated, house_version =
                excluded.house_version
            WHERE (document, job_updated, house_version) <> (excluded.document, excluded.job_updated, excluded.house_version)
            """,
            ("$job", jobId),
            ("$document", document)
        );
        transaction.Commit();
        return true;
    }
}
