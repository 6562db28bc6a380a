namespace Wrapper.Core.Units;

/// <summary>
/// Names the enumeration whose words a text may be. Documents keep what was typed as text, so that a word nobody knows is told of with
/// its field and lost by nobody; the description of the interface and the generated client have the closed set.
/// </summary>
[AttributeUsage(AttributeTargets.Property)]
public abstract class WordOfAttribute : Attribute
{
    /// <summary>The words.</summary>
    public abstract IReadOnlyList<string> Words { get; }
}

/// <inheritdoc />
/// <typeparam name="T">The enumeration.</typeparam>
[AttributeUsage(AttributeTargets.Property)]
public sealed class WordOfAttribute<T> : WordOfAttribute
    where T : struct, Enum
{
    /// <inheritdoc />
    public override IReadOnlyList<string> Words => Units.Words.All<T>();
}
