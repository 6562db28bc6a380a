using System.Globalization;
using Microsoft.Data.Sqlite;
using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>A photograph that hangs on a thing or on one of its measures.</summary>
/// <param name="Id">Its id.</param>
/// <param name="CoverId">The cover it belongs to.</param>
/// <param name="Measure">The measure it hangs on; empty for the thing itself.</param>
/// <param name="Name">The file's name.</param>
/// <param name="Type">Its media type.</param>
/// <param name="Added">When it was added.</param>
public sealed record StoredPhoto(string Id, string CoverId, string Measure, string Name, string Type, DateTimeOffset Added);

/// <summary>A photograph's picture.</summary>
/// <param name="Type">Its media type.</param>
/// <param name="Content">The picture.</param>
/// <param name="Thumbnail">The same small, a JPEG.</param>
public sealed record StoredPicture(string Type, byte[] Content, byte[] Thumbnail);

/// <summary>Photographs of the things of a job, in the same file as the job.</summary>
public sealed class PhotoStore(Database database, TimeProvider clock)
{
    /// <summary>The photographs of a job, the earliest first.</summary>
    public IReadOnlyList<StoredPhoto> List(string jobId)
    {
        using var connection = database.Open();
        return connection.Rows(
            Read,
            "SELECT id, cover_id, measure, name, type, added FROM photos WHERE job_id = $job AND deleted IS NULL ORDER BY added, rowid",
            ("$job", jobId)
        );
    }

    /// <summary>How many photographs a job has, and how many bytes they take.</summary>
    public (int Count, long Bytes) Weight(string jobId)
    {
        using var connection = database.Open();
        return connection
            .Rows(
                row => (row.GetInt32(0), row.GetInt64(1)),
                "SELECT COUNT(*), COALESCE(SUM(LENGTH(content)), 0) FROM photos WHERE job_id = $job AND deleted IS NULL",
                ("$job", jobId)
            )
            .Single();
    }

    /// <summary>Keeps a photograph of a cover that stands in the job; null where there is none.</summary>
    public StoredPhoto? Add(string id, string jobId, string coverId, string measure, string name, StoredPicture picture)
    {
        var added = clock.GetUtcNow();
        using var writing = database.Write();
        return Insert(writing.Connection, jobId, new(id, coverId, measure, name, () => picture), added);
    }

    /// <summary>Stores a photograph of a cover that stands in the job; null where there is none.</summary>
    internal static StoredPhoto? Insert(SqliteConnection connection, string jobId, PhotoIntake photo, DateTimeOffset added)
    {
        var picture = photo.Picture();
        var changed = connection.Run(
            """
            INSERT INTO photos (id, job_id, cover_id, measure, name, type, content, thumbnail, added)
            SELECT $id, $job, $cover, $measure, $name, $type, $content, $thumbnail, $added
            WHERE EXISTS (SELECT 1 FROM jobs WHERE id = $job AND deleted IS NULL) AND EXISTS (SELECT 1 FROM covers WHERE job_id = $job AND
                id = $cover AND deleted IS NULL)
            """,
            ("$id", photo.Id),
            ("$job", jobId),
            ("$cover", photo.CoverId),
            ("$measure", photo.Measure),
            ("$name", photo.Name),
            ("$type", picture.Type),
            ("$content", picture.Content),
            ("$thumbnail", picture.Thumbnail),
            ("$added", added.ToString("O", CultureInfo.InvariantCulture))
        );
        return changed == 1 ? new(photo.Id, photo.CoverId, photo.Measure, photo.Name, picture.Type, added) : null;
    }

    /// <summary>The picture itself with its media type; null when there is none.</summary>
    public (string Type, byte[] Content)? Find(string jobId, string id)
    {
        using var connection = database.Open();
        var found = connection.Rows(
            row => (row.GetString(0), row.GetFieldValue<byte[]>(1)),
            "SELECT type, content FROM photos WHERE id = $id AND job_id = $job AND deleted IS NULL",
            ("$id", id),
            ("$job", jobId)
        );
        return found.Count == 0 ? null : found[0];
    }

    /// <summary>The small picture, or the picture itself where it was kept before there were small ones; null when there is none.</summary>
    public (string Type, byte[] Content)? Thumbnail(string jobId, string id)
    {
        using var connection = database.Open();
        var found = connection.Rows(
            row => (row.GetString(0), row.GetFieldValue<byte[]>(1)),
            "SELECT CASE WHEN thumbnail IS NULL THEN type ELSE 'image/jpeg' END, COALESCE(thumbnail, content) "
                + "FROM photos WHERE id = $id AND job_id = $job AND deleted IS NULL",
            ("$id", id),
            ("$job", jobId)
        );
        return found.Count == 0 ? null : found[0];
    }

    /// <summary>Takes a photograph off and gives its room back; true when it was there.</summary>
    public bool Delete(string jobId, string id)
    {
        using var writing = database.Write();
        var connection = writing.Connection;
        return connection.Run(
                "UPDATE photos SET deleted = $now, content = X'', thumbnail = NULL WHERE id = $id AND job_id = $job AND deleted IS NULL",
                ("$id", id),
                ("$job", jobId),
                ("$now", clock.GetUtcNow().ToString("O", CultureInfo.InvariantCulture))
            ) == 1;
    }

    private static StoredPhoto Read(SqliteDataReader row) =>
        new(
            row.GetString(0),
            row.GetString(1),
            row.GetString(2),
            row.GetString(3),
            row.GetString(4),
            DateTimeOffset.Parse(row.GetString(5), CultureInfo.InvariantCulture)
        );
}
