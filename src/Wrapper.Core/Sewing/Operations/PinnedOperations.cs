using Wrapper.Core.Catalogue;
using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Sewing.Covers;

namespace Wrapper.Core.Sewing.Operations;

/// <summary>
/// What is done with blocks: they have no ledger before they are pinned, and so a listed order, with whatever seams the skirt
/// and its strips have. See docs/handbook.md, "Blocks".
/// </summary>
/// <param name="cover">The cover.</param>
internal sealed class PinnedOperations(SewingCover cover)
{
    private readonly List<PieceCopy> _blocks = CopiesOf(cover, piece => piece.Kind == PieceKind.Block);

    /// <summary>The operations, each after the one before it where the list says so.</summary>
    public List<Operation> All()
    {
        var (making, sewn, listed) = (new MakingOperations(cover), new SeamOperations(cover).All().ToList(), InOrder(Listed()));

        // Seams between blocks that were trimmed and measured are sewn by themselves, before what is sewn as it was pinned.
        var seams = listed.FindIndex(operation => operation.Id == SeamsOfAll);
        var rest = sewn.FindAll(operation => !_blocks.Exists(operation.Pieces.Contains));
        List<Operation> measured =
        [
            .. sewn.Except(rest).Select(operation => operation with { Waits = true, After = [.. operation.After, listed[seams - 1].Id] }),
        ];
        listed[seams] = listed[seams] with { After = [.. listed[seams].After, .. measured.Select(operation => operation.Id)] };
        sewn = [.. rest, .. measured];
        var hems = Hems();
        return
        [
            .. making.Finished(sewn),
            .. new PressOperations(cover).All(sewn),
            .. cover.PipingWithLaps > 0 ? (Operation[])[making.Made(cover.PipingWithLaps)] : [],
            .. listed,
            .. hems,
            .. new ClosingOperations(cover).Labels([.. sewn, listed[seams]], hems),
        ];
    }

    /// <summary>The listed operations, without what each comes after.</summary>
    private IEnumerable<Operation> Listed()
    {
        yield return Listed("try-on-blocks", OperationKind.TryOn, SewingText.PinBlocks) with
        {
            Minutes = cover.Rates.Of(OperationKind.TryOn, 0, 1),
        };
        yield return Listed("trim-blocks", OperationKind.Trim, SewingText.TrimBlocks) with
        {
            Minutes = cover.Rates.Of(OperationKind.Trim, 0, 1),
        };
        if (cover.PipingWithLaps > 0)
        {
            yield return Listed("apply-piping-blocks", OperationKind.ApplyPiping, SewingText.ApplyPiping("marked edges")) with
            {
                Millimetres = cover.PipingWithLaps,
                Minutes = cover.Rates.Of(OperationKind.ApplyPiping, cover.PipingWithLaps, 1),
                Stops = [StopSign.PipingRawToRaw],
                Needs = [SewingText.NeedsPipingFoot],
            };
        }

        if (HasZip)
        {
            yield return Listed("zip-blocks", OperationKind.Zip, SewingText.Zip("")) with
            {
                Millimetres = ZipLength,
                Minutes = cover.Rates.OfZip(ZipLength, cover.BarsPerZip),
                Stops = cover.HasZipOffTheRoll ? [StopSign.SlideInside] : [],
                Needs = [SewingText.NeedsZipFoot],
            };
        }

        yield return Listed(SeamsOfAll, OperationKind.Seam, SewingText.SeamsOfBlocks(cover.Schools.Finish == FinishSchool.Each)) with
        {
            Minutes = cover.Rates.Of(OperationKind.Seam, SeamsOfBlocks, 1),
            Stops = HasZip ? [StopSign.OpenZip] : [],
        };
        yield return Listed("try-on-cover", OperationKind.TryOn, SewingText.TryOnInsideOut);
        var skirt = CopiesOf(cover, piece => piece.Use == PieceUse.Hung);
        if (skirt.Count > 0)
        {
            yield return Listed(SkirtOn, OperationKind.Seam, SewingText.SkirtOn) with
            {
                Pieces = [.. _blocks, .. skirt],
                Waits = true,
                Millimetres = cover.Draft.Thing.Skirt?.Round,
                Minutes = cover.Rates.Of(OperationKind.Seam, cover.Draft.Thing.Skirt?.Round ?? 0, 1),
            };
        }
    }

    private Operation Listed(string id, OperationKind kind, string text) =>
        new()
        {
            Id = id,
            Kind = kind,
            Pieces = _blocks,
            Text = text,
        };

    /// <summary>Each after the one before it; piping is sewn on when it is made.</summary>
    private static List<Operation> InOrder(IEnumerable<Operation> operations)
    {
        var listed = operations.ToList();
        for (var i = 1; i < listed.Count; i++)
        {
            listed[i] = listed[i] with
            {
                After = [listed[i - 1].Id, .. listed[i].Kind == OperationKind.ApplyPiping ? (string[])[MakingOperations.MakingPiping] : []],
            };
        }

        return listed;
    }

    /// <summary>It is hemmed when it hangs.</summary>
    private List<Operation> Hems() =>
        [
            .. new EdgeOperations(cover)
                .Hems()
                .Where(hem => hem.Pieces.All(piece => cover.Pieces[piece.Piece].Use == PieceUse.Hung))
                .Select(hem => hem with { After = [.. hem.After, SkirtOn] }),
        ];

    private static List<PieceCopy> CopiesOf(SewingCover cover, Func<Piece, bool> isOne) =>
        [.. cover.Draft.Pieces.Where(isOne).SelectMany(PieceCopy.AllOf)];

    private const string SeamsOfAll = "seam-blocks";

    private const string SkirtOn = "seam-skirt";

    /// <summary>An estimate, for nothing is known of them before they are pinned: every edge of a block is one side of a seam.</summary>
    private double SeamsOfBlocks =>
        cover
            .Draft.Pieces.Where(piece => piece.Kind == PieceKind.Block)
            .Sum(piece => piece.PerCover * piece.StitchLine.Perimeter.Millimetres) / 2;

    private bool HasZip => ZipLength > 0;

    private double ZipLength =>
        cover
            .Draft.Notions.Where(notion =>
                notion.Kind
                    is NotionKind.Zip
                        or NotionKind.ZipClosedEnd
                        or NotionKind.ZipInvisible
                        or NotionKind.ZipByLength
                        or NotionKind.ZipRoll
            )
            .Select(notion => notion.Length.Value.Millimetres)
            .FirstOrDefault();
}
