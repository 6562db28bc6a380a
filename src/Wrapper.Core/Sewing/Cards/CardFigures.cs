using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Sewing.Operations;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing.Cards;

/// <summary>
/// The one large number of each card: how far from the edge, how deep, how long, how many. See docs/handbook.md, "Sewing cards".
/// </summary>
/// <param name="cover">The cover.</param>
/// <param name="fitted">Edges that are sewn otherwise than they were cut for.</param>
internal sealed class CardFigures(SewingCover cover, IReadOnlyDictionary<SeamSide, FromEdge> fitted)
{
    /// <summary>Half of what a tape shows: distances nearer than this are one.</summary>
    private const double Same = 0.5;

    /// <summary>The number of an operation; null where none matters.</summary>
    public CardFigure? Of(Operation operation) =>
        operation.Kind switch
        {
            OperationKind.Zip when cover.Closure != Closure.InvisibleZip => Measured(
                ZipFromFold(cover.Specification.Format.Unit),
                SewingText.FigureFromEachFold
            ),
            OperationKind.Seam or OperationKind.Join or OperationKind.Zip or OperationKind.Tape => FromEdge(StretchesOf(operation)),
            OperationKind.Dart or OperationKind.Corner => FromEdge(StretchesOf(operation))
                ?? Long(operation.Millimetres, SewingText.FigureLongLine),
            OperationKind.ApplyPiping => FromEdge([
                .. operation.Edges.Select(side => new Stretch([side], [], cover.Pieces[side.Piece].LengthOf(side.Edge).Millimetres)),
            ]),
            OperationKind.Hem or OperationKind.Casing => Depth(operation) is { } depth ? Measured(depth, SewingText.FigureTurned) : null,
            OperationKind.MakePiping => Long(operation.Millimetres, SewingText.FigureOfCord),
            OperationKind.Thread => Threaded() is { } thread
                ? Measured(thread.Length.Value, SewingText.FigureOfThread(thread.Name.ToLowerInvariant()))
                : null,
            OperationKind.Buttons => Counted(NotionKind.Button, SewingText.FigureButtons)
                ?? Counted(NotionKind.Snap, SewingText.FigureSnaps),
            OperationKind.CloseByHand => Long(operation.Millimetres ?? operation.Gap, SewingText.FigureByHand),
            _ => null,
        };

    /// <summary>How far from its raw edge each piece is sewn that is sewn otherwise than it was cut for, a sentence each.</summary>
    public IEnumerable<string> Fitted(Operation operation) =>
        SidesOf(operation)
            .Concat(operation.Edges)
            .Where(fitted.ContainsKey)
            .GroupBy(side =>
                fitted[side] is var at && Math.Abs(at.From - at.To) < Same
                    ? cover.Said(at.From)
                    : SewingText.RunningTo(cover.Said(at.From), cover.Said(at.To))
            )
            .Select(group =>
                SewingText.FittedFromEdge(
                    PieceWords.Along(group.Select(side => side.Edge)),
                    group.Key,
                    cover.Words.List(group.Select(PieceCopy.Of))
                )
            );

    private IEnumerable<SeamSide> SidesOf(Operation operation) => cover.LinesOf(operation).SelectMany(line => line.Seam.Edges);

    /// <summary>
    /// The parts of its run, each with the edges of both layers; what an opening has sewn shut lies on its folds and has no allowance left.
    /// </summary>
    private List<Stretch> StretchesOf(Operation operation) =>
        [
            .. cover
                .LinesOf(operation)
                .Select(line => new Stretch([.. line.Seam.FirstSide], [.. line.Seam.SecondSide], line.Sewn.Millimetres)),
        ];

    /// <summary>How far from the edge it is sewn: of the longest part of the run, then where and how else.</summary>
    private CardFigure? FromEdge(IReadOnlyList<Stretch> stretches)
    {
        var sides = stretches.SelectMany(stretch => stretch.First.Concat(stretch.Second)).ToList();
        if (sides.Exists(fitted.ContainsKey))
        {
            return Since(sides);
        }

        if (sides.Count > 0 && sides.TrueForAll(cover.Hemmed.Shut.Contains))
        {
            return Measured(FromFolds(cover.Specification.Format.Unit), SewingText.FigureFromFolds);
        }

        var groups = stretches
            .Where(stretch => !stretch.First.Any(cover.Hemmed.Shut.Contains))
            .Select(stretch =>
                (
                    Stretch: stretch,
                    First: Allowance(stretch.First) ?? Allowance(stretch.Second),
                    Second: Allowance(stretch.Second) ?? Allowance(stretch.First)
                )
            )
            .Where(part => part.First is not null)
            .GroupBy(part => (First: part.First!.Value, Second: part.Second!.Value), part => part.Stretch)
            .OrderByDescending(group => group.Sum(stretch => stretch.Millimetres))
            .ToList();
        if (groups.Count == 0)
        {
            return null;
        }

        var (first, second) = groups[0].Key;
        var of = groups[0].First().First.Any(cover.Hemmed.Has) ? SewingText.FigureInsideHems : SewingText.FigureFromEdge;
        var said = groups
            .Skip(1)
            .Aggregate(first == second ? of : SewingText.FigureOtherLayer(of, Said(second)), (text, group) =>
                SewingText.FigureAlong(
                    text,
                    PieceWords.Along(group.SelectMany(stretch => stretch.First).Select(side => side.Edge)),
                    group.Key.First == group.Key.Second
                        ? Said(group.Key.First)
                        : SewingText.Both(Said(group.Key.First), Said(group.Key.Second))
                )
            );
        return Measured(first, said);
    }

    /// <summary>Since the cover was tried on: what was changed says it, then all else.</summary>
    private CardFigure Since(List<SeamSide> sides)
    {
        var widths = sides.OrderByDescending(fitted.ContainsKey).Select(AllowanceOf).OfType<Length>().Distinct().ToList();
        var changed = sides.Where(side => fitted.ContainsKey(side) && AllowanceOf(side) == widths[0]).Select(side => side.Edge);
        return Measured(
            widths[0],
            widths.Count == 1
                ? SewingText.FigureFromEdge
                : SewingText.FigureFromEdgeAt(PieceWords.Along(changed), string.Join(", ", widths.Skip(1).Select(Said)))
        );
    }

    /// <summary>How far from the folds hemmed edges are sewn onto each other.</summary>
    public static Length FromFolds(LengthUnit unit) => unit.IsImperial() ? Length.FromInches(0, 1, 8) : Length.FromMillimetres(3m);

    /// <summary>How far from each fold a zip is stitched whose folds meet over its teeth.</summary>
    public static Length ZipFromFold(LengthUnit unit) => unit.IsImperial() ? Length.FromInches(0, 1, 4) : Length.FromMillimetres(6m);

    /// <summary>
    /// How much is turned: what its edges are cut larger by; where the outline itself was grown, what the rule says; nothing under an
    /// overlock.
    /// </summary>
    private Length? Depth(Operation operation)
    {
        var depth = operation.Edges.Where(cover.Hemmed.Has).Select(cover.Hemmed.DepthOf).Select(width => (Length?)width).FirstOrDefault()
            ?? Allowance(operation.Edges);
        return depth is { IsPositive: true } whole ? whole - cover.Hemmed.FlapOf(operation.Edges)
            : operation.Kind == OperationKind.Casing && cover.Edge != LowerEdge.OverlockedCord ? cover.Specification.Rules.CasingDepth.Value
            : null;
    }

    private string Said(Length width) => cover.Specification.Format.RoundedWithUnit(width);

    private Length? Allowance(IEnumerable<SeamSide> sides) =>
        sides.Select(AllowanceOf).OfType<Length>().Select(width => (Length?)width).FirstOrDefault();

    private Length? AllowanceOf(SeamSide side) =>
        fitted.TryGetValue(side, out var from) ? Length.FromMillimetres((decimal)Math.Round(from.From, 1))
        : cover.Pieces.TryGetValue(side.Piece, out var piece) && piece.Allowances.TryGetValue(side.Edge, out var width)
            ? width - cover.Hemmed.DepthOf(side)
        : null;

    private Notion? Threaded() => cover.Notion(NotionKind.Elastic) ?? cover.Notion(NotionKind.Drawstring);

    private CardFigure? Counted(NotionKind kind, string of) =>
        cover.Notion(kind) is { } notion
            ? new(cover.PerCover(notion).ToString(System.Globalization.CultureInfo.InvariantCulture), "", of)
            : null;

    private CardFigure? Long(double? millimetres, string of) =>
        millimetres is > 0 and { } length ? Measured(Length.FromMillimetres((decimal)length), of) : null;

    private CardFigure Measured(Length length, string of) =>
        new(cover.Specification.Format.Rounded(length), cover.Specification.Format.Unit.Sign(), of);

    /// <summary>A part of what is sewn: the edges of one layer and of the other, and how long.</summary>
    private sealed record Stretch(IReadOnlyList<SeamSide> First, IReadOnlyList<SeamSide> Second, double Millimetres);
}

/// <summary>How far from its raw edge an edge is sewn, in millimetres.</summary>
/// <param name="From">Where it begins.</param>
/// <param name="To">Where it ends.</param>
public readonly record struct FromEdge(double From, double To);
