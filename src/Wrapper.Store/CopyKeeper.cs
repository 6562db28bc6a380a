using System.Globalization;

namespace Wrapper.Store;

/// <summary>
/// Keeps copies of all that is kept, one a day, in a folder beside it: so many of the last days, and of what is older the first
/// of each month as long as it is not too old. See docs/reliability.md, "Copies".
/// </summary>
/// <param name="database">What is copied.</param>
/// <param name="clock">The time.</param>
/// <param name="folder">Where the copies lie; made when it is not there.</param>
/// <param name="number">How many of the last are kept whatever their age.</param>
/// <param name="age">How old the first of a month may become.</param>
public sealed class CopyKeeper(Database database, TimeProvider clock, string folder, int number, TimeSpan age)
{
    private const string Form = "'wrapper-'yyyy-MM-dd-HHmmss'.db'";

    /// <summary>How long after the last copy the next is due.</summary>
    public static readonly TimeSpan Every = TimeSpan.FromDays(1);

    /// <summary>Makes a copy when one is due and takes away those that are too many; the copy made, or null.</summary>
    /// <exception cref="IOException">The folder cannot be written to.</exception>
    public string? Keep()
    {
        Directory.CreateDirectory(folder);
        var now = clock.GetUtcNow().UtcDateTime;
        var last = Copies(folder).Select(copy => copy.At).DefaultIfEmpty(DateTime.MinValue).Max();
        string? made = null;
        if (now - last >= Every)
        {
            made = Path.Combine(folder, now.ToString(Form, CultureInfo.InvariantCulture));
            database.CopyTo(made);
        }

        foreach (var (file, _) in TooMany(now))
        {
            File.Delete(file);
        }

        return made;
    }

    /// <summary>The latest copy in a folder that is whole; null where there is none.</summary>
    /// <param name="folder">The folder.</param>
    public static string? LastGood(string folder) =>
        Directory.Exists(folder)
            ? Copies(folder).OrderByDescending(copy => copy.At).Select(copy => copy.File).FirstOrDefault(IsGood)
            : null;

    private static bool IsGood(string file)
    {
        try
        {
            StoreContents.Of(file);
            return true;
        }
        catch (Exception error) when (StoreTrouble.Of(error) is not null)
        {
            return false;
        }
    }

    /// <summary>Neither among the last nor the first of its month, or too old to be that.</summary>
    private IEnumerable<(string File, DateTime At)> TooMany(DateTime now)
    {
        var older = Copies(folder).OrderByDescending(copy => copy.At).Skip(number).ToList();
        var firsts = older
            .GroupBy(copy => (copy.At.Year, copy.At.Month))
            .Select(month => month.Min(copy => copy.At))
            .Where(at => now - at <= age)
            .ToHashSet();
        return older.Where(copy => !firsts.Contains(copy.At));
    }

    /// <summary>Only what this program has put there: other files stay.</summary>
    private static IEnumerable<(string File, DateTime At)> Copies(string folder)
    {
        foreach (var file in Directory.GetFiles(folder, "wrapper-*.db"))
        {
            if (
                DateTime.TryParseExact(
                    Path.GetFileName(file),
                    Form,
                    CultureInfo.InvariantCulture,
                    DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal,
                    out var at
                )
            )
            {
                yield return (file, at);
            }
        }
    }
}
