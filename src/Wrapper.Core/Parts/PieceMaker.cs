using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts;

/// <summary>Makes pieces of a cover: counts for all covers alike, mirrored copies.</summary>
internal static class PieceMaker
{
    /// <summary>A piece of one cover, with the same allowance on all edges or one for each.</summary>
    public static Piece Make(
        CoverSpecification specification,
        PieceKind kind,
        string name,
        int perCover,
        Outline stitchLine,
        Worked cutWidth,
        Worked cutLength,
        Func<EdgeName, Length> allowance
    )
    {
        var allowances = new Dictionary<string, Length>(stitchLine.Edges.Length);
        foreach (var edge in stitchLine.Edges)
        {
            allowances[edge.Name] = allowance(edge.Name);
        }

        return new()
        {
            Key = kind.Word(),
            Kind = kind,
            Name = name,
            PerCover = perCover,
            Quantity = perCover * specification.Count,
            CutWidth = cutWidth,
            CutLength = cutLength,
            StitchLine = stitchLine,
            Allowances = allowances,
        };
    }

    /// <summary>How many of a shaped piece are cut turned over when they face each other in twos.</summary>
    public static Piece InFacingPairs(Piece piece) =>
        piece with
        {
            InFacingPairs = true,
            Mirrored = piece.Quantity < 2 || Symmetry.IsLeftRight(piece.StitchLine) ? 0 : piece.Quantity / 2,
        };

    /// <summary>An upright rectangle with edges <c>front</c>, <c>right</c>, <c>back</c>, <c>left</c>.</summary>
    public static Outline Rectangle(Length width, Length depth) =>
        Outline.Polygon(
            (EdgeName.Front, Point.Origin),
            (EdgeName.Right, new(width, Length.Zero)),
            (EdgeName.Back, new(width, depth)),
            (EdgeName.Left, new(Length.Zero, depth))
        );
}
