using Wrapper.Core.Lays;
using Wrapper.Core.Lays.Shapes;
using Wrapper.Core.Units;

namespace Wrapper.Core.Buying;

/// <summary>
/// One stretch of the roll, cut off right across and then cut apart. See docs/handbook.md, "The order of cuts".
/// </summary>
/// <param name="From">Where it begins, from the cut end.</param>
/// <param name="To">Where it is cut right across.</param>
/// <param name="Straight">Every piece in it, or the box round it, comes free by straight cuts from side to side of what is left.</param>
/// <param name="Pieces">In the order they come free.</param>
public sealed record CutStretch(Length From, Length To, bool Straight, IReadOnlyList<Placement> Pieces);

/// <summary>In which order a lay is cut: right across first wherever nothing is in the way, then along, then across again.</summary>
public static class CutOrder
{
    /// <summary>Pieces may meet to a hundredth of a millimetre.</summary>
    private const long Touching = 10_000;

    /// <summary>The stretches of a lay from the cut end of the roll on; what lies on remnants is not among them.</summary>
    /// <param name="lay">The lay.</param>
    /// <param name="pieces">What was laid.</param>
    public static IReadOnlyList<CutStretch> Of(Lay lay, IEnumerable<LayPiece> pieces)
    {
        var byId = pieces.ToDictionary(piece => piece.Id);
        List<Box> boxes =
        [
            .. lay
                .Placements.Where(placement => placement.Remnant is null && byId.ContainsKey(placement.Piece))
                .Select(placement => BoxOf(placement, byId[placement.Piece])),
        ];
        var from = Length.Zero;
        var stretches = new List<CutStretch>();
        foreach (var stretch in Parted(boxes, across: true))
        {
            var apart = new List<Placement>();
            var straight = CutApart(stretch, across: false, apart);
            var to = Length.FromNanometres(stretch.Max(box => box.Top));
            stretches.Add(new(from, to, straight, apart));
            from = to;
        }

        return stretches;
    }

    private static Box BoxOf(Placement placement, LayPiece piece)
    {
        var (shape, x, y) = (LayShape.Of(piece.Corners, placement.Turn), placement.X.Nanometres, placement.Y.Nanometres);
        return new(placement, x, x + shape.Width, y, y + shape.Height);
    }

    /// <summary>Cuts a part of the cloth to pieces; says whether straight cuts did it.</summary>
    private static bool CutApart(List<Box> boxes, bool across, List<Placement> free)
    {
        var straight = true;
        var parts = Parted(boxes, across);
        foreach (var part in parts)
        {
            if (part.Count == 1)
            {
                free.Add(part[0].Placement);
            }
            else if (parts.Count > 1 || Parted(part, !across).Count > 1)
            {
                straight &= CutApart(part, !across, free);
            }
            else
            {
                straight = false;
                free.AddRange(part.OrderBy(box => box.Bottom).ThenBy(box => box.Left).Select(box => box.Placement));
            }
        }

        return straight;
    }

    /// <summary>The parts that cuts right across (or along) leave, in order.</summary>
    private static List<List<Box>> Parted(List<Box> boxes, bool across) =>
        across
            ? Stretches.Parted(boxes.OrderBy(box => box.Bottom).ThenBy(box => box.Left), box => box.Bottom, box => box.Top, -Touching)
            : Stretches.Parted(boxes.OrderBy(box => box.Left).ThenBy(box => box.Bottom), box => box.Left, box => box.Right, -Touching);

    private readonly record struct Box(Placement Placement, long Left, long Right, long Bottom, long Top);
}
