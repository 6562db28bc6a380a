using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>
/// One piece folded across the front edge and sewn flat; each corner is then opened out and sewn straight across. See
/// docs/handbook.md, "Wrap, corners folded".
/// </summary>
public static class WrapFolded
{
    /// <summary>The construction's id.</summary>
    public const string Id = "wrap-folded";

    /// <summary>Drafts the cover of a rectangle with this finished thickness.</summary>
    public static ConstructedCover Construct(Worked width, Worked depth, Worked thickness, CoverSpecification specification)
    {
        var cover = new FoldedCover(width, depth, thickness, specification);
        var zip = specification.Rules["zip"];
        var cutLength = (2 * depth) + (2 * thickness) + (2 * zip);
        var lay = new WidePieceLay(specification, "wrap", cover.CutWidth.Value, cutLength.Value, canJoin: false);
        List<Check> checks = [.. cover.ChoiceChecks(), .. lay.Checks];
        if (checks.Exists(check => check.Level == CheckLevel.Error))
        {
            return new() { Checks = checks };
        }

        var piece = cover.Piece(
            "wrap",
            1,
            StitchLine(width.Value, depth.Value, cover.HalfThickness),
            cutLength,
            edge => edge.StartsWith("zip", StringComparison.Ordinal) ? zip.Value : cover.Seam.Value,
            Marks(width.Value, depth.Value, thickness.Value),
            lay.Turns);
        return new()
        {
            Pieces = [piece],
            Seams = [.. Seams()],
            Notions =
            [
                new("zip-roll", "Zip off the roll, cut", specification.Count, cover.CutWidth),
                new("zip-closed-end", "Closed-end zip, teeth", specification.Count, width),
                cover.CornerLine(),
            ],
            Finished = cover.Finished,
            Steps = [.. Steps()],
            Checks = checks,
        };
    }

    private static Outline StitchLine(Length width, Length depth, Length half)
    {
        var none = Length.Zero;
        return FoldedCover.Path(
        [
            ("zip-lower-left", half, none), ("zip-lower", width, none), ("zip-lower-right", half, none),
            ("right-lower-back", none, half), ("right-lower", none, depth), ("right-lower-front", none, half),
            ("right-upper-front", none, half), ("right-upper", none, depth), ("right-upper-back", none, half),
            ("zip-upper-right", -half, none), ("zip-upper", -width, none), ("zip-upper-left", -half, none),
            ("left-upper-back", none, -half), ("left-upper", none, -depth), ("left-upper-front", none, -half),
            ("left-lower-front", none, -half), ("left-lower", none, -depth), ("left-lower-back", none, -half),
        ]);
    }

    /// <summary>The fold of the front, and where each opened corner is sewn across: half the line on each side of its seam.</summary>
    private static Mark[] Marks(Length width, Length depth, Length thickness)
    {
        var half = thickness.Half();
        var (right, top, fold) = (width + thickness, (2 * depth) + (2 * thickness), depth + thickness);
        return
        [
            new("fold", "middle of the front", new(Length.Zero, fold), new(right, fold)),
            new("corner-line", "back left, lower", new(half, Length.Zero), new(Length.Zero, half)),
            new("corner-line", "back right, lower", new(right - half, Length.Zero), new(right, half)),
            new("corner-line", "back right, upper", new(right - half, top), new(right, top - half)),
            new("corner-line", "back left, upper", new(half, top), new(Length.Zero, top - half)),
            new("corner-line", "front left", new(Length.Zero, fold - half), new(Length.Zero, fold + half)),
            new("corner-line", "front right", new(right, fold - half), new(right, fold + half)),
        ];
    }

    private static IEnumerable<Seam> Seams()
    {
        foreach (var part in (string[])["", "-left", "-right"])
        {
            yield return new($"zip{part}", new("wrap", $"zip-lower{part}"), new("wrap", $"zip-upper{part}"), "zip");
        }

        foreach (var side in (string[])["left", "right"])
        {
            foreach (var part in (string[])["", "-back", "-front"])
            {
                yield return new($"{side}-side{part}", new("wrap", $"{side}-lower{part}"), new("wrap", $"{side}-upper{part}"));
            }
        }
    }

    private static IEnumerable<SewingStep> Steps()
    {
        yield return new("Sew the zip between the two back edges while the piece is flat.");
        yield return new("Fold at the middle of the front with the zip half way up the back, right sides together, and sew both side seams.", "Open the zip first, or the cover cannot be turned.");
        yield return new("Open each corner until the side seam lies on the fold mark or on the zip, pin through both, and sew straight across where the line is as long as the thickness.");
        yield return new("Turn it and try it on the filling; then trim the corners to the seam’s width and finish them.", "Try before trimming: a trimmed corner cannot be let out.");
    }
}
