namespace Wrapper.Store;

/// <summary>The list of jobs, a page at a time, each job once, whatever is written between two pages.</summary>
public sealed class JobList(Database database)
{
    private static readonly Dictionary<JobSort, (string Key, string After, string Order)> Sorts = new()
    {
        [JobSort.Worked] = ("j.updated", "<", "DESC"),
        [JobSort.Name] = ("lower(j.name)", ">", "ASC"),
        [JobSort.Client] = ("lower(j.client)", ">", "ASC"),
    };

    /// <summary>A page of it.</summary>
    /// <param name="query">Which jobs, and how they are sorted.</param>
    /// <param name="limit">The most jobs on the page.</param>
    /// <param name="after">Where the page before ended; null for the first.</param>
    public JobPage Page(JobQuery query, int limit, JobPlace? after)
    {
        using var connection = database.Open();
        var words = query.Find.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries);
        connection.CreateFunction("holds_all", (string text) => words.All(word => text.Contains(word, StringComparison.OrdinalIgnoreCase)), isDeterministic: true);
        connection.CreateFunction("lower", (string text) => text.ToLowerInvariant(), isDeterministic: true); // SQLite's own knows ASCII only
        var (key, beyond, order) = Sorts[query.Sort];
        var jobs = connection.Rows(
            row => (
                Summary: new JobSummary(JobStore.ReadJob(row), row.GetInt32(9), row.GetInt32(10), row.IsDBNull(11) ? null : row.GetString(11)),
                Place: new JobPlace(row.GetString(13), row.GetInt64(12))),
            $"""
            WITH listed AS (
                SELECT {JobStore.JobColumns},
                    (SELECT COUNT(*) FROM covers c WHERE c.job_id = j.id AND c.deleted IS NULL) AS covers,
                    (SELECT COALESCE(SUM(c.complete), 0) FROM covers c WHERE c.job_id = j.id AND c.deleted IS NULL) AS complete,
                    (SELECT f.document FROM figures f WHERE f.job_id = j.id AND f.job_updated = j.updated AND f.house_version = (SELECT version FROM house)) AS figures,
                    j.rowid AS line, {key} AS key
                FROM jobs j
                WHERE j.deleted IS NULL AND (j.archived IS NOT NULL) = $archived
                    AND ($key IS NULL OR ({key}, j.rowid) {beyond} ($key, $row))
                    AND ($any OR holds_all(j.name || ' ' || j.client || ' ' || j.place)))
            SELECT * FROM listed WHERE $stage IS NULL OR (covers > 0 AND complete = covers) = $stage ORDER BY key {order}, line {order} LIMIT $most
            """,
            ("$archived", query.Archived ? 1 : 0), ("$key", after?.Key), ("$row", after?.Row), ("$any", words.Length == 0 ? 1 : 0),
            ("$stage", query.Stage is { } stage ? (stage == JobStage.Cut ? 1 : 0) : null), ("$most", limit + 1));
        return new([.. jobs.Take(limit).Select(job => job.Summary)], jobs.Count > limit ? jobs[limit - 1].Place : null);
    }
}
