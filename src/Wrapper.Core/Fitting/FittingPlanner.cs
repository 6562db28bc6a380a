using Wrapper.Core.Cutting;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Sewing.Cards;
using Wrapper.Core.Units;

namespace Wrapper.Core.Fitting;

/// <summary>From what was found at the try-on to what is unpicked, sewn and cut again. See docs/handbook.md, "Trying on".</summary>
public static class FittingPlanner
{
    /// <summary>The least that may be left beyond a seam.</summary>
    public static Length Least(LengthFormat format) => CutChanges.Least(format, frays: false);

    /// <summary>The edges of a cover that are not sewn as far from the raw edge as they were cut for.</summary>
    public static IReadOnlyDictionary<SeamSide, FromEdge> DistancesOf(FittedCover cover)
    {
        var pieces = cover.Draft.Pieces.ToDictionary(piece => piece.Key);
        var distances = new Dictionary<SeamSide, FromEdge>();
        foreach (var side in cover.Draft.Seams.SelectMany(seam => seam.Edges).Distinct())
        {
            if (PlacedLine.Of(cover, pieces, side) is { IsUnusual: true, From: { } from, To: { } to })
            {
                distances.Add(side, new(from, to));
            }
        }

        return distances;
    }

    /// <summary>Why pieces have to be cut again, and how far the cover can be let out instead.</summary>
    /// <param name="answer">What the findings make of it.</param>
    /// <param name="most">The most it can be let out; nothing or less where that is no way.</param>
    /// <param name="format">How lengths are said.</param>
    public static string TooShort(FittingAnswer answer, Length most, LengthFormat format)
    {
        var (lacking, least) = (
            format.RoundedWithUnit(Length.FromMillimetres((decimal)answer.Lacking)),
            format.RoundedWithUnit(Least(format))
        );
        return most.IsPositive
            ? FittingText.TooShort(lacking, least, format.RoundedWithUnit(most))
            : FittingText.TooShortAnyway(lacking, least);
    }

    /// <summary>What findings make of a cover; null where nothing of it can be folded up, and so nothing says where a seam lies.</summary>
    /// <param name="before">The cover as it was sewn until now.</param>
    /// <param name="specification">What its draft was made from.</param>
    /// <param name="after">The corrected draft.</param>
    /// <param name="findings">What lies between the two.</param>
    /// <param name="done">The operations that were done, in the order they were told.</param>
    public static FittingAnswer? Of(
        FittedCover before,
        CoverSpecification specification,
        Draft after,
        IReadOnlyList<Correction> findings,
        IReadOnlyList<string> done
    )
    {
        var moves = new FoldedMoves(before.Draft, after, findings);
        return moves.IsFolded ? new FittingWork(before, specification, after, moves, done).Answer() : null;
    }
}
