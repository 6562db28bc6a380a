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

        var (lower, upper) = (ZipOf(EdgeLayer.Lower), ZipOf(EdgeLayer.Upper));
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
                        edge == lower ? closure.Under.Value
                        : edge == upper ? closure.Over.Value
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
            (ZipOf(EdgeLayer.Lower), width, none),
            (NotchOf(EdgeSide.Back, EdgeSide.Right, EdgeLayer.Lower, "end"), none, half),
            (NotchOf(EdgeSide.Back, EdgeSide.Right, EdgeLayer.Lower, "side"), half, none),
            (SideOf(EdgeSide.Right, EdgeLayer.Lower, isZip: true), none, reach),
            (SideOf(EdgeSide.Right, EdgeLayer.Lower), none, side),
            (NotchOf(EdgeSide.Front, EdgeSide.Right, EdgeLayer.Lower, "side"), -half, none),
            (NotchOf(EdgeSide.Front, EdgeSide.Right, EdgeLayer.Lower, "front"), none, half),
            (NotchOf(EdgeSide.Front, EdgeSide.Right, EdgeLayer.Upper, "front"), none, half),
            (NotchOf(EdgeSide.Front, EdgeSide.Right, EdgeLayer.Upper, "side"), half, none),
            (SideOf(EdgeSide.Right, EdgeLayer.Upper), none, side),
            (SideOf(EdgeSide.Right, EdgeLayer.Upper, isZip: true), none, reach),
            (NotchOf(EdgeSide.Back, EdgeSide.Right, EdgeLayer.Upper, "side"), -half, none),
            (NotchOf(EdgeSide.Back, EdgeSide.Right, EdgeLayer.Upper, "end"), none, half),
            (ZipOf(EdgeLayer.Upper), -width, none),
            (NotchOf(EdgeSide.Back, EdgeSide.Left, EdgeLayer.Upper, "end"), none, -half),
            (NotchOf(EdgeSide.Back, EdgeSide.Left, EdgeLayer.Upper, "side"), -half, none),
            (SideOf(EdgeSide.Left, EdgeLayer.Upper, isZip: true), none, -reach),
            (SideOf(EdgeSide.Left, EdgeLayer.Upper), none, -side),
            (NotchOf(EdgeSide.Front, EdgeSide.Left, EdgeLayer.Upper, "side"), half, none),
            (NotchOf(EdgeSide.Front, EdgeSide.Left, EdgeLayer.Upper, "front"), none, -half),
            (NotchOf(EdgeSide.Front, EdgeSide.Left, EdgeLayer.Lower, "front"), none, -half),
            (NotchOf(EdgeSide.Front, EdgeSide.Left, EdgeLayer.Lower, "side"), -half, none),
            (SideOf(EdgeSide.Left, EdgeLayer.Lower), none, -side),
            (SideOf(EdgeSide.Left, EdgeLayer.Lower, isZip: true), none, -reach),
            (NotchOf(EdgeSide.Back, EdgeSide.Left, EdgeLayer.Lower, "side"), half, none),
            (NotchOf(EdgeSide.Back, EdgeSide.Left, EdgeLayer.Lower, "end"), none, -half),
        ]);
    }

    private static IEnumerable<Seam> Seams(bool reaches, Caught takes)
    {
        static Seam Join(string id, EdgeName first, EdgeName second, Caught? takes = null) =>
            new(id, new("wrap", first), new("wrap", second), takes);
        foreach (var side in (EdgeSide[])[EdgeSide.Left, EdgeSide.Right])
        {
            yield return Join($"{side.Word()}-side", SideOf(side, EdgeLayer.Lower), SideOf(side, EdgeLayer.Upper));
            foreach (var layer in (EdgeLayer[])[EdgeLayer.Lower, EdgeLayer.Upper])
            {
                yield return Join(
                    $"front-{side.Word()}-corner-{layer.Word()}",
                    NotchOf(EdgeSide.Front, side, layer, "front"),
                    NotchOf(EdgeSide.Front, side, layer, "side")
                );
                yield return Join(
                    $"back-{side.Word()}-corner-{layer.Word()}",
                    NotchOf(EdgeSide.Back, side, layer, "end"),
                    NotchOf(EdgeSide.Back, side, layer, "side")
                );
            }

            if (reaches)
            {
                yield return Join(
                    $"zip-{side.Word()}",
                    SideOf(side, EdgeLayer.Lower, isZip: true),
                    SideOf(side, EdgeLayer.Upper, isZip: true),
                    takes
                );
            }
        }

        yield return Join("zip", ZipOf(EdgeLayer.Lower), ZipOf(EdgeLayer.Upper), takes);
    }

    private static EdgeName ZipOf(EdgeLayer layer) =>
        EdgeName.Called($"zip-{layer.Word()}", new(EdgeSide.None, Layer: layer), EdgeFunction.Zip);

    /// <summary>The edge of a layer on this side: the part that is sewn, or the part that the zip reaches along.</summary>
    private static EdgeName SideOf(EdgeSide side, EdgeLayer layer, bool isZip = false) =>
        isZip ? EdgeName.Of(side, layer).As(EdgeFunction.Zip, "zip") : EdgeName.Of(side, layer);

    /// <summary>An edge of a corner that is cut out.</summary>
    private static EdgeName NotchOf(EdgeSide side, EdgeSide beside, EdgeLayer layer, string which) =>
        EdgeName.Called($"{side.Word()}-{beside.Word()}-{layer.Word()}-{which}", new(side, beside, layer), EdgeFunction.Corner);
}
