namespace Wrapper.Core.Judgement.Advice;

/// <summary>A way of making a thing as advice looks at it, with what only a comparison with the others of its kind can say.</summary>
/// <param name="Kind">What is decided: <c>construction</c>, an option's name, or <c>fit</c>.</param>
/// <param name="Word">What is chosen.</param>
public sealed record AdvisedWay(string Kind, string Word)
{
    /// <summary>No other of its kind takes fewer minutes, and some take more.</summary>
    public bool IsQuickest { get; init; }

    /// <summary>No other of its kind takes less cloth, and some take more.</summary>
    public bool TakesLeastCloth { get; init; }

    /// <summary>No other of its kind is cut into more pieces, and some are cut into fewer.</summary>
    public bool TakesMostPieces { get; init; }

    /// <summary>The cloth is too narrow for a large piece, which is joined where it is seen.</summary>
    public bool IsJoinedInSight { get; init; }

    /// <summary>It is one of these ways, each <c>kind:word</c>, or <c>word</c> for a construction.</summary>
    public bool IsOneOf(IReadOnlyList<string> ways) =>
        ways.Any(way => way.Split(':') is [var kind, var word] ? (Kind, Word) == (kind, word) : (Kind, Word) == ("construction", way));
}
