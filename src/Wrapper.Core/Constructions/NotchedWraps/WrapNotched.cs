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

namespace Wrapper.Core.Constructions.NotchedWraps;

/// <summary>
/// One piece folded across the front edge, its corners cut out first, seams and zip half way up. See docs/handbook.md,
/// "Wrap, corners notched".
/// </summary>
public static class WrapNotched
{
    /// <summary>The construction's id.</summary>
    public const string Id = "wrap-notched";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Wrap, corners notched first",
            "One piece, corners cut out before sewing: exact, but no second look.",
            "soft front edge, the cloth runs over it",
            "opens like a mouth",
            "comes off whole, little bulk",
            "a sure tape, thick cloth"
        )
        {
            Brief = "notched",
            Closures = Closing.Zipped,
            Choices = [Choice.Piping, Choice.SlidePocket, Choice.Plates, Choice.Closure],
            Refused = [Choice.Piping, Choice.SlidePocket],
        };

    /// <summary>Drafts the cover of a rectangle with this finished thickness.</summary>
    public static ConstructedCover Construct(Worked width, Worked depth, Worked thickness, CoverSpecification specification)
    {
        var cover = new FoldedCover(width, depth, thickness, specification);
        var seam = cover.Seam;
        var zip = specification.Rules.Says(Rule.Zip) ? specification.Rules[Rule.Zip] : seam;
        var reach = Reach(specification, depth);
        var closure = new BackClosure(specification, zip);
        var cutLength = (2 * depth) + (2 * thickness) + closure.Both;
        var lay = new WidePieceLay(
            specification.In(PieceRole.Wrap, PieceKind.Wrap),
            "wrap",
            cover.CutWidth.Value,
            cutLength.Value,
            canJoin: false
        );
        var checks = cover.ChoiceChecks().Concat(lay.Checks).Concat(Checks(cover, zip, reach, closure)).ToList();
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var stitchLine = StitchLine(width.Value, depth.Value - reach.Value, reach.Value, cover.HalfThickness);
        var fold = depth.Value + thickness.Value;
        Mark[] marks =
        [
            new(MarkKind.Fold, "middle of the front", new(cover.HalfThickness, fold), new(width.Value + cover.HalfThickness, fold)),
        ];
        return new()
        {
            Pieces =
            [
                cover.Piece(
                    PieceKind.Wrap,
                    1,
                    stitchLine,
                    cutLength,
                    edge =>
                        edge == "zip-lower" ? closure.Under.Value
                        : edge == "zip-upper" ? closure.Over.Value
                        : seam.Value,
                    marks,
                    lay.Turns
                ) with
                {
                    FaceAt = new(width.Value.Half(), (depth.Value + thickness.Value).Half()),
                    Folds = WrapCreases.Of(width.Value, depth.Value, cover.HalfThickness, Length.Zero),
                },
            ],
            Seams = [.. Seams(reach.Value.IsPositive, closure.Takes)],
            Notions = [.. Hardware(closure, (width + (2 * reach)).Named("zip"), specification)],
            Finished =
            [
                .. cover.Finished,
                new("backNotchAcross", "Back notch, across", thickness / 2),
                new(
                    "backNotchAlong",
                    closure.IsTape ? "Back notch, along, over-flap" : "Back notch, along",
                    (thickness / 2) + closure.Over - seam
                ),
                .. closure.IsTape
                    ? (FinishedSize[])[new("backNotchAlongUnder", "Back notch, along, under-flap", (thickness / 2) + closure.Under - seam)]
                    : [],
                new("frontNotchDeep", "Front notch, deep", thickness / 2),
                new("frontNotchLong", "Front notch, long", thickness - (2 * seam)),
            ],
            Checks = checks,
        };
    }

    /// <summary>A third of the depth is as far as a zip can reach and still leave a front to hold the filling.</summary>
    private static Worked Reach(CoverSpecification specification, Worked depth)
    {
        var reach = specification.Rules[Rule.ZipReach];
        var third = depth / 3;
        return reach.Value > third.Value ? third.Named("zip reach, a third of the depth") : reach;
    }

    private static IEnumerable<Notion> Hardware(BackClosure closure, Worked length, CoverSpecification specification) =>
        specification.Choices.Closure == Closure.Zip
            ? [new(NotionKind.Zip, "Zip", specification.Count, length)]
            : closure.Notions(length, null);

    private static IEnumerable<Check> Checks(FoldedCover cover, Worked zip, Worked reach, BackClosure closure)
    {
        var format = cover.Specification.Format;
        if (cover.HalfThickness <= cover.Seam.Value)
        {
            yield return Check.Error(
                "notch-too-small",
                NotchedWrapsText.NotchTooSmall(format.RoundedWithUnit(cover.HalfThickness), format.RoundedWithUnit(cover.Seam.Value)),
                "seam",
                new Mend(NotchedWrapsText.ToOpenTheCornersAfterSewing, "construction", "wrap-folded")
            );
        }

        var asked = cover.Specification.Rules[Rule.ZipReach];
        if (cover.Specification.Rules.Says(Rule.ZipReach) && asked.Value > reach.Value)
        {
            yield return Check.Note(
                "zip-reach-capped",
                NotchedWrapsText.ZipReachCapped(format.RoundedWithUnit(reach.Value), format.RoundedWithUnit(asked.Value)),
                "zipReach",
                new Mend(
                    NotchedWrapsText.ToZipReachReach(format.RoundedWithUnit(reach.Value.RoundedDownTo(format.Step))),
                    "rules.zipReach",
                    format.RoundedWithUnit(reach.Value.RoundedDownTo(format.Step))
                )
            );
        }

        if (!closure.IsTape && zip.Value != cover.Seam.Value)
        {
            yield return Check.Note("zip-and-seam-differ", NotchedWrapsText.ZipAndSeamDiffer, "zip");
        }
    }

    /// <summary>Counter-clockwise from the left end of the lower back edge; each side is broken where the zip stops.</summary>
    private static Outline StitchLine(Length width, Length side, Length reach, Length half)
    {
        var none = Length.Zero;
        return FoldedCover.Path([
            ("zip-lower", width, none),
            ("back-right-lower-end", none, half),
            ("back-right-lower-side", half, none),
            ("right-lower-zip", none, reach),
            ("right-lower", none, side),
            ("front-right-lower-side", -half, none),
            ("front-right-lower-front", none, half),
            ("front-right-upper-front", none, half),
            ("front-right-upper-side", half, none),
            ("right-upper", none, side),
            ("right-upper-zip", none, reach),
            ("back-right-upper-side", -half, none),
            ("back-right-upper-end", none, half),
            ("zip-upper", -width, none),
            ("back-left-upper-end", none, -half),
            ("back-left-upper-side", -half, none),
            ("left-upper-zip", none, -reach),
            ("left-upper", none, -side),
            ("front-left-upper-side", half, none),
            ("front-left-upper-front", none, -half),
            ("front-left-lower-front", none, -half),
            ("front-left-lower-side", -half, none),
            ("left-lower", none, -side),
            ("left-lower-zip", none, -reach),
            ("back-left-lower-side", half, none),
            ("back-left-lower-end", none, -half),
        ]);
    }

    private static IEnumerable<Seam> Seams(bool reaches, Caught takes)
    {
        static Seam Join(string id, string first, string second, Caught? takes = null) =>
            new(id, new("wrap", first), new("wrap", second), takes);
        foreach (var side in (string[])["left", "right"])
        {
            yield return Join($"{side}-side", $"{side}-lower", $"{side}-upper");
            foreach (var half in (string[])["lower", "upper"])
            {
                yield return Join($"front-{side}-corner-{half}", $"front-{side}-{half}-front", $"front-{side}-{half}-side");
                yield return Join($"back-{side}-corner-{half}", $"back-{side}-{half}-end", $"back-{side}-{half}-side");
            }

            if (reaches)
            {
                yield return Join($"zip-{side}", $"{side}-lower-zip", $"{side}-upper-zip", takes);
            }
        }

        yield return Join("zip", "zip-lower", "zip-upper", takes);
    }
}
