using Wrapper.Core.Catalogue;
using Wrapper.Core.English;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;

namespace Wrapper.Core.Drafting;

/// <summary>
/// What is marked beside notches: the line a hem or a casing is folded on, the inner corners that are drilled, the ends of a gap
/// and the point to unpick. See docs/handbook.md, "Marks".
/// </summary>
internal static class EdgeMarks
{
    /// <summary>A shorter straight between curves needs no line: its neighbours show where the fold goes on.</summary>
    private static readonly Length Short = Length.FromMillimetres(40m);

    /// <summary>The sine of the turn from which on a corner that turns inwards is drilled.</summary>
    private const double Inwards = -0.17;

    /// <summary>The pieces with these marks.</summary>
    public static IReadOnlyList<Piece> On(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams, CoverSpecification specification)
    {
        var taken = seams.SelectMany(seam => seam.Edges).Select(side => (side.Piece, side.Edge.Word)).ToHashSet();
        var shut = ShutEnds.Of(pieces, (piece, edge) => taken.Contains((piece.Key, edge)));
        var ways = seams
            .Where(seam => seam.IsWayIn)
            .SelectMany(seam => seam.Edges)
            .Select(side => (side.Piece, side.Edge.Word))
            .ToHashSet();
        var gaps = seams.Any(seam => seam.Gap.IsPositive) ? new GapMarks(pieces, seams).All(specification.Choices.Reversible) : null;
        return
        [
            .. pieces.Select(piece =>
            {
                var marks = AtWaysIn(piece, ways)
                    .Concat(gaps?[piece.Key] ?? [])
                    .Concat(Folds(piece, edge => !taken.Contains((piece.Key, edge)) || shut.Contains((piece.Key, edge)), specification))
                    .Concat(Drilled(piece, taken))
                    .ToList();
                return marks.Count == 0
                    ? piece
                    : piece with
                    {
                        Marks =
                        [
                            .. piece.Marks.Where(mark =>
                                !marks.Exists(other =>
                                    other.Kind == MarkKind.GapEnd && mark.Kind == MarkKind.Notch && mark.From == other.From
                                )
                            ),
                            .. marks,
                        ],
                    };
            }),
        ];
    }

    /// <summary>The ends of what is closed by hand, and its middle, where it is unpicked one day.</summary>
    private static IEnumerable<Mark> AtWaysIn(Piece piece, HashSet<(string Piece, string Edge)> ways)
    {
        foreach (var edge in piece.StitchLine.Edges.Where(edge => ways.Contains((piece.Key, edge.Name)) && edge.Arc is null))
        {
            yield return Mark.At(MarkKind.GapEnd, MarkText.GapEnd, edge.Start);
            yield return Mark.At(MarkKind.GapEnd, MarkText.GapEnd, edge.End);
            yield return Mark.At(
                MarkKind.UnpickPoint,
                MarkText.UnpickPoint,
                new((edge.Start.X + edge.End.X).Half(), (edge.Start.Y + edge.End.Y).Half())
            );
        }
    }

    /// <summary>An edge that is hemmed is folded on its finished line.</summary>
    private static IEnumerable<Mark> Folds(Piece piece, Func<string, bool> isHemmed, CoverSpecification specification)
    {
        if (piece.Use is not (PieceUse.Cover or PieceUse.Hung) || piece.Kind == PieceKind.Block || piece.Kept is not null)
        {
            yield break;
        }

        var isCasing = piece.Use == PieceUse.Cover && specification.Choices.Edge is LowerEdge.CasingElastic or LowerEdge.Drawstring;
        foreach (
            var edge in piece.StitchLine.Edges.Where(edge =>
                edge.Arc is null
                && edge.Length >= Short
                && isHemmed(edge.Name)
                && piece.Allowances.TryGetValue(edge.Name, out var turned)
                && turned.IsPositive
            )
        )
        {
            yield return new(MarkKind.Fold, isCasing ? MarkText.CasingFold : MarkText.HemFold, edge.Start, edge.End);
        }
    }

    /// <summary>Corners that turn inwards between edges that are sewn: a snip cannot say where the needle turns.</summary>
    private static IEnumerable<Mark> Drilled(Piece piece, HashSet<(string Piece, string Edge)> taken)
    {
        var edges = piece.StitchLine.Edges;
        for (var i = 0; i < edges.Length; i++)
        {
            var (comes, goes) = (edges[i], edges[(i + 1) % edges.Length]);
            if (
                comes.DirectionAtEnd.Cross(goes.DirectionAtStart) < Inwards
                && taken.Contains((piece.Key, comes.Name))
                && taken.Contains((piece.Key, goes.Name))
            )
            {
                yield return Mark.At(MarkKind.DrillPoint, MarkText.InnerCorner, comes.End);
            }
        }
    }
}
