using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Catalogue.Measuring;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Judgement;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;
using Wrapper.Web.Answers;
using Wrapper.Web.Planning;

namespace Wrapper.Web.Endpoints.Open;

/// <summary>
/// A figure worked out on paper: for one number of a cover, named as in its working, or for a whole job's cloth, which is for
/// <c>cloth</c>.
/// </summary>
/// <param name="Cover">The cover a number is of.</param>
/// <param name="Yardage">What is to be bought, as it is asked of <c>/api/yardage</c>.</param>
/// <param name="Cloth">Which cloth of the job, by its key; the yardage's own where nothing is said.</param>
/// <param name="For">What the figure is for.</param>
/// <param name="Figure">The figure. A bare number for cloth is in yards, or in metres in a metric job.</param>
public sealed record OwnFigureRequestJson(CoverDocument? Cover, YardageRequestJson? Yardage, string? Cloth, string For, Entry Figure);

/// <summary>A slip that would explain the figure.</summary>
public sealed record SlipJson(string Code, string Text, double Value, string Shown);

/// <summary>The slip that comes nearest to a figure none explains.</summary>
/// <param name="Slip">The slip.</param>
/// <param name="Remaining">The figure less what the slip gives, in millimetres.</param>
/// <param name="RemainingShown">The same without its sign, with its unit.</param>
public sealed record NearSlipJson(SlipJson Slip, double Remaining, string RemainingShown);

/// <summary>What is said of the figure.</summary>
public sealed record OwnFigureJson(
    bool Agrees,
    double Difference,
    string DifferenceShown,
    double Value,
    string Shown,
    string Expression,
    IReadOnlyList<SlipJson> Slips,
    NearSlipJson? Nearest
);

/// <summary>How a number moves.</summary>
public sealed record NumberChangeJson(string For, string Name, double Change, string Shown);

/// <summary>What hangs on a measure that is off by so much.</summary>
public sealed record SensitivityJson(
    string Measure,
    string Label,
    double Off,
    string OffShown,
    double Worst,
    bool Breaks,
    IReadOnlyList<NumberChangeJson> Changes
);

/// <summary>A facet on the flat and in space, in millimetres.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Copy">Which copy of it.</param>
/// <param name="Flat">Its corners on the flat.</param>
/// <param name="Space">The same corners in space.</param>
/// <param name="Seams">The seam that each side is sewn in, from its corner to the next; null at a crease and at an open edge.</param>
public sealed record FacetJson(
    string Piece,
    int Copy,
    IReadOnlyList<double[]> Flat,
    IReadOnlyList<double[]> Space,
    IReadOnlyList<string?> Seams
)
{
    /// <summary>It is of a copy that lies turned over: its corners on the flat are the piece’s, mirrored.</summary>
    public required bool IsOver { get; init; }

    /// <summary>Of a piece that is joined from strips: what of the facet each covers; empty elsewhere.</summary>
    public required IReadOnlyList<StripJson> Strips { get; init; }
}

/// <summary>What of a facet a strip covers.</summary>
/// <param name="Piece">The strip's key.</param>
/// <param name="Flat">Its corners on the flat, in the facet's coordinates.</param>
public sealed record StripJson(string Piece, IReadOnlyList<double[]> Flat);

/// <summary>A place where the cover does not close: two sides in space that are sewn together and lie apart.</summary>
/// <param name="Seam">The seam; null at a crease.</param>
/// <param name="Piece">The piece one of them is on.</param>
/// <param name="Gap">How far apart, in millimetres.</param>
/// <param name="GapShown">The same in the job's unit.</param>
/// <param name="One">One side, end to end.</param>
/// <param name="Other">The other.</param>
public sealed record OpenPlaceJson(
    string? Seam,
    string Piece,
    double Gap,
    string GapShown,
    IReadOnlyList<double[]> One,
    IReadOnlyList<double[]> Other
);

/// <summary>A figure of the folded cover beside what the thing's own measures say.</summary>
/// <param name="What">What is measured.</param>
/// <param name="Found">In millimetres or square millimetres.</param>
/// <param name="Expected">As the thing says.</param>
/// <param name="FoundShown">In the job's unit.</param>
/// <param name="ExpectedShown">In the job's unit.</param>
/// <param name="Agrees">They agree.</param>
public sealed record FoldedFigureJson(string What, double Found, double Expected, string FoundShown, string ExpectedShown, bool Agrees);

/// <summary>The fold-up proof of a cover.</summary>
public sealed record FoldUpJson
{
    /// <summary>It closes and is as large as the thing says.</summary>
    public required bool Closes { get; init; }

    /// <summary>The furthest apart that two edges sewn together lie, in millimetres.</summary>
    public required double Gap { get; init; }

    /// <summary>The same in the job's unit.</summary>
    public required string GapShown { get; init; }

    /// <summary>The length of all edges that stay open.</summary>
    public required double Opening { get; init; }

    /// <summary>Its size.</summary>
    public required double[] Size { get; init; }

    /// <summary>What speaks against it, in words.</summary>
    public required IReadOnlyList<string> Problems { get; init; }

    /// <summary>What was measured on it, beside what the thing says.</summary>
    public required IReadOnlyList<FoldedFigureJson> Figures { get; init; }

    /// <summary>Where it does not close.</summary>
    public required IReadOnlyList<OpenPlaceJson> Open { get; init; }

    /// <summary>Seams whose two sides are not as long as each other.</summary>
    public required IReadOnlyList<string> UnequalSeams { get; init; }

    /// <summary>Every flat part of it.</summary>
    public required IReadOnlyList<FacetJson> Facets { get; init; }

    /// <summary>The measures as read, for the lines drawn on it.</summary>
    public required IReadOnlyDictionary<string, ReadMeasureJson> Measures { get; init; }

    /// <summary>From the core's proof, turned to how the thing stands when one meets it.</summary>
    public static FoldUpJson Of(FoldUp folded, Draft draft, CoverReading reading, Standing stands) =>
        new()
        {
            Measures = DraftResponse.ReadMeasures(reading),
            Closes = folded.Holds,
            Gap = folded.Gap,
            GapShown = Shown(folded.Gap, draft.Format),
            Opening = folded.Opening,
            Size = [folded.Size.X, folded.Size.Y, folded.Size.Z],
            Problems = folded.Problems,
            Figures =
            [
                .. folded.Figures.Select(figure => new FoldedFigureJson(
                    figure.What,
                    figure.Found,
                    figure.Expected,
                    Shown(figure, figure.Found, draft.Format),
                    Shown(figure, figure.Expected, draft.Format),
                    figure.Agrees
                )),
            ],
            Open =
            [
                .. folded.Open.Select(place => new OpenPlaceJson(
                    place.Seam,
                    place.Piece,
                    place.Gap,
                    Shown(place.Gap, draft.Format),
                    [At(place.One.From, stands), At(place.One.To, stands)],
                    [At(place.Other.From, stands), At(place.Other.To, stands)]
                )),
            ],
            UnequalSeams = folded.UnequalSeams,
            Facets =
            [
                .. folded.Facets.Select(facet => new FacetJson(
                    facet.Piece,
                    facet.Copy,
                    Flat(facet.Flat),
                    [.. facet.Corners.Select(corner => At(corner, stands))],
                    facet.Seams
                )
                {
                    IsOver = draft.Pieces.First(piece => piece.Key == facet.Piece).LiesTurnedOver(facet.Copy),
                    Strips = [.. StripsOnFacet.Of(facet, draft).Select(strip => new StripJson(strip.Piece, Flat(strip.Flat)))],
                }),
            ],
        };

    private static double[][] Flat(IReadOnlyList<(double X, double Y)> corners) => [.. corners.Select(point => new[] { point.X, point.Y })];

    private static double[] At(Place place, Standing stands) =>
        stands switch
        {
            Standing.Upright => [place.X, -place.Z, place.Y],
            Standing.OnItsSide => [place.X, place.Z, -place.Y],
            _ => [place.X, place.Y, place.Z],
        };

    private static string Shown(double millimetres, LengthFormat format) =>
        double.IsFinite(millimetres) ? format.RoundedWithUnit(Length.FromMillimetres((decimal)millimetres)) : "–";

    /// <summary>Cloth is told in square feet or square metres, everything else along a tape.</summary>
    private static string Shown(FoldedFigure figure, double value, LengthFormat format) =>
        figure.IsArea
            ? format.Unit.IsImperial()
                ? FormattableString.Invariant($"{value / (304.8 * 304.8):0.00} sq ft")
                : FormattableString.Invariant($"{value / 1e6:0.000} m²")
            : Shown(value, format);
}

internal static class JudgementEndpoints
{
    public static void MapJudgement(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/own-figure", OwnFigureOf)
            .WithName("ownFigure")
            .TakesTime()
            .WithSummary("Holds a figure worked out on paper against a cover's own, and names the slip that explains a difference.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPost("/api/sensitivity", SensitivityOf)
            .WithName("sensitivity")
            .WithSummary("How every cut size and opening moves when a measure is off by 1/4 in or 5 mm.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPost("/api/fold-up", FoldUpOf)
            .WithName("foldUp")
            .WithSummary("Folds a cover up at its seams: the proof that it closes, and every facet flat and in space.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<Results<Ok<OwnFigureJson>, ProblemHttpResult>> OwnFigureOf(
        OwnFigureRequestJson request,
        Planners planners,
        CancellationToken aborted
    )
    {
        if (request.For == OwnClothEndpoints.For)
        {
            return await OwnClothEndpoints.Judge(request, planners, aborted);
        }

        if (request.Cover is null)
        {
            return Refusals.Unprocessable([
                Check.Error(
                    "unknown-number",
                    "A figure for a number of a cover needs the cover; a figure for the cloth is for "
                        + $"“{OwnClothEndpoints.For}” and needs the yardage.",
                    "cover"
                ),
            ]);
        }

        var outcome = Drafter.Draft(request.Cover.ToInput());
        if (outcome.Draft is not { } draft)
        {
            return Refusals.Unprocessable(outcome.Checks);
        }

        var reading = EntryReader.Read(request.Figure, outcome.Reading.Unit);
        if (reading.Length is not { } figure)
        {
            return Refusals.Unprocessable([Unreadable(reading)]);
        }

        return OwnFigure.Judge(draft, request.For, figure) is { } judgement
            ? TypedResults.Ok(Answer(judgement, draft.Format.RoundedWithUnit, draft.Format.Rounded))
            : Refusals.Unprocessable([
                Check.Error(
                    "unknown-number",
                    $"This cover has no number “{request.For}”. It has: "
                        + $"{string.Join(", ", draft.Numbers().Select(number => number.For).Distinct())}.",
                    "for"
                ),
            ]);
    }

    /// <summary>The figure cannot be read, and why.</summary>
    internal static Check Unreadable(LengthReading reading) =>
        Check.Error("unreadable", $"Your figure: {reading.Problem}", "figure") with
        {
            Position = reading.Position,
        };

    /// <summary>The judgement written in the maker's unit.</summary>
    internal static OwnFigureJson Answer(FigureJudgement judgement, Func<Length, string> withUnit, Func<Length, string> shown) =>
        new(
            judgement.Agrees,
            judgement.Difference.Millimetres,
            withUnit(judgement.Difference),
            judgement.Number.Value.Millimetres,
            shown(judgement.Number.Value),
            judgement.Number.Expression,
            [.. judgement.Slips.Select(slip => SlipOf(slip, shown))],
            judgement.Nearest is { } near ? new(SlipOf(near.Slip, shown), near.Remaining.Millimetres, withUnit(near.Remaining.Abs())) : null
        );

    private static SlipJson SlipOf(Slip slip, Func<Length, string> shown) =>
        new(slip.Code, slip.Text, slip.Value.Millimetres, shown(slip.Value));

    private static Results<Ok<IReadOnlyList<SensitivityJson>>, ProblemHttpResult> SensitivityOf(CoverDocument request)
    {
        var input = request.ToInput();
        var outcome = Drafter.Draft(input);
        if (outcome.Draft is not { } draft)
        {
            return Refusals.Unprocessable(outcome.Checks);
        }

        IReadOnlyList<SensitivityJson> answer =
        [
            .. Sensitivity
                .Of(input)
                .Select(measure => new SensitivityJson(
                    measure.Measure,
                    measure.Label,
                    measure.Off.Millimetres,
                    draft.Format.RoundedWithUnit(measure.Off),
                    measure.Worst.Millimetres,
                    measure.Breaks,
                    [
                        .. measure.Changes.Select(change => new NumberChangeJson(
                            change.For,
                            change.Name,
                            change.Change.Millimetres,
                            draft.Format.Rounded(change.Change)
                        )),
                    ]
                )),
        ];
        return TypedResults.Ok(answer);
    }

    private static Results<Ok<FoldUpJson>, ProblemHttpResult> FoldUpOf(CoverDocument request)
    {
        var outcome = Drafter.Draft(request.ToInput());
        if (outcome is not { Draft: { } draft, Reading.Specification: { } specification })
        {
            return Refusals.Unprocessable(outcome.Checks);
        }

        return TypedResults.Ok(FoldUpJson.Of(FoldUp.Of(draft), draft, outcome.Reading, specification.Shape.Stands));
    }
}
