namespace Wrapper.Core.Units;

/// <summary>Carries the first trouble out of the reader's depths; never leaves <see cref="LengthReader"/>.</summary>
internal sealed class UnreadableLengthException(int position, string problem) : Exception(problem)
{
    public int Position { get; } = position;
}
