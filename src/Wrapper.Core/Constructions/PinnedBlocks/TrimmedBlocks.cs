using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.PinnedBlocks;

/// <summary>
/// Blocks that were pinned and trimmed on the thing: the trimmed piece is the pattern of its pair and of the next of the set,
/// and its edges can be measured. See docs/handbook.md, "Blocks".
/// </summary>
internal static class TrimmedBlocks
{
    /// <summary>
    /// The raw edges a zone's block is cut by; null while it was not trimmed. Of a pair the one is the other turned over.
    /// </summary>
    public static Outline? Of(BlockZone zone, CoverSpecification specification) =>
        specification.Trimmed.TryGetValue(zone.Key, out var own) ? own
        : zone.Partner is { } other && specification.Trimmed.TryGetValue(other, out var partner) ? TurnedOver(partner)
        : null;

    /// <summary>The piece: its stitch line lies a seam's width within its raw edges. Null, and told, where nothing is left then.</summary>
    public static Piece? Piece(BlockZone zone, Outline raw, CoverSpecification specification, List<Check> checks)
    {
        var seam = specification.Rules[Rule.Seam].Value;
        if (OutlineOffset.Within(raw, seam) is not { } stitched)
        {
            checks.Add(
                Check.Error(
                    "trimmed-unreadable",
                    PinnedBlocksText.TrimmedTooNarrow(zone.Name, specification.Format.RoundedWithUnit(seam)),
                    "trimmed"
                )
            );
            return null;
        }

        var box = raw.Bounds;
        return PieceMaker.Make(
            specification,
            PieceKind.Block,
            zone.Name,
            zone.Count,
            stitched,
            Worked.ReadOff($"{zone.Name.ToLowerInvariant()} as it was trimmed, across", box.Width),
            Worked.ReadOff($"{zone.Name.ToLowerInvariant()} as it was trimmed, along", box.Height),
            _ => seam
        ) with
        {
            Key = zone.Key,
            Part = zone.Hand,
            Zones = zone.Words,
            CutAs = raw,
            Marks =
            [
                Mark.At(
                    MarkKind.Top,
                    PinnedBlocksText.TopOf(zone.Name.ToLowerInvariant()),
                    new((stitched.Bounds.Left + stitched.Bounds.Right).Half(), stitched.Bounds.Top)
                ),
            ],
        };
    }

    /// <summary>The seams between trimmed blocks: what one side is longer is eased in, and told.</summary>
    /// <param name="pieces">The blocks.</param>
    /// <param name="trimmed">The keys of those that were trimmed.</param>
    /// <param name="specification">What the cover is made from.</param>
    /// <param name="checks">What is told.</param>
    public static IEnumerable<Seam> Seams(
        IReadOnlyList<Piece> pieces,
        IReadOnlySet<string> trimmed,
        CoverSpecification specification,
        List<Check> checks
    )
    {
        foreach (var (i, (one, other)) in specification.BlockSeams.Index())
        {
            if (Measured(one) is not { } first || Measured(other) is not { } second)
            {
                checks.Add(Check.Note("block-seam-waits", PinnedBlocksText.SeamWaits(Said(one), Said(other)), "joins"));
                continue;
            }

            var ease = first - second;
            if (ease.Abs() > SeamMatch(specification))
            {
                var (longer, shorter) = ease.IsPositive ? (one, other) : (other, one);
                checks.Add(
                    Check.Note(
                        "block-seam-differs",
                        PinnedBlocksText.SeamDiffers(Said(longer), Said(shorter), specification.Format.RoundedWithUnit(ease.Abs())),
                        "joins"
                    )
                );
            }

            yield return new Seam(FormattableString.Invariant($"joined-{i + 1}"), one, other) { Ease = ease };
        }

        Length? Measured(SeamSide side) =>
            trimmed.Contains(side.Piece) ? pieces.FirstOrDefault(piece => piece.Key == side.Piece)?.FindLength(side.Edge) : null;

        string Said(SeamSide side) =>
            PinnedBlocksText.EdgeOf(
                side.Edge,
                pieces.FirstOrDefault(piece => piece.Key == side.Piece)?.Name.ToLowerInvariant() ?? side.Piece
            );
    }

    /// <summary>Sides that differ by less meet.</summary>
    private static Length SeamMatch(CoverSpecification specification) =>
        specification.Format.Unit.IsImperial() ? Length.FromInches(0, 1, 16) : Length.FromMillimetres(1m);

    /// <summary>Left and right change places, and the outline runs counter-clockwise again.</summary>
    private static Outline TurnedOver(Outline outline)
    {
        var box = outline.Bounds;
        Point Over(Point at) => new(box.Left + box.Right - at.X, at.Y);
        return new(
            outline
                .Edges.Reverse()
                .Select(edge => new Edge(
                    edge.Name.Side switch
                    {
                        EdgeSide.Left => EdgeName.Right,
                        EdgeSide.Right => EdgeName.Left,
                        _ => edge.Name,
                    },
                    Over(edge.End),
                    Over(edge.Start)
                ))
        );
    }
}
