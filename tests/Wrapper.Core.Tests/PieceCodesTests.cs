using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Xunit;

namespace Wrapper.Core.Tests;

public sealed class PieceCodesTests
{
    [Theory]
    [InlineData(0, "A")]
    [InlineData(25, "Z")]
    [InlineData(26, "AA")]
    [InlineData(51, "AZ")]
    [InlineData(52, "BA")]
    [InlineData(701, "ZZ")]
    [InlineData(702, "AAA")]
    public void Letters_go_on_after_the_alphabet_and_are_read_back(int place, string letter)
    {
        Assert.Equal(letter, PieceCodes.Letter(place));
        Assert.Equal(place, PieceCodes.PlaceOf(letter));
    }

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("a")]
    [InlineData("A1")]
    [InlineData("ÄB")]
    [InlineData("ABCD")]
    public void What_is_no_letter_has_no_place(string? letter) => Assert.Null(PieceCodes.PlaceOf(letter));

    [Fact]
    public void Pieces_are_numbered_in_the_order_of_the_cut_list()
    {
        var draft = Proved.Draft(Cushions.Worked).Draft!;
        var codes = PieceCodes.Of(draft, "B");
        Assert.All(draft.Pieces, piece => Assert.Equal($"B{PieceCodes.NumberOf(draft, piece.Key)}", codes[piece.Key]));
        Assert.Equal(Enumerable.Range(1, draft.Pieces.Count), draft.Pieces.Select(piece => PieceCodes.NumberOf(draft, piece.Key)));
        Assert.Throws<ArgumentException>(() => PieceCodes.NumberOf(draft, "nothing"));
    }
}
