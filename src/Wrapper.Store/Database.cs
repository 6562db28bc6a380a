using Microsoft.Data.Sqlite;

namespace Wrapper.Store;

/// <summary>Opens the SQLite file: write-ahead log, foreign keys, and a schema brought up to date.</summary>
public sealed class Database
{
    private readonly string _connectionString;

    /// <summary>The database in this file, made when it is not there.</summary>
    /// <exception cref="InvalidOperationException">The file was written by a later program.</exception>
    public Database(string path)
    {
        _connectionString = new SqliteConnectionStringBuilder { DataSource = path, ForeignKeys = true, DefaultTimeout = 30 }.ToString();
        using var connection = Open();
        using (var command = connection.CreateCommand())
        {
            command.CommandText = "PRAGMA journal_mode = WAL";
            command.ExecuteNonQuery();
        }

        SchemaVersions.Bring(connection);
    }

    /// <summary>An open connection; the caller closes it.</summary>
    internal SqliteConnection Open()
    {
        var connection = new SqliteConnection(_connectionString);
        connection.Open();
        return connection;
    }
}
