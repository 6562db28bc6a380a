using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Xunit;

namespace Wrapper.Core.Tests.Cutting;

/// <summary>The rows of a cut list: parts of one thing that are cut to the same size stand in one.</summary>
public sealed class CutRowsTests
{
    [Fact]
    public void Parts_of_a_strip_cut_to_the_same_size_are_one_row_with_their_numbers()
    {
        // P − Z + 2s = 107¼ in two sides of 27¾ and a front of 53¾.
        var rows = RowsOf(Cushion("48 1/4", "32", "53 3/4"), PieceKind.Boxing);
        Assert.Equal(["2 Boxing 1, 3 of 3", "1 Boxing 2 of 3"], rows);
    }

    [Fact]
    public void Both_sides_of_a_joined_plate_are_one_row_beside_its_middle()
    {
        // A plate 61 wide on 36 usable: a middle of 36 and two sides, each for both plates.
        var rows = RowsOf(Cushion("60", "20", "36"), PieceKind.Plate);
        Assert.Equal(["4 Plate, both sides", "2 Plate, middle"], rows.Order(StringComparer.Ordinal).Reverse());
    }

    [Fact]
    public void The_hands_of_a_pair_are_one_row_and_blocks_of_two_zones_never_are()
    {
        var rows = RowsOf(Chair(Zone("Inside arm", isPair: true), Zone("Deck", isPair: false)), PieceKind.Block);
        Assert.Equal(["2 Inside arm, left and right", "1 Deck"], rows);
    }

    [Fact]
    public void Zones_that_a_maker_calls_left_and_right_are_two_rows()
    {
        var rows = RowsOf(Chair(Zone("Cushion left", isPair: false), Zone("Cushion right", isPair: false)), PieceKind.Block);
        Assert.Equal(["1 Cushion left", "1 Cushion right"], rows);
    }

    [Fact]
    public void Every_piece_of_any_cover_stands_in_one_row()
    {
        foreach (var form in Core.Forms.FormCatalogue.All)
        {
            DraftedCovers.Each(form.Id, 2, (draft, _, _, cover) =>
            {
                var rows = CutRows.Of(draft.Pieces);
                var keys = rows.SelectMany(row => row.Pieces).Select(piece => piece.Key);
                Assert.True(keys.Order().SequenceEqual(draft.Pieces.Select(piece => piece.Key).Order()), cover);
                Assert.All(rows, row => Assert.Single(row.Pieces.Select(piece => (piece.Kind, piece.ClothKey)).Distinct()));
                Assert.All(rows.Where(row => row.Pieces.Count == 1), row => Assert.Equal(row.Pieces[0].Name, row.Name));
            });
        }
    }

    private static IEnumerable<string> RowsOf(CoverInput input, PieceKind kind) =>
        CutRows
            .Of(Thing.Drafted(input).Pieces)
            .Where(row => row.Pieces[0].Kind == kind)
            .Select(row => FormattableString.Invariant($"{row.Quantity} {row.Name}"));

    private static CoverInput Cushion(string width, string depth, string usable) =>
        new()
        {
            Unit = "in",
            Form = "box-cushion",
            Measures = Cushions.Typed(("width", width), ("depth", depth), ("thickness", "4")),
            Options = new Dictionary<string, string> { ["plates"] = "middle-and-sides" },
            UsableWidth = Entry.Typed(usable),
        };

    private static CoverInput Chair(params IReadOnlyList<ZoneInput> zones) =>
        new()
        {
            Unit = "in",
            Form = "slipcover",
            Zones = zones,
        };

    private static ZoneInput Zone(string name, bool isPair) =>
        new()
        {
            Name = name,
            Width = Entry.Typed("22"),
            Height = Entry.Typed("14"),
            Count = isPair ? 2 : 1,
            Pair = isPair,
        };
}
