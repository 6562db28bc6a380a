using System.Diagnostics;
using System.Net.ServerSentEvents;
using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats;
using Wrapper.Web.Planning;

namespace Wrapper.Web.Endpoints;

internal static class YardageEndpoints
{
    private const int DefaultSteps = 60;
    private const int MostSteps = 20_000;
    internal const int CompareSteps = 12;
    private const int MostCloths = 40;

    /// <summary>What a keystroke asks for, and no more.</summary>
    private const int QuickSteps = 12;

    /// <summary>
    /// Orders of the plain lay that shows what meeting the pattern costs: as many as the bench tries when the hand rests.
    /// </summary>
    private const int PlainSteps = 600;

    public static void MapYardage(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/yardage", Buy)
            .WithName("yardage")
            .TakesTime()
            .KeepsAnswers()
            .WithSummary("Drafts all covers of a job for a cloth, lays them together and says what to buy.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapPost("/api/yardage/live", Look)
            .WithName("yardageLive")
            .TakesTime()
            .WithSummary(
                "Looks for a shorter lay, two minutes at the most: server-sent events “lay” with the first and every "
                    + "shorter one, “end” when nothing shorter is to be had. Who leaves stops it."
            )
            .Produces<YardageLiveJson>(StatusCodes.Status200OK, "text/event-stream")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<Results<Ok<YardageJson>, ProblemHttpResult>> Buy(
        YardageRequestJson request,
        Planners planners,
        CancellationToken aborted
    )
    {
        if (Refusal(request) is { } refusal)
        {
            return refusal;
        }

        var unit = JobUnit.Read(request.Unit)!.Value;
        return TypedResults.Ok(
            await planners.Run(
                KindOf(request),
                goesOn => Answer(request, unit, new(Limited(goesOn), Remembered(request, planners))),
                aborted
            )
        );
    }

    private static Results<ServerSentEventsResult<YardageLiveJson>, ProblemHttpResult> Look(
        YardageRequestJson request,
        Planners planners,
        CancellationToken left
    )
    {
        if (Refusal(request) is { } refusal)
        {
            return refusal;
        }

        var unit = JobUnit.Read(request.Unit)!.Value;
        if (request.Cloth is null)
        {
            return Refusals.Unprocessable([
                Check.Error("cloth-missing", "Say which cloth to lay: a shorter lay is looked for on one cloth at a time.", "cloth"),
            ]);
        }

        var asked = new AskedCloths(request.Cloth, request.Cloths, unit);
        return asked.Cloth is { } cloth
            ? TypedResults.ServerSentEvents(Lays(request, unit, cloth, asked, planners, left))
            : Refusals.Unprocessable(asked.Checks);
    }

    private static IAsyncEnumerable<SseItem<YardageLiveJson>> Lays(
        YardageRequestJson request,
        LengthUnit unit,
        ClothSpecification cloth,
        AskedCloths asked,
        Planners planners,
        CancellationToken left
    )
    {
        var house = HouseRules.Readable(request.HouseRules ?? [], unit);
        var buyer = new ClothBuyer(Covers(request, asked, example: false), unit, house);
        return Improving.Told<YardageLiveJson>(
            planners,
            (tell, goesOn) =>
                buyer.Buy(cloth, request.Steps is null ? int.MaxValue : StepsOf(request), Limited(goesOn), onShorter: shorter =>
                    tell(Live(shorter))
                )
                    is { Lay: not null } last
                    ? Live(last)
                    : null,
            left
        );

        YardageLiveJson Live(Yardage yardage) => new(LayJson.Of(yardage.Lay!), YardageWriting.Bought(yardage, unit, asked.Price, null)!);
    }

    /// <summary>What is missing in a request; null when nothing is.</summary>
    internal static ProblemHttpResult? Refusal(YardageRequestJson request)
    {
        if (
            JobUnit.Read(request.Unit) is null
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
    internal static int StepsOf(YardageRequestJson request) => Math.Max(1, request.Steps ?? DefaultSteps);

    /// <summary>A few orders of one lay are an answer to a keystroke.</summary>
    private static PlannerKind KindOf(YardageRequestJson request) =>
        StepsOf(request) <= QuickSteps && request.Compare != true ? PlannerKind.Quick : PlannerKind.Patient;

    /// <summary>Until the client leaves, but no longer than any lay may take.</summary>
    internal static Func<bool> Limited(Func<bool> goesOn)
    {
        var clock = Stopwatch.StartNew();
        return () => goesOn() || clock.Elapsed.TotalSeconds >= Planners.MostSeconds;
    }

    /// <summary>A lay of a few orders is there at once; only one that is looked for as long as a file’s is remembered.</summary>
    private static LayMemory? Remembered(YardageRequestJson request, Planners planners) =>
        StepsOf(request) >= FileEndpoints.Steps ? planners.Lays : null;

    private static YardageJson Answer(YardageRequestJson request, LengthUnit unit, LaySearching search)
    {
        var shouldStop = search.ShouldStop!;
        var house = HouseRules.Readable(request.HouseRules ?? [], unit);
        var asked = new AskedCloths(request.Cloth, request.Cloths, unit);
        if (request.Cloth is null)
        {
            return EveryCloth.Answer(request, asked, unit, house, search);
        }

        var answers = Answers(request, asked);
        if (asked.Cloth is not { } cloth)
        {
            return new(
                null,
                null,
                null,
                null,
                [],
                answers,
                false,
                [],
                [],
                [.. request.Covers.Select(cover => cover.Key)],
                [.. asked.Checks.Select(CheckJson.Of)],
                0,
                null,
                [],
                []
            );
        }

        var steps = StepsOf(request);
        var buyer = new ClothBuyer(Covers(request, asked, example: false), unit, house) { Lays = search.Lays };
        var yardage = buyer.Buy(cloth, steps, shouldStop);
        var example = yardage.Drafts.Count == 0 && request.Covers.Any(cover => cover.Example == true);
        if (example)
        {
            buyer = new(Covers(request, asked, example: true), unit, house);
            yardage = buyer.Buy(cloth, steps, shouldStop);
        }

        var widths =
            request.Compare == true
                ? buyer.Compare(cloth, yardage, SoldWidth.Offered(cloth, asked.Price, unit), CompareSteps, shouldStop)
                : [];
        var meets = PatternMeetings.Of(cloth, yardage);
        var matchings =
            request.Compare == true && cloth.HasPattern && yardage.Buy is not null
                ? Matched(buyer, cloth, yardage, Math.Max(steps, PlainSteps), shouldStop)
                : [];
        Length? matching =
            cloth.Repeats && matchings.GetValueOrDefault(MatchOver.None)?.Buy is { } plain ? yardage.Buy!.Value - plain.Value : null;
        return new(
            cloth.UsableWidth.Millimetres,
            LengthFormat.For(unit).Rounded(cloth.UsableWidth),
            YardageWriting.Bought(yardage, unit, asked.Price, matching),
            yardage.Lay is { } lay ? LayJson.Of(lay) : null,
            [.. yardage.Pieces.Select(piece => LaidPieceJson.Of(piece, cloth, yardage.Drafts))],
            answers,
            example,
            [.. widths.Select(width => YardageWriting.Width(width, unit))],
            YardageWriting.Shopping(buyer.OwnDrafts(cloth, yardage), buyer, unit),
            yardage.LeftOut,
            [
                .. asked
                    .Checks.Concat(yardage.Checks)
                    .Concat(
                        PatternMeetings.Checks(
                            meets,
                            key => NameOf(request, request.Covers.First(cover => cover.Key == key)),
                            LengthFormat.For(unit)
                        )
                    )
                    .Select(CheckJson.Of),
            ],
            yardage.Joins,
            new(
                [
                    .. cloth.Flaws.Select(flaw =>
                        new[] { flaw.Left!.Value.Millimetres, flaw.Right!.Value.Millimetres, flaw.From.Millimetres, flaw.To.Millimetres }
                    ),
                ],
                [
                    .. cloth.Remnants.Select(remnant => new RemnantLaidJson(
                        remnant.Id,
                        remnant.Width.Millimetres,
                        remnant.Length.Millimetres
                    )),
                ],
                cloth.Selvage.Millimetres
            ),
            [.. ClothBuyer.CutsOf(cloth, yardage).Select(stretch => YardageWriting.Cut(stretch, unit))],
            [.. buyer.OffcutsOf(cloth, yardage).Select(offcut => OffcutJson.Of(offcut, unit))]
        )
        {
            Print = YardageWriting.Print(cloth, yardage),
            Matchings = matchings
                .Where(one => one.Value.Buy is not null)
                .ToDictionary(one => one.Key.Word(), one => YardageWriting.FigureOf(one.Value, unit)),
            Meets =
            [
                .. meets.Select(meeting => new PatternMeetingJson(meeting.Cover, meeting.Seam, meeting.Off.Millimetres, meeting.Holds)),
            ],
        };
    }

    /// <summary>
    /// What the job takes by over what the pattern is matched; nothing is laid twice: a single cover is the whole set, and with motifs all
    /// pieces are one group.
    /// </summary>
    private static Dictionary<MatchOver, Yardage> Matched(
        ClothBuyer buyer,
        ClothSpecification cloth,
        Yardage yardage,
        int steps,
        Func<bool> shouldStop
    )
    {
        var isOneGroup = cloth.MotifAcross is not null || yardage.Drafts.Count == 1;
        MatchOver Asked(MatchOver over) => isOneGroup && over == MatchOver.Cover ? MatchOver.Set : over;
        var laid = new Dictionary<MatchOver, Yardage> { [Asked(cloth.MatchOver)] = yardage };
        return Enum.GetValues<MatchOver>()
            .ToDictionary(
                over => over,
                over =>
                {
                    if (!laid.TryGetValue(Asked(over), out var known))
                    {
                        laid[over] = known = buyer.Buy(cloth with { MatchOver = over, Pinned = [], Kept = [] }, steps, shouldStop);
                    }

                    return known;
                }
            );
    }

    /// <summary>What a cover is called where there are several; empty for the only one.</summary>
    private static string NameOf(YardageRequestJson request, YardageCoverJson cover) =>
        request.Covers.Count > 1 ? JobPlan.NameOf(cover.Cover) : "";

    /// <summary>The covers that are laid: those that are real, or the examples.</summary>
    internal static List<JobCover> Covers(YardageRequestJson request, AskedCloths asked, bool example) =>
        [
            .. request
                .Covers.Where(cover => (cover.Example ?? false) == example)
                .Select(cover => new JobCover(cover.Key, asked.In(cover.Cover, request.Unit, request.HouseRules), NameOf(request, cover))),
        ];

    /// <summary>What came of each cover whose draft is wanted.</summary>
    internal static Dictionary<string, CoverAnswerJson> Answers(YardageRequestJson request, AskedCloths asked)
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
