using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>
/// Pieces of cloth that is not washed first: each is cut so much larger along and across that it comes out of the wash at its
/// drafted size. Stitch lines, seams and the proof stay in washed sizes. See docs/handbook.md, "Shrinkage".
/// </summary>
internal static class UnwashedCut
{
    /// <summary>The pieces as they are cut; what is laid under the cover is no cloth of it and stays as it is.</summary>
    public static IReadOnlyList<Piece> Of(IReadOnlyList<Piece> pieces, CoverSpecification specification)
    {
        return specification.Cloths.HasKeys || specification.CutsUnwashed
            ? [.. pieces.Select(piece => Cut(piece, specification.On(piece.ClothKey)))]
            : pieces;
    }

    private static Piece Cut(Piece piece, CoverSpecification on)
    {
        if (piece.Use == PieceUse.Laid || piece.IsPieced || !on.CutsUnwashed)
        {
            return piece;
        }

        var (across, along) = on.ClothShrinkage;
        return piece.Turns[0] == 90 ? Cut(piece, along, across) : Cut(piece, across, along);
    }

    private static Piece Cut(Piece piece, decimal ofWidth, decimal ofLength)
    {
        var stretched = piece with { StretchedTo = (1 / (1 - ofWidth), 1 / (1 - ofLength)) };
        if (piece.IsSlantStrip)
        {
            return Slanted(stretched);
        }

        return stretched with
        {
            CutWidth = Larger(piece.CutWidth, ofWidth),
            CutLength = Larger(piece.CutLength, ofLength),
            CutAs = Stretching.Of(piece.CutLine, stretched.StretchedTo.Across, stretched.StretchedTo.Along),
        };
    }

    private static Worked Larger(Worked size, decimal share) => share == 0 ? size : size.Named("size when washed").DividedBy(1 - share);

    /// <summary>A strip on the slant changes its angle a little: its sides are read off as they are cut.</summary>
    private static Piece Slanted(Piece strip)
    {
        var cut = Stretching.Of(strip.CutLine, strip.StretchedTo.Across, strip.StretchedTo.Along);
        var side = cut.Edges.Select(edge => edge.Length).Max();
        return strip with
        {
            CutAs = cut,
            CutWidth = Worked.ReadOff("casing strip along itself, unwashed", side),
            CutLength = Worked.ReadOff(
                "casing strip across itself, unwashed",
                Length.FromMillimetres((decimal)(cut.Area / side.Millimetres))
            ),
        };
    }
}
