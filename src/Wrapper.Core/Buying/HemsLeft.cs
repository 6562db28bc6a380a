using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>
/// Puts pieces that keep hems of a ready-made cloth down on what hems there still are: on the first sheet where nothing was cut
/// from under them, else on another sheet. See docs/handbook.md, "At the cutting table".
/// </summary>
/// <param name="cloth">The cloth.</param>
/// <param name="gone">What was cut of it, or is bad, as boxes along and across it.</param>
internal sealed class HemsLeft(ClothSpecification cloth, IReadOnlyList<Flaw> gone)
{
    private const int MostSheets = 40;

    private readonly List<Flaw> _taken = [.. gone];
    private readonly Length _apart = Length.Max(cloth.Space, cloth.CurveSpace);

    /// <summary>Where copies of these pieces lie on hems; none for a piece that is larger than the sheet.</summary>
    /// <param name="pieces">Pieces with how many copies of each are left.</param>
    public IEnumerable<Placement> Of(IEnumerable<(LaidPiece Laid, int Copies)> pieces)
    {
        if (cloth.UsableLength is not { IsPositive: true } length)
        {
            yield break;
        }

        foreach (var (laid, copies) in pieces.Where(piece => piece.Laid.Piece.Kept is not null))
        {
            for (var copy = 1; copy <= copies; copy++)
            {
                if (Place(laid, laid.Piece.Kept!, length) is { } at)
                {
                    yield return new(laid.LayId, copy, laid.Piece.Kept!.IsTurned ? 180 : 0, at.X, at.Y);
                }
            }
        }
    }

    private (Length X, Length Y)? Place(LaidPiece laid, KeptHems kept, Length length)
    {
        var (wide, tall) = (laid.Shape.Max(corner => corner.X) - laid.Shape.Min(corner => corner.X), laid.Shape.Max(corner => corner.Y) - laid.Shape.Min(corner => corner.Y));
        for (var sheet = 0; sheet < MostSheets && wide <= cloth.UsableWidth && tall <= length - OnTheirHems.Between; sheet++)
        {
            var y = (sheet * length) + (kept.End == ClothEnd.End ? length - OnTheirHems.Between - tall : Length.Zero);
            foreach (var x in Across(kept.Side, cloth.UsableWidth - wide))
            {
                var box = new Flaw(y, y + tall, x, x + wide);
                if (!_taken.Exists(other => Meet(box, other)))
                {
                    _taken.Add(box);
                    return (x, y);
                }
            }
        }

        return null;
    }

    /// <summary>Where its left may come: at the side it keeps, else beside whatever is taken.</summary>
    private List<Length> Across(ClothSide? side, Length last) => side switch
    {
        ClothSide.Left => [Length.Zero],
        ClothSide.Right => [last],
        _ => [.. _taken.Select(box => (box.Right ?? cloth.UsableWidth) + _apart).Prepend(Length.Zero).Where(x => x <= last).Distinct().Order()],
    };

    private bool Meet(Flaw box, Flaw other) =>
        box.From < other.To + _apart && other.From < box.To + _apart
        && box.Left!.Value < (other.Right ?? cloth.UsableWidth) + _apart && (other.Left ?? Length.Zero) < box.Right!.Value + _apart;
}
