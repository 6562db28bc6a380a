using Microsoft.Data.Sqlite;
using Wrapper.Store.Sql;

namespace Wrapper.Store.Migrations;

/// <summary>
/// The database's schema, step by step from nothing: a step once shipped is never changed, only followed by another. The
/// file's <c>user_version</c> says how many steps it has taken.
/// </summary>
internal static class SchemaVersions
{
    private static readonly string[] Steps =
    [
        """
            CREATE TABLE house (
                id INTEGER PRIMARY KEY CHECK (id = 1),
                document TEXT NOT NULL,
                version INTEGER NOT NULL
            );
            INSERT INTO house (id, document, version) VALUES (1, '{}', 1);
            CREATE TABLE jobs (
                id TEXT PRIMARY KEY,
                name TEXT NOT NULL,
                client TEXT NOT NULL,
                place TEXT NOT NULL,
                unit TEXT NOT NULL CHECK (unit IN ('in', 'cm', 'mm')),
                version INTEGER NOT NULL,
                created TEXT NOT NULL,
                updated TEXT NOT NULL,
                deleted TEXT
            );
            CREATE TABLE cloths (
                job_id TEXT PRIMARY KEY REFERENCES jobs (id),
                document TEXT NOT NULL,
                version INTEGER NOT NULL
            );
            CREATE TABLE covers (
                id TEXT NOT NULL,
                job_id TEXT NOT NULL REFERENCES jobs (id),
                position INTEGER NOT NULL,
                document TEXT NOT NULL,
                complete INTEGER NOT NULL CHECK (complete IN (0, 1)),
                version INTEGER NOT NULL,
                deleted TEXT,
                PRIMARY KEY (job_id, id)
            );
            """,
        """
            CREATE TABLE photos (
                id TEXT PRIMARY KEY,
                job_id TEXT NOT NULL REFERENCES jobs (id),
                cover_id TEXT NOT NULL,
                measure TEXT NOT NULL,
                name TEXT NOT NULL,
                type TEXT NOT NULL,
                content BLOB NOT NULL,
                added TEXT NOT NULL,
                deleted TEXT
            );
            CREATE INDEX photos_of_job ON photos (job_id);
            CREATE TABLE sheets (
                token_hash TEXT PRIMARY KEY,
                job_id TEXT NOT NULL REFERENCES jobs (id),
                expires TEXT NOT NULL
            );
            """,
        // Covers and cloths stand as they are sent: what the first format kept beside measures, options and cloth is in its place.
        """
            UPDATE covers SET document = json_remove(
                json_set(
                    document,
                    '$.measures', json(json_patch(coalesce(document -> '$.measures', '{}'), json_object(
                        'shape', document ->> '$.shape',
                        'points', json(document -> '$.lists.points'), 'stations', json(document -> '$.lists.stations'), 'zones',
                            json(document -> '$.lists.zones')))),
                    '$.options', json(json_patch(coalesce(document -> '$.options', '{}'), json_object(
                        'padding', json(CASE WHEN json_array_length(document, '$.padding') > 0 THEN document -> '$.padding' END),
                        'obstacles', json(document -> '$.lists.obstacles'), 'legs', json(document -> '$.lists.legs'), 'corrections',
                            json(document -> '$.lists.corrections'))))),
                '$.shape', '$.lists', '$.padding')
            WHERE json_valid(document);
            UPDATE cloths SET document = json_set(document, '$.others', (
                SELECT json_group_array(json(json_remove(
                    json_patch(other, json_object(
                        'repeat', json(CASE WHEN coalesce(other ->> '$.repeatLength', '') || coalesce(other ->> '$.repeatWidth', '') ||
                            coalesce(other ->> '$.motif', '') <> '' OR other ->> '$.match' = 'half-drop'
                            THEN json_object('length', other ->> '$.repeatLength', 'width', other ->> '$.repeatWidth', 'match', other ->>
                                '$.match', 'motif', other ->> '$.motif') END),
                        'shrinkage', json(CASE WHEN coalesce(other ->> '$.shrinkageAlong', '') || coalesce(other ->> '$.shrinkageAcross',
                            '') <> ''
                            THEN json_object('along', other ->> '$.shrinkageAlong', 'across', other ->> '$.shrinkageAcross') END))),
                    '$.repeatLength', '$.repeatWidth', '$.match', '$.motif', '$.shrinkageAlong', '$.shrinkageAcross'))) FROM (SELECT value
                        AS other FROM json_each(cloths.document, '$.others'))))
            WHERE json_valid(document) AND json_array_length(document, '$.others') > 0;
            UPDATE cloths SET document = json_remove(
                    json_patch(document, json_object(
                        'repeat', json(CASE WHEN coalesce(document ->> '$.repeatLength', '') || coalesce(document ->> '$.repeatWidth', '')
                            || coalesce(document ->> '$.motif', '') <> '' OR document ->> '$.match' = 'half-drop'
                            THEN json_object('length', document ->> '$.repeatLength', 'width', document ->> '$.repeatWidth', 'match',
                                document ->> '$.match', 'motif', document ->> '$.motif') END),
                        'shrinkage', json(CASE WHEN coalesce(document ->> '$.shrinkageAlong', '') || coalesce(document ->>
                            '$.shrinkageAcross', '') <> ''
                            THEN json_object('along', document ->> '$.shrinkageAlong', 'across', document ->> '$.shrinkageAcross') END))),
                    '$.repeatLength', '$.repeatWidth', '$.match', '$.motif', '$.shrinkageAlong', '$.shrinkageAcross') WHERE
                        json_valid(document);
            """,
        """
            CREATE INDEX jobs_by_update ON jobs (updated) WHERE deleted IS NULL;
            ALTER TABLE photos ADD COLUMN thumbnail BLOB;
            """,
        // Every cover has a letter of its job that no other of it has had or will have; the list of jobs says what was found to buy.
        """
            ALTER TABLE covers ADD COLUMN letter INTEGER NOT NULL DEFAULT 0;
            UPDATE covers SET letter = (
                SELECT ranked.letter FROM (SELECT job_id, id, ROW_NUMBER() OVER (PARTITION BY job_id ORDER BY deleted IS NOT NULL, position,
                    id) - 1 AS letter FROM covers) AS ranked
                WHERE ranked.job_id = covers.job_id AND ranked.id = covers.id);
            CREATE UNIQUE INDEX covers_by_letter ON covers (job_id, letter);
            ALTER TABLE jobs ADD COLUMN archived TEXT;
            CREATE TABLE figures (
                job_id TEXT PRIMARY KEY REFERENCES jobs (id),
                document TEXT NOT NULL,
                job_updated TEXT NOT NULL,
                house_version INTEGER NOT NULL
            );
            """,
        """
            CREATE TABLE work (
                job_id TEXT NOT NULL REFERENCES jobs (id),
                id TEXT NOT NULL,
                kind TEXT NOT NULL,
                cover_id TEXT NOT NULL,
                document TEXT NOT NULL,
                written TEXT NOT NULL,
                place INTEGER NOT NULL,
                PRIMARY KEY (job_id, id)
            );
            CREATE INDEX work_in_order ON work (job_id, place);
            CREATE INDEX work_by_kind ON work (kind, written);
            """,
            // Whether something was done before is asked of one row, not of all; the file says whose it is.
            $"""
            ALTER TABLE work ADD COLUMN subject TEXT NOT NULL DEFAULT '';
            ALTER TABLE work ADD COLUMN number INTEGER NOT NULL DEFAULT 0;
            UPDATE work SET subject = coalesce(document ->> '$.subject', ''), number = coalesce(CAST(document ->> '$.number' AS INTEGER), 0)
                WHERE json_valid(document);
            CREATE INDEX work_by_subject ON work (job_id, subject, cover_id, number);
            PRAGMA application_id = {ApplicationId};
            """,
        // The cloths of a job are a list, each with a version of its own. Those that stand inside the first are taken out of it by
        // NestedCloths when the store is opened.
        """
            CREATE TABLE listed_cloths (
                job_id TEXT NOT NULL REFERENCES jobs (id),
                key TEXT NOT NULL,
                position INTEGER NOT NULL,
                document TEXT NOT NULL,
                version INTEGER NOT NULL,
                deleted TEXT,
                PRIMARY KEY (job_id, key)
            );
            INSERT INTO listed_cloths (job_id, key, position, document, version)
                SELECT job_id, CASE
                    WHEN json_valid(document) THEN coalesce(CASE json_type(document, '$.key') WHEN 'text' THEN nullif(document ->> '$.key',
                        '') END, 'main')
                    ELSE 'main' END, 0, document, version FROM cloths;
            DROP TABLE cloths;
            ALTER TABLE listed_cloths RENAME TO cloths;
            """,
    ];

    /// <summary>SQLite keeps this number in the file’s header: “Wrap” in ASCII.</summary>
    public const int ApplicationId = 0x57726170;

    /// <summary>The first schema whose files carry <see cref="ApplicationId"/>.</summary>
    public const int FirstMarked = 7;

    /// <summary>The schema this program writes.</summary>
    public static int Current => Steps.Length;

    /// <summary>Migrates a database to <see cref="Current"/>.</summary>
    /// <exception cref="StoreUnfitException">The file was written by a later version.</exception>
    public static void Migrate(SqliteConnection connection)
    {
        var taken = Of(connection);
        if (taken > Steps.Length)
        {
            throw new StoreUnfitException(
                $"The jobs were written by a later version of Wrapper (schema {taken}; this version knows "
                    + $"{Steps.Length}). Use that version. Nothing was changed."
            );
        }

        for (var step = taken; step < Steps.Length; step++)
        {
            using var transaction = connection.BeginTransaction();
            Run(connection, transaction, Steps[step]);
            Run(connection, transaction, $"PRAGMA user_version = {step + 1}");
            transaction.Commit();
        }
    }

    /// <summary>How many steps a file has taken; 0 for an empty one.</summary>
    public static int Of(SqliteConnection connection) => (int)(connection.Number("PRAGMA user_version") ?? 0);

    private static void Run(SqliteConnection connection, SqliteTransaction transaction, string statements)
    {
        using var command = connection.CreateCommand();
        command.Transaction = transaction;
#pragma warning disable CA2100 // the statements are this file's own constants
        command.CommandText = statements;
#pragma warning restore CA2100
        command.ExecuteNonQuery();
    }
}
