using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>
/// Puts pieces that keep hems of a ready-made cloth down on them: side by side along an end, the two ends of a sheet one after
/// the other, then the next sheet; round what is gone of it. See docs/handbook.md, "Ready-made cloth".
/// </summary>
internal sealed class OnTheirHems
{
    /// <summary>Between one sheet and the next, so that nothing runs over.</summary>
    public static readonly Length Between = Length.FromMillimetres(0.01m);

    private readonly ClothSpecification _cloth;
    private readonly Length _length;
    private readonly List<Flaw> _taken;

    private OnTheirHems(ClothSpecification cloth, Length length, IReadOnlyList<Flaw> gone)
    {
        (_cloth, _length) = (cloth, length);
        var more = Length.Max(Length.Zero, cloth.CurveSpace - cloth.Space); // what is gone may be round
        _taken =
        [
            .. gone.Select(box => new Flaw(
                box.From - more,
                box.To + more,
                (box.Left ?? Length.Zero) - more,
                (box.Right ?? cloth.UsableWidth) + more
            )),
        ];
    }

    /// <summary>Where they lie; none for a piece that is larger than the sheet.</summary>
    /// <param name="pieces">Pieces of this cloth, with how many copies of each are to lie on it.</param>
    /// <param name="cloth">The cloth.</param>
    /// <param name="gone">What was cut of it, or is bad.</param>
    public static IEnumerable<Placement> Of(
        IEnumerable<(LaidPiece Laid, int Copies)> pieces,
        ClothSpecification cloth,
        IReadOnlyList<Flaw> gone
    )
    {
        if (cloth.UsableLength is not { IsPositive: true } length)
        {
            return [];
        }

        var hems = new OnTheirHems(cloth, length, gone);
        return
        [
            .. from piece in pieces
            where piece.Laid.Piece.Kept is not null
            from copy in Enumerable.Range(1, piece.Copies)
            let place = hems.Next(piece.Laid, piece.Laid.Piece.Kept!, copy)
            where place is not null
            select place,
        ];
    }

    private Placement? Next(LaidPiece laid, KeptHems kept, int copy)
    {
        var (wide, tall) = (Extent(laid, corner => corner.X), Extent(laid, corner => corner.Y));
        for (var sheet = 0; sheet < ReadyMade.MostSheets && wide <= _cloth.UsableWidth && tall <= _length - Between; sheet++)
        {
            var (begins, ends) = (sheet * _length, ((sheet + 1) * _length) - Between);
            var taken = _taken.FindAll(box => box.From < ends && box.To > begins); // what lies on another sheet is not beside it
            foreach (var lies in kept.IsEitherEnd ? (KeptHems[])[kept, kept.TurnedRound()] : [kept])
            {
                var y = begins + (lies.End == ClothEnd.End ? _length - Between - tall : Length.Zero);
                foreach (var x in Across(taken, lies.Side, _cloth.UsableWidth - wide))
                {
                    var box = new Flaw(y, y + tall, x, x + wide);
                    if (!taken.Exists(other => Meet(box, other)))
                    {
                        _taken.Add(box);
                        return new(laid.LayId, copy, lies.IsTurned ? 180 : 0, x, y);
                    }
                }
            }
        }

        return null;
    }

    /// <summary>Where its left may come: at the side it keeps, else beside whatever is taken.</summary>
    private List<Length> Across(List<Flaw> taken, ClothSide? side, Length last) =>
        side switch
        {
            ClothSide.Left => [Length.Zero],
            ClothSide.Right => [last],
            _ => [.. taken.Select(box => box.Right!.Value + _cloth.Space).Prepend(Length.Zero).Where(x => x <= last).Distinct().Order()],
        };

    private bool Meet(Flaw box, Flaw other) =>
        box.From < other.To + _cloth.Space
        && other.From < box.To + _cloth.Space
        && box.Left!.Value < other.Right!.Value + _cloth.Space
        && other.Left!.Value < box.Right!.Value + _cloth.Space;

    private static Length Extent(LaidPiece laid, Func<Geometry.Point, Length> of) => laid.Shape.Max(of) - laid.Shape.Min(of);
}
