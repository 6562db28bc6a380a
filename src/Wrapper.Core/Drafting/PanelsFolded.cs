using Wrapper.Core.Checks;
using Wrapper.Core.Geometry;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting;

/// <summary>Two panels with a zip in the back edge, all four corners opened out and sewn across. See docs/handbook.md, "Two panels".</summary>
public static class PanelsFolded
{
    /// <summary>The construction's id.</summary>
    public const string Id = "panels-folded";

    /// <summary>Drafts the cover of a rectangle with this finished thickness.</summary>
    public static ConstructedCover Construct(Worked width, Worked depth, Worked thickness, CoverSpecification specification)
    {
        var cover = new FoldedCover(width, depth, thickness, specification);
        var zip = specification.Rules["zip"];
        var clear = specification.Rules["zipClear"];
        var cutLength = depth + thickness + cover.Seam + zip;
        var opening = (width - (2 * clear)).Named("zip opening");
        var lay = new WidePieceLay(specification, "panel", cover.CutWidth.Value, cutLength.Value, canJoin: false);
        List<Check> checks = [.. cover.ChoiceChecks(), .. lay.Checks, .. Checks(cover, opening.Value)];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var closed = cover.HalfThickness + clear.Value;
        var corners = CrossOutline.CornerLines(width.Value, depth.Value, cover.HalfThickness).ToList();
        var piece = cover.Piece(
            "panel",
            2,
            StitchLine(width.Value, depth.Value, cover.HalfThickness, closed, opening.Value),
            cutLength,
            edge => edge.StartsWith("back", StringComparison.Ordinal) ? zip.Value : cover.Seam.Value,
            [.. FoldedCover.CornerMarks(corners), .. Stops(width.Value, depth.Value, thickness.Value, closed)],
            lay.Turns) with
        { Folds = [.. corners, .. CrossOutline.Creases(width.Value, depth.Value, cover.HalfThickness)] };
        return new()
        {
            Pieces = [piece],
            Seams = [.. Seams(), .. CrossOutline.CornerSeams("panel", opened: true), .. CrossOutline.CornerSeams("panel", opened: true, 2)],
            Notions =
            [
                new("zip-opening", "Zip opening", specification.Count, opening),
                new("zip-closed-end", "Closed-end zip, teeth", specification.Count, opening),
                new("zip-stop", "Zip stop, from the side stitch line", 2 * specification.Count, (thickness / 2) + clear),
                cover.CornerLine(),
            ],
            Finished = cover.Finished,
            Steps = [.. Steps()],
            Checks = checks,
        };
    }

    private static IEnumerable<Check> Checks(FoldedCover cover, Length opening)
    {
        var format = cover.Specification.Format;
        if (!opening.IsPositive)
        {
            yield return Check.Error("no-opening", $"Kept so far out of the corners the zip has no length left on a width of {format.RoundedWithUnit(cover.Width.Value)}.", "zipClear");
        }
        else if (opening < cover.Width.Value.Times(0.9m))
        {
            yield return Check.Warning(
                "opening-too-small",
                $"The opening is {format.RoundedWithUnit(opening)}, under nine tenths of the filling’s width: foam will not go in without a fight.",
                "zipClear",
                new Mend("Run the zip out to the corners", "rules.zipClear", "0"));
        }
    }

    private static Outline StitchLine(Length width, Length depth, Length half, Length closed, Length opening)
    {
        var none = Length.Zero;
        return FoldedCover.Path(
        [
            ("front-left-corner", half, none), ("front", width, none), ("front-right-corner", half, none),
            ("right-front-corner", none, half), ("right", none, depth), ("right-back-corner", none, half),
            ("back-right", -closed, none), ("back", -opening, none), ("back-left", -closed, none),
            ("left-back-corner", none, -half), ("left", none, -depth), ("left-front-corner", none, -half),
        ]);
    }

    private static Mark[] Stops(Length width, Length depth, Length thickness, Length closed) =>
    [
        Mark.At("zip-stop", "zip stop", new(closed, depth + thickness)),
        Mark.At("zip-stop", "zip stop", new(width + thickness - closed, depth + thickness)),
    ];

    /// <summary>The second panel lies face to face with the first: its left edge meets the first one's right.</summary>
    private static IEnumerable<Seam> Seams()
    {
        (string Edge, string Other)[] pairs =
        [
            ("front-left-corner", "front-right-corner"), ("front", "front"), ("front-right-corner", "front-left-corner"),
            ("right-front-corner", "left-front-corner"), ("right", "left"), ("right-back-corner", "left-back-corner"),
            ("back-right", "back-left"), ("back-left", "back-right"),
            ("left-back-corner", "right-back-corner"), ("left", "right"), ("left-front-corner", "right-front-corner"),
        ];
        foreach (var (edge, other) in pairs)
        {
            yield return new(edge, new("panel", edge), new("panel", other, 2));
        }

        yield return new("zip", new("panel", "back"), new("panel", "back", 2), "zip");
    }

    private static IEnumerable<SewingStep> Steps()
    {
        yield return new("Sew the back seam from each side to the zip stop, and the zip between the stops.");
        yield return new("Sew the other three sides, right sides together.", "Open the zip first, or the cover cannot be turned.");
        yield return new("Open each corner until seam lies on seam and sew straight across where the line is as long as the thickness.");
        yield return new("Turn it and try it on the filling; then trim the corners and finish them.", "Try before trimming: a trimmed corner cannot be let out.");
    }
}
