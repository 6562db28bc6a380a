using Microsoft.Data.Sqlite;
using Wrapper.Store.Migrations;
using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>A job in a store, as far as two stores are compared.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Covers">How many covers it has.</param>
/// <param name="Updated">When anything of it was last written, in ISO 8601.</param>
public sealed record StoredJobLine(string Id, string Name, int Covers, string Updated);

/// <summary>What stands in a store's file: looked at without changing anything.</summary>
/// <param name="Version">Its schema version.</param>
/// <param name="Jobs">Its jobs, without those that were deleted; the one last written first.</param>
public sealed record StoreContents(int Version, IReadOnlyList<StoredJobLine> Jobs)
{
    /// <summary>Looks into a file.</summary>
    /// <exception cref="StoreUnfitException">It is not there, damaged, of another program, or of a later version.</exception>
    public static StoreContents Of(string path)
    {
        if (!File.Exists(path))
        {
            throw new StoreUnfitException($"There is no file {path}. Name a copy that is there.");
        }

        using var connection = Database.Plain(path, SqliteOpenMode.ReadOnly);
        StoreIdentity.Require(connection, path);
        return new(
            SchemaVersions.Of(connection),
            connection.Rows(
                row => new StoredJobLine(row.GetString(0), row.GetString(1), row.GetInt32(2), row.GetString(3)),
                """
                SELECT id, substr(name, 1, 200), (SELECT COUNT(*) FROM covers WHERE job_id = jobs.id AND deleted IS NULL), updated
                FROM jobs WHERE deleted IS NULL ORDER BY updated DESC
                """
            )
        );
    }

    /// <summary>How the jobs of this store differ from another's: what would change where this one took its place.</summary>
    /// <param name="other">The other store.</param>
    public StoreDifference Against(StoreContents other)
    {
        var (mine, theirs) = (Jobs.ToDictionary(job => job.Id), other.Jobs.ToDictionary(job => job.Id));
        return new(
            [.. Jobs.Where(job => !theirs.ContainsKey(job.Id))],
            [.. other.Jobs.Where(job => !mine.ContainsKey(job.Id))],
            [.. Jobs.Where(job => theirs.TryGetValue(job.Id, out var known) && known.Updated != job.Updated)]
        );
    }
}

/// <summary>How two stores differ.</summary>
/// <param name="OnlyHere">Jobs that only this one has.</param>
/// <param name="OnlyThere">Jobs that only the other one has.</param>
/// <param name="Changed">Jobs that were written in one of them since; as they are here.</param>
public sealed record StoreDifference(
    IReadOnlyList<StoredJobLine> OnlyHere,
    IReadOnlyList<StoredJobLine> OnlyThere,
    IReadOnlyList<StoredJobLine> Changed
);
