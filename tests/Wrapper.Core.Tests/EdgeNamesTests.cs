using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>What edges say of themselves: names are the same when their words are, so one word may mean one thing only.</summary>
public sealed class EdgeNamesTests
{
    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    [Theory]
    [MemberData(nameof(Forms))]
    public void A_seam_says_the_same_of_an_edge_as_the_piece_it_is_on(string form) => DraftedCovers.Each(form, 2, (draft, _, _, cover) =>
        {
            var pieces = draft.Pieces.ToDictionary(piece => piece.Key);
            foreach (var side in draft.Seams.SelectMany(seam => seam.Edges))
            {
                var named = NamesOn(pieces[side.Piece]).First(name => name == side.Edge);
                Assert.True(
                    (named.At, named.Function, named.WholeWord, named.Number)
                        == (side.Edge.At, side.Edge.Function, side.Edge.WholeWord, side.Edge.Number),
                    $"{side.Piece} {side.Edge}: {named.At} {named.Function}, sewn as {side.Edge.At} {side.Edge.Function} of {cover}"
                );
            }
        });

    [Fact]
    public void What_stays_open_to_turn_a_pad_through_says_so()
    {
        var open = 0;
        DraftedCovers.Each("seat-pad", 4, (draft, _, _, cover) =>
        {
            foreach (var side in draft.Seams.Where(seam => seam.IsWayIn).SelectMany(seam => seam.Edges))
            {
                Assert.True(side.Edge.Function == EdgeFunction.WayIn, $"{side} of {cover}");
                Interlocked.Increment(ref open);
            }
        });
        Assert.True(open > 0);
    }

    [Fact]
    public void A_part_of_an_edge_lies_where_the_edge_does_and_knows_which_part_it_is()
    {
        var part = EdgeName.Left.As(EdgeFunction.Zip, "zip").Part(2);
        Assert.Equal(("left-zip-2", EdgeSide.Left, EdgeFunction.Zip, 2), (part.Word, part.Side, part.Function, part.Number));
        Assert.True(part.IsPartOf(EdgeName.Left.As(EdgeFunction.Zip, "zip")));
        Assert.False(part.IsPartOf(EdgeName.Left));
        Assert.False(EdgeName.Left.IsPartOf(part));
    }

    [Fact]
    public void A_seam_with_its_edges_can_be_printed() =>
        Assert.Contains(
            "front-right-lower",
            new Seam("corner", new("wrap", Corner.Part(1)), new("wrap", Corner.Part(2))).ToString(),
            StringComparison.Ordinal
        );

    private static readonly EdgeName Corner = EdgeName.Called(
        "corner",
        new(EdgeSide.Front, EdgeSide.Right, EdgeLayer.Lower),
        EdgeFunction.Corner
    );

    [Fact]
    public void Left_and_right_mirror_each_other_where_they_become_the_same()
    {
        Assert.True(EdgeName.EndLeft.Mirrors(EdgeName.EndRight));
        Assert.True(EdgeName.Back.Mirrors(EdgeName.Back));
        Assert.False(EdgeName.Left.Mirrors(EdgeName.JoinRight));
        Assert.False(EdgeName.EndLeft.Mirrors(EdgeName.Right));
    }

    private static IEnumerable<EdgeName> NamesOn(Piece piece) =>
        piece.StitchLine.Names.Concat(piece.Folds.SelectMany(fold => Enumerable.Range(0, fold.Through.Count - 1).Select(fold.NameOf)));
}
