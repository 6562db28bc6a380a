using Microsoft.Data.Sqlite;

namespace Wrapper.Store.Sql;

/// <summary>A writer's turn with its connection.</summary>
internal sealed class Writing(SqliteConnection connection, SemaphoreSlim turn) : IDisposable
{
    /// <summary>Open while the turn lasts.</summary>
    public SqliteConnection Connection => connection;

    /// <inheritdoc />
    public void Dispose()
    {
        connection.Dispose();
        turn.Release();
    }
}
