namespace Wrapper.Core.Units;

/// <summary>The words that enumerated values have in the open format: their own names in kebab-case.</summary>
public static class Words
{
    /// <summary>The word of a value: <c>hook-and-loop</c> for <c>HookAndLoop</c>.</summary>
    public static string Word<T>(this T value)
        where T : struct, Enum => Known<T>.ByValue[value];

    /// <summary>The value of a word; null for a word that is none.</summary>
    public static T? Read<T>(string? word)
        where T : struct, Enum => word is not null && Known<T>.ByWord.TryGetValue(word, out var value) ? value : null;

    /// <summary>All words of a kind, in the order of its values.</summary>
    public static IReadOnlyList<string> All<T>()
        where T : struct, Enum => Known<T>.InOrder;

    private static string Kebab(string name) =>
        string.Concat(
            name.Select((letter, at) => char.IsUpper(letter) ? (at == 0 ? "" : "-") + char.ToLowerInvariant(letter) : $"{letter}")
        );

    private static class Known<T>
        where T : struct, Enum
    {
        public static Dictionary<T, string> ByValue { get; } =
            Enum.GetValues<T>().ToDictionary(value => value, value => Kebab(value.ToString()));

        public static Dictionary<string, T> ByWord { get; } = ByValue.ToDictionary(pair => pair.Value, pair => pair.Key);

        public static string[] InOrder { get; } = [.. Enum.GetValues<T>().Select(value => ByValue[value])];
    }
}
