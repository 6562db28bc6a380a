using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Judgement;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;
using Wrapper.Core.Units;
using Wrapper.Web.Answers;
using Wrapper.Web.Planning;
using Wrapper.Web.Yardages;

namespace Wrapper.Web.Endpoints.Open;

/// <summary>The maker's own figure for the cloth of a whole job: “I make it 9¼ yd”.</summary>
internal static class OwnClothEndpoints
{
    /// <summary>What such a figure is for.</summary>
    public const string For = "cloth";

    public static async Task<Results<Ok<OwnFigureJson>, ProblemHttpResult>> Judge(
        OwnFigureRequestJson request,
        Planners planners,
        CancellationToken aborted
    )
    {
        if (request.Yardage is not { } asked)
        {
            return Refusals.Unprocessable([
                Check.Error("nothing-to-buy", "A figure for the cloth needs the yardage it is held against.", "yardage"),
            ]);
        }

        if (YardageRequests.Refusal(asked) is { } refusal)
        {
            return refusal;
        }

        if (asked.Cloth is null || ClothOf(asked.Cloth, request.Cloth) is not { } document)
        {
            return Refusals.Unprocessable([Check.Error("unknown-cloth", $"There is no cloth “{request.Cloth}” in this job.", "cloth")]);
        }

        var unit = JobUnits.Read(asked.Unit)!.Value;
        var figure = EntryReader.Read(request.Figure, unit.IsImperial() ? LengthUnit.Yard : LengthUnit.Metre);
        if (figure.Length is not { } length)
        {
            return Refusals.Unprocessable([JudgementEndpoints.Unreadable(figure)]);
        }

        var cloths = new AskedCloths(document, asked.Cloths, unit);
        if (cloths.Cloth is not { } cloth)
        {
            return Refusals.Unprocessable(cloths.Checks);
        }

        var covers = YardageRequests.Covers(asked, cloths, example: false);
        var buyer = new ClothBuyer(covers, unit, HouseRules.Readable(asked.HouseRules ?? [], unit));
        var yardage = await planners.Run(
            PlannerKind.Patient,
            goesOn => buyer.Buy(cloth, YardageRequests.StepsOf(asked), Planners.Limited(goesOn)),
            aborted
        );
        return OwnClothFigure.Judge(buyer, cloth, yardage, length) is { } judgement
            ? TypedResults.Ok(JudgementEndpoints.Answer(judgement, Signed, length => NotionBuyer.Running(length, unit)))
            : Refusals.Unprocessable([
                .. yardage.Checks,
                .. covers.SelectMany(cover =>
                    Drafter.Draft(ClothBuyer.OnCloth(cover.Input, cloth)).Checks.Where(check => check.Level == CheckLevel.Error)
                ),
                Check.Error("nothing-to-buy", "Nothing can be laid yet, so there is no figure to hold yours against.", "yardage"),
            ]);

        string Signed(Length difference) =>
            difference < Length.Zero ? "−" + NotionBuyer.Running(-difference, unit) : NotionBuyer.Running(difference, unit);
    }

    /// <summary>The cloth of this key, of those of the job; the one asked about where no key is said.</summary>
    private static ClothDocument? ClothOf(ClothDocument asked, string? key) =>
        key is null || key == (asked.Key ?? "")
            ? asked
            : (asked.Others ?? []).FirstOrDefault(other => other is not null && (other.Key ?? "") == key);
}
