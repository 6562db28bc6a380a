using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>Keys to the measuring sheet of one job: only their hashes are kept, and they run out.</summary>
public sealed class SheetStore(Database database, TimeProvider clock)
{
    /// <summary>How long a sheet can be written on: one day.</summary>
    public static readonly TimeSpan Life = TimeSpan.FromDays(1);

    /// <summary>Opens a sheet of a job and closes the ones before: 32 random bytes as its token, and when it runs out.</summary>
    public (string Token, DateTimeOffset Expires) Open(string jobId)
    {
        var token = Convert.ToHexStringLower(RandomNumberGenerator.GetBytes(32));
        var expires = clock.GetUtcNow() + Life;
        using var writing = database.Write();
        var connection = writing.Connection;
        using var transaction = connection.BeginTransaction();
        connection.Run("DELETE FROM sheets WHERE job_id = $job OR expires < $now", ("$job", jobId), ("$now", Text(clock.GetUtcNow())));
        connection.Run(
            "INSERT INTO sheets (token_hash, job_id, expires) VALUES ($hash, $job, $expires)",
            ("$hash", Hash(token)),
            ("$job", jobId),
            ("$expires", Text(expires))
        );
        transaction.Commit();
        return (token, expires);
    }

    /// <summary>The job a token opens; null when it opens none, or no longer.</summary>
    public string? JobOf(string token)
    {
        using var connection = database.Open();
        return connection
            .Rows(
                row => row.GetString(0),
                "SELECT job_id FROM sheets WHERE token_hash = $hash AND expires >= $now",
                ("$hash", Hash(token)),
                ("$now", Text(clock.GetUtcNow()))
            )
            .SingleOrDefault();
    }

    /// <summary>Closes the sheets of a job.</summary>
    public void Close(string jobId)
    {
        using var writing = database.Write();
        var connection = writing.Connection;
        connection.Run("DELETE FROM sheets WHERE job_id = $job", ("$job", jobId));
    }

    private static string Text(DateTimeOffset moment) => moment.ToUniversalTime().ToString("O", CultureInfo.InvariantCulture);

    private static string Hash(string token) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(token)));
}
