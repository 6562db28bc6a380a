using Wrapper.Core.Pattern;

namespace Wrapper.Core.Sewing.Covers;

/// <summary>A stretch of edges that no seam takes, from point to point round the cover.</summary>
/// <param name="Edges">The edges in their order.</param>
/// <param name="Points">The points they begin and end on.</param>
internal sealed record EdgePath(IReadOnlyList<SeamSide> Edges, IReadOnlyList<int> Points)
{
    /// <summary>It goes all round.</summary>
    public bool IsRing => Points[0] == Points[^1];
}

/// <summary>
/// Edges of a cover that are hemmed, cased or finished: mostly those no seam takes. See docs/handbook.md, "Edge finishes".
/// </summary>
internal static class EdgePaths
{
    /// <summary>The stretches of such edges of these pieces, as long as they can be.</summary>
    /// <param name="pieces">The pieces that may have any.</param>
    /// <param name="which">Which of their edges.</param>
    /// <param name="points">The points of the cover.</param>
    /// <param name="faces">What is joined flat: a stretch stays on one face.</param>
    public static IReadOnlyList<EdgePath> Of(IEnumerable<Piece> pieces, Func<SeamSide, bool> which, CoverPoints points, CoverFaces faces)
    {
        var open = pieces
            .SelectMany(piece =>
                Enumerable
                    .Range(1, piece.PerCover)
                    .SelectMany(copy => piece.StitchLine.Names.Distinct().Select(edge => new SeamSide(piece.Key, edge, copy)))
            )
            .Where(which)
            .ToList();
        var paths = new List<EdgePath>();
        while (open.Count > 0)
        {
            paths.Add(PathFrom(open, points, faces));
        }

        return paths;
    }

    private static EdgePath PathFrom(List<SeamSide> open, CoverPoints points, CoverFaces faces)
    {
        var first = open[0];
        open.RemoveAt(0);
        var face = faces.Of(first);
        var (start, end) = points.EndsOf(first);
        var (edges, along) = (new List<SeamSide> { first }, new List<int> { start, end });
        while (along[0] != along[^1] && Take(along[^1]) is { } next)
        {
            edges.Add(next.Side);
            along.Add(next.Far);
        }

        while (along[0] != along[^1] && Take(along[0]) is { } before)
        {
            edges.Insert(0, before.Side);
            along.Insert(0, before.Far);
        }

        return new(edges, along);

        (SeamSide Side, int Far)? Take(int at)
        {
            for (var i = 0; i < open.Count; i++)
            {
                var (start, end) = points.EndsOf(open[i]);
                if ((start == at || end == at) && faces.Of(open[i]) == face)
                {
                    var side = open[i];
                    open.RemoveAt(i);
                    return (side, start == at ? end : start);
                }
            }

            return null;
        }
    }
}
