using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>The list of jobs, a page at a time, each job once, whatever is written between two pages.</summary>
public sealed class JobList(Database database)
{
    /// <summary>What the rest of a job's line takes, and all lines of a page together.</summary>
    private const int UsualCharacters = 400;
    private const int MostCharacters = 600_000;

    private static readonly Dictionary<JobSort, (string Key, string After, string Order)> Sorts = new()
    {
        [JobSort.Worked] = ("j.updated", "<", "DESC"),
        [JobSort.Name] = ("lower(substr(j.name, 1, 200))", ">", "ASC"),
        [JobSort.Client] = ("lower(substr(j.client, 1, 200))", ">", "ASC"),
    };

    /// <summary>A page of it.</summary>
    /// <param name="query">Which jobs, and how they are sorted.</param>
    /// <param name="limit">The most jobs on the page; it ends earlier where it would become too long to be sent.</param>
    /// <param name="after">Where the page before ended; null for the first.</param>
    public JobPage Page(JobQuery query, int limit, JobPlace? after)
    {
        using var connection = database.Open();
        var words = query.Find.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries);
        connection.CreateFunction(
            "holds_all",
            (string text) => words.All(word => text.Contains(word, StringComparison.OrdinalIgnoreCase)),
            isDeterministic: true
        );
        // SQLite's own knows ASCII only
        connection.CreateFunction("lower", (string text) => text.ToLowerInvariant(), isDeterministic: true);
        var (key, beyond, order) = Sorts[query.Sort];
        var jobs = connection.Rows(
            row =>
                (
                    Summary: new JobSummary(
                        JobStore.ReadJob(row),
                        row.GetInt32(9),
                        row.GetInt32(10),
                        row.IsDBNull(11) ? null : row.GetString(11)
                    ),
                    Place: new JobPlace(row.GetString(13), row.GetInt64(12))
                ),
            $"""
            WITH listed AS (
                SELECT {JobStore.JobColumns},
                    (SELECT COUNT(*) FROM covers c WHERE c.job_id = j.id AND c.deleted IS NULL) AS covers,
                    (SELECT COALESCE(SUM(c.complete), 0) FROM covers c WHERE c.job_id = j.id AND c.deleted IS NULL) AS complete,
                    (SELECT f.document FROM figures f WHERE f.job_id = j.id AND f.job_updated = j.updated AND f.house_version = (SELECT
                        version FROM house)) AS figures,
                    j.rowid AS line, {key} AS key
                FROM jobs j
                WHERE j.deleted IS NULL AND (j.archived IS NOT NULL) = $archived
                    AND ($key IS NULL OR ({key}, j.rowid) {beyond} ($key, $row))
                    AND ($any OR holds_all(j.name || ' ' || j.client || ' ' || j.place)))
            SELECT * FROM listed WHERE $stage IS NULL OR (covers > 0 AND complete = covers) = $stage ORDER BY key {order}, line {order}
                LIMIT $most
            """,
            ("$archived", query.Archived ? 1 : 0),
            ("$key", after?.Key),
            ("$row", after?.Row),
            ("$any", words.Length == 0 ? 1 : 0),
            ("$stage", query.Stage is { } stage ? (stage == JobStage.Cut ? 1 : 0) : null),
            ("$most", limit + 1)
        );
        var count = Math.Min(limit, Fitting(jobs.Select(job => job.Summary)));
        return new([.. jobs.Take(count).Select(job => job.Summary)], jobs.Count > count ? jobs[count - 1].Place : null);
    }

    /// <summary>How many jobs fit on a page; the first always does.</summary>
    private static int Fitting(IEnumerable<JobSummary> jobs)
    {
        var (count, characters) = (0, 0);
        foreach (var job in jobs)
        {
            characters +=
                UsualCharacters
                + job.Job.Heading.Name.Length
                + job.Job.Heading.Client.Length
                + job.Job.Heading.Place.Length
                + (job.Figures?.Length ?? 0);
            if (count > 0 && characters > MostCharacters)
            {
                break;
            }

            count++;
        }

        return count;
    }
}
