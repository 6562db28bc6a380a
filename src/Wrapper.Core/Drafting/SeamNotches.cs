using Wrapper.Core.English;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Drafting;

/// <summary>
/// Notches that both sides of a seam carry at the same stitched distance: in the middle of curves and of long seams, and where
/// an edge begins or ends that goes straight on as another: the quarters of a disc, the ends of a gap. See docs/handbook.md, "Marks".
/// </summary>
internal static class SeamNotches
{
    /// <summary>
    /// A curve shorter than this needs no notch of its own; nor does the place where two edges go on that are both shorter, as at the end
    /// of a strip.
    /// </summary>
    private static readonly Length Short = Length.FromMillimetres(100m);

    /// <summary>A straight seam from this on is matched in the middle.</summary>
    private static readonly Length LongSeam = Length.FromMillimetres(900m);

    /// <summary>Apart on a very long seam.</summary>
    private static readonly Length Apart = Length.FromMillimetres(1000m);

    /// <summary>Nearer to another mark than this nothing is marked twice.</summary>
    private static readonly Length Near = Length.FromMillimetres(3m);

    /// <summary>The sine of a turn from which on a corner is its own mark.</summary>
    private const double Corner = 0.17;

    /// <summary>The pieces with their notches.</summary>
    public static IReadOnlyList<Piece> On(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams)
    {
        var byKey = pieces.ToDictionary(piece => piece.Key);
        var added = pieces.ToDictionary(piece => piece.Key, _ => new List<Mark>());
        foreach (
            var seam in seams.Where(seam => !seam.IsLaid && seam.Ease.IsZero && seam.FirstGoesOn.Count == 0 && seam.SecondGoesOn.Count == 0)
        )
        {
            var (first, second) = (
                byKey[seam.First.Piece].StitchLine.PartsOf(seam.First.Edge),
                byKey[seam.Second.Piece].StitchLine.PartsOf(seam.Second.Edge)
            );
            if (first.Count == 0 || second.Count == 0)
            {
                continue; // a line inside a piece is drawn as it is
            }

            var parts = Parts(first, second);
            foreach (var (side, edges) in ((SeamSide, IReadOnlyList<Edge>)[])[(seam.First, first), (seam.Second, second)])
            {
                Add(byKey[side.Piece], added[side.Piece], side.Edge, edges, parts);
            }
        }

        return
        [
            .. pieces.Select(piece => added[piece.Key] is { Count: > 0 } more ? piece with { Marks = [.. piece.Marks, .. more] } : piece),
        ];
    }

    private static void Add(Piece piece, List<Mark> added, string name, IReadOnlyList<Edge> edges, int parts)
    {
        var outline = piece.StitchLine.Edges;
        var (before, after) = (
            outline[(outline.IndexOf(edges[0]) + outline.Length - 1) % outline.Length],
            outline[(outline.IndexOf(edges[^1]) + 1) % outline.Length]
        );
        Mark(edges[0].Start, before, edges[0], MarkText.Between(before.Name, name));
        Mark(edges[^1].End, edges[^1], after, MarkText.Between(name, after.Name));
        var length = Total(edges);
        for (var part = 1; part < parts; part++)
        {
            Put(
                Partition.PointAlong(edges, Length.FromNanometresRounded((double)length.Nanometres * part / parts)),
                MarkText.PartOf(name, part, parts)
            );
        }

        void Mark(Point at, Edge comes, Edge goes, string label)
        {
            var (incoming, outgoing) = (comes.DirectionAtEnd, goes.DirectionAtStart);
            if (
                Length.Max(piece.LengthOf(comes.Name), piece.LengthOf(goes.Name)) >= Short
                && Math.Abs(incoming.Cross(outgoing)) < Corner
                && incoming.Dot(outgoing) > 0
            )
            {
                Put(at, label);
            }
        }

        void Put(Point at, string label)
        {
            if (
                !piece
                    .Marks.Concat(added)
                    .Any(mark => mark.Kind is MarkKind.Notch or MarkKind.MatchPoint or MarkKind.ZipStop && mark.From.DistanceTo(at) < Near)
            )
            {
                added.Add(Pattern.Mark.At(MarkKind.Notch, label, at));
            }
        }
    }

    /// <summary>In how many equal parts both sides are marked.</summary>
    private static int Parts(IReadOnlyList<Edge> first, IReadOnlyList<Edge> second)
    {
        var length = Length.Max(Total(first), Total(second));
        var isCurved = first.Concat(second).Any(edge => edge.Arc is not null);
        return length >= LongSeam ? Math.Max(2, (int)Math.Ceiling(length.RatioTo(Apart)))
            : isCurved && length >= Short ? 2
            : 1;
    }

    private static Length Total(IReadOnlyList<Edge> edges) => edges.Aggregate(Length.Zero, (sum, edge) => sum + edge.Length);
}
