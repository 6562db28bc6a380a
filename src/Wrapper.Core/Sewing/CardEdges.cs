using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Sewing;

/// <summary>The edges an operation takes hold of, where they lie on the flat pieces.</summary>
/// <param name="cover">The cover.</param>
internal sealed class CardEdges(SewingCover cover)
{
    /// <summary>The edges, those of the run in the order and direction they are sewn.</summary>
    public IReadOnlyList<LitEdge> Of(Operation operation)
    {
        if (!operation.IsSewing)
        {
            return [.. operation.Edges.Where(side => cover.Pieces.ContainsKey(side.Piece)).Select(side => Lit(side, isOver: false, from: null))];
        }

        var lit = new List<LitEdge>();
        var at = operation.Points.Count > 0 ? operation.Points[0] : (int?)null;
        foreach (var line in cover.LinesOf(operation))
        {
            var isOne = PieceCopy.Of(line.Seam.First) == PieceCopy.Of(line.Seam.Second);
            var isForward = at is null || line.Sewn.IsLoop || line.Sewn.Start == at;
            var next = at;
            foreach (var side in isForward ? line.Seam.FirstSide : line.Seam.FirstSide.Reverse())
            {
                lit.Add(Lit(side, isOver: false, next));
                next = Far(side, next);
            }

            lit.AddRange(line.Seam.SecondSide.Select(side => Lit(side, isOver: !isOne, from: null)));
            at = line.Sewn.IsLoop ? at : isForward ? line.Sewn.End : line.Sewn.Start;
        }

        return lit;
    }

    private int? Far(SeamSide side, int? from)
    {
        var (start, end) = cover.Lines.Points.EndsOf(side);
        return from is null || start == end ? from : from == start ? end : start;
    }

    /// <param name="side">The edge.</param>
    /// <param name="isOver">It is on the upper layer.</param>
    /// <param name="from">The point it is sewn from; null where its direction says nothing.</param>
    private LitEdge Lit(SeamSide side, bool isOver, int? from)
    {
        var piece = cover.Pieces[side.Piece];
        var (start, end) = cover.Lines.Points.EndsOf(side);
        IReadOnlyList<Point> along = [.. EdgeLine.Of(piece, side.Edge).Select(piece.OnCloth)];
        return new(PieceCopy.Of(side), side.Edge, isOver, from is not null, from is not null && from != start && from == end ? [.. along.Reverse()] : along);
    }
}
