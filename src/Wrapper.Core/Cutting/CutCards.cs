using Wrapper.Core.Buying;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cutting;

/// <summary>From a lay to its cut cards, in the order of cuts. See docs/handbook.md, "Cut cards".</summary>
internal static class CutCards
{
    /// <summary>The cards: copies that follow one another and lie alike are one.</summary>
    public static IEnumerable<CutCard> Of(Lay lay, IReadOnlyDictionary<string, LaidPiece> laid, IReadOnlyList<LayPiece> pieces)
    {
        var cards = new List<CutCard>();
        foreach (var stretch in CutOrder.Of(lay, pieces))
        {
            foreach (var place in stretch.Pieces)
            {
                Add(place, laid[place.Piece], lay.FoldedTo.IsPositive && stretch.To <= lay.FoldedTo);
            }

            cards[^1] = cards[^1] with { CutAcrossAt = stretch.Straight ? stretch.To : null };
        }

        foreach (var place in lay.Placements.Where(place => place.Remnant is not null))
        {
            Add(place, laid[place.Piece], isDouble: false);
        }

        return cards;

        void Add(Placement place, LaidPiece piece, bool isDouble)
        {
            var copy = new CutCopy(LeftToCut.CopyOf(piece, place.Copy), place.X, place.Y);
            if (
                cards.Count > 0
                && cards[^1] is var last
                && last.Laid.LayId == piece.LayId
                && last.Turn == place.Turn
                && last.Remnant == place.Remnant
                && last.IsDouble == isDouble
            )
            {
                cards[^1] = last with { Copies = [.. last.Copies, copy] };
                return;
            }

            cards.Add(new(piece, place.Turn, ShapeOf(piece, place.Turn), [copy]) { Remnant = place.Remnant, IsDouble = isDouble });
        }
    }

    /// <summary>How a laid piece is chalked; a block of bias strips as the block it is, which is ruled into strips.</summary>
    /// <param name="piece">The piece.</param>
    /// <param name="turn">How it is turned.</param>
    /// <param name="isWrongSide">The cloth lies wrong side up.</param>
    public static ChalkShape ShapeOf(LaidPiece piece, int turn, bool isWrongSide = false)
    {
        if (!piece.IsBlock)
        {
            return Chalking.Of(piece.Piece, piece.IsMirrored, turn, isWrongSide);
        }

        var corners = piece
            .Shape.Select(corner => corner.Turned(turn / 90))
            .Select(corner => isWrongSide ? new Geometry.Point(-corner.X, corner.Y) : corner)
            .ToList();
        if (isWrongSide)
        {
            corners.Reverse();
        }

        var (left, low) = (corners.Min(corner => corner.X), corners.Min(corner => corner.Y));
        corners = [.. corners.Select(corner => corner.Moved(-left, -low))];
        return new(
            corners.Max(corner => corner.X),
            corners.Max(corner => corner.Y),
            [.. corners.Select((corner, i) => new ChalkCorner(corner, corner.DistanceTo(corners[(i + 1) % corners.Count]), Length.Zero))],
            []
        )
        {
            Outline = corners,
            StitchLine = corners,
        };
    }
}
