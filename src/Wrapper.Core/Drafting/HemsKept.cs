using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Constructions;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>
/// Lets pieces cut from a ready-made cloth keep its hems: where a hem was to be turned along a straight free edge, it is the
/// cloth's own, and the piece is cut without one there. See docs/handbook.md, "Ready-made cloth".
/// </summary>
internal sealed class HemsKept
{
    private readonly ConstructedCover _cover;
    private readonly CoverSpecification _specification;
    private readonly Worked _hem;

    private HemsKept(ConstructedCover cover, CoverSpecification specification) =>
        (_cover, _specification, _hem) = (cover, specification, specification.Rules[Rule.Hem]);

    /// <summary>The sides of a piece as it is drawn.</summary>
    private enum Along
    {
        Top,
        Bottom,
        Left,
        Right,
    }

    /// <summary>The cover with the hems its cloths have; unchanged where none of them has any to give.</summary>
    public static ConstructedCover On(ConstructedCover cover, CoverSpecification specification)
    {
        // An edge that is drawn in or taped needs cloth to turn.
        if (
            !ConstructionCatalogue.All[specification.Construction].TurnsHems
            || specification.Choices.Edge is not (null or LowerEdge.DoubleHem)
            || !specification.Cloths.Cloths.Values.Any(cloth => cloth is { Length: not null, Edges: not null })
        )
        {
            return cover;
        }

        var hems = new HemsKept(cover, specification);
        var kept = cover.Pieces.Select(hems.Kept).ToList();
        var told = kept.Zip(cover.Pieces)
            .Where(pair => !ReferenceEquals(pair.First, pair.Second))
            .Select(pair => HemsText.Kept(pair.First.Name))
            .ToList();
        return told.Count == 0
            ? cover
            : cover with
            {
                Pieces = kept,
                Checks = [.. cover.Checks, .. told.Select(text => Check.Note("hem-kept", text, null))],
            };
    }

    private Piece Kept(Piece piece)
    {
        if (
            piece.ClothKey is null
            || piece.Kind is PieceKind.Block or PieceKind.Part
            || piece.Kept is not null
            || piece.CutAs is not null
            || piece.Turns[0] != 0
            || _specification.Cloths.Cloths.GetValueOrDefault(piece.ClothKey) is not { Length: { } length, Edges: { } edges } cloth
        )
        {
            return piece;
        }

        var free = Enum.GetValues<Along>().Where(side => IsHemmedAlong(piece, side)).ToHashSet();
        var isEitherWay = piece.Turns.Contains(180) && !cloth.OneWay;
        var (end, across) = Ends(free, edges, isEitherWay);
        var isTurned = end is { } at && across == (at == ClothEnd.End ? Along.Bottom : Along.Top);
        var (side, beside) = piece.Mirrored > 0 ? (null, null) : Sides(free, edges, isTurned);
        if (end is null && side is null)
        {
            return piece;
        }

        Along[] given = [.. new[] { across, beside }.OfType<Along>()];
        var hemless = Without(piece, given) with
        {
            Kept = new(end, side, isTurned)
            {
                IsEitherEnd =
                    end is not null
                    && isEitherWay
                    && edges.AreBothHemmed
                    && (side is null || (edges.Left.IsKeptHem && edges.Right.IsKeptHem)),
            },
        };
        return hemless.CutWidth.Value <= cloth.UsableWidth && hemless.CutLength.Value < length ? hemless : piece;
    }

    /// <summary>The end of the cloth whose hem is kept, the deeper first, and the side of the piece that lies on it.</summary>
    private static (ClothEnd? End, Along? Side) Ends(HashSet<Along> free, ClothEdges edges, bool isEitherWay)
    {
        ClothEnd[] hemmed = edges.Deepest == edges.Start ? [ClothEnd.Start, ClothEnd.End] : [ClothEnd.End, ClothEnd.Start];
        foreach (var end in hemmed.Where(end => (end == ClothEnd.Start ? edges.Start : edges.End).IsKeptHem))
        {
            var (straight, turned) = end == ClothEnd.End ? (Along.Top, Along.Bottom) : (Along.Bottom, Along.Top);
            if (free.Contains(straight))
            {
                return (end, straight);
            }

            if (isEitherWay && free.Contains(turned))
            {
                return (end, turned);
            }
        }

        return (null, null);
    }

    /// <summary>The side of the cloth whose hem is kept, as the piece lies.</summary>
    private static (ClothSide? Side, Along? Of) Sides(HashSet<Along> free, ClothEdges edges, bool isTurned)
    {
        var (left, right) = isTurned ? (Along.Right, Along.Left) : (Along.Left, Along.Right);
        return edges.Left.IsKeptHem && free.Contains(left) ? (ClothSide.Left, left)
            : edges.Right.IsKeptHem && free.Contains(right) ? (ClothSide.Right, right)
            : (null, null);
    }

    /// <summary>All along this side, straight from corner to corner, a hem was to be turned, and nothing is sewn to it.</summary>
    private bool IsHemmedAlong(Piece piece, Along side)
    {
        var edges = EdgesAlong(piece, side);
        var bounds = piece.StitchLine.Bounds;
        var whole = side is Along.Top or Along.Bottom ? bounds.Width : bounds.Height;
        return edges.Aggregate(Length.Zero, (sum, edge) => sum + edge.Length) == whole
            && edges.TrueForAll(edge => piece.Allowances[edge.Name] == _hem.Value && !IsSewn(piece.Key, edge.Name));
    }

    private bool IsSewn(string piece, string edge) =>
        _cover.Seams.Any(seam => seam.FirstSide.Concat(seam.SecondSide).Any(side => side.Piece == piece && side.Edge == edge));

    private static List<Edge> EdgesAlong(Piece piece, Along side)
    {
        var bounds = piece.StitchLine.Bounds;
        bool IsOn(Point point) =>
            side switch
            {
                Along.Top => point.Y == bounds.Top,
                Along.Bottom => point.Y == bounds.Bottom,
                Along.Left => point.X == bounds.Left,
                _ => point.X == bounds.Right,
            };
        return [.. piece.StitchLine.Edges.Where(edge => edge.Arc is null && IsOn(edge.Start) && IsOn(edge.End))];
    }

    /// <summary>The piece cut without its hem along these sides.</summary>
    private Piece Without(Piece piece, IReadOnlyList<Along> sides)
    {
        var names = sides.SelectMany(side => EdgesAlong(piece, side)).Select(edge => edge.Name.Word).ToHashSet();
        return piece with
        {
            Allowances = piece.Allowances.ToDictionary(edge => edge.Key, edge => names.Contains(edge.Key) ? Length.Zero : edge.Value),
            CutWidth = sides.Any(side => side is Along.Left or Along.Right) ? piece.CutWidth - _hem : piece.CutWidth,
            CutLength = sides.Any(side => side is Along.Top or Along.Bottom) ? piece.CutLength - _hem : piece.CutLength,
        };
    }
}
