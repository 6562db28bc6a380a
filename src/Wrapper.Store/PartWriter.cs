using System.Globalization;
using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>Writes one part of a job: its heading, a cover, a cloth. The job's date goes with it.</summary>
internal sealed class PartWriter(Database database, TimeProvider clock)
{
    /// <summary>One write in one transaction.</summary>
    /// <param name="jobId">The job.</param>
    /// <param name="statement">What changes a row where it may.</param>
    /// <param name="versionQuery">The version that stands there; null where nothing does.</param>
    /// <param name="sameQuery">The version that stands there if it is just what was to be written: the write is done already.</param>
    /// <param name="parameters">Values for all three.</param>
    public WriteResult Write(
        string jobId,
        string statement,
        string versionQuery,
        string sameQuery,
        params (string Name, object? Value)[] parameters
    )
    {
        (string, object?)[] all = [.. parameters, ("$job", jobId), ("$now", clock.GetUtcNow().ToString("O", CultureInfo.InvariantCulture))];
        using var writing = database.Write();
        var connection = writing.Connection;
        using var transaction = connection.BeginTransaction();
        var changed = connection.Run(statement, all);
        if (changed > 0)
        {
            connection.Run("UPDATE jobs SET updated = $now WHERE id = $job", all);
        }

        var version = connection.Number(versionQuery, all);
        var same = changed > 0 ? null : connection.Number(sameQuery, all);
        transaction.Commit();
        return changed > 0 ? new(WriteEnd.Saved, version ?? 0)
            : same is { } done ? new(WriteEnd.Saved, done)
            : version is { } stored ? new(WriteEnd.Stale, stored)
            : new(WriteEnd.Missing, 0);
    }
}
