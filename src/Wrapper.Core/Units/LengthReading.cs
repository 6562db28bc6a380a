namespace Wrapper.Core.Units;

/// <summary>What came of reading a typed length: a length, or where the text stops making sense and why.</summary>
public sealed record LengthReading
{
    private LengthReading(Length? length, int position, string? problem)
    {
        Length = length;
        Position = position;
        Problem = problem;
    }

    /// <summary>The length read; null when the text could not be read.</summary>
    public Length? Length { get; }

    /// <summary>Where the trouble begins, counted in characters from 0; 0 when there is none.</summary>
    public int Position { get; }

    /// <summary>What could not be read and what to write instead; null when all was read.</summary>
    public string? Problem { get; }

    internal static LengthReading Of(Length length) => new(length, 0, null);

    internal static LengthReading Failed(int position, string problem) => new(null, position, problem);
}
