using System.Globalization;
using Microsoft.Data.Sqlite;
using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>
/// Jobs and their covers. Every write names the version it was made from; a write made from an older one
/// changes nothing and says so, unless what it would write stands there already: repeating a write is idempotent and never
/// conflicts. What is deleted is only marked, and can be brought back.
/// </summary>
public sealed class JobStore(Database database, TimeProvider clock)
{
    /// <summary>A name that is longer than any may be is read so far that this can be seen.</summary>
    internal const string JobColumns =
        "j.id, substr(j.name, 1, 201), substr(j.client, 1, 201), substr(j.place, 1, 201), "
        + "j.unit, j.version, j.created, j.updated, j.archived";

    private readonly PartWriter _writer = new(database, clock);

    /// <summary>The cloths of its jobs.</summary>
    public ClothStore Cloths => new(database, clock);

    /// <summary>The list of its jobs.</summary>
    public JobList Jobs => new(database);

    /// <summary>The work on its jobs.</summary>
    public WorkStore Work => new(database, clock);

    /// <summary>A job with its covers and cloths; null when there is none.</summary>
    public WholeJob? Find(string id)
    {
        using var connection = database.Open();
        using var snapshot = connection.BeginTransaction(deferred: true);
        var job = connection
            .Rows(ReadJob, $"SELECT {JobColumns} FROM jobs j WHERE j.id = $id AND j.deleted IS NULL", ("$id", id))
            .SingleOrDefault();
        if (job is null)
        {
            return null;
        }

        var cloths = ClothStore.List(connection, id);
        var total = connection.Number(ClothStore.Total, ("$job", id)) ?? 0;
        var covers = connection.Rows(
            ReadCover,
            "SELECT id, position, document, complete, version, letter FROM covers WHERE job_id = "
                + "$id AND deleted IS NULL ORDER BY position, id",
            ("$id", id)
        );
        return new(job, cloths, total, covers);
    }

    /// <summary>A job's heading, however long it is; null where there is no such job.</summary>
    public JobHeading? WholeHeading(string id)
    {
        using var connection = database.Open();
        return connection
            .Rows(
                row => new JobHeading(row.GetString(0), row.GetString(1), row.GetString(2), row.GetString(3)),
                "SELECT name, client, place, unit FROM jobs WHERE id = $id AND deleted IS NULL",
                ("$id", id)
            )
            .SingleOrDefault();
    }

    /// <summary>A job stands in the store.</summary>
    public bool Stands(string id)
    {
        using var connection = database.Open();
        return connection.Number("SELECT COUNT(*) FROM jobs WHERE id = $id AND deleted IS NULL", ("$id", id)) > 0;
    }

    /// <summary>The ids of a job's covers; null where there is no such job.</summary>
    public IReadOnlySet<string>? CoverIds(string jobId)
    {
        using var connection = database.Open();
        return connection.Number("SELECT COUNT(*) FROM jobs WHERE id = $id AND deleted IS NULL", ("$id", jobId)) == 0
            ? null
            : connection
                .Rows(row => row.GetString(0), "SELECT id FROM covers WHERE job_id = $id AND deleted IS NULL", ("$id", jobId))
                .ToHashSet();
    }

    /// <summary>A job of this id stands in the store, or stood there and was deleted.</summary>
    public bool Knows(string id)
    {
        using var connection = database.Open();
        return connection.Number("SELECT COUNT(*) FROM jobs WHERE id = $id", ("$id", id)) > 0;
    }

    /// <summary>How many covers a job has and how long their documents are, in characters, without one of them.</summary>
    public (int Covers, long Characters) WeightWithout(string jobId, string coverId)
    {
        using var connection = database.Open();
        return connection
            .Rows(
                row => (row.GetInt32(0), row.GetInt64(1)),
                "SELECT COUNT(*), COALESCE(SUM(LENGTH(document)), 0) FROM covers WHERE job_id = $job AND id <> $cover AND deleted IS NULL",
                ("$job", jobId),
                ("$cover", coverId)
            )
            .Single();
    }

    /// <summary>Makes a job with an empty set of covers; null where a job of this id stands, or stood and was deleted.</summary>
    public StoredJob? Create(string id, JobHeading heading, IReadOnlyList<ClothIntake> cloths)
    {
        var now = Now();
        using var writing = database.Write();
        var connection = writing.Connection;
        using var transaction = connection.BeginTransaction();
        if (!Create(connection, id, heading, cloths, now))
        {
            return null;
        }

        transaction.Commit();
        var moment = DateTimeOffset.Parse(now, CultureInfo.InvariantCulture);
        return new(id, heading, 1, moment, moment, IsArchived: false);
    }

    /// <summary>Stores all that a job file brings in one transaction: all of it, or nothing.</summary>
    /// <returns>False where the job that is to be made stands already, or stood and was deleted, or the one that is added to does not
    /// stand.</returns>
    public bool Take(JobIntake intake)
    {
        var now = Now();
        using var writing = database.Write();
        var connection = writing.Connection;
        using var transaction = connection.BeginTransaction();
        var stands = intake.Heading is var (heading, cloths)
            ? Create(connection, intake.JobId, heading, cloths, now)
            : connection.Run("UPDATE jobs SET updated = $now WHERE id = $job AND deleted IS NULL", ("$job", intake.JobId), ("$now", now))
                == 1;
        if (!stands)
        {
            return false;
        }

        foreach (var cover in intake.Covers)
        {
            connection.Run(
                InsertCover,
                ("$job", intake.JobId),
                ("$cover", cover.Id),
                ("$position", cover.Position),
                ("$document", cover.Document),
                ("$complete", cover.IsComplete ? 1 : 0),
                ("$letter", cover.Letter)
            );
        }

        foreach (var photo in intake.Photos)
        {
            PhotoStore.Insert(connection, intake.JobId, photo, clock.GetUtcNow());
        }

        Work.Add(connection, intake.JobId, intake.Work);
        transaction.Commit();
        return true;
    }

    /// <summary>Writes a job's heading.</summary>
    public WriteResult SaveHeading(string id, JobHeading heading, long version) =>
        _writer.Write(
            id,
            "UPDATE jobs SET name = $name, client = $client, place = $place, unit = $unit, version = version + 1 "
                + "WHERE id = $job AND version = $version AND deleted IS NULL",
            "SELECT version FROM jobs WHERE id = $job AND deleted IS NULL",
            "SELECT version FROM jobs WHERE id = $job AND deleted IS NULL AND name = $name AND "
                + "client = $client AND place = $place AND unit = $unit",
            ("$name", heading.Name),
            ("$client", heading.Client),
            ("$place", heading.Place),
            ("$unit", heading.Unit),
            ("$version", version)
        );

    /// <summary>Writes a cover made from this version.</summary>
    public WriteResult SaveCover(string jobId, string coverId, int position, string document, bool complete, long version) =>
        _writer.Write(
            jobId,
            """
            UPDATE covers SET position = $position, document = $document, complete = $complete, version = version + 1
            WHERE job_id = $job AND id = $cover AND version = $version AND deleted IS NULL
            """,
            "SELECT version FROM covers WHERE job_id = $job AND id = $cover AND deleted IS NULL",
            SameCover,
            ("$cover", coverId),
            ("$position", position),
            ("$document", document),
            ("$complete", complete ? 1 : 0),
            ("$version", version)
        );

    /// <summary>
    /// Adds a cover, or brings a deleted one of this id back; stale when one of this id stands already. It gets the next letter
    /// nobody in the job has had, or the one it says if that is free; one brought back keeps its own.
    /// </summary>
    public WriteResult AddCover(string jobId, string coverId, int position, string document, bool complete, int? letter = null) =>
        _writer.Write(
            jobId,
            InsertCover,
            "SELECT version FROM covers WHERE job_id = $job AND id = $cover AND deleted IS NULL",
            SameCover,
            ("$cover", coverId),
            ("$position", position),
            ("$document", document),
            ("$complete", complete ? 1 : 0),
            ("$letter", letter)
        );

    /// <summary>The letter of a cover, from 0; null where there is none of this id.</summary>
    public int? LetterOf(string jobId, string coverId)
    {
        using var connection = database.Open();
        return (int?)
            connection.Number("SELECT letter FROM covers WHERE job_id = $job AND id = $cover", ("$job", jobId), ("$cover", coverId));
    }

    /// <summary>Marks a cover as deleted; <see cref="AddCover"/> brings it back.</summary>
    public WriteResult DeleteCover(string jobId, string coverId, long version) =>
        _writer.Write(
            jobId,
            "UPDATE covers SET deleted = $now, version = version + 1 WHERE job_id = $job AND id = "
                + "$cover AND version = $version AND deleted IS NULL",
            "SELECT version FROM covers WHERE job_id = $job AND id = $cover",
            "SELECT version FROM covers WHERE job_id = $job AND id = $cover AND deleted IS NOT NULL",
            ("$cover", coverId),
            ("$version", version)
        );

    /// <summary>Marks a job as deleted; <see cref="RestoreJob"/> brings it back with all that hangs on it.</summary>
    public WriteResult DeleteJob(string id, long version) =>
        _writer.Write(
            id,
            "UPDATE jobs SET deleted = $now, version = version + 1 WHERE id = $job AND version = $version AND deleted IS NULL",
            "SELECT version FROM jobs WHERE id = $job",
            "SELECT version FROM jobs WHERE id = $job AND deleted IS NOT NULL",
            ("$version", version)
        );

    /// <summary>Brings a deleted job back.</summary>
    public WriteResult RestoreJob(string id) =>
        _writer.Write(
            id,
            "UPDATE jobs SET deleted = NULL, version = version + 1 WHERE id = $job AND deleted IS NOT NULL",
            "SELECT version FROM jobs WHERE id = $job AND deleted IS NULL",
            "SELECT version FROM jobs WHERE id = $job AND deleted IS NULL"
        );

    /// <summary>Puts a job away, or takes it out again: it stays as it is, and is off the list of what is worked on.</summary>
    public WriteResult Archive(string id, bool away, long version) =>
        _writer.Write(
            id,
            "UPDATE jobs SET archived = CASE WHEN $away THEN $now END, version = version + 1 WHERE id "
                + "= $job AND version = $version AND deleted IS NULL",
            "SELECT version FROM jobs WHERE id = $job AND deleted IS NULL",
            "SELECT version FROM jobs WHERE id = $job AND deleted IS NULL AND (archived IS NOT NULL) = $away",
            ("$away", away ? 1 : 0),
            ("$version", version)
        );

    /// <summary>The house's settings.</summary>
    public StoredDocument House()
    {
        using var connection = database.Open();
        return connection.Rows(ReadDocument, "SELECT document, version FROM house WHERE id = 1").Single();
    }

    /// <summary>Writes the house's settings.</summary>
    public WriteResult SaveHouse(string document, long version)
    {
        using var writing = database.Write();
        var connection = writing.Connection;
        using var transaction = connection.BeginTransaction();
        var changed = connection.Run(
            "UPDATE house SET document = $document, version = version + 1 WHERE id = 1 AND version = $version",
            ("$document", document),
            ("$version", version)
        );
        var now = connection.Number("SELECT version FROM house WHERE id = 1") ?? 0;
        var same =
            connection.Number("SELECT version FROM house WHERE id = 1 AND document = $document", ("$document", document)) is not null;
        transaction.Commit();
        return new(changed == 1 || same ? WriteEnd.Saved : WriteEnd.Stale, now);
    }

    internal static StoredJob ReadJob(SqliteDataReader row) =>
        new(
            row.GetString(0),
            new(row.GetString(1), row.GetString(2), row.GetString(3), row.GetString(4)),
            row.GetInt64(5),
            DateTimeOffset.Parse(row.GetString(6), CultureInfo.InvariantCulture),
            DateTimeOffset.Parse(row.GetString(7), CultureInfo.InvariantCulture),
            !row.IsDBNull(8)
        );

    private static StoredCover ReadCover(SqliteDataReader row) =>
        new(row.GetString(0), row.GetInt32(1), row.GetString(2), row.GetInt64(3) == 1, row.GetInt64(4), row.GetInt32(5));

    private static StoredDocument ReadDocument(SqliteDataReader row) => new(row.GetString(0), row.GetInt64(1));

    private string Now() => clock.GetUtcNow().ToString("O", CultureInfo.InvariantCulture);

    /// <summary>Adds a cover, or brings a deleted one back; changes no row where one of its id stands.</summary>
    private const string InsertCover = """
        INSERT INTO covers (id, job_id, position, document, complete, version, letter)
        SELECT $cover, $job, $position, $document, $complete, 1,
            CASE WHEN $letter IS NOT NULL AND NOT EXISTS (SELECT 1 FROM covers WHERE job_id = $job AND letter = $letter) THEN $letter
            ELSE (SELECT COALESCE(MAX(letter) + 1, 0) FROM covers WHERE job_id = $job) END
        WHERE EXISTS (SELECT 1 FROM jobs WHERE id = $job AND deleted IS NULL)
        ON CONFLICT (job_id, id) DO UPDATE
        SET position = excluded.position, document = excluded.document, complete = excluded.complete, version = covers.version + 1, deleted
            = NULL
        WHERE covers.deleted IS NOT NULL
        """;

    private static bool Create(SqliteConnection connection, string id, JobHeading heading, IReadOnlyList<ClothIntake> cloths, string now)
    {
        var made = connection.Run(
            """
            INSERT INTO jobs (id, name, client, place, unit, version, created, updated)
            VALUES ($id, $name, $client, $place, $unit, 1, $now, $now) ON CONFLICT (id) DO NOTHING
            """,
            ("$id", id),
            ("$name", heading.Name),
            ("$client", heading.Client),
            ("$place", heading.Place),
            ("$unit", heading.Unit),
            ("$now", now)
        );
        if (made == 1)
        {
            ClothStore.Create(connection, id, cloths);
        }

        return made == 1;
    }

    private const string SameCover =
        "SELECT version FROM covers WHERE job_id = $job AND id = $cover AND deleted IS NULL AND "
        + "position = $position AND document = $document";
}
