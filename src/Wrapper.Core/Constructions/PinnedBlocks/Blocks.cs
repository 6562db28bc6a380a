using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.PinnedBlocks;

/// <summary>One zone of a loose cover as a form hands it over: finished sizes and how far it goes down at each edge.</summary>
/// <param name="Key">Unique in the cover.</param>
/// <param name="Name">Named by where it ends up.</param>
/// <param name="Width">Widest, between seams.</param>
/// <param name="Height">Longest, between seams.</param>
/// <param name="Spare">What is added to the width at each side and to the height at each end before it is pinned.</param>
/// <param name="Count">How many.</param>
/// <param name="Across">What is cut beyond it at each side.</param>
/// <param name="Along">What is cut beyond it at each end.</param>
internal sealed record BlockZone(
    string Key,
    string Name,
    Worked Width,
    Worked Height,
    BlockSpare Spare,
    int Count,
    Worked Across,
    Worked Along
)
{
    /// <summary>The key of its other hand; null where it has none.</summary>
    public string? Partner { get; init; }

    /// <summary>Which of a pair it is; null where it has no hands.</summary>
    public PairPart? Hand { get; init; }

    /// <summary>Its names as words that a cloth is given to: <c>arm-left</c> for “Arm, left”, then <c>arm</c>.</summary>
    public IReadOnlyList<string> Words => Hand is null ? [WordOf(Name)] : [WordOf(Name), WordOf(Hand.Whole)];

    private static string WordOf(string name) =>
        string.Join(
            '-',
            name.ToLowerInvariant()
                .Split([.. name.Where(letter => !char.IsLetterOrDigit(letter)).Distinct()], StringSplitOptions.RemoveEmptyEntries)
        );
}

/// <summary>What a zone goes down into gaps or has to spare at its edges.</summary>
internal sealed record BlockSpare(Worked Left, Worked Right, Worked Bottom, Worked Top)
{
    public static BlockSpare None { get; } = new(Worked.Zero, Worked.Zero, Worked.Zero, Worked.Zero);
}

/// <summary>Rough pieces that are pinned on the thing, trimmed and sewn. See docs/handbook.md, "Blocks".</summary>
public static class Blocks
{
    /// <summary>The construction's id.</summary>
    public const string Id = "blocks";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Blocks for pinning",
            "Rough pieces with allowances, pinned on the thing and trimmed.",
            "follows the thing as it is pinned",
            "as it is fitted",
            "wash the cloth before cutting",
            "things no tape describes"
        )
        {
            Choices = [Choice.Closure, Choice.Skirt],
        };

    private static readonly Length Least = Length.FromMillimetres(3m);

    /// <summary>Drafts a block for every zone.</summary>
    internal static ConstructedCover Construct(IReadOnlyList<BlockZone> zones, Worked pin, CoverSpecification specification)
    {
        var checks = new List<Check>();
        var pieces = new List<Piece>();
        var parts = new Dictionary<string, IReadOnlyList<string>>();
        foreach (var zone in zones)
        {
            if (TrimmedBlocks.Of(zone, specification) is { } raw)
            {
                if (TrimmedBlocks.Piece(zone, raw, specification, checks) is { } trimmed)
                {
                    pieces.Add(trimmed);
                    parts[zone.Key] = [zone.Key];
                }

                continue;
            }

            var (width, height) = (zone.Width + zone.Spare.Left + zone.Spare.Right, zone.Height + zone.Spare.Bottom + zone.Spare.Top);
            var (cutWidth, cutLength) = (width + (2 * zone.Across), height + (2 * zone.Along));
            if (Length.Min(width.Value, height.Value) < Least)
            {
                checks.Add(
                    Check.Error(
                        "nothing-left",
                        PinnedBlocksText.NothingLeft(
                            zone.Name,
                            specification.Format.RoundedWithUnit(width.Value),
                            specification.Format.RoundedWithUnit(height.Value)
                        ),
                        "zones"
                    )
                );
                continue;
            }

            var on = specification.In(PieceRole.Block, PieceKind.Block, zone.Words);
            var lay = new WidePieceLay(on, zone.Name.ToLowerInvariant(), cutWidth.Value, cutLength.Value, canJoin: true);
            var outline = PieceMaker.Rectangle(width.Value, height.Value);
            var piece = PieceMaker.Make(specification, PieceKind.Block, zone.Name, zone.Count, outline, cutWidth, cutLength, edge =>
                (edge.Side is EdgeSide.Left or EdgeSide.Right ? zone.Across : zone.Along).Value
            ) with
            {
                Key = zone.Key,
                Part = zone.Hand,
                Zones = zone.Words,
                Turns = lay.Turns,
                Marks =
                [
                    Mark.At(MarkKind.Top, PinnedBlocksText.TopOf(zone.Name.ToLowerInvariant()), new(width.Value.Half(), height.Value)),
                ],
            };
            var split = lay.Lay == PlateLay.MiddleAndSides ? SheetSplit.Of(piece, width, on) : SheetSplit.None(piece);
            checks.AddRange(lay.Checks);
            checks.AddRange(split.Checks);
            pieces.AddRange(split.Pieces);
            parts[zone.Key] = [.. split.Pieces.Select(part => part.Key)];
        }

        return checks.HasError()
            ? new() { Checks = checks }
            : new()
            {
                Pieces = pieces,
                Seams =
                [
                    .. TrimmedBlocks.Seams(
                        pieces,
                        zones.Where(zone => TrimmedBlocks.Of(zone, specification) is not null).Select(zone => zone.Key).ToHashSet(),
                        specification,
                        checks
                    ),
                ],
                Finished = [new("pin", "Allowance for pinning", pin)],
                Checks = checks,
                Blocks = parts,
                Joins = specification.Count * zones.Sum(zone => zone.Count * (parts[zone.Key].Count - 1)),
            };
    }
}
