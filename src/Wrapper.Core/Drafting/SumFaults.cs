using Wrapper.Core.Checks;
using Wrapper.Core.English;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Drafting;

/// <summary>
/// Holds every piece's written size against its drawing. Where the two differ the drafting is at fault: nothing may be cut
/// from it, and neither number is put in the other's place. See docs/handbook.md, "Pieces".
/// </summary>
internal static class SumFaults
{
    /// <summary>Half a thousandth of a millimetre: corners are kept in whole nanometres, and a few of those add up along a curve.</summary>
    private static readonly Length Near = Length.FromNanometres(500);

    public static IEnumerable<Check> Of(IEnumerable<Piece> pieces, LengthFormat format)
    {
        foreach (var piece in pieces)
        {
            var (width, length) = Drawn(piece);
            foreach (
                var (way, sum, drawn) in ((string, Length, Length)[])
                    [("wide", piece.CutWidth.Value, width), ("long", piece.CutLength.Value, length)]
            )
            {
                if ((sum - drawn).Abs() > Near)
                {
                    yield return Check.Error(
                        "sum-disagrees",
                        DraftingText.SumDisagrees(piece.Name, format.RoundedWithUnit(sum), way, format.RoundedWithUnit(drawn)),
                        null
                    ) with
                    {
                        Concerns = CheckConcern.Proof,
                    };
                }
            }
        }
    }

    /// <summary>The size as drawn: of a strip on the slant its long side and its width square to that, else of the box round it.</summary>
    private static (Length Width, Length Length) Drawn(Piece piece)
    {
        if (!piece.IsSlantStrip)
        {
            return (piece.CutLine.Bounds.Width, piece.CutLine.Bounds.Height);
        }

        var side = piece.CutLine.Edges.Select(edge => edge.Length).Max();
        return (side, Length.FromMillimetres((decimal)(piece.CutLine.Area / side.Millimetres)));
    }
}
