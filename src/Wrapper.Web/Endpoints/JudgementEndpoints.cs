using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Judgement;
using Wrapper.Core.Sewing;
using Wrapper.Core.Units;
using Wrapper.Formats;

namespace Wrapper.Web.Endpoints;

/// <summary>A figure worked out on paper for one number of a cover, named as in its working.</summary>
public sealed record OwnFigureRequestJson(DraftRequest Cover, string For, Entry Figure);

/// <summary>A slip that would explain the figure.</summary>
public sealed record SlipJson(string Code, string Text, double Value, string Shown);

/// <summary>What is said of the figure.</summary>
public sealed record OwnFigureJson(bool Agrees, double Difference, string DifferenceShown, double Value, string Shown, string Expression, IReadOnlyList<SlipJson> Slips);

/// <summary>How a number moves.</summary>
public sealed record NumberChangeJson(string For, string Name, double Change, string Shown);

/// <summary>What hangs on a measure that is off by so much.</summary>
public sealed record SensitivityJson(string Measure, string Label, double Off, string OffShown, double Worst, bool Breaks, IReadOnlyList<NumberChangeJson> Changes);

/// <summary>A facet on the flat and in space, in millimetres.</summary>
public sealed record FacetJson(string Piece, int Copy, IReadOnlyList<double[]> Flat, IReadOnlyList<double[]> Space);

/// <summary>The fold-up proof of a cover.</summary>
public sealed record FoldUpJson(bool Closes, double Gap, double Opening, double[] Size, IReadOnlyList<string> Problems, IReadOnlyList<FacetJson> Facets);

internal static class JudgementEndpoints
{
    public static void MapJudgement(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/own-figure", OwnFigureOf)
            .WithName("ownFigure").WithSummary("Holds a figure worked out on paper against a cover's own, and names the slip that explains a difference.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes.MapPost("/api/sensitivity", SensitivityOf)
            .WithName("sensitivity").WithSummary("How every cut size and opening moves when a measure is off by 1/4 in or 5 mm.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes.MapPost("/api/fold-up", FoldUpOf)
            .WithName("foldUp").WithSummary("Folds a cover up at its seams: the proof that it closes, and every facet flat and in space.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static Results<Ok<OwnFigureJson>, ProblemHttpResult> OwnFigureOf(OwnFigureRequestJson request)
    {
        var outcome = Drafter.Draft(request.Cover.ToInput());
        if (outcome.Draft is not { } draft)
        {
            return Refusals.Unprocessable(outcome.Checks);
        }

        var reading = EntryReader.Read(request.Figure, outcome.Reading.Unit);
        if (reading.Length is not { } figure)
        {
            return Refusals.Unprocessable([Check.Error("unreadable", $"Your figure: {reading.Problem}", "figure") with { Position = reading.Position }]);
        }

        if (OwnFigure.Judge(draft, request.For, figure) is not { } judgement)
        {
            return Refusals.Unprocessable([Check.Error("unknown-number", $"This cover has no number “{request.For}”. It has: {string.Join(", ", draft.Numbers().Select(number => number.For).Distinct())}.", "for")]);
        }

        var format = draft.Format;
        return TypedResults.Ok(new OwnFigureJson(
            judgement.Agrees,
            judgement.Difference.Millimetres,
            format.RoundedWithUnit(judgement.Difference),
            judgement.Number.Value.Millimetres,
            judgement.Number.Shown,
            judgement.Number.Expression,
            [.. judgement.Slips.Select(slip => new SlipJson(slip.Code, slip.Text, slip.Value.Millimetres, format.Rounded(slip.Value)))]));
    }

    private static Results<Ok<IReadOnlyList<SensitivityJson>>, ProblemHttpResult> SensitivityOf(DraftRequest request)
    {
        var input = request.ToInput();
        var outcome = Drafter.Draft(input);
        if (outcome.Draft is not { } draft)
        {
            return Refusals.Unprocessable(outcome.Checks);
        }

        IReadOnlyList<SensitivityJson> answer =
        [
            .. Sensitivity.Of(input).Select(measure => new SensitivityJson(
                measure.Measure,
                measure.Label,
                measure.Off.Millimetres,
                draft.Format.RoundedWithUnit(measure.Off),
                measure.Worst.Millimetres,
                measure.Breaks,
                [.. measure.Changes.Select(change => new NumberChangeJson(change.For, change.Name, change.Change.Millimetres, draft.Format.Rounded(change.Change)))])),
        ];
        return TypedResults.Ok(answer);
    }

    private static Results<Ok<FoldUpJson>, ProblemHttpResult> FoldUpOf(DraftRequest request)
    {
        var outcome = Drafter.Draft(request.ToInput());
        if (outcome.Draft is not { } draft)
        {
            return Refusals.Unprocessable(outcome.Checks);
        }

        var folded = FoldUp.Of(draft);
        return TypedResults.Ok(new FoldUpJson(
            folded.Holds,
            folded.Gap,
            folded.Opening,
            [folded.Size.X, folded.Size.Y, folded.Size.Z],
            folded.Problems,
            [.. folded.Facets.Select(facet => new FacetJson(facet.Piece, facet.Copy, [.. facet.Flat.Select(point => new[] { point.X, point.Y })], [.. facet.Corners.Select(place => new[] { place.X, place.Y, place.Z })]))]));
    }
}
