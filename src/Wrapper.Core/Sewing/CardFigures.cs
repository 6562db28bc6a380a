using Wrapper.Core.English;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing;

/// <summary>The one large number of each card: how far from the edge, how deep, how long, how many. See docs/handbook.md, "Sewing cards".</summary>
/// <param name="cover">The cover.</param>
/// <param name="fitted">Edges that are sewn otherwise than they were cut for.</param>
internal sealed class CardFigures(SewingCover cover, IReadOnlyDictionary<SeamSide, FromEdge> fitted)
{
    /// <summary>Half of what a tape shows: distances nearer than this are one.</summary>
    private const double Same = 0.5;

    /// <summary>The number of an operation; null where none matters.</summary>
    public CardFigure? Of(Operation operation) => operation.Kind switch
    {
        OperationKind.Seam or OperationKind.Join or OperationKind.Zip or OperationKind.Tape => FromEdge(SidesOf(operation)),
        OperationKind.Dart or OperationKind.Corner => FromEdge(SidesOf(operation)) ?? Long(operation.Millimetres, SewingText.FigureLongLine),
        OperationKind.ApplyPiping => FromEdge(operation.Edges),
        OperationKind.Hem or OperationKind.Casing => Allowance(operation.Edges) is { } depth ? Measured(depth, SewingText.FigureTurned) : null,
        OperationKind.MakePiping => Long(operation.Millimetres, SewingText.FigureOfCord),
        OperationKind.Thread => Threaded() is { } thread ? Measured(thread.Length.Value, SewingText.FigureOfThread(thread.Name.ToLowerInvariant())) : null,
        OperationKind.Buttons => Counted(NotionKind.Button, SewingText.FigureButtons) ?? Counted(NotionKind.Snap, SewingText.FigureSnaps),
        OperationKind.CloseByHand => Long(operation.Millimetres ?? operation.Gap, SewingText.FigureByHand),
        _ => null,
    };

    /// <summary>How far from its raw edge each piece is sewn that is sewn otherwise than it was cut for, a sentence each.</summary>
    public IEnumerable<string> Fitted(Operation operation) => SidesOf(operation).Concat(operation.Edges)
        .Where(fitted.ContainsKey)
        .GroupBy(side => fitted[side] is var at && Math.Abs(at.From - at.To) < Same ? cover.Said(at.From) : SewingText.RunningTo(cover.Said(at.From), cover.Said(at.To)))
        .Select(group => SewingText.FittedFromEdge(PieceWords.Along(group.Select(side => side.Edge)), group.Key, cover.Words.List(group.Select(PieceCopy.Of))));

    private IEnumerable<SeamSide> SidesOf(Operation operation) => cover.LinesOf(operation).SelectMany(line => line.Seam.Edges);

    /// <summary>How far from the raw edge it is sewn: the layer underneath says it, and the other where it differs.</summary>
    private CardFigure? FromEdge(IEnumerable<SeamSide> edges)
    {
        var sides = edges.OrderByDescending(fitted.ContainsKey).ToList();
        var widths = sides.Select(AllowanceOf).OfType<Length>().Distinct().ToList();
        if (widths.Count == 0)
        {
            return null;
        }

        var others = string.Join(", ", widths.Skip(1).Select(cover.Specification.Format.RoundedWithUnit));
        return Measured(
            widths[0],
            widths.Count == 1 ? SewingText.FigureFromEdge
                : fitted.ContainsKey(sides[0]) ? SewingText.FigureFromEdgeAt(PieceWords.Along(sides.Where(side => fitted.ContainsKey(side) && AllowanceOf(side) == widths[0]).Select(side => side.Edge)), others)
                : SewingText.FigureFromEdges(others));
    }

    private Length? Allowance(IEnumerable<SeamSide> sides) => sides.Select(AllowanceOf).OfType<Length>().Select(width => (Length?)width).FirstOrDefault();

    private Length? AllowanceOf(SeamSide side) => fitted.TryGetValue(side, out var from) ? Length.FromMillimetres((decimal)Math.Round(from.From, 1)) : cover.Pieces.TryGetValue(side.Piece, out var piece) && piece.Allowances.TryGetValue(side.Edge, out var width) ? width : null;

    private Notion? Threaded() => cover.Notion(NotionKind.Elastic) ?? cover.Notion(NotionKind.Drawstring);

    private CardFigure? Counted(NotionKind kind, string of) => cover.Notion(kind) is { } notion
        ? new(cover.PerCover(notion).ToString(System.Globalization.CultureInfo.InvariantCulture), "", of)
        : null;

    private CardFigure? Long(double? millimetres, string of) => millimetres is > 0 and { } length ? Measured(Length.FromMillimetres((decimal)length), of) : null;

    private CardFigure Measured(Length length, string of) => new(cover.Specification.Format.Rounded(length), cover.Specification.Format.Unit.Sign(), of);
}

/// <summary>How far from its raw edge an edge is sewn, in millimetres.</summary>
/// <param name="From">Where it begins.</param>
/// <param name="To">Where it ends.</param>
public readonly record struct FromEdge(double From, double To);
