namespace Wrapper.Web.Answers;

/// <summary>A part of a stored job that breaks a rule.</summary>
/// <param name="Part">Its name in addresses: <c>heading</c>, <c>cloth</c> for the first cloth, <c>cloth/…</c>, <c>cover/…</c>.</param>
/// <param name="Name">What it is, for the maker.</param>
/// <param name="Problems">The field, the problem and the fix of each rule it breaks.</param>
public sealed record BrokenPartJson(string Part, string Name, IReadOnlyList<string> Problems);

/// <summary>The names of the parts of a job that are stored by themselves.</summary>
internal static class JobPart
{
    public const string Heading = "heading";

    /// <summary>The first cloth.</summary>
    public const string FirstCloth = "cloth";
    private const string ClothPrefix = "cloth/";
    private const string CoverPrefix = "cover/";
    private const string WorkPrefix = "work/";

    public static string Cloth(string key) => ClothPrefix + key;

    /// <summary>The key of the cloth a part is; null for another part.</summary>
    public static string? ClothOf(string part) => After(part, ClothPrefix);

    public static string Cover(string id) => CoverPrefix + id;

    /// <summary>The id of the cover a part is; null for another part.</summary>
    public static string? CoverOf(string part) => After(part, CoverPrefix);

    /// <summary>The id of the entry of work a part is; null for another part.</summary>
    public static string? WorkOf(string part) => After(part, WorkPrefix);

    private static string? After(string part, string prefix) =>
        part.StartsWith(prefix, StringComparison.Ordinal) ? part[prefix.Length..] : null;
}
