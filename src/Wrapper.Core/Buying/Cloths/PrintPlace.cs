using Wrapper.Core.Lays.Repeats;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying.Cloths;

/// <summary>
/// Where the print lies on the table: a corner of one of its repeats, in the coordinates of the lay. Across it begins at the
/// left edge of the cloth, or is centred on its motif; along it is where the pieces that meet it were laid to meet it.
/// </summary>
public static class PrintPlace
{
    /// <summary>The place of the print under a lay, x across and y along.</summary>
    public static (Length X, Length Y) Of(ClothSpecification cloth, Yardage yardage)
    {
        var (width, length) = (cloth.LaidRepeatWidth, cloth.LaidRepeatLength);
        var left = (cloth.MotifAcross is { } motif ? motif.Times(1 - cloth.GoneAcross) - width.Half() : Length.Zero) - cloth.Selvage;
        if (yardage.Lay is not { } lay || !length.IsPositive)
        {
            return (left, Length.Zero);
        }

        var pieces = ClothBuyer.RequestOf(cloth, yardage.Pieces).Pieces.ToDictionary(piece => piece.Id);
        foreach (var place in lay.Placements.Where(place => place.Remnant is null))
        {
            if (pieces.TryGetValue(place.Piece, out var piece) && piece.Match is { AlongOnly: false } match)
            {
                var point = PatternPoint.Of(match, piece.Corners, place.Turn);
                var column = width.IsPositive
                    ? (long)Math.Round((place.X.Nanometres + point.X - (left + width.Half()).Nanometres) / (double)width.Nanometres)
                    : 0;
                var met = place.Y.Nanometres + point.Y - Lattice.Drop(length.Nanometres, cloth.HalfDrop, column) - length.Half().Nanometres;
                return (left, Length.FromNanometres(((met % length.Nanometres) + length.Nanometres) % length.Nanometres));
            }
        }

        return (left, Length.Zero);
    }
}
