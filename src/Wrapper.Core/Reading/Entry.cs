namespace Wrapper.Core.Reading;

/// <summary>A value as it came in: a text a person typed, or a number of millimetres from a program.</summary>
/// <param name="Text">The text as typed; null for a number.</param>
/// <param name="Millimetres">The number; null for a text.</param>
public readonly record struct Entry(string? Text, decimal? Millimetres)
{
    /// <summary>A typed text.</summary>
    public static Entry Typed(string text) => new(text, null);

    /// <summary>A number of millimetres.</summary>
    public static Entry Number(decimal millimetres) => new(null, millimetres);

    /// <summary>The entry as a person would see it.</summary>
    public override string ToString() => Text ?? Millimetres?.ToString("0.######", System.Globalization.CultureInfo.InvariantCulture) ?? "";
}
