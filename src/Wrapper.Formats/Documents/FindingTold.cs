namespace Wrapper.Formats.Documents;

/// <summary>How far a side is taken in or let out.</summary>
/// <param name="Side"><c>left</c>, <c>right</c>, <c>front</c>, <c>back</c>, <c>top</c>, <c>bottom</c>, <c>all</c>.</param>
/// <param name="By">By how much, as typed; below 0 to take in.</param>
public sealed record CorrectionTold(string Side, string By);

/// <summary>Where the stitch line a copy is sewn by lies on it as it was cut.</summary>
/// <param name="Piece">Its key.</param>
/// <param name="Copy">Which copy in its cover, from 1.</param>
/// <param name="X">How far over, in millimetres.</param>
/// <param name="Y">How far along.</param>
public sealed record LiesTold(string Piece, int Copy, double X, double Y);

/// <summary>What a card that has to be done again says first.</summary>
/// <param name="Card">The card’s id.</param>
/// <param name="Texts">What to do.</param>
public sealed record ReopenedTold(string Card, IReadOnlyList<string> Texts);

/// <summary>What was found when a cover was tried on, and what was decided. See docs/format.md, "The work".</summary>
public sealed record FindingTold
{
    /// <summary>What was found.</summary>
    public IReadOnlyList<CorrectionTold> Found { get; init; } = [];

    /// <summary>It holds for all covers alike; else for this one only.</summary>
    public bool Carried { get; init; }

    /// <summary>The corrections that all pieces were cut by until then.</summary>
    public IReadOnlyList<CorrectionTold> Cut { get; init; } = [];

    /// <summary>The corrections that pieces are cut by from then on.</summary>
    public IReadOnlyList<CorrectionTold> Next { get; init; } = [];

    /// <summary>The corrections this cover is sewn by from then on.</summary>
    public IReadOnlyList<CorrectionTold> Sewn { get; init; } = [];

    /// <summary>Where the stitch lines lie on what was cut by then.</summary>
    public IReadOnlyList<LiesTold> Lies { get; init; } = [];

    /// <summary>What was done and has to be done again.</summary>
    public IReadOnlyList<ReopenedTold> Reopened { get; init; } = [];

    /// <summary>What blocks were trimmed as they were pinned: their names.</summary>
    public IReadOnlyList<string> Trimmed { get; init; } = [];
}
