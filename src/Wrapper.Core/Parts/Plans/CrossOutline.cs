using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Parts.Plans;

/// <summary>
/// A rectangle with a flap on each side that is folded down, its corners cut out as notches or left on to be opened and
/// sewn across. The rectangle's front left corner lies one flap in from the origin.
/// </summary>
internal static class CrossOutline
{
    private static readonly (EdgeSide Side, EdgeSide Beside)[] Corners =
    [
        (EdgeSide.Front, EdgeSide.Right),
        (EdgeSide.Back, EdgeSide.Right),
        (EdgeSide.Back, EdgeSide.Left),
        (EdgeSide.Front, EdgeSide.Left),
    ];

    /// <summary>Which of the two edges at a corner: the one that is come to first on the way round, or the one after it.</summary>
    public const string First = "a";

    /// <summary>The other of them.</summary>
    public const string Second = "b";

    /// <summary>
    /// The shape with its corners cut out. The flaps' outer edges are called after the sides, the notches' <c>…-a</c> and <c>…-b</c>.
    /// </summary>
    public static Outline Notched(Length width, Length depth, Length flap)
    {
        var (right, back, all, top) = (flap + width, flap + depth, width + (2 * flap), depth + (2 * flap));
        var zero = Length.Zero;
        return Outline.Polygon(
            (EdgeName.Front, new(flap, zero)),
            (NotchOf(EdgeSide.Front, EdgeSide.Right, First), new(right, zero)),
            (NotchOf(EdgeSide.Front, EdgeSide.Right, Second), new(right, flap)),
            (EdgeName.Right, new(all, flap)),
            (NotchOf(EdgeSide.Back, EdgeSide.Right, First), new(all, back)),
            (NotchOf(EdgeSide.Back, EdgeSide.Right, Second), new(right, back)),
            (EdgeName.Back, new(right, top)),
            (NotchOf(EdgeSide.Back, EdgeSide.Left, First), new(flap, top)),
            (NotchOf(EdgeSide.Back, EdgeSide.Left, Second), new(flap, back)),
            (EdgeName.Left, new(zero, back)),
            (NotchOf(EdgeSide.Front, EdgeSide.Left, First), new(zero, flap)),
            (NotchOf(EdgeSide.Front, EdgeSide.Left, Second), new(flap, flap))
        );
    }

    /// <summary>The whole rectangle, each side's edge between what becomes of its corners.</summary>
    public static Outline Whole(Length width, Length depth, Length flap)
    {
        var (right, back, all, top) = (flap + width, flap + depth, width + (2 * flap), depth + (2 * flap));
        var zero = Length.Zero;
        return Outline.Polygon(
            (EarOf(EdgeSide.Front, EdgeSide.Left, Second), new(zero, zero)),
            (EdgeName.Front, new(flap, zero)),
            (EarOf(EdgeSide.Front, EdgeSide.Right, First), new(right, zero)),
            (EarOf(EdgeSide.Front, EdgeSide.Right, Second), new(all, zero)),
            (EdgeName.Right, new(all, flap)),
            (EarOf(EdgeSide.Back, EdgeSide.Right, First), new(all, back)),
            (EarOf(EdgeSide.Back, EdgeSide.Right, Second), new(all, top)),
            (EdgeName.Back, new(right, top)),
            (EarOf(EdgeSide.Back, EdgeSide.Left, First), new(flap, top)),
            (EarOf(EdgeSide.Back, EdgeSide.Left, Second), new(zero, top)),
            (EdgeName.Left, new(zero, back)),
            (EarOf(EdgeSide.Front, EdgeSide.Left, First), new(zero, flap))
        );
    }

    /// <summary>The lines along which the flaps turn down.</summary>
    public static IEnumerable<Fold> Creases(Length width, Length depth, Length flap)
    {
        var (right, back) = (flap + width, flap + depth);
        yield return new(CreaseOf(EdgeSide.Front), [new(flap, flap), new(right, flap)]);
        yield return new(CreaseOf(EdgeSide.Right), [new(right, flap), new(right, back)]);
        yield return new(CreaseOf(EdgeSide.Back), [new(right, back), new(flap, back)]);
        yield return new(CreaseOf(EdgeSide.Left), [new(flap, back), new(flap, flap)]);
    }

    /// <summary>The lines of the corners that are sewn across; what lies outside them is trimmed or lies in a pleat.</summary>
    public static IEnumerable<Fold> CornerLines(Length width, Length depth, Length flap)
    {
        var (right, back, all, top) = (flap + width, flap + depth, width + (2 * flap), depth + (2 * flap));
        var zero = Length.Zero;
        yield return new(LineOf(EdgeSide.Front, EdgeSide.Right), [new(right, zero), new(right, flap), new(all, flap)], TrimsRight: true);
        yield return new(LineOf(EdgeSide.Back, EdgeSide.Right), [new(all, back), new(right, back), new(right, top)], TrimsRight: true);
        yield return new(LineOf(EdgeSide.Back, EdgeSide.Left), [new(flap, top), new(flap, back), new(zero, back)], TrimsRight: true);
        yield return new(LineOf(EdgeSide.Front, EdgeSide.Left), [new(zero, flap), new(flap, flap), new(flap, zero)], TrimsRight: true);
    }

    /// <summary>The outer edges of each ear lie on each other when it is folded diagonally.</summary>
    public static IEnumerable<Seam> EarSeams(string piece, int copy = 1) =>
        Corners.Select(corner => new Seam(
            Named("ear", corner, copy),
            new(piece, EarOf(corner.Side, corner.Beside, First), copy),
            new(piece, EarOf(corner.Side, corner.Beside, Second), copy)
        )
        {
            IsLaid = true,
        });

    /// <summary>The seams that close the corners of one copy of a piece, cut out or opened.</summary>
    public static IEnumerable<Seam> CornerSeams(string piece, bool opened, int copy = 1, bool withBack = true)
    {
        foreach (var corner in Corners.Where(corner => withBack || corner.Side != EdgeSide.Back))
        {
            var line = LineOf(corner.Side, corner.Beside);
            var (first, second) = opened
                ? (line.Part(1), line.Part(2))
                : (NotchOf(corner.Side, corner.Beside, First), NotchOf(corner.Side, corner.Beside, Second));
            yield return new(Named("corner", corner, copy), new(piece, first, copy), new(piece, second, copy));
        }
    }

    /// <summary>The line on which an opened corner is sewn across.</summary>
    /// <param name="side">Front or back.</param>
    /// <param name="beside">Right or left.</param>
    /// <param name="layer">Which of two corners at the same place; none where there is one.</param>
    public static EdgeName LineOf(EdgeSide side, EdgeSide beside, EdgeLayer layer = EdgeLayer.None)
    {
        var word = $"corner-{Word(side, beside)}";
        return EdgeName.Called(layer == EdgeLayer.None ? word : $"{word}-{layer.Word()}", new(side, beside, layer), EdgeFunction.Corner);
    }

    /// <summary>An edge of a corner that is cut out.</summary>
    private static EdgeName NotchOf(EdgeSide side, EdgeSide beside, string which) =>
        EdgeName.Called($"{Word(side, beside)}-{which}", new(side, beside), EdgeFunction.Corner);

    /// <summary>An outer edge of a corner that is folded to an ear.</summary>
    public static EdgeName EarOf(EdgeSide side, EdgeSide beside, string which) =>
        EdgeName.Called($"{Word(side, beside)}-ear-{which}", new(side, beside), EdgeFunction.Ear);

    /// <summary>The line along which the flap of a side turns down.</summary>
    public static EdgeName CreaseOf(EdgeSide side) => EdgeName.Called($"crease-{side.Word()}", new(side));

    private static string Word(EdgeSide side, EdgeSide beside) => $"{side.Word()}-{beside.Word()}";

    private static string Named(string what, (EdgeSide Side, EdgeSide Beside) corner, int copy)
    {
        var name = $"{what}-{Word(corner.Side, corner.Beside)}";
        return copy == 1 ? name : $"{name}-{copy}";
    }
}
