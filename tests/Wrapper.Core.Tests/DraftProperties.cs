using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What holds for every draft of every form.</summary>
internal static class DraftProperties
{
    private static readonly Length Few = Length.FromNanometres(500);

    public static void Hold(Draft draft, string cover)
    {
        Assert.True(draft.Pieces.Count > 0, $"{cover}: nothing was drafted, and no word said why");
        SizesAreThoseDrawn(draft, cover);
        NoEdgeIsSewnTwice(draft, cover);
        SumsReadBack(draft, cover);
        CountsAreWhole(draft, cover);
    }

    private static void SizesAreThoseDrawn(Draft draft, string cover)
    {
        foreach (var piece in draft.Pieces.Where(piece => piece.Id != "piping"))
        {
            Assert.True(
                (piece.CutWidth.Value - piece.CutLine.Bounds.Width).Abs() <= Few,
                $"{cover}: {piece.Key} is written {piece.CutWidth} wide and drawn {piece.CutLine.Bounds.Width}"
            );
            Assert.True(
                (piece.CutLength.Value - piece.CutLine.Bounds.Height).Abs() <= Few,
                $"{cover}: {piece.Key} is written {piece.CutLength} long and drawn {piece.CutLine.Bounds.Height}"
            );
        }
    }

    private static void NoEdgeIsSewnTwice(Draft draft, string cover)
    {
        // What is applied lies on an edge that is sewn as well: the facing of an opening end on the end itself.
        var applied = draft.Pieces.Where(piece => piece.Use == PieceUse.Applied).Select(piece => piece.Key).ToHashSet();
        var sides = draft.Seams.Where(seam => !applied.Contains(seam.First.Piece)).SelectMany(seam => seam.Edges).ToList();
        Assert.True(sides.Count == sides.Distinct().Count(), $"{cover}: an edge is sewn twice");
        Assert.All(draft.Ledger, entry =>
            Assert.True((entry.Difference - entry.Seam.Ease).Abs() <= Few, $"{cover}: {entry.Seam.Id} differs by {entry.Difference}")
        );
    }

    private static void SumsReadBack(Draft draft, string cover)
    {
        foreach (var line in draft.Working())
        {
            var read = LengthReader.Read(line.Expression, draft.Format.Unit);
            Assert.True(read.Length is not null, $"{cover}: {line.For}: “{line.Expression}” {read.Problem}");
            Assert.True(
                (read.Length.Value - line.Value).Abs() <= Length.FromNanometres(8),
                $"{cover}: {line.For}: {line.Expression} is {read.Length}, not {line.Value}"
            );
        }
    }

    private static void CountsAreWhole(Draft draft, string cover)
    {
        Assert.True(draft.Pieces.Select(piece => piece.Key).Distinct().Count() == draft.Pieces.Count, $"{cover}: two pieces have one key");
        Assert.All(draft.Pieces, piece =>
            Assert.True(
                piece.Quantity > 0 && piece.Mirrored >= 0 && piece.Mirrored <= piece.Quantity,
                $"{cover}: {piece.Key} {piece.Quantity}/{piece.Mirrored}"
            )
        );
        Assert.All(draft.Notions, notion =>
            Assert.True(notion.Quantity > 0 && !notion.Length.Value.IsNegative, $"{cover}: {notion.Kind.Word()}")
        );
    }
}
