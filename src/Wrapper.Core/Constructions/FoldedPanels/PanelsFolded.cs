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

namespace Wrapper.Core.Constructions.FoldedPanels;

/// <summary>
/// Two panels with a zip in the back edge, all four corners opened out and sewn across. See docs/handbook.md, "Two panels".
/// </summary>
public static class PanelsFolded
{
    /// <summary>The construction's id.</summary>
    public const string Id = "panels-folded";

    /// <summary>How it is offered, how it closes and which choices it has.</summary>
    public static ConstructionDefinition Definition { get; } =
        new(
            Id,
            "Two panels, corners folded after",
            "Two panels with the zip in one edge, all corners opened.",
            "seam round the middle, corners folded",
            "through the back",
            "comes off whole; trimmed corners want finishing",
            "soft cushions, two faces alike"
        )
        {
            Brief = "panels",
            Closures = Closing.Zipped,
            Choices = [Choice.Piping, Choice.SlidePocket, Choice.Plates, Choice.Closure, Choice.RoundedCorners, Choice.ZipSides],
            Refused = [Choice.Piping, Choice.SlidePocket],
        };

    /// <summary>Drafts the cover of a rectangle with this finished thickness.</summary>
    public static ConstructedCover Construct(Worked width, Worked depth, Worked thickness, CoverSpecification specification)
    {
        var cover = new FoldedCover(width, depth, thickness, specification);
        var closure = new BackClosure(specification, specification.Rules[Rule.Zip]);
        var threeSides = specification.Choices.ZipOnThreeSides;
        var clear = threeSides ? Worked.Zero : specification.Rules[Rule.ZipClear];
        var round = (2 * depth) / 3;
        var opening = (threeSides ? width + (2 * round) : width - (2 * clear)).Named("zip opening");
        var (wide, deep) = (width + thickness, depth + thickness + cover.Seam);
        var lay = new PairedLay(
            specification,
            PieceKind.Panel,
            [PieceRole.Top, PieceRole.Bottom],
            WidthOf(closure.Under).Value,
            (deep + closure.Under).Value
        );
        List<Check> checks = [.. cover.ChoiceChecks(), .. lay.Checks, .. Checks(cover, opening.Value, clear.Value, threeSides)];
        if (checks.HasError())
        {
            return new() { Checks = checks };
        }

        var closed = cover.HalfThickness + clear.Value;
        var corners = CrossOutline.CornerLines(width.Value, depth.Value, cover.HalfThickness).ToList();
        var outline = StitchLine(width.Value, depth.Value, cover.HalfThickness, closed, threeSides ? round.Value : Length.Zero);
        var (upper, lower) = closure.IsTape ? ("panel-over", "panel-under") : ("panel", "panel");
        Piece Panel(string key, int count, Worked turning) =>
            cover.Piece(
                PieceKind.Panel,
                count,
                outline,
                deep + turning,
                edge => CarriesZip(edge, threeSides) ? turning.Value : cover.Seam.Value,
                [.. FoldedCover.CornerMarks(corners), .. threeSides ? [] : Stops(width.Value, depth.Value, thickness.Value, closed)],
                lay.Turns(PieceRole.Top)
            ) with
            {
                Key = key,
                Name = key switch
                {
                    "panel-over" => "Panel, over-flap",
                    "panel-under" => "Panel, under-flap",
                    _ => "Panel",
                },
                CutWidth = WidthOf(turning),
                Folds = [.. corners, .. CrossOutline.Creases(width.Value, depth.Value, cover.HalfThickness)],
            };
        return new()
        {
            Pieces = closure.IsTape
                ?
                [
                    Panel(upper, 1, closure.Over),
                    Panel(lower, 1, closure.Under) with
                    {
                        CopyRoles = [PieceRole.Bottom],
                        Turns = lay.Turns(PieceRole.Bottom),
                    },
                ]
                : [lay.Turned(Panel(upper, 2, closure.Over))],
            Seams =
            [
                .. Seams(outline, threeSides, closure, upper, lower),
                .. CrossOutline.CornerSeams(upper, opened: true),
                .. CrossOutline
                    .CornerSeams(lower, opened: true, closure.IsTape ? 1 : 2)
                    .Select(seam => closure.IsTape ? seam with { Id = $"{seam.Id}-under" } : seam),
            ],
            Notions =
            [
                new(NotionKind.ZipOpening, closure.IsTape ? "Opening" : "Zip opening", specification.Count, opening),
                .. closure.Notions(opening, null),
                .. threeSides
                    ? []
                    : (Notion[])
                        [
                            new(
                                NotionKind.ZipStop,
                                FoldedPanelsText.ZipStopFromTheSideStitch,
                                2 * specification.Count,
                                (thickness / 2) + clear
                            ),
                        ],
                cover.CornerLine(),
            ],
            Finished = cover.Finished,
            Checks = checks,
        };

        // Round three sides the zip's allowance is carried down both sides too.
        Worked WidthOf(Worked turning) => wide + (2 * (threeSides ? turning : cover.Seam));
    }

    private static bool CarriesZip(EdgeName edge, bool threeSides) =>
        edge.Side == EdgeSide.Back || (threeSides && edge.Side is EdgeSide.Right or EdgeSide.Left);

    private static IEnumerable<Check> Checks(FoldedCover cover, Length opening, Length clear, bool threeSides)
    {
        var format = cover.Specification.Format;
        if (!opening.IsPositive)
        {
            yield return Check.Error("no-opening", FoldedPanelsText.NoOpening(format.RoundedWithUnit(cover.Width.Value)), "zipClear");
        }
        else if (opening < cover.Width.Value.Times(0.9m))
        {
            yield return Check.Warning(
                "opening-too-small",
                FoldedPanelsText.OpeningTooSmall(format.RoundedWithUnit(opening)),
                "zipClear",
                new Mend(FoldedPanelsText.ToRunTheZip, "rules.zipClear", "0")
            );
        }

        if (threeSides || clear < Length.FromMillimetres(3m))
        {
            yield return Check.Note(
                "zip-in-corner-seams",
                FoldedPanelsText.ZipInCornerSeams,
                threeSides ? "zipSides" : "zipClear",
                threeSides
                    ? new Mend(FoldedPanelsText.ToZipAcrossTheBackOnly, "options.zipSides", "back")
                    : new Mend(
                        FoldedPanelsText.ToKeepItClearOfTheCorners,
                        "rules.zipClear",
                        cover.Specification.Unit.IsImperial() ? "1/2 in" : "12 mm"
                    )
            );
        }
    }

    /// <summary>Each side is broken where a zip that comes round it ends, so far from the back.</summary>
    private static Outline StitchLine(Length width, Length depth, Length half, Length closed, Length round)
    {
        var none = Length.Zero;
        return FoldedCover.Path([
            (HalfCorner(EdgeSide.Front, EdgeSide.Left), half, none),
            (EdgeName.Front, width, none),
            (HalfCorner(EdgeSide.Front, EdgeSide.Right), half, none),
            (HalfCorner(EdgeSide.Right, EdgeSide.Front), none, half),
            (EdgeName.Right, none, depth - round),
            (EdgeName.Right.As(EdgeFunction.Zip, "zip"), none, round),
            (HalfCorner(EdgeSide.Right, EdgeSide.Back), none, half),
            (EdgeName.Called("back-right", new(EdgeSide.Back, EdgeSide.Right), EdgeFunction.BesideZip), -closed, none),
            (EdgeName.Called("back", new(EdgeSide.Back), EdgeFunction.Zip), -(width + (2 * half) - (2 * closed)), none),
            (EdgeName.Called("back-left", new(EdgeSide.Back, EdgeSide.Left), EdgeFunction.BesideZip), -closed, none),
            (HalfCorner(EdgeSide.Left, EdgeSide.Back), none, -half),
            (EdgeName.Left.As(EdgeFunction.Zip, "zip"), none, -round),
            (EdgeName.Left, none, round - depth),
            (HalfCorner(EdgeSide.Left, EdgeSide.Front), none, -half),
        ]);
    }

    /// <summary>The half of an opened corner that lies on this side.</summary>
    private static EdgeName HalfCorner(EdgeSide side, EdgeSide beside) =>
        EdgeName.Called($"{side.Word()}-{beside.Word()}-corner", new(side, beside), EdgeFunction.Corner);

    private static Mark[] Stops(Length width, Length depth, Length thickness, Length closed) =>
        [
            Mark.At(MarkKind.ZipStop, "zip stop", new(closed, depth + thickness)),
            Mark.At(MarkKind.ZipStop, "zip stop", new(width + thickness - closed, depth + thickness)),
        ];

    /// <summary>The second panel lies face to face with the first: its left edge meets the first one's right.</summary>
    private static IEnumerable<Seam> Seams(Outline outline, bool threeSides, BackClosure closure, string upper, string lower)
    {
        foreach (var edge in outline.Names)
        {
            var other = outline.Names.First(name => name.Mirrors(edge));
            Caught? takes =
                edge.Function == EdgeFunction.Zip
                || (threeSides && (edge.Side == EdgeSide.Back || edge is { Function: EdgeFunction.Corner, At.Beside: EdgeSide.Back }))
                    ? closure.Takes
                    : null;
            yield return new(
                edge == EdgeName.Back ? EdgeName.Zip : edge,
                new(upper, edge),
                new(lower, other, closure.IsTape ? 1 : 2),
                takes
            );
        }
    }
}
