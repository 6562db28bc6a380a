using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;

namespace Wrapper.Core.Sewing.Cards;

/// <summary>The edges an operation takes hold of, where they lie on the flat pieces.</summary>
/// <param name="cover">The cover.</param>
internal sealed class CardEdges(SewingCover cover)
{
    /// <summary>The edges, those of the run in the order and direction they are sewn.</summary>
    public IReadOnlyList<LitEdge> Of(Operation operation)
    {
        if (!operation.IsSewing)
        {
            return
            [
                .. operation.Edges.Where(side => cover.Pieces.ContainsKey(side.Piece)).Select(side => Lit(side, isOver: false, from: null)),
            ];
        }

        var lit = new List<LitEdge>();
        var at = operation.Points.Count > 0 ? operation.Points[0] : (int?)null;
        foreach (var line in cover.LinesOf(operation))
        {
            var isOne = PieceCopy.Of(line.Seam.First) == PieceCopy.Of(line.Seam.Second);
            var isForward = at is null || line.Sewn.IsLoop || line.Sewn.Start == at;
            var next = at;
            if (KeptOf(line) is { } kept)
            {
                lit.Add(Half(line.Seam.First, kept, isOver: false, at));
                lit.Add(Half(line.Seam.Second, kept, isOver: !isOne, from: null));
                at = isForward ? line.Sewn.End : line.Sewn.Start;
                continue;
            }

            foreach (var side in isForward ? line.Seam.FirstSide : line.Seam.FirstSide.Reverse())
            {
                lit.Add(Lit(side, isOver: false, next));
                next = Far(side, next);
            }

            lit.AddRange(line.Seam.SecondSide.Select(side => Lit(side, isOver: !isOne, from: null)));
            at =
                line.Sewn.IsLoop ? at
                : isForward ? line.Sewn.End
                : line.Sewn.Start;
        }

        return lit;
    }

    /// <summary>Of a seam that was parted by the try-on, the end of its edges that this part has; null for a whole seam.</summary>
    private int? KeptOf(SeamLine line)
    {
        var (start, end) = cover.Lines.Points.EndsOf(line.Seam.First);
        var (hasStart, hasEnd) = (line.Sewn.Start == start || line.Sewn.End == start, line.Sewn.Start == end || line.Sewn.End == end);
        return line.Seam.FirstSide.Count() > 1 || hasStart == hasEnd ? null
            : hasStart ? start
            : end;
    }

    /// <summary>The half of an edge that ends at a point of the cover, in the direction it is sewn where that is known.</summary>
    private LitEdge Half(SeamSide side, int kept, bool isOver, int? from)
    {
        var half = FirstHalf(Lit(side, isOver, kept).Along);
        return new(
            PieceCopy.Of(side),
            side.Edge,
            isOver,
            from is not null,
            from is null || from == kept ? half : [.. half.AsEnumerable().Reverse()]
        );
    }

    private static List<Point> FirstHalf(IReadOnlyList<Point> along)
    {
        var left = along.Zip(along.Skip(1), (from, to) => (to - from).Size).Sum() / 2;
        var half = new List<Point> { along[0] };
        for (var i = 1; i < along.Count && left > 0; i++)
        {
            var step = along[i] - along[i - 1];
            half.Add(step.Size > left ? along[i - 1] + (left / step.Size * step) : along[i]);
            left -= step.Size;
        }

        return half;
    }

    private int? Far(SeamSide side, int? from)
    {
        var (start, end) = cover.Lines.Points.EndsOf(side);
        return from is null || start == end ? from
            : from == start ? end
            : start;
    }

    /// <param name="side">The edge.</param>
    /// <param name="isOver">It is on the upper layer.</param>
    /// <param name="from">The point it is sewn from; null where its direction says nothing.</param>
    private LitEdge Lit(SeamSide side, bool isOver, int? from)
    {
        var piece = cover.Pieces[side.Piece];
        var (start, end) = cover.Lines.Points.EndsOf(side);
        IReadOnlyList<Point> along = [.. EdgeLine.Of(piece, side.Edge).Select(piece.OnCloth)];
        return new(
            PieceCopy.Of(side),
            side.Edge,
            isOver,
            from is not null,
            from is not null && from != start && from == end ? [.. along.Reverse()] : along
        );
    }
}
