using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>
/// Puts pieces that keep hems of a ready-made cloth down on them: side by side along an end, the two ends of a sheet one after
/// the other, then the next sheet. See docs/handbook.md, "Ready-made cloth".
/// </summary>
internal sealed class OnTheirHems
{
    /// <summary>Between one sheet and the next, so that nothing runs over.</summary>
    public static readonly Length Between = Length.FromMillimetres(0.01m);

    private readonly Length _width;
    private readonly Length _length;
    private readonly Length _space;
    private readonly List<Sheet> _sheets = [];

    private OnTheirHems(Length width, Length length, Length space) => (_width, _length, _space) = (width, length, space);

    /// <summary>Where they lie; none for a piece that is larger than the sheet.</summary>
    /// <param name="pieces">What is laid on this cloth.</param>
    /// <param name="width">What can be used of a sheet across.</param>
    /// <param name="length">What can be used of it along.</param>
    /// <param name="space">Kept free between pieces.</param>
    public static IReadOnlyList<Placement> Of(IReadOnlyList<LaidPiece> pieces, Length width, Length length, Length space)
    {
        var hems = new OnTheirHems(width, length, space);
        return
        [
            .. from laid in pieces
               where laid.Piece.Kept is not null
               from copy in Enumerable.Range(1, laid.Copies)
               let place = hems.Next(laid, laid.Piece.Kept!, copy)
               where place is not null
               select place,
        ];
    }

    private Placement? Next(LaidPiece laid, KeptHems kept, int copy)
    {
        var (wide, tall) = (Extent(laid, corner => corner.X), Extent(laid, corner => corner.Y));
        if (wide > _width || tall > _length - Between)
        {
            return null;
        }

        var end = kept.End ?? ClothEnd.Start;
        for (var number = 0; ; number++)
        {
            if (number == _sheets.Count)
            {
                _sheets.Add(new());
            }

            if (_sheets[number].Place(end, kept.Side, (wide, tall), (_width, _length - Between, _space)) is { } x)
            {
                var y = (number * _length) + (end == ClothEnd.Start ? Length.Zero : _length - Between - tall);
                return new(laid.LayId, copy, kept.IsTurned ? 180 : 0, x, y);
            }
        }
    }

    private static Length Extent(LaidPiece laid, Func<Geometry.Point, Length> of) => laid.Shape.Max(of) - laid.Shape.Min(of);

    /// <summary>One sheet: what is taken along each of its ends from the left, what at its right, and how deep.</summary>
    private sealed class Sheet
    {
        private readonly Dictionary<ClothEnd, (Length Taken, Length AtRight, Length Deep)> _ends = new()
        {
            [ClothEnd.Start] = default,
            [ClothEnd.End] = default,
        };

        /// <summary>The place across of another piece along this end; null where there is none left.</summary>
        public Length? Place(ClothEnd end, ClothSide? side, (Length Wide, Length Tall) piece, (Length Width, Length Length, Length Space) sheet)
        {
            var (here, other) = (_ends[end], _ends[end == ClothEnd.Start ? ClothEnd.End : ClothEnd.Start]);
            var deep = Length.Max(here.Deep, piece.Tall);
            var hasRoom = here.Taken + here.AtRight + piece.Wide <= sheet.Width && (!other.Deep.IsPositive || deep + other.Deep + sheet.Space <= sheet.Length);
            if (!hasRoom || (side == ClothSide.Left && here.Taken.IsPositive) || (side == ClothSide.Right && here.AtRight.IsPositive))
            {
                return null;
            }

            if (side == ClothSide.Right)
            {
                _ends[end] = (here.Taken, piece.Wide + sheet.Space, deep);
                return sheet.Width - piece.Wide;
            }

            _ends[end] = (here.Taken + piece.Wide + sheet.Space, here.AtRight, deep);
            return here.Taken;
        }
    }
}
