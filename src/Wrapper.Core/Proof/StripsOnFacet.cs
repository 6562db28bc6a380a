using Wrapper.Core.Pattern;

namespace Wrapper.Core.Proof;

/// <summary>What of a facet one strip of a pieced face covers.</summary>
/// <param name="Piece">The strip's key.</param>
/// <param name="Flat">Its corners on the flat, in the facet's coordinates.</param>
public sealed record StripOnFacet(string Piece, IReadOnlyList<(double X, double Y)> Flat);

/// <summary>Where the strips of a pieced face lie on its facets: each is what of the facet lies within the strip's own box.</summary>
public static class StripsOnFacet
{
    /// <summary>The strips on a facet of a draft; none where its piece is not joined from strips.</summary>
    public static IReadOnlyList<StripOnFacet> Of(FoldedFacet facet, Draft draft)
    {
        if (draft.Pieces.FirstOrDefault(piece => piece.Key == facet.Piece) is not { IsPieced: true } whole)
        {
            return [];
        }

        var isOver = whole.LiesTurnedOver(facet.Copy);
        return [.. whole.JoinedFrom.Select(key => On(facet, draft.Pieces.First(piece => piece.Key == key), isOver)).OfType<StripOnFacet>()];
    }

    private static StripOnFacet? On(FoldedFacet facet, Piece strip, bool isOver)
    {
        var box = strip.StitchLine.Bounds;
        var (left, right) = isOver ? (-box.Right.Millimetres, -box.Left.Millimetres) : (box.Left.Millimetres, box.Right.Millimetres);
        var corners = facet.Flat;
        corners = Kept(corners, point => point.X - left);
        corners = Kept(corners, point => right - point.X);
        corners = Kept(corners, point => point.Y - box.Bottom.Millimetres);
        corners = Kept(corners, point => box.Top.Millimetres - point.Y);
        return corners.Count < 3 ? null : new(strip.Key, corners);
    }

    /// <summary>What of a polygon lies on the near side of a line, told by how far inside a point is.</summary>
    private static List<(double X, double Y)> Kept(IReadOnlyList<(double X, double Y)> corners, Func<(double X, double Y), double> inside)
    {
        var kept = new List<(double X, double Y)>();
        for (var i = 0; i < corners.Count; i++)
        {
            var (here, next) = (corners[i], corners[(i + 1) % corners.Count]);
            var (at, then) = (inside(here), inside(next));
            if (at >= 0)
            {
                kept.Add(here);
            }

            if (at < 0 != then < 0)
            {
                var share = at / (at - then);
                kept.Add((here.X + (share * (next.X - here.X)), here.Y + (share * (next.Y - here.Y))));
            }
        }

        return kept;
    }
}
