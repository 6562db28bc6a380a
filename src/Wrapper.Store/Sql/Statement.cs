using System.Globalization;
using Microsoft.Data.Sqlite;

namespace Wrapper.Store.Sql;

/// <summary>A parametrised statement: values never become part of its text.</summary>
internal static class Statement
{
    public static SqliteCommand Command(this SqliteConnection connection, string text, params (string Name, object? Value)[] parameters)
    {
        var command = connection.CreateCommand();
#pragma warning disable CA2100 // texts are constants at the call; values go in as parameters
        command.CommandText = text;
#pragma warning restore CA2100
        foreach (var (name, value) in parameters)
        {
            command.Parameters.AddWithValue(name, value ?? DBNull.Value);
        }

        return command;
    }

    public static int Run(this SqliteConnection connection, string text, params (string Name, object? Value)[] parameters)
    {
        using var command = connection.Command(text, parameters);
        return command.ExecuteNonQuery();
    }

    public static long? Number(this SqliteConnection connection, string text, params (string Name, object? Value)[] parameters)
    {
        using var command = connection.Command(text, parameters);
        return command.ExecuteScalar() is { } value and not DBNull ? Convert.ToInt64(value, CultureInfo.InvariantCulture) : null;
    }

    public static string? Word(this SqliteConnection connection, string text)
    {
        using var command = connection.Command(text);
        return command.ExecuteScalar()?.ToString();
    }

    public static List<T> Rows<T>(
        this SqliteConnection connection,
        Func<SqliteDataReader, T> read,
        string text,
        params (string Name, object? Value)[] parameters
    )
    {
        using var command = connection.Command(text, parameters);
        using var reader = command.ExecuteReader();
        var rows = new List<T>();
        while (reader.Read())
        {
            rows.Add(read(reader));
        }

        return rows;
    }
}
