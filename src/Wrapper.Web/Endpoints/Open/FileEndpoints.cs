using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Forms;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Jobs;
using Wrapper.Jobs.Files;
using Wrapper.Store;
using Wrapper.Web.Answers;
using Wrapper.Web.Planning;
using Wrapper.Web.Requests;
using Wrapper.Web.Stored;
using Wrapper.Web.Yardages;

namespace Wrapper.Web.Endpoints.Open;

/// <summary>A file that is asked for: what it shows, in which format, of which cover or, for lays and buying, of which yardage.</summary>
/// <param name="What"><c>patterns</c>, <c>cut-list</c>, <c>cut-cards</c>, <c>sewing-cards</c>, <c>lay</c> or <c>buying</c>.</param>
/// <param name="Format"><c>svg</c>, <c>dxf</c>, <c>csv</c> or <c>zip</c>.</param>
/// <param name="Cover">A cover to draft, for patterns, cut lists and sewing cards.</param>
/// <param name="Yardage">Covers on their cloth; all else may be had of it too.</param>
public sealed record FileRequestJson(
    [property: WordOf<FileContent>] string? What,
    [property: WordOf<FileFormat>] string? Format,
    CoverDocument? Cover,
    YardageRequestJson? Yardage
);

internal static class FileEndpoints
{
    /// <summary>Orders a lay is tried in: as many as the bench tries when the hand rests, so that the file shows the same lay.</summary>
    public const int Steps = 600;

    public static void MapFiles(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/files", Make)
            .WithName("files")
            .TakesTime()
            .WithSummary("Writes patterns, lays, lists and cards as SVG, DXF, CSV or ZIP.")
            .Produces<byte[]>(StatusCodes.Status200OK, "application/octet-stream")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes
            .MapGet("/api/jobs/{id}/files/{what}.{format}", OfJob)
            .WithName("jobFile")
            .TakesTime()
            .WithSummary("The same of a stored job.")
            .Produces<byte[]>(StatusCodes.Status200OK, "application/octet-stream")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Make(
        FileRequestJson request,
        Planners planners,
        CancellationToken aborted
    )
    {
        if (Pair(request.What, request.Format) is not { } pair)
        {
            return NoSuchPair(request.What, request.Format);
        }

        if (request.Yardage is { } yardage)
        {
            return YardageRequests.Refusal(yardage) is { } refusal
                ? refusal
                : await Handed(
                    pair,
                    planners,
                    new(
                        "Cover",
                        JobUnits.Read(yardage.Unit)!.Value,
                        yardage.HouseRules ?? [],
                        [.. yardage.Covers.Select((cover, place) => new JobPlanCover(cover.Key, cover.Cover, PieceCodes.Letter(place)))],
                        yardage.Cloth is { } own ? own : First(yardage.Cloths!),
                        []
                    )
                    {
                        Steps = yardage.Steps ?? Steps,
                    },
                    aborted
                );
        }

        if (request.Cover is not { } cover || NeedsLay(pair.What))
        {
            return Refused(
                NeedsLay(pair.What)
                    ? "A lay, its cut cards and a buying list are made of a yardage: say “yardage”."
                    : "Say what the file is made of: “cover” or “yardage”."
            );
        }

        var outcome = Proved.Draft(cover.ToInput());
        var name = FormCatalogue.Find(cover.Form)?.Label ?? "Cover";
        return outcome.Draft is { } draft
            ? Handed(
                pair,
                new()
                {
                    Title = "Cover",
                    Unit = outcome.Reading.Unit,
                    Covers = [new("A", name, draft)],
                    LeftOut = [],
                    BuyStep = default,
                    Sewn = pair.What == FileContent.SewingCards ? [SewnCover.Of("A", name, outcome)!] : [],
                }
            )
            : Refusals.Unprocessable(outcome.Checks);
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> OfJob(
        string id,
        string what,
        string format,
        JobStore store,
        WorkStore work,
        Planners planners,
        CancellationToken aborted
    )
    {
        if (Pair(what, format) is not { } pair)
        {
            return NoSuchPair(what, format);
        }

        if (StoredJobs.Find(store, id) is not { } job)
        {
            return Versions.Missing();
        }

        var entries = pair.What is FileContent.CutCards or FileContent.SewingCards ? StoredEntries.All(work, id) : [];
        var schools = StoredHouse.Schools(store);
        return await Handed(
            pair,
            planners,
            new(
                job.Name,
                JobUnits.Read(job.Unit)!.Value,
                StoredHouse.Rules(store),
                [
                    .. job.Covers.Select(cover => new JobPlanCover(
                        cover.Id,
                        pair.What == FileContent.SewingCards ? SchoolsOfCover.Said(cover.Cover, cover.Id, schools, entries) : cover.Cover,
                        cover.Letter
                    )),
                ],
                job.Cloth.Cloth,
                entries
            ),
            aborted
        );
    }

    /// <summary>Cloths by their keys as a job has them: the first carries the others.</summary>
    private static ClothDocument First(Dictionary<string, ClothDocument> cloths)
    {
        List<ClothDocument> all = [.. cloths.Where(cloth => cloth.Value is not null).Select(cloth => cloth.Value with { Key = cloth.Key })];
        return all[0] with { Others = [.. all.Skip(1)] };
    }

    /// <summary>Pieces are cut the same wherever they lie: only what shows or buys cloth takes a lay.</summary>
    private static bool NeedsLay(FileContent what) => what is FileContent.Lay or FileContent.Buying or FileContent.CutCards;

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Handed(
        (FileContent What, FileFormat Format) pair,
        Planners planners,
        JobAsked job,
        CancellationToken aborted
    ) =>
        Handed(
            pair,
            await planners.Run(PlannerKind.Patient, goesOn => job.Plan(pair.What, new(Planners.Limited(goesOn), planners.Lays)), aborted)
        );

    private static Results<FileContentHttpResult, ProblemHttpResult> Handed((FileContent What, FileFormat Format) pair, JobPlan plan)
    {
        if (plan.Covers.Count == 0)
        {
            return Refusals.Unprocessable([
                .. plan.Checks,
                Check.Error(
                    "nothing-drafted",
                    "No cover can be drafted yet: take its measures first, then there is something to write.",
                    null
                ),
            ]);
        }

        var file = OpenFiles.Write(pair.What, pair.Format, plan)!;
        return TypedResults.File(file.Content, file.Type, file.Name);
    }

    private static (FileContent What, FileFormat Format)? Pair(string? what, string? format) =>
        Words.Read<FileContent>(what) is { } content
        && Words.Read<FileFormat>(format) is { } written
        && OpenFiles.Offered.Contains((content, written))
            ? (content, written)
            : null;

    private static ProblemHttpResult NoSuchPair(string? what, string? format)
    {
        var offered = OpenFiles.Offered.GroupBy(pair => pair.What).Select(Named);
        return Refused($"“{what}” cannot be had as “{format}”. There are: {string.Join(", ", offered)}.");
    }

    private static string Named(IGrouping<FileContent, (FileContent What, FileFormat As)> offered) =>
        $"{offered.Key.Word()} as {string.Join(", ", offered.Select(one => one.As.Word()))}";

    private static ProblemHttpResult Refused(string text) =>
        TypedResults.Problem(text, statusCode: StatusCodes.Status422UnprocessableEntity);

    /// <summary>A job that a file is made of.</summary>
    private sealed record JobAsked(
        string Title,
        LengthUnit Unit,
        IReadOnlyDictionary<string, string> HouseRules,
        IReadOnlyList<JobPlanCover> Covers,
        ClothDocument Cloth,
        IReadOnlyList<WorkEntry> Work
    )
    {
        public int Steps { get; init; } = FileEndpoints.Steps;

        /// <summary>Works out what the file shows, and no more.</summary>
        public JobPlan Plan(FileContent what, LaySearching search)
        {
            var plan = JobPlan.Of(
                Title,
                Unit,
                HouseRules,
                Covers,
                Cloth,
                what is FileContent.Lay or FileContent.Buying ? Steps : null,
                search
            );
            return what switch
            {
                FileContent.CutCards => plan with
                {
                    Cutting = new JobCutting(Unit, HouseRules, Covers, Cloth, Work).Plan(isWrongSide: false, Steps, search.ShouldStop),
                },
                FileContent.SewingCards => Sewn(plan),
                _ => plan,
            };
        }

        /// <summary>The cards of each cover on the job’s cloths; one that has none there is named.</summary>
        private JobPlan Sewn(JobPlan plan)
        {
            var cards = Covers
                .Select(cover =>
                    (
                        Cover: cover,
                        Sewn: SewnCover.Of(
                            cover.Letter!,
                            JobPlan.NameOf(cover.Cover),
                            CoverInJob.Draft(cover.Cover, Cloth, Unit, HouseRules)
                        )
                    )
                )
                .ToList();
            return plan with
            {
                Sewn = [.. cards.Select(card => card.Sewn).OfType<SewnCover>()],
                LeftOut =
                [
                    .. cards.Where(card => card.Sewn is null).Select(card => JobPlan.LeftOutAs(card.Cover.Letter!, card.Cover.Cover)),
                ],
            };
        }
    }
}
