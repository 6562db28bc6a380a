using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Buying;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Units;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Documents;
using Wrapper.Jobs;
using Wrapper.Web.Answers;

namespace Wrapper.Web.Yardages;

/// <summary>What a request for yardage asks for, and what is missing in it.</summary>
internal static class YardageRequests
{
    private const int DefaultSteps = 60;
    private const int MostSteps = 20_000;
    private const int MostCloths = 40;

    /// <summary>What is missing in a request; null when nothing is.</summary>
    public static ProblemHttpResult? Refusal(YardageRequestJson request)
    {
        if (
            JobUnits.Read(request.Unit) is null
            || request.Covers is null
            || (request.Cloth is null && request.Cloths is not { Count: > 0 })
            || request.Covers.Any(cover => cover?.Key is null || cover.Cover is null)
        )
        {
            return TypedResults.Problem(
                "A unit (in, cm or mm), covers with their keys, and a cloth are asked for.",
                statusCode: StatusCodes.Status422UnprocessableEntity
            );
        }

        if (request.Steps is < 0 or > MostSteps)
        {
            return Refusals.Unprocessable([Check.Error("time-out-of-range", $"Steps are between 0 and {MostSteps}.", "steps")]);
        }

        if (request is { Cloth: { } cloth, Cloths: { Count: > 0 } cloths } && !cloths.ContainsKey(JobCloths.KeyOf(cloth)))
        {
            return Refusals.Unprocessable([
                Check.Error(
                    "unknown-cloth",
                    $"The cloth asked about, “{JobCloths.KeyOf(cloth)}”, is not among the cloths of the "
                        + $"job: {string.Join(", ", cloths.Keys)}.",
                    "cloth"
                ),
            ]);
        }

        if (request.Cloths?.Count > MostCloths)
        {
            return Refusals.Unprocessable([
                Check.Error(
                    "list-too-long",
                    $"There are {request.Cloths.Count} cloths: at most {MostCloths} can be laid together.",
                    "cloths"
                ),
            ]);
        }

        if (request.Covers.GroupBy(cover => cover.Key).Any(like => like.Count() > 1))
        {
            return TypedResults.Problem(
                "Two covers have the same key: keys have to be unique.",
                statusCode: StatusCodes.Status422UnprocessableEntity
            );
        }

        return null;
    }

    /// <summary>The orders tried.</summary>
    public static int StepsOf(YardageRequestJson request) => Math.Max(1, request.Steps ?? DefaultSteps);

    /// <summary>What a cover is called where there are several; empty for the only one.</summary>
    public static string NameOf(YardageRequestJson request, YardageCoverJson cover) =>
        request.Covers.Count > 1 ? JobPlan.NameOf(cover.Cover) : "";

    /// <summary>The covers that are laid: those that are real, or the examples.</summary>
    public static List<JobCover> Covers(YardageRequestJson request, AskedCloths asked, bool example) =>
        [
            .. request
                .Covers.Where(cover => (cover.Example ?? false) == example)
                .Select(cover => new JobCover(cover.Key, asked.In(cover.Cover, request.Unit, request.HouseRules), NameOf(request, cover))),
        ];

    /// <summary>What came of each cover whose draft is wanted.</summary>
    public static Dictionary<string, CoverAnswerJson> Answers(YardageRequestJson request, AskedCloths asked)
    {
        var answers = new Dictionary<string, CoverAnswerJson>();
        foreach (var cover in request.Covers.Where(cover => request.Drafts?.Contains(cover.Key) == true))
        {
            var input = asked.In(cover.Cover, request.Unit, request.HouseRules);
            var outcome = Proved.Draft(asked.Cloth is { } cloth ? ClothBuyer.OnCloth(input, cloth) : input);
            answers[cover.Key] = new(
                outcome.Draft is { } draft ? DraftResponse.Of(draft, outcome.Reading) : null,
                [.. outcome.Checks.Select(CheckJson.Of)],
                DraftResponse.ReadMeasures(outcome.Reading)
            );
        }

        return answers;
    }
}
