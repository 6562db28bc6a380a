using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>Fold lines of hems and casings, drilled corners, the ends of a gap and the point to unpick.</summary>
public sealed class EdgeMarksTests
{
    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    [Fact]
    public void A_fitted_sheet_is_folded_for_its_casing_on_four_sides_and_drilled_at_four_corners()
    {
        var top = Thing
            .Drafted(Thing.Inches("fitted-sheet", "width=38 length=75 thickness=8"))
            .Pieces.Single(piece => piece.Kind == PieceKind.Top);
        var folds = top.Marks.Where(mark => mark is { Kind: MarkKind.Fold, Label: "casing fold" }).ToList();
        Assert.Equal(4, folds.Count);
        Assert.Equal(4, top.Marks.Count(mark => mark.Kind == MarkKind.DrillPoint));
        // Across the sheet and down it, between its corner seams, the lines are as long as what hangs is wide.
        Assert.Equal(2, folds.Count(mark => mark.From.Y == mark.To.Y && mark.From.DistanceTo(mark.To) == top.LengthOf(EdgeName.Front)));
    }

    [Fact]
    public void A_hem_has_its_fold_and_no_casing_where_nothing_is_drawn_through()
    {
        var cover = Thing.Drafted(
            Thing.Inches("table", "width=60 depth=36 drop=8", "shape=rectangle construction=tub-notched o.edge=double-hem")
        );
        Assert.All(cover.Pieces.SelectMany(piece => piece.Marks).Where(mark => mark.Kind == MarkKind.Fold), mark =>
            Assert.Equal("hem fold", mark.Label)
        );
        Assert.Contains(cover.Pieces.SelectMany(piece => piece.Marks), mark => mark.Kind == MarkKind.Fold);
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public void Every_open_edge_of_a_random_cover_has_its_fold_and_every_gap_its_ends_and_its_unpick_point(string form)
    {
        var (folds, gaps, drilled) = (0, 0, 0);
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form))
        {
            Covers
                .Of(cell)
                .ForMany(
                    input =>
                    {
                        if (Drafter.Draft(input).Draft is not { } draft)
                        {
                            return;
                        }

                        var told = $"{cell} {Covers.Described(input)}";
                        var sewn = draft.Seams.SelectMany(seam => seam.Edges).Select(side => (side.Piece, side.Edge)).ToHashSet();
                        foreach (
                            var piece in draft.Pieces.Where(piece =>
                                piece is { Use: PieceUse.Cover, Kept: null } && piece.Kind != PieceKind.Block
                            )
                        )
                        {
                            foreach (
                                var edge in piece.StitchLine.Edges.Where(edge =>
                                    edge.Arc is null
                                    && edge.Length.Millimetres > 41
                                    && !sewn.Contains((piece.Key, edge.Name))
                                    && piece.Allowances.GetValueOrDefault(edge.Name).IsPositive
                                )
                            )
                            {
                                Assert.True(
                                    piece.Marks.Any(mark => mark.Kind == MarkKind.Fold && mark.From == edge.Start && mark.To == edge.End),
                                    $"{piece.Key} {edge.Name} of {told}"
                                );
                                Interlocked.Increment(ref folds);
                            }

                            // A drilled corner lies inside the box of the piece and is an end of two edges.
                            foreach (var mark in piece.Marks.Where(mark => mark.Kind == MarkKind.DrillPoint))
                            {
                                Assert.True(
                                    piece.StitchLine.Edges.Any(edge => edge.Start == mark.From)
                                        && piece.StitchLine.Edges.Any(edge => edge.End == mark.From),
                                    told
                                );
                                Interlocked.Increment(ref drilled);
                            }
                        }

                        foreach (var side in draft.Seams.Where(seam => seam.IsWayIn).SelectMany(seam => seam.Edges))
                        {
                            var piece = draft.Pieces.First(known => known.Key == side.Piece);
                            if (piece.StitchLine.PartsOf(side.Edge) is [{ Arc: null } edge])
                            {
                                Assert.True(
                                    piece.Marks.Count(mark =>
                                        mark.Kind == MarkKind.GapEnd && (mark.From == edge.Start || mark.From == edge.End)
                                    ) == 2,
                                    $"gap of {piece.Key} {side.Edge} of {told}"
                                );
                                Assert.Single(piece.Marks, mark =>
                                    mark.Kind == MarkKind.UnpickPoint
                                    && mark.From.DistanceTo(edge.Start) - mark.From.DistanceTo(edge.End) is var apart
                                    && apart.Abs().Millimetres < 0.001
                                );
                                Interlocked.Increment(ref gaps);
                            }
                        }
                    },
                    iter: 2
                );
        }

        Console.WriteLine($"  {form}: {folds} folds, {gaps} sides of gaps, {drilled} drilled corners");
    }
}
