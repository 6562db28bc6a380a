using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Envelopes;

/// <summary>
/// A sleeve with a tail that is turned in and folded up at the back, fitted on the thing. See docs/handbook.md, "Envelope".
/// </summary>
public static class Envelope
{
    /// <summary>The construction's id.</summary>
    public const string Id = "envelope";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Envelope",
            "A sleeve with a tail that folds in, fitted on the thing.",
            "plain, soft sides, no hardware",
            "slips in, the tail folds under",
            "off in a moment; nothing to rust or catch",
            "quick work that is washed often"
        )
        {
            Closures = [Closure.Snaps, Closure.HookAndLoop, Closure.PinnedTail],
            Choices = [Choice.Plates, Choice.Closure, Choice.Hands],
        };

    /// <summary>Drafts the sleeve of the rectangle round a thing.</summary>
    internal static ConstructedCover Construct(
        Worked width,
        Worked depth,
        Worked thickness,
        bool isFitted,
        CoverSpecification specification
    )
    {
        var rules = specification.Rules;
        var seam = rules.Of(Rule.SideSeam, Rule.FittingSeam);
        var least = thickness + rules[Rule.TailClear];
        var tail = rules[Rule.Tail].Value < least.Value ? least.Named("tail, the least there can be") : rules[Rule.Tail];
        var (cutWidth, cutLength) = (width + thickness + (2 * seam), depth + (thickness / 2) + seam + tail);
        var lay = new PairedLay(specification, PieceKind.Panel, [PieceRole.Top, PieceRole.Bottom], cutWidth.Value, cutLength.Value);
        List<Check> checks = [.. lay.Checks, .. Noticed(least, isFitted, specification)];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var (w, d, half) = (width.Value, depth.Value, thickness.Value.Half());
        var panel = lay.Turned(
            PieceMaker.Make(specification, PieceKind.Panel, "Panel", 2, StitchLine(w, d, half, tail.Value), cutWidth, cutLength, edge =>
                edge == EdgeName.Back ? Length.Zero : seam.Value
            ) with
            {
                InFacingPairs = true,
                Folds = [.. Lines(w, d, half, tail.Value)],
                Marks = [new(MarkKind.Fold, "end of the cushion", new(Length.Zero, half + d), new(w + (2 * half), half + d))],
            }
        );
        return new()
        {
            Pieces = [panel],
            Seams = [.. Seams()],
            Notions = [Holding(width, specification), new(NotionKind.CornerLine, "Corner line", 2 * specification.Count, thickness)],
            Finished =
            [
                new("W", "Finished width", width),
                new("D", "Finished depth", depth),
                new("t", "Finished thickness", thickness),
                new("tail", "Tail, to its raw end", tail),
            ],
            Checks = checks,
        };
    }

    /// <summary>What holds the flap up when the tail is folded in.</summary>
    private static Notion Holding(Worked width, CoverSpecification specification) =>
        specification.Choices.Closure switch
        {
            Closure.HookAndLoop => new(
                NotionKind.HookAndLoop,
                EnvelopesText.HookAndLoopTape,
                specification.Count,
                width,
                specification.Rules[Rule.TapeWidth]
            ),
            Closure.PinnedTail => new(NotionKind.Pin, "Pins for the flap", 3 * specification.Count, Worked.Zero),
            _ => new(NotionKind.Snap, "Snaps for the flap", 3 * specification.Count, Worked.Zero),
        };

    private static Outline StitchLine(Length width, Length depth, Length half, Length tail)
    {
        var (right, all, end, top) = (half + width, width + (2 * half), half + depth, half + depth + tail);
        var zero = Length.Zero;
        return Outline.Polygon(
            (CrossOutline.EarOf(EdgeSide.Front, EdgeSide.Left, CrossOutline.Second), new(zero, zero)),
            (EdgeName.Front, new(half, zero)),
            (CrossOutline.EarOf(EdgeSide.Front, EdgeSide.Right, CrossOutline.First), new(right, zero)),
            (CrossOutline.EarOf(EdgeSide.Front, EdgeSide.Right, CrossOutline.Second), new(all, zero)),
            (EdgeName.Right, new(all, half)),
            (EdgeName.Right.As(EdgeFunction.Seam, "tail"), new(all, end)),
            (EdgeName.Back, new(all, top)),
            (EdgeName.Left.As(EdgeFunction.Seam, "tail"), new(zero, top)),
            (EdgeName.Left, new(zero, end)),
            (CrossOutline.EarOf(EdgeSide.Front, EdgeSide.Left, CrossOutline.First), new(zero, half))
        );
    }

    private static IEnumerable<Fold> Lines(Length width, Length depth, Length half, Length tail)
    {
        var (right, top) = (half + width, half + depth + tail);
        foreach (var corner in CrossOutline.CornerLines(width, depth, half).Where(line => line.Name.Side == EdgeSide.Front))
        {
            yield return corner;
        }

        yield return new(CrossOutline.CreaseOf(EdgeSide.Front), [new(half, half), new(right, half)]);
        yield return new(CrossOutline.CreaseOf(EdgeSide.Right), [new(right, half), new(right, top)]);
        yield return new(CrossOutline.CreaseOf(EdgeSide.Left), [new(half, top), new(half, half)]);
    }

    private static IEnumerable<Seam> Seams()
    {
        foreach (
            var edge in (EdgeName[])
                [
                    EdgeName.Front,
                    EdgeName.Right,
                    EdgeName.Left,
                    CrossOutline.EarOf(EdgeSide.Front, EdgeSide.Left, CrossOutline.First),
                    CrossOutline.EarOf(EdgeSide.Front, EdgeSide.Left, CrossOutline.Second),
                    CrossOutline.EarOf(EdgeSide.Front, EdgeSide.Right, CrossOutline.First),
                    CrossOutline.EarOf(EdgeSide.Front, EdgeSide.Right, CrossOutline.Second),
                ]
        )
        {
            yield return new(edge, new("panel", edge), new("panel", edge, 2));
        }

        foreach (
            var seam in CrossOutline
                .CornerSeams("panel", opened: true, 1, withBack: false)
                .Concat(CrossOutline.CornerSeams("panel", opened: true, 2, withBack: false))
        )
        {
            yield return seam;
        }
    }

    private static IEnumerable<Check> Noticed(Worked least, bool isFitted, CoverSpecification specification)
    {
        var format = specification.Format;
        var asked = specification.Rules[Rule.Tail].Value;
        if (specification.Rules.Says(Rule.Tail) && asked < least.Value)
        {
            var up = format.RoundedWithUnit(least.Value.RoundedUpTo(format.Step));
            yield return Check.Warning(
                "tail-too-short",
                EnvelopesText.TailTooShort(format.RoundedWithUnit(asked), format.RoundedWithUnit(least.Value)),
                "tail",
                new Mend(EnvelopesText.ToTail(up), "rules.tail", up)
            );
        }

        if (isFitted)
        {
            yield return Check.Note("envelope-fitted", EnvelopesText.EnvelopeFitted, "construction");
        }
    }
}
