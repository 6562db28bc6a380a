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
    /// <summary>The operations, each after the one before it where the list says so.</summary>
    public List<Operation> All()
    {
        var (making, sewn, edges) = (new MakingOperations(cover), new SeamOperations(cover).All().ToList(), new EdgeOperations(cover));
        var blocks = cover.Draft.Pieces.Where(piece => piece.Kind == PieceKind.Block).SelectMany(PieceCopy.AllOf).ToList();
        var skirt = cover.Draft.Pieces.Where(piece => piece.Use == PieceUse.Hung).SelectMany(PieceCopy.AllOf).ToList();
        var piping = cover
            .Draft.Notions.Where(notion => notion.Kind == NotionKind.Piping)
            .Sum(notion => cover.PerCover(notion) * notion.Length.Value.Millimetres);
        List<Operation> listed =
        [
            Listed("try-on-blocks", OperationKind.TryOn, SewingText.PinBlocks) with
            {
                Minutes = cover.Rates.OfTrying,
            },
            Listed("trim-blocks", OperationKind.Trim, SewingText.TrimBlocks),
            .. piping > 0
                ? (Operation[])
                    [
                        Listed("apply-piping-blocks", OperationKind.ApplyPiping, SewingText.ApplyPiping("marked edges")) with
                        {
                            Millimetres = piping,
                            Minutes = cover.Rates.Of(OperationKind.ApplyPiping, piping, 1),
                            Stops = [StopSign.PipingRawToRaw],
                            Needs = [SewingText.NeedsPipingFoot],
                        },
                    ]
                : [],
            .. HasZip
                ? (Operation[])
                    [
                        Listed("zip-blocks", OperationKind.Zip, SewingText.Zip("")) with
                        {
                            Millimetres = ZipLength,
                            Minutes = cover.Rates.OfZip(ZipLength),
                            Stops = [StopSign.SlideInside],
                            Needs = [SewingText.NeedsZipFoot],
                        },
                    ]
                : [],
            Listed("seam-blocks", OperationKind.Seam, SewingText.SeamsOfBlocks(cover.Schools.Finish == FinishSchool.Each)) with
            {
                Minutes = cover.Rates.Of(OperationKind.Seam, SeamsOfBlocks, 1),
                Stops = HasZip ? [StopSign.OpenZip] : [],
            },
            Listed("try-on-cover", OperationKind.TryOn, SewingText.TryOnInsideOut),
            .. skirt.Count > 0
                ? (Operation[])
                    [
                        Listed(SkirtOn, OperationKind.Seam, SewingText.SkirtOn) with
                        {
                            Pieces = [.. blocks, .. skirt],
                            Waits = true,
                            Millimetres = cover.Draft.Thing.Skirt?.Round,
                            Minutes = cover.Rates.Of(OperationKind.Seam, cover.Draft.Thing.Skirt?.Round ?? 0, 1),
                        },
                    ]
                : [],
        ];
        for (var i = 1; i < listed.Count; i++)
        {
            listed[i] = listed[i] with
            {
                After = [listed[i - 1].Id, .. listed[i].Kind == OperationKind.ApplyPiping ? (string[])[MakingOperations.MakingPiping] : []],
            };
        }

        // Seams between blocks that were trimmed and measured are sewn by themselves, before what is sewn as it was pinned.
        var (seams, rest) = (
            listed.FindIndex(operation => operation.Id == "seam-blocks"),
            sewn.FindAll(operation => !blocks.Exists(operation.Pieces.Contains))
        );
        List<Operation> measured =
        [
            .. sewn.Except(rest).Select(operation => operation with { Waits = true, After = [.. operation.After, listed[seams - 1].Id] }),
        ];
        listed[seams] = listed[seams] with { After = [.. listed[seams].After, .. measured.Select(operation => operation.Id)] };
        sewn = [.. rest, .. measured];

        // It is hemmed when it hangs.
        var hems = edges
            .Hems()
            .Where(hem => hem.Pieces.All(piece => cover.Pieces[piece.Piece].Use == PieceUse.Hung))
            .Select(hem => hem with { After = [.. hem.After, SkirtOn] })
            .ToList();
        return
        [
            .. making.Finished(sewn),
            .. new PressOperations(cover).All(sewn),
            .. piping > 0 ? (Operation[])[making.Made(piping)] : [],
            .. listed,
            .. hems,
            .. new ClosingOperations(cover).Labels([.. sewn, listed[seams]], hems),
        ];

        Operation Listed(string id, OperationKind kind, string text) =>
            new()
            {
                Id = id,
                Kind = kind,
                Pieces = blocks,
                Text = text,
            };
    }

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
