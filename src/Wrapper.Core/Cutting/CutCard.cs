using Wrapper.Core.Buying;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cutting;

/// <summary>What is chalked and cut in one go: a piece, once or several times alike. See docs/handbook.md, "Cut cards".</summary>
/// <param name="Laid">The piece.</param>
/// <param name="Turn">How it is turned on the cloth, in degrees counter-clockwise.</param>
/// <param name="Shape">How it is chalked.</param>
/// <param name="Copies">Its copies in the order they are cut, each with the corner of its box.</param>
public sealed record CutCard(LaidPiece Laid, int Turn, ChalkShape Shape, IReadOnlyList<CutCopy> Copies)
{
    /// <summary>The same where the cloth lies wrong side up.</summary>
    public ChalkShape FromBehind => CutCards.ShapeOf(Laid, Turn, isWrongSide: true);

    /// <summary>It lies on a piece of cloth from the shelf; null for the roll.</summary>
    public string? Remnant { get; init; }

    /// <summary>It is cut double, on the folded cloth.</summary>
    public bool IsDouble { get; init; }

    /// <summary>After its last copy the cloth is cut right across here, from the cut end; null where the shears go round it.</summary>
    public Length? CutAcrossAt { get; init; }
}

/// <summary>A copy to cut.</summary>
/// <param name="Copy">Which over all covers alike, from 1.</param>
/// <param name="Across">The corner of its box from the left edge of the usable width.</param>
/// <param name="Along">The same from the straightened end.</param>
public sealed record CutCopy(int Copy, Length Across, Length Along);

/// <summary>What is still to be cut of a cloth.</summary>
/// <param name="Cards">What is cut next, in order; what is cut already is not among them.</param>
/// <param name="Planned">Where all that is still to be cut lies.</param>
/// <param name="NoLonger">What no longer fits on what there is of the cloth.</param>
/// <param name="Length">How much of the cloth is taken, from the cut end on.</param>
/// <param name="Relaid">It was laid again because the lay that was known does not do any more.</param>
public sealed record CutPlan(
    IReadOnlyList<CutCard> Cards,
    IReadOnlyList<PlannedCopy> Planned,
    IReadOnlyList<PlannedCopy> NoLonger,
    Length Length,
    bool Relaid
)
{
    /// <summary>What there is to know of the lay.</summary>
    public IReadOnlyList<Checks.Check> Checks { get; init; } = [];

    /// <summary>The drafts on this cloth, by cover.</summary>
    public IReadOnlyDictionary<string, Pattern.Draft> Drafts { get; init; } = new Dictionary<string, Pattern.Draft>();

    /// <summary>What is left of the cloth and worth keeping, when all of it is cut; empty before.</summary>
    public IReadOnlyList<Buying.Offcut> LeftOver { get; init; } = [];

    /// <summary>How much more cloth it takes than there is; nothing where it is enough.</summary>
    public Length Lacking { get; init; }
}
