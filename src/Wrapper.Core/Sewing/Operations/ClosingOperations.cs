using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;
using Wrapper.Core.Units;

namespace Wrapper.Core.Sewing.Operations;

/// <summary>What is done when a cover is sewn: turned, tried on, trimmed, filled, closed. See docs/handbook.md, "Trying on".</summary>
/// <param name="cover">The cover.</param>
internal sealed class ClosingOperations(SewingCover cover)
{
    private IReadOnlyList<PieceCopy> AllPieces =>
        [.. cover.Draft.Pieces.Where(piece => piece.Use is PieceUse.Cover or PieceUse.Hung).SelectMany(PieceCopy.AllOf)];

    /// <summary>It is closed all round but for its way in, and so is turned through it.</summary>
    public bool IsTurned =>
        !IsOpenBelow
        && !cover.IsLayered
        && cover.Lines.All.Any(line => line.Kind == OperationKind.Seam)
        && cover.Draft.Pieces.Any(piece => piece.Use == PieceUse.Cover);

    /// <summary>It is open below and held there: a tub, a margin, a band over a pad.</summary>
    public bool IsOpenBelow =>
        cover.Edge is not null
        || (cover.Closure is null or Closure.Plain && cover.OpenEdges.Any(path => path.Edges.Any(side => side.Edge == EdgeName.Lower)));

    /// <summary>Closing operations of a cover whose seams and hems are these.</summary>
    public IEnumerable<Operation> All(IReadOnlyList<Operation> sewn)
    {
        if (IsTurned || cover.IsLayered)
        {
            yield return Plain(OperationKind.Turn, SewingText.Turn) with
            {
                Minutes = cover.Rates.Of(OperationKind.Turn, 0, 1),
            };
        }

        if (IsTried(sewn))
        {
            yield return Plain(OperationKind.TryOn, IsOpenBelow || cover.IsLayered ? SewingText.TryOnInsideOut : SewingText.TryOn) with
            {
                Minutes = cover.Rates.Of(OperationKind.TryOn, 0, 1),
            };
        }

        foreach (var corner in sewn.Where(operation => operation.Kind == OperationKind.Corner && IsOpened(operation)))
        {
            yield return new()
            {
                Id = $"trim-{corner.Seams[0]}",
                Kind = OperationKind.Trim,
                Pieces = corner.Pieces,
                Seams = corner.Seams,
                After = [corner.Id],
                Minutes = cover.Rates.Of(OperationKind.Trim, 0, 1),
                Stops = [StopSign.TryBeforeTrimming],
                Text = SewingText.Trim(cover.OpenedCorner(cover.LinesOf(corner).First())),
            };
        }

        if (IsFilled)
        {
            yield return Plain(OperationKind.Fill, SewingText.Fill);
        }

        if (Gap is { } gap && cover.IsLayered)
        {
            yield return Plain(OperationKind.EdgeStitch, SewingText.EdgeStitchGap) with
            {
                Millimetres = RimLength(sewn),
                Minutes = cover.Rates.Of(OperationKind.EdgeStitch, RimLength(sewn), 1),
            };
        }
        else if (Gap is { } byHand && !sewn.Any(operation => operation.Kind == OperationKind.CloseByHand))
        {
            yield return Plain(
                OperationKind.CloseByHand,
                cover.SeamWithGap is { } seam ? SewingText.CloseGapIn(seam, cover.Said(byHand)) : SewingText.CloseGap(cover.Said(byHand))
            ) with
            {
                Millimetres = byHand,
                Minutes = cover.Rates.Of(OperationKind.CloseByHand, byHand, 1),
                Needs = [SewingText.NeedsHandNeedle],
            };
        }
    }

    /// <summary>A medallion is turned through its facing and stitched on its face.</summary>
    public IEnumerable<Operation> Medallion(IReadOnlyList<Operation> sewn)
    {
        var medallion = cover.Draft.Pieces.FirstOrDefault(piece => piece.Kind == PieceKind.Medallion);
        if (medallion is null)
        {
            yield break;
        }

        var face = cover.Draft.Pieces.First(piece => piece.Kind == PieceKind.Top);
        var round = sewn.First(operation => operation.Pieces.Contains(new(medallion.Key, 1)) && operation.Kind == OperationKind.Seam);
        yield return new()
        {
            Id = "edge-stitch-medallion",
            Kind = OperationKind.EdgeStitch,
            Pieces = [new(medallion.Key, 1), new(face.Key, 1)],
            After = [round.Id],
            Stops = [StopSign.FacingSlit],
            Millimetres = round.Millimetres,
            Minutes = cover.Rates.Of(OperationKind.EdgeStitch, round.Millimetres ?? 0, 1),
            Text = SewingText.EdgeStitchMedallion,
        };
    }

    /// <summary>Ties at the way in, caught in the seam beside it.</summary>
    public IEnumerable<Operation> Ties(IReadOnlyList<Operation> sewn)
    {
        if (cover.Notion(NotionKind.Tie) is not { } tie)
        {
            yield break;
        }

        var facings = sewn.Where(operation => operation.Pieces.Any(piece => cover.Pieces[piece.Piece].Kind == PieceKind.Facing)).ToList();
        var holders = facings.Count > 0 ? facings : [.. sewn.Where(operation => operation.Kind == OperationKind.Seam).Take(1)];
        var count = cover.PerCover(tie);
        foreach (var holder in holders)
        {
            yield return new()
            {
                Id = $"ties-{holder.Id}",
                Kind = OperationKind.Ties,
                Pieces = holder.Pieces,
                HeldBy = holder.Id,
                Minutes = cover.Rates.Of(OperationKind.Ties, 0, count / holders.Count),
                Text = SewingText.Ties(count / holders.Count, cover.Said(tie.Length.Value.Millimetres)),
            };
        }
    }

    /// <summary>
    /// Labels that are sewn in, where the house does so: caught at the back, in a seam that has no gap in it; else in the first hem.
    /// </summary>
    public IEnumerable<Operation> Labels(IReadOnlyList<Operation> sewn, IReadOnlyList<Operation> hems)
    {
        var count = (int)Math.Ceiling(cover.Specification.Rules.Number(NumberRule.Labels));
        if (count == 0)
        {
            yield break;
        }

        var seams = sewn.Where(operation => operation is { Kind: OperationKind.Seam, Waits: false })
            .OrderBy(operation => cover.LinesOf(operation).Any(line => line.Seam.Gap.IsPositive) ? 0 : 1)
            .ToList();
        var holder = seams.FindLast(operation =>
            cover.LinesOf(operation).SelectMany(line => line.Seam.Edges).Any(side => side.Edge.IsMiddleOf(EdgeName.Back))
        )
            ?? (
                seams.Count > 0 ? seams[^1]
                : hems.Count > 0 ? hems[0]
                : null
            );
        if (holder is null)
        {
            yield break;
        }

        yield return new()
        {
            Id = OperationKind.Label.Word(),
            Kind = OperationKind.Label,
            Pieces = [holder.Pieces[0]],
            HeldBy = holder.Id,
            Minutes = cover.Rates.Of(OperationKind.Label, 0, count),
            Text = SewingText.Label(count, cover.Words.Of(holder.Pieces[0])),
        };
    }

    /// <summary>
    /// What is left open in the last seam, or is a way in of its own, in millimetres; null where a closure or an open edge is the way in.
    /// </summary>
    public double? Gap =>
        cover.Draft.Seams.FirstOrDefault(seam => seam.Gap.IsPositive)?.Gap.Millimetres
        ?? cover.Notion(NotionKind.Gap)?.Length.Value.Millimetres;

    /// <summary>A filling is put in and closed up; what is open below goes over something that stands.</summary>
    private bool IsFilled =>
        !cover.IsLayered
        && (
            (cover.Closure == Closure.Gap && cover.OpenEdges.Count == 0)
            || cover.Runs.IsBoxed
            || cover.Notion(NotionKind.Stuffing) is not null
        );

    /// <summary>Bedding is not tried on, nor a cloth that only lies; a cube is filled at once.</summary>
    private bool IsTried(IReadOnlyList<Operation> sewn) =>
        cover.Notion(NotionKind.Stuffing) is null
        && (cover.Edge is not null || sewn.Any(operation => operation.Kind is OperationKind.Seam or OperationKind.Corner))
        && (
            IsFilled
            || cover.Edge is not null
            || cover.IsLayered
            || IsOpenBelow
            || cover.Runs.IsBoxed
            || sewn.Any(operation => operation.Kind == OperationKind.Corner)
            || cover.Lines.All.Any(line => line.Kind is OperationKind.Zip or OperationKind.Tape)
                && cover.Draft.Pieces.All(piece => piece.Kind != PieceKind.Face)
        );

    /// <summary>The corner was opened out of whole cloth: there is something to trim.</summary>
    private bool IsOpened(Operation corner) =>
        cover.Lines.All.Any(line =>
            line.Sewn.Id == corner.Seams[0] && cover.Pieces[line.Seam.First.Piece].StitchLine.FindLength(line.Seam.First.Edge) is null
        );

    private static double RimLength(IReadOnlyList<Operation> sewn) =>
        sewn.Where(operation => operation.Waits).Sum(operation => operation.Millimetres ?? 0);

    private Operation Plain(OperationKind kind, string text) =>
        new()
        {
            Id = kind.Word(),
            Kind = kind,
            Pieces = AllPieces,
            Text = text,
        };
}
