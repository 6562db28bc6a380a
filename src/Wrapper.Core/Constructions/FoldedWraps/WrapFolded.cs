using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Edges;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Parts.Plates;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.FoldedWraps;

/// <summary>
/// One piece folded across the front edge and sewn flat; each corner is then opened out and sewn straight across. See
/// docs/handbook.md, "Wrap, corners folded".
/// </summary>
public static class WrapFolded
{
    /// <summary>The construction's id.</summary>
    public const string Id = "wrap-folded";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Wrap, corners folded after",
            "One piece sewn flat, corners opened after: quick and self-correcting, no piping.",
            "soft front edge, corners a little rounded",
            "through the back",
            "comes off whole; trimmed corners want finishing",
            "a first cushion, a tape in doubt"
        )
        {
            Brief = "wrapped",
            Closures = Closing.Zipped,
            Choices = [Choice.Piping, Choice.SlidePocket, Choice.Plates, Choice.Closure, Choice.RoundedCorners],
            Refused = [Choice.Piping, Choice.SlidePocket],
        };

    /// <summary>Drafts the cover of a rectangle with this finished thickness.</summary>
    public static ConstructedCover Construct(Worked width, Worked depth, Worked thickness, CoverSpecification specification)
    {
        var cover = new FoldedCover(width, depth, thickness, specification);
        var closure = new BackClosure(specification, specification.Rules[Rule.Zip]);
        var cutLength = (2 * depth) + (2 * thickness) + closure.Both;
        var lay = new WidePieceLay(
            specification.In(PieceRole.Wrap, PieceKind.Wrap),
            "wrap",
            cover.CutWidth.Value,
            cutLength.Value,
            canJoin: false
        );
        List<Check> checks = [.. cover.ChoiceChecks(), .. lay.Checks, .. Noticed(closure)];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var piece = cover.Piece(
            PieceKind.Wrap,
            1,
            StitchLine(width.Value, depth.Value, cover.HalfThickness),
            cutLength,
            edge =>
                edge is { Function: EdgeFunction.Zip, At.Layer: EdgeLayer.Lower } ? closure.Under.Value
                : edge.Function == EdgeFunction.Zip ? closure.Over.Value
                : cover.Seam.Value,
            [.. Marks(width.Value, depth.Value, cover.HalfThickness)],
            lay.Turns
        ) with
        {
            FaceAt = new((width.Value + thickness.Value).Half(), (depth.Value + thickness.Value).Half()),
            Folds =
            [
                .. CornerLines(width.Value, depth.Value, cover.HalfThickness),
                .. WrapCreases.Of(width.Value, depth.Value, cover.HalfThickness, cover.HalfThickness),
            ],
        };
        return new()
        {
            Pieces = [piece],
            Seams = [.. Seams(closure.Takes)],
            Notions =
            [
                .. closure.Notions(width, new(NotionKind.ZipRoll, "Zip off the roll, cut", specification.Count, cover.CutWidth)),
                cover.CornerLine(),
            ],
            Finished = cover.Finished,
            Checks = checks,
        };
    }

    /// <summary>A zip off the roll runs from raw edge to raw edge, through the corners that are opened and sewn across.</summary>
    private static IEnumerable<Check> Noticed(BackClosure closure)
    {
        if (closure.RunsOut)
        {
            yield return Check.Note(
                "zip-in-corner-seams",
                FoldedWrapsText.ZipInCornerSeams,
                "closure",
                new Mend(FoldedWrapsText.ToClosedEndZip, "options.closure", "closed-end-zip")
            );
        }
    }

    private static Outline StitchLine(Length width, Length depth, Length half)
    {
        var none = Length.Zero;
        return FoldedCover.Path([
            (ZipOf(EdgeLayer.Lower, EdgeSide.Left), half, none),
            (ZipOf(EdgeLayer.Lower), width, none),
            (ZipOf(EdgeLayer.Lower, EdgeSide.Right), half, none),
            (SideOf(EdgeSide.Right, EdgeLayer.Lower, EdgeSide.Back), none, half),
            (SideOf(EdgeSide.Right, EdgeLayer.Lower), none, depth),
            (SideOf(EdgeSide.Right, EdgeLayer.Lower, EdgeSide.Front), none, half),
            (SideOf(EdgeSide.Right, EdgeLayer.Upper, EdgeSide.Front), none, half),
            (SideOf(EdgeSide.Right, EdgeLayer.Upper), none, depth),
            (SideOf(EdgeSide.Right, EdgeLayer.Upper, EdgeSide.Back), none, half),
            (ZipOf(EdgeLayer.Upper, EdgeSide.Right), -half, none),
            (ZipOf(EdgeLayer.Upper), -width, none),
            (ZipOf(EdgeLayer.Upper, EdgeSide.Left), -half, none),
            (SideOf(EdgeSide.Left, EdgeLayer.Upper, EdgeSide.Back), none, -half),
            (SideOf(EdgeSide.Left, EdgeLayer.Upper), none, -depth),
            (SideOf(EdgeSide.Left, EdgeLayer.Upper, EdgeSide.Front), none, -half),
            (SideOf(EdgeSide.Left, EdgeLayer.Lower, EdgeSide.Front), none, -half),
            (SideOf(EdgeSide.Left, EdgeLayer.Lower), none, -depth),
            (SideOf(EdgeSide.Left, EdgeLayer.Lower, EdgeSide.Back), none, -half),
        ]);
    }

    /// <summary>The fold of the front, and the squares of the corners that are opened and sewn across.</summary>
    private static IEnumerable<Mark> Marks(Length width, Length depth, Length half)
    {
        var fold = depth + (2 * half);
        return FoldedCover
            .CornerMarks(CornerLines(width, depth, half))
            .Prepend(new(MarkKind.Fold, "middle of the front", new(Length.Zero, fold), new(width + (2 * half), fold)));
    }

    /// <summary>Opened out, each corner is sewn across on a line as long as the thickness: on the flat the two sides of a square.</summary>
    private static IEnumerable<Fold> CornerLines(Length width, Length depth, Length half)
    {
        var zero = Length.Zero;
        var (right, all, fold, top) = (width + half, width + (2 * half), depth + (2 * half), (2 * depth) + (4 * half));
        yield return new(
            CrossOutline.LineOf(EdgeSide.Back, EdgeSide.Right, EdgeLayer.Lower),
            [new(right, zero), new(right, half), new(all, half)],
            TrimsRight: true
        );
        yield return new(
            CrossOutline.LineOf(EdgeSide.Front, EdgeSide.Right),
            [new(all, fold - half), new(right, fold - half), new(right, fold), new(right, fold + half), new(all, fold + half)],
            TrimsRight: true
        );
        yield return new(
            CrossOutline.LineOf(EdgeSide.Back, EdgeSide.Right, EdgeLayer.Upper),
            [new(all, top - half), new(right, top - half), new(right, top)],
            TrimsRight: true
        );
        yield return new(
            CrossOutline.LineOf(EdgeSide.Back, EdgeSide.Left, EdgeLayer.Upper),
            [new(half, top), new(half, top - half), new(zero, top - half)],
            TrimsRight: true
        );
        yield return new(
            CrossOutline.LineOf(EdgeSide.Front, EdgeSide.Left),
            [new(zero, fold + half), new(half, fold + half), new(half, fold), new(half, fold - half), new(zero, fold - half)],
            TrimsRight: true
        );
        yield return new(
            CrossOutline.LineOf(EdgeSide.Back, EdgeSide.Left, EdgeLayer.Lower),
            [new(zero, half), new(half, half), new(half, zero)],
            TrimsRight: true
        );
    }

    private static IEnumerable<Seam> Seams(Caught takes)
    {
        foreach (var side in (EdgeSide[])[EdgeSide.None, EdgeSide.Left, EdgeSide.Right])
        {
            yield return new(
                side == EdgeSide.None ? "zip" : $"zip-{side.Word()}",
                new("wrap", ZipOf(EdgeLayer.Lower, side)),
                new("wrap", ZipOf(EdgeLayer.Upper, side)),
                takes
            );
        }

        foreach (var side in (EdgeSide[])[EdgeSide.Left, EdgeSide.Right])
        {
            foreach (var part in (EdgeSide[])[EdgeSide.None, EdgeSide.Back, EdgeSide.Front])
            {
                yield return new(
                    part == EdgeSide.None ? $"{side.Word()}-side" : $"{side.Word()}-side-{part.Word()}",
                    new("wrap", SideOf(side, EdgeLayer.Lower, part)),
                    new("wrap", SideOf(side, EdgeLayer.Upper, part))
                );
            }

            foreach (var layer in (EdgeLayer[])[EdgeLayer.Lower, EdgeLayer.Upper])
            {
                var back = CrossOutline.LineOf(EdgeSide.Back, side, layer);
                yield return new(back, new("wrap", back.Part(1)), new("wrap", back.Part(2)));
            }

            var front = CrossOutline.LineOf(EdgeSide.Front, side);
            yield return new(front.Part(1), new("wrap", front.Part(1)), new("wrap", front.Part(2)));
            yield return new(front.Part(2), new("wrap", front.Part(3)), new("wrap", front.Part(4)));
        }
    }

    /// <summary>The zip's edge of a layer, or the part of it that runs into an opened corner.</summary>
    private static EdgeName ZipOf(EdgeLayer layer, EdgeSide side = EdgeSide.None) =>
        EdgeName.Called(Joined($"zip-{layer.Word()}", side), new(side, Layer: layer), EdgeFunction.Zip);

    /// <summary>The edge of a layer on this side, or the half of an opened corner that lies on it.</summary>
    private static EdgeName SideOf(EdgeSide side, EdgeLayer layer, EdgeSide beside = EdgeSide.None) =>
        EdgeName.Called(
            Joined($"{side.Word()}-{layer.Word()}", beside),
            new(side, beside, layer),
            beside == EdgeSide.None ? EdgeFunction.Seam : EdgeFunction.Corner
        );

    private static string Joined(string word, EdgeSide side) => side == EdgeSide.None ? word : $"{word}-{side.Word()}";
}
