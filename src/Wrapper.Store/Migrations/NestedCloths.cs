using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using Wrapper.Store.Sql;

namespace Wrapper.Store.Migrations;

/// <summary>
/// Earlier versions stored the other cloths of a job inside its first one: each becomes a row of its own. One without a usable key gets a
/// new one, so that none is lost; a document that cannot be parsed stays as it is and is shown as broken.
/// </summary>
internal static class NestedCloths
{
    private const string Others = "others";
    private const string Key = "key";

    /// <summary>Splits them where there are any.</summary>
    public static void Split(SqliteConnection connection)
    {
        var nested = connection.Rows(
            row => (Job: row.GetString(0), Key: row.GetString(1), Document: row.GetString(2)),
            """
            SELECT job_id, key, document FROM cloths
            WHERE CASE WHEN json_valid(document) THEN json_type(document, '$.others') = 'array' ELSE 0 END
            """
        );
        if (nested.Count == 0)
        {
            return;
        }

        using var transaction = connection.BeginTransaction();
        foreach (var (job, key, document) in nested)
        {
            if (Parse(document) is { } cloth)
            {
                Split(connection, job, key, cloth);
            }
        }

        transaction.Commit();
    }

    private static void Split(SqliteConnection connection, string job, string key, JsonObject first)
    {
        var others = first[Others]!.AsArray();
        first.Remove(Others);
        connection.Run(
            "UPDATE cloths SET document = $document WHERE job_id = $job AND key = $key",
            ("$job", job),
            ("$key", key),
            ("$document", first.ToJsonString())
        );
        var taken = connection
            .Rows(row => row.GetString(0), "SELECT key FROM cloths WHERE job_id = $job", ("$job", job))
            .ToHashSet(StringComparer.Ordinal);
        foreach (var other in others.OfType<JsonObject>())
        {
            var own = other[Key] is JsonValue value && value.TryGetValue<string>(out var text) && text.Length > 0 ? text : null;
            if (own is null || !taken.Add(own))
            {
                own = Enumerable.Range(2, taken.Count + 1).Select(number => $"cloth-{number}").First(taken.Add);
                other[Key] = own;
            }

            // Version 0: the versions of a job’s cloths add up to what the version of them all was before.
            connection.Run(
                """
                INSERT INTO cloths (job_id, key, position, document, version)
                SELECT $job, $key, MAX(position) + 1, $document, 0 FROM cloths WHERE job_id = $job
                """,
                ("$job", job),
                ("$key", own),
                ("$document", other.ToJsonString())
            );
        }
    }

    private static JsonObject? Parse(string document)
    {
        try
        {
            return JsonNode.Parse(document) as JsonObject;
        }
        catch (JsonException)
        {
            return null;
        }
    }
}
