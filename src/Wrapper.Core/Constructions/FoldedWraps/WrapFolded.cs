using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Constructions;
using Wrapper.Core.Geometry;
using Wrapper.Core.Parts;
using Wrapper.Core.Parts.Edges;
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
                EdgeNames.IsPartOf(edge, "zip-lower") ? closure.Under.Value
                : EdgeNames.IsPartOf(edge, "zip") ? closure.Over.Value
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
            ("zip-lower-left", half, none),
            ("zip-lower", width, none),
            ("zip-lower-right", half, none),
            ("right-lower-back", none, half),
            ("right-lower", none, depth),
            ("right-lower-front", none, half),
            ("right-upper-front", none, half),
            ("right-upper", none, depth),
            ("right-upper-back", none, half),
            ("zip-upper-right", -half, none),
            ("zip-upper", -width, none),
            ("zip-upper-left", -half, none),
            ("left-upper-back", none, -half),
            ("left-upper", none, -depth),
            ("left-upper-front", none, -half),
            ("left-lower-front", none, -half),
            ("left-lower", none, -depth),
            ("left-lower-back", none, -half),
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
        yield return new("corner-back-right-lower", [new(right, zero), new(right, half), new(all, half)], TrimsRight: true);
        yield return new(
            "corner-front-right",
            [new(all, fold - half), new(right, fold - half), new(right, fold), new(right, fold + half), new(all, fold + half)],
            TrimsRight: true
        );
        yield return new("corner-back-right-upper", [new(all, top - half), new(right, top - half), new(right, top)], TrimsRight: true);
        yield return new("corner-back-left-upper", [new(half, top), new(half, top - half), new(zero, top - half)], TrimsRight: true);
        yield return new(
            "corner-front-left",
            [new(zero, fold + half), new(half, fold + half), new(half, fold), new(half, fold - half), new(zero, fold - half)],
            TrimsRight: true
        );
        yield return new("corner-back-left-lower", [new(zero, half), new(half, half), new(half, zero)], TrimsRight: true);
    }

    private static IEnumerable<Seam> Seams(Caught takes)
    {
        foreach (var part in (string[])["", "-left", "-right"])
        {
            yield return new($"zip{part}", new("wrap", $"zip-lower{part}"), new("wrap", $"zip-upper{part}"), takes);
        }

        foreach (var side in (string[])["left", "right"])
        {
            foreach (var part in (string[])["", "-back", "-front"])
            {
                yield return new($"{side}-side{part}", new("wrap", $"{side}-lower{part}"), new("wrap", $"{side}-upper{part}"));
            }

            foreach (var layer in (string[])["lower", "upper"])
            {
                yield return new(
                    $"corner-back-{side}-{layer}",
                    new("wrap", $"corner-back-{side}-{layer}-1"),
                    new("wrap", $"corner-back-{side}-{layer}-2")
                );
            }

            yield return new($"corner-front-{side}-1", new("wrap", $"corner-front-{side}-1"), new("wrap", $"corner-front-{side}-2"));
            yield return new($"corner-front-{side}-2", new("wrap", $"corner-front-{side}-3"), new("wrap", $"corner-front-{side}-4"));
        }
    }
}
