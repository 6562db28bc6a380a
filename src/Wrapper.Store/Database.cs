using Microsoft.Data.Sqlite;
using Wrapper.Store.Migrations;
using Wrapper.Store.Sql;

namespace Wrapper.Store;

/// <summary>Opens the SQLite file: write-ahead log, foreign keys, and a schema brought up to date.</summary>
public sealed class Database : IDisposable
{
    /// <summary>How many seconds a write waits for another to end before it says so.</summary>
    public const int LongestWait = 5;

    private readonly string _connectionString;

    /// <summary>One writes at a time, in the order they come; SQLite itself lets those who wait sleep, ever longer.</summary>
    private readonly SemaphoreSlim _writers = new(1, 1);

    /// <summary>The database in this file, made when it is not there; looked through and found fit to be written to.</summary>
    /// <exception cref="StoreUnfitException">The file is empty, damaged, of another program, or of a later version.</exception>
    /// <exception cref="SqliteException">It cannot be opened or written to: <see cref="StoreTrouble.Of"/> says why.</exception>
    public Database(string path)
    {
        _connectionString = new SqliteConnectionStringBuilder
        {
            DataSource = path,
            ForeignKeys = true,
            DefaultTimeout = LongestWait,
        }.ToString();
        RequireFit(path);
        using var connection = Open();
        connection.Word("PRAGMA journal_mode = WAL");
        SchemaVersions.Migrate(connection);
        UnusableIds.Replace(connection);
        NestedCloths.Split(connection);
        using (var transaction = connection.BeginTransaction())
        {
            transaction.Rollback(); // begun as a writer: a folder that may only be read, or a lock, shows now
        }

        Rest(connection);
    }

    /// <inheritdoc />
    public void Dispose() => _writers.Dispose();

    /// <summary>
    /// Writes what stands in the log beside the file into the file, as far as no reader needs it: then the file alone is all there is.
    /// </summary>
    public void Rest()
    {
        using var connection = Open();
        Rest(connection);
    }

    /// <summary>Writes a copy of all that is kept into a file, also while others read and write; it is whole when this returns.</summary>
    /// <param name="path">Where to; what stands there is replaced.</param>
    /// <exception cref="SqliteException">It cannot be written there: <see cref="StoreTrouble.Of"/> says why.</exception>
    public void CopyTo(string path)
    {
        var half = path + ".part";
        File.Delete(half);
        using (var copy = Plain(half))
        {
            using var connection = Open();
            connection.BackupDatabase(copy);
            copy.Word("PRAGMA journal_mode = DELETE"); // one file, with nothing beside it
        }

        File.Move(half, path, overwrite: true);
    }

    /// <summary>
    /// Puts a copy in the place of all that is stored, after a look inside it; one who reads meanwhile sees either the one or the
    /// other. What was stored until now is laid beside the file first.
    /// </summary>
    /// <param name="path">The copy.</param>
    /// <param name="beside">Where what is stored now is laid; null where nothing is stored yet.</param>
    /// <exception cref="StoreUnfitException">The copy is missing, damaged, of another program, or of a later version; nothing was
    /// changed.</exception>
    public void RestoreFrom(string path, string? beside)
    {
        StoreContents.Of(path);
        using var copy = Plain(path, SqliteOpenMode.ReadOnly);
        if (beside is not null)
        {
            CopyTo(beside);
        }

        using var connection = Open();
        copy.BackupDatabase(connection);
        SchemaVersions.Migrate(connection);
        UnusableIds.Replace(connection);
        NestedCloths.Split(connection);
        Rest(connection);
    }

    /// <summary>An open connection; the caller closes it.</summary>
    internal SqliteConnection Open()
    {
        var connection = new SqliteConnection(_connectionString);
        connection.Open();
        return connection;
    }

    /// <summary>
    /// An open connection to write by, when it is this writer's turn; the caller closes it, and the next one's turn comes.
    /// </summary>
    /// <exception cref="StoreBusyException">Others have been writing for too long.</exception>
    internal Writing Write()
    {
        if (!_writers.Wait(TimeSpan.FromSeconds(LongestWait)))
        {
            throw new StoreBusyException();
        }

        try
        {
            return new(Open(), _writers);
        }
        catch
        {
            _writers.Release();
            throw;
        }
    }

    /// <summary>A connection of its own to a file, without a pool; the caller closes it.</summary>
    internal static SqliteConnection Plain(string path, SqliteOpenMode mode = SqliteOpenMode.ReadWriteCreate)
    {
        var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = path,
                Mode = mode,
                Pooling = false,
                DefaultTimeout = LongestWait,
            }.ToString()
        );
        connection.Open();
        return connection;
    }

    /// <summary>Looks at a file that is there before anything is written to it.</summary>
    private static void RequireFit(string path)
    {
        if (!File.Exists(path))
        {
            return;
        }

        if (new FileInfo(path).Length == 0)
        {
            throw new StoreUnfitException($"{path} is empty: what stood in it is gone. Nothing was changed.");
        }

        using var connection = Plain(path, SqliteOpenMode.ReadWrite);
        if (!StoreIdentity.IsBlank(connection))
        {
            StoreIdentity.Require(connection, path);
        }
    }

    private static void Rest(SqliteConnection connection) => connection.Word("PRAGMA wal_checkpoint(TRUNCATE)");
}
